"""Arrays kept for the next time, within bounds on memory: the least recently used go.

Each `Kept` has a bound of its own, and all of them together have one: a window holds the fields of
several rooms, each with a dozen tables, and hardly ever needs more than two of them at a time.
"""

import weakref
from collections import OrderedDict
from collections.abc import Callable, Hashable
from threading import RLock
from typing import Generic, TypeVar

from cachetools import LRUCache

from jolly_parlor.acoustics.arrays import ComplexArray

Key = TypeVar("Key", bound=Hashable)


class Together:
    """What several `Kept` may hold together; those untouched for longest give first."""

    def __init__(self, most_bytes: int) -> None:
        self.most_bytes = most_bytes
        # Searches judge in several threads; an RLock, since collecting one `Kept` may come to
        # `_gone` in a thread that is just storing in another.
        self.lock = RLock()
        self._tables: OrderedDict[int, LRUCache[Hashable, ComplexArray]] = OrderedDict()

    def join(self, owner: object, table: "LRUCache[Hashable, ComplexArray]") -> int:
        """Take part with a table, as long as its owner lives; the number to `touch` it by."""
        with self.lock:
            self._tables[id(table)] = table
        weakref.finalize(owner, self._gone, id(table)).atexit = False
        return id(table)

    def touch(self, number: int) -> None:
        """It is being used."""
        self._tables.move_to_end(number)

    @property
    def held(self) -> int:
        """Bytes."""
        return int(sum(table.currsize for table in self._tables.values()))

    def make_room(self) -> None:
        """Let go what is too much; call with the lock held."""
        excess = self.held - self.most_bytes
        for table in self._tables.values():
            while excess > 0 and table:
                excess -= table.popitem()[1].nbytes

    def _gone(self, number: int) -> None:
        with self.lock:
            self._tables.pop(number, None)


EVERYTHING = Together(96_000_000)
"""All tables of the program."""


class Kept(Generic[Key]):
    """Complex arrays by key, `most_bytes` of them at most."""

    def __init__(self, most_bytes: int, together: Together = EVERYTHING) -> None:
        self._known: LRUCache[Hashable, ComplexArray] = LRUCache(
            most_bytes, lambda a: int(a.nbytes)
        )
        self._together = together
        self._number = together.join(self, self._known)

    def of(self, key: Key, make: Callable[[Key], ComplexArray]) -> ComplexArray:
        """The array of a key; made when it is not known."""
        with self._together.lock:
            found = self._known.get(key)
            self._together.touch(self._number)
        if found is None:
            found = make(key)
            if found.nbytes <= self._known.maxsize:
                with self._together.lock:
                    self._known[key] = found
                    self._together.make_room()
        return found

    def __contains__(self, key: Key) -> bool:
        with self._together.lock:
            return key in self._known

    @property
    def room_left(self) -> float:
        """Bytes that may still be kept without anything going of its own."""
        return float(self._known.maxsize - self._known.currsize)
