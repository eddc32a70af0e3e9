"""A control is added in one place: a field of a Chain with what it is."""

import os
import shutil
import subprocess
import sys
from pathlib import Path

from places import ROOT

_FIELD = """    all_pass_degrees: Annotated[
        float,
        Ge(0.0),
        Le(180.0),
        Control(
            *("all-pass", "°", 0.0, 180.0),
            usual=Span(0.0, 180.0),
            tidy=5.0,
            whose="subwoofer",
            response=lambda f, chain: phase_knob(f, 60.0, chain.all_pass_degrees),
        ),
    ] = 0.0
"""
_BEFORE = "    sections: Annotated[tuple[Section"


def test_a_control_added_in_one_place_goes_all_the_way(tmp_path: Path) -> None:
    source = tmp_path / "src"
    shutil.copytree(
        ROOT / "src" / "jolly_parlor",
        source / "jolly_parlor",
        ignore=shutil.ignore_patterns("__pycache__"),
    )
    chains = source / "jolly_parlor" / "placement" / "chains.py"
    text = chains.read_text("utf-8")
    assert text.count(_BEFORE) == 1
    chains.write_text(text.replace(_BEFORE, _FIELD + _BEFORE), "utf-8")
    walked = subprocess.run(
        [sys.executable, str(ROOT / "tests" / "one_more_control.py"), str(tmp_path)],
        env={**os.environ, "PYTHONPATH": f"{source}{os.pathsep}{ROOT / 'tests'}"},
        capture_output=True,
        text=True,
        check=False,
    )
    assert walked.returncode == 0 and "walked" in walked.stdout, walked.stderr[-3000:]
