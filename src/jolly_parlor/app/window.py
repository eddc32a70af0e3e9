"""The main window: header with stepping stones, the plan at the left, a station at the right."""

from pathlib import Path

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QCloseEvent
from PyQt6.QtWidgets import (
    QApplication,
    QFrame,
    QHBoxLayout,
    QLabel,
    QPushButton,
    QSplitter,
    QStackedWidget,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from jolly_parlor.app import dialogs, theme
from jolly_parlor.app.commands import Commands, first_station
from jolly_parlor.app.menus import Menus
from jolly_parlor.app.plan.view import PlanView
from jolly_parlor.app.plan.zone_strips import ZoneStrips
from jolly_parlor.app.safety import LeftBehind, SafetyCopy
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.widgets.fields import LiveLabel, label
from jolly_parlor.app.widgets.stones import SteppingStones
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.project.history import Project


class MainWindow(Commands):
    """Puts the parts together; what the menu does is in Commands."""

    def __init__(
        self,
        project: Project,
        path: Path | None = None,
        settings: SettingsStore | None = None,
        unsaved: Path | None = None,
    ) -> None:
        """unsaved: the folder of safety copies, the usual one by default."""
        super().__init__()
        self.settings = settings or SettingsStore()
        document = project.document
        self.session = Workbench(project, path, self.settings)
        if document.chosen:
            self.session.show_arrangement(document.chosen)
        self.safety = SafetyCopy(self.session, unsaved)
        self.resize(1280, 800)
        self.stations = self._make_stations()
        self.stack = QStackedWidget()
        for station in self.stations.values():
            self.stack.addWidget(station)
        self.plan = PlanView(self.session)
        centre = QWidget()
        layout = QVBoxLayout(centre)
        layout.setContentsMargins(0, 0, 0, 0)
        layout.setSpacing(0)
        layout.addWidget(self._header())
        layout.addWidget(self._notice())
        split = QSplitter(Qt.Orientation.Horizontal)
        split.setChildrenCollapsible(False)
        split.addWidget(self._plan_side())
        split.addWidget(self.stack)
        split.setStretchFactor(0, 0)
        split.setStretchFactor(1, 1)
        split.setSizes([384, 896])
        layout.addWidget(split, 1)
        self.setCentralWidget(centre)
        self.menus = Menus(self, self.session)
        self._connect()
        self.signoff.save.clicked.connect(self.save_card)
        self.signoff.report.clicked.connect(self.save_report)
        self.go(first_station(document))
        self.session.recalculate()
        self.session.neighbourhood.ask()
        self.refresh()
        self.plan.setFocus()

    def _header(self) -> QWidget:
        header = QFrame()
        header.setObjectName("header")
        row = QHBoxLayout(header)
        row.setContentsMargins(18, 4, 14, 4)
        self.wordmark = QLabel("Jolly Parlor")
        self.wordmark.setFont(theme.serif(17))
        self.wordmark.setStyleSheet(f"color: {theme.current().wine}")
        row.addWidget(self.wordmark)
        self.room_name = label("")
        self.room_name.setFont(theme.serif(12, italic=True))
        self.room_name.setObjectName("room-title")
        row.addSpacing(14)
        row.addWidget(self.room_name)
        row.addStretch(1)
        ids = list(self.stations)
        self.stones = SteppingStones([station.name for station in self.stations.values()])
        self.stones.stepped.connect(lambda index: self.go(ids[index]))
        row.addWidget(self.stones)
        return header

    def _notice(self) -> QWidget:
        """One sentence about what was refused or done, until the next change."""
        self.notice = QFrame()
        self.notice.setObjectName("notice")
        row = QHBoxLayout(self.notice)
        row.setContentsMargins(14, 4, 6, 4)
        self.notice_text = label("", wrap=True)
        self.notice_text.setObjectName("notice-text")
        row.addWidget(self.notice_text, 1)
        close = QPushButton("Understood")
        close.clicked.connect(self.notice.hide)
        row.addWidget(close)
        self.notice.hide()
        return self.notice

    def _plan_side(self) -> QWidget:
        side = QWidget()
        side.setMinimumWidth(330)
        layout = QVBoxLayout(side)
        layout.setContentsMargins(12, 8, 0, 4)
        layout.setSpacing(2)
        row = QHBoxLayout()
        back, ahead = QToolButton(), QToolButton()
        for button, text, step in ((back, "‹", -1), (ahead, "›", 1)):
            button.setText(text)
            button.setAutoRaise(True)
            button.setFont(theme.serif(16))
            button.setAccessibleName("Previous arrangement" if step < 0 else "Next arrangement")
            button.clicked.connect(lambda _, by=step: self.session.show_next(by))
        self.arrangement_name = label("", "head")
        self.arrangement_name.setObjectName("arrangement-name")
        self.arrangement_count = label("", "soft")
        row.addWidget(back)
        row.addWidget(self.arrangement_name)
        row.addWidget(ahead)
        row.addStretch(1)
        row.addWidget(self.arrangement_count)
        layout.addLayout(row)
        layout.addWidget(self.plan, 1)
        self.strips = ZoneStrips(self.session)
        layout.addWidget(self.strips)
        self.live = LiveLabel("soft")
        self.live.setObjectName("live")
        layout.addWidget(self.live)
        return side

    def _connect(self) -> None:
        session = self.session
        session.refused.connect(self.say)
        session.told.connect(self.say)
        session.walked.connect(self.go)
        session.ledger_wanted.connect(self.show_ledger)
        for signal in (
            session.document_changed,
            session.view_changed,
            session.selection_changed,
        ):
            signal.connect(self.refresh)
        session.drafted.connect(self._refresh_live)
        session.shown_changed.connect(self._refresh_shown)
        session.document_changed.connect(self.notice.hide)

    def say(self, text: str) -> None:
        """Show a sentence under the header."""
        self.notice_text.setText(text)
        self.notice.show()

    def go(self, station: str) -> None:
        """Walk to the station of that id."""
        self.stack.setCurrentWidget(self.stations[station])
        self.session.shaping.show(station == "survey")
        self.refresh()

    def refresh(self) -> None:
        """Header, stones, names, menus."""
        session = self.session
        room = session.document.room.name
        self.room_name.setText(f"{room}{' *' if session.history.changed else ''}")
        self.setWindowTitle(f"{room}{' *' if session.history.changed else ''} · Jolly Parlor")
        every = [a.name for a in session.document.arrangements]
        a = session.arrangement
        self.arrangement_name.setText(a.name if a else "Nothing lined up")
        if a is not None:
            picked = ", picked" if a.name == session.document.chosen else ""
            self.arrangement_count.setText(f"{every.index(a.name) + 1} of {len(every)}{picked}")
        else:
            self.arrangement_count.setText("")
        self._refresh_live()
        states = [station.state() for station in self.stations.values()]
        self.stones.show_states(states, self.stack.currentIndex())
        self.menus.refresh()

    def _refresh_live(self) -> None:
        """What changes with every move of a drag."""
        self.live.hold(self.session.draft is not None)
        self.live.setText(self._live_words())

    def _refresh_shown(self) -> None:
        """A new forecast: stones and menus can wait until the drag is over."""
        if self.session.draft is None:
            self.refresh()
        else:
            self._refresh_live()

    def _live_words(self) -> str:
        session = self.session
        if session.arrangement is None:
            return ""
        figure = session.shown.figure("forecast")
        if session.problem or figure is None:
            return session.problem
        hint = "" if session.draft is not None else " Drag anything, or N and arrow keys."
        return f"Forecast {figure.value_db:.1f} dB from even at the {session.seat}.{hint}"

    def restyle(self) -> None:
        """Put the theme of the settings in force."""
        application = QApplication.instance()
        assert isinstance(application, QApplication)
        theme.apply(application, theme.THEMES[self.settings.values.theme])
        for station in self.stations.values():
            station.restyle()
        self.wordmark.setStyleSheet(f"color: {theme.current().wine}")
        self.plan.update()
        self.stones.update()
        self.refresh()

    def closeEvent(self, event: QCloseEvent | None) -> None:
        """Ask about unsaved changes, then end the threads."""
        assert event is not None
        if not self.may_leave():
            event.ignore()
            return
        self.safety.forget()
        self.session.close()
        event.accept()

    def offer_recovery(self) -> None:
        """Take up what a crash left behind, if the user wants it; nothing goes unasked."""
        for copy in self.safety.left_behind():
            if copy.project is None:
                self.say(
                    f"A safety copy from {copy.when} cannot be read. It is kept as {copy.path}; "
                    "perhaps somebody can mend it."
                )
                continue
            answer = dialogs.ask_recover(self, copy.project.document.room.name, copy.when)
            if answer == "take":
                self._take_up(copy)
                return  # one window holds one room; the others are offered next time
            if answer == "discard":
                self.safety.discard_copy(copy)

    def _take_up(self, copy: LeftBehind) -> None:
        project = copy.project
        assert project is not None
        self.session.load(project, None)
        self.session.history.unsaved()
        self.safety.take_up(copy)
        self.go(first_station(project.document))
        self.say("This is unsaved work that was taken up: save it under a name.")
