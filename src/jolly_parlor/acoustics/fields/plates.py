"""A thin rigid plate in a room: a desk top, the back of a chair.

It carries a pressure jump mu, as much on the one side as is missing on the other. With n across the
plate and G the room's Green function (exp(-jkR) / 4 pi R near the source),

    d p_inc / dn (s) + integral mu(s') d2G(s, s') / dn dn' dS' = 0,
    p(r) = p_inc(r) + integral mu(s') dG(r, s') / dn' dS'

(the double-layer potential; Bonnet, Boundary Integral Equation Methods for Solids and Fluids). mu
is a sum of a few functions, each the jump that a slow flow of polynomial shape would make. What is
static in the kernel is worked out here, with images in the surfaces nearby; the rest is smooth and
comes from the room's own field (`Scattering`).

For points in the plane of the plate d2(1 / 4 pi R) / dn dn' = 1 / (4 pi R^3), whose finite part
over a rectangle is exact: with F = -sqrt(x^2 + y^2) / (x y), F at its corners in turn, relative to
the point. Elements of constant jump make a plate too large by a part of an element at its edges;
drawn in by 0.23 of one they have the mass of air that tables of added mass give
(tests/acoustics/test_plates.py).
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from functools import cached_property, lru_cache
from itertools import product
from math import pi
from typing import Protocol

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray, IntArray

_DRAWN_IN = 0.23
_LONG, _SHORT = 12, 6
"""Elements along the longer side and the shorter."""
_DEGREE = 2
_TOUCHES_METRES = 0.01
"""A gap that lets no sound through to speak of: the plate goes on in its image there."""
_REACH_METRES = 3.0
"""From farther away no image acts on the static part: 1 / R^3."""
_KEPT, _DECIMALS, _KEPT_DECIMALS = 300, 6, 9


def axes_along(axis: int) -> tuple[int, int]:
    """The two axes that plates across one extend along."""
    first, second = (other for other in range(3) if other != axis)
    return first, second


@dataclass(frozen=True)
class Plate:
    """A rectangle across one axis of the room, metres; as thin as a plane."""

    corner: tuple[float, float, float]
    """Its corner nearest to the origin."""
    sizes: tuple[float, float]
    """Along the two other axes, in their order."""
    axis: int
    """0, 1 or 2: the one it stands across; a desk top lies across 2."""
    thickness: float = 0.0

    @property
    def along(self) -> tuple[int, int]:
        """The two axes it extends along."""
        return axes_along(self.axis)

    @property
    def at(self) -> float:
        """Where it lies on its own axis."""
        return self.corner[self.axis]


@dataclass(frozen=True, eq=False)
class Line:
    """Elements along one axis of a plate: where each begins, and how long they all are."""

    starts: FloatArray
    size: float

    @property
    def middles(self) -> FloatArray:
        """Metres."""
        return np.asarray(self.starts + self.size / 2)

    @property
    def count(self) -> int:
        return int(self.starts.size)


class Layer:
    """The elements of a plate, its functions, and how they act on each other when all is slow."""

    def __init__(self, plate: Plate, low: FloatArray, high: FloatArray) -> None:
        """low, high: the surfaces nearby, (3,) metres along each axis: those of a box the plate is
        in, infinite where there is none.
        """
        self.plate = plate
        self._low, self._high = low, high
        longest = int(np.argmax(plate.sizes))
        counts = [_LONG if n == longest else _SHORT for n in range(2)]
        self.lines = tuple(
            _line(plate.corner[axis], size, count, float(low[axis]), float(high[axis]))
            for axis, size, count in zip(plate.along, plate.sizes, counts, strict=True)
        )
        self.area = self.lines[0].size * self.lines[1].size
        whole = plate.sizes[0] * plate.sizes[1]
        thickness = (
            plate.thickness * whole / (self.area * self.lines[0].count * self.lines[1].count)
        )
        grid = tuple((line.count, round(line.size, _KEPT_DECIMALS)) for line in self.lines)
        self.functions, self.static = _slow_flows(
            grid, tuple(self._images()), round(thickness, _KEPT_DECIMALS)
        )
        """The jump of each function times the elements' area, (elements, functions), and how they
        act on each other, (functions, functions).
        """

    @cached_property
    def points(self) -> FloatArray:
        """Middles of the elements, (elements, 3)."""
        u, v = np.meshgrid(*(line.middles for line in self.lines), indexing="ij")
        found = np.full((u.size, 3), self.plate.at)
        for axis, values in zip(self.plate.along, (u, v), strict=True):
            found[:, axis] = values.ravel()
        return found

    def _images(self) -> list[_Image]:
        """The plate itself and its images in the surfaces nearby."""
        plate = self.plate
        middles = [
            c + s / 2
            for c, s in zip((plate.corner[axis] for axis in plate.along), plate.sizes, strict=True)
        ]
        choices = []
        for axis, middle in (*zip(plate.along, middles, strict=True), (plate.axis, plate.at)):
            ends = [float(self._low[axis]), float(self._high[axis])]
            near = [2 * end for end in ends if abs(2 * (end - middle)) < 2 * _REACH_METRES]
            choices.append([None, *near])
        found = []
        for shifts in product(*choices):
            away = [
                0.0 if shift is None else shift - 2 * middle
                for shift, middle in zip(shifts, (*middles, plate.at), strict=True)
            ]
            beside = [max(abs(a) - s, 0.0) for a, s in zip(away[:2], plate.sizes, strict=True)]
            if np.hypot(np.hypot(beside[0], beside[1]), away[2]) < _REACH_METRES:
                own = [
                    None if shift is None else round(shift - 2 * float(line.starts[0]), _DECIMALS)
                    for shift, line in zip(shifts[:2], self.lines, strict=True)
                ]
                found.append(_Image(own[0], own[1], round(abs(away[2]), _DECIMALS)))
        return found


class Scattering(Protocol):
    """One plate in one room's field, on its frequencies: how its functions act on each other, and
    how they and places hear each other. Times 4 pi this is in the field's unit.
    """

    @property
    def action(self) -> ComplexArray:
        """Double normal derivative of the room's Green function between any two functions,
        (frequencies, functions, functions).
        """
        ...

    def towards(self, places: FloatArray) -> ComplexArray:
        """Normal derivative at the plate of the Green function of each place, by function,
        (places, frequencies, functions).
        """
        ...

    def spread(
        self, strengths: ComplexArray, height: float, xs: FloatArray, ys: FloatArray
    ) -> ComplexArray:
        """What functions of these strengths (frequencies, functions) radiate onto a grid of places
        at a height, (frequencies, ys, xs); for maps, so that it may fade out fine detail.
        """
        ...

    def section(
        self, strengths: ComplexArray, y: float, xs: FloatArray, zs: FloatArray
    ) -> ComplexArray:
        """The same on an upright grid across the room at a depth, (frequencies, zs, xs)."""
        ...


@dataclass(frozen=True)
class _Image:
    """What an element becomes in surfaces across each axis of the plate: at `mirror - u` where
    there is a mirror, u from where the elements begin, and so far above or below the plate.
    """

    mirror_u: float | None
    mirror_v: float | None
    away: float


class _StaticKernel:
    """d2(1 / 4 pi R) / dn dn' integrated over elements, at the middles of others."""

    def __init__(self, lines: tuple[Line, ...]) -> None:
        self._u, self._v = lines

    def matrix(self, images: Sequence[_Image]) -> FloatArray:
        """(elements, elements), all images together."""
        count = self._u.count * self._v.count
        total = np.zeros((count, count))
        for image in images:
            u, at_u = _offsets(self._u, image.mirror_u)
            v, at_v = _offsets(self._v, image.mirror_v)
            # A grid of equal elements has few distances: each is worked out once.
            table = self._coplanar(u, v) if image.away == 0 else self._above(u, v, image.away)
            found = table[at_u[:, None, :, None], at_v[None, :, None, :]]
            total += found.reshape(count, count)
        return total

    def _coplanar(self, u: FloatArray, v: FloatArray) -> FloatArray:
        half_u, half_v = self._u.size / 2, self._v.size / 2

        def corner(x: FloatArray, y: FloatArray) -> FloatArray:
            return -np.hypot(x, y) / (x * y)

        x1, x2 = (u - half_u)[:, None], (u + half_u)[:, None]
        y1, y2 = (v - half_v)[None, :], (v + half_v)[None, :]
        found = corner(x2, y2) - corner(x1, y2) - corner(x2, y1) + corner(x1, y1)
        return np.asarray(found / (4 * pi))

    def _above(self, u: FloatArray, v: FloatArray, away: float) -> FloatArray:
        """Of an image in a surface parallel to the plate; its jump is turned over with it."""
        squared = u[:, None] ** 2 + v[None, :] ** 2 + away**2
        area = self._u.size * self._v.size
        return np.asarray(area * (3 * away**2 / squared**2.5 - squared**-1.5) / (4 * pi))


