"""First reflections of every loudspeaker off every surface, thing and the desk, for whoever treats
the room: where each touches, how late and how loud it is against the direct sound.

Early reflections within 15 ms should lie at least 10 dB below the direct sound, 1 to 8 kHz (ITU-R
BS.1116-3, EBU Tech 3276; both from memory). Levels here: spreading, and what the surface leaves
of the energy by its random-incidence absorption in the octaves 1 to 4 kHz, taken to hold at the
angle of incidence. Loudspeakers are taken to send alike in every direction, so that what leaves
them sideways is less in truth.
"""

from collections.abc import Iterator
from dataclasses import dataclass
from math import hypot, log10

import numpy as np

from jolly_parlor.acoustics.bands import OCTAVE_BANDS_HZ
from jolly_parlor.acoustics.geometry.image_sources import Board, board_reflection, first_reflections
from jolly_parlor.acoustics.geometry.plan import Point, distance_to
from jolly_parlor.acoustics.geometry.room import Room, Thing
from jolly_parlor.acoustics.geometry.sight import in_sight
from jolly_parlor.placement.setup import Setup
from jolly_parlor.units import UnitSystem, format_length
from jolly_parlor.words import tr

EARLY_SECONDS, EARLY_DB = 0.015, -10.0
SMALL_ROOMS = tr(
    "Loudspeakers beam: what leaves them sideways or backwards is less "
    "than is said here. Small rooms are easily over-treated: begin "
    "with the marked points, measure, and stop early. What hangs on a "
    "wall or ceiling is fixed by whoever may."
)
_TREBLE = np.array(OCTAVE_BANDS_HZ) >= 1000.0
_CLEAR, _STEP_METRES = 0.01, 0.05
_BARE_DESK = 0.05
"""Absorption of a desk top: bare wood or board (an assumption)."""


@dataclass(frozen=True)
class ReflectionPoint:
    """Where one loudspeaker's sound touches on its way to the ear."""

    loudspeaker: str
    surface: str
    """In words: `left wall`, `window in the right wall`, `wardrobe, front`, `desk`."""
    side: str
    """Which way the surface lies: front, back, left, right, floor, ceiling or desk."""
    at: Point
    delay_seconds: float
    """Behind the direct sound."""
    level_db: float
    """Against the direct sound, 1 to 4 kHz."""

    @property
    def exceeds(self) -> bool:
        """Whether it is early and loud beyond the recommendation."""
        return self.delay_seconds <= EARLY_SECONDS and self.level_db > EARLY_DB

    def tape(self, room: Room, units: UnitSystem = "metric") -> str:
        """Where to hold the mirror, by tape."""
        frame = room.frame
        front = tr("{y} from the front wall", y=format_length(self.at.y - frame.front, units))
        left = tr("{x} from the left wall", x=format_length(self.at.x - frame.left, units))
        high = tr("{z} high", z=format_length(self.at.z, units))
        if self.side in ("left", "right"):
            return f"{front}, {high}"
        if self.side in ("front", "back"):
            return f"{left}, {high}"
        return f"{left}, {front}"


@dataclass(frozen=True)
class BehindHead:
    """Where the line from a loudspeaker through the head meets what lies behind."""

    loudspeaker: str
    surface: str
    side: str
    at: Point


def reflection_points(setup: Setup, seat: str) -> list[ReflectionPoint]:
    """Of every loudspeaker that is no subwoofer, loudest first."""
    arrangement = setup.arrangement
    ear, found = arrangement.seats[seat], []
    board = arrangement.board(setup.gear.desk)
    for speaker in setup.gear.loudspeakers:
        if speaker.is_subwoofer:
            continue
        source = arrangement.places[speaker.id]
        found += [
            _point(setup.room, speaker.id, words, side, at, source, ear, absorption)
            for words, side, at, absorption in _touches(setup.room, board, source, ear)
        ]
    return sorted(found, key=lambda point: -point.level_db)


def behind_head(setup: Setup, seat: str) -> list[BehindHead]:
    """Of every loudspeaker that is no subwoofer."""
    ear, found = setup.arrangement.seats[seat], []
    for speaker in setup.gear.loudspeakers:
        if not speaker.is_subwoofer:
            met = _met_behind(setup.room, setup.arrangement.places[speaker.id], ear)
            if met is not None:
                found.append(BehindHead(speaker.id, *met))
    return found


_Touch = tuple[str, str, Point, float]


