"""Entry fields that say what is wrong and lose nothing."""

from collections.abc import Callable, Sequence
from functools import partial
from html import escape

from PyQt6.QtCore import Qt, pyqtSignal
from PyQt6.QtWidgets import (
    QWIDGETSIZE_MAX,
    QAbstractButton,
    QComboBox,
    QLabel,
    QLineEdit,
    QPushButton,
    QWidget,
)

from jolly_parlor.app import theme
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.steady import ChoiceBox, Line
from jolly_parlor.refused import Refused
from jolly_parlor.units import LengthError, UnitSystem, format_length, parse_length
from jolly_parlor.words import number, spoken, tr


class LiveLabel(QLabel):
    """A sentence that changes with every move of a drag.

    While held it keeps its size: with a size of its own for each text, Qt would lay the whole
    window out again at each move.
    """

    def __init__(self, role: str) -> None:
        super().__init__()
        self.setProperty("role", role)
        self.setTextFormat(Qt.TextFormat.PlainText)
        self.setWordWrap(True)

    def hold(self, held: bool) -> None:
        """Keep the present size, or let it follow the text again."""
        if held == (self.minimumSize() == self.maximumSize()):
            return
        if held:
            self.setFixedSize(self.size())
        else:
            self.setMinimumSize(0, 0)
            self.setMaximumSize(QWIDGETSIZE_MAX, QWIDGETSIZE_MAX)


class CheckedField(Line):
    """A line whose text must parse; emits the value when the user commits it."""

    committed = pyqtSignal(float)
    failed = pyqtSignal(str)

    def __init__(
        self, parse: Callable[[str], float], show: Callable[[float], str], name: str
    ) -> None:
        super().__init__()
        self._parse, self._show = parse, show
        self._value: float | None = None
        self.setAccessibleName(spoken_name(name))
        self.setObjectName(name)
        theme.keep_width(self, most=112)
        self.setAcceptDrops(False)  # files are the window's
        self.editingFinished.connect(self._finish)
        self.textEdited.connect(lambda _: self._mark(""))

    def set_value(self, value: float) -> None:
        """Show a value, unless the user is in the middle of another."""
        self._value = value
        if not (self.hasFocus() and self.isModified()):
            self.setText(self._show(value))
            self.setCursorPosition(0)
            self._mark("")

    @property
    def value(self) -> float:
        """The last good value, 0 before any."""
        return self._value or 0.0

    def keep(self, value: float) -> None:
        """Take a value as good although nothing else has changed yet."""
        self._value = value

    def _finish(self) -> None:
        if not self.isModified():
            return
        try:
            value = self._parse(self.text())
        except Refused as error:
            self._mark(str(error))
            self.failed.emit(str(error))
            return
        self.setModified(False)
        self._mark("")
        self.committed.emit(value)

    def reset(self) -> None:
        """Put the last good value back."""
        self.setModified(False)
        if self._value is not None:
            self.set_value(self._value)

    def _mark(self, why: str) -> None:
        self.setProperty("bad", bool(why))
        self.setToolTip(why)
        style = self.style()
        if style is not None:
            style.unpolish(self)
            style.polish(self)


def text_field(text: str = "") -> QLineEdit:
    """A line of words. What is dropped on it goes to the window, which knows files."""
    made = Line(text)
    made.setAcceptDrops(False)
    return made


def choice_field(name: str, texts: Sequence[str]) -> QComboBox:
    """One of a few, in words."""
    made = ChoiceBox()
    made.setObjectName(name)
    made.setAccessibleName(spoken_name(name))
    add_words(made, texts)
    return made


def add_words(box: QComboBox, words: Sequence[str]) -> None:
    """Words to choose from, spoken in the language in force; each is kept as what it stands for."""
    for word in words:
        box.addItem(spoken(word), word)


def spoken_name(name: str) -> str:
    """The name of a control as a screen reader says it: `sub gain_db` is `sub gain dB`."""
    words = name.replace("_db", " dB").replace("_hz", " Hz").replace("_ms", " ms")
    return " ".join(spoken(word) for word in words.replace("_", " ").split())


def length_field(name: str, units: Callable[[], UnitSystem]) -> CheckedField:
    """A length in the user's units; takes `3.42`, `342 cm`, `11' 2 1/2"`."""
    return CheckedField(parse_length, lambda value: format_length(value, units()), name)


def number_field(name: str, unit: str, digits: int = 1) -> CheckedField:
    """A plain number with a unit after it."""

    def parse(text: str) -> float:
        cleaned = text.replace(unit, "").replace("−", "-").replace(",", ".").strip()
        try:
            return float(cleaned)
        except ValueError:
            raise LengthError(
                tr("“{what}” is not a number; write one such as 80.", what=text)
            ) from None

    return CheckedField(parse, lambda value: f"{number(value, f'.{digits}f')} {unit}".strip(), name)


def named_button(title: str, name: str, clicked: Callable[[], object]) -> QPushButton:
    """A button with the name it is found by and what it does."""
    made = QPushButton(spoken(title))
    made.setObjectName(name)
    on_click(made, clicked)
    return made


def on_click(button: QAbstractButton, do: Callable[[], object]) -> None:
    """Whenever the button is clicked, whether it stays down then or not."""
    button.clicked.connect(lambda _: do())


class Choice(QWidget):
    """A few buttons of which one is down."""

    chosen = pyqtSignal(str)

    def __init__(self, options: list[tuple[str, str]], name: str) -> None:
        super().__init__()
        self.setObjectName(name)
        layout = FlowRow(self)
        layout.setSpacing(0)
        self.buttons: dict[str, QPushButton] = {}
        for value, title in options:
            button = QPushButton(plain(spoken(title)))
            button.setCheckable(True)
            button.setProperty("part", True)
            button.setObjectName(f"{name}-{value}")
            on_click(button, partial(self._choose, value))
            layout.addWidget(button)
            self.buttons[value] = button

    def _choose(self, value: str) -> None:
        self.chosen.emit(value)

    def show_value(self, value: str) -> None:
        for key, button in self.buttons.items():
            button.setChecked(key == value)


def plain(text: str) -> str:
    """A name as the text of a button or menu: an ampersand in it underlines nothing."""
    return text.replace("&", "&&")


def tip(text: str) -> str:
    """A text with the user's own words as a tooltip: markup in it is shown, not followed."""
    return f"<span>{escape(text)}</span>".replace("\n", "<br>")


def label(text: str, role: str = "", wrap: bool = False, rich: bool = False) -> QLabel:
    """A label in one of the theme's roles; markup in it is text, unless it is `rich`."""
    made = QLabel()
    made.setTextFormat(Qt.TextFormat.RichText if rich else Qt.TextFormat.PlainText)
    made.setText(spoken(text))
    if role:
        made.setProperty("role", role)
    made.setWordWrap(wrap)
    return made
