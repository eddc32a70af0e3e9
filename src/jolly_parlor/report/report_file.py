"""Write a report of blocks as PDF or HTML, on A4 or Letter."""

from html import escape
from pathlib import Path
from typing import Any

from reportlab.graphics import renderSVG
from reportlab.lib.styles import ParagraphStyle
from reportlab.lib.units import mm
from reportlab.pdfgen.canvas import Canvas
from reportlab.platypus import (
    CondPageBreak,
    Flowable,
    KeepTogether,
    Paragraph,
    SimpleDocTemplate,
    Spacer,
    Table,
    TableStyle,
)

from jolly_parlor.outputs import output
from jolly_parlor.refused import Refused
from jolly_parlor.report.blocks import (
    PAPERS,
    Block,
    Bullets,
    Heading,
    Paper,
    Picture,
    Report,
    Rows,
    Words,
)
from jolly_parlor.report.drawing_marks import INK, RULE, WINE
from jolly_parlor.report.fonts import SANS, SANS_BOLD, SERIF, SERIF_ITALIC, register
from jolly_parlor.words import language, tr

_MARGIN = 17 * mm
_STYLES = {
    "title": ParagraphStyle("title", fontName=SERIF, fontSize=22, leading=27, textColor=WINE),
    "under": ParagraphStyle("under", fontName=SERIF_ITALIC, fontSize=11, leading=15, textColor=INK),
    "head": ParagraphStyle(
        "head", fontName=SERIF, fontSize=13, leading=18, spaceBefore=9, textColor=INK
    ),
    "body": ParagraphStyle("body", fontName=SANS, fontSize=9.5, leading=13, textColor=INK),
    "strong": ParagraphStyle("strong", fontName=SANS_BOLD, fontSize=11, leading=15, textColor=WINE),
    "cell": ParagraphStyle("cell", fontName=SANS, fontSize=8.5, leading=11, textColor=INK),
    "cell head": ParagraphStyle(
        "cell head", fontName=SANS_BOLD, fontSize=8.5, leading=11, textColor=INK
    ),
    "bullet": ParagraphStyle(
        "bullet",
        fontName=SANS,
        fontSize=9.5,
        leading=13,
        textColor=INK,
        leftIndent=10,
        bulletIndent=1,
    ),
}


class ReportNotWritten(Refused):
    """The report could not be written; the message says why."""


def write_report(report: Report, path: Path, paper: Paper = "a4", **how: Any) -> None:
    """Write as `.pdf` or `.html`, whole or not at all; how: as in `outputs.output`. Raises Refused,
    ReportNotWritten for another ending.
    """
    kind = path.suffix.lower()
    if kind not in (".pdf", ".html"):
        raise ReportNotWritten(
            tr("{name}: a report is written as .pdf or .html; choose one.", name=path.name)
        )
    with output(path, kind, **how) as temporary:
        if kind == ".pdf":
            _write_pdf(report, temporary, paper)
        else:
            temporary.write_text(report_html(report, paper), "utf-8")


def _write_pdf(report: Report, path: Path, paper: Paper) -> None:
    register()
    width, height = PAPERS[paper]
    page = SimpleDocTemplate(
        str(path),
        pagesize=(width, height),
        leftMargin=_MARGIN,
        rightMargin=_MARGIN,
        topMargin=_MARGIN,
        bottomMargin=_MARGIN,
        title=report.title,
        author="Jolly Parlor",
    )
    room = width - 2 * _MARGIN - 12, height - 2 * _MARGIN - 12
    story: list[Flowable] = [
        Paragraph(escape(report.title), _STYLES["title"]),
        Paragraph(escape(report.under), _STYLES["under"]),
        Spacer(1, 3 * mm),
    ]
    for block in report.blocks:
        story += _flowables(block, *room)

    def numbered(canvas: Canvas, _: SimpleDocTemplate) -> None:
        canvas.setFont(SANS, 8)
        canvas.setFillColor(INK)
        words = f"{report.title} · {canvas.getPageNumber()}"
        canvas.drawRightString(width - _MARGIN, 9 * mm, words)

    page.build(story, onFirstPage=numbered, onLaterPages=numbered)


