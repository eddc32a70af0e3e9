"""The visual language: two themes, two typefaces, one stylesheet."""

import re
from dataclasses import dataclass, fields
from functools import lru_cache

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QColor, QFont, QFontDatabase, QGuiApplication, QPalette
from PyQt6.QtWidgets import QApplication, QWidget

from jolly_parlor.assets import FONTS, ICONS

SERIF, SANS = "Fraunces", "Source Sans 3"


@dataclass(frozen=True, eq=False)
class Theme:
    """Colours by what they mean. Compared by identity: a painting asks for colours by the hundred,
    and hashing all fields each time would cost more than the painting.
    """

    name: str
    paper: str
    sheet: str
    ink: str
    soft: str
    rule: str
    band: str
    wine: str
    on_wine: str
    blush: str
    ochre: str
    ochre_edge: str
    teal: str
    hollow: str
    wall: str
    wood: str

    @lru_cache(maxsize=256)  # noqa: B019 - the two themes live as long as the program
    def colour(self, name: str, alpha: int = 255) -> QColor:
        """A colour by name, with opacity. Kept: do not change it."""
        value = QColor(getattr(self, name))
        value.setAlpha(alpha)
        return value


DAY = Theme(
    name="day",
    paper="#f4ede0",
    sheet="#fdfaf3",
    ink="#2b2522",
    soft="#665b50",
    rule="#d9ccb6",
    band="#f1e8d8",
    wine="#7a2a41",
    on_wine="#fdf6ee",
    blush="#f2dfe0",
    ochre="#dca855",
    ochre_edge="#8f5c10",
    teal="#1b6464",
    hollow="#dfe9e3",
    wall="#5d4638",
    wood="#e6d2b0",
)
EVENING = Theme(
    name="evening",
    paper="#1d191b",
    sheet="#272224",
    ink="#f1e9db",
    soft="#b9ad9d",
    rule="#453c3b",
    band="#2e2829",
    wine="#eb9bae",
    on_wine="#2a1319",
    blush="#46303a",
    ochre="#ae7828",
    ochre_edge="#e9b866",
    teal="#7cc7bf",
    hollow="#20393a",
    wall="#a58a76",
    wood="#5a4a37",
)
THEMES = {theme.name: theme for theme in (DAY, EVENING)}

TEXT_ON = {
    "ink": ("paper", "sheet", "band", "blush", "hollow", "wood"),
    "soft": ("paper", "sheet", "band", "blush"),
    "wine": ("paper", "sheet", "blush"),
    "on_wine": ("wine",),
    "teal": ("paper", "sheet"),
    "ochre_edge": ("paper", "sheet"),
}
"""What is written in which colour on which ground: 4.5 to 1 at least (WCAG 2.2, 1.4.3)."""
MARKS_ON = {
    "ink": ("paper", "sheet", "band", "hollow", "wood", "ochre"),
    "soft": ("paper", "sheet", "band"),
    "wine": ("paper", "sheet", "band", "blush"),
    "on_wine": ("wine",),
    "teal": ("paper", "sheet", "band", "hollow"),
    "ochre_edge": ("paper", "sheet", "band"),
    "wall": ("paper", "sheet"),
}
"""What tells something by a line, an edge or a shape, on which ground: 3 to 1 (1.4.11). `ochre`,
`hollow`, `wood` and `rule` only fill and divide: what they tell has an edge of these beside it.
"""

_current = DAY


def current() -> Theme:
    return _current


def wanted(name: str) -> Theme:
    """The theme of that name; of `desktop` the one that goes with the desktop, day or evening."""
    if name in THEMES:
        return THEMES[name]
    return EVENING if desktop_is_dark() else DAY


def desktop_is_dark() -> bool:
    """Whether the desktop says so; one that says nothing is light."""
    hints = QGuiApplication.styleHints()
    return hints is not None and hints.colorScheme() == Qt.ColorScheme.Dark


def calm_to_rough(share: float, alpha: int = 255) -> QColor:
    """Teal for calm (0) to ochre for rough (1)."""
    calm, rough = _current.colour("teal").getRgb(), _current.colour("ochre").getRgb()
    red, green, blue = (
        round((a or 0) + ((b or 0) - (a or 0)) * share)
        for a, b in zip(calm[:3], rough[:3], strict=True)
    )
    return QColor(red, green, blue, alpha)


