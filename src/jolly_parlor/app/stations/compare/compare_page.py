"""Compare: one row an arrangement, same axes, ranked, with reasons."""

from __future__ import annotations

from functools import partial
from typing import TYPE_CHECKING

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QHideEvent, QMouseEvent, QShowEvent
from PyQt6.QtWidgets import QFrame

from jolly_parlor.app import theme
from jolly_parlor.app.plots.row import RowPlot
from jolly_parlor.app.stations.base import Station, restyled
from jolly_parlor.app.stations.compare.difference_card import DifferenceCard
from jolly_parlor.app.widgets.entries import named_button
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.kept import Kept
from jolly_parlor.app.widgets.mix_choice import MixChoice
from jolly_parlor.app.widgets.still import held, pointed_at
from jolly_parlor.app.widgets.wrapped_check import WrappedCheckBox
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.judging import USUAL_JUDGING
from jolly_parlor.project.edits import add_arrangement, choose
from jolly_parlor.units import format_length, with_minus
from jolly_parlor.words import capital, spoken, tr

if TYPE_CHECKING:
    from jolly_parlor.analysis.comparison import Comparison, Row
    from jolly_parlor.diagnosis.remedies import Remedy


class CompareStation(Station):
    """The ranking. Nothing is calculated while nobody looks."""

    id = "compare"
    question = tr("Which place is best?")
    figures = True

    def __init__(self, session: Workbench) -> None:
        super().__init__(session)
        self.at_best = WrappedCheckBox(tr("at best settings"))
        self.at_best.setObjectName("compare-at-best")
        self.at_best.toggled.connect(session.compare_at_best)
        self.head.addWidget(self.at_best, 0, Qt.AlignmentFlag.AlignTop)
        self.choice = MixChoice("comparing")
        self.choice.chosen.connect(session.show_mix)
        self.head.addWidget(self.choice, 0, Qt.AlignmentFlag.AlignTop)
        self.hear = named_button(
            tr("Hear them"), "compare-hear", lambda: session.walked.emit("hear")
        )
        self.head.addWidget(self.hear, 0, Qt.AlignmentFlag.AlignTop)
        self.listen(session.comparison_changed, session.document_changed)
        session.worked_further.connect(self._further)
        session.view_changed.connect(self._mark_current)
        session.next_changed.connect(self._next_came)
        self.rows: list[ComparisonRow] = []
        self.difference: DifferenceCard | None = None
        self.kept = Kept(self.body, session.home)

    def showEvent(self, event: QShowEvent | None) -> None:
        super().showEvent(event)
        self.session.want_comparison(True)

    def hideEvent(self, event: QHideEvent | None) -> None:
        if "session" in vars(self):  # Qt hides pages of a window that Python has let go already
            self.session.want_comparison(False)

    def _next_came(self) -> None:
        if self.session.comparison is not None and self.rows:
            self.refresh()

    def _further(self) -> None:
        """Another tenth of the room is worked out."""
        if self.isVisible() and self.session.comparison is None:
            self.refresh()

    def refresh(self) -> None:
        self._tell()
        found = self.session.comparison
        if self._comparing:  # the rows stay where they are, dimmed, until the next ones come
            for row in self.rows:
                row.setEnabled(False)
            return
        with self.kept as page:
            if found is None or not self.session.document.arrangements:
                self.rows = []
            else:
                self._list(page, found)
            page.gap()
        self._mark_current()

    @property
    def _comparing(self) -> bool:
        """Whether what was compared a moment ago is being compared again."""
        now = {a.name for a in self.session.document.arrangements}
        compared = {row.row.arrangement.name for row in self.rows}
        waits = self.session.comparison is None and not self.session.provisional
        return waits and bool(self.rows) and compared <= now

    def _tell(self) -> None:
        from jolly_parlor.analysis.tuning import has_controls

        self.choice.show_mix(self.session.document.gear, self.session.mix)
        self.at_best.setVisible(has_controls(self.session.document.gear))
        self.hear.setVisible(bool(self.session.document.arrangements))
        found = self.session.comparison
        if not self.session.document.arrangements:
            self.verdict.setText(tr("Nothing to compare yet"))
            self.under.setText(tr("Rough in two or more arrangements at Line-up; they rank here."))
            return
        if found is None and self.session.provisional:
            self.verdict.setText(tr("Not ranked yet"))
            share = self.session.fields.share(self.session.believed.room)
            self.under.setText(
                tr(
                    "The room is being worked out as it is ({share:.0f} % done); what the empty "
                    "box says meanwhile ranks nothing.",
                    share=100 * share,
                )
            )
            return
        if found is None:
            self.verdict.setText(tr("Comparing …"))
            if not self._comparing:
                self.under.setText("")
            return
        self.verdict.setText(found.verdict)
        what = found.mix.name.lower()
        dotted = tr(" Dotted: the other of forecast and measured.")
        have = any(row.measured is not None for row in found.rows)
        self.under.setText(
            tr(
                "{basis_words}: {what} at the {seat}{judged}; lower is more even.",
                basis_words=capital(found.basis_words),
                what=what,
                seat=found.seat,
                judged=self._judged(found),
            )
            + (dotted if have else "")
            + (f" {found.rivals}" if found.rivals else "")
        )

    def _list(self, page: Kept, found: Comparison) -> None:
        ranked = {row.arrangement.name: (n, row) for n, row in enumerate(found.rows, start=1)}
        pointed = any(map(pointed_at, self.rows))
        for one in self.rows:  # none of them shrinks, which would move what is pointed at
            one.setMinimumHeight(one.height() if pointed else 0)
        order = [row.row.arrangement.name for row in self.rows]
        self.rows = []
        for name in held(list(ranked), order, pointed):
            rank, row = ranked[name]
            made = page.put(f"row {row.arrangement.name}", partial(ComparisonRow, self.session))
            made.show_row(rank, row, found)
            self.rows.append(made)
        remedy = self.session.next_try
        if remedy is not None:
            with page.card("next") as sheet, sheet.row("next") as line:
                self._next(line, found, remedy)
        self.difference = None
        if sum(row.curve(found.basis) is not None for row in found.rows) > 1:
            self.difference = page.other("difference", partial(DifferenceCard, self.session))
            self.difference.refresh(found)

    def _judged(self, found: Comparison) -> str:
        """Over which band the first is judged, where that is not the usual one."""
        judging = self.session.document.gear.judging
        figure = found.rows[0].figure(found.basis) if found.rows else None
        if judging == USUAL_JUDGING or figure is None:
            return ""
        band = tr("{low_hz:.0f} to {high_hz:.0f} Hz", low_hz=figure.low_hz, high_hz=figure.high_hz)
        return tr(", judged {band} against {words}", band=band, words=judging.target.words)

    def _next(self, line: Kept, found: Comparison, remedy: Remedy) -> None:
        text = remedy.move.text(self.session.settings.values.units)
        words = tr(
            "From {name}, {what}: forecast {evenness_before_db:.1f} → "
            "{evenness_after_db:.1f} dB from even.",
            name=found.rows[0].arrangement.name,
            what=text,
            evenness_before_db=remedy.evenness_before_db,
            evenness_after_db=remedy.evenness_after_db,
        )
        line.words(tr("To try next"), role="head")
        line.words(words, 1, role="", wrap=True)
        line.button(tr("Try it"), "try-next", partial(self._try, remedy, text))

    def _try(self, remedy: Remedy, text: str) -> None:
        if self.session.do(
            tr("Try {what}", what=text), lambda d: add_arrangement(d, remedy.arrangement)
        ):
            self.session.show_arrangement(self.session.document.arrangements[-1].name)

    def _mark_current(self) -> None:
        now = self.session.arrangement
        for row in self.rows:
            row.mark(now is not None and row.row.arrangement.name == now.name)


