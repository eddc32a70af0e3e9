"""Furnished rooms as nobody's model has them, for `accuracy.py`: random, each with walls that
resonate (mass, spring and loss), things the survey has a little wrong or forgot, and takes with a
centimetre of misplacing and half a decibel of measuring error.

The truth is a solution by finite volumes in the time domain (`studio/voxels.py`), with panels
as oscillators at the faces.
"""

import sys
from collections.abc import Sequence
from dataclasses import dataclass, replace
from pathlib import Path

import numpy as np
from simple import misplaced, pair, with_error

sys.path.insert(0, str(Path(__file__).resolve().parent.parent / "scripts"))

from jolly_parlor.acoustics.bands import log_grid
from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room, Surface, Thing
from jolly_parlor.acoustics.sources import high_pass
from jolly_parlor.fitting.evidence import Evidence, smoothed_level
from jolly_parlor.fitting.posterior import placing_of
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.evenness import (
    deviation,
    evenness,
    joined_square,
    mismatch_db,
)
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.setup import Setup
from jolly_parlor.signals.response import Response
from jolly_parlor.studio.voxels import VoxelRoom

CELL, SECONDS, EAR = 0.0875, 0.8, 1.1375
HZ = log_grid(18.0, 320.0, 48)
HEAVY, LIGHT = ("brick", "plaster_masonry", "concrete"), ("plasterboard_studs", "plaster_lath")


@dataclass(frozen=True, eq=False)
class LivedRoom:
    """The truth, the survey, and what the survey has wrong."""

    true: Room
    survey: Room
    gear: Gear
    panels: dict[str, tuple[float, float, float]]
    """Mass per area, resonance and loss factor of the surfaces that give way."""
    story: str


def lived_room(rng: np.random.Generator, number: int) -> LivedRoom:
    """One of many; every third forgets something solid, every third something soft."""
    size = CELL * np.round(rng.uniform([3.3, 4.2, 2.35], [4.6, 6.0, 2.7]) / CELL)
    names = ("left", "right", "front", "back")
    lined = {n: str(rng.choice(HEAVY if rng.random() < 0.5 else LIGHT)) for n in names}
    lined["floor"] = str(rng.choice(["timber_floor", "carpet_thin", "parquet_concrete"]))
    lined["ceiling"] = str(rng.choice(LIGHT))
    things = _things(rng, size)
    tables = {name: Surface(material) for name, material in lined.items()}
    true_lining = {
        name: Surface(
            "own", tuple(np.clip(s.octave_absorption() * rng.lognormal(0, 0.3), 0.01, 0.8))
        )
        for name, s in tables.items()
    }
    panels = {
        name: (float(rng.uniform(7, 20)), float(rng.uniform(45, 95)), float(rng.uniform(0.1, 0.4)))
        for name, material in lined.items()
        if material in LIGHT or material == "timber_floor"
    }
    true_lining |= dict.fromkeys(panels, Surface("own", (0.06,) * 7))  # the panel does the rest
    true = replace(box_room("true", *map(float, size), true_lining), things=things)
    told, story = list(things), "as surveyed"
    kind = ("solid", "soft", "")[number % 3]
    forgotten = [t for t in things if t.kind == kind and t.name != "desk"]
    if forgotten:
        told.remove(forgotten[0])
        story = f"{forgotten[0].name} forgotten"
    off = 0.1 if not forgotten else 0.03
    surveyed = tuple(_moved(t, rng, off, size) for t in told)
    wide = size + rng.uniform(-0.01, 0.01, 3)
    survey = replace(box_room("survey", *map(float, wide), tables), things=surveyed)
    gear = pair(float(rng.uniform(38, 55)), 24 if rng.random() < 0.5 else 12, EAR)
    return LivedRoom(true, survey, gear, panels, story)


