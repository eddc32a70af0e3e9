"""Response files as people have them, and files that make no sense."""

import random
from functools import partial
from pathlib import Path

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from certain import made_or_refused
from how_many import cases
from jolly_parlor.signals.reading import ResponseFileError, parse_response, read_response
from places import EXAMPLES

F = [20.0, 25.5, 31.5, 40.0, 63.0, 80.0, 100.5, 160.0, 250.0, 300.0]
LEVELS = [61.25, 64.0, 70.5, 71.0, 68.0, 55.75, 66.0, 70.0, 69.5, 68.25]
PHASES = [10.0, -20.5, 45.0, 90.0, 170.25, -175.0, 0.0, 33.0, -12.0, 5.5]


def _text(separator: str, comma: bool = False, phase: bool = True, reverse: bool = False) -> str:
    rows = list(zip(F, LEVELS, PHASES, strict=True))
    lines = []
    for f, level, turn in reversed(rows) if reverse else rows:
        cells = [f"{f}", f"{level}", f"{turn}"][: 3 if phase else 2]
        line = separator.join(cells)
        lines.append(line.replace(".", ",") if comma else line)
    return "\n".join(lines)


@pytest.mark.parametrize(
    ("separator", "comma"),
    [
        (",", False),
        (", ", False),
        (" , ", False),
        (";", False),
        (";", True),
        ("\t", False),
        ("\t", True),
        (" ", False),
        ("    ", True),
        (", ", True),
    ],
)
def test_every_separator_and_decimal_sign(separator: str, comma: bool) -> None:
    read = parse_response(_text(separator, comma)).response
    assert read.frequencies_hz == pytest.approx(F)
    assert read.level_db == pytest.approx(LEVELS)
    assert read.phase_deg == pytest.approx(PHASES)


def test_headers_and_comments_of_any_kind_are_passed_over() -> None:
    head = '* saved by hand\n# f L\nFreq;dB\n\n"Hz","dB"\n48k float\n2026-11-23 12:00\n'
    tail = "\n// the end\nEOF"
    assert parse_response(head + _text(" ") + tail).response.level_db == pytest.approx(LEVELS)


def test_two_columns_mean_no_phase() -> None:
    read = parse_response(_text(",", phase=False))
    assert read.response.phase_deg is None
    assert read.notes == ()


def test_descending_files_are_turned_round_and_say_so() -> None:
    read = parse_response(_text("\t", reverse=True))
    assert read.response.frequencies_hz == pytest.approx(F)
    assert read.response.phase_deg == pytest.approx(PHASES)
    assert "turned round" in read.notes[0]


def test_shuffled_files_are_sorted_and_say_so() -> None:
    lines = _text(" ").splitlines()
    random.Random(3).shuffle(lines)
    read = parse_response("\n".join(lines))
    assert read.response.level_db == pytest.approx(LEVELS)
    assert "sorted" in read.notes[0]


def test_duplicate_frequencies_are_averaged_on_power() -> None:
    read = parse_response(_text(" ", phase=False) + "\n100.5 60.0")
    at = list(read.response.frequencies_hz).index(100.5)
    expected = 10 * np.log10((10**6.6 + 10**6.0) / 2)
    assert read.response.level_db[at] == pytest.approx(expected)
    assert any("twice" in note for note in read.notes)


def test_a_missing_phase_drops_all_phase_and_says_so() -> None:
    lines = _text(",").splitlines()
    lines[3] = "40.0,71.0,"
    read = parse_response("\n".join(lines))
    assert read.response.phase_deg is None
    assert any("phase" in note for note in read.notes)


def test_zero_hertz_and_silent_bins_are_left_out_and_counted() -> None:
    read = parse_response("0 -inf 0\n10 nan 0\n" + _text(" "))
    assert read.response.frequencies_hz[0] == 20.0
    assert read.notes[0].startswith("2 lines")


@pytest.mark.parametrize(
    ("bad", "line", "reason"),
    [
        ("50 sixty", 11, "not a number"),
        ("50", 11, "one column"),
        ("-50 60", 11, "below zero"),
        ("50 1e5", 11, "makes no sense"),
        ("5e9 60", 11, "no audio frequency"),
        ("50;60;north", 11, "not a number"),
        ("50,5,60,5,1,0", 11, "semicolons"),
    ],
)
def test_a_senseless_line_is_named_with_its_reason(bad: str, line: int, reason: str) -> None:
    with pytest.raises(ResponseFileError) as caught:
        parse_response(_text(" ") + "\n" + bad, "mic.txt")
    assert f"mic.txt, line {line}" in str(caught.value)
    assert reason in str(caught.value)


@pytest.mark.parametrize(
    ("text", "reason"),
    [
        ("", "no line of numbers"),
        ("nothing here\nat all", "no line of numbers"),
        ("1000 60\n2000 61", "only 0 frequencies lie between 20 and 300"),
        ("\n".join(f"{f} 70" for f in F), "every level is 70"),
    ],
)
def test_a_file_that_judges_no_room_is_refused(text: str, reason: str) -> None:
    with pytest.raises(ResponseFileError, match=reason):
        parse_response(text)


def test_binary_and_absent_files_are_refused(tmp_path: Path) -> None:
    path = tmp_path / "photo.txt"
    path.write_bytes(b"first line\nsecond\x00\xff\xfe")
    with pytest.raises(ResponseFileError, match="line 2: not a text file"):
        read_response(path)
    with pytest.raises(ResponseFileError, match="could not be read"):
        read_response(tmp_path / "nowhere.txt")


def test_other_encodings_are_read(tmp_path: Path) -> None:
    for encoding in ("utf-16", "utf-8-sig", "latin-1"):
        path = tmp_path / f"{encoding}.txt"
        path.write_bytes(("Größe in °\r\n" + _text(";").replace("\n", "\r\n")).encode(encoding))
        assert read_response(path).response.level_db == pytest.approx(LEVELS)


@settings(max_examples=cases(60))
@given(st.text(alphabet="0123456789.,;-+ \t\neEdBnaif#", max_size=300))
def test_no_text_raises_anything_but_a_refusal(text: str) -> None:
    parse = partial(parse_response, text)
    read = made_or_refused(parse, ResponseFileError, lambda words: words.endswith("."))
    assert read is None or np.all(np.diff(read.response.frequencies_hz) > 0)
    assert read is None or np.all(np.isfinite(read.response.level_db))


@settings(max_examples=60)
@given(st.data())
def test_a_mutated_real_file_is_read_or_refused_in_words(data: st.DataObject) -> None:
    path = EXAMPLES / "kiln-room-takes" / "a-third_left_desk.txt"
    text = path.read_text()[:6000]
    for _ in range(data.draw(st.integers(1, 8))):
        at = data.draw(st.integers(0, len(text) - 1))
        text = text[:at] + data.draw(st.characters(max_codepoint=0x250)) + text[at + 1 :]
    parse = partial(parse_response, text, path.name)
    made_or_refused(parse, ResponseFileError, lambda words: words.startswith(path.name))


def test_the_demo_takes_cover_two_hertz_to_twenty_kilohertz() -> None:
    files = sorted((EXAMPLES / "kiln-room-takes").glob("*.txt"))
    assert len(files) == 15
    for path in files:
        response = read_response(path).response
        assert response.frequencies_hz.size >= 2000
        assert response.frequencies_hz[0] == pytest.approx(2.0, abs=0.01)
        assert response.frequencies_hz[-1] == pytest.approx(20_000, rel=0.001)
        assert response.phase_deg is not None
