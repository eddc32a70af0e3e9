"""Commands that learn from takes: fit, explain, next. Part of `cli`."""

import json
from dataclasses import asdict
from pathlib import Path
from typing import Any

import click

from jolly_parlor.cli_measuring import write_text
from jolly_parlor.fitting.fit import Fit
from jolly_parlor.fitting.telling import summary, unseen, value_of, warnings
from jolly_parlor.project.files import open_document
from jolly_parlor.project.learning import advice_for, fit_document

PATH = click.Path(path_type=Path)
_JSON = click.option("--json", "out", type=PATH, help="Where to write the same as JSON.")


@click.command("fit")
@click.argument("file", type=PATH)
@_JSON
def fit_command(file: Path, out: Path | None) -> None:
    """Fit the room of FILE to its takes: sizes, absorption, sources, and how sure each is."""
    fit = fit_document(open_document(file))
    for words in (*summary(fit), *warnings(fit)):
        click.echo(words)
    for take in fit.takes:
        click.echo(f"{take.name}: {take.before_db:.1f} dB before, {take.after_db:.1f} dB after.")
    hidden = unseen(fit)
    if hidden:
        click.echo(f"These takes do not show: {', '.join(hidden)}.")
    if out is not None:
        write_text(out, json.dumps(_fit_table(fit), indent=1) + "\n")


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
        write_text(out, json.dumps(asdict(advice) | {"words": advice.words}, indent=1) + "\n")


def _fit_table(fit: Fit) -> dict[str, Any]:
    room = fit.room
    return {
        "dimensions_m": list(room.dimensions),
        "residual_db": fit.residual_db,
        "takes": [asdict(take) for take in fit.takes],
        "parameters": [
            {
                "name": p.name,
                "kind": p.kind,
                "unit": "factor" if p.unit == "log" else p.unit,
                "value": value_of(fit, n),
                "uncertainty": p.tolerance * fit.deviation_of(n),
                "seen": fit.deviation_of(n) < 0.8,
            }
            for n, p in enumerate(fit.parameters)
        ],
        "unseen": unseen(fit),
        "warnings": warnings(fit),
    }
