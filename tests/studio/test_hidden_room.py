"""The studio's hidden room: another solver, another room than the survey, the same for a seed."""

from dataclasses import replace

import numpy as np
import pytest

from jolly_parlor.acoustics.fields.field_of_room import room_field
from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.room import SURFACE_NAMES, Point, Room, Surface, Thing
from jolly_parlor.app.samples import SAMPLES
from jolly_parlor.placement.evenness import SMOOTHING_PER_OCTAVE
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import open_document
from jolly_parlor.project.staging import stage_of
from jolly_parlor.signals.smoothing import smooth_level_db
from jolly_parlor.studio.device import StagedSource
from jolly_parlor.studio.hidden_room import HiddenRoom
from jolly_parlor.studio.room_impulse import impulse_response
from jolly_parlor.studio.simulated import SimulatedStudio
from jolly_parlor.studio.voxels import VoxelRoom

HZ = np.geomspace(30.0, 200.0, 150)
EAR, PLACE = Point(1.9, 2.5, 1.2), Point(1.2, 0.7, 1.1)


def levels(pressure: np.ndarray) -> np.ndarray:
    return smooth_level_db(HZ, 20 * np.log10(np.abs(pressure)), HZ, SMOOTHING_PER_OCTAVE)


def plain(alpha: float = 0.12) -> Room:
    """Sizes that are whole numbers of 0.1 m cubes."""
    surfaces = {name: Surface("own", (alpha,) * 7) for name in SURFACE_NAMES}
    return box_room("plain", 3.8, 5.2, 2.5, surfaces)


def test_the_solver_gives_the_field_of_a_plain_box() -> None:
    # Two solutions that share nothing: eigenfunctions of impedance walls, and finite volumes.
    solver = VoxelRoom(plain(), 0.1, 1.2)
    found = solver.transfers(EAR.array(), np.array([PLACE.array()]), HZ)[0]
    told = room_field(plain(), HZ).transfer(PLACE.array(), EAR.array())
    gap = np.abs(levels(found) - levels(told))
    assert np.median(gap) < 0.35
    assert np.percentile(gap, 90) < 1.2


@pytest.mark.parametrize("resonance", [60.0, 5.0])
def test_a_panel_that_gives_way_moves_the_mode_before_it(resonance: float) -> None:
    # A locally reacting wall of impedance j (w m - s / w) lengthens the room to first order by
    # rho c^2 / (s - w^2 m) (Kuttruff, Room Acoustics): a spring longer, a mass shorter.
    f, mass = np.linspace(25.0, 42.0, 171), 12.0
    ear, place = np.array([1.7, 4.9, 1.25]), np.array([[1.9, 0.3, 1.25]])
    solver = VoxelRoom(plain(0.03), 0.1, 1.2, {"back": (mass, resonance, 0.05)})
    peak = f[np.argmax(np.abs(solver.transfers(ear, place, f)[0]))]
    w = 2 * np.pi * 33.0
    longer = 1.2 * 343.2**2 / (mass * (2 * np.pi * resonance) ** 2 - w**2 * mass)
    assert abs(longer) > 0.1
    assert peak == pytest.approx(343.2 / 2 / (5.2 + longer), abs=0.35)


@pytest.mark.real_room
def test_it_differs_from_the_survey_as_rooms_do_and_repeats(kiln: Document) -> None:
    one, same, other = (HiddenRoom.of(kiln.room, seed) for seed in (1, 1, 2))
    names = {thing.name for thing in one.room.things}
    assert names == {"armchair", "cupboard"} and not kiln.room.things
    places = tuple(StagedSource(p, 40.0, 24) for p in (PLACE, Point(2.7, 0.6, 1.1)))
    heard = one.transfers(EAR, places)
    assert np.array_equal(heard, same.transfers(EAR, places))
    first = one.over(HZ, heard[0])
    assert not np.allclose(first, other.over(HZ, other.transfers(EAR, places)[0]))
    told = room_field(kiln.room, HZ).transfer(PLACE.array(), EAR.array())
    gap = np.abs(levels(first) - levels(told))
    assert 0.7 < np.median(gap) < 4.0, "another room, but no other house"
    # A bay beyond the plan, and nothing heard above the top.
    air = one.solver.air.sum() * one.solver.cell**3
    assert air > kiln.room.volume
    assert one.over(np.array([400.0]), heard[0])[0] == 0


def test_what_was_surveyed_stands_a_little_elsewhere_and_plans_are_kept(kiln: Document) -> None:
    case = Thing("bookcase", "solid", 0.5, 2.0, 0.0, 0.4, 1.0, 1.8)
    hidden = HiddenRoom.of(replace(kiln.room, things=(case,)), 3)
    moved = hidden.room.things[0]
    off = max(abs(moved.x - case.x), abs(moved.y - case.y))
    assert 0.001 < off <= 0.03
    # A place inside something solid is taken out into the air, not left silent.
    inside = Point(0.7, 2.5, 0.9)
    assert np.all(np.abs(hidden.transfers(EAR, (StagedSource(inside, 40.0, 24),))) > 0)
    loft = open_document(SAMPLES["loft"]).room
    assert not loft.is_box
    odd = HiddenRoom.of(loft, 1)
    assert odd.room.plan == loft.plan
    volume = odd.solver.air.sum() * odd.solver.cell**3
    assert volume == pytest.approx(loft.volume, rel=0.06)


@pytest.mark.real_room
def test_the_studio_plays_what_the_hidden_room_answers(kiln: Document) -> None:
    # Joined with image sources in time and cut to a second: below the join nothing may be lost.
    studio = SimulatedStudio(kiln.room, 3)
    stage = stage_of(kiln, kiln.arrangements[0], "desk")
    stands = {n: s.moved(studio._misplaced(s.place, n)) for n, s in stage.sources.items()}
    place = stands["left"].place
    ear = studio._misplaced(stage.microphone, "microphone")
    images = impulse_response(studio._room, place, ear, 48000)
    h = studio._with_waves(images, "left", ear, stage)
    f = HZ[HZ < 180]
    played = np.exp(-2j * np.pi * f[:, None] * np.arange(h.size) / 48000) @ h
    hidden = studio._hidden(stage)
    rows = hidden.transfers(ear, list(stands.values()), stage.plates)
    answered = hidden.over(f, rows[list(stands).index("left")])
    off = np.abs(played - answered) / np.sqrt(np.mean(np.abs(answered) ** 2))
    assert np.median(off) < 0.01
    assert np.max(off) < 0.05
