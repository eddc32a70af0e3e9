"""The coarse pass: every arrangement of the grid weighed with impedance modes.

    J^2 = mean over the head volume of [ (2 E_both^2 + E_left^2 + E_right^2) / 4 + M^2 / 10
          + d S^2 ],

E the evenness of the module `evenness` on unsmoothed frequencies, a twelfth of an octave apart, M
the left-right difference (root mean square of their level difference), S how far the lowest octave
lies below the mean, d the wish for depth. Other seats join with their weight o:

    J^2 = (J_main^2 + o sum J_other^2) / (1 + o n_other).

Smoothing, the full grid of frequencies and the model of record come in the close look.
"""

from collections.abc import Callable, Iterator, Sequence
from concurrent.futures import Future, ThreadPoolExecutor
from dataclasses import dataclass

import numpy as np
from threadpoolctl import threadpool_limits

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.bands import log_grid
from jolly_parlor.acoustics.fields.field_of_room import RoomField, room_field
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.evenness import HIGHEST_HZ, MATCH_WEIGHT
from jolly_parlor.placement.forecast import head_points
from jolly_parlor.placement.mixes import BOTH, judged_band
from jolly_parlor.placement.search.one_height import Float32, HeightTables, Judged
from jolly_parlor.placement.search.shortlist import Best, Weighed
from jolly_parlor.placement.search.space import HEAD_SHIFT, Space
from jolly_parlor.placement.search.spread_tables import SpreadTables, Tables

PER_OCTAVE = 12
_WORKERS = 2
_HEAD_POINTS = 6
_DB_PER_LOG2 = 10.0 * float(np.log10(2.0))

Progress = Callable[[int, float], None]
"""Called with the number weighed so far and the best figure so far."""


@dataclass(frozen=True, eq=False)
class _Aside:
    """The other seats of one monitor height: sum of their J^2 by front and side."""

    squares: Float32
    seats: int


def weigh(
    spaces: Sequence[Space],
    keep: int = 4000,
    apart: float = 0.0,
    others: tuple[Point, ...] = (),
    present: FloatArray | None = None,
    progress: Progress | None = None,
    cancelled: Callable[[], bool] = lambda: False,
    make_field: Callable[[Room, FloatArray], RoomField] = room_field,
) -> Weighed:
    """Weigh whole grids of one room; a cancelled search keeps what it found.

    keep, apart: how many places to keep, one for each cube of `apart` metres (0 keeps neighbours).
    others: ears of the seats besides the main one; they count as the wishes say. present: where
    left, right and the main ear are now, (3, 3).
    """
    gear = spaces[0].gear
    low, high, target = judged_band(gear, BOTH)
    frequencies = log_grid(low, high, PER_OCTAVE)
    field = make_field(spaces[0].room, frequencies)
    # Held against the target here, so that the weighing below knows levels only.
    box = gear.monitor.low_end(frequencies) / 10 ** (target.at(frequencies) / 20)
    lowest = int(np.sum(frequencies <= 2 * frequencies[0] + 1e-9))
    best = Best(keep, apart, present, spaces[0].room.frame.middle)
    # One BLAS thread a worker: the products are small, and shared threads only wait for each other.
    with threadpool_limits(1, "blas"), ThreadPoolExecutor(_WORKERS) as pool:
        for space in spaces:
            for tables in _tables(space, field, box, lowest):
                aside = _other_seats(space, tables, others)
                for found in _depths(space, tables, aside, pool, cancelled):
                    best.add(*found)
                    if progress is not None:
                        progress(best.evaluated, best.lowest)
    return best.result(cancelled())


def _tables(space: Space, field: RoomField, drive: ComplexArray, lowest: int) -> Iterator[Tables]:
    """Of each height; quick ones where the field comes apart along its axes."""
    if field.plane(1.0, 1.1, HIGHEST_HZ) is None:
        for height in space.heights:
            yield SpreadTables(space, field, drive, lowest, MATCH_WEIGHT, height)
        return
    judged = Judged(space, field, drive, lowest, MATCH_WEIGHT)
    for height in space.heights:
        yield HeightTables(judged, height)


