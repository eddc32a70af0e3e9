"""Changing a plan: bays and niches added, corners cut, walls split, moved or set to a length.

Every change makes a new room in which openings stay where they are in their walls, things stay
where they stand, and the foremost and leftmost corners again touch the axes; `Shaped.shift` says by
how much everything else is to move along. What cannot be is refused in a sentence.
"""

from collections.abc import Sequence
from dataclasses import dataclass, replace
from math import hypot
from typing import Literal, TypeVar

from jolly_parlor.acoustics.geometry.plan import (
    Corner,
    begun_at_origin,
    distance_to,
    edge_length,
    edges,
    inward,
    measured_from_start,
    polygon_problem,
)
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.acoustics.geometry.room_parts import KeepOut, Opening, Thing, Wall
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

Recess = Literal["bay", "angled bay", "alcove", "niche", "chimney breast"]
RECESSES: tuple[Recess, ...] = ("bay", "angled bay", "alcove", "niche", "chimney breast")
_SAME, _DECIMALS = 1e-4, 4


@dataclass(frozen=True)
class Shaped:
    """A changed room, and how far all that stands in it moves for the plan to touch the axes."""

    room: Room
    shift: tuple[float, float]


def with_recess(
    room: Room, wall: str, kind: Recess, start: float, width: float, depth: float
) -> Shaped:
    """A wall with a bay, alcove or niche behind it or a chimney breast before it.

    start: from the wall's end that openings are measured from, too; metres. Raises Refused.
    """
    at = wall_number(room, wall)
    a, b = edges(room.plan)[at]
    length = edge_length((a, b))
    if min(width, depth) <= 0.02 or start < 0 or start + width > length + _SAME:
        raise Refused(
            tr(
                "A {kind} {width:.2f} m wide, {start:.2f} m along, does not fit "
                "into the wall “{wall}”, which is {length:.2f} m long.",
                kind=kind,
                width=width,
                start=start,
                wall=wall,
                length=length,
            )
        )
    begin = start if measured_from_start((a, b)) else length - start - width
    along = ((b[0] - a[0]) / length, (b[1] - a[1]) / length)
    sign = 1 if kind == "chimney breast" else -1
    out_x, out_y = (sign * way for way in inward((a, b)))
    splay = min(depth, width / 3) if kind == "angled bay" else 0.0

    def place(far: float, off: float) -> Corner:
        return (a[0] + along[0] * far + out_x * off, a[1] + along[1] * far + out_y * off)

    own = room.walls[at]
    names = _Names(room)
    pieces = [
        (a, own),
        (place(begin, 0.0), replace(own, name=names.new(tr("{kind}, one side", kind=kind)))),
        (place(begin + splay, depth), replace(own, name=names.new(kind))),
        (
            place(begin + width - splay, depth),
            replace(own, name=names.new(tr("{kind}, other side", kind=kind))),
        ),
        (place(begin + width, 0.0), replace(own, name=names.new(own.name))),
    ]
    if begin < _SAME:
        pieces = pieces[1:]
    if begin + width > length - _SAME:
        pieces = pieces[:-1]
    return _rebuilt(room, _spliced(room, at, pieces))


def with_corner_cut(room: Room, wall: str, along: float, deep: float, square: bool) -> Shaped:
    """The corner at the end of a wall (as the plan goes round) cut off by a slanted wall, or taken
    out square: `along` this wall and `deep` along the next, metres. Raises Refused.
    """
    at = wall_number(room, wall)
    every = edges(room.plan)
    (a, corner), (_, end) = every[at], every[(at + 1) % len(every)]
    lengths = edge_length((a, corner)), edge_length((corner, end))
    if not (0.02 < along < lengths[0] - 0.02 and 0.02 < deep < lengths[1] - 0.02):
        raise Refused(
            tr(
                "A corner of {along:.2f} by {deep:.2f} m cannot be taken from "
                "walls of {lengths:.2f} and {lengths2:.2f} m; make it smaller.",
                along=along,
                deep=deep,
                lengths=lengths[0],
                lengths2=lengths[1],
            )
        )
    back = _towards(corner, a, along)
    on = _towards(corner, end, deep)
    own, names = room.walls[at], _Names(room)
    cut = [(back, replace(own, name=names.new("corner")))]
    if square:
        inner = (back[0] + on[0] - corner[0], back[1] + on[1] - corner[1])
        cut.append((inner, replace(own, name=names.new("corner"))))
    outline = list(zip(room.plan, room.walls, strict=True))
    after = (at + 1) % len(outline)
    moved = (on, outline[after][1])
    outline[after : after + 1] = [*cut, moved]
    return _rebuilt(room, outline)


