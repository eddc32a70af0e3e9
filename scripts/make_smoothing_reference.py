"""Writes tests/data/smoothing.json: a spectrum smoothed by a general-purpose acoustics library.

Needs `pyfar` (0.8.1 was used), which the tests themselves do not: run it in an environment of its
own. pyfar smooths magnitudes with a boxcar over log frequency, so it is given the power spectrum.
"""

import json
from pathlib import Path

import numpy as np
import pyfar

RATE, SIZE = 8000, 8000
FRACTIONS = (1, 3, 6, 12)
AT_HZ = (40.0, 63.0, 100.0, 160.0, 250.0, 400.0, 630.0, 1000.0)


def level_db(f: np.ndarray) -> np.ndarray:
    """A made-up room: three resonances and a comb."""
    total = 1 + 0.5 * np.exp(-2j * np.pi * f * 0.004)
    for at, size, q in ((45.0, 2.0, 12.0), (90.0, 1.5, 15.0), (210.0, 1.0, 20.0)):
        total = total + size / (1 + 1j * q * (f / at - at / np.maximum(f, 1.0)))
    return 20 * np.log10(np.abs(total))


def main() -> None:
    """Write the file."""
    f = np.fft.rfftfreq(SIZE, 1 / RATE)
    power = 10 ** (level_db(f) / 10)
    signal = pyfar.Signal(power, RATE, n_samples=SIZE, domain="freq", fft_norm="none")
    smoothed = {}
    for fraction in FRACTIONS:
        made, _ = pyfar.dsp.smooth_fractional_octave(signal, fraction, mode="magnitude")
        found = np.abs(made.freq[0])
        level = 10 * np.log10(np.interp(AT_HZ, f, found))
        smoothed[str(fraction)] = [round(float(v), 4) for v in level]
    out = Path(__file__).parents[1] / "tests" / "data" / "smoothing.json"
    table = {"library": f"pyfar {pyfar.__version__}", "at_hz": AT_HZ, "level_db": smoothed}
    out.write_text(json.dumps(table, indent=1) + "\n", "utf-8")


if __name__ == "__main__":
    main()
