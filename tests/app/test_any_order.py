"""Any order of edits, takes, visits and reopening ends in the same figures."""

import random
from collections.abc import Callable
from dataclasses import replace
from functools import partial
from pathlib import Path

import numpy as np
import pytest
from pytestqt.qtbot import QtBot

from helpers_app import settled
from how_many import cases
from jolly_parlor.app.walk import WALK
from jolly_parlor.app.window import MainWindow
from jolly_parlor.placement.items import seat
from jolly_parlor.project.document import Document
from jolly_parlor.project.edits import rename_arrangement, replace_arrangement, set_wishes
from jolly_parlor.project.files import open_document, save_document
from jolly_parlor.project.gear_edits import set_chain
from jolly_parlor.project.history import Project
from jolly_parlor.project.judging_edits import set_judging
from jolly_parlor.project.take_edits import add_take
from jolly_parlor.signals.reading import ReadResponse
from jolly_parlor.signals.response import Response

Edit = Callable[[Document], Document]


def ear_back(document: Document) -> Document:
    a = document.arrangements[0]
    ear = a.seats["desk"]
    return replace_arrangement(document, a.moved(seat("desk"), replace(ear, y=ear.y + 0.07)))


def sub_louder(document: Document) -> Document:
    return set_chain(document, "sub", document.arrangements[0].name, gain_db=-3.0)


def take_of(source: str, document: Document) -> Document:
    f = np.geomspace(15, 500, 300)
    level = 70 + 6 * np.sin(f / 11 + len(source))
    name = document.arrangements[1].name
    return add_take(document, ReadResponse(Response(f, level), ()), name, source, "desk", "b.txt")


def called_otherwise(document: Document) -> Document:
    return rename_arrangement(document, document.arrangements[2].name, "By the window")


def nearer(document: Document) -> Document:
    return set_wishes(document, document.wishes.used_as("listening room"))


def judged_higher(document: Document) -> Document:
    return set_judging(document, replace(document.gear.judging, to_hz=250.0))


EDITS: tuple[Edit, ...] = (
    ear_back,
    sub_louder,
    partial(take_of, "both+sub"),
    partial(take_of, "left"),
    called_otherwise,
    nearer,
    judged_higher,
)


def reopened(window: MainWindow, place: Path) -> None:
    save_document(window.session.document, place)
    window.session.load(Project(open_document(place)), place)


def undone_and_done(window: MainWindow) -> None:
    window.undo()
    window.redo()


def told(window: MainWindow, qtbot: QtBot) -> dict[str, tuple[float | None, float | None, float]]:
    """By arrangement: its place in the ranking, what is measured and what is forecast of it."""
    window.go("compare")
    settled(qtbot, window)
    qtbot.waitUntil(lambda: window.session.comparison is not None, timeout=60_000)
    found = window.session.comparison
    assert found is not None
    figures = {}
    for place, row in enumerate(found.rows):
        values = (row.measured_evenness, row.forecast_evenness)
        measured, forecast = (None if v is None else v.value_db for v in values)
        figures[row.arrangement.name] = measured, forecast, float(place)
    return figures


def ended(
    window: MainWindow, chance: random.Random, place: Path, qtbot: QtBot
) -> dict[str, tuple[float | None, float | None, float]]:
    """All edits done in some order, with visits, undoing and opening again between."""
    edits = list(EDITS)
    chance.shuffle(edits)
    for edit in edits:
        between = chance.choice(("visit", "reopen", "undo", "show", "nothing"))
        if between == "visit":
            window.go(chance.choice(list(WALK)))
            settled(qtbot, window)
        elif between == "reopen":
            reopened(window, place)
        elif between == "show":
            window.session.show_next(1)
            window.session.show_mix(chance.choice(["left", "both"]))
            window.session.show_seat(chance.choice(["desk", "sofa"]))
        assert window.session.do("Edit", edit)
        if between == "undo":
            undone_and_done(window)
    window.session.show_mix("both+sub")
    window.session.show_seat("desk")
    return told(window, qtbot)


@pytest.mark.parametrize("seed", range(cases(2)))
def test_any_order_ends_in_the_same_figures(
    seed: int, qtbot: QtBot, open_window: Callable[..., MainWindow], kiln: Document, tmp_path: Path
) -> None:
    document = kiln
    straight = open_window(document)
    for edit in EDITS:
        assert straight.session.do("Edit", edit)
    expected = told(straight, qtbot)
    assert len({place for *_, place in expected.values()}) == 3
    window = open_window(document)
    found = ended(window, random.Random(seed), tmp_path / "room.parlor", qtbot)
    assert found.keys() == expected.keys()
    for name, figures in found.items():
        assert figures == pytest.approx(expected[name], abs=1e-6, nan_ok=False), name
