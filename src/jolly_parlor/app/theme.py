"""The visual language: two themes, two typefaces, one stylesheet."""

from dataclasses import dataclass, fields
from functools import lru_cache

from PyQt6.QtGui import QColor, QFont, QFontDatabase, QPalette
from PyQt6.QtWidgets import QApplication

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
    ochre="#b27c2c",
    ochre_edge="#e9b866",
    teal="#7cc7bf",
    hollow="#20393a",
    wall="#a58a76",
    wood="#5a4a37",
)
THEMES = {theme.name: theme for theme in (DAY, EVENING)}

_current = DAY


def current() -> Theme:
    """The theme in force."""
    return _current


def calm_to_rough(share: float, alpha: int = 255) -> QColor:
    """Teal for calm (0) to ochre for rough (1)."""
    calm, rough = _current.colour("teal").getRgb(), _current.colour("ochre").getRgb()
    red, green, blue = (
        round((a or 0) + ((b or 0) - (a or 0)) * share)
        for a, b in zip(calm[:3], rough[:3], strict=True)
    )
    return QColor(red, green, blue, alpha)


def load_fonts() -> None:
    """Make the shipped fonts known to Qt."""
    for file in sorted(FONTS.glob("*.ttf")):
        QFontDatabase.addApplicationFont(str(file))


@lru_cache(maxsize=64)
def serif(points: float, italic: bool = False) -> QFont:
    """The typeface of names and verdicts. Kept: do not change it."""
    font = QFont(SERIF)
    font.setPointSizeF(points)
    font.setItalic(italic)
    font.setWeight(QFont.Weight.Normal if italic else QFont.Weight.DemiBold)
    return font


@lru_cache(maxsize=64)
def sans(points: float, bold: bool = False) -> QFont:
    """The typeface of figures and everything else. Kept: do not change it."""
    font = QFont(SANS)
    font.setPointSizeF(points)
    font.setWeight(QFont.Weight.DemiBold if bold else QFont.Weight.Normal)
    return font


def apply(application: QApplication, theme: Theme) -> None:
    """Put a theme in force."""
    global _current
    _current = theme
    application.setStyle("Fusion")
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
        QPalette.ColorRole.Highlight: theme.wine,
        QPalette.ColorRole.HighlightedText: theme.on_wine,
    }
    for role, colour in roles.items():
        palette.setColor(role, QColor(colour))
    disabled = QPalette.ColorGroup.Disabled
    for role in (QPalette.ColorRole.Text, QPalette.ColorRole.ButtonText):
        palette.setColor(disabled, role, QColor(theme.soft))
    application.setPalette(palette)
    application.setFont(sans(10.5))
    application.setStyleSheet(_stylesheet(theme))


def _stylesheet(theme: Theme) -> str:
    text = _STYLE
    for field in fields(theme):
        text = text.replace(f"@{field.name}@", getattr(theme, field.name))
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
QLabel[role="soft"] { color: @soft@; }
QLabel[role="head"] { font-family: "Fraunces"; font-weight: 600; font-size: 12.5pt; }
QLabel[role="verdict"] { font-family: "Fraunces"; font-weight: 600; font-size: 16pt; }
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
QPushButton:disabled { color: @soft@; border-color: @rule@; background: @paper@; }
QPushButton[quiet="true"] { border: none; background: transparent; padding: 0 2px;
  text-decoration: underline; font-weight: 400; }
QPushButton[quiet="true"]:focus { border: 2px solid @wine@; padding: 0; }
QPushButton[part="true"] { border-radius: 0; margin-left: -1px; padding: 4px 12px; }
QPushButton[part="true"]:focus { border: 2px solid @ink@; padding: 3px 11px; }
QLineEdit, QComboBox, QSpinBox, QDoubleSpinBox, QPlainTextEdit { background: @sheet@; color: @ink@;
  border: none; border-bottom: 1px solid @soft@; padding: 3px 4px;
  selection-background-color: @wine@; selection-color: @on_wine@; }
QLineEdit:focus, QComboBox:focus, QDoubleSpinBox:focus { border-bottom: 2px solid @wine@; }
QLineEdit[bad="true"] { border-bottom: 2px solid @wine@; background: @blush@; }
QLineEdit:disabled, QComboBox:disabled { color: @soft@; background: @paper@; }
QComboBox::drop-down { border: none; width: 20px; }
QComboBox::down-arrow { image: url(@icons@/down-@name@.svg); width: 12px; height: 12px; }
QComboBox QAbstractItemView { background: @sheet@; color: @ink@; border: 1px solid @rule@;
  selection-background-color: @wine@; selection-color: @on_wine@; }
QTableWidget, QListWidget { background: @sheet@; border: 1px solid @rule@; border-radius: 7px;
  gridline-color: @rule@; alternate-background-color: @band@; }
QTableWidget::item:selected, QListWidget::item:selected { background: @blush@; color: @ink@; }
QHeaderView::section { background: @sheet@; color: @soft@; border: none;
  border-bottom: 1px solid @rule@; padding: 4px 6px; }
QScrollArea, QScrollArea > QWidget > QWidget { background: transparent; border: none; }
QScrollBar:vertical { background: transparent; width: 10px; margin: 0; }
QScrollBar::handle:vertical { background: @rule@; border-radius: 5px; min-height: 28px; }
QScrollBar:horizontal { background: transparent; height: 10px; margin: 0; }
QScrollBar::handle:horizontal { background: @rule@; border-radius: 5px; min-width: 28px; }
QScrollBar::add-line, QScrollBar::sub-line { width: 0; height: 0; }
QCheckBox { spacing: 7px; }
QCheckBox:focus { color: @wine@; }
QStatusBar { background: @paper@; color: @soft@; }
"""
