"""What commands and dialogs write: never onto what was read, a document, or what is no file."""

import csv
import io
import os
import stat
import sys
import threading
from dataclasses import replace
from pathlib import Path

import pytest

from jolly_parlor.outputs import (
    AlreadyThere,
    as_text,
    file_name,
    names_apart,
    output,
    told_place,
    write_output,
)
from jolly_parlor.project.edits import rename_arrangement
from jolly_parlor.project.exporting import export_project
from jolly_parlor.project.files import open_document, save_document
from jolly_parlor.project.history import Project
from jolly_parlor.refused import Refused
from places import DATA, EXAMPLES
from processes import ran, ran_here


def told(*words: object) -> str:
    done = ran_here(words)
    assert done.returncode == 0, done.stderr
    return done.stdout + done.stderr


def refused(*words: object) -> str:
    done = ran_here(words)
    assert done.returncode == 1, (done.stdout, done.stderr)
    return done.stderr


@pytest.fixture
def room(tmp_path: Path) -> Path:
    place = tmp_path / "room.parlor"
    place.write_bytes((EXAMPLES / "kiln-room.parlor").read_bytes())
    return place


FORECAST = "--arrangement", "A third"


@pytest.mark.parametrize(
    "words",
    [
        ("forecast", "{}", *FORECAST, "--csv", "{}"),
        ("forecast", "{}", *FORECAST, "--force", "--csv", "{}"),
        ("ledger", "{}", "--json", "{}", "--force"),
        ("ledger", "{}", "--csv", "{}", "--force"),
        ("signal", "bass", "{}", "--force"),
        ("report", "{}", "{}", "--force"),
        ("fit", "{}", "--json", "{}", "--force"),
        ("search", "{}", "--json", "{}", "--force"),
        ("new", EXAMPLES / "kiln-room.json", "{}", "--force"),
    ],
)
def test_no_command_writes_onto_a_document(room: Path, words: tuple[object, ...]) -> None:
    before = room.read_bytes()
    assert str(room) in refused(*(room if word == "{}" else word for word in words))
    assert room.read_bytes() == before


def test_a_document_is_known_whatever_it_is_called_and_through_links(
    room: Path, tmp_path: Path
) -> None:
    other, link = tmp_path / "renamed.wav", tmp_path / "link.wav"
    room.rename(other)
    link.symlink_to(other)
    for place in (other, link):
        assert "is a document" in refused("signal", "bass", place, "--force")
    assert open_document(other).takes


def test_a_file_is_replaced_only_where_that_is_said(tmp_path: Path) -> None:
    out = tmp_path / "steps.wav"
    told("signal", "mono", out)
    out.write_bytes(b"mine")
    assert "is there already: name another. Or say --force." in refused("signal", "mono", out)
    assert out.read_bytes() == b"mine"
    told("signal", "mono", out, "--force")
    assert out.read_bytes().startswith(b"RIFF")


def test_what_is_read_is_never_written_onto(tmp_path: Path) -> None:
    case = tmp_path / "case.csv"
    case.write_bytes((DATA / "box_small.json").read_bytes())
    linked = tmp_path / "same.csv"
    os.link(case, linked)
    for out in (case, linked):
        assert "is what was read" in refused("forecast", "--case", case, "--csv", out, "--force")
    assert case.read_bytes() == (DATA / "box_small.json").read_bytes()


def test_a_link_is_followed_and_said(tmp_path: Path) -> None:
    there, link = tmp_path / "there.wav", tmp_path / "link.wav"
    there.write_bytes(b"")
    link.symlink_to(there)
    said = told("signal", "mono", link, "--force")
    assert f"link.wav, which is {there}" in said
    assert link.is_symlink() and there.read_bytes().startswith(b"RIFF")
    assert told_place(there) == "there.wav"


def test_a_pipe_is_written_to_as_such(tmp_path: Path) -> None:
    pipe = tmp_path / "pipe.wav"
    os.mkfifo(pipe)
    read: list[bytes] = []
    reader = threading.Thread(target=lambda: read.append(pipe.read_bytes()))
    reader.start()
    told("signal", "mono", pipe)
    reader.join(60)
    assert read[0].startswith(b"RIFF") and stat.S_ISFIFO(pipe.stat().st_mode)


@pytest.mark.parametrize("place", ["/dev/stdout", "/dev/fd/1", "/proc/self/fd/1"])
def test_standard_output_is_written_to_as_such(place: str, tmp_path: Path) -> None:
    survey = EXAMPLES / "kiln-room.parlor"
    words = [sys.executable, "-m", "jolly_parlor", "ledger", survey, "--csv", place]
    done = ran(words)
    assert done.returncode == 0, done.stderr
    rows = list(csv.reader(io.StringIO(done.stdout)))
    assert rows[0][:2] == ["step", "when"]


def test_what_is_neither_a_file_nor_a_pipe_is_refused(tmp_path: Path) -> None:
    assert "no ordinary file" in refused("signal", "mono", "/dev/null", "--force")
    folder = tmp_path / "folder.wav"
    folder.mkdir()
    assert "is a folder" in refused("signal", "mono", folder, "--force")
    assert stat.S_ISCHR(Path("/dev/null").stat().st_mode)


def test_ending_and_content_agree(room: Path, tmp_path: Path) -> None:
    why = refused("forecast", room, *FORECAST, "--csv", tmp_path / "out.json")
    assert "would hold .csv content" in why
    assert "name of a document" in refused("signal", "mono", tmp_path / "new.parlor")
    assert not list(tmp_path.glob("out*")) and not list(tmp_path.glob("new*"))
    told("forecast", room, *FORECAST, "--csv", tmp_path / "plain")
    assert (tmp_path / "plain").read_text().startswith("source,")


