"""Questions to the calculators: what is asked, how urgent it is, who gets the answer and who the
refusal.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from functools import cached_property
from typing import TYPE_CHECKING, Any, Generic, TypeVar

from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.gear import Gear
from jolly_parlor.words import tr

if TYPE_CHECKING:
    from jolly_parlor.audition.auralisation import Renderer
    from jolly_parlor.diagnosis.interventions import Anechoic
    from jolly_parlor.placement.forecast import Forecaster
    from jolly_parlor.placement.upper_range import UpperForecaster

Answer = TypeVar("Answer")


@dataclass(frozen=True)
class Models:
    """The room's models, kept from one question to the next while the room stays the same."""

    forecaster: Forecaster
    anechoic: Anechoic

    @cached_property
    def upper(self) -> UpperForecaster:
        """The less certain range above; made when first asked for."""
        from jolly_parlor.placement.upper_range import UpperForecaster

        return UpperForecaster(self.forecaster.room, self.forecaster.gear)

    @cached_property
    def renderer(self) -> Renderer:
        """What makes sound of it; made when first asked for."""
        from jolly_parlor.audition.auralisation import Renderer
        from jolly_parlor.audition.transfers import Transfers

        return Renderer(Transfers(self.forecaster.room), self.forecaster.gear)


@dataclass(frozen=True)
class Kind:
    """One kind of question. Only the newest of each kind counts; those of a lower `rank` are
    answered sooner by one calculator.
    """

    name: str
    """As a sentence goes on: `working out the forecast`."""
    rank: int
    follows_drags: bool = False
    """Whether it is answered while something is dragged."""
    decides: bool = False
    """Whether the answer ranks or advises: in a room that is being worked out it waits, since the
    empty box decides nothing.
    """


@dataclass(frozen=True)
class Question(Generic[Answer]):
    """A typed request. `answered` and `refused` are called on the window's thread."""

    kind: Kind
    room: Room
    gear: Gear
    job: Callable[[Models], Answer]
    answered: Callable[[Answer], None]
    refused: Callable[[str], None] = lambda why: None
    in_drag: bool = False
    """In a drag moves can come faster than answers, and each is better than none."""


AnyQuestion = Question[Any]

FORECAST = Kind(tr("the forecast"), 0, follows_drags=True)
TINT = Kind(tr("the plan's tint"), 0, follows_drags=True)
STRIPS = Kind(tr("the zone strips"), 1, follows_drags=True)
BAND = Kind(tr("how sure the forecast is"), 2)
TAKE = Kind(tr("what a take tells"), 3)
FIT = Kind(tr("the room's fit"), 0)
ADVICE = Kind(tr("what to measure next"), 3, decides=True)
COMPARISON = Kind(tr("the comparison"), 1, decides=True)
FINDINGS = Kind(tr("what stands out"), 2, decides=True)
NEXT_TRY = Kind(tr("what to try next"), 3, decides=True)
FACING = Kind(tr("which wall to face"), 4, decides=True)
THINGS = Kind(tr("what each thing does"), 5)
SETTINGS = Kind(tr("the best settings"), 0, decides=True)
SHARES = Kind(tr("what each subwoofer does"), 1, decides=True)
FIRST = Kind(tr("a first proposal"), 0, decides=True)
LINED_UP = Kind(tr("how even what is lined up is"), 1, decides=True)
SCHOOLS = Kind(tr("how even the schools are"), 1, decides=True)
ALIGNMENT = Kind(tr("how the subwoofers stand to the pair"), 1, decides=True)
FLOOR_WALK = Kind(tr("the subwoofer round the floor"), 1, decides=True)
TRADES = Kind(tr("what seats can trade"), 1, decides=True)
FURTHER = Kind(tr("what further subwoofers buy"), 2, decides=True)
CLUES = Kind(tr("what a move would do"), 1, decides=True)
ZONE = Kind(tr("what the forecast has of the calm zone"), 1)
HUNT = Kind(tr("what the forecast has of the hunt"), 1)
TONES = Kind(tr("what the notes are"), 1)
SIGNING = Kind(tr("what is left before signing off"), 2, decides=True)
EQUALISER = Kind(tr("the equaliser"), 1, decides=True)
AROUND = Kind(tr("the loudspeakers around the seat"), 1, decides=True)
HEARD_FIRST = Kind(tr("what is heard first"), 0)
HEARING = Kind(tr("what is to be heard"), 1)
LESSON = Kind(tr("what this room has of the lesson"), 2)
LESSON_SOUND = Kind(tr("the sounds of the lesson"), 0)
LEDGER = Kind(tr("the figures of the Ledger"), 2)
"""A new kind is one row here, and whoever asks it says what becomes of the answer."""
