"""What lessons do to a sound, against closed forms; where they happen in the demo's room."""

import numpy as np
import pyloudnorm
import pytest

from jolly_parlor.audition.piece_heard import piece_loop
from jolly_parlor.audition.transfers import RATE_HZ, Transfers
from jolly_parlor.diagnosis.interventions import Anechoic
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.placement.mixes import mix_of
from jolly_parlor.project.files import open_document
from jolly_parlor.training import effects
from jolly_parlor.training.here import Here, Room, here
from jolly_parlor.training.lessons import LESSONS, judged_words, sounds
from places import EXAMPLES

F = np.geomspace(20.0, 20_000.0, 2000)


def db(factor: np.ndarray) -> np.ndarray:
    return 20 * np.log10(np.maximum(np.abs(factor), 1e-9))


def test_a_hill_is_as_high_and_as_wide_as_asked() -> None:
    with_it, without = effects.hill(F, 100.0, -12.0, 1.0)
    level = db(with_it[0])
    assert level.min() == pytest.approx(-12.0, abs=0.02) and not np.any(db(without))
    inside = F[level <= -6.0]
    assert np.log2(inside[-1] / inside[0]) == pytest.approx(1.0, abs=0.03)


def test_a_comb_has_its_teeth_where_the_delay_puts_them() -> None:
    # |1 + g e^(-j w t)|: 1 + g at multiples of 1 / t, 1 - g half way between.
    with_it, _ = effects.comb(np.array([250.0, 500.0, 750.0, 1000.0]), 0.002, -6.0)
    g = 10 ** (-6 / 20)
    assert np.abs(with_it[0]) == pytest.approx([1 - g, 1 + g, 1 - g, 1 + g], abs=1e-9)


def test_reversed_polarity_takes_the_middle_away_below_and_nothing_else() -> None:
    with_it, without = effects.reversed_below(F, 500.0)
    assert np.abs(with_it) == pytest.approx(np.ones((2, F.size)), abs=1e-6)
    assert np.abs(without) == pytest.approx(np.ones((2, F.size)), abs=1e-6)
    middle = np.abs(with_it.sum(axis=0)) / 2
    assert middle[F < 60.0].max() < 0.25 and middle[F > 2500.0].min() > 0.9


def test_what_is_late_is_late_below_the_crossover_only() -> None:
    f = np.array([20.0, 21.0, 2000.0, 2001.0])
    with_it, without = effects.late_below(f, 80.0, 0.020)
    turned = np.unwrap(np.angle(with_it[0] / without[0]))
    delay = -np.diff(turned)[[0, 2]] / (2 * np.pi * np.diff(f)[[0, 2]])
    assert delay == pytest.approx([0.020, 0.0], abs=2e-3)


def test_ringing_falls_by_sixty_decibels_in_its_time() -> None:
    n, seconds = 1 << 18, 0.8
    f = np.fft.rfftfreq(n, 1 / RATE_HZ)
    with_it, _ = effects.ringing(f, 60.0, seconds)
    tail = np.fft.irfft(with_it[0] - 1, n)
    early, late = (
        np.max(np.abs(tail[round(t * RATE_HZ) : round((t + 0.05) * RATE_HZ)])) for t in (0.1, 0.9)
    )
    assert 20 * np.log10(early / late) == pytest.approx(60.0, abs=1.0)


def unlike(made: dict) -> float:
    """How far apart the two are: of what both sides have in common, and of what they have not."""
    found = 0.0
    for sign in (1, -1):
        one, other = (s[:, 0] + sign * s[:, 1] for s in made.values())
        levels = [20 * np.log10(np.abs(np.fft.rfft(x)) + 1e-3) for x in (one, other)]
        found += float(np.sqrt(np.mean((levels[0] - levels[1]) ** 2)))
    return found + float(np.sqrt(np.mean((made["with"] - made["without"]) ** 2)))


@pytest.mark.parametrize("lesson", list(LESSONS))
def test_with_and_without_are_equally_loud_and_differ(lesson) -> None:
    one = LESSONS[lesson]
    what = Here("", "", 63.0, 0.5, 0.003, 3.0)
    made = sounds(one, what, one.scale.size, piece_loop(one.pieces[0]))
    meter = pyloudnorm.Meter(RATE_HZ)
    loud = [meter.integrated_loudness(sound.astype(float)) for sound in made.values()]
    assert abs(loud[0] - loud[1]) < 0.1
    assert np.abs(made["with"] - made["without"]).max() > 0.02
    small = sounds(one, what, one.scale.least, piece_loop(one.pieces[0]))
    assert unlike(small) < 0.6 * unlike(made)  # less plain than where the test begins
    assert one.scale.least < one.scale.size <= one.scale.most


@pytest.fixture(scope="module")
def kiln() -> Room:
    document = open_document(EXAMPLES / "kiln-room.parlor")
    room, gear = document.room, document.gear
    forecaster = Forecaster(room, gear)
    case = forecaster.case(document.arrangements[0], "desk", mix_of(gear, "both+sub"))
    return Room(forecaster, Anechoic(forecaster), Transfers(room), case, document.wishes)


def test_each_lesson_ends_in_the_room(kiln) -> None:
    for lesson in LESSONS:
        found = here(lesson, kiln)
        assert found.where.startswith("In The Kiln Room, “A third”, at the desk")
        assert len(found.placing) > 40


def test_the_rooms_hollow_is_the_forecasts(kiln) -> None:
    found = here("dip", kiln)
    deviation = kiln.forecaster.deviation(kiln.case)
    f, d = deviation.frequencies_hz, deviation.deviation_db
    assert -found.size == pytest.approx(float(np.interp(found.hertz, f, d)), abs=0.1)
    assert f"{found.hertz:.0f} Hz" in found.where and found.placing.startswith(
        ("To try:", "No boost")
    )


def test_the_rooms_subwoofer_is_as_late_as_its_way_is_long(kiln) -> None:
    found = here("late", kiln)
    a, ear = kiln.case.arrangement, kiln.case.ear
    speed = kiln.forecaster.room.speed_of_sound
    pair = np.mean([a.places[n].distance(ear) / speed + a.chain(n).delay_ms / 1000 for n in PAIR])
    sub = a.places["sub"].distance(ear) / speed + a.chain("sub").delay_ms / 1000
    assert found.size == pytest.approx(1000 * abs(sub - pair), abs=0.05)


def test_the_rooms_comb_is_its_loudest_early_reflection(kiln) -> None:
    found = here("comb", kiln)
    assert found.seconds < 0.02
    assert f"a pitch of {1 / found.seconds:.0f} Hz" in found.where
    assert "Loudspeakers beam" in found.where


def test_a_threshold_says_what_to_do_about_this_room() -> None:
    one = LESSONS["dip"]
    assert "Here it is 12.0 dB deep: you will hear it." in judged_words(
        one, Here("", "", 60.0, size=12.0), 5.0
    )
    assert "leave it" in judged_words(one, Here("", "", 60.0, size=3.0), 5.0)
    assert judged_words(one, Here("", "", 60.0), 5.0) == "You still hear it: 5.0 dB deep."
