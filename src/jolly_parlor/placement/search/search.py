"""The search from end to end: weigh the grid, look closely, refine, propose a distinct few."""

import time
from collections.abc import Callable
from dataclasses import dataclass, replace

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.room import Room
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.evenness import evenness, mismatch_db
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.search.closely import CloseLook
from jolly_parlor.placement.search.space import Limits, Space
from jolly_parlor.placement.search.weighing import Progress, weigh

USUAL_STEP = 0.025
"""Metres; the trade's own step when fine-tuning (common practice, no source)."""

_APART_METRES = 0.30
_CLOSE_LOOKS, _REFINED, _TRIES = 24, 6, 22
_OFF_METRES = 0.05


@dataclass(frozen=True)
class Proposal:
    """One place worth trying, with what it gains and what it risks."""

    arrangement: Arrangement
    figure_db: float
    """J over the head volume (see `closely`)."""
    evenness_db: float
    """Evenness of both monitors at the ear, as shown everywhere else."""
    left_right_db: float
    off_by_5cm_db: float
    absorption_off_db: float
    moved_metres: float | None
    """The farthest that a monitor or the seat moves from the present arrangement."""

    @property
    def words(self) -> str:
        """What it risks, in a sentence."""
        off, guess = self.off_by_5cm_db, self.absorption_off_db
        return (
            f"5 cm off costs at most {max(off, 0.0):.1f} dB; with the absorption guess wrong by "
            f"half it changes by {guess:+.1f} dB."
        )


@dataclass(frozen=True)
class Found:
    """What a search brought."""

    evaluated: int
    seconds: float
    step: float
    cancelled: bool
    present_db: float | None
    """J of the present arrangement, for comparison."""
    proposals: tuple[Proposal, ...]


def search(
    room: Room,
    gear: Gear,
    present: Arrangement | None = None,
    limits: Limits | None = None,
    step: float = USUAL_STEP,
    most: int = 5,
    progress: Progress | None = None,
    cancelled: Callable[[], bool] = lambda: False,
) -> Found:
    """Search monitors and seat on the room's middle line. The same call gives the same answer.

    Subwoofers and other seats stay where `present` has them. A cancelled search returns the best of
    what it weighed. Raises ValueError where nothing fits.
    """
    begun = time.monotonic()
    limits = limits or Limits()
    space = Space.of(room, gear, limits, step)
    weighed = weigh(space, progress=progress, cancelled=cancelled)
    look = CloseLook(room, gear, limits)
    places = distinct(weighed.places, _APART_METRES, _CLOSE_LOOKS)
    ranked = sorted(places, key=lambda place: look.figure_at(place, present))
    if not cancelled():
        closer = [look.refined(place, present, _TRIES) for place in ranked[:_REFINED]]
        ranked = sorted(
            [*closer, *ranked[_REFINED:]], key=lambda place: look.figure_at(place, present)
        )
    chosen = distinct(np.array(ranked).reshape(-1, 4), _APART_METRES, most)
    arrangements = [look.arrangement(place, present) for place in chosen]
    proposals = _proposals(look, arrangements, present)
    own = look.figure(present, quick=False) if present is not None else None
    return Found(
        weighed.evaluated,
        time.monotonic() - begun,
        step,
        weighed.cancelled,
        own,
        tuple(proposals),
    )


def distinct(places: FloatArray, apart: float, most: int) -> list[FloatArray]:
    """The first few places, in order, that differ from all before by `apart` metres or more in
    monitor distance, seat distance or spacing.
    """
    chosen: list[FloatArray] = []
    for place in places:
        seat = place[0] + place[1]
        near = (
            max(abs(place[0] - p[0]), abs(seat - p[0] - p[1]), abs(place[2] - p[2])) < apart
            for p in chosen
        )
        if not any(near):
            chosen.append(place)
            if len(chosen) == most:
                break
    return chosen


def _proposals(
    look: CloseLook, arrangements: list[Arrangement], present: Arrangement | None
) -> list[Proposal]:
    guesses = look.absorption_off(arrangements)
    found = []
    for arrangement, guess in zip(arrangements, guesses, strict=True):
        ear = arrangement.seats[look.seat]
        forecast = look.forecaster.at(replace(arrangement, subwoofers={}), ear)
        off = look.off_by(arrangement, _OFF_METRES)
        found.append(
            Proposal(
                replace(arrangement, name=f"Found: monitors {arrangement.left.y:.2f} m"),
                look.figure(arrangement, quick=False),
                evenness(forecast.deviation("both")).value_db,
                mismatch_db(forecast.deviation("left"), forecast.deviation("right")),
                off,
                guess,
                _moved(arrangement, present, look.seat),
            )
        )
    return sorted(found, key=lambda proposal: proposal.figure_db)


def _moved(a: Arrangement, present: Arrangement | None, seat: str) -> float | None:
    if present is None:
        return None
    items = ("left", "right", f"seat:{seat}")
    return max(a.position(item).distance(present.position(item)) for item in items)
