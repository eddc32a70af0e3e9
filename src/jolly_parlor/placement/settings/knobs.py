"""What can be turned: the controls of the loudspeakers that play, as variables with ranges."""

from collections.abc import Mapping
from dataclasses import dataclass, replace
from typing import Literal

from jolly_parlor.placement.chains import USUAL_CROSSOVER_HZ, Chain, Crossover, Filter
from jolly_parlor.placement.gear import PAIR, Gear
from jolly_parlor.placement.loudspeakers import RANGED, Span
from jolly_parlor.placement.mixes import FLAT, Mix
from jolly_parlor.words import spoken, tr

What = Literal[
    "gain_db",
    "delay_ms",
    "phase_degrees",
    "low_shelf_db",
    "low_mid_db",
    "low_pass_hz",
    "high_pass_hz",
]
Chains = Mapping[str, Chain]

_TIDY: dict[What, float] = {
    "gain_db": 0.5,
    "delay_ms": 0.1,
    "phase_degrees": 5.0,
    "low_shelf_db": 0.5,
    "low_mid_db": 0.5,
    "low_pass_hz": 1.0,
    "high_pass_hz": 1.0,
}
"""Steps of what turns without steps: finer is set by no hand."""


@dataclass(frozen=True)
class Knob:
    """One control, or the same control of two loudspeakers that must stay alike."""

    names: tuple[str, ...]
    what: What
    low: float
    high: float
    step: float

    def value(self, chains: Chains) -> float:
        """Where it stands."""
        chain = chains.get(self.names[0], FLAT)
        if self.what == "low_pass_hz":
            return chain.low_pass.frequency_hz if chain.low_pass else USUAL_CROSSOVER_HZ
        if self.what == "high_pass_hz":
            return chain.high_pass.frequency_hz if chain.high_pass else USUAL_CROSSOVER_HZ
        return float(getattr(chain, self.what))

    def turned(self, chains: Chains, value: float) -> dict[str, Chain]:
        """The chains with it set so."""
        changed = dict(chains)
        for name in self.names:
            changed[name] = self.of(changed.get(name, FLAT), value)
        return changed

    def of(self, chain: Chain, value: float) -> Chain:
        """One chain with it set so."""
        if self.what == "low_pass_hz":
            return chain.changed("low_pass", _moved(chain.low_pass, value))
        if self.what == "high_pass_hz":
            return chain.changed("high_pass", _moved(chain.high_pass, value))
        return chain.changed(self.what, value)

    def only(self, chain: Chain) -> Chain:
        """A chain's part that this one turns: its response times the rest's is the chain's."""
        if self.what in ("low_pass_hz", "phase_degrees"):
            return Chain(low_pass=chain.low_pass, phase_degrees=chain.phase_degrees)
        if self.what == "high_pass_hz":
            return Chain(high_pass=chain.high_pass)
        return self.of(FLAT, self.value({self.names[0]: chain}))

    def nearest(self, value: float) -> float:
        """The value on one of its steps within its range."""
        steps = round((value - self.low) / self.step)
        last = int((self.high - self.low) / self.step + 1e-9)
        return round(self.low + self.step * min(max(steps, 0), last), 6)

    @property
    def title(self) -> str:
        """Such as `sub: delay`."""
        return f"{_named(self.names)}: {spoken(RANGED[self.what].title)}"

    def words(self, value: float) -> str:
        """A value in the control's own unit."""
        unit = RANGED[self.what].unit
        sign = "+" if unit == "dB" and value else ""
        return f"{value:{sign}g}{'' if unit == '°' else ' '}{unit}"


