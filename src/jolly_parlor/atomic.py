"""Files put in their place whole or not at all."""

import os
import tempfile
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path

_ORDINARY = 0o644


@contextmanager
def replacing(path: Path) -> Iterator[Path]:
    """A temporary file beside `path` to write to; it takes the place of `path` when all went well.

    What was written is on the disk before it does, the old file's permissions are kept, and after
    any failure the old file stands untouched and nothing is left behind. Raises OSError.
    """
    handle, name = tempfile.mkstemp(prefix=f".{path.stem}-", suffix=path.suffix, dir=path.parent)
    os.close(handle)
    temporary = Path(name)
    try:
        yield temporary
        with temporary.open("rb") as written:
            os.fsync(written.fileno())
        temporary.chmod(path.stat().st_mode & 0o777 if path.exists() else _ORDINARY)
        os.replace(temporary, path)
    finally:
        temporary.unlink(missing_ok=True)
