"""The Ledger read back: what stood where at each step, how even it was, what was graded, and how to
stand it up again.
"""

import csv
import io
from collections.abc import Sequence
from dataclasses import dataclass, replace

from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.acoustics.geometry.turned_room import turned_often
from jolly_parlor.analysis.measured import as_judged
from jolly_parlor.outputs import as_text
from jolly_parlor.placement.arrangement import Arrangement, same_turn, turned_arrangement
from jolly_parlor.placement.evenness import evenness
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.grading import (
    QUALITIES,
    Grading,
    Mark,
    Quality,
    better_and_worse,
    distrust,
    minutes_between,
    shown,
)
from jolly_parlor.placement.mixes import PAIR_MIXES, Mix, judged_band
from jolly_parlor.placement.standing import fit_problems
from jolly_parlor.placement.what_moved import what_moved
from jolly_parlor.project.document import Document
from jolly_parlor.project.edits import add_arrangement
from jolly_parlor.project.ledger import Entry
from jolly_parlor.project.renaming import NOTHING_RENAMED, Renames
from jolly_parlor.refused import Refused
from jolly_parlor.units import UnitSystem
from jolly_parlor.words import tr

_SAME_PLACE_METRES, _SAME_DEGREES = 0.006, 1.0
"""Two places nearer than this are one: half a step of a tape."""


@dataclass(frozen=True)
class Step:
    """One entry with what can be said of it today."""

    number: int
    """From 1, in the order of the Ledger."""
    entry: Entry
    stood: Arrangement | None
    """What stood where, in today's coordinates."""
    forecast_db: float | None = None
    measured_db: float | None = None

    @property
    def grading(self) -> Grading | None:
        """What was graded at this step; none where it is of something else."""
        return self.stood.grading if self.stood is not None and self._graded else None

    @property
    def _graded(self) -> bool:
        return self.entry.kind == "grade"

    @property
    def day_and_time(self) -> str:
        """`2026-11-26 08:15`."""
        return self.entry.when[:16].replace("T", " ")


def steps_of(document: Document, ledger: Sequence[Entry]) -> list[Step]:
    """Every entry, oldest first, without figures."""
    places = _seen_today(document.room, document.gear, ledger)
    return [Step(n, noted, places[n - 1]) for n, noted in enumerate(ledger, start=1)]


def judged_steps(
    document: Document,
    ledger: Sequence[Entry],
    seat: str,
    mix: Mix,
    forecaster: Forecaster | None = None,
) -> list[Step]:
    """The same with Evenness at a seat: forecast where what stood fits room and gear of today,
    measured where the entry is of a take of that mix at that seat.
    """
    model = forecaster or Forecaster(document.room, document.gear)
    known: dict[str, float | None] = {}
    found = []
    for step in steps_of(document, ledger):
        forecast = None
        if step.stood is not None:
            key = _places_key(step.stood)
            if key not in known:
                known[key] = _forecast_db(model, step.stood, seat, mix)
            forecast = known[key]
        measured = _measured_db(document, step.entry.take, seat, mix)
        found.append(replace(step, forecast_db=forecast, measured_db=measured))
    return found


def stood_before(steps: Sequence[Step], arrangement: Arrangement) -> str:
    """What is remembered of the very place: the newest step with grades, in a sentence; else the
    newest that is told apart from now by another step between. Empty where nothing is.
    """
    here = [s for s in steps if s.stood is not None and same_places(s.stood, arrangement)]
    graded = [step for step in here if step.grading is not None]
    if graded and graded[-1].grading is not arrangement.grading:
        step = graded[-1]
        grading = step.grading
        assert grading is not None
        return tr(
            "You have stood here before (step {number}): then {remembered}.",
            number=step.number,
            remembered=_remembered(grading),
        )
    last_elsewhere = max(
        (
            s.number
            for s in steps
            if s.stood is not None
            and s.stood.name == arrangement.name
            and not same_places(s.stood, arrangement)
        ),
        default=0,
    )
    earlier = [step for step in here if step.number < last_elsewhere]
    if earlier:
        step = earlier[-1]
        return tr(
            "You have stood here before (step {number}, {day_and_time}), ungraded.",
            number=step.number,
            day_and_time=step.day_and_time,
        )
    return ""


