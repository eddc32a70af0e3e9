"""The verdict in plain words: what was chosen, why, how sure, what it would take to do better."""

from dataclasses import dataclass

from jolly_parlor.analysis.checklist import CheckPoint, open_points
from jolly_parlor.analysis.comparison import DEEP_DB, Comparison, Row
from jolly_parlor.analysis.equalising import sections_set
from jolly_parlor.analysis.handover import Handover
from jolly_parlor.diagnosis.findings import Finding
from jolly_parlor.diagnosis.remedies import WORTH_MOVING_DB
from jolly_parlor.fitting.fit import Fit
from jolly_parlor.placement.arrangement import aim_words
from jolly_parlor.placement.settings.as_set import settings_lines
from jolly_parlor.project.document import Document
from jolly_parlor.units import UnitSystem, format_length, with_minus
from jolly_parlor.words import plural, tr


@dataclass(frozen=True)
class Paragraph:
    title: str
    sentences: tuple[str, ...]


@dataclass(frozen=True)
class Verdict:
    """All of it, under one headline."""

    good_enough: bool
    headline: str
    parts: tuple[Paragraph, ...]


def verdict(
    document: Document,
    name: str,
    comparison: Comparison,
    points: list[CheckPoint],
    handed: Handover,
    fit: Fit | None = None,
    units: UnitSystem = "metric",
) -> Verdict:
    """comparison: of all arrangements with what plays; points: the check list; handed: what
    remains; all of this arrangement.
    """
    row = next(r for r in comparison.rows if r.arrangement.name == name)
    better = _better(handed, units)
    still_open = open_points(points)
    measured = row.measured is not None
    good = measured and not better and not still_open
    told = {
        "What was chosen": _chosen(document, row, units),
        "Why": _why(comparison, row),
        "How sure": _sure(document, comparison, row, fit),
        "What it would take to do better": _to_do(better, still_open, points, handed),
    }
    parts = tuple(Paragraph(title, tuple(map(with_minus, s))) for title, s in told.items())
    return Verdict(good, _headline(name, good, measured, better, still_open), parts)


def _headline(
    name: str, good: bool, measured: bool, better: list[str], still_open: list[CheckPoint]
) -> str:
    if good:
        return tr("{name}: good enough. Now treat the room", name=name)
    if not measured:
        return tr("{name}: not measured yet, so not decided", name=name)
    if better:
        return tr("{name}: a move is still worth more than treatment", name=name)
    count = len(still_open)
    return plural(
        count,
        "{name}: {count} point open before treating",
        "{name}: {count} points open before treating",
        name=name,
    )


def _chosen(document: Document, row: Row, units: UnitSystem) -> tuple[str, ...]:
    a, room = row.arrangement, document.room
    seat = document.gear.seats[0].name
    ear = a.seats[seat]
    front = room.frame.front
    picked = "picked" if document.chosen == a.name else tr("not picked yet")
    told = [
        f"“{a.name}”, {picked}: {a.rule}",
        tr(
            "Monitors {y} from the front wall, {distance} apart, aimed {aim_words}.",
            y=format_length(a.left.y - front, units),
            distance=format_length(a.left.distance(a.right), units),
            aim_words=aim_words(a.aim_degrees),
        ),
        tr(
            "Ear at {seat} {y} from the front wall.",
            seat=seat,
            y=format_length(ear.y - front, units),
        ),
    ]
    lines = settings_lines(document.gear, a)
    told += [f"{who}: {words}." for who, words in lines if words != "flat, nothing set"]
    count = sections_set(a)
    if count:
        told.append(tr("{count} equaliser sections are set, cuts only.", count=count))
    if a.grading is not None:
        told.append(tr("By ear: {what}", what=a.grading.text))
    return tuple(told)


