"""Above the modal range: direct sound and low-order images, joined to the modes without a step.

Between 300 and 700 Hz a room's field hangs on more detail than a survey holds. What can still be
told is the direct sound and its first reflections (image sources of a box, Allen & Berkley 1979,
each surface with the plane-wave reflection factor of its admittance). It shows where early
reflections comb the response; the dense field on top is left out, so levels are less certain.
"""

from itertools import product

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.room import SURFACE_NAMES, Point, Room, surface_admittance

HIGHEST_ORDER = 2
JOIN_FROM_HZ, JOIN_TO_HZ = 300.0, 345.0


def image_pressure(
    room: Room, source: Point, ear: Point, frequencies_hz: FloatArray, order: int = HIGHEST_ORDER
) -> ComplexArray:
    """Complex pressure per unit source of the images up to an order of reflection, (frequencies,).

    Raises ValueError where source and ear coincide.
    """
    if source.distance(ear) < 1e-3:
        raise ValueError("Source and ear are at the same place; move them apart.")
    f = np.asarray(frequencies_hz, dtype=float)
    k = 2 * np.pi * f / room.speed_of_sound
    betas = np.array([surface_admittance(room, name, f) for name in SURFACE_NAMES])
    places, hits = images(room, source, order)
    away = places - ear.array()
    distance = np.linalg.norm(away, axis=1)
    cosine = np.abs(away) / distance[:, None]
    total = np.zeros(f.size, dtype=np.complex128)
    for index, r in enumerate(distance):
        factor = np.ones(f.size)
        for surface, beta in enumerate(betas):
            count = hits[index, surface]
            if count:
                angle = cosine[index, surface // 2]
                factor = factor * ((angle - beta) / (angle + beta)) ** count
        total += factor * np.exp(-1j * k * r) / r
    return total


def images(room: Room, source: Point, order: int) -> tuple[FloatArray, FloatArray]:
    """Places of the images (images, 3), and how often each surface reflects them (images, 6).

    x' = 2 n W + (1 - 2 u) x, reflected |n - u| times at x = 0 and |n| times at x = W (Allen &
    Berkley 1979); likewise along y and z. The source itself is the first.
    """
    at = source.array()
    each = [(n, u) for n in range(-order, order + 1) for u in (0, 1)]
    found = []
    for choice in product(each, repeat=3):
        hits = [count for n, u in choice for count in (abs(n - u), abs(n))]
        if sum(hits) <= order:
            place = [
                2 * n * size + (1 - 2 * u) * x
                for (n, u), size, x in zip(choice, room.dimensions, at, strict=True)
            ]
            found.append((sum(hits), place, hits))
    found.sort(key=lambda row: row[0])
    return (
        np.array([place for _, place, _ in found]),
        np.array([hits for _, _, hits in found], dtype=float),
    )


def joined(modal: ComplexArray, above: ComplexArray, frequencies_hz: FloatArray) -> ComplexArray:
    """Modes up to 300 Hz, images from 345 Hz, and in between a fade of one into the other."""
    span = np.log(JOIN_TO_HZ / JOIN_FROM_HZ)
    share = np.clip(np.log(frequencies_hz / JOIN_FROM_HZ) / span, 0.0, 1.0)
    weight = np.cos(share * np.pi / 2) ** 2
    return np.asarray(weight * modal + (1 - weight) * above)
