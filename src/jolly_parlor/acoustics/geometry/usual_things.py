"""What often stands in rooms and matters below 300 Hz, in usual sizes (common practice, no source):
a start to correct with a tape.
"""

from dataclasses import replace

import numpy as np

from jolly_parlor.acoustics.geometry.clashes import free_place
from jolly_parlor.acoustics.geometry.room import Room, Thing

USUAL: dict[str, Thing] = {
    "wardrobe": Thing("wardrobe", "solid", 0, 0, 0, 1.5, 0.6, 2.1, "door_solid"),
    "bookcase": Thing("bookcase", "solid", 0, 0, 0, 1.6, 0.3, 2.1, "bookshelves"),
    "bed": Thing("bed", "soft", 0, 0, 0, 1.4, 2.0, 0.5),
    "sofa": Thing("sofa", "soft", 0, 0, 0, 2.0, 0.9, 0.75),
    "table top": Thing("table top", "solid", 0, 0, 0.7, 1.6, 0.8, 0.05, "door_solid"),
    "shelf": Thing("shelf", "solid", 0, 0, 1.5, 1.2, 0.3, 0.4, "bookshelves"),
    "chimney breast": Thing("chimney breast", "solid", 0, 0, 0, 1.4, 0.45, 9.9, "plaster_masonry"),
    "column": Thing("column", "solid", 0, 0, 0, 0.4, 0.4, 9.9, "plaster_masonry"),
    "block": Thing("block", "solid", 0, 0, 0, 0.6, 0.6, 0.6, "door_solid"),
}


def usual_thing(room: Room, name: str) -> Thing:
    """One of them at the back left of what the listener has around him, or where there is room
    along the walls, no larger than half of it, with a name of its own.
    """
    found = USUAL[name]
    taken = {thing.name for thing in room.things}
    number = next(n for n in range(1, 200) if _numbered(name, n) not in taken)
    frame = room.frame
    width = min(found.width, (frame.right - frame.left) / 2)
    depth = min(found.depth, frame.depth / 2)
    x, y = frame.left, frame.back - depth
    corners = np.array([x, x + width]), np.array([y, y + depth])
    low = float(np.min(room.ceiling_at(*np.meshgrid(*corners))))
    height = min(found.height, low - found.z)
    placed = replace(
        found,
        name=_numbered(name, number),
        x=x,
        y=y,
        width=width,
        depth=depth,
        height=height,
    )
    return free_place(room, placed)


def _numbered(name: str, number: int) -> str:
    return name if number == 1 else f"{name} {number}"
