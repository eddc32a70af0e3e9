"""Takes of a document that differ from one another in one thing only, and what they explain."""

from jolly_parlor.analysis.measured import as_judged, measured_deviation, measured_response
from jolly_parlor.analysis.room_fit import as_fitted
from jolly_parlor.diagnosis.findings import Finding, findings_of_forecast, findings_of_take
from jolly_parlor.diagnosis.interventions import Anechoic
from jolly_parlor.diagnosis.moves import Experiment, experiments
from jolly_parlor.fitting.fit import Fit
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.evenness import Deviation, deviation
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.placement.mixes import PAIR_MIXES, Mix, judged_band, mix_of
from jolly_parlor.placement.upper_range import UpperCurve, UpperForecaster, upper_of_take
from jolly_parlor.project.document import Document
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr


def experiments_of(document: Document, case: Case) -> list[Experiment]:
    """Experiments that an arrangement's take at a seat is part of: against takes of other
    arrangements, and against takes of its own from before something was moved.
    """
    others = []
    for other in document.arrangements:
        if other.name != case.arrangement.name and case.seat in other.seats:
            measured = measured_deviation(document, case.having(other))
            if measured is not None:
                others.append((other, measured))
    others += _earlier(document, case)
    return experiments(case, others)


def explained(
    document: Document,
    take_id: str | None,
    arrangement: str | None,
    seat: str | None,
    mix: Mix,
    fit: Fit | None = None,
) -> tuple[list[Finding], str]:
    """Findings of a take, else of an arrangement's takes, else of its forecast; and what they are
    of, in words. Raises Refused with a sentence.
    """
    believed = document if fit is None else as_fitted(document, fit)
    if take_id is not None:
        take = next((t for t in document.takes if t.info.id == take_id), None)
        if take is None:
            raise Refused(tr("There is no take “{take_id}”.", take_id=take_id))
        if take.info.source not in PAIR_MIXES:
            raise Refused(
                tr(
                    "{take_id} is of {source} alone: explain a monitor's take.",
                    take_id=take_id,
                    source=take.info.source,
                )
            )
        mix = mix_of(document.gear, take.info.source)
        case = believed.case(take.info.placed, take.info.seat, mix)
        measured: Deviation | None = deviation(
            take.response, *judged_band(document.gear, mix, takes=True)
        )
        what = tr(
            "{file_name}: {words}, measured.",
            file_name=take.info.file_name,
            words=_words(case),
        )
    else:
        if not document.arrangements:
            raise Refused(tr("There is no arrangement yet: rough one in first."))
        placed = document.arrangement(
            arrangement or document.chosen or document.arrangements[0].name
        )
        place = seat or document.gear.seats[0].name
        document.gear.seat(place)
        case = believed.case(placed, place, mix)
        measured = measured_deviation(document, case)
        kind = "measured" if measured is not None else "forecast"
        what = tr("{words}, {kind}.", words=_words(case), kind=kind)
    model = Forecaster(believed.room, believed.gear)
    upper = UpperForecaster(believed.room, believed.gear)
    models = model, Anechoic(model), upper
    return findings_at(document, case, measured, *models), what


def _words(case: Case) -> str:
    return tr(
        "{id} at the {seat}, “{name}”",
        id=case.mix.id,
        seat=case.seat,
        name=case.arrangement.name,
    )


def findings_at(
    document: Document,
    case: Case,
    measured: Deviation | None,
    model: Forecaster,
    anechoic: Anechoic,
    upper: UpperForecaster,
) -> list[Finding]:
    """Findings of what was measured, with all that other takes tell; else of the forecast."""
    if measured is None:
        judged = model.deviation(case)
        curve = upper.curve(case, judged.reference_db)
        return findings_of_forecast(model, anechoic, case, document.wishes, curve)
    tried = experiments_of(document, case)
    above, floor_db = _beyond_and_floor(document, case, measured.reference_db)
    return findings_of_take(
        measured, model, case, document.wishes, tried, anechoic, above, floor_db
    )


def _beyond_and_floor(
    document: Document,
    case: Case,
    reference_db: float,
) -> tuple[UpperCurve | None, float]:
    """What the takes of a mix say from 300 to 700 Hz, and what their sweeps differ by."""
    response = measured_response(document, case)
    target = document.gear.judging.target
    upper = upper_of_take(response, reference_db, target) if response is not None else None
    arrangement, seat = case.arrangement, case.seat
    takes = [document.take_of(arrangement, s, seat) for s in (case.mix.id, *PAIR)]
    hows = [take.info.measured for take in takes if take is not None]
    return upper, max((how.repeat_db for how in hows if how is not None), default=0.0)


def _earlier(document: Document, case: Case) -> list[tuple[Arrangement, Deviation]]:
    """Single takes of the same arrangement that no longer apply."""
    arrangement, seat, mix = case.arrangement, case.seat, case.mix
    band = judged_band(document.gear, mix, takes=True)
    found = []
    for take in document.takes:
        same = take.info.placed.name == arrangement.name and take.info.seat == seat
        if not same or take.info.source != mix.id or take.applies_to(arrangement):
            continue
        judged = as_judged(take.response, band) if take.usable else None
        if judged is not None:
            found.append((take.info.placed, judged))
    return found
