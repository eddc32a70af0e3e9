"""The cells of a text file of numbers: decoding, separators, decimal signs, units in cells.

Nothing here knows what a column means; `headings` and `reading` do.
"""

import csv
import math
import re
from collections.abc import Sequence
from dataclasses import dataclass
from itertools import pairwise
from pathlib import Path

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.inputs import regular_bytes
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

_LARGEST_FILE = 8 * 1024 * 1024
_MOST_LINES_OF_ANY_KIND = 40_000
_LONGEST_LINE = 2000
_INVISIBLE = dict.fromkeys([0x200E, 0x200F, *range(0x202A, 0x202F), *range(0x2066, 0x206A), 0xFEFF])
_LOOKALIKES = str.maketrans(
    {"\u2212": "-", "\u2013": "-", "\u00a0": " ", "\u202f": " ", "\u2009": " ", "\u2019": "'"}
)
BLANK = {"", "nan", "-", "--", "n/a", "inf", "+inf", "-inf", "∞", "-∞"}
_DIGITS = r"(?:\d{1,3}(?:[ ']\d{3})+(?:[.,]\d*)?|\d[\d.,]*|[.,]\d[\d.,]*)"
_CELL = re.compile(
    rf"^([+-]?{_DIGITS})(?:[eEdD]([+-]?\d{{1,4}}))? ?(k|hz|khz|db[a-z()]*|deg|degrees|°|rad|%)?$",
    re.IGNORECASE,
)
_COMMENT = re.compile(r"\s*(?:#|//|!|%%|\*\*).*$")
_UNIT_APART = re.compile(
    r"(?<=[\d.,]) (?=(?:k?hz|db(?:spl|fs)?|deg|degrees|°|rad)(?:[\s,;]|$))", re.I
)
_THOUSANDS = {mark: re.compile(rf"^[+-]?\d{{1,3}}(?:{re.escape(mark)}\d{{3}})+$") for mark in ",."}
_PLAIN_NUMBER = r"[+-]?(?:\d{1,12}\.?\d{0,20}|\.\d{1,20})(?:[eE][+-]?\d{1,3})?"
_WITH_POINT = r"[+-]?\d{1,12}\.\d{0,20}"
_PLAIN_BY = {
    "\t": re.compile(rf"{_PLAIN_NUMBER}(?:\t{_PLAIN_NUMBER}){{1,19}}"),
    ";": re.compile(rf"{_PLAIN_NUMBER}(?:;{_PLAIN_NUMBER}){{1,19}}"),
    ", ": re.compile(rf"{_PLAIN_NUMBER}(?:, {_PLAIN_NUMBER}){{1,19}}"),
    ",": re.compile(rf"{_WITH_POINT}(?:,{_WITH_POINT}){{1,19}}"),
    " ": re.compile(rf"{_PLAIN_NUMBER}(?: +{_PLAIN_NUMBER}){{1,19}}"),
}
"""Lines by what separates their numbers."""
_PLAIN = re.compile("|".join(pattern.pattern for pattern in _PLAIN_BY.values()))
_BEGINS = frozenset("+-.,'\"0123456789")


class ResponseFileError(Refused):
    """A file that is not a frequency response; the message names file, line and reason."""


@dataclass(frozen=True)
class Line:
    """One line that begins with a number: its place in the file and its cells as text."""

    number: int
    cells: tuple[str, ...]
    text: str


@dataclass(frozen=True)
class Heading:
    """A line that is no line of numbers."""

    number: int
    text: str


@dataclass(frozen=True)
class Marks:
    """Which sign is the decimal one and which, if any, groups thousands."""

    decimal: str
    thousands: str


def read_text(path: Path) -> str:
    """The text of a file, whatever its encoding. Raises ResponseFileError in a sentence."""
    try:
        data = regular_bytes(path, _LARGEST_FILE)
    except FileNotFoundError:
        raise ResponseFileError(
            tr("{name} could not be read: there is no such file.", name=path.name)
        ) from None
    except OSError as error:
        reason = error.strerror or tr("it cannot be opened")
        raise ResponseFileError(
            tr("{name} could not be read: {reason}.", name=path.name, reason=reason)
        ) from None
    return _decode(data, path.name)


class PlainLines(list[Line]):
    """Lines that are nothing but numbers with points, in columns: most files, and read at once."""

    values: FloatArray
    """(lines, columns)."""


