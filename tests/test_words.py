"""What people read, in their language. German decimals: DIN 1333."""

import json
import os
import string
import subprocess
import sys
from pathlib import Path
from xml.etree import ElementTree

import pytest

from jolly_parlor import words
from jolly_parlor.assets import LANGUAGES
from places import DATA, EXAMPLES, ROOT
from tongues import said

GERMAN = LANGUAGES / "jolly-parlor_de.ts"


def _places(text: str) -> set[tuple[str, str]]:
    found = set()
    for _, name, spec, _ in string.Formatter().parse(text):
        if name is not None:
            found.add((name, spec or ""))
    return found


def _messages() -> list[tuple[str, str]]:
    root = ElementTree.parse(GERMAN).getroot()
    return [
        (m.findtext("source") or "", m.findtext("translation") or "") for m in root.iter("message")
    ]


def test_the_translation_sources_are_up_to_date_with_the_code() -> None:
    done = subprocess.run(
        [sys.executable, str(ROOT / "scripts" / "gather_words.py"), "--check"],
        capture_output=True,
        text=True,
        check=False,
    )
    assert done.returncode == 0, done.stderr


def test_german_is_complete() -> None:
    root = ElementTree.parse(GERMAN).getroot()
    unfinished = [
        m.findtext("source")
        for m in root.iter("message")
        if m.find("translation").get("type") or not m.findtext("translation")
    ]
    assert unfinished == []
    assert len(_messages()) > 2900


def test_a_translation_has_only_places_that_its_text_has() -> None:
    wrong = []
    for source, translation in _messages():
        has_places = "{" in source and "(?:" not in source
        if has_places and not _places(translation) <= _places(source):
            wrong.append((source, translation))
    assert wrong == []


def test_a_translation_keeps_the_spaces_at_its_ends() -> None:
    wrong = [
        (source, translation)
        for source, translation in _messages()
        if source[:1].isspace() != translation[:1].isspace()
        or source[-1:].isspace() != translation[-1:].isspace()
    ]
    assert wrong == []


def test_numbers_in_a_sentence_are_written_as_the_language_writes_them() -> None:
    code = (
        "from jolly_parlor.words import tr, number; "
        "print(tr('{value_db:.1f} dB from even, {layer}.', value_db=7.94, layer='forecast')); "
        "print(number(1234.5, ',.1f'))"
    )
    assert said(code, "en").splitlines() == ["7.9 dB from even, forecast.", "1,234.5"]
    assert said(code, "de").splitlines() == ["7,9 dB uneben, Vorhersage.", "1\u202f234,5"]


def test_only_numbers_get_the_comma_of_the_language() -> None:
    code = (
        "from pathlib import Path; from jolly_parlor.words import tr; import numpy as np; "
        "print(tr('{path}: {count:,} of {share}', path=Path('/a/b.log'), count=12345, "
        "share=np.float32(0.5)))"
    )
    assert said(code, "de") == "/a/b.log: 12\u202f345 of 0,5"


def test_a_name_that_somebody_gave_stays_in_a_sentence_as_on_the_page() -> None:
    """“Tight to the wall” is a school's name, translated where a school is meant; here somebody has
    an arrangement of that name.
    """
    code = (
        "from pathlib import Path; from jolly_parlor.placement.schools import SCHOOLS; "
        "from jolly_parlor.words import tr; "
        "print(next(s.name for s in SCHOOLS if s.id == 'tight')); "
        "print(tr('{name} is the evenest of {count}, by {lead:.1f} dB', "
        "name='Tight to the wall', count='three', lead=1.0))"
    )
    school, sentence = said(code, "de").splitlines()
    assert school == "Dicht an der Wand"
    assert sentence == "Tight to the wall ist das ebenste von drei, um 1,0 dB"


def test_a_furnished_room_is_worked_out_and_measured_in_any_language() -> None:
    """What surfaces are called inside the calculations is not translated."""
    code = (
        "from pathlib import Path; import numpy as np; "
        "from jolly_parlor.acoustics.elements.air_of_room import admittances_of, enclosure_of; "
        "from jolly_parlor.project.files import open_document; "
        "from jolly_parlor.studio.voxels import VoxelRoom; "
        f"room = open_document(Path(r'{EXAMPLES / 'kiln-furnished.parlor'}')).room; "
        "called = admittances_of(room, np.array([50.0])); "
        "print(sorted(set(enclosure_of(room, 0.2).surfaces) - set(called)), sorted(called)); "
        "print(VoxelRoom(room, 0.3, 0.01, {'left': (10.0, 80.0, 0.1)}).air.sum())"
    )
    assert said(code, "de") == said(code, "en")
    assert said(code, "en").startswith("[] ")


