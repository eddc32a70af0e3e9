"""What differs between two arrangements, said as whoever moved it would say it."""

from jolly_parlor.placement.arrangement import (
    Arrangement,
    aim_words,
    same_turn,
    turn_words,
)
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.placement.items import Item
from jolly_parlor.units import UnitSystem, format_small
from jolly_parlor.words import tr

_LEAST_METRES, _LEAST_DEGREES = 5e-4, 0.05


def what_moved(old: Arrangement, new: Arrangement, units: UnitSystem = "metric") -> list[str]:
    """One phrase for each thing that stands elsewhere; the pair together where it moved alike."""
    told = []
    items = [item for item in new.items if item in old.items]
    pair = _pair_words(old, new, units)
    if pair is not None:
        told += pair
        items = [item for item in items if not item.of_pair]
    for item in items:
        told += _item_words(old, new, item, units)
    if old.desk != new.desk:
        if old.desk is None or new.desk is None:
            told.append(tr("the desk put in") if old.desk is None else tr("the desk taken out"))
        else:
            dx, dy = new.desk.x - old.desk.x, new.desk.y - old.desk.y
            told += [tr("the desk {w}", w=w) for w in _plan_words(dx, dy, "back", "forward", units)]
    if abs(old.aim_degrees - new.aim_degrees) > 0.05:
        told.append(tr("the monitors aimed {aim_words}", aim_words=aim_words(new.aim_degrees)))
    for name in new.places:
        if name in old.places and not same_turn(old, new, name, _LEAST_DEGREES):
            told.append(
                tr("the {name} {turned}", name=name, turned=turn_words(new.turns.get(name)))
            )
    return told


def _pair_words(old: Arrangement, new: Arrangement, units: UnitSystem) -> list[str] | None:
    """Of both together; None where one moved otherwise than its mirror image."""
    (lx, ly, lz), (rx, ry, rz) = (
        tuple(b - a for a, b in zip(_xyz(old, side), _xyz(new, side), strict=True)) for side in PAIR
    )
    if abs(ly - ry) > _LEAST_METRES or abs(lz - rz) > _LEAST_METRES:
        return None
    if abs(lx + rx) > _LEAST_METRES:
        return None
    told = [tr("both monitors {w}", w=w) for w in _plan_words(0.0, ly, _AWAY, _TOWARDS, units)]
    if abs(lx) > _LEAST_METRES:
        way = tr("nearer each other") if lx > 0 else tr("farther apart")
        told.append(
            tr(
                "both monitors {format_small} each {way}",
                format_small=format_small(abs(lx), units),
                way=way,
            )
        )
    return told + [tr("both monitors {w}", w=w) for w in _height_words(lz, units)]


_AWAY, _TOWARDS = tr("away from the front wall"), tr("towards the front wall")


def _item_words(old: Arrangement, new: Arrangement, item: Item, units: UnitSystem) -> list[str]:
    before, after = old.position(item), new.position(item)
    dx, dy, dz = after.x - before.x, after.y - before.y, after.z - before.z
    ways = ("back", "forward") if item.kind == "seat" else (_AWAY, _TOWARDS)
    words = _plan_words(dx, dy, *ways, units) + _height_words(dz, units)
    return [tr("the {words} {w}", words=item.words, w=w) for w in words]


def _plan_words(dx: float, dy: float, away: str, near: str, units: UnitSystem) -> list[str]:
    told = []
    if abs(dy) > _LEAST_METRES:
        told.append(f"{format_small(abs(dy), units)} {away if dy > 0 else near}")
    if abs(dx) > _LEAST_METRES:
        told.append(
            tr(
                "{format_small} to the {dx}",
                format_small=format_small(abs(dx), units),
                dx="right" if dx > 0 else "left",
            )
        )
    return told


def _height_words(dz: float, units: UnitSystem) -> list[str]:
    if abs(dz) <= _LEAST_METRES:
        return []
    return [f"{format_small(abs(dz), units)} {'up' if dz > 0 else 'down'}"]


def _xyz(a: Arrangement, side: str) -> tuple[float, float, float]:
    at = a.places[side]
    return at.x, at.y, at.z
