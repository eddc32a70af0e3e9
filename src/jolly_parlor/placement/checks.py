"""Geometry checks: what a tape would tell, each with its tolerance, as a sentence.

Tolerances are common practice, no source, unless named.
"""

from collections.abc import Iterator
from dataclasses import dataclass, replace

import numpy as np

from jolly_parlor.acoustics.bands import log_grid
from jolly_parlor.acoustics.geometry.plan import WallSide
from jolly_parlor.acoustics.geometry.room import Opening, Point, Room
from jolly_parlor.acoustics.power import radiated_power_db
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import PAIR, Gear
from jolly_parlor.placement.setup import Setup
from jolly_parlor.words import capital, spoken, tr

_SET_UP_METRES = 0.02
_WIDE, _NARROW = 1.10, 0.90
_COINCIDE = 0.10
_HALF = 0.04
_BEHIND_HEAD_METRES = 0.4
_NEAREST_METRES, _FURTHEST_METRES = 0.7, 2.2
_EAR_METRES = 0.10
_POWER_DB = 2.5
_MOST_TURNED, _UNLIKE_DEGREES = 45.0, 6.0
_BESIDE_METRES = 0.30


@dataclass(frozen=True)
class Check:
    """One thing looked at: whether it holds, and the sentence that says so."""

    holds: bool
    text: str
    about: str = ""
    """Which point of a check list it belongs to; empty for none of its own."""


def geometry_checks(setup: Setup) -> list[Check]:
    """All checks of an arrangement at its main seat, those that fail first."""
    gear, arrangement = setup.gear, setup.arrangement
    found = [
        *_triangle(gear, arrangement),
        *_about("aim", _aim(gear, arrangement)),
        *_about(tr("in the way"), _obstacles(setup)),
        *_walls(setup),
        *_about("walls' power", _power(setup)),
        *_seat(setup),
        *_about("sides", _sides(setup.room)),
        *_about("desk", _desk(gear, arrangement)),
        *_about("sub in time", _subwoofers(setup)),
    ]
    return sorted(found, key=lambda check: check.holds)


def _about(what: str, checks: Iterator[Check]) -> Iterator[Check]:
    return (replace(check, about=what) for check in checks)


def _triangle(gear: Gear, a: Arrangement) -> Iterator[Check]:
    ear = a.seats[gear.seats[0].name]
    left, right, apart = a.left.distance(ear), a.right.distance(ear), a.left.distance(a.right)
    gap = abs(left - right)
    if gap <= _SET_UP_METRES:
        yield Check(
            True,
            tr("Both monitors are equally far from the ear, within {gap:.0f} cm.", gap=gap * 100),
            "equal",
        )
    else:
        nearer = "left" if left < right else "right"
        yield Check(
            False,
            tr(
                "The {nearer} monitor is {gap:.0f} cm nearer to the ear; the image leans.",
                nearer=nearer,
                gap=gap * 100,
            ),
            "equal",
        )
    ratio = apart / ((left + right) / 2)
    if _NARROW <= ratio <= _WIDE:
        yield Check(
            True,
            tr("The triangle is equilateral within {ratio:.0f} %.", ratio=abs(ratio - 1) * 100),
            "equilateral",
        )
    else:
        what = "wider" if ratio > 1 else "narrower"
        yield Check(
            False,
            tr(
                "The triangle is {ratio:.0f} % {what} than equilateral.",
                ratio=abs(ratio - 1) * 100,
                what=what,
            ),
            "equilateral",
        )
    far = (left + right) / 2
    if not _NEAREST_METRES <= far <= _FURTHEST_METRES:
        yield Check(
            False,
            tr(
                "The monitors are {far:.2f} m away; near-field listening wants "
                "{nearest_metres:.1f} to {furthest_metres:.1f} m.",
                far=far,
                nearest_metres=_NEAREST_METRES,
                furthest_metres=_FURTHEST_METRES,
            ),
            "distance",
        )
    above = (a.left.z + a.right.z) / 2 - ear.z
    if abs(above) <= _EAR_METRES:
        yield Check(
            True,
            tr("Monitors at ear height, within {above:.0f} cm.", above=abs(above) * 100),
            tr("ear height"),
        )
    else:
        where = "above" if above > 0 else "below"
        yield Check(
            False,
            tr(
                "The monitors are {above:.0f} cm {where} the ear: tilt them so "
                "that they still point at it.",
                above=abs(above) * 100,
                where=where,
            ),
            tr("ear height"),
        )


