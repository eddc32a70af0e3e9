"""What was made of a file, before it is taken: its first lines, the reading, the curve."""

from collections.abc import Sequence
from typing import Protocol

import numpy as np
import pyqtgraph as pg
from PyQt6.QtCore import Qt
from PyQt6.QtGui import QFontDatabase
from PyQt6.QtWidgets import QComboBox, QDialog, QDialogButtonBox, QHBoxLayout, QVBoxLayout, QWidget

from jolly_parlor.app import theme
from jolly_parlor.app.plots.hills import dress
from jolly_parlor.app.widgets.entries import label
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.steady import ChoiceBox
from jolly_parlor.signals.reading import (
    ReadResponse,
    ResponseFileError,
    SeveralCurves,
    Unclear,
    Understood,
)
from jolly_parlor.signals.taken_as import TAKEN_AS
from jolly_parlor.words import tr

_MOST_COLUMNS = 8


class Read(Protocol):
    """Reads the curve of that name (None: the only one), its columns taken for these (None: for
    what the file says). Raises ResponseFileError.
    """

    def __call__(self, curve: str | None, columns: Sequence[str] | None = None) -> ReadResponse: ...


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
        self.curves = ChoiceBox()
        self.curves.setObjectName("curves")
        self.curves.setAccessibleName("curve")
        self.curves.currentTextChanged.connect(lambda name: self._show(name, self._asked))
        self._several = QWidget()
        row = QHBoxLayout(self._several)
        row.setContentsMargins(0, 0, 0, 0)
        row.addWidget(label(tr("It holds several curves. Take")))
        row.addWidget(self.curves)
        row.addStretch(1)
        self._several.hide()
        layout.addWidget(self._several)
        self.lines_head = label(tr("The file begins"), "soft")
        self.lines = label("", wrap=True)
        mono = QFontDatabase.systemFont(QFontDatabase.SystemFont.FixedFont)
        self.lines.setStyleSheet(f"font-family: '{mono.family()}'")
        self.taken = label("", wrap=True)
        self.taken.setObjectName("taken")
        self._asked: tuple[str, ...] | None = None
        self.columns: list[QComboBox] = []
        self._boxes = FlowRow()
        for one in (self.lines_head, self.lines, label(tr("Read as"), "soft")):
            layout.addWidget(one)
        layout.addLayout(self._boxes)
        layout.addWidget(self.taken)
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
        self._show(None)

    def _ask_columns(self, known: Understood) -> None:
        """What each column is taken for, to be changed; made when the first reading is known."""
        if self.columns or not known.taken_as:
            return
        for number, name in enumerate(known.taken_as[:_MOST_COLUMNS], start=1):
            box = ChoiceBox()
            box.setObjectName(f"column-{number}")
            box.setAccessibleName(tr("column {number} is", number=number))
            for key, (words, _) in TAKEN_AS.items():
                box.addItem(words, key)
            box.setCurrentIndex(list(TAKEN_AS).index(name))
            box.activated.connect(lambda _: self._retake())
            pair = QWidget()  # a name is not parted from its list where the row breaks
            row = QHBoxLayout(pair)
            row.setContentsMargins(0, 0, 8, 0)
            row.addWidget(label(tr("column {number}", number=number), "soft"))
            row.addWidget(box)
            self._boxes.addWidget(pair)
            self.columns.append(box)

    def _retake(self) -> None:
        self._asked = tuple(str(box.currentData()) for box in self.columns)
        self._show(None, self._asked)

    def _choose_of(self, names: Sequence[str]) -> None:
        """Offer several curves, the first of which is shown."""
        self.curves.blockSignals(True)
        self.curves.clear()
        self.curves.addItems(names)
        self.curves.blockSignals(False)
        self._several.show()
        self._show(names[0], self._asked)

    def _show(self, name: str | None, asked: Sequence[str] | None = None) -> None:
        if name is None:
            self._several.hide()
        try:
            self.read = self._read_curve(name, asked)
        except SeveralCurves as several:
            return self._choose_of(several.names)
        except ResponseFileError as error:
            unclear = error.understood if isinstance(error, Unclear) else None
            if name is None and unclear is None and not self.columns:
                raise
            self.read = None
            hint = "" if unclear is None else tr(" Or say above what each column is.")
            self.taken.setText(f"{error}{hint}")
            if unclear is not None:
                self._ask_columns(unclear)
                self._show_lines(unclear)
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
        self._show_lines(known)
        if known is not None:
            self._ask_columns(known)
        self.curve.setData(np.log10(f), level)

    def _show_lines(self, known: Understood | None) -> None:
        self.lines_head.setVisible(known is not None)
        self.lines.setVisible(known is not None)
        if known is not None:
            self.lines.setText("\n".join(line.expandtabs(4) for line in known.first_lines))


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
