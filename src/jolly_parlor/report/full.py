"""The full report of an arrangement: verdict, plan, elevations, settings, what remains, the
hand-over list, the check list, advice, cautions and how it came about.
"""

from collections.abc import Callable, Sequence
from dataclasses import dataclass
from datetime import date

from jolly_parlor.analysis.checklist import CheckPoint
from jolly_parlor.analysis.handover import NOT_MEASURED, Handover
from jolly_parlor.analysis.loudspeakers_alike import match_all
from jolly_parlor.analysis.signing_off import sign_off
from jolly_parlor.analysis.verdict import Verdict
from jolly_parlor.diagnosis.interventions import Anechoic
from jolly_parlor.fitting.fit import Fit
from jolly_parlor.placement.evenness import Deviation
from jolly_parlor.placement.fixing import Advice
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.layouts import side_words
from jolly_parlor.placement.matching import Match, match_words
from jolly_parlor.placement.reflections import EARLY_DB, EARLY_SECONDS, SMALL_ROOMS
from jolly_parlor.project.document import Document
from jolly_parlor.project.ledger import Entry
from jolly_parlor.report.blocks import Block, Bullets, Heading, Picture, Report, Rows, Words
from jolly_parlor.report.card import Card, build_card
from jolly_parlor.report.curve_drawing import curve_drawing
from jolly_parlor.report.elevation_drawing import SIDES, ScaledElevation
from jolly_parlor.report.plan_drawing import ScaledPlan
from jolly_parlor.units import UnitSystem, format_length, with_minus
from jolly_parlor.words import capital, spoken, tr

STATES = {
    "holds": "holds",
    "open": "open",
    "unknown": tr("not known"),
    "yours": tr("to tick"),
    "ticked": "ticked",
}


@dataclass(frozen=True, eq=False)
class Findings:
    """What a report says, before it is laid out."""

    card: Card
    verdict: Verdict
    handed: Handover
    points: tuple[CheckPoint, ...]
    advice: tuple[Advice, ...]
    matched: tuple[Match, ...]
    forecast: Deviation | None
    measured: Deviation | None
    units: UnitSystem


def gather(
    document: Document,
    name: str,
    ledger: Sequence[Entry] = (),
    fit: Fit | None = None,
    forecaster: Forecaster | None = None,
    units: UnitSystem = "metric",
    made_on: date | None = None,
    told: Callable[[float], object] = lambda share: None,
) -> Findings:
    """Work all of it out. told: hears the share that is done, and may raise to stop. Raises Refused
    for an arrangement that cannot stand.
    """
    model = forecaster or Forecaster(document.room, document.gear)
    anechoic = Anechoic(model)
    card = build_card(document, name, made_on, ledger, model, anechoic)
    told(0.3)
    signed = sign_off(
        document,
        name,
        model,
        anechoic,
        fit=fit,
        units=units,
        told=lambda share: told(0.3 + 0.6 * share),
    )
    told(0.9)
    others = bool(document.gear.others)
    return Findings(
        card,
        signed.verdict,
        signed.handed,
        signed.points,
        signed.advice,
        tuple(match_all(document, name, field=model.field)) if others else (),
        signed.row.forecast,
        signed.row.measured,
        units,
    )


def report_of(found: Findings) -> Report:
    card, room = found.card, found.card.document.room
    size = " × ".join(format_length(d, found.units) for d in room.dimensions)
    blocks: list[Block] = [
        Words(tr("Width × length × height: {size}", size=size)),
        Words(found.verdict.headline + ".", strong=True),
    ]
    for part in found.verdict.parts:
        blocks += [Heading(part.title), Bullets(part.sentences)]
    blocks += _drawn(found)
    blocks += _built(found)
    blocks += _curves(found)
    blocks += _handed(found)
    blocks += _matched(found)
    blocks += _listed(found)
    blocks += _ended(found)
    under = f"{room.name}, {card.made_on:%d %B %Y}"
    return Report(card.arrangement.name, under, tuple(blocks))


def _drawn(found: Findings) -> list[Block]:
    card, points = found.card, found.handed.points
    room, gear, a = card.document.room, card.document.gear, card.arrangement
    drawn: list[Block] = [
        Heading(tr("Plan and elevations")),
        Words(
            tr(
                "Crosses are first reflections, numbered as in the list below; "
                "ringed where they come too early and too loud."
            )
        ),
        Picture(
            tr("Plan"),
            lambda width, height: (
                ScaledPlan(room, gear, a, width, height, points, found.units).drawing
            ),
        ),
    ]
    for side in SIDES:
        drawn.append(
            Picture(
                tr("{side} side", side=capital(spoken(side))),
                lambda width, height, side=side: (  # type: ignore[misc]
                    ScaledElevation(room, gear, a, side, width, points, found.units).drawing
                ),
                0.3,
            )
        )
    return drawn


def _built(found: Findings) -> list[Block]:
    card = found.card
    tape, last = [], ""
    for d in card.distances:
        item = "" if d.item == last else d.item
        tape.append((item, d.what, format_length(d.metres, found.units)))
        last = d.item
    left, right = card.toe_in_degrees
    built: list[Block] = [
        Heading(tr("With the tape")),
        Words(tr("Monitors are measured at the acoustic centre on their front.")),
        Rows(("", "", "distance"), tuple(tape), (4, 7, 3)),
        Words(
            tr(
                "Turn the left monitor in by {left:.0f}° and the right by "
                "{right:.0f}°: aimed {aim}.",
                left=left,
                right=right,
                aim=card.aim,
            )
        ),
        Heading(tr("Set like this")),
        Rows(("loudspeaker", "setting"), card.settings, (3, 11)),
    ]
    sections = [
        (
            name,
            tr("{frequency_hz:g} Hz", frequency_hz=s.frequency_hz),
            with_minus(tr("{gain_db:+.1f} dB", gain_db=s.gain_db)),
            f"{s.q:g}",
        )
        for name, chain in card.arrangement.chains.items()
        for s in chain.sections
    ]
    if sections:
        built += [
            Heading(tr("Equaliser, cuts only")),
            Rows(("loudspeaker", "frequency", "gain", "Q"), tuple(sections), (4, 3, 3, 3)),
        ]
    return built


