"""What can be turned: the controls of the loudspeakers that play, as variables with ranges."""

from collections.abc import Mapping
from dataclasses import dataclass, replace
from typing import Literal

from jolly_parlor.placement.chains import CONTROLS, FLAT, USUAL_CROSSOVER_HZ, Chain, Filter
from jolly_parlor.placement.controls import Control, Whose
from jolly_parlor.placement.gear import PAIR, Gear
from jolly_parlor.placement.loudspeakers import Controls
from jolly_parlor.placement.mixes import Mix
from jolly_parlor.words import spoken, tr

Chains = Mapping[str, Chain]


@dataclass(frozen=True)
class Knob:
    """One control, or the same control of two loudspeakers that must stay alike."""

    names: tuple[str, ...]
    what: str
    """Of CONTROLS."""
    low: float
    high: float
    step: float

    @property
    def control(self) -> Control:
        return CONTROLS[self.what]

    def value(self, chains: Chains) -> float:
        at = chains.get(self.names[0], FLAT).set_of(self.control)
        return USUAL_CROSSOVER_HZ if at is None else at

    def turned(self, chains: Chains, value: float) -> dict[str, Chain]:
        """The chains with it set so."""
        changed = dict(chains)
        for name in self.names:
            changed[name] = self.of(changed.get(name, FLAT), value)
        return changed

    def of(self, chain: Chain, value: float) -> Chain:
        """One chain with it set so."""
        return chain.with_set(self.control, value)

    def only(self, chain: Chain) -> Chain:
        """A chain's part that this one turns: its response times the rest's is the chain's."""
        return chain.of(self.control)

    def nearest(self, value: float) -> float:
        """The value on one of its steps within its range."""
        steps = round((value - self.low) / self.step)
        last = int((self.high - self.low) / self.step + 1e-9)
        return round(self.low + self.step * min(max(steps, 0), last), 6)

    @property
    def title(self) -> str:
        """Such as `sub: delay`."""
        return f"{_named(self.names)}: {spoken(self.control.title)}"

    def words(self, value: float) -> str:
        """A value in the control's own unit."""
        return self.control.words(value)


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
    gains = [name for name in subs if gear.model_of(name).controls.span("gain_db") is not None]
    for name in subs:
        own = gear.model_of(name).controls
        _add(knobs, (name,), own, "all", "subwoofer")
        if own.polarity:
            switches.append(Switch((name,), "inverted", (False, True)))
        if own.low_pass_kinds:
            switches.append(Switch((name,), "low_pass", own.low_pass_kinds))
        _add(knobs, (name,), own, "each")
    if mix.has_pair:
        own = gear.monitor.controls
        if subs:
            apart = len(gains) < len(subs)
            _add(knobs, PAIR, own, "all", "pair", leave_out=() if apart else ("gain_db",))
            if own.high_pass_kinds:
                switches.append(Switch(PAIR, "high_pass", own.high_pass_kinds))
        for side in PAIR:
            _add(knobs, (side,), own, "each")
    return Panel(tuple(knobs), tuple(switches))


def settled_delays(chains: Chains, panel: Panel) -> dict[str, Chain]:
    """The same without what all have in common: delays are heard against each other only."""
    movable = {name for knob in panel.knobs if knob.what == "delay_ms" for name in knob.names}
    playing = set(chains)
    if not playing or not playing <= movable:
        return dict(chains)
    common = min(chain.delay_ms for chain in chains.values())
    return {n: replace(c, delay_ms=round(c.delay_ms - common, 6)) for n, c in chains.items()}


def _add(
    knobs: list[Knob],
    names: tuple[str, ...],
    own: Controls,
    *whose: Whose,
    leave_out: tuple[str, ...] = (),
) -> None:
    for control in CONTROLS.values():
        span = own.span(control.name)
        if control.whose not in whose or control.name in leave_out:
            continue
        if span is not None and span.high > span.low:
            step = span.step or control.tidy
            knobs.append(Knob(names, control.name, span.low, span.high, step))


def _named(names: tuple[str, ...]) -> str:
    return "pair" if names == PAIR else ", ".join(names)
