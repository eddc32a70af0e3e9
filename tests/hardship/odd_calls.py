"""Commands called oddly: with any files in any place, figures that cannot be, outputs onto inputs.

Whatever is asked, the answer is an exit code of 0, 1 or 2, at most one sentence of refusal, and
every document opens afterwards with all that it had.
"""

import os
import random
import re
import shutil
from pathlib import Path

import numpy as np

from jolly_parlor.project.files import open_project
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.signals.wav import wav_bytes
from places import EXAMPLES
from processes import ran_here

_NUMBERS = ("0", "-1", "3", "1e9", "nan", "inf", "x", "", "0.5", "40", "1e-12")
_NAMES = ("A third", "desk", "both", "left", "sub", "=1+1", "<b>", "no such thing", "", "\u202e")
_RIGHT = {
    "ARRANGEMENT": ("A third", "Thirty-eight"),
    "SEAT": ("desk", "sofa"),
    "SOURCE": ("both", "left", "sub", "both+sub"),
    "SCHOOL": ("third", "tight", "clear"),
}
_PLACES = (
    *("out.csv", "out.json", "out.wav", "out.pdf", "out.html", "out.parlor", "gone/out.csv"),
    *("room.parlor", "other.parlor", "hollow.parlor", "survey.json", "take.txt", "sweep.wav"),
    *("folder", "link", "/dev/null", "/dev/full", "-", ""),
)
_WHERE = ("--arrangement", "ARRANGEMENT")
_COMMANDS: tuple[tuple[str, ...], ...] = (
    ("new", "FILE", "PLACE"),
    ("propose", "FILE", "--school", "SCHOOL"),
    (
        "import",
        "FILE",
        "FILE",
        "--arrangement",
        "ARRANGEMENT",
        "--source",
        "SOURCE",
        "--seat",
        "SEAT",
    ),
    ("judge", "FILE", "--from", "NUMBER", "--to", "NUMBER"),
    ("judge", "FILE", "--target", "PLACE"),
    ("export", "FILE", "PLACE"),
    ("ledger", "FILE", "--csv", "PLACE", "--json", "PLACE"),
    ("ledger", "FILE", "--stand-up", "NUMBER"),
    ("note", "FILE", "NAME"),
    ("signal", "mono", "PLACE", "--seconds", "NUMBER"),
    ("signal", "band", "PLACE", "--low", "NUMBER", "--high", "NUMBER"),
    ("analyse", "FILE", "--seconds", "NUMBER", "--csv", "PLACE"),
    ("forecast", "FILE", "--arrangement", "ARRANGEMENT", "--csv", "PLACE"),
    ("forecast", "--case", "FILE", "--csv", "PLACE"),
    ("compare", "FILE", "--seat", "SEAT", "--source", "SOURCE", "--json"),
    ("report", "FILE", "PLACE", "--arrangement", "ARRANGEMENT"),
    ("subs", "FILE", "--arrangement", "ARRANGEMENT", "--json", "PLACE"),
    ("match", "FILE", "--json", "PLACE"),
    ("settings", "FILE", "--arrangement", "ARRANGEMENT"),
    ("reflections", "FILE", "--json", "PLACE"),
    (
        "equalise",
        "FILE",
        "--arrangement",
        "ARRANGEMENT",
        "--strength",
        "NUMBER",
        "--table",
        "PLACE",
    ),
    ("nonsense", "FILE"),
    ("hear", "FILE", "--arrangement", "ARRANGEMENT", "--piece", "PLACE"),
)


class Shelf:
    """A folder with files of every kind, and what the documents in it had."""

    def __init__(self, folder: Path) -> None:
        self.folder = folder
        for name, source in (
            ("room.parlor", "kiln-room.parlor"),
            ("other.parlor", "kiln-room.parlor"),
        ):
            shutil.copy(EXAMPLES / source, folder / name)
        shutil.copy(EXAMPLES / "kiln-room.json", folder / "survey.json")
        shutil.copy(next((EXAMPLES / "kiln-room-takes").glob("*.txt")), folder / "take.txt")
        (folder / "hollow.parlor").write_bytes((folder / "room.parlor").read_bytes()[:4000])
        played = Sweep(seconds=1.0).samples()
        heard = np.concatenate([np.zeros(200), 0.3 * played, np.zeros(48_000)])
        (folder / "sweep.wav").write_bytes(wav_bytes(heard, 48_000))
        (folder / "folder").mkdir()
        (folder / "link").symlink_to(folder / "other.parlor")
        os.mkfifo(folder / "pipe.wav")
        self._had = {name: self._takes(name) for name in ("room.parlor", "other.parlor")}
        self._hollow = (folder / "hollow.parlor").read_bytes()
        self._survey = (folder / "survey.json").read_bytes()

    def _takes(self, name: str) -> set[str]:
        document = open_project(self.folder / name).project.document
        return {take.info.id for take in document.takes}

    def lost(self) -> list[str]:
        """What is no longer there."""
        wrong = []
        for name, had in self._had.items():
            try:
                if not had <= self._takes(name):
                    wrong.append(f"{name} lost takes")
            except Exception as error:
                wrong.append(f"{name}: {error}")
        if (self.folder / "hollow.parlor").read_bytes() != self._hollow:
            wrong.append("the hollow document was overwritten")
        if (self.folder / "survey.json").read_bytes() != self._survey:
            wrong.append("the survey was overwritten")
        if not (self.folder / "link").is_symlink():
            wrong.append("the link was replaced")
        return wrong


def call_oddly(folder: Path, count: int, seed: int) -> tuple[int, list[str]]:
    """How many calls were refused, and what went wrong in so many."""
    chance, shelf = random.Random(seed), Shelf(folder)
    files = [*(path.name for path in folder.iterdir()), "gone.parlor", "/dev/null", ""]
    refused, wrong = 0, []

    def word(kind: str) -> str:
        if kind == "FILE":
            # Mostly a document: what is refused at its first word tries nothing else.
            name = chance.choice(("room.parlor", "room.parlor", "other.parlor", *files))
            return name if name.startswith("/") else str(folder / name)
        if kind == "PLACE":
            name = chance.choice((*_PLACES, *[f"new-{chance.random()}"] * 12))
            return name if name.startswith(("/", "-")) or not name else str(folder / name)
        if kind == "NUMBER":
            return chance.choice(_NUMBERS)
        if kind in _RIGHT and chance.random() < 0.8:
            return chance.choice(_RIGHT[kind])
        return chance.choice(_NAMES) if kind in ("NAME", *_RIGHT) else kind

    for number in range(count):
        words = [word(kind) for kind in chance.choice(_COMMANDS)]
        if chance.random() < 0.3:
            words.append("--force")
        if chance.random() < 0.1:
            words.insert(chance.randrange(len(words)), chance.choice(("--no-such", "--json", "--")))
        told = f"{seed}/{number}: {words}"
        try:
            done = ran_here(words)
        except BaseException as error:
            wrong.append(f"{told}: {error!r}")
            continue
        refused += done.returncode != 0
        if done.returncode not in (0, 1, 2):
            wrong.append(f"{told}: exit {done.returncode}: {done.stderr[-300:]}")
        elif done.returncode == 1 and not re.fullmatch(
            r"jolly-parlor: .+\n", done.stderr, re.DOTALL
        ):
            wrong.append(f"{told}: refused without a sentence: {done.stderr[-300:]!r}")
        if gone := shelf.lost():
            wrong.append(f"{told}: {gone}")
            return refused, wrong
    return refused, wrong
