"""The refinement: places of the grid as arrangements, refined and nudged with the model of record.

A place is (front, depth, side, height, off): monitors from the front wall, monitors to ear along
the room, spacing, monitor height, and how far right of the middle of the wall faced it stands.
"""

from collections.abc import Callable, Sequence
from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.fields.field_of_room import RoomField, needs_working_out, room_field
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.arrangement import Arrangement, desk_before
from jolly_parlor.placement.evenness import GRID_HZ
from jolly_parlor.placement.first_placing import starting_chains, starting_places
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.items import seat as seat_item
from jolly_parlor.placement.radiating import without_plates
from jolly_parlor.placement.school_rules import back_to_wall_distance
from jolly_parlor.placement.search.limits import (
    SLACK,
    monitors_may_stand,
    seat_may_stand,
    spacings_may_be,
    standing_now,
)
from jolly_parlor.placement.search.objective import UNFIT, Judge
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.standing import clear_of_desk
from jolly_parlor.words import tr

FieldMaker = Callable[[Room, FloatArray], RoomField]
"""Makes the field of a room on a frequency grid."""
_FIRST_STEP, _LAST_STEP = 0.02, 0.005
_MOST_ROUNDS = 16
_DESK_STEPS = (0.10, 0.10)
"""In a room whose field is worked out each desk takes a third of a second: trials share some, so
many metres apart.
"""


