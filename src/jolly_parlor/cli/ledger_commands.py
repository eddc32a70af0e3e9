"""The Ledger without a window: read it, add to it, stand a step up again."""

from dataclasses import replace
from pathlib import Path

import click

from jolly_parlor.analysis.ledger_steps import (
    Step,
    judged_steps,
    ledger_csv,
    ledger_table,
    stand_up_again,
)
from jolly_parlor.cli.printed import JSON, OUT, PATH, asked_mix, write_json, write_text
from jolly_parlor.project.files import open_project, save_project
from jolly_parlor.project.ledger import ENTRY_KINDS, entry
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr


@click.command("ledger")
@click.argument("file", type=PATH)
@click.option("--kind", multiple=True, type=click.Choice(ENTRY_KINDS), help="Only these.")
@click.option("--seat", help="Whose Evenness is told; the first one's without.")
@click.option("--source", help="What plays; all that will be heard without.")
@click.option("--stand-up", type=int, metavar="STEP", help="Add what stood there to FILE.")
@JSON
@click.option("--csv", "csv_out", type=OUT, help="Write it comma-separated.")
def ledger(
    file: Path,
    kind: tuple[str, ...],
    seat: str | None,
    source: str | None,
    stand_up: int | None,
    out: str | None,
    csv_out: Path | None,
) -> None:
    """Show the Ledger of FILE: every step with its date, what was done, how even it was."""
    opened = open_project(file)
    project = opened.project
    document = project.document
    if stand_up is not None:
        changed = stand_up_again(document, project.ledger, stand_up)
        save_project(project.after(changed), file, opened.fingerprint)
        click.echo(
            tr("“{name}” added to {name2}.", name=changed.arrangements[-1].name, name2=file.name)
        )
        return
    name = seat or document.gear.seats[0].name
    document.gear.seat(name)
    mix = asked_mix(document, source)
    steps = judged_steps(document, project.ledger, name, mix)
    wanted = [step for step in steps if not kind or step.entry.kind in kind]
    if csv_out is not None:
        write_text(csv_out, ledger_csv(wanted), ".csv")
        click.echo(tr("{csv_out}: {wanted} entries.", csv_out=csv_out, wanted=len(wanted)))
    if out is not None:
        table = {"room": document.room.name, "seat": name, "source": mix.id}
        write_json(out, {**table, "entries": ledger_table(wanted)})
    elif csv_out is None:
        for step in wanted:
            click.echo(_line(step))
        if not wanted:
            click.echo(tr("Nothing is written there yet."))


def _line(step: Step) -> str:
    figures = [
        tr("{what} {value:.1f} dB", what=what, value=value)
        for what, value in (("forecast", step.forecast_db), ("measured", step.measured_db))
        if value is not None
    ]
    told = f"  ({', '.join(figures)})" if figures else ""
    return f"{step.number:4d}  {step.day_and_time}  {step.entry.kind:11s}  {step.entry.text}{told}"


@click.command("note")
@click.argument("file", type=PATH)
@click.argument("text")
@click.option("--arrangement", help="What it is about: kept with where everything stands.")
def note(file: Path, text: str, arrangement: str | None) -> None:
    """Write TEXT into the Ledger of FILE."""
    words = text.strip()
    if not words:
        raise Refused(tr("A note needs words."))
    if len(words) > 2000:
        raise Refused(tr("Keep a note to 2000 letters; this one has {words}.", words=len(words)))
    opened = open_project(file)
    project = opened.project
    stood = project.document.arrangement(arrangement) if arrangement is not None else None
    noted = replace(project, ledger=(*project.ledger, entry("note", words, stood)))
    save_project(noted, file, opened.fingerprint)
    click.echo(tr("Noted as step {ledger}.", ledger=len(noted.ledger)))
