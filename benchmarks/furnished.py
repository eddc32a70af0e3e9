"""How right and how quick rooms of other plans and rooms with things in them are worked out.

Run from the repository: `.venv/bin/python benchmarks/furnished.py`. Prints the error against the
independent solutions in tests/data, and the seconds that the modes of a furnished room of 55 m3,
its tables, one moved source, one map, a search and a fit take, and the most memory held. Asserts
nothing.
"""

import json
import os
import resource
import tempfile
import time
from dataclasses import replace
from pathlib import Path

import numpy as np

from jolly_parlor.acoustics.fields.field_of_room import room_field
from jolly_parlor.acoustics.fields.modal_field import ModalField
from jolly_parlor.acoustics.geometry.usual_things import usual_thing
from jolly_parlor.analysis.cases import compute_case
from jolly_parlor.analysis.room_fit import fit_document
from jolly_parlor.app.samples import DEMO, SAMPLES
from jolly_parlor.placement.evenness import GRID_HZ
from jolly_parlor.placement.search.coarse_pass import weigh
from jolly_parlor.placement.search.search import search
from jolly_parlor.placement.search.space import Space, spaces
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.project.files import open_document

DATA = Path(__file__).parents[1] / "tests" / "data"


def cases() -> None:
    """Errors of every case."""
    for name in ("box_small", "box_mid", "l_shape", "furnished_a", "furnished_b"):
        path = DATA / f"{name}.json"
        case, begun = json.loads(path.read_text()), time.perf_counter()
        found = compute_case(path)
        seconds = time.perf_counter() - begun
        errors = np.array(
            [
                20 * np.log10(np.abs(found.pressures[row["source"], row["receiver"]]))
                - row["level_db"]
                for row in case["responses"]
            ]
        )
        errors = np.abs(errors)
        low = errors[:, found.frequencies_hz <= 200]
        print(
            f"{name:12} to 200 Hz {np.median(low):.3f} dB median, {np.percentile(low, 90):.2f} "
            f"90th percentile; to 300 Hz {np.median(errors):.3f}, {np.percentile(errors, 90):.2f}; "
            f"{seconds:.1f} s"
        )


def demo_room() -> None:
    """The demo's room with a bookcase and a sofa."""
    room = open_document(DEMO).room
    room = replace(room, things=(usual_thing(room, "bookcase"),))
    sofa = replace(usual_thing(room, "sofa"), x=1.8)
    room = replace(room, things=(*room.things, sofa))
    begun = time.perf_counter()
    field = ModalField(room, GRID_HZ)
    modes = time.perf_counter()
    field.prepare()
    tables = time.perf_counter()
    ear = np.array([1.9, 2.0, 1.2])
    field.transfer(np.array([1.2, 0.6, 1.2]), ear)
    moves = []
    for move in range(60):
        at = time.perf_counter()
        field.transfer(np.array([1.2 + 0.003 * move, 0.6, 1.2]), ear)
        moves.append(time.perf_counter() - at)
    at = time.perf_counter()
    field.decimated(2).spread(ear, 1.2, np.linspace(0.2, 3.6, 24), np.linspace(0.2, 5.4, 35))
    spread = time.perf_counter() - at
    print(
        f"55 m3, bookcase and sofa: modes {modes - begun:.1f} s (aim 20), tables "
        f"{tables - modes:.1f} s, a moved source {1000 * np.median(moves):.1f} ms, "
        f"first map {spread:.1f} s; {field.solver.basis.eigenvalues.size} modes"
    )


def bare_prism() -> None:
    """The loft's plan at 55 m3 with nothing in it."""
    room = open_document(SAMPLES["loft"]).room
    room = replace(room, things=(), height=55.0 / room.floor_area)
    begun = time.perf_counter()
    field = ModalField(room, GRID_HZ)
    modes = field.solver.basis.eigenvalues.size
    print(f"55 m3, L-shaped, empty: {modes} modes {time.perf_counter() - begun:.1f} s (aim 2)")


def searched() -> None:
    """The furnished demo room, modes known: the coarse pass of a fine grid, then a whole search."""
    document = open_document(SAMPLES["kiln"])
    room, gear, wishes = document.room, document.gear, Wishes(subwoofers="stay")
    room_field(room, GRID_HZ)
    grids = spaces(room, gear, wishes, 0.0166)
    weigh([Space.of(room, gear, wishes, 0.1)])  # compiled
    begun = time.perf_counter()
    weighed = weigh(grids, 500, 0.06)
    seconds = time.perf_counter() - begun
    print(f"coarse pass: {weighed.evaluated / 1e6:.2f} million in {seconds:.1f} s (aim 1 in 20)")
    begun = time.perf_counter()
    found = search(room, gear, document.arrangements[0], wishes)
    seconds = time.perf_counter() - begun
    print(f"whole search: {found.evaluated / 1e6:.2f} million in {seconds:.1f} s")


def fitted() -> None:
    """Six takes of the furnished demo room, modes known."""
    document = open_document(SAMPLES["kiln"])
    six = [t for t in document.takes if t.info.source in ("left", "right")][:6]
    begun = time.perf_counter()
    fit = fit_document(replace(document, takes=tuple(six)))
    seconds = time.perf_counter() - begun
    print(f"fit of six takes: {seconds:.1f} s (aim 30), residual {fit.residual_db:.2f} dB")


if __name__ == "__main__":
    with tempfile.TemporaryDirectory() as empty:
        os.environ["XDG_CACHE_HOME"] = empty
        cases()
        demo_room()
        bare_prism()
        searched()
        fitted()
        most = resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1e6
        print(f"at most {most:.2f} GB of memory (aim 1.5)")
