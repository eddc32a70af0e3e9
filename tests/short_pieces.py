"""The pieces made here, cut to a few seconds: what is done with them is what it is with all of
them, at a fraction of the time.
"""

from functools import lru_cache

import pytest

from jolly_parlor.app import hearing_jobs
from jolly_parlor.audition.piece_heard import piece_loop
from jolly_parlor.signals.looping import Loop, as_loop

SECONDS = 4


@lru_cache(maxsize=8)
def short_piece(name: str) -> Loop:
    """In place of `piece_loop`."""
    whole = piece_loop(name)
    return as_loop(whole.samples[: SECONDS * whole.sample_rate], whole.sample_rate)


def use_short_pieces(patch: pytest.MonkeyPatch) -> None:
    """In every window."""
    patch.setattr(hearing_jobs, "piece_loop", short_piece)
