"""Calibrating an input's full scale, and how a card is wired."""

from collections.abc import Callable
from pathlib import Path

import numpy as np
import pytest

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.project.document import Document
from jolly_parlor.project.staging import stage_of
from jolly_parlor.signals.calibration import Calibration, read_calibration
from jolly_parlor.signals.noise import pink_noise
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.signals.weighting import a_weighting_db, exposure_words, level_dba
from jolly_parlor.studio.device import DeviceFailed, Progress, Recording, Stage
from jolly_parlor.studio.levelling import (
    as_loud_as_a_sweep,
    find_level,
    full_scale_of_tone,
    heard_dba,
)
from jolly_parlor.studio.one_take import Cancelled, Settings, measure
from jolly_parlor.studio.quiet import Quiet
from jolly_parlor.studio.soundcard import CardSetup, Channels

RATE = 48000


class Plays:
    """A device whose microphone hears a given sound."""

    name, simulated, sample_rate, full_scale_db_spl = "made up", False, RATE, None

    def __init__(self, sound: Callable[[FloatArray], FloatArray]) -> None:
        self._sound = sound

    def record(
        self,
        sound: FloatArray,
        source: str,
        stage: Stage,
        after_seconds: float,
        progress: Progress,
        cancelled: Callable[[], bool],
    ) -> Recording:
        """Silence must be played: a calibrator sits on the microphone."""
        assert not np.any(sound) and source == ""
        return Recording(self._sound(np.arange(sound.size) / RATE), RATE)


def _tone(size: float) -> Callable[[FloatArray], FloatArray]:
    return lambda t: size * np.sin(2 * np.pi * 1000 * t)


def test_a_calibrators_tone_gives_the_level_of_full_scale(kiln: Document) -> None:
    stage = stage_of(kiln, kiln.arrangements[0], "desk")
    # A sine that reaches 0.1 has -23.01 dB of full scale: 94 dB SPL there, 117.01 at full scale.
    assert full_scale_of_tone(Plays(_tone(0.1)), stage, 94.0) == pytest.approx(117.01, abs=0.01)
    for sound, words in (
        (_tone(1e-5), "No tone is heard"),
        (_tone(1.0), "clips"),
        (lambda t: _tone(0.1)(t) * (1 - t / 3), "not steady"),
    ):
        with pytest.raises(DeviceFailed, match=words):
            full_scale_of_tone(Plays(sound), stage, 94.0)


def test_a_weighted_level_and_how_long_it_may_be_heard() -> None:
    t = np.arange(RATE) / RATE
    tone = np.sqrt(2) * 0.1 * np.sin(2 * np.pi * 1000 * t)
    assert level_dba(tone, RATE, 114.0) == pytest.approx(94.0, abs=0.02)
    low = np.sqrt(2) * 0.1 * np.sin(2 * np.pi * 63 * t)
    assert level_dba(low, RATE, 114.0) == pytest.approx(94.0 - 26.2, abs=0.1)  # IEC 61672-1
    # NIOSH 1998, table 1-1: 85 dB(A) 8 h, 94 dB(A) 1 h.
    assert "8 hours a day" in exposure_words(85.0)
    assert "60 minutes a day" in exposure_words(94.0)
    assert "no limit" in exposure_words(72.0)


@pytest.mark.parametrize(
    ("channels", "words"),
    [
        (Channels({"left": 1, "right": 1}), "share one output"),
        (Channels({"left": 1, "right": 2}, 1, 2, 2), "share one output"),
        (Channels(loopback_output=3), "both an output and an input"),
        (Channels(loopback_output=3, loopback_input=1), "share one input"),
        (Channels(loopback_output=3, loopback_input=2), ""),
    ],
)
def test_wiring_that_contradicts_itself_is_said(channels: Channels, words: str) -> None:
    problem = CardSetup(channels).problem
    assert words in problem and bool(problem) == bool(words)


def test_a_new_source_takes_the_next_free_output() -> None:
    setup = CardSetup(Channels({"left": 3, "right": 4, "gone": 9})).reaching(
        ["left", "right", "sub"]
    )
    assert setup.channels.outputs == {"left": 3, "right": 4, "sub": 5}


