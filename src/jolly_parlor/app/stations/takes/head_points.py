"""What the points around a head are called."""

from jolly_parlor.placement.forecast import HEAD_SHIFTS
from jolly_parlor.words import tr


def point_words(name: str) -> str:
    """One of HEAD_SHIFTS by how far it lies from the head's centre."""
    dx, dy, dz = HEAD_SHIFTS[name]
    if name == "centre":
        return tr("the head's centre")
    parts = ((dx, "left", "right"), (dy, "forward", "back"), (dz, "down", "up"))
    words = [
        tr("{d:.0f} cm {d2}", d=abs(d) * 100, d2=low if d < 0 else high)
        for d, low, high in parts
        if d
    ]
    return ", ".join(words)
