"""All that is to be said before signing off, worked out at once."""

from collections.abc import Callable
from dataclasses import dataclass

from jolly_parlor.analysis.checklist import CheckPoint, check_list
from jolly_parlor.analysis.comparison import Row, compare
from jolly_parlor.analysis.handover import Handover, handover
from jolly_parlor.analysis.measured import usual_mix
from jolly_parlor.analysis.verdict import Verdict, verdict
from jolly_parlor.diagnosis.interventions import Anechoic
from jolly_parlor.fitting.fit import Fit
from jolly_parlor.placement.fixing import Advice, fixing_advice
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.upper_range import UpperForecaster
from jolly_parlor.project.document import Document
from jolly_parlor.units import UnitSystem


@dataclass(frozen=True, eq=False)
class SignedOff:
    """Verdict, hand-over, check list and advice of one arrangement at the main seat."""

    verdict: Verdict
    handed: Handover
    points: tuple[CheckPoint, ...]
    advice: tuple[Advice, ...]
    row: Row
    """As it stands in the comparison of all that plays."""


def sign_off(
    document: Document,
    name: str,
    forecaster: Forecaster | None = None,
    anechoic: Anechoic | None = None,
    upper: UpperForecaster | None = None,
    believed: Document | None = None,
    fit: Fit | None = None,
    units: UnitSystem = "metric",
    told: Callable[[float], object] = lambda share: None,
) -> SignedOff:
    """believed: the document in the room as fitted, of which the forecasters then are; told: hears
    the share that is done, and may raise to stop. Raises Refused for an arrangement that cannot
    stand.
    """
    model = forecaster or Forecaster(document.room, document.gear)
    silence = anechoic or Anechoic(model)
    seat = document.gear.seats[0].name
    told(0.05)
    points = check_list(document, name, model)
    told(0.35)
    handed = handover(document, name, seat, model, silence, upper)
    told(0.7)
    mix = usual_mix(document)
    compared = compare(believed or document, seat, mix, model, silence, fit=fit)
    told(0.9)
    row = next(r for r in compared.rows if r.arrangement.name == name)
    said = verdict(document, name, compared, points, handed, fit, units)
    advice = fixing_advice(document.setup(document.arrangement(name)))
    return SignedOff(said, handed, tuple(points), tuple(advice), row)
