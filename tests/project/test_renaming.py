"""Names are labels: whatever is renamed, nothing is lost, doubted or merged."""

from dataclasses import replace
from pathlib import Path

import hypothesis.strategies as st
import numpy as np
import pytest
from hypothesis import settings
from hypothesis.stateful import RuleBasedStateMachine, invariant, rule

from how_many import cases
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.analysis.ledger_steps import stand_up_again, steps_of
from jolly_parlor.by_ear.ear_record import Hunt, HuntMark, ToneMark, ToneSweep, Trial
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.project.document import Document
from jolly_parlor.project.edits import rename_arrangement, set_room
from jolly_parlor.project.exporting import export_project
from jolly_parlor.project.files import open_document, open_project, save_project
from jolly_parlor.project.gear_edits import set_gear
from jolly_parlor.project.history import History, Project
from jolly_parlor.project.ledger import entry
from jolly_parlor.project.packing import pack, unpack
from jolly_parlor.project.renaming import Renames, renames_between
from places import DATA, EXAMPLES

LIVED_IN = EXAMPLES / "kiln-furnished.parlor"


def with_walls_named(room: Room, names: dict[str, str]) -> Room:
    """The same walls under other names, and all that refers to them."""
    return replace(
        room,
        walls=tuple(replace(w, name=names.get(w.name, w.name)) for w in room.walls),
        openings=tuple(replace(o, wall=names.get(o.wall, o.wall)) for o in room.openings),
        slopes=tuple(replace(s, wall=names.get(s.wall, s.wall)) for s in room.slopes),
        faced=names.get(room.faced, room.faced) if room.faced else None,
    )


def heard(document: Document) -> Document:
    """With something heard by ear of everything that has a name."""
    a, seat = document.arrangements[0], document.gear.seats[0].name
    sub = document.gear.beside_the_pair[0].id
    by_ear = replace(
        document.by_ear,
        sweeps=(
            ToneSweep(a.name, seat, "both", "", (ToneMark(62.0, "booms"),)),
            ToneSweep(a.name, seat, sub, "", (ToneMark(44.0, "missing"),)),
        ),
        hunts=(Hunt(sub, a.places[sub], "seat", 1.2, "", (HuntMark(1.0, 2.0, "even"),)),),
        tests=(Trial("placing", a.name),),
    )
    return replace(document, by_ear=by_ear)


def told(document: Document) -> tuple[object, ...]:
    """What must not change whatever anything is called: what holds, and what refers to what."""
    arrangements = {a.name: n for n, a in enumerate(document.arrangements)}
    seats = {s.name: n for n, s in enumerate(document.gear.seats)}
    ids = {s.id: n for n, s in enumerate(document.gear.loudspeakers)}
    ear = document.by_ear
    return (
        [
            (arrangements[t.info.placed.name], seats[t.info.seat], ids.get(t.info.source))
            for t in document.takes
        ],
        [len(document.takes_around(a, m, s)) for a in document.arrangements
         for m in ("both", "left") for s in seats],
        [document.doubts(take) for take in document.takes],
        [(arrangements[s.arrangement], seats[s.seat], ids.get(s.mix), s.marks) for s in ear.sweeps],
        [(ids[h.loudspeaker], h.marks) for h in ear.hunts],
        [arrangements[t.arrangement] for t in ear.tests],
        None if document.chosen is None else arrangements[document.chosen],
    )  # fmt: skip


class Renaming(RuleBasedStateMachine):
    """Everything is renamed in any order, taken back, done again, saved and opened."""

    def __init__(self) -> None:
        super().__init__()
        document = heard(open_document(EXAMPLES / "kiln-room.parlor"))
        assert document.takes
        self.history = History(Project(document))
        for a in document.arrangements:
            self.history.note(entry("note", "as it stands", a))
        self.before = told(document)
        self.stood = [
            sorted(map(repr, (*a.places.values(), *a.seats.values())))
            for a in document.arrangements
        ]
        self.count = 0

    def name(self) -> str:
        self.count += 1
        return f"named {self.count}"

    @rule(which=st.integers(0, 50))
    def arrangement(self, which: int) -> None:
        d = self.history.document
        old = d.arrangements[which % len(d.arrangements)].name
        self.history.do("name", rename_arrangement(d, old, self.name()))

    @rule(which=st.integers(0, 50), both=st.booleans())
    def seat(self, which: int, both: bool) -> None:
        d = self.history.document
        chosen = range(len(d.gear.seats)) if both else [which % len(d.gear.seats)]
        seats = tuple(
            replace(s, name=self.name()) if n in chosen else s for n, s in enumerate(d.gear.seats)
        )
        self.history.do("name", set_gear(d, replace(d.gear, seats=seats)))

    @rule(which=st.integers(0, 50))
    def loudspeaker(self, which: int) -> None:
        d = self.history.document
        others = [s.id for s in d.gear.loudspeakers if s.id not in PAIR]
        old = others[which % len(others)]
        every = tuple(replace(s, id=self.name()) if s.id == old else s for s in d.gear.loudspeakers)
        self.history.do("name", set_gear(d, replace(d.gear, loudspeakers=every)))

    @rule(which=st.integers(0, 50))
    def model(self, which: int) -> None:
        d = self.history.document
        old = d.gear.models[which % len(d.gear.models)].id
        new = self.name()
        gear = replace(
            d.gear,
            models=tuple(replace(m, id=new, name=new) if m.id == old else m for m in d.gear.models),
            loudspeakers=tuple(
                replace(s, model=new) if s.model == old else s for s in d.gear.loudspeakers
            ),
        )
        self.history.do("name", set_gear(d, gear))

    @rule()
    def room(self) -> None:
        d = self.history.document
        self.history.do("name", set_room(d, replace(d.room, name=self.name())))

    @rule()
    def undo(self) -> None:
        self.history.undo()

    @rule()
    def redo(self) -> None:
        self.history.redo()

    @rule()
    def reopened(self) -> None:
        again = unpack(pack(self.history.project), "again")
        assert told(again.document) == self.before
        self.history = History(again)

    @invariant()
    def nothing_is_lost(self) -> None:
        document, ledger = self.history.document, self.history.ledger
        assert told(document) == self.before
        gear = document.gear
        names = {s.name for s in gear.seats}, {s.id for s in gear.loudspeakers}
        for step, stood in zip(steps_of(document, ledger), self.stood, strict=False):
            assert step.stood is not None
            assert (set(step.stood.seats), set(step.stood.places)) == names
            at = sorted(map(repr, (*step.stood.places.values(), *step.stood.seats.values())))
            assert at == stood


