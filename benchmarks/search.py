"""How long the search takes, how much memory, and what its quick pass misses.

Run from the repository: `.venv/bin/python benchmarks/search.py`. Prints a table; asserts nothing.
The same responses are timed from a general-purpose image-source library for comparison.
"""

import resource
import time
from dataclasses import replace

import numpy as np
import pyroomacoustics

from jolly_parlor.acoustics.geometry.changed_room import resized
from jolly_parlor.placement.search.coarse_pass import weigh
from jolly_parlor.placement.search.refinement import Refinement
from jolly_parlor.placement.search.search import search
from jolly_parlor.placement.search.space import HEAD_SHIFT, Space
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.project.blank import blank_document
from jolly_parlor.project.document import Document

TEN_MILLION = 10_000_000


def rooms() -> list[Document]:
    """The blank room and two of other proportions."""
    base = blank_document()
    sizes = ((3.5, 4.8, 2.5), (3.87, 5.64, 2.52), (4.4, 6.8, 2.7))
    return [replace(base, room=resized(base.room, w, length, h)) for w, length, h in sizes]


def weighing(document: Document) -> None:
    """The quick pass over ten million arrangements, by the coarsest step that holds them."""
    for parts in range(8, 80):
        space = Space.of(document.room, document.gear, Wishes(), HEAD_SHIFT / parts)
        if space.count >= TEN_MILLION:
            break
    begun = time.perf_counter()
    weighed = weigh([space])
    seconds = time.perf_counter() - begun
    peak = resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1e6
    rate = weighed.evaluated / seconds
    heard = 6  # points of the head, as many microphones for the library
    print(
        f"weighed {weighed.evaluated:>11,} at {space.step * 100:.2f} cm in {seconds:5.1f} s, "
        f"ten million in {TEN_MILLION / rate:.1f} s, peak {peak:.2f} GB; image sources would take "
        f"{rate * library_seconds(document, heard):,.0f} times as long"
    )


def library_seconds(document: Document, heard: int) -> float:
    """Seconds for one arrangement's responses from a general-purpose image-source library."""
    _responses(document, heard)  # the first call warms up
    begun = time.perf_counter()
    _responses(document, heard)
    return time.perf_counter() - begun


def _responses(document: Document, heard: int) -> None:
    room = document.room
    shoebox = pyroomacoustics.ShoeBox(
        list(room.dimensions), fs=2000, max_order=20, materials=pyroomacoustics.Material(0.1)
    )
    shoebox.add_source([1.0, 0.8, 1.2])
    shoebox.add_source([2.2, 0.8, 1.2])
    for point in range(heard):
        shoebox.add_microphone([room.width / 2, 1.8 + 0.05 * point, 1.2])
    shoebox.compute_rir()


def missed(document: Document) -> None:
    """On a coarse grid everything is judged closely: is what the quick pass keeps the best?"""
    wishes = replace(Wishes(), height_change=0.0)
    space = Space.of(document.room, document.gear, wishes, HEAD_SHIFT / 2)
    everything = weigh([space], keep=1_000_000)
    look = Refinement(document.room, document.gear, wishes)
    figures = look.figures(everything.places)
    best_first = np.argsort(figures)
    rank = int(best_first[0])
    kept = max(figures.size // 100, 1)
    among = np.mean(best_first[:kept] < 2 * kept)
    loss = figures[:kept].min() - figures.min()
    print(
        f"  of {figures.size:,} judged closely the best stood at place {rank + 1} of the quick "
        f"pass; of the best hundredth {100 * (1 - among):.0f} % stood beyond its first fiftieth; "
        f"keeping only its first hundredth loses {loss:.2f} dB"
    )


def main() -> None:
    """All rooms."""
    first = rooms()[0]
    weigh([Space.of(first.room, first.gear, Wishes(), 0.15)])  # compiles the inner loop
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
