"""Whether sound goes straight from one place to another: past corners and solid things."""

from jolly_parlor.acoustics.geometry.plan import Corner, Point, edges
from jolly_parlor.acoustics.geometry.room import Room, Thing

_NEAR = 1e-6


def in_sight(room: Room, one: Point, other: Point) -> bool:
    """Whether nothing stands between two places of the room, the places themselves not counted."""
    if not room.is_box and any(_crosses(edge, one, other) for edge in edges(room.plan)):
        return False
    solids = (thing for thing in room.things if thing.kind == "solid")
    return not any(_passes_through(thing, one, other) for thing in solids)


def _crosses(edge: tuple[Corner, Corner], one: Point, other: Point) -> bool:
    (x0, y0), (x1, y1) = edge
    dx, dy = other.x - one.x, other.y - one.y
    ex, ey = x1 - x0, y1 - y0
    across = dx * ey - dy * ex
    if abs(across) < 1e-12:
        return False
    way = ((x0 - one.x) * ey - (y0 - one.y) * ex) / across
    along = ((x0 - one.x) * dy - (y0 - one.y) * dx) / across
    return _NEAR < way < 1 - _NEAR and _NEAR < along < 1 - _NEAR


def _passes_through(thing: Thing, one: Point, other: Point) -> bool:
    """By the stretches of the way between the block's pairs of faces (the slab method)."""
    low = (thing.x, thing.y, thing.z)
    high = (thing.x + thing.width, thing.y + thing.depth, thing.z + thing.height)
    enter, leave = _NEAR, 1 - _NEAR
    ends = (one.x, one.y, one.z), (other.x, other.y, other.z)
    ways = zip(*ends, low, high, strict=True)
    for start, end, near, far in ways:
        step = end - start
        if abs(step) < 1e-12:
            if not near + _NEAR < start < far - _NEAR:
                return False
            continue
        first, last = sorted(((near - start) / step, (far - start) / step))
        enter, leave = max(enter, first), min(leave, last)
    return enter < leave - _NEAR
