"""What in a survey cannot be, each in a sentence that names what to change."""

import numpy as np

from jolly_parlor.acoustics.geometry.floor_space import solids_between
from jolly_parlor.acoustics.geometry.frame import front_walls
from jolly_parlor.acoustics.geometry.plan import (
    edge_length,
    edges,
    inside,
    is_rectangle,
    is_rectilinear,
    polygon_problem,
)
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.acoustics.materials.coefficients import materials
from jolly_parlor.words import tr

_SHORTEST_WALL, _LEAST_FLOOR = 0.05, 1.0
"""Metres; square metres where one can stand."""


def room_problems(room: Room) -> list[str]:
    """What in a survey cannot be, each in a sentence."""
    if wrong := polygon_problem(room.plan, [wall.name for wall in room.walls]):
        return [wrong]
    if len(room.walls) != len(room.plan):
        return [
            tr(
                "The plan has {plan} sides but {walls} walls are named.",
                plan=len(room.plan),
                walls=len(room.walls),
            )
        ]
    if wrong := odd_plan_problem(room):
        return [wrong]
    if not all(0.5 < size <= 60.0 for size in (room.width, room.length)):
        return [tr("Width and length of the room must lie between 0.5 and 60 m.")]
    found = []
    known = materials()
    names = [wall.name for wall in room.walls]
    for name in sorted({name for name in names if names.count(name) > 1}):
        found.append(tr("Two walls are named “{name}”; give each its own name.", name=name))
    for side, surface in room.surfaces.items():
        if surface.absorption is None and surface.material not in known:
            found.append(
                tr(
                    "The {side} surface names the material “{material}”, which the "
                    "table lacks; choose one of the table or give its absorption.",
                    side=side,
                    material=surface.material,
                )
            )
    found += [*_opening_problems(room), *_slope_problems(room)]
    zone = room.calm_zone
    if zone is not None and not (zone.front_near < zone.front_far < room.length):
        found.append(
            tr("The calm zone's far edge from the front wall must lie beyond its near edge.")
        )
    if zone is not None and not (zone.side_near < zone.side_far < room.width / 2):
        found.append(tr("The calm zone's side distances must grow and stay within half the width."))
    for what, blocks in ((tr("keep-out area"), room.keep_outs), ("thing", room.things)):
        for b in blocks:
            if b.x + b.width > room.width + 1e-9 or b.y + b.depth > room.length + 1e-9:
                found.append(
                    tr("The {what} “{name}” reaches beyond the room.", what=what, name=b.name)
                )
    return found + thing_problems(room)


def _opening_problems(room: Room) -> list[str]:
    found = []
    known = materials()
    lengths = dict(
        zip((w.name for w in room.walls), map(edge_length, edges(room.plan)), strict=True)
    )
    for opening in room.openings:
        what = tr("The {kind} in the {wall} wall", kind=opening.kind, wall=opening.wall)
        if opening.wall not in lengths:
            found.append(tr("{what} is in a wall that the plan lacks.", what=what))
            continue
        along = lengths[opening.wall]
        if opening.absorption is None and opening.material not in known:
            found.append(
                tr(
                    "{what} names the material “{material}”, which the table lacks.",
                    what=what,
                    material=opening.material,
                )
            )
        if opening.start + opening.width > along + 1e-9:
            found.append(
                tr(
                    "{what} ends beyond the wall, which is {along:.2f} m long.",
                    what=what,
                    along=along,
                )
            )
        if opening.sill + opening.height > room.height + 1e-9:
            found.append(
                tr(
                    "{what} ends above the ceiling, which is {height:.2f} m high.",
                    what=what,
                    height=room.height,
                )
            )
    return found


def odd_plan_problem(room: Room) -> str:
    """What a plan that is no rectangle cannot be; empty when it is sound."""
    for wall, edge in zip(room.walls, edges(room.plan), strict=True):
        if edge_length(edge) < _SHORTEST_WALL:
            return tr(
                "The wall “{name}” is {edge_length:.0f} cm long; take it away.",
                name=wall.name,
                edge_length=edge_length(edge) * 100,
            )
    if is_rectangle(room.plan):
        return ""
    if not front_walls(room.plan):
        return tr(
            "No wall stands in front: turn the plan so that one runs across the listener's view."
        )
    for wall in room.walls:
        if wall.name.casefold() in ("floor", "ceiling"):
            return tr("A wall cannot be called “{name}”; give it another name.", name=wall.name)
    return ""


def _slope_problems(room: Room) -> list[str]:
    found = []
    lengths = {wall.name: edge for wall, edge in zip(room.walls, edges(room.plan), strict=True)}
    axes = set()
    if room.slopes and not is_rectilinear(room.plan):
        return [
            tr(
                "A sloped ceiling over slanted walls cannot be worked out; make "
                "the walls square or the ceiling flat."
            )
        ]
    for slope in room.slopes:
        edge = lengths.get(slope.wall)
        if edge is None:
            found.append(
                tr(
                    "The ceiling slopes to the wall “{wall}”, which the plan lacks.",
                    wall=slope.wall,
                )
            )
            continue
        axes.add(edge[0][0] == edge[1][0])
        if slope.knee >= room.height:
            found.append(
                tr(
                    "The ceiling at the wall “{wall}” is {knee:.2f} m high; a slope "
                    "begins lower than the room's {height:.2f} m.",
                    wall=slope.wall,
                    knee=slope.knee,
                    height=room.height,
                )
            )
    if len(axes) > 1:
        found.append(
            tr(
                "The ceiling slopes both across and along the room; only slopes "
                "from one wall, or from two opposite ones, can be worked out."
            )
        )
    return found


def thing_problems(room: Room) -> list[str]:
    """What stands through a wall or the ceiling, and a room that is full."""
    found = []
    for thing in room.things:
        x1, y1 = thing.x + thing.width, thing.y + thing.depth
        corners = np.array([[thing.x, thing.y], [x1, thing.y], [thing.x, y1], [x1, y1]])
        lowest = float(np.min(room.ceiling_at(corners[:, 0], corners[:, 1])))
        if thing.z + thing.height > lowest + 1e-9:
            found.append(
                tr(
                    "The thing “{name}” is higher than the room; lower it, or stand it lower.",
                    name=thing.name,
                )
            )
        for area in room.outside:
            across = min(x1, area.x + area.width) - max(thing.x, area.x)
            along = min(y1, area.y + area.depth) - max(thing.y, area.y)
            if across > 1e-6 and along > 1e-6:
                found.append(
                    tr(
                        "The thing “{name}” stands through a wall; move it or make it smaller.",
                        name=thing.name,
                    )
                )
                break
    if room.things and _free_floor(room) < _LEAST_FLOOR:
        found.append(tr("Nothing is left to stand in: take things away or make them smaller."))
    return found


def _free_floor(room: Room) -> float:
    """Square metres with air at a metre above the floor."""
    x, y = np.meshgrid(*(np.arange(0.05, size, 0.1) for size in room.dimensions[:2]))
    free = inside(room.plan, x, y) & (room.ceiling_at(x, y) > 1.0)
    for area in solids_between(room, 0.9, 1.1):
        free &= ~(
            (x > area.x) & (x < area.x + area.width) & (y > area.y) & (y < area.y + area.depth)
        )
    return float(np.sum(free)) * 0.01
