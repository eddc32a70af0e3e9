"""The posterior: what a fit says of places nobody has measured, and how sure it is.

Levels are taken as straight in every parameter around the fitted values. Their uncertainty adds
what the fit leaves open about room and sources, a centimetre of placing for everything newly
placed, and what the fit could not explain in its own takes.
"""

from collections.abc import Sequence
from dataclasses import dataclass, replace
from math import erf, exp, pi, sqrt

import numpy as np

from jolly_parlor.acoustics.arrays import BoolArray, FloatArray
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.fitting.evidence import FIT_HZ, MODEL_HZ, Evidence, Placing
from jolly_parlor.fitting.fit import Fit
from jolly_parlor.fitting.parameters import (
    Parameter,
    centre_parameters,
    parameters_of_source,
    place_parameters,
)
from jolly_parlor.fitting.predicting import Predictor
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.evenness import shape_db
from jolly_parlor.placement.judging import Judged
from jolly_parlor.placement.mixes import factors
from jolly_parlor.placement.radiating import all_heard_from, looks, plates_of
from jolly_parlor.placement.setup import Setup
from jolly_parlor.words import tr

_HIDDEN_DB = 0.3
"""What a fit hides of its takes' own error by bending to it; found by benchmarks/accuracy.py."""
_EXPLAINED_DB, _ELSEWHERE = 0.6, 0.4
"""Residuals up to the first are what measuring leaves; beyond, so much more is off elsewhere; found
on rooms of benchmarks/lived_rooms.py.
"""
BAND_SIGMAS = 1.2816
"""Either side of the middle: four fifths of a normal distribution lie between."""


@dataclass(frozen=True, eq=False)
class Believed:
    """Levels of some placings (placings, FIT_HZ), dB against the fit's own scale."""

    level_db: FloatArray
    sigma_db: FloatArray
    """Standard deviation of each, when every placing is held against its own mean."""
    slopes: FloatArray
    """By the shared parameters and the new places, (placings, FIT_HZ, n)."""
    covariance: FloatArray
    """Of those, (n, n)."""

    def band_db(self) -> tuple[FloatArray, FloatArray]:
        """Low and high edge of the four-fifths band."""
        away = BAND_SIGMAS * self.sigma_db
        return self.level_db - away, self.level_db + away


def believe(fit: Fit, placings: Sequence[Placing]) -> Believed:
    """Predict placings that may be new."""
    shared = [fit.parameters[n] for n in fit.shared]
    takes = [
        Evidence(tr("placing {n}", n=n), p, np.zeros(FIT_HZ.size)) for n, p in enumerate(placings)
    ]
    # What no take has heard, such as a subwoofer, is as unsure as before any take.
    # A cabinet that radiates from further ahead does so wherever it stands.
    steps = {p.label: p.steps for p in centre_parameters(takes) if p.kind == "centre"}
    shared = [replace(p, steps=steps.get(p.label, ())) if p.kind == "centre" else p for p in shared]
    known = {p.label for p in shared if p.kind in ("level", "corner")}
    unheard = sorted({name for p in placings for name in p.sources} - known)
    new = [parameter for name in unheard for parameter in parameters_of_source(name)]
    new += place_parameters(_places(placings))
    parameters: list[Parameter] = [*shared, *new]
    z = np.concatenate([fit.z[fit.shared], np.zeros(len(new))])
    found = Predictor(fit.surveyed, fit.gear, parameters).with_slopes(takes, z)
    count = len(shared)
    covariance = np.eye(len(parameters))
    covariance[:count, :count] = fit.covariance[np.ix_(fit.shared, fit.shared)]
    # A shape is judged against its own mean: what lifts all of it alike makes it no less sure.
    shape = found.slopes - np.mean(found.slopes, axis=1, keepdims=True)
    spread = np.einsum("tfi,ij,tfj->tf", shape, covariance, shape, optimize=True)
    rest = own_error_db(fit)
    sigma: FloatArray = np.sqrt(np.maximum(spread, 0.0) + rest**2)
    return Believed(found.level_db, sigma, found.slopes, covariance)


