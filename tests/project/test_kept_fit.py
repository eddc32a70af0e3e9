"""What the takes have taught is kept in the document, and opened with it."""

import json
from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest

from fitted_once import fit_once
from jolly_parlor.analysis.room_fit import (
    chosen_fit,
    deserves,
    fit_document,
    kept_fit,
    restored,
)
from jolly_parlor.fitting.fit import Fit
from jolly_parlor.fitting.posterior import believe, placing_of
from jolly_parlor.placement.items import LEFT
from jolly_parlor.placement.setup import Setup
from jolly_parlor.project.document import Document
from jolly_parlor.project.edits import replace_arrangement, set_room
from jolly_parlor.project.files import open_document, open_project, save_document, save_project
from jolly_parlor.project.history import History, Project
from places import EXAMPLES
from processes import ran_here


@pytest.fixture
def few(monkeypatch: pytest.MonkeyPatch) -> Document:
    """The demo with three takes of one loudspeaker alone: a quick fit."""
    fit_once(monkeypatch)
    demo = open_document(EXAMPLES / "kiln-room.parlor")
    alone = [t for t in demo.takes if t.info.source in ("left", "right")]
    return replace(demo, takes=tuple(alone[:3]))


def with_fit(document: Document, in_use: bool = True) -> tuple[Document, Fit]:
    fit = fit_document(document)
    return replace(document, fit=kept_fit(document, fit, in_use)), fit


def foretold(document: Document, fit: Fit) -> tuple[np.ndarray, np.ndarray]:
    """Level and doubt where nobody measured."""
    a = document.arrangements[0]
    found = believe(fit, [placing_of(Setup(fit.surveyed, fit.gear, a), "sofa", ["right"])])
    return found.level_db, found.sigma_db


def test_a_fit_is_the_same_after_opening(few: Document, tmp_path: Path) -> None:
    document, fit = with_fit(few)
    save_document(document, tmp_path / "a.parlor")
    again = open_document(tmp_path / "a.parlor")
    assert again.fit == document.fit
    found = restored(again)
    assert found is not None and found.parameters == fit.parameters
    assert found.takes == fit.takes and found.converged == fit.converged
    for one, other in zip(foretold(document, fit), foretold(again, found), strict=True):
        assert one == pytest.approx(other, abs=1e-4)


def test_the_kept_one_is_taken_until_takes_come_or_go(few: Document) -> None:
    document, fit = with_fit(few)
    marked = replace(document, fit=replace(document.fit, residual_db=0.123))
    assert fit_document(marked).residual_db == 0.123
    fewer = replace(marked, takes=marked.takes[:2])
    assert fewer.fit_is_stale and restored(fewer) is None
    assert fit_document(fewer).residual_db != 0.123
    more = replace(marked, takes=(*marked.takes, *few.takes[:0]))
    assert not more.fit_is_stale and restored(more) is not None
    assert len(fit.takes) == 3


def test_another_room_ends_it_another_name_does_not(few: Document) -> None:
    document, _ = with_fit(few)
    taller = replace(document, room=replace(document.room, height=document.room.height + 0.1))
    assert restored(taller) is None
    lower = replace(document.gear, desk=replace(document.gear.desk, height=0.6))
    assert restored(replace(document, gear=lower)) is None
    named = replace(document.room, name="elsewhere")
    found = restored(set_room(document, named))
    assert found is not None and found.room.name == "elsewhere"


def test_no_undo_takes_it_away(few: Document) -> None:
    document, _ = with_fit(few, in_use=False)
    history = History(Project(few))
    a = few.arrangements[0]
    moved = a.moved(LEFT, replace(a.left, y=a.left.y + 0.1))
    history.do("move", replace_arrangement(history.document, moved))
    history.keep_fit(document.fit)
    assert history.changed
    history.undo()
    assert (
        history.document.fit == document.fit and history.document.arrangements == few.arrangements
    )
    history.redo()
    assert history.document.fit == document.fit


@pytest.mark.parametrize("field", ["z", "covariance"])
def test_numbers_that_do_not_belong_together_say_nothing(few: Document, field: str) -> None:
    document, _ = with_fit(few)
    assert document.fit is not None
    short = replace(document.fit, **{field: getattr(document.fit, field)[:-1]})
    assert restored(replace(document, fit=short)) is None


def test_what_forecasts_stand_on_is_one_choice(few: Document) -> None:
    document, fit = with_fit(few, in_use=False)
    assert chosen_fit(document) is None
    used = replace(document, fit=replace(document.fit, in_use=True))
    found = chosen_fit(used)
    assert found is not None and found.residual_db == pytest.approx(fit.residual_db, rel=1e-6)
    assert chosen_fit(used, fitted=False) is None
    assert chosen_fit(document, fitted=True) is not None


def test_only_a_fit_that_leaves_little_is_used_at_once(few: Document) -> None:
    fit = fit_document(few)
    rested = replace(fit, converged=True, residual_db=0.5)
    assert deserves(rested)
    assert not deserves(replace(rested, residual_db=2.0))
    assert not deserves(replace(rested, converged=False))
    assert not deserves(replace(rested, takes=rested.takes[:2]))


def test_commands_stand_on_what_the_document_does(few: Document, tmp_path: Path) -> None:
    document, _ = with_fit(few)
    place = tmp_path / "a.parlor"
    save_document(document, place)
    compared = {}
    for words in ((), ("--fitted",), ("--surveyed",)):
        done = ran_here(["compare", place, "--json", *words])
        assert done.returncode == 0, done.stderr
        table = json.loads(done.stdout)
        compared[words] = [row["forecast_evenness_db"] for row in table["ranking"]]
        assert table["source"] == "both+sub"
    assert compared[()] == compared[("--fitted",)] != compared[("--surveyed",)]


def test_documents_without_one_open_as_before(tmp_path: Path) -> None:
    opened = open_project(EXAMPLES / "kiln-room.parlor").project
    bare = replace(opened, document=replace(opened.document, fit=None))
    save_project(bare, tmp_path / "b.parlor")
    assert open_document(tmp_path / "b.parlor").fit is None
