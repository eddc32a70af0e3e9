"""Draws the unfolded room: warm paper, tape-measure dimensions, what is lit."""

from __future__ import annotations

from math import atan2, degrees, hypot

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QColor, QPainter, QPen, QPolygonF

from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.app import theme
from jolly_parlor.app.highlight import Highlight
from jolly_parlor.app.plan.geometry import Unfolded
from jolly_parlor.app.plan.lettering import Lettering
from jolly_parlor.app.plan.shell import ShellPainter
from jolly_parlor.app.plan.turn_grip import GRIP_PIXELS, grip_of
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import PAIR, Gear
from jolly_parlor.placement.items import Item, loudspeaker
from jolly_parlor.placement.items import seat as seat_item
from jolly_parlor.placement.loudspeakers import Model
from jolly_parlor.placement.radiating import BACK_METRES, heard_from, way_on_plan
from jolly_parlor.placement.search.wishes import Region
from jolly_parlor.placement.setup import Setup
from jolly_parlor.units import UnitSystem, format_length
from jolly_parlor.words import tr

_GHOST_PIXELS, _SAME_METRES = 8.0, 0.02
_HEARD_PIXELS = 3.4


_NUMBER_WIDE = 46.0
"""Pixels of a length on the plan, its ground included."""

_WORDS_FROM, _NUMBERS_FROM = 22.0, 40.0
"""Pixels a metre, with text of the usual size: below these they would lie over each other."""


