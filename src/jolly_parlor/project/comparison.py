"""The comparison: the document's arrangements ranked by Evenness, with reasons in words.

Measured and forecast are never mixed silently: takes rank when every arrangement has one, else
forecasts rank all; in a room fitted to takes each row ranks by its take where it has one and by the
fitted forecast where it has none. The basis says so.
"""

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Literal

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray
from jolly_parlor.acoustics.fitted import FittedRoom
from jolly_parlor.acoustics.sources import high_pass
from jolly_parlor.diagnosis.causes import Anechoic, causes
from jolly_parlor.diagnosis.features import Feature
from jolly_parlor.diagnosis.findings import describe
from jolly_parlor.diagnosis.marks import marks
from jolly_parlor.fitting.fit import Fit
from jolly_parlor.fitting.rivals import first_beats, rivals_words
from jolly_parlor.placement.arrangement import Arrangement, fit_problems
from jolly_parlor.placement.evenness import (
    GRID_HZ,
    Deviation,
    Evenness,
    bass_reach_hz,
    deviation,
    evenness,
    mismatch_db,
)
from jolly_parlor.placement.forecast import (
    Combination,
    Forecast,
    Forecaster,
    combine,
    join_subs,
    lowest_corner_hz,
)
from jolly_parlor.project.document import Document
from jolly_parlor.signals.decay import decay_of_band
from jolly_parlor.signals.response import Response

Basis = Literal["measured", "forecast", "each"]
"""`each`: measured where there is a take, forecast where there is none."""
_DEEP_DB, _HIGH_DB, _LEAN_DB, _MATCH_DB = -9.0, 7.0, 1.0, 3.0
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

    def figure(self, basis: Basis) -> Evenness | None:
        """The figure that ranks on that basis."""
        if basis == "each":
            return self.measured_evenness or self.forecast_evenness
        return self.measured_evenness if basis == "measured" else self.forecast_evenness

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

    combination: Combination
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
            return "Nothing to compare yet"
        best = ranked[0]
        if len(ranked) == 1:
            return f"{best.arrangement.name} stands alone; add another to compare"
        first, second = best.figure(self.basis), ranked[1].figure(self.basis)
        assert first is not None and second is not None
        lead = second.value_db - first.value_db
        if lead < _TOO_CLOSE_DB:
            other = ranked[1].arrangement.name
            return f"{best.arrangement.name} and {other} cannot be told apart ({lead:.1f} dB)"
        count = {3: "three", 4: "four", 5: "five"}.get(len(ranked), str(len(ranked)))
        if len(ranked) == 2:
            return f"{best.arrangement.name} is the more even, by {lead:.1f} dB"
        return f"{best.arrangement.name} is the evenest of {count}, by {lead:.1f} dB"


def measured_response(
    document: Document, arrangement: Arrangement, seat: str, combination: Combination
) -> Response | None:
    """The takes that answer for a combination, summed as complex pressure where need be.

    Left, right and both are takes as they are (both also from left and right with phase). Both
    and sub needs phase in all its takes and applies the crossover to them.
    """
    if combination in ("left", "right"):
        take = document.take_of(arrangement, combination, seat)
        return take.response if take else None
    both = document.take_of(arrangement, "both", seat)
    if combination == "both" and both is not None:
        return both.response
    if both is not None and both.response.phase_deg is not None:
        parts = {"both": both.response}
    else:
        found = {s: document.take_of(arrangement, s, seat) for s in ("left", "right")}
        parts = {name: take.response for name, take in found.items() if take is not None}
        if len(parts) < 2:
            return None
    if combination == "both+sub":
        for sub in document.gear.subwoofers:
            take = document.take_of(arrangement, sub.name, seat)
            if take is None:
                return None
            parts[sub.name] = take.response
    return _summed(document, parts, combination)


def _summed(
    document: Document, parts: dict[str, Response], combination: Combination
) -> Response | None:
    if any(part.phase_deg is None for part in parts.values()):
        return None
    low = max(part.frequencies_hz[0] for part in parts.values())
    high = min(part.frequencies_hz[-1] for part in parts.values())
    finest = max(parts.values(), key=lambda part: part.frequencies_hz.size).frequencies_hz
    f = finest[(finest >= low) & (finest <= high)]
    if f.size < 2:
        return None
    pressure: dict[str, ComplexArray] = {name: part.pressure(f) for name, part in parts.items()}
    if "both" in pressure:
        total = join_subs(document.gear, f, pressure["both"], pressure)
    else:
        total = combine(document.gear, f, pressure, combination)
    return Response.from_pressure(f, total)


