"""The take that would most help to choose: what each possible one would still teach.

A take of levels J with noise teaches the parameters C' = (C^-1 + J' W J)^-1. What counts is not
how much smaller C becomes but how much of the doubt about the choice it takes away: the variance of
the difference in Evenness between the best arrangement and another falls from g'Cg to g'C'g, and
the expected gain of the choice follows (`expected_gain_db`).
"""

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.fitting.draws import ENOUGH_DB, drawn_evenness
from jolly_parlor.fitting.evidence import SAMPLES_PER_BAND
from jolly_parlor.fitting.fit import SIGMA_DB, Fit
from jolly_parlor.fitting.posterior import (
    Believed,
    Figures,
    believe,
    expected_gain_db,
    figures,
    placing_of,
)
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.judging import Judged
from jolly_parlor.placement.mixes import BOTH, LEFT_ALONE, RIGHT_ALONE
from jolly_parlor.placement.setup import Setup
from jolly_parlor.words import tr

_SOURCES: dict[str, tuple[str, ...]] = {
    mix.id: mix.loudspeakers for mix in (BOTH, LEFT_ALONE, RIGHT_ALONE)
}
WORTH_DB = 0.05
"""Below this no take is worth an hour of lifting; common practice, no source."""


@dataclass(frozen=True)
class Candidate:
    """A take that could be made next."""

    arrangement: str
    source: str
    seat: str
    gain_db: float
    """By how much more even the choice is expected to turn out."""
    doubt_before_db: float
    doubt_after_db: float
    """Standard deviation of the gap between the best two that it concerns."""


@dataclass(frozen=True)
class Advice:
    """What to measure next, best first, and who the rivals are."""

    best: str
    rival: str
    """Empty where there is nothing to choose between."""
    probability: float
    """That the best truly is more even than the rival."""
    candidates: tuple[Candidate, ...]
    left_db: float = 0.0
    """What is expected to be lost by choosing now, against knowing the room."""

    @property
    def words(self) -> str:
        """The advice in a sentence or two."""
        if not self.rival:
            return tr("There is one arrangement only; nothing needs to be decided.")
        percent = min(max(round(100 * self.probability), 1), 99)
        sure = tr(
            "“{best}” beats “{rival}” with {percent} % probability.",
            best=self.best,
            rival=self.rival,
            percent=percent,
        )
        if not self.candidates or self.candidates[0].gain_db < WORTH_DB:
            left = max(self.left_db, 0.05)
            if left > ENOUGH_DB:
                return tr(
                    "{sure} No take of these would settle it; {left:.1f} dB may be left.",
                    sure=sure,
                    left=left,
                )
            return tr(
                "{sure} Stop here: the best of what is left is within {left:.1f} dB.",
                sure=sure,
                left=left,
            )
        first = self.candidates[0]
        who = {"left": tr("the left monitor"), "right": tr("the right monitor")}.get(
            first.source,
            tr("both monitors")
            if first.source == "both"
            else tr("the {source}", source=first.source),
        )
        return tr(
            "{sure} Measure {who} of “{arrangement}” at the {seat}: the doubt "
            "between the two falls from {doubt_before_db:.1f} to "
            "{doubt_after_db:.1f} dB, and the choice is expected to turn out "
            "{gain_db:.2f} dB more even.",
            sure=sure,
            who=who,
            arrangement=first.arrangement,
            seat=first.seat,
            doubt_before_db=first.doubt_before_db,
            doubt_after_db=first.doubt_after_db,
            gain_db=first.gain_db,
        )


def next_takes(
    fit: Fit,
    arrangements: Sequence[Arrangement],
    seat: str,
    judged: Judged,
    measured: Sequence[tuple[str, str, str]] = (),
) -> Advice:
    """Which take of these arrangements would help most to choose among them at a seat; it may be
    made at any of their seats.

    measured: arrangement, source and seat of takes already made; they are not asked for again.
    """
    seats = [seat, *(name for name in arrangements[0].seats if name != seat)]
    asked = [(a, where, who) for a in arrangements for where in seats for who in _SOURCES]
    room, gear = fit.surveyed, fit.gear
    whole = believe(
        fit, [placing_of(Setup(room, gear, a), where, _SOURCES[who]) for a, where, who in asked]
    )
    # Of each arrangement, both monitors at the seat that the choice is for come first.
    believed = _part(whole, slice(0, None, len(seats) * len(_SOURCES)))
    told = figures(believed, judged)
    order = np.argsort(told.evenness_db)
    best = int(order[0])
    if len(order) < 2:
        return Advice(arrangements[best].name, "", 1.0, ())
    rivals = [int(n) for n in order[1:]]
    # The rival is whoever most probably betters the best.
    rival = max(rivals, key=lambda n: told.better(n, best))
    found = []
    for row, (a, where, who) in enumerate(asked):
        if (a.name, who, where) not in measured:
            after = _taught(whole.covariance, whole.slopes[row])
            found.append(_candidate(told, after, best, rivals, a.name, who, where))
    found.sort(key=lambda c: (-round(c.gain_db, 4), c.seat != seat, c.source != "both"))
    names = arrangements[best].name, arrangements[rival].name
    left = drawn_evenness(fit, arrangements, seat, BOTH, judged).left_db
    return Advice(*names, told.better(best, rival), tuple(found), left)


def _part(of: Believed, rows: slice) -> Believed:
    return Believed(of.level_db[rows], of.sigma_db[rows], of.slopes[rows], of.covariance)


def _taught(covariance: FloatArray, slopes: FloatArray) -> FloatArray:
    """The covariance after a take with these slopes."""
    noise = SIGMA_DB**2 * SAMPLES_PER_BAND
    information = slopes.T @ slopes / noise
    unit = np.eye(covariance.shape[0])
    return np.asarray(np.linalg.solve(unit + covariance @ information, covariance))


def _candidate(
    told: Figures,
    after: FloatArray,
    best: int,
    rivals: Sequence[int],
    arrangement: str,
    source: str,
    seat: str,
) -> Candidate:
    gains = []
    for rival in rivals:
        g = told.slopes[best] - told.slopes[rival]
        before = told.gap_sigma_db(best, rival)
        left = float(np.sqrt(max(g @ after @ g, 0.0)))
        learnt = float(np.sqrt(max(before**2 - left**2, 0.0)))
        gap = float(told.evenness_db[rival] - told.evenness_db[best])
        gains.append((expected_gain_db(gap, learnt), before, left))
    gain, before, left = max(gains)
    return Candidate(arrangement, source, seat, gain, before, left)
