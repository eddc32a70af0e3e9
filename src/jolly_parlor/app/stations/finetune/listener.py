"""The simulated listener: asked on a thread of its own what is heard in the hidden room."""

from collections.abc import Callable
from typing import TypeVar

from jolly_parlor.app.measuring_desk import MeasuringDesk
from jolly_parlor.app.task import Task, Token
from jolly_parlor.project.staging import stage_of
from jolly_parlor.refused import Refused
from jolly_parlor.studio.device import Stage
from jolly_parlor.studio.simulated import SimulatedStudio

Told = TypeVar("Told")


class Listener:
    """Sits at the seat looked at of the arrangement shown, unless the work puts him elsewhere."""

    def __init__(self, measure: MeasuringDesk) -> None:
        self._measure, self._session = measure, measure.session
        self._run: Task | None = None
        self._session.closing.connect(self._end)

    @property
    def asked(self) -> bool:
        """Whether he is at it."""
        return self._run is not None

    def ask(
        self, work: Callable[[SimulatedStudio, Stage], Told], done: Callable[[Told], object]
    ) -> bool:
        """Do some listening, then `done` on the window's thread; False where it cannot be now."""
        session, a = self._session, self._session.arrangement
        if a is None or self._run is not None:
            return False
        try:
            stage = stage_of(session.document, a, session.seat)
        except Refused as error:
            session.refused.emit(str(error))
            return False
        studio = self._measure.equipment.simulated

        def listen(token: Token) -> Told:
            return work(studio, stage)

        self._run = Task("listening", listen)
        self._run.found.connect(done)
        self._run.refused.connect(session.refused.emit)
        self._run.finished.connect(self._finish)
        self._run.start()
        return True

    def _finish(self) -> None:
        self._run = None

    def _end(self) -> None:
        if self._run is not None:
            self._run.wait()
