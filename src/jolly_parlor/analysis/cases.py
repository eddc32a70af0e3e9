"""Reference cases: rooms with known surfaces, sources and receivers, solved elsewhere.

Their absorption is normal-incidence, beta = (1 - R) / (1 + R) with R = sqrt(1 - alpha).
"""

import json
from dataclasses import dataclass
from pathlib import Path
from typing import Any

import numpy as np

from jolly_parlor.acoustics.arrays import BoolArray, ComplexArray, FloatArray
from jolly_parlor.acoustics.elements.enclosure import Block, Enclosure
from jolly_parlor.acoustics.elements.enclosure_parts import thing_key, wall_key
from jolly_parlor.acoustics.elements.modal_solver import ModalBasis, ModalSolver
from jolly_parlor.acoustics.elements.prism_solver import PrismSolver
from jolly_parlor.acoustics.fields.impedance_box import BoxField
from jolly_parlor.acoustics.fields.plate_in_box import BoxLines, PlateInBox
from jolly_parlor.acoustics.fields.plate_in_modes import PlateInModes, Remainders
from jolly_parlor.acoustics.fields.plates import Layer, Plate, solved
from jolly_parlor.acoustics.geometry.plan import (
    Polygon,
    edges,
    inside,
    is_rectangle,
    is_rectilinear,
    polygon_problem,
    rectangle,
)
from jolly_parlor.acoustics.materials.admittances import admittance_from_normal_incidence
from jolly_parlor.analysis.case_cabinets import (
    Cabinet,
    Transfers,
    cabinets_of,
    heard_from,
    scattered,
)
from jolly_parlor.inputs import regular_bytes
from jolly_parlor.project.packing import check_json
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

_SIDES = ("y=0", "x=Lx", "y=Ly", "x=0")
"""Of a box, in the order of its plan's walls."""
_UPWARDS = 2
_MOST_BYTES = 64_000_000
_BOX_ORDER = (3, 1, 0, 2)
"""Those walls in the order of `BoxField`: x=0, x=Lx, y=0, y=Ly."""


class CaseRefused(Refused):
    """A case that cannot be computed; the message says why."""


@dataclass(frozen=True, eq=False)
class CaseResult:
    """Pressure by source and receiver id over the case's frequencies."""

    frequencies_hz: FloatArray
    pressures: dict[tuple[str, str], ComplexArray]


@dataclass(frozen=True, eq=False)
class _Room:
    plan: Polygon
    height: float
    walls: FloatArray
    """Admittance of each wall of the plan."""
    floor: float
    ceiling: float
    solids: tuple[tuple[Block, float], ...]
    softs: tuple[tuple[Block, float], ...]
    patches: tuple[tuple[Block, float], ...]
    desks: tuple[Plate, ...] = ()

    @property
    def sizes(self) -> FloatArray:
        """Of the box around it, metres."""
        return np.array([*np.ptp(np.array(self.plan), axis=0), self.height])

    def in_air(self, places: FloatArray) -> BoolArray:
        """Which places (n, 3) are within the room and in nothing solid."""
        found = inside(self.plan, places[:, 0], places[:, 1])
        found &= (places[:, 2] > 0) & (places[:, 2] < self.height)
        for block, _ in self.solids:
            within = (places >= np.array(block.low)) & (places <= np.array(block.high))
            found &= ~np.all(within, axis=1)
        return np.asarray(found)


def compute_case(path: Path) -> CaseResult:
    """The field model's answer to a case file. Raises CaseRefused with one sentence."""
    try:
        raw = regular_bytes(path, _MOST_BYTES)
        check_json(raw)
        case = json.loads(raw.decode("utf-8"))
    except OSError as error:
        reason = (error.strerror or "unreadable").lower()
        raise CaseRefused(
            tr("{name} could not be read: {reason}.", name=path.name, reason=reason)
        ) from None
    except ValueError:
        raise CaseRefused(tr("{name} is not valid JSON.", name=path.name)) from None
    try:
        room = _room(case)
        f = np.asarray(case["frequencies"], dtype=float)
        cabinets = cabinets_of(case)
        sources, receivers = _sources(case, cabinets, room.desks), _places(case["receivers"])
        speed, ids = float(case["speed_of_sound"]), [source["id"] for source in case["sources"]]
        transfers = _transfers_of(room, f, speed)
        found = transfers(sources, receivers) + scattered(
            cabinets, ids, sources, receivers, transfers, room.in_air, f, speed
        )
        pressures = {
            (s["id"], r["id"]): found[at_r, at_s]
            for at_s, s in enumerate(case["sources"])
            for at_r, r in enumerate(case["receivers"])
        }
    except (KeyError, TypeError, IndexError) as error:
        raise CaseRefused(
            tr("{name} lacks or garbles the field {error}.", name=path.name, error=error)
        ) from None
    except (Refused, ValueError) as error:
        raise CaseRefused(f"{path.name}: {error}") from None
    return CaseResult(f, pressures)


