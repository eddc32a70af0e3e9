"""The Ledger: the dated record of the job. Undo never erases it; undoing is an entry too."""

from dataclasses import dataclass
from datetime import datetime
from typing import Annotated, Literal

from annotated_types import MaxLen

from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.strict import STRICT

EntryKind = Literal[
    "survey",
    "gear",
    "arrangement",
    "move",
    "setting",
    "take",
    "grade",
    "note",
    "choice",
    "undo",
    "redo",
]


@dataclass(frozen=True)
class Entry:
    """One dated line of the record."""

    __pydantic_config__ = STRICT

    when: str
    """Date and time, ISO 8601."""
    kind: EntryKind
    text: Annotated[str, MaxLen(2000)]
    stood: Arrangement | None = None
    """What stood where, of an entry about an arrangement."""


def entry(kind: EntryKind, text: str, stood: Arrangement | None = None) -> Entry:
    """An entry of this moment."""
    return Entry(now(), kind, text[:2000], stood)


def now() -> str:
    """Date and time, ISO 8601."""
    return datetime.now().astimezone().isoformat(timespec="seconds")
