"""The card that finds the best settings, says what each buys, and sets them."""

from collections.abc import Sequence
from functools import partial

from PyQt6.QtCore import QObject, pyqtSignal
from PyQt6.QtWidgets import QFrame, QPushButton

from jolly_parlor.analysis.measured_parts import all_measured
from jolly_parlor.analysis.tuning import NOTHING_TO_TURN, Tuned, applied, has_controls
from jolly_parlor.app import jobs
from jolly_parlor.app.questions import SETTINGS
from jolly_parlor.app.stations.asked import Asked
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import choice_field, label, on_click
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.kept import Align, Kept
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.settings.worth import Worth
from jolly_parlor.units import with_minus
from jolly_parlor.words import tr

_ASK = tr(
    "Every control that its sheet in Gear names is tried, within its "
    "range and steps, for what is heard over the head: left, right and "
    "both, with the sub."
)


class SettingsCard(QObject):
    """For the main seat or every seat, by forecast or takes. `frame` is the widget."""

    changed = pyqtSignal()
    """What was found has come or gone."""

    def __init__(self, session: Workbench) -> None:
        super().__init__()
        self.session = session
        self._chosen_for = ""
        self._asked: Asked[Tuned] = Asked(session, SETTINGS, self._came)
        self.frame: QFrame
        self.frame, layout = card()
        row = FlowRow()
        row.addWidget(label(tr("Best settings"), "head"))
        row.addWidget(label("for", "soft"))
        self.seats = choice_field(tr("settings seats"), (tr("the main seat"), tr("every seat")))
        row.addWidget(self.seats)
        row.addWidget(label("by", "soft"))
        self.source = choice_field(tr("settings source"), ("forecast", "takes"))
        row.addWidget(self.source)
        row.addStretch(1)
        self.find = QPushButton(tr("Find settings"))
        self.find.setObjectName("find-settings")
        on_click(self.find, self._ask)
        row.addWidget(self.find)
        self.apply = QPushButton(tr("Set them"))
        self.apply.setObjectName("set-settings")
        self.apply.setProperty("strong", True)
        on_click(self.apply, self._set)
        row.addWidget(self.apply)
        layout.addLayout(row)
        self.words = label(_ASK, "soft", wrap=True)
        self.words.setObjectName("settings-words")
        layout.addWidget(self.words)
        grid = WrappedGrid()
        grid.setHorizontalSpacing(14)
        grid.setVerticalSpacing(2)
        grid.setColumnStretch(1, 1)
        layout.addLayout(grid)
        self.rows = Kept(grid, session.home)
        self.notes = label("", "soft", wrap=True)
        self.notes.setObjectName("settings-notes")
        layout.addWidget(self.notes)

    @property
    def found(self) -> Tuned | None:
        """The best settings of what is shown, where they were asked for."""
        return self._asked.found

    def refresh(self) -> None:
        """What was found for other settings, places or takes is found no more."""
        self._asked.refresh()
        self._prefer_takes()
        self._show()

    def _prefer_takes(self) -> None:
        """Takes win over forecasts, where there are all and nothing else was chosen here."""
        a = self.session.arrangement
        if a is None or a.name == self._chosen_for:
            return
        self._chosen_for = a.name
        measured = all_measured(self.session.document, a)
        self.source.setCurrentIndex(1 if measured else 0)

    def _show(self) -> None:
        a, found = self.session.arrangement, self.found
        able = has_controls(self.session.document.gear)
        self.find.setEnabled(a is not None and able)
        self.apply.setVisible(found is not None and bool(found.worths))
        if found is None:
            self.words.setText(_ASK if able else NOTHING_TO_TURN)
            self.notes.setText("")
            self.notes.hide()
            self.rows.empty()
            return
        heard = ", ".join(
            tr(
                "{seat} {before_db:.1f} → {after_db:.1f} dB",
                seat=seat,
                before_db=found.before_db[seat],
                after_db=found.after_db[seat],
            )
            for seat in found.seats
        )
        by = {
            "measured": tr("Takes of each, summed"),
            "fitted": tr("Forecast as fitted"),
            "forecast": tr("Forecast"),
        }[found.source]
        self.words.setText(
            tr(
                "{by}, all that plays at the ear: {heard} from even. Over the head, each side too: "
                "{before_db:.1f} → {after_db:.1f} dB.",
                by=by,
                heard=heard,
                before_db=found.solution.before_db,
                after_db=found.solution.after_db,
            )
        )
        with self.rows as kept:
            _list(kept, found.worths)
        self.notes.setText("\n".join(f"· {note}" for note in found.notes))
        self.notes.setVisible(bool(found.notes))

    def _ask(self) -> None:
        every, measured = self.seats.currentIndex() == 1, self.source.currentIndex() == 1
        self.find.setText(tr("Turning knobs …"))
        self._asked.ask(
            self.find, lambda d, name, models: jobs.settings(d, name, every, measured, models)
        )

    def _came(self) -> None:
        self.find.setText(tr("Find settings"))
        self._show()
        self.changed.emit()

    def _set(self) -> None:
        found = self.found
        if found is not None:
            self.session.do(tr("Set as found"), partial(applied, tuned=found))


def _list(kept: Kept, worths: Sequence[Worth]) -> None:
    for column, title in enumerate(("", "", tr("by itself"), tr("lost without it"))):
        kept.words(title, 0, column)
    for line, worth in enumerate(worths, start=1):
        kept.words(worth.title, line, 0, role="strong")
        kept.words(with_minus(f"{worth.before} → {worth.after}"), line, 1, role="")
        brings = f"{worth.alone_db:+.1f} dB".replace("+0.0", "0.0").replace("-0.0", "0.0")
        lost = tr("{without_db:.1f} dB", without_db=max(worth.without_db, 0.0))
        for column, figure in ((2, with_minus(brings)), (3, lost)):
            kept.words(figure, line, column, role="", align=Align.AlignRight)
