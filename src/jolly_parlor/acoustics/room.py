"""The Room: a box with six surfaces, openings set into its walls, and keep-out areas.

Coordinates in metres, right-handed: origin at the front-left floor corner as the listener faces
the front wall, x to the right, y from the front wall towards the back, z up.
"""

from dataclasses import dataclass, field
from functools import cached_property
from math import sqrt
from typing import Annotated, Literal

import numpy as np
from annotated_types import Ge, Gt, Le, Len

from jolly_parlor.acoustics.air import speed_of_sound
from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.field import BoxField
from jolly_parlor.acoustics.materials import material
from jolly_parlor.acoustics.surfaces import (
    BEST_MATCHED_IMPEDANCE,
    absorption_at,
    admittance_from_random_incidence,
)

SurfaceName = Literal["left", "right", "front", "back", "floor", "ceiling"]
WallName = Literal["left", "right", "front", "back"]
SURFACE_NAMES: tuple[SurfaceName, ...] = ("left", "right", "front", "back", "floor", "ceiling")
"""In the order of the field model: x=0, x=W, y=0, y=L, z=0, z=H."""

DOOR_SWING = "door's swing"

Dimension = Annotated[float, Gt(0.5), Le(60.0)]
Coefficient = Annotated[float, Ge(0.0), Le(1.0)]


@dataclass(frozen=True)
class Point:
    """A position in metres."""

    __pydantic_config__ = {"extra": "forbid"}

    x: float
    y: float
    z: float

    def array(self) -> FloatArray:
        """x, y, z as an array of shape (3,)."""
        return np.array([self.x, self.y, self.z])

    def distance(self, other: "Point") -> float:
        """Straight distance in metres."""
        return sqrt((self.x - other.x) ** 2 + (self.y - other.y) ** 2 + (self.z - other.z) ** 2)


@dataclass(frozen=True)
class Surface:
    """One of the six surfaces: a material of the table, or absorption of the user's own."""

    __pydantic_config__ = {"extra": "forbid"}

    material: str
    absorption: Annotated[tuple[Coefficient, ...], Len(7, 7)] | None = None
    """Random-incidence absorption, 63 to 4000 Hz; None takes the material's."""

    def octave_absorption(self) -> FloatArray:
        """Absorption in the seven octave bands."""
        own = self.absorption
        return np.asarray(own if own is not None else material(self.material).absorption)


@dataclass(frozen=True)
class Opening:
    """A window, a door or an open passage in a wall.

    start: from the left end (front and back wall) or the front end (side walls) to its near
    edge; sill: height of its lower edge above the floor. Metres.
    """

    __pydantic_config__ = {"extra": "forbid"}

    kind: Literal["window", "door", "passage"]
    wall: WallName
    start: Annotated[float, Ge(0.0)]
    width: Annotated[float, Gt(0.0)]
    sill: Annotated[float, Ge(0.0)]
    height: Annotated[float, Gt(0.0)]
    material: str
    swings_in: bool = True
    """Of a door: whether it opens into the room, so that nothing may stand in its way."""

    @property
    def area(self) -> float:
        """Square metres."""
        return self.width * self.height


@dataclass(frozen=True)
class KeepOut:
    """A rectangle of floor where nothing may stand: a stove, a door's swing, a way out."""

    __pydantic_config__ = {"extra": "forbid"}

    name: str
    x: Annotated[float, Ge(0.0)]
    y: Annotated[float, Ge(0.0)]
    width: Annotated[float, Gt(0.0)]
    depth: Annotated[float, Gt(0.0)]

    def contains(self, point: Point) -> bool:
        """Whether the point lies above the rectangle."""
        inside_x = self.x <= point.x <= self.x + self.width
        return inside_x and self.y <= point.y <= self.y + self.depth


@dataclass(frozen=True)
class CalmZone:
    """Where, walking away from a wall, one's voice became just a voice: near and far edge of the
    zone in front of the front wall and beside a side wall, metres.
    """

    __pydantic_config__ = {"extra": "forbid"}

    front_near: Annotated[float, Gt(0.0)]
    front_far: Annotated[float, Gt(0.0)]
    side_near: Annotated[float, Gt(0.0)]
    side_far: Annotated[float, Gt(0.0)]


@dataclass(frozen=True)
class Room:
    """The surveyed room."""

    __pydantic_config__ = {"extra": "forbid"}

    name: str
    width: Dimension
    length: Dimension
    height: Dimension
    surfaces: dict[SurfaceName, Surface]
    openings: tuple[Opening, ...] = ()
    keep_outs: tuple[KeepOut, ...] = ()
    temperature_celsius: Annotated[float, Ge(-20.0), Le(50.0)] = 20.0
    notes: str = field(default="")
    calm_zone: CalmZone | None = None

    @property
    def dimensions(self) -> tuple[float, float, float]:
        """Width, length, height."""
        return self.width, self.length, self.height

    @property
    def volume(self) -> float:
        """Cubic metres."""
        return self.width * self.length * self.height

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
        }[door.wall]
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
        """Square metres of a whole surface, openings included."""
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


def surface_admittance(room: Room, name: SurfaceName, frequencies_hz: FloatArray) -> FloatArray:
    """Specific admittance of one surface, shape (frequencies,).

    The model needs one value a surface: windows and doors are spread evenly over their wall by
    area. That is right to first order for modes broader than the opening; close to a large pane
    the real field differs.
    """
    whole = room.surface_area(name)
    own = admittance_from_random_incidence(
        absorption_at(frequencies_hz, room.surfaces[name].octave_absorption())
    )
    total, left_over = np.zeros_like(frequencies_hz), whole
    for opening in (o for o in room.openings if o.wall == name):
        bands = np.asarray(material(opening.material).absorption)
        beta = admittance_from_random_incidence(absorption_at(frequencies_hz, bands))
        total = total + opening.area * beta
        left_over -= opening.area
    tabled = (total + max(left_over, 0.0) * own) / whole
    fitted = tabled * room.admittance_factor(name, frequencies_hz)
    return np.asarray(np.minimum(fitted, max(1 / BEST_MATCHED_IMPEDANCE, float(np.max(tabled)))))


def box_field(room: Room, frequencies_hz: FloatArray) -> BoxField:
    """The field model of this room."""
    beta = np.array([surface_admittance(room, name, frequencies_hz) for name in SURFACE_NAMES])
    return BoxField(room.dimensions, beta, frequencies_hz, room.speed_of_sound)


def reverberation_time(room: Room, frequency_hz: float) -> float:
    """Seconds, Eyring: 0.161 V / (-S ln(1 - mean absorption)) (Kuttruff, Room Acoustics)."""
    absorbed, area = 0.0, 0.0
    at = np.array([frequency_hz])
    for name in SURFACE_NAMES:
        whole = room.surface_area(name)
        rest = whole
        for opening in (o for o in room.openings if o.wall == name):
            alpha = absorption_at(at, np.asarray(material(opening.material).absorption))[0]
            absorbed += alpha * opening.area
            rest -= opening.area
        absorbed += absorption_at(at, room.surfaces[name].octave_absorption())[0] * max(rest, 0.0)
        area += whole
    mean = min(absorbed / area, 0.99)
    return float(0.161 * room.volume / (-area * np.log(1.0 - mean)))
