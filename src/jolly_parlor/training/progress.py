"""How far each person has come, kept under the user's own data folder and never in a document."""

import hashlib
import json
import os
import re
from collections.abc import Sequence
from dataclasses import dataclass, replace
from datetime import datetime
from pathlib import Path
from typing import Annotated

from annotated_types import Ge, Le, MaxLen, MinLen
from platformdirs import user_data_path
from pydantic import TypeAdapter, ValidationError

from jolly_parlor.atomic import replacing
from jolly_parlor.refused import Refused
from jolly_parlor.strict import STRICT
from jolly_parlor.words import plural, tr

MOST_KEPT = 500
_MOST_BYTES = 1_000_000


@dataclass(frozen=True)
class Result:
    """One lesson to its end."""

    __pydantic_config__ = STRICT

    lesson: Annotated[str, MaxLen(40)]
    when: Annotated[str, MaxLen(40)]
    """Date and time, ISO 8601."""
    room: Annotated[str, MaxLen(120)]
    threshold: Annotated[float, Ge(0.0), Le(1000.0)]
    """How plain the thing had to be, on the lesson's scale."""
    trials: Annotated[int, Ge(1), Le(10_000)]


@dataclass(frozen=True)
class Person:
    __pydantic_config__ = STRICT

    name: Annotated[str, MinLen(1), MaxLen(60)]
    results: Annotated[tuple[Result, ...], MaxLen(MOST_KEPT)] = ()

    def with_result(self, lesson: str, room: str, threshold: float, trials: int) -> "Person":
        """One more; the oldest go beyond MOST_KEPT."""
        when = datetime.now().astimezone().isoformat(timespec="seconds")
        made = Result(lesson, when, room[:120], round(threshold, 3), trials)
        return replace(self, results=(*self.results, made)[-MOST_KEPT:])

    def of(self, lesson: str) -> tuple[Result, ...]:
        """Of one lesson, oldest first."""
        return tuple(one for one in self.results if one.lesson == lesson)


class People:
    """One file a person. A file that makes no sense is set aside, never overwritten."""

    def __init__(self, folder: Path | None = None) -> None:
        self.folder = folder or user_data_path("jolly-parlor") / "listeners"

    def names(self) -> list[str]:
        """Everybody there is, by name."""
        found = []
        for path in sorted(self.folder.glob("*.json")):
            try:
                found.append(_read(path).name)
            except Refused:
                continue  # told when that person is asked for by name
        return sorted(found, key=str.casefold)

    def person(self, name: str) -> tuple[Person, str]:
        """That person, new where there is none; and what must be said. Raises Refused for a name
        that cannot be.
        """
        name = name.strip()
        if not 1 <= len(name) <= 60:
            raise Refused(tr("A name has 1 to 60 letters."))
        path = self._path(name)
        if not path.exists():
            return Person(name), ""
        try:
            return _read(path), ""
        except Refused as error:
            aside = path.with_suffix(f".unreadable-{datetime.now():%Y%m%d%H%M%S}")
            try:
                os.replace(path, aside)
            except OSError as why:
                raise Refused(
                    tr(
                        "{error} It could not be set aside: {strerror}.",
                        error=error,
                        strerror=why.strerror,
                    )
                ) from None
            return Person(name), tr(
                "{error} It lies beside as {name}; {name2} begins anew.",
                error=error,
                name=aside.name,
                name2=name,
            )

    def keep(self, person: Person) -> None:
        """Write it. Raises Refused where the place cannot be written."""
        path = self._path(person.name)
        data = TypeAdapter(Person).dump_json(person, indent=2)
        TypeAdapter(Person).validate_json(data)  # nothing is written that cannot be read back
        try:
            self.folder.mkdir(parents=True, exist_ok=True)
            with replacing(path) as temporary:
                temporary.write_bytes(data)
        except OSError as error:
            raise Refused(
                tr("{path} could not be written: {strerror}.", path=path, strerror=error.strerror)
            ) from None

    def _path(self, name: str) -> Path:
        """Names that differ have files that differ, whatever letters they hold."""
        plain = re.sub(r"[^a-z0-9]+", "-", name.casefold()).strip("-")[:40]
        mark = hashlib.sha256(name.casefold().encode()).hexdigest()[:8]
        return self.folder / f"{plain or 'person'}-{mark}.json"


def _read(path: Path) -> Person:
    try:
        data = path.read_bytes()
        if len(data) > _MOST_BYTES:
            raise Refused(tr("{name} is too large to be a listener's progress.", name=path.name))
        return TypeAdapter(Person).validate_json(data)
    except (OSError, ValidationError, json.JSONDecodeError) as error:
        reason = error.strerror if isinstance(error, OSError) else tr("it makes no sense")
        raise Refused(
            tr("{name} could not be read: {reason}.", name=path.name, reason=reason)
        ) from None


def course_words(results: Sequence[Result], size_words: str) -> str:
    """How it went so far, in a sentence; size_words: of the best threshold."""
    if not results:
        return tr("Not tried yet.")
    times = len(results)
    return plural(
        times,
        "{count} time so far; best: {size_words}.",
        "{count} times so far; best: {size_words}.",
        size_words=size_words,
    )
