"""A plan small enough for a row: walls, the triangle, subwoofers and what stands in the room."""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF, QSize, Qt
from PyQt6.QtGui import QPainter, QPaintEvent, QPen, QPolygonF
from PyQt6.QtWidgets import QSizePolicy, QWidget

from jolly_parlor.acoustics.room import Room
from jolly_parlor.app import theme
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.in_words import plan_words
from jolly_parlor.words import tr

_WIDE, _TALL, _EDGE, _DOT = 74, 84, 4.0, 3.0


class SmallPlan(QWidget):
    """Of one arrangement."""

    is_picture = True

    def __init__(self, room: Room, gear: Gear, a: Arrangement, seat: str) -> None:
        super().__init__()
        self._room, self._gear, self._a, self._seat = room, gear, a, seat
        self.setAccessibleName(tr("plan of {name}", name=a.name))
        self.setAccessibleDescription(" ".join(plan_words(room, gear, a, "metric")))
        self.setSizePolicy(QSizePolicy.Policy.Fixed, QSizePolicy.Policy.Fixed)

    def sizeHint(self) -> QSize:
        """Beside three lines of text."""
        return QSize(_WIDE, _TALL)

    def paintEvent(self, event: QPaintEvent | None) -> None:
        """The wall faced is at the top."""
        t, room, a = theme.current(), self._room, self._a
        scale = min(
            (self.width() - 2 * _EDGE) / room.width, (self.height() - 2 * _EDGE) / room.length
        )
        left = (self.width() - scale * room.width) / 2

        def at(x: float, y: float) -> QPointF:
            return QPointF(left + x * scale, _EDGE + y * scale)

        with QPainter(self) as p:
            p.setRenderHint(QPainter.RenderHint.Antialiasing)
            p.setPen(QPen(t.colour("wall"), 1.6))
            p.setBrush(t.colour("sheet"))
            p.drawPolygon(QPolygonF([at(x, y) for x, y in room.plan]))
            p.setPen(Qt.PenStyle.NoPen)
            p.setBrush(t.colour("band"))
            for thing in room.things:
                corner = at(thing.x + thing.width, thing.y + thing.depth)
                p.drawRect(QRectF(at(thing.x, thing.y), corner))
            desk = self._gear.desk
            if desk is not None and a.desk is not None:
                corner = at(a.desk.x + desk.width, a.desk.y + desk.depth)
                p.drawRect(QRectF(at(a.desk.x, a.desk.y), corner))
            ear = a.seats[self._seat]
            triangle = [at(q.x, q.y) for q in (a.left, a.right, ear)]
            p.setPen(QPen(t.colour("soft"), 1.0, Qt.PenStyle.DashLine))
            p.setBrush(Qt.BrushStyle.NoBrush)
            p.drawPolygon(QPolygonF(triangle))
            p.setPen(Qt.PenStyle.NoPen)
            p.setBrush(t.colour("ink"))
            for point in triangle[:2]:
                p.drawEllipse(point, _DOT, _DOT)
            p.setBrush(t.colour("wine"))
            p.drawEllipse(triangle[2], _DOT, _DOT)
            p.setBrush(t.colour("ochre"))
            for sub in self._gear.subwoofers:
                middle = at(a.places[sub.id].x, a.places[sub.id].y)
                p.drawRect(QRectF(middle.x() - _DOT, middle.y() - _DOT, 2 * _DOT, 2 * _DOT))
