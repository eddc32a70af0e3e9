"""The guide: its figures worked out, its pictures scaled, its pages put into the program and docs/.

Run as `.venv/bin/python scripts/make_help.py [--check]` after `jolly-parlor screenshots
docs/screenshots`. Sources are docs/guide-source/*.md, with names in braces for what is worked out
here. With --check nothing is written: it says what is out of date, and fails where anything is.
"""

import argparse
import os
import re
import sys
from pathlib import Path

import numpy as np
from markdown_it import MarkdownIt

from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.analysis.measured import measured_deviation
from jolly_parlor.assets import HELP, LANGUAGES
from jolly_parlor.placement import cautions
from jolly_parlor.placement.evenness import DIP_WEIGHT, SMOOTHING_PER_OCTAVE, evenness, spread_db
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.mixes import BOTH
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import open_document
from jolly_parlor.words import read_catalogue

ROOT = Path(__file__).resolve().parents[1]
SOURCE, SITE = ROOT / "docs" / "guide-source", ROOT / "docs" / "guide"
SCREENSHOTS = ROOT / "docs" / "screenshots"
_WIDE = 780
_EXAMPLE = ((40, 72.0), (60, 78.0), (90, 66.0), (135, 74.0), (202, 75.0))
"""Hz and dB: invented, and simple enough to follow with a pencil."""
_CAUTIONS = (
    cautions.SWEEPS,
    cautions.LISTENING,
    cautions.LIFTING,
    cautions.LASER,
    cautions.CABLES,
    cautions.MOUNTING,
    cautions.EQUALISING,
)
_PAGE = """<!doctype html>
<html lang="{language}"><head><meta charset="utf-8"><title>{title} · Jolly Parlor</title>
<meta name="viewport" content="width=device-width, initial-scale=1">
<link rel="stylesheet" href="{up}guide.css"></head>
<body><nav><a href="index.html">{guide}</a> · <a href="{other}{name}">{otherwise}</a></nav>
{body}</body></html>
"""


def worked_example() -> dict[str, str]:
    """The table of five frequencies, by hand, and what the program says of them."""
    levels = np.array([level for _, level in _EXAMPLE])
    mean = float(levels.mean())
    rows, weights, squares = [], 0.0, 0.0
    for hertz, level in _EXAMPLE:
        d = level - mean
        weight = DIP_WEIGHT if d < 0 else 1.0
        weights, squares = weights + weight, squares + weight * d * d
        cells = (f"{hertz}", f"{level:.0f}", f"{d:+.1f}".replace("-", "−"), f"{weight:g}")
        rows.append(f"| {' | '.join(cells)} | {weight * d * d:.1f} |")
    return {
        "rows": "\n".join(rows),
        "mean": f"{mean:.1f}",
        "weights": f"{weights:g}",
        "squares": f"{squares:.1f}",
        "result": f"{(squares / weights) ** 0.5:.2f}",
        "checked": f"{float(spread_db(levels - mean)):.2f}",
    }


def demo_figures(document: Document) -> dict[str, str]:
    """What the tutorial and the page on Evenness say of the demo."""
    room, seat = document.room, document.gear.seats[0].name
    forecaster = Forecaster(room, document.gear)
    measured, forecasts = {}, {}
    for a in document.arrangements:
        case = forecaster.case(a, seat, BOTH)
        take = measured_deviation(document, case)
        assert take is not None, f"no take of {a.name}"
        measured[a.name] = evenness(take).value_db
        forecasts[a.name] = evenness(forecaster.deviation(case))
    best = min(measured, key=lambda name: measured[name])
    example = document.arrangements[1].name
    return {
        "best.name": best,
        "best.figure": f"{measured[best]:.1f}",
        "example.name": example,
        "example.deepest": f"{-forecasts[example].deepest_db:.0f}",
        "example.deepest_hz": f"{forecasts[example].deepest_hz:.0f}",
        "demo.names": _listed(list(measured)),
        "demo.figures": _listed([f"{value:.1f}" for value in measured.values()]),
        **_sizes(room),
    }


def pages() -> dict[str, str]:
    """Every page in Markdown, by file name, with its figures in; those in German under `de/`."""
    document = open_document(ROOT / "examples" / "kiln-room.parlor")
    figures = {
        **demo_figures(document),
        **{f"example.{key}": value for key, value in worked_example().items()},
        "smoothing": str(SMOOTHING_PER_OCTAVE),
        "dip_weight": f"{DIP_WEIGHT:g}",
    }
    german = read_catalogue(LANGUAGES / "jolly-parlor_de.ts")
    commas = {
        name: value if name.endswith("name") else re.sub(r"(\d)\.(\d)", r"\1,\2", value)
        for name, value in figures.items()
    }
    commas["demo.names"] = figures["demo.names"].replace(" and ", " und ")
    commas["demo.figures"] = commas["demo.figures"].replace(" and ", " und ")
    return {
        **_filled(SOURCE, figures, {}),
        **{f"de/{name}": text for name, text in _filled(SOURCE / "de", commas, german).items()},
    }


