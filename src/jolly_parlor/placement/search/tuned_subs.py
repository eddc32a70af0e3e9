"""Places of subwoofers together with their settings, for monitors and seat that are settled.

Every floor place of a subwoofer is weighed at the ear centres with a few dozen ways to set it, one
subwoofer after another; the best places are then settled by the solver of `placement.settings` over
the head volumes. A place that is good only with the right polarity and delay is not missed.
"""

from collections.abc import Sequence
from dataclasses import replace
from itertools import product

import numpy as np
from numpy.typing import NDArray

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.chains import Chain
from jolly_parlor.placement.controls import Span
from jolly_parlor.placement.items import loudspeaker
from jolly_parlor.placement.loudspeakers import Controls, Loudspeaker
from jolly_parlor.placement.mixes import judged_band
from jolly_parlor.placement.mounting import clear_of_things
from jolly_parlor.placement.radiating import plates_of
from jolly_parlor.placement.search.objective import Band, Judge, sums_of
from jolly_parlor.placement.search.subs import SubSearch, can_stand, candidates, point_of
from jolly_parlor.placement.settings.heard import forecast_heard
from jolly_parlor.placement.settings.knobs import panel_of
from jolly_parlor.placement.settings.solver import solve

_APART_METRES, _TRIED, _ROUNDS = 0.5, 2, 2
_GAINS = (-6.0, -2.0, 2.0, 6.0)
_LATE_MS = (0.0, 2.5, 5.0, 8.0)
_PHASES = (0.0, 60.0, 120.0, 180.0)
_CORNERS_HZ = (75.0, 110.0)
_AT_ONCE, _THIN = 4000, 2

Single = NDArray[np.complex64]


