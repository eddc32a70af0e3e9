"""Learning to hear: what a thing is, with and without it; then which of two has it, ever smaller;
then where in this room it happens.
"""

from functools import partial

import numpy as np
from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QFrame, QPushButton, QVBoxLayout

from jolly_parlor.app import hearing_jobs, sound_dialogs, theme
from jolly_parlor.app.loop_player import LoopPlayer
from jolly_parlor.app.plots.effect_plot import EFFECT_HZ, EffectPlot
from jolly_parlor.app.plots.staircase_plot import StaircasePlot
from jolly_parlor.app.questions import LESSON_SOUND, Question
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.stations.hear.lesson_room import LessonRoom
from jolly_parlor.app.stations.hear.listener_row import ListenerRow
from jolly_parlor.app.stations.hear.sound_files import write_sounds
from jolly_parlor.app.widgets.entries import Choice, choice_field, label, named_button
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.steady import SteadySlider
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.audition.transfers import RATE_HZ
from jolly_parlor.signals.looping import Sound
from jolly_parlor.signals.programme import PROGRAMMES
from jolly_parlor.training.course import Course
from jolly_parlor.training.here import LessonId
from jolly_parlor.training.lessons import LESSONS, Lesson, Which, judged_words
from jolly_parlor.words import tr

_STEPS = 100
_RULE = tr("In the test two right in a row make it smaller, one wrong plainer (Levitt 1971).")
_WORKING_OUT = tr("The room is being worked out with its things; the lesson begins in a moment.")


