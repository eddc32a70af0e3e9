"""What the figure beside it is, in plain words, and what may be set about it."""

from dataclasses import replace

from PyQt6.QtWidgets import (
    QDialog,
    QFormLayout,
    QHBoxLayout,
    QPushButton,
    QVBoxLayout,
    QWidget,
)

from jolly_parlor.app import dialogs
from jolly_parlor.app.widgets.entries import Choice, label, named_button, number_field
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.evenness import DIP_WEIGHT, MATCH_WEIGHT, SMOOTHING_PER_OCTAVE
from jolly_parlor.placement.judging import FLAT_TARGET, TAKES_TO_HZ, USUAL_JUDGING, Judging
from jolly_parlor.placement.mixes import judged_band
from jolly_parlor.project.judging_edits import read_target, set_judging
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

_WORDS = tr(
    "<p><b>dB from even</b> says how far what is heard strays from its "
    "target on the whole. 0 dB would be perfectly even; of two places, "
    "the one with the smaller figure is the more even.</p><p>The level "
    "is averaged over 1/{smoothing_per_octave} octave and held against "
    "the target and against its own mean, so loudness does not count. "
    "Squares are averaged over the band; a hollow weighs "
    "{dip_weight:g} times as much as a hill of its size, since a hill "
    "can be turned down and a cancellation cannot be filled (common "
    "practice, no source).</p><p>The search weighs both monitors "
    "together at half and each alone at a quarter, over the points a "
    "head moves through, and what left and right differ by at a tenth "
    "of its square ({match_weight:g}).</p>",
    smoothing_per_octave=SMOOTHING_PER_OCTAVE,
    dip_weight=DIP_WEIGHT,
    match_weight=MATCH_WEIGHT,
)
_TRADE_FROM_HZ = 30.0
_WIDTH = 660


