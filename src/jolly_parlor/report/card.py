"""What a placement card says, apart from how it looks."""

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import date

from jolly_parlor.acoustics.geometry.image_sources import first_cancellation_at_source_hz
from jolly_parlor.acoustics.materials.admittances import DOWNWARD_ASSUMPTION
from jolly_parlor.analysis.comparison import Row, compare
from jolly_parlor.analysis.ledger_steps import Step, steps_of
from jolly_parlor.by_ear.led_tests import TESTS
from jolly_parlor.by_ear.review import scored
from jolly_parlor.diagnosis.interventions import Anechoic
from jolly_parlor.placement.arrangement import Arrangement, aim_words
from jolly_parlor.placement.cautions import cautions, left_out
from jolly_parlor.placement.evenness import SMOOTHING_PER_OCTAVE, Evenness
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.placement.mixes import BOTH, mixes
from jolly_parlor.placement.radiating import all_heard_from
from jolly_parlor.placement.settings.as_set import settings_lines
from jolly_parlor.placement.setup import Setup
from jolly_parlor.placement.tape import Distance, tape_distances
from jolly_parlor.project.document import Document
from jolly_parlor.project.ledger import Entry
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr


@dataclass(frozen=True)
class Figure:
    """Evenness of one combination at the main seat."""

    combination: str
    forecast: Evenness | None
    measured: Evenness | None


@dataclass(frozen=True, eq=False)
class Card:
    """Everything on the card of one arrangement."""

    document: Document
    arrangement: Arrangement
    made_on: date
    distances: tuple[Distance, ...]
    settings: tuple[tuple[str, str], ...]
    """Loudspeakers, and how they are set."""
    figures: tuple[Figure, ...]
    dip: str
    toe_in_degrees: tuple[float, float]
    aim: str
    """What the pair is turned to, in words."""
    cautions: tuple[str, ...]
    doubts: tuple[str, ...]
    by_ear: tuple[str, ...]
    """What was graded and seen, a sentence each."""
    history: tuple[Step, ...]
    """The steps of the Ledger that are about it, oldest first."""


_STEPS_TOLD = 60


def build_card(
    document: Document,
    name: str,
    made_on: date | None = None,
    ledger: Sequence[Entry] = (),
    forecaster: Forecaster | None = None,
    anechoic: Anechoic | None = None,
) -> Card:
    """The card of an arrangement. Raises Refused when there is none of that name, or when it
    cannot stand as placed. ledger: where its history is taken from; forecaster, anechoic: of the
    document's room, where they are known.
    """
    arrangement = document.arrangement(name)
    seat = document.gear.seats[0].name
    forecaster = forecaster or Forecaster(document.room, document.gear)
    anechoic = anechoic or Anechoic(forecaster)
    rows: dict[str, Row] = {}
    for mix in mixes(document.gear):
        found = compare(document, seat, mix, forecaster, anechoic, only=name)
        rows[mix.id] = found.rows[0]
    both = rows[BOTH.id]
    if both.problem:
        raise Refused(
            tr("“{name}” cannot stand as placed: {problem}", name=name, problem=both.problem)
        )
    figures = tuple(
        Figure(mix.name, rows[mix.id].forecast_evenness, rows[mix.id].measured_evenness)
        for mix in mixes(document.gear)
    )
    left, right = (arrangement.toe_in_degrees(side, seat) for side in PAIR)
    return Card(
        document=document,
        arrangement=arrangement,
        made_on=made_on or date.today(),
        distances=tuple(tape_distances(document.setup(arrangement), document.by_ear.corner)),
        settings=tuple(settings_lines(document.gear, arrangement)),
        figures=figures,
        dip=_dip_words(both),
        toe_in_degrees=(left, right),
        aim=aim_words(arrangement.aim_degrees),
        cautions=tuple(cautions(document.setup(arrangement))),
        doubts=_doubts(document, arrangement, both),
        by_ear=_by_ear(document, arrangement),
        history=_history(document, name, ledger),
    )


def _by_ear(document: Document, arrangement: Arrangement) -> tuple[str, ...]:
    told = []
    if arrangement.grading is not None:
        given = arrangement.grading.text
        told.append(f"{given[0].upper()}{given[1:]}")
    told += [
        f"{TESTS[test.test][0]}: {test.verdict}"
        for test in document.by_ear.tests
        if test.arrangement == arrangement.name
    ]
    found = scored(document.by_ear.review)
    if found.answered or found.faults:
        told.append(tr("The room by eye: {words}", words=found.words))
        told += [fault.words for fault in found.faults]
    return tuple(told)


def _history(document: Document, name: str, ledger: Sequence[Entry]) -> tuple[Step, ...]:
    steps = [
        step
        for step in steps_of(document, ledger)
        if step.stood is not None and step.stood.name == name
    ]
    return tuple(steps[-_STEPS_TOLD:])


def _dip_words(row: Row) -> str:
    judged = row.measured_evenness or row.forecast_evenness
    if judged is None:
        return tr("Nothing is known of its dips: there is neither forecast nor take.")
    kind = "measured" if row.measured_evenness else "forecast"
    return tr(
        "Deepest dip, both monitors, {kind}: {deepest_hz:.0f} Hz, "
        "{deepest_db:.0f} dB. Likely cause: {deepest_cause}.",
        kind=kind,
        deepest_hz=judged.deepest_hz,
        deepest_db=judged.deepest_db,
        deepest_cause=row.deepest_cause,
    )


def _doubts(document: Document, arrangement: Arrangement, both: Row) -> tuple[str, ...]:
    room, front = document.room, document.room.frame.front
    wall = (arrangement.left.y + arrangement.right.y) / 2 - front
    heard = [
        p.y - front for p in all_heard_from(Setup(room, document.gear, arrangement), PAIR).values()
    ]
    from_ = sum(heard) / len(heard)
    first = first_cancellation_at_source_hz(from_, room.speed_of_sound)
    found = [
        tr(
            "The front wall, {wall:.2f} m to the monitors' faces, heard from {heard:.2f} m, "
            "first cancels near {first:.0f} Hz (c / 4d).",
            wall=wall,
            heard=from_,
            first=first,
        ),
        tr(
            "The forecast holds for 20 to 300 Hz and leaves {left_out} out.",
            left_out=left_out(document.room),
        ),
        DOWNWARD_ASSUMPTION,
        tr(
            "Figures are smoothed over 1/{smoothing_per_octave} octave; lower is more even.",
            smoothing_per_octave=SMOOTHING_PER_OCTAVE,
        ),
    ]
    if both.measured is None:
        found.insert(
            0, tr("No take of both monitors at this place yet: measure before you decide.")
        )
    stale = document.stale_takes(arrangement)
    if stale:
        found.insert(
            0,
            tr("{stale} older takes were made at other places and are not used.", stale=len(stale)),
        )
    return tuple(found)
