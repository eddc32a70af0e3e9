"""Rooms that fit the takes, drawn from the posterior, and what each says of arrangements.

A best guess alone believes itself. Here many rooms that fit about as well are drawn, each with the
model's own error as a curve that varies slowly over frequency, and an arrangement counts by what is
expected of it over all of them and by how often it stays good.
"""

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.fitting.evidence import FIT_HZ, Placing
from jolly_parlor.fitting.fit import Fit
from jolly_parlor.fitting.posterior import (
    believe,
    judged_of_fit,
    own_error_db,
    placing_of_mix,
)
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.evenness import joined_square, shape_db
from jolly_parlor.placement.gear import PAIR, Gear
from jolly_parlor.placement.judging import Judged
from jolly_parlor.placement.mixes import Mix, judged_band, with_subwoofers

DRAWS = 60
GOOD_DB = 0.3
"""So near the best of a drawn room an arrangement counts as good there: what a centimetre changes
(common practice, no source).
"""
ENOUGH_DB = 0.2
"""With no more to lose than this nobody needs another take (common practice, no source)."""
_SLOWLY_OCTAVES = 0.25
_SEED = 2026


@dataclass(frozen=True, eq=False)
class Drawn:
    """What rooms that fit the takes say of some arrangements, dB from even up to 200 Hz."""

    likeliest_db: FloatArray
    """In the fitted room itself, (arrangements,)."""
    figures_db: FloatArray
    """In each room drawn, (draws, arrangements)."""

    @property
    def expected_db(self) -> FloatArray:
        """The mean over the rooms, (arrangements,)."""
        return np.asarray(self.figures_db.mean(axis=0))

    @property
    def dearer_db(self) -> FloatArray:
        """By how much more is expected than the fitted room says, (arrangements,): more for what is
        good only if that room is right.
        """
        return np.asarray(self.expected_db - self.likeliest_db)

    @property
    def agreeing(self) -> FloatArray:
        """In what share of the rooms each is the best of them, or as good, (arrangements,)."""
        best = self.figures_db.min(axis=1, keepdims=True)
        return np.asarray(np.mean(self.figures_db <= best + GOOD_DB, axis=0))

    @property
    def left_db(self) -> float:
        """What is expected to be lost by taking the one expected best, against knowing the room."""
        chosen = self.figures_db[:, int(np.argmin(self.expected_db))]
        return float(np.mean(chosen - self.figures_db.min(axis=1)))


def drawn_search(fit: Fit, arrangements: Sequence[Arrangement], gear: Gear) -> Drawn:
    """As the search judges: all that plays and each side with the subwoofers, at the main ear."""
    mix, seat = with_subwoofers(gear), gear.seats[0].name
    subs = tuple(name for name in mix.loudspeakers if name not in PAIR)
    placings = []
    for a in arrangements:
        case = fit.case(a, seat, mix)
        placings.append(placing_of_mix(case))
        placings += [placing_of_mix(case, (side, *subs)) for side in PAIR]

    def figures(level_db: FloatArray) -> FloatArray:
        whole, left, right = level_db[..., 0::3, :], level_db[..., 1::3, :], level_db[..., 2::3, :]
        all_, one, other = (shape_db(part) ** 2 for part in (whole, left, right))
        gap = np.mean((left - right) ** 2, axis=-1)
        return np.asarray(np.sqrt(joined_square(all_, one, other, gap)))

    found, drawn = _levels(fit, placings, judged_band(gear, mix))
    return Drawn(figures(found), figures(drawn))


def drawn_evenness(
    fit: Fit, arrangements: Sequence[Arrangement], seat: str, mix: Mix, judged: Judged
) -> Drawn:
    """Evenness of a mix at a seat's ear centre."""
    placings = [placing_of_mix(fit.case(a, seat, mix)) for a in arrangements]
    found, drawn = _levels(fit, placings, judged)
    return Drawn(shape_db(found), shape_db(drawn))


def _levels(fit: Fit, placings: list[Placing], judged: Judged) -> tuple[FloatArray, FloatArray]:
    """Levels above the target (placings, frequencies), and the same for each draw."""
    believed = believe(fit, placings)
    band = judged_of_fit(judged)
    level, slopes = believed.level_db[:, band], believed.slopes[:, band]
    rng = np.random.default_rng(_SEED)
    values, ways = np.linalg.eigh(believed.covariance)
    spread = ways * np.sqrt(np.maximum(values, 0.0))
    moved = rng.normal(size=(DRAWS, values.size)) @ spread.T
    drawn = level + np.einsum("tfi,di->dtf", slopes, moved, optimize=True)
    target = judged.target.at(FIT_HZ[band])
    drawn = drawn + _slow_errors(rng, FIT_HZ[band], (DRAWS, len(placings))) * own_error_db(fit)
    return level - target, np.asarray(drawn - target)


def _slow_errors(rng: np.random.Generator, f: FloatArray, shape: tuple[int, int]) -> FloatArray:
    """Curves of variance 1 that vary slowly over the logarithm of frequency, (*shape, f)."""
    apart = np.log2(f[:, None] / f[None, :]) / _SLOWLY_OCTAVES
    values, ways = np.linalg.eigh(np.exp(-(apart**2) / 2))
    return np.asarray(rng.normal(size=(*shape, f.size)) @ (ways * np.sqrt(np.maximum(values, 0))).T)