class JudgingDialog(QDialog):
    """Explains and sets the band and the target; what is set counts at once and can be undone."""

    def __init__(self, parent: QWidget, session: Workbench) -> None:
        super().__init__(parent)
        self.session = session
        self.setWindowTitle(tr("What is this figure?"))
        self.setObjectName("judging")
        layout = QVBoxLayout(self)
        layout.setContentsMargins(22, 16, 22, 14)
        layout.setSpacing(8)
        words = label(_WORDS, wrap=True, rich=True)
        words.setMinimumHeight(words.heightForWidth(_WIDTH - 44) + 6)
        layout.addWidget(words)
        self.now = label("", "strong", wrap=True)
        layout.addWidget(self.now)
        layout.addLayout(self._band())
        layout.addLayout(self._against())
        self.why = label("", "warning", wrap=True)
        layout.addWidget(self.why)
        row = QHBoxLayout()
        more = named_button(tr("A worked example …"), "judging-example", self._example)
        row.addWidget(more)
        row.addStretch(1)
        row.addWidget(named_button(tr("Close"), "judging-close", self.accept))
        layout.addLayout(row)
        self.setFixedWidth(_WIDTH)
        for button in self.findChildren(QPushButton):
            button.setAutoDefault(False)  # Return commits a field and presses nothing
        self._show()

    def _example(self) -> None:
        self.accept()
        self.session.guide_wanted.emit("evenness")

    def _band(self) -> QFormLayout:
        form = QFormLayout()
        self.low = number_field("judged-from", tr("Hz"), 0)
        self.low.committed.connect(lambda hz: self._set(from_hz=hz))
        self.high = number_field("judged-to", tr("Hz"), 0)
        self.high.committed.connect(lambda hz: self._set(to_hz=hz))
        self.takes = number_field("judged-takes-to", tr("Hz"), 0)
        self.takes.committed.connect(lambda hz: self._set(takes_to_hz=hz))
        row = QHBoxLayout()
        for field, words in ((self.low, "to"), (self.high, tr("takes to")), (self.takes, "")):
            field.failed.connect(self._refuse)
            row.addWidget(field)
            if words:
                row.addWidget(label(words))
        usual = named_button(tr("As usual"), "judged-usual", self._as_usual)
        usual.setToolTip(tr("From the lowest corner of what plays to 300 Hz, forecasts and takes."))
        trade = named_button(tr("Takes 30 to 700 Hz"), "judged-trade", self._as_the_trade)
        trade.setToolTip(
            tr(
                "What many compare measured curves over. Forecasts end at 300 Hz; "
                "where both stand side by side, takes are judged as forecasts are."
            )
        )
        row.addStretch(1)
        row.addWidget(usual)
        row.addWidget(trade)
        form.addRow(tr("Judged from"), row)
        return form

    def _against(self) -> QFormLayout:
        form = QFormLayout()
        row = QHBoxLayout()
        self.kind = Choice([("flat", tr("Flat")), ("file", tr("Curve from a file …"))], "target")
        self.kind.chosen.connect(self._choose)
        row.addWidget(self.kind)
        row.addWidget(label(tr("with a slope of")))
        self.slope = number_field("target-slope", tr("dB per octave"), 1)
        self.slope.setMaximumWidth(140)
        self.slope.committed.connect(self._tilt)
        self.slope.failed.connect(self._refuse)
        row.addWidget(self.slope)
        row.addStretch(1)
        form.addRow(tr("Against"), row)
        return form

    def _show(self) -> None:
        document = self.session.document
        judging = document.gear.judging
        low, high, target = judged_band(document.gear, self.session.mix)
        takes = judged_band(document.gear, self.session.mix, takes=True).high_hz
        also = tr(", takes to {takes:.0f} Hz", takes=takes) if takes != high else ""
        what = self.session.mix.name
        self.now.setText(
            tr(
                "{what}: judged {low:.0f} to {high:.0f} Hz{also}, against {words}.",
                what=what,
                low=low,
                high=high,
                also=also,
                words=target.words,
            )
        )
        self.low.set_value(low)
        self.high.set_value(judging.to_hz)
        self.takes.set_value(judging.takes_to_hz or judging.to_hz)
        self.kind.show_value("file" if target.curve else "flat")
        self.slope.set_value(target.slope_db_per_octave)

    def _as_usual(self) -> None:
        self._put(replace(USUAL_JUDGING, target=self.session.document.gear.judging.target))

    def _as_the_trade(self) -> None:
        self._set(from_hz=_TRADE_FROM_HZ, takes_to_hz=TAKES_TO_HZ)

    def _set(self, **changes: object) -> None:
        judging = replace(self.session.document.gear.judging, **changes)  # type: ignore[arg-type]
        self._put(judging)

    def _tilt(self, slope: float) -> None:
        target = self.session.document.gear.judging.target
        self._set(target=replace(target, slope_db_per_octave=slope))

    def _choose(self, kind: str) -> None:
        slope = self.session.document.gear.judging.target.slope_db_per_octave
        if kind == "flat":
            self._set(target=replace(FLAT_TARGET, slope_db_per_octave=slope))
            return
        path = dialogs.choose_response(self, self.session.settings)
        if path is not None:
            try:
                self._set(target=read_target(path, slope))
            except Refused as error:
                self._refuse(str(error))
        self._show()

    def _put(self, judging: Judging) -> None:
        try:
            set_judging(self.session.document, judging)
        except Refused as error:
            self._refuse(str(error))
            for field in (self.low, self.high, self.takes, self.slope):
                field.reset()
            return
        self.why.setText("")
        self.session.do(tr("Judged otherwise"), lambda d: set_judging(d, judging))
        self._show()

    def _refuse(self, why: str) -> None:
        self.why.setText(why)


def figure_button(session: Workbench, parent: QWidget) -> QPushButton:
    """The small button beside a figure that opens the explanation."""
    asked = tr("What is this figure?"), "what-is-this-figure"
    button = named_button(*asked, lambda: JudgingDialog(parent, session).exec())
    button.setProperty("quiet", True)
    return button
