"""What the user asks of a search: limits to keep, and what counts how much."""

from dataclasses import dataclass, replace
from typing import Annotated, Literal

from annotated_types import Ge, Gt, Le

from jolly_parlor.placement.gear import Gear
from jolly_parlor.strict import STRICT
from jolly_parlor.validity import faults
from jolly_parlor.words import tr

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
    farthest_seat: Annotated[float, Ge(0.5), Le(30.0)] = 30.0
    farthest_monitors: Annotated[float, Ge(0.2), Le(30.0)] = 30.0
    """From the wall faced to the ear, and to the monitors' faces."""
    off_half: bool = False
    """Whether ear and monitors keep off half of the room's length by 5 % of it: on the middle line
    half the width cannot be left.
    """
    desk_at_wall: bool = False
    """Whether the desk stays at the wall faced, monitors on or beside it and the ear before it."""
    clear_way: bool = False
    """Whether 0.9 m before each door and passage stays free."""
    keep_seat: bool = False
    keep_monitors: bool = False
    """What is not to be moved from where it stands."""
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

    def used_as(self, name: str) -> "Wishes":
        """The same with the limits on places of a ready-made set; `anywhere` takes all away."""
        wanted = READY_MADE.get(name, Wishes())
        limits = {field: getattr(wanted, field) for field in IN_WORDS}
        return replace(self, **limits)

    @property
    def use(self) -> str | None:
        """Which ready-made set the limits on places are; `anywhere`: the defaults; None: others."""
        names = (*READY_MADE, "anywhere")
        return next((name for name in names if self == self.used_as(name)), None)

    def problem(self) -> str:
        """What cannot be, in a sentence; empty when it can be searched."""
        if beyond := faults(self):
            return tr("Beyond what can be searched: {beyond}.", beyond="; ".join(beyond))
        if self.nearest >= self.furthest:
            return tr(
                "The nearest listening distance, {nearest:.2f} m, must be below "
                "the furthest, {furthest:.2f} m.",
                nearest=self.nearest,
                furthest=self.furthest,
            )
        if self.keep_seat and self.keep_monitors:
            return tr("With seat and monitors kept where they stand there is nothing to search.")
        if self.subwoofers == "region" and self.region is None:
            return tr("Draw the region for the subwoofer on the plan first.")
        return ""


READY_MADE: dict[str, Wishes] = {
    "desk studio": Wishes(
        nearest=0.6, furthest=1.6, behind_head=0.8, desk_at_wall=True, off_half=True, clear_way=True
    ),
    "listening room": Wishes(
        nearest=1.6,
        furthest=3.2,
        side_gap=0.4,
        behind_head=0.5,
        farthest_monitors=1.3,
        off_half=True,
        clear_way=True,
    ),
}
"""What rooms are mostly used for; common practice, no source."""


def usual_wishes(gear: Gear) -> Wishes:
    """What a room is used for until its owner says otherwise: who has a desk works at it."""
    return READY_MADE["desk studio"] if gear.desk is not None else Wishes()


IN_WORDS: dict[str, str] = {
    "nearest": tr("listening from no nearer"),
    "furthest": tr("listening from no farther"),
    "equilateral_tolerance": tr("the triangle so nearly equilateral"),
    "front_gap": tr("cabinets so far off the front wall"),
    "side_gap": tr("cabinets so far off the side walls"),
    "behind_head": tr("so much room behind the head"),
    "height_change": tr("stands so near the ear's height"),
    "farthest_seat": tr("the seat no farther back"),
    "farthest_monitors": tr("the monitors no farther out"),
    "off_half": tr("keeping off half the length"),
    "desk_at_wall": tr("the desk at the wall"),
    "clear_way": tr("a clear way to the door"),
    "keep_seat": tr("the seat where it is"),
    "keep_monitors": tr("the monitors where they are"),
}
"""The limits on places, as a sentence begins with them."""
