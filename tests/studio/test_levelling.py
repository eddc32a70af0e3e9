"""Calibrating an input's full scale, and how a card is wired."""

from collections.abc import Callable

import numpy as np
import pytest

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.project.document import Document
from jolly_parlor.project.staging import stage_of
from jolly_parlor.signals.calibration import read_calibration
from jolly_parlor.signals.noise import pink_noise
from jolly_parlor.signals.weighting import a_weighting_db, exposure_words, level_dba
from jolly_parlor.studio.device import DeviceFailed, Progress, Recording, Stage
from jolly_parlor.studio.levelling import full_scale_of_tone, heard_dba
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


def test_sensitivity_and_volts_give_it_too(tmp_path) -> None:
    """A microphone of 50 mV/Pa: 1 V drives it to 20 lg(1 / 0.05) + 94 = 120 dB SPL (as handbooks
    reckon it).
    """
    file = tmp_path / "mic.txt"
    file.write_text("Sensitivity: 50.0 mV/Pa\n20\t-1.0\n100\t0.0\n1000\t0.5\n")
    assert read_calibration(file).full_scale_db_spl(1.0) == pytest.approx(120.0, abs=0.02)
    file.write_text("Sensitivity: -26 dB\n20\t-1.0\n100\t0.0\n1000\t0.5\n")
    assert read_calibration(file).full_scale_db_spl(1.0) is None  # dB of what, it does not say