@lru_cache(_KEPT)
def _slow_flows(
    grid: tuple[tuple[int, float], ...], images: tuple[_Image, ...], thickness: float
) -> tuple[FloatArray, FloatArray]:
    """Functions (elements, functions) and how they act on each other when all is slow: alike
    wherever a plate of these elements has the same surfaces nearby. grid: number and metres.
    """
    lines = tuple(Line(np.asarray(np.arange(count) * size, float), size) for count, size in grid)
    area = lines[0].size * lines[1].size
    static = _thickened(_StaticKernel(lines).matrix(images), thickness)
    jumps = np.linalg.solve(-static, _polynomials(lines))
    functions = np.asarray(jumps / np.abs(jumps).max(axis=0)) * area
    found = functions.T @ (static @ functions) / area
    return functions, np.asarray((found + found.T) / 2)


def _polynomials(lines: tuple[Line, ...]) -> FloatArray:
    """Shapes of slow flows, (elements, functions)."""
    x, y = (2 * (line.middles - line.middles.mean()) / (line.size * line.count) for line in lines)
    powers = [(i, j) for i in range(_DEGREE + 1) for j in range(_DEGREE + 1 - i)]
    return np.array([np.outer(x**i, y**j).ravel() for i, j in powers]).T


def _thickened(static: FloatArray, metres: float) -> FloatArray:
    """The kernel of a slab: of each element also the air that it displaces weighs."""
    if metres == 0:
        return static
    thin = np.linalg.inv(-static)
    thin[np.diag_indices(len(thin))] += metres
    return np.asarray(-np.linalg.inv(thin))


def _line(start: float, size: float, count: int, low: float, high: float) -> Line:
    """Elements between the edges of a plate, drawn in where an edge is free."""
    free = [start - low > _TOUCHES_METRES, high - start - size > _TOUCHES_METRES]
    each = size / (count + _DRAWN_IN * sum(free))
    return Line(np.asarray(start + each * (_DRAWN_IN * free[0] + np.arange(count)), float), each)


def _offsets(line: Line, mirror: float | None) -> tuple[FloatArray, IntArray]:
    """Distances that occur from middle to middle of an element or its image, and which of them
    each pair has, (elements, elements).
    """
    n = np.arange(line.count)
    if mirror is None:
        apart = np.asarray(np.arange(1 - line.count, line.count) * line.size, float)
        return apart, np.asarray(n[:, None] - n + line.count - 1)
    first = 2 * float(line.middles[0]) - mirror
    apart = np.asarray(first + np.arange(2 * line.count - 1) * line.size, float)
    return apart, np.asarray(n[:, None] + n)


def solved(action: ComplexArray) -> ComplexArray:
    """What answers a flow with a jump, (frequencies, functions, functions): the inverse of how
    functions act on each other, its sign turned.
    """
    return np.asarray(-np.linalg.inv(action))
