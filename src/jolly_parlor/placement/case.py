"""What a figure is of; `document.case(arrangement, seat, mix)` gives one."""

from dataclasses import dataclass, replace

from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.judging import Judged
from jolly_parlor.placement.mixes import Mix, judged_band
from jolly_parlor.placement.setup import Setup


@dataclass(frozen=True)
class Case:
    """A set-up, heard at a seat, with a mix playing."""

    setup: Setup
    seat: str
    mix: Mix

    @property
    def room(self) -> Room:
        """As surveyed or as fitted."""
        return self.setup.room

    @property
    def gear(self) -> Gear:
        """What stands in it, and how it is judged."""
        return self.setup.gear

    @property
    def arrangement(self) -> Arrangement:
        """Where all of it stands."""
        return self.setup.arrangement

    @property
    def ear(self) -> Point:
        return self.arrangement.seats[self.seat]

    @property
    def playing(self) -> dict[str, Point]:
        """Where each loudspeaker of the mix stands, by id."""
        return {name: self.arrangement.places[name] for name in self.mix.loudspeakers}

    def judged(self, takes: bool = False) -> Judged:
        """Over which band and against what."""
        return judged_band(self.gear, self.mix, takes)

    def having(self, arrangement: Arrangement) -> "Case":
        """The same of another arrangement."""
        return replace(self, setup=self.setup.having(arrangement))
