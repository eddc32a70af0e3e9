"""Answers that take little, for the monkey: what it presses is the point, not what is found."""

from dataclasses import replace
from typing import Any

import pytest

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.fields.box_field import BoxRoomField
from jolly_parlor.acoustics.fields.field_of_room import box_field
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.app import jobs, search_run
from jolly_parlor.app.stations.takes import missing_card
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.search.search import Found, search
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.refused import Refused
from jolly_parlor.studio import listening_out
from jolly_parlor.studio.device import DeviceFailed
from quick_field import use_quick_fields
from short_pieces import use_short_pieces


def use_small_answers(patch: pytest.MonkeyPatch) -> None:
    """In every window. A fit to all takes, and looking for what is missing, take minutes, which a
    play by turns would wait for; `app/test_learning.py` does both.
    """
    use_quick_fields(patch)
    use_short_pieces(patch)
    patch.setattr(search_run, "search_apart", _search)
    patch.setattr(jobs, "learn", _no_fit)
    patch.setattr(missing_card, "missing_things", lambda *asked: [])
    patch.setattr(listening_out, "play_loops", _nothing_to_hear_with)


def _nothing_to_hear_with(*_: object) -> None:
    """Nobody who starts a campaign wants to hear what a monkey plays."""
    raise DeviceFailed("Nothing to listen with here.")


def _no_fit(*_: object) -> None:
    raise Refused("Nothing is fitted here.")


def _search(
    room: Room, gear: Gear, present: Arrangement | None, wishes: Wishes, **words: Any
) -> Found:
    few = {"furthest": max(wishes.nearest + 0.1, 1.2), "height_change": 0.0, "subwoofers": "stay"}
    words |= {"step": 0.2, "most": 1, "make_field": _real_box}
    return search(room, gear, present, replace(wishes, **few), **words)


def _real_box(room: Room, frequencies_hz: FloatArray) -> BoxRoomField:
    """With the fast paths that a search of the box needs."""
    return BoxRoomField(box_field(room, frequencies_hz))
