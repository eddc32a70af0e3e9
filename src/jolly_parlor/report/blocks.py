"""A report as blocks, whatever it is written as."""

from collections.abc import Callable
from dataclasses import dataclass
from typing import Literal

from reportlab.graphics.shapes import Drawing
from reportlab.lib.pagesizes import A4, LETTER

Paper = Literal["a4", "letter"]
PAPERS: dict[Paper, tuple[float, float]] = {"a4": A4, "letter": LETTER}
"""Width and height in points of the printer."""


@dataclass(frozen=True)
class Heading:
    text: str


@dataclass(frozen=True)
class Words:
    """A paragraph; `strong` is what must not be missed."""

    text: str
    strong: bool = False


@dataclass(frozen=True)
class Bullets:
    items: tuple[str, ...]


@dataclass(frozen=True)
class Rows:
    """A table: its head, its rows, and how wide each column is against the others."""

    head: tuple[str, ...]
    rows: tuple[tuple[str, ...], ...]
    widths: tuple[float, ...]


@dataclass(frozen=True, eq=False)
class Picture:
    """A drawing made for a width and a height at most, in points of the printer."""

    title: str
    draw: Callable[[float, float], Drawing]
    share: float = 0.6
    """Of the page's height it may take."""


Block = Heading | Words | Bullets | Rows | Picture


@dataclass(frozen=True, eq=False)
class Report:
    """Title, what stands under it, and the blocks."""

    title: str
    under: str
    blocks: tuple[Block, ...]
