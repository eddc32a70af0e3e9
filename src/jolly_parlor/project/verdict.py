"""The verdict in plain words: what was chosen, why, how sure, what it would take to do better."""

from dataclasses import dataclass

from jolly_parlor.diagnosis.findings import Finding
from jolly_parlor.fitting.fit import Fit
from jolly_parlor.placement.arrangement import aim_words
from jolly_parlor.placement.settings.as_set import settings_lines
from jolly_parlor.project.checklist import CheckPoint, open_points
from jolly_parlor.project.comparison import DEEP_DB, Comparison, Row
from jolly_parlor.project.document import Document
from jolly_parlor.project.equalising import sections_set
from jolly_parlor.project.handover import Handover
from jolly_parlor.units import UnitSystem, format_length, with_minus

_WORTH_MOVING_DB = 0.5
"""A move that the forecast says gains less is within what it can tell (common practice)."""


@dataclass(frozen=True)
class Paragraph:
    """One part of it."""

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
        return f"{name}: good enough. Now treat the room"
    if not measured:
        return f"{name}: not measured yet, so not decided"
    if better:
        return f"{name}: a move is still worth more than treatment"
    count = len(still_open)
    return f"{name}: {count} point{'s' * (count != 1)} open before treating"


def _chosen(document: Document, row: Row, units: UnitSystem) -> tuple[str, ...]:
    a, room = row.arrangement, document.room
    seat = document.gear.seats[0].name
    ear = a.seats[seat]
    front = room.frame.front
    picked = "picked" if document.chosen == a.name else "not picked yet"
    told = [
        f"“{a.name}”, {picked}: {a.rule}",
        f"Monitors {format_length(a.left.y - front, units)} from the front wall, "
        f"{format_length(a.left.distance(a.right), units)} apart, aimed "
        f"{aim_words(a.aim_degrees)}.",
        f"Ear at {seat} {format_length(ear.y - front, units)} from the front wall.",
    ]
    lines = settings_lines(document.gear, a)
    told += [f"{who}: {words}." for who, words in lines if words != "flat, nothing set"]
    count = sections_set(a)
    if count:
        told.append(f"{count} equaliser sections are set, cuts only.")
    if a.grading is not None:
        told.append(f"By ear: {a.grading.text}")
    return tuple(told)


def _why(comparison: Comparison, row: Row) -> tuple[str, ...]:
    figure = row.figure(comparison.basis)
    if figure is None:
        return ("Nothing is known of how even it is.",)
    kind = comparison.basis
    told = [
        f"{figure.value_db:.1f} dB from even, {figure.low_hz:.0f} to {figure.high_hz:.0f} Hz, "
        f"{row.basis_of(kind)}; less is more even."
    ]
    ranked = [r for r in comparison.rows if r.figure(kind) is not None]
    others = [r for r in ranked if r is not row]
    if others:
        place = ranked.index(row) + 1
        best = others[0].figure(kind)
        assert best is not None
        if place == 1:
            told.append(
                f"The most even of {len(ranked)}: “{others[0].arrangement.name}” comes next with "
                f"{best.value_db:.1f} dB."
            )
        else:
            told.append(
                f"Number {place} of {len(ranked)}: “{others[0].arrangement.name}” has "
                f"{best.value_db:.1f} dB. Choosing otherwise is yours; the Ledger keeps why."
            )
    told += [f"{reason.text}." for reason in row.reasons]
    return tuple(told)


def _sure(document: Document, comparison: Comparison, row: Row, fit: Fit | None) -> tuple[str, ...]:
    count = sum(take.applies_to(row.arrangement) for take in document.takes)
    told = []
    if row.measured is not None:
        told.append(f"Measured here: {count} takes apply as it stands.")
    else:
        told.append(
            "Not measured here: a forecast of a lived-in room is right within some 2 to 4 dB, "
            "deep hollows by more (docs/accuracy.md)."
        )
    told.append(f"{comparison.basis_words[0].upper()}{comparison.basis_words[1:]}.")
    if fit is not None:
        told.append("The room was fitted to the takes.")
    if comparison.rivals:
        told.append(comparison.rivals)
    if row.head_worst_db is not None and row.forecast_evenness is not None:
        more = row.head_worst_db - row.forecast_evenness.value_db
        told.append(f"Leaning within the head's reach costs at most {max(more, 0.1):.1f} dB.")
    return tuple(told)


def _better(handed: Handover, units: UnitSystem) -> list[str]:
    """Moves that the forecast says gain more than it can err in telling them apart."""
    found = []
    for one in handed.remains:
        remedy = one.finding.remedy
        if remedy is not None and remedy.gain_db >= _WORTH_MOVING_DB:
            found.append(
                f"Move {remedy.move.text(units)}: {remedy.evenness_before_db:.1f} → "
                f"{remedy.evenness_after_db:.1f} dB from even (forecast), against the "
                f"{one.finding.feature.kind} at {one.finding.feature.frequency_hz:.0f} Hz."
            )
    return list(dict.fromkeys(found))


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
        told.append(f"Not known yet: {', '.join(unknown)}.")
    yours = [p.title.lower() for p in points if p.state == "yours"]
    if yours:
        told.append(f"Yours to tick: {', '.join(yours)}.")
    told += _for_treatment(handed)
    if not told:
        told.append("Nothing that this program knows of.")
    return tuple(told)


def _for_treatment(handed: Handover) -> list[str]:
    left: list[Finding] = [
        r.finding for r in handed.remains if r.finding.feature.level_db <= DEEP_DB
    ]
    told = [
        f"No electronics fill {f.feature.frequency_hz:.0f} Hz ({f.feature.level_db:.0f} dB); "
        "another place or treatment may."
        for f in left[:2]
    ]
    if handed.exceeding:
        told.append(
            f"{handed.exceeding} early reflections are louder than listening rooms should have: "
            "the hand-over list says where."
        )
    return told
