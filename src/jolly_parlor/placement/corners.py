"""Corners of a cabinet's base: what a tape is held to, since nobody can hold it to a point in the
air before the woofer.
"""

from dataclasses import dataclass
from math import atan2, cos, radians, sin
from typing import Literal, get_args

from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import PAIR, Gear
from jolly_parlor.placement.setup import Setup

Corner = Literal["front inner", "front outer", "back inner", "back outer"]
"""As the listener sees the pair: `front` is the face, `inner` towards the other cabinet."""
CORNERS: tuple[Corner, ...] = get_args(Corner)


@dataclass(frozen=True)
class Reading:
    """Where the tape is at for one cabinet's corner, metres."""

    from_front: float
    from_side: float
    """From the side wall on its own side."""


def corner_on_plan(
    gear: Gear, arrangement: Arrangement, side: str, seat: str, corner: Corner
) -> tuple[float, float]:
    """x, y of a corner of one of the pair, turned as it is aimed: the acoustic centre is in the
    middle of the face, the cabinet behind it.
    """
    at, model = arrangement.places[side], gear.model_of(side)
    theta = _turned_in(arrangement, side, seat)
    inward = 1.0 if side == "left" else -1.0  # towards the other cabinet along x
    facing = (inward * sin(theta), cos(theta))
    across = (inward * cos(theta), -sin(theta))  # along the face, towards the other cabinet
    half = model.width / 2 * (1 if corner.endswith("inner") else -1)
    back = model.depth if corner.startswith("back") else 0.0
    return (
        at.x + half * across[0] - back * facing[0],
        at.y + half * across[1] - back * facing[1],
    )


def readings(setup: Setup, seat: str, corner: Corner) -> dict[str, Reading]:
    """What the tape reads for that corner of either cabinet."""
    frame, found = setup.room.frame, {}
    for side in PAIR:
        x, y = corner_on_plan(setup.gear, setup.arrangement, side, seat, corner)
        to_side = x - frame.left if side == "left" else frame.right - x
        found[side] = Reading(y - frame.front, to_side)
    return found


def _turned_in(arrangement: Arrangement, side: str, seat: str) -> float:
    """Radians from straight ahead towards the other cabinet."""
    at, ear = arrangement.places[side], arrangement.seats[seat]
    inward = ear.x - at.x if side == "left" else at.x - ear.x
    return atan2(inward, ear.y - at.y) - radians(arrangement.aim_degrees)
