"""The desk as a cause, in remedies and in strips."""

from dataclasses import replace

import numpy as np
import pytest

from jolly_parlor.acoustics.geometry.room import Point, Surface
from jolly_parlor.diagnosis.causes import causes
from jolly_parlor.diagnosis.features import features
from jolly_parlor.diagnosis.findings import findings_of_forecast
from jolly_parlor.diagnosis.interventions import Anechoic, shrinks_db, without_desk
from jolly_parlor.diagnosis.marks import marks
from jolly_parlor.diagnosis.remedies import best_remedy
from jolly_parlor.placement.arrangement import DeskPlace
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.evenness import evenness, evenness_db
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gear import Desk
from jolly_parlor.placement.items import DESK
from jolly_parlor.placement.mixes import BOTH, judged_band
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.strips import strip
from jolly_parlor.project.document import Document
from jolly_parlor.refused import Refused
from rooms import placed, rebuilt

HERE = "desk"


@pytest.fixture(scope="module")
def soft(kiln: Document) -> Forecaster:
    """A large room that takes in nearly all sound, and a desk."""
    surfaces = dict.fromkeys(kiln.room.surfaces, Surface("own", (0.8,) * 7))
    room = rebuilt(kiln.room, surfaces=surfaces, openings=(), width=5.0, length=7.0, height=3.2)
    return Forecaster(room, replace(kiln.gear, desk=Desk(2.2, 0.9, 0.74)))


@pytest.fixture(scope="module")
def sat(kiln: Document) -> Case:
    """Monitors behind a desk in the middle of that room."""
    a = placed(
        kiln.arrangements[0],
        left=Point(1.9, 2.0, 1.0),
        right=Point(3.1, 2.0, 1.0),
        seats={"desk": Point(2.5, 3.1, 1.1), "sofa": Point(2.5, 5.5, 1.0)},
    )
    return kiln.case(replace(a, desk=DeskPlace(1.4, 2.12)), HERE, BOTH)


def test_by_itself_in_a_soft_room_the_desk_is_the_cause(soft: Forecaster, sat: Case) -> None:
    # Present by construction: nothing else is near and hard.
    own = soft.deviation(sat)
    bare = without_desk(soft, sat)
    assert bare is not None
    told = Forecaster(soft.room, replace(soft.gear, desk=None), soft.field)
    assert np.allclose(bare.deviation_db, told.deviation(sat).deviation_db)
    most = max(features(own), key=lambda f: shrinks_db(f, bare))
    found = causes(most, marks(sat), Anechoic(soft), sat)
    assert "desk" in [cause.mark.lane for cause in found[:2]]
    desk = next(cause for cause in found if cause.mark.lane == "desk")
    assert desk.without_db == pytest.approx(shrinks_db(most, bare))


def test_findings_say_what_goes_without_the_desk(soft: Forecaster, sat: Case) -> None:
    every = findings_of_forecast(soft, Anechoic(soft), sat, Wishes())
    named = [one for one in every if one.causes and one.causes[0].mark.lane == "desk"]
    assert named
    assert "Without the desk this " in named[0].evidence
    assert "desk" in named[0].headline


def test_a_desk_elsewhere_or_otherwise_does_what_its_remedy_says(
    kiln: Document, forecaster: Forecaster
) -> None:
    here = forecaster.case(kiln.arrangements[2], HERE, BOTH)
    found = features(forecaster.deviation(here))[:6]
    tried = [best_remedy(f, "desk", forecaster, here, Wishes()) for f in found]
    remedies = [one for one in tried if one is not None]
    assert remedies
    for one in remedies:
        gear = one.move.gear or forecaster.gear
        own = Forecaster(forecaster.room, gear, forecaster.field)
        after = own.deviation(here.having(one.arrangement))
        assert evenness(after).value_db == pytest.approx(one.evenness_after_db, abs=0.01)
        assert one.evenness_after_db < one.evenness_before_db


@pytest.mark.parametrize("axis", ["y", "z"])
def test_its_strip_is_what_the_forecasts_are_one_by_one(
    soft: Forecaster, sat: Case, axis: str
) -> None:
    found = strip(soft, sat, DESK, axis)  # type: ignore[arg-type]
    desk, at = soft.gear.desk, sat.arrangement.desk
    assert desk is not None and at is not None
    assert found.now == pytest.approx(at.y if axis == "y" else desk.height)
    known = np.flatnonzero(np.isfinite(found.figures_db))
    assert known.size > 5
    for index in known[[0, -1]]:
        to, gear, a = float(found.metres[index]), soft.gear, sat.arrangement
        if axis == "y":
            a = replace(a, desk=replace(at, y=to))
        else:
            gear = replace(gear, desk=replace(desk, height=to))
        quick = Forecaster(soft.room, gear, soft.field).coarse()
        level = 20 * np.log10(np.abs(quick.of(sat.having(a)).pressure(BOTH)))
        figure = evenness_db(quick.frequencies_hz, level, *judged_band(gear, BOTH))
        assert found.figures_db[index] == pytest.approx(float(figure), abs=0.02)


def test_no_desk_no_strip(soft: Forecaster, sat: Case) -> None:
    bare = Forecaster(soft.room, replace(soft.gear, desk=None), soft.field)
    with pytest.raises(Refused, match="There is no desk"):
        strip(bare, sat, DESK, "y")
    assert without_desk(bare, sat) is None
