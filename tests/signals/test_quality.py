"""Is a take to be trusted: every limit met from both sides, of recordings made up here."""

import numpy as np
import pytest

from jolly_parlor.signals.quality import (
    Remark,
    Verdict,
    arrival,
    calibration,
    clipping,
    disagreement,
    hum,
    noise,
    repeat_db,
    siblings,
)
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.sweep import Sweep

RATE = 8000
F = np.geomspace(20.0, 400.0, 400)


def flat(level: float = 0.0) -> Response:
    return Response(F, np.full(F.size, level))


def raised(db: float, hertz: float = 100.0, level: float = 0.0) -> Response:
    """By so much within a sixth of an octave."""
    return Response(F, level + np.where(np.abs(np.log2(F / hertz)) < 1 / 12, db, 0.0))


def test_the_worst_remark_marks_the_take() -> None:
    good, doubtful, bad = (Remark(mark, mark) for mark in ("good", "doubtful", "bad"))
    assert Verdict(()).mark == "good"
    assert Verdict((good, doubtful)).mark == "doubtful"
    assert Verdict((bad, doubtful)).mark == "bad"
    assert Verdict((bad, good)).words == ("bad", "good")


def test_three_samples_at_full_scale_are_clipping() -> None:
    clean = np.array([0.5, 0.999, -0.999, 0.2])
    assert clipping([clean]) == []
    (found,) = clipping([clean, np.array([0.999, -1.0, 0.9989, 1.0])])
    assert found.mark == "bad"
    assert found.text == "Sweep 2 clipped in 3 samples: turn the input down and measure again."


def tones(size: float) -> np.ndarray:
    """One in the middle of each octave from 31.5 to 250 Hz, all alike."""
    t = np.arange(4 * RATE) / RATE
    return size * sum(np.sin(2 * np.pi * f * t) for f in (31.5, 63.0, 125.0, 250.0))


@pytest.mark.parametrize(("above", "mark"), [(20.3, None), (19.3, "doubtful"), (9.3, "bad")])
def test_twenty_decibels_above_the_noise_are_asked_and_ten_at_least(
    above: float, mark: str | None
) -> None:
    silence = tones(10 ** (-above / 20))
    found = noise(tones(1.0), silence, RATE, 20.0)
    assert [r.mark for r in found] == ([mark] * 4 if mark else [])
    told = [r.text.partition(":")[0] for r in found]
    words = f"Only {int(above)} dB above the noise around {{}} Hz"
    assert told == [words.format(f) for f in ("31.5", "63", "125", "250")][: len(found)]


def test_octaves_below_what_a_source_plays_are_not_asked_for() -> None:
    # The octave of 31.5 Hz ends at 44.7 Hz (IEC 61260).
    silence = tones(1.0)
    assert len(noise(tones(1.0), silence, RATE, 44.0)) == 4
    assert len(noise(tones(1.0), silence, RATE, 45.0)) == 3
    (first, *_) = noise(0.5 * tones(1.0), silence, RATE, 20.0)
    assert first.text.startswith("Only 0 dB above the noise")


def test_sweeps_of_the_same_thing_differ_by_what_nine_tenths_of_it_do() -> None:
    assert repeat_db([flat()]) == 0.0
    assert repeat_db([flat(1.0), flat(-1.0), flat(0.5)]) == pytest.approx(2.0)
    assert repeat_db([flat(), raised(6.0)]) == 0.0  # a twentieth of the range


@pytest.mark.parametrize(
    ("db", "mark"), [(0.9, None), (1.1, "doubtful"), (-2.9, "doubtful"), (3.1, "bad")]
)
def test_two_sweeps_agree_within_a_decibel(db: float, mark: str | None) -> None:
    found = disagreement([flat(), flat(), raised(db)])
    assert [r.mark for r in found] == ([mark] if mark else [])
    words = [r.text for r in found] or [f"Sweeps 1 and 3 differ by {abs(db):.1f} dB at 100 Hz"]
    assert words[0].startswith(f"Sweeps 1 and 3 differ by {abs(db):.1f} dB at ")
    hertz = float(words[0].split(" dB at ")[1].partition(" Hz")[0])
    assert abs(np.log2(hertz / 100.0)) < 1 / 10


def test_in_a_null_a_difference_means_nothing() -> None:
    assert disagreement([flat(), raised(-11.0)]) == []
    assert [r.mark for r in disagreement([flat(), raised(-9.0)])] == ["bad"]
    assert disagreement([raised(-11.0), flat()]) == []
    assert disagreement([flat()]) == []


@pytest.mark.parametrize(
    ("metres", "mark"),
    [
        (2.04, None),
        (1.96, None),
        (2.06, "doubtful"),
        (1.94, "doubtful"),
        (2.21, "bad"),
        (1.79, "bad"),
        (0.0, "bad"),
        (-1.0, "bad"),
        (40.0, "bad"),
        (39.9, "bad"),
        (None, "doubtful"),
    ],
)
def test_sound_comes_from_where_the_plan_says_within_5_cm(
    metres: float | None, mark: str | None
) -> None:
    found = arrival(metres, 2.0)
    assert [r.mark for r in found] == ([mark] if mark else [])
    text = found[0].text if found else ""
    assert ("could be told from the noise" in text) is (metres in (0.0, -1.0, 40.0))
    assert ("No timing reference" in text) is (metres is None)
    assert ("came from 2.21 m, the plan says 2.00 m" in text) is (metres == 2.21)


def test_a_microphone_without_its_file_is_said() -> None:
    assert calibration("mine.txt") == []
    assert [r.mark for r in calibration("")] == ["doubtful"]


def test_takes_at_one_seat_are_neither_the_same_sound_nor_of_another_level() -> None:
    own = raised(1.0)
    (same,) = siblings(own, {"right": raised(1.01)})
    assert same.mark == "bad" and same.text.startswith("This is the same sound as right")
    assert siblings(own, {"right": raised(1.05), "sub": flat(-2.9)}) == []
    # The raised sixth of an octave is a twentieth of the range: 0.05 dB in its mean.
    (louder,) = siblings(own, {"right": flat(-3.2)})
    assert louder == Remark("doubtful", "3 dB louder than right: measure all at one setting.")
    (quieter,) = siblings(own, {"right": flat(4.2)})
    assert quieter.text == "4 dB quieter than right: measure all at one setting."


@pytest.mark.parametrize(("hertz", "size"), [(50.0, 0.01), (100.0, 0.006), (60.0, 0.008)])
def test_a_hum_is_told_by_its_frequency(hertz: float, size: float) -> None:
    rate = 48_000
    t = np.arange(rate) / rate
    murmur = 1e-4 * np.random.default_rng(0).standard_normal(rate)
    sweep = 0.1 * Sweep(seconds=2.0).samples()
    [told] = hum(sweep, murmur + size * np.sin(2 * np.pi * hertz * t), rate)
    assert told.mark == "doubtful" and f"A hum at {hertz:.0f} Hz is only" in told.text
    # As loud as the sweep's own third of an octave there, by hand: 2 of its 11 octaves a second.
    share = (1 / 3) / (np.log2(2000)) * np.mean(sweep**2)
    above = 10 * np.log10(share / (size**2 / 2))
    assert abs(float(told.text.split("only ")[1].split(" dB")[0]) - above) < 1.5
    assert hum(sweep, murmur, rate) == []
    assert hum(sweep, murmur + 1e-4 * np.sin(2 * np.pi * hertz * t), rate) == []
    assert hum(sweep, 30 * murmur, rate) == [], "a rumble is no tone"
