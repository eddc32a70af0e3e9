"""The null of a subwoofer against the pair, heard sweep by sweep while its knobs are turned.

With the subwoofer's polarity reversed the dip at the crossover is deepest where the two add up best
with polarity restored (common practice, no source). The meter says how deep it is, and whether the
last turn of a knob made it deeper: warmer, or colder.
"""

from collections.abc import Callable, Mapping
from dataclasses import dataclass

import numpy as np

from jolly_parlor.placement.chains import CONTROLS, FLAT, Chain
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.placement.settings.alignment import crossover_hz
from jolly_parlor.project.staging import (
    ALL_AS_SET,
    PAIR_AS_SET,
    REVERSED,
    alignment_stage,
    as_set,
)
from jolly_parlor.studio.device import Device, Progress, Stage
from jolly_parlor.studio.hearing_level import power_around
from jolly_parlor.words import tr

_TELLING_DB, _TELLING_EVEN_DB = 0.5, 0.1
_FAINT = 1e-12
Chains = Mapping[str, Chain]


@dataclass(frozen=True)
class NullReading:
    """One reading: how far the sum with polarity reversed lies below what both bring without
    phase, dB.
    """

    chains: Chains
    """How all was set, polarity not reversed."""
    depth_db: float

    def words(self, before: "NullReading | None", over_db: float | None = None) -> str:
        """Against the reading before it. over_db: by how much the whole becomes less even with the
        polarity turned over, where that is known.
        """
        if self.depth_db < 0:
            told = tr(
                "No null: reversed, the two add up by {depth_db:.1f} dB", depth_db=-self.depth_db
            )
            if before is None:
                return f"{told}. {_turn_over(over_db)}"
        else:
            told = tr("{depth_db:.1f} dB deep", depth_db=self.depth_db)
        if before is None:
            return tr("{told}. Turn one knob a little and watch.", told=told)
        gain = self.depth_db - before.depth_db
        if abs(gain) < _TELLING_DB:
            return tr("{told}: as before.", told=told)
        return tr(
            "{told}: {gain} by {gain2:.1f} dB.",
            told=told,
            gain="warmer" if gain > 0 else "colder",
            gain2=abs(gain),
        )


@dataclass(frozen=True)
class SumReading:
    """The sum with polarity restored, dB over what both bring without phase; and the most it can
    be, both in phase.
    """

    over_parts_db: float
    most_db: float

    def words(self, over_db: float | None = None) -> str:
        """A verdict. over_db: as of a NullReading."""
        told = tr(
            "Polarity restored: at the crossover the two together stand "
            "{over_parts_db:+.1f} dB against what they bring without phase; in "
            "phase it would be {most_db:+.1f}.",
            over_parts_db=self.over_parts_db,
            most_db=self.most_db,
        )
        if self.over_parts_db < 0:
            return tr(
                "{told} They still work against each other. {turn_over}",
                told=told,
                turn_over=_turn_over(over_db),
            )
        if self.most_db - self.over_parts_db > 1.5:
            return tr("{told} There is more to be had: go on with the null.", told=told)
        return tr("{told} They add up.", told=told)


def _turn_over(over_db: float | None) -> str:
    """What to do about a polarity that works against the pair at the crossover."""
    if over_db is None or over_db < _TELLING_EVEN_DB:
        return tr("The polarity is the wrong way round as it is set: turn it over.")
    return tr(
        "At the crossover the other polarity adds up better, but over the whole band it would be "
        "{over_db:.1f} dB less even: leave it, and turn delay or phase.",
        over_db=over_db,
    )


class NullMeter:
    """Hears one subwoofer against the pair at one microphone."""

    def __init__(self, device: Device, stage: Stage, sub: str, output_db: float) -> None:
        self._device, self._stage, self.sub = device, stage, sub
        self._output_db = output_db
        self._known: dict[tuple[object, ...], float] = {}

    def read(
        self,
        chains: Chains,
        progress: Progress = lambda share, peak: None,
        cancelled: Callable[[], bool] = lambda: False,
    ) -> NullReading:
        """The null with everything set so. What each of the two brings alone is heard anew when a
        knob that changes it has been turned.

        Raises DeviceFailed, and Cancelled.
        """
        parts = self._parts(chains, progress, cancelled)
        left = self._power(REVERSED, chains, progress, cancelled)
        depth = float(10 * np.log10(sum(parts) / max(left, _FAINT * sum(parts))))
        return NullReading(dict(chains), depth)

    def check(
        self,
        chains: Chains,
        progress: Progress = lambda share, peak: None,
        cancelled: Callable[[], bool] = lambda: False,
    ) -> SumReading:
        """The sum with polarity as set. Raises as `read`."""
        parts = self._parts(chains, progress, cancelled)
        whole = self._power(ALL_AS_SET, chains, progress, cancelled)
        most = np.sqrt(parts[0]) + np.sqrt(parts[1])
        return SumReading(
            float(10 * np.log10(whole / sum(parts))), float(20 * np.log10(most) - _db(sum(parts)))
        )

    def _parts(
        self, chains: Chains, progress: Progress, cancelled: Callable[[], bool]
    ) -> tuple[float, float]:
        """Power of the pair and of the subwoofer alone, each as set."""
        found = []
        for source, names in ((PAIR_AS_SET, PAIR), (as_set(self.sub), (self.sub,))):
            loud = tuple(_loudness(chains.get(name, FLAT)) for name in names)
            key = (source, crossover_hz(chains, self.sub), *loud)
            if key not in self._known:
                self._known[key] = self._power(source, chains, progress, cancelled)
            found.append(self._known[key])
        return found[0], found[1]

    def _power(
        self, source: str, chains: Chains, progress: Progress, cancelled: Callable[[], bool]
    ) -> float:
        stage = alignment_stage(self._stage, self.sub, chains)
        hertz = crossover_hz(chains, self.sub)
        return power_around(
            self._device, source, stage, hertz, self._output_db, progress, cancelled
        )


def _loudness(chain: Chain) -> tuple[object, ...]:
    """What of a chain changes how loud its loudspeaker is by itself."""
    settings = (c.setting for c in CONTROLS.values() if c.louder)
    return (*(getattr(chain, name) for name in settings), chain.sections)


def _db(power: float) -> float:
    return float(10 * np.log10(power))
