"""Small rules, each against figures by hand: a changed sign or limit once went through unseen."""

from dataclasses import replace

import numpy as np
import pytest

from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.room import SURFACE_NAMES, Point, Surface
from jolly_parlor.acoustics.geometry.room_admittance import reverberation_time
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.cautions import MOUNTING, cautions
from jolly_parlor.placement.first_placing import starting_places
from jolly_parlor.placement.items import loudspeaker
from jolly_parlor.placement.loudspeakers import Loudspeaker
from jolly_parlor.placement.search.proposals import Proposal, trade_words
from jolly_parlor.placement.search.refinement import Refinement
from jolly_parlor.placement.search.subs import floor_candidates
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.setup import Setup
from jolly_parlor.project.document import Document
from rooms import placed


def proposal(a: Arrangement, **words: float) -> Proposal:
    figures = {
        "figure_db": 4.0,
        "monitors_db": 4.0,
        "evenness_db": 3.0,
        "reach_hz": 40.0,
        "left_right_db": 2.0,
        "off_by_5cm_db": 0.5,
        "absorption_off_db": 0.1,
        "moved_metres": 1.0,
    }
    return Proposal(a, 0, off_middle=(0.0, 0.0), **(figures | words))  # type: ignore[arg-type]


@pytest.mark.parametrize(
    ("words", "told"),
    [
        ({"figure_db": 3.5}, "The most even over the head, by 0.5 dB."),
        ({"figure_db": 4.5}, "0.5 dB less even over the head than the best."),
        ({}, "As even as the other best."),
        ({"reach_hz": 30.0}, "As even as the other best; gains: reaches 30 Hz instead of 40."),
        ({"reach_hz": 50.0}, "As even as the other best; costs: reaches 50 Hz instead of 40."),
        (
            {"moved_metres": 0.2},
            "As even as the other best; gains: things move 0.2 m instead of 1.0.",
        ),
        (
            {"moved_metres": 2.0},
            "As even as the other best; costs: things move 2.0 m instead of 1.0.",
        ),
        (
            {"off_by_5cm_db": 0.1},
            "As even as the other best; gains: forgives a misplaced centimetre more.",
        ),
        (
            {"off_by_5cm_db": 1.1},
            "As even as the other best; costs: punishes a misplaced centimetre more.",
        ),
        ({"left_right_db": 1.0}, "As even as the other best; gains: left and right match better."),
        (
            {"left_right_db": 3.0},
            "As even as the other best; costs: left and right match less well.",
        ),
    ],
)
def test_what_a_proposal_gains_and_costs_is_told_the_right_way_round(
    kiln: Document, words: dict[str, float], told: str
) -> None:
    a = kiln.arrangements[0]
    assert trade_words(proposal(a, **words), [proposal(a)]) == told
    assert (
        trade_words(proposal(a), [])
        == "The one place that these wishes leave; a looser wish leaves more."
    )


def test_off_by_5_cm_moves_the_pair_apart_together_forth_and_back_and_the_head(
    kiln: Document,
) -> None:
    asked: list[Arrangement] = []

    class Judging:
        def figures(self, arrangements: list[Arrangement], played: bool) -> np.ndarray:
            assert played
            asked.extend(arrangements)
            return np.arange(len(arrangements), dtype=float)

    refinement = Refinement.__new__(Refinement)
    refinement.judge = Judging()  # type: ignore[assignment]
    refinement.seat = "desk"
    a = kiln.arrangements[0]
    found = refinement.off_by([a], 0.05)
    assert found == pytest.approx([5.0])  # the worst of six, less its own

    def about(b: Arrangement) -> tuple[float, ...]:
        """Spacing, monitors' and head's distance from the front, against the arrangement's."""
        before = (a.right.x - a.left.x, a.left.y, a.right.y, a.seats["desk"].y)
        after = (b.right.x - b.left.x, b.left.y, b.right.y, b.seats["desk"].y)
        return tuple(round(y - x, 6) for x, y in zip(before, after, strict=True))

    nudged = {about(b) for b in asked[1:]}
    apart = {(-0.1, 0.0, 0.0, 0.0), (0.1, 0.0, 0.0, 0.0)}
    forth = {(0.0, -0.05, -0.05, 0.0), (0.0, 0.05, 0.05, 0.0)}
    assert nudged == apart | forth | {(0.0, 0.0, 0.0, -0.05), (0.0, 0.0, 0.0, 0.05)}
    middles = {round((b.left.x + b.right.x) / 2, 6) for b in asked}
    assert len(middles) == 1


