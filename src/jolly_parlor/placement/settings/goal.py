"""How even what is heard is, as a figure of what is set, with its slope.

    J^2 = sum over the heads of [ (2 E_all^2 + E_left^2 + E_right^2) / 4 + M^2 / 10 + d S^2 ],

E that of the module `evenness`: of all that plays, and of what is heard of a sound panned fully to
the left and to the right (that side with the subwoofers); M the root mean square of the difference
of these two; S and d as in the search. Without subwoofer and settings it is the search's J.

Slopes go back from J through the smoothed levels to the factor of each loudspeaker at each
frequency; there a control's own slope is a difference of its Chain over a small turn.
"""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from functools import lru_cache

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.placement.chains import FLAT, Chain
from jolly_parlor.placement.evenness import (
    DIP_WEIGHT,
    GRID_HZ,
    MATCH_WEIGHT,
    SMOOTHING_PER_OCTAVE,
)
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.placement.mixes import judged_band
from jolly_parlor.placement.settings.heard import Heard
from jolly_parlor.placement.settings.knobs import Knob
from jolly_parlor.signals.smoothing import smoothing_weights

_DB = 10 / np.log(10)
_LEAST = 1e-30
_KEPT = 6_000
"""Responses of parts of chains: a search solves for one place after another with the same ones."""


@dataclass(frozen=True, eq=False)
class _Sums:
    """Whose sums are judged, and how much each counts."""

    members: FloatArray
    """(sums, loudspeakers), 0 or 1."""
    shares: FloatArray
    sides: tuple[int, int] | None
    """Which two must match."""