def _touches(room: Room, board: Board | None, source: Point, ear: Point) -> Iterator[_Touch]:
    """Surface in words, side, place and treble absorption of each first reflection."""
    for reflection in first_reflections(room, source, ear):
        words, absorption = _lining(room, reflection.boundary, reflection.words, reflection.at)
        yield words, reflection.side, reflection.at, absorption
    if board is not None:
        desk = board_reflection(board, source, ear, room.speed_of_sound)
        if desk is not None:
            yield "desk", "desk", desk.at, _BARE_DESK
    for thing in room.things:
        if thing.kind == "solid":
            yield from _off_thing(room, thing, source, ear)


def _lining(room: Room, surface: str, words: str, at: Point) -> tuple[str, float]:
    """What is truly there: a window or door in a wall, else what lines it."""
    for opening in room.openings_on(surface) if surface in room.wall_keys else ():
        beside = distance_to(room.span_of(opening), (at.x, at.y))
        if beside < 1e-6 and opening.sill <= at.z <= opening.sill + opening.height:
            return tr("{kind} in the {words}", kind=opening.kind, words=words), _treble(
                opening.octave_absorption()
            )
    return words, _treble(room.surfaces[surface].octave_absorption())


def _off_thing(room: Room, thing: Thing, source: Point, ear: Point) -> Iterator[_Touch]:
    """Off the faces of a block that source and ear both see."""
    low = (thing.x, thing.y, thing.z)
    size = (thing.width, thing.depth, thing.height)
    names = (("left", "right"), ("front", "back"), ("underside", "top"))
    absorption = _treble(thing.lining.octave_absorption())
    for axis in range(3):
        for end in (0, 1):
            face, way = low[axis] + end * size[axis], 1 if end else -1
            one, other = (way * (p.array()[axis] - face) for p in (source, ear))
            if one <= 0 or other <= 0:
                continue
            share = one / (one + other)
            place = source.array() + share * (ear.array() - source.array())
            place[axis] = face
            inside = all(low[n] <= place[n] <= low[n] + size[n] for n in range(3) if n != axis)
            if not inside:
                continue
            place[axis] += way * _CLEAR
            at = Point(*(float(v) for v in place))
            if in_sight(room, source, at) and in_sight(room, at, ear):
                side = names[axis][end]
                lies = {"underside": "ceiling", "top": "floor"}.get(side, side)
                yield f"{thing.name}, {side}", lies, at, absorption


def _point(
    room: Room,
    loudspeaker: str,
    words: str,
    side: str,
    at: Point,
    source: Point,
    ear: Point,
    absorption: float,
) -> ReflectionPoint:
    direct, path = source.distance(ear), source.distance(at) + at.distance(ear)
    level = 20 * log10(direct / path) + 10 * log10(max(1 - absorption, 1e-3))
    delay = (path - direct) / room.speed_of_sound
    return ReflectionPoint(loudspeaker, words, side, at, delay, level)


def _met_behind(room: Room, source: Point, ear: Point) -> tuple[str, str, Point] | None:
    """The first surface on the line beyond the ear: its words, its side, and where."""
    way = ear.array() - source.array()
    way = way / np.linalg.norm(way)

    def place(metres: float) -> Point:
        return Point(*(float(v) for v in ear.array() + metres * way))

    far = hypot(room.width, room.length) + room.height
    steps = np.arange(0.0, far, _STEP_METRES)
    high = next((float(s) for s in steps if not room.has_air_at(place(float(s)))), far)
    low = max(high - _STEP_METRES, 0.0)
    for _ in range(30):
        middle = (low + high) / 2
        low, high = (middle, high) if room.has_air_at(place(middle)) else (low, middle)
    at = place(low)
    thing = room.solid_at(place(high + _CLEAR))
    if thing is not None:
        return thing.name, "back", at
    return _surface_near(room, at)


def _surface_near(room: Room, at: Point) -> tuple[str, str, Point] | None:
    gaps = [(distance_to(room.edge_of(key), (at.x, at.y)), key) for key in room.wall_keys]
    above = float(room.ceiling_at(np.array(at.x), np.array(at.y)))
    gaps += [(at.z, "floor"), (abs(above - at.z), "ceiling")]
    gap, surface = min(gaps)
    if gap > 0.05:
        return None
    return _lining(room, surface, room.words_of(surface), at)[0], room.direction_of(surface), at


def _treble(octaves: np.ndarray) -> float:
    return float(np.mean(np.asarray(octaves)[_TREBLE]))
