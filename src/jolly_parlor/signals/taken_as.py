"""What a column of numbers may be taken for, so that whoever imports it can say so."""

from math import pi

from jolly_parlor.signals.headings import Column
from jolly_parlor.words import tr

TAKEN_AS: dict[str, tuple[str, Column]] = {
    "hz": (tr("frequency in Hz"), Column("frequency")),
    "khz": (tr("frequency in kHz"), Column("frequency", "", 1000.0)),
    "rad/s": (tr("frequency in rad/s"), Column("frequency", "", 1 / (2 * pi))),
    "db": (tr("level in dB"), Column("level", "db")),
    "factor": (tr("level as a factor"), Column("level", "linear")),
    "pa": (tr("level in Pa"), Column("level", "pascal")),
    "mpa": (tr("level in mPa"), Column("level", "pascal", 1e-3)),
    "power": (tr("level as power"), Column("level", "power")),
    "deg": (tr("phase in degrees"), Column("phase", "deg")),
    "rad": (tr("phase in radians"), Column("phase", "rad")),
    "real": (tr("real part"), Column("real")),
    "imaginary": (tr("imaginary part"), Column("imaginary")),
    "time": (tr("time"), Column("time")),
    "unused": (tr("not used"), Column("other")),
}
"""By id: in words, and as a column without a title."""
_USUAL = ("hz", "db", "deg")


def taken_as(column: Column) -> str:
    """The id of what a column was taken for; the usual unit where it says none."""
    usual = {"level": "db", "phase": "deg"}.get(column.role, "unused")
    for name, (_, one) in TAKEN_AS.items():
        if (one.role, one.unit, one.factor) == (column.role, column.unit, column.factor):
            return name
    return usual


def usual_columns(count: int) -> tuple[str, ...]:
    """What so many columns are taken for where nothing is known of them."""
    return (*_USUAL, *["unused"] * count)[:count]
