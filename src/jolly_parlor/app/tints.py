"""What the plan is tinted by: seats, a source's places, or the pressure at one frequency."""

from functools import partial
from typing import TYPE_CHECKING, Final

from jolly_parlor.app import jobs
from jolly_parlor.app.following import Follower
from jolly_parlor.placement.maps import EvennessMap, PressureMap

if TYPE_CHECKING:
    from jolly_parlor.app.session import Session

KINDS: Final = ("seat", "source", "pressure")
_FIRST_HZ = 60.0


class Tints(Follower):
    """The tint wished for and the newest one worked out."""

    def __init__(self, session: "Session") -> None:
        super().__init__(session)
        self.kind = ""
        self.shown: EvennessMap | PressureMap | None = None
        self.frequency_hz = _FIRST_HZ
        session.beside.answered.connect(self._take)
        session.beside.refused.connect(self._drop)

    def choose(self, kind: str) -> None:
        """One of KINDS, or nothing; choosing the one in force takes it away."""
        self.kind = "" if kind == self.kind else kind
        self.shown = None
        self.ask()

    def point(self, frequency_hz: float) -> None:
        """The frequency pointed at on the curve."""
        if frequency_hz != self.frequency_hz:
            self.frequency_hz = frequency_hz
            if self.kind == "pressure":
                self.ask()

    def item(self) -> str:
        """The source whose places the source map weighs: the selected one, else the left."""
        a, selected = self._session.arrangement, self._session.selected
        is_source = a is not None and selected in a.items and not selected.startswith("seat:")
        return selected if is_source else "left"

    def ask(self) -> None:
        """Ask for the tint as things stand."""
        session, a = self._session, self._session.arrangement
        if not self.kind and self.shown is None:
            return  # nothing shown, nothing wanted: the plan need not be painted again
        if not self.kind or a is None or session.problem:
            self._drop("tint", "")
            return
        job = partial(
            jobs.tint,
            self.kind,
            a,
            session.seat,
            session.combination,
            self.item(),
            session.alike,
            self.frequency_hz,
        )
        believed, in_drag = session.believed, session.draft is not None
        session.beside.ask("tint", believed.room, believed.gear, job, in_drag=in_drag)

    def _take(self, kind: str, answer: object) -> None:
        if kind == "tint":
            assert isinstance(answer, EvennessMap | PressureMap)
            self.shown = answer
            self.changed.emit()

    def _drop(self, kind: str, why: str) -> None:
        if kind == "tint":
            self._session.beside.drop("tint")
            self.shown = None
            self.changed.emit()
