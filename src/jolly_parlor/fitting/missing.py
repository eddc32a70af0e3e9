"""Something solid that the survey forgot: blocks tried along walls, and what each would explain.

A wardrobe left out drives absorption far from its tables and still leaves decibels unexplained.
Each block is put into the room's own modes (Rayleigh-Ritz: the modes without it, restricted to the
air it leaves, are a basis for the room with it), which takes a fraction of a second; what it does
to the level at each take is added to the fit, whose parameters then move as far as they are
straight. The likeliest few then stand in the survey while the room is fitted anew, which tells them
apart: what truly stood there explains most of what was left, and another place next to nothing.
"""

from __future__ import annotations

from collections.abc import Callable, Iterator, Sequence
from dataclasses import dataclass, replace
from math import pi

import numpy as np
import scipy

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.elements.air_of_room import admittances_of, enclosure_of, losses_of
from jolly_parlor.acoustics.elements.enclosure import Enclosure
from jolly_parlor.acoustics.fields.modal_field import modal_basis
from jolly_parlor.acoustics.geometry.fitted_room import FittedRoom, surveyed_room
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room, Thing
from jolly_parlor.fitting.evidence import FIT_HZ, MODEL_HZ, SAMPLES_PER_BAND, Evidence
from jolly_parlor.fitting.fit import Fit, fit_room, sigma_of
from jolly_parlor.fitting.predicting import Predictor
from jolly_parlor.placement.evenness import SMOOTHING_PER_OCTAVE
from jolly_parlor.refused import Refused
from jolly_parlor.signals.smoothing import smooth_level_db
from jolly_parlor.words import tr

SUSPICIOUS_DB = 1.2
"""A residual from which something solid is looked for: surveyed rooms leave less, walls that
resonate included; found on rooms of benchmarks/lived_rooms.py.
"""
_EVERY, _ALONG_METRES, _CLEAR_METRES = 2, 0.5, 0.05
_FIRST = (1.2, 0.6, 2.0)
_WIDTHS, _DEPTHS, _HEIGHTS = (0.7, 1.2, 1.8), (0.35, 0.6), (1.0, 2.0)
"""Metres, as furniture is: wide, deep, high."""
_LOOKED_AT, _TOLD, _APART_METRES, _NEAR_METRES = 2, 3, 0.9, 0.45
_WORTH_SHARE = 0.15
_LOOKING = 0.4
"""The share of the time that trying blocks takes; fitting with the likeliest takes the rest."""
_F: FloatArray = MODEL_HZ[::_EVERY]

Progress = Callable[[float], None]


@dataclass(frozen=True, eq=False)
class Missing:
    """A block that would explain part of what is left."""

    thing: Thing
    before_db: float
    """What the fit leaves unexplained, root mean square."""
    after_db: float
    """The same of a fit with the block in the survey."""
    where: str
    """Such as `in the back right corner`."""

    @property
    def words(self) -> str:
        t = self.thing
        wide = max(t.width, t.depth)
        return tr(
            "Something solid about {wide:.1f} m wide and {height:.0f} m high "
            "{where} would explain {before_db:.1f} → {after_db:.1f} dB.",
            wide=wide,
            height=t.height,
            where=self.where,
            before_db=self.before_db,
            after_db=self.after_db,
        )


def missing_things(
    fit: Fit, takes: Sequence[Evidence], progress: Progress = lambda share: None
) -> list[Missing]:
    """The likeliest few, best first; none where the fit leaves little, or no block explains much of
    it. takes: those the fit was made to. progress may raise to give up.
    """
    if fit.residual_db < SUSPICIOUS_DB:
        return []
    look = _Look(fit, takes)
    tried: dict[Thing, float] = {}
    first = list(_blocks(look.survey, [_FIRST], _ALONG_METRES))
    first = [block for block in first if look.is_free(block)]
    for number, block in enumerate(first):
        tried[block] = look.weighed(block)
        progress(0.6 * _LOOKING * (number + 1) / len(first))
    best = _apart(tried, _LOOKED_AT)
    sizes = [(w, d, h) for w in _WIDTHS for d in _DEPTHS for h in _HEIGHTS]
    finer = [
        block
        for block in _blocks(look.survey, sizes, _ALONG_METRES)
        if any(_gap(block, other) < _NEAR_METRES for other in best) and look.is_free(block)
    ]
    for number, block in enumerate(finer):
        tried[block] = look.weighed(block)
        progress(_LOOKING * (0.6 + 0.4 * (number + 1) / len(finer)))
    return _told_apart(look, _apart(tried, _TOLD), progress)


