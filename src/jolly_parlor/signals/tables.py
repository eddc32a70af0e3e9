"""A table of numbers made of lines and headings, and the curves that stand in it."""

import re
from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.signals.cells import (
    Heading,
    Line,
    PlainLines,
    ResponseFileError,
    is_number,
    marks_of,
    value_of,
)
from jolly_parlor.signals.headings import Column, Said, column_of, said
from jolly_parlor.words import tr

_PASCAL_DB = -20 * np.log10(20e-6)
_LEAST_BLOCK = 8
_MOST_BLOCKS = 40
_RADIANS = 3.1416
_WHAT = {
    "frequency": "frequency",
    "time": "time",
    "phase": "phase",
    "real": tr("real part"),
    "imaginary": tr("imaginary part"),
    "other": tr("not used"),
}
_COMMAS = tr(
    "{}, line {}: commas both inside and between numbers cannot be "
    "told apart; save it with semicolons between the columns."
)
_UNITS = {
    "db": "dB",
    "linear": tr("a factor"),
    "pascal": tr("Pa"),
    "power": "power",
    "deg": "degrees",
    "rad": "radians",
}


@dataclass(frozen=True, eq=False)
class Table:
    """All numbers of a file, NaN where a cell is blank: (lines, columns)."""

    values: FloatArray
    lines: tuple[Line, ...]
    headings: tuple[Heading, ...]
    columns: tuple[Column, ...]
    said: Said

    @property
    def words(self) -> tuple[str, ...]:
        return tuple(_in_words(column) for column in self.columns)


@dataclass(frozen=True, eq=False)
class Curve:
    """One curve of a table; values NaN where the file has none."""

    name: str
    frequencies_hz: FloatArray
    level_db: FloatArray
    phase_deg: FloatArray | None
    lines: tuple[int, ...]
    """Of the file, one for each value."""
    notes: tuple[str, ...] = ()


def table_of(
    lines: Sequence[Line],
    headings: Sequence[Heading],
    name: str,
    asked: tuple[Column, ...] | None = None,
) -> Table:
    """The numbers of a file and what its headings say of them; or `asked`, whatever they say.
    Raises ResponseFileError.
    """
    counts = [len(line.cells) for line in lines]
    usual = max(set(counts), key=counts.count)
    told = said(headings, max(usual, 2), lines[0].number)
    if asked is not None:
        if len(asked) != max(usual, 2):
            raise ResponseFileError(
                tr(
                    "{name}: {asked} columns were named, and the file has {usual}.",
                    name=name,
                    asked=len(asked),
                    usual=usual,
                )
            )
        told = replace(told, columns=asked, impulse=False)
    if told.impulse:
        raise ResponseFileError(
            tr(
                "{name}, line {number}: this is an impulse response as text; export it as WAV.",
                name=name,
                number=lines[0].number,
            )
        )
    for line in lines:
        if len(line.cells) < 2:
            raise ResponseFileError(
                tr(
                    "{name}, line {number}: one column only; each line needs a "
                    "frequency and a level in dB.",
                    name=name,
                    number=line.number,
                )
            )
        if len(line.cells) > max(usual, 3) and "," in line.text and "." not in line.text:
            raise ResponseFileError(_COMMAS.format(name, line.number))
    width = max(usual, 2)
    columns = told.columns or _unnamed(width, told, lines, name)
    if isinstance(lines, PlainLines) and np.all(np.isfinite(lines.values)):
        return Table(lines.values, tuple(lines), tuple(headings), columns, told)
    marks = marks_of(lines, name)
    values = np.full((len(lines), width), np.nan)
    for row, line in enumerate(lines):
        for at, cell in enumerate(line.cells[:width]):
            try:
                values[row, at] = value_of(cell, marks)
            except ValueError:
                if columns[at].role == "other" and not is_number(cell):
                    continue
                what = _WHAT.get(columns[at].role, "level")
                raise ResponseFileError(
                    tr(
                        "{name}, line {number}: the {what} “{cell}” is not a number.",
                        name=name,
                        number=line.number,
                        what=what,
                        cell=cell[:30],
                    )
                ) from None
            if np.isinf(values[row, at]):
                raise ResponseFileError(
                    tr(
                        "{name}, line {number}: the {role} “{cell}” is too large.",
                        name=name,
                        number=line.number,
                        role=_WHAT.get(columns[at].role, "level"),
                        cell=cell[:30],
                    )
                )
    return Table(values, tuple(lines), tuple(headings), columns, told)