def lines_of(text: str, name: str) -> tuple[list[Line], list[Heading]]:
    """Lines of numbers, and all others, in order. What stands before the first whole line of
    numbers is heading even where it begins with a digit, such as a date. Raises ResponseFileError
    for more lines of any kind than are worth reading.
    """
    plain = _plain_lines(text)
    if plain is not None:
        return plain
    if (count := text.count("\n")) > _MOST_LINES_OF_ANY_KIND:
        raise ResponseFileError(
            tr(
                "{name} has {count} lines, which are not all numbers alike; {most} such lines can "
                "be read: export fewer points.",
                name=name,
                count=count,
                most=_MOST_LINES_OF_ANY_KIND,
            )
        )
    return _any_lines(text)


def _plain_lines(text: str) -> tuple[PlainLines, list[Heading]] | None:
    """The same of a file whose numbers begin somewhere and then go on to its end without anything
    else, all written alike; None for any other.
    """
    raw = [line.strip() for line in text.splitlines()]
    begin = next((n for n, line in enumerate(raw) if _PLAIN.fullmatch(line)), None)
    if begin is None or any(line[:1] in _BEGINS for line in raw[:begin]):
        return None
    while raw and not raw[-1]:
        raw.pop()
    body = raw[begin:]
    between = next(s for s, pattern in _PLAIN_BY.items() if pattern.fullmatch(body[0]))
    rows = [line.replace(between.strip() or between, " ").split() for line in body]
    width = len(rows[0])
    if width < 2 or not all(map(_PLAIN_BY[between].fullmatch, body)):
        return None
    if any(len(row) != width for row in rows):
        return None
    firsts = [row[0] for row in rows if "." in row[0]]
    if firsts and all(map(_THOUSANDS["."].match, firsts)):
        return None  # the point may group thousands
    found = PlainLines(
        Line(number, tuple(row), line)
        for number, (row, line) in enumerate(zip(rows, body, strict=True), start=begin + 1)
    )
    found.values = np.array(rows, dtype=np.float64)
    return found, [Heading(n, line) for n, line in enumerate(raw[:begin], start=1) if line]


def _any_lines(text: str) -> tuple[list[Line], list[Heading]]:
    lines: list[Line] = []
    begun: list[Line] = []
    headings: list[Heading] = []
    for number, raw in enumerate(text.translate(_INVISIBLE).splitlines(), start=1):
        plain = raw.translate(_LOOKALIKES)[:_LONGEST_LINE].strip()
        cells = split_cells(plain)
        begins = bool(cells) and is_number(cells[0])
        whole = begins and len(cells) > 1 and all(_fits(cell) for cell in cells)
        if whole or (begins and lines):
            lines.append(Line(number, tuple(cells), plain))
        elif plain:
            headings.append(Heading(number, plain))
            if begins:
                begun.append(Line(number, tuple(cells), plain))
    return lines or begun, headings


def split_cells(line: str) -> list[str]:
    """The cells of one line, whichever separator it uses; a comment at its end is dropped."""
    if not line or line[0] not in "+-.,'\"0123456789":
        return []
    line = _UNIT_APART.sub("", _COMMENT.sub("", line))
    before, _, after = line.partition(";")
    remark = after and not is_number(after.split(";")[0].strip())
    if remark and len(before.split()) > 1 and all(map(is_number, before.split()[:2])):
        line = before  # columns by blanks, then a remark
    if ";" in line:
        parts = _quoted(line, ";")
    elif "\t" in line:
        parts = [part.removesuffix(",") for part in _quoted(line, "\t")]
    elif '"' in line:
        parts = _quoted(line, ",")
    elif re.search(r"\s,|,\s", line):
        parts = re.split(r"\s+,\s*|,\s+", line)
    elif re.search(r"\s", line):
        parts = line.split()
    else:
        parts = line.split(",")
    parts = [part.strip().strip('"').strip() for part in parts]
    while parts and parts[-1] == "" and len(parts) > 2:
        parts.pop()
    return parts


def is_number(cell: str) -> bool:
    """Whether a cell is a number, perhaps with a unit behind it."""
    return _CELL.match(cell) is not None


def _fits(cell: str) -> bool:
    return is_number(cell) or cell.lower() in BLANK


def _quoted(line: str, separator: str) -> list[str]:
    return next(csv.reader([line], delimiter=separator, skipinitialspace=True), [])


