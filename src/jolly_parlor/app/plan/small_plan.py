"""A plan small enough for a row: walls, the triangle, subwoofers and what stands in the room."""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF, QSize, Qt
from PyQt6.QtGui import QPainter, QPaintEvent, QPen, QPolygonF
from PyQt6.QtWidgets import QSizePolicy, QWidget

from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.app import theme
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.in_words import plan_words
from jolly_parlor.words import tr

_WIDE, _TALL, _EDGE, _DOT = 74, 84, 4.0, 3.0


class SmallPlan(QWidget):
    is_picture = True

    def __init__(self, room: Room, gear: Gear, a: Arrangement) -> None:
        super().__init__()
        self.setSizePolicy(QSizePolicy.Policy.Fixed, QSizePolicy.Policy.Fixed)
        self.show_plan(room, gear, a)

    def show_plan(self, room: Room, gear: Gear, a: Arrangement) -> None:
        """Show that one."""
        self._room, self._gear, self._a = room, gear, a
        self.setAccessibleName(tr("plan of {name}", name=a.name))
        self.setAccessibleDescription(" ".join(plan_words(room, gear, a, "metric")))
        self.update()

    def sizeHint(self) -> QSize:
        return QSize(_WIDE, _TALL)

    def paintEvent(self, event: QPaintEvent | None) -> None:
        with QPainter(self) as p:
            draw_small_plan(p, QRectF(self.rect()), self._room, self._gear, self._a)


def draw_small_plan(p: QPainter, box: QRectF, room: Room, gear: Gear, a: Arrangement) -> None:
    """The wall faced is at the top; the triangle goes to the main seat."""
    t = theme.current()
    scale = min((box.width() - 2 * _EDGE) / room.width, (box.height() - 2 * _EDGE) / room.length)
    left = box.left() + (box.width() - scale * room.width) / 2

    def at(x: float, y: float) -> QPointF:
        return QPointF(left + x * scale, box.top() + _EDGE + y * scale)

    p.setRenderHint(QPainter.RenderHint.Antialiasing)
    p.setPen(QPen(t.colour("wall"), 1.6))
    p.setBrush(t.colour("sheet"))
    p.drawPolygon(QPolygonF([at(x, y) for x, y in room.plan]))
    p.setPen(QPen(t.colour("soft"), 0.8))
    p.setBrush(t.colour("band"))
    for thing in room.things:
        corner = at(thing.x + thing.width, thing.y + thing.depth)
        p.drawRect(QRectF(at(thing.x, thing.y), corner))
    p.setPen(Qt.PenStyle.NoPen)
    if gear.desk is not None and a.desk is not None:
        corner = at(a.desk.x + gear.desk.width, a.desk.y + gear.desk.depth)
        p.drawRect(QRectF(at(a.desk.x, a.desk.y), corner))
    main, *others = (a.seats[seat.name] for seat in gear.seats)
    triangle = [at(q.x, q.y) for q in (a.left, a.right, main)]
    p.setPen(QPen(t.colour("soft"), 1.0, Qt.PenStyle.DashLine))
    p.setBrush(Qt.BrushStyle.NoBrush)
    p.drawPolygon(QPolygonF(triangle))
    p.setPen(QPen(t.colour("wine"), 1.2))
    for seat in others:
        p.drawEllipse(at(seat.x, seat.y), _DOT, _DOT)
    p.setPen(Qt.PenStyle.NoPen)
    p.setBrush(t.colour("ink"))
    for point in triangle[:2]:
        p.drawEllipse(point, _DOT, _DOT)
    p.setBrush(t.colour("wine"))
    p.drawEllipse(triangle[2], _DOT, _DOT)
    p.setBrush(t.colour("ochre"))
    for sub in gear.subwoofers:
        middle = at(a.places[sub.id].x, a.places[sub.id].y)
        p.drawRect(QRectF(middle.x() - _DOT, middle.y() - _DOT, 2 * _DOT, 2 * _DOT))
