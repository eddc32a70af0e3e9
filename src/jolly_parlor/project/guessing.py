"""Where a file belongs, guessed from its name: arrangement, source and seat."""

import re
from dataclasses import dataclass
from pathlib import Path

from jolly_parlor.project.document import Document
from jolly_parlor.signals.importing import SUFFIXES


@dataclass(frozen=True)
class Place:
    """What a file is a take of."""

    path: Path
    arrangement: str
    source: str
    seat: str


def guess(document: Document, path: Path, arrangement: str) -> Place:
    """The best guess; `arrangement` where the name says nothing of one."""
    words = _words(f"{path.parent.name} {path.stem}")
    named = _longest([a.name for a in document.arrangements], words)
    source = _longest(list(document.source_names), words) or _short_source(document, words)
    seat = _longest([s.name for s in document.gear.seats], words)
    return Place(path, named or arrangement, source or "both", seat or document.gear.seats[0].name)


def files_in(paths: list[Path]) -> list[Path]:
    """The files meant by what was dropped: folders give what a response can be had from."""
    found: list[Path] = []
    for path in paths:
        if path.is_dir():
            found += sorted(
                p for p in path.rglob("*") if p.is_file() and p.suffix.lower() in SUFFIXES
            )
        else:
            found.append(path)
    return found


def _words(name: str) -> str:
    return " " + re.sub(r"[^a-z0-9]+", " ", name.lower()) + " "


def _longest(names: list[str], words: str) -> str:
    """The longest of the names that stands in the words, so that `both` loses to `both+sub`."""
    inside = [name for name in names if f"{_words(name)}".strip() and _words(name) in words]
    return max(inside, key=len, default="")


def _short_source(document: Document, words: str) -> str:
    for short, name in ((" l ", "left"), (" r ", "right"), (" lr ", "both"), (" l r ", "both")):
        if short in words:
            return name
    subs = document.gear.subwoofers
    return subs[0].id if subs and (" sub " in words or " lfe " in words) else ""
