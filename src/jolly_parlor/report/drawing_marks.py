"""What drawings to scale share: scales, inks, lettering, numbered crosses."""

from collections.abc import Callable, Sequence

from reportlab.graphics.shapes import Circle, Drawing, Line, String
from reportlab.lib.colors import HexColor

from jolly_parlor.placement.reflections import ReflectionPoint
from jolly_parlor.report.fonts import SANS

SCALES = (10, 20, 25, 40, 50, 75, 100, 150, 200, 250, 400, 500)
INK, WINE, TEAL, FAINT, SHEET = (
    HexColor(c) for c in ("#2b2522", "#7a2a41", "#1d6a6a", "#b8ab97", "#efe6d6")
)
RULE = HexColor("#d8ccb8")
"""Between the rows of a table."""
_ARM, _A_LINE = 3.2, 3
LINE = 9.5


def text_at(
    x: float, y: float, text: str, colour: HexColor, size: float, anchor: str = "middle"
) -> String:
    """Lettering at a point of the printer."""
    return String(x, y, text, fontName=SANS, fontSize=size, fillColor=colour, textAnchor=anchor)


Place = tuple[float, float]


def crosses(
    drawing: Drawing,
    points: Sequence[tuple[int, ReflectionPoint]],
    at: Callable[[ReflectionPoint], Place],
    words: Callable[[ReflectionPoint], str],
    under: Place,
) -> None:
    """Numbered points; those that fall together are numbered once. Where each lies is lettered
    under the drawing, three a line, from `under` (middle of the first line) downwards.
    """
    groups: list[tuple[Place, list[int], ReflectionPoint]] = []
    for number, point in points:
        place = at(point)
        near = next((g for g in groups if _together(g[0], place)), None)
        if near is None:
            groups.append((place, [number], point))
        else:
            near[1].append(number)
    told = []
    for (x, y), numbers, point in groups:
        named = ", ".join(map(str, numbers))
        cross(drawing, x, y, named, point.exceeds)
        if lies := words(point):
            told.append(f"{named}: {lies}")
    for line, first in enumerate(range(0, len(told), _A_LINE)):
        text = "   ·   ".join(told[first : first + _A_LINE])
        drawing.add(text_at(under[0], under[1] - LINE * line, text, INK, 7))


def lines_needed(points: Sequence[ReflectionPoint]) -> int:
    """How many lines of lettering at most."""
    return -(-len(points) // _A_LINE)


def _together(one: Place, other: Place) -> bool:
    return max(abs(one[0] - other[0]), abs(one[1] - other[1])) < _ARM


def cross(drawing: Drawing, x: float, y: float, letters: str, strong: bool) -> None:
    """A lettered reflection point: a cross, ringed and in wine where it exceeds."""
    colour = WINE if strong else INK
    for dx, dy in ((_ARM, _ARM), (_ARM, -_ARM)):
        line = Line(x - dx, y - dy, x + dx, y + dy, strokeColor=colour, strokeWidth=0.9)
        drawing.add(line)
    if strong:
        drawing.add(Circle(x, y, 1.7 * _ARM, strokeColor=WINE, fillColor=None, strokeWidth=0.7))
    drawing.add(text_at(x + 1.9 * _ARM, y + 1.2, letters, colour, 6.5, "start"))
