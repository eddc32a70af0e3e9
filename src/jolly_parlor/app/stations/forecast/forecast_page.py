"""Forecast: the response at the seat, its causes, and what to try."""

from functools import partial

from PyQt6.QtCore import QEvent, QRectF, Qt
from PyQt6.QtGui import QBrush, QHideEvent, QPainter, QPen, QShowEvent
from PyQt6.QtWidgets import (
    QFrame,
    QScrollArea,
    QStackedWidget,
    QVBoxLayout,
    QWidget,
)

from jolly_parlor.acoustics.fields.field_of_room import needs_working_out, workable_hz
from jolly_parlor.app import theme
from jolly_parlor.app.highlight import Highlight
from jolly_parlor.app.plots.response_plot import ResponseView
from jolly_parlor.app.stations.base import Station, restyled
from jolly_parlor.app.stations.forecast.paths_table import PathsTable
from jolly_parlor.app.widgets.entries import Choice, tip
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.kept import Kept
from jolly_parlor.app.widgets.mix_choice import MixChoice
from jolly_parlor.app.widgets.steady import ChoiceBox
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.diagnosis.findings import Finding
from jolly_parlor.diagnosis.marks import Lane
from jolly_parlor.placement.cautions import left_out
from jolly_parlor.placement.evenness import HIGHEST_HZ, SMOOTHING_PER_OCTAVE
from jolly_parlor.project.edits import add_arrangement
from jolly_parlor.units import with_minus
from jolly_parlor.words import tr

_LEAST_CURVE = 350
"""Pixels: less of the curve cannot be read, and the page is scrolled instead."""


