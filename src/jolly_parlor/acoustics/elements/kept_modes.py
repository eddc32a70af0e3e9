"""Modes kept on disk under the user's cache folder by what makes them: working them out takes some
ten seconds, reading them a tenth of one. Nothing depends on the files: any may be deleted.
"""

import hashlib
from contextlib import suppress
from pathlib import Path
from zipfile import BadZipFile

import numpy as np
from platformdirs import user_cache_path

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.elements.enclosure import Enclosure
from jolly_parlor.atomic import replacing

_VERSION = 1
"""Of the files and of what makes modes; a new one forgets the old."""
_MOST_FILES = 12


def modes_on_disk(enclosure: Enclosure, wavenumber: float) -> tuple[FloatArray, FloatArray] | None:
    """Eigenvalues and shapes of an enclosure worked out before; None where they are not, or not
    whole.
    """
    path = _path(enclosure, wavenumber)
    try:
        with path.open("rb") as file, np.load(file, allow_pickle=False) as kept:
            values, shapes = kept["eigenvalues"], kept["shapes"].astype(np.float64)
        path.touch()
    except (OSError, ValueError, KeyError, EOFError, BadZipFile):
        return None
    whole = shapes.shape == (enclosure.grid.unknowns, values.size)
    if not whole or not (np.all(np.isfinite(values)) and np.all(np.isfinite(shapes))):
        return None
    return values, np.ascontiguousarray(shapes)


def keep_on_disk(
    enclosure: Enclosure, wavenumber: float, eigenvalues: FloatArray, shapes: FloatArray
) -> None:
    """Put them there, shapes in single precision, and the oldest away. A full or forbidden disk is
    no harm.
    """
    path = _path(enclosure, wavenumber)
    with suppress(OSError):
        path.parent.mkdir(parents=True, exist_ok=True)
        with replacing(path) as temporary, temporary.open("wb") as file:
            np.savez(file, eigenvalues=eigenvalues, shapes=shapes.astype(np.float32))
        kept = sorted(path.parent.glob("*.npz"), key=lambda p: p.stat().st_mtime)
        for old in kept[:-_MOST_FILES]:
            old.unlink()


def _path(enclosure: Enclosure, wavenumber: float) -> Path:
    made_of = f"{_VERSION} {enclosure!r} {wavenumber:.6f}"
    name = hashlib.sha256(made_of.encode()).hexdigest()[:32]
    return user_cache_path("jolly-parlor") / "modes" / f"{name}.npz"
