"""Zone strips: how evenness changes if one thing slides along one dimension."""

from collections.abc import Sequence
from dataclasses import dataclass, replace
from typing import Literal

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.fields.impedance_box import CLOSEST_METRES
from jolly_parlor.acoustics.geometry.room import Point, Room
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.evenness import evenness_db
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.items import DESK, LEFT, Item
from jolly_parlor.placement.items import seat as seat_item
from jolly_parlor.placement.mixes import judged_band, mixed
from jolly_parlor.placement.setup import Setup
from jolly_parlor.placement.standing import fit_problems
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

Axis = Literal["x", "y", "z"]
_PLACES = 28
_LOWEST, _HEADROOM = 0.3, 0.25
_MARGIN = 0.25
_DESK_PLACES = 16
_LOWEST_DESK, _BELOW_THE_EAR, _OVER_THE_LAP = 0.55, 0.25, 0.10
_BEFORE_THE_EAR = 0.5  # monitors stay before the listener: beyond, the question makes no sense


@dataclass(frozen=True, eq=False)
class Strip:
    """Evenness along one dimension; NaN where the item cannot stand or the model cannot tell."""

    item: Item
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
    room: Room, arrangement: Arrangement, item: Item, axis: Axis, to: float, alike: bool
) -> Arrangement:
    """The arrangement with one item slid along one axis; monitors alike if asked."""
    old = arrangement.position(item)
    place: Point = replace(old, **{axis: to})
    if item.of_pair and alike:
        return arrangement.mirrored_move(item, place, room)
    return arrangement.moved(item, place)


def strip(forecaster: Forecaster, case: Case, item: Item, axis: Axis, alike: bool = True) -> Strip:
    """Evenness at the seat for places along an axis, at every second frequency.

    Raises Refused for an item that the arrangement lacks.
    """
    if item == DESK:
        return _desk_strip(forecaster, case, axis)
    room, quick = forecaster.room, forecaster.coarse()
    arrangement, seat = case.arrangement, case.seat
    size = dict(zip("xyz", room.dimensions, strict=True))[axis]
    low, high = (_LOWEST, size - _HEADROOM) if axis == "z" else (_MARGIN, size - _MARGIN)
    if item.of_pair and alike and axis == "x":
        # Alike, the two must not pass each other.
        half = room.frame.middle
        low, high = (low, half - _MARGIN) if item == LEFT else (half + _MARGIN, high)
    if axis == "y" and item.of_pair:
        high = min(high, arrangement.seats[seat].y - _BEFORE_THE_EAR)
    if axis == "y" and item == seat_item(seat):
        low = max(low, arrangement.left.y + _BEFORE_THE_EAR, arrangement.right.y + _BEFORE_THE_EAR)
    if item not in arrangement.items:
        raise Refused(tr("There is no “{item}” in “{name}”.", item=item, name=arrangement.name))
    _must_matter(case, item, alike)
    if low >= high:
        raise Refused(
            tr(
                "The {words} has no room to slide between {low:.2f} and {high:.2f} m.",
                words=item.words,
                low=low,
                high=high,
            )
        )
    now = getattr(arrangement.position(item), axis)
    metres = np.linspace(low, high, _PLACES)
    figures = np.full(metres.shape, np.nan)
    trials = {}
    for index, to in enumerate(metres):
        trial = slid(room, arrangement, item, axis, round(float(to), 3), alike)
        # Too close to a source for the sum, a gap in the strip says so.
        if fit_problems(Setup(room, forecaster.gear, trial)):
            continue
        there = case.having(trial)
        if not _too_close(there):
            trials[index] = there
    if trials:
        figures[list(trials)] = _figures(quick, list(trials.values()))
    return Strip(item, axis, metres, figures, float(now))


def _desk_strip(forecaster: Forecaster, case: Case, axis: Axis) -> Strip:
    """Of the desk: its far edge along the room, or the height of its top."""
    room, gear, a = forecaster.room, forecaster.gear, case.arrangement
    desk, at = gear.desk, a.desk
    if desk is None or at is None:
        raise Refused(tr("There is no desk in “{name}”.", name=a.name))
    if axis == "z":
        low, high, now = _LOWEST_DESK, case.ear.z - _BELOW_THE_EAR, desk.height
    else:
        low, high, now = room.frame.front, case.ear.y - desk.depth + _OVER_THE_LAP, at.y
    if low >= high:
        raise Refused(tr("The desk has no room to slide."))
    metres = np.linspace(low, high, _DESK_PLACES)
    figures = np.full(metres.shape, np.nan)
    for index, to in enumerate(metres.tolist()):
        other, moved = gear, a
        if axis == "z":
            other = replace(gear, desk=replace(desk, height=to))
        else:
            moved = replace(a, desk=replace(at, y=to))
        if fit_problems(Setup(room, other, moved)):
            continue
        among = Forecaster(room, other, forecaster.coarse().field)
        figures[index] = _figures(among, [case.having(moved)])[0]
    return Strip(DESK, axis, metres, figures, float(now))


def _must_matter(case: Case, item: Item, alike: bool) -> None:
    """Raise Refused where what is heard is the same wherever the item stands."""
    playing = case.mix.loudspeakers
    if item.makes_sound and item.id not in playing:
        if not (item.of_pair and alike and item.twin.id in playing):
            words = tr("“{name}” plays without the {words}", name=case.mix.name, words=item.words)
            raise Refused(tr("{words}: where it stands changes nothing here.", words=words))
    if item.kind == "seat" and item.id != case.seat:
        words = tr("What is shown is heard at “{seat}”", seat=case.seat)
        raise Refused(
            tr(
                "{words}: where {words2} stands changes nothing here.",
                words=words,
                words2=item.words,
            )
        )


def _too_close(case: Case) -> bool:
    ear = case.ear
    return any(
        max(abs(at.x - ear.x), abs(at.y - ear.y), abs(at.z - ear.z)) < CLOSEST_METRES
        for at in case.playing.values()
    )


def _figures(quick: Forecaster, trials: Sequence[Case]) -> FloatArray:
    """Evenness of each, of one mix with the same settings, (trials,)."""
    ears = np.array([trial.ear.array() for trial in trials])
    mix, chains = trials[0].mix, trials[0].arrangement.chains
    arrangements = [trial.arrangement for trial in trials]
    owner = np.arange(len(ears))
    heard = quick.from_arrangements(mix.loudspeakers, arrangements, owner, ears)
    sources = {name: pressure * quick.drive_of(name) for name, pressure in heard.items()}
    total = mixed(mix, chains, quick.frequencies_hz, sources)
    level = 20 * np.log10(np.maximum(np.abs(total), 1e-12))
    return evenness_db(quick.frequencies_hz, level, *judged_band(quick.gear, mix))
