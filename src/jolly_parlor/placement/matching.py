"""Whether every loudspeaker around the seat is heard alike: direction, distance, level, curve.

Levels are means on power over the points of the head, of levels smoothed as everywhere else, over
the band that all have in common. Within 3 dB of the target a curve counts as matched, half a
decibel and 0.1 ms as level and time (common practice, no source).
"""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.placement.around_seat import off_its_angles
from jolly_parlor.placement.evenness import SMOOTHING_PER_OCTAVE, grid_to
from jolly_parlor.placement.gear import PAIR, Gear
from jolly_parlor.placement.judging import Target
from jolly_parlor.placement.layouts import azimuth_of, elevation_of, side_words
from jolly_parlor.placement.setup import Setup
from jolly_parlor.refused import Refused
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.smoothing import smooth_level_db
from jolly_parlor.units import UnitSystem, format_length, with_minus
from jolly_parlor.words import tr

TOLERANCE_DB = 3.0
LEVEL_DB, TIME_MS = 0.5, 0.1
_LEAST_HZ = 100.0
"""Levels are matched above what a subwoofer takes over and a small box lets go of."""
_SETTABLE_DB, _SETTABLE_MS = 0.5, 0.05


@dataclass(frozen=True, eq=False)
class Heard:
    """One loudspeaker at the main seat: mean on power over the points, and how many there were."""

    level: Response
    points: int
    measured: bool


@dataclass(frozen=True)
class Match:
    """One loudspeaker against what it should be."""

    loudspeaker: str
    azimuth: float
    elevation: float
    off_azimuth: float
    """Outside its range, degrees; 0 within, or where the layout gives it none."""
    off_elevation: float
    movable: bool
    metres: float
    gap_metres: float
    """Farther from the ear than the pair; negative nearer."""
    level_db: float
    """Above the pair's mean."""
    gain_db: float
    """To be set, on top of what is."""
    delay_ms: float
    """To be set in all, so that all arrive with the farthest."""
    within: float
    """Share of the band within the tolerance of the target."""
    worst_hz: float
    worst_db: float
    points: int
    measured: bool

    @property
    def stands(self) -> bool:
        """Whether it stands within its angles."""
        return self.off_azimuth == 0 and self.off_elevation == 0

    @property
    def matched(self) -> bool:
        return self.stands and abs(self.gain_db) < LEVEL_DB and self.within >= 0.9


def mean_over(responses: Sequence[Response], at_hz: FloatArray) -> FloatArray:
    """Mean on power of smoothed levels, (at_hz,), dB."""
    levels = [
        smooth_level_db(r.frequencies_hz, r.level_db, at_hz, SMOOTHING_PER_OCTAVE)
        for r in responses
    ]
    return np.asarray(10 * np.log10(np.mean(10 ** (np.array(levels) / 10), axis=0)))


def common_grid(heard: Mapping[str, Heard], high_hz: float) -> FloatArray:
    """Where all levels are compared. Raises Refused where nothing is common."""
    low = max(_LEAST_HZ, *(h.level.frequencies_hz[0] for h in heard.values()))
    high = min(high_hz, *(h.level.frequencies_hz[-1] for h in heard.values()))
    every = grid_to(high)
    at: FloatArray = every[(every >= low) & (every <= high)]
    if at.size < 12:
        raise Refused(
            tr(
                "The responses of {heard} have less than a quarter of an octave "
                "above {least_hz:.0f} Hz in common; levels cannot be matched.",
                heard=", ".join(heard),
                least_hz=_LEAST_HZ,
            )
        )
    return at


