"""Which file is which, guessed from names; WAV impulse responses and folders."""

from pathlib import Path

import numpy as np
import pytest
import soundfile
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

from certain import made_or_refused
from how_many import cases
from jolly_parlor.project.document import Document
from jolly_parlor.project.guessing import files_in, guess
from jolly_parlor.signals.importing import read_take
from jolly_parlor.signals.reading import ResponseFileError


@pytest.mark.parametrize(
    ("name", "expected"),
    [
        ("thirty-eight/left sofa.txt", ("Thirty-eight", "left", "sofa")),
        ("Tight_to_the_wall-R-desk.csv", ("Tight to the wall", "right", "desk")),
        ("x/a-third_both_desk.wav", ("A third", "both", "desk")),
        ("x/Sub at sofa.txt", ("A third", "sub", "sofa")),
        ("x/measurement 4.txt", ("A third", "both", "desk")),
    ],
)
def test_names_say_what_they_say(kiln: Document, name: str, expected: tuple[str, str, str]) -> None:
    found = guess(kiln, Path(name), "A third")
    assert (found.arrangement, found.source, found.seat) == expected


def test_a_folder_gives_what_can_be_read(tmp_path: Path) -> None:
    for name in ("b.txt", "a.WAV", "c.jpg", "deep/d.frd"):
        (tmp_path / name).parent.mkdir(exist_ok=True)
        (tmp_path / name).write_text("x")
    one = tmp_path / "c.jpg"
    found = files_in([tmp_path, one])
    assert [p.name for p in found] == ["a.WAV", "b.txt", "d.frd", "c.jpg"]


@pytest.mark.parametrize("subtype", ["PCM_16", "PCM_24", "PCM_32", "FLOAT"])
def test_an_impulse_response_of_any_depth_is_read(tmp_path: Path, subtype: str) -> None:
    h = np.zeros((24000, 2))
    h[480, 1], h[960, 1] = 0.5, 0.25
    path = tmp_path / "h.wav"
    soundfile.write(path, h, 48000, subtype=subtype)
    read = read_take(path, channel=2)
    f = read.response.frequencies_hz
    expected = 0.5 + 0.25 * np.exp(-2j * np.pi * f * 0.01)
    assert np.allclose(read.response.level_db, 20 * np.log10(np.abs(expected)), atol=0.05)
    assert "Channel 2 of 2" in " ".join(read.notes)
    for channel, says in ((1, "nothing but silence"), (3, "no number 3")):
        with pytest.raises(ResponseFileError, match=says):
            read_take(path, channel)


@given(cut=st.integers(0, 400), spot=st.integers(0, 399), value=st.integers(0, 255))
@settings(
    max_examples=cases(20),
    suppress_health_check=[HealthCheck.function_scoped_fixture, HealthCheck.too_slow],
)
def test_mutated_wavs_are_read_or_refused_by_name(
    tmp_path: Path, cut: int, spot: int, value: int
) -> None:
    rng = np.random.default_rng(1)
    path = tmp_path / "m.wav"
    soundfile.write(path, rng.normal(size=9600) * np.exp(-np.arange(9600) / 900), 48000)
    data = bytearray(path.read_bytes())
    data[spot] = value
    path.write_bytes(bytes(data[: len(data) - cut * 40]))
    read = made_or_refused(lambda: read_take(path), ResponseFileError, lambda w: "m.wav" in w)
    assert read is None or np.all(np.isfinite(read.response.level_db))
