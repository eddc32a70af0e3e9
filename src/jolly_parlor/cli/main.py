"""The command itself. See docs/command-line.md.

Exit codes: 0 done; 1 refused, with one sentence on standard error; 2 wrong usage; 3 the program
itself failed.
"""

import sys
from difflib import get_close_matches
from importlib import import_module
from pathlib import Path

import click
from click.shell_completion import CompletionItem

from jolly_parlor import __version__
from jolly_parlor.cli.registry import COMMANDS
from jolly_parlor.outputs import AlreadyThere
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr


class _OpenOrCommand(click.Group):
    """A first word that is no command is a file to open; a mistyped command is told. What a
    command stands on is loaded when it is run.
    """

    def list_commands(self, ctx: click.Context) -> list[str]:
        return list(COMMANDS)

    def get_command(self, ctx: click.Context, cmd_name: str) -> click.Command | None:
        place = COMMANDS.get(cmd_name)
        if place is None:
            return None
        found = getattr(import_module(f"jolly_parlor.cli.{place.module}"), place.name)
        assert isinstance(found, click.Command)
        return found

    def format_commands(self, ctx: click.Context, formatter: click.HelpFormatter) -> None:
        with formatter.section(tr("Commands")):
            formatter.write_dl([(name, place.told) for name, place in COMMANDS.items()])

    def parse_args(self, ctx: click.Context, args: list[str]) -> list[str]:
        if ctx.resilient_parsing:  # somebody completes a word
            return super().parse_args(ctx, args)
        if not args or (args[0] not in COMMANDS and not args[0].startswith("-")):
            if args and (near := self._mistyped(args[0])):
                raise click.UsageError(
                    tr(
                        "There is no command “{args}”. Did you mean “{near}”?",
                        args=args[0],
                        near=near,
                    )
                )
            args = ["open", *args]
        return super().parse_args(ctx, args)

    def shell_complete(self, ctx: click.Context, incomplete: str) -> list[CompletionItem]:
        """Commands, and files to open."""
        if incomplete.startswith("-"):
            return super().shell_complete(ctx, incomplete)
        told = [
            CompletionItem(name, help=place.told)
            for name, place in COMMANDS.items()
            if name.startswith(incomplete)
        ]
        return told or [CompletionItem(incomplete, type="file")]

    def _mistyped(self, word: str) -> str:
        """The command a word is likely meant to be; empty for what looks like a file."""
        if Path(word).suffix or "/" in word or Path(word).exists():
            return ""
        near = get_close_matches(word, COMMANDS, 1)
        return near[0] if near else ""


@click.group(cls=_OpenOrCommand, options_metavar="", subcommand_metavar="[FILE] | COMMAND ...")
@click.version_option(__version__, prog_name="jolly-parlor")
def cli() -> None:
    """Find where the monitors, the subwoofer and the seat belong in a room.

    Without a command the window opens, with FILE if one is given.
    """


def main() -> None:
    """Run the command; a refusal is one sentence and exit code 1."""
    try:
        cli.main(standalone_mode=False, prog_name="jolly-parlor")
    except click.exceptions.Exit as stop:
        sys.exit(stop.exit_code)
    except click.ClickException as error:
        error.show()
        sys.exit(error.exit_code)
    except click.Abort:
        sys.exit(130)
    except Exception as error:
        from jolly_parlor import defects  # here: only a failure needs it

        told = defects.sentence(error, tr("at this command"))
        if isinstance(error, AlreadyThere):
            told = tr("{told} Or say --force.", told=told)
        click.echo(tr("jolly-parlor: {sentence}", sentence=told), err=True)
        sys.exit(1 if isinstance(error, Refused) else 3)
