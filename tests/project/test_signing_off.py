"""What stands at the end of the walk: the check list, the verdict, the hand-over, what gathers."""

from dataclasses import replace

import numpy as np
import pytest

from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room_parts import Surface
from jolly_parlor.analysis.checklist import BY_HAND, _geometry, check_list, ticked
from jolly_parlor.analysis.comparison import compare
from jolly_parlor.analysis.handover import NO_DECAY, handover
from jolly_parlor.analysis.verdict import verdict
from jolly_parlor.by_ear.review import QUESTIONS, keys
from jolly_parlor.placement.checks import Check
from jolly_parlor.placement.fixing import fixing_advice
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gathering import candidates, gathers
from jolly_parlor.placement.mixes import BOTH, with_subwoofers
from jolly_parlor.project.document import Document
from jolly_parlor.project.edits import replace_arrangement
from jolly_parlor.refused import Refused

NAME = "A third"


def states(document: Document) -> dict[str, str]:
    return {p.id: p.state for p in check_list(document, NAME)}


@pytest.fixture(scope="module")
def listed(demo: Document):
    return {p.id: p for p in check_list(demo, NAME)}


def test_the_list_fills_itself_in_where_it_can(listed) -> None:
    assert listed["equilateral"].state == "holds"
    assert listed["alike"].state == "holds" and "measured" in listed["alike"].words
    assert listed["takes"].state == "holds"
    # What would make the whole less even is no open point.
    assert listed["unlike"].state == "holds" and "stack" in listed["unlike"].words
    assert "less even (forecast). So it is left." in listed["unlike"].words
    assert listed["review"].state == "unknown"
    assert {p for p, _, _ in BY_HAND} <= {p.id for p in listed.values() if p.state == "yours"}


def test_without_takes_it_says_that_nothing_was_measured(kiln: Document) -> None:
    found = states(kiln)
    assert found["takes"] == "open"
    assert found["alike"] == "unknown"


@pytest.mark.parametrize(
    ("moved", "point", "words"),
    [
        ({"x": 0.9}, "symmetry", "unlike walls"),
        ({"x": 0.9}, "equal", "nearer to the ear"),
        ({"z": 1.55}, "ear height", "cm above the ear"),
    ],
)
def test_each_thing_wrong_opens_its_own_point(demo: Document, moved, point, words) -> None:
    a = demo.arrangement(NAME)
    if "z" in moved:
        wrong = a.with_pair(replace(a.left, **moved), replace(a.right, **moved))
    else:
        wrong = a.with_pair(replace(a.left, **moved), a.right)
    listed = {p.id: p for p in check_list(replace_arrangement(demo, wrong), NAME)}
    assert listed[point].state == "open"
    assert words in listed[point].words
    assert listed[point].costs


def test_a_seat_at_half_the_length_is_open_and_costs(demo: Document) -> None:
    a = demo.arrangement(NAME)
    shift = demo.room.length / 2 - a.seats["desk"].y
    wrong = a.with_pair(replace(a.left, y=a.left.y + shift), replace(a.right, y=a.right.y + shift))
    wrong = replace(
        wrong,
        seats={**a.seats, "desk": replace(a.seats["desk"], y=a.seats["desk"].y + shift)},
        desk=None,
    )
    listed = {p.id: p for p in check_list(replace_arrangement(demo, wrong), NAME)}
    told = f"{listed['half'].words} {listed['half'].costs}"
    assert "50 % of the length" in told and "dB" in told
    assert listed["half"].state == ("holds" if "less even" in told else "open")


@pytest.mark.parametrize(
    ("about", "gain", "state"),
    [("half", -0.5, "holds"), ("half", 0.5, "open"), ("half", 0.0, "open"), ("aim", -0.5, "open")],
)
def test_only_what_matters_for_evenness_is_left_where_mending_costs(about, gain, state) -> None:
    check = Check(False, "Off by so much.", about)
    found = _geometry([check], about, "Title", lambda: (gain, "Mended, so much."))
    assert found.state == state
    assert "Off by so much." in found.words
    assert ("So it is left." in found.words) == (state == "holds")


def test_what_only_the_owner_can_tell_is_ticked_and_nothing_else(demo: Document) -> None:
    done = ticked(demo, "music", True)
    assert states(done)["music"] == "ticked"
    assert states(ticked(done, "music", False))["music"] == "yours"
    with pytest.raises(Refused, match="filled in"):
        ticked(demo, "takes", True)


def test_an_answered_review_closes_its_point(demo: Document) -> None:
    answers = {key: q.good for q in QUESTIONS for key in keys(q)}
    seen = replace(demo, by_ear=replace(demo.by_ear, review=answers))
    assert states(seen)["review"] == "holds"
    wrong = answers | {keys(QUESTIONS[0])[0]: "no" if QUESTIONS[0].good == "yes" else "yes"}
    seen = replace(demo, by_ear=replace(demo.by_ear, review=wrong))
    assert states(seen)["review"] == "open"


@pytest.fixture(scope="module")
def handed(demo: Document):
    return handover(demo, NAME)


def test_what_remains_is_in_order_of_harm_and_measured(handed) -> None:
    assert handed.measured
    harm = [r.finding.feature.severity for r in handed.remains if r.finding.certain]
    assert harm == sorted(harm, reverse=True)
    assert handed.exceeding == sum(p.exceeds for p in handed.points) > 0
    assert handed.decay_words == NO_DECAY


