"""What was found by ear, as it is kept in a document."""

from dataclasses import dataclass, field, replace
from typing import Annotated, Literal

from annotated_types import Ge, Gt, Le, MaxLen

from jolly_parlor.acoustics.geometry.plan import Coordinate, Point
from jolly_parlor.placement.corners import Corner
from jolly_parlor.strict import STRICT

Words = Annotated[str, MaxLen(400)]
When = Annotated[str, MaxLen(40)]
Metres = Annotated[float, Ge(0.0), Le(20.0)]

Heard = Literal["even", "boomy", "thin"]
"""Of a bass line at a place."""

ToneHeard = Literal["booms", "missing"]
Answer = Literal["yes", "no", "not here"]


@dataclass(frozen=True)
class HuntMark:
    """A place of the floor where somebody listened."""

    __pydantic_config__ = STRICT

    x: Coordinate
    y: Coordinate
    heard: Heard


@dataclass(frozen=True)
class Hunt:
    """A bass hunt: one loudspeaker plays, the listener walks and marks."""

    __pydantic_config__ = STRICT

    loudspeaker: Annotated[str, MaxLen(60)]
    stood: Point
    """Where it played: its acoustic centre."""
    wanted: Literal["seat", "subwoofer"]
    """What is to go where it sounds even."""
    ear_height: Metres
    """At which the listener walked or crawled."""
    when: When = ""
    marks: Annotated[tuple[HuntMark, ...], MaxLen(400)] = ()

    def marked(self, x: float, y: float, heard: Heard) -> "Hunt":
        """With one more mark; one within a hand's breadth is heard anew."""
        others = tuple(m for m in self.marks if abs(m.x - x) > 0.1 or abs(m.y - y) > 0.1)
        return replace(self, marks=(*others, HuntMark(x, y, heard)))

    @property
    def even(self) -> tuple[HuntMark, ...]:
        return tuple(mark for mark in self.marks if mark.heard == "even")


@dataclass(frozen=True)
class ToneMark:
    """A note that stood out in a slow sweep."""

    __pydantic_config__ = STRICT

    hertz: Annotated[float, Gt(10.0), Le(2000.0)]
    heard: ToneHeard


@dataclass(frozen=True)
class ToneSweep:
    """A slow sweep by ear at one seat of one arrangement."""

    __pydantic_config__ = STRICT

    arrangement: Annotated[str, MaxLen(60)]
    seat: Annotated[str, MaxLen(60)]
    mix: Annotated[str, MaxLen(60)]
    when: When = ""
    marks: Annotated[tuple[ToneMark, ...], MaxLen(200)] = ()


@dataclass(frozen=True)
class Trial:
    """A test of questions and answers, and what came of it."""

    __pydantic_config__ = STRICT

    test: Literal["placing", "centring"]
    arrangement: Annotated[str, MaxLen(60)]
    when: When = ""
    answers: Annotated[dict[str, Annotated[str, MaxLen(120)]], MaxLen(60)] = field(
        default_factory=dict
    )
    """By the id of the question."""
    verdict: Words = ""


@dataclass(frozen=True)
class VoiceWalk:
    """Distances from a wall to where the voice changes, walking away from it; None not yet met."""

    __pydantic_config__ = STRICT

    lift_ends: Metres | None = None
    begins: Metres | None = None
    """Where it becomes just a voice."""
    ends: Metres | None = None
    """Where it changes again."""


@dataclass(frozen=True)
class ByEar:
    __pydantic_config__ = STRICT

    piece: Annotated[str, MaxLen(120)] = ""
    """The reference piece."""
    corner: Corner = "front inner"
    """The cabinet's corner that the tape is held to, the same on both sides."""
    behind: VoiceWalk = field(default=VoiceWalk())
    """The walk away from the wall behind the monitors."""
    beside: VoiceWalk = field(default=VoiceWalk())
    """The walk away from a side wall."""
    hunts: Annotated[tuple[Hunt, ...], MaxLen(50)] = ()
    sweeps: Annotated[tuple[ToneSweep, ...], MaxLen(200)] = ()
    tests: Annotated[tuple[Trial, ...], MaxLen(200)] = ()
    review: Annotated[dict[str, Answer], MaxLen(80)] = field(default_factory=dict)
    """The review by eye: answers by question, those of one side as `QUESTION left`."""
