"""The .parlor file: whole or refused, atomic, and as its published schema says."""

import json
import os
import tomllib
import zipfile
from pathlib import Path

import jsonschema
import numpy as np
import pytest
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

from certain import made_or_refused
from how_many import cases
from jolly_parlor import atomic
from jolly_parlor.app.samples import DEMO, SAMPLES
from jolly_parlor.assets import FOLDER as ASSETS
from jolly_parlor.desktop.desktop_files import MIME_TYPE
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import (
    FileRefused,
    open_document,
    project_json,
    read_survey,
    save_document,
)
from jolly_parlor.project.history import Project
from jolly_parlor.project.schema import PROJECT_VERSION, project_schema, survey_schema
from places import EXAMPLES, ROOT


def test_what_is_saved_is_opened(demo: Document, tmp_path: Path) -> None:
    path = tmp_path / "room.parlor"
    save_document(demo, path)
    again = open_document(path)
    assert again.room == demo.room
    assert again.gear == demo.gear
    assert again.arrangements == demo.arrangements
    assert [t.info for t in again.takes] == [t.info for t in demo.takes]
    for a, b in zip(again.takes, demo.takes, strict=True):
        assert np.allclose(a.response.level_db, b.response.level_db, atol=1e-6)
        assert np.allclose(a.response.phase_deg, b.response.phase_deg, atol=1e-5)
    assert os.listdir(tmp_path) == ["room.parlor"], "no temporary file is left behind"


def test_a_document_is_known_by_its_first_bytes(demo: Document, tmp_path: Path) -> None:
    # As office formats do (OpenDocument 1.2, part 3, 3.3): the first member is named `mimetype`,
    # not compressed, without extra field, so that its content stands at byte 38.
    path = tmp_path / "room.parlor"
    save_document(demo, path)
    data = path.read_bytes()
    assert data[:4] == b"PK\x03\x04" and data[30:38] == b"mimetype"
    assert data[38:].startswith(MIME_TYPE.encode())
    assert open_document(path).room == demo.room


def test_what_was_written_before_documents_said_their_type_is_read(
    demo: Document, tmp_path: Path
) -> None:
    path, old = tmp_path / "room.parlor", tmp_path / "old.parlor"
    save_document(demo, path)
    with zipfile.ZipFile(path) as source, zipfile.ZipFile(old, "w") as target:
        for name in source.namelist():
            if name != "mimetype":
                target.writestr(name, source.read(name))
    assert open_document(old).gear == demo.gear


def test_the_samples_ship_with_the_program() -> None:
    declared = tomllib.loads((ROOT / "pyproject.toml").read_text())
    globs = declared["tool"]["setuptools"]["package-data"]["jolly_parlor.assets"]
    shipped = {path for glob in globs for path in ASSETS.glob(glob) if path.is_file()}
    samples = {path for path in (ASSETS / "samples").rglob("*") if path.is_file()}
    assert samples and samples <= shipped
    assert all(path in shipped for path in (DEMO, *SAMPLES.values()))


def test_the_program_writes_what_its_published_schema_says(demo: Document) -> None:
    published = json.loads((ROOT / "docs" / "parlor.schema.json").read_text())
    assert published == project_schema(), "run scripts/publish_schemas.py"
    jsonschema.validate(json.loads(project_json(Project(demo))), published)


def test_the_demo_survey_is_as_its_published_schema_says() -> None:
    published = json.loads((ROOT / "docs" / "survey.schema.json").read_text())
    assert published == survey_schema(), "run scripts/publish_schemas.py"
    survey = json.loads((EXAMPLES / "kiln-room.json").read_text())
    jsonschema.validate(survey, published)
    survey["room"]["width"] = "wide"
    with pytest.raises(jsonschema.ValidationError):
        jsonschema.validate(survey, published)


@pytest.mark.parametrize("keep", [0, 10, 0.3, 0.7, -1])
def test_a_truncated_file_is_refused_and_left_untouched(tmp_path: Path, keep: float) -> None:
    whole = (EXAMPLES / "kiln-room.parlor").read_bytes()
    cut = whole[: int(keep * len(whole))] if isinstance(keep, float) else whole[:keep]
    path = tmp_path / "cut.parlor"
    path.write_bytes(cut)
    with pytest.raises(FileRefused, match=r"cut\.parlor is damaged or cut off"):
        open_document(path)
    with pytest.raises(FileRefused, match="not overwritten"):
        save_document(open_document(EXAMPLES / "kiln-room.parlor"), path)
    assert path.read_bytes() == cut


