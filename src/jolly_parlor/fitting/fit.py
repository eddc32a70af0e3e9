"""The room fitted to takes: most probable values, how sure they are, and which takes disagree.

Levels are compared, not phases, so that no timing reference is needed. The best values minimise

    sum over takes and frequencies of w h((model - take) / sigma) + sum of z^2

with Huber's h, every parameter z counted in its own tolerance (SciPy's least squares with a trust
region; the sum of z^2 is the prior). w is less than one for a take that fits far worse than the
others, and allows for neighbours within a smoothing band telling the same thing. The covariance is
the inverse of the curvature at the end (Laplace's approximation).
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass

import numpy as np
import scipy

from jolly_parlor.acoustics.arrays import BoolArray, FloatArray, root_mean_square
from jolly_parlor.acoustics.geometry.fitted_room import FittedRoom
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.fitting.evidence import SAMPLES_PER_BAND, Evidence
from jolly_parlor.fitting.parameters import (
    Parameter,
    as_panels,
    centre_parameters,
    place_parameters,
    places_of,
    room_of,
    room_parameters,
    source_parameters,
)
from jolly_parlor.fitting.predicting import Predicted, Predictor
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.mixes import Mix
from jolly_parlor.placement.setup import Setup
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

SIGMA_DB = 0.6
"""Half a decibel of measuring and a third of a box that is not quite one."""
_DIP_FROM_DB, _DIP_DOUBLES_DB = 6.0, 6.0
_HUBER = 2.5
_ROUNDS, _ENOUGH, _LEAST_STEP = 20, 2e-3, 1e-4
_FROM_NOUGHT = 1.0
"""SciPy's first step goes as far as the first guess lies from nought, which the survey is: moved by
a tolerance each, so that it may go about as far as all tolerances together.
"""
_REWEIGHTED, _SAME_WEIGHT = 4, 0.05
_LEAST_SHARE = 0.5
_UNEXPLAINED_DB = 0.9
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


_GO_ON = ("size", "absorption", "reactance", "loss", "corner", "centre", "desk")


@dataclass(frozen=True, eq=False)
class Fit:
    surveyed: Room
    gear: Gear
    parameters: tuple[Parameter, ...]
    z: FloatArray
    covariance: FloatArray
    takes: tuple[TakeFit, ...]
    residual_db: float
    """What stays unexplained, root mean square over the takes that count."""
    converged: bool = True
    """Whether the search for the best values came to rest."""
    off_db: FloatArray | None = None
    """What stays unexplained at each of FIT_HZ, root mean square over the takes that count; NaN
    where none was measured.
    """

    @property
    def room(self) -> FittedRoom:
        """The room as the takes have taught it."""
        return room_of(self.surveyed, self.parameters, self.z)

    def case(self, arrangement: Arrangement, seat: str, mix: Mix) -> Case:
        """What an arrangement plays to a seat in the room as surveyed: parameters start there."""
        return Case(Setup(self.surveyed, self.gear, arrangement), seat, mix)

    @property
    def shared(self) -> list[int]:
        """Indices of the parameters that go on to other placings: the room and the sources."""
        return [
            n
            for n, p in enumerate(self.parameters)
            if p.kind in _GO_ON or (p.kind == "level" and p.label)
        ]

    def deviation_of(self, index: int) -> float:
        """Standard deviation of a parameter in its own tolerance: 1 where takes told nothing."""
        return float(np.sqrt(self.covariance[index, index]))


def parameters_of(room: Room, takes: Sequence[Evidence]) -> list[Parameter]:
    """What a fit of that room to those takes may change, in order."""
    found = [*room_parameters(room), *place_parameters(places_of(takes))]
    return [*found, *source_parameters(takes), *centre_parameters(takes)]


def fit_room(
    room: Room, gear: Gear, takes: Sequence[Evidence], progress: Progress = lambda share: None
) -> Fit:
    """Fit to one or more takes. Raises Refused with a sentence without any."""
    if not takes:
        raise Refused(tr("A fit needs one take or more."))
    parameters = parameters_of(room, takes)
    predictor = Predictor(room, gear, parameters)
    problem = _Problem(takes)
    z = _levelled(predictor, takes, problem)
    start = predictor.with_slopes(takes, z)
    before = problem.rms(start.level_db)
    first = z
    z, end, converged = _solved(predictor, takes, problem, z, start, progress)
    after = problem.rms(end.level_db)
    if root_mean_square(after) > _UNEXPLAINED_DB:
        # Springs and masses can stand for each other at first: begin again with panels as such.
        again = first + as_panels(parameters, room)
        begun = predictor.with_slopes(takes, again)
        other = _solved(predictor, takes, problem, again, begun, progress)
        if problem.cost(other[1].level_db, other[0]) < problem.cost(end.level_db, z):
            z, end, converged = other
            after = problem.rms(end.level_db)
    weights = problem.take_weights(end.level_db)
    counted = weights > 0.5
    residual = root_mean_square(after[counted]) if np.any(counted) else float("nan")
    # Where the model leaves more or less than was allowed for, everything is less or more sure.
    unsure = max(_LEAST_SHARE, residual / SIGMA_DB) ** 2
    curvature = problem.curvature(end, weights) / unsure + np.eye(z.size)
    covariance: FloatArray = np.asarray(np.linalg.inv(curvature), dtype=np.float64)
    told = tuple(
        TakeFit(take.name, float(b), float(a), float(w))
        for take, b, a, w in zip(takes, before, after, weights, strict=True)
    )
    progress(1.0)
    off = problem.off_db(end.level_db, counted)
    return Fit(room, gear, tuple(parameters), z, covariance, told, residual, converged, off)


class _Problem:
    """The takes, how much each sample counts, and the cost."""

    def __init__(self, takes: Sequence[Evidence]) -> None:
        self.measured = np.array([take.level_db for take in takes])
        self.known = np.isfinite(self.measured)
        self.sigma = np.array([sigma_of(take.level_db) for take in takes])

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

    def off_db(self, level_db: FloatArray, counted: BoolArray) -> FloatArray:
        """Over the takes that count, at each frequency."""
        gaps = np.where(self.known, level_db - np.nan_to_num(self.measured), np.nan)
        known = self.known & counted[:, None]
        squares = np.sum(np.where(known, gaps**2, 0.0), axis=0)
        count = known.sum(axis=0)
        return np.where(count > 0, np.sqrt(squares / np.maximum(count, 1)), np.nan)

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

    def cost(self, level_db: FloatArray, z: FloatArray) -> float:
        """What is minimised, each take at its weight there."""
        size = np.abs(self.residuals(level_db))
        loss = np.where(size > _HUBER, 2 * _HUBER * size - _HUBER**2, size**2)
        weights = np.where(self.known, self.take_weights(level_db)[:, None], 0.0)
        return float(np.sum(weights * loss) / SAMPLES_PER_BAND + np.sum(z**2))

    def curvature(self, at: Predicted, take_weights: FloatArray) -> FloatArray:
        scaled = at.slopes / self.sigma[:, :, None]
        w = self.weights(at.level_db, take_weights)
        return np.asarray(np.einsum("tfi,tf,tfj->ij", scaled, w, scaled, optimize=True))


def sigma_of(level_db: FloatArray) -> FloatArray:
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


class _Descent:
    """What SciPy's least squares asks for: residuals, their slopes, and Huber's loss of them. Rows
    are all known samples and then z, the prior, which no loss tempers; z comes moved from nought.
    """

    def __init__(
        self,
        predictor: Predictor,
        takes: Sequence[Evidence],
        problem: _Problem,
        z: FloatArray,
        now: Predicted,
    ) -> None:
        self._predictor, self._takes, self._problem = predictor, takes, problem
        self._z, self.now = z, now
        self._share = np.zeros(0)

    def weigh(self, take_weights: FloatArray) -> None:
        """How much each take counts from now on."""
        every = np.sqrt(take_weights / SAMPLES_PER_BAND)[:, None] * self._problem.known
        self._share = every[self._problem.known]

    def residuals(self, moved: FloatArray) -> FloatArray:
        """(samples + parameters,); infinite beyond what the model can do: a shorter step."""
        z = moved - _FROM_NOUGHT
        if np.array_equal(z, self._z):
            return self._rows(self.now.level_db, z)
        try:
            level = self._predictor.levels(self._takes, z)
        except Refused:
            return np.full(self._share.size + z.size, np.inf)
        return self._rows(level, z)

    def _rows(self, level: FloatArray, z: FloatArray) -> FloatArray:
        own = self._problem.residuals(level)[self._problem.known]
        return np.concatenate([own * self._share, z])

    def slopes(self, moved: FloatArray) -> FloatArray:
        """(samples + parameters, parameters)."""
        z = moved - _FROM_NOUGHT
        if not np.array_equal(z, self._z):
            self._z, self.now = z.copy(), self._predictor.with_slopes(self._takes, z)
        scaled = (self.now.slopes / self._problem.sigma[:, :, None])[self._problem.known]
        return np.concatenate([scaled * self._share[:, None], np.eye(z.size)])

    def loss(self, squares: FloatArray) -> FloatArray:
        """Huber's of the samples and its first derivative. The second is given as nought: then
        SciPy reweights the rows, instead of leaving those in the tails out of the curvature.
        """
        samples = self._share.size
        found = np.array([squares, np.ones_like(squares), np.zeros_like(squares)])
        size = np.sqrt(squares[:samples]) / self._share
        far = size > _HUBER
        found[0, :samples][far] = (self._share**2 * (2 * _HUBER * size - _HUBER**2))[far]
        found[1, :samples][far] = _HUBER / size[far]
        return found


def _solved(
    predictor: Predictor,
    takes: Sequence[Evidence],
    problem: _Problem,
    z: FloatArray,
    start: Predicted,
    progress: Progress,
) -> tuple[FloatArray, Predicted, bool]:
    """z, what it predicts, and whether the descent came to rest; by SciPy's trust region."""
    z = (z + _FROM_NOUGHT) - _FROM_NOUGHT  # as it comes back
    descent = _Descent(predictor, takes, problem, z, start)
    weights, still = problem.take_weights(start.level_db), False
    for turn in range(_REWEIGHTED):
        progress(turn / _REWEIGHTED)
        descent.weigh(weights)
        found = scipy.optimize.least_squares(
            descent.residuals,
            z + _FROM_NOUGHT,
            descent.slopes,
            loss=descent.loss,  # type: ignore[arg-type]  # the stubs name its argument
            ftol=_ENOUGH,
            xtol=_LEAST_STEP,
            gtol=None,
            max_nfev=_ROUNDS,
        )
        z, still = found.x - _FROM_NOUGHT, found.status > 0
        before, weights = weights, problem.take_weights(descent.now.level_db)
        if np.max(np.abs(weights - before)) < _SAME_WEIGHT:
            break
    return z, descent.now, still
