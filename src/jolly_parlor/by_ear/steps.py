"""Moves of a step: both monitors alike, the seat, a subwoofer; and what the tape has to read after.

Steps of 2.5 cm, or an inch, and less: common practice, no source.
"""

from collections.abc import Callable
from dataclasses import dataclass, replace

from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.corners import Corner, Reading, readings
from jolly_parlor.placement.gear import PAIR, Gear
from jolly_parlor.placement.setup import Setup
from jolly_parlor.placement.standing import fit_problems, standing_problems
from jolly_parlor.refused import Refused
from jolly_parlor.units import METRES_PER_INCH, UnitSystem, format_exact, format_small
from jolly_parlor.words import tr

STEPS: dict[UnitSystem, tuple[float, ...]] = {
    "metric": (0.025, 0.01, 0.005),
    "imperial": (METRES_PER_INCH, METRES_PER_INCH / 2, METRES_PER_INCH / 4),
}
"""Metres, the usual one first."""
AIM_STEP_DEGREES = 2.0

_Mover = Callable[[Arrangement, float], Arrangement]


def _pair(dx_out: float, dy: float, dz: float) -> _Mover:
    """Both monitors alike: outwards, away from the wall, up."""

    def move(a: Arrangement, step: float) -> Arrangement:
        moved = {}
        for side, sign in zip(PAIR, (-1, 1), strict=True):
            at = a.places[side]
            moved[side] = _at(at, sign * dx_out * step, dy * step, dz * step)
        return a.with_pair(moved["left"], moved["right"])

    return move


def _aim(out: float) -> _Mover:
    def move(a: Arrangement, step: float) -> Arrangement:
        return replace(a, aim_degrees=round(a.aim_degrees + out * AIM_STEP_DEGREES, 3))

    return move


@dataclass(frozen=True)
class Move:
    """A direction something can go by one step."""

    id: str
    words: str
    """As on a button."""
    what: str
    """`monitors`, `seat` or `subwoofer`: what it moves."""
    opposite: str
    go: _Mover | None = None
    dx: int = 0
    dy: int = 0
    dz: int = 0


MOVES: dict[str, Move] = {
    move.id: move
    for move in (
        Move("away", tr("Away from the wall"), "monitors", "back", _pair(0, 1, 0)),
        Move("back", tr("Back to the wall"), "monitors", "away", _pair(0, -1, 0)),
        Move("wider", tr("Wider"), "monitors", "narrower", _pair(1, 0, 0)),
        Move("narrower", tr("Narrower"), "monitors", "wider", _pair(-1, 0, 0)),
        Move("up", tr("Higher"), "monitors", "down", _pair(0, 0, 1)),
        Move("down", tr("Lower"), "monitors", "up", _pair(0, 0, -1)),
        Move("aim_out", tr("Aim wider"), "monitors", "aim_in", _aim(1)),
        Move("aim_in", tr("Aim closer"), "monitors", "aim_out", _aim(-1)),
        Move("seat_back", tr("Seat back"), "seat", "seat_forward", dy=1),
        Move("seat_forward", tr("Seat forward"), "seat", "seat_back", dy=-1),
        Move("seat_up", tr("Ear higher"), "seat", "seat_down", dz=1),
        Move("seat_down", tr("Ear lower"), "seat", "seat_up", dz=-1),
        Move("sub_away", tr("Sub away from the front wall"), "subwoofer", "sub_near", dy=1),
        Move("sub_near", tr("Sub towards the front wall"), "subwoofer", "sub_away", dy=-1),
        Move("sub_left", tr("Sub to the left"), "subwoofer", "sub_right", dx=-1),
        Move("sub_right", tr("Sub to the right"), "subwoofer", "sub_left", dx=1),
    )
}


def moved(
    setup: Setup,
    move: str,
    step: float,
    seat: str,
    subwoofer: str = "",
) -> Arrangement:
    """An arrangement after one move. Raises Refused with a sentence where it cannot stand so."""
    known = MOVES[move]
    if known.go is not None:
        after = known.go(setup.arrangement, step)
        if abs(after.aim_degrees) > 45:
            raise Refused(
                tr("They are turned as far as makes sense: aim them back towards the ear.")
            )
    else:
        after = _one_moved(setup.arrangement, known, step, seat, subwoofer)
    before = set(_problems(setup))
    if new := [words for words in _problems(setup.having(after)) if words not in before]:
        raise Refused(
            tr("No further that way: {new}{new2}", new=new[0][0].lower(), new2=new[0][1:])
        )
    return after


def _one_moved(a: Arrangement, known: Move, step: float, seat: str, subwoofer: str) -> Arrangement:
    by = (known.dx * step, known.dy * step, known.dz * step)
    if known.what == "seat":
        return replace(a, seats={**a.seats, seat: _at(a.seats[seat], *by)})
    if subwoofer not in a.places:
        raise Refused(tr("There is no subwoofer to move."))
    return replace(a, places={**a.places, subwoofer: _at(a.places[subwoofer], *by)})


