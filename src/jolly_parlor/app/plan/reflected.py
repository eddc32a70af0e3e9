"""Reflection points on the plan, numbered as in the list; those of the front wall there too."""

from __future__ import annotations

from collections.abc import Iterable, Sequence

from PyQt6.QtCore import QPointF, Qt
from PyQt6.QtGui import QPainter, QPen

from jolly_parlor.app import theme
from jolly_parlor.app.plan.geometry import Unfolded
from jolly_parlor.app.plan.lettering import Lettering
from jolly_parlor.placement.reflections import ReflectionPoint

_ARM = 4.0
_TOGETHER = 3.0
_MANY = 20
_ABOVE = QPointF(0, -2.6 * _ARM)


def paint_reflections(p: QPainter, view: Unfolded, points: Sequence[ReflectionPoint]) -> None:
    """A cross a point; ringed and in wine where it comes too early and too loud. Of many only those
    are drawn.
    """
    t, letters = theme.current(), Lettering(p)
    every = list(enumerate(points, start=1))
    if len(every) > _MANY:
        every = [(number, point) for number, point in every if point.exceeds]
    middle = view.plan_rect().center().x()
    reach = 0.47 * view.plan_rect().width()
    for places in (_on_plan(view, every), _on_front(view, every)):
        for at, numbers, strong in places:
            colour = t.colour("wine" if strong else "ink")
            p.setPen(QPen(colour, 1.5))
            p.setBrush(Qt.BrushStyle.NoBrush)
            for arm in (QPointF(_ARM, _ARM), QPointF(_ARM, -_ARM)):
                p.drawLine(at - arm, at + arm)
            if strong:
                p.drawEllipse(at, 1.8 * _ARM, 1.8 * _ARM)
            named = ", ".join(map(str, numbers))
            out = at.x() - middle  # beside what lies at a side wall, above anything else
            by_wall = abs(out) > reach
            beside = at + (QPointF(3.6 * _ARM * (1 if out > 0 else -1), 0) if by_wall else _ABOVE)
            letters.words(beside, named, "wine" if strong else "ink", 8, ground="sheet")


_Numbered = list[tuple[int, ReflectionPoint]]
_Placed = list[tuple[QPointF, list[int], bool]]


def _on_plan(view: Unfolded, points: _Numbered) -> _Placed:
    return _gathered((n, p, view.on_plan(p.at.x, p.at.y)) for n, p in points)


def _on_front(view: Unfolded, points: _Numbered) -> _Placed:
    here = ((n, p) for n, p in points if p.side == "front")
    return _gathered((n, p, view.on_wall(p.at.x, p.at.z)) for n, p in here)


def _gathered(found: Iterable[tuple[int, ReflectionPoint, QPointF]]) -> _Placed:
    placed: _Placed = []
    for number, point, at in found:
        for n, (other, numbers, strong) in enumerate(placed):
            if (other - at).manhattanLength() < _TOGETHER:
                placed[n] = (other, [*numbers, number], strong or point.exceeds)
                break
        else:
            placed.append((at, [number], point.exceeds))
    return placed
