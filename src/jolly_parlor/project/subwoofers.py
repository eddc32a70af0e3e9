"""What the subwoofers of an arrangement do, each alone, and how unlike they leave the seats."""

from collections.abc import Mapping
from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.fields import RoomField, room_field
from jolly_parlor.acoustics.plan import Point
from jolly_parlor.fitting.fit import Fit
from jolly_parlor.placement.arrangement import Arrangement, must_stand
from jolly_parlor.placement.evenness import GRID_HZ as USUAL_HZ
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.mixes import with_subwoofers
from jolly_parlor.placement.search.further_subs import Further, further_subs
from jolly_parlor.placement.search.objective import Judge
from jolly_parlor.placement.search.subs import SubSearch
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
from jolly_parlor.project.document import Document
from jolly_parlor.project.room_fit import as_fitted
from jolly_parlor.refused import Refused


@dataclass(frozen=True, eq=False)
class SubReport:
    """Of one arrangement, forecast at what is set."""

    arrangement: Arrangement
    at_seats: Mapping[str, Shares]
    seat_variance_db2: float | None
    """Of all that plays, over the seats, 10 to 125 Hz; None with one seat."""
    headroom: tuple[Headroom, ...]
    moves: Mapping[str, tuple[Point, float]]
    """For a subwoofer that idles at the main seat: where it would serve best, and by how much J
    falls there, dB.
    """
    alignments: tuple[Alignment, ...]
    """Of each against the pair, at the main seat."""
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
    if not subs:
        raise Refused("This gear has no subwoofer; add one in Gear.")
    must_stand(believed.room, gear, arrangement)
    deep = Forecaster(believed.room, gear, room_field(believed.room, GRID_HZ))
    at_seats, levels = {}, []
    for seat in arrangement.seats:
        forecast = deep.at_seat(arrangement, seat)
        alone = {sub: forecast.sources[sub] for sub in subs}
        at_seats[seat] = shares(alone, arrangement.chains, GRID_HZ)
        whole = forecast.pressure(with_subwoofers(gear))
        levels.append(10 * np.log10(np.maximum(thirds_power(whole, GRID_HZ), 1e-30)))
    main = gear.seats[0].name
    usual = Forecaster(believed.room, gear, field).coarse()
    moves = _moves(usual, arrangement, at_seats[main].idle())
    heard = forecast_heard(usual, arrangement, with_subwoofers(gear), {main: 1.0})
    left = headroom(heard, Goal(heard), arrangement.chains, REFERENCE_DB_SPL)
    variance = seat_variance_db2(levels) if len(levels) > 1 else None
    words = [*_words(at_seats[main], moves, gear), headroom_words(left, REFERENCE_DB_SPL)]
    aligned = alignments(heard, arrangement, main, believed.room.speed_of_sound)
    return SubReport(
        arrangement, at_seats, variance, tuple(left), moves, tuple(aligned), tuple(words)
    )


def further(
    document: Document, name: str, fit: Fit | None = None, field: RoomField | None = None
) -> list[Further]:
    """What no subwoofer to four of them would give this arrangement, each at its best. field: as
    for `sub_report`.
    """
    believed = document if fit is None else as_fitted(document, fit)
    arrangement = document.arrangement(name)
    must_stand(believed.room, believed.gear, arrangement)
    field = field or room_field(believed.room, USUAL_HZ)
    return further_subs(believed.room, believed.gear, arrangement, field, document.wishes)


def _words(found: Shares, moves: Mapping[str, tuple[Point, float]], gear: Gear) -> list[str]:
    words = idle_words(found)
    for name, (at, gain) in moves.items():
        words.append(
            f"{name} would serve best {at.x:.2f} m from the left and {at.y:.2f} m from the front: "
            f"{gain:.1f} dB more even."
        )
    if not words and len(gear.subwoofers) > 1:
        words.append("All subwoofers take part: none lies 10 dB or more below the loudest.")
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
            x, y = tried.places[best].tolist()
            found[name] = Point(x, y, arrangement.places[name].z), gain
    return found