def _flowables(block: Block, width: float, height: float) -> list[Flowable]:
    if isinstance(block, Heading):
        return [CondPageBreak(30 * mm), Paragraph(escape(block.text), _STYLES["head"])]
    if isinstance(block, Words):
        return [Paragraph(escape(block.text), _STYLES["strong" if block.strong else "body"])]
    if isinstance(block, Bullets):
        return [Paragraph(escape(t), _STYLES["bullet"], bulletText="·") for t in block.items]
    if isinstance(block, Rows):
        return [_table(block, width), Spacer(1, 2 * mm)]
    drawing = block.draw(width, block.share * height)
    drawing.hAlign = "CENTER"
    return [KeepTogether([drawing, Spacer(1, 2 * mm)])]


def _table(block: Rows, width: float) -> Table:
    whole = sum(block.widths)
    cells = [[Paragraph(escape(text), _STYLES["cell head"]) for text in block.head]]
    cells += [[Paragraph(escape(text), _STYLES["cell"]) for text in row] for row in block.rows]
    table = Table(
        cells, colWidths=[width * w / whole for w in block.widths], hAlign="LEFT", repeatRows=1
    )
    table.setStyle(
        TableStyle(
            [
                ("VALIGN", (0, 0), (-1, -1), "TOP"),
                ("LINEBELOW", (0, 0), (-1, -1), 0.4, RULE),
                ("TOPPADDING", (0, 0), (-1, -1), 1.5),
                ("BOTTOMPADDING", (0, 0), (-1, -1), 2.0),
                ("LEFTPADDING", (0, 0), (-1, -1), 0),
            ]
        )
    )
    return table


_HTML_WIDTH = 620.0
_STYLE = """
body { font: 15px/1.5 "Source Sans 3", "SourceSans3", sans-serif; color: #2b2522;
  background: #fbf7ee; max-width: 48rem; margin: 2rem auto; padding: 0 1rem; }
h1 { font: 600 2rem/1.2 Fraunces, Georgia, serif; color: #7a2a41; margin-bottom: 0; }
h2 { font: 600 1.2rem/1.3 Fraunces, Georgia, serif; margin: 1.6rem 0 .4rem; }
.under { font-style: italic; margin-top: .2rem; }
.strong { font-weight: 600; color: #7a2a41; font-size: 1.1rem; }
table { border-collapse: collapse; width: 100%; }
th, td { text-align: left; vertical-align: top; border-bottom: 1px solid #d8ccb8;
  padding: .2rem .6rem .2rem 0; }
figure { margin: 1rem 0; } figcaption { font-size: .85rem; }
svg { max-width: 100%; height: auto; background: #fff; }
"""


def report_html(report: Report, paper: Paper = "a4") -> str:
    """The report as one self-contained page, that prints on the paper asked for."""
    register()
    parts = [_html(block) for block in report.blocks]
    page = f"@page {{ size: {paper}; margin: 17mm; }}"
    title = escape(report.title)
    return (
        f'<!DOCTYPE html>\n<html lang="{language()}">\n<head>\n<meta charset="utf-8">\n'
        f"<title>{title} · {escape(report.under)}</title>\n<style>{_STYLE}{page}\n"
        "@media print { body { background: #fff; margin: 0; } }\n</style>\n</head>\n<body>\n"
        f'<h1>{title}</h1>\n<p class="under">{escape(report.under)}</p>\n'
        + "\n".join(parts)
        + "\n</body>\n</html>\n"
    )


def _html(block: Block) -> str:
    if isinstance(block, Heading):
        return f"<h2>{escape(block.text)}</h2>"
    if isinstance(block, Words):
        kind = ' class="strong"' if block.strong else ""
        return f"<p{kind}>{escape(block.text)}</p>"
    if isinstance(block, Bullets):
        return "<ul>" + "".join(f"<li>{escape(t)}</li>" for t in block.items) + "</ul>"
    if isinstance(block, Rows):
        head = "".join(f"<th>{escape(t)}</th>" for t in block.head)
        rows = "".join(
            "<tr>" + "".join(f"<td>{escape(t)}</td>" for t in row) + "</tr>" for row in block.rows
        )
        return f"<table><tr>{head}</tr>{rows}</table>"
    assert isinstance(block, Picture)
    svg = renderSVG.drawToString(block.draw(_HTML_WIDTH, _HTML_WIDTH))
    caption = f"<figcaption>{escape(block.title)}</figcaption>"
    return f"<figure>{svg[svg.index('<svg') :]}{caption}</figure>"
