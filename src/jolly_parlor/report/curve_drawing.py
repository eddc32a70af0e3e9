"""Hills and hollows on paper: distance from even over frequency, a filled curve and a line."""

from collections.abc import Callable, Sequence
from math import log10

import numpy as np
from reportlab.graphics.shapes import Drawing, Line, Polygon, PolyLine
from reportlab.lib.colors import HexColor
from reportlab.lib.units import mm

from jolly_parlor.placement.evenness import Deviation
from jolly_parlor.report.drawing_marks import FAINT, INK, WINE, text_at
from jolly_parlor.words import tr

_OCHRE, _TEAL = HexColor("#d9b46a"), HexColor("#7fb3ad")
_MOST_DB = 20.0
_LEFT, _BELOW = 11 * mm, 8 * mm
_TICKS_HZ = (20, 30, 50, 80, 100, 150, 200, 300, 500, 700)


def curve_drawing(
    filled: Deviation, line: Deviation | None, words: Sequence[str], width: float, height: float
) -> Drawing:
    """filled: as hills and hollows; line: another on top. words: what each is, for the legend."""
    drawing = Drawing(width, height)
    low, high = filled.low_hz, filled.high_hz

    def at(hertz: float, db: float) -> tuple[float, float]:
        share = log10(hertz / low) / log10(high / low)
        up = (min(max(db, -_MOST_DB), _MOST_DB) + _MOST_DB) / (2 * _MOST_DB)
        return _LEFT + share * (width - _LEFT - 2 * mm), _BELOW + up * (height - _BELOW - 6 * mm)

    for db in (-20, -10, 0, 10, 20):
        x0, y = at(low, db)
        x1, _ = at(high, db)
        weight = 1.0 if db == 0 else 0.3
        drawing.add(Line(x0, y, x1, y, strokeColor=INK if db == 0 else FAINT, strokeWidth=weight))
        drawing.add(text_at(x0 - 2, y - 2.5, f"{db:+d}".replace("-", "−"), INK, 6.5, "end"))
    for hertz in _TICKS_HZ:
        if low <= hertz <= high:
            x, y = at(hertz, -_MOST_DB)
            drawing.add(Line(x, y, x, y - 2, strokeColor=INK, strokeWidth=0.5))
            drawing.add(text_at(x, y - 9, str(hertz), INK, 6.5))
    drawing.add(text_at(width - 2 * mm, 1, tr("Hz; dB from even"), INK, 6.5, "end"))
    f, d = filled.frequencies_hz[filled.in_band], filled.deviation_db[filled.in_band]
    for sign, colour in ((1.0, _OCHRE), (-1.0, _TEAL)):
        part = np.where(sign * d > 0, d, 0.0)
        outline = [*at(float(f[0]), 0.0)]
        for hertz, db in zip(f, part, strict=True):
            outline += at(float(hertz), float(db))
        outline += at(float(f[-1]), 0.0)
        drawing.add(Polygon(outline, strokeColor=None, fillColor=colour))
    if line is not None:
        drawing.add(PolyLine(_points(line, at, low, high), strokeColor=WINE, strokeWidth=1.1))
    drawing.add(text_at(_LEFT, height - 8, " · ".join(words), INK, 7, "start"))
    return drawing


def _points(
    line: Deviation, at: Callable[[float, float], tuple[float, float]], low: float, high: float
) -> list[float]:
    inside = (line.frequencies_hz >= low) & (line.frequencies_hz <= high)
    found: list[float] = []
    for hertz, db in zip(line.frequencies_hz[inside], line.deviation_db[inside], strict=True):
        found += at(float(hertz), float(db))
    return found
