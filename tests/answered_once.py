"""The same question about the same room has the same answer: in a process it is worked out once.
For windows in the small field, most of which open the demo and are asked the same.
"""

from collections.abc import Callable
from typing import Any

import pytest

from jolly_parlor.analysis import experiments
from jolly_parlor.diagnosis import findings
from jolly_parlor.diagnosis.findings import Finding
from jolly_parlor.diagnosis.interventions import Anechoic
from jolly_parlor.placement import strips
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.strips import Strip
from jolly_parlor.placement.upper_range import UpperCurve

_FINDINGS, _STRIP = findings.findings_of_forecast, strips.strip
_KNOWN: dict[tuple[object, ...], Any] = {}


def answer_once(patch: pytest.MonkeyPatch) -> None:
    """For findings of a forecast, and strips of places."""
    for module in (findings, experiments):
        patch.setattr(module, "findings_of_forecast", _findings)
    patch.setattr(strips, "strip", _strip)


def _findings(
    forecaster: Forecaster,
    anechoic: Anechoic,
    case: Case,
    wishes: Wishes,
    upper: UpperCurve | None = None,
) -> list[Finding]:
    key = (*_about(forecaster), repr(case), wishes, upper is None)
    return list(once(key, lambda: _FINDINGS(forecaster, anechoic, case, wishes, upper)))


def _strip(forecaster: Forecaster, case: Case, *which: Any) -> Strip:
    key = (*_about(forecaster), repr(case), which)
    found: Strip = once(key, lambda: _STRIP(forecaster, case, *which))
    return found


def _about(forecaster: Forecaster) -> tuple[object, ...]:
    field = forecaster.field
    return type(field), field.frequencies_hz.tobytes(), repr(forecaster.room), repr(forecaster.gear)


def once(key: tuple[object, ...], work: Callable[[], Any]) -> Any:
    """What was worked out for that key, or is now."""
    if key not in _KNOWN:
        _KNOWN[key] = work()
    return _KNOWN[key]
