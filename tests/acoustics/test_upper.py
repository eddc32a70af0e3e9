"""Images above the modal range: places against an independent library, and how they join."""

import numpy as np
import pyroomacoustics
import pytest

from jolly_parlor.acoustics.fields.early_images import Images, joined
from jolly_parlor.acoustics.fields.field_of_room import box_field
from jolly_parlor.acoustics.geometry.image_sources import first_reflections
from jolly_parlor.acoustics.geometry.room import Point, Surface
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.upper_range import TOP_HZ, UpperForecaster
from jolly_parlor.project.document import Document
from jolly_parlor.refused import Refused
from rooms import MIXES, case_of, rebuilt


def test_images_stand_where_a_general_purpose_library_puts_them(kiln: Document) -> None:
    source = Point(0.9, 1.3, 1.15)
    box = pyroomacoustics.ShoeBox(list(kiln.room.dimensions), fs=8000, max_order=2)
    box.add_source(list(source.array()))
    box.add_microphone([2.0, 3.0, 1.2])
    box.image_source_model()
    theirs = np.asarray(box.sources[0].images).T
    model = Images(kiln.room, np.array([400.0]), 2)
    ours, hits = model.places(source), model.hits
    assert len(ours) == len(theirs) == 25
    assert hits.sum(axis=1).max() == 2 and hits[0].sum() == 0
    for place in ours:
        assert np.min(np.linalg.norm(theirs - place, axis=1)) < 1e-6


def test_first_order_is_the_sum_of_the_six_bounces(kiln: Document) -> None:
    hard = {name: Surface("own", (0.0,) * 7) for name in kiln.room.surfaces}
    room = rebuilt(kiln.room, surfaces=hard, openings=())
    source, ear = Point(0.9, 1.0, 1.2), Point(1.9, 2.4, 1.2)
    f = np.array([320.0, 500.0, 690.0])
    k = 2 * np.pi * f / room.speed_of_sound
    paths = [source.distance(ear), *(b.path_metres for b in first_reflections(room, source, ear))]
    expected = sum(np.exp(-1j * k * r) / r for r in paths)
    assert np.allclose(Images(room, f, order=1).pressure(source, ear), expected)


def test_in_a_dead_room_images_and_modes_agree(kiln: Document) -> None:
    """Where little is reflected the low orders are nearly all there is."""
    dead = {name: Surface("own", (0.9,) * 7) for name in kiln.room.surfaces}
    room = rebuilt(kiln.room, surfaces=dead, openings=())
    f = np.geomspace(200.0, 300.0, 25)
    source, ear = Point(0.9, 1.0, 1.2), Point(1.9, 2.4, 1.2)
    modal = box_field(room, f).pressure(source.array(), ear.array())
    gap = 20 * np.log10(np.abs(Images(room, f).pressure(source, ear)) / np.abs(modal))
    assert np.median(np.abs(gap)) < 0.5
    assert np.max(np.abs(gap)) < 1.5


def test_the_join_has_no_step() -> None:
    f = np.geomspace(280.0, 400.0, 200)
    low, high = np.ones(f.size, complex), 3 * np.ones(f.size, complex)
    both = joined(low, high, f)
    assert np.all(both[f <= 300] == 1) and np.all(both[f >= 345] == 3)
    assert np.all(np.diff(both.real) >= -1e-12)
    assert np.max(np.abs(np.diff(both))) < 0.06


@pytest.mark.parametrize("combination", ["left", "both", "both+sub"])
def test_the_upper_curve_meets_the_judged_one(
    kiln: Document, forecaster: Forecaster, combination: str
) -> None:
    a = kiln.arrangements[0]
    judged = forecaster.at_seat(a, "desk").deviation(MIXES[combination])
    curve = UpperForecaster(kiln.room, kiln.gear).curve(
        case_of(forecaster.setup(a), "desk", combination), judged.reference_db
    )
    start = float(curve.frequencies_hz[0])
    there = np.interp(start, judged.frequencies_hz, judged.deviation_db)
    assert start < 300 / 2 ** (1 / 24) + 0.1
    assert curve.deviation_db[0] == pytest.approx(there, abs=0.25)
    assert curve.frequencies_hz[-1] == pytest.approx(TOP_HZ, rel=0.02)
    assert np.max(np.abs(np.diff(curve.deviation_db))) < 8


def test_a_source_in_the_ear_is_refused(kiln: Document) -> None:
    with pytest.raises(Refused, match="same place"):
        Images(kiln.room, np.array([400.0])).pressure(Point(1, 1, 1), Point(1, 1, 1))
