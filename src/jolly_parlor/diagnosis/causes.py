"""The likely cause of a peak or dip: what makes it go when it is taken away.

For each candidate near the feature one thing is changed in the room's own field (`interventions`):
a boundary absorbs all, a standing wave's part is taken out, the ear or the sources leave its quiet
zone, loudspeakers arrive in step. What makes most of the feature go is its cause; where no single
thing does, the smallest set of boundaries that does. A mark near by only breaks ties. The shares
and weights are ours, not from a source.
"""

from collections.abc import Iterator
from dataclasses import dataclass, field, replace
from itertools import combinations
from math import exp, log2

from jolly_parlor.diagnosis.features import Feature
from jolly_parlor.diagnosis.interventions import (
    Anechoic,
    in_step,
    off_quiet_zone,
    shrinks_db,
    without_desk,
    without_mode,
    without_source,
)
from jolly_parlor.diagnosis.marks import (
    DESK_WHY,
    ZONE_WHY,
    Lane,
    Mark,
    face_paths_of,
    paths_of,
    taking_part,
    taped_metres,
)
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.case import Case
from jolly_parlor.words import tr

ENOUGH = 0.66
"""So much of a feature must go before what was taken away is called its cause: two thirds."""
_NEAR_OCTAVES, _MODES_OCTAVES, _HANDOVER_OCTAVES, _HERE = 0.12, 0.25, 0.5, 0.5
_LEAST, _ALIKE, _SHOWN = 0.35, 0.15, 0.5
_BY_MARKS = 0.3  # what a mark just there weighs against one far off
_LIKELY_BY_MARKS, _LEAST_BY_MARKS = 0.45, 0.12
_WITHOUT_SURFACES, _AGAINST_REST = 0.7, 0.85
_PAIRED = 3
_LANE_SURFACES: dict[Lane, tuple[str, ...]] = {
    "front wall": ("front",),
    "back wall": ("back",),
    "side walls": ("left", "right"),
    "floor": ("floor",),
    "ceiling": ("ceiling",),
    "length modes": ("front", "back"),
    "width modes": ("left", "right"),
    "height modes": ("floor", "ceiling"),
    "mixed modes": ("front", "back", "left", "right", "floor", "ceiling"),
}


@dataclass(frozen=True)
class Cause:
    """One candidate: its mark, its share of the evidence, and what its absence would change."""

    mark: Mark
    share: float
    """0 to 1 of all the evidence found."""
    without_db: float | None
    """How far the response comes back towards even with it taken away; None where geometry alone
    speaks.
    """
    explains: float = 0.0
    """The same as a share of the feature, at most 1."""
    together: tuple[Mark, ...] = ()
    """What takes part with it: for `needs_all` only the absence of all makes the feature go, else
    the absence of any does.
    """
    needs_all: bool = False
    instead: str = ""
    """What was changed, as words to follow `with`: `the ear 35 cm lower`."""
    there: Arrangement | None = field(default=None, compare=False)
    """The arrangement with it changed, where something was moved."""

    @property
    def likely(self) -> bool:
        """Whether it stands clear of the other candidates."""
        if self.without_db is None:
            return self.share >= _LIKELY_BY_MARKS
        return self.explains >= ENOUGH


def causes(feature: Feature, candidates: list[Mark], anechoic: Anechoic, case: Case) -> list[Cause]:
    """The candidates for one feature of a forecast, most likely first; empty when none takes
    part, or when the forecast does not show the feature. Marks are those of the listening.
    """
    shown = abs(feature.level_db) - shrinks_db(feature, anechoic.base.deviation(case))
    if shown < _SHOWN * abs(feature.level_db):
        return []
    feature = replace(feature, level_db=shown if feature.level_db > 0 else -shown)
    weighing = _Weighing(feature, candidates, anechoic, case)
    boundaries = list(weighing.boundaries())
    found = boundaries + list(weighing.standing_waves(boundaries))
    found += weighing.desk()
    if feature.kind == "hollow":
        found += weighing.sources()
    ranked = _best_of_each_lane(found)
    if ranked and ranked[0][1].explains < ENOUGH:
        sets = [item for item in weighing.together(boundaries) if item[1].explains >= ENOUGH]
        ranked = [*sorted(sets, key=lambda item: -item[0])[:1], *ranked]
    ranked = [(score, cause) for score, cause in ranked if cause.explains >= _LEAST]
    total = sum(score for score, _ in ranked)
    kept = [replace(cause, share=score / total) for score, cause in ranked]
    return [_with_partners(kept), *kept[1:]] if kept else []


