"""What is kept stays within its bound, whoever asks, and is what would be made anew."""

import sys
from concurrent.futures import ThreadPoolExecutor

import numpy as np

from jolly_parlor.acoustics.array_cache import Kept, Together
from jolly_parlor.acoustics.arrays import ComplexArray


def _made(key: int) -> ComplexArray:
    return np.full(100, key, dtype=np.complex128)


def test_the_least_recently_used_go() -> None:
    kept: Kept[int] = Kept(3 * 1600)
    for key in (1, 2, 3, 1, 4):
        assert kept.of(key, _made)[0] == key
    assert [key in kept for key in (1, 2, 3, 4)] == [True, False, True, True]
    assert kept.room_left == 0


def test_what_is_larger_than_all_is_made_and_not_kept() -> None:
    kept: Kept[int] = Kept(100)
    assert kept.of(7, _made)[0] == 7
    assert 7 not in kept


def test_threads_may_ask_at_once() -> None:
    kept: Kept[int] = Kept(5 * 1600)
    before = sys.getswitchinterval()
    sys.setswitchinterval(1e-6)

    def ask(start: int) -> bool:
        return all(kept.of((start + n) % 40, _made)[0] == (start + n) % 40 for n in range(4000))

    try:
        with ThreadPoolExecutor(4) as pool:
            assert all(pool.map(ask, range(0, 40, 10)))
    finally:
        sys.setswitchinterval(before)


def test_together_they_stay_within_one_bound_and_the_longest_unused_go() -> None:
    together = Together(4 * 1600)
    one, other = (Kept[int](4 * 1600, together) for _ in range(2))
    for key in (1, 2, 3):
        one.of(key, _made)
    one.of(1, _made)
    for key in (1, 2):
        other.of(key, _made)
    assert together.held == 4 * 1600
    assert [key in one for key in (1, 2, 3)] == [True, False, True]
    for key in (3, 4):
        other.of(key, _made)
    assert [key in one for key in (1, 2, 3)] == [False, False, False]
    assert all(key in other for key in (1, 2, 3, 4))


def test_what_goes_by_its_own_bound_counts_no_more() -> None:
    together = Together(9 * 1600)
    kept: Kept[int] = Kept(2 * 1600, together)
    for key in (1, 2, 3, 4):
        kept.of(key, _made)
    assert together.held == 2 * 1600


def test_what_nobody_owns_any_more_counts_no_more() -> None:
    together = Together(4 * 1600)
    gone: Kept[int] = Kept(4 * 1600, together)
    gone.of(1, _made)
    assert together.held == 1600
    del gone
    assert together.held == 0
