"""From metres to pixels: the room unfolded like a carton, front wall above the plan."""

from __future__ import annotations

from dataclasses import dataclass

from PyQt6.QtCore import QPointF, QRectF

from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room

_LEFT, _RIGHT, _TOP, _BOTTOM, _FOLD = 40.0, 14.0, 10.0, 26.0, 28.0
_RIGHT_WITH_LENGTHS = 30.0


@dataclass(frozen=True)
class Unfolded:
    """One scale for both views; their x axes are the same."""

    room: Room
    scale: float
    left: float
    wall_top: float
    plan_top: float

    @classmethod
    def fit(cls, room: Room, width: float, height: float) -> Unfolded:
        """The largest scale that shows both views."""
        right = _RIGHT if room.is_box else _RIGHT_WITH_LENGTHS
        across = max(width - _LEFT - right, 40.0) / room.width
        down = max(height - _TOP - _BOTTOM - _FOLD, 60.0) / (room.length + room.height)
        scale = min(across, down)
        left = _LEFT + max(width - _LEFT - right - scale * room.width, 0.0) / 2
        spare = max(height - _TOP - _BOTTOM - _FOLD - scale * (room.length + room.height), 0.0)
        top = _TOP + min(spare / 2, 24.0)
        return cls(room, scale, left, top, top + scale * room.height + _FOLD)

    def on_plan(self, x: float, y: float) -> QPointF:
        """A place on the plan; the front wall is at the top."""
        return QPointF(self.left + x * self.scale, self.plan_top + y * self.scale)

    def place_on_plan(self, at: QPointF) -> tuple[float, float]:
        """The place of the room under a pixel of the plan."""
        return (at.x() - self.left) / self.scale, (at.y() - self.plan_top) / self.scale

    def on_wall(self, x: float, z: float) -> QPointF:
        """A place on the front wall as seen from the seat."""
        return QPointF(
            self.left + x * self.scale, self.wall_top + (self.room.height - z) * self.scale
        )

    def plan_rect(self) -> QRectF:
        corner = self.on_plan(self.room.width, self.room.length)
        return QRectF(self.on_plan(0, 0), corner)

    def wall_rect(self) -> QRectF:
        return QRectF(self.on_wall(0, self.room.height), self.on_wall(self.room.width, 0))

    def dragged(self, start: Point, by: QPointF, in_wall: bool) -> Point:
        """Where a drag of so many pixels takes a point."""
        dx, dv = by.x() / self.scale, by.y() / self.scale
        if in_wall:
            return Point(start.x + dx, start.y, start.z - dv)
        return Point(start.x + dx, start.y + dv, start.z)
