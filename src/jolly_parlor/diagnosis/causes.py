"""The likely cause of a peak or dip: nearness of a mark, and what happens without a boundary.

Two kinds of evidence are weighed. Geometry: a mark of the right kind near the frequency. And a
calculation: the forecast is made again with one boundary fully absorbing; what vanishes with it
was its doing. The weights are ours, not from a source.
"""

from dataclasses import dataclass, replace
from math import exp, log2

import numpy as np

from jolly_parlor.acoustics.room import Room, SurfaceName
from jolly_parlor.diagnosis.features import Feature
from jolly_parlor.diagnosis.marks import Lane, Mark
from jolly_parlor.placement.evenness import Deviation
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.mixes import Listening

_NEAR_OCTAVES = 0.12
_LIKELY = 0.45
_LEAST_SCORE = 0.12
_WITHOUT_MARK = 0.4  # weight of a boundary that no path or mode points at
_LEAST_CHANGE_DB, _LEAST_CHANGE_SHARE = 4.0, 0.35
_LANE_SURFACES: dict[Lane, tuple[str, ...]] = {
    "front wall": ("front",),
    "back wall": ("back",),
    "side walls": ("left", "right"),
    "floor": ("floor",),
    "ceiling": ("ceiling",),
    "length modes": ("front", "back"),
    "width modes": ("left", "right"),
    "height modes": ("floor", "ceiling"),
}


@dataclass(frozen=True)
class Cause:
    """One candidate: its mark, its share of the evidence, and what absorbing it would change."""

    mark: Mark
    share: float
    """0 to 1 of all the evidence found."""
    without_db: float | None
    """How far the response comes back towards even there when the boundary absorbs all; None
    where no boundary can be taken away (desk, crossover, mixed modes)."""

    @property
    def likely(self) -> bool:
        """Whether it stands clear of the other candidates."""
        return self.share >= _LIKELY


class Anechoic:
    """Forecasts of the same room with one boundary absorbing all sound (beta = 1)."""

    def __init__(self, forecaster: Forecaster) -> None:
        self._base, self.room = forecaster, forecaster.room
        self._without: dict[SurfaceName, Forecaster] = {}

    def without(self, name: SurfaceName) -> Forecaster:
        """The forecaster of the room without that boundary's reflection at normal incidence."""
        if name not in self._without:
            self._without[name] = self._base.in_field(self._base.field.absorbing(name))
        return self._without[name]

    def change_db(
        self,
        feature: Feature,
        before: Deviation,
        name: SurfaceName,
        listening: Listening,
    ) -> float:
        """Decibels by which the feature shrinks without the boundary; negative: it grows."""
        after = self.without(name).deviation(listening)
        index = int(np.argmin(np.abs(before.frequencies_hz - feature.frequency_hz)))
        was, now = before.deviation_db[index], after.deviation_db[index]
        return float(abs(was) - abs(now)) if was * now > 0 else float(abs(was))


def causes(
    feature: Feature,
    before: Deviation,
    candidates: list[Mark],
    anechoic: Anechoic,
    listening: Listening,
) -> list[Cause]:
    """The candidates for one feature of a forecast, most likely first; empty when none is near."""

    def gain(name: SurfaceName) -> float:
        return anechoic.change_db(feature, before, name, listening)

    room = anechoic.room
    size = max(abs(feature.level_db), 1.0)
    best: dict[Lane, tuple[float, Mark, float | None]] = {}
    for mark in candidates:
        nearness = _nearness(mark, feature)
        if mark.kind != feature.kind or nearness * mark.strength < 0.05:
            continue
        gains = [gain(name) for name in _surfaces(mark, room)]
        change = max(gains) if gains else None
        belief = 0.5 if change is None else min(max(0.2 + change / size, 0), 1)
        _keep_better(best, nearness * mark.strength * belief, mark, change)
    for mark in _boundaries_without_a_mark(candidates, feature):
        change = gain(_surfaces(mark, room)[0])
        if change > max(_LEAST_CHANGE_DB, _LEAST_CHANGE_SHARE * size):
            _keep_better(best, _WITHOUT_MARK * min(change / size, 1.0), mark, change)
    ranked = sorted(best.values(), key=lambda item: -item[0])
    total = sum(score for score, _, _ in ranked)
    if not ranked or ranked[0][0] < _LEAST_SCORE:
        return []
    return [Cause(mark, score / total, change) for score, mark, change in ranked]


def _surfaces(mark: Mark, room: Room) -> tuple[SurfaceName, ...]:
    """The boundaries to take away to test a mark."""
    if mark.bounce is not None:
        return tuple(name for name in room.surface_names if name == mark.bounce.boundary)
    ways = _LANE_SURFACES.get(mark.lane, ())
    return tuple(name for name in room.surface_names if room.direction_of(name) in ways)


def _keep_better(
    best: dict[Lane, tuple[float, Mark, float | None]],
    score: float,
    mark: Mark,
    change: float | None,
) -> None:
    if mark.lane not in best or score > best[mark.lane][0]:
        best[mark.lane] = (score, mark, change)


def _boundaries_without_a_mark(candidates: list[Mark], feature: Feature) -> list[Mark]:
    """One mark per boundary at the feature itself: no single path cancels there, but taking the
    boundary away may still show that it takes part."""
    nearest: dict[str, Mark] = {}
    for mark in sorted(candidates, key=lambda mark: -_nearness(mark, feature)):
        if mark.bounce is not None and mark.bounce.side != "desk":
            nearest.setdefault(mark.bounce.boundary, mark)
    why = "No single path cancels just here, but this surface is what the hollow depends on."
    if feature.kind == "hill":
        why = "No single standing wave peaks just here, but this surface is what it depends on."
    return [
        replace(mark, frequency_hz=feature.frequency_hz, kind=feature.kind, why=why, cancels=False)
        for mark in nearest.values()
    ]


def measured_causes(feature: Feature, candidates: list[Mark]) -> list[Cause]:
    """The same for a take, from geometry alone."""
    near = [(mark, _nearness(mark, feature) * mark.strength) for mark in candidates]
    near = [(mark, score) for mark, score in near if mark.kind == feature.kind and score >= 0.12]
    best: dict[Lane, tuple[Mark, float]] = {}
    for mark, score in near:
        if mark.lane not in best or score > best[mark.lane][1]:
            best[mark.lane] = (mark, score)
    total = sum(score for _, score in best.values())
    ranked = sorted(best.values(), key=lambda item: -item[1])
    return [Cause(mark, score / total, None) for mark, score in ranked]


def _nearness(mark: Mark, feature: Feature) -> float:
    octaves = log2(mark.frequency_hz / feature.frequency_hz)
    return exp(-0.5 * (octaves / _NEAR_OCTAVES) ** 2)
