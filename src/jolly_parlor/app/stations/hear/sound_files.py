"""Sounds written as WAV into a folder, all or none."""

from collections.abc import Mapping
from pathlib import Path

import numpy as np

from jolly_parlor.app.session import Session
from jolly_parlor.audition.transfers import RATE_HZ
from jolly_parlor.outputs import check_place, names_apart, write_output
from jolly_parlor.refused import Refused
from jolly_parlor.signals.looping import Sound
from jolly_parlor.signals.wav import wav_to_hear
from jolly_parlor.words import tr


def write_sounds(session: Session, folder: Path, sounds: Mapping[str, Sound]) -> None:
    """By name, each in a file of its own; says what was written, or why not."""
    paths = [folder / f"{name}.wav" for name in names_apart(sounds)]
    try:
        for path in paths:
            check_place(path, replace=False)
        for path, sound in zip(paths, sounds.values(), strict=True):
            data = wav_to_hear(np.asarray(sound, dtype=np.float64), RATE_HZ)
            write_output(path, data, ".wav")
    except Refused as error:
        session.refused.emit(str(error))
        return
    session.told.emit(
        tr(
            "{names} written into {folder}. Start quiet wherever you play it.",
            names=", ".join(path.name for path in paths),
            folder=folder,
        )
    )
