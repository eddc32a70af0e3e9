"""A document's arrangements as they are heard: by takes, through the loudspeakers, in words."""

from dataclasses import replace

import numpy as np
import pytest

from certain import some
from jolly_parlor.analysis.hearing import Asked, Audition, hear
from jolly_parlor.analysis.measured import measured_response
from jolly_parlor.audition.auralisation import Heard, Renderer
from jolly_parlor.audition.difference import MOST_DOWN_DB, MOST_UP_DB
from jolly_parlor.audition.measured_sound import spectrum_of_impulse, spectrum_of_response
from jolly_parlor.audition.piece_heard import piece_loop, played
from jolly_parlor.audition.telling import CENTRES_HZ, telling_words, tellings, thirds_db
from jolly_parlor.audition.transfers import BINS_HZ, RATE_HZ, Transfers
from jolly_parlor.placement.evenness import GRID_HZ, beside
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.mixes import mix_of
from jolly_parlor.project.files import open_document
from jolly_parlor.refused import Refused
from jolly_parlor.signals.impulse import ImpulseResponse
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.smoothing import smooth_level_db
from places import EXAMPLES


@pytest.fixture(scope="module")
def kiln():
    document = open_document(EXAMPLES / "kiln-room.parlor")
    room, gear = document.room, document.gear
    return document, Renderer(Transfers(room), gear), Forecaster(room, gear)


NAMES = ("A third", "Thirty-eight", "Tight to the wall")


def asked(document, mix="both+sub", **what) -> Asked:
    return Asked(NAMES, document.gear.seats[0].name, mix_of(document.gear, mix), **what)


def level(heard: Heard, f: np.ndarray) -> np.ndarray:
    return 20 * np.log10(np.abs(heard.pressure(f).sum(axis=1)[0]))


@pytest.mark.parametrize("mix", ["both", "both+sub", "left"])
def test_takes_are_heard_as_they_were_measured(kiln, mix) -> None:
    document, renderer, forecaster = kiln
    found = hear(document, asked(document, mix, basis="measured"), renderer, forecaster)
    seat = document.gear.seats[0].name
    f = GRID_HZ[(GRID_HZ >= 30.0) & (GRID_HZ <= 275.0)]  # smoothing needs what lies beyond
    for name, heard in some(zip(NAMES, found.heard, strict=True)):
        one = forecaster.case(document.arrangement(name), seat, mix_of(document.gear, mix))
        take = measured_response(document, one)
        assert take is not None
        wanted = smooth_level_db(take.frequencies_hz, take.level_db, f, 12)
        own = take.frequencies_hz[(take.frequencies_hz > 25) & (take.frequencies_hz < 299)]
        got = smooth_level_db(own, level(heard, own), f, 12)
        assert np.max(np.abs(got - wanted)) < 0.5


def test_takes_that_are_missing_are_asked_for(kiln) -> None:
    document, renderer, forecaster = kiln
    bare = replace(document, takes=())
    with pytest.raises(Refused, match="has no takes of both and sub at desk: measure it"):
        hear(bare, asked(document, basis="measured"), renderer, forecaster)
    with pytest.raises(Refused, match="One to 5"):
        hear(document, replace(asked(document), names=NAMES * 2), renderer, forecaster)


@pytest.fixture(scope="module")
def through(kiln) -> Audition:
    document, renderer, forecaster = kiln
    wanted = asked(document, through="loudspeakers", now="A third")
    return hear(document, wanted, renderer, forecaster)


def test_what_stands_there_is_played_as_it_is(through) -> None:
    f = np.geomspace(20.0, 15_000.0, 200)
    now = through.heard[0].pressure(f)
    assert np.abs(now[0, 0]) == pytest.approx(np.ones(200), abs=1e-5)
    assert not np.any(now[0, 1]) and not np.any(now[1, 0])


