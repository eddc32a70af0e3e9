"""Arrays kept for the next time, within bounds on memory: the least recently used go.

Each `Kept` has a bound of its own, and all of them together have one: a window holds the fields of
several rooms, each with a dozen tables, and hardly ever needs more than two of them at a time.
"""

import weakref
from collections import OrderedDict
from collections.abc import Callable, Hashable
from itertools import count
from threading import RLock
from typing import Generic, TypeVar

from cachetools import LRUCache

from jolly_parlor.acoustics.arrays import ComplexArray

Key = TypeVar("Key", bound=Hashable)
_NUMBERS = count()


class Together:
    """What several `Kept` may hold together."""

    def __init__(self, most_bytes: int) -> None:
        self.most_bytes = most_bytes
        self.held = 0
        # Searches judge in several threads; an RLock, since collecting one `Kept` may come to
        # `_gone` in a thread that is just storing in another.
        self.lock = RLock()
        self._order: OrderedDict[tuple[_Table, Hashable], int] = OrderedDict()

    def used(self, table: "_Table", key: Hashable) -> None:
        """An array was asked for; call with the lock held."""
        self._order.move_to_end((table, key))

    def stored(self, table: "_Table", key: Hashable, size: int) -> None:
        """An array came in, and those unused for longest go for it; call with the lock held."""
        self._order[table, key] = size
        self.held += size
        self._shrink(self.most_bytes)

    def let_go(self, down_to: int) -> None:
        """Arrays unused for longest go, until so many bytes are held."""
        with self.lock:
            self._shrink(down_to)

    def _shrink(self, most_bytes: int) -> None:
        while self.held > most_bytes and self._order:
            oldest, its_key = next(iter(self._order))
            del oldest[its_key]

    def dropped(self, table: "_Table", key: Hashable) -> None:
        """An array went; call with the lock held."""
        self.held -= self._order.pop((table, key))

    def gone(self, table: "_Table") -> None:
        """Nobody owns the table any more."""
        with self.lock:
            while table:
                table.popitem()  # `clear` would not tell


class _Table(LRUCache[Hashable, ComplexArray]):
    """The arrays of one `Kept`; tells what goes, whoever lets it go."""

    def __init__(self, most_bytes: int, together: Together) -> None:
        super().__init__(most_bytes, lambda a: int(a.nbytes))
        self._together, self._number = together, next(_NUMBERS)

    def __delitem__(self, key: Hashable) -> None:
        super().__delitem__(key)
        self._together.dropped(self, key)

    def __hash__(self) -> int:
        return self._number

    def __eq__(self, other: object) -> bool:
        return self is other


EVERYTHING = Together(120_000_000)
"""All tables of rooms as they are."""
ASIDE = Together(10_000_000)
"""Those of rooms looked at in passing, which must not throw out the others: with one surface
taken away, with other admittances.
"""


class Kept(Generic[Key]):
    """Complex arrays by key, `most_bytes` of them at most."""

    def __init__(self, most_bytes: int, together: Together = EVERYTHING) -> None:
        self._known, self._together = _Table(most_bytes, together), together
        weakref.finalize(self, together.gone, self._known).atexit = False

    def of(self, key: Key, make: Callable[[Key], ComplexArray]) -> ComplexArray:
        """The array of a key; made when it is not known."""
        with self._together.lock:
            found = self._known.get(key)
            if found is not None:
                self._together.used(self._known, key)
                return found
        made = make(key)
        if made.nbytes <= self._known.maxsize:
            with self._together.lock:
                if key not in self._known:  # or another thread was quicker
                    self._known[key] = made
                    self._together.stored(self._known, key, made.nbytes)
        return made

    def __contains__(self, key: Key) -> bool:
        with self._together.lock:
            return key in self._known

    @property
    def room_left(self) -> float:
        """Bytes that may still be kept without anything going of its own."""
        return float(self._known.maxsize - self._known.currsize)
