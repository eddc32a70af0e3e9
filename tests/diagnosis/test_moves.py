"""Two takes with one thing moved, made by one reflection or one mode: the right one is believed."""

from dataclasses import replace

import numpy as np
import pytest

from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.image_sources import mirror
from jolly_parlor.acoustics.geometry.room import SURFACE_NAMES, Point, Surface
from jolly_parlor.diagnosis.causes import Cause, measured_causes
from jolly_parlor.diagnosis.features import features
from jolly_parlor.diagnosis.marks import Mark, marks
from jolly_parlor.diagnosis.moves import equally_likely, experiments, parting_test, read
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.evenness import Deviation, deviation
from jolly_parlor.placement.setup import Setup
from jolly_parlor.signals.response import Response
from rooms import case_of, placed, simple, small_gear

ROOM = box_room("r", 4.0, 6.0, 2.6, {name: Surface("own", (0.3,) * 7) for name in SURFACE_NAMES})
GEAR = small_gear(30.0)
HERE = simple("here", Point(1.3, 0.8, 1.2), Point(2.7, 0.8, 1.2), Point(2.0, 2.7, 1.2))
HZ = np.geomspace(18.0, 320.0, 500)


def _here(mix: str) -> Case:
    return case_of(Setup(ROOM, GEAR, HERE), "seat", mix)


def _heard(a: Arrangement, surface: str) -> Deviation:
    """The left monitor and its image behind one surface: the only cause there is."""
    k = 2 * np.pi * HZ / ROOM.speed_of_sound
    ear, image = a.seats["seat"], mirror(ROOM, surface, a.left)
    total = sum(
        size * np.exp(-1j * k * p.distance(ear)) / p.distance(ear)
        for p, size in ((a.left, 1.0), (image, 0.95))
    )
    return deviation(Response.from_pressure(HZ, total), 30.0)


def _moved(dy: float) -> Arrangement:
    return placed(HERE, left=replace(HERE.left, y=HERE.left.y + dy), name="there")


def _deepest(of: Deviation):  # type: ignore[no-untyped-def]
    return min(features(of), key=lambda f: f.level_db)


@pytest.mark.parametrize("surface", ["front", "ceiling", "left"])
def test_the_surface_whose_path_foretells_the_shift_is_believed(surface: str) -> None:
    # Along the room a side wall's path changes as the ceiling's does; across it, by itself.
    across = placed(HERE, left=replace(HERE.left, x=HERE.left.x + 0.15), name="there")
    there = across if surface == "left" else _moved(0.15)
    experiment = experiments(_here("left"), [(there, _heard(there, surface))])[0]
    assert experiment.moved == "the left monitor"
    assert experiment.metres == pytest.approx(0.15)
    feature = _deepest(_heard(HERE, surface))
    lane = {"front": "front wall", "left": "side walls"}.get(surface, surface)
    every = marks(_here("left"))
    # All marks of its kind nearby start out equal: only the move can part them.
    near = [
        m
        for m in every
        if m.kind == "hollow" and 0.8 < m.frequency_hz / feature.frequency_hz < 1.25
    ]
    blind = [Cause(mark, 1 / len(near), None) for mark in near]
    assert len({cause.mark.lane for cause in blind}) > 1
    verdict = read(feature, blind, experiment, _here("left"))
    assert verdict.causes[0].mark.lane == lane
    assert sum(cause.share for cause in verdict.causes) == pytest.approx(1.0)
    assert "when the left monitor moved 15 cm" in verdict.words


def test_what_follows_is_said_with_both_frequencies() -> None:
    there = _moved(0.2)
    experiment = experiments(_here("left"), [(there, _heard(there, "front"))])[0]
    feature = _deepest(_heard(HERE, "front"))
    ranked = measured_causes(feature, marks(_here("left")))
    words = read(feature, ranked, experiment, _here("left")).words
    # A wall 0.8 m behind cancels near 343 / 4 / 0.8 = 107 Hz, one 1 m behind near 86 Hz.
    assert words.startswith("It followed when the left monitor moved 20 cm: 11")
    assert "→ 8" in words  # the seat is not far, so the path back is a little shorter than 2 d


def test_only_one_thing_may_have_moved() -> None:
    of = _heard(HERE, "front")
    two = replace(_moved(0.2), seats={"seat": Point(2.0, 3.0, 1.2)})
    pair = placed(_moved(0.2), right=replace(HERE.right, y=1.0))
    assert experiments(_here("left"), [(HERE, of), (two, of)]) == []
    assert experiments(_here("both"), [(pair, of)])[0].moved == "the monitors"
    seat = replace(HERE, seats={"seat": Point(2.0, 3.0, 1.2)})
    assert experiments(_here("left"), [(seat, of)])[0].moved == "the seat"
    # The right monitor is not heard in a take of the left one.
    right = placed(HERE, right=replace(HERE.right, y=1.0))
    assert experiments(_here("left"), [(right, of)]) == []


def test_a_cheap_test_parts_two_equal_causes() -> None:
    feature = _deepest(_heard(HERE, "front"))
    every = marks(_here("left"))

    def nearest(lane: str) -> Mark:
        of = [m for m in every if m.lane == lane and m.kind == "hollow"]
        return min(of, key=lambda m: abs(m.frequency_hz - feature.frequency_hz))

    pair = [Cause(nearest("front wall"), 0.5, None), Cause(nearest("ceiling"), 0.5, None)]
    assert equally_likely(pair) and not equally_likely(pair[:1])
    words = parting_test(*pair, feature, _here("left"))
    assert words.startswith("To tell the two apart, move the ") and "the second to" in words
