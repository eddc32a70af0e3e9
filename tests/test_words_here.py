"""The language settled in this process, and let go again."""

import json
from collections.abc import Callable, Iterator
from pathlib import Path

import pytest

from jolly_parlor import words


@pytest.fixture
def speak(monkeypatch: pytest.MonkeyPatch, tmp_path: Path) -> Iterator[Callable[[str], None]]:
    monkeypatch.setenv("XDG_CONFIG_HOME", str(tmp_path))

    def forget() -> None:
        words.language.cache_clear()
        words._speaker.cache_clear()

    def speak(language: str) -> None:
        monkeypatch.setenv(words.VARIABLE, language)
        forget()

    yield speak
    monkeypatch.undo()
    forget()


def test_german_has_its_words_and_its_numbers(speak: Callable[[str], None]) -> None:
    speak("de")
    assert words.language() == "de" and "de" in words.languages()
    assert words.tr("Stop") != "Stop"
    assert words.number(1234.5, ",.1f") == "1\N{NARROW NO-BREAK SPACE}234,5"  # DIN 1333, DIN 5008
    assert words.tr("{db} deep", db="3 dB") != "3 dB deep"
    assert words.spoken("no word of the program") == "no word of the program"
    assert words.capital("übermorgen Nachmittag") == "Übermorgen Nachmittag"


def test_the_pseudo_language_puts_words_into_brackets_and_values_outside(
    speak: Callable[[str], None],
) -> None:
    speak("pseudo")
    assert words.tr("Stop") == "⟦Stop⟧"
    assert words.tr("{count} takes of {name!s}", count=3, name="Kiln") == "3⟦ takes of ⟧Kiln"
    assert words.plural(1, "{count} take", "{count} takes") == "1⟦ take⟧"
    assert words.spoken("front") in ("⟦front⟧", "front")


@pytest.mark.parametrize(
    ("asked", "locale", "found"),
    [
        ("", "de_DE.UTF-8", "de"),
        ("", "fr_FR.UTF-8", "en"),
        ("xx", "de_DE.UTF-8", "en"),
        ("de", "en_GB.UTF-8", "de"),
    ],
)
def test_it_is_the_one_asked_for_else_the_desktops_else_english(
    speak: Callable[[str], None],
    monkeypatch: pytest.MonkeyPatch,
    asked: str,
    locale: str,
    found: str,
) -> None:
    for name in words._LOCALE:
        monkeypatch.delenv(name, raising=False)
    monkeypatch.setenv("LANG", locale)
    speak(asked)
    assert words.language() == found


@pytest.mark.parametrize("kept", ['{"language": "de"}', '{"language": 7}', "[]", "{", None])
def test_a_preference_is_read_where_it_makes_sense(
    speak: Callable[[str], None], kept: str | None
) -> None:
    if kept is not None:
        words.settings_file().parent.mkdir(parents=True, exist_ok=True)
        words.settings_file().write_text(kept, encoding="utf-8")
    wanted = json.loads(kept)["language"] if kept == '{"language": "de"}' else ""
    assert words.preferred("language") == wanted
