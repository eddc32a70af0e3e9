"""The plan as a widget: everything on it can be dragged, nudged with keys, and pointed at."""

from __future__ import annotations

import time
from functools import partial
from typing import TYPE_CHECKING

from PyQt6.QtCore import QPointF, QSize, Qt, QTimer
from PyQt6.QtGui import QFocusEvent, QKeyEvent, QMouseEvent, QPainter, QPaintEvent
from PyQt6.QtWidgets import QSizePolicy, QWidget

from jolly_parlor.acoustics.geometry.plan import Point, distance_to
from jolly_parlor.app import theme
from jolly_parlor.app.highlight import Highlight
from jolly_parlor.app.plan.found_by_ear import paint_hunt, paint_zone
from jolly_parlor.app.plan.geometry import Unfolded
from jolly_parlor.app.plan.grips import Grips
from jolly_parlor.app.plan.ground import Ground, Look
from jolly_parlor.app.plan.mode_shape import ModeShape
from jolly_parlor.app.plan.reflected import paint_reflections
from jolly_parlor.app.plan.turn_grip import Turner
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.first_placing import inside
from jolly_parlor.placement.items import DESK, LEFT, Item
from jolly_parlor.placement.items import seat as seat_item
from jolly_parlor.placement.search.wishes import Region
from jolly_parlor.words import tr

if TYPE_CHECKING:
    from jolly_parlor.diagnosis.marks import Lane
    from jolly_parlor.placement.reflections import ReflectionPoint

_CURVE_MAY_TAKE_MS, _MOVES_APART_MS = 12, 25
_REACH = 16.0  # pixels within which an item is caught
_WALL_REACH = 7.0
_LEAST_REGION = 0.2  # metres
_PAUSE_SECONDS = 1.5
"""After so long, arrow keys begin another step back."""
_KEYS = {
    Qt.Key.Key_Left: (-1, 0, 0),
    Qt.Key.Key_Right: (1, 0, 0),
    Qt.Key.Key_Up: (0, -1, 0),
    Qt.Key.Key_Down: (0, 1, 0),
    Qt.Key.Key_PageUp: (0, 0, 1),
    Qt.Key.Key_PageDown: (0, 0, -1),
}
_WALL_LANES: dict[str, Lane] = {
    "front": "front wall",
    "back": "back wall",
    "left": "side walls",
    "right": "side walls",
    "ceiling": "ceiling",
    "floor": "floor",
}


