"""The one way to do something beside the window: how far it is, what is left of it, its stop."""

import threading
from collections.abc import Callable

import pytest
from pytestqt.qtbot import QtBot

from jolly_parlor.app import task as tasks
from jolly_parlor.app.task import Task, Token
from jolly_parlor.refused import Refused
from jolly_parlor.studio.one_take import Cancelled


def _heard(one: Task) -> list[tuple[str, object]]:
    heard: list[tuple[str, object]] = []
    one.told.connect(lambda something: heard.append(("told", something)))
    one.found.connect(lambda result: heard.append(("found", result)))
    one.halted.connect(lambda: heard.append(("halted", None)))
    one.refused.connect(lambda why: heard.append(("refused", why)))
    return heard


def _done(qtbot: QtBot, one: Task) -> None:
    with qtbot.waitSignal(one.finished, timeout=20_000):
        one.start()


def test_it_tells_what_has_come_and_brings_what_it_found(qtbot: QtBot) -> None:
    def work(token: Token) -> str:
        token.tell("half")
        token.share(0.5)
        return "all"

    one = Task("counting", work)
    heard = _heard(one)
    _done(qtbot, one)
    assert heard == [("told", "half"), ("found", "all")]
    assert one.done_share == 0.5 and one.result == "all"


@pytest.mark.parametrize(
    ("stops", "heard_at_last"),
    [
        (lambda token: token.go_on(0.5), ("halted", None)),
        (lambda token: token.stopped() and _raise(Cancelled()), ("halted", None)),
        (lambda token: None, ("found", None)),
    ],
)
def test_a_stopped_one_brings_nothing_unless_its_work_does(
    qtbot: QtBot, stops: Callable[[Token], object], heard_at_last: tuple[str, object]
) -> None:
    begun, go_on = threading.Event(), threading.Event()

    def work(token: Token) -> None:
        begun.set()
        assert go_on.wait(20)
        stops(token)

    one = Task("counting", work)
    heard = _heard(one)
    with qtbot.waitSignal(one.finished, timeout=20_000):
        one.start()
        assert begun.wait(20)
        one.cancel()
        go_on.set()
    assert heard == [heard_at_last]


def _raise(error: Exception) -> None:
    raise error


def test_a_refusal_is_told_and_a_defect_named(qtbot: QtBot, tmp_path, monkeypatch) -> None:
    monkeypatch.setenv("XDG_STATE_HOME", str(tmp_path))
    one = Task("counting", lambda token: _raise(Refused("No.")))
    heard = _heard(one)
    _done(qtbot, one)
    assert heard == [("refused", "No.")]
    other = Task("counting", lambda token: _raise(KeyError("x")))
    heard = _heard(other)
    _done(qtbot, other)
    assert "The program failed counting (KeyError)" in str(heard[0][1])


def test_what_it_still_takes_follows_from_how_far_it_is(
    qtbot: QtBot, monkeypatch: pytest.MonkeyPatch
) -> None:
    now = [0.0]
    monkeypatch.setattr(tasks, "monotonic", lambda: now[0])
    one = Task("counting", lambda token: None)
    _done(qtbot, one)
    one.done_share = 0.01
    assert one.left_seconds is None
    now[0], one.done_share = 10.0, 0.25
    assert one.left_seconds == pytest.approx(30.0)


def test_after_its_end_nothing_is_heard_of_it(qtbot: QtBot) -> None:
    one = Task("counting", lambda token: "found too late")
    heard = _heard(one)
    one.start()
    one.end()
    qtbot.wait(10)
    assert heard == []
