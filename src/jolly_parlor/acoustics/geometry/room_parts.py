"""What a survey of a room lists: linings, walls, openings, things, slopes of the ceiling, areas to
keep free.
"""

from dataclasses import dataclass
from typing import Annotated, Literal

import numpy as np
from annotated_types import Ge, Gt, Le, Len, MaxLen, MinLen

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.materials.coefficients import material
from jolly_parlor.strict import STRICT
from jolly_parlor.words import tr

DOOR_SWING = tr("door's swing")
TOUCHING = 1e-6
_PLAIN_SOLID = "door_solid"
"""Of a solid thing without a material: board, as most furniture is."""

Dimension = Annotated[float, Gt(0.5), Le(60.0)]
Coefficient = Annotated[float, Ge(0.0), Le(1.0)]
Octaves = Annotated[tuple[Coefficient, ...], Len(7, 7)]
"""Random-incidence absorption, 63 to 4000 Hz."""
Length = Annotated[float, Gt(0.0), Le(100.0)]
Offset = Annotated[float, Ge(0.0), Le(100.0)]
Name = Annotated[str, MinLen(1), MaxLen(60)]


@dataclass(frozen=True)
class Surface:
    """What lines floor, ceiling or a wall: a material of the table, or absorption of one's own."""

    __pydantic_config__ = STRICT

    material: str
    absorption: Octaves | None = None
    """None takes the material's."""

    def octave_absorption(self) -> FloatArray:
        """Absorption in the seven octave bands."""
        own = self.absorption
        return np.asarray(own if own is not None else material(self.material).absorption)


@dataclass(frozen=True)
class Wall:
    """One straight piece of the outline."""

    __pydantic_config__ = STRICT

    name: Name
    material: str
    absorption: Octaves | None = None

    @property
    def surface(self) -> Surface:
        return Surface(self.material, self.absorption)


@dataclass(frozen=True)
class Opening:
    """A window, a door or an open passage in a wall.

    start: from the wall's end nearer the front (of two as near, nearer the left) to its near edge;
    sill: height of its lower edge above the floor. Metres.
    """

    __pydantic_config__ = STRICT

    kind: Literal["window", "door", "passage"]
    wall: Name
    start: Offset
    width: Length
    sill: Offset
    height: Length
    material: str
    swings_in: bool = True
    """Of a door: whether it opens into the room, so that nothing may stand in its way."""
    absorption: Octaves | None = None

    @property
    def area(self) -> float:
        """Square metres."""
        return self.width * self.height

    def octave_absorption(self) -> FloatArray:
        """Absorption in the seven octave bands."""
        return Surface(self.material, self.absorption).octave_absorption()


@dataclass(frozen=True)
class Thing:
    """What stands in the room and matters below 300 Hz: a block with its corner nearest the
    origin at x, y, z.
    """

    __pydantic_config__ = STRICT

    name: Name
    kind: Literal["solid", "soft"]
    x: Offset
    y: Offset
    z: Offset
    width: Length
    depth: Length
    height: Length
    material: str | None = None
    """Of a solid thing."""
    absorption: Octaves | None = None
    loss_per_second: Annotated[float, Gt(0.0), Le(10_000.0)] | None = None
    """Of a soft thing; None takes its kind's."""

    @property
    def lining(self) -> Surface:
        return Surface(self.material or _PLAIN_SOLID, self.absorption)

    def holds(self, point: Point) -> bool:
        """Whether a point lies within it, its faces not counted."""
        return (
            self.x + TOUCHING < point.x < self.x + self.width - TOUCHING
            and self.y + TOUCHING < point.y < self.y + self.depth - TOUCHING
            and self.z + TOUCHING < point.z < self.z + self.height - TOUCHING
        )


@dataclass(frozen=True)
class Slope:
    """Part of a ceiling that rises from a wall, as under a roof: from the height `knee` at the wall
    to the room's height `reach` metres away from it. Two from opposite walls make a ridge.
    """

    __pydantic_config__ = STRICT

    wall: Name
    knee: Annotated[float, Ge(0.3), Le(60.0)]
    reach: Length


@dataclass(frozen=True)
class Diagonal:
    """A length taken across the room, from the corner where one wall begins to that where another
    does, as the plan goes round: what the plan is checked by.
    """

    __pydantic_config__ = STRICT

    start: Name
    end: Name
    metres: Length


@dataclass(frozen=True)
class KeepOut:
    """A rectangle of floor where nothing may stand: a stove, a door's swing, a way out."""

    __pydantic_config__ = STRICT

    name: Name
    x: Offset
    y: Offset
    width: Length
    depth: Length

    def contains(self, point: Point) -> bool:
        """Whether the point lies above the rectangle."""
        inside_x = self.x <= point.x <= self.x + self.width
        return inside_x and self.y <= point.y <= self.y + self.depth


@dataclass(frozen=True)
class CalmZone:
    """Where, walking away from a wall, one's voice became just a voice: near and far edge of the
    zone in front of the front wall and beside a side wall, metres.
    """

    __pydantic_config__ = STRICT

    front_near: Length
    front_far: Length
    side_near: Length
    side_far: Length
