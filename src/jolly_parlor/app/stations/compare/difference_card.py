"""One arrangement against another: their difference as one curve, and a key that flips them."""

from __future__ import annotations

from typing import TYPE_CHECKING

import numpy as np
from PyQt6.QtWidgets import QFrame

from jolly_parlor.app.plots.row import RowPlot
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import label
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.steady import ChoiceBox
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.words import tr

if TYPE_CHECKING:
    from jolly_parlor.analysis.comparison import Comparison, Row

_WORTH_DB = 3.0


class DifferenceCard:
    """Two names, one curve. `frame` is the widget."""

    _found: Comparison

    def __init__(self, session: Workbench) -> None:
        self._rows: dict[str, Row] = {}
        self.session = session
        self.frame: QFrame
        self.frame, layout = card()
        head = FlowRow()
        head.addWidget(label(tr("One against the other"), "head"))
        self.one, self.other = ChoiceBox(), ChoiceBox()
        for box, name in ((self.one, "one"), (self.other, tr("the other"))):
            box.setAccessibleName(name)
            box.currentIndexChanged.connect(lambda _: self._show())
        self.one.setObjectName("difference-one")
        self.other.setObjectName("difference-other")
        head.addWidget(self.one)
        head.addWidget(label("less", "soft"))
        head.addWidget(self.other)
        head.addStretch(1)
        head.addWidget(label(tr("F3 flips the plan between the last two shown."), "soft"))
        layout.addLayout(head)
        self.plot = RowPlot(None, None, tr("difference of the two"))
        self.plot.setFixedHeight(130)
        layout.addWidget(self.plot)
        self.words = label("", "soft", wrap=True)
        self.words.setObjectName("difference-words")
        layout.addWidget(self.words)

    def refresh(self, found: Comparison) -> None:
        """Of that comparison; the two chosen stay chosen while they are in it."""
        self._found = found
        rows = [r for r in found.rows if r.curve(found.basis) is not None]
        self._rows = {r.arrangement.name: r for r in rows}
        names = list(self._rows)
        for box, start in ((self.one, 0), (self.other, 1)):
            chosen = box.currentText()
            box.blockSignals(True)
            if [box.itemText(n) for n in range(box.count())] != names:
                box.clear()
                box.addItems(names)
            at = names.index(chosen) if chosen in names else min(start, len(names) - 1)
            box.setCurrentIndex(at)
            box.blockSignals(False)
        self._show()

    def _show(self) -> None:
        from jolly_parlor.analysis.comparison import difference

        one, other = (self._rows[box.currentText()] for box in (self.one, self.other))
        gap = difference(one, other, self._found.basis)
        self.plot.show_curves(gap, None, tr("difference of the two"))
        self.words.setText(self._tell(one, other))

    def _tell(self, one: Row, other: Row) -> str:
        from jolly_parlor.analysis.comparison import difference

        basis = self._found.basis
        if one is other:
            return tr("Choose two.")
        gap = difference(one, other, basis)
        band = gap.in_band
        f, d = gap.frequencies_hz[band], gap.deviation_db[band]
        kinds = {row.basis_of(basis) for row in (one, other)}
        mixed = tr(" One is measured, the other forecast.") if len(kinds) > 1 else ""
        at = int(np.argmax(np.abs(d)))
        word = "louder" if d[at] > 0 else "quieter"
        share = np.mean(np.abs(d) < _WORTH_DB)
        return tr(
            "Most at {f:.0f} Hz, where {name} is {d:.0f} dB {word}; within "
            "{worth_db:.0f} dB of each other over {share:.0f} % of the "
            "band.{mixed}",
            f=f[at],
            name=one.arrangement.name,
            d=abs(d[at]),
            word=word,
            worth_db=_WORTH_DB,
            share=100 * share,
            mixed=mixed,
        )
