"""First-order image sources: what each boundary does to the sound, one at a time.

This explains; the field model predicts. A boundary acts at the ear when its reflection meets the
direct sound there (what counts is the path difference), and at the source when it lies so close
behind or beside it that it loads it for every listener (what counts is the distance d: first
cancellation at c / 4d, for a listener straight ahead).
"""

from dataclasses import dataclass
from math import ceil, floor, log10
from typing import NamedTuple

from jolly_parlor.acoustics.geometry.boundaries import planes_of
from jolly_parlor.acoustics.geometry.room import Point, Room
from jolly_parlor.acoustics.geometry.room_admittance import admittances_at_125
from jolly_parlor.acoustics.geometry.sight import in_sight
from jolly_parlor.acoustics.materials.admittances import reflection_factor
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr


@dataclass(frozen=True)
class Reflection:
    """The reflection of one source off one boundary to one ear."""

    boundary: str
    source: Point
    ear: Point
    at: Point
    """Where on the boundary the path touches."""
    direct_metres: float
    path_metres: float
    delay_seconds: float
    relative_pressure: float
    """Reflected over direct pressure at 125 Hz, spreading and absorption included."""
    cosine: float
    """Of the angle of incidence."""
    speed_of_sound: float
    side: str
    """Which way the boundary lies: front, back, left, right, floor, ceiling or desk."""
    words: str
    """What it is called: `front wall`, `floor`."""
    wall_metres: float
    """From the source to the boundary's plane."""

    @property
    def excess_metres(self) -> float:
        """Path difference to the direct sound."""
        return self.path_metres - self.direct_metres

    @property
    def level_db(self) -> float:
        """Level of the reflection relative to the direct sound."""
        return 20 * log10(max(abs(self.relative_pressure), 1e-6))

    def cancellations_hz(self, low_hz: float, high_hz: float) -> list[float]:
        """Frequencies where the excess path is an odd number of half waves."""
        step = self.speed_of_sound / self.excess_metres if self.excess_metres > 0 else float("inf")
        if step == float("inf"):
            return []
        first = max(0, ceil(low_hz / step - 0.5))
        last = floor(high_hz / step - 0.5)
        return [(n + 0.5) * step for n in range(first, last + 1)]

    def reinforcements_hz(self, low_hz: float, high_hz: float) -> list[float]:
        """Frequencies where the excess path is a whole number of waves."""
        if self.excess_metres <= 0:
            return []
        step = self.speed_of_sound / self.excess_metres
        first, last = max(1, ceil(low_hz / step)), floor(high_hz / step)
        return [n * step for n in range(first, last + 1)]


@dataclass(frozen=True)
class Board:
    """A horizontal finite plane, such as a desk top: metres, z is its height."""

    x: float
    y: float
    width: float
    depth: float
    z: float

    def covers(self, x: float, y: float) -> bool:
        """Whether the plan position lies on it."""
        return self.x <= x <= self.x + self.width and self.y <= y <= self.y + self.depth


def mirror(room: Room, boundary: str, point: Point) -> Point:
    """The image of a point behind a surface; behind the flat part of a ceiling."""
    return next(p for p in planes_of(room) if p.surface == boundary).mirrored(point)


def first_reflections(room: Room, source: Point, ear: Point) -> list[Reflection]:
    """The first-order reflections from a source to an ear: off every wall, floor and ceiling that
    sends one, past corners and solid things.
    """
    result = []
    admittances = admittances_at_125(room)
    for plane in planes_of(room):
        height, above = plane.over(source), plane.over(ear)
        if height < 0 or above < 0:  # behind it
            continue
        image = plane.mirrored(source)
        path = image.distance(ear)
        share = height / (height + above) if height + above > 0 else 0.5
        touch = _between(image, ear, share)
        if not plane.reaches(touch):
            continue
        if not room.is_empty_box:
            if not (in_sight(room, source, touch) and in_sight(room, touch, ear)):
                continue
        cosine = (height + above) / path if path > 0 else 1.0
        factor = reflection_factor(admittances[plane.surface], cosine)
        names = plane.surface, plane.side, plane.words
        way = _Way(touch, path, cosine, height)
        result.append(_reflection(names, source, ear, way, factor, room.speed_of_sound))
    return result


def board_reflection(
    board: Board, source: Point, ear: Point, speed_of_sound: float
) -> Reflection | None:
    """The reflection off a finite horizontal plane, None when the path misses it.

    Taken as rigid. Below about c / (2 * its smaller side) a plane of that size reflects less than
    this says.
    """
    if source.z <= board.z or ear.z <= board.z:
        return None
    image = Point(source.x, source.y, 2 * board.z - source.z)
    share = (board.z - image.z) / (ear.z - image.z)
    touch = _between(image, ear, share)
    if not board.covers(touch.x, touch.y):
        return None
    way = _Way(touch, image.distance(ear), 1.0, source.z - board.z)
    return _reflection(("desk", "desk", "desk"), source, ear, way, 1.0, speed_of_sound)


def first_cancellation_at_source_hz(distance_metres: float, speed_of_sound: float) -> float:
    """c / 4d: the first cancellation of a wall d metres behind the source."""
    if distance_metres <= 0:
        raise Refused(tr("The distance to the wall must be greater than zero."))
    return speed_of_sound / (4.0 * distance_metres)


def _between(one: Point, other: Point, share: float) -> Point:
    return Point(
        one.x + share * (other.x - one.x),
        one.y + share * (other.y - one.y),
        one.z + share * (other.z - one.z),
    )


class _Way(NamedTuple):
    """Of a reflection: where it touches, how long, at which cosine, how far the plane is."""

    touch: Point
    path: float
    cosine: float
    wall_metres: float


def _reflection(
    names: tuple[str, str, str], source: Point, ear: Point, way: _Way, factor: float, speed: float
) -> Reflection:
    """names: the boundary's own, the side it lies on, what it is called."""
    direct = source.distance(ear)
    return Reflection(
        boundary=names[0],
        source=source,
        ear=ear,
        at=way.touch,
        direct_metres=direct,
        path_metres=way.path,
        delay_seconds=(way.path - direct) / speed,
        relative_pressure=factor * direct / way.path if way.path > 0 else factor,
        cosine=way.cosine,
        speed_of_sound=speed,
        side=names[1],
        words=names[2],
        wall_metres=way.wall_metres,
    )
