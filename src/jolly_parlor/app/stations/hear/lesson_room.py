"""Which room the lessons are of: the one at hand, or the demo's; what it has of a lesson."""

from functools import lru_cache, partial

from PyQt6.QtCore import QObject, pyqtSignal

from jolly_parlor.app import hearing_jobs
from jolly_parlor.app.questions import LESSON, Question
from jolly_parlor.app.samples import DEMO
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.mixes import with_subwoofers
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import open_project
from jolly_parlor.training.here import Here, LessonId
from jolly_parlor.words import tr


class LessonRoom(QObject):
    """Asks for one lesson at a time."""

    changed = pyqtSignal()

    def __init__(self, session: Workbench) -> None:
        super().__init__()
        self.session = session
        self.own = True
        self.here: Here | None = None
        self.why = ""
        self._of: tuple[object, ...] = ()

    @property
    def name(self) -> str:
        """What the room is called."""
        return self._document.room.name or tr("This room")

    @property
    def has_own(self) -> bool:
        """Whether the room at hand can be listened to."""
        return self.session.arrangement is not None and not self.session.problem

    def want(self, lesson: LessonId) -> None:
        """Ask for it, where anything differs from what was asked last."""
        document = self._document
        session = self.session
        if document is session.believed:
            a = session.arrangement
            assert a is not None
            case = document.case(a, session.seat, with_subwoofers(document.gear))
        else:
            demo = document.arrangements[0]
            seat = document.gear.seats[0].name
            case = document.case(demo, seat, with_subwoofers(document.gear))
        of = (document.room, document.gear, document.wishes, case, lesson)
        if of == self._of:
            return
        self._of, self.here, self.why = of, None, tr("Looking for it in the room …")
        job = partial(hearing_jobs.lesson_here, case, document.wishes, lesson)
        session.ear.ask(
            Question(LESSON, document.room, document.gear, job, self._take, self._refuse)
        )
        self.changed.emit()

    @property
    def _document(self) -> Document:
        return self.session.believed if self.own and self.has_own else _demo()

    def _take(self, here: Here) -> None:
        self.here, self.why = here, ""
        self.changed.emit()

    def _refuse(self, why: str) -> None:
        self.here, self.why = None, why
        self.changed.emit()


@lru_cache(maxsize=1)
def _demo() -> Document:
    return open_project(DEMO).project.document
