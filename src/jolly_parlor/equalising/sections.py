"""The few sections that buy most: cuts only, within the hills that a cut can mend.

One section after another is set upon what stands out most, all of them are settled together
(SciPy's least squares on the figure of `evenness` itself, smoothing included), and each must buy
0.2 dB of Evenness by itself at the end, or it goes.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace
from typing import TYPE_CHECKING

import numpy as np
from numpy.typing import NDArray

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.placement.chains import Section
from jolly_parlor.placement.evenness import DIP_WEIGHT, SMOOTHING_PER_OCTAVE, grid_to, shape_db
from jolly_parlor.signals.smoothing import smoothing_weights
from jolly_parlor.words import tr

if TYPE_CHECKING:
    from jolly_parlor.equalising.curves import Curve
    from jolly_parlor.equalising.mendable import Verdict

WORTH_DB = 0.2
"""What a section must buy."""
WARN_DB, MOST_DB = 6.0, 12.0
"""Beyond the first a cut is said to be large; beyond the second none goes."""
MOST_SECTIONS = 10
USUAL_STRENGTH = 0.75
STRENGTH_WHY = tr(
    "Many who do this prefer about three quarters of what the figure "
    "asks for: the ear takes part of the room for granted. Set it by "
    "ear, on music you know well. (Common practice, no source.)"
)
_Q_LEAST, _Q_MOST = 0.7, 16.0
_LEAST_RISE_DB, _BEYOND_DB = 1.0, 1.0
_TRIES = 3
_DB = 10 / np.log(10)


@dataclass(frozen=True, eq=False)
class Correction:
    """Sections at full strength for one curve, and what each buys."""

    curve: Curve
    verdicts: tuple[Verdict, ...]
    sections: tuple[Section, ...]
    buys_db: tuple[float, ...]
    """What Evenness would lose without each, dB."""

    def at(self, strength: float) -> tuple[Section, ...]:
        """The sections at a strength of 0 to 1: gains in proportion, to a tenth of a decibel."""
        scaled = (replace(s, gain_db=round(s.gain_db * strength, 1) + 0.0) for s in self.sections)
        return tuple(s for s in scaled if s.gain_db < 0)

    def level_db(self, level_db: FloatArray, strength: float) -> FloatArray:
        """Levels at the curve's frequencies with the correction on."""
        return level_db + correction_db(self.at(strength), self.curve.frequencies_hz)

    @property
    def largest_db(self) -> float:
        """The largest cut at full strength, sections together; 0 or less."""
        f = self.curve.frequencies_hz
        return float(np.min(correction_db(self.sections, f), initial=0.0))


def correction_db(sections: Sequence[Section], frequencies_hz: FloatArray) -> FloatArray:
    """The level of sections together, dB."""
    from jolly_parlor.equalising.biquads import analogue

    return np.asarray(20 * np.log10(np.abs(analogue(sections, frequencies_hz))))


def correction_for(curve: Curve, verdicts: Sequence[Verdict]) -> Correction:
    """Sections for one curve; none where nothing that can be mended is worth one."""
    task = _Task(curve, [v for v in verdicts if v.mendable])
    chosen = task.found()
    tidy, buys = task.without_idle(_tidied(chosen, curve.frequencies_hz))
    order = np.argsort([s.frequency_hz for s in tidy])
    return Correction(
        curve,
        tuple(verdicts),
        tuple(tidy[n] for n in order),
        tuple(buys[n] for n in order),
    )