def _aim(gear: Gear, a: Arrangement) -> Iterator[Check]:
    """How far each must turn in to point at the ear."""
    seat = gear.seats[0].name
    left, right = (a.toe_in_degrees(side, seat) for side in PAIR)
    words = tr("{left:.0f}° left and {right:.0f}° right", left=left, right=right)
    if max(left, right) > _MOST_TURNED:
        yield Check(
            False,
            tr("To point at the ear the monitors must turn in by {words}: too wide.", words=words),
        )
    elif abs(left - right) > _UNLIKE_DEGREES:
        yield Check(
            False,
            tr("To point at the ear they turn in unlike, {words}: the image leans.", words=words),
        )
    else:
        yield Check(True, tr("They point at the ear when turned in by {words}.", words=words))


def _obstacles(setup: Setup) -> Iterator[Check]:
    """Keep-out areas and other seats between, beside or before the monitors. Their heights are not
    surveyed, so the sentence asks for a look.
    """
    gear, a = setup.gear, setup.arrangement
    ear, clear = a.seats[gear.seats[0].name], True
    half, deep = gear.monitor.width / 2, gear.monitor.depth
    for area in setup.room.keep_outs:
        for side, place in (("left", a.left), ("right", a.right)):
            way = [_on_the_way(place, ear, share) for share in np.linspace(0.0, 1.0, 60)]
            if any(area.contains(point) for point in way):
                clear = False
                yield Check(
                    False,
                    tr(
                        "“{name}” lies between the {side} monitor and the ear: see that it "
                        "is lower than the line of sight.",
                        name=area.name,
                        side=side,
                    ),
                )
        same_depth = area.y < max(a.left.y, a.right.y) and area.y + area.depth > a.left.y - deep
        right_end, inner = area.x + area.width, (a.left.x + half, a.right.x - half)
        if same_depth and area.x < inner[1] and right_end > inner[0]:
            clear = False
            yield Check(
                False,
                tr(
                    "“{name}” stands between the monitors: it reflects into the image.",
                    name=area.name,
                ),
            )
        elif same_depth:
            gap = max(a.left.x - half - right_end, area.x - a.right.x - half)
            if gap < _BESIDE_METRES:
                clear = False
                yield Check(
                    False,
                    tr(
                        "“{name}” stands {gap:.0f} cm beside a monitor: it shades and "
                        "reflects on that side only.",
                        name=area.name,
                        gap=max(gap, 0) * 100,
                    ),
                )
    for name, seat in a.seats.items():
        if name != gear.seats[0].name and min(a.left.y, a.right.y) < seat.y < ear.y:
            if a.left.x < seat.x < a.right.x:
                clear = False
                yield Check(
                    False, tr("The seat “{name}” is between the monitors and the ear.", name=name)
                )
    if clear:
        yield Check(True, tr("Nothing surveyed stands between, beside or before the monitors."))


def _on_the_way(start: Point, end: Point, share: float) -> Point:
    return Point(
        start.x + share * (end.x - start.x),
        start.y + share * (end.y - start.y),
        start.z + share * (end.z - start.z),
    )


def _walls(setup: Setup) -> Iterator[Check]:
    a = setup.arrangement
    frame = setup.room.frame
    to_left, to_right = a.left.x - frame.left, frame.right - a.right.x
    unlike = abs(to_left - to_right)
    if unlike > _SET_UP_METRES or abs(a.left.y - a.right.y) > _SET_UP_METRES:
        yield Check(
            False,
            tr(
                "Left and right see unlike walls: {to_left:.2f} m and "
                "{to_right:.2f} m to the sides.",
                to_left=to_left,
                to_right=to_right,
            ),
            "symmetry",
        )
    distances = {
        "front wall": a.left.y - frame.front,
        "side wall": min(to_left, to_right),
        "floor": a.left.z,
    }
    names = list(distances)
    alike = [
        (one, two)
        for index, one in enumerate(names)
        for two in names[index + 1 :]
        if abs(distances[one] - distances[two]) <= _COINCIDE * abs(distances[two])
    ]
    for one, two in alike:
        yield Check(
            False,
            tr(
                "{one} and {two} are equally far from the monitors "
                "({distances:.2f} and {distances2:.2f} m): their cancellations "
                "stack.",
                one=capital(spoken(one)),
                two=two,
                distances=distances[one],
                distances2=distances[two],
            ),
            "unlike",
        )
    if not alike:
        yield Check(True, tr("Front wall, side wall and floor are at unlike distances."), "unlike")


