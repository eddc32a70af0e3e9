"""Measuring as the user does it, in the simulated studio."""

from dataclasses import replace
from pathlib import Path

import pytest
from PyQt6.QtCore import Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QComboBox, QInputDialog, QLineEdit, QPushButton
from pytestqt.qtbot import QtBot

from helpers_app import press, settled
from jolly_parlor.app import dialogs
from jolly_parlor.app.window import MainWindow
from jolly_parlor.project.guessing import files_in, guess
from jolly_parlor.project.history import Project
from jolly_parlor.signals.calibration import read_calibration


def _enter(window: MainWindow, name: str, text: str) -> None:
    field = window.takes.findChild(QLineEdit, name)
    field.setFocus()
    field.selectAll()
    QTest.keyClicks(field, text)
    QTest.keyClick(field, Qt.Key.Key_Return)


def _begin(window: MainWindow):
    window.session.load(Project(replace(window.session.document, takes=())), None)
    window.go("takes")
    card = window.takes.measure
    card.sweeps.setValue(1)
    _enter(window, "sweep length", "1")
    return card


def test_level_then_the_next_take_and_the_one_after(qtbot: QtBot, window: MainWindow) -> None:
    card = _begin(window)
    assert "Next: the left monitor at the desk; microphone" in card.words.text()
    assert "Simulated studio" in card.words.text()
    card.sweep.level_button.click()
    qtbot.waitUntil(lambda: not card.measuring, timeout=60_000)
    assert "dB SPL at the seat" in card.result.text()
    window.findChild(QPushButton, "measure-next").click()
    assert card.running.isVisible() or card.measuring
    qtbot.waitUntil(lambda: not card.measuring, timeout=60_000)
    document = window.session.document
    assert [t.info.source for t in document.takes] == ["left"]
    assert document.takes[0].info.measured.simulated
    assert "Next: the right monitor" in card.words.text()
    settled(qtbot, window)
    told = window.takes.told
    assert told.frame.isVisible() and told.told is not None
    assert "The sound arrives after" in told.words.text()
    assert "istortion near 125 Hz" in told.words.text()
    window.undo()
    assert window.session.document.takes == ()


def test_a_mishap_is_kept_marked_and_used_only_on_request(qtbot: QtBot, window: MainWindow) -> None:
    card = _begin(window)
    card.sweeps.setValue(2)
    _enter(window, "mishaps", "100 %")
    card.measure("left", "desk")
    qtbot.waitUntil(lambda: not card.measuring, timeout=60_000)
    take = window.session.document.takes[0]
    assert take.info.measured.mark == "bad"
    a = window.session.arrangement
    assert "left out of every ranking" in card.result.text()
    assert window.session.document.take_of(a, "left", "desk") is None
    settled(qtbot, window)
    window.takes.takes.chips["left", "desk"].click()
    window.takes.findChild(QPushButton, "insist-left-desk").click()
    assert window.session.document.take_of(a, "left", "desk") is not None


def test_points_around_the_head_are_averaged_and_told(qtbot: QtBot, window: MainWindow) -> None:
    card = _begin(window)
    card.measure("left", "desk")
    qtbot.waitUntil(lambda: not card.measuring, timeout=60_000)
    card.equipment.point.setCurrentIndex(card.equipment.point.findData("back"))
    assert "Next: the left monitor" in card.words.text()
    window.takes.takes.chips["left", "desk"].click()
    window.takes.findChild(QPushButton, "measure-left-desk").click()
    qtbot.waitUntil(lambda: not card.measuring, timeout=60_000)
    assert [t.info.point for t in window.session.document.takes] == ["centre", "back"]
    settled(qtbot, window)
    told = window.takes.told
    assert "Over 2 points around the head the level spreads by" in told.words.text()
    assert "back of the head's centre" in told.choice.currentText()


def test_silence_stops_at_once_and_keeps_nothing(qtbot: QtBot, window: MainWindow) -> None:
    card = _begin(window)
    card.measure("both", "desk")
    window.findChild(QPushButton, "silence").click()
    qtbot.waitUntil(lambda: not card.measuring, timeout=60_000)
    assert card.result.text() == "Stopped; nothing was kept."
    assert window.session.document.takes == ()
    assert not card.running.isVisible()


def test_what_cannot_be_played_is_refused_and_nothing_lost(
    qtbot: QtBot, window: MainWindow
) -> None:
    card = _begin(window)
    _enter(window, "output level", "12")
    assert "goes from -80 to -3" in window.notice_text.text()
    assert card.output.value == -26.0
    _enter(window, "output level", "loud")
    assert "is not a number" in window.notice_text.text()


