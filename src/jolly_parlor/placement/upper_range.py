"""The forecast from 290 to 700 Hz: less certain, shown as such, judged nowhere."""

from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.array_cache import Kept
from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.bands import log_grid
from jolly_parlor.acoustics.fields.early_images import JOIN_TO_HZ, Images, SeenImages, joined
from jolly_parlor.acoustics.fields.field_of_room import RoomField, bare_field
from jolly_parlor.acoustics.fields.plated_field import PlatedFields
from jolly_parlor.acoustics.fields.plates import Plate
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.evenness import HIGHEST_HZ, SMOOTHING_PER_OCTAVE
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.judging import FLAT_TARGET, Target
from jolly_parlor.placement.mixes import mixed
from jolly_parlor.placement.radiating import all_heard_from, plates_of
from jolly_parlor.placement.setup import Setup
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.smoothing import smooth_level_db

TOP_HZ = 700.0
_LOWEST_HZ = HIGHEST_HZ / 2 ** (1 / SMOOTHING_PER_OCTAVE)
_FIELDS = 60
_MOST_KNOWN_BYTES = 2_000_000  # hundreds of pairs
_PER_OCTAVE = 48


@dataclass(frozen=True, eq=False)
class UpperCurve:
    """Smoothed level against the same reference as the judged curve, which it meets at its start:
    below half a smoothing band under 300 Hz both are the same.
    """

    frequencies_hz: FloatArray
    deviation_db: FloatArray


def upper_of_take(
    response: Response, reference_db: float, target: Target = FLAT_TARGET
) -> UpperCurve | None:
    """A measured response above 300 Hz, against its own reference and the target; None where it
    ends below.
    """
    grid = log_grid(_LOWEST_HZ, TOP_HZ, _PER_OCTAVE)
    f, edge = response.frequencies_hz, 2 ** (1 / SMOOTHING_PER_OCTAVE)
    at = grid[(f[0] * edge <= grid) & (f[-1] >= grid * edge)]
    if at.size < _PER_OCTAVE // 2:
        return None
    level = smooth_level_db(f, response.level_db, at, SMOOTHING_PER_OCTAVE)
    return UpperCurve(at, level - target.at(at) - reference_db)


class UpperForecaster:
    """Upper forecasts of one room and its gear; what is worked out is kept. Of a room that is no
    empty box: direct sound and first reflections past corners and things, and no modes below them.
    """

    def __init__(self, room: Room, gear: Gear) -> None:
        self.room, self.gear = room, gear
        self.frequencies_hz = log_grid(_LOWEST_HZ, TOP_HZ, _PER_OCTAVE)
        self._modal = self.frequencies_hz <= JOIN_TO_HZ
        self._images: Images | SeenImages = SeenImages(room, self.frequencies_hz)
        self._field: RoomField | None = None
        self._plated: PlatedFields | None = None
        if room.is_empty_box:
            self._images = Images(room, self.frequencies_hz)
            self._field = bare_field(room, self.frequencies_hz[self._modal])
            self._plated = PlatedFields(self._field, _FIELDS)
        self._known: Kept[tuple[Point, Point, tuple[Plate, ...]]] = Kept(_MOST_KNOWN_BYTES)
        self._low_ends = {m.id: m.low_end(self.frequencies_hz) for m in gear.models}

    def prepare(self) -> bool:
        """As `Forecaster.prepare`."""
        return self._field is not None and self._field.prepare()

    def curve(self, case: Case, reference_db: float) -> UpperCurve:
        """The response at an ear from just below 300 Hz up, against the reference level."""
        gear, f = self.gear, self.frequencies_hz
        a, plates = case.arrangement, plates_of(gear, case.arrangement)
        playing = all_heard_from(Setup(self.room, gear, a), case.mix.loudspeakers)
        sources = {
            name: self._known.of((place, case.ear, plates), self._worked_out)
            * self._low_ends[gear.loudspeaker(name).model]
            for name, place in playing.items()
        }
        pressure = mixed(case.mix, case.arrangement.chains, f, sources)
        level = 20 * np.log10(np.maximum(np.abs(pressure), 1e-12))
        at = f[_PER_OCTAVE // 24 :]  # half a smoothing band above the lowest
        smooth = smooth_level_db(f, level, at, SMOOTHING_PER_OCTAVE)
        return UpperCurve(at, smooth - gear.judging.target.at(at) - reference_db)

    def _worked_out(self, asked: tuple[Point, Point, tuple[Plate, ...]]) -> ComplexArray:
        source, ear, plates = asked
        above = self._images.pressure(source, ear)
        if self._plated is None:
            return above
        modal = above.copy()
        field = self._plated.among(plates)
        modal[self._modal] = field.transfer(source.array(), ear.array())
        return joined(modal, above, self.frequencies_hz)
