"""A set-up: what stands how in which room."""

from dataclasses import dataclass

from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import Gear


@dataclass(frozen=True)
class Setup:
    """An arrangement with the room it stands in, as surveyed or as fitted, and its gear."""

    room: Room
    gear: Gear
    arrangement: Arrangement

    def having(self, arrangement: Arrangement) -> "Setup":
        """The same room and gear with another arrangement."""
        return Setup(self.room, self.gear, arrangement)