def test_it_is_refused_before_anything_is_worked_out(
    room: Path, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    out = tmp_path / "out.json"
    out.write_text("mine")

    def never(*_: object, **__: object) -> None:
        raise AssertionError("it was searched")

    monkeypatch.setattr("jolly_parlor.cli.search_commands.search", never)
    assert "there already" in refused("search", room, "--json", out)


def test_new_makes_no_second_document_of_one(room: Path, tmp_path: Path) -> None:
    survey = EXAMPLES / "kiln-room.json"
    assert "document already" in refused("new", survey, room)
    assert open_document(room).takes
    other = tmp_path / "notes.parlor"
    other.write_text("not ours")
    assert refused("new", survey, other)
    assert other.read_text() == "not ours"
    told("new", survey, tmp_path / "fresh.parlor")
    assert open_document(tmp_path / "fresh.parlor").arrangements


def test_every_take_is_exported_under_a_name_of_its_own(tmp_path: Path) -> None:
    document = open_document(EXAMPLES / "kiln-room.parlor")
    one, other = document.takes[0], document.takes[1]
    placed = [replace(t.info.placed, name=n) for t, n in ((one, "A/B"), (other, "A B"))]
    same = [
        replace(t, info=replace(t.info, id=i, placed=p, source="both", seat="desk"))
        for t, i, p in zip((one, other), ("take/1", "take 1"), placed, strict=True)
    ]
    made = export_project(Project(replace(document, takes=tuple(same))), tmp_path / "out")
    on_disk = {path.name.casefold() for path in (tmp_path / "out").iterdir()}
    assert len(made) == len(on_disk) == len({path.name.casefold() for path in made})
    assert sum(path.suffix == ".csv" for path in made) >= 2
    with pytest.raises(AlreadyThere):
        export_project(Project(document), tmp_path / "out")
    assert len(list((tmp_path / "out").iterdir())) == len(on_disk)  # nothing of it was written
    again = export_project(Project(replace(document, takes=tuple(same))), tmp_path / "out", True)
    assert len(again) == len(made)


def test_names_of_files_are_apart_also_where_capitals_do_not_count() -> None:
    assert names_apart(["A/B", "A:B", "a_b", "C"]) == ["A_B", "A_B-2", "a_b-3", "C"]
    assert file_name(" .hidden\x07/.. ") == "hidden__"
    assert file_name("...") == "file" and len(file_name("x" * 500)) == 120


@pytest.mark.parametrize("name", ['=HYPERLINK("x")', "+1+a", "-a", "@sum", "\tx", "\r"])
def test_what_a_spreadsheet_would_run_is_written_as_text(name: str, tmp_path: Path) -> None:
    assert as_text(name) == f"'{name}"
    assert as_text("A third") == "A third" and as_text("") == ""
    assert as_text("-0.56") == "-0.56" and as_text("-1+cmd") == "'-1+cmd", "a number is one"


def test_no_formula_reaches_a_table(tmp_path: Path) -> None:
    wild = '=HYPERLINK("http://x")'
    document = rename_arrangement(open_document(EXAMPLES / "kiln-room.parlor"), "A third", wild)
    room = tmp_path / "room.parlor"

    save_document(document, room)
    told("note", room, wild, "--arrangement", wild)
    told("ledger", room, "--csv", tmp_path / "ledger.csv")
    rows = list(csv.reader(io.StringIO((tmp_path / "ledger.csv").read_text())))
    cells = [cell for row in rows for cell in row]
    assert any(wild in cell for cell in cells)
    assert not any(cell.startswith(("=", "@", "\t")) for cell in cells)


def test_whatever_fails_leaves_nothing_behind(tmp_path: Path) -> None:
    out = tmp_path / "out.csv"

    def broken() -> None:
        with output(out, ".csv") as temporary:
            temporary.write_text("half")
            raise ValueError("in between")

    with pytest.raises(ValueError, match="in between"):
        broken()
    with pytest.raises(Refused, match="could not be written"):
        write_output(tmp_path / "nowhere" / "out.csv", b"", ".csv")
    assert list(tmp_path.iterdir()) == []


def test_columns_can_be_said_where_a_file_could_mean_two_things(room: Path, tmp_path: Path) -> None:
    counted = tmp_path / "counted.txt"
    counted.write_text("\n".join(f"{n}\t{20 + 4 * n}\t{70 + n % 7}" for n in range(1, 60)))
    where = ("--arrangement", "A third", "--source", "left", "--seat", "desk")
    assert "counts the lines" in refused("import", room, counted, *where)
    told("import", room, counted, *where, "--columns", "unused,hz,db")
    assert open_document(room).takes[-1].response.frequencies_hz[0] == 24.0
    why = ran_here(("import", room, counted, *where, "--columns", "unused,hz,loud"))
    assert why.returncode == 2 and "nothing that a column can be" in why.stderr
    assert "2 columns were named" in refused("import", room, counted, *where, "--columns", "hz,db")


@pytest.mark.parametrize("place", ["/dev/full", "/dev/zero", "pipe"])
def test_what_is_no_file_is_never_read_to_see_whether_it_is_a_document(
    place: str, tmp_path: Path
) -> None:
    """`new` read a device until all memory was gone, and waited at a pipe for ever."""
    os.mkfifo(tmp_path / "pipe")
    out = tmp_path / place  # an absolute one stays as it is
    limited = ["bash", "-c", 'ulimit -v 4000000; exec "$@"', "-"]
    survey = EXAMPLES / "kiln-room.json"
    found = ran([*limited, sys.executable, "-P", "-m", "jolly_parlor", "new", survey, out], 30)
    assert found.returncode == 1
    assert "no ordinary file" in found.stderr