class ForecastStation(Station):
    """Verdict, hills and hollows, lanes, findings."""

    id = "forecast"
    question = tr("What will be heard there?")
    figures = True

    def __init__(self, session: Workbench) -> None:
        super().__init__(session)
        self.choice = MixChoice("playing")
        self.choice.chosen.connect(session.show_mix)
        self.layer = Choice([("forecast", tr("Forecast")), ("measured", tr("Measured"))], "layer")
        self.layer.chosen.connect(session.show_layer)
        self.seat = ChoiceBox()
        self.seat.setObjectName("seat")
        self.seat.setAccessibleName(tr("Seat"))
        self.seat.textActivated.connect(session.show_seat)
        self.head.addWidget(self.seat)
        row = FlowRow()
        row.addWidget(self.choice)
        row.addStretch(1)
        row.addWidget(self.layer)
        self.body.addLayout(row)
        self.response = ResponseView(session)
        self.response.setMinimumHeight(round(_LEAST_CURVE * theme.scale()))
        self.body.addWidget(self.response, 5)
        self.reading = Choice(
            [("findings", tr("What stands out")), ("paths", tr("Paths one by one"))], "reading"
        )
        self.reading.chosen.connect(self._read)
        row = FlowRow()
        row.addWidget(self.reading)
        row.addStretch(1)
        self.body.addLayout(row)
        lines = QVBoxLayout()
        lines.setSpacing(5)
        lines.setContentsMargins(0, 0, 6, 0)
        self.cards = Kept(lines, session.home)
        holder = QWidget()
        holder.setLayout(lines)
        scroll = QScrollArea()
        scroll.setWidgetResizable(True)
        scroll.setWidget(holder)
        scroll.setMinimumHeight(150)
        self.paths = PathsTable(session)
        path_scroll = QScrollArea()
        path_scroll.setWidgetResizable(True)
        path_scroll.setWidget(self.paths)
        self.readings = QStackedWidget()
        self.readings.addWidget(scroll)
        self.readings.addWidget(path_scroll)
        self.body.addWidget(self.readings, 3)
        self.reading.show_value("findings")
        session.selection_changed.connect(self._fill_paths)
        self.listen(session.document_changed, session.view_changed)
        session.worked_further.connect(self._say)
        session.shown_changed.connect(self._show)
        session.findings_changed.connect(self._fill_findings)
        session.highlighted.connect(self._light_cards)

    def showEvent(self, event: QShowEvent | None) -> None:
        super().showEvent(event)
        self.session.want_findings(True)

    def hideEvent(self, event: QHideEvent | None) -> None:
        if self.lives:
            self.session.want_findings(False)

    def restyle(self) -> None:
        """Take the colours of the theme in force."""
        self.response.setMinimumHeight(round(_LEAST_CURVE * theme.scale()))
        self.response.restyle()
        self.refresh()
        self._fill_findings()

    def refresh(self) -> None:
        session = self.session
        gear = session.document.gear
        self.choice.show_mix(gear, session.mix)
        self.layer.show_value(session.layer)
        self.layer.buttons["measured"].setEnabled(session.shown.measured is not None)
        names = [seat.name for seat in gear.seats]
        if names != [self.seat.itemText(i) for i in range(self.seat.count())]:
            self.seat.clear()
            self.seat.addItems(names)
        self.seat.setCurrentText(session.seat)
        self._fill_paths()
        self._say()

    def _show(self) -> None:
        """A new forecast; while something is dragged, only the verdict changes with it."""
        if self.session.draft is None or not self.isVisible():
            self._due()
        else:
            self._say()

    def _say(self) -> None:
        session = self.session
        self.verdict.hold(session.draft is not None)
        figure = session.shown.figure(session.layer)
        a = session.arrangement
        if a is None:
            self.verdict.setText(tr("No arrangement yet: rough one in at Line-up"))
            self.under.setText("")
        elif figure is None and session.layer == "measured":
            self.verdict.setText(tr("No take of this yet: import one at Takes"))
            self.under.setText("")
        elif figure is None:
            self.verdict.setText(session.problem or tr("Calculating …"))
            self.under.setText("")
        else:
            what = session.mix.name
            self.verdict.setText(
                tr(
                    "{what} at the {seat}, {layer}: {value_db:.1f} dB from even",
                    what=what,
                    seat=session.seat,
                    layer=session.layer_words,
                    value_db=figure.value_db,
                )
            )
            self.under.setText(self._words(figure.low_hz, figure.high_hz))

    def _words(self, low: float, high: float) -> str:
        words = tr(
            "Judged {low:.0f} to {high:.0f} Hz, smoothed 1/{smoothing_per_octave} octave",
            low=low,
            high=high,
            smoothing_per_octave=SMOOTHING_PER_OCTAVE,
        )
        target = self.session.document.gear.judging.target
        words += "." if target.is_flat else tr(", against {words}.", words=target.words)
        if self.session.layer == "measured":
            return words + tr(" Filled: measured. Dotted: forecast.")
        if self.session.fitted.in_use and self.session.fitted.band is not None:
            words += tr(" Grey: four measurements in five would lie within.")
        room = self.session.believed.room
        if needs_working_out(room) and workable_hz(room) < HIGHEST_HZ:
            words += tr(
                " Above {workable_hz:.0f} Hz the empty box speaks: the room is large.",
                workable_hz=workable_hz(room),
            )
        if self.session.fields.working_out(room):
            done = tr("{share:.0f} % done", share=self.session.fields.share(room) * 100)
            words += tr(" Empty box until the room is worked out as it is ({done}).", done=done)
        elif why := self.session.fields.problem(room):
            words += tr(" Empty box: the room could not be worked out as it is. {why}", why=why)
        words += tr(
            " The forecast leaves {left_out} out.",
            left_out=left_out(room),
        )
        if self.session.shown.measured is not None:
            words += tr(" Dotted: measured.")
        return words

    def _read(self, what: str) -> None:
        self.readings.setCurrentIndex(int(what == "paths"))
        self.reading.show_value(what)
        self._fill_paths()

    def _fill_paths(self) -> None:
        # Not while dragging: a table that changes with every pixel cannot be read.
        if self.readings.currentIndex() == 1 and self.session.draft is None:
            self.paths.refresh()

    def _fill_findings(self) -> None:
        found = self.session.findings
        with self.cards as kept:
            if self.session.arrangement is not None and not self.session.problem:
                if found is None:
                    kept.words(tr("Looking for causes and remedies …"))
                elif not found:
                    kept.words(tr("Nothing strays by 3 dB or more."), role="empty")
                for number, finding in enumerate(found or ()):
                    make = partial(FindingCard, self.session)
                    kept.put(f"finding {number}", make).show_finding(finding)
            kept.gap()

    def _light_cards(self) -> None:
        lane = self.session.highlight.lane
        for widget in self.cards.widgets:
            if isinstance(widget, FindingCard):
                widget.light(lane is not None and lane == widget.lane)