def _remembered(grading: Grading) -> str:
    told = [
        tr("{qualities} was {shown}", qualities=QUALITIES[q], shown=shown(grading.marks[q]))
        for q in QUALITIES
        if q in grading.marks
    ]
    if not told and grading.overall:
        told = [tr("all in all it was {shown}", shown=shown(grading.overall))]
    words = f"“{grading.words}”" if grading.words else ""
    return ", ".join(told) + (f"; {words}" if told and words else words)


def same_places(one: Arrangement, other: Arrangement) -> bool:
    """Whether everything stands, and is aimed, where it stood; settings are not looked at."""
    if {*one.places} != {*other.places} or {*one.seats} != {*other.seats}:
        return False
    if abs(one.aim_degrees - other.aim_degrees) > 0.25:
        return False
    if not all(same_turn(one, other, name, _SAME_DEGREES) for name in one.places):
        return False
    pairs = [(one.places[name], other.places[name]) for name in one.places]
    pairs += [(one.seats[name], other.seats[name]) for name in one.seats]
    return all(a.distance(b) <= _SAME_PLACE_METRES for a, b in pairs)


@dataclass(frozen=True)
class Against:
    """Two steps held against each other."""

    moves: tuple[str, ...]
    figures: tuple[str, ...]
    grades: tuple[str, ...]
    doubt: str
    """Why their grades can hardly be compared; empty if they can."""


def against(one: Step, other: Step, units: UnitSystem = "metric") -> Against:
    """What differs from one step to another."""
    moves: tuple[str, ...] = ()
    if one.stood is not None and other.stood is not None:
        moves = tuple(what_moved(one.stood, other.stood, units)) or (
            tr("nothing stands elsewhere"),
        )
    figures = []
    for what, a, b in (
        ("forecast", one.forecast_db, other.forecast_db),
        ("measured", one.measured_db, other.measured_db),
    ):
        if a is not None and b is not None:
            figures.append(tr("{what} {a:.1f} → {b:.1f} dB from even", what=what, a=a, b=b))
    first, second = one.grading, other.grading
    if first is None or second is None:
        return Against(moves, tuple(figures), (), "")
    up, down = better_and_worse(first.marks, second.marks)
    told = [
        f"{QUALITIES[q]} {shown(first.marks[q])} → {shown(second.marks[q])}" for q in (*up, *down)
    ]
    if first.marks and second.marks and not told:
        told = [tr("every quality alike")]
    elif first.value is not None and second.value is not None and not told:
        told = [f"{first.short} → {second.short}"]
    return Against(moves, tuple(figures), tuple(told), distrust(first, second))


def stand_up_again(
    document: Document, ledger: Sequence[Entry], number: int, within: Arrangement | None = None
) -> Document:
    """Add what stood at a step as an arrangement. What the gear lacks by now is left out; what it
    has since then stands as in `within`, else in the newest arrangement. Raises Refused.
    """
    if not 1 <= number <= len(ledger):
        raise Refused(
            tr(
                "There is no step {number}; the Ledger has {ledger}.",
                number=number,
                ledger=len(ledger),
            )
        )
    step = steps_of(document, ledger)[number - 1]
    if step.stood is None:
        raise Refused(
            tr("Step {number} is about no arrangement: nothing stood anywhere.", number=number)
        )
    base = within or (document.arrangements[-1] if document.arrangements else None)
    stood, left_out = _for_gear(document.gear, step.stood, base)
    rule = tr(
        "As it stood at step {number} of the Ledger, {day_and_time}.",
        number=number,
        day_and_time=step.day_and_time,
    )
    if left_out:
        rule += tr(
            " Without {left_out}, which the gear no longer has.", left_out=", ".join(left_out)
        )
    name = tr("{name}, step {number}", name=stood.name[:44], number=number)
    again = replace(stood, name=name, school="own", rule=rule, name_follows=True)
    return add_arrangement(document, again)


def _for_gear(
    gear: Gear, stood: Arrangement, base: Arrangement | None
) -> tuple[Arrangement, list[str]]:
    speakers = {speaker.id for speaker in gear.loudspeakers}
    seats = {seat.name for seat in gear.seats}
    gone = [f"“{name}”" for name in (*stood.places, *stood.seats) if name not in speakers | seats]
    places = {n: p for n, p in stood.places.items() if n in speakers}
    heads = {n: p for n, p in stood.seats.items() if n in seats}
    if base is not None:
        places = {n: p for n, p in base.places.items() if n in speakers} | places
        heads = {n: p for n, p in base.seats.items() if n in seats} | heads
    chains = {n: c for n, c in stood.chains.items() if n in speakers}
    return replace(stood, places=places, seats=heads, chains=chains), gone


