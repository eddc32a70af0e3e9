"""Nothing that lies in the current folder is run: by the starters, the window, or the search."""

import os
import subprocess
import sys
from pathlib import Path

import pytest

from places import EXAMPLES, ROOT

_NAMES = (
    "click", "numpy", "scipy", "numba", "pydantic", "platformdirs", "PyQt6", "pyqtgraph", "json",
    "random", "pickle", "tempfile", "struct", "socket", "zipfile", "csv", "copyreg", "queue",
    "selectors", "threading", "typing", "dataclasses", "logging", "jolly_parlor", "sitecustomize",
)  # fmt: skip
_POISON = """from pathlib import Path
Path(__file__).with_name("ran-" + __name__).write_text("")
raise SystemExit("poisoned: " + __name__)
"""
_BY_PACKAGE = (ROOT / "scripts" / "make_deb.py").read_text()
_SEARCH = """
import sys
from pathlib import Path
from jolly_parlor.placement.search.apart import search_apart
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.project.files import open_document
if __name__ == "__main__":
    d = open_document(Path(sys.argv[1]))
    wishes = Wishes(height_change=0.0, equilateral_tolerance=0.02, furthest=1.1)
    told = []
    search_apart(d.room, d.gear, None, wishes, lambda *_: told.append(1), lambda: len(told) > 0)
    print("searched")
"""
_WINDOW = """
import sys
from pathlib import Path
from PyQt6.QtWidgets import QApplication
from jolly_parlor.app import start
QApplication.exec = lambda *_: QApplication.processEvents() or 0
print("opened", start.run(Path(sys.argv[1])))
"""


@pytest.fixture
def poisoned(tmp_path: Path) -> Path:
    for name in _NAMES:
        (tmp_path / f"{name}.py").write_text(_POISON)
    return tmp_path


def ran(words: list[object], folder: Path) -> subprocess.CompletedProcess[str]:
    environment = {k: v for k, v in os.environ.items() if k != "PYTHONPATH"}
    done = subprocess.run(
        list(map(str, words)),
        cwd=folder,
        env=environment,
        capture_output=True,
        text=True,
        timeout=120,
        check=False,
    )
    assert not [path.name for path in folder.glob("ran-*")], done.stderr
    return done


DEMO = EXAMPLES / "kiln-room.parlor"


def test_the_module_runs_as_if_the_folder_were_empty(poisoned: Path) -> None:
    done = ran([sys.executable, "-sP", "-m", "jolly_parlor", "ledger", DEMO], poisoned)
    assert done.returncode == 0 and done.stdout, done.stderr


def test_without_its_safe_path_python_itself_looks_there_first_and_the_program_no_more(
    tmp_path: Path,
) -> None:
    for name in ("click", "numpy", "pydantic", "platformdirs"):
        (tmp_path / f"{name}.py").write_text(_POISON)
    done = ran([sys.executable, "-m", "jolly_parlor", "ledger", DEMO], tmp_path)
    assert done.returncode == 0 and done.stdout, done.stderr


def test_the_command_runs_as_if_the_folder_were_empty(poisoned: Path) -> None:
    command = Path(sys.executable).with_name("jolly-parlor")
    done = ran([command, "ledger", DEMO], poisoned)
    assert done.returncode == 0 and done.stdout, done.stderr


def test_the_package_starts_python_with_its_safe_path() -> None:
    line = next(line for line in _BY_PACKAGE.splitlines() if line.startswith("exec python"))
    assert " -sP -m jolly_parlor " in line


def test_a_search_apart_runs_nothing_of_the_folder(
    poisoned: Path, tmp_path_factory: pytest.TempPathFactory
) -> None:
    script = tmp_path_factory.mktemp("asks") / "ask.py"
    script.write_text(_SEARCH)
    done = ran([sys.executable, script, DEMO], poisoned)
    assert done.stdout == "searched\n", done.stderr
    assert "PYTHONSAFEPATH" not in os.environ


def test_the_window_opens_and_runs_nothing_of_the_folder(
    poisoned: Path, tmp_path_factory: pytest.TempPathFactory
) -> None:
    script = tmp_path_factory.mktemp("opens") / "open.py"
    script.write_text(_WINDOW)
    done = ran([sys.executable, script, DEMO], poisoned)
    assert done.stdout == "opened 0\n", done.stderr
