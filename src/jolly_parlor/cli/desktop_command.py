"""The program in the desktop's menu, and documents that open by a double-click."""

import shutil
import sys
from pathlib import Path

import click
from platformdirs import user_data_path

from jolly_parlor import RELEASED
from jolly_parlor.cli.registry import COMMANDS
from jolly_parlor.desktop.installing import desktop_files, install, remove
from jolly_parlor.words import tr


@click.command("install-desktop")
@click.option("--remove", "away", is_flag=True, help="Take it out again.")
def install_desktop(away: bool) -> None:
    """Put Jolly Parlor into the desktop's menu, with its icon, its file type and its manual page;
    for this user, under the XDG data folder.
    """
    told = {name: place.told for name, place in COMMANDS.items()}
    data_home = user_data_path()
    files = desktop_files(_command(), told, RELEASED)
    paths = remove(data_home, files) if away else install(data_home, files)
    for path in paths:
        click.echo(str(path))
    if away:
        click.echo(tr("Taken out of the desktop.") if paths else tr("It was not in the desktop."))
    else:
        click.echo(tr("In the menu from now on; .parlor files open by a double-click."))


def _command() -> str:
    """Where this program is: a menu does not know the folders of a shell."""
    here = Path(sys.argv[0])
    beside = Path(sys.executable).with_name("jolly-parlor")
    for place in (here if here.name == "jolly-parlor" else beside, beside):
        if place.is_file():
            return str(place.resolve())
    return shutil.which("jolly-parlor") or "jolly-parlor"
