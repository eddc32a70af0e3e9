"""The search in a process of its own answers, refuses and ends as it would here."""

import multiprocessing
from dataclasses import replace

import pytest

from jolly_parlor.placement.search.apart import search_apart
from jolly_parlor.placement.search.search import SoFar
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.project.document import Document
from jolly_parlor.refused import Refused
from rooms import without_controls


def test_cancelled_it_brings_the_best_of_what_it_weighed(kiln: Document) -> None:
    told: list[tuple[int, float]] = []
    found = search_apart(
        kiln.room,
        without_controls(kiln.gear),
        kiln.arrangements[0],
        None,
        progress=lambda count, best: told.append((count, best)),
        cancelled=lambda: len(told) > 1,
    )
    assert [count for count, _ in told] == sorted(count for count, _ in told)
    assert found.evaluated >= told[-1][0] > 0
    assert found.proposals
    assert not multiprocessing.active_children()


def test_it_refuses_in_the_same_words(kiln: Document) -> None:
    wrong = replace(Wishes(), nearest=3.0, furthest=2.0)
    with pytest.raises(Refused) as refusal:
        search_apart(kiln.room, kiln.gear, None, wrong, lambda *_: None, lambda: False)
    assert str(refusal.value) == wrong.problem()


def test_a_process_that_is_ended_is_told(kiln: Document) -> None:
    def end(*_: object) -> None:
        for child in multiprocessing.active_children():
            child.kill()

    with pytest.raises(RuntimeError, match="was ended"):
        search_apart(kiln.room, kiln.gear, kiln.arrangements[0], None, end, lambda: False)


def test_the_best_so_far_is_shown_as_it_falls(kiln: Document) -> None:
    seen: list[SoFar] = []
    few = Wishes(height_change=0.0, equilateral_tolerance=0.02, furthest=1.1)
    gear = without_controls(kiln.gear)
    found = search_apart(kiln.room, gear, None, few, lambda *_: None, lambda: False, seen.append)
    figures = [one.figure_db for one in seen]
    assert figures and figures == sorted(figures, reverse=True)
    assert found.proposals[0].figure_db <= figures[-1] + 0.01
    assert seen[-1].arrangement.places.keys() == found.proposals[0].arrangement.places.keys()