class Goal:
    """J of chains for one Heard."""

    def __init__(self, heard: Heard, deep: float = 0.0, per_octave: int | None = None) -> None:
        """deep: as the wish of that name. per_octave: fewer judged frequencies, for a first look;
        None judges as everywhere else.
        """
        self.heard, self._deep = heard, deep
        self.names = heard.mix.loudspeakers
        self._f = heard.frequencies_hz
        self._flat = np.array([heard.sources[name] for name in self.names])
        low, high, target = judged_band(heard.gear, heard.mix)
        at = GRID_HZ if per_octave is None else GRID_HZ[:: 48 // per_octave]
        self.at_hz = at[(at >= low - 1e-9) & (at <= high + 1e-9)]
        self._target_db = target.at(self.at_hz)
        weights = smoothing_weights(self._f, self.at_hz, SMOOTHING_PER_OCTAVE)
        used = np.flatnonzero(np.any(weights > 0, axis=0))
        self._used = slice(int(used[0]), int(used[-1]) + 1)
        self._smooth = np.ascontiguousarray(weights[:, self._used].T)
        self._pressure = np.ascontiguousarray(self._flat[:, :, self._used])
        self._sums = _sums_of(heard)
        self._one = np.ones(self._pressure.shape[-1], dtype=np.complex128)
        self._grid = self._f[self._used].tobytes()
        lowest = (self.at_hz <= 2 * self.at_hz[0] + 1e-9).astype(float)
        self._lowest = lowest / lowest.sum()

    def db(self, chains: Mapping[str, Chain]) -> float:
        """J in dB."""
        return float(np.sqrt(self.square(self.factors(chains))))

    def seat_db(self, chains: Mapping[str, Chain]) -> dict[str, float]:
        """Evenness of all that plays at the ear centre of each seat, as shown everywhere else."""
        levels = self._levels(self.factors(chains))[0][0]
        centres = self.heard.centres.items()
        return {
            seat: float(np.sqrt(_evenness(levels[at] - self._target_db)[0])) for seat, at in centres
        }

    def levels_db(self, chains: Mapping[str, Chain], seat: str) -> FloatArray:
        """Of all that plays at an ear centre, smoothed, (at_hz,)."""
        levels = self._levels(self.factors(chains))[0]
        return np.asarray(levels[0, self.heard.centres[seat]])

    def factors(self, chains: Mapping[str, Chain]) -> ComplexArray:
        """What each loudspeaker is fed through, (loudspeakers, used frequencies)."""
        return np.array([self.factor(chains.get(name, FLAT)) for name in self.names])

    def factor(self, chain: Chain) -> ComplexArray:
        """Of one chain, (used frequencies,)."""
        total = self._one
        for part in chain.parts():
            total = total * self._part(part)
        return total

    def _part(self, chain: Chain) -> ComplexArray:
        return _response(chain, self.heard.mix.handed_over, self._grid)

    def square(self, factors: ComplexArray) -> float:
        """J^2."""
        return float(self._judged(self._levels(factors)[0])[0])

    def squares(self, factors: ComplexArray) -> FloatArray:
        """J^2 of many settings at once, (settings, loudspeakers, frequencies) to (settings,)."""
        return np.array([self.square(one) for one in factors])

    def slope(
        self, chains: Mapping[str, Chain], knobs: Sequence[Knob], factors: ComplexArray
    ) -> tuple[float, FloatArray]:
        """J^2 and its slope by each knob, in the knob's own unit."""
        level, sums, power = self._levels(factors)
        value, by_level = self._judged(level)
        by_power = (by_level * _DB / power) @ self._smooth.T
        by_sum = 2 * by_power * sums.conj()  # J^2 changes by the real part of this times dp
        weighed = np.einsum("mn,mkf->nkf", self._sums.members, by_sum)
        by_factor = np.einsum("nkf,nkf->nf", weighed, self._pressure)
        slopes = np.zeros(len(knobs))
        for number, knob in enumerate(knobs):
            for name in knob.names:
                n = self.names.index(name)
                turn = factors[n] * self._turn(knob, chains.get(name, FLAT))
                slopes[number] += float(np.sum((by_factor[n] * turn).real))
        return float(value), slopes

    def _turn(self, knob: Knob, chain: Chain) -> ComplexArray:
        """The relative change of a chain's factor for one unit of a knob."""
        if knob.what == "gain_db":
            return np.asarray(self._one * (np.log(10) / 20))
        if knob.what == "delay_ms":
            return np.asarray(-2j * np.pi * self._f[self._used] / 1000.0)
        own = knob.only(chain)
        by = knob.control.turn
        now = knob.value({knob.names[0]: own})
        if now + by > knob.high:
            by = -by
        there = knob.of(own, now + by)  # asked for once: not worth keeping
        turned = there.response(self._f[self._used], self.heard.mix.handed_over) / self._part(own)
        return np.asarray((turned - 1) / by)

    def _levels(self, factors: ComplexArray) -> tuple[FloatArray, ComplexArray, FloatArray]:
        """Smoothed levels (sums, points, at_hz), pressures of the sums, smoothed power."""
        parts = self._pressure * factors[:, None, :]
        sums = np.einsum("mn,nkf->mkf", self._sums.members, parts)
        power = np.maximum((sums.real**2 + sums.imag**2) @ self._smooth, _LEAST)
        return _DB * np.log(power), sums, power

    def _judged(self, level: FloatArray) -> tuple[float, FloatArray]:
        """J^2 and its slope by each level."""
        level = level - self._target_db
        square, slope = _evenness(level)
        weights = self.heard.weights
        shares = self._sums.shares[:, None] * weights[None, :]
        total = float(np.sum(shares * square))
        by_level = shares[:, :, None] * slope
        if self._sums.sides is not None:
            one, other = self._sums.sides
            apart = level[one] - level[other]
            total += MATCH_WEIGHT * float(weights @ np.mean(apart**2, axis=-1))
            by_apart = 2 * MATCH_WEIGHT / apart.shape[-1] * weights[:, None] * apart
            by_level[one] += by_apart
            by_level[other] -= by_apart
        if self._deep > 0:
            low = level[0].mean(axis=-1) - level[0] @ self._lowest
            missing = np.maximum(low, 0.0)
            total += self._deep * float(weights @ missing**2)
            by_low = 2 * self._deep * (weights * missing)[:, None]
            by_level[0] += by_low * (1 / level.shape[-1] - self._lowest)
        return total, by_level


@lru_cache(_KEPT)
def _response(chain: Chain, handed_over: bool, grid: bytes) -> ComplexArray:
    """Of a part of a chain on frequencies given as their bytes; not to be written into."""
    made = chain.response(np.frombuffer(grid), handed_over)
    made.flags.writeable = False
    return made


def _evenness(level: FloatArray) -> tuple[FloatArray, FloatArray]:
    """E^2 over the last axis as in the module `evenness`, and its slope by each level, as long as
    no deviation changes its sign.
    """
    off = level - level.mean(axis=-1, keepdims=True)
    weight = np.where(off < 0, DIP_WEIGHT, 1.0)
    whole = weight.sum(axis=-1, keepdims=True)
    square = np.sum(weight * off**2, axis=-1) / whole[..., 0]
    slope = 2 * weight * off / whole
    return square, slope - slope.mean(axis=-1, keepdims=True)


def _sums_of(heard: Heard) -> _Sums:
    names = heard.mix.loudspeakers
    everything = np.ones(len(names))
    if not heard.mix.has_pair:
        return _Sums(everything[None, :], np.array([1.0]), None)
    left, right = (
        np.array([float(name not in PAIR or name == side) for name in names]) for side in PAIR
    )
    return _Sums(np.array([everything, left, right]), np.array([0.5, 0.25, 0.25]), (1, 2))
