"""Whether what is placed can stand there: within the room, in nothing, two in no one place."""

from collections.abc import Mapping
from itertools import combinations

import numpy as np
from numpy.typing import NDArray

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.geometry.floor_space import blocked_between
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import DOOR_SWING, OUTSIDE, KeepOut
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import PAIR, Gear
from jolly_parlor.placement.setup import Setup
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr


def standing_problems(setup: Setup) -> list[tuple[str, str]]:
    """Of a room with corners or things in it: what would stand outside it or in something, and
    where. Cabinets of the pair are taken whole, anything else by its centre.
    """
    room, gear = setup.room, setup.gear
    found = []
    for side in PAIR:
        at, model = setup.arrangement.places[side], gear.monitor
        low = at.z - model.centre_height
        edges_ = monitor_footprint(gear, np.array(at.x), np.array(at.y))
        left, front, right, back = (float(edge) for edge in edges_)
        for area in blocked_between(room, low, low + model.height):
            beside = right <= area.x + 1e-6 or left >= area.x + area.width - 1e-6
            if not beside and back > area.y + 1e-6 and front < area.y + area.depth - 1e-6:
                found.append((tr("the {side} monitor", side=side), _where(area)))
                break
    for label, point, _ in _places(gear, setup.arrangement):
        if not room.has_air_at(point):
            thing = room.solid_at(point)
            what = tr("inside “{name}”", name=thing.name) if thing else OUTSIDE
            found.append((label[0].lower() + label[1:], what))
    return found


def _where(area: KeepOut) -> str:
    if area.name in (OUTSIDE, DOOR_SWING):
        return area.name if area.name == OUTSIDE else tr("in a {name}", name=area.name)
    return tr("in the way of “{name}”", name=area.name)


def monitor_footprint(
    gear: Gear, x: FloatArray, y: FloatArray
) -> tuple[FloatArray, FloatArray, FloatArray, FloatArray]:
    """Left, front, right and back edge on the plan of a cabinet whose acoustic centre is at x, y:
    the centre is in the middle of its face, the cabinet behind it. Toe-in is left out.
    """
    half = gear.monitor.width / 2
    return x - half, y - gear.monitor.depth, x + half, y


def clear_of_desk(gear: Gear, fronts: FloatArray, depth: float, height: float) -> NDArray[np.bool_]:
    """Whether monitors so far from the front wall, their ear `depth` behind them, stand over the
    desk or before it and not in it. The desk stands before the listener as `desk_before` puts it.
    """
    desk = gear.desk
    if desk is None or height - gear.monitor.centre_height >= desk.height - 1e-9:
        return np.ones(fronts.shape, dtype=bool)
    far = np.maximum(fronts + depth - 0.3 - desk.depth, 0.0)
    return np.asarray(fronts <= far + 1e-9)


def fit_problems(setup: Setup) -> list[str]:
    """What cannot stand as placed, each in a sentence; empty when all fits."""
    room, gear, arrangement = setup.room, setup.gear, setup.arrangement
    problems = []
    for label, point, is_seat in _places(gear, arrangement):
        if not room.contains(point):
            problems.append(tr("{label} is outside the room.", label=label))
        elif (thing := room.solid_at(point)) is not None:
            problems.append(tr("{label} is inside “{name}”.", label=label, name=thing.name))
        for area in room.kept_free:
            if area.contains(point) and not is_seat:
                problems.append(tr("{label} stands in {area}.", label=label, area=_area(area)))
    for listener in gear.seats:
        if listener.name not in arrangement.seats:
            problems.append(
                tr(
                    "The seat “{name}” has no place in “{name2}”.",
                    name=listener.name,
                    name2=arrangement.name,
                )
            )
    for speaker in gear.loudspeakers:
        if speaker.id not in arrangement.places:
            what = _label(gear, speaker.id)
            problems.append(
                tr("{what} has no place in “{name}”.", what=what, name=arrangement.name)
            )
    for side in PAIR:
        for name, ear in arrangement.seats.items():
            monitor = arrangement.places.get(side)
            if monitor is not None and monitor.distance(ear) < 0.3:
                problems.append(
                    tr(
                        "The {side} monitor is within 30 cm of the seat “{name}”.",
                        side=side,
                        name=name,
                    )
                )
    return problems + _stacked(gear, arrangement)


def _stacked(gear: Gear, arrangement: Arrangement) -> list[str]:
    """Subwoofers whose cabinets would fill the same space."""
    known = [sub.id for sub in gear.subwoofers if sub.id in arrangement.places]
    found = []
    for one, other in combinations(known, 2):
        sizes = [gear.model_of(name) for name in (one, other)]
        room = np.array([[m.width, m.depth, m.height] for m in sizes]).mean(axis=0)
        gap = np.abs(arrangement.places[one].array() - arrangement.places[other].array())
        if np.all(gap < room - 1e-6):
            found.append(
                tr(
                    "The subwoofers “{one}” and “{other}” stand in the same place.",
                    one=one,
                    other=other,
                )
            )
    return found


def must_stand(setup: Setup) -> None:
    """Raises Refused with the first problem of an arrangement that cannot stand as placed."""
    if problems := fit_problems(setup):
        raise Refused(
            tr(
                "“{name}” cannot stand: {problems}",
                name=setup.arrangement.name,
                problems=problems[0],
            )
        )


def _area(area: KeepOut) -> str:
    return (
        tr("a door's swing")
        if area.name == DOOR_SWING
        else tr("the keep-out area “{name}”", name=area.name)
    )


def _places(gear: Gear, arrangement: Arrangement) -> list[tuple[str, Point, bool]]:
    places = [(_label(gear, name), p, False) for name, p in arrangement.places.items()]
    return places + [(tr("The seat “{n}”", n=n), p, True) for n, p in arrangement.seats.items()]


def _label(gear: Gear, name: str) -> str:
    if name in PAIR:
        return tr("The {name} monitor", name=name)
    subs: Mapping[str, object] = {sub.id: sub for sub in gear.subwoofers}
    return (
        tr("The subwoofer “{name}”", name=name)
        if name in subs
        else tr("The loudspeaker “{name}”", name=name)
    )
