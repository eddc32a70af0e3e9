"""The studio's hidden room: the one surveyed as it really is, with what a survey leaves out.

Sizes are a centimetre or two off, things stand a few centimetres elsewhere, a window's bay is not
on the plan, an armchair and a hung cupboard were not thought of, linings absorb unevenly, and
what is light gives way: panels as mass, spring and loss. Figures are ours, chosen within what
handbooks give for such walls; no source for any one of them. Seeded and repeatable.
"""

from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace
from functools import lru_cache
from typing import TYPE_CHECKING

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.fields.plates import Plate
from jolly_parlor.acoustics.geometry.changed_room import lined
from jolly_parlor.acoustics.geometry.room import Point, Room, Surface, Thing
from jolly_parlor.acoustics.sources import high_pass
from jolly_parlor.studio.device import StagedSource

if TYPE_CHECKING:  # its compiler takes a second to load, which a starting window would wait
    from jolly_parlor.studio.voxels import Box, VoxelRoom

TOP_HZ = 260.0
"""Up to where the wave equation is solved; above it image sources speak."""
_SECONDS, _LEAST_CELL, _MOST_CELL = 0.8, 0.105, 0.125
_THING_METRES, _PATCH_METRES, _UNEVEN = 0.03, 0.8, 0.35
_GIVES_WAY = ("plasterboard_studs", "plaster_lath", "timber_floor", "wood_panel")
_LOWEST_CUPBOARD = 0.25
_INVENTED = 4
_BAY_WIDTH, _BAY_DEPTH, _SILL, _LINTEL = 1.3, 0.2, 0.85, 2.05
_DRIVER_CELLS = 0.3
"""A driver is heard so far ahead of its face: the middle of the air in the cubes it moves. A
cabinet then has its acoustic centre where boundary elements have it (tests/studio).
"""
_HEARD_HZ: FloatArray = np.arange(4.0, TOP_HZ + 0.25, 0.25)
_SLOW_HZ, _SLOW_ORDER = 8.0, 4
"""A closed room's slow pressure is cut here, far below what a loudspeaker plays, by a filter that
rings after and not before: cut off in time it would click.
"""


@dataclass(frozen=True, eq=False)
class HiddenRoom:
    """A room nobody forecasts, solved in the time domain when it is listened to."""

    room: Room
    solver: "VoxelRoom"

    @classmethod
    def of(cls, survey: Room, seed: int, levels: tuple[float, ...] = ()) -> "HiddenRoom":
        """As the survey has it, and as it has it not; the last few are kept. levels: heights in
        metres of what lies flat in it, such as a desk.
        """
        return cls(*_invented(survey, seed, levels))

    def transfers(
        self,
        microphone: Point,
        sources: Sequence[StagedSource],
        plates: Sequence[Plate] = (),
    ) -> ComplexArray:
        """Pressure per unit source at HEARD_HZ, (sources, frequencies), with the bodies of all of
        them in the room. A second or two.
        """
        return heard_among(self.solver, microphone, sources, plates, _HEARD_HZ)

    @staticmethod
    def over(frequencies_hz: FloatArray, known: ComplexArray) -> ComplexArray:
        """One row of `transfers` at other frequencies up to TOP_HZ, 0 beyond, less what is slow."""
        real, imag = (
            np.interp(frequencies_hz, _HEARD_HZ, part, right=0.0)
            for part in (known.real, known.imag)
        )
        slow = high_pass(np.maximum(frequencies_hz, 0.1), _SLOW_HZ, _SLOW_ORDER)
        return np.asarray((real + 1j * imag) * slow)


def heard_among(
    solver: "VoxelRoom",
    microphone: Point,
    sources: Sequence[StagedSource],
    plates: Sequence[Plate],
    frequencies_hz: FloatArray,
) -> ComplexArray:
    """Pressure per unit source, (sources, frequencies), with the bodies of all of them and plates
    in a room.
    """
    bodies = [source.body for source in sources if source.body is not None]
    furnished = solver.furnished(bodies, plates)
    ear = furnished.nearest_air(microphone.array())
    places = [_heard_at(furnished, source) for source in sources]
    heard = furnished.transfers(ear, np.concatenate(places), frequencies_hz)
    ends = np.cumsum([len(own) for own in places])[:-1]
    return np.array([own.mean(axis=0) for own in np.split(heard, ends)])


def _heard_at(solver: "VoxelRoom", source: StagedSource) -> FloatArray:
    """Just ahead of its drivers, (places, 3); of a point, there or where there is air."""
    body = source.body
    if body is None or not source.drivers:
        return np.asarray(solver.nearest_air(source.place.array())[None, :])
    ahead = _DRIVER_CELLS * solver.cell
    return np.array([body.out_of(driver, ahead) for driver in source.drivers])