class Room:
    """A device whose microphone hears what is played so much quieter, over a murmur."""

    name, simulated, sample_rate, full_scale_db_spl = "made up", False, RATE, None

    def __init__(self, gain: float, murmur: float = 1e-5) -> None:
        self._gain, self._murmur = gain, murmur

    def record(
        self,
        sound: FloatArray,
        source: str,
        stage: Stage,
        after_seconds: float,
        progress: Progress,
        cancelled: Callable[[], bool],
    ) -> Recording:
        murmur = self._murmur * np.random.default_rng(0).standard_normal(sound.size)
        return Recording(np.clip(self._gain * sound + murmur, -1, 1), RATE)


def test_what_a_phone_reads_gives_the_level_of_full_scale(kiln: Document) -> None:
    stage = stage_of(kiln, kiln.arrangements[0], "desk")
    heard = heard_dba(Room(0.5), "left", stage, -20.0)
    # Pink noise from 20 Hz to 20 kHz: worked out from its spectrum, not from samples.
    noise = pink_noise(8.0, RATE)
    f = np.geomspace(20, 20_000, 4000)
    weighted = 10 * np.log10(np.mean(10 ** (a_weighting_db(f) / 10)))  # equal power in octaves
    played = 10 * np.log10(np.mean(noise**2)) + weighted
    assert heard == pytest.approx(played - 20 + 20 * np.log10(0.5), abs=0.1)
    for device, words in ((Room(30.0), "clips"), (Room(1e-6), "hardly stands above")):
        with pytest.raises(DeviceFailed, match=words):
            heard_dba(device, "left", stage, -20.0)


def _microphone(tmp_path: Path, line: str) -> Calibration:
    file = tmp_path / "mic.txt"
    file.write_text(f"{line}\n20\t-1.0\n100\t0.0\n1000\t0.5\n")
    return read_calibration(file)


@pytest.mark.parametrize(
    "line",
    [
        "Sensitivity: 50.0 mV/Pa",
        "Sensitivity: -26.02 dBV/Pa",
        "Sensitivity -26.02 dB re 1 V/Pa",
        "Sens Factor =-26.02dB (1V/Pa)",
    ],
)
def test_sensitivity_and_volts_say_the_same_as_a_tone(
    kiln: Document, tmp_path: Path, line: str
) -> None:
    """A microphone of 50 mV/Pa hears 1 Pa, 94 dB SPL, and gives 0.05 V; an input whose full scale
    is a sine of 1 V has it reach 0.05.
    """
    stage = stage_of(kiln, kiln.arrangements[0], "desk")
    by_tone = full_scale_of_tone(Plays(_tone(0.05)), stage, 93.98)
    assert _microphone(tmp_path, line).full_scale_db_spl(1.0) == pytest.approx(by_tone, abs=0.02)


def test_a_file_that_knows_the_input_says_it_alone(kiln: Document, tmp_path: Path) -> None:
    stage = stage_of(kiln, kiln.arrangements[0], "desk")
    by_tone = full_scale_of_tone(Plays(_tone(10 ** (-12.5 / 20))), stage, 94.0)
    for line in ("Sensitivity: -12.5 dBFS at 94 dB SPL", "Sens: -12.5 dBFS/Pa"):
        found = _microphone(tmp_path, line)
        assert found.own_full_scale_db_spl == pytest.approx(by_tone, abs=0.05)
        assert found.full_scale_db_spl(1.0) is None


def test_decibels_of_it_does_not_say_what_give_no_level(tmp_path: Path) -> None:
    for line in ("Sensitivity: -26 dB", "Sens Factor =-1.2dB, SERNO: 700", "Sensitivity: -9 dBFS"):
        found = _microphone(tmp_path, line)
        assert found.sensitivity.startswith("Sens")
        assert found.full_scale_db_spl(1.0) is None and found.own_full_scale_db_spl is None


def test_noise_of_the_level_check_is_as_loud_as_the_sweep_in_every_octave() -> None:
    noise = as_loud_as_a_sweep(RATE)
    sweep = Sweep(20.0, 2000.0, 2.0, RATE).samples()
    assert np.max(np.abs(noise)) * 10 ** (-3.0 / 20) <= 1.01, "it would clip at its loudest"

    def octaves(sound: FloatArray) -> FloatArray:
        # All of the sound, and its energy by the seconds it lasts.
        power = np.abs(np.fft.rfft(sound)) ** 2 / sound.size**2
        f = np.fft.rfftfreq(sound.size, 1 / RATE)
        edges = 31.5 * 2.0 ** np.arange(7)
        return np.array(
            [
                10 * np.log10(np.sum(power[(f >= low / 2**0.5) & (f < low * 2**0.5)]))
                for low in edges[:-1]
            ]
        )

    assert octaves(noise) == pytest.approx(octaves(sweep), abs=0.5)


