"""A box as a Room."""

from collections.abc import Mapping

from jolly_parlor.acoustics.geometry.plan import WallSide, rectangle
from jolly_parlor.acoustics.geometry.room import Room, SurfaceName
from jolly_parlor.acoustics.geometry.room_parts import Surface, Wall


def box_room(
    name: str,
    width: float,
    length: float,
    height: float,
    surfaces: Mapping[SurfaceName, Surface],
    **more: object,
) -> Room:
    """A box whose walls are called by their sides; `more` are further fields of Room."""
    round_about: tuple[WallSide, ...] = ("front", "right", "back", "left")
    walls = tuple(Wall(s, surfaces[s].material, surfaces[s].absorption) for s in round_about)
    plan = rectangle(width, length)
    return Room(name, height, plan, walls, surfaces["floor"], surfaces["ceiling"], **more)  # type: ignore[arg-type]