TestRenaming = Renaming.TestCase
TestRenaming.settings = settings(max_examples=cases(4), stateful_step_count=12)


def test_walls_and_things_called_otherwise_put_no_take_in_doubt(tmp_path: Path) -> None:
    document = open_document(LIVED_IN)
    assert document.takes and document.room.things and not document.doubtful_takes()
    room = document.room
    things = tuple(replace(t, name=f"thing {n}") for n, t in enumerate(room.things))
    assert not set_room(document, replace(room, things=things)).doubtful_takes()
    bent = open_document(EXAMPLES / "harbour-loft.parlor")
    names = {w.name: f"side {n}" for n, w in enumerate(bent.room.walls)}
    renamed = set_room(bent, with_walls_named(bent.room, names))
    assert not renamed.doubtful_takes() and len(renamed.takes) == len(bent.takes) > 0
    # What is heard is another matter.
    moved = tuple(replace(t, x=t.x + 0.1) for t in room.things)
    assert set_room(document, replace(room, things=moved)).doubtful_takes()
    swings = tuple(replace(o, swings_in=not o.swings_in) for o in room.openings)
    assert not set_room(document, replace(room, openings=swings)).doubtful_takes()


@pytest.mark.parametrize(
    "name", ["kiln-room-v3.parlor", "kiln-room-v4.parlor", "kiln-room-v5.parlor"]
)
def test_takes_of_earlier_versions_hold_as_they_held(name: str, tmp_path: Path) -> None:
    """Their fingerprints knew names."""
    place = tmp_path / name
    place.write_bytes((DATA / name).read_bytes())
    opened = open_project(place)
    document = opened.project.document
    assert document.takes and not document.doubtful_takes()
    save_project(opened.project, place, opened.fingerprint)
    assert not open_document(place).doubtful_takes()
    assert place.with_name(f"{name}.v{name[-8]}").exists()


def test_two_takes_never_become_one_file(tmp_path: Path) -> None:
    document = open_document(EXAMPLES / "kiln-room.parlor")
    for old, new in zip(
        [a.name for a in document.arrangements], ("A/B", "A B", "a b"), strict=False
    ):
        document = rename_arrangement(document, old, new)
    made = export_project(Project(document), tmp_path / "out")
    assert len(made) == len(list((tmp_path / "out").iterdir()))
    csv = [path for path in made if path.suffix == ".csv" and path.name.startswith("take")]
    assert len(csv) == len(document.takes)


def test_renames_compose_as_the_functions_they_are() -> None:
    rng = np.random.default_rng(5)
    for _ in range(200):
        names = [f"n{i}" for i in rng.permutation(6)[:4]]
        mid = [f"n{i}" for i in rng.permutation(6)[:4]]
        end = [f"n{i}" for i in rng.permutation(6)[:4]]
        first = Renames(seats={a: b for a, b in zip(names, mid, strict=True) if a != b})
        later = Renames(seats={a: b for a, b in zip(mid, end, strict=True) if a != b})
        joined = first.then(later).seats
        assert [joined.get(name, name) for name in names] == end
        back = first.undone.seats
        assert [back.get(name, name) for name in mid] == names
        assert Renames.of(first.as_kept()) == first


def test_names_that_took_the_place_of_others_are_renames() -> None:
    assert renames_between(["a", "b"], ["c", "b"]) == {"a": "c"}
    assert renames_between(["a", "b"], ["c", "d"]) == {"a": "c", "b": "d"}
    assert renames_between(["a", "b"], ["b", "a"]) == {}  # put into another order
    assert renames_between(["a", "b"], ["a"]) == {}


def test_a_step_of_before_a_seat_was_renamed_stands_up_with_its_seat() -> None:
    document = open_document(EXAMPLES / "kiln-room.parlor")
    a = document.arrangements[0]
    ledger = (entry("note", "so", a),)
    seats = tuple(replace(s, name=f"{s.name} two") for s in document.gear.seats)
    changed = set_gear(document, replace(document.gear, seats=seats))
    again = stand_up_again(changed, (*ledger, *changed.noted), 1).arrangements[-1]
    assert "Without" not in again.rule
    assert list(again.seats.values()) == list(a.seats.values())
