"""Arrows about what is selected on the plan: a press moves it by the step chosen at Fine-tune."""

from functools import partial

from PyQt6.QtCore import QEvent, QObject, QPointF, Qt
from PyQt6.QtWidgets import QToolButton

from jolly_parlor.app.plan.view import PlanView
from jolly_parlor.by_ear.steps import MOVES
from jolly_parlor.placement.items import DESK, LEFT, RIGHT
from jolly_parlor.words import spoken

_SIZE, _AWAY = 18, 26.0
"""Of a button, and how far its middle is from the middle of what it moves, pixels."""
_ARROWS = {
    "up": ("↑", QPointF(0, -_AWAY)),
    "down": ("↓", QPointF(0, _AWAY)),
    "left": ("←", QPointF(-_AWAY, 0)),
    "right": ("→", QPointF(_AWAY, 0)),
    "higher": ("↑", QPointF(_AWAY, -_SIZE / 2 - 1)),
    "lower": ("↓", QPointF(_AWAY, _SIZE / 2 + 1)),
}
"""By direction; the last two are on the front wall's view, beside it."""
_PAIR = {"up": "back", "down": "away", "higher": "up", "lower": "down"}
_SEAT = {"up": "seat_forward", "down": "seat_back", "higher": "seat_up", "lower": "seat_down"}
_SUB = {"up": "sub_near", "down": "sub_away", "left": "sub_left", "right": "sub_right"}


class MoveArrows(QObject):
    """Shown while the selection offers moves (see `Selection.offer_moves`)."""

    def __init__(self, plan: PlanView) -> None:
        super().__init__(plan)
        self.plan, self.session = plan, plan.session
        self._moves: dict[str, str] = {}
        self.buttons = {way: self._button(way) for way in _ARROWS}
        session = self.session
        for signal in (
            session.document_changed,
            session.view_changed,
            session.selection_changed,
            session.drafted,
            session.moves_offered,
        ):
            signal.connect(self.place)
        plan.installEventFilter(self)
        self.place()

    def eventFilter(self, watched: QObject | None, event: QEvent | None) -> bool:
        if event is not None and event.type() == QEvent.Type.Resize:
            self.place()
        return False

    def place(self) -> None:
        """Put each where it belongs; hide those that move nothing."""
        self._moves = self._offered()
        for way, button in self.buttons.items():
            button.setVisible(way in self._moves)
        if not self._moves:
            return
        view, at = self.plan.unfolded, self.plan.place_of(self.plan.selected)
        on_plan, on_wall = view.on_plan(at.x, at.y), view.on_wall(at.x, at.z)
        for way, move in self._moves.items():
            button = self.buttons[way]
            middle = on_wall if way in ("higher", "lower") else on_plan
            corner = middle + _ARROWS[way][1] - QPointF(_SIZE / 2, _SIZE / 2)
            button.move(
                round(min(max(corner.x(), 0), self.plan.width() - _SIZE)),
                round(min(max(corner.y(), 0), self.plan.height() - _SIZE)),
            )
            button.setObjectName(f"arrow-{move}")
            button.setAccessibleName(spoken(MOVES[move].words))
            button.setToolTip(spoken(MOVES[move].words))

    def _offered(self) -> dict[str, str]:
        session = self.session
        a = session.arrangement
        if session.moves is None or a is None:
            return {}
        item = self.plan.selected
        if item in (LEFT, RIGHT):
            inward = "right" if (a.left.x < a.right.x) == (item == LEFT) else "left"
            outward = "left" if inward == "right" else "right"
            return {**_PAIR, inward: "narrower", outward: "wider"}
        if item.kind == "seat":
            return _SEAT if item.id == session.seat else {}
        subs = {sub.id for sub in session.document.gear.subwoofers}
        return _SUB if item != DESK and item.id in subs else {}

    def _button(self, way: str) -> QToolButton:
        made = QToolButton(self.plan)
        made.setText(_ARROWS[way][0])
        made.setFixedSize(_SIZE, _SIZE)
        made.setProperty("role", "plan-arrow")
        made.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        made.setCursor(Qt.CursorShape.PointingHandCursor)
        made.clicked.connect(partial(self._go, way))
        return made

    def _go(self, way: str, _down: bool) -> None:
        if self.session.moves is not None and way in self._moves:
            self.session.moves(self._moves[way], self.plan.selected.id)
