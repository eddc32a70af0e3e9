"""Tips are text: a name in a document that looks like markup is shown as it is written."""

from html import escape

from PyQt6.QtCore import QEvent, QObject, Qt
from PyQt6.QtGui import QHelpEvent
from PyQt6.QtWidgets import QApplication, QToolTip, QWidget

_NAME = "plain-tips"


class _PlainTips(QObject):
    def eventFilter(self, watched: QObject | None, event: QEvent | None) -> bool:
        if isinstance(event, QHelpEvent) and event.type() == QEvent.Type.ToolTip:
            if isinstance(watched, QWidget) and _looks_rich(watched.toolTip()):
                plain = escape(watched.toolTip()).replace("\n", "<br>")
                QToolTip.showText(event.globalPos(), f"<p>{plain}</p>", watched)
                return True
        return super().eventFilter(watched, event)


def _looks_rich(text: str) -> bool:
    return bool(Qt.mightBeRichText(text))  # type: ignore[attr-defined]  # the stubs lack it


def plain_tips(app: QApplication) -> None:
    """From now on, wherever a tip is shown; Qt itself would follow what looks like markup."""
    if app.findChild(QObject, _NAME) is None:
        tips = _PlainTips(app)
        tips.setObjectName(_NAME)
        app.installEventFilter(tips)
