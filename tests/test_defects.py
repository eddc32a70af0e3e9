"""The last net: a refusal speaks for itself, a defect is logged and told in a sentence."""

from pathlib import Path

import pytest

from jolly_parlor import defects
from jolly_parlor.cli.main import main
from jolly_parlor.refused import Refused


def test_a_refusal_is_passed_on_and_not_logged(tmp_path: Path) -> None:
    log = tmp_path / "state" / "defects.log"
    assert defects.sentence(Refused("The door is shut."), "while entering", log) == (
        "The door is shut."
    )
    assert not log.exists()


def test_a_defect_is_logged_whole_and_the_log_is_cut_back(tmp_path: Path) -> None:
    log = tmp_path / "state" / "defects.log"
    try:
        raise ZeroDivisionError("of nothing")
    except ZeroDivisionError as error:
        words = defects.sentence(error, "while counting", log)
        for _ in range(3):
            defects.sentence(error, "while counting", log)
    assert words.startswith("The program failed while counting (ZeroDivisionError); nothing you")
    assert str(log) in words
    assert log.read_text().count("ZeroDivisionError: of nothing") == 4
    log.write_bytes(b"x" * 600_000)
    defects.sentence(ZeroDivisionError("last"), "while counting", log)
    assert log.stat().st_size < 300_000
    assert "last" in log.read_text()


def test_a_defect_in_a_command_is_one_sentence_and_a_code_of_its_own(
    tmp_path: Path, monkeypatch: pytest.MonkeyPatch, capsys: pytest.CaptureFixture[str]
) -> None:
    monkeypatch.setattr(defects, "log_path", lambda: tmp_path / "defects.log")

    def broken(*_: object) -> object:
        raise KeyError("inside")

    monkeypatch.setattr("jolly_parlor.cli.report_command.open_project", broken)
    monkeypatch.setattr(
        "sys.argv", ["jolly-parlor", "report", "--arrangement", "A", "a.parlor", "o.pdf"]
    )
    with pytest.raises(SystemExit) as stopped:
        main()
    assert stopped.value.code == 3
    err = capsys.readouterr().err
    assert "KeyError" in err
    assert "Traceback" not in err
    assert "KeyError" in (tmp_path / "defects.log").read_text()


def test_the_last_crash_is_told_once(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    watched = []
    monkeypatch.setattr(defects.faulthandler, "enable", watched.append)
    log = tmp_path / "state" / "crash.log"
    assert defects.watch_for_crashes(log) is None  # the first start
    log.write_text("where every thread was", encoding="utf-8")
    before = defects.watch_for_crashes(log)
    assert before is not None and before.read_text("utf-8") == "where every thread was"
    assert defects.watch_for_crashes(log) is None
    assert [Path(file.name) for file in watched] == [log] * 3
    for file in watched:
        file.close()


def test_where_nothing_can_be_written_the_program_goes_on(tmp_path: Path) -> None:
    shut = tmp_path / "file"
    shut.write_text("in the way")
    assert defects.watch_for_crashes(shut / "crash.log") is None
    told = defects.sentence(KeyError("x"), "while counting", shut / "defects.log")
    assert told == ("The program failed while counting (KeyError); nothing you entered is lost.")