def ledger_table(steps: Sequence[Step]) -> list[dict[str, object]]:
    """The Ledger as rows of plain values, for JSON and CSV."""
    return [_row(step) for step in steps]


def ledger_csv(steps: Sequence[Step]) -> str:
    """The Ledger as comma-separated text with a header; places in metres, x;y;z."""
    rows = ledger_table(steps)
    columns = list(_row(Step(0, Entry("", "note", ""), None)))
    out = io.StringIO()
    writer = csv.DictWriter(out, columns, lineterminator="\n")
    writer.writeheader()
    for row in rows:
        writer.writerow({key: _cell(value) for key, value in row.items()})
    return out.getvalue()


def _row(step: Step) -> dict[str, object]:
    noted, stood, grading = step.entry, step.stood, step.grading
    marks: dict[Quality, Mark] = {} if grading is None else grading.marks
    places = (
        {}
        if stood is None
        else {**stood.places, **{f"seat:{n}": p for n, p in stood.seats.items()}}
    )
    return {
        "step": step.number,
        "when": noted.when,
        "kind": noted.kind,
        "text": noted.text,
        "arrangement": stood.name if stood is not None else None,
        "take": noted.take or None,
        "forecast_db": _rounded(step.forecast_db),
        "measured_db": _rounded(step.measured_db),
        "grade": None if grading is None or grading.value is None else round(grading.value, 2),
        **{f"grade_{quality}": marks.get(quality) for quality in QUALITIES},
        "piece": grading.piece if grading is not None else None,
        "places": {
            name: [round(p.x, 4), round(p.y, 4), round(p.z, 4)] for name, p in places.items()
        },
    }


def _cell(value: object) -> object:
    if value is None:
        return ""
    if isinstance(value, dict):
        value = " ".join(f"{name}={';'.join(map(str, at))}" for name, at in value.items())
    return as_text(value) if isinstance(value, str) else value


def _rounded(value: float | None) -> float | None:
    return None if value is None else round(value, 3)


def _seen_today(room: Room, gear: Gear, ledger: Sequence[Entry]) -> list[Arrangement | None]:
    """What stood where at each entry, after all the turns of the survey since, under the names that
    everything has by now.
    """
    found: list[Arrangement | None] = []
    since, renamed = 0, NOTHING_RENAMED
    rooms = [turned_often(room, turns) for turns in range(4)]
    for noted in reversed(ledger):
        stood = noted.stood
        if stood is not None:
            for turn in range(since, 0, -1):  # the room as it was so many turns ago
                stood = turned_arrangement(rooms[(4 - turn) % 4], gear, stood)
            stood = renamed.arrangement(stood)
        found.append(stood)
        since = (since + noted.turned) % 4
        renamed = Renames.of(noted.renamed).then(renamed)
    return found[::-1]


def _places_key(a: Arrangement) -> str:
    at = {**a.places, **{f"seat:{n}": p for n, p in a.seats.items()}}
    return repr((sorted(at.items()), sorted(a.chains.items()), a.desk))


def _forecast_db(model: Forecaster, stood: Arrangement, seat: str, mix: Mix) -> float | None:
    if seat not in stood.seats or not set(mix.loudspeakers) <= set(stood.places):
        return None
    if fit_problems(model.setup(stood)):
        return None
    return evenness(model.deviation(model.case(stood, seat, mix))).value_db


def _measured_db(document: Document, take_id: str, seat: str, mix: Mix) -> float | None:
    take = next((t for t in document.takes if t.info.id == take_id), None) if take_id else None
    if take is None or not take.usable or mix.id not in PAIR_MIXES:
        return None
    if (take.info.source, take.info.seat, take.info.point) != (mix.id, seat, "centre"):
        return None
    judged = as_judged(take.response, judged_band(document.gear, mix, takes=True))
    return None if judged is None else evenness(judged).value_db


def gap_words(one: Step, other: Step) -> str:
    """How far apart two steps are in time."""
    minutes = minutes_between(one.entry.when, other.entry.when)
    if minutes is None:
        return ""
    return (
        tr("{minutes:.0f} minutes apart", minutes=minutes)
        if minutes < 120
        else tr("{minutes:.0f} hours apart", minutes=minutes / 60)
    )