_Scored = tuple[float, Cause]


class _Weighing:
    """One feature, and what taking away does to it."""

    def __init__(self, feature: Feature, marks: list[Mark], anechoic: Anechoic, case: Case) -> None:
        self.feature, self.anechoic, self.case = feature, anechoic, case
        self.marks, self.room, self.gear = marks, anechoic.room, anechoic.base.gear
        self.size = max(abs(feature.level_db), 1.0)

    def boundaries(self) -> Iterator[_Scored]:
        """Each surface by itself, with the path of its that cancels nearest."""
        for mark in self._one_for_each_boundary():
            yield self._scored(mark, self._absorbed(mark))

    def standing_waves(self, boundaries: list[_Scored]) -> Iterator[_Scored]:
        """Each mode near by: without its part, or with whoever sits in its quiet zone off it.

        One that a surface it runs between has no part in is believed less.
        """
        shares = dict.fromkeys(_LANE_SURFACES, 0.0)
        for _, cause in boundaries:
            shares[cause.mark.lane] = max(shares[cause.mark.lane], cause.explains)
        for mark in self.marks:
            octaves = log2(mark.frequency_hz / self.feature.frequency_hz)
            if mark.mode is None or abs(octaves) > _MODES_OCTAVES:
                continue
            ways = _LANE_SURFACES[mark.lane]
            held = max(v for lane, v in shares.items() if set(_LANE_SURFACES[lane]) <= set(ways))
            weight = 1.0 if held >= ENOUGH else _WITHOUT_SURFACES
            for taken in self._taken_away(mark):
                yield self._scored(*taken, weight=weight)

    def sources(self) -> list[_Scored]:
        """Monitors and subwoofers that arrive against each other where they hand over."""
        playing = tuple(self.case.playing)
        subs = tuple(n for n in playing if self.gear.loudspeaker(n).is_subwoofer)
        mains = tuple(n for n in playing if n not in subs)
        handovers = [
            mark
            for mark in self.marks
            if mark.lane == "crossover"
            and abs(log2(mark.frequency_hz / self.feature.frequency_hz)) < _HANDOVER_OCTAVES
        ]
        if not (handovers and subs and mains):
            return []
        after = in_step(self.anechoic.base, self.case, (mains, subs))
        gain = shrinks_db(self.feature, after)
        return [self._scored(mark, gain, tr("the two arriving in step")) for mark in handovers]

    def desk(self) -> list[_Scored]:
        """The desk, as a body that sound meets and not only as a mirror."""
        after = without_desk(self.anechoic.base, self.case)
        if after is None:
            return []
        near = [mark for mark in self.marks if mark.lane == "desk"]
        near.sort(key=lambda mark: -_nearness(mark, self.feature))
        mark = Mark("desk", self.feature.kind, self.feature.frequency_hz, 0.5, DESK_WHY)
        mark = replace(mark, cancels=False)
        if self.feature.kind == "hollow" and near and _nearness(near[0], self.feature) > _HERE:
            mark = near[0]
        return [self._scored(mark, shrinks_db(self.feature, after))]

    def together(self, boundaries: list[_Scored]) -> Iterator[_Scored]:
        """Pairs of the boundaries that take most part."""
        most = sorted(boundaries, key=lambda item: -item[1].explains)[:_PAIRED]
        for (_, one), (_, other) in combinations(most, 2):
            score, cause = self._scored(one.mark, self._absorbed(one.mark, other.mark))
            yield score, replace(cause, together=(other.mark,), needs_all=True)

    def _absorbed(self, *marks: Mark) -> float:
        """Decibels by which the feature shrinks with the boundaries of these marks absorbing."""
        names = tuple(mark.reflection.boundary for mark in marks if mark.reflection is not None)
        return self.anechoic.change_db(self.feature, names, self.case)

    def _taken_away(self, mark: Mark) -> Iterator[tuple[Mark, float, str, Arrangement | None]]:
        """A mode's mark with what its absence does, what was changed, and the arrangement then."""
        mode, base = mark.mode, self.anechoic.base
        assert mode is not None
        if mark.kind == "hollow" and self.feature.kind == "hollow":
            if mark.zone == "opposed":
                for name in self.case.playing:
                    after = without_source(base, self.case, name)
                    yield (
                        mark,
                        shrinks_db(self.feature, after),
                        tr("the {name} one silent", name=name),
                        None,
                    )
            else:
                found = off_quiet_zone(base, self.case, mode, mark.zone, self.feature)
                if found is not None:
                    yield mark, *found
        elif mark.kind == "hill":
            after_it = without_mode(base, self.case, mode)
            if after_it is None:
                return
            gain = shrinks_db(self.feature, after_it)
            if self.feature.kind == "hill":
                yield mark, gain, "", None
            else:
                why = ZONE_WHY["against"]
                against = replace(mark, kind="hollow", why=why, zone="against")
                yield against, _AGAINST_REST * gain, "", None

    def _one_for_each_boundary(self) -> list[Mark]:
        """The path that cancels nearest of each; a boundary whose path does not cancel just here
        may still take part, and says so.
        """
        found: dict[str, Mark] = {}
        if self.feature.kind == "hollow":
            for mark in sorted(self.marks, key=lambda mark: -_nearness(mark, self.feature)):
                known = mark.reflection is not None and mark.reflection.side != "desk"
                if known and _nearness(mark, self.feature) > _HERE:
                    found.setdefault(mark.reflection.boundary, mark)  # type: ignore[union-attr]
        kind, at = self.feature.kind, self.feature.frequency_hz
        faces = face_paths_of(self.case)
        for name, found_there in paths_of(self.case).items():
            taped = taped_metres(faces[name])
            for reflection in found_there:
                if reflection.side != "desk" and reflection.boundary not in found:
                    face = taped.get(reflection.boundary, reflection.wall_metres)
                    found[reflection.boundary] = taking_part(reflection, name, kind, at, face)
        return list(found.values())

    def _scored(
        self,
        mark: Mark,
        gain: float,
        instead: str = "",
        there: Arrangement | None = None,
        weight: float = 1.0,
    ) -> _Scored:
        explains = min(max(gain / self.size, 0.0), 1.0)
        near = _nearness(mark, self.feature) * mark.strength if mark.cancels else 0.0
        score = explains * weight * (1 - _BY_MARKS + _BY_MARKS * near)
        return score, Cause(mark, 0.0, gain, explains, instead=instead, there=there)


def _best_of_each_lane(found: list[_Scored]) -> list[_Scored]:
    best: dict[Lane, _Scored] = {}
    for score, cause in found:
        if cause.mark.lane not in best or score > best[cause.mark.lane][0]:
            best[cause.mark.lane] = score, cause
    return sorted(best.values(), key=lambda item: -item[0])


def _with_partners(ranked: list[Cause]) -> Cause:
    """The first cause with those surfaces without any of which the feature would go as well."""
    first = ranked[0]
    if first.mark.reflection is None or first.together or first.explains < ENOUGH:
        return first
    partners = [
        other.mark
        for other in ranked[1:]
        if (other.mark.reflection is not None or other.mark.lane == "desk")
        and not other.together
        and other.explains >= max(ENOUGH, first.explains - _ALIKE)
    ]
    return replace(first, together=tuple(partners[:1]))


def measured_causes(feature: Feature, candidates: list[Mark]) -> list[Cause]:
    """The same for a take of which the forecast shows nothing, from geometry alone."""
    near = [(mark, _nearness(mark, feature) * mark.strength) for mark in candidates]
    near = [
        (mark, score)
        for mark, score in near
        if mark.kind == feature.kind and score >= _LEAST_BY_MARKS
    ]
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
