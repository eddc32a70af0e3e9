"""The Room: a plan with a wall for each of its edges, floor and ceiling, openings set into the
walls, things that stand in it, and keep-out areas.

Coordinates and plan as in `plan`. Of the plans only the box is worked out so far; a room of any
other plan is data, and `fields.room_field` says that it cannot be worked out.
"""

from collections.abc import Mapping
from dataclasses import dataclass, replace
from functools import cached_property
from math import sqrt
from typing import Annotated, Literal

import numpy as np
from annotated_types import Ge, Gt, Le, Len, MaxLen, MinLen

from jolly_parlor.acoustics.air import speed_of_sound
from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.materials import material
from jolly_parlor.acoustics.plan import Corner, Point, edges, is_rectangle, rectangle
from jolly_parlor.acoustics.surfaces import (
    BEST_MATCHED_IMPEDANCE,
    absorption_at,
    admittance_from_random_incidence,
)
from jolly_parlor.strict import STRICT

__all__ = ["KeepOut", "Opening", "Point", "Room", "Surface", "Thing", "Wall"]

SurfaceName = Literal["left", "right", "front", "back", "floor", "ceiling"]
WallName = Literal["left", "right", "front", "back"]
SURFACE_NAMES: tuple[SurfaceName, ...] = ("left", "right", "front", "back", "floor", "ceiling")
"""The sides of a box in the order of its field model: x=0, x=W, y=0, y=L, z=0, z=H."""

DOOR_SWING = "door's swing"
_TOUCHING = 1e-6

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
        """What lines it."""
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

    def holds(self, point: Point) -> bool:
        """Whether a point lies within it, its faces not counted."""
        return (
            self.x + _TOUCHING < point.x < self.x + self.width - _TOUCHING
            and self.y + _TOUCHING < point.y < self.y + self.depth - _TOUCHING
            and self.z + _TOUCHING < point.z < self.z + self.height - _TOUCHING
        )


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


@dataclass(frozen=True)
class Room:
    """The surveyed room. `walls[i]` runs from `plan[i]` to `plan[i + 1]`."""

    __pydantic_config__ = STRICT

    name: Name
    height: Dimension
    plan: Annotated[tuple[Corner, ...], MinLen(3), MaxLen(100)]
    walls: Annotated[tuple[Wall, ...], MinLen(3), MaxLen(100)]
    floor: Surface
    ceiling: Surface
    openings: Annotated[tuple[Opening, ...], MaxLen(100)] = ()
    things: Annotated[tuple[Thing, ...], MaxLen(100)] = ()
    keep_outs: Annotated[tuple[KeepOut, ...], MaxLen(100)] = ()
    temperature_celsius: Annotated[float, Ge(-20.0), Le(50.0)] = 20.0
    notes: Annotated[str, MaxLen(10_000)] = ""
    calm_zone: CalmZone | None = None

    @property
    def is_box(self) -> bool:
        """Whether the plan is a rectangle."""
        return is_rectangle(self.plan)

    @cached_property
    def width(self) -> float:
        """From the leftmost to the rightmost corner."""
        return max(x for x, _ in self.plan)

    @cached_property
    def length(self) -> float:
        """From the foremost to the rearmost corner."""
        return max(y for _, y in self.plan)

    @property
    def dimensions(self) -> tuple[float, float, float]:
        """Width, length, height."""
        return self.width, self.length, self.height

    @property
    def volume(self) -> float:
        """Cubic metres."""
        return self.width * self.length * self.height

    @cached_property
    def sides(self) -> dict[WallName, Wall]:
        """The walls of a box by the side on which they stand, whatever they are called."""
        found: dict[WallName, Wall] = {}
        for (a, b), wall in zip(edges(self.plan), self.walls, strict=True):
            if a[1] == b[1]:
                found["front" if a[1] == 0 else "back"] = wall
            elif a[0] == b[0]:
                found["left" if a[0] == 0 else "right"] = wall
        return found

    @cached_property
    def surfaces(self) -> dict[SurfaceName, Surface]:
        """The six surfaces of a box by side."""
        walls: dict[SurfaceName, Surface] = {s: w.surface for s, w in self.sides.items()}
        return {**walls, "floor": self.floor, "ceiling": self.ceiling}

    def side_of(self, opening: Opening) -> WallName:
        """On which side of a box an opening is."""
        return next(side for side, wall in self.sides.items() if wall.name == opening.wall)

    def openings_on(self, side: str) -> tuple[Opening, ...]:
        """The openings of one side of a box."""
        return tuple(o for o in self.openings if self.side_of(o) == side)

    @cached_property
    def kept_free(self) -> tuple[KeepOut, ...]:
        """Floor where nothing may stand: the keep-out areas, and what doors sweep (a square of
        their width).
        """
        doors = (o for o in self.openings if o.kind == "door" and o.swings_in)
        return (*self.keep_outs, *(self._swing(door) for door in doors))

    def _swing(self, door: Opening) -> KeepOut:
        size = door.width
        x, y = {
            "front": (door.start, 0.0),
            "back": (door.start, max(self.length - size, 0.0)),
            "left": (0.0, door.start),
            "right": (max(self.width - size, 0.0), door.start),
        }[self.side_of(door)]
        return KeepOut(DOOR_SWING, x, y, size, size)

    @property
    def speed_of_sound(self) -> float:
        """In m/s, from the air temperature."""
        return speed_of_sound(self.temperature_celsius)

    @cached_property
    def admittances_at_125(self) -> dict[SurfaceName, float]:
        """Specific admittance of each surface at 125 Hz, for explaining single reflections."""
        at = np.array([125.0])
        return {name: float(surface_admittance(self, name, at)[0]) for name in SURFACE_NAMES}

    @cached_property
    def schroeder_hz(self) -> float:
        """2000 sqrt(T / V) in Hz, T at 125 Hz (Schroeder & Kuttruff 1962)."""
        return 2000.0 * sqrt(reverberation_time(self, 125.0) / self.volume)

    def surface_area(self, name: SurfaceName) -> float:
        """Square metres of a whole side of a box, openings included."""
        return {
            "left": self.length * self.height,
            "right": self.length * self.height,
            "front": self.width * self.height,
            "back": self.width * self.height,
            "floor": self.width * self.length,
            "ceiling": self.width * self.length,
        }[name]

    def admittance_factor(self, name: SurfaceName, frequencies_hz: FloatArray) -> FloatArray:
        """What a surface's admittance is to be multiplied by: 1, unless a fit says otherwise."""
        return np.ones_like(frequencies_hz)

    def contains(self, point: Point) -> bool:
        """Whether the point lies in the room."""
        return (
            0 <= point.x <= self.width
            and 0 <= point.y <= self.length
            and 0 <= point.z <= self.height
        )

    def solid_at(self, point: Point) -> Thing | None:
        """The solid thing a point lies in, if any."""
        return next((t for t in self.things if t.kind == "solid" and t.holds(point)), None)

    def has_air_at(self, point: Point) -> bool:
        """Whether the point lies in the room and in no solid thing."""
        return self.contains(point) and self.solid_at(point) is None

    def blocked_between(self, low: float, high: float) -> tuple[KeepOut, ...]:
        """Floor over which nothing that reaches from one height to another may stand: what is
        kept free, and solid things in its way.
        """
        return (*self.kept_free, *self.solids_between(low, high))

    def solids_between(self, low: float, high: float) -> tuple[KeepOut, ...]:
        """The floor of the solid things in the way of what reaches from one height to another."""
        return tuple(
            KeepOut(t.name, t.x, t.y, t.width, t.depth)
            for t in self.things
            if t.kind == "solid" and t.z < high - _TOUCHING and t.z + t.height > low + _TOUCHING
        )

    def resized(self, width: float, length: float, height: float) -> "Room":
        """The same box in another size."""
        across = {0.0: 0.0, self.width: width}
        along = {0.0: 0.0, self.length: length}
        plan = tuple((across[x], along[y]) for x, y in self.plan)
        return replace(self, plan=plan, height=height)

    def lined(self, surfaces: Mapping[SurfaceName, Surface]) -> "Room":
        """The same box with some of its six surfaces lined anew."""
        side = {wall.name: name for name, wall in self.sides.items()}
        walls = tuple(
            replace(w, material=new.material, absorption=new.absorption)
            if (new := surfaces.get(side[w.name])) is not None
            else w
            for w in self.walls
        )
        floor, ceiling = surfaces.get("floor", self.floor), surfaces.get("ceiling", self.ceiling)
        return replace(self, walls=walls, floor=floor, ceiling=ceiling)


