"""What the user points at, lit up everywhere."""

from __future__ import annotations

from dataclasses import dataclass
from typing import TYPE_CHECKING

from jolly_parlor.acoustics.geometry.image_sources import Reflection

if TYPE_CHECKING:
    from jolly_parlor.diagnosis.marks import Lane, Mark


@dataclass(frozen=True)
class Highlight:
    """What the user points at: a lane, and where known a mark and its path."""

    lane: Lane | None = None
    mark: Mark | None = None
    boundary: str = ""

    @property
    def reflection(self) -> Reflection | None:
        """The path to draw on the plan."""
        return self.mark.reflection if self.mark else None
