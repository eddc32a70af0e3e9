"""Places on the floor where a subwoofer is usually tried, by name, as far as it can stand there."""

from dataclasses import dataclass
from itertools import product

import numpy as np

from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.search.subs import can_stand, standing_at
from jolly_parlor.placement.setup import Setup
from jolly_parlor.units import UnitSystem, format_length
from jolly_parlor.words import tr

_GAP, _SAME_METRES, _FROM_EAR = 0.05, 0.15, 0.5
_NAMES = {
    (0, 0): tr("front left corner"),
    (1, 0): tr("front wall, middle"),
    (2, 0): tr("front right corner"),
    (0, 1): tr("left wall, middle"),
    (2, 1): tr("right wall, middle"),
    (0, 2): tr("back left corner"),
    (1, 2): tr("back wall, middle"),
    (2, 2): tr("back right corner"),
}
HERE = tr("where it stands")


@dataclass(frozen=True)
class FloorPlace:
    """A named place of a subwoofer's middle."""

    name: str
    at: Point

    def tape(self, room: Room, units: UnitSystem) -> str:
        """Where that is, as a tape is held to the wall faced and the left of it."""
        left, front = self._off(room, units)
        return tr("{left} from the left, {front} from the front", left=left, front=front)

    def figures(self, room: Room, units: UnitSystem) -> str:
        """The two figures of `tape`."""
        return ", ".join(self._off(room, units))

    def _off(self, room: Room, units: UnitSystem) -> tuple[str, str]:
        frame = room.frame
        left = format_length(self.at.x - frame.left, units)
        return left, format_length(self.at.y - frame.front, units)


def floor_places(setup: Setup, sub: str) -> list[FloorPlace]:
    """Corners and middles of the four sides, 5 cm off the walls, and where it stands now; those
    blocked, on floor that must stay free or within half a metre of a head are left out.
    """
    room = setup.room
    model, frame = setup.gear.model_of(sub), room.frame
    half_x, half_y = model.width / 2 + _GAP, model.depth / 2 + _GAP
    xs = (frame.left + half_x, frame.middle, frame.left + frame.width - half_x)
    ys = (frame.front + half_y, (frame.front + frame.back) / 2, frame.back - half_y)
    here = setup.arrangement.places[sub]
    found = [FloorPlace(HERE, here)]
    for key in product(range(3), range(3)):
        if key not in _NAMES:
            continue
        at = standing_at(model, xs[key[0]], ys[key[1]])
        near = any(
            np.hypot(at.x - e.x, at.y - e.y) < _FROM_EAR for e in setup.arrangement.seats.values()
        )
        free = can_stand(room, model, np.array([[at.x, at.y]]))[0] and room.has_air_at(at)
        if free and not near and np.hypot(at.x - here.x, at.y - here.y) > _SAME_METRES:
            found.append(FloorPlace(_NAMES[key], at))
    return found
