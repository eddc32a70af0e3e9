"""The card on Takes that says what they teach: the fitted room, its doubts, and the next take."""

from html import escape

from PyQt6.QtWidgets import QPushButton

from jolly_parlor.app import dialogs
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.stations.takes.measure_card import MeasureCard
from jolly_parlor.app.widgets.entries import Choice, label, on_click, tip
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.fitting.fit_words import every_figure, summary, unseen, warnings
from jolly_parlor.fitting.next_take import WORTH_DB
from jolly_parlor.words import tr


class FitCard:
    """Sentences and three buttons. `frame` is the widget."""

    def __init__(self, session: Workbench, measure: MeasureCard) -> None:
        self.session, self._measure = session, measure
        self.frame, layout = card()
        head = FlowRow()
        head.addWidget(label(tr("What the takes teach"), "head"))
        head.addStretch(1)
        self.which = Choice(
            [("survey", tr("As surveyed")), ("fitted", tr("As fitted"))], "room-used"
        )
        self.which.setToolTip(tr("Which room forecasts, search and comparison are worked out in"))
        self.which.chosen.connect(lambda v: session.fitted.use(v == "fitted"))
        head.addWidget(self.which)
        self.go = QPushButton(tr("Fit the room"))
        self.go.setObjectName("fit-room")
        on_click(self.go, session.fitted.learn)
        head.addWidget(self.go)
        layout.addLayout(head)
        self.words = label("", wrap=True)
        self.words.setObjectName("fit-words")
        layout.addWidget(self.words)
        self.each = label("", "soft", wrap=True)
        layout.addWidget(self.each)
        self.every = QPushButton(tr("Every figure …"))
        self.every.setObjectName("every-figure")
        on_click(self.every, self._show_every)
        row = FlowRow()
        self.next = label("", wrap=True)
        self.next.setObjectName("next-words")
        row.addWidget(self.next, 1)
        self.take = QPushButton(tr("Measure that"))
        self.take.setObjectName("measure-advised")
        on_click(self.take, self._measure_advised)
        row.addWidget(self.take)
        row.addWidget(self.every)
        layout.addLayout(row)
        session.fitted.changed.connect(self.refresh)

    def refresh(self) -> None:
        learning, document = self.session.fitted, self.session.document
        fit, advice = learning.fit, learning.advice
        self.frame.setVisible(bool(document.takes))
        self.go.setEnabled(not learning.busy)
        self.go.setText(tr("Fit again") if fit is not None else tr("Fit the room"))
        self.which.setVisible(fit is not None)
        self.which.show_value("fitted" if learning.in_use else "survey")
        if learning.busy:
            again = (
                tr("Takes have come or gone: fitting again") if learning.in_use else tr("Fitting")
            )
            self.words.setText(tr("{again}, a few seconds for a few takes …", again=again))
        elif learning.problem:
            self.words.setText(learning.problem)
        elif fit is None:
            self.words.setText(
                tr(
                    "Sizes, absorption, places and levels within their tolerances, so "
                    "that the model agrees with what was measured. Forecasts then say "
                    "how sure they are."
                )
            )
        else:
            stale = tr("Takes have come or gone since; fit again. ") if learning.stale else ""
            self.words.setText(stale + " ".join([*warnings(fit), *summary(fit)]))
        self._show_details()
        if self.frame.isVisible():
            learning.want_advice()
        able = fit is not None and advice is not None
        self.next.setVisible(able)
        self.next.setText(advice.words if advice is not None else "")
        first = advice.candidates[0] if advice is not None and advice.candidates else None
        self.take.setVisible(able and first is not None and first.gain_db >= WORTH_DB)

    def _show_details(self) -> None:
        fit = self.session.fitted.fit
        self.each.setVisible(fit is not None)
        self.every.setVisible(fit is not None)
        if fit is None:
            return
        worst = sorted(fit.takes, key=lambda t: -t.after_db)
        all_of_them = [
            tr(
                "{name} {before_db:.1f} → {after_db:.1f} dB",
                name=t.name,
                before_db=t.before_db,
                after_db=t.after_db,
            )
            for t in worst
        ]
        self.each.setToolTip(tip("\n".join(all_of_them)))
        more = tr("; and {worst} that fit better", worst=len(worst) - 4) if len(worst) > 4 else ""
        takes = tr("Farthest from the model: ") + "; ".join(all_of_them[:4]) + more
        hidden = unseen(fit)
        not_seen = (
            tr(" Not shown by these takes: {hidden}.", hidden=", ".join(hidden)) if hidden else ""
        )
        self.each.setText(f"{takes}.{not_seen}")

    def _show_every(self) -> None:
        fit = self.session.fitted.fit
        if fit is None:
            return
        rows = "".join(
            f"<tr><td>{escape(words)}</td><td>&nbsp; {seen}</td></tr>"
            for words, seen in every_figure(fit)
        )
        dialogs.show_text(self.frame, tr("What the fit changed"), f"<table>{rows}</table>")

    def _measure_advised(self) -> None:
        advice = self.session.fitted.advice
        if advice is None or not advice.candidates:
            return
        first = advice.candidates[0]
        self.session.show_arrangement(first.arrangement)
        self._measure.measure(first.source, first.seat)