def _problems(setup: Setup) -> list[str]:
    room = setup.room
    found = fit_problems(setup)
    found += [
        tr("{what} would stand {where}.", what=what, where=where)
        for what, where in standing_problems(setup)
    ]
    for side in PAIR:
        at, model = setup.arrangement.places[side], setup.gear.model_of(side)
        if at.y - room.frame.front < model.depth - 1e-6 and room.is_box:
            found.append(tr("The {side} monitor's back would be in the wall.", side=side))
        base = at.z - model.centre_height
        if base < -1e-6 or base + model.height > room.height + 1e-6:
            found.append(
                tr("The {side} monitor would not fit between floor and ceiling.", side=side)
            )
    return found


def _at(point: Point, dx: float, dy: float, dz: float) -> Point:
    """Unrounded but for what adding up leaves, so that twelve inches are a foot."""
    return Point(round(point.x + dx, 9), round(point.y + dy, 9), round(point.z + dz, 9))


@dataclass(frozen=True)
class TapeLine:
    what: str
    before: str
    after: str

    @property
    def changed(self) -> bool:
        """Whether it has to be set anew."""
        return self.before != self.after


def move_sheet(
    setup: Setup,
    after: Arrangement,
    seat: str,
    corner: Corner,
    units: UnitSystem,
) -> list[TapeLine]:
    """The tape readings before and after: of the monitors by one corner, the same on both sides;
    two where it is as symmetrical as it should be, four where it is not.
    """

    room, gear, before = setup.room, setup.gear, setup.arrangement

    def read(which: Corner) -> list[dict[str, Reading]]:
        return [readings(Setup(room, gear, a), seat, which) for a in (before, after)]

    was_at, now_at = read(corner)
    lines = _pair_lines(corner, was_at, now_at, units)
    if abs(before.aim_degrees - after.aim_degrees) > 0.01:
        edges = zip(read("front outer"), read("front inner"), strict=True)
        ahead = [outer["left"].from_front - inner["left"].from_front for outer, inner in edges]
        was, now = (format_exact(value, units) for value in ahead)
        lines.append(TapeLine(tr("outer edge of the face ahead of the inner, both"), was, now))
    front = room.frame.front
    height = gear.monitor.centre_height
    places: tuple[tuple[str, Callable[[Arrangement], float]], ...] = (
        (tr("monitors, base above the floor"), lambda a: a.left.z - height),
        (tr("ear at {seat}, from the front wall", seat=seat), lambda a: a.seats[seat].y - front),
        (tr("ear at {seat}, above the floor", seat=seat), lambda a: a.seats[seat].z),
    )
    pairs = [(what, place(before), place(after)) for what, place in places]
    for sub in gear.subwoofers:
        if sub.id in before.places and sub.id in after.places:
            pairs += _sub_lines(room, gear, sub.id, before, after)
    for what, one, other in pairs:
        if abs(one - other) > 1e-6:
            lines.append(TapeLine(what, format_exact(one, units), format_exact(other, units)))
    return lines


def _pair_lines(
    corner: Corner, was: dict[str, Reading], now: dict[str, Reading], units: UnitSystem
) -> list[TapeLine]:
    def line(what: str, which: str, side: str) -> TapeLine:
        one, other = getattr(was[side], which), getattr(now[side], which)
        return TapeLine(what, format_exact(one, units), format_exact(other, units))

    lines = []
    for which, wall in (
        ("from_front", tr("from the front wall")),
        ("from_side", tr("from the side wall")),
    ):
        each = [
            line(
                tr("{side} {corner} corner, {wall}", side=side, corner=corner, wall=wall),
                which,
                side,
            )
            for side in PAIR
        ]
        if each[0].after == each[1].after:
            lines.append(
                line(tr("{corner} corner, {wall}, both", corner=corner, wall=wall), which, "left")
            )
        else:
            lines += each
    return lines


def _sub_lines(
    room: Room, gear: Gear, name: str, before: Arrangement, after: Arrangement
) -> list[tuple[str, float, float]]:
    model, frame = gear.model_of(name), room.frame
    ats = before.places[name], after.places[name]
    left = ats[1].x - frame.left <= frame.right - ats[1].x
    wall = "left" if left else "right"
    sides = [(at.x - frame.left if left else frame.right - at.x) - model.width / 2 for at in ats]
    fronts = [at.y - frame.front - model.depth / 2 for at in ats]
    return [
        (tr("{name}, its near side from the front wall", name=name), fronts[0], fronts[1]),
        (
            tr("{name}, its near side from the {wall} wall", name=name, wall=wall),
            sides[0],
            sides[1],
        ),
    ]


def step_words(step: float, units: UnitSystem) -> str:
    """A step as on a button."""
    return format_small(step, units)
