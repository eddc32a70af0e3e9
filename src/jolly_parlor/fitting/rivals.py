"""Can the best truly be told from the others, given what the fit leaves open?"""

from collections.abc import Sequence

import numpy as np

from jolly_parlor.fitting.fit import Fit
from jolly_parlor.fitting.posterior import Figures, believe, figures, placing_of
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import PAIR, Gear
from jolly_parlor.placement.mixes import BOTH, judged_band

SURE = 0.8
"""Less probable than this, two count as not to be told apart."""


def figures_of(fit: Fit, arrangements: Sequence[Arrangement], seat: str, low_hz: float) -> Figures:
    """Both monitors' Evenness from low_hz to 200 Hz at a seat, in the fitted room."""
    placings = [placing_of(a, seat, PAIR) for a in arrangements]
    return figures(believe(fit, placings), low_hz)


def first_beats(
    fit: Fit, arrangements: Sequence[Arrangement], seat: str, low_hz: float
) -> list[float]:
    """How probable it is that the first is more even than each of the others, 0 to 1."""
    if len(arrangements) < 2:
        return []
    told = figures_of(fit, arrangements, seat, low_hz)
    return [told.better(0, n) for n in range(1, len(arrangements))]


def rivals_among(fit: Fit | None, proposals: Sequence[tuple[Arrangement, int]], gear: Gear) -> str:
    """Whether the first of a search's proposals can be told from the others that face the same
    wall; empty without a fit, or where the first faces another wall than the takes were made in.
    """
    same = [a for a, turns in proposals if turns == 0]
    if fit is None or len(same) < 2 or proposals[0][1]:
        return ""
    names = [f"proposal {n}" for n, (_, turns) in enumerate(proposals, start=1) if turns == 0]
    low = judged_band(gear, BOTH)[0]
    return rivals_words(names, first_beats(fit, same, gear.seats[0].name, low))


def cautious_order(
    fit: Fit, proposals: Sequence[tuple[Arrangement, int, float]], gear: Gear
) -> list[int]:
    """Indices of a search's proposals (places, turns of the room, figure in dB), best first when
    each counts with its doubt: its figure plus one standard deviation of its Evenness in the fitted
    room. A lead smaller than the doubt does not win. Proposals that face another wall than the
    takes were made in have no doubt known and count with the largest of the others.
    """
    same = [n for n, (_, turns, _) in enumerate(proposals) if turns == 0]
    doubts = np.zeros(len(proposals))
    if same:
        low = judged_band(gear, BOTH)[0]
        told = figures_of(fit, [proposals[n][0] for n in same], gear.seats[0].name, low)
        doubts[:] = max(told.sigma_db(k) for k in range(len(same)))
        doubts[same] = [told.sigma_db(k) for k in range(len(same))]
    return sorted(range(len(proposals)), key=lambda n: proposals[n][2] + float(doubts[n]))


def rivals_words(names: Sequence[str], beats: Sequence[float]) -> str:
    """Who cannot be told from the first, or how surely it leads."""
    if not beats:
        return ""
    close = [name for name, p in zip(names[1:], beats, strict=True) if 1 - SURE < p < SURE]
    worse = [name for name, p in zip(names[1:], beats, strict=True) if p <= 1 - SURE]
    if worse:
        return f"In the fitted room below 200 Hz {worse[0]} is more even than {names[0]}."
    if close:
        listed = ", ".join(close[:3])
        return (
            f"Below 200 Hz {names[0]} cannot be told from {listed} in the fitted room: choose by "
            "what they cost."
        )
    percent = min(round(100 * min(beats)), 99)
    return f"Below 200 Hz {names[0]} leads with {percent} % probability or more."
