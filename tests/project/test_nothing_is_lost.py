"""Whatever is edited, in whatever order: it is refused, or it opens as it was saved."""

from collections.abc import Callable
from dataclasses import replace
from pathlib import Path
from tempfile import TemporaryDirectory

import numpy as np
import pytest
from hypothesis import settings
from hypothesis import strategies as st
from hypothesis.stateful import RuleBasedStateMachine, invariant, rule

from how_many import cases
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Opening
from jolly_parlor.by_ear.ear_record import Hunt
from jolly_parlor.placement.gear import Seat
from jolly_parlor.placement.grading import Grading
from jolly_parlor.placement.items import loudspeaker, seat
from jolly_parlor.placement.loudspeakers import Loudspeaker, Role
from jolly_parlor.placement.schools import SCHOOLS, School
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.project import ear_edits, edits
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import open_project, read_survey, save_project
from jolly_parlor.project.gear_edits import set_chain, set_crossover, set_gear
from jolly_parlor.project.history import History, Project
from jolly_parlor.project.packing import differences, pack, unpack
from jolly_parlor.project.take_edits import add_take, hold_takes_valid, remove_take
from jolly_parlor.refused import Refused
from jolly_parlor.signals.impulse import ImpulseResponse
from jolly_parlor.signals.reading import ReadResponse
from jolly_parlor.signals.response import Response
from places import EXAMPLES
from rooms import sized, with_subs

# Any number at all, most of them such as people type.
NUMBERS = st.one_of(
    st.floats(-1, 12), st.floats(), st.sampled_from([0.0, 1e308, 5e-324, float("nan")])
)
NAMES = st.one_of(st.text(max_size=80), st.sampled_from(["both", "sub:x", "<b>", "a" * 61, "é"]))
Edit = Callable[[Document], Document]


def heard(seed: int, with_impulse: bool = True) -> ReadResponse:
    """A response, with the impulse response it came from."""
    rng = np.random.default_rng(seed)
    f = np.geomspace(10, 1000, 60)
    impulse = ImpulseResponse(rng.normal(0, 0.1, 400), 48000, 0.0123 + 1e-4 * seed)
    response = Response(f, 70 + rng.normal(0, 3, f.size), rng.uniform(-180, 180, f.size))
    return ReadResponse(response, ("made up",), impulse if with_impulse else None)


def survey() -> Document:
    """The demo's survey, arranged, without takes."""
    return read_survey(EXAMPLES / "kiln-room.json")


