"""The placement card, read back from what was written."""

from dataclasses import replace
from datetime import date
from pathlib import Path

import pytest
from pypdf import PdfReader
from reportlab.lib.units import mm

from jolly_parlor.acoustics.geometry.room import Point
from jolly_parlor.placement.grading import Grading
from jolly_parlor.placement.items import loudspeaker
from jolly_parlor.placement.tape import tape_distances
from jolly_parlor.project.document import Document
from jolly_parlor.project.ear_edits import answer_review, grade_arrangement
from jolly_parlor.project.edits import rename_arrangement, replace_arrangement
from jolly_parlor.refused import Refused
from jolly_parlor.report.card import build_card
from jolly_parlor.report.card_file import CardNotWritten, card_html, write_card
from jolly_parlor.report.plan_drawing import ScaledPlan
from jolly_parlor.units import feet_inches, format_length

NAME = "Tight to the wall"


@pytest.fixture(scope="module")
def card(demo: Document):
    return build_card(demo, NAME, date(2026, 11, 23))


def test_the_pdf_holds_every_distance_in_both_units(card, demo: Document, tmp_path: Path) -> None:
    path = tmp_path / "card.pdf"
    write_card(card, path)
    text = "\n".join(page.extract_text() for page in PdfReader(path).pages)
    for d in tape_distances(demo.setup(demo.arrangement(NAME))):
        assert format_length(d.metres) in text
        assert feet_inches(d.metres) in text
    for words in (NAME, "The Kiln Room", "23 November 2026", "Deepest dip", "Likely cause"):
        assert words in text
    assert "two people" in text
    assert "63 Hz value is held down" in text.replace("\n", " ")


def test_grades_faults_and_the_history_are_on_the_card(kiln: Document, tmp_path: Path) -> None:
    given = Grading("2026-11-26T10:00:00+00:00", "Kettle <song>", {"flow": "4-"}, None, "runs on")
    d = grade_arrangement(kiln, NAME, given)
    d = answer_review(d, "corner left", "yes")
    d = replace_arrangement(d, replace(d.arrangement(NAME), aim_degrees=4.0))
    d = grade_arrangement(d, NAME, given)
    made = build_card(d, NAME, date(2026, 11, 26), d.noted)
    path = tmp_path / "card.pdf"
    write_card(made, path)
    text = " ".join("\n".join(p.extract_text() for p in PdfReader(path).pages).split())
    html = card_html(made)
    for words in ("By ear and by eye", "How it came about", "runs on", "Two walls lift its bass"):
        assert words in text and words in html
    assert "aimed 4° outside the ear" in text and "Kettle &lt;song&gt;" in html
    assert len(made.history) == len([e for e in d.noted if e.stood and e.stood.name == NAME])
    plain = card_html(build_card(kiln, NAME))
    assert "By ear" not in plain and "How it came" not in plain


def test_the_html_says_the_same_and_stands_alone(card, demo: Document) -> None:
    html = card_html(card)
    assert "<svg" in html
    assert "http://" not in html.replace("http://www.w3.org", "")
    assert "https://" not in html
    for d in tape_distances(demo.setup(demo.arrangement(NAME))):
        assert format_length(d.metres) in html
    assert "Likely cause" in html


def test_the_plan_is_to_scale(demo: Document) -> None:
    plan = ScaledPlan(demo.room, demo.gear, demo.arrangement(NAME), 150 * mm, 135 * mm)
    (x0, y0), (x1, y1) = plan.at(0, 0), plan.at(demo.room.width, demo.room.length)
    assert (x1 - x0) / mm == pytest.approx(demo.room.width * 1000 / plan.ratio)
    assert (y0 - y1) / mm == pytest.approx(demo.room.length * 1000 / plan.ratio)
    assert plan.drawing.width <= 150 * mm
    assert plan.drawing.height <= 135 * mm


def test_names_with_markup_do_no_harm(demo: Document, tmp_path: Path) -> None:
    odd = rename_arrangement(demo, NAME, "<b>5 & 6</b> “größer”")
    card = build_card(odd, "<b>5 & 6</b> “größer”")
    assert "<b>5" not in card_html(card)
    path = tmp_path / "odd.pdf"
    write_card(card, path)
    assert "<b>5 & 6</b>" in PdfReader(path).pages[0].extract_text()


def test_the_card_owns_up_to_what_it_does_not_know(kiln: Document) -> None:
    card = build_card(kiln, "A third")
    assert any("No take of both" in text for text in card.doubts)
    assert "forecast" in card.dip


def test_a_card_of_what_cannot_stand_is_refused(kiln: Document) -> None:
    a = kiln.arrangement("A third").moved(loudspeaker("left"), Point(8, 1, 1))
    with pytest.raises(Refused, match="cannot stand as placed"):
        build_card(replace_arrangement(kiln, a), "A third")
    with pytest.raises(Refused, match="no arrangement “Fourth”"):
        build_card(kiln, "Fourth")


def test_other_kinds_and_closed_places_are_refused(card, tmp_path: Path) -> None:
    with pytest.raises(CardNotWritten, match=r"written as \.pdf or \.html"):
        write_card(card, tmp_path / "card.doc")
    with pytest.raises(Refused, match="could not be written"):
        write_card(card, tmp_path / "nowhere" / "card.pdf")