def _power(setup: Setup) -> Iterator[Check]:
    """What the nearest walls do to a monitor for every listener (Waterhouse 1955, Allison 1974)."""
    a = setup.arrangement
    frame = setup.room.frame
    side = min(a.left.x - frame.left, frame.right - a.right.x)
    nearest = [max(a.left.y - frame.front, 0.0), max(side, 0.0), max(a.left.z, 0.0)]
    f = log_grid(max(setup.gear.monitor.low_corner_hz, 40.0), 300.0, 24)
    change = radiated_power_db(nearest, f, setup.room.speed_of_sound)
    at = int(np.argmin(change))
    if change[at] < -_POWER_DB:
        yield Check(
            False,
            tr(
                "Front wall, side wall and floor together take {change:.1f} dB off "
                "the monitors' output near {f:.0f} Hz, wherever you sit.",
                change=-change[at],
                f=f[at],
            ),
        )
    else:
        yield Check(
            True,
            tr(
                "The nearest walls take no more than {change:.1f} dB off the monitors' output.",
                change=max(-change[at], 0.0),
            ),
        )


def _seat(setup: Setup) -> Iterator[Check]:
    ear = setup.arrangement.seats[setup.gear.seats[0].name]
    frame = setup.room.frame
    share = (ear.y - frame.front) / frame.depth
    if abs(share - 0.5) < _HALF:
        yield Check(
            False,
            tr("The seat is at {share:.0f} % of the length: the first null.", share=share * 100),
            "half",
        )
    if frame.back - ear.y < _BEHIND_HEAD_METRES:
        yield Check(
            False,
            tr("The head is {back:.2f} m from the back wall.", back=frame.back - ear.y),
            "back wall",
        )
    off = ear.x - frame.middle
    if abs(off) > 0.10:
        yield Check(
            False,
            tr("The seat is {off:.0f} cm off the room's middle line.", off=abs(off) * 100),
            "symmetry",
        )


def _openings_towards(room: Room, way: WallSide) -> list[Opening]:
    return [o for key in room.walls_towards(way) for o in room.openings_on(key)]


def _sides(room: Room) -> Iterator[Check]:
    ways: tuple[tuple[WallSide, WallSide], ...] = (("left", "right"), ("right", "left"))
    for wall, other in ways:
        for opening in _openings_towards(room, wall):
            twin = any(o.kind == opening.kind for o in _openings_towards(room, other))
            if not twin:
                yield Check(
                    False,
                    tr(
                        "A {kind} on the {wall} side only: reflections differ between the ears.",
                        kind=opening.kind,
                        wall=wall,
                    ),
                )
    linings = [{room.surfaces[key] for key in room.walls_towards(way)} for way in ("left", "right")]
    if linings[0] != linings[1]:
        yield Check(
            False, tr("The side walls are of unlike material: reflections differ between the ears.")
        )


def _desk(gear: Gear, a: Arrangement) -> Iterator[Check]:
    board = a.board(gear.desk)
    if board is None:
        return
    base = a.left.z - gear.monitor.centre_height
    on_desk = board.covers(a.left.x, a.left.y)
    if on_desk and base - board.z < 0.05:
        yield Check(
            False,
            tr(
                "The monitors stand straight on the desk: lift and decouple them, "
                "and the desk bounce moves down."
            ),
        )


def _delay(a: Arrangement, name: str) -> float:
    """Milliseconds after the pair that a loudspeaker is set to."""
    pair = (a.chain("left").delay_ms + a.chain("right").delay_ms) / 2
    return a.chain(name).delay_ms - pair


def _subwoofers(setup: Setup) -> Iterator[Check]:
    a = setup.arrangement
    ear = a.seats[setup.gear.seats[0].name]
    mains = (a.left.distance(ear) + a.right.distance(ear)) / 2
    for sub in setup.gear.subwoofers:
        further = a.places[sub.id].distance(ear) - mains
        late_ms = further / setup.room.speed_of_sound * 1000 + _delay(a, sub.id)
        if abs(late_ms) <= 0.5:
            yield Check(
                True,
                tr(
                    "{id} arrives with the monitors, within {late_ms:.1f} ms.",
                    id=sub.id,
                    late_ms=abs(late_ms),
                ),
            )
        elif late_ms > 0:
            yield Check(
                False,
                tr(
                    "{id} arrives {late_ms:.1f} ms after the monitors: delay them by "
                    "that, or move it nearer.",
                    id=sub.id,
                    late_ms=late_ms,
                ),
            )
        else:
            yield Check(
                False,
                tr(
                    "{id} arrives {late_ms:.1f} ms before the monitors: delay it by "
                    "that much more.",
                    id=sub.id,
                    late_ms=-late_ms,
                ),
            )
