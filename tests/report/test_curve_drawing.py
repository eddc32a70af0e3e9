"""The curve on paper, read back through the ticks that are lettered beside it."""

import numpy as np
import pytest
from reportlab.graphics.shapes import Polygon, PolyLine, String

from jolly_parlor.placement.evenness import Deviation
from jolly_parlor.report.curve_drawing import curve_drawing

F = np.geomspace(25.0, 400.0, 60)
FILLED = Deviation(F, 9.0 * np.sin(2 * np.pi * np.log2(F / 25.0)), 30.0, 300.0, 80.0)
LINE = Deviation(F, np.linspace(-30.0, 30.0, F.size), 30.0, 300.0, 80.0)


@pytest.fixture(scope="module")
def drawing():
    return curve_drawing(FILLED, LINE, ("forecast", "measured"), 400.0, 160.0)


def scale(drawing, numbers: bool):
    """From a point of the paper to Hz (across) or dB (up), by the ticks' own letterings."""
    texts = [s for s in drawing.contents if isinstance(s, String)]
    across = {float(s.text): s.x for s in texts if s.text.isdigit()}
    up = {}
    for s in texts:
        told = s.text.replace("−", "-")
        if told[:1] in "+-" and told[1:].isdigit():
            up[float(told)] = s.y + 2.5  # lettered that much under its line
    if numbers:
        hertz, x = np.array(sorted(across)), np.array([across[h] for h in sorted(across)])
        slope, start = np.polyfit(x, np.log2(hertz), 1)
        assert np.log2(hertz) == pytest.approx(slope * x + start, abs=1e-3)  # octaves are alike
        return lambda v: 2.0 ** (slope * np.asarray(v) + start)
    assert len(up) == 5
    slope, start = np.polyfit(list(up.values()), list(up), 1)
    return lambda v: slope * np.asarray(v) + start


def test_the_line_is_where_its_figures_are_and_ends_at_the_frame(drawing) -> None:
    [line] = [s for s in drawing.contents if isinstance(s, PolyLine)]
    points = np.reshape(line.points, (-1, 2))
    hertz, db = scale(drawing, True)(points[:, 0]), scale(drawing, False)(points[:, 1])
    inside = (F >= 30.0) & (F <= 300.0)
    assert hertz == pytest.approx(F[inside], rel=1e-3)
    assert db == pytest.approx(np.clip(LINE.deviation_db[inside], -20.0, 20.0), abs=0.02)


def test_hills_and_hollows_are_filled_apart_and_meet_at_nought(drawing) -> None:
    hills, hollows = (
        np.reshape(s.points, (-1, 2)) for s in drawing.contents if isinstance(s, Polygon)
    )
    up = scale(drawing, False)
    wanted = FILLED.deviation_db[FILLED.in_band]
    assert up(hills[1:-1, 1]) == pytest.approx(np.maximum(wanted, 0.0), abs=0.02)
    assert up(hollows[1:-1, 1]) == pytest.approx(np.minimum(wanted, 0.0), abs=0.02)
    for part in (hills, hollows):
        assert up(part[[0, -1], 1]) == pytest.approx([0.0, 0.0], abs=0.02)


def test_without_a_second_curve_there_is_no_line() -> None:
    alone = curve_drawing(FILLED, None, ("forecast",), 400.0, 160.0)
    assert not [s for s in alone.contents if isinstance(s, PolyLine)]
    assert [s.text for s in alone.contents if isinstance(s, String)][-1] == "forecast"
