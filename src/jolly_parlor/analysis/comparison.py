"""The comparison: the document's arrangements ranked by Evenness, with reasons in words.

Measured and forecast are never mixed silently: takes rank when every arrangement has one, else
forecasts rank all; in a room fitted to takes each row ranks by its take where it has one and by the
fitted forecast where it has none. The basis says so.
"""

from collections.abc import Sequence
from dataclasses import dataclass, replace
from typing import Literal

import numpy as np

from jolly_parlor.acoustics.geometry.fitted_room import FittedRoom, surveyed_room
from jolly_parlor.analysis.measured import TakesAlike, kinds_of_takes, measured_response
from jolly_parlor.diagnosis.causes import causes
from jolly_parlor.diagnosis.features import Feature
from jolly_parlor.diagnosis.findings import shortly
from jolly_parlor.diagnosis.interventions import Anechoic
from jolly_parlor.diagnosis.marks import marks
from jolly_parlor.fitting.draws import Drawn, drawn_evenness
from jolly_parlor.fitting.fit import Fit
from jolly_parlor.placement.around_seat import off_its_angles
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.evenness import (
    Deviation,
    Evenness,
    bass_reach_hz,
    evenness,
    grid_between,
    mismatch_db,
)
from jolly_parlor.placement.forecast import Forecast, Forecaster
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.placement.judging import Judged
from jolly_parlor.placement.mixes import LEFT_ALONE, RIGHT_ALONE, Mix, judged_band
from jolly_parlor.placement.search.proposals import agreeing_words
from jolly_parlor.placement.setup import Setup
from jolly_parlor.placement.standing import fit_problems
from jolly_parlor.project.document import Document
from jolly_parlor.refused import Refused
from jolly_parlor.signals.decay import decay_of_band
from jolly_parlor.words import tr

Basis = Literal["measured", "forecast", "each"]
"""`each`: measured where there is a take, forecast where there is none."""
DEEP_DB, MATCH_DB = -9.0, 3.0
"""A hollow deeper than the first, sides further apart than the second speak against a place."""
_HIGH_DB, _LEAN_DB = 7.0, 1.0
_TOO_CLOSE_DB = 0.3
"""Differences below this are within what a centimetre of placement changes; common practice."""


@dataclass(frozen=True)
class Reason:
    """One reason for a rank, for (`good`) or against it."""

    good: bool
    text: str


@dataclass(frozen=True, eq=False)
class Row:
    """One arrangement in the comparison."""

    arrangement: Arrangement
    forecast: Deviation | None
    forecast_evenness: Evenness | None
    measured: Deviation | None
    measured_evenness: Evenness | None
    head_worst_db: float | None
    """Forecast Evenness at the worst point of the head volume."""
    left_right_db: float | None
    deepest_cause: str
    reasons: tuple[Reason, ...]
    facts: tuple[str, ...] = ()
    """Bass reach, how much of the sound is the room's, how long it rings where a take tells."""
    problem: str = ""
    """Why there is no forecast."""
    dearer_db: float = 0.0
    """In a fitted room: by how much more is expected over the rooms that fit the takes than this
    one says.
    """

    def figure(self, basis: Basis) -> Evenness | None:
        """The figure that ranks on that basis."""
        if basis == "each":
            return self.measured_evenness or self.forecast_evenness
        return self.measured_evenness if basis == "measured" else self.forecast_evenness

    def ranks_by(self, basis: Basis) -> float:
        """The figure, with its doubt where it is a forecast; infinite without one."""
        figure = self.figure(basis)
        if figure is None:
            return float("inf")
        return figure.value_db + (self.dearer_db if self.basis_of(basis) == "forecast" else 0.0)

    def basis_of(self, basis: Basis) -> Basis:
        """What this row itself ranks by."""
        if basis == "each":
            return "measured" if self.measured is not None else "forecast"
        return basis

    def curve(self, basis: Basis) -> Deviation | None:
        """The curve that is drawn on that basis."""
        return self.measured if self.basis_of(basis) == "measured" else self.forecast


@dataclass(frozen=True, eq=False)
class Comparison:
    """Rows, best first, on one basis."""

    mix: Mix
    seat: str
    basis: Basis
    basis_words: str
    rows: tuple[Row, ...]
    rivals: str = ""
    """In a fitted room: whether the best forecast can be told from the others."""

    @property
    def verdict(self) -> str:
        """The headline: which is best and by how much, or that two cannot be told apart."""
        ranked = [row for row in self.rows if row.figure(self.basis) is not None]
        if not ranked:
            return tr("Nothing to compare yet")
        best = ranked[0]
        if len(ranked) == 1:
            return tr("{name} stands alone; add another to compare", name=best.arrangement.name)
        lead = ranked[1].ranks_by(self.basis) - best.ranks_by(self.basis)
        if lead < _TOO_CLOSE_DB:
            other = ranked[1].arrangement.name
            return tr(
                "{name} and {other} cannot be told apart ({lead:.1f} dB)",
                name=best.arrangement.name,
                other=other,
                lead=lead,
            )
        count = {3: "three", 4: "four", 5: "five"}.get(len(ranked), str(len(ranked)))
        if len(ranked) == 2:
            return tr(
                "{name} is the more even, by {lead:.1f} dB", name=best.arrangement.name, lead=lead
            )
        return tr(
            "{name} is the evenest of {count}, by {lead:.1f} dB",
            name=best.arrangement.name,
            count=count,
            lead=lead,
        )


