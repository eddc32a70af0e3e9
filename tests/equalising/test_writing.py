"""Sections as files, read back by libraries that know nothing of the program."""

import csv
import io

import numpy as np
import pytest
import soundfile
from scipy import signal

from jolly_parlor.equalising.filter_files import (
    coefficients,
    fir_wav,
    in_words,
    section_words,
    table_csv,
)
from jolly_parlor.placement.chains import Section

BY = {"left": (Section(62.0, -5.2, 4.1), Section(118.0, -3.0, 2.0)), "right": ()}


def bells(f: np.ndarray) -> np.ndarray:
    """Levels, dB, of left's two, by SciPy from the analogue polynomials of the bell."""
    total = np.zeros(f.size)
    for s in BY["left"]:
        w, a = 2 * np.pi * s.frequency_hz, 10 ** (s.gain_db / 40)
        bell = [1.0, w * a / s.q, w**2], [1.0, w / (a * s.q), w**2]
        total += 20 * np.log10(np.abs(signal.freqs(*bell, 2 * np.pi * f)[1]))
    return total


def test_the_table_has_a_row_a_section() -> None:
    rows = list(csv.DictReader(io.StringIO(table_csv(BY))))
    assert [(r["for"], *map(float, (r["frequency_hz"], r["gain_db"], r["q"]))) for r in rows] == [
        ("left", 62.0, -5.2, 4.1),
        ("left", 118.0, -3.0, 2.0),
    ]


@pytest.mark.parametrize("rate", [44_100, 48_000, 96_000])
def test_coefficients_have_the_levels_of_the_bells_at_every_rate(rate: int) -> None:
    told = coefficients(BY, (rate,))
    assert told["right"] == {str(rate): []}
    rows = [[c["b0"], c["b1"], c["b2"], 1.0, c["a1"], c["a2"]] for c in told["left"][str(rate)]]
    f = np.geomspace(20.0, 2000.0, 200)
    found = 20 * np.log10(np.abs(signal.freqz_sos(np.array(rows), f, fs=rate)[1]))
    assert found == pytest.approx(bells(f), abs=0.01)


def test_a_convolver_gets_the_levels_of_the_bells() -> None:
    taps, rate = soundfile.read(io.BytesIO(fir_wav(BY["left"], 48_000, "minimum")))
    assert rate == 48_000 and taps.ndim == 1
    f = np.geomspace(20.0, 2000.0, 200)
    found = 20 * np.log10(np.abs(signal.freqz(taps, 1.0, f, fs=rate)[1]))
    assert found == pytest.approx(bells(f), abs=0.1)


def test_words_say_what_to_set_and_where_there_is_nothing() -> None:
    assert section_words(BY["left"][0]) == "62 Hz, −5.2 dB, Q 4.1"
    lines = in_words(BY, ["Said."]).splitlines()
    assert lines[:5] == [
        "left:",
        "  62 Hz, −5.2 dB, Q 4.1",
        "  118 Hz, −3.0 dB, Q 2",
        "right:",
        "  nothing to set",
    ]
    assert "Said." in lines
