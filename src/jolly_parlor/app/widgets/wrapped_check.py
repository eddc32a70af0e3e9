"""A box to tick whose words go on in a second line where there is no room for them in one."""

from __future__ import annotations

from PyQt6.QtCore import QPoint, QRect, QSize, Qt
from PyQt6.QtGui import QPaintEvent
from PyQt6.QtWidgets import (
    QCheckBox,
    QSizePolicy,
    QStyle,
    QStyleOptionButton,
    QStylePainter,
    QWidget,
)

_FEW_LETTERS = 14
_BORDER = 4
_WRAPPED = int(
    Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter | Qt.TextFlag.TextWordWrap
)


class WrappedCheckBox(QCheckBox):
    """As a `QCheckBox`, its words wrapped."""

    def __init__(self, text: str = "", parent: QWidget | None = None) -> None:
        super().__init__(text, parent)
        policy = QSizePolicy(QSizePolicy.Policy.Preferred, QSizePolicy.Policy.Minimum)
        policy.setHeightForWidth(True)
        self.setSizePolicy(policy)

    def hasHeightForWidth(self) -> bool:
        return True

    def heightForWidth(self, a0: int) -> int:
        beside = self._beside()
        words = self._words_in(QRect(0, 0, max(a0 - beside, 1), 10_000))
        return max(super().sizeHint().height(), words.height() + 4)

    def minimumSizeHint(self) -> QSize:
        metrics = self.fontMetrics()
        longest = max((metrics.horizontalAdvance(w) for w in self.text().split()), default=0)
        few = metrics.horizontalAdvance("m") * _FEW_LETTERS
        wide = self._beside() + max(longest + 2, few)
        return QSize(min(wide, super().sizeHint().width()), super().minimumSizeHint().height())

    def hitButton(self, pos: QPoint) -> bool:
        """Words are part of what is ticked, all lines of them."""
        return self.rect().contains(pos)

    def paintEvent(self, a0: QPaintEvent | None) -> None:
        """The box at the height of the first line, the words beside it."""
        option = QStyleOptionButton()
        self.initStyleOption(option)
        option.text = ""
        with QStylePainter(self) as painter:
            painter.drawControl(QStyle.ControlElement.CE_CheckBox, option)
            place = self.rect().adjusted(self._beside(), 0, 0, 0)
            style = self.style()
            assert style is not None
            style.drawItemText(
                painter,
                place,
                _WRAPPED,
                self.palette(),
                self.isEnabled(),
                self.text(),
                self.foregroundRole(),
            )

    def _beside(self) -> int:
        style = self.style()
        assert style is not None
        return (
            style.pixelMetric(QStyle.PixelMetric.PM_IndicatorWidth, None, self)
            + _BORDER
            + style.pixelMetric(QStyle.PixelMetric.PM_CheckBoxLabelSpacing, None, self)
        )

    def _words_in(self, place: QRect) -> QRect:
        return self.fontMetrics().boundingRect(place, _WRAPPED, self.text())
