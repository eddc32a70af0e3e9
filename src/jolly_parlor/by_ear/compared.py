"""Where ear and forecast agree: marks of a hunt on the map, tones against findings, the calm zone
against the strips.
"""

from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import CalmZone
from jolly_parlor.by_ear.ear_record import Hunt, HuntMark, ToneMark
from jolly_parlor.diagnosis.findings import Finding
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.evenness import Deviation
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.maps import EvennessMap, seat_map
from jolly_parlor.placement.mixes import one
from jolly_parlor.placement.setup import Setup
from jolly_parlor.placement.strips import Strip
from jolly_parlor.signals.tones import note_name
from jolly_parlor.units import UnitSystem, format_length
from jolly_parlor.words import tr

_ALIKE_DB = 0.5
_OFF_FRONT, _OFF_WALL = 1.0, 0.3
"""Metres beyond the map's edge in which nobody sits."""
_NEAR_OCTAVES = 1 / 6
_SEEN_DB = 3.0


def hunt_case(setup: Setup, hunt: Hunt, seat: str) -> Case:
    """What is heard while a hunt goes on: one loudspeaker, where it plays."""
    arrangement = setup.arrangement
    ear = arrangement.seats[seat]
    placed = replace(
        arrangement,
        places={**arrangement.places, hunt.loudspeaker: hunt.stood},
        seats={**arrangement.seats, seat: Point(ear.x, ear.y, hunt.ear_height)},
    )
    return Case(setup.having(placed), seat, one(hunt.loudspeaker))


def hunt_map(model: Forecaster, arrangement: Arrangement, hunt: Hunt, seat: str) -> EvennessMap:
    """How even the forecast has every place of the floor while the hunt goes on."""
    return seat_map(model, hunt_case(model.setup(arrangement), hunt, seat))


def usable(found: EvennessMap, hunt: Hunt) -> EvennessMap:
    """The map where what is hunted for can be: a seat is neither before the monitors nor with the
    head at a wall.
    """
    if hunt.wanted != "seat":
        return found
    figures = found.figures_db.copy()
    across = (found.xs < found.xs[0] + _OFF_WALL) | (found.xs > found.xs[-1] - _OFF_WALL)
    along = (found.ys < found.ys[0] + _OFF_FRONT) | (found.ys > found.ys[-1] - _OFF_WALL)
    figures[:, across] = np.nan
    figures[along, :] = np.nan
    return replace(found, figures_db=figures) if np.isfinite(figures).any() else found


def figure_at(found: EvennessMap, x: float, y: float) -> float:
    """The map's figure at the nearest place it has one for."""
    away = np.hypot(found.xs[None, :] - x, found.ys[:, None] - y)
    away = np.where(np.isfinite(found.figures_db), away, np.inf)
    return float(found.figures_db.flat[int(np.argmin(away))])


@dataclass(frozen=True)
class HuntSaid:
    """What a hunt has come to."""

    best: HuntMark | None
    """The even mark that the forecast likes best."""
    best_db: float
    calmest: Point
    calmest_db: float
    words: str


def hunt_said(found: EvennessMap, hunt: Hunt, units: UnitSystem = "metric") -> HuntSaid:
    """The marks against the map."""
    whole, found = found, usable(found, hunt)
    calm, calm_db = found.calmest, float(np.nanmin(found.figures_db))
    figures = [(figure_at(whole, mark.x, mark.y), mark) for mark in hunt.marks]
    even = sorted(((f, m) for f, m in figures if m.heard == "even"), key=lambda pair: pair[0])
    across, along = format_length(calm.x, units), format_length(calm.y, units)
    where = tr("{across} from the left, {along} from the front", across=across, along=along)
    if not even:
        words = tr("Mark at least one place where it sounds even, crisp and clear.")
        if hunt.marks:
            words += tr(
                " The forecast would look for it at {where} ({calm_db:.1f} dB from even).",
                where=where,
                calm_db=calm_db,
            )
        return HuntSaid(None, float("nan"), calm, calm_db, words)
    best_db, best = even[0]
    told = [
        tr("Where you hear it even, the forecast has {best_db:.1f} dB from even", best_db=best_db)
    ]
    told.append(tr("at its calmest, {where}, {calm_db:.1f} dB", where=where, calm_db=calm_db))
    words = "; ".join(told) + ". " + _agreement(figures, best_db, calm_db, found)
    return HuntSaid(best, best_db, calm, calm_db, words)