class PlanPainter:
    """One painting of the room; made anew for each paint event."""

    def __init__(self, painter: QPainter, view: Unfolded, gear: Gear, units: UnitSystem) -> None:
        self.p, self.view, self.gear, self.units = painter, view, gear, units
        self.letters = Lettering(painter, view.scale >= _WORDS_FROM * theme.scale())
        self._numbers = view.scale >= _NUMBERS_FROM * theme.scale()
        self.room: Room = view.room
        self.t = theme.current()

    def room_shell(self, lit_boundary: str) -> None:
        """Walls, openings, keep-outs of both views."""
        ShellPainter(self.letters, self.view, self.units).paint(lit_boundary)

    def monitors(self, a: Arrangement, seat: str, selected: Item, focused: bool) -> None:
        """The triangle and the two cabinets in both views."""
        ear = a.seats[seat]
        self.p.setPen(QPen(self.t.colour("soft"), 1.0, Qt.PenStyle.DashLine))
        corners = [self.view.on_plan(q.x, q.y) for q in (a.left, a.right, ear)]
        self.p.setBrush(Qt.BrushStyle.NoBrush)
        self.p.drawPolygon(QPolygonF(corners))
        for side in PAIR:
            lit = selected == loudspeaker(side)
            out = a.aim_degrees if side == "left" else -a.aim_degrees
            self._cabinet(a.places[side], ear, self.gear.monitor, lit, focused, out)

    def others(self, a: Arrangement, seat: str, selected: Item, focused: bool) -> None:
        """Other loudspeakers and seats in both views."""
        for one in self.gear.beside_the_pair:
            place, model = a.places[one.id], self.gear.model_of(one.id)
            lit = selected == loudspeaker(one.id)
            if one.is_subwoofer:
                self._subwoofer(a, one.id, model, lit, focused)
                self.letters.words(self.view.on_plan(place.x, place.y), one.id, "ink", 8.5)
            else:
                self._cabinet(place, a.seats[seat], model, lit, focused)
                under = self.view.on_plan(place.x, place.y + 0.13)
                self.letters.words(under, one.id, "ink", 8.5, ground="sheet")
        for name, place in a.seats.items():
            self._seat(name, place, name == seat, selected == seat_item(name), focused)
            if self.gear.seat(name).high_back:
                self._high_back(place)

    def dimensions(self, a: Arrangement, seat: str, selected: Item) -> None:
        """Tape-measure lines of the monitors and of what is selected."""
        ear, left, right = a.seats[seat], a.left, a.right
        frame = self.room.frame
        beside = self.beside_right(a)
        self._tape_down(beside, frame.front, right.y, right.y - frame.front)
        below = max(left.y, right.y) + 0.19  # clear of cabinets and of a sub beside them
        self._tape_across(frame.left, left.x, below, left.x - frame.left)
        self._tape_across(left.x, right.x, below, right.x - left.x)
        self._tape_down(frame.right - 0.38, frame.front, ear.y, ear.y - frame.front)
        drawn_anyway = selected.of_pair or selected == seat_item(seat)
        if selected.kind != "desk" and not drawn_anyway:
            place = a.position(selected)
            self._tape_down(place.x - 0.3, frame.front, place.y, place.y - frame.front)
            self._tape_across(frame.left, place.x, place.y, place.x - frame.left)
        place = a.position(selected) if selected.kind != "desk" else ear
        side = place.x + 0.30 if place.x < frame.middle else place.x - 0.30
        self._tape_up(side, place.z)

    def beside_right(self, a: Arrangement) -> float:
        """The x of the tape to the right monitor: its number clear of the cabinet however it is
        turned; towards the wall where there is room beside the seat's tape, else inwards.
        """
        model, frame = self.gear.model_of("right"), self.room.frame
        clear = hypot(model.width, model.depth) + (_NUMBER_WIDE / 2 + 2) / self.view.scale
        if a.right.x + clear + _NUMBER_WIDE / self.view.scale <= frame.right - 0.38:
            return a.right.x + clear
        return max(a.right.x - clear, (a.left.x + a.right.x) / 2)

    def ghost(self, now: Arrangement | None, wanted: Arrangement) -> None:
        """Where another arrangement would have everything, and how far that is from now."""
        self.p.setBrush(Qt.BrushStyle.NoBrush)
        for item in wanted.items:
            there = wanted.position(item)
            end = self.view.on_plan(there.x, there.y)
            self.p.setPen(QPen(self.t.colour("wine"), 1.6, Qt.PenStyle.DashLine))
            self.p.drawEllipse(end, _GHOST_PIXELS, _GHOST_PIXELS)
            here = now.position(item) if now is not None and item in now.items else None
            if here is not None and here.distance(there) > _SAME_METRES:
                self.p.setPen(QPen(self.t.colour("wine"), 1.4))
                self._arrow(self.view.on_plan(here.x, here.y), end)

    def _arrow(self, start: QPointF, end: QPointF) -> None:
        along = end - start
        length = float(np.hypot(along.x(), along.y()))
        if length < _GHOST_PIXELS:
            return
        unit = along / length
        tip = end - unit * _GHOST_PIXELS
        aside = QPointF(-unit.y(), unit.x())
        self.p.drawLine(start, tip)
        for way in (-1, 1):
            self.p.drawLine(tip, tip - unit * 6 + aside * (3.5 * way))

    def path(self, highlight: Highlight) -> None:
        """The lit bounce, in both views."""
        reflection = highlight.reflection
        if reflection is None:
            return
        self.p.setPen(QPen(self.t.colour("teal"), 2.4))
        for place in (self.view.on_plan, None):
            points = []
            for q in (reflection.source, reflection.at, reflection.ear):
                points.append(place(q.x, q.y) if place else self.view.on_wall(q.x, q.z))
            self.p.setBrush(Qt.BrushStyle.NoBrush)
            self.p.drawPolyline(QPolygonF(points))
            self.p.setBrush(self.t.colour("teal"))
            self.p.drawEllipse(points[1], 3.0, 3.0)

    def desk(self, a: Arrangement, selected: bool) -> None:
        """The desk, if there is one, in both views."""
        desk, at = self.gear.desk, a.desk
        if desk is None or at is None:
            return
        corner = self.view.on_plan(at.x + desk.width, at.y + desk.depth)
        self.p.setPen(QPen(self.t.colour("wine" if selected else "rule"), 2 if selected else 1))
        self.p.setBrush(self.t.colour("band"))
        self.p.drawRect(QRectF(self.view.on_plan(at.x, at.y), corner))
        top = self.view.on_wall(at.x, desk.height)
        end = self.view.on_wall(at.x + desk.width, desk.height)
        self.p.setPen(QPen(self.t.colour("soft"), 2))
        self.p.drawLine(top, end)
        label = self.view.on_plan(at.x + 0.24, at.y + desk.depth - 0.13)
        self.letters.words(label, "desk", "soft", 8.5)

    def _cabinet(
        self,
        centre: Point,
        ear: Point,
        m: Model,
        selected: bool,
        focused: bool,
        clockwise_degrees: float = 0.0,
    ) -> None:
        """A loudspeaker turned to the ear, or past it."""
        at = self.view.on_plan(centre.x, centre.y)
        turn = degrees(atan2(ear.y - centre.y, ear.x - centre.x)) - 90 + clockwise_degrees
        s = self.view.scale
        self.p.save()
        self.p.translate(at)
        self.p.rotate(turn)
        self._outline(selected, focused)
        self.p.drawRoundedRect(
            QRectF(-m.width / 2 * s, -m.depth * s, m.width * s, m.depth * s), 2, 2
        )
        self.p.restore()
        base = centre.z - m.centre_height
        upper = self.view.on_wall(centre.x - m.width / 2, base + m.height)
        lower = self.view.on_wall(centre.x + m.width / 2, base)
        self._outline(selected, focused)
        self.p.drawRoundedRect(QRectF(upper, lower), 2, 2)
        foot = self.view.on_wall(centre.x, 0)
        self.p.setPen(QPen(self.t.colour("soft"), 1, Qt.PenStyle.DotLine))
        self.p.drawLine(QPointF(foot.x(), lower.y()), foot)
        self.p.setPen(Qt.PenStyle.NoPen)
        self.p.setBrush(self.t.colour("ink"))
        for dot in (at, self.view.on_wall(centre.x, centre.z)):
            self.p.drawEllipse(dot, 3.2, 3.2)

    def _subwoofer(
        self, a: Arrangement, name: str, m: Model, selected: bool, focused: bool
    ) -> None:
        """Turned the way it looks, a bar before each driver in a side."""
        at, s = a.places[name], self.view.scale
        x, y, _ = way_on_plan(Setup(self.room, self.gear, a), name)
        self.p.save()
        self.p.translate(self.view.on_plan(at.x, at.y))
        self.p.rotate(degrees(atan2(y, x)) - 90)
        self._outline(selected, focused)
        box = QRectF(-m.width / 2 * s, -m.depth / 2 * s, m.width * s, m.depth * s)
        self.p.drawRect(box)
        self.p.setPen(QPen(self.t.colour("ink"), 2.4))
        inner = box.adjusted(4, 4, -4, -4)
        if m.driver == "front":
            self.p.drawLine(inner.bottomLeft(), inner.bottomRight())
        elif m.driver == "opposed":
            self.p.drawLine(inner.topLeft(), inner.bottomLeft())
            self.p.drawLine(inner.topRight(), inner.bottomRight())
        self.p.restore()
        self._outline(selected, focused)
        half = (abs(y) * m.width + abs(x) * m.depth) / 2
        top = self.view.on_wall(at.x - half, at.z + m.height / 2)
        self.p.drawRect(QRectF(top, self.view.on_wall(at.x + half, at.z - m.height / 2)))

    def _high_back(self, ear: Point) -> None:
        """The back of a chair behind the head."""
        width, behind = BACK_METRES
        self.p.setPen(QPen(self.t.colour("wine"), 2.4))
        ends = (self.view.on_plan(ear.x + s * width / 2, ear.y + behind) for s in (-1, 1))
        self.p.drawLine(*ends)

    def radiating(self, a: Arrangement, selected: Item) -> None:
        """Of the selected loudspeaker the point it is heard from at low frequencies, and the grip
        that turns it.
        """
        if selected.kind != "loudspeaker" or selected.id not in a.places:
            return
        here = heard_from(Setup(self.room, self.gear, a), selected.id)
        at, there = a.places[selected.id], self.view.on_plan(here.x, here.y)
        self.p.setPen(QPen(self.t.colour("wine"), 1.4))
        self.p.setBrush(self.t.colour("sheet"))
        grip = grip_of(self.view, self.room, self.gear, a, selected)
        if grip is not None:
            self.p.drawLine(self.view.on_plan(at.x, at.y), grip)
            self.p.drawEllipse(grip, GRIP_PIXELS, GRIP_PIXELS)
        self.p.drawEllipse(there, _HEARD_PIXELS, _HEARD_PIXELS)
        self.p.drawEllipse(self.view.on_wall(here.x, here.z), _HEARD_PIXELS, _HEARD_PIXELS)

    def _outline(self, selected: bool, focused: bool) -> None:
        colour = self.t.colour("wine" if selected else "wall")
        self.p.setPen(QPen(colour, 2.6 if selected and focused else 1.8 if selected else 1.2))
        self.p.setBrush(self.t.colour("wood"))

    def _seat(self, name: str, at: Point, main: bool, selected: bool, focused: bool) -> None:
        s = self.view.scale
        colour = self.t.colour("wine")
        self.p.setPen(QPen(colour, 2.6 if selected and focused else 1.6 if main else 1.0))
        self.p.setBrush(self.t.colour("blush") if main else QColor(Qt.GlobalColor.transparent))
        centre = self.view.on_plan(at.x, at.y)
        self.p.drawEllipse(centre, 0.16 * s, 0.21 * s)  # the head volume, about
        self.p.setBrush(colour)
        self.p.drawEllipse(centre, 3.2, 3.2)
        below = centre + QPointF(0, 0.21 * s + 11)
        self.letters.words(below, name, "wine", 9.5, ground="sheet")  # legible on a tint too
        if main:
            head = self.view.on_wall(at.x, at.z)
            self.p.setBrush(Qt.BrushStyle.NoBrush)
            self.p.drawEllipse(head, 0.11 * s, 0.14 * s)

    def _tape_down(self, x: float, y0: float, y1: float, metres: float) -> None:
        a, b = self.view.on_plan(x, y0), self.view.on_plan(x, y1)
        self._tape(a, b, QPointF(3, 0), (a + b) / 2, metres)

    def _tape_across(self, x0: float, x1: float, y: float, metres: float) -> None:
        a, b = self.view.on_plan(x0, y), self.view.on_plan(x1, y)
        self._tape(a, b, QPointF(0, 3), (a + b) / 2, metres)

    def _tape_up(self, x: float, z: float) -> None:
        a, b = self.view.on_wall(x, 0), self.view.on_wall(x, z)
        self._tape(a, b, QPointF(3, 0), (a + b) / 2, z)

    def _tape(self, a: QPointF, b: QPointF, tick: QPointF, middle: QPointF, metres: float) -> None:
        if abs(metres) < 0.05:
            return
        self.p.setPen(QPen(self.t.colour("ink"), 1))
        self.p.drawLine(a, b)
        for end in (a, b):
            self.p.drawLine(end - tick, end + tick)
        if self._numbers:
            words = format_length(metres, self.units)
            self.letters.words(middle, words, "ink", 9, ground="sheet")

    def region(self, region: Region | None) -> None:
        """Where the subwoofer may stand, when drawn."""
        if region is None:
            return
        near = self.view.on_plan(region.x, region.y)
        far = self.view.on_plan(region.x + region.width, region.y + region.depth)
        self.p.setPen(QPen(self.t.colour("wine"), 1.2, Qt.PenStyle.DashLine))
        self.p.setBrush(Qt.BrushStyle.NoBrush)
        self.p.drawRect(QRectF(near, far))
        self.letters.words(
            QPointF((near.x() + far.x()) / 2, far.y() - 8), tr("sub here"), "wine", 8.5
        )

    def empty(self) -> None:
        """No arrangement yet: say what to do."""
        words = (
            tr("Nothing stands here yet."),
            tr("Rough in a first"),
            tr("arrangement at Line-up."),
        )
        middle = self.view.plan_rect().center()
        for index, text in enumerate(words):
            self.letters.words(middle + QPointF(0, 20 * index - 10), text, "soft", 10, italic=True)

    def problem(self, text: str) -> None:
        """What cannot stand as placed, across the plan's foot."""
        rect = self.view.plan_rect()
        box = QRectF(rect.left() + 6, rect.bottom() - 52, rect.width() - 12, 46)
        self.p.setPen(QPen(self.t.colour("wine"), 1))
        self.p.setBrush(self.t.colour("blush"))
        self.p.drawRoundedRect(box, 5, 5)
        self.p.setFont(theme.sans(9))
        self.p.setPen(self.t.colour("ink"))
        flags = int(Qt.AlignmentFlag.AlignVCenter) | int(Qt.TextFlag.TextWordWrap)
        self.p.drawText(box.adjusted(6, 2, -6, -2), flags, text)
