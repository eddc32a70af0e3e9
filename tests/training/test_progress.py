"""What is kept of each person: read back, set aside when broken, never mixed up."""

from pathlib import Path

import pytest

from jolly_parlor.refused import Refused
from jolly_parlor.training.progress import MOST_KEPT, People, Person, course_words


@pytest.fixture
def people(tmp_path: Path) -> People:
    return People(tmp_path / "listeners")


def test_what_is_kept_is_read_back(people) -> None:
    person = Person("Änne & Jo").with_result("dip", "The Kiln Room", 4.25, 31)
    people.keep(person)
    found, said = people.person("Änne & Jo")
    assert found == person and not said
    assert people.names() == ["Änne & Jo"]
    assert course_words(found.of("dip"), "4.2 dB deep") == "1 time so far; best: 4.2 dB deep."
    assert course_words(found.of("boom"), "") == "Not tried yet."


def test_people_whose_names_look_alike_are_kept_apart(people) -> None:
    for name in ("A/B", "A B", "..", "Ä", "Ö"):
        people.keep(Person(name).with_result("dip", "", 1.0, 20))
    assert sorted(people.names()) == sorted(["A/B", "A B", "..", "Ä", "Ö"])
    assert all(path.parent == people.folder for path in people.folder.iterdir())


def test_a_broken_file_is_set_aside_and_said(people) -> None:
    people.keep(Person("Ida"))
    path = next(people.folder.glob("*.json"))
    path.write_text('{"name": "Ida", "results": [{"lesson": 3}]}')
    person, said = people.person("Ida")
    assert person == Person("Ida") and "makes no sense" in said
    assert len(list(people.folder.glob("*.unreadable-*"))) == 1
    assert people.names() == []
    people.keep(person)
    assert people.person("Ida") == (person, "")


@pytest.mark.parametrize("name", ["", "   ", "x" * 61])
def test_names_that_cannot_be_are_refused(people, name) -> None:
    with pytest.raises(Refused, match="1 to 60 letters"):
        people.person(name)


def test_a_place_that_cannot_be_written_is_said(tmp_path) -> None:
    (tmp_path / "file").write_text("no folder")
    with pytest.raises(Refused, match="could not be written"):
        People(tmp_path / "file" / "listeners").keep(Person("Ida"))


def test_only_the_last_results_are_kept() -> None:
    person = Person("Ida")
    for n in range(MOST_KEPT + 5):
        person = person.with_result("dip", "", float(n), 20)
    assert len(person.results) == MOST_KEPT and person.results[0].threshold == 5.0
