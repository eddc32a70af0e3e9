"""Gather what `tr` and templates say into the Qt translation sources; what is translated stays.

    .venv/bin/python scripts/gather_words.py [--check]

`--check` writes nothing and fails where a source is behind the code.
"""

import ast
import re
import sys
from collections.abc import Iterator
from pathlib import Path
from xml.etree import ElementTree

ROOT = Path(__file__).resolve().parent.parent
PACKAGE = ROOT / "src" / "jolly_parlor"
_IN_TEMPLATE = re.compile(r'tr\("([^"]+)"\)')


def spoken() -> dict[str, list[str]]:
    """Every text that is looked up, with the files that say it."""
    found: dict[str, list[str]] = {}
    for file in sorted(PACKAGE.rglob("*.py")):
        for text in _of_module(file):
            found.setdefault(text, []).append(file.relative_to(PACKAGE).as_posix())
    for file in sorted(PACKAGE.rglob("*.html")):
        for text in _IN_TEMPLATE.findall(file.read_text(encoding="utf-8")):
            found.setdefault(text, []).append(file.relative_to(PACKAGE).as_posix())
    return found


def _of_module(file: Path) -> Iterator[str]:
    for node in ast.walk(ast.parse(file.read_text(encoding="utf-8"))):
        if not (isinstance(node, ast.Call) and isinstance(node.func, ast.Name)):
            continue
        if node.func.id == "tr" and node.args:
            text = node.args[0]
            if isinstance(text, ast.Constant) and isinstance(text.value, str):
                yield text.value
        elif node.func.id == "plural":
            yield from (arg.value for arg in node.args[1:] if isinstance(arg, ast.Constant))
        elif node.func.id == "spoken_words":
            words = (part for word in node.args for part in ast.walk(word))
            yield from (
                part.value
                for part in words
                if isinstance(part, ast.Constant) and isinstance(part.value, str)
            )


def merged(file: Path, language: str) -> str:
    """The translation source as it should be: what is gone left out, what is new unfinished."""
    known = {}
    if file.exists():
        for message in ElementTree.parse(file).getroot().iter("message"):
            source = message.findtext("source") or ""
            known[source] = message.find("translation")
    root = ElementTree.Element("TS", version="2.1", language=language, sourcelanguage="en")
    contexts: dict[str, ElementTree.Element] = {}
    for text, files in spoken().items():
        name = files[0].partition("/")[0].removesuffix(".py")
        if name not in contexts:
            contexts[name] = ElementTree.SubElement(root, "context")
            ElementTree.SubElement(contexts[name], "name").text = name
        message = ElementTree.SubElement(contexts[name], "message")
        for where in dict.fromkeys(files):
            ElementTree.SubElement(message, "location", filename=f"../../{where}")
        ElementTree.SubElement(message, "source").text = text
        old = known.get(text)
        translation = ElementTree.SubElement(message, "translation")
        if old is not None and old.text and old.get("type") is None:
            translation.text = old.text
        else:
            translation.set("type", "unfinished")
    ElementTree.indent(root, "  ")
    body = ElementTree.tostring(root, encoding="unicode")
    return f'<?xml version="1.0" encoding="utf-8"?>\n<!DOCTYPE TS>\n{body}\n'


def main() -> None:
    """Bring every translation source up to date, or say that one is behind."""
    for file in sorted((PACKAGE / "assets" / "languages").glob("*.ts")):
        made = merged(file, file.stem.rpartition("_")[2])
        if "--check" not in sys.argv:
            file.write_text(made, encoding="utf-8")
        elif made != file.read_text(encoding="utf-8"):
            sys.exit(f"{file.name} is behind the code: run scripts/gather_words.py")
        print(f"{file.name}: {made.count('unfinished')} without a translation")


if __name__ == "__main__":
    main()
