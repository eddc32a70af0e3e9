"""`hear` and `lesson` without a window."""

import json
from dataclasses import replace
from pathlib import Path

import numpy as np
import pyloudnorm
import pytest
import soundfile

from jolly_parlor.acoustics.rigid_sphere import ear_points
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.mixes import judged_band, mix_of
from jolly_parlor.project.files import open_document, save_document
from jolly_parlor.signals.impulse import ImpulseResponse
from places import EXAMPLES
from processes import ran_here

KILN = EXAMPLES / "kiln-room.parlor"


@pytest.fixture(scope="module")
def heard(tmp_path_factory) -> tuple[Path, dict, str]:
    folder = tmp_path_factory.mktemp("heard")
    words = ["hear", KILN, "--out", folder / "wav", "--impulses", "--json", folder / "h.json"]
    done = ran_here(words)
    assert done.returncode == 0, done.stderr
    return folder, json.loads((folder / "h.json").read_text()), done.stdout


def test_all_are_written_equally_loud_with_what_differs(heard) -> None:
    _, told, words = heard
    meter = pyloudnorm.Meter(48_000)
    sounds = [path for path in told["files"] if "impulse" not in path]
    assert len(sounds) == 3 and len(told["files"]) == 6
    loud = []
    for path in sounds:
        samples, rate = soundfile.read(path, always_2d=True)
        assert rate == 48_000 and samples.shape[1] == 2
        loud.append(meter.integrated_loudness(samples))
    assert max(loud) - min(loud) < 0.1
    assert np.mean(loud) == pytest.approx(told["loudness_lufs"], abs=0.15)
    assert told["arrangements"][0]["differs_from_the_first"] == []
    assert "Against “A third”: at " in words and "NIOSH" in words
    assert told["source"] == "both+sub" and "Forecast below 300 Hz" in told["notes"][0]


def test_the_impulse_responses_are_the_forecast_at_each_ear(heard) -> None:
    _, told, _ = heard
    path = next(path for path in told["files"] if "impulse - A third" in path)
    samples, rate = soundfile.read(path, always_2d=True)
    assert samples.shape[1] == 4
    document = open_document(KILN)
    a, mix = document.arrangements[0], mix_of(document.gear, "both+sub")
    forecaster = Forecaster(document.room, document.gear)
    low, high, _ = judged_band(document.gear, mix)
    f = forecaster.frequencies_hz
    f = f[(f >= low) & (f <= high)]
    lead = told["impulse_lead_seconds"]
    for ear, point in enumerate(ear_points(a.seats["desk"])):
        both = ImpulseResponse(samples[:, ear] + samples[:, 2 + ear], rate, -lead)
        wanted = forecaster.at(a, point, mix).response(mix)
        expected = np.interp(f, wanted.frequencies_hz, wanted.level_db)
        assert np.abs(both.response(f).level_db - expected).max() < 0.1


@pytest.mark.parametrize(
    ("words", "code", "why"),
    [
        (["--piece", "song.mp3"], 2, "There is no piece “song.mp3”"),
        (["--piece", "gone.wav"], 1, "There is no file gone.wav"),
        (["--arrangement", "Elsewhere"], 1, "no arrangement “Elsewhere”"),
        (["--source", "organ"], 2, "no mix “organ”"),
        (["--seat", "loft"], 1, "loft"),
        (["--difference", "Elsewhere"], 1, "no arrangement “Elsewhere”"),
        (["--out", "/proc/nowhere"], 1, "cannot be written into"),
    ],
)
def test_what_cannot_be_heard_is_said_in_a_sentence(words, code, why) -> None:
    done = ran_here(["hear", KILN, *words])
    assert done.returncode == code and why in done.stderr


def test_takes_and_differences_are_heard_too(tmp_path: Path) -> None:
    done = ran_here(["hear", KILN, "--measured", "--difference", "A third", "--json"])
    told = json.loads(done.stdout)
    assert (told["basis"], told["through"]) == ("measured", "loudspeakers")
    whole = open_document(KILN)
    alone = tuple(t for t in whole.takes if t.info.source in ("left", "right"))[:2]
    room = tmp_path / "room.parlor"  # two of its fifteen takes: a fit is made anew
    save_document(replace(whole, takes=alone), room)
    done = ran_here(["hear", room, "--fitted", "--arrangement", "A third", "--json"])
    told = json.loads(done.stdout)
    assert told["fitted"] and told["basis"] == "forecast"


def test_a_lesson_is_told_and_written(tmp_path) -> None:
    done = ran_here(["lesson", KILN, "late", "--out", tmp_path, "--json", tmp_path / "l.json"])
    assert done.returncode == 0, done.stderr
    told = json.loads((tmp_path / "l.json").read_text())
    assert told["size"] == told["size_here"] and "ms after the pair" in told["where"]
    assert {Path(path).name for path in told["files"]} == {
        "late with it.wav",
        "late without it.wav",
    }
    done = ran_here(["lesson", KILN, "dip", "--size", "99"])
    assert "24.0 dB deep, as far as the lesson goes" in done.stdout
