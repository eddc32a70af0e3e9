"""Frequency responses from text files of any program: two or three columns.

A line whose first word is not a number is a header or a comment. Columns are frequency (Hz),
level (dB) and, where given, phase (degrees), separated by semicolons, tabs, commas or spaces, with
decimal point or comma.
"""

import math
import re
from dataclasses import dataclass
from pathlib import Path

import numpy as np

from jolly_parlor.signals.impulse import ImpulseResponse
from jolly_parlor.signals.response import Response

_LARGEST_FILE = 64 * 1024 * 1024
_FEWEST_POINTS = 8
_BAND_HZ = (20.0, 300.0)
_NUMBER = re.compile(r"^[+-]?(\d+([.,]\d*)?|[.,]\d+)([eE][+-]?\d+)?$")
_BLANK = {"", "nan", "-", "--", "n/a", "inf", "+inf", "-inf", "∞", "-∞"}


class ResponseFileError(ValueError):
    """A file that is not a frequency response; the message names file, line and reason."""


@dataclass(frozen=True)
class ReadResponse:
    """What a file held, and what had to be set right while reading it."""

    response: Response
    notes: tuple[str, ...]
    impulse: ImpulseResponse | None = None


@dataclass(frozen=True)
class Row:
    """One line of numbers."""

    line: int
    frequency: float
    level: float
    phase: float | None


def read_response(path: Path) -> ReadResponse:
    """Read a response file. Raises ResponseFileError with one plain sentence."""
    return parse_response(read_text(path), path.name)


def read_text(path: Path) -> str:
    """The text of a file, whatever its encoding. Raises ResponseFileError in a sentence."""
    try:
        if path.stat().st_size > _LARGEST_FILE:
            raise ResponseFileError(f"{path.name} is over 64 MB; that is no response text file.")
        data = path.read_bytes()
    except OSError as error:
        reason = error.strerror or "it cannot be opened"
        raise ResponseFileError(f"{path.name} could not be read: {reason}.") from None
    return _decode(data, path.name)


def parse_response(text: str, name: str = "The text") -> ReadResponse:
    """The same from text; `name` stands in the messages."""
    notes: list[str] = []
    skipped: list[int] = []
    rows = parse_columns(text, name, skipped)
    if skipped:
        count = len(skipped)
        notes.append(f"{count} line{'s' * (count > 1)} at 0 Hz or without a level left out.")
    _check_rows(rows, name)
    return ReadResponse(_to_response(rows, notes), tuple(notes))


def parse_columns(text: str, name: str, skipped: list[int] | None = None) -> list[Row]:
    """Every line of two or three numbers; lines at 0 Hz or without a level go to `skipped`."""
    rows = []
    for number, line in enumerate(text.splitlines(), start=1):
        columns = split_columns(line)
        if not columns or not _NUMBER.match(columns[0]):
            continue
        row = _row(columns, number, name, ambiguous="," in line and "." not in line)
        if row is not None:
            rows.append(row)
        elif skipped is not None:
            skipped.append(number)
    return rows


def split_columns(line: str) -> list[str]:
    """The columns of one line, whichever separator it uses."""
    line = line.strip().strip('"')
    if not line or line[0] not in "+-.,0123456789":
        return []
    if ";" in line:
        parts = line.split(";")
    elif "\t" in line:
        parts = re.split(r"\s*\t\s*,?", line)
    elif re.search(r"\s,|,\s", line):
        parts = re.split(r"\s+,\s*|,\s+", line)
    elif re.search(r"\s", line):
        parts = line.split()
    else:
        parts = line.split(",")
    parts = [part.strip().strip('"') for part in parts]
    while parts and parts[-1] == "" and len(parts) > 2:
        parts.pop()
    return parts