class LessonCard:
    """`frames` are the widgets, in order."""

    def __init__(self, session: Workbench, player: LoopPlayer) -> None:
        self.session, self.player = session, player
        self.room = LessonRoom(session)
        self.seed: int | None = None
        """For tests: what would be drawn at random."""
        self.lesson: Lesson = next(iter(LESSONS.values()))
        self.course: Course | None = None
        self.sounds: dict[Which, Sound] = {}
        self._size = self.lesson.scale.size
        self._of: tuple[object, ...] = ()
        self._playing = ""
        self._wanted = self._last = ""
        self._played: dict[Which, Sound] = {}
        self.frame: QFrame
        self.frame, layout = card()
        self._build_chosen(layout)
        self._build_explored(layout)
        self._build_test(layout)
        self.ending: QFrame
        self.ending, told = card()
        told.addWidget(label(tr("Where it happens"), "head"))
        self.where = label("", wrap=True)
        self.where.setObjectName("lesson-where")
        self.placing = label("", "soft", wrap=True)
        self.placing.setObjectName("lesson-placing")
        told.addWidget(self.where)
        told.addWidget(self.placing)
        self.frames = (self.frame, self.ending)
        self.room.changed.connect(self._due)
        player.changed.connect(self._due)

    def _build_chosen(self, layout: QVBoxLayout) -> None:
        row = FlowRow()
        row.setSpacing(8)
        self.choice = choice_field("lesson", tuple(one.name for one in LESSONS.values()))
        self.choice.activated.connect(self._choose)
        self.piece = choice_field(tr("lesson piece"), ())
        self.piece.activated.connect(lambda _: self._new_sounds())
        self.rooms = Choice(
            [("own", tr("This room")), ("demo", tr("The demo room"))], "lesson-room"
        )
        self.rooms.chosen.connect(self._choose_room)
        row.addWidget(label(tr("Lesson"), "head"))
        row.addWidget(self.choice)
        row.addWidget(label("with", "soft"))
        row.addWidget(self.piece)
        row.addStretch(1)
        row.addWidget(label("of", "soft"))
        row.addWidget(self.rooms)
        layout.addLayout(row)
        self.told = label("", wrap=True)
        self.told.setObjectName("lesson-told")
        layout.addWidget(self.told)

    def _build_explored(self, layout: QVBoxLayout) -> None:
        self.plot = EffectPlot()
        layout.addWidget(self.plot)
        row = FlowRow()
        row.setSpacing(8)
        self.hears: dict[str, QPushButton] = {}
        for name, title in (("with", tr("With it")), ("without", tr("Without"))):
            button = named_button(title, f"lesson-{name}", partial(self.hear, name))
            button.setCheckable(True)
            self.hears[name] = button
            row.addWidget(button)
        self.slider = SteadySlider(Qt.Orientation.Horizontal)
        self.slider.setObjectName("lesson-size")
        self.slider.setAccessibleName(tr("How plain it is"))
        self.slider.setRange(0, _STEPS)
        theme.keep_width(self.slider, 170, 170)
        self.slider.valueChanged.connect(self._slide)
        self.size = label("", "strong")
        self.size.setObjectName("lesson-size-words")
        self.as_here = named_button(tr("As it is here"), "lesson-as-here", self._as_here)
        self.files = named_button(tr("As WAV …"), "lesson-wav", self.save)
        for widget in (self.slider, self.size):
            row.addWidget(widget)
        row.addStretch(1)
        row.addWidget(self.as_here)
        layout.addLayout(row)

    def _build_test(self, layout: QVBoxLayout) -> None:
        self.listener = ListenerRow(self.session)
        self.listener.changed.connect(self._show)
        row = FlowRow()
        row.setSpacing(8)
        self.begin = named_button(tr("Test yourself"), "lesson-begin", self.start)
        self.begin.setProperty("strong", True)
        row.addWidget(self.begin)
        for name in ("1", "2"):
            button = named_button(
                tr("Hear {name}", name=name), f"lesson-hear-{name}", partial(self.hear, name)
            )
            button.setCheckable(True)
            self.hears[name] = button
            row.addWidget(button)
        self.answers = [
            named_button(tr("It is in {n}", n=n + 1), f"lesson-answer-{n}", partial(self.answer, n))
            for n in (0, 1)
        ]
        row.addSpacing(14)
        for button in self.answers:
            row.addWidget(button)
        self.leave = named_button(tr("Give up"), "lesson-leave", self.give_up)
        row.addWidget(self.leave)
        row.addStretch(1)
        for widget in (*self.listener.widgets, self.files):
            row.addWidget(widget)
        layout.addLayout(row)
        self.words = label("", "soft", wrap=True)
        self.words.setObjectName("lesson-words")
        layout.addWidget(self.words)
        self.cellar = StaircasePlot()
        layout.addWidget(self.cellar)

    def refresh(self) -> None:
        """What the room has of the lesson, and the sounds of it."""
        self.listener.begin()
        own = self.room.own and self.room.has_own
        room = self.session.believed.room
        if own and self.session.fields.working_out(room):
            self.session.fields.of(room)
            self.room.why = _WORKING_OUT
        else:
            self.room.want(self.lesson.id)
            self._new_sounds()
        self._show()

    def hear(self, which: str) -> None:
        """With or without it; the first or second of a trial."""
        self._wanted = self._playing = which
        if self.sounds:
            self._play()
        self._show()

    def start(self) -> None:
        """A test from the top of the stairs."""
        self.course = Course.begun(self.lesson.scale, self.seed)
        self._wanted = self._playing = "1"
        self._set_size(self.course.size)

    def answer(self, which: int) -> None:
        """It is in the first (0) or the second (1)."""
        course = self.course
        if course is None or course.finished:
            return
        right = which == course.hidden
        self.course = course.answered(which)
        self._last = tr("Right.") if right else tr("It was in {hidden}.", hidden=course.hidden + 1)
        if self.course.finished:
            self._finish(self.course)
            return
        self._wanted = self._playing = "1"
        self._set_size(self.course.size)

    def give_up(self) -> None:
        """Back to exploring; nothing is kept."""
        self._explore()
        self.player.stop()
        self._show()

    def _explore(self) -> None:
        """A trial that was under way is let go, with what was still to be heard of it."""
        self.course = None
        if self._playing in ("1", "2"):
            self._playing = self._wanted = ""

    def save(self) -> None:
        """With and without it, as files."""
        folder = sound_dialogs.ask_folder(self.frame, self.session.settings)
        if folder is None or not self.sounds:
            return
        if self._testing:
            course = self.course
            assert course is not None
            trial = len(course.steps) + 1
            made = {
                tr("{n} of trial {trial}", n=n, trial=trial): self.sounds[self._which(n)]
                for n in ("1", "2")
            }
        else:
            name = self.lesson.name
            made = {
                tr("{name} - {which} it", name=name, which=which): sound
                for which, sound in self.sounds.items()
            }
        write_sounds(self.session, folder, made)

    @property
    def _testing(self) -> bool:
        return self.course is not None and not self.course.finished

    def _which(self, name: str) -> Which:
        if name in ("with", "without"):
            return "with" if name == "with" else "without"
        assert self.course is not None
        return "with" if int(name) - 1 == self.course.hidden else "without"

    def _play(self) -> None:
        name = self._playing
        if not name or not self.sounds:
            return
        weights = (1.0, 0.0) if self._which(name) == "with" else (0.0, 1.0)
        sounds = (self.sounds["with"], self.sounds["without"])
        if self.player.plays_for(self) and self._played is self.sounds:
            self.player.weigh(self, weights)
        else:
            self.player.offer(self, sounds, weights, RATE_HZ)
            self._played = self.sounds

    def _finish(self, course: Course) -> None:
        self.player.stop()
        self._playing = self._wanted = ""
        threshold = course.threshold
        if threshold is None:
            self._last = tr("It did not settle: try again another day, or with another piece.")
        else:
            self._last = self.listener.keep(
                self.lesson.id, self.room.name, threshold, len(course.steps)
            )
        self._show()

    def _new_sounds(self) -> None:
        """Make what is to be heard, where it differs from what there is."""
        here = self.room.here
        piece = str(self.piece.currentData() or self.lesson.pieces[0])
        of = (self.lesson.id, here, self._size, piece)
        if here is None or of == self._of:
            return
        self._of = of
        job = partial(hearing_jobs.lesson_sounds, self.lesson.id, here, self._size, piece)
        document = self.session.document
        self.session.ear.ask(
            Question(
                LESSON_SOUND,
                document.room,
                document.gear,
                lambda models: job(),
                partial(self._take, of),
                self.session.refused.emit,
            )
        )

    def _take(self, of: tuple[object, ...], sounds: dict[Which, Sound]) -> None:
        if of != self._of:
            return
        self.sounds = sounds
        if self._wanted:
            self._wanted = ""
            self._play()
        elif self.player.plays_for(self):
            self._play()
        self._show()

    def _set_size(self, size: float) -> None:
        self._size = self.lesson.in_range(size)
        before = self._of
        self._new_sounds()
        if self._of == before and self.sounds:  # the same size again: the sounds are there
            self._play()
        self._show()

    def _slide(self, value: int) -> None:
        if self._testing:
            return
        scale = self.lesson.scale
        size = scale.least + (scale.most - scale.least) * value / _STEPS
        if abs(size - self._size) > (scale.most - scale.least) / _STEPS / 2:
            self._explore()
            self._set_size(size)

    def _as_here(self) -> None:
        here = self.room.here
        if here is not None and here.size is not None:
            self._explore()
            self._set_size(here.size)

    def _choose(self, index: int) -> None:
        self.show_lesson(list(LESSONS)[index])

    def show_lesson(self, lesson: LessonId) -> None:
        """One of the lessons, from its beginning."""
        self.lesson, self.course, self._last = LESSONS[lesson], None, ""
        self._size, self.sounds, self._playing = self.lesson.scale.size, {}, ""
        self.player.stop()
        self.piece.clear()
        self.refresh()

    def _choose_room(self, value: str) -> None:
        self.room.own = value == "own"
        self._explore()
        self.refresh()

    def _due(self) -> None:
        if self.frame.isVisible():
            self._new_sounds()
            self._show()

    def _show(self) -> None:
        lesson, here = self.lesson, self.room.here
        self.choice.setCurrentIndex(list(LESSONS).index(lesson.id))
        if not self.piece.count():
            for name in lesson.pieces:
                self.piece.addItem(PROGRAMMES[name].name, name)
        self.rooms.buttons["own"].setEnabled(self.room.has_own)
        self.rooms.show_value("own" if self.room.own and self.room.has_own else "demo")
        self.told.setText(lesson.told)
        testing, course = self._testing, self.course
        self._show_effect(course is not None)
        for name, button in self.hears.items():
            button.setVisible(testing == (name in "12"))
            button.setEnabled(bool(self.sounds))
            button.setChecked(self.player.plays_for(self) and name == self._playing)
        for part in (self.slider, self.size, self.as_here):
            part.setVisible(not testing)
        self.as_here.setEnabled(here is not None and here.size is not None)
        self.slider.setValue(round(_STEPS * self._share))
        self.size.setText(lesson.size_words(self._size))
        self.begin.setVisible(not testing)
        self.begin.setEnabled(here is not None)
        for button in (*self.answers, self.leave):
            button.setVisible(testing)
        for widget in self.listener.widgets:
            widget.setVisible(not testing)
        self.files.setEnabled(bool(self.sounds))
        self.cellar.setVisible(course is not None)
        if course is not None:
            ends = lesson.scale.most, lesson.scale.least
            words = lesson.size_words(ends[0]), lesson.size_words(ends[1])
            self.cellar.show_steps(course.steps, ends, words, course.threshold)
        self._show_words()

    def _show_words(self) -> None:
        lesson, here, course = self.lesson, self.room.here, self.course
        ended = course is not None and course.finished
        self.ending.setVisible(ended and here is not None)
        if here is None:
            self.words.setText(self.room.why)
            return
        if course is None:
            self.words.setText(f"{self.listener.course(lesson)} {_RULE}")
            return
        if not ended:
            count = len(course.steps) + 1
            self.words.setText(f"{self._last} Trial {count}: {lesson.ask}".strip())
            return
        told = ""
        if course.threshold is not None:
            told = judged_words(lesson, here, course.threshold)
        self.words.setText(f"{told} {self._last}".strip())
        self.where.setText(here.where)
        self.placing.setText(here.placing)

    @property
    def _share(self) -> float:
        scale = self.lesson.scale
        return (self._size - scale.least) / (scale.most - scale.least)

    def _show_effect(self, tested: bool) -> None:
        """While exploring: in a test it would tell, and after it the ending needs the room."""
        here = self.room.here
        self.plot.setVisible(not tested)
        if here is None or tested:
            self.plot.show_level(None)
            return
        with_it, without = self.lesson.effect(EFFECT_HZ, here, self._size)
        gain = np.abs(with_it.sum(axis=0)) / np.abs(without.sum(axis=0))
        self.plot.show_level(np.asarray(20 * np.log10(np.maximum(gain, 1e-6))))
