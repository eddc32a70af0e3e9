"""What does not break, over long runs. CI runs the same with small counts (tests/hardship).

Run from the repository: `.venv/bin/python benchmarks/endurance.py [WHAT ...] [--seeds N]
[--count N] [--hours H]`, WHAT of `spoiled` (COUNT spoiled files of each kind), `kills` (COUNT kills
while saving), `cut` (a save cut off at each of its calls, with and without the power), `calls`
(COUNT odd calls of commands), `edits` (ten times COUNT edits in one session), `monkey` (2,000 steps
under each seed) and `use` (H hours of use in fast motion: what people do in a minute is done in a
second; the memory held after each tenth). All of them without WHAT. Prints what it found; asserts
nothing.
"""

import argparse
import os
import sys
import tempfile
import time
from pathlib import Path

import pytest

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
ROOT = Path(__file__).resolve().parents[1]
sys.path.insert(0, str(ROOT / "tests"))

KINDS = ("spoiled", "kills", "cut", "calls", "edits", "monkey", "use")
STEPS = 2000
"""Unless `--steps` says otherwise."""
held: list = []  # type: ignore[type-arg]
"""The application: it goes with the last who holds it."""
_PACE = 60
"""Minutes of use in a minute."""


def megabytes() -> float:
    """Resident."""
    pages = int(Path("/proc/self/statm").read_text().split()[1])
    return pages * os.sysconf("SC_PAGE_SIZE") / 1e6