class PlanView(QWidget):
    """Front wall above, plan below, one scale."""

    is_picture = True

    def __init__(self, session: Workbench) -> None:
        super().__init__()
        self.session = session
        self.setObjectName("plan")
        self.setAccessibleName(tr("Plan of the room"))
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setMouseTracking(True)
        self.setSizePolicy(QSizePolicy.Policy.Preferred, QSizePolicy.Policy.Expanding)
        self.setToolTip(
            tr(
                "Drag anything. Keys: N next item, arrows 1 cm (Shift 10 cm), Page "
                "Up and Down height. [ and ] turn a subwoofer, Backspace lets it look away "
                "from its wall. In Survey, W takes the next wall, thing or corner."
            )
        )
        self._grip: tuple[Item, Point, QPointF, bool] | None = None
        self._turner = Turner(session)
        self._nudged, self._number_of_series = 0.0, 0
        self._corner: QPointF | None = None
        self._far = QPointF()
        self._ground = Ground()
        self._met: tuple[object, list[ReflectionPoint]] = (None, [])
        """Reflection points, and what they are of: worked out once, not at every painting."""
        self.grips, self._mode = Grips(session.shaping), ModeShape()
        self.setAttribute(Qt.WidgetAttribute.WA_OpaquePaintEvent)  # the ground covers all of it
        for signal in (
            session.document_changed,
            session.view_changed,
            session.highlighted,
            session.selection_changed,
            session.shaping.changed,
            session.moves_offered,
        ):
            signal.connect(self.update)
        self._later = QTimer(self)
        self._later.setSingleShot(True)
        self._later.timeout.connect(self.update)
        # In a drag the plan is painted with its curve, if that comes soon: were it painted while
        # the curve is worked out, Python would do a little of each by turns, and neither sooner.
        # A new tint waits for the next move, which paints all of the plan anyway.
        session.drafted.connect(partial(self._wait, _CURVE_MAY_TAKE_MS))
        session.tints.changed.connect(partial(self._wait, _MOVES_APART_MS))
        session.shown_changed.connect(self._end_wait)

    def _wait(self, milliseconds: int) -> None:
        """Paint so much later at the latest; without a drag, at once."""
        if self.session.draft is None:
            self.update()
        elif not self._later.isActive() or self._later.remainingTime() > milliseconds:
            self._later.start(milliseconds)

    def _end_wait(self) -> None:
        if self._later.isActive():
            self.update()

    def sizeHint(self) -> QSize:
        return QSize(380, 640)

    def minimumSizeHint(self) -> QSize:
        return QSize(200, 220)

    def tell(self) -> None:
        """In words what stands where; while something is dragged they wait."""
        from jolly_parlor.placement.in_words import plan_words

        session = self.session
        if session.draft is None:
            units, document = session.settings.values.units, session.document
            told = plan_words(document.room, document.gear, session.arrangement, units)
            self.setAccessibleDescription("\n".join(told))

    @property
    def unfolded(self) -> Unfolded:
        return Unfolded.fit(self.session.document.room, self.width(), self.height())

    def items(self) -> list[Item]:
        """What can be moved, in the order of the keyboard."""
        a = self.session.arrangement
        if a is None:
            return []
        return [*a.items, DESK] if a.desk is not None else a.items

    @property
    def selected(self) -> Item:
        """What is chosen, or the left monitor where that cannot be moved here."""
        chosen = self.session.selected
        return chosen if chosen in self.items() else LEFT

    def place_of(self, item: Item) -> Point:
        """Where an item stands; the desk by its corner."""
        a = self.session.arrangement
        assert a is not None
        if item == DESK:
            assert a.desk is not None
            return Point(a.desk.x, a.desk.y, 0.0)
        return a.position(item)

    def paintEvent(self, event: QPaintEvent | None) -> None:
        """Draw the room, the arrangement, what is lit, and the dimensions."""
        session, a = self.session, self.session.arrangement
        self._later.stop()
        gear, units = session.document.gear, session.settings.values.units
        ratio, now = self.devicePixelRatioF(), theme.current()
        look = Look(self.size(), ratio, self.unfolded, gear, units, now)
        boundary, reflection = session.highlight.boundary, session.highlight.reflection
        lit = boundary or (reflection.boundary if reflection else "")
        selected = self.selected
        with QPainter(self) as painter:
            under = self._ground.under(look, lit, session.tints.shown, a, selected)
            painter.drawPixmap(0, 0, under)
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            draw = look.painter(painter)
            mark = session.highlight.mark
            if a is not None and mark is not None and mark.mode is not None:
                self._mode.paint(painter, look.view, mark.mode, a.seats[session.seat].z)
            if session.shaping.on:
                self.grips.paint(painter, look.view)
            if a is None:
                draw.empty()
                if session.shaping.problem:
                    draw.problem(session.shaping.problem)
                return
            draw.monitors(a, session.seat, selected, self.hasFocus())
            over = self._ground.over(look, a, session.seat, selected, self.hasFocus())
            painter.drawPixmap(0, 0, over)
            draw.region(self._drawn() or session.document.wishes.region)
            draw.path(session.highlight)
            if session.ghost is not None:
                draw.ghost(session.arrangement, session.ghost)
            if session.moves is None:  # else arrows lie there, and the page has the readings
                draw.dimensions(a, session.seat, selected)
            draw.radiating(a, selected)
            self._paint_heard(painter, look.view)
            if problem := session.shaping.problem or session.problem:
                draw.problem(problem)

    def _paint_heard(self, painter: QPainter, view: Unfolded) -> None:
        from jolly_parlor.by_ear.steps import STEPS
        from jolly_parlor.placement.reflections import reflection_points

        session = self.session
        zone, hunts = session.document.room.calm_zone, session.document.by_ear.hunts
        if session.heard_on_plan == "zone" and zone is not None:
            paint_zone(painter, view, zone, STEPS[session.settings.values.units][0])
        if session.heard_on_plan == "hunt" and hunts:
            paint_hunt(painter, view, hunts[-1])

        if session.heard_on_plan == "reflections" and session.arrangement and not session.problem:
            document, a = session.document, session.arrangement
            asked = document.setup(a), session.seat
            if asked != self._met[0]:
                self._met = asked, reflection_points(*asked)
            paint_reflections(painter, view, self._met[1])

    def item_at(self, position: QPointF) -> tuple[Item, bool] | None:
        """The item under a pixel, and whether it was caught on the wall view."""
        view = self.unfolded
        best: tuple[float, Item, bool] | None = None
        for item in self.items():
            if item == DESK:
                continue
            place = self.place_of(item)
            in_section = item.makes_sound or item == seat_item(self.session.seat)
            spots = [(view.on_plan(place.x, place.y), False)]
            if in_section:
                spots.append((view.on_wall(place.x, place.z), True))
            for spot, in_wall in spots:
                gap = spot - position
                distance = (gap.x() ** 2 + gap.y() ** 2) ** 0.5
                if distance <= _REACH and (best is None or distance < best[0]):
                    best = (distance, item, in_wall)
        if best is not None:
            return best[1], best[2]
        return (DESK, False) if self._on_desk(position) else None

    def wall_at(self, position: QPointF) -> str:
        """The boundary whose line is under a pixel, or nothing."""
        view, room = self.unfolded, self.session.document.room
        wall = view.wall_rect()
        x, y = position.x(), position.y()
        place = view.place_on_plan(position)
        nearest = min(
            (distance_to(room.edge_of(key), place) * view.scale, key) for key in room.wall_keys
        )
        if nearest[0] <= _WALL_REACH:
            return nearest[1]
        if wall.left() - _WALL_REACH <= x <= wall.right() + _WALL_REACH:
            for name, line in (("ceiling", wall.top()), ("floor", wall.bottom())):
                if abs(y - line) <= _WALL_REACH:
                    return name
        if wall.top() <= y <= wall.bottom():
            for way, line in (("left", wall.left()), ("right", wall.right())):
                if abs(x - line) <= _WALL_REACH:
                    return next((k for k in room.wall_keys if room.direction_of(k) == way), "")
        return ""

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        assert event is not None
        if event.button() != Qt.MouseButton.LeftButton:
            return
        if self.session.wanted_region is not None:
            self._corner = self._far = event.position()
            return
        if self.session.wanted_place is not None:
            self.session.wanted_place(*self.unfolded.place_on_plan(event.position()))
            return
        if self._turner.takes(self.unfolded, event.position()):
            self.setCursor(Qt.CursorShape.ClosedHandCursor)
            return
        found = self.item_at(event.position())
        if found is None and self.session.shaping.on:
            grip = self.grips.at(self.unfolded, event.position())
            if grip is not None:
                self.grips.take(grip, self.session.document.room, event.position())
                self.setCursor(Qt.CursorShape.ClosedHandCursor)
                return
        self.grips.held = None
        if found:
            item, in_wall = found
            self.session.select(item)
            self._grip = (item, self.place_of(item), event.position(), in_wall)
            self.setCursor(Qt.CursorShape.ClosedHandCursor)

    def mouseMoveEvent(self, event: QMouseEvent | None) -> None:
        """Drag, or light up the wall under the pointer."""
        assert event is not None
        if self._corner is not None:
            self._far = event.position()
            self.update()
            return
        if self.grips.dragging:
            self.grips.drag(self.unfolded, event.position())
            return
        if self._turner.held is not None:
            self._turner.drag(self.unfolded, event.position())
            return
        if self._grip is None:
            over = self.item_at(event.position())
            hold = over
            if self._turner.is_at(self.unfolded, event.position()):
                hold = self.session.selected, False
            elif over is None and self.session.shaping.on:
                hold = self.grips.at(self.unfolded, event.position())  # type: ignore[assignment]
            shape = Qt.CursorShape.OpenHandCursor if hold else Qt.CursorShape.ArrowCursor
            self.setCursor(shape)
            wall = "" if over else self.wall_at(event.position())
            if wall:
                lane = _WALL_LANES[self.session.document.room.direction_of(wall)]
                self.session.point_at(Highlight(lane, None, wall))
            elif self.session.highlight.boundary:
                self.session.point_at(Highlight())
            return
        item, start, grip, in_wall = self._grip
        to = self.unfolded.dragged(start, event.position() - grip, in_wall)
        self._drag(item, to)

    def mouseReleaseEvent(self, event: QMouseEvent | None) -> None:
        """Let go: one undoable move, or a region drawn."""
        if self._corner is not None:
            self._finish_region()
            return
        if self.grips.dragging and event is not None:
            self.setCursor(Qt.CursorShape.OpenHandCursor)
            self.grips.drop(self.unfolded, event.position())
            return
        if self._grip is not None or self._turner.held is not None:
            self._grip = self._turner.held = None
            self.setCursor(Qt.CursorShape.OpenHandCursor)
            self.session.drop()

    def enterEvent(self, event: object) -> None:
        """The mouse comes near: a drag may follow."""
        self.session.reach()

    def leaveEvent(self, event: object) -> None:
        if self.session.highlight.boundary:
            self.session.point_at(Highlight())

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        """Arrows nudge the selected item, N takes the next, Escape lets a drag go."""
        assert event is not None
        self.session.reach()
        items = self.items()
        key = Qt.Key(event.key())
        if key == Qt.Key.Key_Escape and self.session.wanted_region is not None:
            self.session.wanted_region = self._corner = None
            self.update()
        elif key == Qt.Key.Key_Escape and self.grips.dragging:
            self.grips.abandon()
        elif key == Qt.Key.Key_W and self.session.shaping.on:
            self.grips.next(self.session.document.room)
        elif key in _KEYS and self.session.shaping.on and self.grips.held is not None:
            far = bool(event.modifiers() & Qt.KeyboardModifier.ShiftModifier)
            self.grips.nudge(self.session.document.room, *_KEYS[key], far)
        elif key == Qt.Key.Key_Escape and (self._grip or self._turner.held):
            self._grip = self._turner.held = None
            self.session.abandon_drag()
        elif key == Qt.Key.Key_N and items:
            self.grips.held = None
            now = items.index(self.session.selected) if self.session.selected in items else -1
            self.session.select(items[(now + 1) % len(items)])
        elif key in _KEYS and self.session.selected in items:
            big = event.modifiers() & Qt.KeyboardModifier.ShiftModifier
            step = 0.10 if big else 0.01
            dx, dy, dz = (step * part for part in _KEYS[key])
            place = self.place_of(self.session.selected)
            self._drag(self.session.selected, Point(place.x + dx, place.y + dy, place.z + dz))
            self.session.drop(self._series())
        elif not self._turner.key(key, self._series):
            super().keyPressEvent(event)

    def _series(self) -> str:
        """Presses one after another, until a pause, are one step back."""
        now = time.monotonic()
        if now - self._nudged > _PAUSE_SECONDS:
            self._number_of_series += 1
        self._nudged = now
        return tr(
            "nudge {number_of_series} of {selected}",
            number_of_series=self._number_of_series,
            selected=self.session.selected,
        )

    def focusInEvent(self, event: QFocusEvent | None) -> None:
        self.update()

    def focusOutEvent(self, event: QFocusEvent | None) -> None:
        self.update()

    def _drag(self, item: Item, to: Point) -> None:
        rounded = Point(round(to.x, 3), round(to.y, 3), round(to.z, 3))
        self.session.drag(item, inside(self.session.document.room, rounded))

    def _drawn(self) -> Region | None:
        """The rectangle being drawn, kept within the room."""
        if self._corner is None:
            return None
        view, room = self.unfolded, self.session.document.room
        corners = [view.place_on_plan(p) for p in (self._corner, self._far)]
        xs = sorted(min(max(x, 0.0), room.width) for x, _ in corners)
        ys = sorted(min(max(y, 0.0), room.length) for _, y in corners)
        if xs[1] - xs[0] < _LEAST_REGION or ys[1] - ys[0] < _LEAST_REGION:
            return None
        x, y, width, depth = (round(v, 2) for v in (xs[0], ys[0], xs[1] - xs[0], ys[1] - ys[0]))
        return Region(x, y, width, depth)

    def _finish_region(self) -> None:
        region, then = self._drawn(), self.session.wanted_region
        self._corner = None
        self.update()
        if region is None:
            self.session.refused.emit(tr("That region is smaller than 20 cm; drag a larger one."))
        elif then is not None:
            self.session.wanted_region = None
            then(region)

    def _on_desk(self, position: QPointF) -> bool:
        a, desk = self.session.arrangement, self.session.document.gear.desk
        if a is None or a.desk is None or desk is None:
            return False
        view = self.unfolded
        near, far = (
            view.on_plan(a.desk.x, a.desk.y),
            view.on_plan(a.desk.x + desk.width, a.desk.y + desk.depth),
        )
        return near.x() <= position.x() <= far.x() and near.y() <= position.y() <= far.y()
