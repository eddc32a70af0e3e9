"""The simulated studio: a hidden room that differs from the survey as real ones do, and everything
that goes wrong.

Up to 200 Hz the hidden room is the wave equation's, furnished, with walls that give way
(`hidden_room`); above 260 Hz it is image sources with clutter (`rendering`); between, both fade.

Seeded and repeatable: the same seed, the same places and the same number of the take give the same
recording. Nothing of the hidden room may be used by a forecast.
"""

from collections.abc import Callable, Mapping
from dataclasses import dataclass

import numpy as np
from cachetools import LRUCache

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.bands import OCTAVE_BANDS_HZ
from jolly_parlor.acoustics.geometry.box_around import box_around
from jolly_parlor.acoustics.geometry.image_sources import board_reflection
from jolly_parlor.acoustics.geometry.room import Point, Room
from jolly_parlor.acoustics.materials.admittances import absorption_at
from jolly_parlor.signals.calibration import Calibration
from jolly_parlor.studio.device import Progress, Recording, Stage, StagedSource
from jolly_parlor.studio.hidden_room import TOP_HZ, HiddenRoom
from jolly_parlor.studio.room_impulse import FADE_SECONDS, TrueRoom, fade_out, impulse_response
from jolly_parlor.words import tr

_SIZE_ERROR_METRES, _PLACE_ERROR_METRES = 0.02, 0.01
_PLAYED_DB_SPL = 94.0
"""At 1 m for a sound at full scale."""
_QUIET_DB_SPL = 32.0
_HISS_DBFS = -96.0
_SENSITIVITY_DB = 114.0
"""Sound pressure level that reaches full scale with the input gain at 0 dB."""
_LATENCY_SECONDS = 0.0371
_DESK_REFLECTS, _LIES_FLAT = 0.6, 2
_WAVES_TO_HZ, _WAVES_SECONDS, _MOST_WAVES = 200.0, 1.0, 400


@dataclass(frozen=True)
class Mishap:
    """What went wrong during one recording."""

    kind: str
    """`slam`, `talk`, `wrong channel`."""


