"""Widgets that live as long as their page: what a refresh asks for again is kept, changed in place.

A page says at each refresh what it shows, as if it were built anew. What it asked for before under
the same name stays the widget it was, with its focus and what is being typed into it; what it no
longer asks for is let go; what is new is put where it belongs.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass
from functools import partial
from types import TracebackType
from typing import Any, Protocol, TypeVar, cast

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import (
    QAbstractButton,
    QApplication,
    QBoxLayout,
    QComboBox,
    QFrame,
    QGridLayout,
    QLabel,
    QLineEdit,
    QPushButton,
    QVBoxLayout,
    QWidget,
)

from jolly_parlor.app import theme
from jolly_parlor.app.widgets.entries import (
    CheckedField,
    label,
    length_field,
    number_field,
    plain,
    spoken_name,
    text_field,
)
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.fold import Fold
from jolly_parlor.app.widgets.letting_go import let_go
from jolly_parlor.app.widgets.reading_order import order_soon
from jolly_parlor.app.widgets.steady import ChoiceBox
from jolly_parlor.app.widgets.wrapped_check import WrappedCheckBox
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.units import UnitSystem
from jolly_parlor.words import spoken

W = TypeVar("W", bound=QWidget)
Layout = QBoxLayout | FlowRow | WrappedGrid | QGridLayout
Align = Qt.AlignmentFlag
NOWHERE = Align(0)
"""To no side: what is put there fills its place."""
_GAP = "a gap "


@dataclass(frozen=True)
class Home:
    """What fields ask of the window they are in."""

    units: Callable[[], UnitSystem]
    refuse: Callable[[str], object]
    """Who is told what cannot be."""


class Refreshed(Protocol):
    """A card that shows what is there now."""

    frame: QFrame


C = TypeVar("C", bound=Refreshed)


class Kept:
    """What one layout holds. Ask for everything within `with kept:`, in reading order.

    The place of each is what the layout takes: row and column in a grid, a stretch in a row. What
    is done on a change is what was said at the last refresh, so that nobody acts on what is over.
    """

    def __init__(self, layout: Layout, home: Home) -> None:
        self.layout, self._home = layout, home
        self._made: dict[str, QWidget] = {}
        self._inner: dict[str, Kept] = {}
        self._cards: dict[str, Any] = {}
        self._asked: dict[str, tuple[tuple[Any, ...], Align]] = {}
        self._before: dict[str, tuple[tuple[Any, ...], Align]] = {}
        self._do: dict[str, Callable[..., object]] = {}
        self._shown: dict[str, object] = {}

    def __enter__(self) -> Kept:
        self._asked = {}
        return self

    def __exit__(
        self,
        kind: type[BaseException] | None,
        error: BaseException | None,
        trace: TracebackType | None,
    ) -> None:
        if error is None and list(self._asked.items()) != list(self._before.items()):
            self._lay()

    @property
    def holder(self) -> QWidget:
        """Whose layout it is."""
        above = self.layout.parentWidget()
        assert above is not None
        return above

    @property
    def widgets(self) -> list[QWidget]:
        """What is there, as it is read."""
        return [self._made[key] for key in self._before if key in self._made]

    def empty(self) -> None:
        """Let everything go."""
        with self:
            pass

    def put(self, key: str, make: Callable[[], W], *place: Any, align: Align = NOWHERE) -> W:
        """The widget of that name, made if there is none; align: within its place."""
        if key in self._asked:
            raise ValueError(f"asked twice for {key}")
        if key not in self._made:
            self._made[key] = make()
        self._asked[key] = place, align
        return cast(W, self._made[key])

    def gap(self) -> None:
        """Push aside what comes after, in a row."""
        self._asked[f"{_GAP}{len(self._asked)}"] = (), NOWHERE

    def words(
        self,
        text: str,
        *place: Any,
        role: str = "soft",
        wrap: bool = False,
        align: Align = NOWHERE,
    ) -> QLabel:
        """A label; one of another role is another."""
        at = "".join(f" {n}" for n in place[:2]) if self._in_grid else f" {len(self._asked)}"
        key, make = f"words{at} {role} {wrap}", partial(label, "", role, wrap=wrap)
        made = self.put(key, make, *place, align=align)
        if made.text() != (shown := spoken(text)):
            made.setText(shown)
        return made

    def length(
        self,
        name: str,
        metres: float,
        do: Callable[[float], object],
        *place: Any,
        called: str = "",
        most: int = 112,
    ) -> CheckedField:
        """A line for a length. Here and below, called: what it is found by, where that changes and
        it stays the one of its name; most: pixels.
        """
        made = self.put(name, lambda: length_field(name, self._home.units), *place)
        _call(made, called or name)
        return self._field(made, name, metres, do, most)

    def number(
        self,
        name: str,
        unit: str,
        value: float,
        do: Callable[[float], object],
        *place: Any,
        called: str = "",
        digits: int = 1,
        most: int = 112,
    ) -> CheckedField:
        """A line for a number with its unit."""
        made = self.put(name, lambda: number_field(name, unit, digits), *place)
        _call(made, called or name)
        return self._field(made, name, value, do, most)

    def _field(
        self,
        made: CheckedField,
        name: str,
        value: float,
        do: Callable[[float], object],
        most: int,
    ) -> CheckedField:
        if name not in self._do:
            theme.keep_width(made, most=most)
            made.committed.connect(partial(self._done, name))
            made.failed.connect(self._refuse)
        self._do[name] = do
        made.set_value(value)
        return made

    def line(
        self, name: str, value: str, do: Callable[[str], object], *place: Any, called: str = ""
    ) -> QLineEdit:
        """A line of words; left empty it goes back to what it was."""
        made = self.put(name, partial(self._new_line, name), *place)
        _call(made, called or name)
        self._do[name], self._shown[name] = do, value
        if not (made.hasFocus() and made.isModified()) and made.text() != value:
            made.setText(value)
            made.setCursorPosition(0)
        return made

    def choice(
        self,
        name: str,
        options: Sequence[tuple[str, object]],
        value: object,
        do: Callable[[Any], object],
        *place: Any,
        called: str = "",
    ) -> QComboBox:
        """One of a few: words, and what each stands for."""
        made = self.put(name, partial(self._new_choice, name), *place)
        _call(made, called or name)
        self._do[name], self._shown[name] = do, value
        made.blockSignals(True)
        if [(made.itemText(n), made.itemData(n)) for n in range(made.count())] != list(options):
            made.clear()
            for words, one in options:
                made.addItem(words, one)
        at = next((n for n, (_, one) in enumerate(options) if one == value), -1)
        if made.currentIndex() != at:
            made.setCurrentIndex(at)
        made.blockSignals(False)
        return made

    def box(
        self,
        words: str,
        name: str,
        on: bool,
        do: Callable[[bool], object],
        *place: Any,
        called: str = "",
    ) -> WrappedCheckBox:
        """A box to tick."""
        made = self.put(name, partial(self._new_button, name, WrappedCheckBox), *place)
        made.setObjectName(called or name)
        self._do[name] = do
        _say(made, spoken(words))
        if made.isChecked() != on:
            made.setChecked(on)
        return made

    def button(
        self,
        title: str,
        name: str,
        do: Callable[[], object],
        *place: Any,
        called: str = "",
        on: bool | None = None,
    ) -> QPushButton:
        """A button; on: whether it is down, where it can stay down."""
        made = self.put(name, partial(self._new_button, name, QPushButton), *place)
        made.setObjectName(called or name)
        self._do[name] = lambda _: do()
        _say(made, plain(spoken(title)))
        made.setCheckable(on is not None)
        made.setChecked(bool(on))
        return made

    def row(self, key: str, *place: Any, align: Align = NOWHERE) -> Kept:
        """A row within, filled in the same way."""
        return self._within(key, FlowRow, *place, align=align)

    def grid(
        self, key: str, *place: Any, rest: int = -1, between: int = 6, in_blocks: bool = False
    ) -> Kept:
        """A table within; rest: the column that takes what room is left; between: pixels."""

        def make() -> WrappedGrid:
            made = WrappedGrid(in_blocks=in_blocks)
            made.setHorizontalSpacing(between)
            if rest >= 0:
                made.setColumnStretch(rest, 1)
            return made

        return self._within(key, make, *place)

    def column(self, key: str, *place: Any, align: Align = NOWHERE) -> Kept:
        """Lines one under another within."""
        return self._within(key, _plain_column, *place, align=align)

    def card(self, key: str, *place: Any) -> Kept:
        """A sheet of paper within, with what is on it."""
        return self._within(key, _sheet, *place, frame=True)

    def fold(self, key: str, title: str, summary: str, *place: Any, called: str = "") -> Kept:
        """What is below a line that opens and closes, found by `fold-CALLED`."""

        def make() -> Fold:
            made = Fold(title, called or key)
            self._inner[key] = Kept(made.body, self._home)
            return made

        self.put(key, make, *place).say(title, summary)
        return self._inner[key]

    def within(self, key: str) -> Kept:
        """What is in a row, grid, card or fold that was asked for."""
        return self._inner[key]

    def open(self, key: str) -> None:
        """Open the fold of that name, if it is there."""
        if isinstance(found := self._made.get(key), Fold):
            found.open()

    def other(self, key: str, make: Callable[[], C], *place: Any) -> C:
        """A card with a life of its own; whoever asks refreshes it."""
        if key not in self._made:
            self._cards[key] = make()
        made = cast(C, self._cards[key])
        self.put(key, lambda: made.frame, *place)
        return made

    @property
    def _in_grid(self) -> bool:
        return isinstance(self.layout, WrappedGrid | QGridLayout)

    def _within(
        self,
        key: str,
        make: Callable[[], Layout],
        *place: Any,
        frame: bool = False,
        align: Align = NOWHERE,
    ) -> Kept:
        def holder() -> QWidget:
            made = QFrame() if frame else QWidget()
            if frame:
                made.setObjectName("card")
            inner = make()
            made.setLayout(inner)
            self._inner[key] = Kept(inner, self._home)
            return made

        self.put(key, holder, *place, align=align)
        return self._inner[key]

    # How each is made; what it does is looked up when it is done.

    def _new_line(self, name: str) -> QLineEdit:
        made = text_field()
        made.editingFinished.connect(partial(self._typed, name))
        return made

    def _new_choice(self, name: str) -> QComboBox:
        made = ChoiceBox()
        made.currentIndexChanged.connect(partial(self._chosen, name))
        made.activated.connect(partial(self._chosen, name))
        return made

    def _new_button(self, name: str, of: Callable[[], W]) -> W:
        made = of()
        cast(QAbstractButton, made).clicked.connect(partial(self._done, name))
        return made

    def _refuse(self, why: str) -> None:
        self._home.refuse(why)

    def _done(self, name: str, value: object) -> None:
        self._do[name](value)

    def _typed(self, name: str) -> None:
        field = cast(QLineEdit, self._made[name])
        text, before = field.text().strip(), self._shown[name]
        if field.isModified() and text and text != before:
            field.setModified(False)
            self._do[name](text)
        elif not text or field.isModified():
            field.setText(str(before))

    def _chosen(self, name: str, at: int) -> None:
        value = cast(QComboBox, self._made[name]).itemData(at)
        if at >= 0 and value != self._shown[name]:
            self._shown[name] = value
            self._do[name](value)

    # How it is laid.

    def _lay(self) -> None:
        """Put everything where it belongs now; nobody's focus or text is touched by it."""
        while self.layout.count():
            self.layout.takeAt(0)
        gone = [key for key in self._made if key not in self._asked]
        self._leave(gone)
        for key in gone:
            let_go(self._made.pop(key))
            for of in (self._inner, self._cards, self._do, self._shown):
                of.pop(key, None)
        for key, (place, align) in self._asked.items():
            if key.startswith(_GAP):
                cast(FlowRow, self.layout).addStretch(1)
                continue
            made, new = self._made[key], self._made[key].parentWidget() is None
            cast(Any, self.layout).addWidget(made, *place, alignment=align)
            if new and not made.isHidden():
                made.show()
        self._before = dict(self._asked)
        above = self.layout.parentWidget()
        if above is not None:
            order_soon(above)

    def _leave(self, gone: list[str]) -> None:
        """Where the focus is in what goes, the nearest that stays takes it."""
        held = QApplication.focusWidget()
        if held is None:
            return
        keys = list(self._before)
        for key in gone:
            if self._made[key] is not held and not self._made[key].isAncestorOf(held):
                continue
            at = keys.index(key) if key in keys else 0
            near = sorted((abs(keys.index(k) - at), k) for k in self._asked if k in keys)
            for _, other in near:
                made = self._made.get(other)
                if made is not None and made.focusPolicy() and made.isEnabled():
                    made.setFocus()
                    return


def _call(made: QWidget, name: str) -> None:
    if made.objectName() != name or not made.accessibleName():
        made.setObjectName(name)
        made.setAccessibleName(spoken_name(name))


def _say(button: QAbstractButton, words: str) -> None:
    if button.text() != words:
        button.setText(words)


def _plain_column() -> QVBoxLayout:
    made = QVBoxLayout()
    made.setContentsMargins(0, 0, 0, 0)
    made.setSpacing(6)
    return made


def _sheet() -> QVBoxLayout:
    made = QVBoxLayout()
    made.setContentsMargins(14, 10, 14, 10)
    made.setSpacing(6)
    return made