def with_wall_split(room: Room, wall: str, at_metres: float) -> Shaped:
    """A wall as two, the first so long. Raises Refused."""
    at = wall_number(room, wall)
    a, b = edges(room.plan)[at]
    length = edge_length((a, b))
    if not 0.05 < at_metres < length - 0.05:
        raise Refused(
            tr(
                "The wall “{wall}” is {length:.2f} m long; split it between its ends.",
                wall=wall,
                length=length,
            )
        )
    from_start = at_metres if measured_from_start((a, b)) else length - at_metres
    own = room.walls[at]
    second = replace(own, name=_Names(room).new(own.name))
    return _rebuilt(room, _spliced(room, at, [(a, own), (_towards(a, b, from_start), second)]))


def with_corner_moved(room: Room, number: int, to: Corner, square: bool) -> Shaped:
    """A corner elsewhere. square: walls along an axis stay so, and take their other corners along.
    Raises Refused.
    """
    corners = list(room.plan)
    old = corners[number]
    for other in (number - 1, (number + 1) % len(corners)):
        x, y = corners[other]
        if square and x == old[0]:
            corners[other] = (to[0], y)
        elif square and y == old[1]:
            corners[other] = (x, to[1])
    corners[number] = to
    return _rebuilt(room, list(zip(corners, room.walls, strict=True)))


def with_wall_moved(room: Room, wall: str, outward: float) -> Shaped:
    """A wall so much further out, square to itself; its neighbours follow. Raises Refused."""
    at = wall_number(room, wall)
    (x0, y0), (x1, y1) = edge = edges(room.plan)[at]
    dx, dy = (-way * outward for way in inward(edge))
    corners, after = list(room.plan), (at + 1) % len(room.plan)
    corners[at], corners[after] = (x0 + dx, y0 + dy), (x1 + dx, y1 + dy)
    return _rebuilt(room, list(zip(corners, room.walls, strict=True)))


def with_wall_length(room: Room, wall: str, length: float, square: bool) -> Shaped:
    """A wall set to a length: its end moves, and with it, where angles are held right, the next
    wall. Raises Refused.
    """
    at = wall_number(room, wall)
    (x0, y0), (x1, y1) = edges(room.plan)[at]
    old = hypot(x1 - x0, y1 - y0)
    dx, dy = (x1 - x0) / old * (length - old), (y1 - y0) / old * (length - old)
    corners, after = list(room.plan), (at + 1) % len(room.plan)
    corners[after] = (x1 + dx, y1 + dy)
    beyond = (at + 2) % len(corners)
    (bx, by), turn = room.plan[beyond], _turn(room.plan[at], (x1, y1), room.plan[beyond])
    if square and abs(turn) > 0.99:
        corners[beyond] = (bx + dx, by + dy)
    return _rebuilt(room, list(zip(corners, room.walls, strict=True)))


def without_corner(room: Room, number: int) -> Shaped:
    """The plan without one corner: the walls that met there become one, as the longer was. Raises
    Refused.
    """
    if len(room.plan) <= 3:
        raise Refused(tr("A plan needs three corners; this one cannot be taken away."))
    before = (number - 1) % len(room.plan)
    lengths = [edge_length(edge) for edge in edges(room.plan)]
    kept = room.walls[before] if lengths[before] >= lengths[number] else room.walls[number]
    outline = list(zip(room.plan, room.walls, strict=True))
    outline[before] = (outline[before][0], kept)
    del outline[number]
    return _rebuilt(room, outline)


