"""What the surfaces of a room let in, and what follows for how long it rings."""

from functools import lru_cache
from math import sqrt

import numpy as np

from jolly_parlor.acoustics.arrays import AdmittanceArray, FloatArray
from jolly_parlor.acoustics.geometry.room import Room, SurfaceName
from jolly_parlor.acoustics.materials.admittances import (
    BEST_MATCHED_IMPEDANCE,
    absorption_at,
    admittance_from_random_incidence,
)


def surface_admittance(
    room: Room, name: SurfaceName, frequencies_hz: FloatArray
) -> AdmittanceArray:
    """Specific admittance of one surface, shape (frequencies,).

    The model needs one value a surface: windows and doors are spread evenly over their wall by
    area. That is right to first order for modes broader than the opening; close to a large pane
    the real field differs.
    """
    total = np.zeros_like(frequencies_hz)
    for size, bands in room.pieces_of(name):
        beta = admittance_from_random_incidence(absorption_at(frequencies_hz, bands))
        total = total + size * beta
    tabled = total / room.surface_area(name)
    return capped(tabled, room.admittance_factor(name, frequencies_hz))


def capped(tabled: FloatArray, factor: AdmittanceArray) -> AdmittanceArray:
    """A fit's factor on a table's admittances (frequencies,), no further than surfaces absorb."""
    most = max(1 / BEST_MATCHED_IMPEDANCE, float(np.max(tabled)))
    fitted = tabled * factor
    over = np.maximum(fitted.real, 1e-12) / most
    return np.asarray(fitted / np.maximum(over, 1.0))


LONGEST_REVERBERATION_SECONDS = 60.0
"""What absorbs next to nothing would ring for ever; air and people see to it that no room does."""


def reverberation_time(room: Room, frequency_hz: float) -> float:
    """Seconds, Eyring: 0.161 V / (-S ln(1 - mean absorption)) (Kuttruff, Room Acoustics)."""
    absorbed, area = 0.0, 0.0
    at = np.array([frequency_hz])
    for name in room.surface_names:
        for size, bands in room.pieces_of(name):
            absorbed += absorption_at(at, bands)[0] * size
        area += room.surface_area(name)
    mean = min(absorbed / area, 0.99)
    sabins = -area * float(np.log1p(-mean))
    least = 0.161 * room.volume / LONGEST_REVERBERATION_SECONDS
    return float(0.161 * room.volume / max(sabins, least))


@lru_cache(16)
def admittances_at_125(room: Room) -> dict[SurfaceName, float]:
    """Specific admittance of each surface at 125 Hz, for explaining single reflections."""
    at = np.array([125.0])
    return {n: float(surface_admittance(room, n, at)[0].real) for n in room.surface_names}


@lru_cache(16)
def schroeder_hz(room: Room) -> float:
    """2000 sqrt(T / V) in Hz, T at 125 Hz (Schroeder & Kuttruff 1962)."""
    return 2000.0 * sqrt(reverberation_time(room, 125.0) / room.volume)