class SimulatedStudio:
    """A device whose room, gear and luck are invented."""

    name = tr("Simulated studio")
    simulated = True
    sample_rate = 48000

    def __init__(
        self, survey: Room, seed: int = 1, mishap_rate: float = 0.0, input_gain_db: float = 0.0
    ) -> None:
        self.seed, self.mishap_rate, self.input_gain_db = seed, mishap_rate, input_gain_db
        self._survey = survey
        self._room = _true_room(survey, seed)
        self._waves: LRUCache[tuple[object, ...], ComplexArray] = LRUCache(_MOST_WAVES)
        self._known: dict[tuple[object, ...], FloatArray] = {}
        self.takes = 0
        """How many recordings were made; part of the seed of noise and luck."""
        self.last_mishap: Mishap | None = None

    @property
    def full_scale_db_spl(self) -> float:
        """Known, as if a calibrator had been used."""
        return _SENSITIVITY_DB - self.input_gain_db

    def calibration(self) -> Calibration:
        """The file that came with the microphone."""
        f = np.geomspace(10.0, 20000.0, 90)
        return Calibration("simulated-microphone.txt", f, self._microphone_db(f))

    def record(
        self,
        sound: FloatArray,
        source: str,
        stage: Stage,
        after_seconds: float,
        progress: Progress,
        cancelled: Callable[[], bool],
    ) -> Recording:
        """As the interface asks; rendered at once, told in steps."""
        self.takes += 1
        rng = np.random.default_rng([self.seed, self.takes])
        rate = self.sample_rate
        count = sound.size + round((after_seconds + _LATENCY_SECONDS) * rate)
        pressure = self._noise(count, rng)
        self.last_mishap = None
        if source:
            played = self._channel(source, stage, rng)
            heard = self._heard(played, stage, sound)
            late = round(_LATENCY_SECONDS * rate)
            end = min(count - late, heard.size)
            pressure[late : late + end] += heard[:end]
            self._disturb(pressure, rng)
        gain = 10 ** ((94.0 - self.full_scale_db_spl) / 20)
        samples = self._through_microphone(pressure) * gain
        samples += 10 ** (_HISS_DBFS / 20) * rng.normal(size=count)
        loopback = np.zeros(count)
        late = round(_LATENCY_SECONDS * rate)
        loopback[late : late + sound.size] = 0.5 * sound
        stop = self._tell(samples, progress, cancelled)
        return Recording(np.clip(samples, -1.0, 1.0)[:stop], rate, loopback[:stop])

    def play(
        self,
        sounds: Mapping[str, FloatArray],
        output_db: Callable[[], float],
        again: bool,
        told: Callable[[float], None],
        cancelled: Callable[[], bool],
    ) -> None:
        """Silent: nothing is played, and nobody waits."""

    def response(self, source: str, stage: Stage) -> FloatArray:
        """The impulse response that would be heard at the microphone's place, without noise and
        microphone: what a listener standing there hears, (samples,).
        """
        return self._heard(source, stage, np.array([1.0]))

    def _tell(self, samples: FloatArray, progress: Progress, cancelled: Callable[[], bool]) -> int:
        for part in range(1, 21):
            if cancelled():
                return samples.size * (part - 1) // 20
            heard = samples[samples.size * (part - 1) // 20 : samples.size * part // 20]
            peak = float(np.max(np.abs(heard))) if heard.size else 0.0
            progress(part / 20, 20 * np.log10(max(min(peak, 1.0), 1e-6)))
        return samples.size

    def _channel(self, source: str, stage: Stage, rng: np.random.Generator) -> str:
        if rng.random() >= self.mishap_rate:
            return source
        kind = ("slam", "talk", "wrong channel")[int(rng.integers(3))]
        others = [name for name in stage.sources if name != source]
        if kind == "wrong channel" and not others:
            kind = "slam"
        self.last_mishap = Mishap(kind)
        return others[0] if kind == "wrong channel" else source

    def _disturb(self, pressure: FloatArray, rng: np.random.Generator) -> None:
        """Add the slam or the speech, in pascals."""
        if self.last_mishap is None or self.last_mishap.kind == "wrong channel":
            return
        rate, count = self.sample_rate, pressure.size
        start = int(rng.uniform(0.2, 0.6) * count)
        t = np.arange(count - start) / rate
        if self.last_mishap.kind == "slam":
            burst = np.sin(2 * np.pi * 55 * t) + rng.normal(size=t.size)
            pressure[start:] += 0.6 * burst * np.exp(-t / 0.08)
        else:
            voice = sum(
                np.sin(2 * np.pi * f * t + f) / n for n, f in enumerate((130, 260, 390, 520), 1)
            )
            spoken = (np.sin(2 * np.pi * 2.7 * t) > -0.2) * (t < 1.8)
            pressure[start:] += 0.05 * voice * spoken

    def _heard(self, source: str, stage: Stage, sound: FloatArray) -> FloatArray:
        playing = stage.playing(source)
        parts = {name: self._response(name, stage.sources[name], stage) for name in playing.names}
        longest = max(part.size for part in parts.values()) + round(
            max(map(playing.delay_seconds, playing.names)) * self.sample_rate
        )
        size = 1 << int(np.ceil(np.log2(sound.size + longest)))
        f: FloatArray = np.fft.rfftfreq(size, 1 / self.sample_rate).astype(np.float64)
        total = np.zeros(f.size, dtype=np.complex128)
        for name, part in parts.items():
            fed = playing.fed.get(name)
            total += np.fft.rfft(part, size) * (fed.response(f) if fed is not None else 1.0)
        heard = np.fft.irfft(total * np.fft.rfft(sound, size), size)
        at_1m = 10 ** ((_PLAYED_DB_SPL - 94.0) / 20)
        return np.asarray(heard[: sound.size + longest - 1] * at_1m)

    def _response(self, name: str, source: StagedSource, stage: Stage) -> FloatArray:
        key = (name, _scene(stage), stage.microphone, stage.desk)
        if key not in self._known:
            if len(self._known) > 40:
                self._known.clear()
            self._known[key] = self._rendered(name, source, stage)
        return self._known[key]

    def _rendered(self, name: str, source: StagedSource, stage: Stage) -> FloatArray:
        from scipy import signal

        place = self._misplaced(source.place, name)
        ear = self._misplaced(stage.microphone, "microphone")
        rate = self.sample_rate
        h = impulse_response(self._room, place, ear, rate)
        reflection = (
            board_reflection(stage.desk, place, ear, self._room.speed_of_sound)
            if stage.desk
            else None
        )
        if reflection is not None:
            late = round(reflection.path_metres / self._room.speed_of_sound * rate)
            h = np.array(h)
            h[late] += _DESK_REFLECTS / reflection.path_metres
        h = self._with_waves(h, name, ear, stage)
        own = self._rng("monitor", name)
        corner = source.low_corner_hz * (1 + own.uniform(-0.04, 0.04))
        box = signal.butter(source.low_slope_db_per_octave // 6, corner, "highpass", fs=rate)
        return np.asarray(signal.lfilter(*box, h) * 10 ** (own.uniform(-0.4, 0.4) / 20))

    def _hidden(self, stage: Stage) -> HiddenRoom:
        """Made when it is first listened to, anew where a desk is of another height."""
        levels = {round(plate.at, 3) for plate in stage.plates if plate.axis == _LIES_FLAT}
        return HiddenRoom.of(self._survey, self.seed, tuple(sorted(levels)))

    def _with_waves(self, h: FloatArray, name: str, ear: Point, stage: Stage) -> FloatArray:
        """An impulse response with its low end from the hidden room."""
        rate, count = self.sample_rate, round(_WAVES_SECONDS * self.sample_rate)
        scene = ear, _scene(stage)
        if (name, *scene) not in self._waves:
            stands = {n: s.moved(self._misplaced(s.place, n)) for n, s in stage.sources.items()}
            rows = self._hidden(stage).transfers(ear, list(stands.values()), stage.plates)
            self._waves.update({(n, *scene): row for n, row in zip(stands, rows, strict=True)})
        size = 1 << int(np.ceil(np.log2(2 * count)))
        f: FloatArray = np.fft.rfftfreq(size, 1 / rate).astype(np.float64)
        share = np.clip((f - _WAVES_TO_HZ) / (TOP_HZ - _WAVES_TO_HZ), 0.0, 1.0)
        above = 0.5 - 0.5 * np.cos(np.pi * share)
        low = HiddenRoom.over(f, self._waves[name, *scene])
        joined = np.fft.irfft(above * np.fft.rfft(h, size) + (1 - above) * low, size)[:count]
        fade_out(joined, round(FADE_SECONDS * rate))
        return np.asarray(joined)

    def _misplaced(self, point: Point, what: str) -> Point:
        """About a centimetre off, the same each time it is put at the same place."""
        where = [round(v * 1000) for v in (point.x, point.y, point.z)]
        off = self._rng(what, *where).normal(size=3) * _PLACE_ERROR_METRES / np.sqrt(3)
        at = np.clip(point.array() + off, 0.03, self._room.dimensions - 0.03)
        return Point(*(float(v) for v in at))

    def _rng(self, *words: object) -> np.random.Generator:
        """A generator of its own for each thing, the same in every run."""
        text = "|".join(map(str, words)).encode()
        return np.random.default_rng([self.seed, *text])

    def _noise(self, count: int, rng: np.random.Generator) -> FloatArray:
        """Ambient noise in pascals: falling by 3 dB an octave, more at mains frequencies."""
        from scipy import fft  # imported here: starting the window need not wait for it

        size = fft.next_fast_len(count, real=True)
        spectrum = fft.rfft(rng.normal(size=size))
        f = fft.rfftfreq(size, 1 / self.sample_rate)
        spectrum /= np.sqrt(np.maximum(f, 20.0))
        noise = fft.irfft(spectrum, size)[:count]
        hum = np.sin(2 * np.pi * 50 * np.arange(count) / self.sample_rate)
        noise = noise / np.std(noise) + 0.3 * hum
        return np.asarray(noise * 10 ** ((_QUIET_DB_SPL - 94.0) / 20))

    def _microphone_db(self, f: FloatArray) -> FloatArray:
        rng = self._rng("microphone")
        low, high = rng.uniform(-2.0, -0.5), rng.uniform(0.5, 2.5)
        return np.asarray(low / (1 + (f / 25) ** 2) + high / (1 + (9000 / np.maximum(f, 1)) ** 2))

    def _through_microphone(self, pressure: FloatArray) -> FloatArray:
        from scipy import fft

        size = fft.next_fast_len(pressure.size, real=True)
        f = fft.rfftfreq(size, 1 / self.sample_rate)
        spectrum = fft.rfft(pressure, size) * 10 ** (self._microphone_db(f) / 20)
        return np.asarray(fft.irfft(spectrum, size)[: pressure.size])


def _scene(stage: Stage) -> tuple[object, ...]:
    """What stands in the room while something is played."""
    return (*stage.sources.items(), stage.plates)


def _true_room(survey: Room, seed: int) -> TrueRoom:
    """Sizes up to 2 cm off, absorption uneven, a door that leaks bass."""
    rng = np.random.default_rng([seed, 77])
    if not survey.is_box:  # image sources know boxes; whoever measures in it is told
        survey = box_around(survey)
    size = np.array(survey.dimensions) + rng.uniform(-1, 1, 3) * _SIZE_ERROR_METRES
    bands = np.array(OCTAVE_BANDS_HZ)
    rows = []
    for name in survey.surface_names:
        whole = survey.surface_area(name)
        own = survey.surfaces[name].octave_absorption() * rng.lognormal(0.0, 0.25, bands.size)
        lost, rest = np.zeros(bands.size), whole
        for opening in survey.openings_on(name):
            alpha = absorption_at(bands, opening.octave_absorption())
            if opening.kind == "door":
                alpha = alpha + np.array([0.25, 0.12, 0.05, 0, 0, 0, 0])
            lost += opening.area * alpha
            rest -= opening.area
        rows.append(np.clip((lost + max(rest, 0.0) * own) / whole, 0.01, 0.95))
    return TrueRoom(
        size, np.array(rows), survey.speed_of_sound * (1 + rng.uniform(-1, 1) * 0.003), seed
    )
