"""The search in a process of its own.

A search compiles its inner loop and holds hundreds of megabytes for a minute: all of that goes with
its process, and whoever started it stays quick meanwhile.
"""

import os
import traceback
from collections.abc import Callable, Iterator
from contextlib import contextmanager
from dataclasses import dataclass
from multiprocessing import get_context
from multiprocessing.connection import Connection
from multiprocessing.synchronize import Event

from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.search.coarse_pass import Progress
from jolly_parlor.placement.search.search import Found, Glimpse, SoFar, search
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.refused import Refused

_LOOKS_SECONDS = 0.05
_SAFE = "PYTHONSAFEPATH"


@dataclass(frozen=True)
class _Weighed:
    count: int
    best: float


@dataclass(frozen=True)
class _Refusal:
    why: str


@dataclass(frozen=True)
class _Failure:
    trace: str


def search_apart(
    room: Room,
    gear: Gear,
    present: Arrangement | None,
    wishes: Wishes | None,
    progress: Progress,
    cancelled: Callable[[], bool],
    glimpse: Glimpse = lambda so_far: None,
    most: int = 5,
) -> Found:
    """As `search`; progress, cancelled and glimpse are called in the thread that asks.

    Raises Refused as it does, and RuntimeError where the process failed or was ended.
    """
    context = get_context("spawn")
    here, there = context.Pipe(duplex=False)
    with _safe_path():
        stop = context.Event()
        words = (room, gear, present, wishes, most)
        process = context.Process(target=_work, args=(there, stop, *words), daemon=True)
        process.start()
    there.close()
    try:
        return _listen(here, stop, progress, cancelled, glimpse)
    finally:
        here.close()
        process.join()


@contextmanager
def _safe_path() -> Iterator[None]:
    """What starts meanwhile imports nothing from the current folder, where anybody may have left a
    `pickle.py`: the new process would look there before it knows where to look.
    """
    before = os.environ.get(_SAFE)
    os.environ[_SAFE] = "1"
    try:
        yield
    finally:
        if before is None:
            del os.environ[_SAFE]
        else:
            os.environ[_SAFE] = before


def _listen(
    here: Connection,
    stop: Event,
    progress: Progress,
    cancelled: Callable[[], bool],
    glimpse: Glimpse,
) -> Found:
    while True:
        if cancelled():
            stop.set()
        if not here.poll(_LOOKS_SECONDS):
            continue
        try:
            told: object = here.recv()
        except EOFError:
            raise RuntimeError("the process of the search was ended") from None
        match told:
            case _Weighed(count, best):
                progress(count, best)
            case SoFar():
                glimpse(told)
            case _Refusal(why):
                raise Refused(why)
            case _Failure(trace):
                raise RuntimeError(f"the search failed:\n{trace}")
            case Found():
                return told


def _work(
    there: Connection,
    stop: Event,
    room: Room,
    gear: Gear,
    present: Arrangement | None,
    wishes: Wishes | None,
    most: int,
) -> None:
    """The process's body; it ends by itself when nobody listens any more."""
    try:
        there.send(
            search(
                room,
                gear,
                present,
                wishes,
                most=most,
                progress=lambda count, best: there.send(_Weighed(count, best)),
                cancelled=stop.is_set,
                glimpse=there.send,
            )
        )
    except Refused as error:
        there.send(_Refusal(str(error)))
    except BrokenPipeError:
        return
    except Exception:
        there.send(_Failure(traceback.format_exc()))