def _why(comparison: Comparison, row: Row) -> tuple[str, ...]:
    figure = row.figure(comparison.basis)
    if figure is None:
        return (tr("Nothing is known of how even it is."),)
    kind = comparison.basis
    told = [
        tr(
            "{value_db:.1f} dB from even, {low_hz:.0f} to {high_hz:.0f} Hz, "
            "{basis_of}; less is more even.",
            value_db=figure.value_db,
            low_hz=figure.low_hz,
            high_hz=figure.high_hz,
            basis_of=row.basis_of(kind),
        )
    ]
    ranked = [r for r in comparison.rows if r.figure(kind) is not None]
    others = [r for r in ranked if r is not row]
    if others:
        place = ranked.index(row) + 1
        best = others[0].figure(kind)
        assert best is not None
        if place == 1:
            told.append(
                tr(
                    "The most even of {ranked}: “{name}” comes next with {value_db:.1f} dB.",
                    ranked=len(ranked),
                    name=others[0].arrangement.name,
                    value_db=best.value_db,
                )
            )
        else:
            told.append(
                tr(
                    "Number {place} of {ranked}: “{name}” has {value_db:.1f} dB. "
                    "Choosing otherwise is yours; the Ledger keeps why.",
                    place=place,
                    ranked=len(ranked),
                    name=others[0].arrangement.name,
                    value_db=best.value_db,
                )
            )
    told += [f"{reason.text}." for reason in row.reasons]
    return tuple(told)


def _sure(document: Document, comparison: Comparison, row: Row, fit: Fit | None) -> tuple[str, ...]:
    count = sum(take.applies_to(row.arrangement) for take in document.takes)
    told = []
    if row.measured is not None:
        told.append(tr("Measured here: {count} takes apply as it stands.", count=count))
    else:
        told.append(
            tr(
                "Not measured here: a forecast of a lived-in room is right within "
                "some 2 to 4 dB, deep hollows by more (docs/accuracy.md)."
            )
        )
    told.append(f"{comparison.basis_words[0].upper()}{comparison.basis_words[1:]}.")
    if fit is not None:
        told.append(tr("The room was fitted to the takes."))
    if comparison.rivals:
        told.append(comparison.rivals)
    if row.head_worst_db is not None and row.forecast_evenness is not None:
        more = row.head_worst_db - row.forecast_evenness.value_db
        told.append(
            tr("Leaning within the head's reach costs at most {more:.1f} dB.", more=max(more, 0.1))
        )
    return tuple(told)


def _better(handed: Handover, units: UnitSystem) -> list[str]:
    """The move that is worth most, where the forecast says it gains more than it can err in telling
    them apart.
    """
    moves: dict[str, list[Finding]] = {}
    for one in handed.remains:
        remedy = one.finding.remedy
        if remedy is not None and remedy.gain_db >= WORTH_MOVING_DB:
            moves.setdefault(remedy.move.text(units), []).append(one.finding)
    if not moves:
        return []
    # One move at a time: after it everything is judged anew.
    what, against = max(moves.items(), key=lambda move: _gain(move[1]))
    best = against[0].remedy
    assert best is not None
    features = [
        tr("the {kind} at {hertz:.0f} Hz", kind=f.feature.kind, hertz=f.feature.frequency_hz)
        for f in against
    ]
    return [
        tr(
            "Move {what}: {before_db:.1f} → {after_db:.1f} dB from even (forecast), against "
            "{features}.",
            what=what,
            before_db=best.evenness_before_db,
            after_db=best.evenness_after_db,
            features=", ".join(features),
        )
    ]


def _gain(findings: list[Finding]) -> float:
    return max(f.remedy.gain_db for f in findings if f.remedy is not None)


def _to_do(
    better: list[str],
    still_open: list[CheckPoint],
    points: list[CheckPoint],
    handed: Handover,
) -> tuple[str, ...]:
    told = list(better)
    told += [f"{p.title}: {p.words} {p.costs}".strip() for p in still_open]
    unknown = [p.title.lower() for p in points if p.state == "unknown"]
    if unknown:
        told.append(tr("Not known yet: {unknown}.", unknown=", ".join(unknown)))
    yours = [p.title.lower() for p in points if p.state == "yours"]
    if yours:
        told.append(tr("Yours to tick: {yours}.", yours=", ".join(yours)))
    told += _for_treatment(handed)
    if not told:
        told.append(tr("Nothing that this program knows of."))
    return tuple(told)


def _for_treatment(handed: Handover) -> list[str]:
    left: list[Finding] = [
        r.finding for r in handed.remains if r.finding.feature.level_db <= DEEP_DB
    ]
    told = [
        tr(
            "No electronics fill {frequency_hz:.0f} Hz ({level_db:.0f} dB); "
            "another place or treatment may.",
            frequency_hz=f.feature.frequency_hz,
            level_db=f.feature.level_db,
        )
        for f in left[:2]
    ]
    if handed.exceeding:
        told.append(
            tr(
                "{exceeding} early reflections are louder than listening rooms "
                "should have: the hand-over list says where.",
                exceeding=handed.exceeding,
            )
        )
    return told
