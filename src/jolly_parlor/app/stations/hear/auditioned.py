"""What is heard one against the other: who takes part, how, with which piece; which is heard."""

from dataclasses import replace
from functools import partial
from pathlib import Path

from PyQt6.QtCore import QObject, pyqtSignal

from jolly_parlor.analysis.hearing import Asked, Basis, Through
from jolly_parlor.app import hearing_jobs
from jolly_parlor.app.errands import waited_for
from jolly_parlor.app.hearing_jobs import ToHear
from jolly_parlor.app.loop_player import LoopPlayer
from jolly_parlor.app.questions import HEARD_FIRST, HEARING, Question
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.audition.piece_heard import MOST, PIECES
from jolly_parlor.audition.transfers import RATE_HZ
from jolly_parlor.project.document import Document
from jolly_parlor.refused import Refused
from jolly_parlor.signals.looping import Loop
from jolly_parlor.signals.own_piece import OwnPiece, read_piece
from jolly_parlor.signals.programme import PROGRAMMES
from jolly_parlor.studio.loop_stream import Weights
from jolly_parlor.words import tr

_WORKING_OUT = tr("The room is being worked out with its things; it can be heard in a moment.")


class Auditioned(QObject):
    """Asks only while somebody looks."""

    changed = pyqtSignal()

    def __init__(self, session: Workbench, player: LoopPlayer) -> None:
        super().__init__()
        self.session, self.player = session, player
        self.basis: Basis = "forecast"
        self.through: Through = "headphones"
        self.piece: str = PIECES[0]
        self.own: OwnPiece | None = None
        self._path: Path | None = None
        self._chosen: tuple[str, ...] | None = None
        self.found: ToHear | None = None
        self.why = ""
        """Why nothing can be heard; or that it is on its way."""
        self.heard = ""
        """The name of the one that is heard."""
        self.looked_at = False
        self._of: tuple[object, ...] = ()
        self._wanted = False
        self._asked: tuple[Document, Asked, str | Loop] | None = None

    @property
    def names(self) -> tuple[str, ...]:
        """Who takes part, in the document's order."""
        every = [a.name for a in self.session.document.arrangements]
        wanted = every if self._chosen is None else self._chosen
        return tuple(name for name in every if name in wanted)[:MOST]

    @property
    def now(self) -> str:
        """What stands in the room: the one on the plan."""
        a = self.session.arrangement
        return a.name if a is not None else ""

    @property
    def piece_name(self) -> str:
        """What is played, as it is called."""
        if self.piece == "own" and self.own is not None:
            return self.own.name
        return PROGRAMMES[self.piece].name

    @property
    def index(self) -> int:
        """Which of those found is heard, or would be."""
        names = self.found.audition.names if self.found is not None else ()
        return names.index(self.heard) if self.heard in names else 0

    def refresh(self) -> None:
        """Ask anew where anything differs from what was asked last."""
        if not self.looked_at:
            return
        session, names = self.session, self.names
        document = session.believed
        if not names:
            self._nothing("")
            return
        if session.fields.working_out(document.room):
            session.fields.of(document.room)  # begins where nobody has asked yet
            self._nothing(_WORKING_OUT)
            return
        piece = self.own.loop if self.own is not None and self.piece == "own" else self.piece
        asked = Asked(names, session.seat, session.mix, self.basis, self.through, self.now)
        now_counts = self.now if self.through == "loudspeakers" else ""
        of = (document, asked.names, asked.seat, asked.mix, asked.basis, asked.through, now_counts)
        if (*of, piece) == self._of:
            return
        self._of, self._asked = (*of, piece), (document, asked, piece)
        self.found, self.why = None, tr("Making it heard …")
        if self.player.plays_for(self):
            self._ask_first()
        job = partial(hearing_jobs.to_hear, document, asked, piece)
        session.ear.ask(
            Question(HEARING, document.room, document.gear, job, self._take, self._refuse)
        )
        self.changed.emit()

    def _ask_first(self) -> None:
        """The one that is heard, before the others are made: nobody waits for these."""
        if self._asked is None:
            return
        document, asked, piece = self._asked
        name = self.heard if self.heard in asked.names else asked.names[0]
        alone = replace(asked, names=(name,))
        job = partial(hearing_jobs.to_hear, document, alone, piece)
        self.session.ear.ask(
            Question(HEARD_FIRST, document.room, document.gear, job, self._take_first)
        )

    def _take_first(self, found: ToHear) -> None:
        if self.found is not None:
            return  # all of them were quicker
        if self._wanted or self.player.plays_for(self):
            self._wanted = False
            self.player.offer(self, found.played.matched.sounds, (1.0,), RATE_HZ)
            self.changed.emit()

    def take_part(self, name: str, takes_part: bool) -> None:
        """Whether an arrangement is among those heard."""
        others = tuple(one for one in self.names if one != name)
        self._chosen = (*others, name) if takes_part else others
        self.refresh()
        self.changed.emit()

    def use_piece(self, path: Path, from_seconds: float = 0.0) -> None:
        """A piece of the user's own, or say why not."""
        try:
            self.own = waited_for(lambda: read_piece(path, RATE_HZ, from_seconds))
        except Refused as error:
            self.session.refused.emit(str(error))
            return
        self._path, self.piece = path, "own"
        if self.own.notes:
            self.session.told.emit(" ".join(self.own.notes))
        self.refresh()
        self.changed.emit()

    def begin_at(self, seconds: float) -> None:
        """The same piece from another moment on."""
        if self._path is not None:
            self.use_piece(self._path, seconds)

    def hear(self, name: str) -> None:
        """Switch to that one; begin where nothing is heard yet, or once it has been made."""
        self.heard = name
        self._wanted = self.found is None
        if self.found is None:
            self._ask_first()
        elif self.player.plays_for(self):
            self.player.weigh(self, self._weights)
        else:
            self.player.offer(self, self.found.played.matched.sounds, self._weights, RATE_HZ)
        self.changed.emit()

    @property
    def _weights(self) -> Weights:
        assert self.found is not None
        names = self.found.audition.names
        return tuple(float(n == self.index) for n in range(len(names)))

    def _take(self, found: ToHear) -> None:
        self.found, self.why = found, ""
        if self.heard not in found.audition.names:
            self.heard = found.audition.names[0]
        if self._wanted:
            self.hear(self.heard)
            return
        self.player.instead(self, found.played.matched.sounds, self._weights)
        self.changed.emit()

    def _refuse(self, why: str) -> None:
        asked = self._of
        self._nothing(why)
        self._of = asked  # the same again would be refused again

    def _nothing(self, why: str) -> None:
        if (self._of, self.found, self.why, self._wanted) == ((), None, why, False):
            return  # told: whoever is told asks again
        self._of, self.found, self.why, self._wanted = (), None, why, False
        if self.player.plays_for(self):
            self.player.stop()
        self.changed.emit()
