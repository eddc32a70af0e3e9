"""Files that are read: ordinary ones alone, opened once, and no larger than what they may be."""

import os
import stat
from pathlib import Path
from typing import BinaryIO

from jolly_parlor.words import tr


class TooLarge(OSError):
    """The file is larger than what may be read; `size` tells, in bytes."""

    def __init__(self, size: int, most: int) -> None:
        super().__init__(
            27,  # EFBIG
            tr(
                "it has {size:.0f} MB; {most:.0f} MB can be read",
                size=size / 1e6,
                most=most / 1e6,
            ),
        )
        self.size = size


def regular(path: Path, most: int) -> BinaryIO:
    """An ordinary file opened to be read, of so many bytes at most. A pipe or a device is refused
    and not waited for. Raises OSError, whose `strerror` says why.
    """
    handle = os.open(path, os.O_RDONLY | os.O_NONBLOCK | os.O_CLOEXEC)
    try:
        told = os.fstat(handle)
        if stat.S_ISDIR(told.st_mode):
            raise IsADirectoryError(21, tr("it is a folder"), str(path))
        if not stat.S_ISREG(told.st_mode):
            raise OSError(22, tr("it is no ordinary file"), str(path))
        if told.st_size > most:
            raise TooLarge(told.st_size, most)
    except BaseException:
        os.close(handle)
        raise
    return os.fdopen(handle, "rb")


def regular_bytes(path: Path, most: int) -> bytes:
    """All of it, as `regular`; also a file that grows meanwhile gives no more."""
    with regular(path, most) as file:
        data = file.read(most + 1)
    if len(data) > most:
        raise TooLarge(len(data), most)
    return data
