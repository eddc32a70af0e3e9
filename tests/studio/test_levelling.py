"""Calibrating an input's full scale, and how a card is wired."""

from collections.abc import Callable

import numpy as np
import pytest

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.project.document import Document
from jolly_parlor.project.staging import stage_of
from jolly_parlor.signals.weighting import exposure_words, level_dba
from jolly_parlor.studio.device import DeviceFailed, Progress, Recording, Stage
from jolly_parlor.studio.levelling import full_scale_of_tone
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
