"""What the main window is made of, for those parts of it that need the others."""

from __future__ import annotations

from collections.abc import Iterator, Mapping
from functools import cached_property
from pathlib import Path
from typing import TYPE_CHECKING, TypeVar

from PyQt6.QtWidgets import QMainWindow, QStackedWidget

from jolly_parlor.app.walk import WALK
from jolly_parlor.app.widgets.entries import on_click

if TYPE_CHECKING:
    from jolly_parlor.app.first_steps import FirstRoomPage, StartPage
    from jolly_parlor.app.help_window import HelpWindow
    from jolly_parlor.app.pictures import Pictures
    from jolly_parlor.app.place import WindowPlace
    from jolly_parlor.app.plan.view import PlanView
    from jolly_parlor.app.safety import SafetyCopy
    from jolly_parlor.app.settings import SettingsStore
    from jolly_parlor.app.stations.base import Station
    from jolly_parlor.app.stations.compare.compare_page import CompareStation
    from jolly_parlor.app.stations.finetune.finetune_page import FinetuneStation
    from jolly_parlor.app.stations.forecast.forecast_page import ForecastStation
    from jolly_parlor.app.stations.gear.gear_page import GearStation
    from jolly_parlor.app.stations.hear.hear_page import HearStation
    from jolly_parlor.app.stations.lineup.lineup_page import LineupStation
    from jolly_parlor.app.stations.signoff.signoff_page import SignoffStation
    from jolly_parlor.app.stations.subs.subs_page import SubsStation
    from jolly_parlor.app.stations.survey.survey_page import SurveyStation
    from jolly_parlor.app.stations.takes.takes_page import TakesStation
    from jolly_parlor.app.workbench import Workbench

    S = TypeVar("S", bound=Station)
else:
    S = TypeVar("S")


class WindowParts(QMainWindow):
    """The window's parts by name. `MainWindow` makes them; a station is made, and what it is made
    with loaded, when somebody first goes there.
    """

    session: Workbench
    settings: SettingsStore
    safety: SafetyCopy
    plan: PlanView
    stack: QStackedWidget
    station: str
    """The id of the one somebody is at."""
    place: WindowPlace
    pictures: Pictures
    guide: HelpWindow | None = None

    @cached_property
    def stations(self) -> Stations:
        """By id, in the order of the walk."""
        return Stations(self)

    @cached_property
    def survey(self) -> SurveyStation:
        from jolly_parlor.app.stations.survey.survey_page import SurveyStation

        return self._put(SurveyStation(self.session))

    @cached_property
    def gear(self) -> GearStation:
        from jolly_parlor.app.stations.gear.gear_page import GearStation

        return self._put(GearStation(self.session))

    @cached_property
    def lineup(self) -> LineupStation:
        from jolly_parlor.app.stations.lineup.lineup_page import LineupStation

        return self._put(LineupStation(self.session))

    @cached_property
    def forecast(self) -> ForecastStation:
        """What is calculated of one."""
        from jolly_parlor.app.stations.forecast.forecast_page import ForecastStation

        return self._put(ForecastStation(self.session))

    @cached_property
    def takes(self) -> TakesStation:
        from jolly_parlor.app.stations.takes.takes_page import TakesStation

        return self._put(TakesStation(self.session))

    @cached_property
    def compare(self) -> CompareStation:
        """All of them against each other."""
        from jolly_parlor.app.stations.compare.compare_page import CompareStation

        return self._put(CompareStation(self.session))

    @cached_property
    def hear(self) -> HearStation:
        from jolly_parlor.app.stations.hear.hear_page import HearStation

        return self._put(HearStation(self.session))

    @cached_property
    def finetune(self) -> FinetuneStation:
        from jolly_parlor.app.stations.finetune.finetune_page import FinetuneStation

        return self._put(FinetuneStation(self.session, self.takes.measure))

    @cached_property
    def subs(self) -> SubsStation:
        """How the subwoofers are set."""
        from jolly_parlor.app.stations.subs.subs_page import SubsStation

        return self._put(SubsStation(self.session, self.takes.measure))

    @cached_property
    def signoff(self) -> SignoffStation:
        """What is kept."""
        from jolly_parlor.app.stations.signoff.signoff_page import SignoffStation

        made = self._put(SignoffStation(self.session, self.takes.measure))
        on_click(made.save, self.save_card)
        on_click(made.report, self.save_report)
        return made

    @cached_property
    def start_page(self) -> StartPage:
        """What is seen without a document."""
        from jolly_parlor.app.first_steps import StartPage

        made = StartPage()
        made.new_wanted.connect(self.new_document)
        made.open_wanted.connect(self.open_file)
        made.demo_wanted.connect(self.open_demo)
        self.stack.addWidget(made)
        return made

    @cached_property
    def first_room(self) -> FirstRoomPage:
        """The nine questions."""
        from jolly_parlor.app.first_steps import FirstRoomPage

        made = FirstRoomPage(self.session)
        made.answered.connect(self.propose_first)
        self.stack.addWidget(made)
        return made

    def new_document(self) -> None:
        """Start with an empty room."""
        raise NotImplementedError

    def open_file(self) -> None:
        """Ask for a document and open it."""
        raise NotImplementedError

    def open_demo(self) -> None:
        """Open a copy of the demo."""
        raise NotImplementedError

    def propose_first(self) -> None:
        """Search the room just told of."""
        raise NotImplementedError

    def open_dropped(self, path: Path) -> None:
        """Open a document in place of the one shown, if that may be left."""
        raise NotImplementedError

    def save_card(self) -> None:
        """Save the placement card of the current arrangement."""
        raise NotImplementedError

    def save_report(self) -> None:
        """Save the full report of the current arrangement."""
        raise NotImplementedError

    def say(self, text: str) -> None:
        """Show a sentence under the header."""
        raise NotImplementedError

    def go(self, station: str) -> None:
        """Walk to the station of that id."""
        raise NotImplementedError

    def refresh(self) -> None:
        raise NotImplementedError

    def restyle(self) -> None:
        """Put the theme of the settings in force."""
        raise NotImplementedError

    def _put(self, station: S) -> S:
        self.stack.addWidget(station)
        return station


class Stations(Mapping[str, "Station"]):
    """The stations of a window, each made when it is asked for."""

    def __init__(self, parts: WindowParts) -> None:
        self._parts = parts

    def __getitem__(self, station: str) -> Station:
        if station not in WALK:
            raise KeyError(station)
        found: Station = getattr(self._parts, station)
        return found

    def __iter__(self) -> Iterator[str]:
        return iter(WALK)

    def __len__(self) -> int:
        return len(WALK)

    @property
    def made(self) -> list[Station]:
        """Those somebody has gone to."""
        return [vars(self._parts)[name] for name in WALK if name in vars(self._parts)]
