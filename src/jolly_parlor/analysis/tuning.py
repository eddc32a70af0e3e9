"""The settings of an arrangement of a document: found, explained, set."""

from collections.abc import Mapping
from dataclasses import dataclass, replace

from jolly_parlor.acoustics.arrays import ComplexArray
from jolly_parlor.acoustics.fields.field_of_room import RoomField, room_field
from jolly_parlor.analysis.comparison import Comparison, Row, compare
from jolly_parlor.analysis.measured_parts import (
    NoCommonTime,
    impulses_at,
    level_words,
    measured_heard,
)
from jolly_parlor.analysis.room_fit import as_fitted
from jolly_parlor.diagnosis.interventions import Anechoic
from jolly_parlor.fitting.fit import Fit
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.chains import Chain
from jolly_parlor.placement.evenness import evenness
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.mixes import Mix, with_subwoofers
from jolly_parlor.placement.radiating import all_heard_from
from jolly_parlor.placement.settings.alignment import agreement_words, alignments
from jolly_parlor.placement.settings.goal import Goal
from jolly_parlor.placement.settings.handing_over import gain_words, impossible_words
from jolly_parlor.placement.settings.headroom import (
    REFERENCE_DB_SPL,
    Headroom,
    headroom,
    headroom_words,
)
from jolly_parlor.placement.settings.heard import Heard, forecast_heard
from jolly_parlor.placement.settings.knobs import panel_of
from jolly_parlor.placement.settings.reverberation import (
    DECAY_HZ,
    BandDecay,
    decay_change,
    decay_words,
)
from jolly_parlor.placement.settings.shares import seat_variance_db2
from jolly_parlor.placement.settings.solver import Solution, solve
from jolly_parlor.placement.settings.worth import Worth, limits_words, worths
from jolly_parlor.placement.setup import Setup
from jolly_parlor.placement.standing import fit_problems, must_stand
from jolly_parlor.project.checked_edit import done
from jolly_parlor.project.document import Document
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

NOTHING_TO_TURN = tr(
    "Nothing can be set: the models of what plays have no controls. "
    "Say in Gear what their knobs and switches do."
)


@dataclass(frozen=True, eq=False)
class Tuned:
    """The best settings of one arrangement, and what is to be said of them."""

    arrangement: Arrangement
    """As it was."""
    source: str
    """`forecast`, `fitted` or `measured`."""
    seats: tuple[str, ...]
    solution: Solution
    before_db: Mapping[str, float]
    """Evenness of all that plays at each seat's ear centre."""
    after_db: Mapping[str, float]
    worths: tuple[Worth, ...]
    headroom: tuple[Headroom, ...]
    decay: tuple[BandDecay, ...]
    """Before and after, at the main seat's ear."""
    notes: tuple[str, ...]
    """What was refused and why, what is doubtful, which gives out first."""

    @property
    def tuned(self) -> Arrangement:
        """The arrangement with the settings found."""
        chains = {**self.arrangement.chains, **self.solution.chains}
        return replace(self.arrangement, chains=chains)


def tune(
    document: Document,
    name: str,
    every_seat: bool = False,
    fit: Fit | None = None,
    measured: bool = False,
    reference_db_spl: float = REFERENCE_DB_SPL,
    field: RoomField | None = None,
) -> Tuned:
    """Find settings by forecast, in the fitted room, or from takes. field: of the room that is
    forecast in, where it is known. Raises Refused in a sentence.
    """
    arrangement = document.arrangement(name)
    believed = document if fit is None else as_fitted(document, fit)
    gear = believed.gear
    must_stand(Setup(believed.room, gear, arrangement))
    mix = with_subwoofers(gear)
    if not panel_of(gear, mix):
        raise Refused(NOTHING_TO_TURN)
    forecaster = Forecaster(believed.room, gear, field)
    seats = _seats(believed, every_seat)
    notes: list[str] = []
    forecast = forecast_heard(forecaster.coarse(), arrangement, mix, seats)
    heard: Heard = forecast
    if measured:
        try:
            heard, notes = measured_heard(document, arrangement, mix, seats, forecaster)
        except NoCommonTime as error:
            said = level_words(document, arrangement, mix, next(iter(seats)))
            raise Refused(" ".join([str(error), *said])) from None
    main = next(iter(seats))
    ringing: Mapping[str, ComplexArray] = {}
    if measured:
        ringing = impulses_at(document, arrangement, mix, main)
    if not ringing:
        deep = Forecaster(believed.room, gear, room_field(believed.room, DECAY_HZ))
        ringing = deep.at_seat(arrangement, main).sources
    return _tuned(
        document, arrangement, heard, forecast, ringing, notes, reference_db_spl, fit, measured
    )


