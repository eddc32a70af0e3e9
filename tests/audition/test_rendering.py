"""Impulse responses against the forecast, takes and an independent meter of loudness."""

import numpy as np
import pyloudnorm
import pytest
from scipy import signal

from certain import some
from jolly_parlor.acoustics.rigid_sphere import ear_points
from jolly_parlor.audition.auralisation import Heard, Renderer, shares
from jolly_parlor.audition.piece_heard import PIECES, piece_loop, played
from jolly_parlor.audition.transfers import EARS, POINT, RATE_HZ, Transfers
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.evenness import GRID_HZ
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.mixes import judged_band, mix_of, mixes
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import open_document
from places import EXAMPLES
from quick_field import use_wide_elements

BAND_DB = 0.1
"""What a rendered response may differ by from the forecast over the judged band (the issue's)."""


def opened(name: str) -> Document:
    return open_document(EXAMPLES / f"{name}.parlor")


@pytest.fixture(scope="module")
def boxed() -> tuple[Document, Renderer, Forecaster]:
    document = opened("kiln-room")
    room, gear = document.room, document.gear
    return document, Renderer(Transfers(room), gear), Forecaster(room, gear)


def cases(document: Document, mix: str) -> list[Case]:
    seat = document.gear.seats[0].name
    return [document.case(a, seat, mix_of(document.gear, mix)) for a in document.arrangements]


def off_db(heard: Heard, one: Case, document: Document, forecaster: Forecaster) -> float:
    """The most by which what both channels bring differs from the forecast over the judged band,
    at each of its ears.
    """
    low, high, _ = judged_band(document.gear, one.mix)
    f = GRID_HZ[(low <= GRID_HZ) & (high >= GRID_HZ)]
    points = (one.ear,) if len(heard.samples) == 1 else ear_points(one.ear)
    worst = 0.0
    for got, point in zip(heard.pressure(f).sum(axis=1), points, strict=True):
        forecast = forecaster.at(one.arrangement, point, one.mix).pressure(one.mix)
        wanted = forecast[(low <= GRID_HZ) & (high >= GRID_HZ)]
        worst = max(worst, float(np.max(np.abs(20 * np.log10(np.abs(got / wanted))))))
    return worst


@pytest.mark.parametrize(
    ("mix", "reception"), [("left", POINT), ("both+sub", POINT), ("both+sub", EARS), ("sub", EARS)]
)
def test_what_is_rendered_is_the_forecast(boxed, mix, reception) -> None:
    document, renderer, forecaster = boxed
    heard = cases(document, mix)
    for one, made in some(zip(heard, renderer.heard(heard, reception), strict=True)):
        assert off_db(made, one, document, forecaster) < BAND_DB


def test_a_lived_in_room_too(monkeypatch: pytest.MonkeyPatch) -> None:
    use_wide_elements(monkeypatch)  # the same for what is rendered and what is forecast
    document = opened("kiln-furnished")
    room, gear = document.room, document.gear
    heard = cases(document, "both+sub")[:1]
    made = Renderer(Transfers(room), gear).heard(heard, POINT)[0]
    assert off_db(made, heard[0], document, Forecaster(room, gear)) < BAND_DB


def test_phase_is_the_forecasts_too(boxed) -> None:
    document, renderer, forecaster = boxed
    one = cases(document, "both+sub")[0]
    f = np.array([50.0, 80.0, 150.0, 250.0])
    got = renderer.heard([one], POINT)[0].pressure(f).sum(axis=1)[0]
    field = forecaster.in_field(type(forecaster.field)(*_at(forecaster, f)))
    wanted = field.of(one).pressure(one.mix)
    assert np.abs(got / wanted - 1) == pytest.approx(np.zeros(4), abs=0.01)


def _at(forecaster: Forecaster, f: np.ndarray) -> tuple[object, ...]:
    from jolly_parlor.acoustics.fields.field_of_room import box_field

    return (box_field(forecaster.room, f),)


def test_nothing_sounds_before_the_direct_sound_and_little_after_two_seconds(boxed) -> None:
    document, renderer, _ = boxed
    one = cases(document, "both")[0]
    made = renderer.heard([one], POINT)[0]
    samples = made.samples[0, 0]
    arrives = one.arrangement.left.distance(one.ear) / document.room.speed_of_sound
    first = round((made.lead_seconds + arrives) * RATE_HZ)
    peak = np.max(np.abs(samples))
    assert np.max(np.abs(samples[first - 8 : first + 9])) > 0.5 * peak
    assert np.max(np.abs(samples[: first - round(0.02 * RATE_HZ)])) < 0.01 * peak
    assert np.max(np.abs(samples[-2400:])) < 1e-4 * peak


def test_the_ear_that_is_turned_to_a_loudspeaker_hears_more_treble_of_it(boxed) -> None:
    document, renderer, _ = boxed
    made = renderer.heard(cases(document, "both")[:1], EARS)[0]
    f = np.linspace(5000.0, 12000.0, 60)
    level = 10 * np.log10(np.mean(np.abs(made.pressure(f)) ** 2, axis=-1))
    assert level[0, 0] > level[1, 0] + 3 and level[1, 1] > level[0, 1] + 3


def test_each_channel_goes_where_it_belongs() -> None:
    gear = opened("kiln-room").gear
    for mix in mixes(gear):
        fed = np.array([shares(mix, name) for name in mix.loudspeakers])
        assert fed.sum(axis=1) == pytest.approx(np.ones(len(fed)))
    assert shares(mix_of(gear, "both+sub"), "left") == (1.0, 0.0)
    assert shares(mix_of(gear, "both+sub"), "sub") == (0.5, 0.5)
    assert shares(mix_of(gear, "left"), "left") == (0.5, 0.5)


@pytest.mark.parametrize("piece", PIECES)
def test_all_are_equally_loud_to_an_independent_meter(boxed, piece) -> None:
    document, renderer, _ = boxed
    found = played(renderer.heard(cases(document, "both+sub"), EARS), piece_loop(piece))
    meter = pyloudnorm.Meter(RATE_HZ)
    loud = [meter.integrated_loudness(one.astype(float)) for one in found.matched.sounds]
    assert max(loud) - min(loud) < 0.1
    assert np.mean(loud) == pytest.approx(found.matched.loudness_lufs, abs=0.15)
    assert max(np.max(np.abs(one)) for one in found.matched.sounds) <= 10 ** (-1 / 20) + 1e-6


def test_a_loop_through_a_filter_is_what_goes_round_in_the_room(
    boxed: tuple[Document, Renderer, Forecaster],
) -> None:
    document, renderer, _ = boxed
    made = renderer.heard(cases(document, "both")[:1], EARS)[0]
    loop = piece_loop("voice")
    twice = np.tile(loop.samples.astype(float), (2, 1))
    count = len(loop.samples)
    straight = sum(
        np.array([signal.oaconvolve(twice[:, c], made.samples[e, c, :4000]) for e in (0, 1)])
        for c in (0, 1)
    )
    short = Heard(made.samples[:, :, :4000])
    assert (
        np.abs(loop.sound(loop.through(short.samples)).T - straight[:, count : 2 * count]).max()
        < 1e-3
    )
