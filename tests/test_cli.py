"""The command without a window, run as a user runs it."""

import csv
import json
import subprocess
import sys
from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest

from fitted_once import fit_once
from jolly_parlor.project.files import open_document, save_document
from jolly_parlor.signals.wav import wav_bytes
from places import DATA, EXAMPLES, ROOT
from processes import ran, ran_here
from quick_field import use_quick_settings


def run(*words: object, code: int = 0) -> subprocess.CompletedProcess[str]:
    done = ran_here(words)
    assert done.returncode == code, done.stderr
    return done


def test_the_whole_walk_without_a_window(tmp_path: Path) -> None:
    room = tmp_path / "room.parlor"
    made = ran([sys.executable, "-m", "jolly_parlor", "new", EXAMPLES / "kiln-room.json", room])
    assert made.returncode == 0, made.stderr
    gone = ran([sys.executable, "-m", "jolly_parlor", "compare", tmp_path / "nowhere.parlor"])
    assert gone.returncode == 1 and "nowhere.parlor" in gone.stderr
    found = json.loads(run("compare", room, "--json").stdout)
    assert found["basis"] == "forecast"
    for a, stem in (
        ("A third", "a-third"),
        ("Thirty-eight", "thirty-eight"),
        ("Tight to the wall", "tight-to-the-wall"),
    ):
        take = EXAMPLES / "kiln-room-takes" / f"{stem}_both_desk.txt"
        run("import", room, "--arrangement", a, "--source", "both", "--seat", "desk", take)
    found = json.loads(run("compare", room, "--json").stdout)
    assert found["basis"] == "measured"
    assert [row["rank"] for row in found["ranking"]] == [1, 2, 3]
    values = [row["evenness_db"] for row in found["ranking"]]
    assert values == sorted(values)
    assert found["ranking"][0]["deepest_dip"]["likely_cause"]
    card = tmp_path / "card.pdf"
    run("report", room, "--arrangement", found["ranking"][0]["arrangement"], card)
    assert card.read_bytes().startswith(b"%PDF")


def test_forecast_of_a_document_as_csv(tmp_path: Path) -> None:
    out = tmp_path / "f.csv"
    demo = EXAMPLES / "kiln-room.parlor"
    run("forecast", demo, "--arrangement", "A third", "--csv", out)
    rows = list(csv.DictReader(out.read_text().splitlines()))
    assert list(rows[0]) == ["source", "receiver", "frequency_hz", "level_db", "phase_deg"]
    assert {row["source"] for row in rows} == {"left", "right", "both", "both+sub", "sub"}
    assert {row["receiver"] for row in rows} == {"desk", "sofa"}
    frequencies = sorted({float(row["frequency_hz"]) for row in rows})
    assert frequencies[0] == pytest.approx(20)
    assert frequencies[-1] == pytest.approx(300)


@pytest.mark.parametrize("name", ["box_small", "box_mid"])
def test_forecast_of_a_reference_case(tmp_path: Path, name: str) -> None:
    out = tmp_path / "case.csv"
    run("forecast", "--case", DATA / f"{name}.json", "--csv", out)
    case = json.loads((DATA / f"{name}.json").read_text())
    table: dict[tuple[str, str], list[float]] = {}
    for row in csv.DictReader(out.read_text().splitlines()):
        table.setdefault((row["source"], row["receiver"]), []).append(float(row["level_db"]))
    errors = [
        np.abs(np.array(table[row["source"], row["receiver"]]) - row["level_db"])
        for row in case["responses"]
    ]
    assert np.median(errors) < 0.05
    assert np.percentile(errors, 90) < 0.3


@pytest.mark.parametrize(
    ("words", "code", "says"),
    [
        (["compare", "nowhere.parlor"], 1, "could not be read"),
        (["compare", ROOT / "README.md"], 1, "damaged or cut off"),
        (["new", DATA / "box_mid.json", "x.parlor"], 1, "survey_version"),
        (["forecast", "--csv", "x.csv"], 2, "FILE with --arrangement, or --case"),
        (["compare", EXAMPLES / "kiln-room.parlor", "--seat", "roof"], 1, "no seat “roof”"),
        (
            ["report", EXAMPLES / "kiln-room.parlor", "--arrangement", "X", "x.pdf"],
            1,
            "no arrangement “X”",
        ),
        (["compare", EXAMPLES / "kiln-room.parlor", "--source", "tuba"], 2, "tuba"),
    ],
)
def test_refusals_are_one_sentence_and_a_code(words: list, code: int, says: str) -> None:
    done = run(*words, code=code)
    assert says in done.stderr
    assert "Traceback" not in done.stderr


