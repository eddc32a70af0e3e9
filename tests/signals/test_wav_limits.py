"""Each limit of a sound file refuses by itself, before its samples are read."""

import io

import numpy as np
import pytest
import soundfile

from jolly_parlor.signals import wav
from jolly_parlor.signals.wav import WavRefused, read_wav


def file_of(frames: int, channels: int, rate: int = 48_000) -> io.BytesIO:
    made = io.BytesIO()
    soundfile.write(made, np.full((frames, channels), 0.25), rate, format="WAV", subtype="FLOAT")
    made.seek(0)
    return made


def test_many_channels_of_little_are_refused() -> None:
    with pytest.raises(WavRefused, match="many holds 65 channels of 4000 samples"):
        read_wav(file_of(4000, 65), "many")
    samples, rate = read_wav(file_of(4000, 64), "few")
    assert samples.shape == (4000, 64) and rate == 48_000
    assert np.all(samples == 0.25)


def test_few_channels_of_much_are_refused(monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(wav, "_MOST_SAMPLES", 1000)
    with pytest.raises(WavRefused, match="long holds 2 channels of 501 samples"):
        read_wav(file_of(501, 2), "long")
    assert read_wav(file_of(500, 2), "as long as may be")[0].shape == (500, 2)


def test_what_lasts_too_long_is_refused_with_the_limit(monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(wav, "MOST_FRAMES", 4800)
    with pytest.raises(WavRefused, match="hours lasts 0 s; at 48000 samples a second 0 s can be"):
        read_wav(file_of(4801, 1), "hours")
    assert read_wav(file_of(4800, 1), "minutes")[0].shape == (4800, 1)
