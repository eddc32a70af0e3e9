"""A fit as the document keeps it, so that what was learned is there when it is opened again.

Kept are the numbers. What each of them means is worked out anew from the takes it was made from
(`room_fit.restored`); where room, gear or those takes are no longer the same, it says nothing any
more.
"""

from dataclasses import dataclass
from typing import Annotated

from annotated_types import MaxLen

from jolly_parlor.strict import STRICT

_MOST = 2000
"""Parameters; twenty takes have some two hundred."""


@dataclass(frozen=True)
class KeptTake:
    """As `fitting.fit.TakeFit`."""

    __pydantic_config__ = STRICT

    name: Annotated[str, MaxLen(400)]
    before_db: float
    after_db: float
    weight: float


@dataclass(frozen=True)
class KeptFit:
    __pydantic_config__ = STRICT

    of: Annotated[str, MaxLen(64)]
    """Fingerprint of room and gear."""
    takes: Annotated[tuple[Annotated[str, MaxLen(80)], ...], MaxLen(10_000)]
    """Ids of all takes there were."""
    in_use: bool
    """Whether forecasts, search and comparison stand on it."""
    z: Annotated[tuple[float, ...], MaxLen(_MOST)]
    covariance: Annotated[tuple[float, ...], MaxLen(_MOST * (_MOST + 1) // 2)]
    """Its lower triangle, row by row."""
    each: Annotated[tuple[KeptTake, ...], MaxLen(1000)]
    residual_db: float
    converged: bool = True
    off_db: Annotated[tuple[float | None, ...], MaxLen(_MOST)] = ()

    def problem(self) -> str:
        """Whether its numbers belong together; a word for what does not, or empty."""
        count = len(self.z)
        return "covariance" if len(self.covariance) != count * (count + 1) // 2 else ""
