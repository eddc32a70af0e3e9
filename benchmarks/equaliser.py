"""What the equaliser foretells against what a take as set then finds, in the hidden rooms of the
simulated studio: The Kiln Room without its subwoofer, the pair alone at three points of the head,
trims and sections from these, all set at full strength, and measured.

Run from the repository: `.venv/bin/python benchmarks/equaliser.py [SEEDS]` (half a minute a room).
"""

import sys
import time
from dataclasses import replace
from pathlib import Path

from jolly_parlor.analysis.equaliser_check import equaliser_check
from jolly_parlor.analysis.equalising import applied, equalise
from jolly_parlor.placement.evenness import evenness
from jolly_parlor.placement.mixes import BOTH_AS_SET
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import read_survey
from jolly_parlor.project.gear_edits import set_gear
from jolly_parlor.project.staging import stage_of
from jolly_parlor.project.take_edits import add_measured
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.studio.one_take import Settings, measure
from jolly_parlor.studio.simulated import SimulatedStudio

EXAMPLE = Path(__file__).resolve().parent.parent / "examples" / "kiln-room.json"
SETTINGS = Settings(Sweep(seconds=2.0), sweeps=2)
NAME = "A third"


def pair_alone() -> Document:
    """The demo's survey with its pair only, nothing set."""
    document = read_survey(EXAMPLE)
    pair = tuple(one for one in document.gear.loudspeakers if not one.is_subwoofer)
    bare = set_gear(document, replace(document.gear, loudspeakers=pair))
    return replace(bare, arrangements=tuple(replace(a, chains={}) for a in bare.arrangements))


def with_take(document: Document, studio: SimulatedStudio, source: str, point: str) -> Document:
    """The document with one more take at the desk."""
    stage = stage_of(document, document.arrangement(NAME), "desk", point)  # type: ignore[arg-type]
    found = measure(studio, SETTINGS, source, stage, studio.calibration())
    where = (NAME, source, "desk", point)
    return add_measured(document, found, studio, SETTINGS, "mic", *where)  # type: ignore[arg-type]


def main() -> None:
    """A line a room."""
    seeds = int(sys.argv[1]) if len(sys.argv) > 1 else 4
    print("seed  sections  before  foretold  measured  gap  noise  seconds to find")
    for seed in range(1, seeds + 1):
        document = pair_alone()
        studio = SimulatedStudio(document.room, seed)
        for point in ("centre", "left", "back"):
            for side in ("left", "right"):
                document = with_take(document, studio, side, point)
        begun = time.perf_counter()
        found = equalise(document, NAME, measured=True)
        seconds = time.perf_counter() - begun
        document = applied(document, found, 1.0)
        document = with_take(document, studio, BOTH_AS_SET.id, "centre")
        checked = equaliser_check(document, NAME)
        assert checked.before is not None
        figures = [
            evenness(d).value_db for d in (checked.before, checked.foretold, checked.measured)
        ]
        cells = "  ".join(f"{value:8.2f}" for value in figures)
        count = len(found.corrections[0].sections)
        print(
            f"{seed:4d}  {count:8d}  {cells}  {checked.gap_db:.2f}  {checked.noise_db:.2f}  "
            f"{seconds:.1f}",
            flush=True,
        )


if __name__ == "__main__":
    main()
