"""What plays together in the simulated studio: the sum of the parts, fed through what is set."""

import numpy as np
import pytest

from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.analysis.measured import measured_response
from jolly_parlor.analysis.room_fit import evidence_of
from jolly_parlor.placement.mixes import mixed, with_subwoofers
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import open_document, save_document
from jolly_parlor.project.gear_edits import set_chain
from jolly_parlor.project.staging import alignment_stage, as_set, stage_of, tried_stage
from jolly_parlor.project.take_edits import add_measured
from jolly_parlor.signals.importing import TAKE_HZ
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.studio.one_take import Measurement, Settings, measure
from jolly_parlor.studio.simulated import SimulatedStudio

SETTINGS = Settings(Sweep(seconds=1.0), sweeps=2)
F = TAKE_HZ[(TAKE_HZ > 25.0) & (TAKE_HZ < 290.0)]  # where takes are kept: nothing interpolated
SOURCES = ("left", "right", "sub", "both+sub")
Taken = dict[str, Measurement]


@pytest.fixture(scope="module")
def late(demo: Document) -> Document:
    """The demo with a delay, a phase and an unlike crossover set, so that all of them count."""
    document = set_chain(demo, "sub", "A third", delay_ms=4.0, inverted=True)
    return set_chain(document, "sub", "A third", phase_degrees=70.0)


@pytest.fixture(scope="module")
def taken(late: Document) -> tuple[SimulatedStudio, Taken]:
    studio = SimulatedStudio(late.room, 1)
    stage = stage_of(late, late.arrangement("A third"), "desk")
    microphone = studio.calibration()
    return studio, {
        name: measure(studio, SETTINGS, source, stage, microphone)
        for name, source in (*((s, s) for s in SOURCES), ("again", "both+sub"))
    }


def _rms(pressure: np.ndarray) -> float:
    return float(np.sqrt(np.mean(np.abs(pressure) ** 2)))


def test_the_sum_of_measured_parts_is_the_measured_sum_within_its_noise(
    late: Document, taken: tuple[SimulatedStudio, Taken]
) -> None:
    _, found = taken
    mix, chains = with_subwoofers(late.gear), late.arrangement("A third").chains
    parts = {name: found[name].response.pressure(F) for name in mix.loudspeakers}
    added = mixed(mix, chains, F, parts)
    whole = found["both+sub"].response.pressure(F)
    again = found["again"].response.pressure(F)
    noise = _rms(whole - again) / np.sqrt(2)  # of one take; the sum has that of three and itself
    assert _rms(added - whole) < 1.3 * 2 * noise
    assert noise < 0.03 * _rms(whole)
    # Had the settings not been in it, nothing of this would hold.
    bare = mixed(mix, {}, F, parts)
    assert _rms(bare - whole) > 0.3 * _rms(whole)


def test_a_take_of_all_that_plays_is_kept_read_back_and_asked_about_when_a_setting_changes(
    late: Document, taken: tuple[SimulatedStudio, Taken], tmp_path
) -> None:
    studio, found = taken
    where = ("A third", "both+sub", "desk")
    document = add_measured(late, found["both+sub"], studio, SETTINGS, "m.txt", *where)
    a = document.arrangement("A third")
    case = document.case(a, "desk", with_subwoofers(document.gear))
    assert measured_response(document, case) is document.takes[-1].response
    path = tmp_path / "kept.parlor"
    save_document(document, path)
    back = open_document(path).takes[-1]
    assert back.info.subwoofers == ("sub",) and back.info.played == ("left", "right", "sub")
    fitted = [e for e in evidence_of(document) if e.name.startswith("both+sub")]
    assert fitted and set(fitted[0].placing.drives) == {"left", "right", "sub"}
    for change in ({"gain_db": -3.0}, {"low_pass": None}):
        turned = set_chain(document, "sub", "A third", **change)
        [doubtful] = turned.doubtful_takes()[-1:]
        assert doubtful.info.source == "both+sub"
        assert "of sub" in turned.doubts(doubtful)[0]
        assert turned.take_of(a, "both+sub", "desk") is None


@pytest.mark.real_room
def test_by_reciprocity_loudspeaker_and_microphone_may_change_places(demo: Document) -> None:
    """Reciprocity (Rayleigh): in the studio within the noise and a centimetre of placing."""
    a = demo.arrangement("A third")
    place = Point(0.4, 5.0, 0.18)
    studio = SimulatedStudio(demo.room, 1)
    here, turned = (
        tried_stage(demo, a, "desk", "sub", place, swapped=swapped) for swapped in (False, True)
    )
    assert here.sources["sub"].body is not None and turned.microphone != place
    usual = measure(studio, SETTINGS, "sub", here, studio.calibration())
    swapped = measure(studio, SETTINGS, "sub", turned, studio.calibration())
    f = F[F < 120]
    gap = np.interp(f, usual.response.frequencies_hz, usual.response.level_db)
    gap -= np.interp(f, swapped.response.frequencies_hz, swapped.response.level_db)
    assert np.median(np.abs(gap)) < 0.4


def test_a_stage_for_aligning_plays_each_as_set_and_the_sub_reversed(late: Document) -> None:
    a = late.arrangement("A third")
    stage = alignment_stage(stage_of(late, a, "desk"), "sub", a.chains)
    own = stage.playing(as_set("sub"))
    turned = stage.playing("reversed")
    assert own.names == ("sub",) and own.delay_seconds("sub") == pytest.approx(0.004)
    assert turned.names == ("left", "right", "sub")
    assert np.allclose(turned.fed["sub"].response(F), -own.fed["sub"].response(F))
