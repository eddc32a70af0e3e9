"""The equaliser without a window: its files say what it says."""

import csv
import json
import shutil
from pathlib import Path

import numpy as np
import pytest
from scipy import signal

from jolly_parlor.equalising.biquads import digital
from jolly_parlor.placement.chains import Section
from jolly_parlor.signals.wav import read_wav
from places import EXAMPLES
from processes import ran_here


@pytest.fixture(scope="module")
def written(tmp_path_factory) -> tuple[Path, dict]:
    folder = tmp_path_factory.mktemp("equaliser")
    shutil.copy(EXAMPLES / "kiln-room.parlor", folder / "k.parlor")
    words = ["equalise", folder / "k.parlor", "--json", folder / "eq.json", "--apply"]
    words += ["--table", folder / "t.csv", "--text", folder / "t.txt"]
    words += ["--biquads", folder / "b.json", "--rate", "48000"]
    words += ["--fir", folder / "f.wav", "--phase", "linear"]
    done = ran_here(words)
    assert done.returncode == 0, done.stderr
    return folder, json.loads((folder / "eq.json").read_text())


def test_table_text_and_coefficients_agree(written) -> None:
    folder, told = written
    (group,) = told["groups"]
    rows = list(csv.DictReader((folder / "t.csv").read_text().splitlines()))
    assert [float(row["frequency_hz"]) for row in rows] == [
        s["frequency_hz"] for s in group["sections"]
    ]
    text = (folder / "t.txt").read_text()
    for row in rows:
        assert f"{float(row['frequency_hz']):g} Hz" in text
    biquads = json.loads((folder / "b.json").read_text())["all alike"]["48000"]
    f = np.array([25.0, 60.0, 120.0, 250.0])
    rows_sos = [[b["b0"], b["b1"], b["b2"], 1.0, b["a1"], b["a2"]] for b in biquads]
    _, response = signal.sosfreqz(rows_sos, f, fs=48_000)
    sections = [Section(s["frequency_hz"], s["gain_db"], s["q"]) for s in group["sections"]]
    assert np.allclose(response, digital(sections, f, 48_000))
    samples, rate = read_wav(folder / "f.wav", "f.wav")
    assert rate == 48_000
    spectrum = np.abs(np.fft.rfft(samples[:, 0]))
    bins = np.fft.rfftfreq(samples.shape[0], 1 / rate)
    level = np.interp(f, bins, 20 * np.log10(spectrum))
    assert np.allclose(level, 20 * np.log10(np.abs(response)), atol=0.1)


def test_hollows_are_refused_and_the_whole_is_told(written) -> None:
    _, told = written
    features = told["groups"][0]["features"]
    assert all(not f["mendable"] for f in features if f["kind"] == "hollow")
    assert any("cancels too" in f["why"] for f in features)
    assert told["strength"] == 0.75 and told["applied"] is True
    assert told["trims"]["after_db"] < told["trims"]["before_db"]


def test_checking_without_a_take_is_refused_in_a_sentence(written) -> None:
    folder, _ = written
    done = ran_here(["equalise", folder / "k.parlor", "--check"])
    assert done.returncode == 1
    assert "measure one" in done.stderr


def test_a_fir_is_a_wav(written) -> None:
    folder, _ = written
    done = ran_here(["equalise", folder / "k.parlor", "--fir", folder / "f.txt"])
    assert done.returncode == 1 and ".wav" in done.stderr
    assert not (folder / "f.txt").exists()
