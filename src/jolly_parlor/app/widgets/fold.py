"""What is seldom needed, under one line that says what it is and how it stands."""

from PyQt6.QtCore import Qt, pyqtSignal
from PyQt6.QtWidgets import QSizePolicy, QToolButton, QVBoxLayout, QWidget

from jolly_parlor.app.widgets.entries import label, plain
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.words import spoken


class Fold(QWidget):
    """A line that opens and closes; `body` is what is below it, closed at first."""

    turned = pyqtSignal(bool)

    def __init__(self, title: str, name: str, *inside: QWidget) -> None:
        """name: the line is found by `fold-NAME`; inside: what is put into the body."""
        super().__init__()
        self.setObjectName("fold")
        whole = QVBoxLayout(self)
        whole.setContentsMargins(0, 0, 0, 0)
        whole.setSpacing(4)
        row = FlowRow()
        row.setContentsMargins(2, 0, 0, 0)
        self.line = QToolButton()
        self.line.setObjectName(f"fold-{name}")
        self.line.setProperty("role", "fold")
        self.line.setCheckable(True)
        self.line.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextBesideIcon)
        self.line.setSizePolicy(QSizePolicy.Policy.Fixed, QSizePolicy.Policy.Fixed)
        self.line.toggled.connect(self._turn)
        row.addWidget(self.line)
        self.summary = label("", "soft", wrap=True)
        row.addWidget(self.summary, 1)
        whole.addLayout(row)
        self.inner = QWidget(self)
        self.body = QVBoxLayout(self.inner)
        self.body.setContentsMargins(0, 0, 0, 0)
        self.body.setSpacing(8)
        for one in inside:
            self.body.addWidget(one)
        whole.addWidget(self.inner)
        self.inner.hide()
        self.line.setArrowType(Qt.ArrowType.RightArrow)
        self.say(title)

    def say(self, title: str, summary: str = "") -> None:
        """What it is, and how it stands."""
        self.line.setText(plain(spoken(title)))
        self.summary.setText(summary)

    def open(self, on: bool = True) -> None:
        """Open or close it."""
        self.line.setChecked(on)

    @property
    def is_open(self) -> bool:
        return self.line.isChecked()

    def _turn(self, on: bool) -> None:
        self.line.setArrowType(Qt.ArrowType.DownArrow if on else Qt.ArrowType.RightArrow)
        self.inner.setVisible(on)
        self.turned.emit(on)
