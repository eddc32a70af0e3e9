"""The grip ahead of a selected subwoofer, by which the plan turns the way it looks."""

from __future__ import annotations

from collections.abc import Callable
from math import atan2, degrees

from PyQt6.QtCore import QPointF, Qt

from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.app.plan.geometry import Unfolded
from jolly_parlor.app.session import Session
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.items import Item
from jolly_parlor.placement.radiating import way_on_plan
from jolly_parlor.placement.setup import Setup

GRIP_PIXELS = 5.0
_AHEAD_METRES, _REACH_PIXELS = 0.22, 11.0
_STEP_DEGREES = 5.0
_KEYS: dict[Qt.Key, float | None] = {
    Qt.Key.Key_BracketLeft: 15.0,
    Qt.Key.Key_BracketRight: -15.0,
    Qt.Key.Key_Backspace: None,
}
"""Degrees a step; None lets it look away from its wall again."""


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
    x, y, _ = way_on_plan(Setup(room, gear, a), item.id)
    at, away = a.places[item.id], gear.model_of(item.id).depth / 2 + _AHEAD_METRES
    return view.on_plan(at.x + x * away, at.y + y * away)


def looking_at(view: Unfolded, a: Arrangement, item: Item, position: QPointF) -> float:
    """Degrees so that it looks at a pixel, to 5; as in `Arrangement.turns`."""
    x, y = view.place_on_plan(position)
    at = a.places[item.id]
    turn = degrees(atan2(x - at.x, y - at.y))
    return wrapped(round(turn / _STEP_DEGREES) * _STEP_DEGREES)


def turned_by(setup: Setup, item: Item, by: float) -> float:
    """Degrees a step on from where it looks now."""
    x, y, _ = way_on_plan(setup, item.id)
    return wrapped(round(degrees(atan2(x, y)) + by, 1))


def wrapped(turn: float) -> float:
    """From -180 to below 180."""
    return (turn + 180.0) % 360.0 - 180.0


class Turner:
    """Turns the selected subwoofer by its grip, or by keys."""

    def __init__(self, session: Session) -> None:
        self._session = session
        self.held: Item | None = None
        """What is being turned by the mouse."""

    def is_at(self, view: Unfolded, position: QPointF) -> bool:
        """Whether a pixel is on the grip."""
        document, a = self._session.document, self._session.arrangement
        if a is None:
            return False
        grip = grip_of(view, document.room, document.gear, a, self._session.selected)
        if grip is None:
            return False
        gap = grip - position
        return bool((gap.x() ** 2 + gap.y() ** 2) ** 0.5 <= _REACH_PIXELS)

    def takes(self, view: Unfolded, position: QPointF) -> bool:
        """Take hold of it there; False where it is not."""
        if not self.is_at(view, position):
            return False
        self.held = self._session.selected
        return True

    def drag(self, view: Unfolded, position: QPointF) -> None:
        a = self._session.arrangement
        if a is not None and self.held is not None:
            self._session.turn(self.held, looking_at(view, a, self.held, position))

    def key(self, key: Qt.Key, series: Callable[[], str]) -> bool:
        """Turn by a key; False where that is none of these, or nothing turns. series: as of a
        step back.
        """
        session, a = self._session, self._session.arrangement
        if key not in _KEYS or a is None:
            return False
        document, item = session.document, session.selected
        if not can_turn(document.gear, a, item):
            return False
        by = _KEYS[key]
        on = None if by is None else turned_by(document.setup(a), item, by)
        session.turn(item, on)
        session.drop(series() if by is not None else "")
        return True
