"""Sounds written as WAV into a folder, all or none."""

import re
from collections.abc import Mapping
from pathlib import Path

import numpy as np

from jolly_parlor.app.session import Session
from jolly_parlor.atomic import replacing
from jolly_parlor.audition.transfers import RATE_HZ
from jolly_parlor.signals.looping import Sound
from jolly_parlor.signals.wav import wav_to_hear
from jolly_parlor.words import tr


def write_sounds(session: Session, folder: Path, sounds: Mapping[str, Sound]) -> None:
    """By name; says what was written, or why not."""
    names = []
    for name, sound in sounds.items():
        path = folder / f"{file_name(name)}.wav"
        try:
            data = wav_to_hear(np.asarray(sound, dtype=np.float64), RATE_HZ)
            with replacing(path) as temporary:
                temporary.write_bytes(data)
        except OSError as error:
            session.refused.emit(
                tr("{path} could not be written: {strerror}.", path=path, strerror=error.strerror)
            )
            return
        names.append(path.name)
    session.told.emit(
        tr(
            "{names} written into {folder}. Start quiet wherever you play it.",
            names=", ".join(names),
            folder=folder,
        )
    )


def file_name(name: str) -> str:
    """A name that every file system takes."""
    return re.sub(r'[\\/:*?"<>|\x00-\x1f]', "_", name).strip(" .")[:120] or "sound"
