"""Causes by what their absence does: modes, quiet zones, handovers, and moves foretold."""

from dataclasses import replace

import numpy as np
import pytest

from certain import some
from jolly_parlor.acoustics.fields.field_of_room import room_field
from jolly_parlor.acoustics.fields.modal_field import ModalField
from jolly_parlor.acoustics.fields.rigid_modes import modes
from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.room import SURFACE_NAMES, Point, Surface
from jolly_parlor.acoustics.sources import high_pass
from jolly_parlor.diagnosis.causes import ENOUGH, Cause, causes
from jolly_parlor.diagnosis.features import Feature, features
from jolly_parlor.diagnosis.field_moves import field_test, read_in_field
from jolly_parlor.diagnosis.findings import Finding, findings_of_forecast, findings_of_take
from jolly_parlor.diagnosis.interventions import (
    Anechoic,
    in_step,
    off_quiet_zone,
    shrinks_db,
    without_mode,
)
from jolly_parlor.diagnosis.marks import Mark, marks
from jolly_parlor.diagnosis.moves import experiments
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.evenness import GRID_HZ, Deviation, deviation
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.mixes import BOTH, LEFT_ALONE
from jolly_parlor.placement.radiating import all_heard_from
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.setup import Setup
from jolly_parlor.project.document import Document
from jolly_parlor.signals.response import Response
from jolly_parlor.studio.voxels import VoxelRoom
from rooms import case_of, placed, simple, small_gear

ROOM = box_room("r", 4.0, 5.0, 2.5, {n: Surface("own", (0.1,) * 7) for n in SURFACE_NAMES})
GEAR = small_gear(30.0)
GEAR = replace(GEAR, models=(replace(GEAR.monitor, acoustic_centre_ahead=0.0),))
"""Heard from their faces, so that distances below are those of the plan."""


def test_the_standing_waves_sum_to_the_field() -> None:
    # The triple sum converges slowly: to 0.3 dB with every mode up to 1.5 kHz.
    small = box_room("s", 2.1, 2.6, 2.0, ROOM.surfaces)  # a fifth of the modes
    f = np.geomspace(25.0, 200.0, 40)
    field = room_field(small, f)
    assert not isinstance(field, ModalField)
    source, ear = np.array([0.6, 0.5, 1.1]), np.array([1.3, 2.1, 1.2])
    total = field.box.of_mode((0, 0, 0), source, ear)  # type: ignore[attr-defined]
    for mode in modes(small.dimensions, small.speed_of_sound, 1500.0):
        part = field.of_mode(mode, source, ear)
        assert part is not None
        total = total + part
    off = np.abs(20 * np.log10(np.abs(total / field.transfer(source, ear))))
    assert np.median(off) < 0.05
    assert np.max(off) < 0.5


def test_elements_tell_the_same_mode_apart_as_the_formula() -> None:
    f = np.geomspace(25.0, 120.0, 30)
    box, elements = room_field(ROOM, f), ModalField(ROOM, f)
    source, ear = np.array([1.1, 0.8, 1.0]), np.array([2.4, 3.3, 1.5])
    for mode in some(modes(ROOM.dimensions, ROOM.speed_of_sound, 90.0)):
        one, other = (field.of_mode(mode, source, ear) for field in (box, elements))
        assert one is not None and other is not None, mode.name
        assert np.max(np.abs(one - other)) < 0.12 * np.max(np.abs(one)), mode.name


def test_a_mode_taken_out_takes_its_hill_with_it() -> None:
    # Source and ear in the corners of the length, off the middle otherwise: the first mode rules.
    ends = simple("a", Point(2.0, 0.3, 1.25), Point(2.1, 0.3, 1.25), Point(1.6, 4.6, 1.25))
    forecaster = Forecaster(ROOM, GEAR)
    here = forecaster.case(ends, "seat", LEFT_ALONE)
    hill = min(
        (f for f in features(forecaster.deviation(here)) if f.kind == "hill"),
        key=lambda f: abs(f.frequency_hz - 34.3),
    )
    first = modes(ROOM.dimensions, ROOM.speed_of_sound, 40.0)[0]
    after = without_mode(forecaster, here, first)
    assert after is not None
    assert shrinks_db(hill, after) > 0.8 * hill.level_db
    found = causes(hill, marks(here), Anechoic(forecaster), here)
    assert found[0].mark.lane in ("length modes", "front wall", "back wall")


def test_in_the_demo_a_hollow_is_put_down_to_the_quiet_zone_it_sits_in(
    kiln: Document, forecaster: Forecaster
) -> None:
    # Ear and monitors both near half the height: neither meets the first height mode, 68 Hz.
    tight = next(a for a in kiln.arrangements if a.name == "Tight to the wall")
    here = case_of(forecaster.setup(tight), "desk", "both")
    zones = [m for m in marks(here) if m.lane == "height modes"]
    assert zones[0].zone == "both"
    found = findings_of_forecast(forecaster, Anechoic(forecaster), here, Wishes())
    dip = next(f for f in found if abs(f.feature.frequency_hz - 67) < 2)
    assert "first height mode (68 Hz), seat and loudspeakers both in its quiet zone" in dip.headline
    assert " or " not in dip.headline
    cause = dip.causes[0]
    assert cause.there is not None and "With the ear" in dip.evidence
    after = forecaster.deviation(here.having(cause.there))
    assert shrinks_db(dip.feature, after) == pytest.approx(cause.without_db, abs=0.5)