def _rewritten(path: Path, change: object) -> None:
    source = zipfile.ZipFile(EXAMPLES / "kiln-room.parlor")
    with zipfile.ZipFile(path, "w") as target:
        for name in source.namelist():
            data = source.read(name)
            if name == "project.json":
                project = json.loads(data)
                change(project)  # type: ignore[operator]
                data = json.dumps(project).encode()
            target.writestr(name, data)


@pytest.mark.parametrize(
    ("change", "why"),
    [
        (lambda p: p.update(schema_version=PROJECT_VERSION + 1), "written by a newer Jolly Parlor"),
        (lambda p: p.pop("schema_version"), "does not say its schema_version"),
        (lambda p: p["room"].update(height=-1), "room → height"),
        (lambda p: p["room"].update(colour="red"), "room → colour"),
        (lambda p: p["room"]["walls"][0].update(material="cheese"), "cheese"),
        (lambda p: p["arrangements"].append(p["arrangements"][0]), "Two arrangements"),
        (lambda p: p["arrangements"][0]["seats"].pop("sofa"), "no place for the seat “sofa”"),
        (lambda p: p["takes"][0].update(id="../evil"), "takes → 0 → id"),
        (lambda p: p.update(chosen="Nothing"), "does not exist"),
    ],
)
def test_a_contradictory_or_newer_file_is_refused_in_words(
    tmp_path: Path, change: object, why: str
) -> None:
    path = tmp_path / "odd.parlor"
    _rewritten(path, change)
    before = path.read_bytes()
    with pytest.raises(FileRefused, match=why) as caught:
        open_document(path)
    assert "odd.parlor" in str(caught.value)
    assert path.read_bytes() == before


@settings(
    max_examples=cases(20),
    suppress_health_check=[HealthCheck.function_scoped_fixture, HealthCheck.too_slow],
)
@given(st.data())
def test_a_mutated_file_is_opened_or_refused(tmp_path: Path, data: st.DataObject) -> None:
    raw = bytearray((EXAMPLES / "kiln-room.parlor").read_bytes())
    for _ in range(data.draw(st.integers(1, 20))):
        raw[data.draw(st.integers(0, len(raw) - 1))] = data.draw(st.integers(0, 255))
    path = tmp_path / "mutated.parlor"
    path.write_bytes(bytes(raw))
    made_or_refused(lambda: open_document(path), FileRefused, lambda w: "mutated.parlor" in w)


def test_a_failed_save_leaves_the_old_file_and_no_litter(
    demo: Document, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    path = tmp_path / "room.parlor"
    save_document(demo, path)
    before = path.read_bytes()

    def full(*_: object) -> None:
        raise OSError(28, "No space left on device")

    monkeypatch.setattr(atomic.os, "fsync", full)
    with pytest.raises(FileRefused, match="no space left"):
        save_document(demo, path)
    assert path.read_bytes() == before
    assert os.listdir(tmp_path) == ["room.parlor"]


def test_saving_where_nothing_can_be_written_is_refused(demo: Document, tmp_path: Path) -> None:
    with pytest.raises(FileRefused, match="could not be saved"):
        save_document(demo, tmp_path / "nowhere" / "room.parlor")


@pytest.mark.parametrize(
    ("text", "why"),
    [
        ('{"survey_version": 1,\n "room": }', "line 2: not valid JSON"),
        ("[]", "does not say its survey_version"),
        ('{"survey_version": 9}', "newer"),
        ('{"survey_version": 1}', "room: field required"),
    ],
)
def test_a_survey_that_makes_no_sense_is_refused(tmp_path: Path, text: str, why: str) -> None:
    path = tmp_path / "s.json"
    path.write_text(text)
    with pytest.raises(FileRefused, match=why):
        read_survey(path)


def test_a_survey_naming_an_unknown_school_says_which_there_are(tmp_path: Path) -> None:
    survey = json.loads((EXAMPLES / "kiln-room.json").read_text())
    survey["schools"] = ["third", "quarter"]
    path = tmp_path / "s.json"
    path.write_text(json.dumps(survey))
    with pytest.raises(FileRefused, match="no school “quarter”; there is third"):
        read_survey(path)