class TunedSubs:
    """Places and settings of what plays, for one room."""

    def __init__(self, judge: Judge) -> None:
        self.judge, self.gear, self.wishes = judge, judge.gear, judge.wishes
        self._places = SubSearch(judge)
        self.has_controls = bool(panel_of(self.gear, judge.mix))

    def placed(self, arrangement: Arrangement) -> Arrangement:
        """With its subwoofers where they serve best, and settings roughly found; places as they
        are where none may move, settings where there is no control.
        """
        if not self.has_controls and not self.wishes.sub_pairs:
            return self._places.placed(arrangement)
        subs = self.gear.subwoofers
        if self.wishes.subwoofers == "stay" or not subs:
            return self.settled(arrangement, quick=True)
        step = 2 if self.wishes.sub_pairs else 1
        together = [subs[n : n + step] for n in range(0, len(subs), step)]
        for _ in range(_ROUNDS if len(together) > 1 else 1):
            before = arrangement
            for moved in together:
                arrangement = self._moved(arrangement, *moved)
            if arrangement == before:
                break
        return arrangement

    def added(self, arrangement: Arrangement) -> Arrangement:
        """With the last of its subwoofers where it serves best, those before it where they are."""
        return self._moved(arrangement, self.gear.subwoofers[-1])

    def settled(self, arrangement: Arrangement, quick: bool = False) -> Arrangement:
        if not self.has_controls:
            return arrangement
        judge = self.judge
        heard = forecast_heard(judge.forecaster, arrangement, judge.mix, dict(judge.seats))
        found = solve(heard, arrangement.chains, self.wishes.deep, quick=quick)
        return replace(arrangement, chains={**arrangement.chains, **found.chains})

    def _moved(self, arrangement: Arrangement, sub: Loudspeaker, *twin: Loudspeaker) -> Arrangement:
        """One subwoofer, or two alike on either side of the middle line, where they and their
        settings serve best; never worse than they stand, unless they did not stand alike.
        """
        model, room = self.gear.model_of(sub.id), self.judge.room
        ear = arrangement.seats[self.gear.seats[0].name]
        names = [one.id for one in twin]
        first = candidates(room, model, self.wishes, ear)
        first = first[~self._places.in_the_way(arrangement, sub, first, *names)]
        every = [first]
        for one in twin:
            every = self._mirrored(arrangement, first, sub, one)
        if every[0].size == 0:
            return self.settled(arrangement, quick=True)
        ways = ways_to_set(arrangement.chain(sub.id), model.controls)
        moved = (sub, *twin)
        figures, which = self._weighed(arrangement, moved, every, ways)
        trials = [] if twin and not self._stand_alike(arrangement, moved) else [arrangement]
        for at in _apart(every[0], figures):
            there = arrangement
            for one, places in zip(moved, every, strict=True):
                there = there.moved(loudspeaker(one.id), point_of(places[at]))
            chains = {**there.chains, **{one.id: ways[which[at]] for one in moved}}
            trials.append(self.settled(replace(there, chains=chains), quick=True))
        values = self.judge.figures(trials, played=True)
        return trials[int(np.argmin(values))]

    def _mirrored(
        self, arrangement: Arrangement, first: FloatArray, sub: Loudspeaker, twin: Loudspeaker
    ) -> list[FloatArray]:
        """Those of the first one's places left of the middle at whose image the twin can stand,
        and these images.
        """
        room, model = self.judge.room, self.gear.model_of(twin.id)
        middle = room.frame.middle
        apart = (self.gear.model_of(sub.id).width + model.width) / 2
        first = first[2 * (middle - first[:, 0]) >= apart]
        images = first.copy()
        images[:, 0] = 2 * middle - first[:, 0]
        on_floor = images[:, 2] == model.centre_height
        good = np.where(
            on_floor, can_stand(room, model, images[:, :2]), clear_of_things(room, model, images)
        )
        good &= ~self._places.in_the_way(arrangement, twin, images, sub.id)
        return [first[good], images[good]]

    def _stand_alike(self, arrangement: Arrangement, subs: Sequence[Loudspeaker]) -> bool:
        one, other = (arrangement.places[sub.id] for sub in subs)
        middle = self.judge.room.frame.middle
        return abs(one.x + other.x - 2 * middle) < 0.02 and abs(one.y - other.y) < 0.02

    def _weighed(
        self,
        arrangement: Arrangement,
        subs: Sequence[Loudspeaker],
        places: Sequence[FloatArray],
        ways: Sequence[Chain],
    ) -> tuple[FloatArray, np.ndarray]:
        """J^2 at the ear centres of every place (of each subwoofer that goes along) at its best way
        to be set, and which that is.
        """
        judge, forecaster = self.judge, self.judge.forecaster
        f, fed = forecaster.frequencies_hz, judge.fed(arrangement)
        band = Band.of(f[::_THIN], judged_band(judge.gear, judge.mix))
        rows = np.flatnonzero(np.isin(f, band.at_hz))
        factors = np.array([way.response(f, judge.mix.handed_over) for way in ways])
        total = np.zeros((len(places[0]), len(ways)))
        moved = {sub.id for sub in subs}
        for seat, weight in judge.seats:
            ear = arrangement.seats[seat]
            rest = [name for name in judge.mix.loudspeakers if name not in moved]
            plates = plates_of(self.gear, arrangement)
            others = {
                name: forecaster.transfer(place, ear, plates)
                * (forecaster.drive_of(name) * fed[name])
                for name, place in forecaster.heard_from(arrangement, rest).items()
            }
            own = np.zeros((len(places[0]), f.size), dtype=np.complex128)
            for sub, at in zip(subs, places, strict=True):
                heard = self._places.heard(sub, at, ear, arrangement)
                own += heard * forecaster.drive_of(sub.id)
            here = {name: pressure[rows].astype(np.complex64) for name, pressure in others.items()}
            parts = own[:, rows].astype(np.complex64), factors[:, rows].astype(np.complex64)
            total += weight * self._squares(here, band, *parts)
        return total.min(axis=1), np.argmin(total, axis=1)

    def _squares(
        self, others: dict[str, Single], band: Band, own: Single, factors: Single
    ) -> FloatArray:
        """J^2 without smoothing, (places, ways)."""
        found = np.empty((len(own), len(factors)))
        some, target = max(_AT_ONCE // len(factors), 1), band.target_db.astype(np.float32)
        for start in range(0, len(own), some):
            part = own[start : start + some, None, :] * factors[None]
            sums = sums_of({**others, "moved": part})
            levels = (_levels_db(one) - target for one in sums)
            found[start : start + some] = self.judge.weighed(band, *levels)
        return found


def _levels_db(pressure: Single) -> FloatArray:
    return np.asarray(10 * np.log10(pressure.real**2 + pressure.imag**2 + np.float32(1e-12)))


def ways_to_set(chain: Chain, controls: Controls) -> list[Chain]:
    """A subwoofer's chain in a few dozen ways its controls allow, the present one first."""
    gains = _within(controls.span("gain_db"), _GAINS) or (chain.gain_db,)
    late = _within(controls.span("delay_ms"), _LATE_MS) or (chain.delay_ms,)
    phases: tuple[float, ...] = (chain.phase_degrees,)
    if controls.span("delay_ms") is None:
        phases = _within(controls.span("phase_degrees"), _PHASES) or phases
    corners = _within(controls.span("low_pass_hz"), _CORNERS_HZ)
    low = chain.low_pass
    lows = [low if hz is None or low is None else replace(low, frequency_hz=hz)
            for hz in (corners or (None,))]  # fmt: skip
    if controls.low_pass_kinds and low is not None:
        lows += [controls.low_pass_kinds[0].at(side.frequency_hz) for side in lows if side]
    found = [chain]
    every = product(gains, late, phases, (False, True) if controls.polarity else (chain.inverted,))
    for gain, delay, phase, inverted in every:
        for side in lows:
            found.append(
                replace(
                    chain,
                    gain_db=gain,
                    delay_ms=delay,
                    phase_degrees=phase,
                    inverted=inverted,
                    low_pass=side,
                )
            )
    return list(dict.fromkeys(found))


def _within(span: Span | None, values: Sequence[float]) -> tuple[float, ...]:
    """Those within a range; its ends where none is."""
    if span is None:
        return ()
    kept = tuple(value for value in values if span.low <= value <= span.high)
    return kept or (span.low, span.high)


def _apart(places: FloatArray, figures: FloatArray) -> list[int]:
    chosen: list[int] = []
    for at in np.argsort(figures, kind="stable").tolist():
        gaps = (np.linalg.norm(places[at] - places[other]) for other in chosen)
        if all(gap >= _APART_METRES for gap in gaps):
            chosen.append(at)
            if len(chosen) == _TRIED:
                break
    return chosen
