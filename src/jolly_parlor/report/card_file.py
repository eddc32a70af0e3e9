"""Write a placement card as PDF or HTML."""

from html import escape
from pathlib import Path
from typing import Any

from jinja2 import Environment, PackageLoader
from reportlab.graphics import renderSVG
from reportlab.lib.styles import ParagraphStyle
from reportlab.lib.units import mm
from reportlab.platypus import Flowable, Paragraph, SimpleDocTemplate, Spacer, Table, TableStyle

from jolly_parlor.outputs import output
from jolly_parlor.placement.evenness import Evenness
from jolly_parlor.refused import Refused
from jolly_parlor.report.blocks import PAPERS, Paper
from jolly_parlor.report.card import Card
from jolly_parlor.report.drawing_marks import INK, RULE, WINE
from jolly_parlor.report.fonts import SANS, SANS_BOLD, SERIF, SERIF_ITALIC, register
from jolly_parlor.report.plan_drawing import ScaledPlan
from jolly_parlor.units import both_units, feet_inches, format_length
from jolly_parlor.words import language, tr


class CardNotWritten(Refused):
    """The card could not be written; the message says why."""


def write_card(card: Card, path: Path, paper: Paper = "a4", **how: Any) -> None:
    """Write as `.pdf` or `.html`, whole or not at all; how: as in `outputs.output`. Raises Refused,
    CardNotWritten for another ending.
    """
    kind = path.suffix.lower()
    if kind not in (".pdf", ".html"):
        raise CardNotWritten(
            tr("{name}: a card is written as .pdf or .html; choose one.", name=path.name)
        )
    with output(path, kind, **how) as temporary:
        if kind == ".pdf":
            _write_pdf(card, temporary, paper)
        else:
            _write_html(card, temporary)


def card_html(card: Card) -> str:
    """The card as one self-contained page."""
    register()
    plan = _plan(card, 150 * mm, 180 * mm)
    svg = renderSVG.drawToString(plan.drawing)
    environment = Environment(
        loader=PackageLoader("jolly_parlor.report"), autoescape=True, keep_trailing_newline=True
    )
    template = environment.get_template("card.html")
    return template.render(
        card=card,
        svg=svg[svg.index("<svg") :],
        metres=format_length,
        feet=feet_inches,
        figure=_figure,
        tr=tr,
        language=language(),
        turned=_turned(card),
    )


def _turned(card: Card) -> str:
    left, right = card.toe_in_degrees
    return tr(
        "Turn the left monitor in by {left:.0f}° and the right by {right:.0f}°: aimed {aim}.",
        left=left,
        right=right,
        aim=card.aim,
    )


def _write_html(card: Card, path: Path) -> None:
    path.write_text(card_html(card), "utf-8")


def _write_pdf(card: Card, path: Path, paper: Paper) -> None:
    register()
    page = SimpleDocTemplate(
        str(path),
        pagesize=PAPERS[paper],
        leftMargin=18 * mm,
        rightMargin=18 * mm,
        topMargin=16 * mm,
        bottomMargin=16 * mm,
        title=f"{card.arrangement.name} · {card.document.room.name}",
        author="Jolly Parlor",
    )
    page.build(_story(card))


