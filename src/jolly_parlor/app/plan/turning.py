"""The grip ahead of a selected subwoofer, by which the plan turns the way it looks."""

from __future__ import annotations

from math import atan2, degrees

from PyQt6.QtCore import QPointF

from jolly_parlor.acoustics.room import Room
from jolly_parlor.app.plan.geometry import Unfolded
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.items import Item
from jolly_parlor.placement.radiating import way_on_plan

GRIP_PIXELS = 5.0
_AHEAD_METRES, _REACH_PIXELS = 0.22, 11.0
_STEP_DEGREES = 5.0
KEY_DEGREES = 15.0


def can_turn(gear: Gear, a: Arrangement, item: Item) -> bool:
    """Whether the way an item looks is its own: that of a subwoofer with its driver in front."""
    if item.kind != "loudspeaker" or item.id not in a.places:
        return False
    if not gear.loudspeaker(item.id).is_subwoofer:
        return False
    return gear.model_of(item.id).driver == "front"


def grip_of(view: Unfolded, room: Room, gear: Gear, a: Arrangement, item: Item) -> QPointF | None:
    """Where its grip is drawn; None for one that cannot be turned."""
    if not can_turn(gear, a, item):
        return None
    x, y, _ = way_on_plan(room, gear, a, item.id)
    at, away = a.places[item.id], gear.model_of(item.id).depth / 2 + _AHEAD_METRES
    return view.on_plan(at.x + x * away, at.y + y * away)


def caught(grip: QPointF | None, position: QPointF) -> bool:
    """Whether a pixel is on a grip."""
    if grip is None:
        return False
    gap = grip - position
    return bool((gap.x() ** 2 + gap.y() ** 2) ** 0.5 <= _REACH_PIXELS)


def looking_at(view: Unfolded, a: Arrangement, item: Item, position: QPointF) -> float:
    """Degrees so that it looks at a pixel, to 5; as in `Arrangement.turns`."""
    x, y = view.place_on_plan(position)
    at = a.places[item.id]
    turn = degrees(atan2(x - at.x, y - at.y))
    return wrapped(round(turn / _STEP_DEGREES) * _STEP_DEGREES)


def turned_by(room: Room, gear: Gear, a: Arrangement, item: Item, by: float) -> float:
    """Degrees a step on from where it looks now."""
    x, y, _ = way_on_plan(room, gear, a, item.id)
    return wrapped(round(degrees(atan2(x, y)) + by, 1))


def wrapped(turn: float) -> float:
    """From -180 to below 180."""
    return (turn + 180.0) % 360.0 - 180.0
