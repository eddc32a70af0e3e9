"""The Ledger: never erased, read back, stood up again, held against itself."""

import csv
import io
import json
import zipfile
from dataclasses import replace
from pathlib import Path

import pytest

from certain import some
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.analysis.ledger_steps import (
    against,
    judged_steps,
    ledger_csv,
    ledger_table,
    same_places,
    stand_up_again,
    steps_of,
    stood_before,
)
from jolly_parlor.by_ear.ear_record import Hunt, ToneSweep, Trial
from jolly_parlor.placement.grading import Grading
from jolly_parlor.placement.items import loudspeaker, seat
from jolly_parlor.placement.mixes import BOTH
from jolly_parlor.project import ear_edits as ear
from jolly_parlor.project.checked_edit import EditRefused
from jolly_parlor.project.document import Document
from jolly_parlor.project.edits import (
    add_arrangement,
    choose,
    remove_arrangement,
    replace_arrangement,
    turn_room,
)
from jolly_parlor.project.files import open_project, save_project
from jolly_parlor.project.gear_edits import set_chain, set_gear
from jolly_parlor.project.history import History, Project
from jolly_parlor.project.ledger import entry
from jolly_parlor.project.packing import differences
from jolly_parlor.refused import Refused
from places import DATA
from quick_field import use_quick_fields
from rooms import with_subs

GOOD = Grading("2026-11-26T10:00:00+00:00", "Kettle song", {"upper_bass": "3+", "flow": "4"})


def nudged(document: Document, by: float) -> Document:
    """The first arrangement's pair away from the wall."""
    a = document.arrangements[0]
    pair = (replace(p, y=p.y + by) for p in (a.left, a.right))
    return replace_arrangement(document, a.with_pair(*pair))


def test_undo_erases_nothing_and_is_an_entry_itself(kiln: Document) -> None:
    history = History(Project(kiln))
    before = len(history.ledger)
    history.do("Move", nudged(history.document, 0.1))
    moved = history.document
    history.note(entry("note", "sounds fuller"))
    history.undo()
    assert [e.kind for e in history.ledger[before:]] == ["move", "note", "undo"]
    assert "both monitors 10 cm away" in history.ledger[before].text
    history.redo()
    assert history.ledger[-1].kind == "redo" and history.document is moved
    history.do("Remove", remove_arrangement(history.document, kiln.arrangements[0].name))
    gone = history.ledger[-1]
    assert gone.kind == "arrangement" and gone.stood is not None


def test_a_note_alone_is_worth_saving(kiln: Document) -> None:
    history = History(Project(kiln))
    history.saved()
    history.note(entry("note", "the fridge hums"))
    assert history.changed and history.undo_label is None


def test_grades_hold_for_where_it_stood_and_how_it_was_set(kiln: Document) -> None:
    name = kiln.arrangements[0].name
    graded = ear.grade_arrangement(kiln, name, GOOD)
    assert graded.arrangement(name).grading == GOOD
    assert graded.by_ear.piece == "Kettle song"
    assert graded.noted[-1].stood == graded.arrangement(name)
    moved = nudged(graded, 0.025)
    assert moved.arrangement(name).grading is None
    assert moved.noted[-1].stood is not None and moved.noted[-1].stood.grading is None
    louder = set_chain(graded, "sub", name, gain_db=3.0)
    assert louder.arrangement(name).grading is None
    other = kiln.arrangements[1].name
    assert set_chain(graded, "sub", other, gain_db=3.0).arrangement(name).grading == GOOD
    assert turn_room(graded).arrangement(name).grading == GOOD
    assert choose(graded, name, "").arrangement(name).grading == GOOD
    assert ear.grade_arrangement(graded, name, Grading()).arrangement(name).grading is None


def test_coming_back_it_says_what_was_heard_there(kiln: Document) -> None:
    history = History(Project(kiln))
    name = kiln.arrangements[0].name
    history.do("Grade", ear.grade_arrangement(history.document, name, GOOD))
    step = len(history.ledger)
    assert stood_before(_steps(history), history.document.arrangement(name)) == ""
    history.do("Out", nudged(history.document, 0.05))
    assert stood_before(_steps(history), history.document.arrangement(name)) == ""
    history.do("Back", nudged(history.document, -0.05))
    said = stood_before(_steps(history), history.document.arrangement(name))
    assert said.startswith(f"You have stood here before (step {step}): then upper-bass clarity")
    assert "was 3+" in said
    history.undo()
    history.undo()
    history.undo()  # the grade is taken back, and remembered all the same
    assert "was 3+" in stood_before(_steps(history), history.document.arrangement(name))


def test_a_place_passed_without_grades_is_remembered_too(kiln: Document) -> None:
    history = History(Project(nudged(kiln, 0.0)))
    for by in (0.1, 0.1, -0.1):
        history.do("Move", nudged(history.document, by))
    said = stood_before(_steps(history), history.document.arrangements[0])
    assert "stood here before" in said and "ungraded" in said


