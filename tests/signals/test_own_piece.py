"""The user's own music: read as it is meant, or refused in a sentence."""

from pathlib import Path

import numpy as np
import pytest
import soundfile

from jolly_parlor.signals.looping import as_loop
from jolly_parlor.signals.own_piece import PieceRefused, clipped_places, read_piece

RATE = 48_000


def written(path: Path, samples: np.ndarray, rate: int, subtype: str = "PCM_16") -> Path:
    soundfile.write(path, samples, rate, subtype=subtype)
    return path


def tone(rate: int, seconds: float, channels: int = 2, amplitude: float = 0.3) -> np.ndarray:
    t = np.arange(round(rate * seconds)) / rate
    one = amplitude * np.sin(2 * np.pi * 220 * t)
    return np.repeat(one[:, None], channels, axis=1)


@pytest.mark.parametrize("suffix", [".wav", ".flac"])
@pytest.mark.parametrize("rate", [22_050, 44_100, 48_000, 96_000, 11_111])
def test_any_usual_rate_is_heard_at_its_pitch(tmp_path, suffix, rate) -> None:
    path = written(tmp_path / f"piece{suffix}", tone(rate, 3.0), rate)
    found = read_piece(path, RATE)
    one = found.loop.samples[:, 0]
    spectrum = np.abs(np.fft.rfft(one))
    assert np.argmax(spectrum) / (len(one) / RATE) == pytest.approx(220, abs=1)
    assert np.max(np.abs(one[3000:-3000])) == pytest.approx(0.3, abs=0.01)
    assert any("resampled" in note for note in found.notes) == (rate != RATE)


def test_one_channel_is_for_both_and_that_is_said(tmp_path) -> None:
    path = written(tmp_path / "mono.wav", tone(RATE, 2.0, 1), RATE)
    found = read_piece(path, RATE)
    assert found.loop.samples.shape[1] == 2
    assert np.array_equal(found.loop.samples[:, 0], found.loop.samples[:, 1])
    assert "one channel" in found.notes[0]


def test_a_long_piece_goes_round_from_where_it_is_asked_to(tmp_path) -> None:
    path = written(tmp_path / "long.flac", tone(RATE, 40.0), RATE)
    assert len(read_piece(path, RATE).loop.samples) == 30 * RATE
    found = read_piece(path, RATE, 5.0)
    assert "5 to 35 s of 40 s" in found.notes[0]
    assert len(read_piece(path, RATE, 20.0).loop.samples) == pytest.approx(20 * RATE, rel=0.01)


def test_clipping_is_told_and_played(tmp_path) -> None:
    loud = np.clip(tone(RATE, 2.0, amplitude=1.6), -1, 1)
    found = read_piece(written(tmp_path / "hot.wav", loud, RATE), RATE)
    assert "is clipped in" in found.notes[0]
    assert clipped_places(loud) == pytest.approx(2 * 2 * 220 * 2, abs=8)
    assert clipped_places(tone(RATE, 2.0, amplitude=0.999)) == 0


@pytest.mark.parametrize(
    ("make", "why"),
    [
        (lambda p: written(p / "six.wav", tone(RATE, 2.0, 6), RATE), "has 6 channels"),
        (lambda p: written(p / "slow.wav", tone(4000, 2.0), 4000), "has 4000 samples a second"),
        (lambda p: written(p / "short.wav", tone(RATE, 0.5), RATE), "shorter than a second"),
        (lambda p: written(p / "none.wav", np.zeros((RATE * 2, 2)), RATE), "is silent"),
        (lambda p: p / "gone.wav", "There is no file"),
        (lambda p: p / "song.mp3", "neither WAV nor FLAC"),
    ],
)
def test_what_is_no_programme_is_refused_in_a_sentence(tmp_path, make, why) -> None:
    with pytest.raises(PieceRefused, match=why) as told:
        read_piece(make(tmp_path), RATE)
    assert str(told.value).count(". ") <= 1


def test_a_broken_file_and_numbers_that_are_none_are_refused(tmp_path) -> None:
    broken = tmp_path / "broken.wav"
    broken.write_bytes(b"RIFF0000WAVE" + bytes(range(200)))
    with pytest.raises(PieceRefused, match="could not be read"):
        read_piece(broken, RATE)
    odd = tone(RATE, 2.0)
    odd[100] = np.nan
    with pytest.raises(PieceRefused, match="no numbers"):
        read_piece(written(tmp_path / "odd.wav", odd, RATE, "FLOAT"), RATE)
    whole = written(tmp_path / "whole.wav", tone(RATE, 3.0), RATE)
    with pytest.raises(PieceRefused, match=r"lasts 3\.0 s"):
        read_piece(whole, RATE, 2.5)


def test_the_seam_of_a_piece_is_no_click(tmp_path) -> None:
    path = written(tmp_path / "piece.wav", tone(RATE, 2.00123), RATE)
    one = read_piece(path, RATE).loop.samples[:, 0]
    steps = np.abs(np.diff(np.concatenate([one, one[:100]])))
    assert steps.max() < 0.3 * 2 * np.pi * 220 / RATE * 1.6


def test_what_begins_and_ends_in_silence_is_a_little_longer_and_no_longer() -> None:
    samples = np.zeros((2 * 48_017, 2))
    samples[1000:-1000] = 0.1
    made = as_loop(samples, RATE).samples
    assert 0 <= len(made) - len(samples) < 0.02 * len(samples)
    assert np.allclose(made[: len(samples)], samples)
