"""What Sign-off keeps in the document: how the equaliser is set, and what the owner ticked."""

from dataclasses import dataclass, field
from typing import Annotated, Literal

from annotated_types import Ge, Le, MaxLen

from jolly_parlor.equalising.sections import USUAL_STRENGTH
from jolly_parlor.strict import STRICT
from jolly_parlor.words import tr

Scope = Literal["alike", "each"]
SCOPES: dict[Scope, str] = {
    "alike": tr("all alike"),
    "each": tr("each its own"),
}


@dataclass(frozen=True)
class Signing:
    __pydantic_config__ = STRICT

    strength: Annotated[float, Ge(0.0), Le(1.0)] = USUAL_STRENGTH
    """Of the correction, as a share of the whole."""
    scope: Scope = "alike"
    ticked: Annotated[tuple[Annotated[str, MaxLen(60)], ...], MaxLen(60)] = field(default=())
    """Ids of what the owner has ticked by hand on the check list."""