def _steps(history: History) -> list:
    return steps_of(history.document, history.ledger)


def test_any_step_can_be_stood_up_again(kiln: Document) -> None:
    history = History(Project(kiln))
    name = kiln.arrangements[0].name
    history.do("Grade", ear.grade_arrangement(history.document, name, GOOD))
    step = len(history.ledger)
    was = history.document.arrangement(name)
    history.do("Out", nudged(history.document, 0.3))
    again = stand_up_again(history.document, history.ledger, step)
    added = again.arrangements[-1]
    assert added.name == f"{name}, step {step}" and same_places(added, was)
    assert added.grading == GOOD and "As it stood at step" in added.rule
    with pytest.raises(Refused, match="There is no step 99"):
        stand_up_again(history.document, history.ledger, 99)
    history.note(entry("note", "words only"))
    with pytest.raises(Refused, match="nothing stood anywhere"):
        stand_up_again(history.document, history.ledger, len(history.ledger))


def test_after_turning_the_room_it_stands_in_the_same_real_place(kiln: Document) -> None:
    """Each turn, and its undoing, is followed: the places of an old step are those of the same
    arrangement today.
    """
    history = History(Project(kiln))
    name = kiln.arrangements[0].name
    history.do("Grade", ear.grade_arrangement(history.document, name, GOOD))
    step = len(history.ledger)
    for _ in range(3):
        history.do("Turn", turn_room(history.document))
        stood = _steps(history)[step - 1].stood
        assert stood is not None and same_places(stood, history.document.arrangement(name))
    history.undo()
    history.undo()
    history.redo()
    stood = _steps(history)[step - 1].stood
    assert stood is not None and same_places(stood, history.document.arrangement(name))


def test_what_the_gear_lacks_by_now_is_left_out_and_said(kiln: Document) -> None:
    two = set_gear(kiln, with_subs(kiln.gear, "sub", "second"))
    two = nudged(two, 0.1)
    one = set_gear(two, with_subs(two.gear, "sub"))
    again = stand_up_again(one, one.noted, len(one.noted) - 1)
    added = again.arrangements[-1]
    assert set(added.places) == {"left", "right", "sub"} and "“second”" in added.rule
    three = set_gear(one, with_subs(one.gear, "sub", "third"))
    later = stand_up_again(three, three.noted, len(two.noted))
    assert "third" in later.arrangements[-1].places


def test_two_steps_are_held_against_each_other(kiln: Document) -> None:
    history = History(Project(kiln))
    name = kiln.arrangements[0].name
    history.do("Grade", ear.grade_arrangement(history.document, name, GOOD))
    one = len(history.ledger)
    history.do("Out", nudged(history.document, 0.025))
    later = replace(GOOD, when="2026-11-26T11:00:00+00:00", marks={"upper_bass": "4", "flow": "3+"})
    history.do("Grade", ear.grade_arrangement(history.document, name, later))
    steps = judged_steps(history.document, history.ledger, "desk", BOTH)
    found = against(steps[one - 1], steps[-1])
    assert found.moves == ("both monitors 2.5 cm away from the front wall",)
    assert found.grades == ("upper-bass clarity 3+ → 4", "flow 4 → 3+")
    assert "60 minutes apart" in found.doubt
    assert len(found.figures) == 1 and "dB from even" in found.figures[0]
    assert against(steps[one - 1], steps[one - 1]).moves == ("nothing stands elsewhere",)


def test_figures_of_steps_are_the_forecast_and_the_take(monkeypatch: pytest.MonkeyPatch) -> None:
    """A file of version 2: entries of takes find theirs, and their figure is Compare's."""
    use_quick_fields(monkeypatch)  # what is compared here was measured
    project = open_project(DATA / "kiln-furnished-v2.parlor").project
    document = project.document
    of_both = [e for e in project.ledger if ": both at desk" in e.text]
    assert of_both and all(e.take for e in of_both)
    steps = judged_steps(document, project.ledger, "desk", BOTH)
    from jolly_parlor.analysis.measured import measured_deviation
    from jolly_parlor.placement.evenness import evenness

    measured = [step for step in steps if step.measured_db is not None]
    assert len(measured) == len(of_both)
    for step in some(measured):
        assert step.stood is not None
        a = document.arrangement(step.stood.name)
        curve = measured_deviation(document, document.case(a, "desk", BOTH))
        assert curve is not None
        assert step.measured_db == pytest.approx(evenness(curve).value_db)


