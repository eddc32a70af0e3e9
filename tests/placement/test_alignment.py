"""A subwoofer against the pair: where geometry and theory put delay, level and null."""

from dataclasses import replace
from itertools import pairwise

import numpy as np
import pytest

from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.chains import Chain, Crossover
from jolly_parlor.placement.controls import Span
from jolly_parlor.placement.evenness import GRID_HZ
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gear import Gear, Seat
from jolly_parlor.placement.loudspeakers import Controls, Loudspeaker, Model
from jolly_parlor.placement.mixes import with_subwoofers
from jolly_parlor.placement.search.further_subs import further_subs, further_words
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.settings.alignment import agreement_words, alignments
from jolly_parlor.placement.settings.heard import Heard
from jolly_parlor.project.document import Document
from quick_field import use_quick_settings

SPEED = 343.0
NEAR, EAR = 2.0, Point(2.0, 3.0, 1.2)


def free_field(
    sub_metres: float, gain_db: float = 0.0, controls: Controls | None = None
) -> tuple[Heard, Arrangement]:
    """A pair 2 m from the ear and a subwoofer straight ahead, nothing reflecting: what leaves each
    arrives 1 / r as strong and r / c later. One Linkwitz crossover at 80 Hz.
    """
    models = (
        Model("monitor", "monitor", 0.2, 0.2, 0.3, 20.0),
        Model("sub", "sub", 0.3, 0.3, 0.3, 20.0, controls=controls or Controls()),
    )
    speakers = (
        Loudspeaker("left", "left", "monitor"),
        Loudspeaker("right", "right", "monitor"),
        Loudspeaker("sub", "subwoofer", "sub"),
    )
    gear = Gear(models, speakers, (Seat("seat"),))
    k = 2 * np.pi * GRID_HZ / SPEED
    at = {
        "left": np.exp(-1j * k * NEAR) / NEAR,
        "right": np.exp(-1j * k * NEAR) / NEAR,
        # Twice as strong as one of the pair at the same distance, so that the two sides match.
        "sub": 2 * np.exp(-1j * k * sub_metres) / NEAR,
    }
    mix = with_subwoofers(gear)
    heard = Heard(gear, mix, GRID_HZ, {n: p[None] for n, p in at.items()}, np.ones(1), {"seat": 0})
    places = {
        "left": Point(1.0, 3.0 - np.sqrt(NEAR**2 - 1), 1.2),
        "right": Point(3.0, 3.0 - np.sqrt(NEAR**2 - 1), 1.2),
        "sub": Point(2.0, 3.0 - sub_metres, 1.2),
    }
    chains = {
        "left": Chain(high_pass=Crossover()),
        "right": Chain(high_pass=Crossover()),
        "sub": Chain(gain_db, low_pass=Crossover()),
    }
    return heard, Arrangement("free", places, {"seat": EAR}, chains)


_REPLACES = "a delay of {:.1f} ms for it replaces moving it"


@pytest.mark.parametrize(
    ("metres", "delay_ms", "lost_db", "words"),
    [
        (1.0, 2.915, (3.0, 99.0), _REPLACES.format(2.915)),
        (1.5, 1.458, (3.0, 99.0), _REPLACES.format(1.458)),
        (NEAR, 0.0, (-1.0, 1.0), "a delay would only harm"),
    ],
)
def test_the_null_lies_where_theory_puts_it(
    metres: float, delay_ms: float, lost_db: tuple[float, float], words: str
) -> None:
    # Both sides of a Linkwitz crossover are in phase: with the polarity reversed they cancel when
    # they arrive together, (r_pair - r_sub) / c later for the nearer one.
    controls = Controls(delay_ms=Span(0.0, 10.0, 0.05))
    heard, a = free_field(metres, controls=controls)
    [found] = alignments(heard, a.places, a, "seat", SPEED)
    assert found.farther_metres == pytest.approx(metres - NEAR, abs=1e-6)
    assert found.delay_ms == pytest.approx(delay_ms, abs=0.01)
    assert found.null.knob is not None and found.null.knob.what == "delay_ms"
    assert found.null.value == pytest.approx(delay_ms, abs=0.1)
    # Over a third of an octave; the levels of the two sides match at 80 Hz only.
    assert found.null.deepest_db > 12.0
    assert words in found.words
    assert lost_db[0] < found.null.deepest_db - found.null.now_db < lost_db[1]


def test_a_farther_subwoofer_asks_the_pair_to_wait() -> None:
    heard, a = free_field(3.0)
    [found] = alignments(heard, a.places, a, "seat", SPEED)
    assert "1.00 m farther than the monitors: a delay of 2.9 ms for them" in found.words


def test_levels_match_where_they_do() -> None:
    heard, a = free_field(2.0)
    [even] = alignments(heard, a.places, a, "seat", SPEED)
    heard, a = free_field(2.0, gain_db=6.0)
    [loud] = alignments(heard, a.places, a, "seat", SPEED)
    assert loud.level_db - even.level_db == pytest.approx(6.0, abs=1e-6)
    assert abs(even.level_db) < 0.5 and "matches the pair's" in even.words
    assert "lies 6 dB above the pair's" in loud.words


def test_null_and_evenness_are_told_apart() -> None:
    heard, a = free_field(1.0, controls=Controls(delay_ms=Span(0.0, 10.0, 0.1)))
    [found] = alignments(heard, a.places, a, "seat", SPEED)
    assert "the null asks for 2.9 ms" in agreement_words(found.null, a.chains)
    there = {**a.chains, "sub": replace(a.chains["sub"], delay_ms=2.9)}
    assert "agree" in agreement_words(found.null, there)


def test_each_further_subwoofer_buys_what_it_is_said_to(
    demo: Document, monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.setattr("jolly_parlor.placement.search.further_subs.MOST", 2)
    use_quick_settings(monkeypatch)
    field = Forecaster(demo.room, demo.gear).field
    a = demo.arrangement("A third")
    found = further_subs(demo.setup(a), field, Wishes())
    assert [one.count for one in found] == [0, 1, 2]
    assert found[1].main_db < found[0].main_db - 1.0
    for before, one in pairwise(found):
        assert one.main_db < before.main_db + 0.1  # never much worse than without
        assert set(one.arrangement.places) >= set(before.arrangement.places)
    assert further_words([]) == []
    words = further_words(found)
    assert words[0].startswith("No sub: ") and words[2].startswith("Two: ")