def _things(rng: np.random.Generator, size: np.ndarray) -> tuple[Thing, ...]:
    """A wardrobe in a back corner, a bookcase along a side wall, a bed or sofa, a desk top."""
    wide = CELL * round(rng.uniform(1.0, 1.7) / CELL)
    at_left = rng.random() < 0.5
    x = 0.0 if at_left else float(size[0] - wide)
    wardrobe = Thing("wardrobe", "solid", x, float(size[1] - 0.6), 0.0, wide, 0.6, 2.1)
    along = CELL * round(rng.uniform(0.9, 1.5) / CELL)
    start = CELL * round(rng.uniform(0.4, 0.55) * size[1] / CELL)
    x = float(size[0] - 0.3) if at_left else 0.0
    case = Thing("bookcase", "solid", x, start, 0.0, 0.3, along, 1.8, "bookshelves")
    loss = float(rng.uniform(180, 420))
    y = float(CELL * round((size[1] - 1.5) / CELL))
    x = float(CELL * round(rng.uniform(1.2, max(size[0] - 2.2, 1.25)) / CELL))
    if rng.random() < 0.5:
        soft = Thing("bed", "soft", x, y - 0.75, 0.0, 1.2, 1.8, 0.45, loss_per_second=loss)
    else:
        soft = Thing("sofa", "soft", x, y, 0.0, 1.8, 0.75, 0.75, loss_per_second=loss)
    return (wardrobe, case, soft)


def _moved(thing: Thing, rng: np.random.Generator, off: float, size: np.ndarray) -> Thing:
    """As somebody's tape has it; the loss of a soft thing is not known."""
    x = float(np.clip(thing.x + rng.uniform(-off, off), 0.0, size[0] - thing.width - 0.02))
    y = float(np.clip(thing.y + rng.uniform(-off, off), 0.0, size[1] - thing.depth - 0.02))
    return replace(thing, x=x, y=y, loss_per_second=None)


class Truth:
    """What is truly heard."""

    def __init__(self, room: LivedRoom) -> None:
        self.room = room
        self.solver = VoxelRoom(room.true, CELL, SECONDS, room.panels)
        monitor = room.gear.monitor
        order = monitor.low_slope_db_per_octave // 6
        self.box = high_pass(HZ, monitor.low_corner_hz * 1.03, order)

    def heard(self, ear: Point, places: Sequence[Point]) -> dict[Point, np.ndarray]:
        """Pressure at an ear from each place."""
        stood = np.array([p.array() for p in places])
        found = self.solver.transfers(ear.array(), stood, HZ) * self.box
        return dict(zip(places, found, strict=True))


def candidates(room: Room) -> list[Arrangement]:
    """Triangles before the wall faced, all in the air."""
    found, middle = [], room.width / 2
    for seat in np.arange(1.35, min(room.length - 1.2, 3.3), 0.3):
        for front in np.arange(0.35, seat - 0.85, 0.15):
            for half in np.arange(0.5, middle - 0.35, 0.15):
                ear = Point(middle, float(seat), EAR)
                left, right = (Point(float(middle + s * half), float(front), EAR) for s in (-1, 1))
                if 0.9 < left.distance(ear) < 2.8 and all(map(room.has_air_at, (ear, left, right))):
                    places = {"left": left, "right": right}
                    found.append(Arrangement(f"t{len(found)}", places, {"seat": ear}))
    return found


def takes_of(
    truth: Truth, chosen: Sequence[Arrangement], rng: np.random.Generator
) -> list[Evidence]:
    """Left and right of each, as somebody measures them."""
    found = []
    for a in chosen:
        stands = {side: misplaced(a.places[side], rng) for side in ("left", "right")}
        heard = truth.heard(misplaced(a.seats["seat"], rng), list(stands.values()))
        for side, at in stands.items():
            level = smoothed_level(with_error(HZ, heard[at], rng))
            found.append(
                Evidence(
                    f"{side} {a.name}",
                    placing_of(Setup(truth.room.survey, truth.room.gear, a), "seat", (side,)),
                    level,
                    True,
                )
            )
    return found


def figure_db(left: np.ndarray, right: np.ndarray, low_hz: float, hz: np.ndarray = HZ) -> float:
    """The search's J at the ear centre: both, left, right and how they match, dB."""
    both, one, other = (
        deviation(Response.from_pressure(hz, p), low_hz) for p in (left + right, left, right)
    )
    squares = [evenness(d).value_db ** 2 for d in (both, one, other)]
    gap = np.asarray(mismatch_db(one, other) ** 2)
    return float(np.sqrt(joined_square(*map(np.asarray, squares), gap)))
