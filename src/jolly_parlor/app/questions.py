"""Questions to the calculators: what is asked, how urgent it is, who gets the answer and who the
refusal.
"""

from collections.abc import Callable
from dataclasses import dataclass
from functools import cached_property
from typing import Any, Generic, TypeVar

from jolly_parlor.acoustics.room import Room
from jolly_parlor.audition.rendering import Renderer
from jolly_parlor.audition.transfers import Transfers
from jolly_parlor.diagnosis.interventions import Anechoic
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gear import Gear
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
        return UpperForecaster(self.forecaster.room, self.forecaster.gear)

    @cached_property
    def renderer(self) -> Renderer:
        """What makes sound of it; made when first asked for."""
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

FORECAST = Kind("the forecast", 0, follows_drags=True)
TINT = Kind("the plan's tint", 0, follows_drags=True)
STRIPS = Kind("the zone strips", 1, follows_drags=True)
BAND = Kind("how sure the forecast is", 2)
TAKE = Kind("what a take tells", 3)
FIT = Kind("the room's fit", 0)
COMPARISON = Kind("the comparison", 1)
FINDINGS = Kind("what stands out", 2)
NEXT_TRY = Kind("what to try next", 3)
FACING = Kind("which wall to face", 4)
THINGS = Kind("what each thing does", 5)
SETTINGS = Kind("the best settings", 0)
SHARES = Kind("what each subwoofer does", 1)
FIRST = Kind("a first proposal", 0)
SCHOOLS = Kind("how even the schools are", 1)
ALIGNMENT = Kind("how the subwoofers stand to the pair", 1)
FLOOR_WALK = Kind("the subwoofer round the floor", 1)
TRADES = Kind("what seats can trade", 1)
FURTHER = Kind("what further subwoofers buy", 2)
CLUES = Kind("what a move would do", 1)
ZONE = Kind("what the forecast has of the calm zone", 1)
HUNT = Kind("what the forecast has of the hunt", 1)
TONES = Kind("what the notes are", 1)
SIGNING = Kind("what is left before signing off", 2)
EQUALISER = Kind("the equaliser", 1)
AROUND = Kind("the loudspeakers around the seat", 1)
HEARD_FIRST = Kind("what is heard first", 0)
HEARING = Kind("what is to be heard", 1)
LESSON = Kind("what this room has of the lesson", 2)
LESSON_SOUND = Kind("the sounds of the lesson", 0)
LEDGER = Kind("the figures of the Ledger", 2)
"""A new kind is one row here, and whoever asks it says what becomes of the answer."""
