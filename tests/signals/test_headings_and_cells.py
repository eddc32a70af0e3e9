"""Titles, units, separators, decimal signs: each rule of reading by itself."""

from math import isnan, pi

import numpy as np
import pytest

from jolly_parlor.signals.cells import (
    Heading,
    Line,
    Marks,
    ResponseFileError,
    is_number,
    lines_of,
    marks_of,
    split_cells,
    value_of,
)
from jolly_parlor.signals.headings import Column, column_of, said, titles_of
from jolly_parlor.signals.tables import _blocks, _looks_like_time


@pytest.mark.parametrize(
    ("title", "role", "unit", "factor"),
    [
        ("Freq", "frequency", "", 1.0),
        ("f (kHz)", "frequency", "", 1000.0),
        ("F", "frequency", "", 1.0),
        ("omega", "frequency", "", 1 / (2 * pi)),
        ("rad / s", "frequency", "", 1 / (2 * pi)),
        ("time (ms)", "time", "", 1.0),
        ("samples", "time", "", 1.0),
        ("Time/ms", "time", "", 1.0),
        ("t in ms", "time", "", 1.0),
        ("ms", "time", "", 1.0),
        ("second seat", "level", "", 1.0),
        ("T60", "level", "", 1.0),
        ("No.", "other", "", 1.0),
        ("Coherence", "other", "", 1.0),
        ("group delay", "other", "", 1.0),
        ("min. phase", "other", "", 1.0),
        ("Phase", "phase", "", 1.0),
        ("phase [deg]", "phase", "deg", 1.0),
        ("phase (rad)", "phase", "rad", 1.0),
        ("°", "phase", "deg", 1.0),
        ("Re", "real", "", 1.0),
        ("imaginary", "imaginary", "", 1.0),
        ("left dB", "level", "db", 1.0),
        ("SPL", "level", "db", 1.0),
        ("Pa²", "level", "power", 1.0),
        ("power", "level", "power", 1.0),
        ("mPa", "level", "pascal", 1e-3),
        ("pressure Pa", "level", "pascal", 1.0),
        ("lin", "level", "linear", 1.0),
        ("mV", "level", "linear", 1.0),
        ("Level", "level", "db", 1.0),
        ("left", "level", "", 1.0),
    ],
)
def test_a_title_says_what_its_column_holds(
    title: str, role: str, unit: str, factor: float
) -> None:
    assert column_of(title) == Column(role, unit, factor, title)  # type: ignore[arg-type]


@pytest.mark.parametrize(
    ("text", "count", "titles"),
    [
        ("Hz;dB", 2, ["Hz", "dB"]),
        ('"Freq","Level, dB"', 3, ["Freq", "Level", "dB"]),
        ("# Freq\tdB\tPhase\t", 3, ["Freq", "dB", "Phase"]),
        ("* Freq(Hz) SPL(dB) Phase(deg)", 3, ["Freq(Hz)", "SPL(dB)", "Phase(deg)"]),
        ("Freq dB", 3, None),
        ("levels in dB", 3, None),  # a sentence: none of its words is the frequency
        ("left right", 2, None),
        ("20 Hz", 2, None),
        ("made by hand", 3, None),
        ("Hz;dB", 3, None),
    ],
)
def test_titles_are_one_for_each_column_and_name_the_frequency(
    text: str, count: int, titles: list[str] | None
) -> None:
    assert titles_of(text, count) == titles


def heads(*texts: str) -> list[Heading]:
    return [Heading(n, text) for n, text in enumerate(texts, start=1)]


def test_units_may_stand_on_a_line_of_their_own_under_the_titles_or_over_them() -> None:
    for lines, at in ((("Freq;Level;Phase", "kHz;dB;rad"), 2), (("kHz;dB;rad",), 1)):
        found = said(heads(*lines), 3, 5)
        assert found.line == at
        assert [c.role for c in found.columns] == ["frequency", "level", "phase"]
        assert [c.unit for c in found.columns] == ["", "db", "rad"]
        assert found.columns[0].factor == 1000.0
    assert said(heads("nothing", "known"), 2, 5).columns == ()


def test_only_what_stands_above_the_numbers_and_near_them_is_a_heading() -> None:
    assert said(heads("Hz;dB"), 2, 1).columns == ()
    assert said(heads("Hz;dB"), 2, 2).line == 1
    far = heads("Hz;dB", *(["words"] * 40))
    assert said(far, 2, 99).columns == ()
    assert said(far[:40], 2, 99).line == 1


def test_words_hold_for_the_file_wherever_they_stand() -> None:
    def of(text: str) -> tuple[bool, ...]:
        found = said(heads(text), 3, 5)
        return found.kilohertz, found.radians, found.degrees, found.decibels, found.impulse

    assert of("all in kHz and dB") == (True, False, False, True, False)
    assert of("phase in radians") == (False, True, False, False, False)
    assert of("rad / s") == (False, False, False, False, False)
    assert of("angle in degrees") == (False, False, True, False, False)
    assert of("an impulse response") == (False, False, False, False, True)
    assert of("of the impulse response, in Hz")[-1] is False