def _could_be_decimals(line: Line) -> bool:
    """`20,76,5`: 20 Hz and 76.5 dB as well as three columns."""
    plain = "," in line.text and not re.search(r"[.;\t ]", line.text)
    return plain and len(line.cells) == 3 and re.fullmatch(r"\d{1,3}", line.cells[2]) is not None


def _unnamed(width: int, told: Said, lines: Sequence[Line], name: str) -> tuple[Column, ...]:
    first = lines[0]
    if width > 3 and "," in first.text and "." not in first.text:
        raise ResponseFileError(_COMMAS.format(name, first.number))
    if width == 3 and all(_could_be_decimals(line) for line in lines):
        raise ResponseFileError(_COMMAS.format(name, first.number))
    if width > 3:
        raise ResponseFileError(
            tr(
                "{name}, line {number}: {width} columns, and no heading says what "
                "they are; keep frequency, level and phase, or write a title over "
                "each.",
                name=name,
                number=first.number,
                width=width,
            )
        )
    phase = "rad" if told.radians else "deg" if told.degrees else ""
    return (
        Column("frequency", "", 1000.0 if told.kilohertz else 1.0),
        Column("level", "db" if told.decibels else ""),
        Column("phase", phase),  # type: ignore[arg-type]
    )[:width]


def curves_of(table: Table, name: str, any_level: bool = False) -> list[Curve]:
    """Every curve: columns of levels beside each other, or blocks below each other.

    any_level: take levels as decibels whatever they look like, as a microphone's are small.
    Raises ResponseFileError with the line where the table could mean two things.
    """
    columns = table.columns if table.said.columns else _in_order(table)
    where = [at for at, column in enumerate(columns) if column.role == "frequency"]
    first = table.lines[0].number
    if not where:
        is_time = any(column.role == "time" for column in columns)
        line = table.said.line or first
        raise ResponseFileError(
            tr(
                "{name}, line {line}: the columns are time and amplitude, an "
                "impulse response as text; export it as WAV.",
                name=name,
                line=line,
            )
            if is_time
            else tr(
                "{name}, line {line}: no column is named as the frequency; write “Hz” over it.",
                name=name,
                line=line,
            )
        )
    f = table.values[:, where[0]] * columns[where[0]].factor
    _check_frequencies(f, table, name)
    if not table.said.columns and _counts(f):
        raise ResponseFileError(
            tr(
                "{name}, line {first}: the first column counts the lines, or steps of "
                "1 Hz; write “Hz” over the frequencies and “No” over a count.",
                name=name,
                first=first,
            )
        )
    if not table.said.columns and (_looks_like_time(f) or _looks_like_wave(table.values)):
        raise ResponseFileError(
            tr(
                "{name}, line {first}: the first column looks like time, this like "
                "an impulse response as text; export it as WAV.",
                name=name,
                first=first,
            )
        )
    blocks = _blocks(f)
    found = []
    for number, block in enumerate(blocks, start=1):
        begin = table.lines[block.start].number
        title = _block_title(table, begin, number) if len(blocks) > 1 else ""
        found += _beside(table, columns, f, block, title, name, any_level)
    if not found:
        raise ResponseFileError(
            tr(
                "{name}, line {line}: no column is named as a level; write “dB” over it.",
                name=name,
                line=table.said.line or first,
            )
        )
    return found