def measured_deviation(
    document: Document, arrangement: Arrangement, seat: str, combination: Combination
) -> Deviation | None:
    """The measured curve as distance from even; None without takes that cover the band."""
    response = measured_response(document, arrangement, seat, combination)
    low = lowest_corner_hz(document.gear, combination)
    if response is None or not response.covers(low, float(GRID_HZ[-1])):
        return None
    return deviation(response, low)


def compare(
    document: Document,
    seat: str,
    combination: Combination,
    forecaster: Forecaster | None = None,
    anechoic: Anechoic | None = None,
    basis: Basis | None = None,
    fit: Fit | None = None,
) -> Comparison:
    """Rank all arrangements. `basis` None takes measured when every arrangement is measured.

    Raises ValueError when a measured basis is asked for and one has no take.
    """
    document.gear.seat(seat)
    forecaster = forecaster or Forecaster(document.room, document.gear)
    anechoic = anechoic or Anechoic(forecaster)
    rows = [
        _row(document, a, seat, combination, forecaster, anechoic) for a in document.arrangements
    ]
    have = sum(row.measured is not None for row in rows)
    if basis == "measured" and have < len(rows):
        missing = [row.arrangement.name for row in rows if row.measured is None]
        raise ValueError(f"No take of this combination for: {', '.join(missing)}.")
    if basis is None:
        fitted = isinstance(document.room, FittedRoom)
        basis = "measured" if rows and have == len(rows) else "each" if fitted else "forecast"
    words = {
        "measured": "ranked by takes" + _kinds_of_takes(document, seat),
        "forecast": "ranked by forecast"
        + (f"; {have} of {len(rows)} have takes" if have else "; no takes yet"),
        "each": f"ranked by takes where there are any ({have} of {len(rows)}), by the forecast of "
        "the fitted room elsewhere",
    }[basis]

    def order(row: Row) -> float:
        figure = row.figure(basis)
        return figure.value_db if figure else float("inf")

    ranked = tuple(sorted(rows, key=order))
    return Comparison(combination, seat, basis, words, ranked, _rivals(document, ranked, seat, fit))


def _rivals(document: Document, ranked: Sequence[Row], seat: str, fit: Fit | None) -> str:
    """Whether the best can be told from the others in the fitted room."""
    standing = [row.arrangement for row in ranked if not row.problem]
    if fit is None or len(standing) < 2:
        return ""
    low = lowest_corner_hz(document.gear, "both")
    names = [f"“{a.name}”" for a in standing]
    return rivals_words(names, first_beats(fit, standing, seat, low))


def _kinds_of_takes(document: Document, seat: str) -> str:
    """What must be said of the takes before they are compared: simulated ones, unlike settings."""
    takes = [
        take
        for a in document.arrangements
        for source in document.source_names
        if (take := document.take_of(a, source, seat)) is not None
    ]
    hows = [take.info.measured for take in takes]
    words = ""
    if any(how is not None and how.simulated for how in hows):
        words += "; some are simulated"
    ways = {(how.settings, how.calibration, how.device) if how else None for how in hows}
    if len(ways) > 1:
        words += "; they were not all taken with the same level, sweep and calibration"
    return words


def _row(
    document: Document,
    arrangement: Arrangement,
    seat: str,
    combination: Combination,
    forecaster: Forecaster,
    anechoic: Anechoic,
) -> Row:
    measured = measured_deviation(document, arrangement, seat, combination)
    figure = evenness(measured) if measured else None
    # Whether it can stand is for the tape to say, not for a fit that makes the room a hair smaller.
    room = document.room
    surveyed = room.surveyed if isinstance(room, FittedRoom) and room.surveyed else room
    unfit = fit_problems(surveyed, document.gear, arrangement)
    if unfit:
        why = (Reason(False, unfit[0]),)
        return Row(arrangement, None, None, measured, figure, None, None, "", why, (), unfit[0])
    forecasts = forecaster.head(arrangement, seat)
    calculated = forecasts[0].deviation(combination)
    own = evenness(calculated)
    worst = max(evenness(f.deviation(combination)).value_db for f in forecasts)
    match = mismatch_db(forecasts[0].deviation("left"), forecasts[0].deviation("right"))
    judged = figure or own
    dip = Feature("hollow", judged.deepest_hz, judged.deepest_db, abs(judged.deepest_db))
    candidates = marks(document.room, document.gear, arrangement, seat, combination)
    ranked = causes(dip, calculated, candidates, anechoic, arrangement, seat, combination)
    cause = describe(ranked[0].mark) if ranked else "no single cause"
    reasons = _reasons(judged, cause, worst - own.value_db, match)
    facts = _facts(document, arrangement, seat, combination, forecasts[0], measured or calculated)
    return Row(arrangement, calculated, own, measured, figure, worst, match, cause, reasons, facts)


