"""The Room: a plan with a wall for each of its edges, floor and ceiling, openings set into the
walls, things that stand in it, and keep-out areas.

Coordinates and plan as in `plan`. Its surfaces are known by name: floor, ceiling, and of a box its
four sides, of any other plan its walls by their own names.
"""

from dataclasses import dataclass
from functools import cached_property
from typing import Annotated

import numpy as np
from annotated_types import Ge, Le, MaxLen, MinLen

from jolly_parlor.acoustics.air import speed_of_sound
from jolly_parlor.acoustics.arrays import AdmittanceArray, FloatArray
from jolly_parlor.acoustics.geometry.ceiling import Ceiling
from jolly_parlor.acoustics.geometry.frame import Frame, frame, front_walls
from jolly_parlor.acoustics.geometry.plan import (
    Corner,
    Point,
    WallSide,
    area,
    beyond,
    direction,
    distance_to,
    edge_length,
    edges,
    holds,
    inward,
    is_rectangle,
    measured_from_start,
)
from jolly_parlor.acoustics.geometry.room_parts import (
    DOOR_SWING,
    TOUCHING,
    CalmZone,
    Diagonal,
    Dimension,
    KeepOut,
    Name,
    Opening,
    Slope,
    Surface,
    Thing,
    Wall,
)
from jolly_parlor.strict import STRICT
from jolly_parlor.words import tr

__all__ = [
    "DOOR_SWING",
    "CalmZone",
    "Diagonal",
    "KeepOut",
    "Opening",
    "Point",
    "Room",
    "Slope",
    "Surface",
    "Thing",
    "Wall",
]

SurfaceName = str
SURFACE_NAMES: tuple[SurfaceName, ...] = ("left", "right", "front", "back", "floor", "ceiling")
"""The sides of a box in the order of its field model: x=0, x=W, y=0, y=L, z=0, z=H."""

