"""Edits of how what is heard is judged."""

from dataclasses import replace
from pathlib import Path

from jolly_parlor.placement.gear import gear_problems
from jolly_parlor.placement.judging import Judging, Target, target_curve
from jolly_parlor.project.checked_edit import done, refuse
from jolly_parlor.project.document import Document
from jolly_parlor.signals.reading import read_curve
from jolly_parlor.validity import faults
from jolly_parlor.words import tr


def set_judging(document: Document, judging: Judging) -> Document:
    """Judge over another band or against another target; nothing that was measured changes."""
    gear = replace(document.gear, judging=judging)
    refuse(faults(gear) or gear_problems(gear))
    changed = replace(document, gear=gear)
    return done(document, changed, "gear", tr("Judged {words_of}.", words_of=words_of(judging)))


def read_target(path: Path, slope_db_per_octave: float = 0.0) -> Target:
    """A target curve from a text of frequencies and levels. Raises Refused."""
    found = target_curve(*read_curve(path), path.name[:60])
    return replace(found, slope_db_per_octave=slope_db_per_octave)


def words_of(judging: Judging) -> str:
    """`from the lowest corner to 300 Hz, takes to 700 Hz, against flat`."""
    low = (
        tr("the lowest corner")
        if judging.from_hz is None
        else tr("{from_hz:.0f} Hz", from_hz=judging.from_hz)
    )
    takes = (
        tr(", takes to {takes_to_hz:.0f} Hz", takes_to_hz=judging.takes_to_hz)
        if judging.takes_to_hz
        else ""
    )
    return tr(
        "from {low} to {to_hz:.0f} Hz{takes}, against {words}",
        low=low,
        to_hz=judging.to_hz,
        takes=takes,
        words=judging.target.words,
    )
