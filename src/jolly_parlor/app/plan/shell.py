"""The room itself on the plan and on the wall seen from the seat: walls, openings, things."""

from __future__ import annotations

from itertools import pairwise
from math import atan2, degrees

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QBrush, QPainterPath, QPen, QPolygonF

from jolly_parlor.acoustics.geometry.plan import edge_length, edges, inward
from jolly_parlor.acoustics.geometry.room import Opening, Room, Thing
from jolly_parlor.app import theme
from jolly_parlor.app.plan.geometry import Unfolded
from jolly_parlor.app.plan.lettering import Lettering
from jolly_parlor.units import UnitSystem, format_length
from jolly_parlor.words import spoken, tr

_NAMED_FROM = 0.8
"""Metres; shorter walls bear no length, it would not fit."""


class ShellPainter:
    def __init__(self, letters: Lettering, view: Unfolded, units: UnitSystem) -> None:
        self.p, self.letters, self.view, self.units = letters.p, letters, view, units
        self.room: Room = view.room
        self.t = theme.current()

    def paint(self, lit_boundary: str) -> None:
        """Walls, openings, keep-outs, things of both views; one boundary may be lit."""
        self.p.setPen(Qt.PenStyle.NoPen)
        self.p.setBrush(self.t.colour("sheet"))
        self.p.drawPolygon(QPolygonF([self.view.on_plan(*corner) for corner in self.room.plan]))
        self.p.drawPolygon(QPolygonF(self._elevation()))
        for area in self.room.keep_outs:
            corner = self.view.on_plan(area.x + area.width, area.y + area.depth)
            rect = QRectF(self.view.on_plan(area.x, area.y), corner)
            self.p.fillRect(rect, QBrush(self.t.colour("soft", 110), Qt.BrushStyle.BDiagPattern))
            self.letters.words(rect.center(), area.name, "soft", 8.5)
        self._slopes()
        for thing in self.room.things:
            self._thing(thing)
        for key, (a, b) in zip(self.room.wall_keys, edges(self.room.plan), strict=True):
            self._wall(self.view.on_plan(*a), self.view.on_plan(*b), key == lit_boundary)
        self._walls_above(lit_boundary)
        for opening in self.room.openings:
            self._opening(opening)
        self._names()

    def _elevation(self) -> list[QPointF]:
        """The outline of the air as seen from the back: under a slope, no rectangle."""
        room = self.room
        if not room.slopes:
            top, end = self.view.wall_rect().topLeft(), self.view.wall_rect().bottomRight()
            return [top, QPointF(end.x(), top.y()), end, QPointF(top.x(), end.y())]
        xs = np.linspace(0.0, room.width, 61)
        x, y = np.meshgrid(xs, np.linspace(0.0, room.length, 31))
        highest = np.max(room.ceiling_at(x, y), axis=0)
        upper = [self.view.on_wall(float(a), float(z)) for a, z in zip(xs, highest, strict=True)]
        return [self.view.on_wall(0, 0), *upper, self.view.on_wall(room.width, 0)]

    def _walls_above(self, lit: str) -> None:
        outline = self._elevation()
        wall = self.view.wall_rect()
        ways = {key: self.room.direction_of(key) for key in self.room.wall_keys}
        lit_way = ways.get(lit, lit)
        if self.room.slopes:
            for a, b in pairwise(outline[1:-1]):
                self._wall(a, b, lit_way == "ceiling")
            left, right = outline[1], outline[-2]
        else:
            self._wall(wall.topLeft(), wall.topRight(), lit_way == "ceiling")
            left, right = wall.topLeft(), wall.topRight()
        self._wall(wall.bottomLeft(), wall.bottomRight(), lit_way == "floor")
        self._wall(left, wall.bottomLeft(), lit_way == "left")
        self._wall(right, wall.bottomRight(), lit_way == "right")

    def _slopes(self) -> None:
        """Where the ceiling begins to slope, dashed on the plan."""
        self.p.setPen(QPen(self.t.colour("soft", 160), 1, Qt.PenStyle.DashDotLine))
        for slope in self.room.slopes:
            key = self.room.key_of(slope.wall)
            (x0, y0), (x1, y1) = self.room.edge_of(key)
            dx, dy = (way * slope.reach for way in inward(((x0, y0), (x1, y1))))
            a = self.view.on_plan(*self._kept_in(x0 + dx, y0 + dy))
            b = self.view.on_plan(*self._kept_in(x1 + dx, y1 + dy))
            self.p.drawLine(a, b)

    def _kept_in(self, x: float, y: float) -> tuple[float, float]:
        return min(max(x, 0.0), self.room.width), min(max(y, 0.0), self.room.length)

    def _thing(self, thing: Thing) -> None:
        """What stands in the room, in both views: boards full, upholstery open."""
        far = self.view.on_plan(thing.x + thing.width, thing.y + thing.depth)
        rect = QRectF(self.view.on_plan(thing.x, thing.y), far)
        upper = self.view.on_wall(thing.x, thing.z + thing.height)
        behind = QRectF(upper, self.view.on_wall(thing.x + thing.width, thing.z))
        solid = thing.kind == "solid"
        pattern = Qt.BrushStyle.SolidPattern if solid else Qt.BrushStyle.Dense6Pattern
        self.p.setPen(QPen(self.t.colour("soft"), 1.0))
        self.p.setBrush(QBrush(self.t.colour("wood", 150 if solid else 255), pattern))
        self.p.drawRoundedRect(rect, 2 if solid else 8, 2 if solid else 8)
        self.p.setBrush(Qt.BrushStyle.NoBrush)
        self.p.setPen(QPen(self.t.colour("soft", 150), 1.0, Qt.PenStyle.DotLine))
        self.p.drawRect(behind)
        if rect.width() < min(rect.height(), 60.0):
            self.letters.turned(rect.center(), thing.name, 8.5)
        else:
            self.letters.words(rect.center(), thing.name, "soft", 8.5)

    def _wall(self, a: QPointF, b: QPointF, lit: bool) -> None:
        colour = self.t.colour("wine" if lit else "wall")
        pen = QPen(colour, 8 if lit else 5)
        pen.setCapStyle(Qt.PenCapStyle.SquareCap)
        self.p.setPen(pen)
        self.p.drawLine(a, b)

    def _opening(self, o: Opening) -> None:
        start, end = self.room.span_of(o)
        a, b = self.view.on_plan(*start), self.view.on_plan(*end)
        self.p.setPen(QPen(self.t.colour("sheet"), 5))
        self.p.drawLine(a, b)
        if o.kind == "window":
            self.p.setPen(QPen(self.t.colour("teal"), 2))
            self.p.drawLine(a, b)
        elif o.kind == "door" and o.swings_in:
            self.p.setPen(QPen(self.t.colour("soft"), 1, Qt.PenStyle.DotLine))
            way = QPointF(*inward(self.room.edge_of(self.room.side_of(o))))
            swung = way * (o.width * self.view.scale)
            path, tip, corner = QPainterPath(b), a + swung, b + swung
            path.quadTo(corner * 0.72 + a * 0.28, tip)
            self.p.setBrush(Qt.BrushStyle.NoBrush)
            self.p.drawPath(path)
        if self.room.direction_of(self.room.side_of(o)) == "front":
            upper = self.view.on_wall(start[0], o.sill + o.height)
            rect = QRectF(upper, self.view.on_wall(end[0], o.sill))
            self.p.setPen(QPen(self.t.colour("teal" if o.kind == "window" else "soft"), 1.2))
            self.p.setBrush(Qt.BrushStyle.NoBrush)
            self.p.drawRect(rect)

    def _names(self) -> None:
        plan, wall = self.view.plan_rect(), self.view.wall_rect()
        faced = self.room.walls[self.room.frame.wall]
        name = faced.material.replace("_", " ")
        called = "front wall"
        if not self.room.is_box:
            called = tr(
                "facing the {words_of}", words_of=self.room.words_of(self.room.key_of(faced.name))
            )
        at = QPointF(plan.center().x(), (wall.bottom() + plan.top()) / 2)
        self.letters.words(at, f"{spoken(called)}, {spoken(name)}", "soft", 9, italic=True)
        height = format_length(self.room.height, self.units)
        self.letters.turned(QPointF(plan.left() - 34, wall.center().y()), height, 9)
        if self.room.is_box:
            width = format_length(self.room.width, self.units)
            length = format_length(self.room.length, self.units)
            self.letters.words(QPointF(plan.center().x(), plan.bottom() + 15), width, "soft", 9)
            self.letters.turned(QPointF(plan.left() - 34, plan.center().y()), length, 9)
            return
        for edge in edges(self.room.plan):
            if (
                edge_length(edge) >= _NAMED_FROM
                and edge != edges(self.room.plan)[self.room.frame.wall]
            ):
                self._length_beside(edge)

    def _length_beside(self, edge: tuple[tuple[float, float], tuple[float, float]]) -> None:
        (x0, y0), (x1, y1) = edge
        middle = self.view.on_plan((x0 + x1) / 2, (y0 + y1) / 2)
        at = middle - QPointF(*inward(edge)) * 13.0
        words = format_length(edge_length(edge), self.units)
        if abs(x1 - x0) >= abs(y1 - y0):
            self.letters.words(at, words, "soft", 8.5)
        else:
            self.letters.turned(at, words, 8.5, degrees(atan2(-1.0, 0.0)))
