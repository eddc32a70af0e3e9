"""Mode facts: crowding, gaps and meetings by hand."""

import pytest

from jolly_parlor.acoustics.geometry.room import Point
from jolly_parlor.placement.items import seat
from jolly_parlor.placement.mode_facts import listed_modes, meetings, spacing_words
from jolly_parlor.project.document import Document
from rooms import sized


def test_the_list_ends_at_120_hz_or_the_schroeder_frequency(kiln: Document) -> None:
    found = listed_modes(kiln.room)
    assert found[0].frequency_hz == pytest.approx(343.2 / 2 / 5.64)
    assert found[-1].frequency_hz <= 120.0
    large = sized(kiln.room, width=12.0, length=20.0, height=6.0)
    assert listed_modes(large)[-1].frequency_hz < 100.0


def test_gaps_and_crowds_are_said_with_their_frequencies(kiln: Document) -> None:
    # 30.4 (length), 44.3 (width): nothing between; 5.64 m long and 3.87 m wide at 343.2 m/s.
    assert "No mode between 30 and 44 Hz: expect that range to be thin." in spacing_words(kiln.room)
    cube = sized(kiln.room, width=4.0, length=4.0, height=4.0)
    assert spacing_words(cube)[0].startswith("Modes crowd near 43, 61, 86, 96, 105 Hz")


def test_meetings_name_what_is_not_heard_and_not_driven(kiln: Document) -> None:
    a = kiln.arrangements[0].moved(seat("desk"), Point(1.935, 2.82, 1.2))
    met = {m.mode.order: m for m in meetings(kiln.room, a, "desk")}
    # At half the length: the first length mode's node. Symmetric monitors: no first width mode.
    assert met[0, 1, 0].seat == pytest.approx(0.0, abs=1e-9)
    assert met[0, 1, 0].words.startswith("not heard")
    assert met[1, 0, 0].monitors == pytest.approx(0.0, abs=1e-9)
    assert met[1, 0, 0].words == "not driven"
    assert met[0, 2, 0].seat == pytest.approx(1.0)
    assert met[0, 2, 0].words in ("full", "partly")
