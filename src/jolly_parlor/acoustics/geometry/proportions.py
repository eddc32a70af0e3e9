"""What a room's proportions give away before anything is measured."""

from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.words import tr

_NEARLY_EQUAL = 0.05


def room_warnings(room: Room) -> list[str]:
    """Square plans and repeated dimensions, each in a sentence; empty when there are none.

    Dimensions within 5 % of each other stack modes at the same frequencies. The 5 % is common
    practice, no source; that equal dimensions are to be avoided goes back to Bolt 1946.
    """
    found = []
    pairs = (
        (tr("Width and length"), room.width, room.length),
        (tr("Width and height"), room.width, room.height),
        (tr("Length and height"), room.length, room.height),
    )
    for what, a, b in pairs:
        if abs(a - b) / max(a, b) < _NEARLY_EQUAL:
            found.append(
                tr("{what} are nearly equal: their modes stack at the same frequencies.", what=what)
            )
    return found
