"""What the headings of a table of numbers say: which column is what, in which unit."""

import re
from collections.abc import Sequence
from dataclasses import dataclass, replace
from math import pi
from typing import Literal

from jolly_parlor.signals.cells import Heading, is_number

Role = Literal["frequency", "time", "level", "phase", "real", "imaginary", "other"]
Unit = Literal["", "db", "linear", "pascal", "power", "deg", "rad"]

_TITLE = re.compile(r"[^\s,;\t()\[\]]+(?:\s*[(\[][^)\]]*[)\]])?")
_FAMILIAR = re.compile(
    r"freq|hz|\bdb|spl|phase|deg|magn|ampl|level|real|imag|time|\bsec|left|right|°", re.IGNORECASE
)
_IN_KILOHERTZ = re.compile(r"(?<![\d.,])(?<![\d.,] )khz")
"""As a unit; a figure before it makes it a remark, such as `smoothed above 1 kHz`."""
_OVER_TIME = re.compile(r"impulse response|\b(ms|msec|milliseconds?)\b")
_TIME = re.compile(
    r"(time|t|zeit|seconds?|sec|m?s|msec|milliseconds?|samples?)\s*([(\[/,:].*|(in )?m?s(ec)?)?$"
)
_SCALES = {"": 1.0, "m": 1e-3, "µ": 1e-6, "μ": 1e-6, "u": 1e-6, "k": 1e3}


@dataclass(frozen=True)
class Column:
    role: Role
    unit: Unit = ""
    factor: float = 1.0
    """To Hz of a frequency, to Pa of a pressure."""
    title: str = ""


@dataclass(frozen=True)
class Said:
    """What all headings say: the columns where titles and columns agree in number, and words that
    hold for the file whatever column they stand over.
    """

    columns: tuple[Column, ...]
    line: int
    """Of the titles; 0 without."""
    kilohertz: bool = False
    radians: bool = False
    degrees: bool = False
    decibels: bool = False
    impulse: bool = False


def said(headings: Sequence[Heading], count: int, first_row: int) -> Said:
    """Read the headings above a table of `count` columns that begins at line `first_row`."""
    above = [h for h in headings if h.number < first_row][-40:]
    words = " ".join(h.text for h in above).lower()
    found = Said(
        (),
        0,
        kilohertz=bool(_IN_KILOHERTZ.search(words)),
        radians=bool(re.search(r"\brad(ians?)?\b(?!\s*/)", words)),
        degrees=bool(re.search(r"\bdeg|°", words)),
        decibels=bool(re.search(r"\bdb|spl\b", words)),
        impulse=bool(_OVER_TIME.search(words)) and not re.search("hz|freq", words),
    )
    for at in range(len(above) - 1, -1, -1):
        titles = titles_of(above[at].text, count)
        if titles is None:
            continue
        columns = tuple(column_of(title) for title in titles)
        if at + 1 < len(above):  # a line of units under the titles
            units = titles_of(above[at + 1].text, count)
            if units is not None:
                columns = tuple(map(_with_unit, columns, units))
        upper = titles_of(above[at - 1].text, count) if at > 0 else None
        if upper is not None and above[at - 1].number == above[at].number - 1:
            columns = tuple(_with_unit(column_of(u), t) for u, t in zip(upper, titles, strict=True))
        return replace(found, columns=columns, line=above[at].number)
    return found


def titles_of(text: str, count: int) -> list[str] | None:
    """The titles on one line where it has one for each of `count` columns and says something that
    titles say; else None.
    """
    plain = text.lstrip("#*/!%;\"' \t").rstrip()
    if not _FAMILIAR.search(plain) or re.match(r"[+-]?\d", plain):
        return None
    for whole in (plain, text.strip()):  # `#` may be the title of a column that counts the lines
        for separator in (";", "\t", ","):
            if separator in whole:
                parts = [part.strip().strip('"').strip() for part in whole.split(separator)]
                while parts and not parts[-1]:
                    parts.pop()
                if len(parts) == count and not any(map(is_number, parts)):
                    return parts
    parts = _TITLE.findall(plain)
    if any(map(is_number, parts)):
        return None  # a sentence with a figure in it
    # Words of a sentence are titles only where one of them names the frequency.
    named = any(column_of(part).role in ("frequency", "time") for part in parts)
    return parts if len(parts) == count and named else None


def column_of(title: str) -> Column:
    """What a title says of its column."""
    t = title.lower()
    if re.search(r"rad\s*/\s*s|omega|ω", t):
        return Column("frequency", "", 1 / (2 * pi), title)
    if "freq" in t or "hz" in t or t in ("f", "frq", "f."):
        return Column("frequency", "", 1000.0 if "khz" in t else 1.0, title)
    if _TIME.match(t):
        return Column("time", "", 1.0, title)
    if re.fullmatch(r"(#|no|nr|n|idx|index|line|row|bin|point|number)\.?", t):
        return Column("other", "", 1.0, title)
    if re.search(r"coher|delay|dist|thd|noise|snr|confid|harmonic|min\.? ?phase|excess", t):
        return Column("other", "", 1.0, title)
    if re.search(r"phas|\barg\b|°|\bdeg|\brad", t):
        radians = re.search(r"\brad", t)
        unit: Unit = "rad" if radians else "deg" if re.search(r"deg|°", t) else ""
        return Column("phase", unit, 1.0, title)
    if re.match(r"(re|real)\b", t):
        return Column("real", "", 1.0, title)
    if re.match(r"(im|imag|imaginary)\b", t):
        return Column("imaginary", "", 1.0, title)
    pascal = re.search(r"\b([mµμuk]?)pa\b", t)
    scale = _SCALES[pascal[1]] if pascal else 1.0
    return Column("level", _level_unit(t), scale, title)


def _level_unit(t: str) -> Unit:
    if re.search(r"db|spl|decibel", t):
        return "db"
    if re.search(r"pa\s*(\^2|²)|power|psd", t):
        return "power"
    if re.search(r"\b[mµμuk]?pa\b|pascal", t):
        return "pascal"
    if re.search(r"\blin(ear)?\b|\bm?v\b|volt|ratio|factor|\babs", t):
        return "linear"
    return "db" if re.match(r"level\b|l\b|lp\b", t) else ""


def _with_unit(column: Column, unit: str) -> Column:
    """A column whose unit stands on a line of its own."""
    told = column_of(unit)
    if column.role == "frequency":
        return replace(column, factor=told.factor if told.role == "frequency" else column.factor)
    if column.role == "phase" and told.role == "phase":
        return replace(column, unit=told.unit)
    if column.role == "level" and told.role == "phase":
        return replace(column, role="phase", unit=told.unit)
    if column.role == "level" and told.role == "level" and told.unit:
        return replace(column, unit=told.unit, factor=told.factor)
    return column