def test_a_refused_import_changes_nothing(tmp_path: Path) -> None:
    room, bad = tmp_path / "room.parlor", tmp_path / "bad.txt"
    run("new", EXAMPLES / "kiln-room.json", room)
    before = room.read_bytes()
    bad.write_text("20 60\n30 loud\n")
    place = ["--arrangement", "A third", "--source", "left", "--seat", "desk"]
    assert "line 2" in run("import", room, *place, bad, code=1).stderr
    assert room.read_bytes() == before


@pytest.mark.parametrize(("word", "meant"), [("forcast", "forecast"), ("serch", "search")])
def test_a_mistyped_command_is_told_with_the_nearest(word: str, meant: str) -> None:
    assert f"Did you mean “{meant}”?" in run(word, "x.parlor", code=2).stderr


def test_a_word_that_looks_like_a_file_is_one(tmp_path: Path, monkeypatch) -> None:
    # “forecasts.parlor” is near a command, and is none: it is a document that is not there.
    from jolly_parlor.app import opening

    opened: list[Path] = []
    monkeypatch.setattr(opening, "run", lambda file: opened.append(file) or 0)
    run("forecasts.parlor")
    assert opened == [Path("forecasts.parlor")]


def test_without_a_display_it_says_so_and_opens_nothing(monkeypatch: pytest.MonkeyPatch) -> None:
    for name in ("DISPLAY", "WAYLAND_DISPLAY", "QT_QPA_PLATFORM"):
        monkeypatch.delenv(name, raising=False)
    for words in ([], ["demo"], [EXAMPLES / "kiln-room.parlor"]):
        assert "There is no display" in run(*words, code=1).stderr


def test_help_names_every_command() -> None:
    text = run("--help").stdout
    for command in ("new", "import", "forecast", "compare", "report", "screenshots", "open"):
        assert command in text
    assert "jolly-parlor" in run("--version").stdout


def test_commands_that_need_no_window_do_not_load_qt() -> None:
    code = "import sys, jolly_parlor.cli; print('PyQt6' in sys.modules)"
    done = ran([sys.executable, "-c", code])
    assert done.stdout.strip() == "False"


def test_propose_adds_a_school_or_says_why(tmp_path: Path) -> None:
    room = tmp_path / "room.parlor"
    run("new", EXAMPLES / "kiln-room.json", room)
    assert "“Clear of the wall” added" in run("propose", room, "--school", "clear").stdout
    found = json.loads(run("compare", room, "--json").stdout)
    assert "Clear of the wall" in {row["arrangement"] for row in found["ranking"]}
    before = room.read_bytes()
    assert "turn the room" in run("propose", room, "--school", "long_wall", code=1).stderr
    assert "no school “fifth”" in run("propose", room, "--school", "fifth", code=1).stderr
    assert room.read_bytes() == before


