"""The main window: header with stepping stones, the plan at the left, a station at the right."""

from __future__ import annotations

from functools import partial
from pathlib import Path

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QCloseEvent, QContextMenuEvent, QGuiApplication, QResizeEvent
from PyQt6.QtWidgets import (
    QApplication,
    QFrame,
    QHBoxLayout,
    QMenu,
    QSplitter,
    QStackedWidget,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from jolly_parlor.app import theme
from jolly_parlor.app.command_methods import Commands, first_station
from jolly_parlor.app.drops import Drops
from jolly_parlor.app.menus import Menus
from jolly_parlor.app.pictures import Pictures
from jolly_parlor.app.place import LEAST_PLAN, WindowPlace
from jolly_parlor.app.plan.arrows import MoveArrows
from jolly_parlor.app.plan.view import PlanView
from jolly_parlor.app.plan.zone_strips import ZoneStrips
from jolly_parlor.app.safety import LeftBehind, SafetyCopy
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.walk import WALK
from jolly_parlor.app.widgets.entries import LiveLabel, label, on_click
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.notice import Notice
from jolly_parlor.app.widgets.stones import SteppingStones
from jolly_parlor.app.widgets.working_line import WorkingLine
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.project.history import Project
from jolly_parlor.words import spoken, tr

_HINT = tr(" Drag anything, or N and arrow keys.")
_AIRY = 650
"""From so many pixels of height, with usual text, there is room for hints."""
_BESIDE = 60
"""What the header has beside its words and stones: margins, and a gap."""


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
        self._tight = False
        self.resize(1280, 800)
        self.station = first_station(document)
        self.stack = QStackedWidget()
        self.plan = PlanView(self.session)
        self.arrows = MoveArrows(self.plan)
        centre = QWidget()
        layout = QVBoxLayout(centre)
        layout.setContentsMargins(0, 0, 0, 0)
        layout.setSpacing(0)
        layout.addWidget(self._header())
        split = QSplitter(Qt.Orientation.Horizontal)
        split.setChildrenCollapsible(False)
        split.addWidget(self._plan_side())
        split.addWidget(self.stack)
        split.setStretchFactor(0, 0)
        split.setStretchFactor(1, 1)
        layout.addWidget(split, 1)
        self.setCentralWidget(centre)
        self.place = WindowPlace(
            self, split, self.settings, lambda: (self.session.path, self.station)
        )
        session = self.session
        calculators = session.live, session.slow, session.beside, session.ear
        self.working = WorkingLine(centre, calculators)
        self.drops = Drops(self)
        self.pictures = Pictures(self, self.settings, self.say)
        self.menus = Menus(self, self.session)
        self._connect()
        hints = QGuiApplication.styleHints()
        assert hints is not None
        # A method, not a lambda: hints outlive the window, and would keep it with all of it.
        hints.colorSchemeChanged.connect(self._follow_desktop)
        self.go(self.station)
        self.session.recalculate()
        self.session.neighbourhood.ask()
        self.refresh()
        self.plan.setFocus()

    def _header(self) -> QWidget:
        header = QFrame()
        header.setObjectName("header")
        row = QHBoxLayout(header)
        row.setContentsMargins(18, 4, 14, 4)
        self.wordmark = label(tr("Jolly Parlor"), "wordmark")
        row.addWidget(self.wordmark)
        self.room_name = label("", "room")
        self.room_name.setObjectName("room-title")
        row.addSpacing(14)
        row.addWidget(self.room_name)
        ids = list(WALK)
        self.stones = SteppingStones([stop.name for stop in WALK.values()])
        self.stones.stepped.connect(lambda index: self.go(ids[index]))
        row.addWidget(self.stones, 1)
        return header

    def _plan_side(self) -> QWidget:
        side = QWidget()
        side.setMinimumWidth(LEAST_PLAN)
        layout = QVBoxLayout(side)
        layout.setContentsMargins(12, 8, 0, 4)
        layout.setSpacing(2)
        row = FlowRow()
        back, ahead = QToolButton(), QToolButton()
        for button, text, step in ((back, "‹", -1), (ahead, "›", 1)):
            button.setText(text)
            button.setAutoRaise(True)
            button.setProperty("role", "step")
            button.setAccessibleName(
                tr("Previous arrangement") if step < 0 else tr("Next arrangement")
            )
            on_click(button, partial(self.session.show_next, step))
        self.arrangement_name = label("", "head", wrap=True)
        self.arrangement_name.setObjectName("arrangement-name")
        self.arrangement_count = label("", "soft")
        row.addWidget(back)
        row.addWidget(self.arrangement_name, 1)
        row.addWidget(ahead)
        row.addWidget(self.arrangement_count)
        layout.addLayout(row)
        layout.addWidget(self.plan, 1)
        self.strips = ZoneStrips(self.session)
        layout.addWidget(self.strips)
        self.live = LiveLabel("soft")
        self.live.setObjectName("live")
        layout.addWidget(self.live)
        self.notice = Notice(side)
        self.notice_text = self.notice.text
        return side

    def _connect(self) -> None:
        session = self.session
        session.refused.connect(self.say)
        session.told.connect(self.say)
        session.walked.connect(self.go)
        session.ledger_wanted.connect(self.show_ledger)
        session.guide_wanted.connect(self.show_guide)
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
        """Show a sentence under the plan."""
        self.notice.say(text)

    def go(self, station: str) -> None:
        """Walk to the station of that id."""
        self.station = station
        self.stack.setCurrentWidget(self.stations[station])
        self.session.shaping.show(station == "survey")
        self.refresh()

    def refresh(self) -> None:
        session = self.session
        room = session.document.room.name
        self.room_name.setText(f"{room}{' *' if session.history.changed else ''}")
        self.setWindowTitle(f"{room}{' *' if session.history.changed else ''} · Jolly Parlor")
        every = [a.name for a in session.document.arrangements]
        a = session.arrangement
        self.arrangement_name.setText(a.name if a else tr("Nothing lined up"))
        if a is not None:
            picked = ", picked" if a.name == session.document.chosen else ""
            self.arrangement_count.setText(
                tr(
                    "{index} of {every}{picked}",
                    index=every.index(a.name) + 1,
                    every=len(every),
                    picked=picked,
                )
            )
        else:
            self.arrangement_count.setText("")
        self._refresh_live()
        states = [stop.state(session) for stop in WALK.values()]
        self.stones.show_states(states, list(WALK).index(self.station))
        self.menus.refresh()
        self.plan.tell()

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
        hint = "" if session.draft is not None or self._tight else _HINT
        return tr(
            "{name} at the {seat}, {basis}: {value_db:.1f} dB.{hint}",
            name=spoken(session.mix.name),
            seat=session.seat,
            basis=session.forecast_words,
            value_db=figure.value_db,
            hint=hint,
        )

    def resizeEvent(self, event: QResizeEvent | None) -> None:
        super().resizeEvent(event)
        wide = self.width()
        self._tight = self.height() < _AIRY * theme.scale()
        self._refresh_live()
        words = self.wordmark.sizeHint().width() + self.room_name.sizeHint().width()
        room = wide - self.stones.one_line
        self.wordmark.setVisible(room > self.wordmark.sizeHint().width() + _BESIDE)
        self.room_name.setVisible(room > words + _BESIDE)
        self.place.share(wide)

    def contextMenuEvent(self, event: QContextMenuEvent | None) -> None:
        """What can be taken along of what is pointed at."""
        assert event is not None
        one = self.pictures.under(self.childAt(event.pos()))
        if one is None:
            return
        menu = QMenu(self)
        self.pictures.offer(one, menu)
        if not menu.isEmpty():
            menu.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
            menu.popup(event.globalPos())

    def take_place(self) -> None:
        """As the user left it: size and place of the window, and where they were in it."""
        self.place.restore()
        kept = self.settings.station_of(self.session.path)
        if kept in WALK:
            self.go(kept)
        self.place.remember()

    def restyle(self) -> None:
        """Put the theme of the settings in force."""
        application = QApplication.instance()
        assert isinstance(application, QApplication)
        theme.scale_text(self.settings.values.text_percent)
        theme.apply(application, theme.wanted(self.settings.values.theme))
        for station in self.stations.made:
            station.restyle()
        self.plan.update()
        self.stones.update()
        self.refresh()

    def _follow_desktop(self, scheme: Qt.ColorScheme) -> None:
        if self.settings.values.theme == "desktop":
            self.restyle()

    def closeEvent(self, event: QCloseEvent | None) -> None:
        """Ask about unsaved changes, then end the threads."""
        assert event is not None
        if not self.may_leave():
            event.ignore()
            return
        self.place.keep()
        self.safety.forget()
        self.session.close()
        event.accept()

    def offer_recovery(self) -> None:
        """Take up what a crash left behind, if the user wants it; nothing goes unasked."""
        from jolly_parlor.app import dialogs

        for copy in self.safety.left_behind():
            if copy.project is None:
                self.say(
                    tr(
                        "A safety copy from {when} cannot be read. It is kept as {path}; "
                        "perhaps somebody can mend it.",
                        when=copy.when,
                        path=copy.path,
                    )
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
        self.say(tr("This is unsaved work that was taken up: save it under a name."))
