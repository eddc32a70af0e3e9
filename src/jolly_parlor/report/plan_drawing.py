"""The plan to scale, as a drawing that serves PDF and HTML alike."""

from collections.abc import Sequence
from math import cos, radians, sin

from reportlab.graphics.shapes import Circle, Drawing, Group, Line, Polygon, Rect
from reportlab.lib.colors import HexColor
from reportlab.lib.units import mm

from jolly_parlor.acoustics.geometry.room import Point, Room
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import PAIR, Gear
from jolly_parlor.placement.reflections import ReflectionPoint
from jolly_parlor.report.drawing_marks import (
    FAINT,
    INK,
    LINE,
    SCALES,
    SHEET,
    TEAL,
    WINE,
    crosses,
    lines_needed,
    text_at,
)
from jolly_parlor.units import UnitSystem, format_length
from jolly_parlor.words import tr

_MARGIN = 14 * mm
_UPRIGHT = ("front", "back", "left", "right")


class ScaledPlan:
    """Draws one arrangement; `ratio` is the scale's denominator."""

    def __init__(
        self,
        room: Room,
        gear: Gear,
        arrangement: Arrangement,
        width: float,
        height: float,
        points: Sequence[ReflectionPoint] = (),
        units: UnitSystem = "metric",
    ) -> None:
        """points: reflections to be numbered on it, in their order. Width and height: at most so
        large, in points of the printer.
        """
        self.room, self.gear, self.arrangement = room, gear, arrangement
        self.points, self.units = points, units
        fits = [
            s
            for s in SCALES
            if room.width * 1000 * mm / s <= width - 2 * _MARGIN
            and room.length * 1000 * mm / s <= height - 2 * _MARGIN
        ]
        self.ratio = fits[0] if fits else SCALES[-1]
        self._unit = 1000 * mm / self.ratio
        self._flat_ones = [met for met in points if met.side not in _UPRIGHT]
        self._under = LINE * lines_needed(self._flat_ones)
        self.drawing = Drawing(
            room.width * self._unit + 2 * _MARGIN,
            room.length * self._unit + 2 * _MARGIN + self._under,
        )
        self._draw()

    def at(self, x: float, y: float) -> tuple[float, float]:
        """Room metres to drawing points: the front wall at the top."""
        up = _MARGIN + self._under
        return _MARGIN + x * self._unit, up + (self.room.length - y) * self._unit

    def _draw(self) -> None:
        self._walls()
        for area in self.room.keep_outs:
            self._rect(area.x, area.y, area.width, area.depth, FAINT, dash=[2, 2])
            self._text(area.x + area.width / 2, area.y + area.depth / 2, area.name, FAINT)
        for thing in self.room.things:
            self._rect(thing.x, thing.y, thing.width, thing.depth, FAINT)
            centre = thing.x + thing.width / 2
            self._text(centre, thing.y + thing.depth / 2, thing.name, FAINT)
        a = self.arrangement
        if a.desk is not None and self.gear.desk is not None:
            self._rect(a.desk.x, a.desk.y, self.gear.desk.width, self.gear.desk.depth, INK)
            middle = a.desk.x + self.gear.desk.width / 2
            self._text(middle, a.desk.y + self.gear.desk.depth / 2, "desk", INK)
        main = self.gear.seats[0].name
        for name in PAIR:
            point = a.places[name]
            self._cabinet(point, a.seats[main])
            self._line(point, a.seats[main], FAINT, dash=[3, 2])
            self._text(point.x, point.y - 0.42, name, INK)
        self._line(a.left, a.right, FAINT, dash=[3, 2])
        for one in self.gear.beside_the_pair:
            place, size = a.places[one.id], self.gear.model_of(one.id)
            x, y = place.x - size.width / 2, place.y - size.depth / 2
            self._rect(x, y, size.width, size.depth, TEAL)
            self._text(place.x, place.y, one.id, TEAL)
        for name, ear in a.seats.items():
            px, py = self.at(ear.x, ear.y)
            self.drawing.add(Circle(px, py, 0.11 * self._unit, strokeColor=WINE, fillColor=None))
            self._text(ear.x, ear.y + 0.28, name, WINE)
        crosses(
            self.drawing,
            list(enumerate(self.points, start=1)),
            lambda met: self.at(met.at.x, met.at.y),
            self._lies,
            (self.drawing.width / 2, LINE * lines_needed(self._flat_ones)),
        )
        self._dimensions()

    def _lies(self, met: ReflectionPoint) -> str:
        """From the left and the front wall, of what lies flat; walls have elevations."""
        if met.side in _UPRIGHT:
            return ""
        frame = self.room.frame
        parts = met.at.x - frame.left, met.at.y - frame.front
        left, front = (format_length(part, self.units) for part in parts)
        return tr("{left} from the left, {front} from the front", left=left, front=front)

    def _walls(self) -> None:
        outline = [value for corner in self.room.plan for value in self.at(*corner)]
        shape = Polygon(outline, strokeColor=INK, strokeWidth=2.4, fillColor=None)
        self.drawing.add(shape)
        for opening in self.room.openings:
            start, end = self.room.span_of(opening)
            colour = TEAL if opening.kind == "window" else HexColor("#ffffff")
            line = Line(*self.at(*start), *self.at(*end), strokeColor=colour, strokeWidth=2.6)
            self.drawing.add(line)
        px, py = self.at(self.room.width / 2, 0)
        faced = self.room.walls[self.room.frame.wall]
        text = tr(
            "facing: {name} wall ({material})",
            name=faced.name,
            material=faced.material.replace("_", " "),
        )
        if self.room.is_box:
            text = tr("front wall ({material})", material=faced.material.replace("_", " "))
        self.drawing.add(text_at(px, py + 8 * mm, text, INK, 7.5))

    def _cabinet(self, centre: Point, ear: Point) -> None:
        dx, dy = ear.x - centre.x, ear.y - centre.y
        size = (dx**2 + dy**2) ** 0.5 or 1.0
        fx, fy = dx / size, dy / size
        half, depth = self.gear.monitor.width / 2, self.gear.monitor.depth
        corners: list[float] = []
        for along, across in ((0, -half), (0, half), (-depth, half), (-depth, -half)):
            corners += self.at(
                centre.x + along * fx - across * fy, centre.y + along * fy + across * fx
            )
        self.drawing.add(Polygon(corners, strokeColor=INK, fillColor=SHEET))
        self.drawing.add(Circle(*self.at(centre.x, centre.y), 1.6, fillColor=INK, strokeColor=None))

    def _dimensions(self) -> None:
        """Room size along top and left, and a scale bar."""
        w, length = self.room.width, self.room.length
        px, py = self.at(w / 2, 0)
        self.drawing.add(text_at(px, py + 3.5 * mm, format_length(w, self.units), INK, 7.5))
        lx, ly = self.at(0, length / 2)
        turned = Group(text_at(0, 0, format_length(length, self.units), INK, 7.5))
        turned.transform = (*_rotation(90), lx - 4 * mm, ly)
        self.drawing.add(turned)
        bx, by = _MARGIN, 5 * mm + self._under
        self.drawing.add(Line(bx, by, bx + self._unit, by, strokeColor=INK, strokeWidth=1.2))
        bar = tr("1 m at 1:{ratio}", ratio=self.ratio)
        self.drawing.add(text_at(bx + self._unit + 2 * mm, by - 2.5, bar, INK, 7.5, "start"))

    def _rect(
        self,
        x: float,
        y: float,
        width: float,
        depth: float,
        colour: HexColor,
        line: float = 0.8,
        dash: list[int] | None = None,
    ) -> None:
        left, bottom = self.at(x, y + depth)
        self.drawing.add(
            Rect(
                left,
                bottom,
                width * self._unit,
                depth * self._unit,
                strokeColor=colour,
                strokeWidth=line,
                strokeDashArray=dash,
                fillColor=None,
            )
        )

    def _line(self, a: Point, b: Point, colour: HexColor, dash: list[int]) -> None:
        ends = (*self.at(a.x, a.y), *self.at(b.x, b.y))
        self.drawing.add(Line(*ends, strokeColor=colour, strokeDashArray=dash, strokeWidth=0.6))

    def _text(self, x: float, y: float, text: str, colour: HexColor) -> None:
        px, py = self.at(x, y)
        self.drawing.add(text_at(px, py - 2.5, text, colour, 7.5))


def _rotation(degrees: float) -> tuple[float, float, float, float]:
    c, s = cos(radians(degrees)), sin(radians(degrees))
    return c, s, -s, c
