"""The document's takes as evidence, and the document as they have taught it."""

from dataclasses import replace
from math import exp

import numpy as np

from jolly_parlor.fitting.believing import placing_of
from jolly_parlor.fitting.evidence import Evidence, Placing, smoothed_level
from jolly_parlor.fitting.fit import Fit, Progress, fit_room
from jolly_parlor.fitting.next_take import Advice, next_takes
from jolly_parlor.fitting.rivals import cautious_order
from jolly_parlor.fitting.telling import value_of
from jolly_parlor.placement.arrangement import fit_problems
from jolly_parlor.placement.forecast import head_point, lowest_corner_hz
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.search.search import Found
from jolly_parlor.project.document import Document, Take

MOST_TAKES = 20


def evidence_of(document: Document) -> list[Evidence]:
    """Takes that may be trusted, wherever things stood when they were made; the last
    MOST_TAKES of them. Takes too narrow to tell are left out.
    """
    found = []
    for take in document.takes:
        if not take.usable:
            continue
        try:
            level = smoothed_level(take.response)
        except ValueError:
            continue
        found.append(
            Evidence(_name(take), placing_of_take(take), level, take.info.measured is not None)
        )
    return found[-MOST_TAKES:]


def placing_of_take(take: Take) -> Placing:
    """What stood where when it was made."""
    info = take.info
    names = ("left", "right") if info.source == "both" else (info.source,)
    placing = placing_of(info.placed, info.seat, names)
    return replace(placing, ear=head_point(placing.ear, info.point))


def fit_document(document: Document, progress: Progress = lambda share: None) -> Fit:
    """Raises ValueError with a sentence where there is nothing to fit to."""
    takes = evidence_of(document)
    if not takes:
        raise ValueError(
            "There is no take to fit the room to: measure one at Takes, or import a response that "
            "covers an octave of 20 to 200 Hz or more."
        )
    return fit_room(document.room, document.gear, takes, progress)


def as_fitted(document: Document, fit: Fit) -> Document:
    """The same with the fitted room, and monitors and subs with the low corners the takes show.
    For calculating, not for saving: the survey stays what the tape said.
    """
    corners: dict[str, list[float]] = {}
    for n, p in enumerate(fit.parameters):
        if p.kind == "corner":
            who = "monitor" if p.label in ("left", "right") else p.label
            corners.setdefault(who, []).append(value_of(fit, n))
    factor = {who: exp(float(np.mean(np.log(values)))) for who, values in corners.items()}
    gear = document.gear
    monitor = replace(
        gear.monitor, low_corner_hz=gear.monitor.low_corner_hz * factor.get("monitor", 1.0)
    )
    subs = tuple(
        replace(sub, low_corner_hz=sub.low_corner_hz * factor.get(sub.name, 1.0))
        for sub in gear.subwoofers
    )
    return replace(document, room=fit.room, gear=replace(gear, monitor=monitor, subwoofers=subs))


def advice_for(document: Document, fit: Fit, seat: str) -> Advice:
    """What to measure next to choose among the arrangements that can stand."""
    standing = [
        a for a in document.arrangements if not fit_problems(document.room, document.gear, a)
    ]
    if not standing:
        raise ValueError("There is no arrangement to choose among: rough one in at Line-up.")
    done = [
        (a.name, source, where)
        for a in standing
        for where in a.seats
        for source in ("both", "left", "right")
        if document.take_of(a, source, where) is not None
    ]
    return next_takes(fit, standing, seat, lowest_corner_hz(document.gear, "both"), done)


def with_doubt(fit: Fit | None, found: Found, gear: Gear) -> Found:
    """A search's proposals in the order that counts their doubt; as they were without a fit."""
    if fit is None or len(found.proposals) < 2:
        return found
    asked = [(p.arrangement, p.turns, p.figure_db) for p in found.proposals]
    order = cautious_order(fit, asked, gear)
    return replace(found, proposals=tuple(found.proposals[n] for n in order))


def _name(take: Take) -> str:
    info = take.info
    point = "" if info.point == "centre" else f", {info.point}"
    return f"{info.source} at the {info.seat}{point}, “{info.placed.name}”"