def compare(
    document: Document,
    seat: str,
    mix: Mix,
    forecaster: Forecaster | None = None,
    anechoic: Anechoic | None = None,
    basis: Basis | None = None,
    fit: Fit | None = None,
    only: str | None = None,
) -> Comparison:
    """Rank all arrangements. `basis` None takes measured when every arrangement is measured. only:
    work out the row of that arrangement alone, judged as beside the others.

    Raises Refused when a measured basis is asked for and one has no take.
    """
    document.gear.seat(seat)
    forecaster = forecaster or Forecaster(document.room, document.gear)
    anechoic = anechoic or Anechoic(forecaster)
    heard = [document.case(a, seat, mix) for a in document.arrangements]
    takes, judged = TakesAlike.of(document, heard), judged_band(document.gear, mix)
    curves = takes.curves(judged_band(document.gear, mix, takes=True))
    have = sum(curve is not None for curve in curves)
    if basis == "measured" and have < len(heard):
        pairs = zip(heard, curves, strict=True)
        missing = [one.arrangement.name for one, curve in pairs if curve is None]
        raise Refused(tr("No take of this mix for: {missing}.", missing=", ".join(missing)))
    if basis is None:
        fitted = isinstance(document.room, FittedRoom)
        basis = "measured" if heard and have == len(heard) else "each" if fitted else "forecast"
    if basis == "each":
        curves = takes.curves(judged)  # to stand beside forecasts
    rows = [
        _row(document, one, curve, forecaster, anechoic)
        for one, curve in zip(heard, curves, strict=True)
        if only in (None, one.arrangement.name)
    ]
    words = {
        "measured": tr(
            "ranked by takes{words}{kinds_of_takes}",
            words=takes.words,
            kinds_of_takes=kinds_of_takes(document, seat),
        ),
        "forecast": tr("ranked by forecast")
        + (
            tr("; {have} of {rows} have takes", have=have, rows=len(rows))
            if have
            else tr("; no takes yet")
        ),
        "each": tr(
            "ranked by takes where there are any ({have} of {rows}), by the "
            "forecast of the fitted room elsewhere",
            have=have,
            rows=len(rows),
        ),
    }[basis]

    rows, drawn = _with_doubt(rows, seat, mix, fit, judged)
    ranked = tuple(sorted(rows, key=lambda row: row.ranks_by(basis)))
    return Comparison(mix, seat, basis, words, ranked, _agreement(ranked, rows, drawn))


def _with_doubt(
    rows: list[Row], seat: str, mix: Mix, fit: Fit | None, judged: Judged
) -> tuple[list[Row], Drawn | None]:
    """Each with what the rooms that fit the takes expect of it."""
    standing = [row for row in rows if not row.problem]
    if fit is None or len(standing) < 2:
        return rows, None
    drawn = drawn_evenness(fit, [row.arrangement for row in standing], seat, mix, judged)
    more = {id(row): float(d) for row, d in zip(standing, drawn.dearer_db, strict=True)}
    rows = [replace(row, dearer_db=more.get(id(row), 0.0)) for row in rows]
    return rows, drawn


def _agreement(ranked: Sequence[Row], rows: Sequence[Row], drawn: Drawn | None) -> str:
    """How many of these rooms agree with the first."""
    if drawn is None:
        return ""
    standing = [row.arrangement.name for row in rows if not row.problem]
    first = next(row.arrangement.name for row in ranked if not row.problem)
    share = float(drawn.agreeing[standing.index(first)])
    return tr(
        "{agreeing_words} that “{first}” is best or as good below 200 Hz.",
        agreeing_words=agreeing_words(share),
        first=first,
    )


def _row(
    document: Document,
    case: Case,
    measured: Deviation | None,
    forecaster: Forecaster,
    anechoic: Anechoic,
) -> Row:
    arrangement, mix = case.arrangement, case.mix
    figure = evenness(measured) if measured else None
    # Whether it can stand is for the tape to say, not for a fit that makes the room a hair smaller.
    unfit = fit_problems(Setup(surveyed_room(document.room), document.gear, arrangement))
    if unfit:
        why = (Reason(False, unfit[0]),)
        return Row(arrangement, None, None, measured, figure, None, None, "", why, (), unfit[0])
    forecasts = forecaster.head(arrangement, case.seat)
    calculated = forecasts[0].deviation(mix)
    own = evenness(calculated)
    worst = max(evenness(f.deviation(mix)).value_db for f in forecasts)
    match = mismatch_db(forecasts[0].deviation(LEFT_ALONE), forecasts[0].deviation(RIGHT_ALONE))
    judged = figure or own
    dip = Feature("hollow", judged.deepest_hz, judged.deepest_db, abs(judged.deepest_db))
    candidates = marks(case)
    ranked = causes(dip, candidates, anechoic, case)
    cause = shortly(ranked[0].mark) if ranked else tr("no single cause")
    reasons = _reasons(judged, cause, worst - own.value_db, match)
    facts = _facts(document, case, forecasts[0], measured or calculated)
    return Row(arrangement, calculated, own, measured, figure, worst, match, cause, reasons, facts)


