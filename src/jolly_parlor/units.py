"""Lengths as people write them, and both unit systems on screen and paper."""

import math
import re
from fractions import Fraction
from typing import Literal

from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

UnitSystem = Literal["metric", "imperial"]

METRES_PER_INCH = 0.0254
_NUMBER = r"(\d+(?:[.,]\d*)?|[.,]\d+)"
_METRIC = re.compile(rf"^([+-]?){_NUMBER}\s*(m|cm|mm)?$", re.IGNORECASE)
_INCHES = rf"(?:{_NUMBER}|(?:(\d+)\s+)?(\d+)\s*/\s*(\d+))"
_FEET_INCHES = re.compile(
    rf"^(?:{_NUMBER}\s*(?:'|′|ft))?\s*-?\s*(?:{_INCHES}\s*(?:\"|″|''|in)?)?$", re.IGNORECASE
)
_HYPHEN_FOR_MINUS = re.compile(r"(?<![\w.])-(?=\d)")
_PER_UNIT = {"m": 1.0, "cm": 0.01, "mm": 0.001}


class LengthError(Refused):
    """A text that is not a length; the message says what would be."""


def parse_length(text: str, bare: float = 1.0) -> float:
    """Metres from text such as `3.42`, `3,42 m`, `342 cm`, `11' 2 1/2"`, `30 in`.

    A number without a unit is multiplied by `bare` metres. Raises LengthError.
    """
    cleaned = text.strip()
    metric = _METRIC.match(cleaned)
    if metric:
        sign = -1.0 if metric.group(1) == "-" else 1.0
        factor = _PER_UNIT[metric.group(3).lower()] if metric.group(3) else bare
        return sign * _to_float(metric.group(2)) * factor
    match = _FEET_INCHES.match(cleaned) if cleaned else None
    has_mark = any(mark in cleaned.lower() for mark in ("'", "′", '"', "″", "ft", "in"))
    if not match or not has_mark:
        raise LengthError(
            tr("“{what}” is not a length; write 3.42, 342 cm or 11' 2 1/2\".", what=text)
        )
    feet, inches, whole, numerator, denominator = match.groups()
    total = 12.0 * _to_float(feet) if feet else 0.0
    total += _to_float(inches) if inches else 0.0
    total += float(whole) if whole else 0.0
    if numerator:
        if int(denominator) == 0:
            raise LengthError(tr("“{what}” divides by zero; write the inches again.", what=text))
        total += int(numerator) / int(denominator)
    return total * METRES_PER_INCH


def format_length(metres: float, system: UnitSystem = "metric") -> str:
    """`1.37 m` or `4' 6"`, to the centimetre or the quarter inch."""
    return (
        feet_inches(metres)
        if system == "imperial"
        else tr("{metres:.2f} m", metres=metres if abs(metres) >= 0.005 else 0.0)
    )


def format_exact(metres: float, system: UnitSystem = "metric") -> str:
    """A tape reading to set: `62.4 cm` to the millimetre, or feet and inches to the sixteenth."""
    if system == "metric":
        return tr("{metres:.1f} cm", metres=100 * metres)
    feet, rest = divmod(round(abs(metres) / METRES_PER_INCH * 16), 12 * 16)
    sign = "-" if metres < 0 and (feet or rest) else ""
    inches = format_small(rest * METRES_PER_INCH / 16, "imperial").replace(" in", '"')
    return f"{sign}{feet}' {inches}" if feet else f"{sign}{inches}"


def format_small(metres: float, system: UnitSystem = "metric") -> str:
    """A step as it is set by hand: `2.5 cm` to the millimetre, or inches to the sixteenth."""
    if system == "metric":
        return f"{100 * metres:.1f}".removesuffix(".0") + " cm"
    sixteenths = round(abs(metres) / METRES_PER_INCH * 16)
    whole, rest = divmod(sixteenths, 16)
    sign = "-" if metres < 0 and sixteenths else ""
    if not rest:
        return tr("{sign}{whole} in", sign=sign, whole=whole)
    part = Fraction(rest, 16)
    return tr(
        "{sign}{whole}{numerator}/{denominator} in",
        sign=sign,
        whole=f"{whole} " if whole else "",
        numerator=part.numerator,
        denominator=part.denominator,
    )


def feet_inches(metres: float) -> str:
    """Feet and inches to the nearest quarter inch, `4' 6 1/4"`."""
    quarters = round(abs(metres) / METRES_PER_INCH * 4)
    feet, rest = divmod(quarters, 48)
    whole, fraction = divmod(rest, 4)
    inches = str(whole) if whole or not fraction else ""
    if fraction:
        inches = f"{inches} {('', '1/4', '1/2', '3/4')[fraction]}".strip()
    sign = "-" if metres < 0 and quarters else ""
    return f"{sign}{feet}' {inches}\"" if feet else f'{sign}{inches}"'


def both_units(metres: float) -> str:
    """`1.37 m (4' 6")`, for paper."""
    return f"{format_length(metres)} ({feet_inches(metres)})"


def _to_float(text: str) -> float:
    value = float(text.replace(",", "."))
    if not math.isfinite(value):
        raise LengthError(tr("“{what}” is not a length.", what=text))
    return value


def with_minus(text: str) -> str:
    """A text for the eye: the hyphen before a number as the sign it stands for. Ranges, names and
    dates keep theirs.
    """
    return _HYPHEN_FOR_MINUS.sub("−", text)
