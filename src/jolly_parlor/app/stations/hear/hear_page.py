"""Hear: arrangements before anything is lifted, blind where wanted; lessons in hearing."""

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QHideEvent, QResizeEvent, QShowEvent

from jolly_parlor.app import theme
from jolly_parlor.app.loop_player import LoopPlayer
from jolly_parlor.app.stations.base import Station, stacked
from jolly_parlor.app.stations.hear.adding_card import AddingCard
from jolly_parlor.app.stations.hear.audition_card import AuditionCard
from jolly_parlor.app.stations.hear.auditioned import Auditioned
from jolly_parlor.app.stations.hear.blind_card import BlindCard
from jolly_parlor.app.stations.hear.lesson_card import LessonCard
from jolly_parlor.app.stations.hear.listening_bar import ListeningBar
from jolly_parlor.app.widgets.entries import Choice
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.mix_choice import MixChoice
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.words import tr

_PAGES = [
    ("audition", tr("One against the other")),
    ("blind", tr("Blind")),
    ("lessons", tr("Lessons")),
    ("adding", tr("Two signals")),
]
_ROOM_FOR_BAR = 480
_UNDER = {
    "audition": tr("Switched at once and equally loud, before an hour of lifting lets you forget."),
    "blind": tr("Names hidden: what is still told apart is really heard."),
    "lessons": tr(
        "Two to five minutes each: what it is, how little of it you still "
        "hear, where in this room it happens."
    ),
    "adding": tr(
        "In phase +6 dB, at 90° +3, at 120° 0; beyond that they cancel, "
        "and only when their levels are close."
    ),
}


class HearStation(Station):
    """What arrangements sound like, and what to listen for."""

    id = "hear"
    question = tr("How does it sound?")

    def __init__(self, session: Workbench) -> None:
        super().__init__(session)
        self.player = LoopPlayer(session)
        self.mix = MixChoice("hearing")
        self.mix.chosen.connect(session.show_mix)
        self.head.addWidget(self.mix, 0, Qt.AlignmentFlag.AlignTop)
        self.page = "audition"
        self.pages = Choice(_PAGES, "hear-page")
        self.pages.chosen.connect(self.show_page)
        row = FlowRow()
        row.addWidget(self.pages)
        row.addStretch(1)
        self.body.addLayout(row)
        self.heard = Auditioned(session, self.player)
        self.audition, self.blind = AuditionCard(self.heard), BlindCard(self.heard)
        self.lessons = LessonCard(session, self.player)
        self.adding = AddingCard(session, self.player)
        self.sheets = {
            "audition": stacked(*self.audition.frames),
            "blind": stacked(self.blind.frame),
            "lessons": stacked(*self.lessons.frames),
            "adding": stacked(self.adding.frame),
        }
        for page in self.sheets.values():
            self.body.addWidget(page)
        self.bar = ListeningBar(self.player)
        self.body.addStretch(1)
        self._bar_below: bool | None = None
        self._place_bar()
        self.listen(session.document_changed, session.view_changed)
        self.show_page("audition")

    def resizeEvent(self, event: QResizeEvent | None) -> None:
        """Where there is little height, all of it is scrolled."""
        super().resizeEvent(event)
        self._place_bar()

    def _place_bar(self) -> None:
        """Under what scrolls, where there is room: silence is always at hand. Esc is anyway."""
        below = self.height() >= _ROOM_FOR_BAR * theme.scale()
        if below == self._bar_below:
            return
        self._bar_below = below
        outer = self.layout()
        assert outer is not None
        (outer if below else self.body).addWidget(self.bar.frame)

    def show_page(self, page: str) -> None:
        """One of the four. What another page plays falls silent."""
        if page != self.page:
            self.player.stop()
        self.page = page
        self.pages.show_value(page)
        for name, widget in self.sheets.items():
            widget.setVisible(name == page)
        self._look()
        self.refresh()

    def refresh(self) -> None:
        """Show what the page is of."""
        a = self.session.arrangement
        if a is None and self.page in ("audition", "blind"):
            self.verdict.setText(tr("Nothing to hear yet"))
            self.under.setText(
                tr("Rough in an arrangement at Line-up; two or more can be compared.")
            )
        else:
            self.verdict.setText(tr("Hear it before you lift it") if a else tr("Learn to hear"))
            self.under.setText(_UNDER[self.page])
        shown: dict[str, AuditionCard | BlindCard | LessonCard | AddingCard] = {
            "audition": self.audition,
            "blind": self.blind,
            "lessons": self.lessons,
            "adding": self.adding,
        }
        self.mix.show_mix(self.session.document.gear, self.session.mix)
        self.mix.setVisible(self.page in ("audition", "blind") and a is not None)
        for name in ("audition", "blind"):
            self.sheets[name].setVisible(name == self.page and a is not None)
        if self.isVisible():
            shown[self.page].refresh()

    def restyle(self) -> None:
        """A picture keeps its colours until it is drawn anew."""
        self.audition.forget_picture()
        self.refresh()

    def showEvent(self, event: QShowEvent | None) -> None:
        self._look()
        self._late = True  # what was hidden asks for nothing, so it has to now
        super().showEvent(event)

    def hideEvent(self, event: QHideEvent | None) -> None:
        """And fall silent when the page is left."""
        if self.lives:
            self.heard.looked_at = False
            self.player.stop()

    def _look(self) -> None:
        self.heard.looked_at = self.isVisible() and self.page in ("audition", "blind")
