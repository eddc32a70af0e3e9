"""How right and how quick rooms of other plans and rooms with things in them are worked out.

Run from the repository: `.venv/bin/python benchmarks/furnished.py`. Prints the error against the
independent solutions in tests/data, and the seconds that the modes of a furnished room of 55 m3,
its tables, one moved source and one map take. Asserts nothing.
"""

import json
import time
from dataclasses import replace
from pathlib import Path

import numpy as np

from jolly_parlor.acoustics.modal_field import ModalField
from jolly_parlor.acoustics.usual_things import usual_thing
from jolly_parlor.app.commands import DEMO
from jolly_parlor.placement.evenness import GRID_HZ
from jolly_parlor.project.cases import compute_case
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
    field.thinned(2).spread(ear, 1.2, np.linspace(0.2, 3.6, 24), np.linspace(0.2, 5.4, 35))
    spread = time.perf_counter() - at
    print(
        f"55 m3, bookcase and sofa: modes {modes - begun:.1f} s (aim 20), tables "
        f"{tables - modes:.1f} s, a moved source {1000 * np.median(moves):.1f} ms, "
        f"first map {spread:.1f} s; {field.solver.basis.eigenvalues.size} modes"
    )


if __name__ == "__main__":
    cases()
    demo_room()
