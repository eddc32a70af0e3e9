"""The room fitted to takes: most probable values, how sure they are, and which takes disagree.

Levels are compared, not phases, so that no timing reference is needed. The best values minimise

    sum over takes and frequencies of w h((model - take) / sigma) + sum of z^2

with Huber's h, every parameter z counted in its own tolerance (Gauss-Newton with Levenberg's
damping; the sum of z^2 is the prior). w is less than one for a take that fits far worse than the
others, and allows for neighbours within a smoothing band telling the same thing. The covariance is
the inverse of the curvature at the end (Laplace's approximation).
"""

from collections.abc import Callable, Sequence
from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.eigenvalues import EigenvalueError
from jolly_parlor.acoustics.fitted import FittedRoom
from jolly_parlor.acoustics.room import Room
from jolly_parlor.fitting.evidence import SAMPLES_PER_BAND, Evidence
from jolly_parlor.fitting.parameters import (
    Parameter,
    place_parameters,
    places_of,
    room_of,
    room_parameters,
    source_parameters,
)
from jolly_parlor.fitting.predicting import Predicted, Predictor
from jolly_parlor.placement.gear import Gear

SIGMA_DB = 0.6
"""Half a decibel of measuring and a third of a box that is not quite one."""
_DIP_FROM_DB, _DIP_DOUBLES_DB = 6.0, 6.0
_HUBER = 2.5
_ROUNDS, _ENOUGH, _MOST_DAMPING = 12, 2e-3, 1e6
_LEAST_SHARE = 0.5
_ODD_RATIO, _ODD_LEAST_DB = 2.0, 1.5

Progress = Callable[[float], None]


@dataclass(frozen=True)
class TakeFit:
    """How one take agrees: root mean square differences, dB, aligned in level."""

    name: str
    before_db: float
    after_db: float
    weight: float
    """1, or less where the take fits far worse than the others."""


@dataclass(frozen=True, eq=False)
class Fit:
    """A fitted room."""

    surveyed: Room
    gear: Gear
    parameters: tuple[Parameter, ...]
    z: FloatArray
    covariance: FloatArray
    takes: tuple[TakeFit, ...]
    residual_db: float
    """What stays unexplained, root mean square over the takes that count."""

    @property
    def room(self) -> FittedRoom:
        """The room as the takes have taught it."""
        return room_of(self.surveyed, self.parameters, self.z)

    @property
    def shared(self) -> list[int]:
        """Indices of the parameters that go on to other placings: the room and the sources."""
        return [
            n
            for n, p in enumerate(self.parameters)
            if p.kind in ("size", "absorption", "corner") or (p.kind == "level" and p.label)
        ]

    def deviation_of(self, index: int) -> float:
        """Standard deviation of a parameter in its own tolerance: 1 where takes told nothing."""
        return float(np.sqrt(self.covariance[index, index]))


def fit_room(
    room: Room, gear: Gear, takes: Sequence[Evidence], progress: Progress = lambda share: None
) -> Fit:
    """Fit to one or more takes. Raises ValueError with a sentence without any."""
    if not takes:
        raise ValueError("A fit needs one take or more.")
    parameters = [*room_parameters(), *place_parameters(places_of(takes))]
    parameters += source_parameters(takes)
    predictor = Predictor(room, gear, parameters)
    problem = _Problem(takes)
    z = _levelled(predictor, takes, problem)
    start = predictor.with_slopes(takes, z)
    before = problem.rms(start.level_db)
    z, end = _solved(predictor, takes, problem, z, start, progress)
    after = problem.rms(end.level_db)
    weights = problem.take_weights(end.level_db)
    counted = weights > 0.5
    residual = float(np.sqrt(np.mean(after[counted] ** 2))) if np.any(counted) else float("nan")
    # Where the model leaves more or less than was allowed for, everything is less or more sure.
    unsure = max(_LEAST_SHARE, residual / SIGMA_DB) ** 2
    curvature = problem.curvature(end, weights) / unsure + np.eye(z.size)
    covariance: FloatArray = np.asarray(np.linalg.inv(curvature), dtype=np.float64)
    told = tuple(
        TakeFit(take.name, float(b), float(a), float(w))
        for take, b, a, w in zip(takes, before, after, weights, strict=True)
    )
    progress(1.0)
    return Fit(room, gear, tuple(parameters), z, covariance, told, residual)


