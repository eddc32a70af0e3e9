"""Draws the unfolded room: warm paper, tape-measure dimensions, what is lit."""

from functools import lru_cache
from math import atan2, ceil, degrees

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import (
    QBrush,
    QColor,
    QFont,
    QFontMetricsF,
    QPainter,
    QPainterPath,
    QPen,
    QPixmap,
    QPolygonF,
)

from jolly_parlor.acoustics.plan import Point
from jolly_parlor.acoustics.room import Opening, Room, Thing
from jolly_parlor.app import theme
from jolly_parlor.app.highlight import Highlight
from jolly_parlor.app.plan.geometry import Unfolded
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import PAIR, Gear
from jolly_parlor.placement.items import Item, loudspeaker
from jolly_parlor.placement.items import seat as seat_item
from jolly_parlor.placement.loudspeakers import Model
from jolly_parlor.placement.search.wishes import Region
from jolly_parlor.units import UnitSystem, format_length


class PlanPainter:
    """One painting of the room; made anew for each paint event."""

    def __init__(self, painter: QPainter, view: Unfolded, gear: Gear, units: UnitSystem) -> None:
        self.p, self.view, self.gear, self.units = painter, view, gear, units
        self.room: Room = view.room
        self.t = theme.current()

    def room_shell(self, lit_boundary: str) -> None:
        """Walls, openings, keep-outs of both views."""
        self.p.setPen(Qt.PenStyle.NoPen)
        self.p.setBrush(self.t.colour("sheet"))
        for rect in (self.view.plan_rect(), self.view.wall_rect()):
            self.p.drawRect(rect)
        for area in self.room.keep_outs:
            corner = self.view.on_plan(area.x + area.width, area.y + area.depth)
            rect = QRectF(self.view.on_plan(area.x, area.y), corner)
            self.p.fillRect(rect, QBrush(self.t.colour("soft", 110), Qt.BrushStyle.BDiagPattern))
            self._words(rect.center(), area.name, "soft", 8.5)
        for thing in self.room.things:
            self._thing(thing)
        plan, wall = self.view.plan_rect(), self.view.wall_rect()
        sides = {
            "front": (plan.topLeft(), plan.topRight()),
            "back": (plan.bottomLeft(), plan.bottomRight()),
            "left": (plan.topLeft(), plan.bottomLeft()),
            "right": (plan.topRight(), plan.bottomRight()),
        }
        for name, (a, b) in sides.items():
            self._wall(a, b, name == lit_boundary)
        self._wall(wall.topLeft(), wall.topRight(), lit_boundary == "ceiling")
        self._wall(wall.bottomLeft(), wall.bottomRight(), lit_boundary == "floor")
        self._wall(wall.topLeft(), wall.bottomLeft(), lit_boundary == "left")
        self._wall(wall.topRight(), wall.bottomRight(), lit_boundary == "right")
        for opening in self.room.openings:
            self._opening(opening)
        self._surface_names()

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
            self._turned(rect.center(), thing.name, 8.5)
        else:
            self._words(rect.center(), thing.name, "soft", 8.5)

    def monitors(self, a: Arrangement, seat: str, selected: Item, focused: bool) -> None:
        """The triangle and the two cabinets in both views."""
        ear = a.seats[seat]
        self.p.setPen(QPen(self.t.colour("soft"), 1.0, Qt.PenStyle.DashLine))
        corners = [self.view.on_plan(q.x, q.y) for q in (a.left, a.right, ear)]
        self.p.setBrush(Qt.BrushStyle.NoBrush)
        self.p.drawPolygon(QPolygonF(corners))
        for side in PAIR:
            lit = selected == loudspeaker(side)
            self._cabinet(a.places[side], ear, self.gear.monitor, lit, focused)

    def others(self, a: Arrangement, seat: str, selected: Item, focused: bool) -> None:
        """Other loudspeakers and seats in both views."""
        for one in self.gear.beside_the_pair:
            place, model = a.places[one.id], self.gear.model_of(one.id)
            lit = selected == loudspeaker(one.id)
            if one.is_subwoofer:
                self._box(place, model.width, model.depth, model.height, lit, focused)
                self._words(self.view.on_plan(place.x, place.y), one.id, "ink", 8.5)
            else:
                self._cabinet(place, a.seats[seat], model, lit, focused)
                under = self.view.on_plan(place.x, place.y + 0.13)
                self._words(under, one.id, "ink", 8.5, ground="sheet")
        for name, place in a.seats.items():
            self._seat(name, place, name == seat, selected == seat_item(name), focused)

    def dimensions(self, a: Arrangement, seat: str, selected: Item) -> None:
        """Tape-measure lines of the monitors and of what is selected."""
        ear, left, right = a.seats[seat], a.left, a.right
        beside = right.x + 0.55
        if beside > self.room.width - 0.75:  # no room towards the wall: between the two
            beside = max(right.x - 0.45, (left.x + right.x) / 2)
        self._tape_down(beside, 0, right.y, right.y)
        below = max(left.y, right.y) + 0.19  # clear of cabinets and of a sub beside them
        self._tape_across(0, left.x, below, left.x)
        self._tape_across(left.x, right.x, below, right.x - left.x)
        self._tape_down(self.room.width - 0.38, 0, ear.y, ear.y)
        drawn_anyway = selected.of_pair or selected == seat_item(seat)
        if selected.kind != "desk" and not drawn_anyway:
            place = a.position(selected)
            self._tape_down(place.x - 0.3, 0, place.y, place.y)
            self._tape_across(0, place.x, place.y, place.x)
        place = a.position(selected) if selected.kind != "desk" else ear
        side = place.x + 0.30 if place.x < self.room.width / 2 else place.x - 0.30
        self._tape_up(side, place.z)

    def path(self, highlight: Highlight) -> None:
        """The lit bounce, in both views."""
        bounce = highlight.bounce
        if bounce is None:
            return
        self.p.setPen(QPen(self.t.colour("teal"), 2.4))
        for place in (self.view.on_plan, None):
            points = []
            for q in (bounce.source, bounce.at, bounce.ear):
                points.append(place(q.x, q.y) if place else self.view.on_wall(q.x, q.z))
            self.p.setBrush(Qt.BrushStyle.NoBrush)
            self.p.drawPolyline(QPolygonF(points))
            self.p.setBrush(self.t.colour("teal"))
            self.p.drawEllipse(points[1], 3.0, 3.0)

    def _wall(self, a: QPointF, b: QPointF, lit: bool) -> None:
        colour = self.t.colour("wine" if lit else "wall")
        pen = QPen(colour, 8 if lit else 5)
        pen.setCapStyle(Qt.PenCapStyle.SquareCap)
        self.p.setPen(pen)
        self.p.drawLine(a, b)

    def _opening(self, o: Opening) -> None:
        end, side = o.start + o.width, self.room.side_of(o)
        w, length = self.room.width, self.room.length
        ends = {
            "front": ((o.start, 0.0), (end, 0.0)),
            "back": ((o.start, length), (end, length)),
            "left": ((0.0, o.start), (0.0, end)),
            "right": ((w, o.start), (w, end)),
        }[side]
        a, b = (self.view.on_plan(*at) for at in ends)
        self.p.setPen(QPen(self.t.colour("sheet"), 5))
        self.p.drawLine(a, b)
        if o.kind == "window":
            self.p.setPen(QPen(self.t.colour("teal"), 2))
            self.p.drawLine(a, b)
        elif o.kind == "door" and o.swings_in:
            self.p.setPen(QPen(self.t.colour("soft"), 1, Qt.PenStyle.DotLine))
            inward = {"front": 1, "back": -1, "left": 1, "right": -1}[side]
            path = QPainterPath(b)
            flat = side in ("front", "back")
            reach = o.width * self.view.scale
            tip = a + (QPointF(0, inward * reach) if flat else QPointF(inward * reach, 0))
            corner = QPointF(b.x(), tip.y()) if flat else QPointF(tip.x(), b.y())
            path.quadTo(corner * 0.72 + a * 0.28, tip)
            self.p.setBrush(Qt.BrushStyle.NoBrush)
            self.p.drawPath(path)
        if side == "front":
            corner_a = self.view.on_wall(o.start, o.sill + o.height)
            rect = QRectF(corner_a, self.view.on_wall(end, o.sill))
            self.p.setPen(QPen(self.t.colour("teal" if o.kind == "window" else "soft"), 1.2))
            self.p.setBrush(Qt.BrushStyle.NoBrush)
            self.p.drawRect(rect)

    def _surface_names(self) -> None:
        plan, wall = self.view.plan_rect(), self.view.wall_rect()
        name = self.room.surfaces["front"].material.replace("_", " ")
        at = QPointF(plan.center().x(), (wall.bottom() + plan.top()) / 2)
        self._words(at, f"front wall, {name}", "soft", 9, italic=True)
        width = format_length(self.room.width, self.units)
        length = format_length(self.room.length, self.units)
        height = format_length(self.room.height, self.units)
        self._words(QPointF(plan.center().x(), plan.bottom() + 15), width, "soft", 9)
        self._turned(QPointF(plan.left() - 34, plan.center().y()), length, 9)
        self._turned(QPointF(plan.left() - 34, wall.center().y()), height, 9)

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
        self._words(label, "desk", "soft", 8.5)

    def _cabinet(self, centre: Point, ear: Point, m: Model, selected: bool, focused: bool) -> None:
        """A loudspeaker turned to the ear."""
        at = self.view.on_plan(centre.x, centre.y)
        turn = degrees(atan2(ear.y - centre.y, ear.x - centre.x)) - 90
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

    def _box(
        self, at: Point, width: float, depth: float, height: float, selected: bool, focused: bool
    ) -> None:
        self._outline(selected, focused)
        half, deep = width / 2, depth / 2
        far = self.view.on_plan(at.x + half, at.y + deep)
        self.p.drawRect(QRectF(self.view.on_plan(at.x - half, at.y - deep), far))
        self._outline(selected, focused)
        top = self.view.on_wall(at.x - half, at.z + height / 2)
        self.p.drawRect(QRectF(top, self.view.on_wall(at.x + half, at.z - height / 2)))

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
        self._words(below, name, "wine", 9.5, ground="sheet")  # legible on a tint too
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
        self._words(middle, format_length(metres, self.units), "ink", 9, ground="sheet")

    def _words(
        self,
        at: QPointF,
        text: str,
        colour: str,
        points: float,
        ground: str = "",
        italic: bool = False,
    ) -> None:
        ratio = device.devicePixelRatioF() if (device := self.p.device()) else 1.0
        look = colour, points, ground, italic, self.t.name, ratio
        stamp, across, up = _stamp(text, *look)
        self.p.drawPixmap(round(at.x() - across), round(at.y() - up), stamp)

    def _turned(self, at: QPointF, text: str, points: float) -> None:
        self.p.save()
        self.p.translate(at)
        self.p.rotate(-90)
        _write(self.p, QPointF(0, 0), text, self.t.colour("soft"), points, False)
        self.p.restore()

    def region(self, region: Region | None) -> None:
        """Where the subwoofer may stand, when drawn."""
        if region is None:
            return
        near = self.view.on_plan(region.x, region.y)
        far = self.view.on_plan(region.x + region.width, region.y + region.depth)
        self.p.setPen(QPen(self.t.colour("wine"), 1.2, Qt.PenStyle.DashLine))
        self.p.setBrush(Qt.BrushStyle.NoBrush)
        self.p.drawRect(QRectF(near, far))
        self._words(QPointF((near.x() + far.x()) / 2, far.y() - 8), "sub here", "wine", 8.5)

    def empty(self) -> None:
        """No arrangement yet: say what to do."""
        words = ("Nothing stands here yet.", "Rough in a first", "arrangement at Line-up.")
        middle = self.view.plan_rect().center()
        for index, text in enumerate(words):
            self._words(middle + QPointF(0, 20 * index - 10), text, "soft", 10, italic=True)

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


