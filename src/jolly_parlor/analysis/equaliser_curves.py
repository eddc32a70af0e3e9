"""The curves an equaliser judges by, from the takes of a document or from its forecast."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from typing import get_args

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.bands import log_grid
from jolly_parlor.acoustics.fields.field_of_room import room_field
from jolly_parlor.analysis.measured import summed
from jolly_parlor.equalising.curves import (
    Curve,
    Excess,
    excess_of,
    excess_of_impulse,
    judging_grid,
    noise_of,
)
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.evenness import GRID_HZ
from jolly_parlor.placement.forecast import HEAD_SHIFTS, Forecaster, head_point
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.judging import Judged
from jolly_parlor.placement.mixes import (
    Mix,
    as_set,
    judged_band,
    mix_of,
    mixed,
    one,
    with_subwoofers,
)
from jolly_parlor.project.document import Document, HeadPoint, Take
from jolly_parlor.project.signing import SCOPES, Scope
from jolly_parlor.refused import Refused
from jolly_parlor.signals.response import Response
from jolly_parlor.words import tr

_BEYOND = 2 ** (1 / 6)
"""How far beyond the judged band levels are kept: half a smoothing window and more."""


_PHASE_HZ = log_grid(10.0, 300.0, 144)
"""Fine enough to follow phase through narrow cancellations, and from below what is judged."""


@dataclass(frozen=True)
class _Group:
    """Loudspeakers that get the same sections, and what is judged of them."""

    name: str
    mix: Mix
    judged: Judged


def groups(gear: Gear, arrangement: Arrangement, scope: Scope, takes: bool) -> list[_Group]:
    """What is corrected together: all that plays, or each by itself over its own range; several
    subwoofers stay one.
    """
    whole = with_subwoofers(gear)
    if scope == "alike":
        return [_Group(SCOPES["alike"], whole, judged_band(gear, whole, takes))]
    found = []
    crossed = bool(gear.subwoofers)
    for speaker in gear.loudspeakers:
        if speaker.is_subwoofer:
            continue
        band = judged_band(gear, one(speaker.id), takes)
        high_pass = arrangement.chain(speaker.id).high_pass
        if crossed and high_pass is not None:
            band = band._replace(low_hz=max(band.low_hz, high_pass.frequency_hz))
        found.append(_Group(speaker.id, one(speaker.id), band))
    if crossed:
        many = len(gear.subwoofers) > 1
        mix = mix_of(gear, "subs") if many else one(gear.subwoofers[0].id)
        band = judged_band(gear, mix, takes)
        corners = [
            c.frequency_hz for s in gear.subwoofers if (c := arrangement.chain(s.id).low_pass)
        ]
        top = min([band.high_hz, *corners])
        found.append(_Group(mix.id, mix, band._replace(high_hz=max(top, 2 * band.low_hz))))
    return found


def forecast_curves(forecaster: Forecaster, arrangement: Arrangement, scope: Scope) -> list[Curve]:
    """Over the head volume of the main seat, and at the ears of the others."""
    gear, room, f = forecaster.gear, forecaster.room, forecaster.frequencies_hz
    main, *others = [seat.name for seat in gear.seats]
    ear = arrangement.seats[main]
    heads = {name: head_point(ear, name) for name in HEAD_SHIFTS}
    points = {
        name: forecaster.at(arrangement, at) for name, at in heads.items() if room.has_air_at(at)
    }
    seats = {name: forecaster.at_seat(arrangement, name) for name in others}
    fine = forecaster.in_field(room_field(room, _PHASE_HZ))
    closely = fine.at(arrangement, ear)
    found = []
    for group in groups(gear, arrangement, scope, takes=False):
        heard = {
            n: _set_pressure(gear, group.mix, arrangement, f, at.sources)
            for n, at in points.items()
        }
        there = {
            n: _set_pressure(gear, group.mix, arrangement, f, at.sources) for n, at in seats.items()
        }
        sum_ = _set_pressure(gear, group.mix, arrangement, fine.frequencies_hz, closely.sources)
        centre = Response.from_pressure(fine.frequencies_hz, sum_)
        late = min(arrangement.places[n].distance(ear) for n in group.mix.loudspeakers)
        excess = excess_of(centre, late / room.speed_of_sound)
        found.append(
            Curve(
                group.name,
                group.mix.loudspeakers,
                "forecast",
                group.judged,
                f,
                {n: _level(p) for n, p in heard.items()},
                {n: _level(p) for n, p in there.items()},
                excess,
            )
        )
    return found


def measured_curves(
    document: Document, arrangement: Arrangement, scope: Scope
) -> tuple[list[Curve], list[str]]:
    """The same from takes, as the arrangement given is set; and what must be said of them. Raises
    Refused naming what is missing.
    """
    found, notes = [], []
    for group in groups(document.gear, arrangement, scope, takes=True):
        curve = _measured(document, arrangement, group)
        found.append(curve)
        if len(curve.points_db) < 2:
            notes.append(
                tr(
                    "{name}: heard at the head's centre only. Measure at points around "
                    "it, or one ear's hill is cut for all.",
                    name=group.name,
                )
            )
        if curve.excess is None:
            notes.append(
                tr(
                    "{name}: the takes have no phase, so a cancellation cannot be told "
                    "from what a filter could undo; cuts are made all the same, boosts "
                    "never.",
                    name=group.name,
                )
            )
    if len(document.gear.seats) > 1 and not any(curve.seats_db for curve in found):
        notes.append(tr("No takes at the other seats: what a cut does there is not known."))
    return found, list(dict.fromkeys(notes))


def _measured(document: Document, arrangement: Arrangement, group: _Group) -> Curve:
    main, *others = [seat.name for seat in document.gear.seats]
    heard = {
        point: found
        for point in get_args(HeadPoint)
        if (found := _at_point(document, arrangement, group.mix, main, point)) is not None
    }
    if "centre" not in heard:
        raise Refused(
            tr(
                "“{name}” has no takes at {main} that tell how {who} is heard as "
                "set: measure each loudspeaker alone at the head's centre, with "
                "phase, then around it.",
                name=arrangement.name,
                main=main,
                who=_who(group),
            )
        )
    there = {
        seat: found
        for seat in others
        if (found := _at_point(document, arrangement, group.mix, seat, "centre")) is not None
    }
    low, high, _ = group.judged
    first = max(r.frequencies_hz[0] for r in (*heard.values(), *there.values()))
    last = min(r.frequencies_hz[-1] for r in (*heard.values(), *there.values()))
    needed = max(high, float(GRID_HZ[-1]) if group.name == SCOPES["alike"] else high)
    if first > low or last < needed:
        raise Refused(
            tr(
                "The takes cover {first:.0f} to {last:.0f} Hz; the equaliser of "
                "{who} needs {low:.0f} to {needed:.0f} Hz.",
                first=first,
                last=last,
                who=_who(group),
                low=low,
                needed=needed,
            )
        )
    f = judging_grid(max(first, low / _BEYOND), min(last, high * _BEYOND))
    return Curve(
        group.name,
        group.mix.loudspeakers,
        "measured",
        group.judged,
        f,
        {point: _on(r, f) for point, r in heard.items()},
        {seat: _on(r, f) for seat, r in there.items()},
        _excess(document, arrangement, group, heard["centre"], high),
        _noise(document, arrangement, group, f),
    )


def _at_point(
    document: Document, arrangement: Arrangement, mix: Mix, seat: str, point: HeadPoint
) -> Response | None:
    """What plays, as it is set, at one point: the takes of each alone through their chains; else a
    take of the whole, where it was set so.
    """

    def take_of(source: str) -> Take | None:
        return document.takes_around(arrangement, source, seat).get(point)

    if mix.alone:
        take = take_of(mix.id)
        return None if take is None else _through(take.response, document.gear, arrangement, mix)
    found = summed(document.case(arrangement, seat, mix), take_of)
    whole = as_set(document.gear)
    if found is None and set(whole.loudspeakers) == set(mix.loudspeakers):
        take = take_of(whole.id)
        same = all(
            document.arrangement(arrangement.name).chain(n) == arrangement.chain(n)
            for n in mix.loudspeakers
        )
        found = take.response if take is not None and same else None
    return found


def _through(response: Response, gear: Gear, arrangement: Arrangement, mix: Mix) -> Response:
    f = response.frequencies_hz
    factor = _own_factor(gear, arrangement, mix, f)
    level = response.level_db + _level(factor)
    if response.phase_deg is None:
        return Response(f, level)
    return Response(f, level, response.phase_deg + np.degrees(np.angle(factor)))


def _takes_of(
    document: Document, arrangement: Arrangement, mix: Mix, seat: str
) -> Sequence[Take | None]:
    return [document.take_of(arrangement, name, seat) for name in mix.loudspeakers]


def _excess(
    document: Document, arrangement: Arrangement, group: _Group, centre: Response, high_hz: float
) -> Excess | None:
    main = document.gear.seats[0].name
    takes = _takes_of(document, arrangement, group.mix, main)
    alone = takes[0] if group.mix.alone else None
    if alone is not None and alone.impulse is not None:
        return excess_of_impulse(alone.impulse, high_hz)
    waves = {
        name: take.impulse
        for name, take in zip(group.mix.loudspeakers, takes, strict=True)
        if take is not None and take.impulse is not None
    }
    if len(waves) < len(takes):
        ear = arrangement.seats[main]
        ways = [arrangement.places[name].distance(ear) for name in group.mix.loudspeakers]
        return excess_of(centre, min(ways) / document.room.speed_of_sound)
    f = np.arange(10.0, 2 * high_hz, 0.5)
    total = mixed(
        group.mix, arrangement.chains, f, {name: wave.pressure(f) for name, wave in waves.items()}
    )
    late = min(wave.arrival_seconds() for wave in waves.values())
    return excess_of(Response.from_pressure(f, total), late)


def _noise(
    document: Document, arrangement: Arrangement, group: _Group, f: FloatArray
) -> FloatArray | None:
    """Of all that plays, on power; None where one take does not tell."""
    takes = _takes_of(document, arrangement, group.mix, document.gear.seats[0].name)
    power = np.zeros(f.size)
    for name, take in zip(group.mix.loudspeakers, takes, strict=True):
        if take is None or take.impulse is None:
            return None
        crossed = bool(document.gear.subwoofers)
        through = np.abs(arrangement.chain(name).response(f, crossed)) ** 2
        power += through * 10 ** (noise_of(take.impulse, f) / 10)
    return np.asarray(10 * np.log10(np.maximum(power, 1e-30)))


def _own_factor(gear: Gear, arrangement: Arrangement, mix: Mix, f: FloatArray) -> ComplexArray:
    """What one that plays alone is fed through, its crossover in force where there is a subwoofer
    to hand over to.
    """
    return arrangement.chain(mix.loudspeakers[0]).response(f, bool(gear.subwoofers))


def _set_pressure(
    gear: Gear,
    mix: Mix,
    arrangement: Arrangement,
    f: FloatArray,
    sources: Mapping[str, ComplexArray],
) -> ComplexArray:
    """Of what plays through its chains, one alone too."""
    if mix.alone:
        return sources[mix.loudspeakers[0]] * _own_factor(gear, arrangement, mix, f)
    return mixed(mix, arrangement.chains, f, sources)


def _level(pressure: ComplexArray) -> FloatArray:
    return np.asarray(20 * np.log10(np.maximum(np.abs(pressure), 1e-12)))


def _on(response: Response, f: FloatArray) -> FloatArray:
    return np.interp(np.log(f), np.log(response.frequencies_hz), response.level_db)


def _who(group: _Group) -> str:
    return tr("all that plays") if group.name == SCOPES["alike"] else group.name
