"""What every loudspeaker brings to the ears, whichever way it was found: forecast or measured."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.forecast import Forecaster, head_points
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.mixes import Mix


@dataclass(frozen=True, eq=False)
class Heard:
    """Flat pressures of the loudspeakers of one mix over the heads that count.

    Unit: a source in the free field gives 1 at 1 m, its box's low end included.
    """

    gear: Gear
    mix: Mix
    frequencies_hz: FloatArray
    sources: Mapping[str, ComplexArray]
    """Of each loudspeaker, (points, frequencies)."""
    weights: FloatArray
    """Of each point; they sum to 1."""
    centres: Mapping[str, int]
    """Which point is the ear centre of each seat that counts, the main one first."""

    def only(self, points: Sequence[int]) -> "Heard":
        """The same at some of the points."""
        chosen = list(points)
        weights = self.weights[chosen] / self.weights[chosen].sum()
        sources = {name: pressure[chosen] for name, pressure in self.sources.items()}
        centres = {s: chosen.index(at) for s, at in self.centres.items() if at in chosen}
        return Heard(self.gear, self.mix, self.frequencies_hz, sources, weights, centres)


def forecast_heard(
    forecaster: Forecaster, arrangement: Arrangement, mix: Mix, seats: Mapping[str, float]
) -> Heard:
    """Over the head volumes of seats, each with its weight; the first is the main one."""
    points: list[Point] = []
    weights: list[float] = []
    centres: dict[str, int] = {}
    for seat, weight in seats.items():
        head = head_points(forecaster.room, arrangement.seats[seat])
        centres[seat] = len(points)
        points += head
        weights += [weight / len(head)] * len(head)
    ears = np.array([point.array() for point in points])
    forecaster.field.expect(ears)
    owner = np.zeros(len(ears), dtype=np.intp)
    heard = forecaster.from_arrangements(mix.loudspeakers, [arrangement], owner, ears)
    sources = {name: p * forecaster.drive_of(name) for name, p in heard.items()}
    shares = np.array(weights) / sum(weights)
    gear, f = forecaster.gear, forecaster.frequencies_hz
    return Heard(gear, mix, f, sources, shares, centres)
