"""How long the search takes, how much memory, and what its quick pass misses.

Run from the repository: `.venv/bin/python benchmarks/search.py`. Prints a table; asserts nothing.
The same responses are timed from a general-purpose image-source library for comparison.
"""

import resource
import time
from dataclasses import replace

import numpy as np
import pyroomacoustics

from jolly_parlor.placement.search.closely import CloseLook
from jolly_parlor.placement.search.search import search
from jolly_parlor.placement.search.space import Limits, Space
from jolly_parlor.placement.search.weighing import weigh
from jolly_parlor.project.blank import blank_document
from jolly_parlor.project.document import Document

TEN_MILLION = 10_000_000


def rooms() -> list[Document]:
    """The blank room and two of other proportions."""
    base = blank_document()
    sizes = ((3.5, 4.8, 2.5), (3.87, 5.64, 2.52), (4.4, 6.8, 2.7))
    return [
        replace(base, room=replace(base.room, width=w, length=length, height=h))
        for w, length, h in sizes
    ]


def weighing(document: Document) -> None:
    """The quick pass over ten million arrangements, by the coarsest step that holds them."""
    steps = np.arange(0.020, 0.004, -0.0005)
    space = Space.of(document.room, document.gear, Limits(), float(steps[0]))
    for step in steps:
        space = Space.of(document.room, document.gear, Limits(), float(step))
        if space.count >= TEN_MILLION:
            break
    begun = time.perf_counter()
    weighed = weigh(space)
    seconds = time.perf_counter() - begun
    peak = resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1e6
    rate = weighed.evaluated / seconds
    print(
        f"weighed {weighed.evaluated:>11,} at {space.step * 100:.2f} cm in {seconds:5.1f} s, "
        f"{rate / 1e6:.2f} million a second, peak {peak:.2f} GB; "
        f"image sources would take {rate * library_seconds(document):,.0f} times as long"
    )


def library_seconds(document: Document) -> float:
    """Seconds for one arrangement's two responses from a general-purpose image-source library."""
    room = document.room
    begun = time.perf_counter()
    shoebox = pyroomacoustics.ShoeBox(
        list(room.dimensions), fs=2000, max_order=20, materials=pyroomacoustics.Material(0.1)
    )
    shoebox.add_source([1.0, 0.8, 1.2])
    shoebox.add_source([2.2, 0.8, 1.2])
    shoebox.add_microphone([room.width / 2, 1.9, 1.2])
    shoebox.compute_rir()
    return time.perf_counter() - begun


def missed(document: Document) -> None:
    """On a coarse grid everything is judged closely: is what the quick pass keeps the best?"""
    space = Space.of(document.room, document.gear, Limits(), 0.2)
    everything = weigh(space, keep=1_000_000)
    look = CloseLook(document.room, document.gear, Limits())
    figures = np.array([look.figure_at(place, None) for place in everything.places])
    rank = int(np.argmin(figures))
    loss = figures[:24].min() - figures.min()
    print(
        f"  of {figures.size} arrangements judged closely the best stood at rank {rank + 1} of the "
        f"quick pass; the first 24 of it lose {loss:.2f} dB"
    )


def main() -> None:
    """All rooms."""
    for document in rooms():
        print(" × ".join(f"{d:.2f}" for d in document.room.dimensions), "m")
        weighing(document)
        missed(document)
        begun = time.perf_counter()
        found = search(document.room, document.gear)
        print(
            f"  whole search at 2.5 cm: {found.evaluated:,} weighed, best "
            f"{found.proposals[0].figure_db:.2f} dB, {time.perf_counter() - begun:.1f} s"
        )


if __name__ == "__main__":
    main()
