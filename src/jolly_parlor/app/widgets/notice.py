"""One sentence about what was refused or done, over what it is in, so that nothing moves for it."""

from PyQt6.QtCore import QEvent, QObject
from PyQt6.QtWidgets import QFrame, QHBoxLayout, QPushButton, QWidget

from jolly_parlor.app.widgets.entries import label, on_click
from jolly_parlor.words import tr

_AWAY = 10


class Notice(QFrame):
    """Lies along the lower edge, until the next change or until it is understood."""

    def __init__(self, within: QWidget) -> None:
        super().__init__(within)
        self.setObjectName("notice")
        self._within = within
        row = QHBoxLayout(self)
        row.setContentsMargins(14, 6, 8, 6)
        self.text = label("", wrap=True)
        self.text.setObjectName("notice-text")
        row.addWidget(self.text, 1)
        close = QPushButton(tr("Understood"))
        on_click(close, self.hide)
        row.addWidget(close)
        within.installEventFilter(self)
        self.hide()

    def say(self, text: str) -> None:
        """Show it in place of any other."""
        self.text.setText(text)
        self._lie()
        self.show()
        self.raise_()

    def eventFilter(self, a0: QObject | None, a1: QEvent | None) -> bool:
        """Keep to the lower edge."""
        if a1 is not None and a1.type() == QEvent.Type.Resize:
            self._lie()
        return False

    def _lie(self) -> None:
        room = self._within.rect().adjusted(_AWAY, _AWAY, -_AWAY, -_AWAY)
        high = min(self.heightForWidth(room.width()), room.height())
        self.setGeometry(room.left(), room.bottom() - high + 1, room.width(), high)
