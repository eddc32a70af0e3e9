"""What would happen to a peak or dip if one thing in the room were otherwise: a boundary absorbed
all, a standing wave were not there, the ear stood off its quiet zone, a loudspeaker were silent.

Each is calculated in the room's own field, so that an explanation rests on what its absence does
and not on a rule of thumb.
"""

from collections.abc import Callable, Iterator
from dataclasses import replace

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray
from jolly_parlor.acoustics.fields.rigid_modes import Mode
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room, SurfaceName
from jolly_parlor.diagnosis.features import Feature
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.evenness import Deviation, deviation
from jolly_parlor.placement.forecast import Forecast, Forecaster
from jolly_parlor.placement.items import loudspeaker
from jolly_parlor.placement.items import seat as seat_item
from jolly_parlor.placement.mixes import judged_band
from jolly_parlor.placement.radiating import plates_of
from jolly_parlor.signals.response import Response
from jolly_parlor.words import tr

_AROUND_OCTAVES = 1 / 12
_STEP_METRES, _FARTHEST_METRES, _APART_METRES = 0.05, 0.9, 0.4
_OFF = 0.5  # a place is well off a quiet zone where the mode's shape is beyond this
_CARRIES = 0.5
_AXES = {"width": "x", "length": "y", "height": "z"}


class Anechoic:
    """Forecasts of the same room with boundaries absorbing all sound (beta = 1)."""

    def __init__(self, forecaster: Forecaster) -> None:
        self.base, self.room = forecaster, forecaster.room
        self._without: dict[tuple[SurfaceName, ...], Forecaster] = {}

    def without(self, *names: SurfaceName) -> Forecaster:
        """The forecaster of the room without those boundaries' reflection at normal incidence."""
        key = tuple(sorted(names))
        if key not in self._without:
            first = self.without(*key[:-1]) if len(key) > 1 else self.base
            self._without[key] = self.base.in_field(first.field.absorbing(key[-1]))
        return self._without[key]

    def change_db(self, feature: Feature, names: tuple[SurfaceName, ...], case: Case) -> float:
        """Decibels by which the feature shrinks without the boundaries; negative: it grows."""
        return shrinks_db(feature, self.without(*names).deviation(case))


def shrinks_db(feature: Feature, after: Deviation) -> float:
    """Decibels by which a peak or dip has shrunk: what is left of its kind within a twelfth of an
    octave of where it was counts, so that one that has only shifted a little is not gone.
    """
    near = np.abs(np.log2(after.frequencies_hz / feature.frequency_hz)) <= _AROUND_OCTAVES
    sign = 1.0 if feature.level_db > 0 else -1.0
    left = max(float(np.max(sign * after.deviation_db[near])), 0.0)
    return abs(feature.level_db) - left


def without_mode(forecaster: Forecaster, case: Case, mode: Mode) -> Deviation | None:
    """What is heard with one standing wave's part taken out of every transfer; None where the
    field cannot tell it apart.
    """
    ear, sources = case.ear, {}
    plates = plates_of(forecaster.gear, case.arrangement)
    for name, place in forecaster.playing(case).items():
        part = forecaster.field.of_mode(mode, place.array(), ear.array())
        if part is None:
            return None
        whole = forecaster.transfer(place, ear, plates)
        sources[name] = (whole - part) * forecaster.drive_of(name)
    return _heard(forecaster, case, sources).deviation(case.mix)


def without_source(forecaster: Forecaster, case: Case, silent: str) -> Deviation:
    """What is heard with one loudspeaker of the mix silent."""
    sources = dict(forecaster.of(case).sources)
    sources[silent] = np.zeros_like(sources[silent])
    return _heard(forecaster, case, sources).deviation(case.mix)


def without_desk(forecaster: Forecaster, case: Case) -> Deviation | None:
    """What is heard with the desk taken out, all else as it stands; None where there is none."""
    gear, a = forecaster.gear, case.arrangement
    if gear.desk is None or a.desk is None:
        return None
    plates = plates_of(replace(gear, desk=None), a)
    sources = {
        name: forecaster.transfer(place, case.ear, plates) * forecaster.drive_of(name)
        for name, place in forecaster.playing(case).items()
    }
    return _heard(forecaster, case, sources).deviation(case.mix)