def _transfers_of(room: _Room, f: FloatArray, speed: float) -> Transfers:
    """With the desks in it, by the model the room's kind asks for."""
    every = np.ones(f.size)
    furnished = room.solids or room.softs or room.patches
    bare: Transfers
    plates: list[_Plate] = []
    if is_rectangle(room.plan) and not furnished:
        beta = np.array([*room.walls[list(_BOX_ORDER)], room.floor, room.ceiling])
        box = BoxField(room.sizes, beta[:, None] * every, f, speed)
        lines = BoxLines(box, _UPWARDS)
        plates += [PlateInBox(lines, desk) for desk in room.desks]

        def bare(sources: FloatArray, receivers: FloatArray) -> ComplexArray:
            return np.array([[box.pressure(s, r) for s in sources] for r in receivers])

    elif is_rectilinear(room.plan) and not furnished and not room.desks:
        walls = room.walls[:, None] * every
        floor, ceiling = room.floor * every, room.ceiling * every
        bare = PrismSolver(room.plan, room.height, walls, floor, ceiling, f, speed).transfers
    else:
        solver = _solver(room, f, speed)
        bare = solver.transfers
        rest, low = Remainders(solver, room.sizes), np.zeros(3)
        layers = [Layer(desk, low, room.sizes) for desk in room.desks]
        plates += [PlateInModes(solver, rest, layer, solver.ends) for layer in layers]
    answers = [solved(plate.action) for plate in plates]

    def transfers(sources: FloatArray, receivers: FloatArray) -> ComplexArray:
        found = bare(sources, receivers)
        for plate, answer in zip(plates, answers, strict=True):
            here, there = plate.towards(receivers), plate.towards(sources)
            jumps = np.einsum("fpq,sfq->sfp", answer, there)
            found = found + 4 * np.pi * np.einsum("rfp,sfp->rsf", here, jumps)
        return found

    return transfers


_Plate = PlateInBox | PlateInModes


def _solver(room: _Room, f: FloatArray, speed: float) -> ModalSolver:
    every = np.ones(f.size)
    solids, softs, patches = (
        tuple(block for block, _ in kind) for kind in (room.solids, room.softs, room.patches)
    )
    enclosure = Enclosure(room.plan, room.height, solids, softs, patches)
    admittances = {wall_key(n): beta * every for n, beta in enumerate(room.walls)}
    admittances |= {"floor": room.floor * every, "ceiling": room.ceiling * every}
    admittances |= {b.name: beta * every for b, beta in (*room.solids, *room.patches)}
    losses = tuple(loss for _, loss in room.softs)
    basis = ModalBasis(enclosure, 2 * np.pi * float(f[-1]) / speed)
    return ModalSolver(basis, admittances, losses, f, speed)


def _room(case: dict[str, Any]) -> _Room:
    plan, height = _outline(case["room"])
    if problem := polygon_problem(plan):
        raise Refused(problem)
    surfaces = case["surfaces"]
    if "walls" in surfaces:
        walls = [float(wall["alpha"]) for wall in surfaces["walls"]]
    else:
        walls = [float(surfaces[side]) for side in _SIDES]
    if len(walls) != len(plan):
        raise Refused(
            tr(
                "there are {walls} walls for a plan of {plan} corners.",
                walls=len(walls),
                plan=len(plan),
            )
        )
    floor, ceiling = (_alpha(surfaces[name]) for name in ("floor", "ceiling"))
    solids, softs, desks = [], [], []
    for number, thing in enumerate(case.get("things", [])):
        if thing.get("role") == "cabinet":
            continue  # see case_cabinets
        if thing.get("role") == "desk":
            desks.append(_plate(thing))
            continue
        low = np.asarray(thing["corner"], dtype=float)
        block = _block(thing_key(number), low, low + np.asarray(thing["size"], dtype=float))
        if thing["kind"] == "solid":
            solids.append((block, _beta(float(thing["alpha"]))))
        elif thing["kind"] == "soft":
            softs.append((block, float(thing["loss"])))
        else:
            raise Refused(
                tr("a thing is “{thing}”; it must be solid or soft.", thing=thing["kind"])
            )
    patches = tuple(
        (_patch(tr("patch {number}", number=number), patch, plan), _beta(float(patch["alpha"])))
        for number, patch in enumerate(case.get("patches", []))
    )
    beta = np.array([_beta(alpha) for alpha in walls])
    return _Room(
        plan,
        height,
        beta,
        _beta(floor),
        _beta(ceiling),
        tuple(solids),
        tuple(softs),
        patches,
        tuple(desks),
    )


