"""The equaliser of a document: trims first, sections from takes, set, and verified by a take."""

from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest
from scipy import signal

from jolly_parlor.analysis.equaliser_check import equaliser_check
from jolly_parlor.analysis.equaliser_curves import forecast_curves
from jolly_parlor.analysis.equalising import applied, cleared, equalise, sections_set
from jolly_parlor.analysis.measured import measured_response
from jolly_parlor.equalising.biquads import analogue, second_order_sections
from jolly_parlor.equalising.sections import WORTH_DB, Correction, correction_db
from jolly_parlor.placement.chains import Chain, Crossover, Section
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.layouts import STEREO
from jolly_parlor.placement.mixes import BOTH, BOTH_AS_SET, as_set, measurable
from jolly_parlor.project.document import Document, Take
from jolly_parlor.project.files import open_document, save_document
from jolly_parlor.project.gear_edits import set_gear
from jolly_parlor.project.signing import Signing
from jolly_parlor.project.staging import stage_of
from jolly_parlor.project.take_edits import add_measured
from jolly_parlor.refused import Refused
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.studio.one_take import Settings, measure
from jolly_parlor.studio.simulated import SimulatedStudio
from places import DATA

SETTINGS = Settings(Sweep(seconds=1.5), sweeps=1)
NAME = "A third"


def without_sub(document: Document) -> Document:
    gear = document.gear
    pair = tuple(one for one in gear.loudspeakers if not one.is_subwoofer)
    bare = set_gear(document, replace(gear, loudspeakers=pair))
    flat = tuple(replace(a, chains={}) for a in bare.arrangements)
    return replace(bare, arrangements=flat)


class Owner:
    """Measures in the simulated studio as the document stands."""

    def __init__(self, document: Document) -> None:
        self.document = document
        self.studio = SimulatedStudio(document.room, 3)

    def take(self, source: str, point: str = "centre", seat: str = "desk") -> None:
        d = self.document
        stage = stage_of(d, d.arrangement(NAME), seat, point)
        found = measure(self.studio, SETTINGS, source, stage, self.studio.calibration())
        assert found.verdict.mark != "bad"
        self.document = add_measured(
            d, found, self.studio, SETTINGS, "mic", NAME, source, seat, point
        )


@pytest.fixture(scope="module")
def measured(kiln: Document) -> Document:
    """The pair alone in the hidden room, each at three points of the head."""
    owner = Owner(without_sub(kiln))
    for point in ("centre", "left", "back"):
        for side in ("left", "right"):
            owner.take(side, point)
    return owner.document


def test_a_pair_without_subwoofers_can_be_measured_as_it_is_set(kiln, measured) -> None:
    assert as_set(measured.gear) == BOTH_AS_SET
    assert as_set(kiln.gear).id == "both+sub"
    assert BOTH_AS_SET not in measurable(kiln.gear)


def test_sections_come_from_the_mean_over_the_head(measured) -> None:
    found = equalise(measured, NAME)
    (one,) = found.corrections
    assert found.basis == "measured"
    assert set(one.curve.points_db) == {"centre", "left", "back"}
    assert one.sections and all(buys >= WORTH_DB for buys in one.buys_db)
    assert all(-12.0 <= s.gain_db < 0 for s in one.sections)
    assert all(s.frequency_hz >= one.curve.judged.low_hz - 0.1 for s in one.sections)
    before = one.curve.figure(one.curve.mean_db).value_db
    after = one.curve.figure(one.level_db(one.curve.mean_db, 1.0)).value_db
    assert before - after >= WORTH_DB * len(one.sections)
    # The mean over the head is the mean of powers, by hand.
    at = int(np.argmin(np.abs(one.curve.frequencies_hz - 100.0)))
    powers = [10 ** (level[at] / 10) for level in one.curve.points_db.values()]
    assert one.curve.mean_db[at] == pytest.approx(10 * np.log10(sum(powers) / 3), abs=1e-9)


def test_what_was_foretold_is_what_a_take_then_finds(measured) -> None:
    found = equalise(measured, NAME)
    owner = Owner(applied(measured, found, 0.75))
    assert sections_set(owner.document.arrangement(NAME)) == 2 * len(found.corrections[0].at(0.75))
    with pytest.raises(Refused, match="since it was set so"):
        equaliser_check(owner.document, NAME)
    owner.take(BOTH_AS_SET.id)
    checked = equaliser_check(owner.document, NAME)
    assert checked.from_takes
    assert checked.gap_db <= checked.noise_db
    assert "does what was foretold" in checked.words
    assert checked.before is not None
    # And the take as set answers for the pair everywhere.
    document = owner.document
    case = document.case(document.arrangement(NAME), "desk", BOTH)
    assert measured_response(document, case) is document.takes[-1].response


