"""What the plan is tinted by: seats, a source's places, or the pressure at one frequency."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial
from typing import TYPE_CHECKING, Final

from jolly_parlor.app import jobs
from jolly_parlor.app.following import Follower
from jolly_parlor.app.questions import TINT, Models, Question
from jolly_parlor.app.session import Session
from jolly_parlor.placement.items import LEFT, Item, loudspeaker

if TYPE_CHECKING:
    from jolly_parlor.placement.maps import EvennessMap, PressureMap

KINDS: Final = ("seat", "source", "pressure", "hunt")
_FIRST_HZ = 60.0


class Tints(Follower):
    """The tint wished for and the newest one worked out."""

    def __init__(self, session: Session) -> None:
        super().__init__(session)
        self.kind = ""
        self.shown: EvennessMap | PressureMap | None = None
        self.frequency_hz = _FIRST_HZ

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

    def item(self) -> Item:
        """The loudspeaker whose places the source map weighs: the selected one, else the first
        that plays.
        """
        a, selected = self._session.arrangement, self._session.selected
        if a is not None and selected.makes_sound and selected in a.items:
            return selected
        playing = self._session.mix.loudspeakers
        return LEFT if LEFT.id in playing else loudspeaker(playing[0])

    def ask(self) -> None:
        """Ask for the tint as things stand."""
        session, a = self._session, self._session.arrangement
        if not self.kind and self.shown is None:
            return  # nothing shown, nothing wanted: the plan need not be painted again
        if not self.kind or a is None or session.problem:
            self._drop("")
            return
        heard, hunts = session.listening_to(a), session.document.by_ear.hunts
        job: Callable[[Models], EvennessMap | PressureMap]
        if self.kind == "hunt" and hunts:
            job = partial(jobs.hunt_tint, a, hunts[-1], session.seat)
        else:
            job = partial(
                jobs.tint, self.kind, heard, self.item(), session.alike, self.frequency_hz
            )
        believed, in_drag = session.believed, session.draft is not None
        session.beside.ask(
            Question(TINT, believed.room, believed.gear, job, self._take, self._drop, in_drag)
        )

    def _take(self, found: EvennessMap | PressureMap) -> None:
        self.shown = found
        self.changed.emit()

    def _drop(self, why: str) -> None:
        self._session.beside.drop(TINT)
        self.shown = None
        self.changed.emit()
        if why:
            self._session.told.emit(why)
