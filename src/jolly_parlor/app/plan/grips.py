"""Corners, walls and things by the mouse and the keys, while the room is surveyed."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, replace
from typing import Literal

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPen, QPolygonF

from jolly_parlor.acoustics.geometry.plan import Corner, distance_to, edges, inward
from jolly_parlor.acoustics.geometry.room import Room, Thing
from jolly_parlor.acoustics.geometry.shaping import Shaped, with_corner_moved, with_wall_moved
from jolly_parlor.app import theme
from jolly_parlor.app.plan.geometry import Unfolded
from jolly_parlor.app.shaping_state import ShapingState
from jolly_parlor.words import tr

_CORNER_REACH, _WALL_REACH = 10.0, 7.0
_KNOB = 5.0
_STEP, _LONG_STEP = 0.01, 0.10


@dataclass(frozen=True)
class Grip:
    """What is held: a corner, a wall or a thing by its number; things also in the wall view."""

    kind: Literal["corner", "wall", "thing"]
    number: int
    in_wall: bool = False


class Grips:
    """The one thing of the survey that is held or was last, and its moves."""

    def __init__(self, state: ShapingState) -> None:
        self.state = state
        self.held: Grip | None = None
        self._from = QPointF()
        self._dragging = False

    def at(self, view: Unfolded, position: QPointF) -> Grip | None:
        """What of the survey lies under a pixel: corners before things before walls."""
        room = view.room
        for number, corner in enumerate(room.plan):
            gap = view.on_plan(*corner) - position
            if (gap.x() ** 2 + gap.y() ** 2) ** 0.5 <= _CORNER_REACH:
                return Grip("corner", number)
        for number, thing in reversed(list(enumerate(room.things))):
            for in_wall, rect in enumerate(_rects(view, thing)):
                if rect.contains(position):
                    return Grip("thing", number, bool(in_wall))
        place = view.place_on_plan(position)
        away = [distance_to(edge, place) * view.scale for edge in edges(room.plan)]
        nearest = min(range(len(away)), key=away.__getitem__)
        return Grip("wall", nearest) if away[nearest] <= _WALL_REACH else None

    def take(self, grip: Grip, room: Room, position: QPointF) -> None:
        self.held, self._from, self._dragging = grip, position, True
        if grip.kind == "wall" or grip.kind == "corner":
            self.state.choose(room.walls[grip.number].name)
        self.state.changed.emit()

    @property
    def dragging(self) -> bool:
        """Whether the mouse holds something."""
        return self._dragging

    def drag(self, view: Unfolded, position: QPointF) -> None:
        """Show what letting go here would make."""
        if self._dragging and self.held is not None:
            by = position - self._from
            move = self._move(view.room, by.x() / view.scale, by.y() / view.scale)
            self.state.try_out(move)

    def drop(self, view: Unfolded, position: QPointF) -> None:
        """Let go: one undoable change, or none where it cannot be."""
        held, self._dragging = self.held, False
        by = position - self._from
        if held is None or (abs(by.x()) < 3 and abs(by.y()) < 3):
            self.state.end()
            return
        move = self._move(view.room, by.x() / view.scale, by.y() / view.scale)
        if not self.state.apply(self._words(view.room), move):
            self.state.end()

    def abandon(self) -> None:
        """Nothing was dragged after all."""
        self._dragging = False
        self.state.end()

    def next(self, room: Room) -> None:
        """Take the next wall, then the things, then the corners."""
        every = [Grip("wall", n) for n in range(len(room.walls))]
        every += [Grip("thing", n) for n in range(len(room.things))]
        every += [Grip("corner", n) for n in range(len(room.plan))]
        at = every.index(self.held) if self.held in every else -1
        self.held = every[(at + 1) % len(every)]
        if self.held.kind == "wall":
            self.state.choose(room.walls[self.held.number].name)
        self.state.changed.emit()

    def nudge(self, room: Room, dx: float, dy: float, dz: float, far: bool) -> bool:
        """Move what is held by a key; False where nothing is."""
        if self.held is None or not self._there(room):
            return False
        step = _LONG_STEP if far else _STEP
        if self.held.kind == "thing" and dz:
            move = self._thing_move(room, 0.0, 0.0, dz * step)
        else:
            move = self._move(room, dx * step, dy * step)
        self.state.apply(self._words(room), move)
        return True

    def _there(self, room: Room) -> bool:
        assert self.held is not None
        count = len(room.things) if self.held.kind == "thing" else len(room.plan)
        return self.held.number < count

    def _words(self, room: Room) -> str:
        held = self.held
        assert held is not None
        if held.kind == "thing":
            return tr("Move the {name}", name=room.things[held.number].name)
        if held.kind == "wall":
            return tr("Move the wall {name}", name=room.walls[held.number].name)
        return tr("Move the corner where {name} begins", name=room.walls[held.number].name)

    def _move(self, room: Room, dx: float, dy: float) -> Callable[[Room], Shaped]:
        """What a drag by so many metres makes of the room."""
        held, square = self.held, self.state.square
        assert held is not None
        if held.kind == "thing":
            if held.in_wall:
                return self._thing_move(room, dx, 0.0, -dy)
            return self._thing_move(room, dx, dy, 0.0)
        (x0, y0), (x1, y1) = edges(room.plan)[held.number]
        if held.kind == "wall":
            name, (in_x, in_y) = room.walls[held.number].name, inward(((x0, y0), (x1, y1)))
            out = round(-(dx * in_x + dy * in_y), 2)
            return lambda r: with_wall_moved(r, name, out)
        to: Corner = (round(x0 + dx, 2), round(y0 + dy, 2))
        return lambda r: with_corner_moved(r, held.number, to, square)

    def _thing_move(self, room: Room, dx: float, dy: float, dz: float) -> Callable[[Room], Shaped]:
        """A thing elsewhere, kept within the bounds of the room."""
        assert self.held is not None
        number = self.held.number

        def moved(r: Room) -> Shaped:
            thing = r.things[number]
            x = min(max(round(thing.x + dx, 2), 0.0), r.width - thing.width)
            y = min(max(round(thing.y + dy, 2), 0.0), r.length - thing.depth)
            z = min(max(round(thing.z + dz, 2), 0.0), r.height - thing.height)
            there = replace(thing, x=max(x, 0.0), y=max(y, 0.0), z=max(z, 0.0))
            things = (*r.things[:number], there, *r.things[number + 1 :])
            return Shaped(replace(r, things=things), (0.0, 0.0))

        return moved

    def paint(self, painter: QPainter, view: Unfolded) -> None:
        """The wall in hand, knobs on the corners, the outline a drag would make."""
        t, room = theme.current(), view.room
        number = next(n for n, w in enumerate(room.walls) if w.name == self.state.wall)
        a, b = edges(room.plan)[number]
        painter.setPen(QPen(t.colour("wine"), 5))
        painter.drawLine(view.on_plan(*a), view.on_plan(*b))
        painter.setPen(QPen(t.colour("wine"), 1.4))
        for n, corner in enumerate(room.plan):
            on = self.held == Grip("corner", n)
            painter.setBrush(t.colour("wine" if on else "sheet"))
            painter.drawEllipse(view.on_plan(*corner), _KNOB, _KNOB)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        if self.held is not None and self.held.kind == "thing" and self._there(room):
            painter.setPen(QPen(t.colour("wine"), 2))
            for rect in _rects(view, room.things[self.held.number]):
                painter.drawRect(rect)
        if self.state.preview is not None:
            self._paint_preview(painter, view, self.state.preview)

    def _paint_preview(self, painter: QPainter, view: Unfolded, preview: Shaped) -> None:
        (dx, dy), room = preview.shift, preview.room
        painter.setPen(QPen(theme.current().colour("wine"), 1.6, Qt.PenStyle.DashLine))
        corners = [view.on_plan(x - dx, y - dy) for x, y in room.plan]
        painter.drawPolygon(QPolygonF(corners))
        if self.held is not None and self.held.kind == "thing" and self._there(room):
            for rect in _rects(view, room.things[self.held.number]):
                painter.drawRect(rect)


def _rects(view: Unfolded, thing: Thing) -> tuple[QRectF, QRectF]:
    """A thing on the plan and on the wall view."""
    far = view.on_plan(thing.x + thing.width, thing.y + thing.depth)
    upper = view.on_wall(thing.x, thing.z + thing.height)
    lower = view.on_wall(thing.x + thing.width, thing.z)
    return QRectF(view.on_plan(thing.x, thing.y), far), QRectF(upper, lower)