class _Task:
    """Evenness of one curve as a function of sections."""

    def __init__(self, curve: Curve, hills: Sequence[Verdict]) -> None:
        self.curve, self.hills = curve, hills
        low, high, target = curve.judged
        at = grid_to(high)
        self.at_hz = at[(at >= low - 1e-9) & (at <= high + 1e-9)]
        self.f = curve.frequencies_hz
        self._weights = smoothing_weights(self.f, self.at_hz, SMOOTHING_PER_OCTAVE)
        self._power = 10 ** (curve.mean_db / 10)
        self._target = target.at(self.at_hz)
        self._low = max(low, float(self.f[0]))
        self._depths = [(self._within(h), self._most(h)) for h in hills]
        """How deep sections may cut together within each hill."""

    def off_db(self, sections: Sequence[Section]) -> FloatArray:
        """Distance from even, (at_hz,)."""
        return self._off_db(correction_db(sections, self.f))

    def _off_db(self, cut_db: FloatArray) -> FloatArray:
        smooth = self._weights @ (self._power * 10 ** (cut_db / 10))
        level = _DB * np.log(np.maximum(smooth, 1e-30)) - self._target
        return np.asarray(level - level.mean())

    def figure(self, sections: Sequence[Section]) -> float:
        """Evenness, dB."""
        return float(shape_db(self.off_db(sections)))

    def found(self) -> list[Section]:
        """Sections set one after another, as long as each buys enough."""
        chosen: list[Section] = []
        while len(chosen) < MOST_SECTIONS:
            best: list[Section] | None = None
            before = self.figure(chosen)
            for start in self._starts(chosen):
                settled = self._settled([*chosen, start])
                if self.figure(settled) <= before - WORTH_DB:
                    best = settled
                    break
            if best is None:
                return chosen
            chosen = best
        return chosen

    def _starts(self, chosen: Sequence[Section]) -> list[Section]:
        """Where to set the next: the mendable hills that still stand out most."""
        off = self.off_db(chosen)
        found: list[tuple[float, Section]] = []
        for hill in self.hills:
            inside = (self.at_hz >= hill.low_hz) & (self.at_hz <= hill.high_hz)
            if not np.any(inside):
                continue
            at = int(np.flatnonzero(inside)[np.argmax(off[inside])])
            height = float(off[at])
            if height >= _LEAST_RISE_DB:
                octaves = max(hill.feature.width_octaves, 1 / SMOOTHING_PER_OCTAVE)
                q = 1 / (2 * np.sinh(np.log(2) / 2 * octaves))
                q = float(np.clip(q, _Q_LEAST, _Q_MOST))
                where = float(np.clip(self.at_hz[at], self._low, self.f[-1]))
                found.append((height, Section(where, -min(height, MOST_DB), q)))
        ranked = sorted(found, key=lambda pair: -pair[0])
        return [section for _, section in ranked[:_TRIES]]

    def _within(self, hill: Verdict) -> NDArray[np.bool_]:
        return np.asarray((self.f >= hill.low_hz) & (self.f <= hill.high_hz))

    def _most(self, hill: Verdict) -> float:
        """The deepest cut: little more than a hill stands above even as it is, before smoothing.
        The figure alone would cut further, to meet a deep hollow half way.
        """
        level = self.off_db([])
        even = min(0.0, float(np.median(level)))
        inside = self._within(hill)
        raw = self.curve.mean_db - self.curve.judged.target.at(self.f)
        smooth = np.interp(self.at_hz, self.f, raw) - level  # what is taken as even
        height = max(float(raw[inside].max() - np.median(smooth)) - even, _LEAST_RISE_DB)
        return min(MOST_DB, height + _BEYOND_DB)

    def _settled(self, sections: Sequence[Section]) -> list[Section]:
        """All of them moved to where the whole is most even."""
        start = np.array([[np.log(s.frequency_hz), s.gain_db, np.log(s.q)] for s in sections])
        low, high = np.empty_like(start), np.empty_like(start)
        for n, section in enumerate(sections):
            hill, (_, most) = min(
                zip(self.hills, self._depths, strict=True),
                key=lambda pair: abs(np.log(pair[0].feature.frequency_hz / section.frequency_hz)),
            )
            low[n] = np.log(max(hill.low_hz, self._low)), -most, np.log(_Q_LEAST)
            high[n] = np.log(max(hill.high_hz, self._low * 1.001)), 0.0, np.log(_Q_MOST)
        inside = np.clip(start, low + 1e-6, high - 1e-6)

        def residual(flat: FloatArray) -> FloatArray:
            cut = correction_db(_sections(flat), self.f)
            off = self._off_db(cut)
            weight = np.where(off < 0, DIP_WEIGHT, 1.0)
            beyond = [min(cut[inside].min() + most, 0.0) for inside, most in self._depths]
            return np.append(np.sqrt(weight / weight.sum()) * off, beyond)

        from scipy.optimize import least_squares  # here: starting the window need not wait for it

        bounds = (low.ravel(), high.ravel())
        solved = least_squares(residual, inside.ravel(), bounds=bounds, x_scale="jac", max_nfev=60)
        return _sections(solved.x)

    def without_idle(self, sections: list[Section]) -> tuple[list[Section], list[float]]:
        """Those left of which each buys enough by itself, and what it buys."""
        while True:
            whole = self.figure(sections)
            buys = [
                self.figure([s for m, s in enumerate(sections) if m != n]) - whole
                for n in range(len(sections))
            ]
            if not buys or min(buys) >= WORTH_DB:
                return sections, buys
            idle = int(np.argmin(buys))
            rest = [s for n, s in enumerate(sections) if n != idle]
            sections = _tidied(self._settled(rest), self.f) if rest else []


def _sections(flat: FloatArray) -> list[Section]:
    return [
        Section(float(np.exp(f)), float(gain), float(np.exp(q)))
        for f, gain, q in np.asarray(flat).reshape(-1, 3)
    ]


def _tidied(sections: list[Section], frequencies_hz: FloatArray) -> list[Section]:
    """As a hand sets them, and together no deeper than MOST_DB."""
    tidy = [_tidy(section) for section in sections]
    while sections and correction_db(tidy, frequencies_hz).min() < -MOST_DB:
        tidy = [replace(s, gain_db=round(min(s.gain_db + 0.1, 0.0), 1)) for s in tidy]
    return tidy


def _tidy(section: Section) -> Section:
    """As a hand sets it: three figures of frequency, a tenth of a decibel, a tenth of Q."""
    f = section.frequency_hz
    digits = 1 if f < 100 else 0
    return Section(round(f, digits), round(section.gain_db, 1) + 0.0, round(section.q, 1))
