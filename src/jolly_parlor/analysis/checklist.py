"""The check list before signing off: filled in by the product where it can, left to tick where not.

What an open point costs is worked out where the forecast knows it: the same arrangement with that
one thing mended.
"""

from collections.abc import Callable
from dataclasses import dataclass, replace
from typing import Literal

from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.analysis.comparison import MATCH_DB
from jolly_parlor.analysis.equaliser_check import equaliser_check
from jolly_parlor.analysis.equalising import sections_set
from jolly_parlor.analysis.loudspeakers_alike import match_all
from jolly_parlor.analysis.measured import measured_deviation
from jolly_parlor.analysis.subwoofers import sub_report
from jolly_parlor.by_ear.review import QUESTIONS, scored
from jolly_parlor.equalising.sections import WARN_DB
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.checks import Check, geometry_checks
from jolly_parlor.placement.evenness import evenness, mismatch_db
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.items import seat as seat_item
from jolly_parlor.placement.matching import LEVEL_DB
from jolly_parlor.placement.mixes import BOTH, LEFT_ALONE, RIGHT_ALONE, as_set, with_subwoofers
from jolly_parlor.placement.settings.handing_over import impossible_words
from jolly_parlor.placement.settings.shares import idle_words
from jolly_parlor.placement.setup import Setup
from jolly_parlor.placement.standing import fit_problems, must_stand
from jolly_parlor.project.document import Document
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

State = Literal["holds", "open", "unknown", "yours", "ticked"]
_TELLING_DB = 0.1


@dataclass(frozen=True)
class CheckPoint:
    """One point of the list."""

    id: str
    title: str
    state: State
    words: str
    costs: str = ""
    """What leaving it open costs."""


def check_list(
    document: Document, name: str, forecaster: Forecaster | None = None
) -> list[CheckPoint]:
    """All points of an arrangement, in the order of the walk. Raises Refused for one that cannot
    stand.
    """
    a, room, gear = document.arrangement(name), document.room, document.gear
    must_stand(Setup(room, gear, a))
    model = forecaster or Forecaster(room, gear)
    checks = geometry_checks(Setup(room, gear, a))
    found = [
        _geometry(checks, point_id, title, _cost(model, document, a, mended))
        for point_id, title, mended in _GEOMETRY
    ]
    found.append(_alike(document, a, model))
    found.append(_takes(document, a))
    found += _subwoofers(document, a, checks, model)
    found += _around(document, a, model)
    found.append(_equaliser(document, a, model))
    found.append(_review(document))
    ticked = set(document.signing.ticked)
    for point_id, title, words in BY_HAND:
        state: State = "ticked" if point_id in ticked else "yours"
        found.append(CheckPoint(point_id, title, state, words))
    return found


BY_HAND = (
    (
        "written",
        tr("Settings written down"),
        tr("Knobs photographed or noted beside the placement card."),
    ),
    (
        "mono",
        tr("Mono is narrow and in the middle"),
        tr("Both in the same polarity: heard, not assumed."),
    ),
    ("music", tr("Heard with music you know"), tr("An hour, at the level you work at.")),
    (
        "stands",
        tr("Stands strapped, cables taped"),
        tr("Two people for lifting; nothing tips on a child."),
    ),
    ("ways", tr("Ways out and windows free"), tr("Escape routes stay clear; local codes decide.")),
)
"""Id, title and what it means, of what only the owner can tell."""


Cost = Callable[[], tuple[float, str]]
"""What mending gains in Evenness as far as it can be told, dB, and in words."""
_FOR_EVENNESS = ("unlike", "half")
"""Points that matter for nothing else: where mending would cost, they are no points."""