def own_error_db(fit: Fit) -> float:
    """What the model itself is off by at places nobody measured, by what it could not explain at
    those that were: a room that bent far to its takes is further off elsewhere.
    """
    bent = min(max((fit.residual_db - _EXPLAINED_DB) / _EXPLAINED_DB, 0.0), 1.0)
    return float(np.hypot(fit.residual_db * (1 + _ELSEWHERE * bent), _HIDDEN_DB))


def placing_of(setup: Setup, seat: str, sources: Sequence[str]) -> Placing:
    """Some loudspeakers of an arrangement, each flat, heard at a seat among its desk and chairs."""
    heard = all_heard_from(setup, sources)
    ways = {name: looks(setup, name) for name in heard}
    plates = plates_of(setup.gear, setup.arrangement)
    return Placing(heard, setup.arrangement.seats[seat], ways=ways, plates=plates)


def placing_of_mix(case: Case, names: Sequence[str] | None = None) -> Placing:
    """All that plays, each through its chain; or some of it only."""
    through = factors(case.mix, case.arrangement.chains, MODEL_HZ)
    playing = [n for n in case.mix.loudspeakers if names is None or n in names]
    drives = {n: factor for n, factor in through.items() if n in playing and factor is not None}
    placing = placing_of(case.setup, case.seat, playing)
    return replace(placing, drives=drives)


@dataclass(frozen=True, eq=False)
class Figures:
    """Evenness of some placings over the fit's range, with how sure, and how they hang together."""

    evenness_db: FloatArray
    covariance: FloatArray
    slopes: FloatArray
    """Of each figure by the parameters of the `Believed` it came from, (placings, n)."""

    def sigma_db(self, index: int) -> float:
        return float(np.sqrt(self.covariance[index, index]))

    def better(self, one: int, other: int) -> float:
        """How probable it is that one is more even than the other, 0 to 1."""
        gap = float(self.evenness_db[other] - self.evenness_db[one])
        unsure = self.gap_sigma_db(one, other)
        return 0.5 * (1 + erf(gap / max(unsure, 1e-9) / sqrt(2)))

    def gap_sigma_db(self, one: int, other: int) -> float:
        """Standard deviation of the difference between two."""
        c = self.covariance
        return float(sqrt(max(c[one, one] + c[other, other] - 2 * c[one, other], 0.0)))


def judged_of_fit(judged: Judged) -> BoolArray:
    """Which of FIT_HZ a band judges: a fit says nothing above 200 Hz."""
    return np.asarray((judged.low_hz <= FIT_HZ) & (judged.high_hz >= FIT_HZ))


def figures(believed: Believed, judged: Judged) -> Figures:
    """Evenness up to 200 Hz of each placing; its slopes by differences along the level's."""
    band = judged_of_fit(judged)
    level, slopes = believed.level_db[:, band], believed.slopes[:, band]
    level = level - judged.target.at(FIT_HZ[band])
    base = shape_db(level)
    step = 0.02
    moved = level[:, :, None] + step * slopes
    gradient = np.array([(shape_db(m.T) - b) / step for m, b in zip(moved, base, strict=True)])
    return Figures(base, gradient @ believed.covariance @ gradient.T, gradient)


def expected_gain_db(gap_db: float, sigma_db: float) -> float:
    """By how much a choice between two is expected to improve by learning something that moves
    their gap by sigma: s phi(d / s) - d (1 - Phi(d / s)) for a gap d of zero or more (the expected
    value of information of a choice between two, Raiffa & Schlaifer 1961).
    """
    if sigma_db <= 1e-12:
        return 0.0
    d = abs(gap_db) / sigma_db
    density = exp(-(d**2) / 2) / sqrt(2 * pi)
    return sigma_db * (density - d * 0.5 * (1 - erf(d / sqrt(2))))


def _places(placings: Sequence[Placing]) -> list[tuple[str, Point]]:
    found: dict[Point, str] = {}
    for placing in placings:
        for name, point in placing.sources.items():
            found.setdefault(point, name)
        found.setdefault(placing.ear, "ear")
    return [(name, point) for point, name in found.items()]
