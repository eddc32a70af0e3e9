"""Where reading a table decides: units in figures, and the edges of what is taken for what."""

import numpy as np
import pytest

from jolly_parlor.signals.reading import ResponseFileError, SeveralCurves, parse_response

DB = [70.0, 65.0, 72.0, 61.0, 74.0, 63.0, 76.0, 60.0]
HZ = [20.0, 40.0, 60.0, 80.0, 100.0, 150.0, 200.0, 300.0]


def table(head: str, *columns: list[float]) -> str:
    return "\n".join([head, *("\t".join(map(repr, row)) for row in zip(*columns, strict=True))])


@pytest.mark.parametrize(
    ("head", "one", "ten"),
    [
        ("Hz\tdB", 1.0, 10.0),
        ("Hz\tlevel (linear)", 0.0, 20.0),
        # 1 Pa is 94 dB above 20 micropascals (ISO 1683).
        ("Hz\tlevel (Pa)", 93.9794, 113.9794),
        ("Hz\tlevel (power)", 0.0, 10.0),
    ],
)
def test_levels_in_other_units_become_decibels(head: str, one: float, ten: float) -> None:
    read = parse_response(table(head, HZ, [1.0, 10.0] * 4)).response
    assert read.level_db[:2] == pytest.approx([one, ten], abs=1e-3)


def test_kilohertz_and_radians_a_second_become_hertz() -> None:
    kilo = parse_response(table("kHz\tdB", [f / 1000 for f in HZ], DB)).response
    assert kilo.frequencies_hz == pytest.approx(HZ)
    turned = [2 * np.pi * f for f in HZ]
    assert parse_response(table("rad/s\tdB", turned, DB)).response.frequencies_hz == (
        pytest.approx(HZ)
    )


def test_eight_frequencies_from_20_to_300_hz_are_enough_and_seven_are_not() -> None:
    levels = [70.0, 71.0, 72.0, 73.0, 74.0, 75.0, 76.0, 77.0]
    assert parse_response(table("Hz\tdB", HZ, levels)).response.frequencies_hz.size == 8
    for spare in (0, 7):
        f = list(HZ)
        f[spare] = 19.9 if spare == 0 else 300.1
        with pytest.raises(ResponseFileError, match="only 7 frequencies lie between 20 and 300"):
            parse_response(table("Hz\tdB", f, levels))


def test_a_level_before_the_frequency_is_noticed_by_what_rises() -> None:
    levels = DB
    read = parse_response(table("", levels, HZ)).response
    assert read.frequencies_hz == pytest.approx(HZ)
    assert read.level_db == pytest.approx(levels)
    falling = parse_response(table("", levels, HZ[::-1])).response
    assert falling.frequencies_hz == pytest.approx(HZ)
    assert falling.level_db == pytest.approx(levels[::-1])


def test_falling_frequencies_are_turned_round_and_others_sorted_and_each_is_said() -> None:
    levels = [60.0, 61.0, 62.0, 63.0, 64.0, 65.0, 66.0, 67.0]
    turned = parse_response(table("Hz\tdB", HZ[::-1], levels))
    assert turned.response.level_db == pytest.approx(levels[::-1])
    assert any("turned round" in note for note in turned.notes)
    f = [300.0, 200.0, 150.0, 100.0, 80.0, 60.0, 60.5, 20.0]  # one small step up
    astray = parse_response(table("Hz\tdB", f, levels))
    assert list(astray.response.frequencies_hz) == sorted(f)
    assert any("sorted" in note for note in astray.notes)
    assert not any("turned round" in note for note in astray.notes)
    assert not any("order" in note for note in parse_response(table("Hz\tdB", HZ, levels)).notes)


def test_what_stands_twice_is_averaged_on_power_and_phases_as_arrows() -> None:
    f = [*HZ, 300.0]
    levels = [70.0] * 7 + [60.0, 70.0]
    phases = [0.0] * 7 + [170.0, -170.0]
    read = parse_response(table("Hz\tdB\tdeg", f, levels, phases))
    assert read.response.frequencies_hz.size == 8
    mean = 10 * np.log10((1e6 + 1e7) / 2)
    assert read.response.level_db[-1] == pytest.approx(mean)
    assert read.response.phase_deg is not None
    assert abs(read.response.phase_deg[-1]) == pytest.approx(180.0)
    assert any("averaged on power" in note for note in read.notes)


def test_lines_at_0_hz_or_without_a_level_are_left_out_and_counted() -> None:
    read = parse_response(table("Hz\tdB", [0.0, *HZ], [99.0, *DB]))
    assert read.response.frequencies_hz[0] == 20.0
    assert any(note.startswith("1 line at 0 Hz") for note in read.notes)


def test_curves_below_each_other_are_told_apart_from_eight_lines_on() -> None:
    with pytest.raises(SeveralCurves, match="holds 2 curves"):
        parse_response(table("Hz\tdB", HZ * 2, DB * 2))
    f = [*HZ, *HZ[1:]]  # the second has seven: no curve, but frequencies that stand twice
    read = parse_response(table("Hz\tdB", f, [*DB, *DB[1:]]))
    assert read.response.frequencies_hz.size == 8


@pytest.mark.parametrize("wrong", [-1.0, 1_000_001.0])
def test_what_is_no_frequency_is_refused_with_its_line(wrong: float) -> None:
    f = list(HZ)
    f[2] = wrong
    with pytest.raises(ResponseFileError, match="line 4: "):
        parse_response(table("Hz\tdB", f, DB))


def test_seconds_of_samples_are_no_frequencies() -> None:
    seconds = [n / 1000 for n in range(64)]
    with pytest.raises(ResponseFileError):
        parse_response(table("", seconds, [0.1] * 64))