def _plate(desk: dict[str, Any]) -> Plate:
    """A desk top: a plate through the middle of its slab."""
    low, size = (np.asarray(desk[key], dtype=float) for key in ("corner", "size"))
    corner = float(low[0]), float(low[1]), float(low[2] + size[2] / 2)
    return Plate(corner, (float(size[0]), float(size[1])), _UPWARDS, float(size[2]))


def _sources(case: dict[str, Any], cabinets: list[Cabinet], desks: tuple[Plate, ...]) -> FloatArray:
    """Where each source radiates from, (sources, 3)."""
    return np.array(
        [
            heard_from(source, cabinets, desks) if "driver" in source else _places([source])[0]
            for source in case["sources"]
        ]
    )


def _outline(room: dict[str, Any]) -> tuple[Polygon, float]:
    if room["kind"] not in ("rectangular", "prism"):
        raise Refused(
            tr("its room is “{room}”; rectangular ones and prisms are known.", room=room["kind"])
        )
    if "plan" in room:
        corners = tuple((float(x), float(y)) for x, y in room["plan"])
        return corners, float(room["height"])
    width, length, height = map(float, room["dimensions"])
    return rectangle(width, length), height


def _patch(name: str, patch: dict[str, Any], plan: Polygon) -> Block:
    """A window or door as a flat block in its wall."""
    start, sill = float(patch["start"]), float(patch["sill"])
    end, top = start + float(patch["width"]), sill + float(patch["height"])
    (x0, y0), (x1, y1) = edges(plan)[_wall_number(patch["surface"], plan)]
    if y0 == y1:
        return Block(name, (start, y0, sill), (end, y0, top))
    if x0 == x1:
        return Block(name, (x0, start, sill), (x0, end, top))
    # Along a slanted wall, from its end nearer to x = 0; a block of what bounds the patch.
    first, last = sorted([(x0, y0), (x1, y1)])
    way = np.subtract(last, first) / np.hypot(x1 - x0, y1 - y0)
    a, b = (np.add(first, way * along) for along in (start, end))
    low, high = np.minimum(a, b), np.maximum(a, b)
    return Block(name, (float(low[0]), float(low[1]), sill), (float(high[0]), float(high[1]), top))


def _wall_number(surface: object, plan: Polygon) -> int:
    """A wall by its number, or of a rectangle by its plane."""
    if isinstance(surface, int) and 0 <= surface < len(plan):
        return surface
    if surface in _SIDES and is_rectangle(plan):
        return _SIDES.index(surface)
    raise Refused(
        tr("a patch lies on “{surface}”, which is no wall of this room.", surface=surface)
    )


def _block(name: str, low: FloatArray, high: FloatArray) -> Block:
    if low.shape != (3,) or not np.all(high > low):
        raise Refused(tr("{name} has no size; give three positive lengths.", name=name))
    corners = [(float(c[0]), float(c[1]), float(c[2])) for c in (low, high)]
    return Block(name, corners[0], corners[1])


def _places(entries: list[dict[str, Any]]) -> FloatArray:
    places = np.array([entry["position"] for entry in entries], dtype=float)
    if places.ndim != 2 or places.shape[1] != 3:
        raise Refused(tr("every source and receiver needs a position of three coordinates."))
    return places


def _alpha(surface: object) -> float:
    return float(surface["alpha"] if isinstance(surface, dict) else surface)  # type: ignore[arg-type]


def _beta(alpha: float) -> float:
    if not 0.0 <= alpha <= 1.0:
        raise Refused(tr("an absorption is {alpha:g}; it must be between 0 and 1.", alpha=alpha))
    return float(admittance_from_normal_incidence(np.array([alpha]))[0])
