"""A subwoofer against the pair: distance, level at the crossover, and the null.

With its polarity reversed a subwoofer that arrives as the pair does cancels it at the crossover.
Where that dip is deepest, the two add up best there with polarity restored (common practice, no
source). What makes the whole band most even may lie elsewhere: the room is in it.
"""

from collections.abc import Mapping
from dataclasses import dataclass, replace

import numpy as np

from jolly_parlor.acoustics.arrays import BoolArray, ComplexArray, FloatArray
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.chains import FLAT, USUAL_CROSSOVER_HZ, Chain
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.placement.settings.goal import Goal
from jolly_parlor.placement.settings.heard import Heard
from jolly_parlor.placement.settings.knobs import Knob, panel_of
from jolly_parlor.words import tr

EQUALLY_FAR_METRES = 0.05
_NULL_OCTAVES, _LEVEL_OCTAVES = 1 / 6, 0.5
"""Either side of the crossover."""
_TELLING_DB = 1.0
_OVER_DB = 1.0
"""So much deeper the null must be for the polarity to be turned over."""


@dataclass(frozen=True)
class Null:
    """The dip with the subwoofer's polarity reversed, dB below what both bring without phase."""

    now_db: float
    knob: Knob | None
    """What was turned for the deepest; None where nothing can be."""
    value: float
    deepest_db: float
    inverted: bool = False
    """The polarity to be set then: the null itself is heard with the other one."""

    def at_deepest(self, chains: Mapping[str, Chain]) -> dict[str, Chain]:
        """The chains turned there, polarity restored."""
        if self.knob is None:
            return dict(chains)
        name = self.knob.names[0]
        turned = self.knob.turned(chains, self.value)
        return {**turned, name: replace(turned[name], inverted=self.inverted)}

    def told_at(self, chains: Mapping[str, Chain]) -> str:
        """Where the deepest lies, as against how all is set."""
        assert self.knob is not None
        told = self.knob.words(self.value)
        if chains.get(self.knob.names[0], FLAT).inverted == self.inverted:
            return told
        return tr(
            "{told} with the polarity {inverted}",
            told=told,
            inverted="reversed" if self.inverted else "normal",
        )


@dataclass(frozen=True)
class Alignment:
    """Of one subwoofer at one seat."""

    name: str
    crossover_hz: float
    distance_metres: float
    """From where it is heard from to the ear."""
    farther_metres: float
    """Than the middle of the pair's distances; less than nothing where it is nearer."""
    delay_ms: float
    """What replaces moving it: for the subwoofer where it is nearer, else for the pair."""
    level_db: float
    """Of it over the pair, half an octave either side of the crossover."""
    null: Null
    over_db: float = 0.0
    """By how much all that plays becomes less even with its polarity turned over."""
    deepest_at: str = ""
    """Where the knob is to be turned for the deepest null, and the polarity if it changes."""

    @property
    def words(self) -> str:
        found = [
            tr(
                "{name} is heard from {distance_metres:.2f} m away, {place}",
                name=self.name,
                distance_metres=self.distance_metres,
                place=self._place,
            )
        ]
        level = abs(self.level_db)
        where = tr("at {crossover_hz:.0f} Hz", crossover_hz=self.crossover_hz)
        if level < _TELLING_DB:
            found.append(tr("Its level {where} matches the pair's.", where=where))
        else:
            way = "above" if self.level_db > 0 else "below"
            found.append(
                tr(
                    "Its level {where} lies {level:.0f} dB {way} the pair's.",
                    where=where,
                    level=level,
                    way=way,
                )
            )
        null = self.null
        depth = tr("{now_db:.0f} dB deep", now_db=null.now_db) if null.now_db >= 0 else "none"
        told = tr("Null, polarity reversed: {depth} as set", depth=depth)
        if null.knob is not None and null.deepest_db > null.now_db + _TELLING_DB:
            title = null.knob.title.partition(": ")[2]
            told += tr(
                "; deepest, {deepest_db:.0f} dB, at {title} {deepest_at}",
                deepest_db=null.deepest_db,
                title=title,
                deepest_at=self.deepest_at,
            )
        found.append(f"{told}.")
        return " ".join(found)

    @property
    def _place(self) -> str:
        off = abs(self.farther_metres)
        if off <= EQUALLY_FAR_METRES:
            return tr("as far as the monitors: a delay would only harm.")
        if self.farther_metres > 0:
            return tr(
                "{off:.2f} m farther than the monitors: a delay of {delay_ms:.1f} "
                "ms for them replaces moving it.",
                off=off,
                delay_ms=self.delay_ms,
            )
        return tr(
            "{off:.2f} m nearer than the monitors: a delay of {delay_ms:.1f} "
            "ms for it replaces moving it.",
            off=off,
            delay_ms=self.delay_ms,
        )


