"""What commands share: paths, writing results, rounding."""

import json
from collections.abc import Callable, Iterator
from contextlib import contextmanager
from pathlib import Path
from typing import Any

import click

from jolly_parlor.analysis.measured import usual_mix
from jolly_parlor.outputs import check_place, output, told_place
from jolly_parlor.placement.mixes import Mix, mix_of
from jolly_parlor.project.document import Document
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

_FORCED = "jolly_parlor.cli.force"
PATH = click.Path(path_type=Path)
"""Of what is read, or edited."""


class _Written(click.Path):
    """Of what is written, and looked at before anything is worked out; everything else that a
    command is given is read.
    """

    def convert(self, value: Any, param: click.Parameter | None, ctx: click.Context | None) -> Any:
        if ctx is not None and not ctx.resilient_parsing and self.file_okay and value != "-":
            check_place(Path(value), replace=bool(ctx.meta.get(_FORCED)))
        return super().convert(value, param, ctx)


OUT = _Written(path_type=Path)
OUT_NAME = _Written(allow_dash=True)
"""Of what may be `-`, for standard output."""
OUT_FOLDER = _Written(file_okay=False, path_type=Path)


def _forced(context: click.Context, _: click.Parameter, value: bool) -> None:
    context.meta[_FORCED] = value


FITTED = click.option(
    "--fitted/--surveyed",
    default=None,
    help="In the room fitted to the takes, or as surveyed; without, as the document has it.",
)
FORCE = click.option(
    "--force",
    is_flag=True,
    is_eager=True,
    expose_value=False,
    callback=_forced,
    help=tr("Replace what is written if it is there; never a document or what is read."),
)
"""For every command that writes a file."""


def JSON(command: Callable[..., Any]) -> Callable[..., Any]:
    """For commands whose FILE comes first: what follows --json is where to write."""
    option = click.option(
        "--json",
        "out",
        type=OUT_NAME,
        is_flag=False,
        flag_value="-",
        metavar="[FILE]",
        help=tr("Write JSON, to FILE or instead of words."),
    )
    return FORCE(option(command))


def write_json(out: str, table: dict[str, Any]) -> None:
    """To a file, or `-` to standard output. Raises Refused in a sentence."""
    text = json.dumps(table, indent=2, ensure_ascii=False) + "\n"
    if out == "-":
        click.echo(text, nl=False)
    else:
        write_text(Path(out), text, ".json")


def write_text(out: Path, text: str, kind: str = "") -> None:
    """Write a result where asked, as `outputs.output`. Raises Refused in a sentence."""
    write_bytes(out, text.encode("utf-8"), kind)


def write_bytes(out: Path, data: bytes, kind: str = "") -> None:
    """The same of what is no text."""
    with asked_output(out, kind) as temporary:
        temporary.write_bytes(data)


@contextmanager
def asked_output(out: Path, kind: str = "") -> Iterator[Path]:
    """As `outputs.output`, for the command that runs: what it was given to read is its input, and
    `--force` says that a file may be replaced.
    """
    with output(out, kind, replace=forced(), inputs=inputs()) as temporary:
        yield temporary
    if out.is_symlink() and out.is_file():
        click.echo(tr("Written to {place}.", place=told_place(out)), err=True)


def forced() -> bool:
    """Whether the command that runs may replace a file."""
    return bool(click.get_current_context().meta.get(_FORCED))


def inputs() -> list[Path]:
    """Whatever the command that runs was given that may be a file to read."""
    context = click.get_current_context()
    given = [p for p in context.command.params if not isinstance(p.type, _Written)]
    values = [context.params.get(str(p.name)) for p in given]
    return [Path(value) for value in values if isinstance(value, (str, Path))]


def asked_mix(document: Document, source: str | None) -> Mix:
    """The mix of that id; what is usual without one; another one is wrong usage."""
    if source is None:
        return usual_mix(document)
    try:
        return mix_of(document.gear, source)
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
