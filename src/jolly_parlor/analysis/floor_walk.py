"""Walking a subwoofer round the floor: each named place as forecast and as measured, ranked.

Measured, as the trade does it, with the subwoofer at the places and the microphone at the seat, or
the other way round: the subwoofer at the seat and the microphone at the places (reciprocity).
"""

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.fields.field_of_room import RoomField
from jolly_parlor.analysis.measured import as_judged
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.evenness import GRID_HZ, Deviation, deviation, evenness
from jolly_parlor.placement.floor_places import FloorPlace, floor_places
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.items import loudspeaker
from jolly_parlor.placement.judging import Judged
from jolly_parlor.placement.mixes import judged_band, mixed, one, with_subwoofers
from jolly_parlor.placement.radiating import plates_of
from jolly_parlor.placement.setup import Setup
from jolly_parlor.placement.standing import must_stand
from jolly_parlor.project.document import Document, Take
from jolly_parlor.refused import Refused
from jolly_parlor.signals.response import Response
from jolly_parlor.words import plural, tr

_SAME_METRES = 0.005
_TELLING_DB = 0.3
_SOME = 2


@dataclass(frozen=True, eq=False)
class Walked:
    """One place. Figures are Evenness in dB at the seat: of the subwoofer alone, over its own
    band, and of all that plays, as it is set, by forecast.
    """

    place: FloorPlace
    forecast: Deviation
    together_db: float
    take: Take | None
    measured: Deviation | None

    @property
    def forecast_db(self) -> float:
        return evenness(self.forecast).value_db

    @property
    def measured_db(self) -> float | None:
        return None if self.measured is None else evenness(self.measured).value_db

    @property
    def curve(self) -> Deviation:
        """By its take where there is one."""
        return self.measured or self.forecast


@dataclass(frozen=True, eq=False)
class FloorWalk:
    """Of one subwoofer at one seat: measured places first, best first, then the others as forecast,
    best first.
    """

    sub: str
    seat: str
    rows: tuple[Walked, ...]
    average_db: float | None
    """Evenness of the mean on power of the measured places; None with fewer than two."""

    @property
    def measured(self) -> tuple[Walked, ...]:
        return tuple(row for row in self.rows if row.measured is not None)

    @property
    def words(self) -> tuple[str, ...]:
        """What the walk tells, and how far the forecast agrees."""
        done = self.measured
        if not done:
            best = self.rows[0].place.name
            return (
                tr(
                    "By forecast {sub} alone is most even from: {best}. Measure a few.",
                    sub=self.sub,
                    best=best,
                ),
            )
        best_row = done[0]
        found = [
            tr(
                "Measured, {sub} alone is most even from: {name}.",
                sub=self.sub,
                name=best_row.place.name,
            )
        ]
        if self.average_db is not None and best_row.measured_db is not None:
            gain = self.average_db - best_row.measured_db
            found.append(
                tr(
                    "The mean of the {done} places is {average_db:.1f} dB from even, "
                    "the best one {gain:.1f} dB {gain2}.",
                    done=len(done),
                    average_db=self.average_db,
                    gain=abs(gain),
                    gain2="better" if gain >= 0 else "worse",
                )
            )
        if len(done) > _SOME:
            found.append(_agreement(done))
        left = len(self.rows) - len(done)
        if left:
            found.append(
                plural(left, "{count} place not measured yet.", "{count} places not measured yet.")
            )
        return tuple(found)


def walk_round(
    document: Document, name: str, sub: str, seat: str, field: RoomField | None = None
) -> FloorWalk:
    """field: of the document's room, where it is known. Raises Refused where nothing can be
    forecast, or for what is no subwoofer.
    """
    gear, arrangement = document.gear, document.arrangement(name)
    gear.seat(seat)
    if not gear.loudspeaker(sub).is_subwoofer:
        raise Refused(tr("“{sub}” is no subwoofer.", sub=sub))
    must_stand(Setup(document.room, gear, arrangement))
    forecaster = Forecaster(document.room, gear, field)
    band, mix = judged_band(gear, one(sub)), with_subwoofers(gear)
    ear = arrangement.seats[seat]
    others = forecaster.at_seat(arrangement, seat).sources
    plates = plates_of(gear, arrangement)
    rows = []
    for place in floor_places(Setup(document.room, gear, arrangement), sub):
        there = arrangement.moved(loudspeaker(sub), place.at)
        source = forecaster.heard_from(there, (sub,))[sub]
        alone = forecaster.transfer(source, ear, plates) * forecaster.drive_of(sub)
        whole = mixed(mix, arrangement.chains, forecaster.frequencies_hz, {**others, sub: alone})
        curves = [Response.from_pressure(forecaster.frequencies_hz, p) for p in (alone, whole)]
        together = evenness(deviation(curves[1], *judged_band(gear, mix))).value_db
        take = take_at(document, arrangement, sub, seat, place)
        of_takes = judged_band(gear, one(sub), takes=True)
        measured = as_judged(take.response if take is not None else None, of_takes)
        rows.append(Walked(place, deviation(curves[0], *band), together, take, measured))
    rows.sort(key=_order)
    return FloorWalk(sub, seat, tuple(rows), _average(rows, band))


def take_at(
    document: Document, arrangement: Arrangement, sub: str, seat: str, place: FloorPlace
) -> Take | None:
    """The newest usable take of a subwoofer at a place that still holds for the seat, whichever of
    loudspeaker and microphone stood there.
    """
    there = arrangement.moved(loudspeaker(sub), place.at)
    for take in reversed(document.takes):
        info = take.info
        if (info.source, info.seat, info.point) != (sub, seat, "centre"):
            continue
        holds = take.usable and not document.doubts(take)
        stood = info.placed.places.get(sub), info.placed.seats.get(seat)
        if holds and stood[0] is not None and stood[1] is not None:
            near = stood[0].distance(there.places[sub]), stood[1].distance(there.seats[seat])
            if max(near) <= _SAME_METRES:
                return take
    return None


def _order(row: Walked) -> tuple[bool, float]:
    measured = row.measured_db
    return measured is None, row.forecast_db if measured is None else measured


def _average(rows: Sequence[Walked], band: Judged) -> float | None:
    curves = [row.measured for row in rows if row.measured is not None]
    if len(curves) < _SOME:
        return None
    low = max(c.frequencies_hz[0] for c in curves)
    f = GRID_HZ[(low <= GRID_HZ) & (min(c.frequencies_hz[-1] for c in curves) >= GRID_HZ)]
    powers = [
        10 ** (np.interp(f, c.frequencies_hz, c.deviation_db + c.reference_db) / 10) for c in curves
    ]
    mean = Response(f, 10 * np.log10(np.mean(powers, axis=0)))
    # Its parts stand above the target already.
    return evenness(deviation(mean, band.low_hz, band.high_hz)).value_db


def _agreement(done: Sequence[Walked]) -> str:
    """Whether the forecast would have named the same place, and what its choice would have cost."""
    expected = min(done, key=lambda row: row.forecast_db)
    best = done[0]
    assert best.measured_db is not None and expected.measured_db is not None
    lost = expected.measured_db - best.measured_db
    if expected is best:
        return tr("The forecast names the same place.")
    if lost < _TELLING_DB:
        return tr("The forecast names {name}, which is as good.", name=expected.place.name)
    return tr(
        "The forecast would have named {name}, {lost:.1f} dB worse measured.",
        name=expected.place.name,
        lost=lost,
    )
