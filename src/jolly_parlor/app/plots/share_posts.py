"""What each subwoofer brings by third of an octave: a row of posts for each, its share below."""

import numpy as np
from PyQt6.QtCore import QRectF, Qt
from PyQt6.QtGui import QPainter, QPaintEvent
from PyQt6.QtWidgets import QWidget

from jolly_parlor.app import theme
from jolly_parlor.placement.settings.shares import THIRDS_HZ, Shares
from jolly_parlor.words import tr

_NAME, _ROW, _FOOT, _POST = 86, 62, 20, 38
_SPAN_DB = 30.0
"""What a full post stands for, down from the loudest."""


class SharesPlot(QWidget):
    """Drawn, not interactive; the same figures are in its description."""

    is_picture = True

    def __init__(self) -> None:
        super().__init__()
        self._shares: Shares | None = None
        self.setObjectName("shares-plot")
        self.setAccessibleName(tr("share of the work by subwoofer and third of an octave"))

    def show_shares(self, shares: Shares) -> None:
        self._shares = shares
        self.setFixedHeight(self._row * len(shares.names) + _FOOT)
        self.setAccessibleDescription(
            "; ".join(
                f"{name}: "
                + ", ".join(
                    tr("{f:g} Hz {share:.0f} %", f=f, share=100 * share)
                    for f, share in zip(THIRDS_HZ, shares.share[row], strict=True)
                    if np.isfinite(share)
                )
                for row, name in enumerate(shares.names)
            )
        )
        self.update()

    @property
    def _row(self) -> int:
        """A single one does all the work: its row needs no line for the share."""
        return _ROW if self._shares is not None and len(self._shares.names) > 1 else _POST + 8

    def paintEvent(self, event: QPaintEvent | None) -> None:
        if self._shares is None:
            return
        painter, colours = QPainter(self), theme.current()
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setFont(theme.sans(9))
        width = (self.width() - _NAME) / len(THIRDS_HZ)
        loudest = float(np.nanmax(self._shares.levels_db))
        several = len(self._shares.names) > 1
        for row, name in enumerate(self._shares.names):
            base = self._row * row + _POST + 4.0
            painter.setPen(colours.colour("ink"))
            middle = Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignLeft
            painter.drawText(QRectF(0, base - _POST, _NAME - 6, _POST / 2), middle, name)
            painter.setPen(colours.colour("soft"))
            scale = tr("{span_db:.0f} dB tall", span_db=_SPAN_DB)
            painter.drawText(QRectF(0, base - _POST / 2, _NAME - 6, _POST / 2), middle, scale)
            painter.setPen(colours.colour("ink"))
            painter.drawLine(_NAME, round(base), self.width(), round(base))
            for column in range(len(THIRDS_HZ)):
                level = float(self._shares.levels_db[row, column]) - loudest
                if not np.isfinite(level):
                    continue  # no take reaches there
                tall = max(1 + level / _SPAN_DB, 0.02) * _POST
                left = _NAME + width * column + 0.2 * width
                post = QRectF(left, base - tall, 0.6 * width, tall)
                painter.fillRect(post, colours.colour("ochre"))
                painter.setPen(colours.colour("ochre_edge"))
                painter.drawRect(post)
                painter.setPen(colours.colour("ink"))
                text = (
                    tr("{share:.0f} %", share=100 * self._shares.share[row, column])
                    if several
                    else ""
                )
                under = QRectF(_NAME + width * column, base + 1, width, 16)
                painter.drawText(under, Qt.AlignmentFlag.AlignCenter, text)
        painter.setPen(colours.colour("soft"))
        foot = self._row * len(self._shares.names)
        for column, hertz in enumerate(THIRDS_HZ):
            where = QRectF(_NAME + width * column, foot, width, _FOOT)
            unit = tr(" Hz") if column == 0 else ""
            painter.drawText(where, Qt.AlignmentFlag.AlignCenter, f"{hertz:g}{unit}")
        painter.end()
