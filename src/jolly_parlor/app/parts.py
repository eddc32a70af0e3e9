"""What the main window is made of, for those parts of it that need the others."""

from PyQt6.QtWidgets import QMainWindow

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


class WindowParts(QMainWindow):
    """The window's parts by name. `MainWindow` makes them."""

    session: Workbench
    settings: SettingsStore
    safety: SafetyCopy
    plan: PlanView
    survey: SurveyStation
    gear: GearStation
    lineup: LineupStation
    forecast: ForecastStation
    takes: TakesStation
    compare: CompareStation
    hear: HearStation
    finetune: FinetuneStation
    subs: SubsStation
    signoff: SignoffStation

    def _make_stations(self) -> dict[str, Station]:
        """In the order of the walk, by id. A new station is one line here and one above."""
        session = self.session
        self.survey, self.gear = SurveyStation(session), GearStation(session)
        self.lineup, self.forecast = LineupStation(session), ForecastStation(session)
        self.takes, self.compare = TakesStation(session), CompareStation(session)
        self.hear = HearStation(session)
        self.finetune = FinetuneStation(session, self.takes.measure)
        self.subs = SubsStation(session, self.takes.measure)
        self.signoff = SignoffStation(session, self.takes.measure)
        every: tuple[Station, ...] = (
            self.survey,
            self.gear,
            self.lineup,
            self.forecast,
            self.takes,
            self.compare,
            self.hear,
            self.finetune,
            self.subs,
            self.signoff,
        )
        return {station.id: station for station in every}

    def say(self, text: str) -> None:
        """Show a sentence under the header."""
        raise NotImplementedError

    def go(self, station: str) -> None:
        """Walk to the station of that id."""
        raise NotImplementedError

    def refresh(self) -> None:
        """Header, stones, names, menus."""
        raise NotImplementedError

    def restyle(self) -> None:
        """Put the theme of the settings in force."""
        raise NotImplementedError
