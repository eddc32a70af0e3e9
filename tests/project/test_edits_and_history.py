"""Every change is one undoable step; refusals change nothing."""

from dataclasses import replace

import numpy as np
import pytest
from hypothesis import settings
from hypothesis import strategies as st
from hypothesis.stateful import RuleBasedStateMachine, invariant, rule

from how_many import cases
from jolly_parlor.acoustics.geometry.room import Point, Thing
from jolly_parlor.acoustics.geometry.usual_things import usual_thing
from jolly_parlor.placement.gear import Seat
from jolly_parlor.placement.items import loudspeaker, seat
from jolly_parlor.placement.schools import SCHOOLS
from jolly_parlor.placement.setup import Setup
from jolly_parlor.placement.standing import fit_problems
from jolly_parlor.project import edits
from jolly_parlor.project.blank import blank_document
from jolly_parlor.project.checked_edit import EditRefused
from jolly_parlor.project.document import Document, problems
from jolly_parlor.project.edits import set_room
from jolly_parlor.project.gear_edits import set_gear
from jolly_parlor.project.history import History, Project
from jolly_parlor.project.take_edits import add_take, remove_take
from jolly_parlor.refused import Refused
from jolly_parlor.signals.reading import ReadResponse
from jolly_parlor.signals.response import Response
from rooms import sized, with_subs


def _read() -> ReadResponse:
    f = np.geomspace(10, 1000, 200)
    return ReadResponse(Response(f, 70 + 5 * np.sin(f / 9)), ())


def test_a_take_holds_only_while_nothing_it_heard_has_moved(kiln: Document) -> None:
    d = add_take(kiln, _read(), "A third", "left", "desk", "l.txt")
    a = d.arrangement("A third")
    assert d.take_of(a, "left", "desk") is not None
    further = a.moved(loudspeaker("right"), Point(2.8, 0.7, 1.2))
    d2 = edits.replace_arrangement(d, further)
    assert d2.take_of(further, "left", "desk") is not None, "the right monitor was silent"
    moved = further.moved(loudspeaker("left"), Point(1.0, 0.7, 1.2))
    d3 = edits.replace_arrangement(d2, moved)
    assert d3.take_of(moved, "left", "desk") is None
    assert [t.info.file_name for t in d3.stale_takes(moved)] == ["l.txt"]


def test_renaming_takes_the_takes_along(kiln: Document) -> None:
    d = add_take(kiln, _read(), "A third", "sub", "sofa", "s.txt")
    d = edits.rename_arrangement(d, "A third", "Thirds")
    assert d.take_of(d.arrangement("Thirds"), "sub", "sofa") is not None
    d = set_gear(d, with_subs(d.gear, "low box"))
    assert d.take_of(d.arrangement("Thirds"), "low box", "sofa") is not None
    assert problems(d) == []


def test_gear_that_goes_takes_its_places_and_takes_along(kiln: Document) -> None:
    d = add_take(kiln, _read(), "A third", "sub", "desk", "s.txt")
    d = set_gear(d, with_subs(d.gear))
    assert d.takes == ()
    assert all(set(a.places) == {"left", "right"} for a in d.arrangements)
    d = set_gear(d, replace(d.gear, seats=(*d.gear.seats, Seat("stool", 1.4))))
    assert all(a.seats["stool"].z == 1.4 for a in d.arrangements)
    assert problems(d) == []


def test_gear_edits_leave_dragged_ears_alone_and_place_a_new_desk(kiln: Document) -> None:
    a = kiln.arrangements[0]
    d = edits.replace_arrangement(kiln, a.moved(seat("desk"), Point(1.9, 1.9, 1.33)))
    d = set_gear(d, replace(d.gear, desk=None))
    assert d.arrangements[0].seats["desk"].z == 1.33
    assert d.arrangements[0].desk is None
    d = set_gear(d, replace(d.gear, desk=kiln.gear.desk))
    desk = d.arrangements[0].desk
    assert desk is not None
    assert desk.y + 0.75 == pytest.approx(1.9 - 0.3)
    assert desk.x + 0.80 == pytest.approx(1.9)
    taller = replace(d.gear, seats=(replace(d.gear.seats[0], ear_height=1.1), d.gear.seats[1]))
    assert set_gear(d, taller).arrangements[0].seats["desk"].z == 1.1


@pytest.mark.parametrize(
    ("edit", "why"),
    [
        (lambda d: edits.rename_arrangement(d, "A third", "Thirty-eight"), "already"),
        (lambda d: edits.rename_arrangement(d, "A third", " "), "needs a name"),
        (lambda d: edits.remove_arrangement(d, "Nowhere"), "no arrangement “Nowhere”"),
        (lambda d: add_take(d, _read(), "A third", "centre", "desk", "c"), "no source"),
        (lambda d: add_take(d, _read(), "A third", "left", "stool", "c"), "no seat"),
        (lambda d: set_gear(d, replace(d.gear, seats=d.gear.seats * 2)), "Two seats"),
        (
            lambda d: set_gear(d, with_subs(d.gear, "both")),
            "cannot be named",
        ),
        (lambda d: edits.set_room(d, sized(d.room, width=1.0)), "reaches beyond the room"),
        (lambda d: edits.set_room(d, replace(d.room, height=1.9)), "ends above the ceiling"),
    ],
)
def test_what_cannot_be_is_refused_in_words(kiln: Document, edit: object, why: str) -> None:
    with pytest.raises(Refused, match=why) as caught:
        edit(kiln)  # type: ignore[operator]
    assert str(caught.value).endswith(".")