class _Problem:
    """The takes, how much each sample counts, and the cost."""

    def __init__(self, takes: Sequence[Evidence]) -> None:
        self.measured = np.array([take.level_db for take in takes])
        self.known = np.isfinite(self.measured)
        self.sigma = np.array([_sigma(take.level_db) for take in takes])

    def residuals(self, level_db: FloatArray) -> FloatArray:
        """In units of what is allowed for; 0 where nothing was measured."""
        return np.where(self.known, (level_db - np.nan_to_num(self.measured)) / self.sigma, 0.0)

    def rms(self, level_db: FloatArray) -> FloatArray:
        """Of each take, dB, weighted as the cost is, after the best shift in level."""
        found = []
        for r, sigma, known in zip(self.residuals(level_db), self.sigma, self.known, strict=True):
            w = np.where(known, 1 / sigma**2, 0.0)
            gap = r * sigma
            gap = gap - np.sum(w * gap) / np.sum(w)
            found.append(np.sqrt(np.sum(w * gap**2) / np.sum(w)))
        return np.array(found)

    def take_weights(self, level_db: FloatArray) -> FloatArray:
        """Less than 1 for a take far worse than the median; three are needed to tell."""
        rms = self.rms(level_db)
        if rms.size < 3:
            return np.ones(rms.size)
        most = max(_ODD_RATIO * float(np.median(rms)), _ODD_LEAST_DB)
        return np.minimum(1.0, (most / np.maximum(rms, 1e-9)) ** 4)

    def weights(self, level_db: FloatArray, take_weights: FloatArray) -> FloatArray:
        """Of every sample, Huber's and the take's."""
        size = np.abs(self.residuals(level_db))
        huber = np.minimum(1.0, _HUBER / np.maximum(size, 1e-9))
        return np.where(self.known, huber * take_weights[:, None] / SAMPLES_PER_BAND, 0.0)

    def cost(self, level_db: FloatArray, z: FloatArray, take_weights: FloatArray) -> float:
        """As in the module's docstring, halved."""
        size = np.abs(self.residuals(level_db))
        h = np.where(size < _HUBER, size**2 / 2, _HUBER * (size - _HUBER / 2))
        return float(np.sum(h * take_weights[:, None]) / SAMPLES_PER_BAND + z @ z / 2)

    def curvature(self, at: Predicted, take_weights: FloatArray) -> FloatArray:
        """J' W J."""
        scaled = at.slopes / self.sigma[:, :, None]
        w = self.weights(at.level_db, take_weights)
        return np.asarray(np.einsum("tfi,tf,tfj->ij", scaled, w, scaled, optimize=True))

    def gradient(self, at: Predicted, take_weights: FloatArray) -> FloatArray:
        """J' W r."""
        scaled = at.slopes / self.sigma[:, :, None]
        w = self.weights(at.level_db, take_weights)
        return np.asarray(np.einsum("tfi,tf->i", scaled, w * self.residuals(at.level_db)))


def _sigma(level_db: FloatArray) -> FloatArray:
    """Deep in a dip a small error of anything makes a large one of the level."""
    good = np.isfinite(level_db)
    below = np.zeros(level_db.size)
    below[good] = np.median(level_db[good]) - level_db[good]
    return SIGMA_DB * (1 + np.maximum(below - _DIP_FROM_DB, 0.0) / _DIP_DOUBLES_DB)


def _levelled(predictor: Predictor, takes: Sequence[Evidence], problem: _Problem) -> FloatArray:
    """All at the survey's values but the levels of everything and of takes without a scale."""
    z = np.zeros(len(predictor.parameters))
    gaps = problem.measured - predictor.levels(takes, z)
    each = np.array([float(np.nanmedian(gap)) for gap in gaps])
    absolute = np.array([take.absolute for take in takes])
    common = float(np.median(each[absolute])) if np.any(absolute) else float(np.median(each))
    for n, parameter in enumerate(predictor.parameters):
        if parameter.label == "*":
            z[n] = common / parameter.tolerance
        elif (
            parameter.kind == "level" and parameter.index and not takes[parameter.index[0]].absolute
        ):
            z[n] = (each[parameter.index[0]] - common) / parameter.tolerance
    return z


def _solved(
    predictor: Predictor,
    takes: Sequence[Evidence],
    problem: _Problem,
    z: FloatArray,
    now: Predicted,
    progress: Progress,
) -> tuple[FloatArray, Predicted]:
    damping = 1e-2
    for turn in range(_ROUNDS):
        progress(turn / _ROUNDS)
        weights = problem.take_weights(now.level_db)
        cost = problem.cost(now.level_db, z, weights)
        curvature = problem.curvature(now, weights) + np.eye(z.size)
        downhill = -(problem.gradient(now, weights) + z)
        while True:
            step = np.linalg.solve(curvature + damping * np.diag(np.diag(curvature)), downhill)
            try:
                level = predictor.levels(takes, z + step)
                found = problem.cost(level, z + step, weights)
            except (ValueError, EigenvalueError):
                found = np.inf  # beyond what the model can do: a shorter step
            if found < cost:
                break
            damping *= 6
            if damping > _MOST_DAMPING:
                return z, now
        z, damping = z + step, max(damping / 10, 1e-6)
        now = predictor.with_slopes(takes, z)
        if cost - found < _ENOUGH * cost:
            break
    return z, now
