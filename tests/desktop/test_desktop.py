"""The desktop's files, validated by its own tools, put in and taken out again."""

import os
import shlex
import shutil
import subprocess
import sys
from pathlib import Path

import click
import pytest
from PyQt6.QtGui import QImage

from jolly_parlor import __version__
from jolly_parlor.cli.main import cli
from jolly_parlor.cli.registry import COMMANDS as COMMANDS_TABLE
from jolly_parlor.desktop.desktop_files import MIME_TYPE, SIZES, manual, quoted
from jolly_parlor.desktop.installing import desktop_files, install, remove
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import save_document
from jolly_parlor.refused import Refused
from places import ROOT
from processes import ran, ran_here

COMMANDS = {"forecast": "Calculate the response.", "hear": "Say what differs -- to the ear."}


@pytest.fixture
def home(tmp_path: Path) -> Path:
    install(tmp_path / "data", desktop_files("/opt/a b/jolly-parlor", COMMANDS, "2026-11-26"))
    return tmp_path / "data"


def checked(tool: str, *words: object) -> str:
    """What a validator says; a fresh machine has it from scripts/setup.sh."""
    assert shutil.which(tool), f"{tool} is missing: run scripts/setup.sh dev"
    done = ran([tool, *words])
    assert done.returncode == 0, done.stdout + done.stderr
    return done.stdout + done.stderr


def test_the_menu_entry_is_valid(home: Path) -> None:
    assert not checked("desktop-file-validate", home / "applications" / "jolly-parlor.desktop")


def test_the_description_is_valid(home: Path) -> None:
    (path,) = (home / "metainfo").iterdir()
    assert "successful" in checked("appstreamcli", "validate", "--no-net", path)


def test_a_document_is_known_by_its_name_and_by_its_bytes(
    home: Path, kiln: Document, tmp_path: Path
) -> None:
    checked("update-mime-database", home / "mime")
    named, nameless, archive = (tmp_path / n for n in ("a.parlor", "nameless", "other.zip"))
    save_document(kiln, named)
    nameless.write_bytes(named.read_bytes())
    archive.write_bytes(b"PK\x03\x04" + bytes(60))
    code = (
        "import sys; from PyQt6.QtCore import QMimeDatabase as D; "
        "print(*(D().mimeTypeForFile(p).name() for p in sys.argv[1:]))"
    )
    there = os.environ | {"XDG_DATA_HOME": str(home)}
    done = ran([sys.executable, "-c", code, named, nameless, archive], environment=there)
    assert done.stdout.split() == [MIME_TYPE, MIME_TYPE, "application/zip"]


