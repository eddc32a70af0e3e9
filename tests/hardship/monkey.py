"""Somebody who knows nothing and tries everything: clicks, types, drags and presses keys at random,
in the real window, by a seed. Dialogs are answered at random too; only the system's own file
dialogs are replaced, by random files. What works beside the window does so by turns (`by_turns`),
and when is drawn from the same seed, so that a play repeats itself step by step.
"""

import random
import sys
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path
from types import TracebackType

from PyQt6.QtCore import (
    QMessageLogContext,
    QPoint,
    QPointF,
    Qt,
    QTimer,
    QtMsgType,
    qInstallMessageHandler,
)
from PyQt6.QtGui import QAction, QKeySequence, QWheelEvent
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import (
    QAbstractButton,
    QAbstractItemView,
    QAbstractSlider,
    QApplication,
    QComboBox,
    QDialog,
    QFileDialog,
    QLineEdit,
    QMenu,
    QWidget,
)

from hardship.by_turns import Turns
from jolly_parlor.app.walk import WALK
from jolly_parlor.app.window import MainWindow
from places import DATA, EXAMPLES

_USED = QAbstractButton | QLineEdit | QComboBox | QAbstractItemView
_HARMLESS = (
    "propagateSizeHints",
    "does not support raise",
    "does not support grabbing the",
    "Keyboard event not accepted",  # a field that was replaced while it was typed into is deaf
)
_TEXTS = ("", "3.4", "-1", "0", "1e400", "nan", "12' 3\"", "4,2 m", "é\u202e<b>&", "x" * 300, "\t")
_KEYS = (
    Qt.Key.Key_Left,
    Qt.Key.Key_Right,
    Qt.Key.Key_Up,
    Qt.Key.Key_Down,
    Qt.Key.Key_N,
    Qt.Key.Key_Tab,
    Qt.Key.Key_Backtab,
    Qt.Key.Key_Escape,
    Qt.Key.Key_Return,
    Qt.Key.Key_Space,
    Qt.Key.Key_PageUp,
    Qt.Key.Key_PageDown,
    Qt.Key.Key_Delete,
    Qt.Key.Key_Home,
    Qt.Key.Key_End,
    Qt.Key.Key_1,
    Qt.Key.Key_2,
)
_NOT = ("action-quit", "action-demo", "action-kiln", "action-loft")
_MODIFIERS = (
    Qt.KeyboardModifier.NoModifier,
    Qt.KeyboardModifier.NoModifier,
    Qt.KeyboardModifier.ShiftModifier,
    Qt.KeyboardModifier.ControlModifier,
)


_TURNS_AFTER_A_STEP = (0, 0, 1, 1, 2, 5)
_TOLD_STEPS = 25
"""So many of the last steps are told with what went wrong; all are in the file."""


