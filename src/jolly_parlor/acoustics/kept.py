"""Arrays kept for the next time, within a bound on their memory: the least recently used go."""

from collections.abc import Callable, Hashable
from threading import Lock
from typing import Generic, TypeVar

from cachetools import LRUCache

from jolly_parlor.acoustics.arrays import ComplexArray

Key = TypeVar("Key", bound=Hashable)


class Kept(Generic[Key]):
    """Complex arrays by key, `most_bytes` of them at most."""

    def __init__(self, most_bytes: int) -> None:
        self._lock = Lock()  # a search judges in several threads
        self._known: LRUCache[Key, ComplexArray] = LRUCache(most_bytes, lambda a: int(a.nbytes))

    def of(self, key: Key, make: Callable[[Key], ComplexArray]) -> ComplexArray:
        """The array of a key; made when it is not known."""
        with self._lock:
            found = self._known.get(key)
        if found is None:
            found = make(key)
            if found.nbytes <= self._known.maxsize:
                with self._lock:
                    self._known[key] = found
        return found

    def __contains__(self, key: Key) -> bool:
        with self._lock:
            return key in self._known

    @property
    def room_left(self) -> float:
        """Bytes that may still be kept without anything going."""
        return float(self._known.maxsize - self._known.currsize)
