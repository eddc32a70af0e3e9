"""The Ledger: its picture, every entry, what stood, and two held against each other."""

from dataclasses import replace
from functools import partial

from PyQt6.QtWidgets import (
    QAbstractItemView,
    QComboBox,
    QFrame,
    QHeaderView,
    QTableWidget,
    QTableWidgetItem,
)

from jolly_parlor.analysis.ledger_steps import (
    Step,
    against,
    gap_words,
    ledger_csv,
    stand_up_again,
    steps_of,
)
from jolly_parlor.app import dialogs, jobs
from jolly_parlor.app.plots.history_plot import HistoryPlot
from jolly_parlor.app.questions import LEDGER, Question
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import choice_field, label, named_button, text_field
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.outputs import told_place, write_output
from jolly_parlor.project.ledger import entry
from jolly_parlor.refused import Refused
from jolly_parlor.words import spoken, tr

_FILTERS: tuple[tuple[str, tuple[str, ...]], ...] = (
    ("everything", ()),
    (tr("moves and settings"), ("move", "setting", "arrangement", "choice")),
    ("takes", ("take",)),
    ("grades", ("grade",)),
    (tr("notes and tests"), ("note",)),
    (tr("survey and gear"), ("survey", "gear")),
)
_COLUMNS = ("step", "when", "what", "", "forecast", "measured", "grade")
_MEAN = tr("Mark one entry to stand it up again, two to hold them against each other.")