def _story(card: Card) -> list[Flowable]:
    serif = ParagraphStyle("title", fontName=SERIF, fontSize=22, leading=27, textColor=WINE)
    under = ParagraphStyle("under", fontName=SERIF_ITALIC, fontSize=11, leading=15, textColor=INK)
    head = ParagraphStyle(
        "head", fontName=SERIF, fontSize=13, leading=18, spaceBefore=8, textColor=INK
    )
    body = ParagraphStyle("body", fontName=SANS, fontSize=9.5, leading=13, textColor=INK)
    room = card.document.room
    size = " × ".join(both_units(d) for d in (room.width, room.length, room.height))
    plan = _plan(card, 160 * mm, 150 * mm)
    plan.drawing.hAlign = "CENTER"
    return [
        Paragraph(escape(card.arrangement.name), serif),
        Paragraph(f"{escape(room.name)}, {card.made_on:%d %B %Y}", under),
        Paragraph(tr("Width × length × height: {size}", size=escape(size)), body),
        Paragraph(escape(card.arrangement.rule), body),
        plan.drawing,
        Paragraph(escape(card.dip), body),
        Paragraph(tr("How even"), head),
        _figures(card),
        Paragraph(tr("With the tape"), head),
        Paragraph(tr("Monitors are measured at the acoustic centre on their front."), body),
        _distances(card),
        Paragraph(
            _turned(card),
            body,
        ),
        Paragraph(tr("Set like this"), head),
        *[
            Paragraph(f"<b>{escape(who)}</b>: {escape(words)}", body)
            for who, words in card.settings
        ],
        Paragraph(tr("What this card cannot promise"), head),
        *[Paragraph(f"· {escape(text)}", body) for text in card.doubts],
        Paragraph(tr("Cautions"), head),
        *[Paragraph(f"· {escape(text)}", body) for text in card.cautions],
        *_heard(card, head, body),
        Spacer(1, 4 * mm),
    ]


def _heard(card: Card, head: ParagraphStyle, body: ParagraphStyle) -> list[Flowable]:
    """By ear, and how it came about; nothing where nothing is kept."""
    told: list[Flowable] = []
    if card.by_ear:
        told.append(Paragraph(tr("By ear and by eye"), head))
        told += [Paragraph(f"· {escape(text)}", body) for text in card.by_ear]
    if card.history:
        told.append(Paragraph(tr("How it came about"), head))
        rows = [
            [str(step.number), step.day_and_time, Paragraph(escape(step.entry.text), body)]
            for step in card.history
        ]
        told.append(_table([["step", "when", ""], *rows], [12 * mm, 32 * mm, 126 * mm]))
    return told


def _distances(card: Card) -> Table:
    rows = [["", "", "metric", tr("feet and inches")]]
    last = ""
    for d in card.distances:
        item = "" if d.item == last else d.item
        rows.append([item, d.what, format_length(d.metres), feet_inches(d.metres)])
        last = d.item
    return _table(rows, [38 * mm, 74 * mm, 24 * mm, 34 * mm])


def _figures(card: Card) -> Table:
    rows = [[tr("from even, dB"), "forecast", "measured", "band"]]
    for f in card.figures:
        judged = f.forecast or f.measured
        band = (
            tr("{low_hz:.0f}–{high_hz:.0f} Hz", low_hz=judged.low_hz, high_hz=judged.high_hz)
            if judged
            else ""
        )
        rows.append([f.combination, _figure(f.forecast), _figure(f.measured), band])
    return _table(rows, [48 * mm, 30 * mm, 30 * mm, 40 * mm])


def _figure(value: Evenness | None) -> str:
    return f"{value.value_db:.1f}" if value else tr("no take")


def _table(rows: list[list[str]], widths: list[float]) -> Table:
    table = Table(rows, colWidths=widths, hAlign="LEFT", repeatRows=1)
    table.setStyle(
        TableStyle(
            [
                ("FONT", (0, 0), (-1, -1), SANS, 9),
                ("FONT", (0, 0), (-1, 0), SANS_BOLD, 9),
                ("FONT", (0, 1), (0, -1), SANS_BOLD, 9),
                ("TEXTCOLOR", (0, 0), (-1, -1), INK),
                ("LINEBELOW", (0, 0), (-1, -1), 0.4, RULE),
                ("TOPPADDING", (0, 0), (-1, -1), 1.5),
                ("BOTTOMPADDING", (0, 0), (-1, -1), 2.5),
            ]
        )
    )
    return table


def _plan(card: Card, width: float, height: float) -> ScaledPlan:
    document = card.document
    return ScaledPlan(document.room, document.gear, card.arrangement, width, height)
