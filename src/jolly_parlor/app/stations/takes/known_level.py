"""How loud full scale is: from a calibrator's tone, from what a phone reads while noise plays, or
from the microphone's sensitivity where the input's full scale is known in volts.
"""

from collections.abc import Callable
from dataclasses import replace

from jolly_parlor.app import level_dialogs
from jolly_parlor.app.stations.takes.equipment import Equipment
from jolly_parlor.app.task import Token, Work
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.project.staging import stage_of
from jolly_parlor.refused import Refused
from jolly_parlor.studio.levelling import full_scale_of_tone, heard_dba
from jolly_parlor.words import tr

Start = Callable[[Work, Callable[..., None], str], None]


class KnownLevel:
    """Asks which way, goes it, keeps what it brings. start: what runs work with the device."""

    def __init__(
        self,
        session: Workbench,
        equipment: Equipment,
        start: Start,
        say: Callable[[str], None],
        output_db: Callable[[], float],
    ) -> None:
        self._session, self._equipment = session, equipment
        self._start, self._say, self._output_db = start, say, output_db

    def ask(self) -> None:
        """Which way, and what it needs."""
        document, a = self._session.document, self._session.arrangement
        if a is None:
            return
        parent, microphone = self._equipment.device, self._equipment.microphone
        way = level_dialogs.ask_way(parent, microphone)
        if way == "file" and microphone is not None:
            if microphone.own_full_scale_db_spl is not None:
                self._keep(microphone.own_full_scale_db_spl)
            return
        if way == "volts" and microphone is not None:
            volts = level_dialogs.ask_volts(parent)
            found = None if volts is None else microphone.full_scale_db_spl(volts)
            if found is not None:
                self._keep(found)
            return
        tone = level_dialogs.ask_tone(parent) if way == "tone" else None
        if way is None or (way == "tone" and tone is None):
            return
        try:
            stage = stage_of(document, a, document.gear.seats[0].name)
            studio = self._equipment.studio()
        except Refused as error:
            self._session.refused.emit(str(error))
            return
        output_db = self._output_db()

        def listen(token: Token) -> float:
            if tone is not None:
                return full_scale_of_tone(studio, stage, tone, token.share, token.stopped)
            return heard_dba(studio, "left", stage, output_db, token.share, token.stopped)

        done = self._keep if tone is not None else self._ask_reading
        self._start(listen, done, tr("calibration"))

    def _ask_reading(self, heard: float) -> None:
        reading = level_dialogs.ask_reading(self._equipment.device)
        if reading is not None:
            self._keep(reading - heard)

    def _keep(self, full_scale_db_spl: float) -> None:
        settings = self._session.settings
        settings.change(card=replace(settings.values.card, full_scale_db_spl=full_scale_db_spl))
        self._say(
            tr(
                "Full scale is {full_scale_db_spl:.1f} dB SPL. Do not touch the input's gain.",
                full_scale_db_spl=full_scale_db_spl,
            )
        )
