"""The window in another language: no word of English is left on any page, and all keys work."""

import os
import subprocess
import sys
from pathlib import Path

import pytest

from jolly_parlor.app.actions import ACTIONS, MENUS
from jolly_parlor.assets import LANGUAGES
from jolly_parlor.words import languages, read_catalogue

WALK = Path(__file__).resolve().parent / "english_left.py"


@pytest.mark.parametrize("document", ["kiln-room.parlor"])
def test_no_page_of_the_walk_has_words_that_no_translation_reaches(
    tmp_path: Path, document: str
) -> None:
    done = subprocess.run(
        [sys.executable, str(WALK), str(tmp_path), document],
        env=os.environ | {"QT_QPA_PLATFORM": "offscreen"},
        capture_output=True,
        text=True,
        check=False,
        timeout=280,
    )
    assert done.returncode == 0, done.stderr[-2000:]
    assert done.stdout == ""


@pytest.mark.parametrize("language", ["en", *languages()])
def test_no_menu_takes_a_key_away_from_an_action(language: str) -> None:
    file = LANGUAGES / f"jolly-parlor_{language}.ts"
    said = read_catalogue(file) if file.exists() else {}
    titles = [said.get(title, title) for title in MENUS.values()]
    keys = [title[title.index("&") + 1].upper() for title in titles]
    taken = [row.shortcut.removeprefix("Alt+") for row in ACTIONS if row.shortcut]
    assert len(set(keys)) == len(MENUS) and set(keys).isdisjoint(taken)
