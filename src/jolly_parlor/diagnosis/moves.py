"""Two takes that differ in one thing are an experiment: what followed, what stayed, what went.

A path that cancels moves its hollow when its source or ear moves, by as much as its length says. A
standing wave keeps its frequency whatever moves in the room. Each candidate cause is judged by how
well it foretold where the peak or dip went; the weights are ours, not from a source.
"""

from collections.abc import Sequence
from dataclasses import dataclass, replace
from math import exp, log2

from jolly_parlor.diagnosis.causes import Cause
from jolly_parlor.diagnosis.features import Feature, features
from jolly_parlor.diagnosis.marks import Mark, marks
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.evenness import Deviation
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.words import tr

_LEAST_METRES, _STILL_METRES = 0.03, 0.015
_REACH_OCTAVES, _SIGMA_OCTAVES = 0.5, 0.04
_STAYED_OCTAVES = 0.02
_DOUBT, _GONE_BUT_EXPECTED = 0.1, 0.25
_FORETOLD = 0.5
_EQUAL_SHARE, _PARTED_OCTAVES = 0.2, 0.08


@dataclass(frozen=True, eq=False)
class Experiment:
    """The same source at the same seat, with one thing elsewhere."""

    moved: str
    """`the monitors`, `the seat`, `the left monitor`, `the` and a loudspeaker's id."""
    metres: float
    there: Arrangement
    measured: Deviation


@dataclass(frozen=True)
class Verdict:
    """What an experiment says of the best cause."""

    causes: tuple[Cause, ...]
    words: str


def experiments(here: Case, others: Sequence[tuple[Arrangement, Deviation]]) -> list[Experiment]:
    """Those of the other takes that differ from here in one thing only."""
    found = []
    for there, measured in others:
        moved = _moved(here, there)
        if moved is not None:
            found.append(Experiment(*moved, there, measured))
    return found


def _moved(here: Case, there: Arrangement) -> tuple[str, float] | None:
    """The one thing that stands elsewhere, and how far; None for none or several."""
    playing = here.playing
    if here.seat not in there.seats or not set(playing) <= set(there.places):
        return None
    away = {name: place.distance(there.places[name]) for name, place in playing.items()}
    away["seat"] = here.ear.distance(there.seats[here.seat])
    moved = {item: d for item, d in away.items() if d >= _LEAST_METRES}
    if any(_STILL_METRES < d < _LEAST_METRES for d in away.values()) or not moved:
        return None
    if set(moved) == set(PAIR):
        return tr("the monitors"), max(moved.values())
    if len(moved) > 1:
        return None
    item, metres = next(iter(moved.items()))
    return {"left": tr("the left monitor"), "right": tr("the right monitor")}.get(
        item, tr("the {item}", item=item)
    ), metres


def read(
    feature: Feature,
    ranked: Sequence[Cause],
    experiment: Experiment,
    case: Case,
) -> Verdict:
    """The causes again, with what the experiment says of each."""
    there = marks(case.having(experiment.there))
    went = where_it_went(feature, features(experiment.measured))
    weighed = []
    for cause in ranked:
        foretold = _foretold(cause.mark, feature, there)
        weighed.append((cause, _likelihood(feature, went, foretold), foretold))
    total = sum(cause.share * (_DOUBT + fit) for cause, fit, _ in weighed) or 1.0
    again = sorted(
        (
            (replace(cause, share=cause.share * (_DOUBT + fit) / total), fit, foretold)
            for cause, fit, foretold in weighed
        ),
        key=lambda item: -item[0].share,
    )
    if not again:
        return Verdict((), "")
    _, fit, foretold = again[0]
    words = _words(feature, went, foretold, experiment) if fit >= _FORETOLD else ""
    return Verdict(tuple(cause for cause, _, _ in again), words)


