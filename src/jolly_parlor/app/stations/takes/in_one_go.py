"""Measuring all that is missing of an arrangement in one go: every source at one place of the
microphone after another, what was spoilt once more, and silence at any key.
"""

from collections.abc import Callable
from typing import Protocol

from PyQt6.QtCore import QEvent, QObject, Qt
from PyQt6.QtGui import QKeyEvent
from PyQt6.QtWidgets import QApplication

from jolly_parlor.app.widgets.entries import label, named_button
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.items import seat as seat_item
from jolly_parlor.project.wanted_takes import Wanted
from jolly_parlor.signals.quality import Mark
from jolly_parlor.studio.quiet import Quiet
from jolly_parlor.words import plural, tr

_TRIES = 3
_MODIFIERS = {Qt.Key.Key_Shift, Qt.Key.Key_Control, Qt.Key.Key_Alt, Qt.Key.Key_Meta}


class Measures(Protocol):
    """What makes one take: the card that this row belongs to."""

    def missing(self) -> list[Wanted]:
        """The takes still to be made of the arrangement shown."""

    def measure(self, source: str, seat: str) -> None:
        """Begin a take."""

    def stop(self) -> None:
        """Silence at once."""

    def call(self) -> None:
        """Sound the call for the next place of the microphone."""

    def seconds_of(self, count: int) -> float:
        """How long so many takes play."""


class InOneGo(QObject):
    """The row and what it does. `row` is the layout."""

    def __init__(self, session: Workbench, card: Measures, by_itself: Callable[[], bool]) -> None:
        super().__init__()
        self.session, self._card, self._by_itself = session, card, by_itself
        self._left: list[Wanted] = []
        self._made = self._tries = 0
        self._seat = ""
        self.quiet = Quiet()
        self._waits = self._on = self._stopped = False
        self.row = FlowRow()
        self.begin_button = named_button(tr("Measure all of it"), "measure-all", self.begin)
        self.go_on_button = named_button(tr("It stands there: go on"), "measure-go-on", self.go_on)
        self.words = label("", wrap=True)
        self.words.setObjectName("measure-all-words")
        self.row.addWidget(self.begin_button)
        self.row.addWidget(self.go_on_button)
        self.row.addWidget(self.words, 1)
        self.go_on_button.hide()
        self.words.hide()

    @property
    def on(self) -> bool:
        """Whether it is under way, waiting for the microphone included."""
        return self._on

    def refresh(self, able: bool, count: int) -> None:
        """How many takes there are to make."""
        self.begin_button.setVisible(not self._on)
        self.begin_button.setEnabled(able and count > 1)
        self.go_on_button.setVisible(self._waits)
        if not self._on:
            seconds = self._card.seconds_of(count)
            self.begin_button.setToolTip(
                tr(
                    "{takes}, {seconds:.0f} s of sound: one place of the microphone after "
                    "another, what was spoilt once more. Any key silences it.",
                    takes=plural(count, "{count} take", "{count} takes"),
                    seconds=seconds,
                )
            )

    def begin(self) -> None:
        """Make all takes that are missing."""
        left = self._card.missing()
        if self._on or not left:
            return
        self._left = left
        self._on, self._made, self._tries, self._seat = True, 0, 0, ""
        self._stopped = False
        self.quiet = Quiet()
        application = QApplication.instance()
        if application is not None:
            application.installEventFilter(self)
        self._next()

    def go_on(self) -> None:
        """The microphone stands where it was asked for."""
        if self._waits:
            self._waits = False
            self._play()

    def made(self, mark: Mark | None) -> None:
        """A take has been made, good or bad; None: stopped, or the device refused."""
        if not self._on:
            return
        if mark is None or self._stopped:
            self._made += mark not in (None, "bad")
            self._end(tr("Stopped after {count}; the rest can follow.", count=self._counted()))
            return
        self._tries += 1
        if mark == "bad" and self._tries < _TRIES:
            self._say(tr("That one was spoilt; once more."))
            self._play()
            return
        self._made += mark != "bad"
        self._left, self._tries = self._left[1:], 0
        if mark == "bad":
            self._end(
                tr(
                    "Stopped after {count}: {tries} were spoilt one after the other. What was "
                    "wrong stands above; put it right, then go on.",
                    count=self._counted(),
                    tries=_TRIES,
                )
            )
            return
        self._next()

    def eventFilter(self, watched: QObject | None, event: QEvent | None) -> bool:
        """Any key silences it while it plays; Escape ends it while it waits."""
        if not isinstance(event, QKeyEvent) or event.type() != QEvent.Type.KeyPress:
            return False
        if event.key() in _MODIFIERS or (self._waits and event.key() != Qt.Key.Key_Escape):
            return False
        if self._waits:
            self._end(tr("Stopped after {count}; the rest can follow.", count=self._counted()))
        else:
            self._stopped = True
            self._card.stop()
        return True

    def _next(self) -> None:
        if not self._left:
            self._end(tr("All of it is measured: {count}.", count=self._counted()))
            return
        seat = self._left[0][1]
        first, moved = not self._seat, seat != self._seat
        self._seat = seat
        if not moved or (first and seat == self.session.seat) or self._by_itself():
            self._play()
            return
        self.session.show_seat(seat)
        self.session.select(seat_item(seat))
        self._waits = True
        self._say(
            tr(
                "Put the microphone at the {seat}, as the plan shows it: {left} to come.",
                seat=seat,
                left=plural(len(self._left), "{count} take", "{count} takes"),
            )
        )
        self.go_on_button.show()
        self.go_on_button.setFocus()
        if not first:
            self._card.call()

    def _play(self) -> None:
        self.go_on_button.hide()
        source, seat = self._left[0]
        self._say(
            tr(
                "{number} of {count}. Any key silences it.",
                number=self._made + 1,
                count=self._made + len(self._left),
            )
        )
        self._card.measure(source, seat)

    def _counted(self) -> str:
        return plural(self._made, "{count} take", "{count} takes")

    def _say(self, words: str) -> None:
        self.words.setText(words)
        self.words.show()

    def _end(self, words: str) -> None:
        self._on = self._waits = False
        application = QApplication.instance()
        if application is not None:
            application.removeEventFilter(self)
        self.go_on_button.hide()
        self._say(words)
        self.begin_button.show()
