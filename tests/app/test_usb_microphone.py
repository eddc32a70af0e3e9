"""A microphone on USB: through the window, two devices with clocks of their own, real streams and a
process between them.
"""

from dataclasses import replace

import numpy as np
import pytest
from PyQt6.QtWidgets import QComboBox
from pytestqt.qtbot import QtBot

from helpers_app import press, type_into
from jolly_parlor.app.window import MainWindow
from two_clocks import LEFT, RIGHT
from virtual_card import virtual_pair


def pick(box: QComboBox, name: str) -> None:
    row = box.findData(name)
    assert row > 0, [box.itemText(i) for i in range(box.count())]
    box.setCurrentIndex(row)
    box.activated.emit(row)


def test_a_pair_is_measured_with_one_reference_in_time(
    qtbot: QtBot, window: MainWindow, tmp_path_factory: pytest.TempPathFactory
) -> None:
    window.go("takes")
    card, session = window.takes.measure, window.session
    with virtual_pair(tmp_path_factory.mktemp("usb")):
        press(window, "find-cards")
        setup = session.settings.values.card.channels
        two = replace(setup, outputs={"left": 1, "right": 2, "sub": 2})  # the sub after the right
        session.settings.change(card=replace(session.settings.values.card, channels=two))
        pick(card.equipment.device, "loudspeakers")
        pick(card.equipment.hears, "microphone")
        assert card.equipment.marks.isVisible() and "timing reference" not in card.words.text()
        type_into(window, "sweep length", "1")
        card.sweeps.setValue(1)
        made = []
        for side in ("left", "right"):
            card.measure(side, "desk")
            qtbot.waitUntil(lambda: not card.measuring, timeout=60_000)
            made.append(session.document.takes[-1])
    timing = [take.info.measured.timing for take in made]
    assert timing == ["markers", "markers"], [take.info.measured.words for take in made]
    assert "120 parts in a million, taken out" in card.result.text()
    f = np.array([60.0, 200.0])
    turned = made[1].response.pressure(f) / made[0].response.pressure(f)
    late = RIGHT[1] - LEFT[1]
    assert np.max(np.abs(np.degrees(np.angle(turned * np.exp(2j * np.pi * f * late))))) < 5
