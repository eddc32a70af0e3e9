"""The geometry of each school: how far monitors and seat stand from the front wall, how wide.

Figures are common practice, no source, unless a function names one.
"""

from dataclasses import dataclass
from math import cos, radians, sin, sqrt

from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.gear import Gear
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

TRIANGLE = sqrt(3) / 2
"""Height of an equilateral triangle over its side."""

_NEARFIELD_SIDE = 1.5
_SMALL_GAP = 0.15
_CLEAR_FRONT, _CLEAR_SIDE = 1.05, 0.9


class SchoolCannotBeMet(Refused):
    """The rule does not fit this room; the message says why."""


@dataclass(frozen=True)
class Triangle:
    """An equilateral triangle on the room's middle line. Metres from the front wall."""

    monitors_y: float
    side: float
    desk_y: float | None = None

    @property
    def seat_y(self) -> float:
        """The ear's distance from the front wall."""
        return self.monitors_y + self.side * TRIANGLE


def back_to_wall_distance(gear: Gear) -> float:
    """Acoustic centre to wall, cabinet turned 30 degrees with its rear corner 2 cm off it."""
    turn = radians(30.0)
    return gear.monitor.depth * cos(turn) + gear.monitor.width / 2 * sin(turn) + 0.02


def third(room: Room, gear: Gear) -> Triangle:
    """Seat at L / 3, monitors at a third of that."""
    return _between(room.frame.depth / 9, room.frame.depth / 3)


def thirty_eight(room: Room, gear: Gear) -> Triangle:
    """Seat at 0.38 L, monitors at 0.38 of that."""
    seat = 0.38 * room.frame.depth
    return _between(0.38 * seat, seat)


def tight(room: Room, gear: Gear) -> Triangle:
    return Triangle(back_to_wall_distance(gear), _NEARFIELD_SIDE)


def small_gap(room: Room, gear: Gear) -> Triangle:
    """15 cm between cabinet and wall."""
    return Triangle(back_to_wall_distance(gear) - 0.02 + _SMALL_GAP, _NEARFIELD_SIDE)


def clear(room: Room, gear: Gear) -> Triangle:
    """About a metre from every wall: the triangle shrinks to what the side walls leave."""
    side = min(_NEARFIELD_SIDE, room.frame.width - 2 * _CLEAR_SIDE)
    if side < 0.8:
        raise SchoolCannotBeMet(
            tr(
                "0.9 m to each side wall leaves {side:.2f} m between the monitors; "
                "a triangle needs 0.80 m.",
                side=max(side, 0),
            )
        )
    return Triangle(_CLEAR_FRONT, side)


def unequal(room: Room, gear: Gear) -> Triangle:
    """Floor, side and front distance with the middle one the geometric mean of the others.

    (Waterhouse 1955, Allison 1974: unequal distances keep the power output even.) Over the sides
    the triangle may take, the set whose largest and smallest differ most is chosen.
    """
    floor, nearest = gear.seats[0].ear_height, back_to_wall_distance(gear)
    best: tuple[float, Triangle] | None = None
    for step in range(81):
        side = 1.0 + 0.02 * step
        to_side = (room.frame.width - side) / 2
        if to_side < gear.monitor.width / 2 + 0.25:
            break
        for front in (sqrt(floor * to_side), to_side**2 / floor, floor**2 / to_side):
            layout = Triangle(front, side)
            if front < nearest or layout.seat_y > 0.45 * room.frame.depth:
                continue
            spread = max(floor, to_side, front) / min(floor, to_side, front)
            if best is None or spread > best[0]:
                best = (spread, layout)
    if best is None or best[0] < 1.2:
        raise SchoolCannotBeMet(
            tr(
                "no triangle in the front 45 % of this room keeps floor, side and "
                "front distance 20 % apart."
            )
        )
    return best[1]


def on_the_desk(room: Room, gear: Gear) -> Triangle:
    """Desk against the front wall, monitors at its ends."""
    if gear.desk is None:
        raise SchoolCannotBeMet(tr("there is no desk to stand on; enter one at Gear."))
    side = gear.desk.width - gear.monitor.width
    return Triangle(back_to_wall_distance(gear), side, desk_y=0.0)


def long_wall(room: Room, gear: Gear) -> Triangle:
    """For a room surveyed with its long wall in front."""
    frame = room.frame
    if frame.width <= frame.depth:
        raise SchoolCannotBeMet(
            tr(
                "this survey faces the short wall ({width:.2f} m); turn the room "
                "at Survey to face the long one.",
                width=frame.width,
            )
        )
    return Triangle(max(frame.depth / 4, back_to_wall_distance(gear)), _NEARFIELD_SIDE)


def calm_zone(room: Room, gear: Gear) -> Triangle:
    """From the distances found by voice."""
    zone = room.calm_zone
    if zone is None:
        raise SchoolCannotBeMet(
            tr("it needs the distances of your voice walk; enter them at Survey.")
        )
    front = zone.front_near + 2 / 3 * (zone.front_far - zone.front_near)
    to_side = (zone.side_near + zone.side_far) / 2
    return Triangle(front, room.frame.width - 2 * to_side)


def _between(monitors_y: float, seat_y: float) -> Triangle:
    return Triangle(monitors_y, (seat_y - monitors_y) / TRIANGLE)