OUTSIDE = tr("outside the room")
"""What floor that is none of the room is called."""


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
    slopes: Annotated[tuple[Slope, ...], MaxLen(4)] = ()
    """Of the ceiling."""
    diagonals: Annotated[tuple[Diagonal, ...], MaxLen(20)] = ()
    """Lengths taken across the room to check the plan by."""
    faced: Name | None = None
    """The wall the listener faces, by name; None takes the longest in front."""

    @cached_property
    def is_box(self) -> bool:
        """Whether it is a rectangle under a flat ceiling."""
        return is_rectangle(self.plan) and not self.slopes

    @property
    def is_empty_box(self) -> bool:
        """Whether it is one with nothing in it: worked out in closed form, at once."""
        return self.is_box and not self.things

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
        """Width, length, height: of any other than a box those of the box around it."""
        return self.width, self.length, self.height

    @cached_property
    def floor_area(self) -> float:
        """Square metres."""
        return area(self.plan)

    @cached_property
    def volume(self) -> float:
        """Cubic metres, things not taken off."""
        if not self.slopes:
            return self.floor_area * self.height
        return self.floor_area * float(np.mean(self.ceiling_surface.samples[0]))

    @cached_property
    def frame(self) -> Frame:
        """What the listener who faces its front has around him."""
        candidates = front_walls(self.plan)
        named = [n for n in candidates if self.walls[n].name == self.faced]
        return frame(self.plan, (named or candidates)[0])

    @cached_property
    def wall_keys(self) -> tuple[str, ...]:
        """What each wall is called among the surfaces, in order of the plan."""
        if self.is_box:
            return tuple(direction(edge) for edge in edges(self.plan))
        return tuple(wall.name for wall in self.walls)

    @cached_property
    def surface_names(self) -> tuple[SurfaceName, ...]:
        """Every surface, floor and ceiling last."""
        return SURFACE_NAMES if self.is_box else (*self.wall_keys, "floor", "ceiling")

    @cached_property
    def sides(self) -> dict[str, Wall]:
        """The walls by what they are called among the surfaces."""
        return dict(zip(self.wall_keys, self.walls, strict=True))

    def key_of(self, wall: str) -> str:
        """What a wall of that name is called among the surfaces."""
        return next(key for key, known in self.sides.items() if known.name == wall)

    def edge_of(self, side: str) -> tuple[Corner, Corner]:
        """Start and end of a wall; raises ValueError for a name that is none's."""
        return edges(self.plan)[self.wall_keys.index(side)]

    def direction_of(self, surface: SurfaceName) -> str:
        """Front, right, back or left of a wall, else the surface itself."""
        if surface in self.wall_keys:
            return direction(self.edge_of(surface))
        return surface

    def walls_towards(self, way: WallSide) -> tuple[str, ...]:
        """The walls that stand in one direction."""
        return tuple(key for key in self.wall_keys if self.direction_of(key) == way)

    def words_of(self, surface: SurfaceName) -> str:
        """A surface in a sentence: `front wall`, `bay left`, `floor`."""
        if surface not in self.wall_keys or "wall" in surface.casefold():
            return surface
        return tr("{surface} wall", surface=surface)

    @cached_property
    def surfaces(self) -> dict[SurfaceName, Surface]:
        walls: dict[SurfaceName, Surface] = {s: w.surface for s, w in self.sides.items()}
        return {**walls, "floor": self.floor, "ceiling": self.ceiling}

    def side_of(self, opening: Opening) -> str:
        """Among the surfaces, the wall an opening is in."""
        return self.key_of(opening.wall)

    def openings_on(self, side: str) -> tuple[Opening, ...]:
        """The openings of one wall."""
        return tuple(o for o in self.openings if self.side_of(o) == side)

    def pieces_of(self, name: SurfaceName) -> list[tuple[float, FloatArray]]:
        """What a surface is made of, each by square metres and absorption in the seven octaves: its
        openings, then the rest of it.
        """
        set_in = [(o.area, o.octave_absorption()) for o in self.openings_on(name)]
        rest = self.surface_area(name) - sum(area for area, _ in set_in)
        return [*set_in, (max(rest, 0.0), self.surfaces[name].octave_absorption())]

    def span_of(self, opening: Opening) -> tuple[Corner, Corner]:
        """Where an opening begins and ends on the plan."""
        first, last = self.edge_of(self.side_of(opening))
        if not measured_from_start((first, last)):
            first, last = last, first
        length = edge_length((first, last))
        way = ((last[0] - first[0]) / length, (last[1] - first[1]) / length)
        start, end = (
            (first[0] + way[0] * along, first[1] + way[1] * along)
            for along in (opening.start, opening.start + opening.width)
        )
        return start, end

    @cached_property
    def kept_free(self) -> tuple[KeepOut, ...]:
        """Floor where nothing may stand: the keep-out areas, and what doors sweep (a square of
        their width).
        """
        doors = (o for o in self.openings if o.kind == "door" and o.swings_in)
        return (*self.keep_outs, *(self._swing(door) for door in doors))

    def _swing(self, door: Opening) -> KeepOut:
        (x0, y0), (x1, y1) = self.span_of(door)
        in_x, in_y = (way * door.width for way in inward(self.edge_of(self.side_of(door))))
        xs = np.clip([x0, x1, x0 + in_x, x1 + in_x], 0.0, self.width)
        ys = np.clip([y0, y1, y0 + in_y, y1 + in_y], 0.0, self.length)
        low, high = (float(xs.min()), float(ys.min())), (float(xs.max()), float(ys.max()))
        return KeepOut(DOOR_SWING, low[0], low[1], high[0] - low[0], high[1] - low[1])

    @cached_property
    def outside(self) -> tuple[KeepOut, ...]:
        """What of the bounds is none of the room."""
        if self.is_box:
            return ()
        return tuple(KeepOut(OUTSIDE, x, y, w, d) for x, y, w, d in beyond(self.plan))

    @property
    def speed_of_sound(self) -> float:
        """In m/s, from the air temperature."""
        return speed_of_sound(self.temperature_celsius)

    def surface_area(self, name: SurfaceName) -> float:
        """Square metres of a whole surface, openings included."""
        if name == "floor":
            return self.floor_area
        if name == "ceiling":
            return self.floor_area * (
                float(np.mean(self.ceiling_surface.samples[1])) if self.slopes else 1
            )
        edge = self.edge_of(name)
        if not self.slopes:
            return edge_length(edge) * self.height
        along = np.linspace(edge[0], edge[1], 41)
        return edge_length(edge) * float(np.mean(self.ceiling_at(along[:, 0], along[:, 1])))

    @cached_property
    def ceiling_surface(self) -> Ceiling:
        walls = {w.name: e for w, e in zip(self.walls, edges(self.plan), strict=True)}
        return Ceiling(self.plan, self.height, self.slopes, walls)

    def ceiling_at(self, x: FloatArray, y: FloatArray) -> FloatArray:
        """Height of the ceiling over places of the plan."""
        return self.ceiling_surface.at(x, y)

    def admittance_factor(self, name: SurfaceName, frequencies_hz: FloatArray) -> AdmittanceArray:
        """What a surface's admittance is to be multiplied by: 1, unless a fit says otherwise."""
        return np.ones_like(frequencies_hz)

    def contains(self, point: Point) -> bool:
        """Whether the point lies in the room."""
        if self.is_box:
            bounds = zip((point.x, point.y, point.z), self.dimensions, strict=True)
            return all(0 <= value <= size for value, size in bounds)
        if not -TOUCHING <= point.z <= self.height + TOUCHING or not holds(
            self.plan, point.x, point.y
        ):
            return False
        if not self.slopes:
            return True
        above = float(self.ceiling_at(np.array(point.x), np.array(point.y)))
        return point.z <= above + TOUCHING

    def distance_to_wall(self, side: str, point: Point) -> float:
        """Metres on the plan from a point to the nearest place of a wall."""
        return distance_to(self.edge_of(side), (point.x, point.y))

    def solid_at(self, point: Point) -> Thing | None:
        """The solid thing a point lies in, if any."""
        return next((t for t in self.things if t.kind == "solid" and t.holds(point)), None)

    def has_air_at(self, point: Point) -> bool:
        """Whether the point lies in the room and in no solid thing."""
        return self.contains(point) and self.solid_at(point) is None