def set_chains(document: Document, name: str, chains: Mapping[str, Chain], why: str) -> Document:
    """Set loudspeakers of one arrangement, with a note that says why."""

    def set_in(a: Arrangement) -> Arrangement:
        return replace(a, chains={**a.chains, **chains}) if a.name == name else a

    changed = replace(document, arrangements=tuple(set_in(a) for a in document.arrangements))
    return done(document, changed, "setting", f"“{name}”: {why}", changed.arrangement(name))


def applied(document: Document, tuned: Tuned) -> Document:
    """The document with the settings found."""
    found, seat = tuned.solution, tuned.seats[0]
    changes = "; ".join(f"{w.title} {w.before} → {w.after}" for w in tuned.worths)
    why = tr(
        "{before_db:.1f} → {after_db:.1f} dB from even. {changes}.",
        before_db=tuned.before_db[seat],
        after_db=tuned.after_db[seat],
        changes=changes or tr("No change"),
    )
    return set_chains(document, tuned.arrangement.name, found.chains, why)


def at_best(document: Document, forecaster: Forecaster) -> Document:
    """Every arrangement that can stand at the settings that serve it best; for calculating."""
    mix, seats = with_subwoofers(forecaster.gear), _seats(document, False)
    if not panel_of(forecaster.gear, mix):
        raise Refused(NOTHING_TO_TURN)

    def settled(a: Arrangement) -> Arrangement:
        if fit_problems(document.setup(a)):
            return a
        heard = forecast_heard(forecaster.coarse(), a, mix, seats)
        found = solve(heard, a.chains, document.wishes.deep)
        return replace(a, chains={**a.chains, **found.chains})

    return replace(document, arrangements=tuple(settled(a) for a in document.arrangements))


def compare_at_best(
    document: Document,
    seat: str,
    mix: Mix,
    forecaster: Forecaster | None = None,
    anechoic: Anechoic | None = None,
    fit: Fit | None = None,
) -> Comparison:
    """As `compare`, each arrangement at its best settings; a fact of each row says what it has as
    it is set.
    """
    forecaster = forecaster or Forecaster(document.room, document.gear)
    best = at_best(document, forecaster)
    found = compare(best, seat, mix, forecaster, anechoic, fit=fit)
    set_now = {a.name: a for a in document.arrangements}

    def told(row: Row) -> Row:
        if row.forecast is None:
            return row
        now = evenness(
            forecaster.deviation(forecaster.case(set_now[row.arrangement.name], seat, mix))
        )
        return replace(
            row,
            facts=(
                *row.facts,
                tr("best settings; as set {value_db:.1f} dB, forecast", value_db=now.value_db),
            ),
        )

    rows = tuple(told(row) for row in found.rows)
    return replace(
        found,
        rows=rows,
        basis_words=tr("{basis_words}, each at its best settings", basis_words=found.basis_words),
    )


TRADED_WEIGHTS = (0.0, 0.15, 0.4, 1.0, 2.5)
"""How much the other seats together count against the main one."""


@dataclass(frozen=True, eq=False)
class SeatTrade:
    """One point of what seats can trade: settings, and Evenness at each seat's ear with them."""

    weight: float | None
    """How much the others together count against the main one; None: as it is set."""
    chains: Mapping[str, Chain]
    by_seat_db: Mapping[str, float]
    spread_db: float
    """How unlike the seats hear it: root of the variance of level over them, over frequency."""