def _agreement(
    figures: Sequence[tuple[float, HuntMark]],
    best_db: float,
    calm_db: float,
    found: EvennessMap,
) -> str:
    """Whether the forecast, too, has the even places calmer than the others."""
    known = found.figures_db[np.isfinite(found.figures_db)]
    share = float(np.mean(known <= best_db))
    rough = [figure for figure, mark in figures if mark.heard != "even"]
    if best_db <= calm_db + _ALIKE_DB:
        return tr("Ear and forecast agree: it hardly gets calmer than there.")
    if rough and best_db > min(rough) + _ALIKE_DB:
        return tr(
            "They disagree: the forecast has a place calmer that you did not "
            "find even. Listen there once more, and measure both."
        )
    if share <= 0.25:
        return tr("Ear and forecast agree: that is among the calmest quarter of the room.")
    return tr(
        "The forecast has {share:.0f} % of the room as calm or calmer: "
        "walk some of those places too before you settle.",
        share=100 * share,
    )


def tones_said(
    marks: Sequence[ToneMark], findings: Sequence[Finding], curve: Deviation | None, what: str
) -> list[str]:
    """Each marked note against what is known there: its finding, else the curve. what: `forecast`
    or `measured`.
    """
    told = []
    for mark in marks:
        name = tr(
            "{note_name}, {hertz:.0f} Hz, {heard}",
            note_name=note_name(mark.hertz),
            hertz=mark.hertz,
            heard=mark.heard,
        )
        kind = "hill" if mark.heard == "booms" else "hollow"
        near = [
            f
            for f in findings
            if f.feature.kind == kind
            and abs(np.log2(f.feature.frequency_hz / mark.hertz)) <= _NEAR_OCTAVES
        ]
        if near:
            found = min(near, key=lambda f: abs(np.log2(f.feature.frequency_hz / mark.hertz)))
            told.append(f"{name}: {found.headline}")
            continue
        level = _extreme(curve, mark) if curve is not None else None
        if level is None:
            told.append(tr("{name}: nothing is known there.", name=name))
        elif (level > 0) == (mark.heard == "booms") and abs(level) >= _SEEN_DB:
            told.append(
                tr(
                    "{name}: {what} {level:.0f} dB {level2} there.",
                    name=name,
                    what=what,
                    level=abs(level),
                    level2="up" if level > 0 else "down",
                )
            )
        else:
            told.append(
                tr(
                    "{name}: the {what} curve has nothing of it ({level:+.0f} dB). "
                    "Something may rattle or hum along, or the room differs from its "
                    "survey: take a sweep.",
                    name=name,
                    what=what,
                    level=level,
                )
            )
    return told


def _extreme(curve: Deviation, mark: ToneMark) -> float | None:
    """The highest, or lowest, level near a note."""
    near = np.abs(np.log2(curve.frequencies_hz / mark.hertz)) <= _NEAR_OCTAVES
    if not near.any():
        return None
    level: FloatArray = curve.deviation_db[near]
    return float(level.max() if mark.heard == "booms" else level.min())


def zone_said(zone: CalmZone, strip: Strip, front: float) -> str:
    """Whether the forecast, too, is calm inside the zone the voice found, along the way out from
    the wall behind.
    """
    out = strip.metres - front
    known = np.isfinite(strip.figures_db)
    inside = known & (out >= zone.front_near) & (out <= zone.front_far)
    if not known.any() or not inside.any():
        return tr("The forecast cannot say: nothing can stand there.")
    best, here = float(strip.figures_db[known].min()), float(strip.figures_db[inside].min())
    calm = float(out[known][int(np.argmin(strip.figures_db[known]))])
    if here <= best + _ALIKE_DB:
        return tr(
            "Ear and forecast agree: in the zone {here:.1f} dB from even, "
            "nowhere less than {best:.1f}.",
            here=here,
            best=best,
        )
    return tr(
        "Ear and forecast disagree: in the zone {here:.1f} dB from even at "
        "best, but {best:.1f} dB {calm:.0f} cm out. The voice hears the "
        "mid-bass, the forecast all of the bass: try both, and measure.",
        here=here,
        best=best,
        calm=100 * calm,
    )
