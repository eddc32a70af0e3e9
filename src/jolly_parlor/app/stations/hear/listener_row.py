"""Who listens, and how far that person has come; kept beside the settings, never in a document."""

from PyQt6.QtCore import QObject, pyqtSignal
from PyQt6.QtWidgets import QWidget

from jolly_parlor.app import sound_dialogs
from jolly_parlor.app.widgets.entries import choice_field, label
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.refused import Refused
from jolly_parlor.training.lessons import Lesson
from jolly_parlor.training.progress import People, Person, course_words
from jolly_parlor.words import tr

_NEW, _USUAL = tr("Somebody else …"), tr("Listener")


class ListenerRow(QObject):
    """`widgets` are a label and a choice."""

    changed = pyqtSignal()

    def __init__(self, session: Workbench, people: People | None = None) -> None:
        super().__init__()
        self.session = session
        self.people = people or People()
        self.who = choice_field("listener", ())
        self.who.activated.connect(self._choose)
        self.widgets: tuple[QWidget, ...] = (label(tr("Who listens:"), "soft"), self.who)
        self.person = Person(session.settings.values.listener or _USUAL)
        self._begun = False

    def begin(self) -> None:
        """Read who there is, once somebody comes to learn: the window's start need not."""
        if not self._begun:
            self._begun = True
            self._read(self.person.name)

    def keep(self, lesson: str, room: str, threshold: float, trials: int) -> str:
        """A result; what must be said of it."""
        self.person = self.person.with_result(lesson, room, threshold, trials)
        try:
            self.people.keep(self.person)
        except Refused as error:
            return str(error)
        self._remember()
        self._offer()
        return tr("Kept for {name}.", name=self.person.name)

    def course(self, lesson: Lesson) -> str:
        """How far this person has come in a lesson."""
        results = self.person.of(lesson.id)
        best = min((one.threshold for one in results), default=0.0)
        return f"{self.person.name}: {course_words(results, lesson.size_words(best))}"

    def _choose(self, index: int) -> None:
        name: str | None = self.who.itemText(index)
        if index == self.who.count() - 1:
            name = sound_dialogs.ask_name(self.who)
        if name:
            self._read(name)
        self._offer()
        self.changed.emit()

    def _read(self, name: str) -> None:
        try:
            self.person, said = self.people.person(name)
        except Refused as error:
            self.session.refused.emit(str(error))
            return
        if said:
            self.session.told.emit(said)
        self._remember()
        self._offer()

    def _remember(self) -> None:
        settings = self.session.settings
        if self.person.name != (settings.values.listener or _USUAL):
            settings.change(listener=self.person.name)

    def _offer(self) -> None:
        names = sorted({*self.people.names(), self.person.name}, key=str.casefold)
        self.who.clear()
        self.who.addItems([*names, _NEW])
        self.who.setCurrentIndex(names.index(self.person.name))