@lru_cache(_INVENTED)
def _invented(survey: Room, seed: int, levels: tuple[float, ...]) -> tuple[Room, "VoxelRoom"]:
    from jolly_parlor.studio.voxels import VoxelRoom

    rng = np.random.default_rng([seed, 78])
    cell = _fitting_cell(survey, levels)
    room = replace(survey, things=(*_moved(survey, rng), *_forgotten(survey, rng)))
    panels = _panels(survey, rng)
    # What gives way takes its sound by that; the lining itself takes little.
    room = lined(room, {name: Surface("own", (0.05,) * 7) for name in panels})
    bay, uneven = _bay(survey), _unevenness(seed)
    return room, VoxelRoom(room, cell, _SECONDS, panels, recess=bay, uneven=uneven)


def _fitting_cell(survey: Room, levels: tuple[float, ...]) -> float:
    """The size of cubes that comes nearest to all corners, the height and what lies flat: within a
    centimetre or two of the survey, which is what a tape misses by.
    """
    corners = {v for corner in survey.plan for v in corner if v}
    lengths = np.array(sorted(corners | {survey.height} | set(levels)))
    sizes = np.linspace(_LEAST_CELL, _MOST_CELL, 400)
    off = np.abs(lengths / sizes[:, None] - np.round(lengths / sizes[:, None])) * sizes[:, None]
    return float(sizes[np.argmin(off.max(axis=1))])


def _moved(survey: Room, rng: np.random.Generator) -> list[Thing]:
    """What was surveyed, as it really stands; how much a soft thing takes is its own."""
    found = []
    for thing in survey.things:
        off = rng.uniform(-_THING_METRES, _THING_METRES, 2)
        x, y = max(thing.x + float(off[0]), 0.0), max(thing.y + float(off[1]), 0.0)
        loss = float(rng.uniform(180.0, 420.0)) if thing.kind == "soft" else None
        found.append(replace(thing, x=x, y=y, loss_per_second=loss))
    return found


def _forgotten(survey: Room, rng: np.random.Generator) -> list[Thing]:
    """An armchair in a back corner and a cupboard hung on the back wall above head height: neither
    is in the way of anything that is placed.
    """
    width, length, height = survey.dimensions
    x = 0.25 if rng.random() < 0.5 else width - 1.15
    loss = float(rng.uniform(180.0, 350.0))
    chair = Thing("armchair", "soft", x, length - 1.15, 0.0, 0.9, 0.9, 0.8, loss_per_second=loss)
    found, high = [chair], max(height - 0.75, 1.5)
    along, tall = float(rng.uniform(0.2, max(width - 1.6, 0.3))), height - high - 0.1
    if tall > _LOWEST_CUPBOARD:
        found.append(Thing("cupboard", "solid", along, length - 0.35, high, 1.2, 0.35, tall))
    return [thing for thing in found if _fits(survey, thing)]


def _fits(survey: Room, thing: Thing) -> bool:
    """Whether it is all in the air of the survey."""
    at, size = (thing.x, thing.y, thing.z), (thing.width, thing.depth, thing.height)
    xs, ys, zs = ((a + 0.03, a + b / 2, a + b - 0.03) for a, b in zip(at, size, strict=True))
    return all(survey.has_air_at(Point(x, y, z)) for x in xs for y in ys for z in zs)


def _panels(survey: Room, rng: np.random.Generator) -> dict[str, tuple[float, float, float]]:
    """Mass per area, resonance and loss factor of what gives way; the ceiling always does.

    At its resonance the admittance of such a panel is rho c / (m omega eta): 0.03 to 0.15, which is
    what tables of random-incidence absorption have for board on studs.
    """
    light = [name for name, s in survey.surfaces.items() if s.material in _GIVES_WAY]
    return {
        name: (
            float(rng.uniform(14, 28)),
            float(rng.uniform(45, 90)),
            float(rng.uniform(0.5, 1.0)),
        )
        for name in dict.fromkeys((*light, "ceiling"))
    }


def _bay(survey: Room) -> "Box | None":
    """A window's recess in the back wall of a box; the plan of any other room has its own."""
    width, length, height = survey.dimensions
    if not survey.is_box or width < _BAY_WIDTH + 0.4 or height < _LINTEL + 0.1:
        return None
    left = (width - _BAY_WIDTH) / 2
    return (left, length - 0.01, _SILL), (left + _BAY_WIDTH, length + _BAY_DEPTH, _LINTEL)


def _unevenness(seed: int) -> Callable[[str, list[float]], float]:
    """A factor for each patch of a surface."""
    known: dict[tuple[object, ...], float] = {}

    def factor(surface: str, at: list[float]) -> float:
        key = (surface, *(int(v // _PATCH_METRES) for v in at))
        if key not in known:
            text = "|".join(map(str, key)).encode()
            own = np.random.default_rng([seed, *text])
            known[key] = float(own.lognormal(0.0, _UNEVEN))
        return known[key]

    return factor