def in_step(forecaster: Forecaster, case: Case, groups: tuple[tuple[str, ...], ...]) -> Deviation:
    """What would be heard if groups of loudspeakers arrived in step at every frequency: magnitudes
    add. What fills by this, the groups do to each other.
    """
    forecast = forecaster.of(case)
    total = np.zeros(forecast.frequencies_hz.size)
    for group in groups:
        alone = {n: p if n in group else 0 * p for n, p in forecast.sources.items()}
        total += np.abs(_heard(forecaster, case, alone).pressure(case.mix))
    response = Response.from_pressure(forecast.frequencies_hz, total.astype(np.complex128))
    return deviation(response, *judged_band(forecaster.gear, case.mix))


def off_quiet_zone(
    forecaster: Forecaster, case: Case, mode: Mode, who: str, feature: Feature
) -> tuple[float, str, Arrangement] | None:
    """The most that getting off a mode's quiet zone does, with the move: (decibels by which the
    hollow shrinks, `the ear 35 cm lower`, the arrangement then). who: `ear`, `sources` or `both`.
    None where no near place is off it, or where what fills the hollow there is not this mode.
    """
    best: tuple[float, str, Arrangement] | None = None
    for moved, words in _moves_off(forecaster.room, case, mode, who):
        heard = case.having(moved)
        gain = shrinks_db(feature, forecaster.deviation(heard))
        if (best is None or gain > best[0]) and _carried_by(forecaster, heard, mode, feature):
            best = gain, words, moved
    return best


def _heard(forecaster: Forecaster, case: Case, sources: dict[str, ComplexArray]) -> Forecast:
    chains = case.arrangement.chains
    return Forecast(forecaster.gear, chains, forecaster.frequencies_hz, sources)


def _carried_by(forecaster: Forecaster, case: Case, mode: Mode, feature: Feature) -> bool:
    """Whether the mode brings a good part of what is heard at the feature's frequency."""
    at = int(np.argmin(np.abs(forecaster.frequencies_hz - feature.frequency_hz)))
    whole = part = 0j
    plates = plates_of(forecaster.gear, case.arrangement)
    for name, place in forecaster.playing(case).items():
        of_mode = forecaster.field.of_mode(mode, place.array(), case.ear.array())
        if of_mode is None:
            return False
        drive = forecaster.drive_of(name)[at]
        part += of_mode[at] * drive
        whole += forecaster.transfer(place, case.ear, plates)[at] * drive
    return abs(part) >= _CARRIES * abs(whole)


def _moves_off(room: Room, case: Case, mode: Mode, who: str) -> Iterator[tuple[Arrangement, str]]:
    """Arrangements with the ear, the sources or both off the quiet zone, each way, with words."""
    axis = _AXES.get(mode.kind)
    if axis is None:
        return
    a, sources = case.arrangement, tuple(case.playing)
    ears = _ways_off(room, axis, mode, (case.ear,)) if who != "sources" else [0.0]
    places = tuple(case.playing.values())
    stands = _ways_off(room, axis, mode, places) if who != "ear" else [0.0]
    for at_ear in ears:
        for at_source in stands:
            moved = a.moved(seat_item(case.seat), _shifted(case.ear, axis, at_ear))
            for name, place in zip(sources, places, strict=True):
                moved = moved.moved(loudspeaker(name), _shifted(place, axis, at_source))
            ear = moved.seats[case.seat]
            if all(ear.distance(moved.places[name]) >= _APART_METRES for name in sources):
                said = [(tr("the ear"), at_ear), (tr("the loudspeakers"), at_source)]
                yield moved, tr(" and ").join(_words(*one, axis) for one in said if one[1])


def _ways_off(room: Room, axis: str, mode: Mode, places: tuple[Point, ...]) -> list[float]:
    """The smallest shifts each way after which all places stand off a mode's quiet zone."""
    found = []
    for way in (-1.0, 1.0):
        for step in np.arange(_STEP_METRES, _FARTHEST_METRES, _STEP_METRES):
            there = [_shifted(place, axis, way * float(step)) for place in places]
            if not all(room.has_air_at(place) for place in there):
                break
            if np.min(np.abs(mode.over(there))) >= _OFF:
                found.append(way * float(step))
                break
    return found


def _shifted(place: Point, axis: str, by: float) -> Point:
    return replace(place, **{axis: getattr(place, axis) + by})


_WAYS: dict[str, Callable[[float], str]] = {
    "x": lambda by: tr("further right") if by > 0 else tr("further left"),
    "y": lambda by: tr("further back") if by > 0 else tr("further forward"),
    "z": lambda by: "higher" if by > 0 else "lower",
}


def _words(who: str, by: float, axis: str) -> str:
    return tr("{who} {by:.0f} cm {value}", who=who, by=100 * abs(by), value=_WAYS[axis](by))