def _other_seats(space: Space, tables: Tables, others: tuple[Point, ...]) -> _Aside | None:
    """J^2 of the other seats for all fronts and sides; None when they do not count."""
    if not others or space.wishes.other_seats == 0:
        return None
    total = np.zeros((space.fronts.size, space.all_sides.size), np.float32)
    for ear in others:
        points = head_points(space.room, ear)
        for p in points:
            total += tables.at_seat(p) / len(points)
    return _Aside(total, len(others))


def _depths(
    space: Space,
    tables: Tables,
    aside: _Aside | None,
    pool: ThreadPoolExecutor,
    cancelled: Callable[[], bool],
) -> Iterator[tuple[FloatArray, FloatArray]]:
    """Figures and places depth by depth. Neighbouring depths share the points of the head that
    lie before and behind its centre, so these are worked out once, ahead of their use.
    """
    shift = round(HEAD_SHIFT / space.step)
    steps = [round(float(d) / space.step) for d in space.depths]
    wanted = {step: space.columns(step * space.step) for step in steps}
    wanted = {step: columns for step, columns in wanted.items() if columns.stop > columns.start}
    upright: dict[int, tuple[slice, Future[Float32 | None]]] = {}
    rest: dict[int, Future[Float32 | None]] = {}

    def submit(work: Callable[..., Float32], *of: object) -> Future[Float32 | None]:
        return pool.submit(lambda: None if cancelled() else work(*of))

    for step, columns in wanted.items():
        fronts = space.fronts_for(step * space.step)
        if fronts:
            rest[step] = submit(tables.sideways_and_slouched, step, fronts, columns)
            for near in (step - shift, step, step + shift):
                if near not in upright:
                    upright[near] = _upright(space, tables, wanted, near, shift, submit)
    for step, future in rest.items():
        points = [upright[near] for near in (step - shift, step, step + shift)]
        own = future.result()
        if own is None or any(p.result() is None for _, p in points):
            return
        yield _combined(space, tables.height, step, wanted[step], points, own, aside)
        upright.pop(step - shift)


def _upright(
    space: Space,
    tables: Tables,
    wanted: dict[int, slice],
    near: int,
    shift: int,
    submit: Callable[..., Future[Float32 | None]],
) -> tuple[slice, Future[Float32 | None]]:
    """The head's centre line at one depth, as wide as the depths that use it need."""
    users = [step for step in (near - shift, near, near + shift) if step in wanted]
    columns = slice(min(wanted[s].start for s in users), max(wanted[s].stop for s in users))
    fronts = space.fronts_for(min(users) * space.step)
    return columns, submit(tables.upright, near, fronts, columns)


def _combined(
    space: Space,
    height: float,
    step: int,
    columns: slice,
    points: list[tuple[slice, Future[Float32 | None]]],
    rest: Float32,
    aside: _Aside | None,
) -> tuple[FloatArray, FloatArray]:
    """J and places of one depth, those that may stand."""
    depth = step * space.step
    fronts, sides = space.fronts[: rest.shape[0]], space.all_sides[columns]
    square = rest.copy()
    for wider, future in points:
        part = future.result()
        assert part is not None
        first = columns.start - wider.start
        square += part[: fronts.size, first : first + sides.size]
    square /= _HEAD_POINTS
    if aside is not None:
        weight = np.float32(space.wishes.other_seats)
        square += weight * aside.squares[: fronts.size, columns]
        square /= 1 + weight * np.float32(aside.seats)
    allowed = space.allowed(depth, height)
    figures = _DB_PER_LOG2 * np.sqrt(square[allowed]).astype(float)
    rows, cols = np.nonzero(allowed)
    places = np.empty((rows.size, 5))
    places[:, 0], places[:, 2] = fronts[rows], sides[cols]
    places[:, 1], places[:, 3], places[:, 4] = depth, height, space.off_middle
    return figures, places
