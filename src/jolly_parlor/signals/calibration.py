"""Microphone calibration files: a deviation in dB over frequency, sometimes with phase.

The microphone's own response is taken away from what it heard.
"""

import re
from dataclasses import dataclass
from pathlib import Path

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.signals.reading import ResponseFileError, parse_columns, read_text

_SENSITIVITY = re.compile(
    r"sens[a-z]*\s*(?:factor)?\s*[=:]?\s*(-?\d+(?:[.,]\d+)?)\s*(db|mv)?", re.IGNORECASE
)
_LARGEST_DB = 60.0


@dataclass(frozen=True, eq=False)
class Calibration:
    """What a microphone adds, over ascending frequencies."""

    name: str
    frequencies_hz: FloatArray
    level_db: FloatArray
    phase_deg: FloatArray | None = None
    sensitivity: str = ""
    """The line about sensitivity as the file has it, where it has one."""

    def factor(self, frequencies_hz: FloatArray) -> ComplexArray:
        """What to divide a measured pressure by; held constant beyond the file's ends."""
        at, own = np.log(frequencies_hz), np.log(self.frequencies_hz)
        size = 10 ** (np.interp(at, own, self.level_db) / 20)
        if self.phase_deg is None:
            return np.asarray(size, dtype=np.complex128)
        return np.asarray(size * np.exp(1j * np.radians(np.interp(at, own, self.phase_deg))))


def read_calibration(path: Path) -> Calibration:
    """Read a calibration file. Raises ResponseFileError with one plain sentence."""
    text = read_text(path)
    found = next(filter(None, map(_SENSITIVITY.search, text.splitlines()[:12])), None)
    rows = [row for row in parse_columns(text, path.name) if row.frequency > 0]
    if len(rows) < 2:
        raise ResponseFileError(
            f"{path.name} holds fewer than two lines of frequency and level; a calibration file "
            "has one for each of many frequencies."
        )
    worst = max(rows, key=lambda row: abs(row.level))
    if abs(worst.level) > _LARGEST_DB:
        raise ResponseFileError(
            f"{path.name}, line {worst.line}: a microphone that is {worst.level:g} dB off at "
            f"{worst.frequency:g} Hz cannot be; is this a response instead of a calibration?"
        )
    order = sorted({row.frequency: row for row in rows}.values(), key=lambda row: row.frequency)
    phases = [row.phase for row in order]
    phase = None
    if all(p is not None for p in phases):
        phase = np.array(phases, dtype=float)
    return Calibration(
        path.name,
        np.array([row.frequency for row in order]),
        np.array([row.level for row in order]),
        phase,
        found.group(0).strip() if found else "",
    )
