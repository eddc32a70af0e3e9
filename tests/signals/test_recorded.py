"""Recordings made elsewhere: read, or refused in one sentence, whatever is in the file."""

from functools import partial
from pathlib import Path

import numpy as np
import pytest
import soundfile
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

import other_clocks
from certain import made_or_refused
from jolly_parlor.signals.reading import ResponseFileError
from jolly_parlor.signals.recorded_sweeps import Played, looks_recorded, read_recording
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.signals.wav import wav_bytes

RATE = 16000
SWEEP = Sweep(20.0, 7000.0, 1.0, RATE)
PLAYED = Played(None, 20.0, 7000.0, 1.0)
GOOD = wav_bytes(np.concatenate([np.zeros(200), 0.4 * SWEEP.samples(), np.zeros(RATE)]), RATE)


def test_both_ways_of_telling_the_sweep_give_the_same(tmp_path: Path) -> None:
    (tmp_path / "r.wav").write_bytes(GOOD)
    (tmp_path / "s.wav").write_bytes(wav_bytes(SWEEP.samples(), RATE))
    by_file = read_recording(tmp_path / "r.wav", Played(tmp_path / "s.wav"))
    by_numbers = read_recording(tmp_path / "r.wav", PLAYED)
    f = by_numbers.response.frequencies_hz
    band = (f > 40) & (f < 5000)
    for read in (by_file, by_numbers):
        assert read.response.level_db[band] == pytest.approx(20 * np.log10(0.4), abs=0.15)
        assert read.impulse is not None
        assert read.impulse.arrival_seconds() == pytest.approx(200 / RATE, abs=2 / RATE)
    assert looks_recorded(tmp_path / "r.wav") and not looks_recorded(tmp_path / "none.wav")


def test_an_impulse_response_does_not_look_recorded(tmp_path: Path) -> None:
    t = np.arange(2 * RATE) / RATE
    tail = np.random.default_rng(1).normal(size=t.size) * 10 ** (-3 * t / 1.2)
    (tmp_path / "h.wav").write_bytes(wav_bytes(0.2 * tail, RATE))
    assert not looks_recorded(tmp_path / "h.wav")


@pytest.mark.parametrize(
    ("played", "words"),
    [
        (Played(None, 20.0, 7000.0, 30.0), "its sweep takes 30.0 s"),
        (Played(None, 20.0, 30.0, 1.0), "less than an octave"),
        (Played(None, 20.0, 20000.0, 1.0), "needs a sample rate"),
        (Played(Path("nowhere.wav")), "nowhere.wav could not be read"),
    ],
)
def test_a_sweep_that_cannot_be_is_refused(tmp_path: Path, played: Played, words: str) -> None:
    (tmp_path / "r.wav").write_bytes(GOOD)
    with pytest.raises(ResponseFileError, match=words):
        read_recording(tmp_path / "r.wav", played)
    with pytest.raises(ResponseFileError, match="there is no number 3"):
        read_recording(tmp_path / "r.wav", PLAYED, channel=3)


@settings(
    max_examples=60,
    suppress_health_check=[HealthCheck.function_scoped_fixture, HealthCheck.too_slow],
)
@given(data=st.data())
def test_mutated_recordings_are_read_or_refused_in_one_sentence(
    tmp_path: Path, data: st.DataObject
) -> None:
    raw = bytearray(GOOD)
    for _ in range(data.draw(st.integers(1, 12))):
        at = data.draw(st.integers(0, min(len(raw) - 1, 120)) | st.integers(0, len(raw) - 1))
        raw[at] = data.draw(st.integers(0, 255))
    keep = data.draw(st.integers(0, len(raw)) | st.just(len(raw)))
    path = tmp_path / "mutated.wav"
    path.write_bytes(bytes(raw[:keep]))
    read = made_or_refused(
        partial(read_recording, path, PLAYED),
        ResponseFileError,
        lambda words: "mutated.wav" in words and "\n" not in words,
    )
    assert read is None or np.all(np.isfinite(read.response.level_db))


@pytest.mark.parametrize("loud", [1e33, 1e36, 1e300])
def test_numbers_beyond_all_sense_are_read_or_refused(tmp_path: Path, loud: float) -> None:
    """A float recording may hold any number: what overflows in single precision is no arrival."""
    sound = np.concatenate([np.zeros(200), 0.4 * SWEEP.samples(), np.zeros(RATE)])
    soundfile.write(tmp_path / "r.wav", loud * sound, RATE, "DOUBLE")
    read = made_or_refused(
        partial(read_recording, tmp_path / "r.wav", PLAYED),
        ResponseFileError,
        lambda words: "r.wav" in words and "\n" not in words,
    )
    assert read is None or np.all(np.isfinite(read.response.level_db))


@pytest.mark.parametrize(("kind", "subtype"), [("flac", "PCM_24"), ("aiff", "PCM_16")])
def test_any_recorder_at_its_own_rate_and_pace(tmp_path: Path, kind: str, subtype: str) -> None:
    """A phone at 44.1 kHz that runs 150 parts in a million fast, begun two seconds early: the
    truth is made by splines.
    """
    sweep = Sweep(20.0, 20_000.0, 2.0)
    out = np.concatenate([0.5 * sweep.samples(), np.zeros(other_clocks.RATE)])
    heard = 0.4 * other_clocks.recorded(out, 150e-6, 2.0, 44_100)
    soundfile.write(tmp_path / f"phone.{kind}", heard, 44_100, subtype)
    (tmp_path / "sweep.wav").write_bytes(wav_bytes(0.5 * sweep.samples(), other_clocks.RATE))
    read = read_recording(tmp_path / f"phone.{kind}", Played(tmp_path / "sweep.wav"))
    assert looks_recorded(tmp_path / f"phone.{kind}")
    assert "clock differed by 150 parts in a million, taken out." in " ".join(read.notes)
    f = read.response.frequencies_hz
    band = (f > 40) & (f < 15_000)
    assert read.response.level_db[band] == pytest.approx(20 * np.log10(0.4), abs=0.1)