@pytest.mark.parametrize("size", SIZES)
def test_icons_are_as_large_as_their_folder_says(home: Path, size: int) -> None:
    path = home / f"icons/hicolor/{size}x{size}/apps/jolly-parlor.png"
    image = QImage(str(path))
    assert (image.width(), image.height()) == (size, size)
    assert image.pixelColor(size // 2, size // 8).name() == "#7a2a41"


@pytest.mark.parametrize("command", ["/usr/bin/x", "/opt/a b/x", '/odd/"$`\\/x', "/half 50%/x"])
def test_a_menu_finds_the_program_wherever_it_lies(command: str) -> None:
    # The file's own escaping undone, then a shell's quoting, which the specification borrows;
    # what is left has its percent signs doubled.
    line = quoted(command).replace("\\\\", "\\")
    done = ran(["sh", "-c", f"printf '%s\\n' {line}"])
    assert done.stdout.replace("%%", "%") == f"{command}\n"


def test_the_manual_names_every_command() -> None:
    told = {name: place.told for name, place in COMMANDS_TABLE.items()}
    page = manual(told, "2026-11-26")
    for name in COMMANDS_TABLE:
        assert f".B {name.replace('-', chr(92) + '-')}\n" in page
    assert page.startswith(".TH JOLLY\\-PARLOR 1")
    allowed = (".TH", ".SH", ".TP", ".B", ".BR", ".PP", ".br")
    for line in page.splitlines():
        assert not line.startswith(("'",)) and (line[:1] != "." or line.split()[0] in allowed)


def test_it_is_taken_out_as_it_was_put_in(home: Path) -> None:
    files = desktop_files("x", COMMANDS, "2026-11-26")
    other = home / "applications" / "other.desktop"
    other.write_text("[Desktop Entry]\n")
    assert len(remove(home, files)) == len(files)
    left = [p for p in home.rglob("*jolly*") if p.is_file()]
    assert not left and other.exists()
    assert remove(home, files) == []


def test_a_place_that_cannot_be_written_is_said(tmp_path: Path) -> None:
    (tmp_path / "data").write_text("no folder")
    with pytest.raises(Refused, match="could not be written"):
        install(tmp_path / "data", desktop_files("x", COMMANDS, "2026-11-26"))


def test_the_command_does_both(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setenv("XDG_DATA_HOME", str(tmp_path))
    done = ran_here(["install-desktop"])
    assert done.returncode == 0 and "In the menu from now on" in done.stdout
    entry = (tmp_path / "applications" / "jolly-parlor.desktop").read_text()
    words = shlex.split(next(line for line in entry.splitlines() if line.startswith("Exec="))[5:])
    assert Path(words[0]).is_file() and words[1] == "%f"
    assert subprocess.run([words[0], "--version"], capture_output=True, check=True).stdout
    assert "Taken out" in ran_here(["install-desktop", "--remove"]).stdout
    assert "was not in the desktop" in ran_here(["install-desktop", "--remove"]).stdout


def test_the_table_of_commands_says_what_each_says_itself() -> None:
    context = click.Context(cli)
    for name, place in COMMANDS_TABLE.items():
        command = cli.get_command(context, name)
        assert command is not None and command.name == name
        assert command.get_short_help_str(200) == place.told
    assert cli.get_command(context, "nothing") is None


def _completed(*words: str) -> list[str]:
    environment = os.environ | {
        "_JOLLY_PARLOR_COMPLETE": "bash_complete",
        "COMP_WORDS": " ".join(("jolly-parlor", *words)),
        "COMP_CWORD": str(len(words)),
    }
    done = ran([sys.executable, "-m", "jolly_parlor"], environment=environment)
    return [line.split(",", 1)[1] for line in done.stdout.splitlines()]


def test_commands_options_and_files_are_completed() -> None:
    assert {"forecast", "search", "hear"} <= set(_completed(""))
    assert _completed("fore") == ["forecast"]
    assert "--arrangement" in _completed("forecast", "--a")
    assert _completed("my-ro") == ["my-ro"]  # a file: the shell goes on


def test_bash_reads_what_completes(home: Path) -> None:
    script = home / "bash-completion" / "completions" / "jolly-parlor"
    done = ran(["bash", "-c", f'source "{script}" && complete -p jolly-parlor'])
    assert done.returncode == 0 and "jolly-parlor" in done.stdout, done.stderr


def test_a_debian_package_is_made_and_runs_from_where_it_is_unpacked(tmp_path: Path) -> None:
    (tmp_path / "none").mkdir()  # the libraries of this environment serve
    made = ran(
        [
            sys.executable,
            ROOT / "scripts" / "make_deb.py",
            tmp_path,
            "--libraries",
            tmp_path / "none",
        ]
    )
    assert made.returncode == 0, made.stderr
    package = Path(made.stdout.strip())
    about = ran(["dpkg-deb", "--info", package]).stdout
    assert f"Version: {__version__}" in about and "Package: jolly-parlor" in about
    ran(["dpkg-deb", "--extract", package, tmp_path / "root"])
    share = tmp_path / "root" / "usr" / "share"
    assert not checked("desktop-file-validate", share / "applications" / "jolly-parlor.desktop")
    assert "Exec=/usr/bin/jolly-parlor %f" in (
        share / "applications" / "jolly-parlor.desktop"
    ).read_text("utf-8")
    for place in ("man/man1/jolly-parlor.1.gz", "mime/packages/jolly-parlor.xml"):
        assert (share / place).is_file()
    held = tmp_path / "root" / "usr" / "lib" / "jolly-parlor"
    environment = os.environ | {"PYTHONPATH": str(held)}
    words = [sys.executable, "-c", "import jolly_parlor as j; print(j.__file__, j.__version__)"]
    told = ran(words, environment=environment).stdout
    assert str(held) in told and __version__ in told
    assert (held / "jolly_parlor" / "assets" / "samples" / "kiln-room.parlor").is_file()