def test_an_old_grade_and_remark_are_read_as_one_mark_and_words(tmp_path: Path) -> None:
    path = tmp_path / "old.parlor"
    source = zipfile.ZipFile(DATA / "kiln-furnished-v2.parlor")
    with zipfile.ZipFile(path, "w") as target:
        for name in source.namelist():
            data = source.read(name)
            if name == "project.json":
                told = json.loads(data)
                told["arrangements"][0] |= {"grade": 4, "heard": "tight"}
                turned = {"when": "2026-01-01T00:00:00+00:00", "kind": "survey"}
                turned["text"] = "Turned to face the wall that was at the left."
                told["ledger"].append(turned | {"stood": None})
                data = json.dumps(told).encode()
            target.writestr(name, data)
    project = open_project(path).project
    grading = project.document.arrangements[0].grading
    assert grading is not None and (grading.overall, grading.words) == ("4", "tight")
    assert grading.short == "4 of 5" and project.ledger[-1].turned == 1


def test_everything_found_by_ear_is_saved_and_read_back(kiln: Document, tmp_path: Path) -> None:
    d = kiln
    name = d.arrangements[0].name
    d = ear.grade_arrangement(d, name, GOOD)
    d = ear.measure_from(d, "back outer")
    for wall, stage, metres in (
        ("behind", "begins", 0.6),
        ("behind", "ends", 0.9),
        ("beside", "begins", 0.7),
        ("beside", "ends", 0.9),
    ):
        d = ear.note_walk(d, wall, stage, metres)  # type: ignore[arg-type]
    assert d.room.calm_zone is not None and "calm zone is 60 to 90 cm" in d.noted[-1].text
    d = ear.begin_hunt(d, Hunt("sub", Point(0.3, 0.3, 0.2), "seat", 1.2))
    d = ear.mark_hunt(d, 1.9, 2.0, "even")
    d = ear.begin_sweep(d, ToneSweep(name, "desk", "both"))
    d = ear.mark_tone(d, 43.0, "booms")
    d = ear.mark_tone(d, 43.4, "missing")
    assert [(m.hertz, m.heard) for m in d.by_ear.sweeps[-1].marks] == [(43.4, "missing")]
    d = ear.keep_test(d, Trial("centring", name, answers={"level": "leans left"}, verdict="Off."))
    d = ear.answer_review(d, "lamp left", "yes")
    d = replace_arrangement(d, replace(d.arrangement(name), aim_degrees=4.0))
    path = tmp_path / "heard.parlor"
    project = Project(replace(d, noted=()), d.noted)
    save_project(project, path)
    assert differences(open_project(path).project, project) == []


def test_edits_by_ear_refuse_in_words(kiln: Document) -> None:
    with pytest.raises(EditRefused, match="No hunt"):
        ear.mark_hunt(kiln, 1.0, 1.0, "even")
    hunting = ear.begin_hunt(kiln, Hunt("sub", Point(0.3, 0.3, 0.2), "seat", 1.2))
    with pytest.raises(EditRefused, match="outside the room"):
        ear.mark_hunt(hunting, -1.0, 1.0, "even")
    with pytest.raises(EditRefused, match="No sweep"):
        ear.mark_tone(kiln, 43.0, "booms")
    with pytest.raises(EditRefused, match="no question"):
        ear.answer_review(kiln, "colour of the carpet", "yes")
    answered = ear.answer_review(kiln, "corner right", "yes")
    assert ear.answer_review(answered, "corner right", None).by_ear.review == {}
    with pytest.raises(EditRefused, match="Piece: takes 120 letters"):
        ear.name_piece(kiln, "x" * 500)


def test_the_ledger_goes_out_as_a_table_that_reads_back(kiln: Document) -> None:
    history = History(Project(kiln))
    name = kiln.arrangements[0].name
    history.do("Grade", ear.grade_arrangement(history.document, name, GOOD))
    history.note(entry("note", 'a "quoted", comma\nand a line'))
    steps = judged_steps(history.document, history.ledger, "desk", BOTH)
    rows = list(csv.DictReader(io.StringIO(ledger_csv(steps))))
    assert [row["kind"] for row in rows] == [e.kind for e in history.ledger]
    graded = next(row for row in rows if row["kind"] == "grade")
    assert graded["grade_upper_bass"] == "3+" and graded["piece"] == "Kettle song"
    assert "left=1.2114;" in graded["places"] and float(graded["forecast_db"]) > 0
    assert rows[-1]["text"] == 'a "quoted", comma\nand a line'
    table = ledger_table(steps)
    assert json.loads(json.dumps(table)) == table


def test_what_moved_elsewhere_is_no_return(kiln: Document) -> None:
    a = kiln.arrangements[0]
    ear_at = a.seats["desk"]
    other = a.moved(seat("desk"), replace(ear_at, x=ear_at.x + 0.02))
    assert not same_places(a, other) and same_places(a, replace(a, name="Else"))
    assert not same_places(a, replace(a, aim_degrees=3.0))
    sub = a.moved(loudspeaker("sub"), Point(1.0, 0.3, 0.2))
    assert not same_places(a, sub)
    twice = add_arrangement(kiln, replace(a, name="Twin"))
    assert same_places(twice.arrangements[-1], a)