def _filled(folder: Path, figures: dict[str, str], spoken: dict[str, str]) -> dict[str, str]:
    told = [spoken.get(text, text) for text in _CAUTIONS]
    words = {
        **figures,
        "caution.sweeps": told[0],
        "cautions": "\n".join(f"- {text}" for text in told),
    }

    def value(found: re.Match[str]) -> str:
        if found[1] not in words:
            raise SystemExit(f"No figure is called {found[1]}.")
        return words[found[1]]

    return {
        path.name: re.sub(r"\{([a-z_.]+)\}", value, path.read_text("utf-8"))
        for path in sorted(folder.glob("*.md"))
    }


def site(markdown: dict[str, str]) -> dict[str, str]:
    """The same pages for a browser."""
    made = {}
    for name, text in markdown.items():
        german = name.startswith("de/")
        up = "../" if german else ""
        linked = re.sub(r"\]\(([a-z-]+)\.md\)", r"](\1.html)", text)
        linked = linked.replace("](pictures/", f"]({up}../screenshots/")
        body = MarkdownIt("commonmark").enable("table").render(linked)
        page = name.replace(".md", ".html")
        made[page] = _PAGE.format(
            title=text.partition("\n")[0].removeprefix("# "),
            body=body,
            language="de" if german else "en",
            up=up,
            guide="Der Leitfaden" if german else "The guide",
            other="../" if german else "de/",
            otherwise="English" if german else "Deutsch",
            name=page.removeprefix("de/"),
        )
    return made


def pictures(markdown: dict[str, str]) -> list[str]:
    """Which of the screenshots the pages show."""
    found = re.findall(r"\]\(pictures/([a-z-]+\.png)\)", "".join(markdown.values()))
    return sorted(set(found))


def out_of_date() -> list[str]:
    """What a fresh build would change, in words; pictures by their size alone."""
    from PyQt6.QtGui import QImage

    markdown = pages()
    wrong = []
    for folder, made in ((HELP, markdown), (SITE, site(markdown))):
        for name, text in made.items():
            path = folder / name
            if not path.is_file() or path.read_text("utf-8") != text:
                wrong.append(f"{path.relative_to(ROOT)} is out of date")
        suffix = ".md" if folder == HELP else ".html"
        there = {path.relative_to(folder).as_posix() for path in folder.rglob(f"*{suffix}")}
        left = there - set(made)
        wrong += [f"{name} is of no page" for name in sorted(left)]
    for name in pictures(markdown):
        image = QImage(str(HELP / "pictures" / name))
        if image.width() != _WIDE or not (SCREENSHOTS / name).is_file():
            wrong.append(f"the picture {name} is not there")
    return wrong


def write() -> None:
    """Put all of it in its place."""
    from PyQt6.QtCore import Qt
    from PyQt6.QtGui import QImage

    markdown = pages()
    for folder, made in ((HELP, markdown), (SITE, site(markdown))):
        folder.mkdir(parents=True, exist_ok=True)
        for name, text in made.items():
            (folder / name).parent.mkdir(parents=True, exist_ok=True)
            (folder / name).write_text(text, "utf-8")
    (HELP / "pictures").mkdir(exist_ok=True)
    for name in pictures(markdown):
        image = QImage(str(SCREENSHOTS / name))
        if image.isNull():
            raise SystemExit(f"{SCREENSHOTS / name} is not there; make the screenshots first.")
        smooth = Qt.TransformationMode.SmoothTransformation
        scaled = image.scaledToWidth(_WIDE, smooth).convertToFormat(QImage.Format.Format_RGB888)
        scaled.save(str(HELP / "pictures" / name), "PNG", 0)


def _sizes(room: Room) -> dict[str, str]:
    sizes = {"length": room.length, "width": room.width, "height": room.height}
    return {f"room.{name}": f"{metres:.2f}" for name, metres in sizes.items()}


def _listed(words: list[str]) -> str:
    return f"{', '.join(words[:-1])} and {words[-1]}"


def main() -> None:
    """Write, or look."""
    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    parser = argparse.ArgumentParser()
    parser.add_argument("--check", action="store_true")
    if not parser.parse_args().check:
        write()
        return
    if wrong := out_of_date():
        sys.exit("\n".join([*wrong, "Run scripts/make_help.py."]))


if __name__ == "__main__":
    main()
