"""What the user asks of a search: limits to keep, and what counts how much."""

from dataclasses import dataclass
from typing import Annotated, Literal

from annotated_types import Ge, Gt, Le

from jolly_parlor.strict import STRICT
from jolly_parlor.validity import faults

Share = Annotated[float, Ge(0.0), Le(1.0)]
Metres = Annotated[float, Ge(0.0), Le(20.0)]
Facing = Literal["front", "left", "back", "right", "any"]
SubPlaces = Literal["stay", "walls", "region", "near"]


@dataclass(frozen=True)
class Region:
    """A rectangle of floor, metres."""

    __pydantic_config__ = STRICT

    x: Metres
    y: Metres
    width: Annotated[float, Gt(0.0)]
    depth: Annotated[float, Gt(0.0)]

    def contains(self, x: float, y: float) -> bool:
        """Whether a place on the plan lies in it, a millimetre's rounding aside."""
        beside = max(self.x - x, x - self.x - self.width)
        return max(beside, self.y - y, y - self.y - self.depth) <= 1e-3


@dataclass(frozen=True)
class Wishes:
    """Limits in metres and weights from 0 to 1. The defaults are common practice, no source."""

    __pydantic_config__ = STRICT

    nearest: Annotated[float, Ge(0.5), Le(5.0)] = 0.8
    furthest: Annotated[float, Ge(0.6), Le(6.0)] = 2.2
    """Listening distance, monitor to ear."""
    equilateral_tolerance: Annotated[float, Ge(0.0), Le(0.5)] = 0.10
    """How far the spacing may differ from the listening distance, as a share of it."""
    front_gap: Metres = 0.0
    """From the cabinet's rear corner to the front wall, beyond the 2 cm that a cable needs."""
    side_gap: Metres = 0.25
    """From a cabinet's edge to the side wall."""
    behind_head: Annotated[float, Ge(0.2), Le(10.0)] = 0.5
    height_change: Annotated[float, Ge(0.0), Le(0.6)] = 0.10
    """How far above and below the ear the stands let the monitors go."""
    middle_line: bool = True
    """Whether the triangle stays on the room's middle line, left and right alike."""
    other_seats: Share = 0.0
    """0: one seat perfect. 1: every seat counts as much as the main one."""
    deep: Share = 0.0
    """0: only evenness counts. 1: a decibel missing in the lowest octave counts as one of it."""
    facing: Facing = "front"
    subwoofers: SubPlaces = "walls"
    """`stay`: where they are; `walls`: on the floor along walls and in corners; `region`; `near`:
    on the floor close behind the main seat.
    """
    sub_pairs: bool = False
    """Whether two and two subwoofers stand alike on either side of the middle line."""
    region: Region | None = None
    """Where subwoofers may stand when `subwoofers` is `region`."""

    def problem(self) -> str:
        """What cannot be, in a sentence; empty when it can be searched."""
        if beyond := faults(self):
            return f"Beyond what can be searched: {'; '.join(beyond)}."
        if self.nearest >= self.furthest:
            return (
                f"The nearest listening distance, {self.nearest:.2f} m, must be below the "
                f"furthest, {self.furthest:.2f} m."
            )
        if self.subwoofers == "region" and self.region is None:
            return "Draw the region for the subwoofer on the plan first."
        return ""