def _beside(
    table: Table,
    columns: Sequence[Column],
    f: FloatArray,
    block: slice,
    title: str,
    name: str,
    any_level: bool,
) -> list[Curve]:
    """The curves that share the frequencies of one block."""
    values, lines = table.values[block], [line.number for line in table.lines[block]]
    roles = [column.role for column in columns]

    def curve(name: str, level: FloatArray, phase: FloatArray | None, notes: list[str]) -> Curve:
        return Curve(name, f[block], level, phase, tuple(lines), tuple(notes))

    if "real" in roles and "imaginary" in roles:
        pressure = values[:, roles.index("real")] + 1j * values[:, roles.index("imaginary")]
        size = np.abs(pressure)
        level = np.where(size > 0, 20 * np.log10(np.maximum(size, 1e-300)), np.nan)
        note = tr("Real and imaginary parts were turned into level and phase.")
        return [curve(title, level, np.angle(pressure, deg=True), [note])]
    found = []
    levels = [at for at, role in enumerate(roles) if role == "level"]
    for at in levels:
        notes: list[str] = []
        level = _level(values[:, at], columns[at], table, lines, notes, name, any_level)
        phase_at = at + 1 if "phase" in roles[at + 1 : at + 2] else None
        if phase_at is None and len(levels) == 1 and "phase" in roles:
            phase_at = roles.index("phase")
        phase = None
        if phase_at is not None:
            phase = _phase(values[:, phase_at], columns[phase_at], notes, any_level)
        own = columns[at].title if len(levels) > 1 else ""
        found.append(curve(", ".join(part for part in (title, own) if part), level, phase, notes))
    return found


def _level(
    values: FloatArray,
    column: Column,
    table: Table,
    lines: Sequence[int],
    notes: list[str],
    name: str,
    any_level: bool,
) -> FloatArray:
    unit, known = column.unit, values[np.isfinite(values)]
    if not unit and table.said.decibels and not column.title:
        unit = "db"
    at = table.said.line or lines[0]
    if unit == "" and known.size and not any_level:
        looks_linear = known.min() >= 0 and known.max() <= 10
        if looks_linear or np.abs(known).max() <= 2:
            raise ResponseFileError(
                tr(
                    "{name}, line {at}: the levels lie between {known:g} and "
                    "{known2:g} and could be a factor as well as decibels; write “dB” "
                    "or “linear” over the column.",
                    name=name,
                    at=at,
                    known=known.min(),
                    known2=known.max(),
                )
            )
    if unit in ("", "db"):
        if known.size and not np.all(np.abs(known) <= 400):
            row = int(np.flatnonzero(np.abs(values) > 400)[0])
            raise ResponseFileError(
                tr(
                    "{name}, line {lines}: a level of {values:g} dB makes no sense; "
                    "the column must be dB.",
                    name=name,
                    lines=lines[row],
                    values=values[row],
                )
            )
        return values
    if known.size and known.min() < 0:
        row = int(np.flatnonzero(values < 0)[0])
        raise ResponseFileError(
            tr(
                "{name}, line {lines}: {values:g} is below zero, but the heading "
                "says the levels are {units}; correct the heading.",
                name=name,
                lines=lines[row],
                values=values[row],
                units=_UNITS[unit],
            )
        )
    notes.append(tr("The levels are {units} and were turned into dB.", units=_UNITS[unit]))
    if unit == "pascal":
        values = values * column.factor
    decades = np.log10(np.maximum(values, 1e-300))
    level = np.where(values > 0, (10 if unit == "power" else 20) * decades, np.nan)
    return np.asarray(level + (_PASCAL_DB if unit == "pascal" else 0.0))


def _phase(
    values: FloatArray, column: Column, notes: list[str], any_level: bool
) -> FloatArray | None:
    if column.unit == "rad":
        notes.append(tr("The phase is in radians and was turned into degrees."))
        return np.degrees(values)
    known = values[np.isfinite(values)]
    if column.unit == "" and known.size and np.ptp(known) > 0 and not any_level:
        if np.abs(known).max() <= _RADIANS:
            notes.append(
                tr(
                    "The third column could be radians, or no phase at all; it was "
                    "left out. Write “rad” or “deg” over it to have it read."
                )
            )
            return None
    return values


def _in_order(table: Table) -> tuple[Column, ...]:
    """Without titles: level before frequency, where only the second column rises as one does."""
    one, two = table.values[:, 0], table.values[:, 1]

    def rises(values: FloatArray) -> bool:
        return bool(np.all(np.diff(values) > 0) or np.all(np.diff(values) < 0))

    in_band = np.sum((two >= 20) & (two <= 300)) >= _LEAST_BLOCK
    if table.values.shape[0] >= _LEAST_BLOCK and rises(two) and not rises(one) and in_band:
        first, second, *rest = table.columns
        return (second, first, *rest)
    return table.columns


