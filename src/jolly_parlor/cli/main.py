"""The command itself. See docs/command-line.md.

Exit codes: 0 done; 1 refused, with one sentence on standard error; 2 wrong usage; 3 the program
itself failed.
"""

import os
import sys
from difflib import get_close_matches
from pathlib import Path

import click

from jolly_parlor import __version__, defects
from jolly_parlor.cli.desktop_command import install_desktop
from jolly_parlor.cli.document_commands import (
    export,
    import_take,
    judge,
    new,
    propose_arrangement,
)
from jolly_parlor.cli.equalise_command import equalise_command
from jolly_parlor.cli.fit_commands import explain, fit_command, next_command
from jolly_parlor.cli.forecast_commands import compare_arrangements, forecast
from jolly_parlor.cli.hear_commands import hear_command, lesson_command
from jolly_parlor.cli.ledger_commands import ledger, note
from jolly_parlor.cli.match_command import match
from jolly_parlor.cli.output import PATH
from jolly_parlor.cli.reflections_command import reflections
from jolly_parlor.cli.report_command import report
from jolly_parlor.cli.search_commands import search_room
from jolly_parlor.cli.settings_commands import settings, subs
from jolly_parlor.cli.signal_commands import signal
from jolly_parlor.cli.take_commands import analyse, measure_take
from jolly_parlor.refused import Refused


class _OpenOrCommand(click.Group):
    """A first word that is no command is a file to open; a mistyped command is told."""

    def parse_args(self, ctx: click.Context, args: list[str]) -> list[str]:
        if not args or (args[0] not in self.commands and not args[0].startswith("-")):
            if args and (near := self._mistyped(args[0])):
                raise click.UsageError(f"There is no command “{args[0]}”. Did you mean “{near}”?")
            args = ["open", *args]
        return super().parse_args(ctx, args)

    def _mistyped(self, word: str) -> str:
        """The command a word is likely meant to be; empty for what looks like a file."""
        if Path(word).suffix or "/" in word or Path(word).exists():
            return ""
        near = get_close_matches(word, self.commands, 1)
        return near[0] if near else ""


@click.group(cls=_OpenOrCommand, options_metavar="", subcommand_metavar="[FILE] | COMMAND ...")
@click.version_option(__version__, prog_name="jolly-parlor")
def cli() -> None:
    """Find where the monitors, the subwoofer and the seat belong in a room.

    Without a command the window opens, with FILE if one is given.
    """


@cli.command("open")
@click.argument("file", type=PATH, required=False)
def open_window(file: Path | None) -> None:
    """Open the window, with FILE if given."""
    _must_see()
    from jolly_parlor.app.start import run

    sys.exit(run(file))


def _must_see() -> None:
    """Qt would end the program where there is no display."""
    if not any(os.environ.get(name) for name in ("DISPLAY", "WAYLAND_DISPLAY", "QT_QPA_PLATFORM")):
        raise Refused(
            "There is no display to open a window on: DISPLAY and WAYLAND_DISPLAY are empty. The "
            "commands work without one; see jolly-parlor --help."
        )


@cli.command("demo")
@click.argument("sample", type=click.Choice(["kiln", "loft"]), default="kiln")
def open_sample(sample: str) -> None:
    """Open the window with a copy of a lived-in sample: The Kiln Room with a bookcase and a
    sofa, or Harbour Loft, L-shaped with an open side.
    """
    _must_see()
    from jolly_parlor.app.samples import SAMPLES
    from jolly_parlor.app.start import run

    sys.exit(run(SAMPLES[sample]))


for command in (
    new,
    propose_arrangement,
    import_take,
    judge,
    forecast,
    compare_arrangements,
    report,
    measure_take,
    analyse,
    export,
    fit_command,
    next_command,
    explain,
    search_room,
    settings,
    subs,
    ledger,
    note,
    signal,
    reflections,
    equalise_command,
    match,
    hear_command,
    lesson_command,
    install_desktop,
):
    cli.add_command(command)


@cli.command()
@click.argument("folder", type=PATH)
@click.option("--only", multiple=True, metavar="VIEW", help="That view alone; may be repeated.")
def screenshots(folder: Path, only: tuple[str, ...]) -> None:
    """Draw each main view of the demo into FOLDER, 1280 by 800."""
    from jolly_parlor.app.screenshots import take_all

    for path in take_all(folder, frozenset(only)):
        click.echo(str(path))


def main() -> None:
    """Run the command; a refusal is one sentence and exit code 1."""
    try:
        cli.main(standalone_mode=False)
    except click.exceptions.Exit as stop:
        sys.exit(stop.exit_code)
    except click.ClickException as error:
        error.show()
        sys.exit(error.exit_code)
    except click.Abort:
        sys.exit(130)
    except Exception as error:
        click.echo(f"jolly-parlor: {defects.sentence(error, 'at this command')}", err=True)
        sys.exit(1 if isinstance(error, Refused) else 3)
