"""Forecast, maps, strips, search and causes run on any RoomField, and say what it says."""

import numpy as np
import pytest

from jolly_parlor.acoustics.fields.field_of_room import RoomField
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.diagnosis.findings import findings_of_forecast
from jolly_parlor.diagnosis.interventions import Anechoic
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.evenness import GRID_HZ, evenness_db, spread_db
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.items import LEFT, seat
from jolly_parlor.placement.maps import pressure_map, seat_map, source_map
from jolly_parlor.placement.mixes import BOTH, judged_band
from jolly_parlor.placement.search.search import search
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.strips import strip
from jolly_parlor.project.document import Document
from quick_field import QuickField
from rigid_field import RigidField
from rooms import case_of, without_controls


@pytest.fixture(scope="module")
def rigid(kiln: Document) -> Forecaster:
    """The demo's gear in damped modes."""
    field: RoomField = RigidField(kiln.room, GRID_HZ)
    return Forecaster(kiln.room, kiln.gear, field)


def _figure(quick: Forecaster, of: Case, smoothed: bool) -> float:
    """As strips judge, or as maps do."""
    f, band = quick.frequencies_hz, judged_band(quick.gear, of.mix)
    level = 20 * np.log10(np.abs(quick.of(of).pressure(of.mix)))
    if smoothed:
        return float(evenness_db(f, level, *band))
    level = level[(f >= band[0] - 1e-9) & (f <= band[1] + 1e-9)]
    return float(spread_db(level - level.mean()))


def test_the_forecast_is_the_fields_own(kiln: Document, rigid: Forecaster) -> None:
    a = kiln.arrangements[0]
    heard = rigid.at_seat(a, "desk")
    left, field = rigid.heard_from(a)["left"].array(), rigid.field_of(a)
    own = field.transfer(left, a.seats["desk"].array())
    assert np.allclose(heard.sources["left"], own * rigid.drive_of("left"))
    back = field.transfer(a.seats["desk"].array(), left)
    assert np.allclose(own, back), "reciprocity"


def test_maps_and_strips_agree_with_forecasts_one_by_one(kiln: Document, rigid: Forecaster) -> None:
    a = kiln.arrangements[0]
    here = case_of(rigid.setup(a))
    # A seat beside the main one: to that all cabinets turn, whoever sits elsewhere.
    aside = case_of(rigid.setup(a), "sofa")
    seats, sources = seat_map(rigid, aside), source_map(rigid, here, LEFT)
    quick = rigid.coarse()
    for row, column in ((20, 12), (28, 9)):
        ear = Point(float(seats.xs[column]), float(seats.ys[row]), seats.height)
        there = case_of(rigid.setup(a.moved(seat("sofa"), ear)), "sofa")
        from_map = float(seats.figures_db[row, column])
        assert from_map == pytest.approx(_figure(quick, there, False), abs=0.02)
    assert np.isfinite(sources.figures_db).sum() > 100
    slid = strip(rigid, here, LEFT, "y")
    calm = a.mirrored_move(LEFT, Point(a.left.x, slid.calmest, a.left.z), kiln.room)
    lowest = float(np.nanmin(slid.figures_db))
    assert _figure(quick, case_of(rigid.setup(calm)), True) == pytest.approx(lowest, abs=0.02)
    pressed = pressure_map(rigid, here, 60.0)
    assert np.ptp(pressed.plan_db) > 3


def test_search_weighs_the_whole_grid_where_nothing_is_separable(kiln: Document) -> None:
    a = kiln.arrangements[0]
    wishes = Wishes(subwoofers="stay", height_change=0.0, behind_head=3.0, furthest=1.3)
    gear = without_controls(kiln.gear)
    found = search(kiln.room, gear, a, wishes, step=0.15, most=2, make_field=QuickField)
    best = found.proposals[0]
    assert found.present_db is not None
    assert best.figure_db < found.present_db
    assert found.evaluated > 20


def test_causes_ask_the_field_what_a_surface_does(kiln: Document, rigid: Forecaster) -> None:
    here = case_of(rigid.setup(kiln.arrangements[0]), mix=BOTH)
    found = findings_of_forecast(rigid, Anechoic(rigid), here, Wishes())
    assert found
    assert any(finding.causes for finding in found)