class Monkey:
    """Its `errors` are what went wrong while it played: exceptions, and what Qt warned of; then the
    last of its `steps`, all of which are written into its folder.
    """

    def __init__(
        self, window: MainWindow, turns: Turns, seed: int, folder: Path, samples: bool = False
    ) -> None:
        """turns: entered before the window was made. folder: where it may write. samples: whether
        it may open these, which takes long.
        """
        self.window, self.folder = window, folder
        self.turns, self.seed = turns, seed
        self.chance = random.Random(seed)
        self.errors: list[str] = []
        self.steps: list[str] = []
        self.step = 0
        self._not = _NOT if not samples else _NOT[:1]
        folder.mkdir(parents=True, exist_ok=True)
        self._files = [
            *sorted(DATA.glob("*.parlor")),
            *sorted((DATA / "responses").glob("*.txt")),
            *sorted(EXAMPLES.glob("kiln-room-takes/*.txt")),
            *sorted(EXAMPLES.glob("*.json")),
        ]

    def play(self, steps: int) -> list[str]:
        """So many steps; what went wrong."""
        with self._watched():
            for self.step in range(steps):
                self._one()
                QApplication.processEvents()
                for _ in range(self.chance.choice(_TURNS_AFTER_A_STEP)):
                    self._note(self.turns.take(self.chance))
                    QApplication.processEvents()
                if len(self.errors) > 20:
                    break
            while (popup := QApplication.activePopupWidget()) is not None:
                popup.close()
            self.turns.take_all()
        if self.errors:
            written = self.folder / f"steps-of-seed-{self.seed}.txt"
            written.write_text("\n".join(self.steps) + "\n", "utf-8")
            self.errors += [f"what led there, all of it in {written}:", *self.steps[-_TOLD_STEPS:]]
        return self.errors

    @property
    def last(self) -> str:
        """What was done last."""
        return self.steps[-1] if self.steps else "the start"

    def _note(self, what: str) -> None:
        if what:
            self.steps.append(f"{self.step}: {what}")

    def _one(self) -> None:
        chance, window = self.chance, self.window
        if not window.isVisible():
            self.errors.append(f"the window is gone after {self.last}")
            window.show()
        if (popup := QApplication.activePopupWidget()) is not None:
            self._told(popup, "popup")
            QTest.keyClick(popup, chance.choice((Qt.Key.Key_Down, Qt.Key.Key_Escape)))
            if chance.random() < 0.7 and QApplication.activePopupWidget() is popup:
                popup.close()
            return
        doings = {
            self._press: 50,
            self._drag_plan: 12,
            self._key: 12,
            self._act: 10,
            self._walk: 8,
            self._wheel: 5,
            self._size: 2,
        }
        chance.choices(list(doings), list(doings.values()))[0]()

    def _visible(self, within: QWidget) -> list[QWidget]:
        return [
            w
            for w in within.findChildren(QWidget)
            if w.isVisible() and w.isEnabled() and w.width() > 3 and w.height() > 3
        ]

    def _press(self) -> None:
        chance = self.chance
        able = [
            w
            for w in self._visible(self.window)
            if isinstance(w, _USED | QAbstractSlider)
            or (chance.random() < 0.05 and not isinstance(w, QMenu))
        ]
        if able:
            self._use(chance.choice(able))

    def _use(self, widget: QWidget) -> None:
        chance = self.chance
        self._told(widget, "use")
        if isinstance(widget, QLineEdit):
            widget.setFocus()
            widget.selectAll()
            text = chance.choice(_TEXTS)
            plain = text.isascii() and text.isprintable() and len(text) < 20
            QTest.keyClicks(widget, text) if plain else widget.insert(text)
            end = chance.choice((Qt.Key.Key_Return, Qt.Key.Key_Escape, Qt.Key.Key_Tab))
            QTest.keyClick(widget, end)
        elif isinstance(widget, QComboBox):
            widget.setFocus()
            for _ in range(chance.randint(1, 3)):
                QTest.keyClick(widget, chance.choice((Qt.Key.Key_Down, Qt.Key.Key_Up)))
        else:
            at = QPoint(chance.randrange(widget.width()), chance.randrange(widget.height()))
            view = widget.viewport() if isinstance(widget, QAbstractItemView) else None
            QTest.mouseClick(view or widget, Qt.MouseButton.LeftButton, pos=at)

    def _drag_plan(self) -> None:
        plan, chance = self.window.plan, self.chance
        self._told(plan, "drag")
        start = QPoint(chance.randrange(plan.width()), chance.randrange(plan.height()))
        items = plan.items()
        if items and chance.random() < 0.8:
            place = plan.place_of(chance.choice(items))
            start = plan.unfolded.on_plan(place.x, place.y).toPoint()
        QTest.mousePress(plan, Qt.MouseButton.LeftButton, pos=start)
        at = start
        for _ in range(chance.randint(1, 6)):
            at = at + QPoint(chance.randint(-40, 40), chance.randint(-40, 40))
            QTest.mouseMove(plan, at)
            QApplication.processEvents()
        if chance.random() < 0.1:
            QTest.keyClick(plan, Qt.Key.Key_Escape)
        QTest.mouseRelease(plan, Qt.MouseButton.LeftButton, pos=at)

    def _key(self) -> None:
        on = QApplication.focusWidget() or self.window.plan
        key, modifier = self.chance.choice(_KEYS), self.chance.choice(_MODIFIERS)
        self._told(on, f"key {QKeySequence(key).toString()} {modifier.name}")
        QTest.keyClick(on, key, modifier)

    def _act(self) -> None:
        able = [
            action
            for action in self.window.findChildren(QAction)
            if action.isEnabled()
            and action.objectName().startswith("action-")
            and action.objectName() not in self._not
        ]
        action = self.chance.choice(able)
        self._note(action.objectName())
        action.trigger()

    def _walk(self) -> None:
        station = self.chance.choice(list(WALK))
        self._note(f"walk to {station}")
        self.window.go(station)

    def _wheel(self) -> None:
        on = self.chance.choice(self._visible(self.window))
        self._told(on, "wheel")
        at = QPointF(on.rect().center())
        turn = QPoint(0, self.chance.choice((-120, 120, 480)))
        event = QWheelEvent(
            at,
            on.mapToGlobal(at),
            QPoint(),
            turn,
            Qt.MouseButton.NoButton,
            Qt.KeyboardModifier.NoModifier,
            Qt.ScrollPhase.NoScrollPhase,
            False,
        )
        QApplication.sendEvent(on, event)

    def _size(self) -> None:
        wide, high = self.chance.randint(600, 1900), self.chance.randint(400, 1200)
        self._note(f"size {wide} x {high}")
        self.window.resize(wide, high)

    def _told(self, widget: QWidget, what: str) -> None:
        self._note(f"{what} {type(widget).__name__} {widget.objectName()}")

    def _answer(self) -> None:
        """One thing in the dialog that waits, then an end to it more often than not."""
        dialog = QApplication.activeModalWidget()
        if not isinstance(dialog, QDialog) or not dialog.isVisible():
            return
        able = [w for w in self._visible(dialog) if isinstance(w, _USED)]
        if able and self.chance.random() < 0.75:
            self._use(self.chance.choice(able))
        else:
            self._note("away with the dialog")
            dialog.reject()

    def _file(self, *_: object, **__: object) -> tuple[str, str]:
        if self.chance.random() < 0.4:
            return "", ""
        return str(self.chance.choice(self._files)), ""

    def _place(self, *words: object, **__: object) -> tuple[str, str]:
        suggestion = Path(str(words[2])).name if len(words) > 2 else "out"
        if self.chance.random() < 0.4:
            return "", ""
        # As system dialogs answer: whatever characters the room's name has, in the folder chosen.
        return str(self.folder / suggestion.replace("/", "-").replace("\0", "")[:80]), ""

    @contextmanager
    def _watched(self) -> Iterator[None]:
        def heard(kind: QtMsgType, where: QMessageLogContext, text: str | None) -> None:
            if kind != QtMsgType.QtDebugMsg and not any(h in (text or "") for h in _HARMLESS):
                self.errors.append(f"{self.last}: Qt: {text}")

        def raised(
            kind: type[BaseException], error: BaseException, trace: TracebackType | None
        ) -> None:
            import traceback

            told = "".join(traceback.format_exception(error)[-3:])
            self.errors.append(f"{self.last}: {told}")

        asks = {
            "getOpenFileName": self._file,
            "getSaveFileName": self._place,
            "getExistingDirectory": lambda *_, **__: str(self.folder),
        }
        kept = {name: getattr(QFileDialog, name) for name in asks}
        hook, handler = sys.excepthook, qInstallMessageHandler(heard)
        sys.excepthook = raised
        timer = QTimer()
        timer.timeout.connect(self._answer)
        timer.start(0)  # by turns with what the dialog itself does, not by the clock
        for name, ask in asks.items():
            setattr(QFileDialog, name, staticmethod(ask))
        try:
            yield
        finally:
            timer.stop()
            for name, ask in kept.items():
                setattr(QFileDialog, name, ask)
            sys.excepthook = hook
            qInstallMessageHandler(handler)
