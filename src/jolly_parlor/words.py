"""What people read, in their language.

Every sentence stands in the code in English, whole, with named places for what is put into it:
``tr("{name} at {metres:.2f} m", name=..., metres=...)``. A translation is looked up by that text in
a Qt translation source (`assets/languages/*.ts`, edited with Qt Linguist); one that is missing
stays English. Numbers put into a sentence are written as the language writes them.

The language is settled once, before anything else of the program is loaded: many words are made
where a module is loaded. No part of Qt is needed, so that calculations may speak too.
"""

from __future__ import annotations

import json
import os
from functools import lru_cache
from numbers import Real
from pathlib import Path
from string import Formatter

from platformdirs import user_config_path

from jolly_parlor.assets import LANGUAGES
from jolly_parlor.vocabulary import is_spoken

ENGLISH, PSEUDO, DESKTOP = "en", "pseudo", "desktop"
_LOCALE = "LC_ALL", "LC_MESSAGES", "LANG"
"""As POSIX has them, the first that is set counts."""
VARIABLE = "JOLLY_PARLOR_LANGUAGE"


def tr(text: str, /, **values: object) -> str:
    """The text in the language in force, with the values in their places.

    Args:
        text: English, with places as `str.format` has them where there are values.
        values: what goes into the places, by name.
    """
    if language() == ENGLISH:  # some sentences are made by the thousand
        return text.format(**values) if values else text
    if language() == PSEUDO:
        found = _pseudo(text, bool(values))
    else:
        found = _catalogue(language()).get(text, text)
    return str(_speaker().vformat(found, (), values)) if values else found


def plural(count: int, one: str, many: str, /, **values: object) -> str:
    """`tr` of `one` for one, else of `many`; both know the `count`."""
    return tr(one if count == 1 else many, count=count, **values)


def spoken(word: str) -> str:
    """A word in the language in force, where it is one of the vocabulary; else as it is: a name
    that somebody gave stays that name.
    """
    if not is_spoken(word):
        return word
    if language() == PSEUDO:
        return f"⟦{word}⟧" if word in _catalogue("de") else word
    return _catalogue(language()).get(word, word)


def capital(text: str) -> str:
    """With a capital first; the rest stays as it is, for languages that write nouns with one."""
    return text[:1].upper() + text[1:]


def number(value: float, spec: str) -> str:
    """A number alone, as the language writes it."""
    return str(_speaker().format_field(value, spec))


@lru_cache(maxsize=1)
def language() -> str:
    """`en`, or that of a catalogue there is; `pseudo` in a test."""
    asked = os.environ.get(VARIABLE) or preferred("language") or DESKTOP
    if asked == DESKTOP:
        wished = (os.environ.get(name) for name in _LOCALE)
        asked = next((name for name in wished if name), ENGLISH)[:2].lower()
    return asked if asked in (ENGLISH, PSEUDO) or asked in languages() else ENGLISH


def languages() -> tuple[str, ...]:
    """Those there is a catalogue of, English besides."""
    return tuple(sorted(file.stem.rpartition("_")[2] for file in LANGUAGES.glob("*.ts")))


def settings_file() -> Path:
    """Where preferences are kept."""
    return user_config_path("jolly-parlor") / "settings.json"


def preferred(name: str) -> str:
    """One preference in words, empty where there is none; all of them are read, and judged, later,
    where there is time for it.
    """
    try:
        kept = json.loads(settings_file().read_text(encoding="utf-8"))
    except (OSError, ValueError):
        return ""
    asked = kept.get(name, "") if isinstance(kept, dict) else ""
    return asked if isinstance(asked, str) else ""


@lru_cache(maxsize=4)
def _catalogue(name: str) -> dict[str, str]:
    file = LANGUAGES / f"jolly-parlor_{name}.ts"
    return read_catalogue(file) if file.exists() else {}


def read_catalogue(file: Path) -> dict[str, str]:
    """Source text to translation, of those that are finished."""
    from xml.etree import ElementTree  # not needed to start in English

    found = {}
    for message in ElementTree.parse(file).getroot().iter("message"):
        source, translation = message.find("source"), message.find("translation")
        if source is None or translation is None or translation.get("type") is not None:
            continue
        if source.text and translation.text:
            found[source.text] = translation.text
    return found


def _pseudo(text: str, has_places: bool) -> str:
    """Recognisable in brackets; what is put into its places stands outside them."""
    if not has_places:
        return f"⟦{text}⟧"
    parts = []
    for literal, name, spec, conversion in Formatter().parse(text):
        parts.append(f"⟦{literal}⟧".replace("{", "{{").replace("}", "}}") if literal else "")
        if name is not None:
            parts.append(
                f"{{{name}{'!' + conversion if conversion else ''}{':' + spec if spec else ''}}}"
            )
    return "".join(parts)


class _Speaking(Formatter):
    """A word put into a sentence is spoken too, where it is known."""

    def format_field(self, value: object, format_spec: str) -> str:
        """As `format` does."""
        return format(spoken(value) if isinstance(value, str) else value, format_spec)


class _German(_Speaking):
    def format_field(self, value: object, format_spec: str) -> str:
        """As `format` does, then the comma."""
        told = super().format_field(value, format_spec)
        if isinstance(value, Real):
            return told.replace(",", "\N{NARROW NO-BREAK SPACE}").replace(".", ",")
        return told


@lru_cache(maxsize=1)
def _speaker() -> Formatter:
    return {"de": _German, PSEUDO: _Speaking}.get(language(), Formatter)()
