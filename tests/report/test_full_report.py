"""The full report, read back from what was written."""

from datetime import date
from pathlib import Path

import pytest
from pypdf import PdfReader
from reportlab.lib.units import mm

from jolly_parlor.placement.reflections import reflection_points
from jolly_parlor.placement.tape import tape_distances
from jolly_parlor.project.document import Document
from jolly_parlor.project.layout_edits import choose_layout
from jolly_parlor.refused import Refused
from jolly_parlor.report.elevation_drawing import SIDES, ScaledElevation
from jolly_parlor.report.full import gather, report_of
from jolly_parlor.report.report_file import ReportNotWritten, report_html, write_report
from jolly_parlor.units import feet_inches, format_length

NAME = "A third"


@pytest.fixture(scope="module")
def found(demo: Document):
    return gather(demo, NAME, made_on=date(2026, 11, 26))


def words_of(path: Path) -> str:
    return " ".join("\n".join(p.extract_text() for p in PdfReader(path).pages).split())


def test_the_pdf_says_all_that_was_found(found, demo: Document, tmp_path: Path) -> None:
    path = tmp_path / "r.pdf"
    write_report(report_of(found), path)
    text = words_of(path)
    for d in tape_distances(demo.setup(demo.arrangement(NAME))):
        assert format_length(d.metres) in text
    for point in reflection_points(demo.setup(demo.arrangement(NAME)), "desk"):
        assert point.tape(demo.room) in text
    for part in found.verdict.parts:
        assert part.title in text
    for words in (
        found.verdict.headline,
        "easily over-treated",
        "Check list",
        "In the wall",
        "Cautions",
        "26 November 2026",
        "front side, seen from inside",
    ):
        assert words in text
    for r in found.handed.remains:
        assert r.finding.headline.split(":")[0] in text


@pytest.mark.parametrize(("paper", "size"), [("a4", (210, 297)), ("letter", (215.9, 279.4))])
def test_paper_is_as_asked_for(found, tmp_path: Path, paper, size) -> None:
    path = tmp_path / "r.pdf"
    write_report(report_of(found), path, paper)
    box = PdfReader(path).pages[0].mediabox
    assert (float(box.width) / mm, float(box.height) / mm) == pytest.approx(size, abs=0.5)


def test_html_says_the_same_in_the_units_asked_for(demo: Document) -> None:
    found = gather(demo, NAME, units="imperial")
    html = report_html(report_of(found), "letter")
    assert "size: letter" in html
    assert html.count("<svg") == 6  # plan, four elevations, the curve
    a = demo.arrangement(NAME)
    apart = feet_inches(a.left.distance(a.right)).replace('"', "&quot;").replace("'", "&#x27;")
    assert apart in html
    assert "https://" not in html


def test_names_that_look_like_markup_are_escaped(found) -> None:
    html = report_html(report_of(found))
    assert "“A third”" in html and "<script" not in html


@pytest.mark.parametrize("side", SIDES)
def test_elevations_are_to_scale_and_mirrored_where_one_turns(demo: Document, side) -> None:
    a = demo.arrangement(NAME)
    made = ScaledElevation(demo.room, demo.gear, a, side, 160 * mm)
    left, right = made.at(a.left), made.at(a.right)
    per_metre = 1000 * mm / made.ratio
    ear = made.at(a.seats["desk"])
    assert ear[1] == pytest.approx(left[1])
    across = {"front": 1, "back": -1}.get(side, 0) * (a.right.x - a.left.x)
    assert right[0] - left[0] == pytest.approx(across * per_metre, abs=1e-9)
    back = {"right": 1, "left": -1}.get(side, 0) * (a.seats["desk"].y - a.left.y)
    middle = (left[0] + right[0]) / 2
    assert ear[0] - middle == pytest.approx(back * per_metre, abs=1e-9)


def test_loudspeakers_around_the_seat_have_their_table(kiln: Document) -> None:
    found = gather(choose_layout(kiln, "five"), NAME)
    html = report_html(report_of(found))
    assert "Around the seat" in html and "surround left" in html


def test_a_report_is_a_pdf_or_a_page(found, tmp_path: Path) -> None:
    with pytest.raises(ReportNotWritten, match=r"\.pdf or \.html"):
        write_report(report_of(found), tmp_path / "r.doc")
    with pytest.raises(Refused, match="could not be written"):
        write_report(report_of(found), tmp_path / "nowhere" / "r.pdf")