def _geometry(checks: list[Check], point_id: str, title: str, cost: Cost) -> CheckPoint:
    own = [check for check in checks if check.about == point_id]
    wrong = [check for check in own if not check.holds]
    if wrong:
        words = " ".join(c.text for c in wrong)
        gain, costs = cost()
        if point_id in _FOR_EVENNESS and gain < 0:
            return CheckPoint(point_id, title, "holds", f"{words} {costs} {tr('So it is left.')}")
        return CheckPoint(point_id, title, "open", words, costs)
    words = " ".join(check.text for check in own) or _FINE.get(point_id, tr("Holds."))
    return CheckPoint(point_id, title, "holds", words)


Mend = Callable[[Document, Arrangement], Arrangement | None]


def _at_ear_height(document: Document, a: Arrangement) -> Arrangement | None:
    ear = a.seats[document.gear.seats[0].name]
    return a.with_pair(replace(a.left, z=ear.z), replace(a.right, z=ear.z))


def _mirrored(document: Document, a: Arrangement) -> Arrangement | None:
    middle = document.room.frame.middle
    half, y = (a.right.x - a.left.x) / 2, (a.left.y + a.right.y) / 2
    main = document.gear.seats[0].name
    moved = a.with_pair(Point(middle - half, y, a.left.z), Point(middle + half, y, a.right.z))
    return moved.moved(seat_item(main), replace(a.seats[main], x=middle))


def _equilateral(document: Document, a: Arrangement) -> Arrangement | None:
    ear = a.seats[document.gear.seats[0].name]
    far = (a.left.distance(ear) + a.right.distance(ear)) / 2
    middle = (a.left.x + a.right.x) / 2
    half = far / 2
    return a.with_pair(replace(a.left, x=middle - half), replace(a.right, x=middle + half))


def _unlike(document: Document, a: Arrangement) -> Arrangement | None:
    """The first small move of the pair after which no two distances are alike."""
    left, right = a.left, a.right
    for by in (0.15, -0.15, 0.25, -0.25):
        along = a.with_pair(replace(left, y=left.y + by), replace(right, y=right.y + by))
        wider = a.with_pair(replace(left, x=left.x - by), replace(right, x=right.x + by))
        for moved in (along, wider):
            checks = geometry_checks(document.setup(moved))
            if all(c.holds for c in checks if c.about in ("unlike", "distance")):
                return moved
    return None


def _off_half(document: Document, a: Arrangement) -> Arrangement | None:
    """The triangle as it is, with the seat at 38 % of the length."""
    main, frame = document.gear.seats[0].name, document.room.frame
    shift = frame.front + 0.38 * frame.depth - a.seats[main].y

    def along(p: Point) -> Point:
        return replace(p, y=p.y + shift)

    return a.with_pair(along(a.left), along(a.right)).moved(seat_item(main), along(a.seats[main]))


_GEOMETRY: tuple[tuple[str, str, Mend | None], ...] = (
    ("unlike", tr("Walls and floor at unlike distances"), _unlike),
    ("equal", tr("Both equally far from the ear"), _mirrored),
    ("equilateral", tr("Equilateral, or nearly"), _equilateral),
    (tr("ear height"), tr("At ear height"), _at_ear_height),
    ("aim", tr("Aimed at the ear"), None),
    ("symmetry", tr("Left and right see the same walls"), _mirrored),
    ("half", tr("Seat not at half the length"), _off_half),
    (tr("in the way"), tr("Nothing in the way"), None),
)
"""Id of the checks, title, and how the thing would be mended."""
_FINE = {
    "symmetry": tr("Both see the same walls, and the seat is on the middle line."),
    "half": tr("The seat is clear of the middle of the length."),
}


def _cost(model: Forecaster, document: Document, a: Arrangement, mend: Mend | None) -> Cost:
    """What an open point costs in Evenness; worked out only when asked."""

    def told() -> tuple[float, str]:
        if mend is None:
            return 0.0, ""
        better = mend(document, a)
        if better is None or fit_problems(document.setup(better)):
            return 0.0, tr("No small move mends it here, so what it costs is not known.")
        mix, seat = with_subwoofers(document.gear), document.gear.seats[0].name
        now, then = (
            evenness(model.deviation(model.case(x, seat, mix))).value_db for x in (a, better)
        )
        if abs(now - then) < _TELLING_DB:
            return 0.0, tr("The curve would hardly change (forecast); the image would.")
        way = "more" if then < now else "less"
        return now - then, tr(
            "Mended, it would be {now:.1f} dB {way} even (forecast).", now=abs(now - then), way=way
        )

    return told


