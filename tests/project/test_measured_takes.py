"""Measured takes in the document: kept, saved, left out when bad, exported."""

from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest

from jolly_parlor.analysis.comparison import compare
from jolly_parlor.placement.mixes import BOTH
from jolly_parlor.project.document import Document
from jolly_parlor.project.exporting import export_project
from jolly_parlor.project.files import open_document, save_document
from jolly_parlor.project.history import Project
from jolly_parlor.project.staging import stage_of
from jolly_parlor.project.take_edits import add_measured, insist_on_take
from jolly_parlor.signals.quality import Remark, Verdict
from jolly_parlor.signals.reading import read_response
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.signals.wav import WavRefused, read_wav
from jolly_parlor.studio.one_take import Measurement, Settings, measure
from jolly_parlor.studio.simulated import SimulatedStudio

SETTINGS = Settings(Sweep(seconds=1.5), sweeps=1)


@pytest.fixture(scope="module")
def taken(kiln: Document) -> tuple[SimulatedStudio, Measurement]:
    studio = SimulatedStudio(kiln.room, 1)
    stage = stage_of(kiln, kiln.arrangements[0], "desk")
    return studio, measure(studio, SETTINGS, "both", stage, studio.calibration())


def _with(document: Document, taken: tuple[SimulatedStudio, Measurement], bad: bool) -> Document:
    studio, found = taken
    if bad:
        found = replace(found, verdict=Verdict((Remark("bad", "A door slammed."),)))
    return add_measured(document, found, studio, SETTINGS, "mic.txt", "A third", "both", "desk")


def test_a_measured_take_survives_saving_bit_by_bit(kiln: Document, taken, tmp_path: Path) -> None:
    document = _with(kiln, taken, bad=False)
    save_document(document, tmp_path / "a.parlor")
    back = open_document(tmp_path / "a.parlor").takes[-1]
    assert back.info == document.takes[-1].info
    assert back.info.measured.simulated and back.info.measured.settings == SETTINGS
    assert np.allclose(back.impulse.samples, taken[1].impulse.samples, atol=1e-7)
    assert back.impulse.start_seconds == taken[1].impulse.start_seconds
    assert "simulated take" in document.noted[-1].text


def test_a_bad_take_is_kept_but_ranks_only_when_insisted_on(kiln: Document, taken) -> None:
    document = _with(kiln, taken, bad=True)
    a = document.arrangements[0]
    assert len(document.takes) == len(kiln.takes) + 1
    assert document.take_of(a, "both", "desk") is None
    assert document.bad_take_of(a, "both", "desk") is document.takes[-1]
    insisted = insist_on_take(document, document.takes[-1].info.id)
    assert insisted.take_of(a, "both", "desk") is insisted.takes[-1]


def test_unlike_and_simulated_takes_are_not_compared_in_silence(demo: Document, taken) -> None:
    plain = compare(demo, "desk", BOTH)
    assert "simulated" not in plain.basis_words
    mixed = compare(_with(demo, taken, bad=False), "desk", BOTH)
    assert "some are simulated" in mixed.basis_words
    assert "not all taken with the same level" in mixed.basis_words


def test_everything_is_exported_and_reads_back(kiln: Document, taken, tmp_path: Path) -> None:
    document = _with(kiln, taken, bad=False)
    take = document.takes[-1]
    made = {path.name: path for path in export_project(Project(document), tmp_path / "out")}
    stem = f"{take.info.id}-A-third-both-at-desk"
    for kind in ("csv", "txt"):
        read = read_response(made[f"{stem}.{kind}"]).response
        assert np.allclose(read.level_db, take.response.level_db, atol=1e-3)
        assert np.allclose(read.frequencies_hz, take.response.frequencies_hz, rtol=1e-5)
    samples, rate = read_wav(made[f"{stem}.wav"], "x")
    assert rate == 48000
    assert np.allclose(samples[:, 0], take.impulse.samples, atol=1e-7)


@pytest.mark.parametrize("data", [b"", b"RIFF....WAVE", b"not a wav at all" * 40])
def test_what_is_no_wav_is_refused_in_a_sentence(tmp_path: Path, data: bytes) -> None:
    path = tmp_path / "x.wav"
    path.write_bytes(data)
    with pytest.raises(WavRefused, match=r"x\.wav"):
        read_wav(path, "x.wav")
