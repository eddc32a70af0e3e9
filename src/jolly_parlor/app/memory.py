"""Memory given back when nothing is being worked out."""

import ctypes
from contextlib import suppress


def give_back() -> None:
    """Return freed memory to the system. The C library keeps it for the next time, hundreds of
    megabytes after a search; where it is another library than glibc, nothing happens.
    """
    with suppress(OSError, AttributeError):
        ctypes.CDLL(None).malloc_trim(0)
