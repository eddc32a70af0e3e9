"""How many cases are made up: a few wherever the tests run, and many in `./check --long`."""

import os

import pytest

_LONG = bool(os.environ.get("JOLLY_PARLOR_LONG_TESTS"))


def cases(few: int) -> int:
    """So many, or twenty times as many."""
    return 20 * few if _LONG else few


only_long = pytest.mark.skipif(not _LONG, reason="in ./check --long: another room like one here")
"""What holds of one more room what a quicker test holds of another."""
