"""The equaliser, last: what a cut mends, what nothing fills, how much of it, set and checked."""

from contextlib import suppress
from functools import partial

from PyQt6.QtCore import QObject, Qt
from PyQt6.QtWidgets import QFrame, QPushButton, QVBoxLayout

from jolly_parlor.analysis.equaliser_check import equaliser_check
from jolly_parlor.analysis.equalising import (
    Equalised,
    applied,
    at_every_point,
    cleared,
    sections_set,
)
from jolly_parlor.analysis.measured_parts import all_measured
from jolly_parlor.app import jobs, theme
from jolly_parlor.app.measuring_desk import MeasuringDesk
from jolly_parlor.app.plots.row import RowPlot
from jolly_parlor.app.questions import EQUALISER
from jolly_parlor.app.stations.asked import Asked
from jolly_parlor.app.stations.base import card, clear
from jolly_parlor.app.stations.signoff.equaliser_files import EqualiserFiles
from jolly_parlor.app.widgets.entries import choice_field, label, named_button, on_click
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.steady import SteadySlider
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.equalising.filter_files import section_words
from jolly_parlor.equalising.sections import STRENGTH_WHY, Correction
from jolly_parlor.placement.mixes import as_set
from jolly_parlor.project.signing import SCOPES, Scope
from jolly_parlor.refused import Refused
from jolly_parlor.units import with_minus
from jolly_parlor.words import tr

_ASK = tr(
    "Place first, trim second, equalise last. From takes over the head "
    "(or, said to be so, from the forecast) it is told for each hill "
    "whether a cut can mend it and for each hollow why nothing fills "
    "it. Cuts only, none beyond 12 dB, and each section must buy 0.2 "
    "dB."
)
_PLOT_PIXELS = 150
_FIND = tr("Find sections")