@pytest.mark.parametrize(
    ("line", "cells"),
    [
        ("20,5;-3,1", ["20,5", "-3,1"]),
        ("20.5, -3.1 , 4", ["20.5", "-3.1", "4"]),
        ("20.5,-3.1", ["20.5", "-3.1"]),
        ("20.5 -3.1   4", ["20.5", "-3.1", "4"]),
        ('"20,5","-3,1"', ["20,5", "-3,1"]),
        ("20,5\t-3,1,\t4", ["20,5", "-3,1", "4"]),
        ("20 -3 # a remark", ["20", "-3"]),
        ("20 -3 ; loud", ["20", "-3"]),
        ("20;-3;;", ["20", "-3"]),
        ("20;", ["20", ""]),
        ("20 Hz -3 dB", ["20Hz", "-3dB"]),
        ("words 1 2", []),
        ("", []),
    ],
)
def test_cells_of_a_line_whatever_separates_them(line: str, cells: list[str]) -> None:
    assert split_cells(line) == cells


def test_lines_before_the_first_whole_line_of_numbers_are_headings() -> None:
    lines, headings = lines_of("2026 measured\n\nHz dB\n20 70\n21 \n22 x\nend", "own.txt")
    assert [line.number for line in lines] == [4, 5, 6]
    assert [h.number for h in headings] == [1, 3, 7]
    lines, _ = lines_of(
        "20\n21\n", "own.txt"
    )  # nothing whole: what begins with a number is all there is
    assert [line.number for line in lines] == [1, 2]


@pytest.mark.parametrize(
    ("cell", "marks", "value"),
    [
        ("1.5k", Marks(".", ""), 1500.0),
        ("1,5 kHz", Marks(",", ""), 1500.0),
        ("-3.5dB", Marks(".", ""), -3.5),
        ("1,250.5", Marks(".", ","), 1250.5),
        ("1.250,5", Marks(",", "."), 1250.5),
        ("1 250", Marks(".", ""), 1250.0),
        ("2D2", Marks(".", ""), 200.0),
        ("2e-1Hz", Marks(".", ""), 0.2),
    ],
)
def test_a_cell_is_a_number_perhaps_with_a_unit(cell: str, marks: Marks, value: float) -> None:
    assert is_number(cell)
    assert value_of(cell, marks) == pytest.approx(value)


def test_a_blank_is_no_number_and_a_word_is_refused() -> None:
    assert isnan(value_of("-", Marks(".", ""))) and isnan(value_of("NaN", Marks(".", "")))
    for cell in ("loud", "1.2.3", "5 m"):
        with pytest.raises(ValueError):
            value_of(cell, Marks(".", ""))


def marks(*rows: str) -> Marks:
    lines = [Line(n, tuple(row.split("|")), row) for n, row in enumerate(rows, start=1)]
    return marks_of(lines, "own.txt")


def test_which_sign_is_the_decimal_one_is_told_by_the_whole_file() -> None:
    assert marks("20|70", "21|71") == Marks(".", "")
    assert marks("20,5|70", "21|71") == Marks(",", "")
    assert marks("20,5|1.070,5") == Marks(",", ".")
    assert marks("1,020.5|70") == Marks(".", ",")
    assert marks("1.020.500|70") == Marks(",", ".")
    assert marks("20.5|70", "1,020|71") == Marks(".", ",")
    # 950, 1,000, 1,050: only as thousands do they rise.
    assert marks("950|70", "1,000|71", "1,050|72") == Marks(".", ",")
    assert marks("1,000|70", "1,050|71") == Marks(",", "")


@pytest.mark.parametrize(
    ("rows", "why"),
    [
        (("20,5|70", "21.5|71"), "line 1: “20,5” here and “21.5” in line 2"),
        (("1,000|1.000",), "comma and point cannot both be decimal signs"),
        (("950|70", "1,000|71,5", "1,050|72"), "line 2: “,” stands for thousands"),
        (("1,020.5|70", "21.5,5|7"), "line 2: “21.5,5” does not fit the decimal “.” of line 1"),
    ],
)
def test_what_could_mean_two_things_is_refused_with_both_lines(
    rows: tuple[str, ...], why: str
) -> None:
    with pytest.raises(ResponseFileError, match=r"own\.txt") as told:
        marks(*rows)
    assert why in str(told.value)


def test_curves_below_each_other_begin_where_the_frequency_falls_back() -> None:
    rise = np.arange(20.0, 28.0)
    assert _blocks(np.concatenate([rise, rise])) == [slice(0, 8), slice(8, 16)]
    assert _blocks(np.concatenate([rise, rise[:7]])) == [slice(0, 15)]
    assert len(_blocks(np.tile(rise, 40))) == 40
    assert len(_blocks(np.tile(rise, 41))) == 1


def test_even_steps_from_nought_shorter_than_a_hundredth_are_seconds() -> None:
    assert _looks_like_time(0.009 * np.arange(8))
    assert not _looks_like_time(0.011 * np.arange(8))
    assert not _looks_like_time(0.009 * np.arange(7))
    assert not _looks_like_time(0.02 + 0.009 * np.arange(8))
    assert not _looks_like_time(0.001 * np.arange(8) ** 1.2)
    assert not _looks_like_time(0.0 * np.arange(8))
