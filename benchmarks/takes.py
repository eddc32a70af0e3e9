"""How long a sweep takes to become a response, and how a document with 300 takes behaves.

Run from the repository: `.venv/bin/python benchmarks/takes.py`. Prints seconds and megabytes;
asserts nothing.
"""

import resource
import tempfile
import time
from dataclasses import replace
from pathlib import Path

import numpy as np

from jolly_parlor.app.samples import DEMO
from jolly_parlor.project.files import open_document, save_project
from jolly_parlor.project.history import Project
from jolly_parlor.project.staging import stage_of
from jolly_parlor.project.take_edits import add_measured
from jolly_parlor.signals.importing import TAKE_HZ
from jolly_parlor.signals.impulse import deconvolved, linear_part
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.studio.one_take import Settings, measure
from jolly_parlor.studio.simulated import SimulatedStudio

COUNT = 300


def sweep_to_response() -> None:
    """A five-second sweep at 48 kHz with its second of silence."""
    sweep = Sweep(seconds=5.0)
    heard = np.concatenate([np.zeros(480), sweep.samples(), np.zeros(48000)])
    times = []
    for _ in range(7):
        begun = time.perf_counter()
        linear_part(deconvolved(heard, sweep), sweep).response(TAKE_HZ)
        times.append(time.perf_counter() - begun)
    print(f"five-second sweep to response: {np.median(times):.2f} s (aim 0.3)")


def many_takes() -> None:
    """Open and save."""
    document = open_document(DEMO)
    a = document.arrangements[0]
    studio, settings = SimulatedStudio(document.room), Settings(Sweep(seconds=1.0), 1)
    found = measure(studio, settings, "left", stage_of(document, a, "desk"))
    document = add_measured(document, found, studio, settings, "", a.name, "left", "desk")
    one = document.takes[-1]
    takes = tuple(
        replace(
            one,
            info=replace(one.info, id=f"take-{number:04d}"),
            response=replace(one.response, level_db=one.response.level_db + number / 1000),
        )
        for number in range(1, COUNT + 1)
    )
    with tempfile.TemporaryDirectory() as scratch:
        path = Path(scratch) / "many.parlor"
        project = Project(replace(document, takes=takes))
        begun = time.perf_counter()
        known = save_project(project, path)
        first = time.perf_counter()
        save_project(project, path, known)
        saved = time.perf_counter()
        again = open_document(path)
        opened = time.perf_counter()
    peak = resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1024
    print(
        f"{len(again.takes)} takes: saved in {first - begun:.2f} s, again in "
        f"{saved - first:.2f} s, opened in {opened - saved:.2f} s (aim 2 each); "
        f"at most {peak:.0f} MB in memory (aim 1000)"
    )


if __name__ == "__main__":
    sweep_to_response()
    many_takes()
