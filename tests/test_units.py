"""Lengths as people write them."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from jolly_parlor.units import (
    LengthError,
    both_units,
    feet_inches,
    format_length,
    parse_length,
    with_minus,
)


@pytest.mark.parametrize(
    ("text", "metres"),
    [
        ("3.42", 3.42),
        ("3,42 m", 3.42),
        ("342 cm", 3.42),
        ("3420mm", 3.42),
        (" .5 ", 0.5),
        ("11' 2 1/2\"", 3.4163),
        ("11'", 3.3528),
        ('2 1/2"', 0.0635),
        ("30 in", 0.762),
        ("5 ft 6 in", 1.6764),
        ("5′6″", 1.6764),
        ('1/4"', 0.00635),
    ],
)
def test_lengths_are_understood(text: str, metres: float) -> None:
    assert parse_length(text) == pytest.approx(metres, abs=1e-4)


@pytest.mark.parametrize("text", ["", "wide", "3.4.2", "3 metres", "5 6", '1/0"', "' \"", "--3"])
def test_what_is_no_length_is_refused_with_an_example(text: str) -> None:
    with pytest.raises(LengthError, match=r"not a length|divides by zero"):
        parse_length(text)


@given(st.floats(0.02, 30))
def test_what_is_shown_is_understood_again(metres: float) -> None:
    assert parse_length(format_length(metres)) == pytest.approx(metres, abs=0.0051)
    assert parse_length(feet_inches(metres)) == pytest.approx(metres, abs=0.0254 / 8 + 1e-6)


def test_both_units_stand_side_by_side() -> None:
    assert both_units(1.3716) == "1.37 m (4' 6\")"
    assert feet_inches(0.3048 * 2 - 0.0001) == "2' 0\""
    assert feet_inches(0.0064) == '1/4"'
    assert feet_inches(0.0) == '0"'


def test_a_hyphen_before_a_number_is_shown_as_a_minus() -> None:
    assert with_minus("Hollow at 67 Hz, -19 dB") == "Hollow at 67 Hz, −19 dB"
    assert with_minus("0 dB → -4 dB") == "0 dB → −4 dB" and with_minus("-0.1") == "−0.1"
    for kept in ("44-180 Hz", "mixed mode (1-2-0)", "2026-11-26", "low-pass"):
        assert with_minus(kept) == kept