class Listens(Room):
    """A room that keeps how loud it was asked to play."""

    def __init__(self, gain: float) -> None:
        super().__init__(gain)
        self.played: list[float] = []

    def record(
        self,
        sound: FloatArray,
        source: str,
        stage: Stage,
        after_seconds: float,
        progress: Progress,
        cancelled: Callable[[], bool],
    ) -> Recording:
        self.played.append(float(np.max(np.abs(sound))))
        return super().record(sound, source, stage, after_seconds, progress, cancelled)


@pytest.mark.parametrize(
    ("limit", "words"), [(-30.0, "At your limit of -30 dB"), (-3.0, "Full output")]
)
def test_nothing_is_played_above_the_users_limit(kiln: Document, limit: float, words: str) -> None:
    device = Listens(0.01)
    found = find_level(device, "left", stage_of(kiln, kiln.arrangements[0], "desk"), limit)
    assert not found.good and words in found.words and found.output_db == limit
    peak = np.sqrt(2) * 10 ** (limit / 20)
    assert max(device.played) == pytest.approx(peak, rel=0.01)
    assert device.played == sorted(device.played)


class Passing(Room):
    """Something passes by in the first seconds of silence; then it is quiet."""

    def __init__(self, seconds: int, loud: float = 0.01) -> None:
        super().__init__(0.5)
        self._left, self._loud, self.silences = seconds, loud, 0

    def record(
        self,
        sound: FloatArray,
        source: str,
        stage: Stage,
        after_seconds: float,
        progress: Progress,
        cancelled: Callable[[], bool],
    ) -> Recording:
        heard = super().record(sound, source, stage, after_seconds, progress, cancelled)
        if source:
            return heard
        self.silences += 1
        if self.silences > self._left:
            return heard
        passing = np.zeros(sound.size)
        passing[sound.size // 2 :] = self._loud
        rng = np.random.default_rng(self.silences)
        return Recording(heard.samples + passing * rng.standard_normal(sound.size), RATE)


QUICK = Settings(Sweep(20.0, 20_000.0, 1.0, RATE), 1, -20.0)


def test_a_take_waits_until_what_passes_has_passed(kiln: Document) -> None:
    stage, told = stage_of(kiln, kiln.arrangements[0], "desk"), []
    device = Passing(3)
    found = measure(device, QUICK, "left", stage, told=told.append)
    assert device.silences == 4 and len(told) == 3
    assert "Waiting for quiet: something is 60 dB louder than the room" in told[0]
    assert not any("above the noise" in words for words in found.verdict.words)
    # It does not wait for ever; what drowned is then said of the take.
    loud = Passing(99, loud=0.3)
    found = measure(loud, QUICK, "left", stage)
    assert loud.silences == 12
    assert any("above the noise" in words for words in found.verdict.words)


def test_the_set_knows_how_quiet_the_room_can_be(kiln: Document) -> None:
    """A lorry that idles outside is steady: only the takes before it tell."""

    class Idles(Passing):
        def record(self, sound, source, *rest):  # type: ignore[no-untyped-def]
            heard = super().record(sound, source, *rest)
            if source or not 1 < self.silences < 5:
                return heard
            rng = np.random.default_rng(self.silences)
            return Recording(0.001 * rng.standard_normal(sound.size), RATE)

    stage, quiet = stage_of(kiln, kiln.arrangements[0], "desk"), Quiet()
    device = Idles(0)
    measure(device, QUICK, "left", stage, quiet=quiet)
    assert device.silences == 1
    measure(device, QUICK, "left", stage, quiet=quiet)
    assert device.silences == 5


def test_waiting_can_be_stopped(kiln: Document) -> None:
    device = Passing(99)
    stage = stage_of(kiln, kiln.arrangements[0], "desk")
    with pytest.raises(Cancelled):
        measure(device, QUICK, "left", stage, cancelled=lambda: device.silences >= 2)
    assert device.silences == 2