def _curves(found: Findings) -> list[Block]:
    filled = found.measured or found.forecast
    if filled is None:
        return []
    line = found.forecast if found.measured is not None else None
    words = (
        [tr("filled: measured"), tr("line: forecast")]
        if line is not None
        else [tr("filled: forecast")]
    )
    rows = []
    for f in found.card.figures:
        judged = f.forecast or f.measured
        band = (
            tr("{low_hz:.0f} to {high_hz:.0f} Hz", low_hz=judged.low_hz, high_hz=judged.high_hz)
            if judged
            else ""
        )
        cells = [f"{e.value_db:.1f}" if e else tr("no take") for e in (f.forecast, f.measured)]
        rows.append((f.combination, *cells, band))
    return [
        Heading(tr("How even")),
        Rows((tr("dB from even"), "forecast", "measured", "band"), tuple(rows), (5, 3, 3, 4)),
        Picture(
            tr("All that plays at the main seat"),
            lambda width, height: curve_drawing(filled, line, words, width, min(height, 170.0)),
            0.3,
        ),
    ]


def _handed(found: Findings) -> list[Block]:
    handed, room = found.handed, found.card.document.room
    remains = tuple(
        " ".join(part for part in (r.finding.headline, r.gathers_words) if part)
        for r in handed.remains
    )
    points = tuple(
        (
            f"{n}{' *' if p.exceeds else ''}",
            p.loudspeaker,
            p.surface,
            with_minus(tr("{level_db:.0f} dB", level_db=p.level_db)),
            tr("{delay_seconds:.1f} ms", delay_seconds=1000 * p.delay_seconds),
            p.tape(room, found.units),
        )
        for n, p in enumerate(handed.points, start=1)
    )
    behind = tuple(
        tr(
            "The line of {loudspeaker} through the head meets the {surface}.",
            loudspeaker=b.loudspeaker,
            surface=b.surface,
        )
        for b in handed.behind
    )
    told: list[Block] = [Heading(tr("For whoever treats the room"))]
    if not handed.measured:
        told.append(Words(NOT_MEASURED, strong=True))
    told += [
        Words(tr("What remains after placing, in order of harm:")),
        Bullets(remains or (tr("Nothing of 3 dB or more."),)),
        Words(
            tr(
                "First reflections at {seat}; those marked * come within "
                "{early_seconds:.0f} ms above {with_minus} dB of the direct sound, "
                "1 to 4 kHz, which listening rooms should avoid (ITU-R BS.1116-3, "
                "EBU Tech 3276; from memory).",
                seat=handed.seat,
                early_seconds=1000 * EARLY_SECONDS,
                with_minus=with_minus(f"{EARLY_DB:.0f}"),
            )
        ),
        Rows(("", "of", "off", "level", "delay", "where"), points, (1.2, 3, 4, 2, 2.2, 9)),
    ]
    if behind:
        told.append(Bullets(behind))
    told.append(Words(handed.decay_words))
    known = [d for d in handed.decays if d.seconds is not None]
    if known:
        cells = tuple(
            (
                tr("{midband_hz:.0f} Hz", midband_hz=d.midband_hz),
                tr("{seconds:.2f} s", seconds=d.seconds),
                d.kind,
            )
            for d in known
        )
        told.append(Rows((tr("third of an octave"), "decay", "from"), cells, (4, 3, 3)))
    told.append(Words(SMALL_ROOMS))
    return told


def _matched(found: Findings) -> list[Block]:
    if not found.matched:
        return []
    gear = found.card.document.gear
    rows = tuple(
        (
            m.loudspeaker,
            side_words(m.azimuth),
            f"{with_minus(f'{m.elevation:.0f}')}°",
            format_length(m.metres, found.units),
            " ".join(match_words(m, gear, found.units)),
        )
        for m in found.matched
    )
    head = ("loudspeaker", "from", "up", "distance", tr("to do"))
    return [Heading(tr("Around the seat")), Rows(head, rows, (3, 3, 1.5, 2.5, 10))]


def _listed(found: Findings) -> list[Block]:
    rows = tuple((STATES[p.state], p.title, f"{p.words} {p.costs}".strip()) for p in found.points)
    advice = tuple(
        f"{one.what}: {one.words}" + (f" {one.caution}" if one.caution else "")
        for one in found.advice
    )
    return [
        Heading(tr("Check list")),
        Rows(("", "", ""), rows, (2, 4.5, 11)),
        Heading(tr("Fixing and carrying")),
        Bullets(advice),
    ]


def _ended(found: Findings) -> list[Block]:
    card = found.card
    ended: list[Block] = [
        Heading(tr("What this report cannot promise")),
        Bullets(card.doubts),
        Heading(tr("Cautions")),
        Bullets(card.cautions),
    ]
    if card.by_ear:
        ended += [Heading(tr("By ear and by eye")), Bullets(card.by_ear)]
    if card.history:
        rows = tuple((str(s.number), s.day_and_time, s.entry.text) for s in card.history)
        ended += [
            Heading(tr("How it came about")),
            Rows(("step", "when", ""), rows, (1.4, 3.2, 13)),
        ]
    return ended
