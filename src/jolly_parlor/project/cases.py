"""Reference cases: rooms with known surfaces, sources and receivers, solved elsewhere.

Their absorption is normal-incidence, beta = (1 - R) / (1 + R) with R = sqrt(1 - alpha).
"""

import json
from dataclasses import dataclass
from pathlib import Path

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.field import BoxField
from jolly_parlor.acoustics.surfaces import admittance_from_normal_incidence
from jolly_parlor.refused import Refused


class CaseRefused(Refused):
    """A case that cannot be computed; the message says why."""


@dataclass(frozen=True, eq=False)
class CaseResult:
    """Pressure by source and receiver id over the case's frequencies."""

    frequencies_hz: FloatArray
    pressures: dict[tuple[str, str], ComplexArray]


def compute_case(path: Path) -> CaseResult:
    """The field model's answer to a case file. Raises CaseRefused with one sentence."""
    try:
        case = json.loads(path.read_text("utf-8"))
    except OSError as error:
        reason = (error.strerror or "unreadable").lower()
        raise CaseRefused(f"{path.name} could not be read: {reason}.") from None
    except ValueError:
        raise CaseRefused(f"{path.name} is not valid JSON.") from None
    try:
        if case["room"]["kind"] != "rectangular":
            raise CaseRefused(
                f"{path.name}: only rectangular rooms can be computed so far; "
                f"this one is “{case['room']['kind']}”."
            )
        f = np.asarray(case["frequencies"], dtype=float)
        alpha = np.asarray(case["surfaces"]["alpha_six"], dtype=float)
        beta = np.repeat(admittance_from_normal_incidence(alpha)[:, None], f.size, axis=1)
        field = BoxField(case["room"]["dimensions"], beta, f, float(case["speed_of_sound"]))
        pressures = {
            (s["id"], r["id"]): field.pressure(s["position"], r["position"])
            for s in case["sources"]
            for r in case["receivers"]
        }
    except CaseRefused:
        raise
    except (KeyError, TypeError, IndexError) as error:
        raise CaseRefused(f"{path.name} lacks or garbles the field {error}.") from None
    except (Refused, ValueError) as error:
        raise CaseRefused(f"{path.name}: {error}") from None
    return CaseResult(f, pressures)
