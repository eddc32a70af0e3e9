"""Grades by ear: seven qualities from 1, unbearable, to 5, superb, with plus and minus.

The qualities and the scale are common practice; there is no published source.
"""

from collections.abc import Mapping
from dataclasses import dataclass, field
from datetime import datetime
from typing import Annotated, Literal, get_args

from annotated_types import MaxLen

from jolly_parlor.strict import STRICT
from jolly_parlor.words import tr

Mark = Literal["1", "1+", "2-", "2", "2+", "3-", "3", "3+", "4-", "4", "4+", "5-", "5"]
MARKS: tuple[Mark, ...] = get_args(Mark)
"""From worst to best. Nothing is worse than 1 or better than 5."""

Quality = Literal["deep_bass", "upper_bass", "centre", "space", "balance", "dynamics", "flow"]
QUALITIES: dict[Quality, str] = {
    "deep_bass": tr("deep bass and extension"),
    "upper_bass": tr("upper-bass clarity"),
    "centre": tr("centre focus"),
    "space": tr("sense of space"),
    "balance": tr("tonal balance"),
    "dynamics": "dynamics",
    "flow": "flow",
}
"""What is graded, in words."""

LISTEN_FOR: dict[Quality, str] = {
    "deep_bass": tr("How low does it go, and is the lowest note as loud as its neighbours?"),
    "upper_bass": tr("Can you tell one bass note from the next, with its beginning and its end?"),
    "centre": tr("Does a voice in the middle stand in one place, no wider than a mouth?"),
    "space": tr("How wide and how deep is the stage, and is there air round each player?"),
    "balance": tr("Does any part of the range stick out or hide?"),
    "dynamics": tr("Do loud and soft differ as they should, with nothing held back?"),
    "flow": tr("How does one chord decay into the next: does it run on, or stumble?"),
}

FORGETS_MINUTES = 10.0
"""Grades further apart in time are not trusted against each other: the ear has forgotten. That it
forgets within minutes is common practice; the figure is this program's.
"""

_THIRD = 1 / 3


@dataclass(frozen=True)
class Grading:
    """What a listener gives what he heard, when, and on which piece."""

    __pydantic_config__ = STRICT

    when: Annotated[str, MaxLen(40)] = ""
    """Date and time, ISO 8601; empty where it was not kept."""
    piece: Annotated[str, MaxLen(120)] = ""
    """The reference piece."""
    marks: dict[Quality, Mark] = field(default_factory=dict)
    overall: Mark | None = None
    """One mark for all of it, where none of the qualities was graded."""
    words: Annotated[str, MaxLen(400)] = ""

    @property
    def is_empty(self) -> bool:
        return not (self.marks or self.overall or self.words)

    @property
    def value(self) -> float | None:
        """The mean of what was graded, 1 to 5; None where nothing was."""
        if self.marks:
            return sum(map(value_of, self.marks.values())) / len(self.marks)
        return value_of(self.overall) if self.overall else None

    @property
    def short(self) -> str:
        """`3+ of 5`, or `no grade`."""
        value = self.value
        return (
            tr("no grade")
            if value is None
            else tr("{nearest_mark} of 5", nearest_mark=nearest_mark(value))
        )

    @property
    def text(self) -> str:
        """All of it on one line."""
        told = [f"{QUALITIES[q]} {shown(self.marks[q])}" for q in QUALITIES if q in self.marks]
        if self.overall:
            told.append(tr("all in all {shown}", shown=shown(self.overall)))
        heard = "; ".join(told) or tr("no grade")
        on = tr(" on “{piece}”", piece=self.piece) if self.piece else ""
        return f"{heard}{on}. {self.words}".strip()


def value_of(mark: Mark) -> float:
    """A mark as a number: a plus or minus is a third."""
    sign = {"+": _THIRD, "-": -_THIRD}.get(mark[1:], 0.0)
    return int(mark[0]) + sign


def nearest_mark(value: float) -> str:
    """The mark a number is nearest to, as shown."""
    return shown(min(MARKS, key=lambda mark: abs(value_of(mark) - value)))


def shown(mark: Mark) -> str:
    """A mark for the eye."""
    return mark.replace("-", "−")


def better_and_worse(
    before: Mapping[Quality, Mark], after: Mapping[Quality, Mark]
) -> tuple[list[Quality], list[Quality]]:
    """Which qualities came up and which went down, of those graded both times."""
    both = [q for q in QUALITIES if q in before and q in after]
    rise = {q: value_of(after[q]) - value_of(before[q]) for q in both}
    return [q for q in both if rise[q] > 1e-9], [q for q in both if rise[q] < -1e-9]


def distrust(before: Grading, after: Grading) -> str:
    """Why two gradings can hardly be held against each other, in a sentence; empty if they can."""
    if before.piece and after.piece and before.piece != after.piece:
        return tr(
            "Graded on two pieces, “{piece}” and “{piece2}”: the difference may be theirs.",
            piece=before.piece,
            piece2=after.piece,
        )
    apart = minutes_between(before.when, after.when)
    if apart is None:
        return tr("It is not known when each was graded: the ear forgets within minutes.")
    if apart > FORGETS_MINUTES:
        return tr(
            "Graded {long} apart: the ear forgets within minutes. Play the "
            "same piece in both places once more before you believe a small "
            "difference.",
            long=_long(apart),
        )
    return ""


def minutes_between(one: str, other: str) -> float | None:
    """Minutes between two dates and times, None where one is not known."""
    try:
        apart = datetime.fromisoformat(other) - datetime.fromisoformat(one)
    except (ValueError, TypeError):
        return None
    return abs(apart.total_seconds()) / 60


def _long(minutes: float) -> str:
    if minutes < 90:
        return tr("{minutes:.0f} minutes", minutes=minutes)
    hours = minutes / 60
    return (
        tr("{hours:.0f} hours", hours=hours)
        if hours < 36
        else tr("{hours:.0f} days", hours=hours / 24)
    )