class AnyEdit(RuleBasedStateMachine):
    """Every edit there is, with values nobody checked."""

    def __init__(self) -> None:
        super().__init__()
        self.history = History(Project(survey()))

    def _do(self, edit: Edit) -> None:
        try:
            self.history.do("edit", edit(self.history.document))
        except Refused as refusal:
            assert str(refusal)

    def _name(self, at: int) -> str:
        names = [a.name for a in self.history.document.arrangements] or ["none"]
        return names[at % len(names)]

    @rule(which=st.sampled_from(SCHOOLS))
    def propose(self, which: School) -> None:
        self._do(lambda d: edits.propose(d, which))

    @rule(at=st.integers(0, 9), x=NUMBERS, y=NUMBERS, z=NUMBERS, what=st.integers(0, 9))
    def move(self, at: int, x: float, y: float, z: float, what: int) -> None:
        def edit(d: Document) -> Document:
            a = d.arrangement(self._name(at))
            item = a.items[what % len(a.items)]
            return edits.replace_arrangement(d, a.moved(item, Point(x, y, z)))

        self._do(edit)

    @rule(at=st.integers(0, 9), name=NAMES)
    def rename(self, at: int, name: str) -> None:
        self._do(lambda d: edits.rename_arrangement(d, self._name(at), name))

    @rule(at=st.integers(0, 9))
    def remove(self, at: int) -> None:
        self._do(lambda d: edits.remove_arrangement(d, self._name(at)))

    @rule(at=st.integers(0, 9), mark=st.sampled_from(["1", "3+", "5-", "6", ""]), words=NAMES)
    def listen(self, at: int, mark: str, words: str) -> None:
        given = Grading("now", words, {"flow": mark} if mark else {}, None, words * 6)  # type: ignore[dict-item]
        self._do(lambda d: ear_edits.grade_arrangement(d, self._name(at), given))

    @rule(x=NUMBERS, y=NUMBERS, heard=st.sampled_from(["even", "boomy", "loud"]))
    def hunt(self, x: float, y: float, heard: str) -> None:
        hunt = Hunt("sub", Point(0.3, 0.3, 0.2), "seat", 1.2)
        self._do(lambda d: ear_edits.begin_hunt(d, hunt))
        self._do(lambda d: ear_edits.mark_hunt(d, x, y, heard))  # type: ignore[arg-type]

    @rule(stage=st.sampled_from(["lift_ends", "begins", "ends"]), metres=NUMBERS)
    def walk(self, stage: str, metres: float) -> None:
        self._do(lambda d: ear_edits.note_walk(d, "behind", stage, metres))  # type: ignore[arg-type]

    @rule(at=st.integers(0, 9), why=NAMES)
    def choose(self, at: int, why: str) -> None:
        self._do(lambda d: edits.choose(d, self._name(at), why * 40))

    @rule(size=NUMBERS)
    def resize(self, size: float) -> None:
        self._do(lambda d: edits.set_room(d, sized(d.room, length=size)))

    @rule(kind=st.sampled_from(["window", "door"]), values=st.tuples(*[NUMBERS] * 4))
    def open_up(self, kind: str, values: tuple[float, ...]) -> None:
        def edit(d: Document) -> Document:
            made = Opening(kind, d.room.openings[0].wall, *values, "glass")  # type: ignore[arg-type]
            return edits.set_room(d, replace(d.room, openings=(*d.room.openings, made)))

        self._do(edit)

    @rule()
    def turn(self) -> None:
        self._do(edits.turn_room)

    @rule(at=st.integers(0, 9), turns=st.integers(0, 3))
    def line_up(self, at: int, turns: int) -> None:
        self._do(lambda d: edits.line_up(d, d.arrangement(self._name(at)), turns))

    @rule(field=st.sampled_from(["nearest", "furthest", "side_gap", "deep"]), value=NUMBERS)
    def wish(self, field: str, value: float) -> None:
        wishes = replace(Wishes(), **{field: value})  # type: ignore[arg-type]
        self._do(lambda d: edits.set_wishes(d, wishes))

    @rule(names=st.lists(NAMES, max_size=3))
    def subwoofers(self, names: list[str]) -> None:
        self._do(lambda d: set_gear(d, with_subs(d.gear, *names)))

    @rule(name=NAMES, role=st.sampled_from(["centre", "surround", "height", "subwoofer", "left"]))
    def another(self, name: str, role: Role) -> None:
        def edit(d: Document) -> Document:
            speakers = (*d.gear.loudspeakers, Loudspeaker(name, role, d.gear.models[0].id))
            return set_gear(d, replace(d.gear, loudspeakers=speakers))

        self._do(edit)

    @rule(name=NAMES, ear=NUMBERS)
    def seats(self, name: str, ear: float) -> None:
        self._do(lambda d: set_gear(d, replace(d.gear, seats=(*d.gear.seats[:1], Seat(name, ear)))))

    @rule(size=NUMBERS, what=st.sampled_from(["width", "low_corner_hz", "acoustic_centre_height"]))
    def sheet(self, size: float, what: str) -> None:
        def edit(d: Document) -> Document:
            first, *others = d.gear.models
            changed = replace(first, **{what: size})  # type: ignore[arg-type]
            return set_gear(d, replace(d.gear, models=(changed, *others)))

        self._do(edit)

    @rule(what=st.sampled_from(["gain_db", "delay_ms"]), value=NUMBERS)
    def set_one(self, what: str, value: float) -> None:
        self._do(lambda d: set_chain(d, d.gear.loudspeakers[-1].id, **{what: value}))

    @rule(inverted=st.booleans())
    def turn_over(self, inverted: bool) -> None:
        self._do(lambda d: set_chain(d, "left", inverted=inverted))

    @rule(hertz=NUMBERS)
    def cross(self, hertz: float) -> None:
        self._do(lambda d: set_crossover(d, d.gear.loudspeakers[-1].id, hertz))

    @rule(at=st.integers(0, 9), seed=st.integers(0, 99), file=NAMES, impulse=st.booleans())
    def measure(self, at: int, seed: int, file: str, impulse: bool) -> None:
        def edit(d: Document) -> Document:
            source = d.source_names[seed % len(d.source_names)]
            where = self._name(at), source, d.gear.seats[seed % len(d.gear.seats)].name
            return add_take(d, heard(seed, impulse), *where, file)

        self._do(edit)

    @rule()
    def hold(self) -> None:
        self._do(lambda d: hold_takes_valid(d, frozenset(t.info.id for t in d.takes)))

    @rule()
    def forget(self) -> None:
        self._do(lambda d: remove_take(d, d.takes[0].info.id if d.takes else "take-0001"))

    @rule()
    def undo(self) -> None:
        self.history.undo()

    @rule()
    def redo(self) -> None:
        self.history.redo()

    @invariant()
    def reads_back(self) -> None:
        project = self.history.project
        assert differences(project, unpack(pack(project), "any.parlor")) == []


TestAnyEdit = AnyEdit.TestCase
TestAnyEdit.settings = settings(max_examples=cases(15), stateful_step_count=25)


@pytest.fixture
def measured() -> Document:
    """A take with its impulse response."""
    d = survey()
    return add_take(d, heard(3), d.arrangements[0].name, "sub", "sofa", "s.wav")


@pytest.mark.parametrize(
    "edit",
    [
        edits.turn_room,
        lambda d: edits.line_up(d, d.arrangements[1], 3),
        lambda d: edits.rename_arrangement(d, d.arrangements[0].name, "Other"),
        lambda d: set_gear(d, with_subs(d.gear, "low box")),
        lambda d: set_gear(d, replace(d.gear, seats=(d.gear.seats[0], Seat("couch", 1.1)))),
    ],
    ids=["turned", "lined up", "arrangement renamed", "sub renamed", "seat renamed"],
)
def test_an_impulse_response_survives_every_edit_and_the_file(
    measured: Document, edit: Edit, tmp_path: Path
) -> None:
    path = tmp_path / "room.parlor"
    before = measured.takes[0].impulse
    assert before is not None
    save_project(Project(measured).after(edit(measured)), path)
    after = open_project(path).project.document.takes[0].impulse
    assert after is not None
    assert np.array_equal(after.samples, before.samples)
    assert after.start_seconds == before.start_seconds


def test_undo_never_erases_the_record() -> None:
    history = History(Project(survey()))
    history.do("Turn", edits.turn_room(history.document))
    history.do("Turn", edits.turn_room(history.document))
    history.undo()
    history.undo()
    with TemporaryDirectory() as folder:
        path = Path(folder) / "room.parlor"
        save_project(history.project, path)
        kinds = [e.kind for e in open_project(path).project.ledger]
    assert kinds[-4:] == ["survey", "survey", "undo", "undo"]


def test_seats_and_loudspeakers_have_items_of_their_own() -> None:
    a = survey().arrangements[0]
    assert seat("desk") in a.items
    assert loudspeaker("sub") in a.items
