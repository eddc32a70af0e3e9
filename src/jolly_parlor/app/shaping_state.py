"""The plan while it is being surveyed: which wall is in hand, whether angles are held right, what a
drag would make of it.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace

from PyQt6.QtCore import QObject, pyqtSignal

from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.acoustics.geometry.shaping import Shaped
from jolly_parlor.app.session import Session
from jolly_parlor.project.edits import set_room
from jolly_parlor.project.survey_edits import shape_room
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr


class ShapingState(QObject):
    """What plan and Survey share. `on` while Survey is shown."""

    changed = pyqtSignal()

    def __init__(self, session: Session) -> None:
        super().__init__()
        self._session = session
        self.on, self.square = False, True
        self._wall = ""
        self.preview: Shaped | None = None
        """What letting go would make, while something is dragged."""
        self.problem = ""
        """Why it cannot be so."""
        session.document_changed.connect(self.end)

    @property
    def wall(self) -> str:
        """The name of the wall in hand; the first one's where that is gone."""
        names = [wall.name for wall in self._session.document.room.walls]
        return self._wall if self._wall in names else names[0]

    @property
    def wall_for_openings(self) -> str:
        """The wall the user has taken in hand; before that, one behind the listener."""
        room = self._session.document.room
        if self._wall == self.wall:
            return self._wall
        behind = room.walls_towards("back")
        return room.sides[behind[-1]].name if behind else self.wall

    def show(self, on: bool) -> None:
        """Survey comes to the front, or goes."""
        if on != self.on:
            self.on = on
            self.changed.emit()

    def choose(self, wall: str) -> None:
        """Take a wall in hand."""
        if wall != self._wall:
            self._wall = wall
            self.changed.emit()

    def hold_square(self, square: bool) -> None:
        """Hold angles right, or release them."""
        self.square = square
        self.changed.emit()

    def apply(self, what: str, shape: Callable[[Room], Shaped]) -> bool:
        """One undoable change of the plan; a refusal is told in words."""
        return self._session.do(
            what, lambda document: shape_room(document, shape(document.room), what)
        )

    def line(self, what: str, edit: Callable[[Room], Room]) -> bool:
        """One undoable change of the survey that leaves the plan alone."""
        return self._session.do(what, lambda document: set_room(document, edit(document.room)))

    def rename(self, wall: str, to: str) -> bool:
        """Call a wall otherwise, wherever it is named."""

        def edit(room: Room) -> Room:
            def new(name: str) -> str:
                return to if name == wall else name

            return replace(
                room,
                walls=tuple(replace(w, name=new(w.name)) for w in room.walls),
                openings=tuple(replace(o, wall=new(o.wall)) for o in room.openings),
                slopes=tuple(replace(s, wall=new(s.wall)) for s in room.slopes),
                diagonals=tuple(
                    replace(d, start=new(d.start), end=new(d.end)) for d in room.diagonals
                ),
                faced=new(room.faced) if room.faced else None,
            )

        done = self.line(tr("Call the {wall} wall {to}", wall=wall, to=to), edit)
        if done:
            self._wall = to
            self.changed.emit()
        return done

    def try_out(self, shape: Callable[[Room], Shaped]) -> None:
        """Show what a drag would make."""
        try:
            self.preview, self.problem = shape(self._session.document.room), ""
        except Refused as error:
            self.preview, self.problem = None, str(error)
        self.changed.emit()

    def end(self) -> None:
        """Nothing is dragged any more."""
        self.preview, self.problem = None, ""
        self.changed.emit()
