"""Rigid-wall modes of a box: for naming what the field model computes, not for computing it."""

from collections.abc import Sequence
from dataclasses import dataclass
from functools import cached_property, lru_cache
from math import cos, pi, sqrt
from typing import Literal

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.geometry.room import Point
from jolly_parlor.words import spoken, tr

ModeKind = Literal["width", "length", "height", "mixed"]
_KINDS: tuple[ModeKind, ...] = ("width", "length", "height")


@dataclass(frozen=True)
class Mode:
    """A standing wave with nx, ny, nz half waves along width, length and height."""

    order: tuple[int, int, int]
    frequency_hz: float
    dimensions: tuple[float, float, float]

    @cached_property
    def kind(self) -> ModeKind:
        """The one axis it runs along, or mixed."""
        along = [axis for axis in range(3) if self.order[axis]]
        return _KINDS[along[0]] if len(along) == 1 else "mixed"

    @property
    def name(self) -> str:
        """`second length mode`, or `mixed mode (1-2-0)`."""
        if self.kind == "mixed":
            return tr("mixed mode ({join})", join="-".join(str(n) for n in self.order))
        return tr("{ordinal} {kind} mode", ordinal=ordinal(max(self.order)), kind=self.kind)

    @property
    def label(self) -> str:
        """`length 0-2-0`, for a list."""
        return f"{spoken(self.kind)} {'-'.join(str(n) for n in self.order)}"

    def shape(self, point: Point) -> float:
        """Pressure of the mode at a point, -1 to 1: the product of cosines."""
        at = (point.x, point.y, point.z)
        value = 1.0
        for n, x, size in zip(self.order, at, self.dimensions, strict=True):
            value *= cos(n * pi * x / size)
        return value

    def over(self, points: Sequence[Point]) -> FloatArray:
        """The same at many points, (points,)."""
        return np.array([self.shape(point) for point in points])


class Modes(tuple[Mode, ...]):
    """The modes of one room, ascending."""

    @cached_property
    def orders(self) -> FloatArray:
        """nx, ny, nz of each, (modes, 3)."""
        return np.array([mode.order for mode in self], dtype=float).reshape(-1, 3)

    def at(self, points: Sequence[Point]) -> FloatArray:
        """`Mode.shape` of each at points, (points, modes)."""
        if not self:
            return np.zeros((len(points), 0))
        size = self[0].dimensions
        turns = np.array([(p.x / size[0], p.y / size[1], p.z / size[2]) for p in points])
        x, y, z = np.moveaxis(np.cos(pi * self.orders * turns[:, None, :]), 2, 0)
        return np.asarray(x * y * z)


def ordinal(number: int) -> str:
    """`first`, `second`, `third`, `4th` …"""
    return {1: "first", 2: "second", 3: "third"}.get(number, f"{number}th")


@lru_cache(maxsize=32)
def modes(dimensions: tuple[float, float, float], speed_of_sound: float, up_to_hz: float) -> Modes:
    """All modes above 0 Hz up to a frequency, ascending.

    f = c/2 sqrt((nx/W)^2 + (ny/L)^2 + (nz/H)^2) (Kuttruff, Room Acoustics).
    """
    half = speed_of_sound / 2
    most = [int(up_to_hz * size / half) for size in dimensions]
    found = []
    for nx in range(most[0] + 1):
        for ny in range(most[1] + 1):
            for nz in range(most[2] + 1):
                parts = zip((nx, ny, nz), dimensions, strict=True)
                f = half * sqrt(sum((n / size) ** 2 for n, size in parts))
                if 0 < f <= up_to_hz:
                    found.append(Mode((nx, ny, nz), f, dimensions))
    return Modes(sorted(found, key=lambda mode: mode.frequency_hz))