@dataclass(frozen=True)
class Switch:
    """A choice among a few: polarity, or the kind of a filter."""

    names: tuple[str, ...]
    what: Literal["inverted", "low_pass", "high_pass"]
    choices: tuple[bool, ...] | tuple[Filter, ...]

    def value(self, chains: Chains) -> bool | Filter | None:
        """How it is set; None for a filter that is not there."""
        chain = chains.get(self.names[0], FLAT)
        if self.what == "inverted":
            return chain.inverted
        side = chain.low_pass if self.what == "low_pass" else chain.high_pass
        return side.filter if side is not None else None

    def turned(self, chains: Chains, value: bool | Filter) -> dict[str, Chain]:
        """The chains with it set so."""
        changed = dict(chains)
        for name in self.names:
            chain = changed.get(name, FLAT)
            if isinstance(value, Filter):
                side = chain.low_pass if self.what == "low_pass" else chain.high_pass
                at = value.at(side.frequency_hz if side else USUAL_CROSSOVER_HZ)
                changed[name] = chain.changed(self.what, at)
            else:
                changed[name] = chain.changed("inverted", value)
        return changed

    @property
    def title(self) -> str:
        """Such as `sub: polarity`."""
        what = {
            "inverted": "polarity",
            "low_pass": tr("low-pass kind"),
            "high_pass": tr("high-pass kind"),
        }
        return f"{_named(self.names)}: {spoken(what[self.what])}"

    def words(self, value: bool | Filter | None) -> str:
        """A choice in words."""
        if isinstance(value, Filter):
            return value.words
        return spoken("none" if value is None else "reversed" if value else "normal")


@dataclass(frozen=True)
class Panel:
    """All that can be turned for one mix."""

    knobs: tuple[Knob, ...]
    switches: tuple[Switch, ...]

    @property
    def controls(self) -> tuple[Knob | Switch, ...]:
        """All of them, switches first."""
        return (*self.switches, *self.knobs)

    def __bool__(self) -> bool:
        return bool(self.controls)


def panel_of(gear: Gear, mix: Mix) -> Panel:
    """The controls that the models of a mix have.

    The pair keeps one delay, one gain and one handover, or the middle would wander; its trims are
    each for its own wall. The pair's gain stands still where a subwoofer's can be set, for only
    their difference is heard.
    """
    subs = [one.id for one in gear.subwoofers if one.id in mix.loudspeakers]
    knobs: list[Knob] = []
    switches: list[Switch] = []
    gains = [name for name in subs if gear.model_of(name).controls.gain_db is not None]
    for name in subs:
        own = gear.model_of(name).controls
        _add(knobs, (name,), "gain_db", own.gain_db)
        _add(knobs, (name,), "delay_ms", own.delay_ms)
        _add(knobs, (name,), "phase_degrees", own.phase_degrees)
        _add(knobs, (name,), "low_pass_hz", own.low_pass_hz)
        if own.polarity:
            switches.append(Switch((name,), "inverted", (False, True)))
        if own.low_pass_kinds:
            switches.append(Switch((name,), "low_pass", own.low_pass_kinds))
        _trims(knobs, name, gear)
    if mix.has_pair:
        own = gear.monitor.controls
        if subs:
            if len(gains) < len(subs):
                _add(knobs, PAIR, "gain_db", own.gain_db)
            _add(knobs, PAIR, "delay_ms", own.delay_ms)
            _add(knobs, PAIR, "high_pass_hz", own.high_pass_hz)
            if own.high_pass_kinds:
                switches.append(Switch(PAIR, "high_pass", own.high_pass_kinds))
        for side in PAIR:
            _trims(knobs, side, gear)
    return Panel(tuple(knobs), tuple(switches))


def settled_delays(chains: Chains, panel: Panel) -> dict[str, Chain]:
    """The same without what all have in common: delays are heard against each other only."""
    movable = {name for knob in panel.knobs if knob.what == "delay_ms" for name in knob.names}
    playing = set(chains)
    if not playing or not playing <= movable:
        return dict(chains)
    common = min(chain.delay_ms for chain in chains.values())
    return {n: replace(c, delay_ms=round(c.delay_ms - common, 6)) for n, c in chains.items()}


def _trims(knobs: list[Knob], name: str, gear: Gear) -> None:
    own = gear.model_of(name).controls
    _add(knobs, (name,), "low_shelf_db", own.low_shelf_db)
    _add(knobs, (name,), "low_mid_db", own.low_mid_db)


def _add(knobs: list[Knob], names: tuple[str, ...], what: What, span: Span | None) -> None:
    if span is not None and span.high > span.low:
        knobs.append(Knob(names, what, span.low, span.high, span.step or _TIDY[what]))


def _moved(side: Crossover | None, frequency_hz: float) -> Crossover:
    return replace(side or Crossover(), frequency_hz=min(max(frequency_hz, 20.0), 500.0))


def _named(names: tuple[str, ...]) -> str:
    return "pair" if names == PAIR else ", ".join(names)
