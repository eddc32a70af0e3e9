"""Zone strips: how evenness changes if one thing slides along one dimension."""

from collections.abc import Sequence
from dataclasses import dataclass, replace
from typing import Literal

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.field import CLOSEST_METRES
from jolly_parlor.acoustics.room import Point, Room
from jolly_parlor.placement.arrangement import Arrangement, fit_problems
from jolly_parlor.placement.evenness import evenness_db
from jolly_parlor.placement.forecast import (
    Combination,
    Forecaster,
    combine,
    lowest_corner_hz,
    playing,
)

Axis = Literal["x", "y", "z"]
_PLACES = 28
_LOWEST, _HEADROOM = 0.3, 0.25
_MARGIN = 0.25
_BEFORE_THE_EAR = 0.5  # monitors stay before the listener: beyond, the question makes no sense


@dataclass(frozen=True, eq=False)
class Strip:
    """Evenness along one dimension; NaN where the item cannot stand or the model cannot tell."""

    item: str
    axis: Axis
    metres: FloatArray
    figures_db: FloatArray
    now: float
    """Where the item stands."""

    @property
    def calmest(self) -> float:
        """The place with the lowest figure."""
        return float(self.metres[int(np.nanargmin(self.figures_db))])


def slid(
    room: Room, arrangement: Arrangement, item: str, axis: Axis, to: float, alike: bool
) -> Arrangement:
    """The arrangement with one item slid along one axis; monitors alike if asked."""
    old = arrangement.position(item)
    place: Point = replace(old, **{axis: to})
    if item in ("left", "right") and alike:
        return arrangement.mirrored_move(item, place, room)
    return arrangement.moved(item, place)


def strip(
    forecaster: Forecaster,
    arrangement: Arrangement,
    item: str,
    axis: Axis,
    seat: str,
    combination: Combination,
    alike: bool = True,
) -> Strip:
    """Evenness at the seat for places along an axis, at every second frequency.

    Raises ValueError for an item that the arrangement lacks.
    """
    room, quick = forecaster.room, forecaster.coarse()
    size = dict(zip("xyz", room.dimensions, strict=True))[axis]
    low, high = (_LOWEST, size - _HEADROOM) if axis == "z" else (_MARGIN, size - _MARGIN)
    if item in ("left", "right") and alike and axis == "x":
        # Alike, the two must not pass each other.
        half = room.width / 2
        low, high = (low, half - _MARGIN) if item == "left" else (half + _MARGIN, high)
    if axis == "y" and item in ("left", "right"):
        high = min(high, arrangement.seats[seat].y - _BEFORE_THE_EAR)
    if axis == "y" and item == f"seat:{seat}":
        low = max(low, arrangement.left.y + _BEFORE_THE_EAR, arrangement.right.y + _BEFORE_THE_EAR)
    if low >= high:
        raise ValueError(f"{item} has no room to slide between {low:.2f} and {high:.2f} m.")
    try:
        now = getattr(arrangement.position(item), axis)
    except KeyError:
        raise ValueError(f"There is no “{item}” in “{arrangement.name}”.") from None
    metres = np.linspace(low, high, _PLACES)
    figures = np.full(metres.shape, np.nan)
    trials = {}
    for index, to in enumerate(metres):
        trial = slid(room, arrangement, item, axis, round(float(to), 3), alike)
        # Too close to a source for the sum, a gap in the strip says so.
        if not fit_problems(room, forecaster.gear, trial) and not _too_close(trial, seat):
            trials[index] = trial
    if trials:
        figures[list(trials)] = _figures(quick, list(trials.values()), seat, combination)
    return Strip(item, axis, metres, figures, float(now))


def _too_close(arrangement: Arrangement, seat: str) -> bool:
    ear = arrangement.seats[seat]
    sources = arrangement.left, arrangement.right, *arrangement.subwoofers.values()
    return any(
        max(abs(at.x - ear.x), abs(at.y - ear.y), abs(at.z - ear.z)) < CLOSEST_METRES
        for at in sources
    )


def _figures(
    quick: Forecaster, trials: Sequence[Arrangement], seat: str, combination: Combination
) -> FloatArray:
    """Evenness of arrangements at a seat, (arrangements,)."""
    ears = np.array([trial.seats[seat].array() for trial in trials])
    placed = [playing(quick.gear, trial, combination) for trial in trials]
    sources = {}
    for name in placed[0]:
        at = np.array([places[name].array() for places in placed])
        sources[name] = quick.transfers(at, ears) * quick.drive_of(name)
    total = combine(quick.gear, quick.frequencies_hz, sources, combination)
    level = 20 * np.log10(np.maximum(np.abs(total), 1e-12))
    low = lowest_corner_hz(quick.gear, combination)
    return evenness_db(quick.frequencies_hz, level, low)
