"""What the ear's calculator is asked."""

from __future__ import annotations

from dataclasses import dataclass
from typing import TYPE_CHECKING

from jolly_parlor.analysis.hearing import Asked, Audition, hear
from jolly_parlor.app.questions import Models
from jolly_parlor.audition.piece_heard import Played, piece_loop, played
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.project.document import Document
from jolly_parlor.training.here import Here, LessonId, Room, here
from jolly_parlor.training.lessons import LESSONS, Which, sounds

if TYPE_CHECKING:
    from jolly_parlor.signals.looping import Loop, Sound


@dataclass(frozen=True, eq=False)
class ToHear:
    """Arrangements with a piece playing in them."""

    audition: Audition
    played: Played


def to_hear(document: Document, asked: Asked, piece: str | Loop, models: Models) -> ToHear:
    """piece: one made here, by its name, or the user's own."""
    audition = hear(document, asked, models.renderer, models.forecaster)
    loop = piece_loop(piece) if isinstance(piece, str) else piece
    return ToHear(audition, played(audition.heard, loop))


def lesson_here(case: Case, wishes: Wishes, lesson: LessonId, models: Models) -> Here:
    """What a room has of a lesson."""
    room = Room(models.forecaster, models.anechoic, models.renderer.transfers, case, wishes)
    return here(lesson, room)


def lesson_sounds(lesson: LessonId, what: Here, size: float, piece: str) -> dict[Which, Sound]:
    """A piece with the thing and without."""
    return sounds(LESSONS[lesson], what, size, piece_loop(piece))