class ComparisonRow(QFrame):
    """Name and figure, hills and hollows, reasons, and the button that picks it."""

    row: Row

    def __init__(self, session: Workbench) -> None:
        super().__init__()
        self.setObjectName("card")
        self.session = session
        layout = FlowRow(self)
        layout.setContentsMargins(14, 8, 12, 8)
        layout.setSpacing(10)
        self.plot = RowPlot(None, None, "")
        self.plot.setMinimumHeight(110)
        self._kept = Kept(layout, session.home)

    def show_row(self, rank: int, row: Row, found: Comparison) -> None:
        """Show that one of a comparison."""
        self.row = row
        self.setEnabled(True)
        self.setAccessibleName(f"{rank}. {row.arrangement.name}")
        other = row.curve("forecast" if row.basis_of(found.basis) == "measured" else "measured")
        self.plot.show_curves(row.curve(found.basis), other, row.arrangement.name)
        with self._kept as kept:
            with kept.column("name") as side:
                theme.keep_width(side.holder, 158, 158)
                side.layout.setSpacing(1)
                self._name_side(side, rank, row, found)
            with kept.column("curve", 1) as middle:
                middle.layout.setSpacing(0)
                middle.put("plot", lambda: self.plot, 1)
                facts = middle.words(" · ".join(row.facts), wrap=True)
                facts.setAlignment(Qt.AlignmentFlag.AlignHCenter)
                facts.setObjectName("facts")
            with kept.column("reasons") as side:
                theme.keep_width(side.holder, 240, 240)
                side.layout.setSpacing(3)
                self._reasons_side(side, row, found)

    def mark(self, current: bool) -> None:
        """Show that the plan shows this one."""
        self.setProperty("lit", current)
        restyled(self)
        ground = theme.current().blush if current else theme.current().sheet
        self.plot.setBackground(ground)

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        self.session.show_arrangement(self.row.arrangement.name)

    def _name_side(self, side: Kept, rank: int, row: Row, found: Comparison) -> None:
        side.words(f"{rank}  {row.arrangement.name}", role="head", wrap=True)
        figure = row.figure(found.basis)
        told = tr("{value_db:.1f} dB", value_db=figure.value_db) if figure else tr("no figure")
        value = side.words(told, role="large")
        value.setStyleSheet(f"color: {theme.current().wine}" if rank == 1 else "")
        by = row.basis_of(found.basis)
        side.words(tr("from even, {by}", by=by) if figure else "", wrap=True)
        a, units = row.arrangement, self.session.settings.values.units
        ear, front = a.seats[found.seat], self.session.document.room.frame.front
        for what, metres in (
            ("monitors", (a.left.y + a.right.y) / 2 - front),
            ("seat", ear.y - front),
            ("spacing", a.left.distance(a.right)),
        ):
            side.words(f"{spoken(what)} {format_length(metres, units)}", role="")
        side.gap()

    def _reasons_side(self, side: Kept, row: Row, found: Comparison) -> None:
        for reason in row.reasons:
            told = with_minus(reason.text)
            text = side.words(f"{'+' if reason.good else '−'}  {told}", role="", wrap=True)
            text.setAccessibleName(f"{spoken('for' if reason.good else 'against')}: {reason.text}")
            colour = theme.current().teal if reason.good else theme.current().ochre_edge
            text.setStyleSheet(f"color: {colour}")
        side.gap()
        a, picked = row.arrangement, self.session.document.chosen == row.arrangement.name
        with side.row("deeds") as deeds:
            title = tr("Picked") if picked else tr("Pick this one")
            pick = deeds.button(title, "pick", partial(self._pick, found), called=f"pick-{a.name}")
            if bool(pick.property("strong")) != picked:
                pick.setProperty("strong", picked)
                restyled(pick)
            words = tr("By ear: {short}", short=a.grading.short) if a.grading else tr("By ear …")
            heard = deeds.button(words, "heard", self._grade, called=f"heard-{a.name}")
            heard.setToolTip(
                a.grading.text if a.grading else tr("Grade what you hear, at Fine-tune.")
            )
            deeds.gap()

    def _grade(self) -> None:
        self.session.show_arrangement(self.row.arrangement.name)
        self.session.walked.emit("finetune")

    def _pick(self, found: Comparison) -> None:
        name = self.row.arrangement.name
        figure = self.row.figure(found.basis)
        value = (
            tr(
                "{value_db:.1f} dB from even, {basis_words}",
                value_db=figure.value_db,
                basis_words=found.basis_words,
            )
            if figure
            else ""
        )
        self.session.show_arrangement(name)
        self.session.do(tr("Pick {name}", name=name), lambda d: choose(d, name, value))