def test_close_behind_the_seat_is_to_either_side_and_behind_alone(kiln: Document) -> None:
    room = replace(kiln.room, openings=(), keep_outs=())
    sub, ear = kiln.gear.model_of("sub"), Point(1.9, 2.5, 1.2)
    places = floor_candidates(room, sub, Wishes(subwoofers="near"), ear)
    assert places[:, 0].min() == pytest.approx(ear.x - 0.75)
    assert places[:, 0].max() == pytest.approx(ear.x + 0.75)
    assert places[:, 1].min() == pytest.approx(ear.y + 0.4)
    assert places[:, 1].max() == pytest.approx(ear.y + 1.2)
    far_back = Point(1.9, room.length - 0.1, 1.2)  # nothing is behind
    assert floor_candidates(room, sub, Wishes(subwoofers="near"), far_back).shape == (0, 2)


def test_what_is_fixed_to_a_wall_or_stands_high_is_for_a_licensed_trade(kiln: Document) -> None:
    gear, a = kiln.gear, kiln.arrangements[0]
    assert MOUNTING not in cautions(Setup(kiln.room, gear, a))
    models = tuple(
        replace(m, mounts=("floor", "wall")) if m.id == gear.model_of("sub").id else m
        for m in gear.models
    )
    hanging = replace(gear, models=models)
    half = gear.model_of("sub").depth / 2
    on_wall = a.moved(loudspeaker("sub"), Point(1.0, half, 1.5))
    assert MOUNTING in cautions(Setup(kiln.room, hanging, on_wall))
    shelf = gear.monitor.centre_height + 1.35
    high = placed(a, left=replace(a.left, z=shelf), right=replace(a.right, z=shelf))
    assert MOUNTING in cautions(Setup(kiln.room, gear, high))


def test_surrounds_begin_on_either_side_and_the_second_pair_behind_the_first(
    kiln: Document,
) -> None:
    around = tuple(Loudspeaker(f"surround {n}", "surround", kiln.gear.monitor.id) for n in range(4))
    gear = replace(kiln.gear, loudspeakers=(*kiln.gear.loudspeakers[:2], *around))
    left, right, ear = Point(1.2, 1.0, 1.2), Point(2.6, 1.0, 1.2), Point(1.9, 2.3, 1.2)
    places = starting_places(kiln.room, gear, left, right, ear)
    xs = [places[one.id].x for one in around]
    ys = [places[one.id].y for one in around]
    assert xs == pytest.approx([1.9 - 1.05, 1.9 + 1.05, 1.9 - 1.05, 1.9 + 1.05])
    assert ys == pytest.approx([2.7, 2.7, 3.2, 3.2])


def test_eyring_by_hand() -> None:
    """0.161 V / (-S ln(1 - a)) with one absorption all over (Kuttruff, Room Acoustics)."""
    room = box_room("b", 4.0, 5.0, 2.5, {n: Surface("own", (0.2,) * 7) for n in SURFACE_NAMES})
    area = 2 * (4 * 5 + 4 * 2.5 + 5 * 2.5)
    assert reverberation_time(room, 500.0) == pytest.approx(
        0.161 * 50.0 / (-area * np.log(0.8)), rel=1e-6
    )