def test_a_length_mode_gathers_at_the_end_walls(demo: Document) -> None:
    # In a hard empty box the first length mode has its pressure at both ends, none in the middle.
    room = box_room(
        "hard", 3.6, 5.2, 2.4, dict.fromkeys(demo.room.surface_names, Surface("concrete"))
    )
    model = Forecaster(room, demo.gear)
    a = demo.arrangement(NAME)
    case = model.case(a, "desk", BOTH)
    found = gathers(model, case, room.speed_of_sound / (2 * 5.2), most=4)
    assert all("front wall" in g.where or "back wall" in g.where for g in found)
    assert all(g.at.y < 0.2 or g.at.y > 5.0 for g in found)


def test_corners_lie_in_the_room_whatever_its_plan(kiln: Document) -> None:
    found = candidates(kiln.room)
    assert len(found) == 12  # four corners low and high, four middles
    assert all(kiln.room.has_air_at(at) for _, at in found)
    assert len({words for words, _ in found}) == 12


def test_the_verdict_says_what_why_how_sure_and_what_next(demo: Document, handed) -> None:
    mix = with_subwoofers(demo.gear)
    compared = compare(demo, "desk", mix)
    points = check_list(demo, NAME)
    said = verdict(demo, NAME, compared, points, handed)
    titles = [part.title for part in said.parts]
    assert titles == [
        "What was chosen", "Why", "How sure", "What it would take to do better",
    ]  # fmt: skip
    text = {part.title: " ".join(part.sentences) for part in said.parts}
    row = next(r for r in compared.rows if r.arrangement.name == NAME)
    assert f"{row.measured_evenness.value_db:.1f} dB from even" in text["Why"]
    assert "takes apply" in text["How sure"]
    assert not said.good_enough
    assert "move" in said.headline


def test_only_what_is_measured_without_open_points_or_better_moves_is_good_enough(
    demo: Document, handed
) -> None:
    mix = with_subwoofers(demo.gear)
    compared = compare(demo, "desk", mix)
    held = [replace(p, state="holds") for p in check_list(demo, NAME)]
    calm = replace(
        handed,
        remains=tuple(replace(r, finding=replace(r.finding, remedy=None)) for r in handed.remains),
    )
    good = verdict(demo, NAME, compared, held, calm)
    assert good.good_enough and "treat" in good.headline
    one_open = [replace(held[0], state="open"), *held[1:]]
    assert verdict(demo, NAME, compared, one_open, calm).headline.endswith("open before treating")
    bare = replace(demo, takes=())
    unmeasured = verdict(bare, NAME, compare(bare, "desk", mix), held, calm)
    assert not unmeasured.good_enough and "not measured" in unmeasured.headline


def test_advice_says_why_freedom_outweighs_the_wall(demo: Document) -> None:
    a = demo.arrangement(NAME)
    told = {one.what: one for one in fixing_advice(demo.setup(a))}
    wall = told["In the wall"]
    first = demo.room.speed_of_sound / (4 * a.left.y)  # c / 4d
    assert f"{first:.0f} Hz" in wall.words
    assert "freedom to move outweighs" in wall.words and "licensed" in wall.caution
    assert "A platform" in told and "Isolation" in told


def test_monitors_straight_on_the_desk_are_told_to_be_lifted(demo: Document) -> None:
    a = demo.arrangement(NAME)
    desk, size = a.desk, demo.gear.desk
    z = size.height + demo.gear.monitor.centre_height
    y = desk.y + size.depth / 2
    on = a.with_pair(Point(desk.x + 0.3, y, z), Point(desk.x + size.width - 0.3, y, z))
    first = fixing_advice(demo.setup(on))[0]
    assert first.what == "On the desk" and "Lift them" in first.words


def test_a_handover_of_what_cannot_stand_is_refused(demo: Document) -> None:
    a = demo.arrangement(NAME)
    wrong = a.with_pair(replace(a.left, x=-1.0), a.right)
    broken = replace(demo, arrangements=(wrong,), takes=(), chosen=None)
    with pytest.raises(Refused, match="outside the room"):
        handover(broken, NAME)
    with pytest.raises(Refused, match="outside the room"):
        check_list(broken, NAME)


def test_evenness_of_a_mended_point_is_that_of_the_mended_arrangement(demo: Document) -> None:
    a = demo.arrangement(NAME)
    high = a.with_pair(replace(a.left, z=1.6), replace(a.right, z=1.6))
    document = replace_arrangement(demo, high)
    listed = {p.id: p for p in check_list(document, NAME)}
    model = Forecaster(document.room, document.gear)
    mix = with_subwoofers(document.gear)

    def figure(x) -> float:
        d = model.deviation(document.case(x, "desk", mix))
        band = d.in_band
        w = np.where(d.deviation_db[band] < 0, 1.5, 1.0)
        return float(np.sqrt(np.sum(w * d.deviation_db[band] ** 2) / w.sum()))

    ear = a.seats["desk"].z
    mended = a.with_pair(replace(a.left, z=ear), replace(a.right, z=ear))
    gap = figure(high) - figure(mended)
    assert f"{abs(gap):.1f} dB" in listed["ear height"].costs