def _facts(
    document: Document,
    arrangement: Arrangement,
    seat: str,
    combination: Combination,
    forecast: Forecast,
    judged: Deviation,
) -> tuple[str, ...]:
    measured = measured_response(document, arrangement, seat, combination)
    response = measured or forecast.response(combination)
    facts = [f"bass to {bass_reach_hz(response, judged.reference_db):.0f} Hz"]
    over = room_over_direct_db(forecast, arrangement, seat, document.room.speed_of_sound)
    facts.append(f"room {over:+.0f} dB over direct")
    takes = [document.take_of(arrangement, source, seat) for source in ("both", "left", "right")]
    impulse = next((t.impulse for t in takes if t is not None and t.impulse is not None), None)
    if impulse is not None:
        decay = decay_of_band(impulse, 125.0, 44.0, 180.0)
        if decay.seconds is not None:
            facts.append(f"rings {decay.seconds:.1f} s, 44-180 Hz")
    return tuple(facts)


def room_over_direct_db(
    forecast: Forecast, arrangement: Arrangement, seat: str, speed_of_sound: float
) -> float:
    """By how much the room's sound at a seat exceeds the monitors' direct sound, 50 to 300 Hz: the
    mean power of each monitor's transfer less its direct part, against the direct part's power.
    """
    f = forecast.frequencies_hz
    band, monitor = f >= 50.0, forecast.gear.monitor
    box = high_pass(f, monitor.low_corner_hz, monitor.low_slope_db_per_octave // 6)
    shares = []
    for side in ("left", "right"):
        metres = arrangement.position(side).distance(arrangement.seats[seat])
        direct = np.exp(-2j * np.pi * f * metres / speed_of_sound) / metres
        rest = forecast.sources[side] - direct * box
        shares.append(np.mean(np.abs(rest[band]) ** 2) / np.mean(np.abs(direct * box)[band] ** 2))
    return float(10 * np.log10(max(float(np.mean(shares)), 1e-6)))


def difference(one: Row, other: Row, basis: Basis) -> Deviation:
    """How much louder one is than the other, each against its own mean, at GRID_HZ over what both
    cover. Raises ValueError where one has no curve.
    """
    a, b = one.curve(basis), other.curve(basis)
    if a is None or b is None:
        raise ValueError("One of the two has no curve.")
    low = max(a.frequencies_hz[0], b.frequencies_hz[0])
    high = min(a.frequencies_hz[-1], b.frequencies_hz[-1])
    f = GRID_HZ[(low - 1e-9 <= GRID_HZ) & (high + 1e-9 >= GRID_HZ)]
    gap = np.interp(f, a.frequencies_hz, a.deviation_db) - np.interp(
        f, b.frequencies_hz, b.deviation_db
    )
    return Deviation(f, gap, max(a.low_hz, b.low_hz), min(a.high_hz, b.high_hz), 0.0)


def _reasons(judged: Evenness, cause: str, lean_db: float, match_db: float) -> tuple[Reason, ...]:
    deep = judged.deepest_db <= _DEEP_DB
    if deep:
        first = f"Hollow at {judged.deepest_hz:.0f} Hz, {judged.deepest_db:.0f} dB: {cause}"
    else:
        first = f"No hollow deeper than {abs(judged.deepest_db):.0f} dB"
    high = judged.highest_db >= _HIGH_DB
    if high:
        second = f"Hill at {judged.highest_hz:.0f} Hz, {judged.highest_db:+.0f} dB"
    else:
        second = f"No hill above {judged.highest_db:.0f} dB"
    leans, unlike = lean_db > _LEAN_DB, match_db > _MATCH_DB
    third = "Leaning costs" if leans else "Leaning costs at most"
    third += f" {max(lean_db, 0.1):.1f} dB, forecast"
    fourth = "Left and right differ by" if unlike else "Left and right match within"
    fourth += f" {match_db:.1f} dB"
    return (
        Reason(not deep, first),
        Reason(not high, second),
        Reason(not leans, third),
        Reason(not unlike, fourth),
    )