def box_room(
    name: str,
    width: float,
    length: float,
    height: float,
    surfaces: Mapping[SurfaceName, Surface],
    **more: object,
) -> Room:
    """A box whose walls are called by their sides; `more` are further fields of Room."""
    round_about: tuple[WallName, ...] = ("front", "right", "back", "left")
    walls = tuple(Wall(s, surfaces[s].material, surfaces[s].absorption) for s in round_about)
    plan = rectangle(width, length)
    return Room(name, height, plan, walls, surfaces["floor"], surfaces["ceiling"], **more)  # type: ignore[arg-type]


def surface_admittance(room: Room, name: SurfaceName, frequencies_hz: FloatArray) -> FloatArray:
    """Specific admittance of one side of a box, shape (frequencies,).

    The model needs one value a surface: windows and doors are spread evenly over their wall by
    area. That is right to first order for modes broader than the opening; close to a large pane
    the real field differs.
    """
    whole = room.surface_area(name)
    own = admittance_from_random_incidence(
        absorption_at(frequencies_hz, room.surfaces[name].octave_absorption())
    )
    total, left_over = np.zeros_like(frequencies_hz), whole
    for opening in room.openings_on(name):
        bands = opening.octave_absorption()
        beta = admittance_from_random_incidence(absorption_at(frequencies_hz, bands))
        total = total + opening.area * beta
        left_over -= opening.area
    tabled = (total + max(left_over, 0.0) * own) / whole
    fitted = tabled * room.admittance_factor(name, frequencies_hz)
    return np.asarray(np.minimum(fitted, max(1 / BEST_MATCHED_IMPEDANCE, float(np.max(tabled)))))


LONGEST_REVERBERATION_SECONDS = 60.0
"""What absorbs next to nothing would ring for ever; air and people see to it that no room does."""


def reverberation_time(room: Room, frequency_hz: float) -> float:
    """Seconds, Eyring: 0.161 V / (-S ln(1 - mean absorption)) (Kuttruff, Room Acoustics)."""
    absorbed, area = 0.0, 0.0
    at = np.array([frequency_hz])
    for name in SURFACE_NAMES:
        whole = room.surface_area(name)
        rest = whole
        for opening in room.openings_on(name):
            alpha = absorption_at(at, opening.octave_absorption())[0]
            absorbed += alpha * opening.area
            rest -= opening.area
        absorbed += absorption_at(at, room.surfaces[name].octave_absorption())[0] * max(rest, 0.0)
        area += whole
    mean = min(absorbed / area, 0.99)
    sabins = -area * float(np.log1p(-mean))
    least = 0.161 * room.volume / LONGEST_REVERBERATION_SECONDS
    return float(0.161 * room.volume / max(sabins, least))