class LedgerCard:
    """`picture` is the history, `frame` the list."""

    def __init__(self, session: Workbench) -> None:
        self.session = session
        self.steps: list[Step] = []
        self._of: object = None
        self.picture: QFrame
        self.picture, layout = card()
        self.history = HistoryPlot()
        self.history.pointed.connect(self._select)
        layout.addWidget(self.history)
        self.frame: QFrame
        self.frame, layout = card()
        row = FlowRow()
        row.addWidget(label(tr("Ledger"), "head"))
        self.filter: QComboBox = choice_field(tr("ledger filter"), [name for name, _ in _FILTERS])
        self.filter.activated.connect(lambda _: self._fill())
        row.addWidget(self.filter)
        self.note = text_field()
        self.note.setObjectName("ledger-note")
        self.note.setAccessibleName(tr("A note for the Ledger"))
        self.note.setPlaceholderText(tr("write a note"))
        self.note.setMaxLength(2000)
        self.note.returnPressed.connect(self._write)
        row.addWidget(self.note, 1)
        row.addWidget(named_button(tr("Write it"), "ledger-write", self._write))
        row.addWidget(named_button(tr("Save as CSV …"), "ledger-csv", self._export))
        layout.addLayout(row)
        self.table = QTableWidget(0, len(_COLUMNS))
        self._dress_table()
        layout.addWidget(self.table)
        row = FlowRow()
        self.stand = named_button(tr("Stand it up again"), "ledger-stand", self._stand)
        row.addWidget(self.stand)
        self.words = label(_MEAN, "soft", wrap=True)
        self.words.setObjectName("ledger-words")
        row.addWidget(self.words, 1)
        layout.addLayout(row)

    def _dress_table(self) -> None:
        table = self.table
        table.setObjectName("ledger-table")
        table.setAccessibleName(tr("Ledger"))
        table.setHorizontalHeaderLabels([spoken(name) for name in _COLUMNS])
        table.setEditTriggers(QAbstractItemView.EditTrigger.NoEditTriggers)
        table.setSelectionBehavior(QAbstractItemView.SelectionBehavior.SelectRows)
        table.setSelectionMode(QAbstractItemView.SelectionMode.ExtendedSelection)
        table.setShowGrid(False)
        table.setWordWrap(True)
        table.setMinimumHeight(250)
        table.setTabKeyNavigation(False)
        header, side = table.horizontalHeader(), table.verticalHeader()
        assert header is not None and side is not None
        side.setVisible(False)
        for column in range(len(_COLUMNS)):
            mode = QHeaderView.ResizeMode.ResizeToContents
            header.setSectionResizeMode(
                column, QHeaderView.ResizeMode.Stretch if column == 3 else mode
            )
        table.itemSelectionChanged.connect(self._mean)

    def refresh(self) -> None:
        """All entries at once; their figures when they are worked out."""
        noted, document = self.session.history.ledger, self.session.believed
        view = (noted, document, self.session.seat, self.session.mix)
        if self._of is not None and view == self._of:
            return
        self._of = view
        known = {id(s.entry): (s.forecast_db, s.measured_db) for s in self.steps}
        self.steps = []
        for step in steps_of(document, noted):  # with the figures of before, until new ones come
            forecast, measured = known.get(id(step.entry), (None, None))
            self.steps.append(replace(step, forecast_db=forecast, measured_db=measured))
        self._fill()
        job = partial(jobs.ledger, document, noted, self.session.seat, self.session.mix)
        take = partial(self._take, view)
        self.session.slow.ask(Question(LEDGER, document.room, document.gear, job, take))

    def chosen(self) -> list[Step]:
        """The steps marked, oldest first."""
        rows = sorted({index.row() for index in self.table.selectedIndexes()})
        numbers = {int(self.table.item(row, 0).text()) for row in rows}  # type: ignore[union-attr]
        return [step for step in self.steps if step.number in numbers]

    def _take(self, view: object, steps: list[Step]) -> None:
        if view == self._of:
            self.steps = steps
            self._fill()

    def _shown(self) -> list[Step]:
        kinds = _FILTERS[max(self.filter.currentIndex(), 0)][1]
        return [s for s in self.steps if not kinds or s.entry.kind in kinds]

    def _fill(self) -> None:
        marked = {step.number for step in self.chosen()}
        shown = self._shown()
        self.history.show_steps(shown)
        self.table.blockSignals(True)
        self.table.setRowCount(len(shown))
        for row, step in enumerate(reversed(shown)):
            grade = step.grading.short.removesuffix(tr(" of 5")) if step.grading is not None else ""
            cells = (
                str(step.number),
                step.day_and_time,
                step.entry.kind,
                step.entry.text,
                ""
                if step.forecast_db is None
                else tr("{forecast_db:.1f} dB", forecast_db=step.forecast_db),
                ""
                if step.measured_db is None
                else tr("{measured_db:.1f} dB", measured_db=step.measured_db),
                grade,
            )
            for column, words in enumerate(cells):
                self.table.setItem(row, column, QTableWidgetItem(words))
        self.table.clearSelection()
        for row, step in enumerate(reversed(shown)):
            if step.number in marked:
                self._mark_row(row)
        self.table.resizeRowsToContents()
        self.table.blockSignals(False)
        self._mean()

    def _mark_row(self, row: int) -> None:
        for column in range(len(_COLUMNS)):
            item = self.table.item(row, column)
            if item is not None:
                item.setSelected(True)

    def _select(self, number: int) -> None:
        """The row of a step pointed at in the picture."""
        self.table.clearSelection()
        for row in range(self.table.rowCount()):
            item = self.table.item(row, 0)
            if item is not None and item.text() == str(number):
                self._mark_row(row)
                self.table.scrollToItem(item)

    def _mean(self) -> None:
        chosen = self.chosen()
        one = chosen[0] if len(chosen) == 1 else None
        self.stand.setEnabled(one is not None and one.stood is not None)
        self.history.point(chosen[-1].number if chosen else None)
        if len(chosen) == 2:
            self.words.setText(self._against(*chosen))
        elif one is not None and one.grading is not None:
            self.words.setText(one.grading.text)
        elif one is not None and one.stood is None:
            self.words.setText(tr("This one is about no arrangement: nothing stood anywhere."))
        else:
            self.words.setText(_MEAN if len(chosen) < 2 else tr("Mark two to hold them against."))

    def _against(self, one: Step, other: Step) -> str:
        found = against(one, other, self.session.settings.values.units)
        told = [tr("From step {number} to step {number2}", number=one.number, number2=other.number)]
        if gap := gap_words(one, other):
            told[0] += f", {gap}"
        parts = [*found.moves, *found.figures, *found.grades]
        return f"{told[0]}: {'; '.join(parts) or 'nothing to compare'}. {found.doubt}".strip()

    def _write(self) -> None:
        words = self.note.text().strip()
        if not words:
            return
        self.session.note(entry("note", words, self.session.arrangement))
        self.note.clear()

    def _stand(self) -> None:
        step, ledger = self.chosen()[0], self.session.history.ledger
        within = self.session.arrangement
        what = tr("Stand up step {number}", number=step.number)
        if self.session.do(what, lambda d: stand_up_again(d, ledger, step.number, within)):
            self.session.show_arrangement(self.session.document.arrangements[-1].name)

    def _export(self) -> None:
        path = dialogs.ask_table(self.frame, self.session.settings, "ledger.csv")
        if path is None:
            return
        try:
            write_output(path, ledger_csv(self._shown()).encode(), ".csv", replace=True)
        except Refused as error:
            self.session.refused.emit(str(error))
            return
        self.session.told.emit(
            tr("{name}: {shown} entries.", name=told_place(path), shown=len(self._shown()))
        )
