"""The window in another language: no word of English is left on any page."""

import os
import subprocess
import sys
from pathlib import Path

import pytest

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
