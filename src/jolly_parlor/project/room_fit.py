"""The document's takes as evidence, and the document as they have taught it."""

from dataclasses import replace
from math import exp

import numpy as np

from jolly_parlor.fitting.draws import drawn_search
from jolly_parlor.fitting.evidence import MODEL_HZ, Evidence, Placing, smoothed_level
from jolly_parlor.fitting.fit import Fit, Progress, fit_room
from jolly_parlor.fitting.fit_words import value_of
from jolly_parlor.fitting.next_take import Advice, next_takes
from jolly_parlor.fitting.posterior import placing_of
from jolly_parlor.placement.arrangement import fit_problems
from jolly_parlor.placement.forecast import head_point
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.mixes import BOTH, BOTH_AS_SET, PAIR_MIXES, judged_band
from jolly_parlor.placement.search.proposals import Proposal, agreeing_words, trade_words
from jolly_parlor.placement.search.search import Found
from jolly_parlor.project.document import Document, Take, carried
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

MOST_TAKES = 20


def evidence_of(document: Document) -> list[Evidence]:
    """Takes that may be trusted, wherever things stood when they were made; the last
    MOST_TAKES of them, those of floor places only where there are few others. Takes too narrow to
    tell are left out.
    """
    found = []
    for take in sorted(document.takes, key=lambda take: not take.info.floor_place):
        if not take.usable or document.doubts(take):
            continue
        try:
            level = smoothed_level(take.response)
        except Refused:
            continue
        found.append(
            Evidence(
                _name(take), placing_of_take(document, take), level, take.info.measured is not None
            )
        )
    return found[-MOST_TAKES:]


def placing_of_take(document: Document, take: Take) -> Placing:
    """What stood where when it was made."""
    info = take.info
    placing = placing_of(document.room, document.gear, info.placed, info.seat, info.played)
    if info.subwoofers or info.source == BOTH_AS_SET.id:  # all others are taken flat
        chains = {name: info.placed.chain(name) for name in info.played}
        crossed = bool(info.subwoofers)
        drives = {name: chain.response(MODEL_HZ, crossed) for name, chain in chains.items()}
        placing = replace(placing, drives=drives)
    return replace(placing, ear=head_point(placing.ear, info.point))


def fit_document(document: Document, progress: Progress = lambda share: None) -> Fit:
    """Raises Refused with a sentence where there is nothing to fit to."""
    takes = evidence_of(document)
    if not takes:
        raise Refused(
            tr(
                "There is no take to fit the room to: measure one at Takes, or "
                "import a response that covers an octave of 20 to 200 Hz or more."
            )
        )
    return fit_room(document.room, document.gear, takes, progress)


def as_fitted(document: Document, fit: Fit) -> Document:
    """The same with the fitted room, and models with the low corners the takes show (the mean of
    those of one model). For calculating, not for saving: the survey stays what the tape said.
    """
    corners: dict[str, list[float]] = {}
    for n, p in enumerate(fit.parameters):
        if p.kind == "corner":
            corners.setdefault(document.gear.loudspeaker(p.label).model, []).append(
                value_of(fit, n)
            )
    factor = {who: exp(float(np.mean(np.log(values)))) for who, values in corners.items()}
    gear = document.gear
    models = tuple(
        replace(model, low_corner_hz=model.low_corner_hz * factor.get(model.id, 1.0))
        for model in gear.models
    )
    fitted = replace(document, room=fit.room, gear=replace(gear, models=models))
    return carried(document, fitted)


def advice_for(document: Document, fit: Fit, seat: str) -> Advice:
    """What to measure next to choose among the arrangements that can stand."""
    standing = [
        a for a in document.arrangements if not fit_problems(document.room, document.gear, a)
    ]
    if not standing:
        raise Refused(tr("There is no arrangement to choose among: rough one in at Line-up."))
    done = [
        (a.name, source, where)
        for a in standing
        for where in a.seats
        for source in PAIR_MIXES
        if document.take_of(a, source, where) is not None
    ]
    return next_takes(fit, standing, seat, judged_band(document.gear, BOTH), done)


MOST_UNDER_DOUBT = 10
"""Proposals asked of a search before those expected best are chosen."""


def with_doubt(fit: Fit | None, found: Found, gear: Gear, most: int = 5) -> Found:
    """A search's proposals, those expected best over the rooms that fit the takes first; as they
    were without a fit. Those that face another wall than the takes were made in have no doubt known
    and count with the largest of the others.
    """
    same = [p for p in found.proposals if p.turns == 0]
    if fit is None:
        return found
    if not same:
        return replace(found, proposals=found.proposals[:most])
    drawn = drawn_search(fit, [p.arrangement for p in same], gear)
    dearest = float(max(drawn.dearer_db))
    judged = {
        id(p): replace(p, expected_db=p.figure_db + float(more), agreeing=float(share))
        for p, more, share in zip(same, drawn.dearer_db, drawn.agreeing, strict=True)
    }
    every = [
        judged.get(id(p)) or replace(p, expected_db=p.figure_db + dearest) for p in found.proposals
    ]
    every.sort(key=lambda p: p.expected_db or 0.0)
    return replace(found, proposals=tuple(_told_anew(every[:most])))


def agreement(found: Found) -> str:
    """How many rooms that fit the takes agree with the first proposal; empty without a fit."""
    first = found.proposals[0] if found.proposals else None
    if first is None or first.agreeing is None:
        return ""
    return tr(
        "{agreeing_words} with the first proposal below 200 Hz.",
        agreeing_words=agreeing_words(first.agreeing),
    )


def _told_anew(proposals: list[Proposal]) -> list[Proposal]:
    """With what each gains and costs against the others that are left."""
    return [
        replace(p, trade=trade_words(p, [other for other in proposals if other is not p]))
        for p in proposals
    ]


def _name(take: Take) -> str:
    info = take.info
    point = "" if info.point == "centre" else f", {info.point}"
    return tr(
        "{source} at the {seat}{point}, “{name}”",
        source=info.source,
        seat=info.seat,
        point=point,
        name=info.placed.name,
    )
