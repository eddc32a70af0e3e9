"""What part of an impulse response counts: gates in milliseconds, or in cycles of each frequency.

A fixed gate keeps the same stretch at all frequencies. A frequency-dependent window keeps the same
number of cycles: long at low frequencies, where a room's modes belong to what is heard, short at
high ones, where the ear tells the first sound from the room's.
"""

from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.refused import Refused
from jolly_parlor.signals.impulse import ImpulseResponse
from jolly_parlor.words import tr

LEFT_MS, RIGHT_MS = (0.1, 500.0), (1.0, 2000.0)
CYCLES = (1.0, 50.0)


@dataclass(frozen=True)
class Gates:
    """Before and after the arrival, milliseconds; and cycles of each frequency, None for all."""

    left_ms: float = 100.0
    right_ms: float = 1000.0
    cycles: float | None = None

    @property
    def problem(self) -> str:
        """What cannot be, in a sentence; empty when all is well."""
        for name, value, (least, most) in (
            (tr("gate before the arrival"), self.left_ms, LEFT_MS),
            (tr("gate after the arrival"), self.right_ms, RIGHT_MS),
            ("window", self.cycles, CYCLES),
        ):
            unit = "cycles" if name == "window" else "ms"
            if value is not None and not least <= value <= most:
                return tr(
                    "The {name} goes from {least:g} to {most:g} {unit}.",
                    name=name,
                    least=least,
                    most=most,
                    unit=unit,
                )
        return ""

    @property
    def lowest_hz(self) -> float:
        """Below this the gate is shorter than one cycle and tells nothing."""
        return 1000.0 / self.right_ms


def pressure_within(
    impulse: ImpulseResponse, gates: Gates, frequencies_hz: FloatArray
) -> ComplexArray:
    """Complex response of what the gates let through, (frequencies,), phase from time zero.

    Raises Refused with a sentence for gates that cannot be.
    """
    if gates.problem:
        raise Refused(gates.problem)
    f = np.asarray(frequencies_hz, dtype=float)
    cut = impulse.gated(gates.left_ms / 1000, gates.right_ms / 1000)
    if gates.cycles is None:
        return cut.pressure(f)
    away = cut.times - impulse.arrival_seconds()
    result = np.empty(f.size, dtype=np.complex128)
    for index, frequency in enumerate(f):
        span = gates.cycles / frequency
        kept = slice(*np.searchsorted(away, (-span, span)))
        share = np.abs(away[kept]) / span
        # Flat over the first half of the window, half a raised cosine over the second.
        window = np.where(share < 0.5, 1.0, 0.5 + 0.5 * np.cos(2 * np.pi * (share - 0.5)))
        turning = np.exp(-2j * np.pi * frequency * cut.times[kept])
        result[index] = np.sum(cut.samples[kept] * window * turning)
    return result
