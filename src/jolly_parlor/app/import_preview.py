"""What was made of a file, before it is taken: its first lines, the reading, the curve."""

from collections.abc import Callable

import numpy as np
import pyqtgraph as pg
from PyQt6.QtCore import Qt
from PyQt6.QtGui import QFontDatabase
from PyQt6.QtWidgets import QComboBox, QDialog, QDialogButtonBox, QHBoxLayout, QVBoxLayout, QWidget

from jolly_parlor.app import theme
from jolly_parlor.app.plots.hills import dress
from jolly_parlor.app.widgets.fields import label
from jolly_parlor.signals.reading import ReadResponse, ResponseFileError, SeveralCurves
from jolly_parlor.words import tr

Read = Callable[[str | None], ReadResponse]
"""Reads the curve of that name; None: the only one. Raises ResponseFileError."""
_TICKS_HZ = (10, 20, 50, 100, 200, 500, 1000, 2000, 5000, 10000, 20000)


class ImportPreview(QDialog):
    """`read` is what would be taken; None while the curve chosen cannot be read."""

    def __init__(self, parent: QWidget, file_name: str, where: str, read_curve: Read) -> None:
        """Raises ResponseFileError where the file cannot be read at all."""
        super().__init__(parent)
        self.setWindowTitle(tr("Is {file_name} read rightly?", file_name=file_name))
        self._read_curve = read_curve
        self.read: ReadResponse | None = None
        layout = QVBoxLayout(self)
        layout.addWidget(
            label(
                tr("{file_name}, as {where}", file_name=file_name, where=where), "head", wrap=True
            )
        )
        names = _names(read_curve)
        self.curves = QComboBox()
        self.curves.setObjectName("curves")
        self.curves.setAccessibleName("curve")
        if names:
            row = QHBoxLayout()
            row.addWidget(label(tr("It holds {names} curves. Take", names=len(names))))
            self.curves.addItems(names)
            self.curves.currentTextChanged.connect(lambda name: self._show(name))
            row.addWidget(self.curves)
            row.addStretch(1)
            layout.addLayout(row)
        self.lines_head = label(tr("The file begins"), "soft")
        self.lines = label("", wrap=True)
        mono = QFontDatabase.systemFont(QFontDatabase.SystemFont.FixedFont)
        self.lines.setStyleSheet(f"font-family: '{mono.family()}'")
        self.taken = label("", wrap=True)
        self.taken.setObjectName("taken")
        for one in (self.lines_head, self.lines, label(tr("Read as"), "soft"), self.taken):
            layout.addWidget(one)
        self.plot, self.curve = _plot()
        layout.addWidget(self.plot, 1)
        buttons = QDialogButtonBox()
        take = buttons.addButton(tr("Take it"), QDialogButtonBox.ButtonRole.AcceptRole)
        assert take is not None
        self.take = take
        buttons.addButton(tr("Leave it"), QDialogButtonBox.ButtonRole.RejectRole)
        buttons.accepted.connect(self.accept)
        buttons.rejected.connect(self.reject)
        layout.addWidget(buttons)
        self.resize(680, 600)
        self._show(names[0] if names else None)

    def _show(self, name: str | None) -> None:
        try:
            self.read = self._read_curve(name)
        except ResponseFileError as error:
            if name is None:
                raise
            self.read = None
            self.taken.setText(str(error))
        self.take.setEnabled(self.read is not None)
        if self.read is None:
            self.curve.setData([], [])
            return
        f, level = self.read.response.frequencies_hz, self.read.response.level_db
        known = self.read.understood
        columns = "; ".join(known.columns) if known is not None else ""
        span = tr("{size} points from {f:.4g} to {f2:.5g} Hz", size=f.size, f=f[0], f2=f[-1])
        phase = (
            tr("with phase") if self.read.response.phase_deg is not None else tr("without phase")
        )
        said = [
            columns,
            tr(
                "{span}, {level:.0f} to {level2:.0f} dB, {phase}",
                span=span,
                level=level.min(),
                level2=level.max(),
                phase=phase,
            ),
        ]
        self.taken.setText("\n".join([*filter(None, said), *self.read.notes]))
        self.lines_head.setVisible(known is not None)
        self.lines.setVisible(known is not None)
        if known is not None:
            self.lines.setText("\n".join(line.expandtabs(4) for line in known.first_lines))
        self.curve.setData(np.log10(f), level)


def _names(read_curve: Read) -> tuple[str, ...]:
    """The curves to choose from, where there are several."""
    try:
        read_curve(None)
    except SeveralCurves as several:
        return several.names
    return ()


def _plot() -> tuple[pg.PlotWidget, pg.PlotDataItem]:
    left, bottom = pg.AxisItem("left"), pg.AxisItem("bottom")
    plot = pg.PlotWidget(axisItems={"left": left, "bottom": bottom}, enableMenu=False)
    plot.setFocusPolicy(Qt.FocusPolicy.NoFocus)
    plot.setBackground(theme.current().sheet)
    item = plot.getPlotItem()
    item.hideButtons()
    item.setMouseEnabled(False, False)
    item.showGrid(x=False, y=True, alpha=0.18)
    bottom.setTicks([[(float(np.log10(f)), f"{f:,}".replace(",", " ")) for f in _TICKS_HZ]])
    bottom.setLabel(tr("Hz"))
    left.setLabel("dB")
    dress(item, left, bottom)
    return plot, item.plot(pen=pg.mkPen(theme.current().ink, width=1.6))