def _facts(
    document: Document,
    case: Case,
    forecast: Forecast,
    judged: Deviation,
) -> tuple[str, ...]:
    measured = measured_response(document, case)
    response = measured or forecast.response(case.mix)
    target = document.gear.judging.target
    facts = [
        tr(
            "bass to {bass_reach_hz:.0f} Hz",
            bass_reach_hz=bass_reach_hz(response, judged.reference_db, target),
        )
    ]
    arrangement, seat = case.arrangement, case.seat
    over = room_over_direct_db(forecast, case, document.room.speed_of_sound)
    facts.append(tr("room {over:+.0f} dB over direct", over=over))
    wanted = document.gear.layout.directions
    if wanted:
        ear = arrangement.seats[document.gear.seats[0].name]
        within = sum(off_its_angles(arrangement, one, ear) == (0.0, 0.0) for one in wanted)
        facts.append(
            tr(
                "{within} of {wanted} around the seat within their angles",
                within=within,
                wanted=len(wanted),
            )
        )
    takes = [document.take_of(arrangement, source, seat) for source in ("both", "left", "right")]
    impulse = next((t.impulse for t in takes if t is not None and t.impulse is not None), None)
    if impulse is not None:
        decay = decay_of_band(impulse, 125.0, 44.0, 180.0)
        if decay.seconds is not None:
            facts.append(tr("rings {seconds:.1f} s, 44-180 Hz", seconds=decay.seconds))
    return tuple(facts)


def room_over_direct_db(forecast: Forecast, case: Case, speed_of_sound: float) -> float:
    """By how much the room's sound at a seat exceeds the monitors' direct sound, 50 to 300 Hz: the
    mean power of each monitor's transfer less its direct part, against the direct part's power.
    """
    f = forecast.frequencies_hz
    band, monitor = f >= 50.0, forecast.gear.monitor
    box = monitor.low_end(f)
    shares = []
    for side in PAIR:
        metres = case.arrangement.places[side].distance(case.ear)
        direct = np.exp(-2j * np.pi * f * metres / speed_of_sound) / metres
        rest = forecast.sources[side] - direct * box
        shares.append(np.mean(np.abs(rest[band]) ** 2) / np.mean(np.abs(direct * box)[band] ** 2))
    return float(10 * np.log10(max(float(np.mean(shares)), 1e-6)))


def difference(one: Row, other: Row, basis: Basis) -> Deviation:
    """How much louder one is than the other, each against its own mean, at GRID_HZ over what both
    cover. Raises Refused where one has no curve.
    """
    a, b = one.curve(basis), other.curve(basis)
    if a is None or b is None:
        raise Refused(tr("One of the two has no curve."))
    low = max(a.frequencies_hz[0], b.frequencies_hz[0])
    high = min(a.frequencies_hz[-1], b.frequencies_hz[-1])
    f = grid_between(low, high)
    gap = np.interp(f, a.frequencies_hz, a.deviation_db) - np.interp(
        f, b.frequencies_hz, b.deviation_db
    )
    return Deviation(f, gap, max(a.low_hz, b.low_hz), min(a.high_hz, b.high_hz), 0.0)


def _reasons(judged: Evenness, cause: str, lean_db: float, match_db: float) -> tuple[Reason, ...]:
    deep = judged.deepest_db <= DEEP_DB
    if deep:
        first = tr(
            "Hollow at {deepest_hz:.0f} Hz, {deepest_db:.0f} dB: {cause}",
            deepest_hz=judged.deepest_hz,
            deepest_db=judged.deepest_db,
            cause=cause,
        )
    else:
        first = tr("No hollow deeper than {deepest_db:.0f} dB", deepest_db=abs(judged.deepest_db))
    high = judged.highest_db >= _HIGH_DB
    if high:
        second = tr(
            "Hill at {highest_hz:.0f} Hz, {highest_db:+.0f} dB",
            highest_hz=judged.highest_hz,
            highest_db=judged.highest_db,
        )
    else:
        second = tr("No hill above {highest_db:.0f} dB", highest_db=judged.highest_db)
    leans, unlike = lean_db > _LEAN_DB, match_db > MATCH_DB
    third = tr("Leaning costs") if leans else tr("Leaning costs at most")
    third += tr(" {lean_db:.1f} dB, forecast", lean_db=max(lean_db, 0.1))
    fourth = tr("Left and right differ by") if unlike else tr("Left and right match within")
    fourth += tr(" {match_db:.1f} dB", match_db=match_db)
    return (
        Reason(not deep, first),
        Reason(not high, second),
        Reason(not leans, third),
        Reason(not unlike, fourth),
    )