class Refinement:
    """Judges and refines places of one room."""

    def __init__(
        self,
        room: Room,
        gear: Gear,
        wishes: Wishes,
        present: Arrangement | None = None,
        make_field: FieldMaker = room_field,
    ) -> None:
        self.room, self.gear, self.wishes, self.present = room, gear, wishes, present
        self.make_field = make_field
        self.forecaster = Forecaster(room, gear, make_field(room, GRID_HZ))
        self.chains = starting_chains(gear, present.chains if present else None)
        self.judge = Judge(self.forecaster.coarse(), wishes)
        self._quick = self._bare = self.judge
        if needs_working_out(room):
            coarse = self.forecaster.coarse()
            self._quick = Judge(coarse, wishes, _DESK_STEPS)
            self._bare = Judge(Forecaster(room, without_plates(gear), coarse.field), wishes)
        self.seat = gear.seats[0].name

    def arrangement(self, place: FloatArray) -> Arrangement:
        """The arrangement at a place, to the half centimetre; other seats and subs as at present.

        Without a present arrangement other seats stand behind the main one and all else where its
        role has it begin.
        """
        front, depth, side, height, off = (round(float(value) * 200) / 200 for value in place)
        base, frame = self.present, self.room.frame
        middle, y = frame.middle + off, frame.front + front
        own = Point(middle, y + depth, self.gear.seats[0].ear_height)
        seats = {self.seat: own}
        for seat in self.gear.seats[1:]:
            there = Point(middle, min(own.y + 1.0, frame.back - 0.4), seat.ear_height)
            seats[seat.name] = base.seats[seat.name] if base else there
        left = Point(middle - side / 2, y, height)
        right = Point(middle + side / 2, y, height)
        if base is None:
            beside = starting_places(self.room, self.gear, left, right, own)
        else:
            beside = {one.id: base.places[one.id] for one in self.gear.beside_the_pair}
        return Arrangement(
            name=tr("Found"),
            places={"left": left, "right": right} | beside,
            seats=seats,
            chains=self.chains,
            desk=desk_before(own, self.gear.desk, frame.front) if self.gear.desk else None,
            school="search",
            rule=tr("Found by weighing every arrangement of the room."),
        )

    def figures(self, places: FloatArray) -> FloatArray:
        """J of the monitors at each place; UNFIT beyond the limits."""
        return self._figures(self._quick, places)

    def reaches(self, arrangements: Sequence[Arrangement]) -> FloatArray:
        """Bass reach of both monitors at the main ear, Hz, for each."""
        return self._quick.reaches(arrangements)

    def _figures(self, judge: Judge, places: FloatArray) -> FloatArray:
        values = np.full(len(places), UNFIT)
        within = np.flatnonzero(self._within(places))
        values[within] = judge.figures([self.arrangement(places[i]) for i in within])
        return values

    def own_figure(self) -> float | None:
        """J of the present arrangement with all that plays; None where it cannot stand."""
        if self.present is None:
            return None
        value = self.judge.figures([self.present], played=True)[0]
        return float(value) if value < UNFIT else None

    def refined(self, places: FloatArray) -> tuple[FloatArray, FloatArray]:
        """Better places nearby, and their J: steps along each variable that shrink from 2 cm to
        5 mm, downhill only. All places go on together, so that the model works in bulk.
        """
        best, values = places.copy(), self.figures(places)
        steps = np.full(len(places), _FIRST_STEP)
        axes = (0, 1, 2, 3) if self.wishes.middle_line else (0, 1, 2, 3, 4)
        for _ in range(_MOST_ROUNDS):
            busy = np.flatnonzero(steps >= _LAST_STEP)
            if busy.size == 0:
                break
            trials = np.repeat(best[busy], 2 * len(axes), axis=0)
            for number, (axis, sign) in enumerate((a, s) for a in axes for s in (-1, 1)):
                trials[number :: 2 * len(axes), axis] += sign * steps[busy]
            found = self.figures(trials).reshape(busy.size, -1)
            choice = np.argmin(found, axis=1)
            for row, index in enumerate(busy):
                if found[row, choice[row]] < values[index] - 1e-6:
                    best[index] = trials[row * 2 * len(axes) + choice[row]]
                    values[index] = found[row, choice[row]]
                else:
                    steps[index] /= 2
        return best, values

    def off_by(self, arrangements: Sequence[Arrangement], metres: float) -> FloatArray:
        """How much J of each grows at worst when the monitors stand that much nearer or farther,
        closer together or wider, or the head that much further forward or back; dB.
        """
        own = self.judge.figures(arrangements, played=True)
        nudged = [n for a in arrangements for n in self._nudges(a, metres)]
        each = len(nudged) // max(len(arrangements), 1)
        values = self.judge.figures(nudged, played=True).reshape(-1, each)
        values = np.where(values >= UNFIT, -np.inf, values)  # cannot be misplaced into a wall
        return np.asarray(np.maximum(values.max(axis=1) - own, 0.0))

    def absorption_off(self, arrangements: Sequence[Arrangement]) -> FloatArray:
        """How much J of each changes at most when the absorption guess is wrong by half, in dB; in
        a room whose field is worked out, of the room without its desk.
        """
        judge = self._bare
        field, own = judge.forecaster.field, judge.figures(arrangements, played=True)
        worst = np.zeros(len(arrangements))
        for factor in (0.5, 1.5):
            wrong = Forecaster(self.room, judge.gear, field.scaled(factor))
            other = Judge(wrong, self.wishes)
            change = other.figures(arrangements, played=True) - own
            worst = np.where(np.abs(change) > np.abs(worst), change, worst)
        return worst

    def leaving_the_middle(self, place: FloatArray) -> tuple[float, float]:
        """How far off the middle line the triangle would stand best, and J's gain there in dB.

        What symmetry costs, looked at by 5 cm up to 60 cm either way; in a room whose field is
        worked out, without its desk.
        """
        offsets = np.concatenate([np.arange(-12, 0), np.arange(1, 13)]) * 0.05
        trials = np.repeat(place[None, :], offsets.size + 1, axis=0)
        trials[1:, 4] += offsets
        values = self._figures(self._bare, trials)
        best = int(np.argmin(values))
        return float(trials[best, 4] - place[4]), float(values[0] - values[best])

    def _nudges(self, a: Arrangement, by: float) -> list[Arrangement]:
        def monitors(dx: float, dy: float) -> Arrangement:
            left = replace(a.left, x=a.left.x - dx, y=a.left.y + dy)
            return a.with_pair(left, replace(a.right, x=a.right.x + dx, y=a.right.y + dy))

        ear = a.seats[self.seat]
        heads = [a.moved(seat_item(self.seat), replace(ear, y=ear.y + s * by)) for s in (-1, 1)]
        apart = [monitors(s * by, 0) for s in (-1, 1)]
        return [*apart, *(monitors(0, s * by) for s in (-1, 1)), *heads]

    def _within(self, places: FloatArray) -> NDArray[np.bool_]:
        """Which places keep the limits, a centimetre's rounding aside."""
        front, depth, side, height, off = places.T
        wishes = self.wishes
        ear = self.gear.seats[0].ear_height
        away = np.hypot(depth, side / 2)
        gap = self.room.frame.width / 2 - np.abs(off) - side / 2 - self.gear.monitor.width / 2
        keep = np.abs(side / away - 1) <= wishes.equilateral_tolerance + SLACK
        keep &= (away >= wishes.nearest - SLACK) & (away <= wishes.furthest + SLACK)
        keep &= front >= back_to_wall_distance(self.gear) + wishes.front_gap - 1e-6
        keep &= front + depth <= self.room.frame.depth - wishes.behind_head + SLACK
        keep &= gap >= wishes.side_gap - 1e-6
        keep &= np.abs(height - ear) <= wishes.height_change + 1e-6
        frame, here = self.room.frame, standing_now(self.present, self.seat, self.room.frame)
        keep &= monitors_may_stand(wishes, self.gear, frame, front, here)
        keep &= seat_may_stand(wishes, self.gear, frame, front + depth, here)
        keep &= spacings_may_be(wishes, side, here)
        desk = [
            bool(clear_of_desk(self.gear, np.array([f]), float(d), float(h))[0])
            for f, d, h in zip(front, depth, height, strict=True)
        ]
        return np.asarray(keep & np.array(desk, dtype=bool))