@lru_cache(maxsize=512)
def _stamp(
    text: str, colour: str, points: float, ground: str, italic: bool, named: str, ratio: float
) -> tuple[QPixmap, float, float]:
    """The picture of a label, and how far its middle lies from the left and the top; kept: a drag
    paints all of them in every frame, and changes two.
    """
    t = theme.THEMES[named]
    metrics = QFontMetricsF(_font(points, italic))
    width, height = ceil(metrics.horizontalAdvance(text)) + 8, ceil(metrics.height())
    stamp = QPixmap(round(width * ratio), round(height * ratio))
    stamp.setDevicePixelRatio(ratio)
    stamp.fill(Qt.GlobalColor.transparent)
    with QPainter(stamp) as painter:
        if ground:
            painter.fillRect(QRectF(0, 1, width, height - 2), t.colour(ground))
        _write(painter, QPointF(width / 2, height / 2), text, t.colour(colour), points, italic)
    return stamp, width / 2, height / 2


def _write(
    painter: QPainter, at: QPointF, text: str, colour: QColor, points: float, italic: bool
) -> None:
    """Words around a point."""
    painter.setFont(_font(points, italic))
    painter.setPen(colour)
    box = QRectF(painter.fontMetrics().boundingRect(text)).adjusted(-4, -2, 4, 2)
    box.moveCenter(at)
    painter.drawText(box, Qt.AlignmentFlag.AlignCenter, text)


def _font(points: float, italic: bool) -> QFont:
    return theme.serif(points, italic=True) if italic else theme.sans(points)
