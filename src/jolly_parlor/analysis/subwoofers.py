"""What the subwoofers of an arrangement do, each alone, and how unlike they leave the seats."""

from collections.abc import Mapping
from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.fields.field_of_room import RoomField, room_field
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.analysis.measured import measured_response
from jolly_parlor.analysis.measured_parts import NoCommonTime, level_words, measured_heard
from jolly_parlor.analysis.room_fit import as_fitted
from jolly_parlor.fitting.fit import Fit
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.evenness import GRID_HZ as USUAL_HZ
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.mixes import with_subwoofers
from jolly_parlor.placement.mounting import mount_words
from jolly_parlor.placement.search.further_subs import Further, further_subs
from jolly_parlor.placement.search.objective import Judge
from jolly_parlor.placement.search.subs import SubSearch, point_of
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.settings.alignment import Alignment, alignments
from jolly_parlor.placement.settings.goal import Goal
from jolly_parlor.placement.settings.headroom import (
    REFERENCE_DB_SPL,
    Headroom,
    headroom,
    headroom_words,
)
from jolly_parlor.placement.settings.heard import forecast_heard
from jolly_parlor.placement.settings.shares import (
    GRID_HZ,
    Shares,
    idle_words,
    seat_variance_db2,
    shares,
    thirds_power,
)
from jolly_parlor.placement.setup import Setup
from jolly_parlor.placement.standing import must_stand
from jolly_parlor.project.document import Document
from jolly_parlor.refused import Refused
from jolly_parlor.signals.response import Response
from jolly_parlor.words import tr


@dataclass(frozen=True, eq=False)
class Aligned:
    """How each subwoofer stands to the pair at one seat."""

    source: str
    """`measured` where takes of each alone can be added up, else `forecast`."""
    alignments: tuple[Alignment, ...]
    notes: tuple[str, ...]
    """What is doubtful, or why takes there are were not used."""

    def of(self, sub: str) -> Alignment | None:
        return next((one for one in self.alignments if one.name == sub), None)


@dataclass(frozen=True, eq=False)
class SubReport:
    """Of one arrangement at what is set; by takes where there are any, which win over forecasts."""

    arrangement: Arrangement
    at_seats: Mapping[str, Shares]
    sources: Mapping[str, str]
    """`measured` or `forecast`, by seat; of the seats' unlikeness under `seats`."""
    seat_variance_db2: float | None
    """Of all that plays, over the seats, 10 to 125 Hz; None with one seat."""
    headroom: tuple[Headroom, ...]
    moves: Mapping[str, tuple[Point, float]]
    """For a subwoofer that idles at the main seat: where it would serve best, and by how much J
    falls there, dB.
    """
    alignments: tuple[Alignment, ...]
    """Of each against the pair, at the main seat."""
    aligned_by: str
    words: tuple[str, ...]


def sub_report(
    document: Document, name: str, fit: Fit | None = None, field: RoomField | None = None
) -> SubReport:
    """field: of the room that is forecast in, where it is known. Raises Refused where there is no
    subwoofer, or nothing can be forecast.
    """
    believed = document if fit is None else as_fitted(document, fit)
    gear, arrangement = believed.gear, document.arrangement(name)
    subs = [one.id for one in gear.subwoofers]
    must_have_subwoofers(gear)
    must_stand(Setup(believed.room, gear, arrangement))
    deep = Forecaster(believed.room, gear, room_field(believed.room, GRID_HZ))
    at_seats, sources, levels, heard_levels = {}, {}, [], []
    mix = with_subwoofers(gear)
    for seat in arrangement.seats:
        forecast = deep.at_seat(arrangement, seat)
        measured = _measured_shares(document, arrangement, subs, seat)
        alone = {sub: forecast.sources[sub] for sub in subs}
        at_seats[seat] = measured or shares(alone, arrangement.chains, GRID_HZ)
        sources[seat] = "forecast" if measured is None else "measured"
        levels.append(_thirds_db(forecast.response(mix)))
        whole = measured_response(document, document.case(arrangement, seat, mix))
        heard_levels.append(None if whole is None else _thirds_db(whole))
    heard_by = [level for level in heard_levels if level is not None]
    sources["seats"] = "measured" if len(heard_by) == len(levels) else "forecast"
    variance = None
    if len(levels) > 1:
        variance = seat_variance_db2(heard_by if sources["seats"] == "measured" else levels)
    main = gear.seats[0].name
    usual = Forecaster(believed.room, gear, field)
    moves = _moves(usual.coarse(), arrangement, at_seats[main].idle())
    heard = forecast_heard(usual.coarse(), arrangement, mix, {main: 1.0})
    left = headroom(heard, Goal(heard), arrangement.chains, REFERENCE_DB_SPL)
    words = [
        *_words(at_seats[main], moves, gear, believed.room),
        headroom_words(left, REFERENCE_DB_SPL),
    ]
    found = _aligned(document, arrangement, usual)
    return SubReport(
        arrangement,
        at_seats,
        sources,
        variance,
        tuple(left),
        moves,
        found.alignments,
        found.source,
        (*words, *found.notes),
    )


