"""Run with a program whose Chain has one more field, `all_pass_degrees`: every place that shows,
turns, keeps or tells a control must know it without being told.
"""

import os
import sys
from dataclasses import replace
from pathlib import Path

import numpy as np
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QCheckBox

from helpers_app import press, type_into
from jolly_parlor.acoustics.filters import phase_knob
from jolly_parlor.analysis.tuning import tune
from jolly_parlor.app.samples import DEMO
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.start import application
from jolly_parlor.app.window import MainWindow
from jolly_parlor.placement.chains import Chain
from jolly_parlor.placement.controls import Span
from jolly_parlor.placement.loudspeakers import Controls
from jolly_parlor.placement.settings.as_set import settings_lines
from jolly_parlor.project.files import open_document, open_project, save_project
from jolly_parlor.report.card import build_card

NAME = "all_pass_degrees"


def settled(window: MainWindow) -> None:
    """Until nothing is being worked out."""
    while window.session.calculating:
        QTest.qWait(20)
    QTest.qWait(50)


def main(folder: Path) -> None:
    """One station after another."""
    before = open_document(DEMO)
    assert not before.doubtful_takes(), "a new control must not put takes in doubt"

    app = application()
    assert app is not None
    window = MainWindow(open_project(DEMO).project, DEMO, SettingsStore(folder / "s"), folder)
    window.resize(1280, 800)
    window.show()
    settled(window)
    window.go("gear")
    press(window, "sub controls")
    tick = window.findChild(QCheckBox, f"sub has {NAME}")
    assert tick is not None and tick.text() == "all-pass"
    tick.click()
    settled(window)
    own = window.session.document.gear.model_of("sub").controls
    assert own.span(NAME) == Span(0.0, 180.0)
    assert not window.session.document.doubtful_takes()

    window.go("subs")
    settled(window)
    type_into(window, f"sub set {NAME}", "45")
    a = window.session.arrangement
    assert a is not None and getattr(a.chain("sub"), NAME) == 45.0
    document = window.session.document

    # What it does is what its Control says, alone and among others.
    f = np.geomspace(20.0, 300.0, 50)
    alone = Chain(**{NAME: 45.0})
    assert np.allclose(alone.response(f, True), phase_knob(f, 60.0, 45.0))
    parts = [part.response(f, True) for part in a.chain("sub").parts()]
    assert np.allclose(np.prod(parts, axis=0), a.chain("sub").response(f, True))

    # Settings turn it, and say what it buys.
    only = replace(Controls(), **{NAME: Span(0.0, 180.0)})
    model = document.gear.model_of("sub").id
    gear = document.gear.with_model(model, controls=only)
    gear = gear.with_model(gear.monitor.id, controls=Controls())
    tuned = tune(replace(document, gear=gear), a.name)
    assert [knob.what for knob in tuned.solution.panel.knobs] == [NAME]
    assert tuned.solution.after_db <= tuned.solution.before_db

    # Files and the card tell it.
    assert any("all-pass 45°" in words for _, words in settings_lines(document.gear, a))
    assert any("all-pass 45°" in words for _, words in build_card(document, a.name).settings)
    kept = folder / "kept.parlor"
    save_project(window.session.history.project, kept)
    again = open_document(kept)
    assert getattr(again.arrangement(a.name).chain("sub"), NAME) == 45.0
    assert again.gear.model_of("sub").controls.span(NAME) == Span(0.0, 180.0)
    sys.stdout.write("walked\n")
    sys.stdout.flush()


if __name__ == "__main__":
    main(Path(sys.argv[1]))
    os._exit(0)  # threads of a window that nobody closed