class EqualiserCard(QObject):
    """Of the arrangement shown. `frames` are the widgets, in order."""

    def __init__(self, measure: MeasuringDesk) -> None:
        super().__init__()
        self.session, self._measure = measure.session, measure
        self._asked: Asked[Equalised] = Asked(self.session, EQUALISER, self._came)
        self._shown = 0
        """Which of the corrections is looked at."""
        self._kept_percent = -1
        self.frame: QFrame
        self.frame, layout = card()
        self.told: QFrame
        self.told, told = card()
        self.frames = (self.frame, self.told)
        self._build(layout)
        self.rows = WrappedGrid()
        self.rows.setHorizontalSpacing(14)
        self.rows.setVerticalSpacing(3)
        self.rows.setColumnStretch(1, 1)
        told.addWidget(label(tr("Hill by hill"), "head"))
        told.addLayout(self.rows)
        self.notes = label("", "soft", wrap=True)
        self.notes.setObjectName("equaliser-notes")
        told.addWidget(self.notes)

    def _build(self, layout: QVBoxLayout) -> None:
        row = FlowRow()
        row.addWidget(label(tr("Equaliser"), "head"))
        self.scope = choice_field(tr("equaliser scope"), tuple(SCOPES.values()))
        self.source = choice_field(tr("equaliser source"), (tr("by takes"), tr("by forecast")))
        self.group = choice_field(tr("equaliser group"), ())
        self.group.activated.connect(self._look_at)
        for field in (self.scope, self.source, self.group):
            row.addWidget(field)
        row.addStretch(1)
        self.find = QPushButton(_FIND)
        self.find.setObjectName("find-sections")
        on_click(self.find, self._ask)
        self.apply = named_button(tr("Set trims and sections"), "set-sections", self._set)
        self.apply.setProperty("strong", True)
        row.addWidget(self.find)
        row.addWidget(self.apply)
        layout.addLayout(row)
        self.words = label(_ASK, "soft", wrap=True)
        self.words.setObjectName("equaliser-words")
        layout.addWidget(self.words)
        self.first = label("", "warning", wrap=True)
        self.first.setObjectName("equaliser-move-first")
        layout.addWidget(self.first)
        self.plots = QVBoxLayout()
        layout.addLayout(self.plots)
        layout.addLayout(self._strength_row())
        self.sections = label("", wrap=True)
        self.sections.setObjectName("equaliser-sections")
        layout.addWidget(self.sections)
        self.large = label("", "warning", wrap=True)
        self.large.setObjectName("equaliser-warnings")
        layout.addWidget(self.large)
        layout.addLayout(self._set_row())

    def _strength_row(self) -> FlowRow:
        row = FlowRow()
        self.strength = SteadySlider(Qt.Orientation.Horizontal)
        self.strength.setObjectName("equaliser-strength")
        self.strength.setAccessibleName(tr("Strength of the correction, per cent"))
        self.strength.setRange(0, 100)
        self.strength.setPageStep(5)
        theme.keep_width(self.strength, 190, 190)
        self.strength.valueChanged.connect(lambda _: self._show_strength())
        self.percent = label("", "strong")
        self.percent.setObjectName("equaliser-percent")
        self.why = label(STRENGTH_WHY, "soft", wrap=True)
        row.addWidget(label(tr("Strength")))
        row.addWidget(self.strength)
        row.addWidget(self.percent)
        row.addWidget(self.why, 1)
        self._strength_parts = (self.strength, self.percent, self.why)
        return row

    def _set_row(self) -> FlowRow:
        row = FlowRow()
        self.now = label("", "soft", wrap=True)
        self.now.setObjectName("equaliser-now")
        row.addWidget(self.now, 1)
        self.take = named_button(tr("Measure it as set"), "measure-as-set", self._verify)
        self.clear = named_button(tr("Take sections out"), "clear-sections", self._clear)
        self.files = EqualiserFiles(self.frame, self.session, self._found_now)
        for button in (self.take, self.clear, self.files.button):
            row.addWidget(button)
        return row

    @property
    def found(self) -> Equalised | None:
        """What was found for what is shown."""
        return self._asked.found

    def refresh(self) -> None:
        """What was found for other settings, places or takes is found no more."""
        self._asked.refresh()
        self._show()

    def _found_now(self) -> tuple[Equalised, float] | None:
        found = self.found
        return None if found is None else (found, self.strength.value() / 100)

    def _correction(self) -> Correction | None:
        found = self.found
        if found is None or not found.corrections:
            return None
        return found.corrections[min(self._shown, len(found.corrections) - 1)]

    def _show(self) -> None:
        a, found = self.session.arrangement, self.found
        able = a is not None and not self.session.problem
        self.find.setEnabled(able and self.find.text() == _FIND)
        self.apply.setVisible(found is not None)
        self.told.setVisible(found is not None)
        self.group.setVisible(found is not None and len(found.corrections) > 1)
        self.files.button.setEnabled(found is not None)
        for part in self._strength_parts:
            part.setVisible(found is not None)
        kept = round(100 * self.session.document.signing.strength)
        if kept != self._kept_percent:  # else it is where the listener has it
            self._kept_percent = kept
            self.strength.setValue(kept)
        self._show_now()
        if found is None:
            self.words.setText(_ASK)
            self.first.hide()
        else:
            names = [one.curve.name for one in found.corrections]
            if [self.group.itemText(n) for n in range(self.group.count())] != names:
                self.group.clear()
                self.group.addItems(names)
                self._shown = 0
            self.words.setText(_trims(found))
            self.first.setText(found.move_first)
            self.first.setVisible(bool(found.move_first))
            self._show_verdicts()
        self._show_strength()

    def _show_now(self) -> None:
        """What is set, and whether a take bears it out."""
        document, a = self.session.document, self.session.arrangement
        count = sections_set(a) if a is not None else 0
        self.clear.setEnabled(count > 0)
        self.take.setEnabled(count > 0 and not self._measure.measuring)
        if a is None or not count:
            self.now.setText(tr("No section is set."))
            return
        self.now.setText(_set_words(count))
        if all_measured(document, a):  # else it would be held against a forecast, which takes long
            with suppress(Refused):
                self.now.setText(equaliser_check(document, a.name).words)

    def _show_verdicts(self) -> None:
        clear(self.rows)
        found, one = self.found, self._correction()
        if found is None or one is None:
            return
        top = Qt.AlignmentFlag.AlignTop
        for line, verdict in enumerate(one.verdicts):
            role = "strong" if verdict.mendable else ""
            self.rows.addWidget(label(verdict.headline, role), line, 0, top)
            self.rows.addWidget(label(verdict.words, "soft", wrap=True), line, 1)
        self.notes.setText("\n".join(f"· {note}" for note in found.notes))
        self.notes.setVisible(bool(found.notes))

    def _show_strength(self) -> None:
        """Before and after, and what is to be set, at the strength of the slider."""
        clear(self.plots)
        found, one = self.found, self._correction()
        self.sections.setVisible(one is not None)
        self.large.setVisible(False)
        if found is None or one is None:
            return
        share = self.strength.value() / 100
        self.percent.setText(f"{self.strength.value()} %")
        before, after = (
            one.curve.judge(level)
            for level in (one.curve.mean_db, one.level_db(one.curve.mean_db, share))
        )
        plot = RowPlot(after, before, tr("after the equaliser; dotted: before"))
        plot.setFixedHeight(_PLOT_PIXELS)
        self.plots.addWidget(plot)
        self.plots.addWidget(
            label(tr("filled: after, foretold; dotted: before; mean over the head"), "soft")
        )
        cuts = "; ".join(map(section_words, one.at(share))) or tr("nothing to cut")
        points = ", ".join(
            f"{name} {was:.1f} → {then:.1f}"
            for name, (was, then) in at_every_point(one, share).items()
        )
        self.sections.setText(
            tr(
                "{name}: {cuts}.\nDecibels from even: {points}. Held against the target: {words}.",
                name=one.curve.name,
                cuts=cuts,
                points=points,
                words=one.curve.judged.target.words,
            )
        )
        large = found.warnings(share)
        self.large.setText("\n".join(large))
        self.large.setVisible(bool(large))

    def _look_at(self, index: int) -> None:
        self._shown = index
        self._show_verdicts()
        self._show_strength()

    def _ask(self) -> None:
        session = self.session
        scope: Scope = list(SCOPES)[self.scope.currentIndex()]
        measured = self.source.currentIndex() == 0
        document, fit = session.document, session.fit_used
        units = session.settings.values.units
        self.find.setText(tr("Listening for hills …"))
        self._asked.ask(
            self.find,
            lambda _, name, models: jobs.equaliser(
                document, name, scope, measured, fit, units, models
            ),
        )

    def _came(self) -> None:
        self.find.setText(_FIND)
        self._show()

    def _set(self) -> None:
        now = self._found_now()
        if now is not None:
            found, share = now
            if self.session.do(
                tr("Set the equaliser"), partial(applied, found=found, strength=share)
            ):
                self._asked.keep(found)
                self._show()

    def _clear(self) -> None:
        a = self.session.arrangement
        if a is not None:
            self.session.do(tr("Take sections out"), partial(cleared, name=a.name))

    def _verify(self) -> None:
        document = self.session.document
        self._measure.measure(as_set(document.gear).id, document.gear.seats[0].name)


def _trims(found: Equalised) -> str:
    by = {"measured": tr("From takes"), "forecast": tr("Forecast"), "fitted": tr("Fitted")}[
        found.basis
    ]
    if found.tuned is None:
        return tr("{by}. Trims stay as they are.", by=by)
    tuned = found.tuned.solution
    changes = "; ".join(f"{w.title} {w.before} → {w.after}" for w in found.tuned.worths)
    told = with_minus(changes) or tr("as they are")
    return tr(
        "{by}. Trims first, {before_db:.1f} → {after_db:.1f} dB: {told}.",
        by=by,
        before_db=tuned.before_db,
        after_db=tuned.after_db,
        told=told,
    )


def _set_words(count: int) -> str:
    return tr(
        "{count} sections are set. Dial them in, then measure all that "
        "plays as set: what was foretold is held against it.",
        count=count,
    )
