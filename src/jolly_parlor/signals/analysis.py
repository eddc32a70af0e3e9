"""What an impulse response tells: level, phase, when sound arrives, how it rings and dies away."""

from dataclasses import dataclass, field

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.bands import log_grid
from jolly_parlor.signals.decay import Decay, decays
from jolly_parlor.signals.fading import Fading, fading
from jolly_parlor.signals.gating import Gates, pressure_within
from jolly_parlor.signals.impulse import ImpulseResponse
from jolly_parlor.signals.phase import excess_phase_deg, group_delay_seconds
from jolly_parlor.signals.ringing import Ring, rings
from jolly_parlor.signals.smoothing import smooth_level_db

SMOOTHINGS = (1, 2, 3, 6, 12, 24, 48)
"""Parts of an octave on offer."""
_POINTS = 600
_SHOWN_BEFORE, _SHOWN_AFTER = 0.02, 0.6
_HIGHEST_HZ = 20_000.0
_DELAY_HZ: FloatArray = np.geomspace(20.0, 500.0, 320)
_FLOOR_DB = 80.0


@dataclass(frozen=True)
class Look:
    """How to look at a take: what part of it, and how smooth."""

    gates: Gates = field(default=Gates())
    per_octave: int = 12


@dataclass(frozen=True, eq=False)
class Telling:
    look: Look
    arrival_seconds: float
    times: FloatArray
    """Seconds after the arrival."""
    level_over_time_db: FloatArray
    """Largest magnitude around each time, dB below the peak."""
    level_hz: FloatArray
    level_db: FloatArray
    """Within the gates, smoothed on power."""
    delay_hz: FloatArray
    delay_seconds: FloatArray
    """Group delay beyond the arrival."""
    phase_deg: FloatArray
    """At `delay_hz`, the arrival's delay taken out, -180 to 180."""
    excess_phase_deg: FloatArray
    """What of it no minimum-phase system with these levels would have."""
    decays: tuple[Decay, ...]
    rings: tuple[Ring, ...]
    fading: Fading


def telling(impulse: ImpulseResponse, look: Look | None = None) -> Telling:
    """Work all of it out. Raises Refused with a sentence for gates that cannot be."""
    look = look or Look()
    arrival = impulse.arrival_seconds()
    shown = impulse.between(arrival - _SHOWN_BEFORE, arrival + _SHOWN_AFTER)
    size = np.abs(shown.samples)
    step = max(size.size // _POINTS, 1)
    whole = size[: size.size // step * step].reshape(-1, step).max(axis=1)
    over_time = 20 * np.log10(np.maximum(whole / max(float(size.max()), 1e-20), 1e-6))
    times = shown.times[::step][: whole.size] - arrival
    top = min(_HIGHEST_HZ, 0.45 * impulse.sample_rate)
    f = log_grid(20.0, top, 48)
    level = 20 * np.log10(np.maximum(np.abs(pressure_within(impulse, look.gates, f)), 1e-12))
    at = _DELAY_HZ[top >= _DELAY_HZ]
    turned = pressure_within(impulse, look.gates, at) * np.exp(2j * np.pi * at * arrival)
    return Telling(
        look=look,
        arrival_seconds=arrival,
        times=times,
        level_over_time_db=over_time,
        level_hz=f,
        level_db=smooth_level_db(f, level, f, look.per_octave),
        delay_hz=at,
        delay_seconds=group_delay_seconds(at, np.angle(turned, deg=True)),
        phase_deg=np.angle(turned, deg=True),
        excess_phase_deg=_excess(impulse, look.gates, arrival, at),
        decays=tuple(decays(impulse, 30.0, 4000.0)),
        rings=tuple(rings(impulse)),
        fading=fading(impulse),
    )


def _excess(
    impulse: ImpulseResponse, gates: Gates, arrival: float, at_hz: FloatArray
) -> FloatArray:
    """Excess phase with the arrival's delay taken out, -180 to 180 degrees."""
    cut = impulse.gated(gates.left_ms / 1000, gates.right_ms / 1000)
    size = 1 << int(np.ceil(np.log2(cut.samples.size * 2)))
    spectrum = np.fft.rfft(cut.samples, size)
    bins = np.fft.rfftfreq(size, 1 / cut.sample_rate)
    level = 20 * np.log10(np.maximum(np.abs(spectrum), 1e-12))
    level = np.maximum(level, level.max() - _FLOOR_DB)  # outside the sweep there is only noise
    turned = spectrum * np.exp(2j * np.pi * bins * (arrival - cut.start_seconds))
    excess = excess_phase_deg(level, np.angle(turned, deg=True))
    found = np.interp(at_hz, bins, excess)
    return np.asarray((found + 180.0) % 360.0 - 180.0)
