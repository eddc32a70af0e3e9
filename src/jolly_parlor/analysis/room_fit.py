"""The document's takes as evidence, and the document as they have taught it."""

from collections.abc import Sequence
from dataclasses import replace
from math import exp

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.fitting.draws import drawn_search
from jolly_parlor.fitting.evidence import MODEL_HZ, Evidence, Placing, smoothed_level
from jolly_parlor.fitting.fit import Fit, Progress, TakeFit, fit_room, parameters_of
from jolly_parlor.fitting.fit_words import value_of
from jolly_parlor.fitting.next_take import Advice, next_takes
from jolly_parlor.fitting.posterior import placing_of
from jolly_parlor.placement.forecast import head_point
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.mixes import BOTH, BOTH_AS_SET, PAIR_MIXES, judged_band
from jolly_parlor.placement.search.proposals import Proposal, agreeing_words, trade_words
from jolly_parlor.placement.search.search import Found
from jolly_parlor.placement.standing import fit_problems
from jolly_parlor.project.document import Document, Take, carried
from jolly_parlor.project.kept_fit import KeptFit, KeptTake
from jolly_parlor.project.takes import fingerprint
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

MOST_TAKES = 20
_LEAST_TAKES, _LEAVES_DB = 3, 1.5
"""Of a fit that is used as soon as it is there; what a wardrobe nobody surveyed leaves is more."""


def evidence_of(document: Document) -> list[Evidence]:
    """Takes that may be trusted, wherever things stood when they were made; the last
    MOST_TAKES of them, those of floor places only where there are few others. Takes too narrow to
    tell are left out.
    """
    found = []
    for take in sorted(document.takes, key=lambda take: not take.info.floor_place):
        if not take.usable or document.doubts(take):
            continue
        if take.info.measured is not None and take.info.measured.moving:
            continue  # it tells of no one place
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
    placing = placing_of(document.setup(info.placed), info.seat, info.played)
    if info.subwoofers or info.source == BOTH_AS_SET.id:  # all others are taken flat
        chains = {name: info.placed.chain(name) for name in info.played}
        crossed = bool(info.subwoofers)
        drives = {name: chain.response(MODEL_HZ, crossed) for name, chain in chains.items()}
        placing = replace(placing, drives=drives)
    return replace(placing, ear=head_point(placing.ear, info.point))


def fit_document(document: Document, progress: Progress = lambda share: None) -> Fit:
    """The one that the document keeps, while nothing has come or gone since; else anew. Raises
    Refused with a sentence where there is nothing to fit to.
    """
    known = restored(document)
    if known is not None and not document.fit_is_stale:
        return known
    takes = evidence_of(document)
    if not takes:
        raise Refused(
            tr(
                "There is no take to fit the room to: measure one at Takes, or "
                "import a response that covers an octave of 20 to 200 Hz or more."
            )
        )
    return fit_room(document.room, document.gear, takes, progress)


def kept_fit(document: Document, fit: Fit, in_use: bool) -> KeptFit:
    """A fit of the document as it stands, to be kept in it."""
    lower = np.tril_indices(fit.z.size)
    off = [] if fit.off_db is None else fit.off_db.tolist()
    return KeptFit(
        _basis(document),
        tuple(take.info.id for take in document.takes),
        in_use,
        _rounded(fit.z),
        _rounded(fit.covariance[lower]),
        tuple(KeptTake(t.name, t.before_db, t.after_db, t.weight) for t in fit.takes),
        fit.residual_db,
        fit.converged,
        tuple(None if np.isnan(value) else _rounded([value])[0] for value in off),
    )


def restored(document: Document) -> Fit | None:
    """The fit that the document keeps; None without one, or where room, gear or the takes it was
    made from are no longer what they were.
    """
    known = document.fit
    if known is None or known.problem() or known.of != _basis(document):
        return None
    then = set(known.takes)
    takes = tuple(take for take in document.takes if take.info.id in then)
    if len(takes) < len(then):
        return None
    parameters = parameters_of(document.room, evidence_of(replace(document, takes=takes)))
    count = len(parameters)
    if count != len(known.z):
        return None
    covariance = np.zeros((count, count))
    covariance[np.tril_indices(count)] = known.covariance
    covariance += np.tril(covariance, -1).T
    off = [np.nan if value is None else value for value in known.off_db]
    return Fit(
        document.room,
        document.gear,
        tuple(parameters),
        np.array(known.z),
        covariance,
        tuple(TakeFit(t.name, t.before_db, t.after_db, t.weight) for t in known.each),
        known.residual_db,
        known.converged,
        np.array(off) if off else None,
    )


def chosen_fit(document: Document, fitted: bool | None = None) -> Fit | None:
    """What forecasts stand on. fitted: as somebody asks for this once; None as the document keeps
    it. Raises Refused where there is nothing to fit to.
    """
    if fitted is None:
        known = document.fit
        return restored(document) if known is not None and known.in_use else None
    return fit_document(document) if fitted else None


def deserves(fit: Fit) -> bool:
    """Whether a fit is to be believed rather than the survey: made from several takes, at rest, and
    it leaves little.
    """
    return fit.converged and len(fit.takes) >= _LEAST_TAKES and fit.residual_db <= _LEAVES_DB


def _basis(document: Document) -> str:
    """Of what of room and gear a fit is about: as takes have it, and what scatters."""
    gear = document.gear
    backs = {seat.name: seat.high_back for seat in gear.seats}
    return fingerprint((document.stamps, gear.desk, backs))


def _rounded(values: Sequence[float] | FloatArray) -> tuple[float, ...]:
    return tuple(float(f"{value:.7g}") for value in values)


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
    standing = [a for a in document.arrangements if not fit_problems(document.setup(a))]
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