def seat_trades(document: Document, name: str, field: RoomField | None = None) -> list[SeatTrade]:
    """As it is set; then what the main seat gives up for the others, from nothing to much: points
    that are bettered at every seat by another are left out. Raises Refused with one seat, or
    nothing to set.
    """
    arrangement = document.arrangement(name)
    others = document.gear.seats[1:]
    if not others:
        raise Refused(tr("There is one seat: nothing to trade. Add another in Gear."))
    mix = with_subwoofers(document.gear)
    if not panel_of(document.gear, mix):
        raise Refused(NOTHING_TO_TURN)
    must_stand(document.setup(arrangement))
    forecaster = Forecaster(document.room, document.gear, field).coarse()
    every = forecast_heard(forecaster, arrangement, mix, document.gear.counting_seats(1.0))
    judge = Goal(every)
    found: list[SeatTrade] = []

    def traded(weight: float | None, chains: Mapping[str, Chain]) -> SeatTrade:
        levels = [judge.levels_db(chains, seat) for seat in every.centres]
        return SeatTrade(weight, chains, judge.seat_db(chains), seat_variance_db2(levels) ** 0.5)

    for weight in TRADED_WEIGHTS:
        counts = document.gear.counting_seats(weight / len(others))
        heard = forecast_heard(forecaster, arrangement, mix, counts)
        chains = solve(heard, arrangement.chains, document.wishes.deep).chains
        found.append(traded(weight, chains))
    kept = [
        one
        for n, one in enumerate(found)
        if not any(_betters(other, one) for other in found)
        and not any(_alike(other, one) for other in found[:n])
    ]
    present = {name: arrangement.chain(name) for name in mix.loudspeakers}
    return [traded(None, present), *kept]


_TELLING_DB = 0.05


def _betters(one: SeatTrade, other: SeatTrade) -> bool:
    """Whether one is as good at every seat and better at some by what can be told."""
    gains = [other.by_seat_db[seat] - figure for seat, figure in one.by_seat_db.items()]
    return min(gains) >= 0 and max(gains) > _TELLING_DB


def _alike(one: SeatTrade, other: SeatTrade) -> bool:
    """Whether nobody could tell the two at any seat."""
    gaps = [other.by_seat_db[seat] - figure for seat, figure in one.by_seat_db.items()]
    return max(abs(gap) for gap in gaps) <= _TELLING_DB


def _tuned(
    document: Document,
    arrangement: Arrangement,
    heard: Heard,
    forecast: Heard,
    ringing: Mapping[str, ComplexArray],
    notes: list[str],
    reference: float,
    fit: Fit | None,
    measured: bool,
) -> Tuned:
    deep = document.wishes.deep
    solution = solve(heard, arrangement.chains, deep, reference)
    goal = Goal(heard, deep)
    present = arrangement.chains
    # How loud a take is hangs on the microphone; how loud the room makes a loudspeaker does not.
    left = headroom(forecast, Goal(forecast), solution.chains, reference)
    settled = replace(arrangement, chains={**present, **solution.chains})
    room, seat = document.room, next(iter(heard.centres))
    from_ = all_heard_from(Setup(room, document.gear, settled))
    found = alignments(heard, from_, settled, seat, room.speed_of_sound)
    nulls = [one.null for one in found]
    agreed = [agreement_words(null, solution.chains) for null in nulls]
    decay = decay_change(heard.mix, ringing, present, settled.chains)
    told = (
        *filter(None, [impossible_words(document.gear, present)]),
        *limits_words(goal, solution),
        *filter(None, [gain_words(heard, solution, deep)]),
        *filter(None, agreed),
        *notes,
        headroom_words(left, reference),
        decay_words(decay),
    )
    return Tuned(
        arrangement,
        "measured" if measured else "forecast" if fit is None else "fitted",
        tuple(heard.centres),
        solution,
        goal.seat_db(present),
        goal.seat_db(solution.chains),
        tuple(worths(goal, present, solution)),
        tuple(left),
        tuple(decay),
        told,
    )


def _seats(document: Document, every: bool) -> dict[str, float]:
    """Seats that count: every one alike, or as wished."""
    return document.gear.counting_seats(1.0 if every else document.wishes.other_seats)


def has_controls(gear: Gear) -> bool:
    """Whether anything of what plays can be set."""
    return bool(panel_of(gear, with_subwoofers(gear)))