def test_a_section_that_was_not_dialled_in_is_noticed(measured) -> None:
    found = equalise(measured, NAME)
    document = applied(measured, found, 1.0)
    owner = Owner(cleared(document, NAME))  # the owner forgot
    owner.take(BOTH_AS_SET.id)
    take = owner.document.takes[-1]
    told = document.stamped(replace(take, info=replace(take.info, stood={})))
    checked = equaliser_check(replace(document, takes=(*document.takes, told)), NAME)
    assert checked.gap_db > checked.noise_db
    assert "see whether every section" in checked.words


def test_takes_of_the_pair_as_set_hold_only_as_long_as_it_is_set_so(measured) -> None:
    owner = Owner(applied(measured, equalise(measured, NAME), 0.75))
    owner.take(BOTH_AS_SET.id)
    later = cleared(owner.document, NAME)
    assert later.take_of(later.arrangement(NAME), BOTH_AS_SET.id, "desk") is None


def test_each_its_own_gives_unlike_sections_to_unlike_loudspeakers(measured) -> None:
    found = equalise(measured, NAME, "each")
    names = [one.curve.name for one in found.corrections]
    assert names == ["left", "right"]
    chains = found.chains(1.0)
    for one in found.corrections:
        assert chains[one.curve.name].sections == one.at(1.0)


def test_trims_come_first_and_subwoofers_have_sections_of_their_own(demo) -> None:
    found = equalise(demo, NAME, "each")
    assert found.tuned is not None
    assert found.tuned.solution.after_db < found.tuned.solution.before_db
    assert [one.curve.name for one in found.corrections] == ["left", "right", "sub"]
    sub = found.corrections[-1].curve.judged
    corner = found.trimmed.chain("sub").low_pass.frequency_hz
    assert sub.high_hz <= corner
    high = found.trimmed.chain("left").high_pass.frequency_hz
    assert found.corrections[0].curve.judged.low_hz >= high


def test_from_a_forecast_it_says_so_and_needs_no_take(kiln) -> None:
    found = equalise(kiln, NAME, measured=False)
    assert found.basis == "forecast"
    assert any("From the forecast" in note for note in found.notes)
    (one,) = found.corrections
    assert len(one.curve.points_db) == 6
    assert set(one.curve.seats_db) == {"sofa"}


def test_takes_asked_for_and_missing_are_named(kiln) -> None:
    with pytest.raises(Refused, match="no takes at desk"):
        equalise(kiln, NAME, measured=True)


def test_a_large_correction_says_what_a_move_would_spare(demo) -> None:
    found = equalise(demo, NAME)
    assert found.corrections[0].largest_db < -6
    assert "is much to cut" in found.move_first
    assert found.warnings(1.0)
    small = found.warnings(0.1)
    assert not small


def test_a_known_resonance_in_every_take_is_named_and_cut(measured) -> None:
    added = Section(90.0, 9.0, 9.0)

    def rung(take: Take) -> Take:
        assert take.impulse is not None
        rows = second_order_sections([added], take.impulse.sample_rate)
        impulse = replace(take.impulse, samples=signal.sosfilt(rows, take.impulse.samples))
        f = take.response.frequencies_hz
        pressure = take.response.pressure(f) * analogue([added], f)
        return replace(take, response=Response.from_pressure(f, pressure), impulse=impulse)

    plain = equalise(measured, NAME).corrections[0]
    document = replace(measured, takes=tuple(map(rung, measured.takes)))
    one = equalise(document, NAME).corrections[0]

    def cut_at(correction: Correction) -> float:
        return float(correction_db(correction.sections, np.array([90.0]))[0])

    assert cut_at(plain) > -3.0
    assert cut_at(one) < cut_at(plain) - 3.0


def test_what_is_set_is_saved_with_its_strength_and_read_back(measured, tmp_path: Path) -> None:
    document = applied(measured, equalise(measured, NAME, "each"), 0.5)
    save_document(document, tmp_path / "a.parlor")
    back = open_document(tmp_path / "a.parlor")
    assert back.signing == document.signing
    assert (back.signing.strength, back.signing.scope) == (0.5, "each")
    assert back.arrangement(NAME).chains == document.arrangement(NAME).chains
    assert "Equaliser at 50 %" in document.noted[-1].text


def test_a_file_of_the_version_before_is_read_with_nothing_set_at_sign_off() -> None:
    document = open_document(DATA / "kiln-room-v3.parlor")
    assert document.signing == Signing()
    assert document.gear.layout == STEREO
    assert len(document.takes) == 15


def test_a_high_pass_left_from_a_subwoofer_that_is_gone_is_not_in_force(kiln) -> None:
    bare = without_sub(kiln)
    a = bare.arrangement(NAME)
    chains = {side: Chain(high_pass=Crossover(120.0)) for side in ("left", "right")}
    left_over = replace(a, chains=chains)
    model = Forecaster(bare.room, bare.gear)
    plain, kept = (forecast_curves(model, x, "each")[0] for x in (a, left_over))
    assert np.allclose(kept.mean_db, plain.mean_db)
