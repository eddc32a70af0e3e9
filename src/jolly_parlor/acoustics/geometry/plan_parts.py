"""The parts of a rectilinear plan by name: its arms, bays and alcoves, for words about where things
are.
"""

from dataclasses import dataclass
from itertools import combinations

import numpy as np

from jolly_parlor.acoustics.arrays import BoolArray, FloatArray
from jolly_parlor.acoustics.geometry.plan import Polygon, inside, is_rectangle, is_rectilinear
from jolly_parlor.words import tr

_ARM_METRES = 1.5
"""What juts out less, or is narrower, is a recess."""


@dataclass(frozen=True)
class Part:
    """Rectangles of the plan, (x0, y0, x1, y1) each."""

    name: str
    rectangles: tuple[tuple[float, float, float, float], ...]

    def holds(self, x: FloatArray, y: FloatArray) -> BoolArray:
        """Which places lie in it, borders included."""
        near = 1e-6
        within = np.zeros(np.shape(x), dtype=bool)
        for x0, y0, x1, y1 in self.rectangles:
            within |= (x >= x0 - near) & (x <= x1 + near) & (y >= y0 - near) & (y <= y1 + near)
        return within

    @property
    def size(self) -> tuple[float, float]:
        """How far it reaches across and along."""
        corners = np.array(self.rectangles)
        return (
            float(corners[:, 2].max() - corners[:, 0].min()),
            float(corners[:, 3].max() - corners[:, 1].min()),
        )


def plan_parts(plan: Polygon) -> tuple[Part, ...]:
    """The largest rectangle of the plan and what juts out of it; none of a rectangle, nor of a plan
    with slanted walls.
    """
    if is_rectangle(plan) or not is_rectilinear(plan):
        return ()
    xs, ys = (np.unique([corner[axis] for corner in plan]) for axis in (0, 1))
    x, y = np.meshgrid((xs[:-1] + xs[1:]) / 2, (ys[:-1] + ys[1:]) / 2, indexing="ij")
    cells = inside(plan, x, y)
    i0, i1, j0, j1 = _largest(cells, xs, ys)
    main = (float(xs[i0]), float(ys[j0]), float(xs[i1]), float(ys[j1]))
    rest = cells.copy()
    rest[i0:i1, j0:j1] = False
    pieces = [_piece(group, xs, ys, main) for group in _connected(rest)]
    arms = any("arm" in piece.name for piece in pieces)
    return (Part(tr("long arm") if arms else tr("main part"), (main,)), *_numbered(pieces))


def _largest(cells: BoolArray, xs: FloatArray, ys: FloatArray) -> tuple[int, int, int, int]:
    best, found = 0.0, (0, 1, 0, 1)
    for i0, i1 in combinations(range(len(xs)), 2):
        for j0, j1 in combinations(range(len(ys)), 2):
            size = float((xs[i1] - xs[i0]) * (ys[j1] - ys[j0]))
            if size > best and cells[i0:i1, j0:j1].all():
                best, found = size, (i0, i1, j0, j1)
    return found


def _connected(cells: BoolArray) -> list[list[tuple[int, int]]]:
    """Groups of cells that share sides."""
    left = {(int(i), int(j)) for i, j in np.argwhere(cells)}
    groups = []
    while left:
        group, edge = [], [left.pop()]
        while edge:
            i, j = edge.pop()
            group.append((i, j))
            for near in ((i - 1, j), (i + 1, j), (i, j - 1), (i, j + 1)):
                if near in left:
                    left.remove(near)
                    edge.append(near)
        groups.append(sorted(group))
    return sorted(groups)


def _piece(
    group: list[tuple[int, int]],
    xs: FloatArray,
    ys: FloatArray,
    main: tuple[float, float, float, float],
) -> Part:
    boxes = tuple(
        (float(xs[i]), float(ys[j]), float(xs[i + 1]), float(ys[j + 1])) for i, j in group
    )
    part = Part("", boxes)
    kind = "arm" if min(part.size) >= _ARM_METRES else "recess"
    corners = np.array(boxes)
    middle_x = (corners[:, 0].min() + corners[:, 2].max()) / 2
    middle_y = (corners[:, 1].min() + corners[:, 3].max()) / 2
    if middle_x < main[0]:
        where = tr("on the left")
    elif middle_x > main[2]:
        where = tr("on the right")
    else:
        where = tr("in front") if middle_y < main[1] else tr("at the back")
    return Part(f"{kind} {where}", boxes)


def _numbered(parts: list[Part]) -> list[Part]:
    """Those of one name told apart by a number."""
    names = [part.name for part in parts]
    found = []
    for n, part in enumerate(parts):
        twins = names.count(part.name)
        name = part.name if twins == 1 else f"{part.name} ({names[: n + 1].count(part.name)})"
        found.append(Part(name, part.rectangles))
    return found
