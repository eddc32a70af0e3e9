"""The elevations to scale: each side of the room as one sees it from the middle, with what is
in its walls, what stands before them, and the reflection points, numbered as in the list.
"""

from collections.abc import Sequence
from typing import Literal

import numpy as np
from reportlab.graphics.shapes import Circle, Drawing, Line, Polygon, Rect
from reportlab.lib.colors import HexColor
from reportlab.lib.units import mm

from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room
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

Side = Literal["front", "right", "back", "left"]
SIDES: tuple[Side, ...] = ("front", "right", "back", "left")
_MARGIN = 9 * mm
_STEPS = 41


class ScaledElevation:
    """One side. `ratio` is the scale's denominator."""

    def __init__(
        self,
        room: Room,
        gear: Gear,
        arrangement: Arrangement,
        side: Side,
        width: float,
        points: Sequence[ReflectionPoint] = (),
        units: UnitSystem = "metric",
    ) -> None:
        """points: all of the list, in its order; those of this side are drawn. width: at most so
        wide, in points of the printer.
        """
        self.room, self.gear, self.arrangement = room, gear, arrangement
        self.side, self.points, self.units = side, points, units
        self.across = room.width if side in ("front", "back") else room.length
        fits = [s for s in SCALES if self.across * 1000 * mm / s <= width - 2 * _MARGIN]
        self.ratio = fits[0] if fits else SCALES[-1]
        self._unit = 1000 * mm / self.ratio
        here = [met for met in points if met.side == side]
        self._floor = _MARGIN + LINE * lines_needed(here)
        self.drawing = Drawing(
            self.across * self._unit + 2 * _MARGIN,
            room.height * self._unit + _MARGIN + self._floor,
        )
        self._draw()

    def at(self, point: Point) -> tuple[float, float]:
        """Room metres to drawing points, as seen from inside."""
        x, y = point.x, point.y
        along = {
            "front": x,
            "right": y,
            "back": self.room.width - x,
            "left": self.room.length - y,
        }[self.side]
        return _MARGIN + along * self._unit, self._floor + point.z * self._unit

    def _draw(self) -> None:
        self._outline()
        for thing in self.room.things:
            one = self.at(Point(thing.x, thing.y, thing.z))
            other = self.at(
                Point(thing.x + thing.width, thing.y + thing.depth, thing.z + thing.height)
            )
            self._rect(one, other, FAINT)
        for opening in self.room.openings:
            if self.room.direction_of(self.room.key_of(opening.wall)) != self.side:
                continue
            start, end = self.room.span_of(opening)
            low = self.at(Point(*start, opening.sill))
            high = self.at(Point(*end, opening.sill + opening.height))
            self._rect(low, high, TEAL)
            words = text_at((low[0] + high[0]) / 2, high[1] - 8, opening.kind, TEAL, 7)
            self.drawing.add(words)
        self._loudspeakers()
        for ear in self.arrangement.seats.values():
            ring = Circle(*self.at(ear), 0.1 * self._unit, strokeColor=WINE, fillColor=None)
            self.drawing.add(ring)
        here = [(n, p) for n, p in enumerate(self.points, start=1) if p.side == self.side]
        for _, met in here:
            x, y = self.at(met.at)
            drop = Line(x, y, x, self._floor, strokeColor=FAINT, strokeWidth=0.4)
            self.drawing.add(drop)
        under = (self.drawing.width / 2, self._floor - 7 - 1.6 * LINE)
        crosses(self.drawing, here, lambda met: self.at(met.at), self._lies, under)
        self._letters()

    def _lies(self, met: ReflectionPoint) -> str:
        """From the front or the left wall, and how high."""
        frame = self.room.frame
        along = met.at.y - frame.front if self.side in ("left", "right") else met.at.x - frame.left
        far, high = (format_length(part, self.units) for part in (along, met.at.z))
        end = "front" if self.side in ("left", "right") else "left"
        return tr("{far} from the {end}, {high} high", far=far, end=end, high=high)

    def _outline(self) -> None:
        """Floor, ends, and the highest of the ceiling over the room, seen from this side."""
        room = self.room
        along = np.linspace(0.01, 0.99, _STEPS)
        deep = np.linspace(0.01, 0.99, _STEPS)
        corners: list[float] = [*self._flat(0.0, 0.0), *self._flat(self.across, 0.0)]
        for share in along[::-1]:
            if self.side in ("front", "back"):
                x = share * room.width if self.side == "front" else (1 - share) * room.width
                heights = room.ceiling_at(np.full(_STEPS, x), deep * room.length)
            else:
                y = share * room.length if self.side == "right" else (1 - share) * room.length
                heights = room.ceiling_at(deep * room.width, np.full(_STEPS, y))
            end = {along[0]: 0.0, along[-1]: 1.0}.get(share, share)
            corners += self._flat(float(end) * self.across, float(np.max(heights)))
        shape = Polygon(corners, strokeColor=INK, strokeWidth=1.6, fillColor=None)
        self.drawing.add(shape)

    def _flat(self, along: float, up: float) -> tuple[float, float]:
        return _MARGIN + along * self._unit, self._floor + up * self._unit

    def _loudspeakers(self) -> None:
        for one in self.gear.loudspeakers:
            at, model = self.arrangement.places[one.id], self.gear.model_of(one.id)
            half = model.width / 2 * self._unit
            x, _ = self.at(at)
            low = self._floor + (at.z - model.centre_height) * self._unit
            box = Rect(
                x - half,
                low,
                2 * half,
                model.height * self._unit,
                strokeColor=TEAL if one.is_subwoofer else INK,
                fillColor=SHEET,
                strokeWidth=0.7,
            )
            self.drawing.add(box)
            self.drawing.add(Circle(x, self.at(at)[1], 1.4, fillColor=INK, strokeColor=None))
            name = text_at(x, low - 7, self._named(one.id), INK, 6.5)
            self.drawing.add(name)

    def _named(self, name: str) -> str:
        """Of the pair, seen one behind the other, one name for both."""
        if name in PAIR and self.side in ("left", "right"):
            return "pair" if name == "left" else ""
        return name if self._in_near_half(self.arrangement.places[name]) else ""

    def _in_near_half(self, at: Point) -> bool:
        """Whether it stands nearer to this side than to the one behind the viewer: what stands
        behind another is drawn, but not lettered over it.
        """
        x, y = at.x / self.room.width, at.y / self.room.length
        return {"front": y, "back": 1 - y, "left": x, "right": 1 - x}[self.side] <= 0.6

    def _letters(self) -> None:
        middle = _MARGIN + self.across * self._unit / 2
        top = self.drawing.height - 5 * mm
        sizes = (format_length(d, self.units) for d in (self.across, self.room.height))
        size = " × ".join(sizes)
        words = tr(
            "{side} side, seen from inside · {size} · 1:{ratio}",
            side=self.side,
            size=size,
            ratio=self.ratio,
        )
        self.drawing.add(text_at(middle, top, words, INK, 7.5))

    def _rect(self, one: tuple[float, float], other: tuple[float, float], colour: HexColor) -> None:
        (x0, y0), (x1, y1) = one, other
        left, low = min(x0, x1), min(y0, y1)
        wide, high = abs(x1 - x0), abs(y1 - y0)
        self.drawing.add(
            Rect(left, low, wide, high, strokeColor=colour, fillColor=None, strokeWidth=0.7)
        )
        if high > 0 and colour == FAINT:
            self.drawing.add(
                Line(left, low, left + wide, low + high, strokeColor=colour, strokeWidth=0.3)
            )