def _looks_like_time(values: FloatArray) -> bool:
    """Even steps from zero on, shorter than a hundredth: seconds of samples, no frequencies."""
    steps = np.diff(values)
    if values.size < _LEAST_BLOCK or abs(values[0]) > 0.01 or not np.all(steps > 0):
        return False
    return bool(np.max(steps) < 0.01 and np.ptp(steps) < 0.05 * np.max(steps))


def _counts(values: FloatArray) -> bool:
    """0, 1, 2, … or 1, 2, 3, …: as many lines."""
    return bool(
        values.size >= _LEAST_BLOCK and values[0] in (0, 1) and np.all(np.diff(values) == 1)
    )


def _looks_like_wave(values: FloatArray) -> bool:
    """Even steps from nought on, and what swings about nought: a sound over milliseconds."""
    t, wave = values[:, 0], values[:, 1]
    steps = np.diff(t)
    if t.size < _LEAST_BLOCK or abs(t[0]) > 1e-9 or not np.all(steps > 0):
        return False
    if np.ptp(steps) > 0.05 * np.max(steps) or not np.all(np.isfinite(wave)):
        return False
    swings = np.count_nonzero(np.diff(np.sign(wave)) != 0)
    return bool(swings > t.size / 10 and abs(np.mean(wave)) < 0.2 * np.std(wave))


def _check_frequencies(f: FloatArray, table: Table, name: str) -> None:
    for row in np.flatnonzero((f < 0) | (f > 1e6)):
        line = table.lines[int(row)].number
        if f[row] < 0:
            raise ResponseFileError(
                tr(
                    "{name}, line {line}: the frequency {f:g} Hz is below zero.",
                    name=name,
                    line=line,
                    f=f[row],
                )
            )
        raise ResponseFileError(
            tr(
                "{name}, line {line}: {f:g} Hz is no audio frequency; the first column must be Hz.",
                name=name,
                line=line,
                f=f[row],
            )
        )


def _blocks(f: FloatArray) -> list[slice]:
    """Curves below each other begin where the frequency falls back after a long rise."""
    known = np.where(np.isfinite(f), f, 0.0)
    starts = [0, *(np.flatnonzero(np.diff(known) < 0) + 1).tolist()]
    ends = [*starts[1:], f.size]
    lengths = [end - start for start, end in zip(starts, ends, strict=True)]
    if 1 < len(starts) <= _MOST_BLOCKS and min(lengths) >= _LEAST_BLOCK:
        return [slice(start, end) for start, end in zip(starts, ends, strict=True)]
    return [slice(0, f.size)]


def _block_title(table: Table, begin: int, number: int) -> str:
    """The last heading above a block that is no line of column titles."""
    before = max((line.number for line in table.lines if line.number < begin), default=0)
    above = [h.text for h in table.headings if before < h.number < begin]
    for text in reversed(above):
        plain = text.lstrip("#*/!%;\"' \t").strip()
        if plain and column_of(plain).role == "level" and not column_of(plain).unit:
            return plain[:40]
    return tr("curve {number}", number=number)


def _in_words(column: Column) -> str:
    title = f"“{column.title}”: " if column.title else ""
    if column.role == "frequency":
        unit = {1.0: tr("Hz"), 1000.0: "kHz"}.get(column.factor, "rad/s")
        return tr("{title}frequency in {unit}", title=title, unit=unit)
    if column.role == "level":
        unit = {1e-3: "mPa", 1e-6: "µPa", 1e3: "kPa"}.get(column.factor) or _UNITS.get(
            column.unit, "dB"
        )
        return tr("{title}level in {unit}", title=title, unit=unit)
    unit = (
        tr(" in {unit}", unit=_UNITS.get(column.unit, "degrees")) if column.role == "phase" else ""
    )
    return f"{title}{_WHAT[column.role]}{unit}"
