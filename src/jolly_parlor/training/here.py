"""Where in a room the thing of a lesson happens, how much of it, and what placing does about it."""

from collections.abc import Callable
from dataclasses import dataclass
from typing import Literal

import numpy as np

from jolly_parlor.audition.transfers import POINT, Transfers
from jolly_parlor.diagnosis.features import FeatureKind, features
from jolly_parlor.diagnosis.findings import Finding, findings_of_forecast
from jolly_parlor.diagnosis.interventions import Anechoic
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.placement.mixes import LEFT_ALONE, RIGHT_ALONE
from jolly_parlor.placement.mode_facts import listed_modes
from jolly_parlor.placement.radiating import plates_of
from jolly_parlor.placement.reflections import reflection_points
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.settings.alignment import crossover_hz
from jolly_parlor.placement.settings.reverberation import BANDS_HZ, DECAY_HZ, decay_seconds
from jolly_parlor.words import tr

LessonId = Literal["dip", "boom", "comb", "polarity", "late", "unlike", "ringing"]
_USUAL_OCTAVES, _WIDEST = 1 / 3, 1.5
COMB_FLOOR_DB = -30.0
"""Of a reflection that is not plain at all."""
_EARLY_SECONDS = 0.02


@dataclass(frozen=True)
class Room:
    forecaster: Forecaster
    anechoic: Anechoic
    transfers: Transfers
    case: Case
    wishes: Wishes

    @property
    def where(self) -> str:
        """`In The Kiln Room, “A third”, at the desk`."""
        name = self.forecaster.room.name or tr("this room")
        return tr(
            "In {name}, “{name2}”, at the {seat}",
            name=name,
            name2=self.case.arrangement.name,
            seat=self.case.seat,
        )


@dataclass(frozen=True)
class Here:
    """What a lesson works with in one room."""

    where: str
    """Where in this room it happens, in sentences."""
    placing: str
    """What placing does about it."""
    hertz: float = 0.0
    octaves: float = _USUAL_OCTAVES
    seconds: float = 0.0
    size: float | None = None
    """How plain it is here, on the lesson's scale; None where that cannot be said."""


def here(lesson: LessonId, room: Room) -> Here:
    """For one lesson. Raises Refused where the room cannot be computed."""
    return FOUND[lesson](room)


def _dip(room: Room) -> Here:
    return _feature(
        room,
        "hollow",
        63.0,
        tr("No boost fills a hollow: move what makes it, or the seat out of it."),
    )


def _boom(room: Room) -> Here:
    return _feature(
        room,
        "hill",
        50.0,
        tr("Seat or loudspeaker in the quiet zone of what booms tames it; a cut can do the rest."),
    )


def _feature(room: Room, kind: FeatureKind, usual_hz: float, rule: str) -> Here:
    deviation = room.forecaster.deviation(room.case)
    worst = next((one for one in features(deviation) if one.kind == kind), None)
    if worst is None:
        return Here(
            tr(
                "{where}: no {kind} of 3 dB or more is forecast. The lesson takes "
                "one at {usual_hz:.0f} Hz.",
                where=room.where,
                kind=kind,
                usual_hz=usual_hz,
            ),
            rule,
            usual_hz,
        )
    found = findings_of_forecast(room.forecaster, room.anechoic, room.case, room.wishes)
    told = next((one for one in found if one.feature == worst), None)
    where = (
        told.headline
        if told is not None
        else tr("{frequency_hz:.0f} Hz.", frequency_hz=worst.frequency_hz)
    )
    width = min(max(worst.width_octaves or _USUAL_OCTAVES, 0.1), _WIDEST)
    return Here(
        f"{room.where}: {where}",
        f"{_remedy(told)}{rule}",
        worst.frequency_hz,
        width,
        size=abs(worst.level_db),
    )


def _remedy(finding: Finding | None) -> str:
    if finding is None or finding.remedy is None:
        return ""
    found = finding.remedy
    better = tr(
        "{evenness_before_db:.1f} → {evenness_after_db:.1f} dB from even",
        evenness_before_db=found.evenness_before_db,
        evenness_after_db=found.evenness_after_db,
    )
    return tr("To try: {what} ({better}, forecast). ", what=found.move.text(), better=better)


def _comb(room: Room) -> Here:
    forecaster, case = room.forecaster, room.case
    points = reflection_points(forecaster.setup(case.arrangement), case.seat)
    early = [p for p in points if p.delay_seconds <= _EARLY_SECONDS]
    rule = tr(
        "Nearer to the loudspeakers, or the surface farther off, the "
        "reflection is softer against the direct sound; a desk lower or "
        "tilted sends it past the ear. At the points of Sign-off's "
        "hand-over whoever treats the room does the rest."
    )
    if not early:
        return Here(tr("{where}: nothing reflects early.", where=room.where), rule, seconds=0.003)
    one = early[0]
    late = one.delay_seconds
    where = tr(
        "{where}: off the {surface} the {loudspeaker} one's sound comes "
        "{late:.1f} ms late and {level_db:.0f} dB softer: first hollow at "
        "{late2:.0f} Hz, a pitch of {late3:.0f} Hz. Loudspeakers beam, so "
        "in truth less.",
        where=room.where,
        surface=one.surface,
        loudspeaker=one.loudspeaker,
        late=1000 * late,
        level_db=abs(one.level_db),
        late2=0.5 / late,
        late3=1 / late,
    )
    return Here(where, rule, 1 / late, seconds=late, size=one.level_db - COMB_FLOOR_DB)


