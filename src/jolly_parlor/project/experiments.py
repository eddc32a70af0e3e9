"""Takes of a document that differ from one another in one thing only, and what they explain."""

from jolly_parlor.diagnosis.causes import Anechoic
from jolly_parlor.diagnosis.findings import Finding, findings_of_forecast, findings_of_take
from jolly_parlor.diagnosis.moves import Experiment, experiments
from jolly_parlor.fitting.fit import Fit
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.evenness import GRID_HZ, Deviation, deviation
from jolly_parlor.placement.forecast import (
    COMBINATIONS,
    Combination,
    Forecaster,
    lowest_corner_hz,
)
from jolly_parlor.placement.upper import UpperCurve, UpperForecaster, upper_of_take
from jolly_parlor.project.comparison import measured_deviation, measured_response
from jolly_parlor.project.document import Document
from jolly_parlor.project.learning import as_fitted


def experiments_of(
    document: Document, arrangement: Arrangement, seat: str, combination: Combination
) -> list[Experiment]:
    """Experiments that an arrangement's take at a seat is part of: against takes of other
    arrangements, and against takes of its own from before something was moved.
    """
    others = []
    for other in document.arrangements:
        if other.name != arrangement.name and seat in other.seats:
            measured = measured_deviation(document, other, seat, combination)
            if measured is not None:
                others.append((other, measured))
    others += _earlier(document, arrangement, seat, combination)
    return experiments(arrangement, seat, combination, others)


def explained(
    document: Document,
    take_id: str | None,
    arrangement: str | None,
    seat: str | None,
    combination: Combination,
    fit: Fit | None = None,
) -> tuple[list[Finding], str]:
    """Findings of a take, else of an arrangement's takes, else of its forecast; and what they are
    of, in words. Raises ValueError with a sentence.
    """
    if take_id is not None:
        take = next((t for t in document.takes if t.info.id == take_id), None)
        if take is None:
            raise ValueError(f"There is no take “{take_id}”.")
        if take.info.source not in COMBINATIONS:
            raise ValueError(f"{take_id} is of {take.info.source} alone: explain a monitor's take.")
        placed, place = take.info.placed, take.info.seat
        combination = take.info.source
        low = lowest_corner_hz(document.gear, combination)
        measured: Deviation | None = deviation(take.response, low)
        what = f"{take.info.file_name}: {combination} at the {place}, “{placed.name}”, measured."
    else:
        if not document.arrangements:
            raise ValueError("There is no arrangement yet: rough one in first.")
        placed = document.arrangement(
            arrangement or document.chosen or document.arrangements[0].name
        )
        place = seat or document.gear.seats[0].name
        document.gear.seat(place)
        measured = measured_deviation(document, placed, place, combination)
        kind = "measured" if measured is not None else "forecast"
        what = f"{combination} at the {place}, “{placed.name}”, {kind}."
    believed = document if fit is None else as_fitted(document, fit)
    model = Forecaster(believed.room, believed.gear)
    upper = UpperForecaster(believed.room, believed.gear)
    models = model, Anechoic(model), upper
    return findings_at(document, placed, place, combination, measured, *models), what


def findings_at(
    document: Document,
    arrangement: Arrangement,
    seat: str,
    combination: Combination,
    measured: Deviation | None,
    model: Forecaster,
    anechoic: Anechoic,
    upper: UpperForecaster,
) -> list[Finding]:
    """Findings of what was measured, with all that other takes tell; else of the forecast."""
    asked = arrangement, seat, combination
    if measured is None:
        judged = model.at_seat(arrangement, seat).deviation(combination)
        curve = upper.curve(*asked, judged.reference_db)
        return findings_of_forecast(model, anechoic, *asked, curve)
    tried = experiments_of(document, *asked)
    above, floor_db = _beyond_and_floor(document, *asked, measured.reference_db)
    return findings_of_take(measured, model, *asked, tried, anechoic, above, floor_db)


def _beyond_and_floor(
    document: Document,
    arrangement: Arrangement,
    seat: str,
    combination: Combination,
    reference_db: float,
) -> tuple[UpperCurve | None, float]:
    """What the takes of a combination say from 300 to 700 Hz, and what their sweeps differ by."""
    response = measured_response(document, arrangement, seat, combination)
    upper = upper_of_take(response, reference_db) if response is not None else None
    takes = [document.take_of(arrangement, s, seat) for s in (combination, "left", "right")]
    hows = [take.info.measured for take in takes if take is not None]
    return upper, max((how.repeat_db for how in hows if how is not None), default=0.0)


def _earlier(
    document: Document, arrangement: Arrangement, seat: str, combination: Combination
) -> list[tuple[Arrangement, Deviation]]:
    """Single takes of the same arrangement that no longer apply."""
    low = lowest_corner_hz(document.gear, combination)
    found = []
    for take in document.takes:
        same = take.info.placed.name == arrangement.name and take.info.seat == seat
        if not same or take.info.source != combination or take.applies_to(arrangement):
            continue
        if take.usable and take.response.covers(low, float(GRID_HZ[-1])):
            found.append((take.info.placed, deviation(take.response, low)))
    return found
