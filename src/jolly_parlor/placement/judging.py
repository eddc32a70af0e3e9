"""How what is heard is judged: over which band, and against what.

    T(f) = s log2(f / 100 Hz) + C(f),

s dB per octave (flat: 0) and C a curve from a file, straight between its points over log f and
level beyond its ends. Only its shape counts, since every response is aligned by its mean.
"""

from dataclasses import dataclass
from itertools import pairwise
from typing import Annotated, NamedTuple

import numpy as np
from annotated_types import Ge, Le, MaxLen

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.placement.loudspeakers import Label
from jolly_parlor.refused import Refused
from jolly_parlor.strict import STRICT
from jolly_parlor.units import with_minus
from jolly_parlor.words import tr

MOST_POINTS = 200
TAKES_TO_HZ = 700.0
"""As far as a take may be judged."""
_PIVOT_HZ = 100.0
_Hz = Annotated[float, Ge(20.0), Le(TAKES_TO_HZ)]
_Level = Annotated[float, Ge(-60.0), Le(60.0)]


@dataclass(frozen=True)
class Target:
    """What a response is held against; flat unless given."""

    __pydantic_config__ = STRICT

    slope_db_per_octave: Annotated[float, Ge(-6.0), Le(6.0)] = 0.0
    curve: Annotated[tuple[tuple[Annotated[float, Ge(1.0), Le(40_000.0)], _Level], ...],
                     MaxLen(MOST_POINTS)] = ()  # fmt: skip
    """Points (Hz, dB), ascending."""
    curve_name: str = ""

    def at(self, frequencies_hz: FloatArray) -> FloatArray:
        """T in dB at frequencies, of their shape."""
        x = np.log2(np.asarray(frequencies_hz) / _PIVOT_HZ)
        level = self.slope_db_per_octave * x
        if self.curve:
            hertz, db = np.array(self.curve).T
            level = level + np.interp(x, np.log2(hertz / _PIVOT_HZ), db)
        return np.asarray(level)

    @property
    def is_flat(self) -> bool:
        return not self.curve and self.slope_db_per_octave == 0

    @property
    def words(self) -> str:
        """`flat`, `a slope of −1.0 dB per octave`, `the curve “house.txt”`."""
        parts = (
            [tr("the curve “{curve_name}”", curve_name=self.curve_name or tr("from a file"))]
            if self.curve
            else []
        )
        if self.slope_db_per_octave:
            slope = with_minus(f"{self.slope_db_per_octave:+.1f}")
            parts.append(tr("a slope of {slope} dB per octave", slope=slope))
        return tr(" with ").join(parts) or tr("flat")


FLAT_TARGET = Target()


@dataclass(frozen=True)
class Judging:
    """The user's band and target. None for from_hz: from the lowest corner of what plays."""

    __pydantic_config__ = STRICT

    from_hz: Annotated[float, Ge(20.0), Le(150.0)] | None = None
    to_hz: Annotated[float, Ge(60.0), Le(300.0)] = 300.0
    takes_to_hz: _Hz | None = None
    """How far takes are judged; None as far as forecasts."""
    target: Target = FLAT_TARGET


USUAL_JUDGING = Judging()


class Judged(NamedTuple):
    """What `evenness.deviation` asks after a response."""

    low_hz: float
    high_hz: float
    target: Target = FLAT_TARGET


def judging_problem(judging: Judging) -> str:
    """What contradicts itself, in a sentence; empty for nothing."""
    low = judging.from_hz or 20.0
    for name, high in (("forecasts", judging.to_hz), ("takes", judging.takes_to_hz)):
        if high is not None and high < 2 * low:
            return tr(
                "The judged band of {name} would be {low:.0f} to {high:.0f} Hz; it "
                "needs an octave at least.",
                name=name,
                low=low,
                high=high,
            )
    hertz = [point[0] for point in judging.target.curve]
    if any(b <= a for a, b in pairwise(hertz)):
        return tr("The target curve's frequencies do not ascend.")
    return ""


def target_curve(frequencies_hz: FloatArray, level_db: FloatArray, name: Label) -> Target:
    """A target from what a file says, thinned to MOST_POINTS. Raises Refused for one that does not
    reach over an octave of 20 to 700 Hz, or varies by more than 60 dB.
    """
    inside = (frequencies_hz >= 20.0) & (frequencies_hz <= TAKES_TO_HZ)
    f, level = frequencies_hz[inside], level_db[inside]
    if f.size < 2 or f[-1] < 2 * f[0]:
        raise Refused(
            tr("“{name}” says too little between 20 and 700 Hz to be a target.", name=name)
        )
    if f.size > MOST_POINTS:
        at = np.geomspace(f[0], f[-1], MOST_POINTS)
        f, level = at, np.interp(np.log(at), np.log(f), level)
    level = level - level.mean()
    if np.max(np.abs(level)) > 60:
        raise Refused(
            tr("“{name}” varies by more than 60 dB; a target is a gentle curve.", name=name)
        )
    points = tuple((round(float(a), 2), round(float(b), 2)) for a, b in zip(f, level, strict=True))
    return Target(curve=points, curve_name=name)