def aligned(
    document: Document, name: str, fit: Fit | None = None, field: RoomField | None = None
) -> Aligned:
    """As `sub_report`, of how the subwoofers stand to the pair at the main seat only."""
    believed = document if fit is None else as_fitted(document, fit)
    arrangement = document.arrangement(name)
    must_have_subwoofers(believed.gear)
    must_stand(believed.setup(arrangement))
    return _aligned(document, arrangement, Forecaster(believed.room, believed.gear, field))


def must_have_subwoofers(gear: Gear) -> None:
    """Raises Refused where there is none."""
    if not gear.subwoofers:
        raise Refused(tr("This gear has no subwoofer; add one in Gear."))


def _aligned(document: Document, arrangement: Arrangement, forecaster: Forecaster) -> Aligned:
    mix, main = with_subwoofers(forecaster.gear), forecaster.gear.seats[0].name
    source = "measured"
    notes: list[str] = []
    try:
        heard, notes = measured_heard(document, arrangement, mix, {main: 1.0}, forecaster)
    except Refused as error:
        source = "forecast"
        heard = forecast_heard(forecaster.coarse(), arrangement, mix, {main: 1.0})
        if isinstance(error, NoCommonTime):
            notes = [str(error), *level_words(document, arrangement, mix, main)]
    speed, from_ = forecaster.room.speed_of_sound, forecaster.heard_from(arrangement)
    return Aligned(source, tuple(alignments(heard, from_, arrangement, main, speed)), tuple(notes))


def _measured_shares(
    document: Document, arrangement: Arrangement, subs: list[str], seat: str
) -> Shares | None:
    """From takes of each subwoofer alone, as far as they reach; None where one is missing."""
    takes = [document.take_of(arrangement, sub, seat) for sub in subs]
    curves = [take.response for take in takes if take is not None]
    if len(curves) < len(subs):
        return None
    low = max(float(curve.frequencies_hz[0]) for curve in curves)
    high = min(float(curve.frequencies_hz[-1]) for curve in curves)
    f = GRID_HZ[(low <= GRID_HZ) & (high >= GRID_HZ)]
    if f.size < 2:
        return None
    pressures = {sub: _size(curve, f) for sub, curve in zip(subs, curves, strict=True)}
    return shares(pressures, arrangement.chains, f)


def _size(curve: Response, f: FloatArray) -> ComplexArray:
    """Its size alone, as a pressure without phase: what of it can be told of one by itself."""
    level = np.interp(np.log(f), np.log(curve.frequencies_hz), curve.level_db)
    return np.asarray(10 ** (level / 20), dtype=np.complex128)


def _thirds_db(curve: Response) -> FloatArray:
    f = GRID_HZ[(curve.frequencies_hz[0] <= GRID_HZ) & (curve.frequencies_hz[-1] >= GRID_HZ)]
    return np.asarray(10 * np.log10(np.maximum(thirds_power(_size(curve, f), f), 1e-30)))


def further(
    document: Document, name: str, fit: Fit | None = None, field: RoomField | None = None
) -> list[Further]:
    """What no subwoofer to four of them would give this arrangement, each at its best. field: as
    for `sub_report`.
    """
    believed = document if fit is None else as_fitted(document, fit)
    arrangement = document.arrangement(name)
    must_stand(believed.setup(arrangement))
    field = field or room_field(believed.room, USUAL_HZ)
    return further_subs(believed.setup(arrangement), field, document.wishes)


def _words(
    found: Shares, moves: Mapping[str, tuple[Point, float]], gear: Gear, room: Room
) -> list[str]:
    words = idle_words(found)
    for name, (at, gain) in moves.items():
        held = mount_words(room, gear.model_of(name), at, "metric")
        words.append(
            tr(
                "{name} would serve best {x:.2f} m from the left and {y:.2f} m "
                "from the front{bool}{held}: {gain:.1f} dB more even.",
                name=name,
                x=at.x,
                y=at.y,
                bool=", " * bool(held),
                held=held,
                gain=gain,
            )
        )
    if not words and len(gear.subwoofers) > 1:
        words.append(tr("All subwoofers take part: none lies 10 dB or more below the loudest."))
    return words


def _moves(
    forecaster: Forecaster, arrangement: Arrangement, idle: list[str]
) -> dict[str, tuple[Point, float]]:
    """For each that idles the best floor place, the others and all settings as they are."""
    found: dict[str, tuple[Point, float]] = {}
    if not idle:
        return found
    judge = Judge(forecaster, Wishes())
    search = SubSearch(judge)
    now = float(judge.figures([arrangement], played=True)[0])
    for name in idle:
        tried = search.tried(arrangement, forecaster.gear.loudspeaker(name))
        if tried is None or not np.any(np.isfinite(tried.figures_db)):
            continue
        best = int(np.argmin(tried.figures_db))
        gain = now - float(tried.figures_db[best])
        if gain > 0:
            found[name] = point_of(tried.places[best]), gain
    return found