def test_the_ledger_records_moves_takes_and_choices(kiln: Document) -> None:
    a = kiln.arrangements[0]
    d = edits.replace_arrangement(kiln, a.moved(loudspeaker("left"), Point(1.25, 0.7, 1.2)))
    d = add_take(d, _read(), "A third", "both", "desk", "b.txt")
    d = edits.choose(d, "A third", "Evenest.")
    kinds = [entry.kind for entry in d.noted[-3:]]
    assert kinds == ["move", "take", "choice"]
    assert "the left monitor 7.3 cm away from the front wall" in d.noted[-3].text
    assert edits.replace_arrangement(d, d.arrangement("A third")) is d


def test_undoing_returns_the_very_same_document_and_the_ledger_grows(kiln: Document) -> None:
    history = History(Project(replace(kiln, noted=())))
    first = history.document
    history.do("Remove", edits.remove_arrangement(first, "A third"))
    assert history.changed
    assert history.undo_label == "Remove"
    second = history.document
    history.undo()
    assert history.document is first
    history.redo()
    assert history.document is second
    history.saved()
    history.undo()
    assert history.changed, "an undo after saving is a change"
    kinds = [entry.kind for entry in history.ledger]
    assert kinds == ["arrangement", "undo", "redo", "undo"]
    assert history.ledger[1].text == "Undone: Remove."
    assert history.document.noted == ()


class AnyWalk(RuleBasedStateMachine):
    """Any order of edits and undos leaves a sound document and a true history."""

    def __init__(self) -> None:
        super().__init__()
        self.history = History(Project(blank_document()))
        self.past: list[Document] = []

    def _do(self, edit: object) -> None:
        before = self.history.document
        try:
            after = edit(before)  # type: ignore[operator]
        except Refused:
            return
        if after is not before:
            self.past.append(before)
            self.history.do("edit", after)

    @rule(which=st.sampled_from(SCHOOLS))
    def propose(self, which: object) -> None:
        self._do(lambda d: edits.propose(d, which))  # type: ignore[arg-type]

    @rule(x=st.floats(0, 3), y=st.floats(0, 4))
    def move(self, x: float, y: float) -> None:
        if self.history.document.arrangements:
            a = self.history.document.arrangements[-1]
            self._do(
                lambda d: edits.replace_arrangement(
                    d, a.moved(loudspeaker("left"), Point(x, y, 1.2))
                )
            )

    @rule()
    def remove(self) -> None:
        if self.history.document.arrangements:
            name = self.history.document.arrangements[0].name
            self._do(lambda d: edits.remove_arrangement(d, name))

    @rule(width=st.floats(0.6, 9))
    def resize(self, width: float) -> None:
        self._do(lambda d: edits.set_room(d, sized(d.room, width=width)))

    @rule(source=st.sampled_from(["left", "both", "sub"]))
    def measure(self, source: str) -> None:
        if self.history.document.arrangements:
            name = self.history.document.arrangements[-1].name
            self._do(lambda d: add_take(d, _read(), name, source, "desk", "f.txt"))

    @rule()
    def undo(self) -> None:
        if self.past:
            self.history.undo()
            assert self.history.document is self.past.pop()

    @invariant()
    def sound(self) -> None:
        assert problems(self.history.document) == []
        ids = [take.info.id for take in self.history.document.takes]
        assert len(ids) == len(set(ids))


TestAnyWalk = AnyWalk.TestCase
TestAnyWalk.settings = settings(max_examples=cases(20), stateful_step_count=15)


def test_an_arrangement_gets_a_name_of_its_own(kiln: Document) -> None:
    d = edits.propose(kiln, SCHOOLS[0])
    assert [a.name for a in d.arrangements][-1] == "A third 2"
    with pytest.raises(EditRefused, match="no longer"):
        remove_take(d, "take-0099")


def test_a_thing_higher_than_the_room_or_beyond_it_is_refused(kiln: Document) -> None:
    room = kiln.room
    wardrobe = usual_thing(room, "wardrobe")
    with_it = set_room(kiln, replace(room, things=(wardrobe,)))
    assert with_it.room.things == (wardrobe,)
    for wrong, why in (
        (replace(wardrobe, z=1.0), "higher than the room"),
        (replace(wardrobe, x=3.0), "reaches beyond the room"),
    ):
        with pytest.raises(Refused, match=why):
            set_room(kiln, replace(room, things=(wrong,)))
    again = usual_thing(with_it.room, "wardrobe")
    assert again.name == "wardrobe 2"


def test_what_stands_inside_a_thing_is_told_and_what_stands_beside_it_is_not(
    kiln: Document,
) -> None:
    a = kiln.arrangements[0]
    seat = a.seats["desk"]
    box = Thing("crate", "solid", seat.x - 0.3, seat.y - 0.3, 0.8, 0.6, 0.6, 0.8)
    room = replace(kiln.room, things=(box,))
    assert "The seat “desk” is inside “crate”." in fit_problems(Setup(room, kiln.gear, a))
    beside = replace(kiln.room, things=(replace(box, x=0.0),))
    assert not fit_problems(Setup(beside, kiln.gear, a))
