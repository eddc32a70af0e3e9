"""A frequency response as measured or calculated."""

from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr


@dataclass(frozen=True, eq=False)
class Response:
    """Level in dB and, where known, phase in degrees over ascending frequencies in Hz."""

    frequencies_hz: FloatArray
    level_db: FloatArray
    phase_deg: FloatArray | None = None

    def __post_init__(self) -> None:
        f = self.frequencies_hz
        if f.ndim != 1 or f.size < 2 or self.level_db.shape != f.shape:
            raise ValueError("A response needs two or more frequencies, each with a level.")
        if np.any(np.diff(f) <= 0) or f[0] <= 0:
            raise ValueError("The frequencies of a response must be positive and ascending.")
        if self.phase_deg is not None and self.phase_deg.shape != f.shape:
            raise ValueError("A response with phase needs one for every frequency.")
        for values in (f, self.level_db, self.phase_deg):
            if values is not None and not np.all(np.isfinite(values)):
                raise ValueError("Every value of a response must be a finite number.")

    @classmethod
    def from_pressure(cls, frequencies_hz: FloatArray, pressure: ComplexArray) -> "Response":
        """From complex pressure, 0 dB at |p| = 1."""
        level = 20 * np.log10(np.maximum(np.abs(pressure), 1e-12))
        return cls(frequencies_hz, level, np.angle(pressure, deg=True))

    def covers(self, low_hz: float, high_hz: float) -> bool:
        """Whether the band lies within the measured range."""
        return bool(self.frequencies_hz[0] <= low_hz and self.frequencies_hz[-1] >= high_hz)

    def pressure(self, frequencies_hz: FloatArray) -> ComplexArray:
        """Complex pressure on other frequencies; level and unwrapped phase are interpolated
        linearly over log frequency. Raises Refused without phase or outside the range.
        """
        if self.phase_deg is None:
            raise Refused(tr("This response has no phase, so it cannot be added to another."))
        if not self.covers(float(frequencies_hz[0]), float(frequencies_hz[-1])):
            raise Refused(tr("The response does not cover these frequencies."))
        at, own = np.log(frequencies_hz), np.log(self.frequencies_hz)
        level = np.interp(at, own, self.level_db)
        phase = np.interp(at, own, np.unwrap(np.radians(self.phase_deg)))
        return np.asarray(10 ** (level / 20) * np.exp(1j * phase))