def _alike(document: Document, a: Arrangement, model: Forecaster) -> CheckPoint:
    seat = document.gear.seats[0].name
    sides = [
        measured_deviation(document, document.case(a, seat, mix))
        for mix in (LEFT_ALONE, RIGHT_ALONE)
    ]
    measured = sides[0] is not None and sides[1] is not None
    left, right = (
        one or model.deviation(model.case(a, seat, mix))
        for one, mix in zip(sides, (LEFT_ALONE, RIGHT_ALONE), strict=True)
    )
    gap = mismatch_db(left, right)
    kind = "measured" if measured else "forecast"
    words = tr("They differ by {gap:.1f} dB, {kind}.", gap=gap, kind=kind)
    if gap > MATCH_DB:
        why = tr("The image leans and blurs; within {match_db:.0f} dB is usual.", match_db=MATCH_DB)
        return CheckPoint("alike", tr("Left and right alike"), "open", words, why)
    if not measured:
        return CheckPoint(
            "alike",
            tr("Left and right alike"),
            "unknown",
            tr("{words} Measure each side alone.", words=words),
        )
    return CheckPoint("alike", tr("Left and right alike"), "holds", words)


def _takes(document: Document, a: Arrangement) -> CheckPoint:
    title, seat = tr("Measured as it stands"), document.gear.seats[0].name
    mix = with_subwoofers(document.gear)
    doubtful = [t for t in document.doubtful_takes() if t.applies_to(a)]
    bad = [s for s in document.source_names if document.bad_take_of(a, s, seat) is not None]
    measured = measured_deviation(document, document.case(a, seat, mix))
    if measured is None and mix != BOTH:
        measured = measured_deviation(document, document.case(a, seat, BOTH))
    if measured is None:
        words = tr("No take at {seat} tells how all that plays is heard here.", seat=seat)
        if doubtful:
            words += tr(" {doubtful} may no longer hold: Takes asks.", doubtful=len(doubtful))
        return CheckPoint(
            "takes",
            title,
            "open",
            words,
            tr("All that is said of it is forecast: a guess by some dB."),
        )
    if bad or doubtful:
        return CheckPoint(
            "takes",
            title,
            "open",
            tr(
                "{bad} bad and {doubtful} doubtful takes are left out.",
                bad=len(bad),
                doubtful=len(doubtful),
            ),
            tr("What they would have told is missing."),
        )
    whole = document.take_of(a, as_set(document.gear).id, seat)
    around = len(document.takes_around(a, as_set(document.gear).id, seat))
    words = tr("Measured")
    words += tr(" as set") if whole is not None else tr(", summed from single takes")
    words += (
        tr(", at {around} points of the head.", around=around)
        if around > 1
        else tr(", at the head's centre only.")
    )
    return CheckPoint("takes", title, "holds", words)


def _subwoofers(
    document: Document, a: Arrangement, checks: list[Check], model: Forecaster
) -> list[CheckPoint]:
    if not document.gear.subwoofers:
        return []
    found = []
    late = [c for c in checks if c.about == "sub in time" and not c.holds]
    if late:
        words = " ".join(c.text for c in late)
        state: State = "open" if not a.chains else "unknown"
        words += tr(" By distance alone; Subs aligns by the null, which counts more.")
        found.append(CheckPoint("sub in time", tr("Subwoofer in time with the pair"), state, words))
    else:
        words = tr("By distance and delay.")
        found.append(
            CheckPoint("sub in time", tr("Subwoofer in time with the pair"), "holds", words)
        )
    title = tr("What is set can be set")
    if impossible := impossible_words(document.gear, a.chains):
        mended = tr("Every figure with a subwoofer counts on it.")
        found.append(CheckPoint("handover", title, "open", impossible, mended))
    else:
        found.append(CheckPoint("handover", title, "holds", tr("By what Gear says there is.")))
    if len(document.gear.subwoofers) > 1:
        title, seat = tr("Subwoofers share the work"), document.gear.seats[0].name
        idle = idle_words(sub_report(document, a.name, field=model.field).at_seats[seat])
        if idle:
            costs = tr("One is driven to its limit while another rests.")
            found.append(CheckPoint("shares", title, "open", " ".join(idle), costs))
        else:
            found.append(CheckPoint("shares", title, "holds", tr("None idles below 40 Hz.")))
    return found