def _row(columns: list[str], line: int, name: str, ambiguous: bool) -> Row | None:
    if len(columns) < 2:
        raise ResponseFileError(
            f"{name}, line {line}: one column only; each line needs a frequency and a level in dB."
        )
    if len(columns) > 3 and ambiguous:
        raise ResponseFileError(
            f"{name}, line {line}: commas both inside and between numbers cannot be told apart; "
            "save it with semicolons between the columns."
        )
    frequency = _value(columns[0], "frequency", line, name)
    level = _value(columns[1], "level", line, name)
    phase = _value(columns[2], "phase", line, name) if len(columns) > 2 else None
    if frequency is None or level is None or frequency == 0:
        return None
    if frequency < 0:
        raise ResponseFileError(
            f"{name}, line {line}: the frequency {frequency:g} Hz is below zero."
        )
    if frequency > 1e6:
        raise ResponseFileError(
            f"{name}, line {line}: {frequency:g} Hz is no audio frequency; "
            "the first column must be Hz."
        )
    if abs(level) > 400:
        raise ResponseFileError(
            f"{name}, line {line}: a level of {level:g} dB makes no sense; "
            "the second column must be dB."
        )
    return Row(line, frequency, level, phase)


def _value(text: str, what: str, line: int, name: str) -> float | None:
    if text.lower() in _BLANK:
        return None
    if not _NUMBER.match(text):
        raise ResponseFileError(f"{name}, line {line}: the {what} “{text[:30]}” is not a number.")
    value = float(text.replace(",", "."))
    if not math.isfinite(value):
        raise ResponseFileError(f"{name}, line {line}: the {what} “{text[:30]}” is too large.")
    return value


def _check_rows(rows: list[Row], name: str) -> None:
    if not rows:
        raise ResponseFileError(
            f"{name} holds no line of numbers; a response has lines of frequency and level."
        )
    inside = sum(_BAND_HZ[0] <= row.frequency <= _BAND_HZ[1] for row in rows)
    if inside < _FEWEST_POINTS:
        raise ResponseFileError(
            f"{name}, lines {rows[0].line} to {rows[-1].line}: only {inside} frequencies lie "
            f"between 20 and 300 Hz; at least {_FEWEST_POINTS} are needed to judge a room."
        )
    if len({row.level for row in rows}) == 1:
        raise ResponseFileError(
            f"{name}, lines {rows[0].line} to {rows[-1].line}: every level is "
            f"{rows[0].level:g} dB; no microphone in a room hears that."
        )


def _to_response(rows: list[Row], notes: list[str]) -> Response:
    f = np.array([row.frequency for row in rows])
    level = np.array([row.level for row in rows])
    phases = [row.phase for row in rows]
    have_phase = all(phase is not None for phase in phases)
    if not have_phase and any(phase is not None for phase in phases):
        notes.append("Some lines have no phase, so the phase of all was left out.")
    steps = np.diff(f)
    if f.size > 1 and np.all(steps <= 0) and np.any(steps < 0):
        notes.append("The frequencies ran downward and were turned round.")
    elif np.any(steps < 0):
        notes.append("The frequencies were out of order and were sorted.")
    order = np.argsort(f, kind="stable")
    unique, start, counts = np.unique(f[order], return_index=True, return_counts=True)
    if unique.size < f.size:
        notes.append("Frequencies that stood twice were averaged on power.")
    power = np.add.reduceat(10 ** (level[order] / 10), start) / counts
    phase = None
    if have_phase:
        turn = np.exp(1j * np.radians(np.array(phases, dtype=float)[order]))
        phase = np.angle(np.add.reduceat(turn, start), deg=True)
    return Response(unique, 10 * np.log10(power), phase)


def _decode(data: bytes, name: str) -> str:
    if data.startswith((b"\xff\xfe", b"\xfe\xff")):
        try:
            return data.decode("utf-16")
        except UnicodeDecodeError:
            raise ResponseFileError(f"{name} is cut off or not a text file.") from None
    if b"\x00" in data:
        line = data[: data.index(b"\x00")].count(b"\n") + 1
        raise ResponseFileError(
            f"{name}, line {line}: not a text file; export the response as text and try again."
        )
    try:
        return data.decode("utf-8-sig")
    except UnicodeDecodeError:
        return data.decode("latin-1")
