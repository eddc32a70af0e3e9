"""Microphone calibration files: a deviation in dB over frequency, sometimes with phase.

The microphone's own response is taken away from what it heard.
"""

import re
from dataclasses import dataclass, replace
from pathlib import Path

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.signals.cells import ResponseFileError, lines_of, read_text
from jolly_parlor.signals.tables import Curve, curves_of, table_of
from jolly_parlor.words import tr

_SENSITIVITY = re.compile(
    r"sens[a-z]{0,12} {0,3}(?:factor)? {0,3}[=:]? {0,3}(-?\d{1,6}(?:[.,]\d{1,6})?) {0,3}(db|mv)?"
    r"(?P<of>.{0,40})",
    re.IGNORECASE,
)
"""Every repeat is bounded: a line of blanks must not take forever."""
_OF_VOLTS = re.compile(r" {0,2}(v ?/ ?pa|\(?(re\.? ?)?1 ?v ?/ ?pa)", re.IGNORECASE)
_OF_FULL_SCALE = re.compile(r" {0,2}fs(/ ?pa| {0,2}(at|@|for) {0,2}94\b)", re.IGNORECASE)
"""What stands behind `dB` where it says what the decibels are of."""
_SINE_DB = 3.01
"""A sine that reaches full scale lies so far below full scale throughout."""
_LARGEST_DB = 60.0
_PASCAL_DB_SPL = 93.98
"""1 Pa against 20 micropascals."""


@dataclass(frozen=True, eq=False)
class Calibration:
    """What a microphone adds, over ascending frequencies."""

    name: str
    frequencies_hz: FloatArray
    level_db: FloatArray
    phase_deg: FloatArray | None = None
    sensitivity: str = ""
    """The line about sensitivity as the file has it, where it has one."""
    millivolts_per_pascal: float | None = None
    """Where that line says so."""
    own_full_scale_db_spl: float | None = None
    """The level of full scale (mean square 1) where that line says how far below a full-scale sine
    1 Pa comes (AES17): a microphone with its input built in.
    """

    def full_scale_db_spl(self, full_scale_volts: float) -> float | None:
        """The level of full scale (mean square 1) at an input that a sine of so many effective
        volts drives to its end: 20 lg(V / S) + 94 dB + 3 dB, S in V/Pa, 94 dB being 1 Pa (IEC
        61094), and that sine lying 3 dB below. None where the sensitivity is not known.
        """
        if not self.millivolts_per_pascal or full_scale_volts <= 0:
            return None
        ratio = full_scale_volts / (self.millivolts_per_pascal / 1000)
        return float(20 * np.log10(ratio) + _PASCAL_DB_SPL + _SINE_DB)

    def factor(self, frequencies_hz: FloatArray) -> ComplexArray:
        """What to divide a measured pressure by; held constant beyond the file's ends."""
        at, own = np.log(frequencies_hz), np.log(self.frequencies_hz)
        size = 10 ** (np.interp(at, own, self.level_db) / 20)
        if self.phase_deg is None:
            return np.asarray(size, dtype=np.complex128)
        return np.asarray(size * np.exp(1j * np.radians(np.interp(at, own, self.phase_deg))))


def _sensitivity(line: str) -> re.Match[str] | None:
    return _SENSITIVITY.search(line[:400].replace("\t", " "))


def read_calibration(path: Path) -> Calibration:
    """Read a calibration file. Raises ResponseFileError with one plain sentence."""
    text = read_text(path)
    found = next(filter(None, map(_sensitivity, text.splitlines()[:12])), None)
    lines, headings = lines_of(text, path.name)
    if not lines:
        raise ResponseFileError(_TOO_FEW.format(path.name))
    curves = curves_of(table_of(lines, headings, path.name), path.name, any_level=True)
    if len(curves) > 1:
        raise ResponseFileError(
            tr(
                "{name}, line {lines}: {curves} curves in one calibration file; "
                "keep the one that was used.",
                name=path.name,
                lines=curves[1].lines[0],
                curves=len(curves),
            )
        )
    made = _calibration(curves[0], path.name, found.group(0).strip() if found else "")
    return made if found is None else _with_sensitivity(made, found)


def _with_sensitivity(made: Calibration, found: re.Match[str]) -> Calibration:
    """With what the line says of volts or of full scale; decibels of nothing named say neither."""
    number, unit = float(found.group(1).replace(",", ".")), (found.group(2) or "").lower()
    if unit == "mv":
        return replace(made, millivolts_per_pascal=number)
    if unit == "db" and _OF_VOLTS.match(found["of"]):
        return replace(made, millivolts_per_pascal=1000 * 10 ** (number / 20))
    if unit == "db" and _OF_FULL_SCALE.match(found["of"]):
        return replace(made, own_full_scale_db_spl=_PASCAL_DB_SPL - number + _SINE_DB)
    return made


_TOO_FEW = tr(
    "{} holds fewer than two lines of frequency and level; a "
    "calibration file has one for each of many frequencies."
)


def _calibration(curve: Curve, name: str, sensitivity: str) -> Calibration:
    """By ascending frequency; of a frequency that stands twice, its last line."""
    f, level, phase = curve.frequencies_hz, curve.level_db, curve.phase_deg
    rows = np.flatnonzero(np.isfinite(f) & np.isfinite(level) & (f > 0))
    if rows.size < 2:
        raise ResponseFileError(_TOO_FEW.format(name))
    worst = rows[int(np.argmax(np.abs(level[rows])))]
    if abs(level[worst]) > _LARGEST_DB:
        raise ResponseFileError(
            tr(
                "{name}, line {lines}: a microphone that is {level:g} dB off at "
                "{f:g} Hz cannot be; is this a response instead of a calibration?",
                name=name,
                lines=curve.lines[worst],
                level=level[worst],
                f=f[worst],
            )
        )
    order = np.array(sorted({float(f[row]): row for row in rows}.values(), key=lambda r: f[r]))
    if phase is not None:
        phase = phase[order] if np.all(np.isfinite(phase[order])) else None
    return Calibration(name, f[order], level[order], phase, sensitivity)
