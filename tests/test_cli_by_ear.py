"""The Ledger, notes and signals without a window, run as a user runs them."""

import csv
import json
import shutil
from pathlib import Path

import numpy as np
import pytest

from jolly_parlor.project.files import open_project
from jolly_parlor.signals.wav import read_wav
from places import DATA, EXAMPLES
from test_cli import run


def test_a_note_is_written_and_the_ledger_read_in_words_json_and_csv(tmp_path: Path) -> None:
    room = tmp_path / "room.parlor"
    shutil.copy(EXAMPLES / "kiln-room.parlor", room)
    count = len(open_project(room).project.ledger)
    said = run("note", room, "  fridge off, curtains drawn ", "--arrangement", "A third").stdout
    assert said == f"Noted as step {count + 1}.\n"
    last = run("ledger", room, "--kind", "note").stdout.splitlines()[-1]
    assert "fridge off, curtains drawn" in last and "forecast" in last
    told = json.loads(run("ledger", room, "--json").stdout)
    assert told["source"] == "both+sub"  # what will be heard, as on its page
    told = json.loads(run("ledger", room, "--source", "both", "--json").stdout)
    assert told["entries"][-1]["text"] == "fridge off, curtains drawn"
    assert any(row["measured_db"] for row in told["entries"])
    out = tmp_path / "ledger.csv"
    run("ledger", room, "--csv", out)
    rows = list(csv.DictReader(out.read_text("utf-8").splitlines()))
    assert len(rows) == count + 1 and rows[-1]["kind"] == "note"


def test_a_step_is_stood_up_again(tmp_path: Path) -> None:
    room = tmp_path / "room.parlor"
    shutil.copy(EXAMPLES / "kiln-room.parlor", room)
    said = run("ledger", room, "--stand-up", "1").stdout
    assert "“A third, step 1” added" in said
    assert open_project(room).project.document.arrangements[-1].name == "A third, step 1"
    assert "There is no step 900" in run("ledger", room, "--stand-up", "900", code=1).stderr


def test_what_cannot_be_noted_is_refused_and_nothing_written(tmp_path: Path) -> None:
    room = tmp_path / "room.parlor"
    shutil.copy(DATA / "kiln-furnished-v2.parlor", room)
    before = room.read_bytes()
    assert "needs words" in run("note", room, "   ", code=1).stderr
    assert "2000 letters" in run("note", room, "x" * 2001, code=1).stderr
    assert (
        "no arrangement “Nowhere”"
        in run("note", room, "x", "--arrangement", "Nowhere", code=1).stderr
    )
    assert room.read_bytes() == before


def test_the_hand_over_lists_first_reflections() -> None:
    found = json.loads(run("reflections", EXAMPLES / "kiln-room.parlor", "--json").stdout)
    assert found["seat"] == "desk"
    levels = [row["level_db"] for row in found["reflections"]]
    assert levels == sorted(levels, reverse=True) and any(
        r["exceeds"] for r in found["reflections"]
    )
    # By hand: from 1.21, 0.63 through 1.94, 1.88 the right wall at 3.87 is met 5.23 m back.
    through = {b["loudspeaker"]: (b["surface"], b["at_m"][1]) for b in found["behind_head"]}
    assert through["left"] == ("right wall", pytest.approx(5.2315, abs=0.001))
    assert through["right"][0] == "left wall"
    words = run("reflections", EXAMPLES / "kiln-room.parlor", "--arrangement", "A third").stdout
    assert "over-treated" in words and "from the front wall" in words
    gone = run("reflections", EXAMPLES / "kiln-room.parlor", "--arrangement", "X", code=1).stderr
    assert "no arrangement “X”" in gone


def test_signals_are_written_as_wav(tmp_path: Path) -> None:
    out = tmp_path / "band.wav"
    said = run("signal", "band", out, "--rate", 44100, "--seconds", 2, "--low", 80, "--high", 160)
    assert "Start quiet" in said.stdout
    samples, rate = read_wav(out, "band")
    assert rate == 44100 and samples.shape == (88200, 2)
    power = np.abs(np.fft.rfft(samples[:, 0])) ** 2
    f = np.fft.rfftfreq(88200, 1 / 44100)
    assert power[(f > 75) & (f < 165)].sum() / power.sum() == pytest.approx(1, abs=1e-6)
    assert "as it is" in run("signal", "piece", out, "--seconds", 3, "--force", code=1).stderr
    assert "invalid value" in run("signal", "whale", out, code=2).stderr.lower()
    gone = tmp_path / "nowhere" / "x.wav"
    assert "could not be written" in run("signal", "pink", gone, code=1).stderr
