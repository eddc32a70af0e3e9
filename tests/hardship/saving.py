"""Saves that are cut off, run out of room, or meet each other. Each runs in a process of its own,
forked from this one, so that a kill costs milliseconds.
"""

import os
import random
import resource
import signal
import time
from collections.abc import Callable
from dataclasses import replace
from pathlib import Path

from jolly_parlor.project.document import Document
from jolly_parlor.project.files import (
    ChangedBehind,
    FileRefused,
    open_document,
    open_project,
    save_document,
    save_project,
)

_NOBODY = 65534


def forked(work: Callable[[], object]) -> int:
    """A child that does it and ends; its process number."""
    child = os.fork()
    if child:
        return child
    code = 1
    try:
        work()
        code = 0
    finally:
        os._exit(code)  # no clean-up of the parent's: this is its copy


def ended(child: int) -> int:
    """Its exit code; negative: the signal that ended it."""
    return os.waitstatus_to_exitcode(os.waitpid(child, 0)[1])


def named(document: Document, number: int) -> Document:
    """The document with another name of the room, by which versions are told apart."""
    return replace(document, room=replace(document.room, name=f"Room {number}"))


def number_of(document: Document) -> int:
    """Of `named`."""
    return int(document.room.name.removeprefix("Room "))


def killed_while_saving(document: Document, folder: Path, kills: int, seed: int) -> list[str]:
    """Saves killed at any moment, so many; what went wrong. After each the file must open, and be
    no older than what a save had reported as done.
    """
    chance, wrong, last = random.Random(seed), [], 0
    path, done = folder / "room.parlor", folder / "done"
    save_document(named(document, 0), path)

    def save_on_and_on() -> None:
        project, number = open_project(path), last
        known, project = project.fingerprint, project.project
        log = os.open(done, os.O_CREAT | os.O_WRONLY | os.O_TRUNC)
        while True:
            number += 1
            project = project.after(named(project.document, number))
            known = save_project(project, path, known)
            os.pwrite(log, b"%12d" % number, 0)

    for kill in range(kills):
        done.unlink(missing_ok=True)
        child = forked(save_on_and_on)
        time.sleep(chance.uniform(0.0, 0.12))
        os.kill(child, signal.SIGKILL)
        if ended(child) != -signal.SIGKILL:
            wrong.append(f"kill {kill}: the saves had ended by themselves")
        told = int((done.exists() and done.read_bytes()) or last)
        try:
            found = number_of(open_document(path))
        except FileRefused as error:
            wrong.append(f"kill {kill}: lost: {error}")
            save_document(named(document, last), path.with_name("again.parlor"))
            os.replace(path.with_name("again.parlor"), path)
            continue
        if not told <= found <= told + 1:
            wrong.append(f"kill {kill}: {told} was saved and {found} is there")
        last = found
    return wrong


def with_little_room(document: Document, folder: Path, limit: int) -> int:
    """A save that may write so many bytes: the child's exit code, 0 where it was refused in words
    or done.
    """
    path = folder / "room.parlor"

    def save() -> None:
        signal.signal(signal.SIGXFSZ, signal.SIG_IGN)
        resource.setrlimit(resource.RLIMIT_FSIZE, (limit, limit))
        try:
            save_document(document, path)
        except FileRefused as error:
            assert "could not be saved" in str(error), error

    return ended(forked(save))


def where_nobody_may_write(document: Document, folder: Path) -> int:
    """A save by a user who may not write there: the child's exit code, 0 where it was refused."""

    def save() -> None:
        if os.getuid() == 0:
            os.setgid(_NOBODY)
            os.setuid(_NOBODY)
        try:
            save_document(document, folder / "room.parlor")
        except FileRefused as error:
            assert "could not be" in str(error) or "was not overwritten" in str(error), error
        else:
            raise AssertionError("it was saved")

    return ended(forked(save))


def two_at_once(document: Document, folder: Path, rounds: int) -> tuple[int, int]:
    """Two processes that each count up what they find and save it, as often as they can: how many
    saves were reported as done, and how far the count came. One that met the other tries again.
    """
    path = folder / "room.parlor"
    save_document(named(document, 0), path)

    def count_up(log: Path) -> None:
        done = 0
        while done < rounds:
            found = open_project(path)
            number = number_of(found.project.document) + 1
            after = found.project.after(named(found.project.document, number))
            try:
                save_project(after, path, found.fingerprint)
            except ChangedBehind:
                continue
            done += 1
        log.write_text(str(done))

    logs = [folder / f"log{n}" for n in (1, 2)]
    children = [forked(lambda log=log: count_up(log)) for log in logs]
    assert [ended(child) for child in children] == [0, 0]
    return sum(int(log.read_text()) for log in logs), number_of(open_document(path))
