"""Cabinets of a reference case: where their drivers are heard from, and what goes around them.

A case tells cabinets as boxes, so they scatter as such. Forecasts of documents leave that out: in a
furnished room it would make a search many times longer, for a tenth of a decibel
(docs/accuracy.md).
"""

from collections.abc import Callable
from dataclasses import dataclass
from math import pi
from typing import Any

import numpy as np

from jolly_parlor.acoustics.arrays import BoolArray, ComplexArray, FloatArray
from jolly_parlor.acoustics.fields.acoustic_centre import ahead_of_face
from jolly_parlor.acoustics.fields.bodies import Body, direct_sound
from jolly_parlor.acoustics.fields.plates import Plate
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

_TOUCHES = 0.03

Transfers = Callable[[FloatArray, FloatArray], ComplexArray]
"""From sources (n, 3) to receivers (m, 3): (receivers, sources, frequencies)."""


@dataclass(frozen=True, eq=False)
class Cabinet:
    """Metres."""

    source: str | None
    """The source whose driver is in its face."""
    corner: FloatArray
    sizes: FloatArray


def cabinets_of(case: dict[str, Any]) -> list[Cabinet]:
    """Things of the role. Raises KeyError, TypeError and ValueError for what is garbled."""
    told = [thing for thing in case.get("things", []) if thing.get("role") == "cabinet"]
    corners = [
        [np.asarray(thing[key], dtype=float) for key in ("corner", "size")] for thing in told
    ]
    return [Cabinet(t.get("source"), *place) for t, place in zip(told, corners, strict=True)]


def heard_from(
    source: dict[str, Any], cabinets: list[Cabinet], desks: tuple[Plate, ...]
) -> FloatArray:
    """Where a driver radiates from, ahead of its cabinet's face, (3,). Raises Refused for one
    without a cabinet, or that looks along no axis.
    """
    driver = source["driver"]
    centre, normal = (np.asarray(driver[key], dtype=float) for key in ("centre", "normal"))
    cabinet = next((one for one in cabinets if one.source == source["id"]), None)
    if cabinet is None:
        raise Refused(tr("the driver {id} has no cabinet.", id=source["id"]))
    sizes = zip(cabinet.sizes, normal, strict=True)
    across = [float(length) for length, way in sizes if abs(way) < 0.5]
    if len(across) != 2:
        raise Refused(tr("the driver {id} must look along an axis.", id=source["id"]))
    stands = _stands(float(cabinet.corner[2]), desks)
    return np.asarray(centre + normal * ahead_of_face(across[0], across[1], stands))


def scattered(
    cabinets: list[Cabinet],
    ids: list[str],
    sources: FloatArray,
    receivers: FloatArray,
    transfers: Transfers,
    in_air: Callable[[FloatArray], BoolArray],
    frequencies_hz: FloatArray,
    speed_of_sound: float,
) -> ComplexArray:
    """What all cabinets add by standing there, (receivers, sources, frequencies); none does whose
    middle lies in another thing. ids: of the sources.
    """
    k = 2 * pi * frequencies_hz / speed_of_sound
    total = np.zeros((len(receivers), len(sources), k.size), dtype=np.complex128)
    for cabinet in cabinets:
        body = Body(cabinet.corner + cabinet.sizes / 2, cabinet.sizes)
        if not np.all(in_air(body.probes)):
            continue
        heard = transfers(sources, body.probes).transpose(1, 0, 2)
        if cabinet.source in ids:
            own = ids.index(cabinet.source)
            heard[own] -= direct_sound(sources[own], body.probes, k)
        total += body.scatters(heard, transfers(body.probes, receivers), k)
    return total


def _stands(low: float, desks: tuple[Plate, ...]) -> bool:
    """Whether a cabinet stands on the floor or on a desk."""
    tops = [0.0, *(desk.at + desk.thickness / 2 for desk in desks)]
    return any(-_TOUCHES <= low - top <= _TOUCHES for top in tops)
