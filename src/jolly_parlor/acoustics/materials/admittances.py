"""From absorption coefficients to the specific admittance that the field model needs.

Surfaces are locally reacting with a real specific admittance beta = rho c / Z. A table of
the trade gives random-incidence absorption; a tube gives normal-incidence absorption. The
two lead to different admittances and must not be mixed.
"""

from functools import cache

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.bands import OCTAVE_BANDS_HZ
from jolly_parlor.words import tr

BEST_MATCHED_IMPEDANCE = 1.5669
"""Real specific impedance with the largest random-incidence absorption."""

GREATEST_RANDOM_ABSORPTION = 0.9512
"""The most a locally reacting real surface can absorb at random incidence (Kuttruff)."""

DOWNWARD_ASSUMPTION = tr(
    "Below 63 Hz no table gives absorption; the 63 Hz value is held down to 20 Hz."
)


def random_incidence_absorption(impedance: FloatArray) -> FloatArray:
    """Paris's integral for a real specific impedance zeta (locally reacting).

    alpha = (8 / zeta^2) (1 + zeta - 1 / (1 + zeta) - 2 ln(1 + zeta)),
    the integral of 4 zeta cos t / (1 + zeta cos t)^2 over sin 2t from 0 to 90 degrees
    (Paris 1928; Kuttruff, Room Acoustics, statistical absorption of a reacting wall).
    """
    z = np.asarray(impedance, dtype=float)
    result: FloatArray = 8.0 / z**2 * (1.0 + z - 1.0 / (1.0 + z) - 2.0 * np.log1p(z))
    return result


def admittance_from_random_incidence(absorption: FloatArray) -> FloatArray:
    """Specific admittance of a locally reacting surface from table absorption, any shape.

    Inverts `random_incidence_absorption` on its hard branch (zeta above 1.57) by a dense table
    over ln zeta, good to 1e-7 in absorption. Coefficients above 0.951 cannot be reached by such a
    surface and give its best match, beta = 0.638. Raises ValueError outside 0 to 1.
    """
    alpha = np.asarray(absorption, dtype=float)
    if np.any(~np.isfinite(alpha)) or np.any(alpha < 0) or np.any(alpha > 1):
        raise ValueError("Absorption coefficients must lie between 0 and 1.")
    wanted = np.clip(alpha, 1e-6, GREATEST_RANDOM_ABSORPTION)
    log_absorption, log_impedance = _inverse_table()
    return np.asarray(np.exp(-np.interp(np.log(wanted), log_absorption, log_impedance)))


@cache
def _inverse_table() -> tuple[FloatArray, FloatArray]:
    log_impedance = np.linspace(np.log(1e8), np.log(BEST_MATCHED_IMPEDANCE), 40_001)
    return np.log(random_incidence_absorption(np.exp(log_impedance))), log_impedance


def admittance_from_normal_incidence(absorption: FloatArray) -> FloatArray:
    """beta = (1 - R) / (1 + R) with R = sqrt(1 - alpha), for tube-measured absorption."""
    reflection = np.sqrt(1.0 - np.asarray(absorption, dtype=float))
    return np.asarray((1.0 - reflection) / (1.0 + reflection))


def absorption_at(frequencies_hz: FloatArray, per_octave_band: FloatArray) -> FloatArray:
    """Absorption at any frequency, from the seven bands 63 to 4000 Hz, shape of frequencies.

    Linear in log frequency between bands, held constant beyond the first and last band: the
    extension below 63 Hz is an assumption (see DOWNWARD_ASSUMPTION).
    """
    bands = np.asarray(per_octave_band, dtype=float)
    if bands.shape != (len(OCTAVE_BANDS_HZ),):
        raise ValueError(f"expected {len(OCTAVE_BANDS_HZ)} octave bands, got {bands.shape}")
    return np.asarray(np.interp(np.log(frequencies_hz), np.log(OCTAVE_BANDS_HZ), bands))


def reflection_factor(admittance: float, cosine: float) -> float:
    """Plane-wave pressure reflection at angle t from the normal: (cos t - beta)/(cos t + beta)."""
    return (cosine - admittance) / (cosine + admittance)