def test_a_microphone_file_is_loaded_or_refused(
    qtbot: QtBot, window: MainWindow, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    card = _begin(window)
    good, bad = tmp_path / "mic.txt", tmp_path / "bad.txt"
    good.write_text("Sensitivity 12 mV\n20 -2\n1000 0\n20000 3\n")
    bad.write_text("no numbers\n")
    monkeypatch.setattr(dialogs, "choose_response", lambda *_: bad)
    card.equipment.mic_button.click()
    assert "bad.txt" in window.notice_text.text()
    monkeypatch.setattr(dialogs, "choose_response", lambda *_: good)
    card.equipment.mic_button.click()
    assert card.equipment.mic_button.text() == "mic.txt"
    assert card.equipment.microphone.name == "mic.txt"
    assert "Sensitivity 12 mV" in window.notice_text.text()


def test_many_files_are_mapped_and_imported_as_one_step(
    qtbot: QtBot, window: MainWindow, tmp_path: Path
) -> None:
    window.session.load(Project(replace(window.session.document, takes=())), None)
    window.go("takes")
    for name in ("a third left desk.txt", "a third right desk.txt"):
        lines = "".join(f"{f} {80 + f % 7}\n" for f in range(20, 320, 2))
        (tmp_path / name).write_text(lines)
    (tmp_path / "broken left sofa.txt").write_text("not a response\n")
    document = window.session.document
    places = [guess(document, path, "Thirty-eight") for path in files_in([tmp_path])]
    assert [p.source for p in places] == ["left", "right", "left"]
    window.takes.import_places(places)
    takes = window.session.document.takes
    assert [(t.info.placed.name, t.info.source, t.info.seat) for t in takes] == [
        ("A third", "left", "desk"),
        ("A third", "right", "desk"),
    ]
    assert "2 imported. broken left sofa.txt" in window.notice_text.text()
    window.undo()
    assert window.session.document.takes == ()


def test_what_a_take_tells_in_six_views_and_through_gates(qtbot: QtBot, window: MainWindow) -> None:
    card = _begin(window)
    card.measure("left", "desk")
    qtbot.waitUntil(lambda: not card.measuring, timeout=60_000)
    assert card.strip.heard and card.strip.heard[-1][0] == 1.0
    assert "dB(A)" in card.result.text()
    settled(qtbot, window)
    told = window.takes.told
    for button, words in (
        ("phase", "excess phase"),
        ("delay", "Group delay"),
        ("time", "loudest in each moment"),
        ("ringing", "Hz (mixed mode ("),
        ("fading", "fall by 10, 20 and 30 dB"),
        ("level", "the gates let through"),
    ):
        window.findChild(QPushButton, f"take-view-{button}").click()
        assert words in told.key.text()
        assert told.plot.getPlotItem().items
    before = told.told
    _enter(window, "gate after the arrival", "20")
    settled(qtbot, window)
    assert told.told is not before and told.told.look.gates.right_ms == 20.0
    assert "Below 50 Hz the gate is shorter than one cycle" in told.key.text()
    _enter(window, "window", "99 cycles")
    assert "The window goes from 1 to 50 cycles." in window.notice_text.text()
    assert told.cycles.text() == "0 cycles" and told.look.gates.cycles is None
    told.smooth.setCurrentIndex(0)
    settled(qtbot, window)
    assert told.told.look.per_octave == 1


def pick(box: QComboBox, row: int) -> None:
    box.setCurrentIndex(row)
    box.activated.emit(row)


def test_a_sound_card_is_wired_by_the_user_and_kept(
    window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    from jolly_parlor.app.settings import SettingsStore
    from jolly_parlor.app.stations.takes import equipment
    from jolly_parlor.studio.soundcard import CardSetup, Channels

    card = _begin(window)
    row = card.equipment
    assert not row.setup_button.isVisible()
    monkeypatch.setattr(equipment, "look_again", lambda: None)
    monkeypatch.setattr(equipment, "outputs", lambda: ["Desk box: USB Audio (hw:1,0)", "Wall"])
    monkeypatch.setattr(equipment, "inputs", lambda: ["Desk box: USB Audio (hw:1,0)", "Lark"])
    assert not row.hears.isVisible() and not row.marks.isVisible()
    press(window, "find-cards")
    assert "2 devices can play, 2 devices can hear" in window.notice_text.text()
    assert [row.device.itemText(i) for i in range(3)][1:] == ["Desk box", "Wall"]
    pick(row.device, 1)
    assert row.setup_button.isVisible() and not row.marks.isVisible()
    # A microphone at a device of its own has a clock of its own.
    assert [row.hears.itemText(i) for i in range(3)] == ["the same device", "Desk box", "Lark"]
    pick(row.hears, 2)
    assert "no timing reference" not in card.words.text() and row.marks.isVisible()
    assert row.marks.currentText() == "left"
    assert SettingsStore(window.session.settings._path).values.card.hears == "Lark"
    # One that is plugged in appears; one that is away stays chosen, and is said to be.
    monkeypatch.setattr(equipment, "inputs", lambda: ["Heron"])
    row._plugged_in()
    assert window.notice_text.text() == "Heron is there now."
    assert row.hears.currentText() == "Lark (not there)"
    pick(row.hears, 0)
    assert "no timing reference and level not calibrated" in card.words.text()
    assert "6 of 6 things below are not ticked yet" in card.words.text()
    for box in card.checks.boxes:
        box.click()
    assert "ticked" not in card.words.text()
    asked = []

    def answer(_: object, setup: CardSetup, sources: list[str]) -> CardSetup:
        asked.append((setup.channels.outputs, sources))
        return replace(setup, channels=Channels(setup.channels.outputs, 2, 4, 1))

    monkeypatch.setattr(dialogs, "ask_card_setup", answer)
    row.setup_button.click()
    assert asked == [({"left": 1, "right": 2, "sub": 3}, ["left", "right", "sub"])]
    assert "no timing reference" not in card.words.text()
    again = SettingsStore(window.session.settings._path)
    assert again.values.card.channels.loopback_output == 4


def test_a_recorded_sweep_is_imported_with_its_parameters(
    window: MainWindow, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    import numpy as np

    from jolly_parlor.signals.recorded_sweeps import Played
    from jolly_parlor.signals.sweep import Sweep
    from jolly_parlor.signals.wav import wav_bytes

    sound = np.concatenate([np.zeros(500), 0.3 * Sweep(seconds=2.0).samples(), np.zeros(48000)])
    path = tmp_path / "hall.wav"
    path.write_bytes(wav_bytes(sound, 48000))
    _begin(window)
    monkeypatch.setattr(dialogs, "ask_played", lambda *_: None)
    assert not window.takes.import_file(path, "left", "desk")
    monkeypatch.setattr(dialogs, "ask_played", lambda *_: Played(seconds=9.0))
    assert not window.takes.import_file(path, "left", "desk")
    assert "its sweep takes 9.0 s" in window.notice_text.text()
    assert window.session.document.takes == ()
    monkeypatch.setattr(dialogs, "ask_played", lambda *_: Played(seconds=2.0))
    assert window.takes.import_file(path, "left", "desk")
    take = window.session.document.takes[0]
    level = np.interp(1000.0, take.response.frequencies_hz, take.response.level_db)
    assert level == pytest.approx(20 * np.log10(0.3), abs=0.1)
    assert take.impulse is not None


def test_the_level_is_known_by_what_a_phone_reads(
    qtbot: QtBot, window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    from jolly_parlor.app import level_dialogs

    card = _begin(window)
    monkeypatch.setattr(level_dialogs, "ask_way", lambda *_: "reading")
    monkeypatch.setattr(level_dialogs, "ask_reading", lambda *_: None)
    card.calibrate()
    qtbot.waitUntil(lambda: not card.measuring, timeout=30_000)
    settings = window.session.settings
    assert settings.values.card.full_scale_db_spl is None, "nobody typed it"
    # The simulated microphone knows its own level: a phone beside it that reads what the take says.
    asked = []
    monkeypatch.setattr(level_dialogs, "ask_reading", lambda *_: asked.append(1) or 60.0)
    card.calibrate()
    qtbot.waitUntil(lambda: not card.measuring, timeout=30_000)
    first = settings.values.card.full_scale_db_spl
    assert asked and f"Full scale is {first:.1f} dB SPL" in card.result.text()
    monkeypatch.setattr(level_dialogs, "ask_reading", lambda *_: 70.0)
    card.calibrate()
    qtbot.waitUntil(lambda: not card.measuring, timeout=30_000)
    assert settings.values.card.full_scale_db_spl == pytest.approx(first + 10.0, abs=0.3)


def test_a_microphone_whose_file_knows_its_input_needs_nothing_else(
    window: MainWindow, monkeypatch: pytest.MonkeyPatch, tmp_path: Path
) -> None:
    card = _begin(window)
    file = tmp_path / "mic.txt"
    file.write_text("Sensitivity: -20 dBFS at 94 dB SPL\n20\t-1.0\n100\t0.0\n1000\t0.5\n")
    card.equipment.calibration = read_calibration(file)
    offered: list[str] = []

    def choose(parent: object, title: str, words: str, items: list[str], *rest: object):  # type: ignore[no-untyped-def]
        offered.extend(items)
        return next(i for i in items if "knows its input" in i), True

    monkeypatch.setattr(QInputDialog, "getItem", choose)
    card.calibrate()
    assert len(offered) == 3
    # 94 dB SPL lies 20 dB below a full-scale sine, which lies 3 dB below full scale throughout.
    assert window.session.settings.values.card.full_scale_db_spl == pytest.approx(117.0, abs=0.1)