def test_off_a_quiet_zone_needs_the_mode_to_carry_what_fills_it() -> None:
    usual = simple("a", Point(1.0, 0.6, 1.2), Point(3.0, 0.6, 1.2), Point(2.0, 2.5, 1.2))
    here = Case(Setup(ROOM, GEAR, usual), "seat", LEFT_ALONE)
    plain = Forecaster(ROOM, GEAR)
    length = modes(ROOM.dimensions, ROOM.speed_of_sound, 40.0)[0]
    at_35, at_180 = (Feature("hollow", f, -12.0, 12.0) for f in (35.0, 180.0))
    assert off_quiet_zone(plain, here, length, "ear", at_35) is not None
    assert off_quiet_zone(plain, here, length, "ear", at_180) is None


def test_sub_and_monitors_in_step_fill_what_the_handover_does(
    kiln: Document, forecaster: Forecaster
) -> None:
    here = case_of(forecaster.setup(kiln.arrangements[0]), "desk", "both+sub")
    mains, subs = ("left", "right"), ("sub",)
    now, aligned = forecaster.deviation(here), in_step(forecaster, here, (mains, subs))
    near = (GRID_HZ > 60) & (GRID_HZ < 110)
    raised = aligned.deviation_db + aligned.reference_db - now.deviation_db - now.reference_db
    assert np.all(raised[near] > -1e-6), "magnitudes that add are never less than a sum"
    assert np.max(raised[near]) > 1.0


def test_what_can_be_excluded_is_not_named_beside_the_cause() -> None:
    reflection = Mark("floor", "hollow", 67.0, 0.5, "", reflection=None)
    first = Cause(replace(reflection, lane="ceiling"), 0.5, 8.0, explains=0.6)
    other = Cause(reflection, 0.3, 3.0, explains=0.4)
    feature = Feature("hollow", 67.0, -13.0, 13.0)
    words = Finding(feature, (first, other), None, measured=False).cause_words
    assert " or " not in words


@pytest.fixture(scope="module")
def solver() -> VoxelRoom:
    """The room in another method: finite volumes in the time domain, in cubes of 10 cm."""
    return VoxelRoom(ROOM, 0.1, 1.0)


def measured(solver: VoxelRoom, here: Case) -> Deviation:
    """What would be measured: the sum of what plays, through the monitors' own low end."""
    f = np.arange(18.0, 330.0, 0.5)
    ear = here.arrangement.seats[here.seat].array()
    sources = all_heard_from(Setup(ROOM, GEAR, here.arrangement), here.mix.loudspeakers)
    places = np.array([place.array() for place in sources.values()])
    heard = solver.transfers(ear, places, f).sum(axis=0) * high_pass(f, 30.0, 4)
    return deviation(Response(f, 20 * np.log10(np.abs(heard))), 30.0)


USUAL = simple("usual", Point(1.0, 0.6, 1.2), Point(3.0, 0.6, 1.2), Point(2.0, 2.1, 1.2))


def test_a_move_is_foretold_by_the_field_and_takes_are_held_against_it(solver: VoxelRoom) -> None:
    forecaster = Forecaster(ROOM, GEAR)
    here = forecaster.case(USUAL, "seat", LEFT_ALONE)
    taken = measured(solver, here)
    dip = next(f for f in features(forecaster.deviation(here)) if f.kind == "hollow")
    own = min(
        (f for f in features(taken) if f.kind == "hollow"),
        key=lambda f: abs(np.log2(f.frequency_hz / dip.frequency_hz)),
    )
    assert own.frequency_hz == pytest.approx(dip.frequency_hz, rel=0.02)
    words = field_test(dip, forecaster, here)
    assert words.startswith("To check, move the ")
    moved = placed(USUAL, left=replace(USUAL.left, y=1.0), name="there")
    tried = experiments(here, [(moved, measured(solver, here.having(moved)))])
    said, agrees = read_in_field(own, dip, tried, forecaster, here)
    assert agrees and "when the left monitor moved" in said
    # A take in which it went elsewhere makes the explanation less sure.
    level = np.where(np.abs(np.log2(GRID_HZ / (dip.frequency_hz * 1.3))) < 0.06, -15.0, 0.0)
    other = experiments(here, [(moved, Deviation(GRID_HZ, level, 48.0, 300.0, 0.0))])
    said, agrees = read_in_field(own, dip, other, forecaster, here)
    assert not agrees and said.endswith("less sure.")


def test_a_measured_hollow_is_explained_by_the_forecast_that_shows_it_too(
    solver: VoxelRoom,
) -> None:
    forecaster = Forecaster(ROOM, GEAR)
    here = forecaster.case(USUAL, "seat", BOTH)
    found = findings_of_take(
        measured(solver, here), forecaster, here, Wishes(), (), Anechoic(forecaster)
    )
    first = found[0].causes[0]
    assert found[0].measured and first.without_db is not None and first.explains >= ENOUGH
