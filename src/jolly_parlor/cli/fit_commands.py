"""What takes teach: fit, explain, next."""

import json
from collections.abc import Callable
from dataclasses import asdict
from pathlib import Path
from typing import Any

import click

from jolly_parlor.analysis.experiments import explained
from jolly_parlor.analysis.room_fit import advice_for, chosen_fit, evidence_of, fit_document
from jolly_parlor.cli.printed import FITTED, FORCE, OUT, PATH, asked_mix, write_text
from jolly_parlor.diagnosis.findings import Finding, describe
from jolly_parlor.fitting.fit import Fit
from jolly_parlor.fitting.fit_words import seen, summary, unseen, value_of, warnings
from jolly_parlor.fitting.missing import Missing, missing_things
from jolly_parlor.project.files import open_document
from jolly_parlor.words import tr


def _JSON(command: Callable[..., Any]) -> Callable[..., Any]:
    told = tr("Where to write the same as JSON.")
    return FORCE(click.option("--json", "out", type=OUT, help=told)(command))


@click.command("fit")
@click.argument("file", type=PATH)
@click.option(
    "--missing",
    is_flag=True,
    help="Look for something solid that the survey forgot; a minute or two.",
)
@_JSON
def fit_command(file: Path, missing: bool, out: Path | None) -> None:
    """Fit the room of FILE to its takes: sizes, absorption, sources, and how sure each is."""
    document = open_document(file)
    fit = fit_document(document)
    gone = missing_things(fit, evidence_of(document)) if missing else []
    for words in (*summary(fit), *warnings(fit)):
        click.echo(words)
    for take in fit.takes:
        click.echo(
            tr(
                "{name}: {before_db:.1f} dB before, {after_db:.1f} dB after.",
                name=take.name,
                before_db=take.before_db,
                after_db=take.after_db,
            )
        )
    hidden = unseen(fit)
    if hidden:
        click.echo(tr("These takes do not show: {hidden}.", hidden=", ".join(hidden)))
    for one in gone:
        click.echo(one.words)
    if missing and not gone:
        click.echo(tr("Nothing solid seems to be missing."))
    if out is not None:
        table = _fit_table(fit) | ({"missing": list(map(_missing, gone))} if missing else {})
        write_text(out, json.dumps(table, indent=1) + "\n", ".json")


def _missing(one: Missing) -> dict[str, Any]:
    t = one.thing
    return {
        "corner_m": [t.x, t.y, t.z],
        "size_m": [t.width, t.depth, t.height],
        "where": one.where,
        "residual_db": {"before": round(one.before_db, 2), "after": round(one.after_db, 2)},
    }


@click.command("next")
@click.argument("file", type=PATH)
@click.option("--seat", help="Which seat the choice is for; the first unless given.")
@_JSON
def next_command(file: Path, seat: str | None, out: Path | None) -> None:
    """Say which take would help most to choose among the arrangements of FILE."""
    document = open_document(file)
    where = seat or document.gear.seats[0].name
    document.gear.seat(where)
    advice = advice_for(document, fit_document(document), where)
    click.echo(advice.words)
    if out is not None:
        write_text(
            out, json.dumps(asdict(advice) | {"words": advice.words}, indent=1) + "\n", ".json"
        )


@click.command("explain")
@click.argument("file", type=PATH)
@click.option("--take", "take_id", help="Id of a take, such as take-0003.")
@click.option("--arrangement", help="Else: the arrangement; the picked or first one.")
@click.option("--seat", help="The main seat unless given.")
@click.option("--source", help="Which mix plays; all that plays without.")
@FITTED
@_JSON
def explain(
    file: Path,
    take_id: str | None,
    arrangement: str | None,
    seat: str | None,
    source: str | None,
    fitted: bool | None,
    out: Path | None,
) -> None:
    """Name the cause of each peak and dip of FILE: of a take, or of what an arrangement has."""
    document = open_document(file)
    fit = chosen_fit(document, fitted)
    found, what = explained(document, take_id, arrangement, seat, asked_mix(document, source), fit)
    click.echo(what)
    for finding in found:
        click.echo(finding.headline)
        click.echo(f"   {finding.evidence}")
        click.echo(f"   {finding.advice}")
    if not found:
        click.echo(tr("Nothing stands out by 3 dB or more."))
    if out is not None:
        table = {"of": what, "findings": [_finding_table(f) for f in found]}
        write_text(out, json.dumps(table, indent=1, ensure_ascii=False) + "\n", ".json")


def _finding_table(finding: Finding) -> dict[str, Any]:
    return {
        "frequency_hz": round(finding.feature.frequency_hz, 1),
        "level_db": round(finding.feature.level_db, 1),
        "kind": finding.feature.kind,
        "width_octaves": round(finding.feature.width_octaves, 2),
        "against_trend_db": round(finding.feature.trend_db, 1),
        "certain": finding.certain,
        "headline": finding.headline,
        "causes": [
            {"lane": cause.mark.lane, "words": describe(cause.mark), "share": round(cause.share, 2)}
            for cause in finding.causes
        ],
        "evidence": finding.evidence,
        "advice": finding.advice,
        "equaliser": finding.equaliser,
    }


def _fit_table(fit: Fit) -> dict[str, Any]:
    room = fit.room
    return {
        "dimensions_m": list(room.dimensions),
        "residual_db": fit.residual_db,
        "converged": fit.converged,
        "takes": [asdict(take) for take in fit.takes],
        "parameters": [
            {
                "name": p.name,
                "kind": p.kind,
                "unit": "factor" if p.unit == "log" else p.unit,
                "value": value_of(fit, n),
                "uncertainty": p.tolerance * fit.deviation_of(n),
                "seen": seen(fit, n),
            }
            for n, p in enumerate(fit.parameters)
        ],
        "unseen": unseen(fit),
        "warnings": warnings(fit),
    }