def spoiled(count: int, seeds: int) -> None:
    """Errors by kind of file."""
    from hardship.mutated import spoil, subjects

    with tempfile.TemporaryDirectory() as folder:
        for name in subjects():
            refused, wrong = 0, []
            for seed in range(seeds):
                some, errors = spoil(name, count // seeds, seed, Path(folder))
                refused += some
                wrong += errors
            told = f"{count} read, {refused} refused, {len(wrong)} errors"
            print(f"spoiled {name}: {told}", flush=True)
            for line in wrong[:5]:
                print(f"  {line}")


def kills(count: int, seeds: int) -> None:
    """Documents lost."""
    from hardship.saving import killed_while_saving
    from jolly_parlor.project.files import read_survey

    document, wrong = read_survey(ROOT / "examples" / "kiln-room.json"), []
    for seed in range(seeds):
        with tempfile.TemporaryDirectory() as folder:
            wrong += killed_while_saving(document, Path(folder), count // seeds, seed)
    print(f"kills: {count // seeds * seeds}, {len(wrong)} documents lost", flush=True)
    for line in wrong[:5]:
        print(f"  {line}")


def cut() -> None:
    """Saves cut off."""
    from hardship.ailing import ailing_everywhere
    from hardship.cut_off import cut_off_everywhere
    from jolly_parlor.project.files import read_survey

    with tempfile.TemporaryDirectory() as folder:
        document = read_survey(ROOT / "examples" / "kiln-room.json")
        calls, wrong = cut_off_everywhere(document, Path(folder))
    with tempfile.TemporaryDirectory() as folder:
        failing, more = ailing_everywhere(document, Path(folder))
    wrong += more
    told = f"cut: at each of {calls} calls, three ways, and failing at each of {failing}, two ways"
    print(f"{told}, {len(wrong)} documents lost", flush=True)
    for line in wrong[:5]:
        print(f"  {line}")


def calls(count: int, seeds: int) -> None:
    """Odd calls of commands, with quick settings."""
    from answered_once import answer_once
    from hardship.odd_calls import call_oddly
    from quick_field import use_few_looks

    refused, wrong = 0, []
    for seed in range(seeds):
        with tempfile.TemporaryDirectory() as folder, pytest.MonkeyPatch.context() as patch:
            use_few_looks(patch)
            answer_once(patch)
            some, errors = call_oddly(Path(folder), count // seeds, seed)
        refused += some
        wrong += errors
    done = count // seeds * seeds
    print(f"calls: {done}, {refused} refused, {len(wrong)} errors", flush=True)
    for line in wrong[:10]:
        print(f"  {line}")


def edits(count: int) -> None:
    """Many edits in one session, saved and opened again."""
    from jolly_parlor.acoustics.geometry.plan import Point
    from jolly_parlor.project.edits import replace_arrangement
    from jolly_parlor.project.files import open_project, save_project
    from jolly_parlor.project.history import History

    history = History(open_project(ROOT / "examples" / "kiln-furnished.parlor").project)
    before, begun = megabytes(), time.monotonic()
    for number in range(count):
        document = history.document
        a = document.arrangements[number % len(document.arrangements)]
        by = 0.01 if number // len(document.arrangements) % 2 else -0.01
        moved = a.with_pair(Point(a.left.x, a.left.y + by, a.left.z), a.right)
        history.do("move", replace_arrangement(document, moved))
    with tempfile.TemporaryDirectory() as folder:
        path = Path(folder) / "room.parlor"
        save_project(history.project, path)
        again = open_project(path).project
        size = path.stat().st_size / 1e6
    same = again.document.arrangements == history.document.arrangements
    lost = len(history.ledger) - len(again.ledger) + (not same)
    took = time.monotonic() - begun
    told = f"{took:.0f} s, {megabytes() - before:.0f} MB more, a file of {size:.1f} MB"
    print(f"edits: {count}, {told}, {lost} documents lost", flush=True)


def monkey(seeds: int, steps: int, first: int = 0) -> None:
    """Errors and warnings under each seed, each in a window of its own. A seed plays the same:
    what is worked out is worked out by turns.
    """
    from hardship.by_turns import Turns
    from hardship.monkey import Monkey
    from hardship.small_answers import use_small_answers

    for seed in range(first, first + seeds):
        with (
            tempfile.TemporaryDirectory() as home,
            pytest.MonkeyPatch.context() as patch,
            Turns() as turns,
        ):
            use_small_answers(patch)
            window, told = opened(Path(home))
            begun = time.monotonic()
            errors = Monkey(window, turns, seed, Path(home) / "out").play(steps)
            errors += [text for text in told if "The program failed" in text]
            window.session.history.saved()
            window.close()
        took = time.monotonic() - begun
        print(f"monkey {seed}: {steps} steps in {took:.0f} s, {len(errors)} errors", flush=True)
        for line in errors[:40]:
            print(f"  {line}")


def use(hours: float) -> None:
    """Memory over hours of use; a minute of it takes a second."""
    from jolly_parlor.acoustics.geometry.plan import Point
    from jolly_parlor.app.walk import WALK
    from jolly_parlor.placement.items import LEFT, seat

    with tempfile.TemporaryDirectory() as home:
        window, told = opened(Path(home))
        settle(window)
        session, minutes = window.session, round(hours * _PACE)
        sizes = []
        for minute in range(minutes):
            window.go(list(WALK)[minute % len(WALK)])
            session.show_next(1)
            session.show_mix(("left", "both", "both+sub")[minute % 3])
            a = session.arrangement
            assert a is not None
            item = (LEFT, seat(session.seat))[minute % 2]
            at = a.position(item)
            for move in range(20):
                session.drag(item, Point(at.x + 0.004 * (move % 5), at.y + 0.003 * move, at.z))
                pump(0.005)
            session.drop()
            if minute % 3 == 0:
                window.undo()
            if minute % 10 == 0:
                window.save_to(Path(home) / "room.parlor")
            if minute % 15 == 7:
                window.toggle_theme()
            settle(window)
            if (minute + 1) % max(minutes // 10, 1) == 0:
                pump(0.2)
                session.resting.rest()
                pump(0.2)
                sizes.append(megabytes())
                print(f"use: {(minute + 1) / 60:4.1f} h, {sizes[-1]:.0f} MB", flush=True)
        grown = sizes[-1] / sizes[len(sizes) // 5] - 1
        failed = [text for text in told if "The program failed" in text]
        print(f"use: grown by {100 * grown:.1f} % from a fifth on, {len(failed)} failures")
        session.history.saved()
        window.close()


def opened(home: Path):  # type: ignore[no-untyped-def]
    """A window with the demo, and what it tells."""
    for name in ("XDG_STATE_HOME", "XDG_DATA_HOME", "XDG_CONFIG_HOME"):
        os.environ[name] = str(home / name)
    from jolly_parlor.app import theme
    from jolly_parlor.app.settings import SettingsStore
    from jolly_parlor.app.start import application
    from jolly_parlor.app.window import MainWindow
    from jolly_parlor.project.files import open_project

    held.append(application())
    theme.apply(held[0], theme.DAY)
    project = open_project(ROOT / "examples" / "kiln-room.parlor").project
    window = MainWindow(project, None, SettingsStore(home / "settings.json"), home / "unsaved")
    told: list[str] = []
    window.session.told.connect(told.append)
    window.show()
    return window, told


def pump(seconds: float) -> None:
    """Let the window live."""
    from PyQt6.QtCore import QEvent
    from PyQt6.QtWidgets import QApplication

    until = time.monotonic() + seconds
    while True:
        QApplication.processEvents()
        # As Qt's own loop does; without one, what is to be deleted later never is.
        QApplication.sendPostedEvents(None, QEvent.Type.DeferredDelete.value)
        if time.monotonic() >= until:
            return
        time.sleep(0.002)


def settle(window) -> None:  # type: ignore[no-untyped-def]
    """Until nothing is being worked out."""
    until = time.monotonic() + 60
    while window.session.calculating and time.monotonic() < until:
        pump(0.01)


def main() -> None:
    """Run what was asked for."""
    parser = argparse.ArgumentParser()
    parser.add_argument("what", nargs="*", metavar="WHAT", help=", ".join(KINDS))
    parser.add_argument("--seeds", type=int, default=3)
    parser.add_argument("--first", type=int, default=0, help="The first seed, of monkeys.")
    parser.add_argument("--count", type=int, default=1000)
    parser.add_argument("--steps", type=int, default=STEPS)
    parser.add_argument("--hours", type=float, default=8.0)
    asked = parser.parse_args()
    wanted = asked.what or KINDS
    if "spoiled" in wanted:
        spoiled(asked.count, asked.seeds)
    if "kills" in wanted:
        kills(asked.count, asked.seeds)
    if "cut" in wanted:
        cut()
    if "calls" in wanted:
        calls(asked.count, asked.seeds)
    if "edits" in wanted:
        edits(10 * asked.count)
    if "monkey" in wanted:
        monkey(asked.seeds, asked.steps, asked.first)
    if "use" in wanted:
        use(asked.hours)


if __name__ == "__main__":
    main()