def marks_of(lines: Sequence[Line], name: str) -> Marks:
    """Decimal and thousands sign of a whole file. Raises ResponseFileError naming the line where
    they cannot be told apart.
    """
    firsts = [(line.number, _digits(line.cells[0])) for line in lines]
    others = [(line.number, _digits(cell)) for line in lines for cell in line.cells[1:]]
    every = [(number, cell) for number, cell in firsts + others if cell]
    for number, cell in every:
        if "," in cell and "." in cell:
            decimal = "," if cell.rindex(",") > cell.rindex(".") else "."
            marks = Marks(decimal, "." if decimal == "," else ",")
            return _agreed(marks, every, name, number)
    for mark, other in ((",", "."), (".", ",")):
        if any(cell.count(mark) > 1 for _, cell in every):
            return _agreed(Marks(other, mark), every, name, every[0][0])
    commas = [(n, cell) for n, cell in every if "," in cell]
    points = [(n, cell) for n, cell in every if "." in cell]
    if commas and points:
        groups = {
            m: all(_THOUSANDS[m].match(c) for _, c in cs)
            for m, cs in ((",", commas), (".", points))
        }
        if groups[","] == groups["."]:
            raise ResponseFileError(
                tr(
                    "{name}, line {commas}: “{commas2}” here and “{points}” in line "
                    "{points2}: comma and point cannot both be decimal signs; write "
                    "one of them.",
                    name=name,
                    commas=commas[0][0],
                    commas2=commas[0][1],
                    points=points[0][1],
                    points2=points[0][0],
                )
            )
        return Marks(".", ",") if groups[","] else Marks(",", ".")
    mark = "," if commas else "."
    grouped = Marks("." if mark == "," else ",", mark)
    plain = Marks(mark, "")
    marked = [cell for _, cell in firsts if mark in cell]
    if marked and all(_THOUSANDS[mark].match(cell) for cell in marked):
        # 950, 1,000, 1,050: only as thousands do they rise.
        if not _rises(firsts, plain) and _rises(firsts, grouped):
            if any(mark in cell for _, cell in others):
                number = next(n for n, cell in others if mark in cell)
                raise ResponseFileError(
                    tr(
                        "{name}, line {number}: “{mark}” stands for thousands in the "
                        "frequencies and for decimals here; write the frequencies without "
                        "thousands.",
                        name=name,
                        number=number,
                        mark=mark,
                    )
                )
            return grouped
    return plain


def _agreed(marks: Marks, every: list[tuple[int, str]], name: str, number: int) -> Marks:
    """The same where no cell speaks against it."""
    group, decimal = re.escape(marks.thousands), re.escape(marks.decimal)
    shape = re.compile(rf"^[+-]?(?:\d*|\d{{1,3}}(?:{group}\d{{3}})+)(?:{decimal}\d*)?$")
    for at, cell in every:
        if not shape.match(cell):
            raise ResponseFileError(
                tr(
                    "{name}, line {at}: “{cell}” does not fit the decimal “{decimal}” "
                    "of line {number}: commas both inside and between numbers cannot "
                    "be told apart; save it with semicolons between the columns.",
                    name=name,
                    at=at,
                    cell=cell[:30],
                    decimal=marks.decimal,
                    number=number,
                )
            )
    return marks


def _rises(firsts: list[tuple[int, str]], marks: Marks) -> bool:
    values = [value_of(cell, marks) for _, cell in firsts if cell]
    return all(a <= b for a, b in pairwise(values))


def _digits(cell: str) -> str:
    found = _CELL.match(cell)
    return re.sub(r"[ ']", "", found.group(1)) if found else ""


def value_of(cell: str, marks: Marks) -> float:
    """A cell's number, k behind it counted; NaN for a blank. Raises ValueError for no number."""
    if cell.lower() in BLANK:
        return math.nan
    found = _CELL.match(cell)
    if found is None:
        raise ValueError(cell)
    digits, exponent, unit = found.groups()
    digits = re.sub(r"[ ']", "", digits)
    if marks.thousands:
        digits = digits.replace(marks.thousands, "")
    digits = digits.replace(",", ".")
    if digits.count(".") > 1:
        raise ValueError(cell)
    value = float(digits + (f"e{exponent}" if exponent else ""))
    return value * 1000.0 if unit and unit.lower() in ("k", "khz") else value


def _decode(data: bytes, name: str) -> str:
    if data.startswith((b"\xff\xfe", b"\xfe\xff")):
        try:
            return data.decode("utf-16")
        except UnicodeDecodeError:
            raise ResponseFileError(
                tr("{name} is cut off or not a text file.", name=name)
            ) from None
    if b"\x00" in data:
        line = data[: data.index(b"\x00")].count(b"\n") + 1
        raise ResponseFileError(
            tr(
                "{name}, line {line}: not a text file; export the response as text and try again.",
                name=name,
                line=line,
            )
        )
    try:
        return data.decode("utf-8-sig")
    except UnicodeDecodeError:
        return data.decode("latin-1")