def _polarity(room: Room) -> Here:
    chains = room.case.arrangement.chains
    odd = [name for name in room.case.mix.loudspeakers if name in chains and chains[name].inverted]
    told = (
        tr("{odd} is set to reversed polarity", odd=", ".join(odd))
        if odd
        else tr("nothing is set reversed")
    )
    return Here(
        tr(
            "{where}: {told}. What is wired wrongly no forecast knows: play "
            "mono, and the middle must stand still between left and right.",
            where=room.where,
            told=told,
        ),
        tr("No place mends it: swap the two wires at one terminal, or the switch."),
    )


def _late(room: Room) -> Here:
    forecaster, case = room.forecaster, room.case
    arrangement, ear = case.arrangement, case.ear
    speed = forecaster.room.speed_of_sound

    def arrives_ms(name: str) -> float:
        late = arrangement.chain(name).delay_ms
        return 1000 * arrangement.places[name].distance(ear) / speed + late

    subs = forecaster.gear.subwoofers
    rule = tr(
        "A subwoofer as far from the ear as the pair needs no delay; a "
        "farther one makes the pair wait. Subs finds distance and delay, "
        "and the null proves them."
    )
    if not subs:
        return Here(tr("{where}: there is no subwoofer to be late.", where=room.where), rule, 80.0)
    pair = float(np.mean([arrives_ms(name) for name in PAIR]))
    last = max(subs, key=lambda sub: arrives_ms(sub.id))
    gap = arrives_ms(last.id) - pair
    way = "after" if gap >= 0 else "before"
    return Here(
        tr(
            "{where}: by distance and delay {id} comes {gap:.1f} ms {way} the "
            "pair, its own electronics and filter not counted.",
            where=room.where,
            id=last.id,
            gap=abs(gap),
            way=way,
        ),
        rule,
        crossover_hz(arrangement.chains, last.id),
        size=abs(gap),
    )


def _unlike(room: Room) -> Here:
    forecast = room.forecaster.at_seat(room.case.arrangement, room.case.seat)
    left, right = (forecast.deviation(mix) for mix in (LEFT_ALONE, RIGHT_ALONE))
    f = left.frequencies_hz[left.in_band]
    inside = left.in_band
    gap = (left.deviation_db + left.reference_db - right.deviation_db - right.reference_db)[inside]
    worst = int(np.argmax(np.abs(gap)))
    louder = "left" if gap[worst] > 0 else "right"
    return Here(
        tr(
            "{where}: at {f:.0f} Hz the {louder} one is {gap:.0f} dB louder at the ear, forecast.",
            where=room.where,
            f=f[worst],
            louder=louder,
            gap=abs(gap[worst]),
        ),
        tr(
            "Alike walls beside both, or both as far from unlike ones as can "
            "be; the seat on the line between. What a window or an open side "
            "does to one of them, no setting undoes."
        ),
        max(float(f[worst]), 150.0),
        1.0,
        size=abs(float(gap[worst])),
    )


def _ringing(room: Room) -> Here:
    case, transfers = room.case, room.transfers
    rows = np.flatnonzero((transfers.low_hz >= DECAY_HZ[0]) & (transfers.low_hz <= DECAY_HZ[-1]))
    forecaster, ear = room.forecaster, case.ear
    plates = plates_of(forecaster.gear, case.arrangement)
    pressure = sum(
        transfers.low(place, ear, POINT, plates)[0][rows]
        for place in forecaster.playing(case).values()
    )
    times = {band: decay_seconds(np.asarray(pressure), band) for band in BANDS_HZ}
    known = {band: seconds for band, seconds in times.items() if seconds is not None}
    rule = tr(
        "Placing only chooses how much of a mode is heard, not how long it "
        "lives: seat and loudspeakers off its places of pressure, then "
        "absorption that works that low."
    )
    if not known:
        return Here(tr("{where}: how long it rings cannot be told.", where=room.where), rule, 50.0)
    band = max(known, key=lambda one: known[one])
    modes = [
        m
        for m in listed_modes(room.forecaster.room)
        if band / 2**0.5 <= m.frequency_hz < band * 2**0.5
    ]
    near = min(modes, key=lambda m: abs(m.frequency_hz - band), default=None)
    named = (
        tr(
            "; nearest is the {name} ({frequency_hz:.0f} Hz)",
            name=near.name,
            frequency_hz=near.frequency_hz,
        )
        if near
        else ""
    )
    return Here(
        tr(
            "{where}: {band:g} Hz rings longest, {known:.1f} s to fall by 60 dB{named}.",
            where=room.where,
            band=band,
            known=known[band],
            named=named,
        ),
        rule,
        near.frequency_hz if near else band,
        size=known[band],
    )


FOUND: dict[LessonId, Callable[[Room], Here]] = {
    "dip": _dip,
    "boom": _boom,
    "comb": _comb,
    "polarity": _polarity,
    "late": _late,
    "unlike": _unlike,
    "ringing": _ringing,
}
