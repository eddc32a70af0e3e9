"""The clue table against the rules of the trade (common practice, no source), and the grades."""

from dataclasses import replace

import pytest

from jolly_parlor.by_ear.clues import (
    SIGNS,
    agrees,
    asked_for,
    clues,
    contradiction,
    expected,
    together,
)
from jolly_parlor.placement.evenness import evenness
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.grading import (
    MARKS,
    QUALITIES,
    Grading,
    better_and_worse,
    distrust,
    nearest_mark,
    value_of,
)
from jolly_parlor.placement.mixes import BOTH
from jolly_parlor.project.document import Document

STEP, SMALL = 0.025, 0.01


def moves(grading: Grading) -> list[str]:
    return [clue.sign.move for clue in clues(grading, STEP, SMALL)]


def test_a_plus_or_minus_is_a_third_and_marks_rise() -> None:
    values = [value_of(mark) for mark in MARKS]
    assert values == sorted(values) and values[0] == 1 and values[-1] == 5
    assert value_of("3+") == pytest.approx(10 / 3) and value_of("4-") == pytest.approx(11 / 3)
    assert nearest_mark(3.36) == "3+" and nearest_mark(3.6) == "4−"


@pytest.mark.parametrize(
    ("marks", "move"),
    [
        ({"upper_bass": "2", "deep_bass": "4"}, "away"),  # heavy and unclear
        ({"deep_bass": "2", "upper_bass": "4+"}, "back"),  # clear and quick, no deep bass
        ({"space": "2", "centre": "4"}, "away"),  # narrow stage, dense centre
        ({"centre": "2", "space": "4"}, "back"),  # very wide, loose centre
    ],
)
def test_grades_lead_where_the_trade_goes(marks: dict[str, str], move: str) -> None:
    assert moves(Grading(marks=marks)) == [move]  # type: ignore[arg-type]


@pytest.mark.parametrize(
    ("words", "move"),
    [
        ("heavy and unclear", "away"),
        ("quick and clear but not enough deep bass", "back"),
        ("the stage is narrow", "away"),
        ("phasey at the sides", "back"),
        ("BOOMY", "away"),
    ],
)
def test_words_lead_there_too(words: str, move: str) -> None:
    assert moves(Grading(words=words)) == [move]


@pytest.mark.parametrize("words", ["not heavy at all", "no longer thin", "unslowed", "lovely", ""])
def test_what_is_denied_or_says_nothing_gives_no_clue(words: str) -> None:
    assert moves(Grading(words=words)) == []


def test_the_worse_it_is_the_longer_the_step() -> None:
    mild = clues(Grading(marks={"upper_bass": "3", "deep_bass": "4-"}), STEP, SMALL)
    bad = clues(Grading(marks={"upper_bass": "1+", "deep_bass": "4"}), STEP, SMALL)
    assert [clue.metres for clue in (*mild, *bad)] == [SMALL, STEP]


def test_contradictory_clues_are_named_and_agreeing_ones_are_not() -> None:
    torn = Grading(marks={"upper_bass": "2", "deep_bass": "4", "centre": "2", "space": "4"})
    said = contradiction(clues(torn, STEP, SMALL))
    assert "contradict" in said and "away from the wall" in said and "back to the wall" in said
    one_way = Grading(marks={"upper_bass": "2", "deep_bass": "4", "space": "2", "centre": "4"})
    assert contradiction(clues(one_way, STEP, SMALL)) == ""


def test_neither_centre_nor_space_asks_for_a_test_and_not_for_a_move() -> None:
    found = clues(Grading(marks={"centre": "2", "space": "2+"}), STEP, SMALL)
    assert [(clue.sign.id, clue.metres) for clue in found] == [("no stage", 0.0)]
    assert "centring" in found[0].sign.why


def test_it_says_stop_when_most_have_come_together_and_only_then() -> None:
    good = dict.fromkeys(list(QUALITIES)[:5], "4")
    assert "stop here" in together(Grading(marks=good))  # type: ignore[arg-type]
    assert not together(Grading(marks=good | {"flow": "2+"}))  # type: ignore[arg-type]
    assert not together(Grading(marks=dict.fromkeys(list(QUALITIES)[:4], "5")))  # type: ignore[arg-type]
    assert not together(Grading())


def test_every_sign_knows_its_move_and_words() -> None:
    assert {sign.move for sign in SIGNS} <= {"away", "back", ""}
    assert all(sign.words and sign.why for sign in SIGNS)


def test_comparisons_far_apart_in_time_or_of_two_pieces_are_distrusted() -> None:
    one = Grading("2026-11-26T10:00:00+00:00", "Kettle song", {"flow": "3"})
    soon = Grading("2026-11-26T10:06:00+00:00", "Kettle song", {"flow": "4"})
    late = replace(soon, when="2026-11-26T10:40:00+00:00")
    assert distrust(one, soon) == ""
    assert "40 minutes apart" in distrust(one, late)
    assert "24 hours" in distrust(one, replace(soon, when="2026-11-27T10:00:00+00:00"))
    assert "two pieces" in distrust(one, replace(soon, piece="Another"))
    assert "not known" in distrust(one, replace(soon, when=""))
    assert better_and_worse(one.marks, soon.marks) == (["flow"], [])


def test_the_forecast_says_what_it_expects_of_a_clue(
    kiln: Document, forecaster: Forecaster
) -> None:
    a = kiln.arrangements[0]
    clue = clues(Grading(marks={"upper_bass": "1", "deep_bass": "4"}), 0.3, SMALL)[0]
    after = asked_for(kiln.setup(a), clue, "desk")
    assert after is not None and after.left.y == pytest.approx(a.left.y + 0.3, abs=1e-4)
    told = expected(forecaster, forecaster.case(a, "desk", BOTH), after)
    now = evenness(forecaster.at_seat(a, "desk").deviation(BOTH))
    assert told.before_db == pytest.approx(now.value_db)
    assert "dB" in told.words and agrees(clue.sign, told)
    nowhere = clues(Grading(marks={"centre": "2", "space": "2"}), STEP, SMALL)[0]
    assert asked_for(kiln.setup(a), nowhere, "desk") is None