def parting_test(
    first: Cause,
    second: Cause,
    feature: Feature,
    case: Case,
) -> str:
    """The smallest move after which two causes would be heard at different frequencies."""
    for metres in (0.10, 0.20, 0.30):
        for words, moved in trial_moves(case.arrangement, case.seat, metres):
            inside = [moved.left, moved.right, moved.seats[case.seat]]
            if not all(case.room.has_air_at(point) for point in inside):
                continue
            there = marks(case.having(moved))
            f1, f2 = (_foretold(c.mark, feature, there) for c in (first, second))
            if f1 and f2 and abs(log2(f1 / f2)) >= _PARTED_OCTAVES:
                return tr(
                    "To tell the two apart, move {words} by {metres:.0f} cm and "
                    "measure: by path lengths alone the first would go to {f1:.0f} Hz, "
                    "the second to {f2:.0f} Hz.",
                    words=words,
                    metres=100 * metres,
                    f1=f1,
                    f2=f2,
                )
    return ""


def equally_likely(ranked: Sequence[Cause]) -> bool:
    """Whether the first two causes lie too close to choose."""
    return len(ranked) > 1 and ranked[0].share - ranked[1].share < _EQUAL_SHARE


def trial_moves(a: Arrangement, seat: str, d: float) -> list[tuple[str, Arrangement]]:
    """Small moves that are quickly made, with what is moved and which way."""
    ear = a.seats[seat]
    back = replace(a, seats={**a.seats, seat: replace(ear, y=ear.y + d)})
    low = replace(a, seats={**a.seats, seat: replace(ear, z=ear.z - d)})
    out = a.with_pair(replace(a.left, y=a.left.y + d), replace(a.right, y=a.right.y + d))
    return [
        (tr("the microphone back"), back),
        (tr("the microphone down"), low),
        (tr("the monitors out"), out),
    ]


def _foretold(mark: Mark, feature: Feature, there: Sequence[Mark]) -> float | None:
    """Where a cause says the feature is heard after the move; None: nowhere."""
    if mark.mode is not None:
        same = any(m.mode == mark.mode and m.kind == mark.kind for m in there)
        return feature.frequency_hz if same else None
    if mark.reflection is None:
        return feature.frequency_hz
    for other in there:
        if (
            other.reflection is not None
            and other.source == mark.source
            and other.reflection.boundary == mark.reflection.boundary
        ):
            ratio = mark.reflection.excess_metres / max(other.reflection.excess_metres, 1e-6)
            return feature.frequency_hz * ratio
    return None


def where_it_went(feature: Feature, after: Sequence[Feature]) -> float | None:
    """The nearest feature of its kind and at least half its size; None: it went away."""
    near = [
        f
        for f in after
        if f.kind == feature.kind
        and abs(log2(f.frequency_hz / feature.frequency_hz)) < _REACH_OCTAVES
        and abs(f.level_db) > abs(feature.level_db) / 2
    ]
    if not near:
        return None
    return min(near, key=lambda f: abs(log2(f.frequency_hz / feature.frequency_hz))).frequency_hz


def _likelihood(feature: Feature, went: float | None, foretold: float | None) -> float:
    if went is None:
        return 1.0 if foretold is None else _GONE_BUT_EXPECTED
    if foretold is None:
        return 0.0
    return exp(-0.5 * (log2(went / foretold) / _SIGMA_OCTAVES) ** 2)


def _words(
    feature: Feature, went: float | None, foretold: float | None, experiment: Experiment
) -> str:
    moved = tr(
        "{moved} moved {metres:.0f} cm", moved=experiment.moved, metres=100 * experiment.metres
    )
    if went is None or foretold is None:
        return tr("It went away when {moved}, as this says.", moved=moved)
    if abs(log2(went / feature.frequency_hz)) < _STAYED_OCTAVES:
        return tr("It stayed at {went:.0f} Hz when {moved}, as this says.", went=went, moved=moved)
    return tr(
        "It followed when {moved}: {frequency_hz:.0f} → {went:.0f} Hz, "
        "where this puts it ({foretold:.0f} Hz).",
        moved=moved,
        frequency_hz=feature.frequency_hz,
        went=went,
        foretold=foretold,
    )
