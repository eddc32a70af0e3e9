"""What was found by ear, on the plan: the calm zone with its grid, and the marks of a hunt."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPen, QPolygonF

from jolly_parlor.acoustics.geometry.room import CalmZone
from jolly_parlor.app import theme
from jolly_parlor.app.plan.geometry import Unfolded
from jolly_parlor.app.plan.lettering import Lettering

if TYPE_CHECKING:
    from jolly_parlor.by_ear.ear_record import Heard, Hunt

_SIZE, _GRID_PIXELS = 6.5, 3.0


def paint_zone(p: QPainter, view: Unfolded, zone: CalmZone, step: float) -> None:
    """The crossing rectangle of either side in steps, and where to begin."""
    from jolly_parlor.by_ear.voice_walk import on_plan

    t, drawn = theme.current(), on_plan(view.room, zone, step)
    for x, y, width, depth in (drawn.left, drawn.right):
        rect = QRectF(view.on_plan(x, y), view.on_plan(x + width, y + depth))
        p.setPen(QPen(t.colour("teal"), 1.6))
        p.setBrush(t.colour("hollow", 150))
        p.drawRect(rect)
        if step * view.scale >= _GRID_PIXELS:
            p.setPen(QPen(t.colour("teal", 90), 0.8))
            for at in range(1, int(width / step) + 1):
                near = view.on_plan(x + at * step, y)
                p.drawLine(near, QPointF(near.x(), rect.bottom()))
            for at in range(1, int(depth / step) + 1):
                near = view.on_plan(x, y + at * step)
                p.drawLine(near, QPointF(rect.right(), near.y()))
    for x, y in drawn.start:
        cross = view.on_plan(x, y)
        p.setPen(QPen(t.colour("wine"), 1.8))
        for arm in (QPointF(5, 0), QPointF(0, 5)):
            p.drawLine(cross - arm, cross + arm)


def paint_hunt(p: QPainter, view: Unfolded, hunt: Hunt) -> None:
    """Where it plays, and each mark by shape: even a ring, boomy a hill, thin a hollow."""
    t, letters = theme.current(), Lettering(p)
    at = view.on_plan(hunt.stood.x, hunt.stood.y)
    p.setPen(QPen(t.colour("wine"), 2))
    p.setBrush(t.colour("wood"))
    p.drawRect(QRectF(at.x() - 8, at.y() - 8, 16, 16))
    for reach in (14, 20):
        p.drawArc(QRectF(at.x() - reach, at.y() - reach, 2 * reach, 2 * reach), -16 * 80, 16 * 70)
    for mark in hunt.marks:
        _mark(p, view.on_plan(mark.x, mark.y), mark.heard)
    best = hunt.even[-1] if hunt.even else None
    if best is not None:
        under = view.on_plan(best.x, best.y) + QPointF(0, 16)
        letters.words(under, "even", "teal", 8.5, ground="sheet")


def _mark(p: QPainter, at: QPointF, heard: Heard) -> None:
    t = theme.current()
    p.setPen(QPen(t.colour("ink"), 1.4))
    if heard == "even":
        p.setBrush(t.colour("teal"))
        p.drawEllipse(at, _SIZE, _SIZE)
        return
    up = -1 if heard == "boomy" else 1
    p.setBrush(t.colour("ochre") if heard == "boomy" else t.colour("hollow"))
    tip = QPointF(0, up * _SIZE)
    foot = -up * 0.7 * _SIZE
    corners = [at + tip, at + QPointF(_SIZE, foot), at + QPointF(-_SIZE, foot)]
    p.drawPolygon(QPolygonF(corners))
    if heard == "thin":
        p.setPen(QPen(t.colour("ink"), 1, Qt.PenStyle.DotLine))
        p.drawLine(corners[1], corners[2])
