"""The written forms, validated at the file's edge: project.json and the survey.

The dataclasses of the core are the schema; pydantic checks a file against them and publishes the
JSON Schema that stands in docs/.
"""

from dataclasses import dataclass, field
from typing import Annotated, Any, Final, Literal

from annotated_types import MaxLen
from pydantic import Field, TypeAdapter

from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.by_ear.ear_record import ByEar
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.chains import Chain
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.project.kept_fit import KeptFit
from jolly_parlor.project.ledger import Entry
from jolly_parlor.project.signing import Signing
from jolly_parlor.project.takes import TakeInfo
from jolly_parlor.strict import STRICT

PROJECT_VERSION: Final = 6
SURVEY_VERSION: Final = 5


@dataclass(frozen=True)
class ProjectFile:
    """project.json in a .parlor file; the curves of takes stand beside it as CSV and WAV."""

    __pydantic_config__ = STRICT

    schema_version: Literal[6]
    program: str
    room: Room
    gear: Gear
    arrangements: Annotated[tuple[Arrangement, ...], MaxLen(1000)]
    takes: Annotated[tuple[TakeInfo, ...], MaxLen(10_000)]
    chosen: str | None
    ledger: tuple[Entry, ...]
    wishes: Wishes = field(default=Wishes())
    by_ear: ByEar = field(default=ByEar())
    signing: Signing = field(default=Signing())
    fit: KeptFit | None = None


@dataclass(frozen=True)
class Survey:
    """A survey: what `jolly-parlor new` makes a document of."""

    __pydantic_config__ = STRICT

    survey_version: Literal[5]
    room: Room
    gear: Gear
    arrangements: tuple[Arrangement, ...] = ()
    schools: Annotated[
        tuple[str, ...],
        Field(description="Ids of schools whose arrangements are added: third, thirty_eight, …"),
    ] = ()
    chains: Annotated[
        dict[str, Chain],
        Field(description="How loudspeakers are set in the arrangements of the schools, by id."),
    ] = field(default_factory=dict)


PROJECT = TypeAdapter(ProjectFile)
SURVEY = TypeAdapter(Survey)


def project_schema() -> dict[str, Any]:
    """The JSON Schema of project.json."""
    return {"title": "Jolly Parlor project.json", **PROJECT.json_schema()}


def survey_schema() -> dict[str, Any]:
    """The JSON Schema of a survey."""
    return {"title": "Jolly Parlor survey", **SURVEY.json_schema()}
