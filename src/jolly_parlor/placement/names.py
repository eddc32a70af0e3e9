"""What the program calls the arrangements that it makes: by what they are, so that a name holds no
figure that a fit or another wish would change.
"""

from dataclasses import replace

from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.setup import Setup
from jolly_parlor.words import tr

JOINED = " · "
"""Between the name of an arrangement and what was done to it."""

_AT_WALL_METRES = 0.06


def named(setup: Setup) -> Arrangement:
    """What a search has found, by what it is: `Search, desk at wall`."""
    name = tr("Search, {where}", where=_where(setup))
    return replace(setup.arrangement, name=name, name_follows=True)


def renamed_by_move(setup: Setup, a: Arrangement) -> Arrangement:
    """An arrangement that somebody has moved, called by where it came from, no longer as if it
    stood there. One that a search found still says where it stands. What its name does not speak
    of, subwoofers and those around the seat, may move under the same name.
    """
    if not a.name_follows or _triangle(setup.arrangement) == _triangle(a):
        return a
    if a.school == "search":
        name = tr("Search, moved, {where}", where=_where(setup.having(a)))
        return replace(a, name=name)
    came_from = a.name.split(JOINED)[0][:50]
    return replace(a, name=tr("{name}, moved", name=came_from), name_follows=False)


def _triangle(a: Arrangement) -> object:
    return a.left, a.right, a.seats, a.desk


def _where(setup: Setup) -> str:
    a = setup.arrangement
    front = setup.room.frame.front
    if setup.gear.desk is not None and a.desk is not None and a.desk.y - front <= _AT_WALL_METRES:
        return tr("desk at wall")
    return tr("monitors {away:.2f} m", away=a.left.y - front)