def _told_apart(look: _Look, likely: Sequence[Thing], progress: Progress) -> list[Missing]:
    """The room fitted with each of them; those that explain much, most first."""
    told, fit = [], look.fit
    for number, block in enumerate(likely):

        def further(share: float, done: int = number) -> None:
            progress(_LOOKING + (1 - _LOOKING) * (done + share) / len(likely))

        having = replace(fit.surveyed, things=(*fit.surveyed.things, block))
        try:
            after = fit_room(having, fit.gear, look.takes, further).residual_db
        except Refused:  # no room in which it could stand
            continue
        if after < (1 - _WORTH_SHARE) * fit.residual_db:
            where = _where(look.survey, block)
            told.append(Missing(block, fit.residual_db, after, where))
    progress(1.0)
    return sorted(told, key=lambda one: one.after_db)


class _Look:
    """One fit, and blocks put into its room."""

    def __init__(self, fit: Fit, takes: Sequence[Evidence]) -> None:
        self.fit, self.takes = fit, list(takes)
        self.room: FittedRoom = fit.room
        self.survey = surveyed_room(fit.surveyed)
        self._k = 2 * pi * _F / self.room.speed_of_sound
        predictor = Predictor(fit.surveyed, fit.gear, fit.parameters)
        self._now = predictor.with_slopes(self.takes, fit.z)
        measured = np.array([take.level_db for take in self.takes])
        self._known = np.isfinite(measured)
        sigma = np.array([sigma_of(take.level_db) for take in self.takes])
        self._weight = np.where(self._known, 1 / (sigma * np.sqrt(SAMPLES_PER_BAND)), 0.0)
        self._gap = np.where(self._known, np.nan_to_num(measured) - self._now.level_db, 0.0)
        self._basis = modal_basis(enclosure_of(self.survey), float(self._k[-1]))
        self._bare = self._levels(None)

    def is_free(self, block: Thing) -> bool:
        """Whether it stands in nobody's way: in the air, away from what the takes used."""
        room = self.survey
        corners = [
            Point(
                block.x + sx * block.width, block.y + sy * block.depth, block.z + sz * block.height
            )
            for sx in (0.02, 0.5, 0.98)
            for sy in (0.02, 0.5, 0.98)
            for sz in (0.02, 0.5, 0.98)
        ]
        if not all(room.has_air_at(point) for point in corners):
            return False
        used = [p for t in self.takes for p in (*t.placing.sources.values(), t.placing.ear)]
        wide = replace(
            block,
            x=block.x - _CLEAR_METRES,
            y=block.y - _CLEAR_METRES,
            width=block.width + 2 * _CLEAR_METRES,
            depth=block.depth + 2 * _CLEAR_METRES,
        )
        return not any(wide.holds(point) for point in used)

    def weighed(self, block: Thing) -> float:
        """What is minimised, with the block and all parameters moved to suit it as far as they are
        straight.
        """
        gap = self._gap - self._change(block)
        w = self._weight[..., None]
        slopes = (self._now.slopes * w)[self._known]
        rows = (gap * self._weight)[self._known]
        count = self.fit.z.size
        a = np.concatenate([slopes, np.eye(count)])
        b = np.concatenate([rows, -self.fit.z])
        moved = np.linalg.lstsq(a, b, rcond=None)[0]
        return float(np.sum((a @ moved - b) ** 2))

    def _change(self, block: Thing) -> FloatArray:
        return self._levels(block) - self._bare

    def _levels(self, block: Thing | None) -> FloatArray:
        """Smoothed levels of the takes (takes, FIT_HZ), by the modes alone."""
        things = self.survey.things if block is None else (*self.survey.things, block)
        enclosure = enclosure_of(replace(self.survey, things=things))
        room = replace(self.room, things=things)
        places = list(
            dict.fromkeys(
                p for t in self.takes for p in (*t.placing.sources.values(), t.placing.ear)
            )
        )
        at = {place: number for number, place in enumerate(places)}
        p = self._pressures(enclosure, room, np.array([q.array() for q in places]))
        found = []
        for take in self.takes:
            heard = sum(
                p[:, at[place], at[take.placing.ear]] * self._fed(take, name)
                for name, place in take.placing.sources.items()
            )
            level = 20 * np.log10(np.maximum(np.abs(np.asarray(heard)), 1e-12))
            found.append(smooth_level_db(_F, level, FIT_HZ, SMOOTHING_PER_OCTAVE))
        return np.array(found)

    def _fed(self, take: Evidence, name: str) -> ComplexArray:
        box = self.fit.gear.model_of(name).low_end(_F)
        drive = take.placing.drives.get(name)
        return np.asarray(box if drive is None else box * drive[::_EVERY])

    def _pressures(self, enclosure: Enclosure, room: Room, places: FloatArray) -> ComplexArray:
        """Between all places, (frequencies, places, places)."""
        grid, old = enclosure.grid, self._basis
        nodes = old.enclosure.grid.at(grid.nodes()) @ old.shapes
        values, turns = scipy.linalg.eigh(
            nodes.T @ (grid.stiffness @ nodes), nodes.T @ (grid.mass @ nodes)
        )
        shapes = nodes @ turns
        coupled = {n: shapes.T @ (m @ shapes) for n, m in enclosure.surface_masses.items()}
        beta = admittances_of(room, _F)
        softs = [shapes.T @ (m @ shapes) for m in enclosure.soft_masses()]
        losses = losses_of(room)
        here = grid.at(places) @ shapes
        matrices = np.zeros((_F.size, values.size, values.size), dtype=np.complex128)
        for name, part in coupled.items():
            matrices += (1j * self._k * beta[name])[:, None, None] * part
        for part, loss in zip(softs, losses, strict=True):
            matrices += (1j * self._k * loss / room.speed_of_sound)[:, None, None] * part
        diagonal = np.arange(values.size)
        matrices[:, diagonal, diagonal] += values - self._k[:, None] ** 2
        answers = np.linalg.solve(matrices, np.broadcast_to(here.T, (_F.size, *here.T.shape)))
        return np.asarray(4 * pi * here @ answers)


