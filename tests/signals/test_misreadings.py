"""Files that were once misread without a word: each is read right, asked about, or refused."""

from pathlib import Path

import numpy as np
import pytest

from jolly_parlor.signals.reading import ResponseFileError, parse_response, read_response
from jolly_parlor.signals.recorded_sweeps import Played, read_recording
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.signals.wav import wav_bytes

F = np.geomspace(20.0, 400.0, 40)


def rows(*columns: np.ndarray, sep: str = "\t") -> str:
    return "\n".join(sep.join(f"{v:.6g}" for v in row) for row in zip(*columns, strict=True))


def test_thousandths_of_a_pascal_are_sixty_decibels_less() -> None:
    """0 dB SPL is 20 micropascal (ISO 1683): 200 mPa are 80 dB."""
    level = np.linspace(150.0, 250.0, F.size)
    for unit, scale in (("mPa", 1e-3), ("Pa", 1.0), ("µPa", 1e-6), ("kPa", 1e3)):
        read = parse_response(f"Hz\tpressure ({unit})\n{rows(F, level)}")
        wanted = 20 * np.log10(level * scale / 20e-6)
        found = np.interp(F, read.response.frequencies_hz, read.response.level_db)
        assert found == pytest.approx(wanted, abs=1e-3), unit


@pytest.mark.parametrize(("unit", "scale"), [("mV", 1.0), ("V", 1.0)])
def test_volts_are_a_factor_whatever_their_scale(unit: str, scale: float) -> None:
    level = np.linspace(0.5, 1.5, F.size)
    read = parse_response(f"Hz\tlevel {unit}\n{rows(F, level)}")
    found = read.response.level_db - read.response.level_db[0]
    assert found == pytest.approx(20 * np.log10(level / level[0]), abs=1e-3)
    assert any("factor" in note for note in read.notes) and scale == 1.0


def test_a_column_that_counts_lines_is_no_frequency() -> None:
    level = 70 + 5 * np.sin(F)
    number = np.arange(1, F.size + 1.0)
    for titles in ("No\tHz\tdB", "#\tFreq\tSPL", "Index\tFrequency (Hz)\tdB"):
        read = parse_response(f"{titles}\n{rows(number, F, level)}")
        assert read.response.frequencies_hz == pytest.approx(F, rel=1e-4)
    with pytest.raises(ResponseFileError, match="counts the lines"):
        parse_response(rows(number, F, level))  # no heading says what is what
    with pytest.raises(ResponseFileError, match="counts the lines"):
        parse_response(rows(np.arange(0.0, 300.0), 70 + np.sin(np.arange(300.0))))


def test_milliseconds_are_no_frequency() -> None:
    t = np.arange(0.0, 300.0, 0.5)
    wave = np.exp(-t / 50) * np.sin(t)
    with pytest.raises(ResponseFileError, match="impulse response as text"):
        parse_response(f"Time (ms)\tAmplitude\n{rows(t, wave)}")
    with pytest.raises(ResponseFileError, match="time"):
        parse_response(rows(t, wave))


def test_a_decimal_comma_between_commas_is_refused() -> None:
    text = "\n".join(
        f"{int(f)},{int(v)},{int(10 * (v % 1))}" for f, v in zip(F, 70 + F / 90, strict=True)
    )
    with pytest.raises(ResponseFileError, match="commas"):
        parse_response(text)


def test_only_a_heading_says_kilohertz() -> None:
    level = 70 + 5 * np.sin(F)
    plain = parse_response(rows(F, level)).response.frequencies_hz
    for remark in ("# smoothed above 1 kHz", "* microphone good to 20 kHz", "limit: 2.5 kHz"):
        read = parse_response(f"{remark}\nHz\tdB\n{rows(F, level)}")
        assert read.response.frequencies_hz == pytest.approx(plain), remark
        read = parse_response(f"{remark}\n{rows(F, level)}")
        assert read.response.frequencies_hz == pytest.approx(plain), remark
    for heading in ("kHz\tdB", "Freq (kHz)\tdB", "# frequency in kHz, level in dB"):
        read = parse_response(f"{heading}\n{rows(F / 1000, level)}")
        assert read.response.frequencies_hz == pytest.approx(F, rel=1e-4), heading


def test_a_row_that_a_spreadsheet_turned_into_a_date_is_told() -> None:
    lines = rows(F, 70 + 5 * np.sin(F)).splitlines()
    lines[12] = "Mar-20\t71.2"
    lines[20] = "n.a."
    read = parse_response("Hz\tdB\n" + "\n".join(lines))
    told = " ".join(read.notes)
    assert "line 14" in told and "Mar-20" in told and "line 22" in told
    assert read.response.frequencies_hz.size == F.size - 2


def test_what_is_left_out_averaged_or_turned_is_told_with_its_line() -> None:
    f, level = F.copy(), 70 + 5 * np.sin(F)
    f[5] = f[4]
    read = parse_response(rows(f, level))
    assert any("line 5" in note and "twice" in note for note in read.notes), read.notes
    f = F.copy()
    f[0] = 0.0
    read = parse_response(rows(f, level))
    assert any("line 1" in note and "left out" in note for note in read.notes), read.notes


def recorded(path: Path, seconds: float, late: float = 0.02) -> np.ndarray:
    played = Sweep(seconds=seconds).samples()
    quiet = np.zeros(48_000)
    heard = np.concatenate([np.zeros(round(late * 48_000)), 0.5 * played, quiet])
    path.write_bytes(wav_bytes(heard, 48_000))
    return heard


def test_a_sweep_said_to_be_longer_than_it_was_is_refused(tmp_path: Path) -> None:
    """Deconvolved with the wrong rate it arrives before it was played, smeared."""
    path = tmp_path / "two.wav"
    recorded(path, 2.0)
    right = read_recording(path, Played(seconds=2.0))
    assert np.interp(
        1000.0, right.response.frequencies_hz, right.response.level_db
    ) == pytest.approx(-6.0, abs=0.2)
    for wrong in (3.0, 1.5, 2.2):
        with pytest.raises(ResponseFileError, match="sweep"):
            read_recording(path, Played(seconds=wrong))
    for low, high in ((20.0, 20_000.0), (10.0, 10_000.0)):
        with pytest.raises(ResponseFileError, match="sweep"):
            read_recording(path, Played(low_hz=low, high_hz=high, seconds=2.0))


def test_reverberation_and_noise_are_no_wrong_sweep(tmp_path: Path) -> None:
    rng = np.random.default_rng(3)
    heard = recorded(tmp_path / "plain.wav", 2.0)
    tail = np.exp(-np.arange(24_000) / 5000) * rng.normal(size=24_000) * 0.05
    tail[0] = 1.0
    room = np.convolve(heard, tail)[: heard.size] + 0.002 * rng.normal(size=heard.size)
    path = tmp_path / "room.wav"
    path.write_bytes(wav_bytes(room, 48_000))
    read = read_recording(path, Played(seconds=2.0))
    assert read.response.frequencies_hz.size > 100


def test_text_files_are_read_from_regular_files_alone(tmp_path: Path) -> None:
    import os

    pipe = tmp_path / "pipe.txt"
    os.mkfifo(pipe)
    with pytest.raises(ResponseFileError, match=r"no ordinary file|no such file"):
        read_response(pipe)
