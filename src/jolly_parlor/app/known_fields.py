"""The fields of the rooms at hand, shared by all who calculate.

A room of another shape than a box, or with things in it, takes some ten seconds to work out. Until
then the empty box of its size answers, and whoever asks is told when there is better.
"""

from __future__ import annotations

import threading
from collections.abc import Callable
from functools import partial
from typing import TYPE_CHECKING

from jolly_parlor import defects
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.evenness import GRID_HZ
from jolly_parlor.words import tr

if TYPE_CHECKING:
    from jolly_parlor.acoustics.fields.field_of_room import RoomField

ROOMS_KEPT = 2
"""The surveyed and the fitted room: going back and forth must not make their tables anew."""
_SETTLED_KEPT = 8


class _Closed(Exception):
    """Nobody waits for it any more."""


class _Stopped(Exception):
    """The user gave it up."""


class KnownFields:
    """A field for each of the last rooms asked for; several threads may ask.

    better: called, from another thread, when a room has been worked out as it is. further: the same
    whenever another tenth of that is done.
    """

    def __init__(
        self,
        better: Callable[[], None] = lambda: None,
        further: Callable[[], None] = lambda: None,
    ) -> None:
        self._lock = threading.Lock()
        self._known: list[tuple[Room, RoomField]] = []
        self._at_work: list[Room] = []
        self._settled: list[tuple[Room, str]] = []
        self._threads: list[threading.Thread] = []
        self._better, self._further = better, further
        self._shares: list[tuple[Room, float]] = []
        self._stopped: list[Room] = []
        self._closed = False

    def of(self, room: Room) -> RoomField:
        """The room's field on the usual grid, of the empty room while it is worked out. Raises
        Refused where it cannot be.
        """
        from jolly_parlor.acoustics.fields.field_of_room import bare_field, needs_working_out

        with self._lock:
            found = next((field for known, field in self._known if known == room), None)
            if found is None:
                found = bare_field(room, GRID_HZ)
                if needs_working_out(room) and not self._closed:
                    self._at_work.append(room)
                    self._settled = [one for one in self._settled if one[0] != room]
                    thread = threading.Thread(target=self._work_out, args=(room,), daemon=True)
                    self._threads = [t for t in self._threads if t.is_alive()] + [thread]
                    thread.start()
            self._keep(room, found)
            return found

    def working_out(self, room: Room) -> bool:
        """Whether a better field of the room is on its way, or will be once it is asked for."""
        from jolly_parlor.acoustics.fields.field_of_room import needs_working_out

        if not needs_working_out(room):
            return False
        with self._lock:
            over = any(known == room for known, _ in self._settled)
            return room in self._at_work or not (over or any(k == room for k, _ in self._known))

    def at_work(self, room: Room) -> bool:
        """Whether a better field of the room is being worked out just now."""
        with self._lock:
            return room in self._at_work

    def share(self, room: Room) -> float:
        """How much of the work on a room is done, 0 to 1."""
        with self._lock:
            return next((share for known, share in self._shares if known == room), 0.0)

    def stop(self) -> None:
        """Give up all that is being worked out; the empty box goes on answering."""
        with self._lock:
            self._stopped = list(self._at_work)

    def problem(self, room: Room) -> str:
        """Why a room could not be worked out with its things, in a sentence; mostly empty."""
        with self._lock:
            return next((why for known, why in self._settled if known == room), "")

    def join(self) -> None:
        """Wait until nothing is being worked out."""
        for thread in list(self._threads):
            thread.join()

    def clear(self) -> None:
        with self._lock:
            self._known, self._closed = [], True

    def _keep(self, room: Room, field: RoomField) -> None:
        """Call with the lock held."""
        others = [(known, kept) for known, kept in self._known if known != room]
        self._known = [(room, field), *others][:ROOMS_KEPT]

    def _work_out(self, room: Room) -> None:
        from jolly_parlor.acoustics.fields.field_of_room import room_field

        field, why = None, ""
        try:
            field = room_field(room, GRID_HZ, partial(self._go_on, room))
            field.prepare()
        except _Stopped:
            why = tr("You stopped it; any change of the survey begins anew.")
        except Exception as error:  # the empty room goes on answering
            if not isinstance(error, _Closed):
                why = defects.sentence(error, tr("working out the room"))
        with self._lock:
            self._at_work.remove(room)
            self._shares = [one for one in self._shares if one[0] != room]
            self._settled = [(room, why), *self._settled][:_SETTLED_KEPT]
            if self._closed:
                return
            if field is not None:
                self._keep(room, field)
        self._better()

    def _go_on(self, room: Room, share: float) -> None:
        """Give up a room that has been edited since, or that the user has stopped."""
        with self._lock:
            wanted = any(known == room for known, _ in self._known)
            stopped = room in self._stopped
            before = next((s for known, s in self._shares if known == room), 0.0)
            if int(share * 10) > int(before * 10):
                self._shares = [(room, share), *(o for o in self._shares if o[0] != room)]
        if stopped:
            raise _Stopped
        if not wanted:
            raise _Closed
        if int(share * 10) > int(before * 10):
            self._further()
