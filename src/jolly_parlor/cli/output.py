"""What commands share: paths, writing results, rounding."""

import json
from pathlib import Path
from typing import Any

import click

from jolly_parlor.atomic import replacing
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.mixes import Mix, mix_of
from jolly_parlor.project.document import Document
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

PATH = click.Path(path_type=Path)
JSON = click.option(
    "--json",
    "out",
    is_flag=False,
    flag_value="-",
    metavar="[FILE]",
    help=tr("Write JSON, to FILE or instead of words."),
)
"""For commands whose FILE comes first: what follows --json is where to write."""


def write_json(out: str, table: dict[str, Any]) -> None:
    """To a file, or `-` to standard output. Raises Refused in a sentence."""
    text = json.dumps(table, indent=2, ensure_ascii=False) + "\n"
    if out == "-":
        click.echo(text, nl=False)
    else:
        write_text(Path(out), text)


def write_text(out: Path, text: str) -> None:
    """Write a result where asked, whole or not at all. Raises Refused in a sentence."""
    write_bytes(out, text.encode("utf-8"))


def write_bytes(out: Path, data: bytes) -> None:
    """The same of what is no text."""
    try:
        with replacing(out) as temporary:
            temporary.write_bytes(data)
    except OSError as error:
        reason = (error.strerror or tr("the place cannot be written")).lower()
        raise Refused(tr("{out} could not be written: {reason}.", out=out, reason=reason)) from None


def asked_mix(gear: Gear, source: str) -> Mix:
    """The mix of that id; another one is wrong usage."""
    try:
        return mix_of(gear, source)
    except Refused as error:
        raise click.UsageError(str(error)) from None


def usual_arrangement(document: Document) -> str:
    """The picked or first one; a document without any is wrong usage."""
    if not document.arrangements:
        raise click.UsageError(tr("The document has no arrangement; propose one first."))
    return document.chosen or document.arrangements[0].name


def rounded(value: float | None) -> float | None:
    """For JSON: to thousandths."""
    return None if value is None else round(value, 3)
