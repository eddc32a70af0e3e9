"""What each setting buys, and what was not done and why."""

from collections.abc import Mapping
from dataclasses import dataclass, replace

from jolly_parlor.placement.chains import Chain
from jolly_parlor.placement.settings.goal import Goal
from jolly_parlor.placement.settings.knobs import Knob, Switch
from jolly_parlor.placement.settings.solver import Solution
from jolly_parlor.words import tr

_TELLING_DB = 0.1
_TOLD_APART_HZ = 100.0
"""Common practice, no source."""


@dataclass(frozen=True)
class Worth:
    """One control that is set otherwise than before."""

    title: str
    before: str
    after: str
    alone_db: float
    """By how much J falls where this alone is changed; less than nothing where it rises."""
    without_db: float
    """By how much J rises where all but this is changed."""

    @property
    def words(self) -> str:
        alone = (
            tr("by itself {alone_db:.1f} dB more even", alone_db=self.alone_db)
            if self.alone_db >= 0.05
            else tr("by itself {alone_db:.1f} dB less even", alone_db=-self.alone_db)
            if self.alone_db <= -0.05
            else tr("by itself no gain")
        )
        return tr(
            "{title} {before} → {after}: {alone}; without it the rest loses {without_db:.1f} dB.",
            title=self.title,
            before=self.before,
            after=self.after,
            alone=alone,
            without_db=max(self.without_db, 0.0),
        )


def worths(goal: Goal, present: Mapping[str, Chain], solution: Solution) -> list[Worth]:
    """Of every control that changed, what buys most first."""
    before, after = solution.before_db, solution.after_db
    found = []
    for control in solution.panel.controls:
        was, now = _values(control, present), _values(control, solution.chains)
        if was == now or was is None or now is None:
            continue
        alone = goal.db(_turned(control, dict(present), now))
        without = goal.db(_turned(control, solution.chains, was))
        words = _words(control, was), _words(control, now)
        found.append(Worth(control.title, *words, before - alone, without - after))
    return sorted(found, key=lambda worth: -worth.without_db)


def limits_words(goal: Goal, solution: Solution) -> list[str]:
    """What would be more even but cannot or must not be set, each with its reason."""
    found = []
    chains, after = solution.chains, solution.after_db
    for knob in solution.panel.knobs:
        end = _end(knob, knob.value(chains))
        if end == 0 or (more := knob.control.beyond) == 0.0:
            continue
        if any(knob.names == held.names and knob.what == held.what for held, _ in solution.held):
            continue
        to = knob.value(chains) + end * more
        if knob.what == "delay_ms" and to < 0:
            continue
        beyond = replace(knob, low=min(knob.low, to), high=max(knob.high, to))
        gain = after - goal.db(beyond.turned(chains, to))
        if gain >= _TELLING_DB:
            found.append(
                tr(
                    "{title} ends at {words}; at {words2} it would be {gain:.1f} dB "
                    "more even, which this control cannot.",
                    title=knob.title,
                    words=knob.words(knob.value(chains)),
                    words2=knob.words(to),
                    gain=gain,
                )
            )
    for name, chain in chains.items():
        low = chain.low_pass
        if low is not None and low.frequency_hz > _TOLD_APART_HZ:
            found.append(
                tr(
                    "{name} plays up to {frequency_hz:.0f} Hz: above about "
                    "{told_apart_hz:.0f} Hz the ear may tell where a subwoofer stands; "
                    "listen for it.",
                    name=name,
                    frequency_hz=low.frequency_hz,
                    told_apart_hz=_TOLD_APART_HZ,
                )
            )
    for knob, at in solution.held:
        found.append(
            tr(
                "{title} was not raised: it would lift the hollow at {at:.0f} Hz, "
                "and no boost fills a cancellation.",
                title=knob.title,
                at=at,
            )
        )
    return found


def _end(knob: Knob, value: float) -> int:
    """1 at the upper end of the range, -1 at the lower, else 0."""
    if value >= knob.high - knob.step / 2:
        return 1
    return -1 if value <= knob.low + knob.step / 2 else 0


def _values(control: Knob | Switch, chains: Mapping[str, Chain]) -> object:
    return control.value(chains)


def _turned(control: Knob | Switch, chains: dict[str, Chain], value: object) -> dict[str, Chain]:
    return control.turned(chains, value)  # type: ignore[arg-type]


def _words(control: Knob | Switch, value: object) -> str:
    return control.words(value)  # type: ignore[arg-type]
