"""A Debian package from the tree.

Run as `.venv/bin/python scripts/make_deb.py [OUT] [--libraries FOLDER]`.

The program and its pinned libraries lie under /usr/lib/jolly-parlor, apart from Debian's own; menu
entry, icons, file type, description, manual and completion where the desktop looks for them. The
libraries are installed by pip from the lock, or copied from FOLDER where that is given. Needs
dpkg-deb. The package is for the Python version that makes it.
"""

import argparse
import gzip
import os
import shutil
import subprocess
import sys
import tempfile
import tomllib
from pathlib import Path

from jolly_parlor import RELEASED, __version__
from jolly_parlor.cli.registry import COMMANDS
from jolly_parlor.desktop.desktop_files import SUMMARY
from jolly_parlor.desktop.installing import desktop_files

ROOT = Path(__file__).resolve().parents[1]
_NAME = "jolly-parlor"
_QT_NEEDS = (
    "libegl1, libgl1, libopengl0, libxkbcommon0, libxkbcommon-x11-0, libdbus-1-3, libfontconfig1, "
    "libfreetype6, libglib2.0-0 | libglib2.0-0t64, libx11-xcb1, libxcb-cursor0, libxcb-icccm4, "
    "libxcb-image0, libxcb-keysyms1, libxcb-randr0, libxcb-render-util0, libxcb-shape0, "
    "libxcb-sync1, libxcb-xfixes0, libxcb-xinerama0, libxcb-xkb1"
)
_STARTER = """#!/bin/sh
# The libraries of the package, and nothing of the user's own or of the current folder.
PYTHONPATH=/usr/lib/jolly-parlor
export PYTHONPATH
exec python{version} -sP -m jolly_parlor "$@"
"""


def control(size_kilobytes: int, architecture: str) -> str:
    """What dpkg wants to know."""
    low, high = sys.version_info[1], sys.version_info[1] + 1
    return "\n".join(
        [
            f"Package: {_NAME}",
            f"Version: {__version__}",
            f"Architecture: {architecture}",
            "Maintainer: The makers of Jolly Parlor <makers@jollyparlor.invalid>",
            f"Installed-Size: {size_kilobytes}",
            f"Depends: python3 (>= 3.{low}), python3 (<< 3.{high}), {_QT_NEEDS}",
            "Recommends: libportaudio2, shared-mime-info, desktop-file-utils",
            "Section: sound",
            "Priority: optional",
            f"Description: {SUMMARY[0].lower()}{SUMMARY[1:]}",
            " Takes the dimensions of a home studio or listening room and a few measured",
            " responses, and finds the arrangement that is most even, before any treatment",
            " is bought.",
            "",
        ]
    )


def lay(tree: Path, libraries: Path | None) -> None:
    """Everything where it belongs under `tree`."""
    held = tree / "usr" / "lib" / _NAME
    held.mkdir(parents=True)
    ignored = shutil.ignore_patterns("__pycache__", "*.pyc", "jolly_parlor", "*.egg-link")
    if libraries is not None:
        shutil.copytree(libraries, held, dirs_exist_ok=True, ignore=ignored)
    else:
        lock = str(ROOT / "requirements.lock")
        words = ["install", "--quiet", "--no-compile", "--target", str(held), "--constraint", lock]
        subprocess.run([sys.executable, "-m", "pip", *words, *_needed()], check=True)
        shutil.rmtree(held / "bin", ignore_errors=True)
    shutil.copytree(
        ROOT / "src" / "jolly_parlor",
        held / "jolly_parlor",
        ignore=shutil.ignore_patterns("__pycache__"),
    )
    starter = tree / "usr" / "bin" / _NAME
    version = f"{sys.version_info[0]}.{sys.version_info[1]}"
    _put(starter, _STARTER.format(version=version).encode(), 0o755)
    told = {name: place.told for name, place in COMMANDS.items()}
    for place, data in desktop_files(f"/usr/bin/{_NAME}", told, RELEASED).items():
        if place.startswith("man/"):
            place, data = f"{place}.gz", gzip.compress(data, mtime=0)
        _put(tree / "usr" / "share" / place, data)
    _put(tree / "usr" / "share" / "doc" / _NAME / "copyright", (ROOT / "LICENSE").read_bytes())


def build(out: Path, libraries: Path | None) -> Path:
    """The package, in the folder `out`."""
    told = subprocess.run(
        ["dpkg", "--print-architecture"], capture_output=True, text=True, check=True
    )
    architecture = told.stdout.strip()
    with tempfile.TemporaryDirectory() as folder:
        tree = Path(folder) / "tree"
        tree.mkdir(mode=0o755)
        lay(tree, libraries)
        for path in tree.rglob("*"):
            if path.is_dir():
                path.chmod(0o755)
        size = sum(path.stat().st_size for path in tree.rglob("*") if path.is_file())
        _put(tree / "DEBIAN" / "control", control(size // 1024 + 1, architecture).encode())
        made = out / f"{_NAME}_{__version__}_{architecture}.deb"
        out.mkdir(parents=True, exist_ok=True)
        words = ["dpkg-deb", "--root-owner-group", "-Zxz", "--build", str(tree), str(made)]
        subprocess.run(words, check=True, stdout=subprocess.DEVNULL)
    return made


def _needed() -> list[str]:
    """What the program stands on, with what measures through a sound card."""
    project = tomllib.loads((ROOT / "pyproject.toml").read_text("utf-8"))["project"]
    return [*project["dependencies"], *project["optional-dependencies"]["soundcard"]]


def _put(path: Path, data: bytes, mode: int = 0o644) -> None:
    path.parent.mkdir(parents=True, exist_ok=True)
    path.write_bytes(data)
    path.chmod(mode)


def main() -> None:
    """Build, and say where it is."""
    parser = argparse.ArgumentParser()
    parser.add_argument("out", nargs="?", type=Path, default=ROOT / "dist")
    parser.add_argument("--libraries", type=Path)
    asked = parser.parse_args()
    os.umask(0o022)
    print(build(asked.out, asked.libraries))


if __name__ == "__main__":
    main()
