"""Whether lengths taken across a room agree with its plan, and which length is likeliest wrong.

A tape read to the centimetre is off by about a centimetre a length; what is off by more is usually
a decimetre or a metre misread, or two figures swapped (common practice, no source).
"""

from collections.abc import Sequence
from itertools import pairwise
from math import hypot

from jolly_parlor.acoustics.geometry.plan import edge_length, edges
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.acoustics.geometry.room_parts import Diagonal
from jolly_parlor.acoustics.geometry.shaping import with_wall_length
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

_READ_TO, _SHARE = 0.015, 0.003
_FAULTS = (0.10, 1.00, 0.01 * 9, 0.05)
_STEPS = 24


def corner_words(room: Room, number: int) -> str:
    """A corner by the walls that meet there."""
    before, after = room.walls[number - 1].name, room.walls[number].name
    return tr("corner of {before} and {after}", before=before, after=after)


def drawn_metres(room: Room, diagonal: Diagonal) -> float | None:
    """How far apart the plan has the two corners; None where a wall is gone."""
    names = [wall.name for wall in room.walls]
    if diagonal.start not in names or diagonal.end not in names:
        return None
    (x0, y0), (x1, y1) = (room.plan[names.index(n)] for n in (diagonal.start, diagonal.end))
    return hypot(x1 - x0, y1 - y0)


def tape_problems(room: Room) -> list[str]:
    """What of the measured diagonals cannot be true together with the plan, in sentences with the
    likeliest mistake; empty when all agree.
    """
    off = [d for d in room.diagonals if not _agrees(room, d)]
    if not off:
        return []
    words = ", ".join(_words(room, d) for d in off)
    return [f"{words}. {_likeliest(room, room.diagonals)}"]


def _agrees(room: Room, diagonal: Diagonal) -> bool:
    drawn = drawn_metres(room, diagonal)
    return drawn is None or abs(drawn - diagonal.metres) <= _READ_TO + _SHARE * drawn


def _words(room: Room, diagonal: Diagonal) -> str:
    names = [wall.name for wall in room.walls]
    one, other = (corner_words(room, names.index(n)) for n in (diagonal.start, diagonal.end))
    drawn = drawn_metres(room, diagonal)
    return tr(
        "From the {one} to the {other} the tape says {metres:.2f} m, the walls {drawn:.2f} m",
        one=one,
        other=other,
        metres=diagonal.metres,
        drawn=drawn,
    )


def _likeliest(room: Room, diagonals: Sequence[Diagonal]) -> str:
    """The one length that, mended, makes all of them agree, if there is one."""
    candidates = []
    for wall, edge in zip(room.walls, edges(room.plan), strict=True):
        length = edge_length(edge)
        mended = _mended(room, wall.name, length, diagonals)
        if mended is not None:
            candidates.append((_unlikeliness(length, mended), wall.name, length, mended))
    if candidates:
        _, name, length, mended = min(candidates)
        why = _fault_words(length, mended)
        return tr(
            "Likeliest: the wall “{name}” is {mended:.2f} m, not {length:.2f} m{why}.",
            name=name,
            mended=mended,
            length=length,
            why=why,
        )
    single = [d for d in diagonals if not _agrees(room, d)]
    if len(single) == 1 and len(diagonals) > 1:
        return tr("The other lengths agree: likeliest this one was misread; measure it again.")
    if len(room.plan) == 4 and _lopsided(room, diagonals):
        return tr(
            "The two diagonals differ: the corners are not square. Measure "
            "both again, then release the right angles and move a corner."
        )
    return tr("No single wall explains it: measure these lengths again.")


def _lopsided(room: Room, diagonals: Sequence[Diagonal]) -> bool:
    return len(diagonals) >= 2 and abs(diagonals[0].metres - diagonals[1].metres) > 2 * _READ_TO


def _mended(room: Room, wall: str, length: float, diagonals: Sequence[Diagonal]) -> float | None:
    """The length of a wall at which all the diagonals agree, by bisection of the first that is off;
    None where none does.
    """
    wrong = next(d for d in diagonals if not _agrees(room, d))

    def gap(new: float) -> float | None:
        try:
            other = with_wall_length(room, wall, new, square=True).room
        except Refused:
            return None
        drawn = drawn_metres(other, wrong)
        return None if drawn is None else drawn - wrong.metres

    low, high = max(length - 1.6, 0.06), length + 1.6
    ends = [(x, g) for x in (low, length, high) if (g := gap(x)) is not None]
    for (a, ga), (b, gb) in pairwise(ends):
        if ga * gb > 0:
            continue
        for _ in range(_STEPS):
            middle = (a + b) / 2
            g = gap(middle)
            if g is None:
                return None
            a, ga, b = (middle, g, b) if g * ga > 0 else (a, ga, middle)
        found = round((a + b) / 2, 2)
        other = with_wall_length(room, wall, found, square=True).room
        return found if all(_agrees(other, d) for d in diagonals) else None
    return None


def _unlikeliness(length: float, mended: float) -> float:
    if _swapped(length, mended):
        return 0.0
    by = abs(length - mended)
    return min(abs(by - fault) for fault in _FAULTS) + 0.05 * by


def _swapped(length: float, mended: float) -> bool:
    one, other = f"{length:.2f}", f"{mended:.2f}"
    return one != other and sorted(one) == sorted(other)


def _fault_words(length: float, mended: float) -> str:
    if _swapped(length, mended):
        return tr(", two figures swapped")
    by = abs(length - mended)
    for fault, words in ((1.0, tr("a metre")), (0.1, tr("ten centimetres"))):
        if abs(by - fault) < 0.015:
            return tr(", misread by {words}", words=words)
    return ""
