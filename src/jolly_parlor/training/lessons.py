"""The lessons: what each lets one hear, how much of it, and what is said of it."""

from collections.abc import Callable
from dataclasses import dataclass
from typing import Literal

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.signals.looping import Loop, Sound, matched
from jolly_parlor.signals.loudness import loudness_lufs
from jolly_parlor.training import effects
from jolly_parlor.training.effects import Pair
from jolly_parlor.training.here import COMB_FLOOR_DB, Here, LessonId
from jolly_parlor.training.staircase import Staircase
from jolly_parlor.units import with_minus
from jolly_parlor.words import tr

_OCTAVES_FROM_HZ = 40.0
Which = Literal["with", "without"]


@dataclass(frozen=True)
class Lesson:
    """One thing to hear. `size` is how plain it is: larger is easier."""

    id: LessonId
    name: str
    told: str
    """What it is, and how it sounds."""
    ask: str
    """Of two sounds, which one has it?"""
    pieces: tuple[str, ...]
    """Programmes that show it, best first."""
    scale: Staircase
    size_words: Callable[[float], str]
    effect: Callable[[FloatArray, Here, float], Pair]

    def in_range(self, size: float) -> float:
        """The nearest size there is."""
        return min(max(size, self.scale.least), self.scale.most)


def sounds(lesson: Lesson, here: Here, size: float, loop: Loop) -> dict[Which, Sound]:
    """A piece with the thing and without it, equally loud. Raises Refused for a silent piece."""
    count = loop.samples.shape[0]
    f = np.asarray(np.fft.rfftfreq(count, 1 / loop.sample_rate), dtype=np.float64)
    made = [
        loop.sound(loop.spectrum * one.astype(np.complex64)) for one in lesson.effect(f, here, size)
    ]
    loud = [loudness_lufs(one, loop.sample_rate) for one in made]
    with_it, without = matched(made, loud).sounds
    return {"with": with_it, "without": without}


def _db(size: float) -> str:
    return tr("{size:.1f} dB", size=size)


LESSONS: dict[LessonId, Lesson] = {
    one.id: one
    for one in (
        Lesson(
            "dip",
            tr("A hollow"),
            tr(
                "A note that is missing leaves no trace of itself: the line loses "
                "a step, other notes seem louder. Follow one pitch, not the bass "
                "as a whole."
            ),
            tr("Which one has the hollow?"),
            ("bass", "groove"),
            Staircase(15.0, 4.0, 0.5, 24.0),
            lambda size: tr("{db} deep", db=_db(size)),
            lambda f, here, size: effects.hill(f, here.hertz, -size, here.octaves),
        ),
        Lesson(
            "boom",
            tr("A hill that booms"),
            tr(
                "One note swells and covers its neighbours; the same note every "
                "time, whatever the piece. A hill is heard at half the decibels of "
                "a hollow."
            ),
            tr("Which one booms?"),
            ("bass", "groove"),
            Staircase(10.0, 3.0, 0.25, 15.0),
            lambda size: tr("{db} high", db=_db(size)),
            lambda f, here, size: effects.hill(f, here.hertz, size, here.octaves),
        ),
        Lesson(
            "comb",
            tr("A comb"),
            tr(
                "One reflection a few milliseconds late colours everything like a "
                "tube; the ear takes one over the delay for a pitch. Listen to "
                "noise or vowels, not to the tune."
            ),
            tr("Which one is coloured by the reflection?"),
            ("pink", "voice", "piece"),
            Staircase(24.0, 4.0, 1.0, 29.0),
            lambda size: with_minus(
                tr("a reflection at {comb_floor_db:.0f} dB", comb_floor_db=COMB_FLOOR_DB + size)
            ),
            lambda f, here, size: effects.comb(f, here.seconds, COMB_FLOOR_DB + size),
        ),
        Lesson(
            "polarity",
            tr("Polarity reversed"),
            tr(
                "One side pushes while the other pulls: the middle is gone, the "
                "sound sits in the ears or nowhere, the bass is thin. Once known, "
                "never missed."
            ),
            tr("Which one is reversed?"),
            ("piece", "voice", "groove"),
            Staircase(6.0, 1.0, 0.25, 8.0),
            lambda size: tr(
                "reversed below {octaves_from_hz:.0f} Hz",
                octaves_from_hz=_OCTAVES_FROM_HZ * 2**size,
            ),
            lambda f, here, size: effects.reversed_below(f, _OCTAVES_FROM_HZ * 2**size),
        ),
        Lesson(
            "late",
            tr("A subwoofer too late"),
            tr(
                "The blow and its weight come apart: the kick has a click first "
                "and a belly after. Listen to where the kick begins, not to how "
                "deep it is."
            ),
            tr("In which one is the low end late?"),
            ("groove", "bass"),
            Staircase(30.0, 6.0, 0.5, 60.0),
            lambda size: tr("{size:.1f} ms late", size=size),
            lambda f, here, size: effects.late_below(f, here.hertz, size / 1000),
        ),
        Lesson(
            "unlike",
            tr("Left and right unlike"),
            tr(
                "A voice in the middle leans to one side on some notes and comes "
                "back on others. Listen to where the middle stands, note by note."
            ),
            tr("In which one does the middle wander?"),
            ("voice", "pink", "strings"),
            Staircase(12.0, 3.0, 0.25, 20.0),
            lambda size: tr("{db} apart", db=_db(size)),
            lambda f, here, size: effects.unlike(f, here.hertz, size, here.octaves),
        ),
        Lesson(
            "ringing",
            tr("Ringing"),
            tr(
                "A note goes on after the player has stopped it, and the next one "
                "starts in its tail. Listen to the gaps, not to the notes."
            ),
            tr("Which one rings on?"),
            ("groove", "bass"),
            Staircase(1.2, 0.3, 0.1, 2.0),
            lambda size: tr("{size:.2f} s to fall by 60 dB", size=size),
            lambda f, here, size: effects.ringing(f, here.hertz, size),
        ),
    )
}
"""A new lesson is a row here, and what a room has of it a row of `here.FOUND`."""


def judged_words(lesson: Lesson, here: Here, heard: float) -> str:
    """What a listener's threshold means in this room."""
    told = tr("You still hear it: {size_words}.", size_words=lesson.size_words(heard))
    if here.size is None:
        return told
    if here.size >= heard:
        return tr(
            "{told} Here it is {size_words}: you will hear it.",
            told=told,
            size_words=lesson.size_words(here.size),
        )
    return tr(
        "{told} Here it is {size_words}: leave it, and mend what you hear.",
        told=told,
        size_words=lesson.size_words(here.size),
    )