def test_search_proposes(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    """That a search repeats itself: tests/placement/test_search.py."""
    use_quick_settings(monkeypatch)
    out = tmp_path / "found.json"
    run("search", EXAMPLES / "kiln-room.parlor", "--json", out, "--step", "0.15")
    found = json.loads(out.read_text())
    assert found["evaluated"] > 300
    assert found["seconds"] > 0
    best = found["proposals"][0]
    assert set(best["positions_m"]) == {
        "left",
        "right",
        "sub",
        "sub:sub",
        "seat:desk",
        "seat:sofa",
    }
    assert best["head_volume_db"] < found["present_head_volume_db"]
    assert set(best["sensitivity"]) == {"placed_5_cm_off_db", "absorption_wrong_by_half_db"}
    assert (
        "step of 3 m" in run("search", EXAMPLES / "kiln-room.parlor", "--step", "3", code=1).stderr
    )


def test_measuring_analysing_and_exporting_without_a_window(tmp_path: Path) -> None:
    room = tmp_path / "room.parlor"
    run("new", EXAMPLES / "kiln-room.json", room)
    where = ("--arrangement", "A third", "--source", "left", "--seat", "desk")
    done = run("measure", room, *where, "--seconds", "1", "--sweeps", "1").stdout
    assert "simulated take-0001: good." in done and "dB SPL" in done
    run("export", room, tmp_path / "out")
    assert (tmp_path / "out" / "take-0001-A-third-left-at-desk.wav").exists()
    assert "sound card" in run("measure", room, *where, "--device", "loud", code=1).stderr.lower()


def test_a_recording_made_elsewhere_becomes_a_response(tmp_path: Path) -> None:
    import soundfile
    from scipy import signal

    from jolly_parlor.signals.sweep import Sweep

    played = Sweep(seconds=2.0).samples()
    b, a = signal.butter(2, 60.0, "highpass", fs=48000)
    heard = signal.lfilter(b, a, np.concatenate([np.zeros(900), 0.5 * played, np.zeros(48000)]))
    for subtype in ("PCM_16", "PCM_24", "PCM_32", "FLOAT"):
        both = np.column_stack([np.zeros(heard.size), heard])
        soundfile.write(tmp_path / "r.wav", both, 48000, subtype=subtype)
        soundfile.write(tmp_path / "s.wav", played, 48000, subtype="FLOAT")
        for how in (("--sweep", tmp_path / "s.wav"), ("--seconds", "2")):
            out = tmp_path / "out.csv"
            run("analyse", tmp_path / "r.wav", *how, "--channel", "2", "--force", "--csv", out)
            table = np.loadtxt(out, delimiter=",", skiprows=1)
            level = np.interp([100.0, 1000.0], table[:, 0], table[:, 1])
            _, expected = signal.freqz(b, a, [100.0, 1000.0], fs=48000)
            assert level == pytest.approx(20 * np.log10(0.5 * np.abs(expected)), abs=0.1)
    refused = run("analyse", tmp_path / "out.csv", "--csv", tmp_path / "x.csv", code=1).stderr
    assert "out.csv could not be read as a sound" in refused


def test_learning_from_takes_without_a_window(
    tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    fit_once(monkeypatch)
    use_quick_settings(monkeypatch)
    whole = open_document(EXAMPLES / "kiln-room.parlor")
    alone = tuple(t for t in whole.takes if t.info.source in ("left", "right"))[:2]
    room, out = tmp_path / "room.parlor", tmp_path / "out.json"
    # Two of its fifteen takes: a fit is made anew by each command.
    save_document(replace(whole, takes=alone), room)
    told = run("fit", room, "--json", out).stdout
    assert "Fitted to 2 takes" in told and "dB before" in told
    table = json.loads(out.read_text())
    assert table["residual_db"] < 1.0
    assert all(t["after_db"] <= t["before_db"] for t in table["takes"])
    assert {"name", "value", "uncertainty", "seen"} <= set(table["parameters"][0])
    told = run("next", room, "--json", out, "--force").stdout
    assert "probability" in told
    assert json.loads(out.read_text())["candidates"] == [] or "gain_db" in out.read_text()
    told = run("explain", room, "--take", alone[0].info.id, "--json", out, "--force").stdout
    assert "measured" in told and "dB down" in told
    findings = json.loads(out.read_text())["findings"]
    assert findings and all(f["headline"] and "causes" in f for f in findings)
    assert "elow 200 Hz" in run("compare", room, "--fitted").stdout
    told = run("search", room, "--fitted", "--step", "0.2", "--json", out, "--force").stdout
    assert "elow 200 Hz" in told and "200 Hz" in json.loads(out.read_text())["rivals"]
    assert "no take “take-9999”" in run("explain", room, "--take", "take-9999", code=1).stderr
    empty = tmp_path / "empty.parlor"
    run("new", EXAMPLES / "kiln-room.json", empty)
    assert "no take to fit the room to" in run("fit", empty, code=1).stderr


@pytest.mark.parametrize(
    "words",
    [
        ("--output", "3"),
        ("--seconds", "0.3"),
        ("--sweeps", "0"),
        ("--mishaps", "7"),
        ("--output", "nan"),
    ],
)
def test_a_measurement_that_cannot_be_is_refused_and_nothing_is_written(
    tmp_path: Path, words: tuple[str, str]
) -> None:
    room = tmp_path / "room.parlor"
    before = (EXAMPLES / "kiln-room.parlor").read_bytes()
    room.write_bytes(before)
    place = ("--arrangement", "A third", "--source", "left", "--seat", "desk")
    done = ran([sys.executable, "-m", "jolly_parlor", "measure", room, *place, *words])
    assert done.returncode in (1, 2), done.stderr
    assert "Traceback" not in done.stderr
    assert room.read_bytes() == before


def test_what_commands_write_opens_again_as_it_was_written(tmp_path: Path) -> None:
    room = tmp_path / "room.parlor"
    run("new", EXAMPLES / "kiln-room.json", room)
    run("propose", room, "--school", "clear")
    place = ("--arrangement", "A third", "--source", "sub:sub", "--seat", "desk")
    run("measure", room, *place, "--seconds", "1", "--sweeps", "1")
    document = open_document(room)
    [take] = document.takes
    assert take.impulse is not None
    wave = tmp_path / "out.wav"
    wave.write_bytes(wav_bytes(take.impulse.samples, take.impulse.sample_rate))
    run("import", room, "--arrangement", "A third", "--source", "left", "--seat", "sofa", wave)
    again = open_document(room)
    assert again.arrangements == document.arrangements
    assert again.takes[0].info == take.info
    imported = again.takes[1].impulse
    assert imported is not None, "an imported impulse response is kept"
    assert np.allclose(imported.samples, take.impulse.samples, atol=1e-6)


def test_one_of_several_curves_is_read_by_name(tmp_path: Path) -> None:
    room, two = tmp_path / "room.parlor", tmp_path / "two.txt"
    run("new", EXAMPLES / "kiln-room.json", room)
    lines = ["Hz\tL dB\tR dB", *(f"{f}\t{70 + f % 7}\t{60 + f % 5}" for f in range(20, 400, 4))]
    two.write_text("\n".join(lines))
    place = ("--arrangement", "A third", "--source", "left", "--seat", "desk")
    assert "L dB" in run("import", room, *place, two, code=1).stderr
    run("import", room, *place, "--curve", "R dB", two)
    assert open_document(room).takes[0].response.level_db.max() < 66


def test_settings_are_found_told_and_set_without_a_window(tmp_path: Path) -> None:
    room = tmp_path / "room.parlor"
    room.write_bytes((EXAMPLES / "kiln-room.parlor").read_bytes())
    found = json.loads(run("settings", room, "--arrangement", "A third", "--json").stdout)
    assert found["source"] == "forecast" and found["seats"] == ["desk"]
    assert found["head_volume_db"]["after"] < found["head_volume_db"]["before"] - 1
    assert found["chains"]["before"]["sub"]["gain_db"] == 6.0
    assert all(set(b) == {"control", "before", "after", "alone_db", "without_db"}
               for b in found["buys"])  # fmt: skip
    assert {h["loudspeaker"] for h in found["headroom"]} == {"left", "right", "sub"}
    told = run("settings", room, "--arrangement", "A third", "--seats", "all", "--apply").stdout
    assert f"Set in {room}." in told and "sofa:" in told
    done = open_document(room).arrangement("A third").chain("sub")
    assert done.low_pass is not None and done != open_document(
        EXAMPLES / "kiln-room.parlor"
    ).arrangement("A third").chain("sub")
    out = tmp_path / "subs.json"
    assert "Seats differ by" in run("subs", room, "--json", out).stdout
    table = json.loads(out.read_text())
    assert len(table["thirds_hz"]) == len(table["seats"]["desk"]["sub"]["levels_db"]) == 12
    assert table["seats"]["desk"]["sub"]["share"][0] == 1.0
    refused = run("settings", EXAMPLES / "harbour-loft.parlor", "--measured", "--fitted", code=2)
    assert "takes win over forecasts" in refused.stderr


def test_the_band_and_the_target_are_set_and_told_without_a_window(tmp_path: Path) -> None:
    room, house = tmp_path / "room.parlor", tmp_path / "house.txt"
    room.write_bytes((EXAMPLES / "kiln-room.parlor").read_bytes())
    house.write_text("Hz dB\n20 4\n200 0\n")
    before = json.loads(run("compare", room, "--json").stdout)
    told = run("judge", room, "--from", "30", "--takes-to", "700", "--slope", "-1").stdout
    assert told == (
        "Judged from 30 Hz to 300 Hz, takes to 700 Hz, against a slope of −1.0 dB per octave.\n"
    )
    assert json.loads(run("compare", room, "--json").stdout) != before
    told = run("judge", room, "--target", house, "--takes-to", "same").stdout
    assert "the curve “house.txt” with a slope of −1.0 dB per octave" in told
    assert "takes" not in told
    assert "an octave" in run("judge", room, "--to", "60", "--from", "40", code=1).stderr
    assert "is no frequency" in run("judge", room, "--takes-to", "far", code=1).stderr
    run("judge", room, "--from", "corner", "--to", "300", "--target", "flat", "--slope", "0")
    assert run("judge", room).stdout == "Judged from the lowest corner to 300 Hz, against flat.\n"
    assert json.loads(run("compare", room, "--json").stdout) == before
