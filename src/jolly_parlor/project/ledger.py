"""The Ledger: the dated record of the job. Undo never erases it; undoing is an entry too."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from datetime import datetime
from typing import Annotated, Literal, get_args

from annotated_types import Ge, Le, MaxLen

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
ENTRY_KINDS: tuple[EntryKind, ...] = get_args(EntryKind)


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
    take: Annotated[str, MaxLen(20)] = ""
    """The id of the take it is about."""
    turned: Annotated[int, Ge(0), Le(3)] = 0
    """Quarter turns it gave the whole survey; what stood before is seen after them."""
    renamed: Annotated[dict[str, str], MaxLen(200)] = field(default_factory=dict)
    """What it gave other names, as `renaming.Renames.as_kept`; what stood before has them."""


def entry(
    kind: EntryKind,
    text: str,
    stood: Arrangement | None = None,
    take: str = "",
    turned: int = 0,
    renamed: Mapping[str, str] | None = None,
) -> Entry:
    """An entry of this moment."""
    return Entry(now(), kind, text[:2000], stood, take, turned, dict(renamed or {}))


def now() -> str:
    """Date and time, ISO 8601."""
    return datetime.now().astimezone().isoformat(timespec="seconds")
