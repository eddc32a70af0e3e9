"""How many cases are made up: a few wherever the tests run, and many in `./check --long`."""

import os

_LONG = bool(os.environ.get("JOLLY_PARLOR_LONG_TESTS"))


def cases(few: int) -> int:
    """So many, or twenty times as many."""
    return 20 * few if _LONG else few