def _blocks(
    room: Room, sizes: Sequence[tuple[float, float, float]], step: float
) -> Iterator[Thing]:
    """Blocks with their back to each wall that runs along an axis, every `step` metres."""
    for key in room.wall_keys:
        (x0, y0), (x1, y1) = room.edge_of(key)
        way = room.direction_of(key)
        along = abs(x1 - x0) if way in ("front", "back") else abs(y1 - y0)
        if min(abs(x1 - x0), abs(y1 - y0)) > 1e-6:
            continue  # a slanted wall
        for wide, deep, high in sizes:
            if wide > along or high > room.height:
                continue
            count = max(round((along - wide) / step), 1)
            for start in np.linspace(0.0, along - wide, count + 1).tolist():
                low = min(x0, x1), min(y0, y1)
                if way in ("front", "back"):
                    y = low[1] if way == "front" else low[1] - deep
                    yield _block(low[0] + start, y, wide, deep, high)
                else:
                    x = low[0] if way == "left" else low[0] - deep
                    yield _block(x, low[1] + start, deep, wide, high)


def _block(x: float, y: float, width: float, depth: float, height: float) -> Thing:
    where = (round(max(x, 0.0), 3), round(max(y, 0.0), 3), 0.0)
    return Thing("missing", "solid", *where, width, depth, height)


def _gap(one: Thing, other: Thing) -> float:
    """Between their middles on the plan, metres."""
    across = one.x + one.width / 2 - other.x - other.width / 2
    along = one.y + one.depth / 2 - other.y - other.depth / 2
    return float(np.hypot(across, along))


def _apart(tried: dict[Thing, float], most: int) -> list[Thing]:
    """The best few that are not the same thing again."""
    chosen: list[Thing] = []
    for block in sorted(tried, key=lambda block: tried[block]):
        if all(_gap(block, other) > _APART_METRES for other in chosen):
            chosen.append(block)
            if len(chosen) == most:
                break
    return chosen


def _where(room: Room, block: Thing) -> str:
    x, y = block.x + block.width / 2, block.y + block.depth / 2
    frame = room.frame
    across = (x - frame.left) / frame.width
    along = (y - frame.front) / frame.depth
    side = "left" if across < 1 / 3 else "right" if across > 2 / 3 else ""
    end = "front" if along < 1 / 3 else "back" if along > 2 / 3 else ""
    if side and end:
        return tr("in the {end} {side} corner", end=end, side=side)
    return tr("at the {end} wall", end=end or side or "nearest") + (
        "" if end or not side else tr(", in the middle")
    )
