"""The room's modes as facts of a survey: where they crowd or leave gaps, who meets them."""

from dataclasses import dataclass
from itertools import pairwise

from jolly_parlor.acoustics.fields.rigid_modes import Mode
from jolly_parlor.acoustics.fields.standing_waves import room_modes
from jolly_parlor.acoustics.geometry.room import Point, Room
from jolly_parlor.acoustics.geometry.room_admittance import schroeder_hz
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.words import tr

_CROWD = 1.03
_GAP = 1.30
_LISTED_UP_TO_HZ = 120.0
"""Above it modes lie so close that single ones seldom stand out; common practice, no source."""


@dataclass(frozen=True)
class Meeting:
    """One mode, and how strongly the seat hears and the monitors together drive it, 0 to 1."""

    mode: Mode
    seat: float
    monitors: float

    @property
    def words(self) -> str:
        """What follows for the ear, in words."""
        if self.monitors < 0.25:
            return tr("not driven")
        if self.seat < 0.25:
            return tr("not heard: the seat is in its quiet zone")
        return "full" if self.seat * self.monitors > 0.5 else "partly"


def listed_modes(room: Room) -> tuple[Mode, ...]:
    """Modes up to 120 Hz or the Schroeder frequency, whichever is lower."""
    top = min(_LISTED_UP_TO_HZ, schroeder_hz(room))
    return room_modes(room, top)


def meetings(room: Room, arrangement: Arrangement, seat: str) -> list[Meeting]:
    """How an arrangement meets each listed mode; both monitors play the same."""
    ear: Point = arrangement.seats[seat]
    found = []
    for mode in listed_modes(room):
        driven = (mode.shape(arrangement.left) + mode.shape(arrangement.right)) / 2
        found.append(Meeting(mode, abs(mode.shape(ear)), abs(driven)))
    return found


def spacing_words(room: Room) -> list[str]:
    """Where the listed modes crowd within 3 % and where a third of an octave or more holds none."""
    frequencies = [mode.frequency_hz for mode in listed_modes(room)]
    found = []
    pairs = list(pairwise(frequencies))
    crowds = [(a, b) for a, b in pairs if b / a < _CROWD]
    if crowds:
        places = ", ".join(dict.fromkeys(f"{(a + b) / 2:.0f}" for a, b in crowds))
        found.append(tr("Modes crowd near {places} Hz: expect peaks there.", places=places))
    gaps = [(a, b) for a, b in pairs if b / a > _GAP]
    for a, b in gaps:
        found.append(
            tr("No mode between {a:.0f} and {b:.0f} Hz: expect that range to be thin.", a=a, b=b)
        )
    return found or [tr("The modes are spread evenly.")]