def wall_number(room: Room, wall: str) -> int:
    """Which wall has that name; raises Refused."""
    for number, known in enumerate(room.walls):
        if known.name == wall:
            return number
    names = ", ".join(w.name for w in room.walls)
    raise Refused(tr("There is no wall “{wall}”; there is {names}.", wall=wall, names=names))


class _Names:
    """Wall names not yet taken."""

    def __init__(self, room: Room) -> None:
        self._taken = {wall.name for wall in room.walls}

    def new(self, wanted: str) -> str:
        name, number = wanted, 2
        while name in self._taken:
            name, number = f"{wanted} {number}", number + 1
        self._taken.add(name)
        return name


_Outline = list[tuple[Corner, Wall]]


def _spliced(room: Room, at: int, pieces: Sequence[tuple[Corner, Wall]]) -> _Outline:
    outline: _Outline = list(zip(room.plan, room.walls, strict=True))
    outline[at : at + 1] = pieces
    return outline


def _rebuilt(room: Room, outline: _Outline) -> Shaped:
    """The room with another outline, each corner with the wall that begins there."""
    least = min(c[0] for c, _ in outline), min(c[1] for c, _ in outline)
    shift = (round(-least[0], _DECIMALS), round(-least[1], _DECIMALS))
    corners = [
        (round(x + shift[0], _DECIMALS) + 0.0, round(y + shift[1], _DECIMALS) + 0.0)
        for (x, y), _ in outline
    ]
    walls = [wall for _, wall in outline]
    if problem := polygon_problem(tuple(corners), [wall.name for wall in walls]):
        raise Refused(problem)
    first = begun_at_origin(tuple(corners))
    plan = tuple(corners[first:] + corners[:first])
    ordered = tuple(walls[first:] + walls[:first])
    names = {wall.name for wall in ordered}
    bare = replace(
        room,
        plan=plan,
        walls=ordered,
        openings=(),
        things=tuple(_moved(thing, shift) for thing in room.things),
        keep_outs=tuple(_moved(area, shift) for area in room.keep_outs),
        slopes=tuple(slope for slope in room.slopes if slope.wall in names),
        faced=room.faced if room.faced in names else None,
    )
    openings = tuple(_kept(room, opening, bare, shift) for opening in room.openings)
    return Shaped(replace(bare, openings=openings), shift)


_T = TypeVar("_T", Thing, KeepOut)


def _moved(item: _T, shift: tuple[float, float]) -> _T:
    x, y = item.x + shift[0], item.y + shift[1]
    return replace(item, x=max(round(x, _DECIMALS), 0.0), y=max(round(y, _DECIMALS), 0.0))


def _kept(old: Room, opening: Opening, new: Room, shift: tuple[float, float]) -> Opening:
    """An opening where it was; where its wall has moved, as far along it. Raises Refused."""
    ends = [(x + shift[0], y + shift[1]) for x, y in old.span_of(opening)]
    for wall, edge in zip(new.walls, edges(new.plan), strict=True):
        if all(distance_to(edge, end) < 1e-3 for end in ends):
            start = edge[0] if measured_from_start(edge) else edge[1]
            away = min(hypot(x - start[0], y - start[1]) for x, y in ends)
            return replace(opening, wall=wall.name, start=round(away, _DECIMALS))
    for wall, edge in zip(new.walls, edges(new.plan), strict=True):
        if wall.name == opening.wall and opening.start + opening.width <= edge_length(edge) + 1e-9:
            return opening
    raise Refused(
        tr(
            "The {kind} in the wall “{wall}” is in the way; move it or take it away first.",
            kind=opening.kind,
            wall=opening.wall,
        )
    )


def _towards(start: Corner, end: Corner, metres: float) -> Corner:
    length = hypot(end[0] - start[0], end[1] - start[1])
    share = metres / length
    return (start[0] + (end[0] - start[0]) * share, start[1] + (end[1] - start[1]) * share)


def _turn(a: Corner, b: Corner, c: Corner) -> float:
    """Sine of the angle by which the way from a over b to c turns."""
    one, other = (b[0] - a[0], b[1] - a[1]), (c[0] - b[0], c[1] - b[1])
    size = hypot(*one) * hypot(*other)
    return (one[0] * other[1] - one[1] * other[0]) / size if size else 0.0
