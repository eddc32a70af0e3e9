"""Only what exists can be set: nothing keeps the bass from a pair unless Gear says so."""

import re
from dataclasses import replace

import numpy as np

from jolly_parlor.analysis.checklist import check_list
from jolly_parlor.analysis.tuning import tune
from jolly_parlor.placement.chains import Crossover
from jolly_parlor.placement.controls import Span
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.placement.loudspeakers import Controls, Loudspeaker, Model
from jolly_parlor.placement.mixes import with_subwoofers
from jolly_parlor.placement.schools import school
from jolly_parlor.placement.settings.goal import Goal
from jolly_parlor.placement.settings.handing_over import gain_words, impossible_words
from jolly_parlor.placement.settings.heard import Heard
from jolly_parlor.placement.settings.solver import solve
from jolly_parlor.project.blank import blank_document
from jolly_parlor.project.document import Document
from jolly_parlor.project.edits import propose
from jolly_parlor.project.gear_edits import set_chain, set_crossover, set_gear, set_handover

SUB = Model("sub", "subwoofer", 0.34, 0.38, 0.36, 28.0)
TURNS = Controls(gain_db=Span(-12.0, 6.0), delay_ms=Span(0.0, 10.0), polarity=True)


def with_sub(controls: Controls = TURNS) -> Document:
    """A blank room's pair, without a knob, and a subwoofer, in one arrangement."""
    blank = blank_document()
    sub = Loudspeaker("sub", "subwoofer", "sub")
    gear = replace(
        blank.gear,
        models=(*blank.gear.models, replace(SUB, controls=controls)),
        loudspeakers=(*blank.gear.loudspeakers, sub),
    )
    return propose(set_gear(blank, gear), school("third"))


def with_high_pass(document: Document, span: Span) -> Document:
    """The same with one at the pair that goes so far."""
    gear = document.gear
    controls = replace(gear.monitor.controls, high_pass_hz=span)
    return set_gear(document, gear.with_model(gear.monitor.id, controls=controls))


def highs(document: Document) -> set[Crossover | None]:
    """Of the pair, in all arrangements."""
    return {a.chain(side).high_pass for a in document.arrangements for side in PAIR}


def test_a_pair_without_a_control_plays_its_full_range() -> None:
    document = with_sub()
    assert highs(document) == {None}
    moved = set_crossover(document, "sub", 100.0)
    assert highs(moved) == {None}
    [a] = moved.arrangements
    assert a.chain("sub").low_pass == Crossover(100.0)


def test_an_answer_sets_all_arrangements_and_can_be_taken_back() -> None:
    document = with_sub()
    keeps = set_handover(document, True)
    assert keeps.gear.hands_over and highs(keeps) == {Crossover(80.0)}
    back = set_handover(keeps, False)
    assert back.gear == document.gear and highs(back) == {None}
    assert [entry.kind for entry in keeps.noted[len(document.noted) :]] == ["gear"]


def test_what_is_set_though_nothing_can_is_said_and_mended_by_the_answer() -> None:
    document = with_sub()
    [a] = document.arrangements
    for side in PAIR:  # as earlier versions set it by themselves
        document = set_chain(document, side, a.name, high_pass=Crossover(90.0))
    [a] = document.arrangements
    assert "hand their bass over at 90 Hz" in impossible_words(document.gear, a.chains)
    [point] = [one for one in check_list(document, a.name) if one.id == "handover"]
    assert point.state == "open" and "nothing in Gear can do that" in point.words
    mended = set_handover(document, False)
    assert highs(mended) == {None}
    assert impossible_words(mended.gear, mended.arrangements[0].chains) == ""


def test_a_switch_at_one_frequency_is_met() -> None:
    assert highs(with_high_pass(with_sub(), Span(100.0, 100.0))) == {Crossover(100.0)}


def test_what_buying_it_would_bring_is_told_where_it_would() -> None:
    """A pair that booms at 45 Hz beside an even subwoofer: without its bass the boom is gone."""
    document = with_sub(Controls(gain_db=Span(-6.0, 6.0, 6.0)))
    f = np.geomspace(20.0, 300.0, 188)
    booms = 1 + 5j / (1 + 16j * np.log2(f / 45.0))
    even = np.ones((1, f.size), complex)
    sources = {"left": booms[None], "right": booms[None], "sub": 2 * even}
    gear, mix = document.gear, with_subwoofers(document.gear)
    heard = Heard(gear, mix, f, sources, np.ones(1), {"desk": 0})
    solution = solve(heard, document.arrangements[0].chains)
    found = re.search(r"would bring (\d+\.\d) dB more", gain_words(heard, solution, 0.0))
    assert found is not None
    handed = {name: replace(chain) for name, chain in solution.chains.items()}
    for side in PAIR:
        handed[side] = replace(handed[side], high_pass=Crossover(80.0))
    at_80 = solution.after_db - Goal(heard).db(handed)
    assert at_80 > 1.0 and float(found[1]) >= at_80 - 0.06
    keeps = with_high_pass(document, Span(60.0, 120.0)).gear
    assert gain_words(replace(heard, gear=keeps), solution, 0.0) == ""


def test_settings_turn_no_high_pass_that_there_is_not() -> None:
    document = with_sub()
    found = tune(document, "A third")
    assert all(knob.what != "high_pass_hz" for knob in found.solution.panel.knobs)
    assert all(found.solution.chains[side].high_pass is None for side in PAIR)
