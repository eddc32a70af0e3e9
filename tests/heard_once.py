"""What the simulated studio's hidden room answers, kept for one run of the tests."""

import hashlib
import os
from collections.abc import Callable
from pathlib import Path

import numpy as np
import pytest

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.studio import hidden_room
from jolly_parlor.studio.device import Stage, StagedSource
from jolly_parlor.studio.simulated import SimulatedStudio

RENDERED = SimulatedStudio._rendered
"""The studio's own."""


def use_coarse_rooms(patch: pytest.MonkeyPatch) -> None:
    """Cells half as large again are a fifth of the work, which goes by the fourth power: another
    room, which the survey knows as little as the first.
    """
    patch.setattr(hidden_room, "_LEAST_CELL", 0.155)
    patch.setattr(hidden_room, "_MOST_CELL", 0.18)


def heard_once(folder: Path) -> Callable[..., FloatArray]:
    """The same, kept in a folder that the processes of a run share: it hangs on nothing but what
    its name is made of.
    """

    def rendered(
        studio: SimulatedStudio, name: str, source: StagedSource, stage: Stage
    ) -> FloatArray:
        stands = tuple(stage.sources.items()), stage.plates, stage.desk
        asked = (studio._survey, studio.seed, name, source, stage.microphone, *stands)
        kept = folder / f"{hashlib.sha256(repr(asked).encode()).hexdigest()}.npy"
        if kept.exists():
            return np.asarray(np.load(kept))
        made = RENDERED(studio, name, source, stage)
        written = kept.with_suffix(f".{os.getpid()}")
        with written.open("wb") as file:
            np.save(file, made)
        written.rename(kept)
        return made

    return rendered
