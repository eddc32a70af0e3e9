"""The fields of the rooms at hand, shared by all who calculate."""

import threading

from jolly_parlor.acoustics.fields import RoomField, room_field
from jolly_parlor.acoustics.room import Room
from jolly_parlor.placement.evenness import GRID_HZ

ROOMS_KEPT = 2
"""The surveyed and the fitted room: going back and forth must not make their tables anew."""


class KnownFields:
    """A field for each of the last rooms asked for; several threads may ask."""

    def __init__(self) -> None:
        self._lock = threading.Lock()
        self._known: list[tuple[Room, RoomField]] = []

    def of(self, room: Room) -> RoomField:
        """The room's field on the usual grid. Raises Refused where it cannot be worked out."""
        with self._lock:
            found = next((field for known, field in self._known if known == room), None)
            if found is None:
                found = room_field(room, GRID_HZ)
            others = [(known, field) for known, field in self._known if known != room]
            self._known = [(room, found), *others][:ROOMS_KEPT]
            return found

    def clear(self) -> None:
        """Nobody asks any more."""
        with self._lock:
            self._known = []
