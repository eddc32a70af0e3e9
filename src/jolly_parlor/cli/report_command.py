"""The placement card and the full report, without a window."""

from pathlib import Path
from typing import TYPE_CHECKING, Any

import click

from jolly_parlor.cli.printed import (
    FORCE,
    OUT,
    OUT_NAME,
    PATH,
    forced,
    inputs,
    usual_arrangement,
    write_json,
)
from jolly_parlor.cli.reflections_command import handover_json
from jolly_parlor.project.files import open_project
from jolly_parlor.units import UnitSystem
from jolly_parlor.words import tr

if TYPE_CHECKING:
    from jolly_parlor.report.blocks import Paper
    from jolly_parlor.report.full import Findings


@click.command("report")
@click.argument("file", type=PATH)
@click.argument("out", type=OUT, required=False)
@click.option("--arrangement", help="Name of the arrangement; the picked or first one without.")
@click.option("--full", is_flag=True, help="Everything, not the placement card alone.")
@click.option("--paper", type=click.Choice(["a4", "letter"]), default="a4", show_default=True)
@click.option(
    "--units", type=click.Choice(["metric", "imperial"]), default="metric", show_default=True
)
@click.option(
    "--json",
    "out_json",
    type=OUT_NAME,
    is_flag=False,
    flag_value="-",
    metavar="[FILE]",
    help="What it says.",
)
@FORCE
def report(
    file: Path,
    out: Path | None,
    arrangement: str | None,
    full: bool,
    paper: "Paper",
    units: UnitSystem,
    out_json: str | None,
) -> None:
    """Write the placement card of an arrangement of FILE to OUT, .pdf or .html; with --full the
    whole report; with --json what it says.
    """
    from jolly_parlor.report.card import build_card
    from jolly_parlor.report.card_file import write_card
    from jolly_parlor.report.full import gather, report_of
    from jolly_parlor.report.report_file import write_report

    if out is None and out_json is None:
        raise click.UsageError(tr("Say where to write: OUT, a .pdf or .html, or --json."))
    how: Any = {"replace": forced(), "inputs": inputs()}
    project = open_project(file).project
    document = project.document
    name = arrangement or usual_arrangement(document)
    if out is not None and not full:
        write_card(build_card(document, name, ledger=project.ledger), out, paper, **how)
    if full or out_json is not None:
        found = gather(document, name, project.ledger, units=units)
        if out is not None and full:
            write_report(report_of(found), out, paper, **how)
        if out_json is not None:
            write_json(out_json, _json(found))
    if out is not None and out_json != "-":
        click.echo(tr("{out} written.", out=out))


def _json(found: "Findings") -> dict[str, Any]:
    card = found.card
    return {
        "arrangement": card.arrangement.name,
        "headline": found.verdict.headline,
        "good_enough": found.verdict.good_enough,
        "verdict": {part.title: list(part.sentences) for part in found.verdict.parts},
        "check_list": [
            {"id": p.id, "title": p.title, "state": p.state, "words": p.words, "costs": p.costs}
            for p in found.points
        ],
        "hand_over": handover_json(found.handed),
        "fixing": [[one.what, one.words, one.caution] for one in found.advice],
        "cautions": list(card.cautions),
    }