@lru_cache(maxsize=1)
def load_fonts() -> None:
    """Make the shipped fonts known to Qt; once, for it would keep each as often as it is told."""
    for file in sorted(FONTS.glob("*.ttf")):
        QFontDatabase.addApplicationFont(str(file))


_USUAL_POINTS = 11.0
"""Of a desktop's own text, where nobody has asked for larger."""
_scale = 1.0


def scale() -> float:
    """How many times larger than usual text is written."""
    return _scale


def scale_text(percent: int) -> None:
    """Write so large, and larger still where the desktop's own text is larger than usual; counts
    from the next `apply` on.
    """
    global _scale
    system = QFontDatabase.systemFont(QFontDatabase.SystemFont.GeneralFont).pointSizeF()
    asked = system / _USUAL_POINTS if system > _USUAL_POINTS + 1.5 else 1.0
    _scale = min(max(percent / 100 * asked, 0.8), 2.5)


_DRESSED = "dressed"
_LEAST, _MOST = "leastWidth", "mostWidth"


def keep_width(widget: QWidget, least: int = 0, most: int = 0) -> None:
    """A width in pixels, or its bounds, that grows with the text from now on."""
    widget.setProperty(_LEAST, least)
    widget.setProperty(_MOST, most)
    _measure(widget)


def _measure(widget: QWidget) -> None:
    least, most = widget.property(_LEAST), widget.property(_MOST)
    widget.setMinimumWidth(round((least or 0) * _scale))
    if most:
        widget.setMaximumWidth(round(most * _scale))


def serif(points: float, italic: bool = False) -> QFont:
    """The typeface of names and verdicts, in points before scaling. Kept: do not change it."""
    return _serif(points * _scale, italic)


def sans(points: float, bold: bool = False) -> QFont:
    """The typeface of figures and everything else. Kept: do not change it."""
    return _sans(points * _scale, bold)


@lru_cache(maxsize=64)
def _serif(points: float, italic: bool) -> QFont:
    font = QFont(SERIF)
    font.setPointSizeF(points)
    font.setItalic(italic)
    font.setWeight(QFont.Weight.Normal if italic else QFont.Weight.DemiBold)
    return font


@lru_cache(maxsize=64)
def _sans(points: float, bold: bool) -> QFont:
    font = QFont(SANS)
    font.setPointSizeF(points)
    font.setWeight(QFont.Weight.DemiBold if bold else QFont.Weight.Normal)
    return font


def apply(application: QApplication, theme: Theme) -> None:
    """Put a theme in force; nothing is done where it is already, for all widgets are polished."""
    global _current
    _current = theme
    if application.property(_DRESSED) == (wanted_now := f"{theme.name} at {_scale}"):
        return
    if not application.property(_DRESSED):
        application.setStyle("Fusion")
    application.setProperty(_DRESSED, wanted_now)
    palette = QPalette()
    roles = {
        QPalette.ColorRole.Window: theme.paper,
        QPalette.ColorRole.Base: theme.sheet,
        QPalette.ColorRole.AlternateBase: theme.band,
        QPalette.ColorRole.Button: theme.sheet,
        QPalette.ColorRole.ToolTipBase: theme.sheet,
        QPalette.ColorRole.Text: theme.ink,
        QPalette.ColorRole.WindowText: theme.ink,
        QPalette.ColorRole.ButtonText: theme.ink,
        QPalette.ColorRole.ToolTipText: theme.ink,
        QPalette.ColorRole.PlaceholderText: theme.soft,
        QPalette.ColorRole.Link: theme.wine,
        QPalette.ColorRole.LinkVisited: theme.wine,
        QPalette.ColorRole.Highlight: theme.wine,
        QPalette.ColorRole.HighlightedText: theme.on_wine,
    }
    for role, colour in roles.items():
        palette.setColor(role, QColor(colour))
    disabled = QPalette.ColorGroup.Disabled
    for role in (QPalette.ColorRole.Text, QPalette.ColorRole.ButtonText):
        palette.setColor(disabled, role, QColor(theme.soft))
    # Qt goes through a list of all widgets, and calls back into Python; were garbage collected
    # meanwhile, widgets of the list would be gone before their turn (see `collecting`).
    application.setPalette(palette)
    application.setFont(sans(10.5))
    application.setStyleSheet(_stylesheet(theme))
    for widget in application.allWidgets():
        if widget.property(_LEAST) or widget.property(_MOST):
            _measure(widget)