def matches(
    setup: Setup,
    heard: Mapping[str, Heard],
    high_hz: float,
    tolerance_db: float = TOLERANCE_DB,
) -> list[Match]:
    """Every loudspeaker that is no subwoofer, the pair first; as they are set."""
    gear, arrangement = setup.gear, setup.arrangement
    ear = arrangement.seats[gear.seats[0].name]
    at = common_grid(heard, high_hz)
    levels = {
        name: mean_over([h.level], at) + arrangement.chain(name).gain_db
        for name, h in heard.items()
    }
    band = {name: _band_level(level) for name, level in levels.items()}
    pair = np.mean([band[side] for side in PAIR])
    metres = {name: arrangement.places[name].distance(ear) for name in heard}
    near = np.mean([metres[side] for side in PAIR])
    farthest = max(metres.values())
    found = []
    for name, own in heard.items():
        wanted = gear.layout.of(name)
        off = off_its_angles(arrangement, wanted, ear) if wanted is not None else (0.0, 0.0)
        within, worst_hz, worst_db = _curve(at, levels[name], gear.judging.target, tolerance_db)
        stands = arrangement.places[name]
        gain = float(pair - band[name])
        found.append(
            Match(
                name,
                azimuth_of(ear, stands),
                elevation_of(ear, stands),
                off[0],
                off[1],
                wanted.movable if wanted is not None else True,
                metres[name],
                float(metres[name] - near),
                round(float(band[name] - pair), 3) + 0.0,
                _stepped(gain, _SETTABLE_DB),
                _stepped(
                    1000 * (farthest - metres[name]) / setup.room.speed_of_sound, _SETTABLE_MS
                ),
                within,
                worst_hz,
                worst_db,
                own.points,
                own.measured,
            )
        )
    return found


def _stepped(value: float, step: float) -> float:
    return round(round(value / step) * step, 3) + 0.0


def _band_level(level_db: FloatArray) -> float:
    """Mean on power over a grid even in log f, dB."""
    return float(10 * np.log10(np.mean(10 ** (level_db / 10))))


def _curve(
    at_hz: FloatArray, level_db: FloatArray, target: Target, tolerance_db: float
) -> tuple[float, float, float]:
    """Share within the tolerance about the target, and where it is worst."""
    off = level_db - target.at(at_hz)
    off = off - off.mean()
    worst = int(np.argmax(np.abs(off)))
    share = float(np.mean(np.abs(off) <= tolerance_db))
    return share, float(at_hz[worst]), float(off[worst])


def match_words(match: Match, gear: Gear, units: UnitSystem = "metric") -> list[str]:
    """What is off of one, what to move, what to set: a sentence each; moves first."""
    wanted, name = gear.layout.of(match.loudspeaker), match.loudspeaker
    told = []
    if wanted is not None and match.off_azimuth:
        span = wanted.azimuth
        told.append(
            tr(
                "{name} comes from {side_words}; it should from {range}.",
                name=name,
                side_words=side_words(match.azimuth),
                range=_range(span.low, span.high),
            )
        )
    if wanted is not None and match.off_elevation:
        rise = wanted.elevation
        told.append(
            tr(
                "{name} is {with_minus}° above the ear; {with_minus2} to {high:.0f}° is meant.",
                name=name,
                with_minus=with_minus(f"{match.elevation:.0f}"),
                with_minus2=with_minus(f"{rise.low:.0f}"),
                high=rise.high,
            )
        )
    if told and not match.movable:
        told.append(
            tr(
                "{name} cannot be moved: level and time can be matched, its direction not.",
                name=name,
            )
        )
    if abs(match.gap_metres) >= 0.02:
        where = tr("farther from the ear") if match.gap_metres > 0 else tr("nearer to the ear")
        told.append(
            tr(
                "{name} stands {gap_metres} {where} than the pair.",
                name=name,
                gap_metres=format_length(abs(match.gap_metres), units),
                where=where,
            )
        )
    sets = []
    if abs(match.gain_db) >= LEVEL_DB:
        sets.append(tr("gain {with_minus} dB", with_minus=with_minus(f"{match.gain_db:+.1f}")))
    if match.delay_ms >= TIME_MS:
        sets.append(tr("delay {delay_ms:.2f} ms", delay_ms=match.delay_ms))
    if sets:
        then = tr("Then set") if told and match.movable else tr("Set")
        told.append(f"{then} {' and '.join(sets)}.")
    if match.within < 0.9:
        told.append(
            tr(
                "{within:.0f} % of its band lies within {tolerance_db:.0f} dB of "
                "the target; worst {with_minus} dB at {worst_hz:.0f} Hz.",
                within=100 * match.within,
                tolerance_db=TOLERANCE_DB,
                with_minus=with_minus(f"{match.worst_db:+.0f}"),
                worst_hz=match.worst_hz,
            )
        )
    return told or [tr("{name}: nothing to move, nothing to set.", name=name)]


def _range(low: float, high: float) -> str:
    if low >= 0 and high >= 0:
        return tr("{low:.0f} to {high:.0f}° left", low=low, high=high)
    if low <= 0 and high <= 0:
        return tr("{high:.0f} to {low:.0f}° right", high=-high, low=-low)
    return tr("{low:.0f}° right to {high:.0f}° left", low=-low, high=high)
