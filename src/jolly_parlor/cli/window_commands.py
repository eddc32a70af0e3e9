"""Commands that need the window."""

import os
import sys
from pathlib import Path

import click

from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

PATH = click.Path(path_type=Path)


@click.command("open")
@click.argument("file", type=PATH, required=False)
def open_window(file: Path | None) -> None:
    """Open the window, with FILE if given."""
    _must_see()
    from jolly_parlor.app.opening import run

    sys.exit(run(file))


@click.command("demo")
@click.argument("sample", type=click.Choice(["kiln", "loft"]), default="kiln")
def open_sample(sample: str) -> None:
    """Open the window with a copy of a lived-in sample: The Kiln Room with a bookcase and a
    sofa, or Harbour Loft, L-shaped with an open side.
    """
    _must_see()
    from jolly_parlor.app.opening import run
    from jolly_parlor.app.samples import SAMPLES

    sys.exit(run(SAMPLES[sample]))


@click.command()
@click.argument("folder", type=PATH)
@click.option("--only", multiple=True, metavar="VIEW", help="That view alone; may be repeated.")
def screenshots(folder: Path, only: tuple[str, ...]) -> None:
    """Draw each main view of the demo into FOLDER, 1280 by 800."""
    from jolly_parlor.app.screenshots import take_all

    for path in take_all(folder, frozenset(only)):
        click.echo(str(path))


def _must_see() -> None:
    """Qt would end the program where there is no display."""
    if not any(os.environ.get(name) for name in ("DISPLAY", "WAYLAND_DISPLAY", "QT_QPA_PLATFORM")):
        raise Refused(
            tr(
                "There is no display to open a window on: DISPLAY and "
                "WAYLAND_DISPLAY are empty. The commands work without one; see "
                "jolly-parlor --help."
            )
        )
