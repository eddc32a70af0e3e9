"""The null heard in the simulated studio, against the calculation from takes made in it."""

from dataclasses import replace

import numpy as np
import pytest

from jolly_parlor.analysis.null_meter import NullMeter, NullReading, SumReading
from jolly_parlor.analysis.subwoofers import aligned
from jolly_parlor.placement.mixes import with_subwoofers
from jolly_parlor.placement.settings.knobs import panel_of
from jolly_parlor.project.document import Document
from jolly_parlor.project.gear_edits import set_chain
from jolly_parlor.project.staging import stage_of
from jolly_parlor.project.take_edits import add_measured
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.studio.one_take import Settings, measure
from jolly_parlor.studio.simulated import SimulatedStudio

SETTINGS = Settings(Sweep(seconds=2.0), sweeps=1)


@pytest.fixture(scope="module")
def studio(demo: Document) -> SimulatedStudio:
    return SimulatedStudio(demo.room, 1)


@pytest.fixture(scope="module")
def measured(demo: Document, studio: SimulatedStudio) -> Document:
    """The demo with takes of each alone in the studio."""
    document = replace(demo, takes=())
    stage = stage_of(document, document.arrangement("A third"), "desk")
    for source in ("left", "right", "sub"):
        found = measure(studio, SETTINGS, source, stage, studio.calibration())
        where = ("A third", source, "desk")
        document = add_measured(document, found, studio, SETTINGS, "m.txt", *where)
    return document


def test_the_null_heard_is_where_the_takes_say(measured: Document, studio: SimulatedStudio) -> None:
    a = measured.arrangement("A third")
    found = aligned(measured, "A third")
    assert found.source == "measured" and not found.notes
    null = found.alignments[0].null
    assert null.knob is not None and null.knob.what == "phase_degrees"
    meter = NullMeter(studio, stage_of(measured, a, "desk"), "sub", -26.0)
    now = meter.read(a.chains)
    assert now.depth_db == pytest.approx(null.now_db, abs=0.7)
    values = np.linspace(null.knob.low, null.knob.high, 7)
    heard = [meter.read(null.knob.turned(a.chains, float(v))).depth_db for v in values]
    best = meter.read(null.at_deepest(a.chains))
    assert best.depth_db >= max(heard) - 0.5  # nothing tried is deeper than what was calculated
    assert best.depth_db == pytest.approx(null.deepest_db, abs=1.0)
    after = meter.check(null.at_deepest(a.chains))
    assert after.over_parts_db > 0
    assert after.over_parts_db <= after.most_db + 0.1


def test_with_polarity_over_it_says_that_they_work_against_each_other(
    measured: Document, studio: SimulatedStudio
) -> None:
    a = measured.arrangement("A third")
    chains = aligned(measured, "A third").alignments[0].null.at_deepest(a.chains)
    chains["sub"] = replace(chains["sub"], inverted=not chains["sub"].inverted)
    meter = NullMeter(studio, stage_of(measured, a, "desk"), "sub", -26.0)
    found = meter.check(chains)
    assert found.over_parts_db < 0 and "turn it over" in found.words()
    assert meter.read(chains).depth_db < 0


def test_what_each_brings_is_heard_anew_only_when_a_knob_changed_it(
    measured: Document, studio: SimulatedStudio
) -> None:
    a = measured.arrangement("A third")
    meter = NullMeter(studio, stage_of(measured, a, "desk"), "sub", -26.0)
    panel = panel_of(measured.gear, with_subwoofers(measured.gear))
    phase = next(k for k in panel.knobs if k.what == "phase_degrees")
    gain = next(k for k in panel.knobs if k.what == "gain_db")
    counts = []
    for chains in (a.chains, phase.turned(a.chains, 90.0), gain.turned(a.chains, -6.0)):
        before = studio.takes
        meter.read(chains)
        counts.append(studio.takes - before)
    assert counts == [3, 1, 2]


def test_warmer_and_colder_and_what_the_sum_says() -> None:
    one, deeper = NullReading({}, 6.0), NullReading({}, 9.0)
    assert "Turn one knob" in one.words(None)
    assert deeper.words(one) == "9.0 dB deep: warmer by 3.0 dB."
    assert one.words(deeper) == "6.0 dB deep: colder by 3.0 dB."
    assert one.words(NullReading({}, 6.2)) == "6.0 dB deep: as before."
    assert "They add up" in SumReading(2.6, 3.0).words()
    assert "more to be had" in SumReading(0.4, 3.0).words()


def test_the_polarity_is_left_where_the_whole_would_be_less_even() -> None:
    """The crossover alone asks for one thing, the settings for another: one piece of advice."""
    none, against = NullReading({}, -2.0), SumReading(-1.0, 3.0)
    for words in (none.words(None, -0.4), against.words(-0.4), none.words(None), against.words()):
        assert "turn it over" in words and "leave it" not in words
    for words in (none.words(None, 0.8), against.words(0.8)):
        assert "0.8 dB less even: leave it" in words and "turn it over" not in words


def test_turning_over_costs_what_turning_back_gains(measured: Document) -> None:
    a = measured.arrangement("A third")
    over = set_chain(measured, "sub", a.name, inverted=not a.chain("sub").inverted)
    [told], [back] = (aligned(one, a.name).alignments for one in (measured, over))
    assert abs(told.over_db) > 0.05
    assert back.over_db == pytest.approx(-told.over_db, abs=1e-6)