def test_through_the_loudspeakers_only_the_difference_is_heard(through) -> None:
    low = max(curve.low_hz for curve in through.curves)
    f = GRID_HZ[(low * 1.05 <= GRID_HZ) & (GRID_HZ <= 280.0)]
    for heard, curve in zip(through.heard[1:], through.curves[1:], strict=True):
        now = through.curves[0]
        gap = (beside(curve, now) - now.deviation_db)[np.isin(now.frequencies_hz, f)]
        got = 20 * np.log10(np.abs(heard.pressure(f)[0, 0]))
        free = (gap > 2 - MOST_DOWN_DB) & (gap < MOST_UP_DB - 2)
        off = (got - gap)[free]
        off = np.abs(off - np.median(off))  # one level for all: it is matched later
        assert np.percentile(off, 95) < 0.1 and off.max() < 0.5
        assert got.max() < MOST_UP_DB + 0.1
        beyond = np.abs(heard.pressure(np.array([2000.0, 8000.0]))[0, 0])
        assert beyond == pytest.approx(np.ones(2), abs=1e-3)
    assert "no more than 9 dB up" in through.notes[0] and "what rings stays" in through.notes[0]


def test_an_impulse_response_keeps_its_spectrum_at_any_rate() -> None:
    t = np.arange(44_100) / 44_100
    ringing = np.exp(-t * 20) * np.sin(2 * np.pi * 100 * t)
    samples = np.concatenate([np.zeros(441), ringing])
    for rate in (44_100, 48_000, 96_000):
        at = np.arange(round(1.2 * rate)) / rate
        impulse = ImpulseResponse(np.interp(at, np.arange(samples.size) / 44_100, samples), rate)
        found = spectrum_of_impulse(impulse)
        wanted = impulse.pressure(BINS_HZ[40:600])
        # Samples stand closer at a higher rate, so their sum is larger: levels are relative.
        gap = 20 * np.log10(np.abs(found[40:600] / wanted))
        assert np.ptp(gap) < 0.05
        assert np.abs(np.angle(found[40:600] / wanted)).max() < 0.02


def test_a_curve_without_phase_is_heard_at_its_level_once_it_has_arrived() -> None:
    f = np.geomspace(20.0, 20_000.0, 480)
    wanted = 4.0 * np.sin(np.log(f))
    found = spectrum_of_response(Response(f, wanted), 0.010)
    at = np.geomspace(25.0, 15_000.0, 50)
    got = np.interp(at, BINS_HZ, 20 * np.log10(np.abs(found) + 1e-9))
    assert np.abs(got - np.interp(np.log(at), np.log(f), wanted)).max() < 0.2
    wave = np.fft.irfft(found)
    assert np.argmax(np.abs(wave)) == pytest.approx(480, abs=3)


def test_what_differs_is_found_where_it_was_put() -> None:
    loop = piece_loop("pink")
    f = np.fft.rfftfreq(len(loop.samples), 1 / RATE_HZ)
    gain = np.where((f > 56.2) & (f < 70.8), 2.0, 1.0)
    one, other = (thirds_db(loop.spectrum * g, float(f[1])) for g in (gain, 1.0))
    found = tellings(one, other)
    assert len(found) == 1
    assert found[0].hertz == pytest.approx(63.1, abs=0.1)
    assert found[0].db == pytest.approx(6.02, abs=0.1)
    assert telling_words("X", found) == "Listen to “X”: at 63 Hz (B1) it is 6 dB stronger."
    assert found[0].short == "63 Hz (B1) +6 dB"
    assert "less than 1 dB" in telling_words("X", tellings(other, other))


def test_pink_noise_is_level_over_thirds_of_octaves() -> None:
    band = thirds_db(piece_loop("pink").spectrum, RATE_HZ / len(piece_loop("pink").samples))
    assert np.ptp(band[1:]) < 1.2 and CENTRES_HZ[17] == pytest.approx(1000.0)


def test_an_ear_in_a_wall_is_said(kiln) -> None:
    document, renderer, forecaster = kiln
    near = document.arrangements[0]
    near = replace(near, seats={**near.seats, "desk": replace(near.seats["desk"], x=0.05)})
    against = replace(document, arrangements=(near,))
    wanted = replace(asked(document), names=("A third",))
    found = hear(against, wanted, renderer, forecaster)
    assert any("an ear is in a wall" in note for note in found.notes)
    usual = hear(document, asked(document), renderer, forecaster)
    assert not any("in a wall" in note for note in usual.notes)


def test_silence_has_no_difference_to_hear(kiln) -> None:
    document, renderer, forecaster = kiln
    found = hear(document, asked(document, "sub"), renderer, forecaster)
    silent = replace(piece_loop("voice"), samples=np.zeros((96_000, 2), np.float32))
    with pytest.raises(Refused, match="silent"):
        played(found.heard, silent)
