"""One arrangement against another: their difference as one curve, and a key that flips them."""

import numpy as np
from PyQt6.QtWidgets import QComboBox, QHBoxLayout

from jolly_parlor.app.plots.row import RowPlot
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.fields import label
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.project.comparison import Comparison, Row, difference

_WORTH_DB = 3.0


class DifferenceCard:
    """Two names, one curve. `frame` is the widget; made anew for each comparison."""

    def __init__(self, found: Comparison, session: Workbench) -> None:
        self._rows = {r.arrangement.name: r for r in found.rows if r.curve(found.basis) is not None}
        self._found, self.session = found, session
        self.frame, self._layout = card()
        head = QHBoxLayout()
        head.addWidget(label("One against the other", "head"))
        self.one, self.other = QComboBox(), QComboBox()
        names = list(self._rows)
        for box, name, start in ((self.one, "one", 0), (self.other, "the other", 1)):
            box.addItems(names)
            box.setCurrentIndex(min(start, len(names) - 1))
            box.setAccessibleName(name)
            box.currentIndexChanged.connect(lambda _: self._show())
        self.one.setObjectName("difference-one")
        self.other.setObjectName("difference-other")
        head.addWidget(self.one)
        head.addWidget(label("less", "soft"))
        head.addWidget(self.other)
        head.addStretch(1)
        head.addWidget(label("F3 flips the plan between the last two shown.", "soft"))
        self._layout.addLayout(head)
        self.plot: RowPlot | None = None
        self.words = label("", "soft", wrap=True)
        self.words.setObjectName("difference-words")
        self._layout.addWidget(self.words)
        self._show()

    def _show(self) -> None:
        one, other = (self._rows[box.currentText()] for box in (self.one, self.other))
        gap = difference(one, other, self._found.basis)
        if self.plot is not None:
            self._layout.removeWidget(self.plot)
            self.plot.deleteLater()
        self.plot = RowPlot(gap, None)
        self.plot.setFixedHeight(130)
        self.plot.setAccessibleName("Difference")
        self._layout.insertWidget(1, self.plot)
        self.words.setText(self._tell(one, other))

    def _tell(self, one: Row, other: Row) -> str:
        basis = self._found.basis
        if one is other:
            return "Choose two."
        gap = difference(one, other, basis)
        band = gap.in_band
        f, d = gap.frequencies_hz[band], gap.deviation_db[band]
        kinds = {row.basis_of(basis) for row in (one, other)}
        mixed = " One is measured, the other forecast." if len(kinds) > 1 else ""
        at = int(np.argmax(np.abs(d)))
        word = "louder" if d[at] > 0 else "quieter"
        share = np.mean(np.abs(d) < _WORTH_DB)
        return (
            f"Most at {f[at]:.0f} Hz, where {one.arrangement.name} is {abs(d[at]):.0f} dB {word}; "
            f"within {_WORTH_DB:.0f} dB of each other over {100 * share:.0f} % of the band.{mixed}"
        )