def _around(document: Document, a: Arrangement, model: Forecaster) -> list[CheckPoint]:
    if not document.gear.layout.directions and not document.gear.others:
        return []
    title = tr("Loudspeakers around the seat match")
    found = match_all(document, a.name, field=model.field)
    off = [m for m in found if not m.stands]
    loud = [m for m in found if m.stands and abs(m.gain_db) >= LEVEL_DB]
    if off:
        names = ", ".join(m.loudspeaker for m in off)
        words = tr("Outside their angles: {names}.", names=names)
        return [
            CheckPoint(
                "around", title, "open", words, tr("Sounds come from where they were not put.")
            )
        ]
    if loud:
        names = ", ".join(
            tr("{loudspeaker} {gain_db:+.1f} dB", loudspeaker=m.loudspeaker, gain_db=m.gain_db)
            for m in loud
        )
        return [
            CheckPoint(
                "around",
                title,
                "open",
                tr("Levels to set: {names}.", names=names),
                tr("One is heard before all."),
            )
        ]
    return [CheckPoint("around", title, "holds", tr("All within their angles and half a decibel."))]


def _equaliser(document: Document, a: Arrangement, model: Forecaster) -> CheckPoint:
    title, count = tr("Equaliser last, and checked"), sections_set(a)
    if not count:
        return CheckPoint(
            "equaliser", title, "holds", tr("None is set: place first, it may not be needed.")
        )
    large = [s for c in a.chains.values() for s in c.sections if s.gain_db < -WARN_DB]
    if large:
        words = tr(
            "{large} cuts beyond {warn_db:.0f} dB are set.", large=len(large), warn_db=WARN_DB
        )
        return CheckPoint("equaliser", title, "open", words, tr("Large cuts smear; move first."))
    try:
        checked = equaliser_check(document, a.name, model)
    except Refused as error:
        return CheckPoint("equaliser", title, "unknown", str(error))
    state: State = "holds" if checked.gap_db <= checked.noise_db else "open"
    return CheckPoint("equaliser", title, state, checked.words)


def _review(document: Document) -> CheckPoint:
    title, found = tr("The room looked over"), scored(document.by_ear.review)
    if found.answered < len(QUESTIONS):
        return CheckPoint(
            "review",
            title,
            "unknown",
            tr(
                "{answered} of {questions} questions of the review by eye are answered.",
                answered=found.answered,
                questions=len(QUESTIONS),
            ),
        )
    if found.faults:
        first = found.faults[0].words
        return CheckPoint(
            "review",
            title,
            "open",
            tr("{faults} faults. {first}", faults=len(found.faults), first=first),
        )
    return CheckPoint("review", title, "holds", found.words)


def open_points(points: list[CheckPoint]) -> list[CheckPoint]:
    return [point for point in points if point.state == "open"]


def ticked(document: Document, point_id: str, on: bool) -> Document:
    """The document with one point ticked by hand, or not. Raises Refused for one that is not the
    owner's to tick.
    """
    if point_id not in {known for known, _, _ in BY_HAND}:
        raise Refused(tr("That point is filled in from what is measured and placed."))
    rest = tuple(known for known in document.signing.ticked if known != point_id)
    signing = replace(document.signing, ticked=(*rest, point_id) if on else rest)
    return replace(document, signing=signing)