def alignments(
    heard: Heard,
    heard_from: Mapping[str, Point],
    arrangement: Arrangement,
    seat: str,
    speed_of_sound: float,
) -> list[Alignment]:
    """Of every subwoofer that plays with the pair, at a seat's ear centre. heard_from: where each
    loudspeaker is heard from, by id.
    """
    chains, ear = arrangement.chains, arrangement.seats[seat]
    pair = float(np.mean([heard_from[side].distance(ear) for side in PAIR]))
    found, goal = [], Goal(heard)
    for sub in heard.gear.subwoofers:
        if sub.id not in heard.sources:
            continue
        own = chains.get(sub.id, FLAT)
        over = {**chains, sub.id: replace(own, inverted=not own.inverted)}
        hertz = crossover_hz(chains, sub.id)
        distance = heard_from[sub.id].distance(ear)
        farther = distance - pair
        parts = _Parts(heard, chains, seat, sub.id)
        null = _null(parts, heard, chains, sub.id, hertz)
        found.append(
            Alignment(
                sub.id,
                hertz,
                distance,
                farther,
                abs(farther) / speed_of_sound * 1000,
                parts.level_db(hertz),
                null,
                goal.db(over) - goal.db(chains),
                null.told_at(chains) if null.knob is not None else "",
            )
        )
    return found


def crossover_hz(chains: Mapping[str, Chain], sub: str) -> float:
    """Where a subwoofer hands over to the pair: its low-pass, or the usual corner without one."""
    low = chains.get(sub, FLAT).low_pass
    return low.frequency_hz if low is not None else USUAL_CROSSOVER_HZ


def agreement_words(null: Null, chains: Mapping[str, Chain]) -> str:
    """Whether the settings that are most even over the band are those of the null, in a sentence;
    empty where there is nothing to turn.
    """
    if null.knob is None:
        return ""
    even = null.knob.value(chains)
    title, same = null.knob.title, chains[null.knob.names[0]].inverted == null.inverted
    if same and abs(even - null.value) <= 2 * null.knob.step:
        return tr(
            "{title}: the null and the evenness of the whole agree, {words}.",
            title=title,
            words=null.knob.words(even),
        )
    return tr(
        "{title}: the null asks for {told_at}, the evenness of the whole "
        "band for {words}. The null looks at the crossover only; listen to "
        "both.",
        title=title,
        told_at=null.told_at(chains),
        words=null.knob.words(even),
    )


class _Parts:
    """Pair and subwoofer at one ear, each through its chain."""

    def __init__(self, heard: Heard, chains: Mapping[str, Chain], seat: str, sub: str) -> None:
        self.f, self._at = heard.frequencies_hz, heard.centres[seat]
        self._heard, self._sub = heard, sub
        left, right = (self._of(side, chains.get(side, FLAT)) for side in PAIR)
        self.pair = left + right
        self.chain = chains.get(sub, FLAT)

    def sub(self, chain: Chain) -> ComplexArray:
        return self._of(self._sub, chain)

    def level_db(self, hertz: float) -> float:
        """Of the subwoofer over the pair around a frequency."""
        near = around(self.f, hertz, _LEVEL_OCTAVES)
        own = np.mean(np.abs(self.sub(self.chain)[near]) ** 2)
        return float(10 * np.log10(own / np.mean(np.abs(self.pair[near]) ** 2)))

    def null_db(self, chain: Chain, hertz: float) -> float:
        """How deep the dip is around a frequency with the polarity reversed."""
        near = around(self.f, hertz, _NULL_OCTAVES)
        one, other = self.pair[near], self.sub(chain)[near]
        alone = np.mean(np.abs(one) ** 2 + np.abs(other) ** 2)
        left = np.mean(np.abs(one - other) ** 2)
        return float(10 * np.log10(alone / max(float(left), 1e-12)))

    def _of(self, name: str, chain: Chain) -> ComplexArray:
        return np.asarray(self._heard.sources[name][self._at] * chain.response(self.f, True))


def around(frequencies_hz: FloatArray, hertz: float, octaves: float) -> BoolArray:
    """Which frequencies lie so near a frequency, at least the nearest."""
    off = np.abs(np.log2(frequencies_hz / hertz))
    return np.asarray(off <= max(octaves, float(off.min())) + 1e-9)


def _null(parts: _Parts, heard: Heard, chains: Mapping[str, Chain], sub: str, hertz: float) -> Null:
    """Now, and at the best value of delay or phase, else of the low-pass, with either polarity
    where there is a switch for it.
    """
    now, inverted = parts.null_db(parts.chain, hertz), parts.chain.inverted
    ways = [parts.chain]
    if heard.gear.model_of(sub).controls.polarity:
        ways.append(replace(parts.chain, inverted=not inverted))
    knobs = [k for k in panel_of(heard.gear, heard.mix).knobs if k.names == (sub,)]
    for what in ("delay_ms", "phase_degrees", "low_pass_hz"):
        for knob in knobs:
            if knob.what == what:
                steps = int((knob.high - knob.low) / knob.step + 1e-9)
                values = knob.low + knob.step * np.arange(steps + 1)
                depths = [
                    [parts.null_db(knob.of(way, float(v)), hertz) for v in values] for way in ways
                ]
                peaks = [max(row) - (number > 0) * _OVER_DB for number, row in enumerate(depths)]
                way = int(np.argmax(peaks))
                best = int(np.argmax(depths[way]))
                turned = ways[way].inverted
                value = round(float(values[best]), 6)
                return Null(now, knob, value, depths[way][best], turned)
    return Null(now, None, 0.0, now, inverted)