def test_a_furnished_case_is_solved_alike_in_any_language(tmp_path: Path) -> None:
    case = json.loads((DATA / "furnished_b.json").read_text("utf-8"))
    short = tmp_path / "short.json"
    short.write_text(json.dumps(case | {"frequencies": case["frequencies"][:40:13]}), "utf-8")
    code = (
        "from pathlib import Path; from jolly_parlor.analysis.cases import compute_case; "
        f"print(compute_case(Path(r'{short}')).pressures['S1', 'R1'])"
    )
    assert said(code, "de") == said(code, "en") != ""


def test_a_missing_text_stays_english_and_an_unknown_language_is_english() -> None:
    code = (
        "from jolly_parlor.words import tr; print(tr('Nobody has said {what} yet.', what='this'))"
    )
    assert said(code, "de") == "Nobody has said this yet."
    assert said("from jolly_parlor.words import language; print(language())", "xx") == "en"


def test_the_language_is_that_of_preferences_then_of_the_desktop(tmp_path: Path) -> None:
    code = "from jolly_parlor.words import language; print(language())"
    kept = tmp_path / "jolly-parlor" / "settings.json"
    kept.parent.mkdir()
    environment = os.environ | {"XDG_CONFIG_HOME": str(tmp_path), "LANG": "de_DE.UTF-8"}
    environment.pop("JOLLY_PARLOR_LANGUAGE")
    environment.pop("LC_ALL", None)

    def found() -> str:
        done = subprocess.run(
            [sys.executable, "-c", code],
            env=environment,
            capture_output=True,
            text=True,
            check=True,
        )
        return done.stdout.strip()

    assert found() == "de"
    kept.write_text('{"language": "en"}')
    assert found() == "en"
    kept.write_text("{ garbled")
    assert found() == "de"


def test_a_document_is_the_same_in_every_language() -> None:
    """Fingerprints of takes, ids and kinds are keys, not words."""
    code = (
        "from pathlib import Path; from jolly_parlor.project.files import open_document; "
        "from jolly_parlor.project.takes import stamps_of; "
        f"d = open_document(Path({str(EXAMPLES / 'kiln-room.parlor')!r})); "
        "print(sorted(stamps_of(d.room, d.gear)), d.gear, [a.name for a in d.arrangements])"
    )
    assert said(code, "de") == said(code, "en")


def test_a_command_speaks_german() -> None:
    code = (
        "import sys; sys.argv = ['jolly-parlor', 'compare', "
        f"{str(EXAMPLES / 'kiln-room.parlor')!r}]; "
        "from jolly_parlor.cli.main import main; main()"
    )
    told = said(code, "de")
    assert "uneben" in told and "," in told and "from even" not in told


@pytest.mark.parametrize("word", ["left", "Brick", "forecast"])
def test_a_word_is_spoken_where_it_is_known(word: str) -> None:
    assert words.spoken(word) == word
    code = f"from jolly_parlor.words import spoken; print(spoken({word!r}), spoken('kiln'))"
    told = said(code, "de").split()
    assert told[0] != word and told[-1] == "kiln"


def test_a_field_shows_and_takes_decimals_as_the_language_writes_them() -> None:
    code = (
        "from jolly_parlor.app.start import application; app = application(); "
        "from jolly_parlor.app.widgets.entries import length_field, number_field; "
        "one, two = number_field('a', 'dB'), length_field('b', lambda: 'metric'); "
        "one.set_value(2.5); two.set_value(3.42); print(one.text(), two.text()); "
        "two.committed.connect(lambda metres: print(metres)); "
        "two.setText('1,37 m'); two.setModified(True); two.editingFinished.emit()"
    )
    assert said(code, "de").splitlines() == ["2,5 dB 3,42 m", "1.37"]
    assert said(code, "en").splitlines() == ["2.5 dB 3.42 m", "1.37"]