class FindingCard(QFrame):
    """One finding: sentence, evidence, and a button that tries the remedy."""

    finding: Finding

    def __init__(self, session: Workbench) -> None:
        super().__init__()
        self.setObjectName("card")
        self.session = session
        row = FlowRow(self)
        row.setContentsMargins(10, 5, 12, 5)
        self._kept = Kept(row, session.home)
        self.setMouseTracking(True)

    def show_finding(self, finding: Finding) -> None:
        """Show that one."""
        self.finding = finding
        told = with_minus(f"{finding.evidence} {finding.advice}")
        with self._kept as kept:
            kept.put("sign", _Sign).show_kind(finding.feature.kind)
            with kept.column("words", 1) as words:
                words.layout.setSpacing(0)
                words.words(finding.headline, role="strong", wrap=True)
                words.words(told, wrap=True)
            if finding.remedy is not None and finding.remedy.move.gear is None:
                text = finding.remedy.move.text(self.session.settings.values.units)
                short = tr("Try {short}", short=_short(text))
                button = kept.button(short, "try-it", partial(self._try, text))
                button.setToolTip(tip(tr("Adds an arrangement with {what}.", what=text)))

    @property
    def lane(self) -> Lane | None:
        """Of its cause."""
        return self.finding.causes[0].mark.lane if self.finding.causes else None

    def light(self, lit: bool) -> None:
        """Show that its cause is pointed at."""
        if bool(self.property("lit")) != lit:
            self.setProperty("lit", lit)
            restyled(self)

    def enterEvent(self, event: QEvent | None) -> None:
        if self.finding.causes:
            mark = self.finding.causes[0].mark
            self.session.point_at(Highlight(mark.lane, mark))

    def leaveEvent(self, event: QEvent | None) -> None:
        self.session.point_at(Highlight())

    def _try(self, text: str) -> None:
        remedy = self.finding.remedy
        assert remedy is not None
        if self.session.do(
            tr("Try {what}", what=text), lambda d: add_arrangement(d, remedy.arrangement)
        ):
            self.session.show_arrangement(self.session.document.arrangements[-1].name)


class _Sign(QWidget):
    """A small hill or hatched hollow before the sentence."""

    def __init__(self) -> None:
        super().__init__()
        self._kind = ""
        self.setFixedSize(14, 34)

    def show_kind(self, kind: str) -> None:
        self._kind = kind
        self.update()

    def paintEvent(self, event: object) -> None:
        t = theme.current()
        with QPainter(self) as p:
            p.setRenderHint(QPainter.RenderHint.Antialiasing)
            rect = QRectF(1, 2, 11, 30)
            if self._kind == "hill":
                p.setPen(Qt.PenStyle.NoPen)
                p.setBrush(t.colour("ochre"))
            else:
                p.setPen(QPen(t.colour("teal"), 1))
                p.setBrush(QBrush(t.colour("teal"), Qt.BrushStyle.BDiagPattern))
            p.drawRoundedRect(rect, 3, 3)


def _short(text: str) -> str:
    """A remedy for a button: without what the sentence already says."""
    return (
        text.replace(" from the front wall", "")
        .replace("the whole triangle, ", "all, ")
        .replace(" above the floor", " high")
    )
