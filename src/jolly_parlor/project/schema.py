"""The written forms, validated at the file's edge: project.json and the survey.

The dataclasses of the core are the schema; pydantic checks a file against them and publishes the
JSON Schema that stands in docs/.
"""

from dataclasses import dataclass, field
from typing import Annotated, Any, Final, Literal

from pydantic import Field, TypeAdapter, ValidationError

from jolly_parlor.acoustics.room import Room
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.project.document import LedgerEntry, TakeInfo

PROJECT_VERSION: Final = 1
SURVEY_VERSION: Final = 1


@dataclass(frozen=True)
class ProjectFile:
    """project.json in a .parlor file; the curves of takes stand beside it as CSV."""

    __pydantic_config__ = {"extra": "forbid"}

    schema_version: Literal[1]
    program: str
    room: Room
    gear: Gear
    arrangements: tuple[Arrangement, ...]
    takes: tuple[TakeInfo, ...]
    chosen: str | None
    ledger: tuple[LedgerEntry, ...]
    wishes: Wishes = field(default=Wishes())


@dataclass(frozen=True)
class Survey:
    """A survey: what `jolly-parlor new` makes a document of."""

    __pydantic_config__ = {"extra": "forbid"}

    survey_version: Literal[1]
    room: Room
    gear: Gear
    arrangements: tuple[Arrangement, ...] = ()
    schools: Annotated[
        tuple[str, ...],
        Field(description="Ids of schools whose arrangements are added: third, thirty_eight, …"),
    ] = ()


PROJECT = TypeAdapter(ProjectFile)
SURVEY = TypeAdapter(Survey)


def project_schema() -> dict[str, Any]:
    """The JSON Schema of project.json."""
    return {"title": "Jolly Parlor project.json", **PROJECT.json_schema()}


def survey_schema() -> dict[str, Any]:
    """The JSON Schema of a survey."""
    return {"title": "Jolly Parlor survey", **SURVEY.json_schema()}


def in_words(error: ValidationError) -> str:
    """The first faults of a validation in one sentence: where, and what is wrong there."""
    faults = []
    for fault in error.errors(include_url=False)[:3]:
        where = " → ".join(str(part) for part in fault["loc"]) or "the file"
        message = fault["msg"][0].lower() + fault["msg"][1:]
        got = fault.get("input")
        given = f" (it is {got!r:.40})" if isinstance(got, str | int | float | bool) else ""
        faults.append(f"{where}: {message}{given}")
    rest = error.error_count() - len(faults)
    more = f"; and {rest} more" if rest > 0 else ""
    return "; ".join(faults) + more + "."