def _stylesheet(theme: Theme) -> str:
    text = _STYLE
    for field in fields(theme):
        text = text.replace(f"@{field.name}@", getattr(theme, field.name))
    text = re.sub(r"([\d.]+)pt", lambda found: f"{float(found[1]) * _scale:.1f}pt", text)
    return text.replace("@icons@", ICONS.as_posix())


_STYLE = """
QMainWindow, QDialog, QWidget#page { background: @paper@; }
QMenuBar { background: @paper@; color: @ink@; padding: 1px 8px; }
QMenuBar::item:selected, QMenu::item:selected { background: @wine@; color: @on_wine@; }
QMenu { background: @sheet@; color: @ink@; border: 1px solid @rule@; padding: 4px 0; }
QMenu::item { padding: 5px 26px 5px 26px; }
QMenu::item:disabled { color: @soft@; }
QMenu::separator { height: 1px; background: @rule@; margin: 4px 10px; }
QToolTip { background: @sheet@; color: @ink@; border: 1px solid @rule@; padding: 4px; }
QLabel { background: transparent; }
QFrame#working { background: @sheet@; border: 1px solid @soft@; border-radius: 8px; }
QLabel[role="soft"] { color: @soft@; }
QLabel[role="head"] { font-family: "Fraunces"; font-weight: 600; font-size: 12.5pt; }
QLabel[role="verdict"] { font-family: "Fraunces"; font-weight: 600; font-size: 16pt; }
QLabel[role="large"] { font-family: "Fraunces"; font-weight: 600; font-size: 19pt; }
QLabel[role="wordmark"] { font-family: "Fraunces"; font-weight: 600; font-size: 17pt;
  color: @wine@; }
QLabel[role="room"] { font-family: "Fraunces"; font-style: italic; font-size: 12pt; }
QToolButton[role="step"] { font-family: "Fraunces"; font-weight: 600; font-size: 16pt; }
QToolButton[role="plan-arrow"] { background: @sheet@; color: @wine@; font-weight: 600;
  border: 1px solid @wine@; border-radius: 9px; padding: 0; }
QToolButton[role="plan-arrow"]:hover { background: @blush@; }
QToolButton[role="fold"] { font-family: "Fraunces"; font-weight: 600; font-size: 11.5pt;
  color: @ink@; padding: 1px 4px; }
QToolButton[role="fold"]:hover { color: @wine@; }
QLabel[role="question"] { font-family: "Fraunces"; font-style: italic; font-size: 11.5pt;
  color: @soft@; }
QLabel[role="strong"] { font-weight: 600; }
QLabel[role="warning"] { color: @wine@; }
QLabel[role="empty"] { font-family: "Fraunces"; font-style: italic; font-size: 13pt;
  color: @soft@; }
QFrame#card { background: @sheet@; border: 1px solid @rule@; border-radius: 7px; }
QFrame#card[lit="true"] { border: 2px solid @wine@; background: @blush@; }
QFrame#header { background: @sheet@; border: none; border-bottom: 1px solid @rule@; }
QFrame#notice { background: @blush@; border: 1px solid @wine@; border-radius: 7px; }
QPushButton { background: @sheet@; color: @wine@; border: 1px solid @wine@; border-radius: 13px;
  padding: 4px 14px; font-weight: 600; }
QPushButton:hover { background: @blush@; }
QPushButton:focus { border: 2px solid @wine@; padding: 3px 13px; }
QPushButton:pressed, QPushButton:checked, QPushButton[strong="true"] { background: @wine@;
  color: @on_wine@; }
QPushButton:checked:focus, QPushButton[strong="true"]:focus { border: 3px solid @on_wine@;
  padding: 2px 12px; text-decoration: underline; }
QPushButton:disabled { color: @soft@; border-color: @rule@; background: @paper@; }
QPushButton[quiet="true"] { border: none; background: transparent; padding: 0 2px;
  text-decoration: underline; font-weight: 400; }
QPushButton[quiet="true"]:focus { border: 2px solid @wine@; border-radius: 4px; padding: 0; }
QPushButton[part="true"] { border-radius: 0; margin-left: -1px; padding: 4px 12px; }
QPushButton[part="true"]:focus { border: 2px solid @ink@; padding: 3px 11px; }
QPushButton[part="true"]:checked:focus { border: 3px solid @on_wine@; padding: 2px 10px; }
QToolButton { border: 2px solid transparent; border-radius: 5px; }
QToolButton:focus { border: 2px solid @wine@; }
QLineEdit, QComboBox, QSpinBox, QDoubleSpinBox, QPlainTextEdit { background: @sheet@; color: @ink@;
  border: none; border-bottom: 1px solid @soft@; padding: 3px 4px;
  selection-background-color: @wine@; selection-color: @on_wine@; }
QLineEdit:focus, QComboBox:focus, QSpinBox:focus, QDoubleSpinBox:focus, QPlainTextEdit:focus {
  border: 2px solid @wine@; border-radius: 3px; padding: 1px 2px 2px 2px; }
QLineEdit[bad="true"] { border-bottom: 2px solid @wine@; background: @blush@; }
QLineEdit:disabled, QComboBox:disabled { color: @soft@; background: @paper@; }
QComboBox::drop-down { border: none; width: 20px; }
QComboBox::down-arrow { image: url(@icons@/down-@name@.svg); width: 12px; height: 12px; }
QComboBox QAbstractItemView { background: @sheet@; color: @ink@; border: 1px solid @rule@;
  selection-background-color: @wine@; selection-color: @on_wine@; }
QTableWidget, QListWidget { background: @sheet@; border: 1px solid @rule@; border-radius: 7px;
  gridline-color: @rule@; alternate-background-color: @band@; }
QTableWidget::item:selected, QListWidget::item:selected { background: @blush@; color: @ink@; }
QListWidget::item { padding: 0 8px; }
QTextBrowser { background: @sheet@; color: @ink@; border: 1px solid @rule@; border-radius: 7px;
  padding: 8px 14px; }
QTextBrowser:focus { border: 2px solid @wine@; padding: 7px 13px; }
QHeaderView::section { background: @sheet@; color: @soft@; border: none;
  border-bottom: 1px solid @rule@; padding: 4px 6px; }
QScrollArea, QScrollArea > QWidget > QWidget { background: transparent; border: none; }
QScrollBar:vertical { background: transparent; width: 8px; margin: 0; }
QScrollBar::handle:vertical { background: @soft@; border-radius: 4px; min-height: 28px; }
QScrollBar:horizontal { background: transparent; height: 8px; margin: 0; }
QScrollBar::handle:horizontal { background: @soft@; border-radius: 4px; min-width: 28px; }
QScrollBar::add-line, QScrollBar::sub-line { width: 0; height: 0; }
QCheckBox { spacing: 7px; border: 2px solid transparent; border-radius: 4px; }
QCheckBox:focus { border: 2px solid @wine@; }
QCheckBox::indicator { width: 13px; height: 13px; border: 1px solid @soft@; border-radius: 3px;
  background: @sheet@; }
QCheckBox::indicator:checked { border: 1px solid @wine@; background: @wine@;
  image: url(@icons@/tick-@name@.svg); }
QCheckBox::indicator:disabled { border-color: @rule@; }
QTableWidget:focus, QListWidget:focus, QSlider:focus { border: 2px solid @wine@; }
QSlider { border: 2px solid transparent; border-radius: 4px; }
QSlider::groove:horizontal { height: 4px; background: @soft@; border-radius: 2px; }
QSlider::handle:horizontal { width: 14px; margin: -5px 0; background: @wine@; border-radius: 7px; }
QSlider::handle:horizontal:disabled { background: @soft@; }
QStatusBar { background: @paper@; color: @soft@; }
"""
