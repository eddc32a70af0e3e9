"""The settings that make what is heard most even, within the controls there are.

Choices (polarity, kinds of filters) are tried in every combination, each with a spread of values of
what turns; the best of them are followed downhill with slopes, then set on the controls' own steps
and walked step by step until no step helps. What buys too little to be felt goes back to where it
was. Never worse than what was set; the same question has the same answer.
"""

from collections.abc import Callable, Iterator, Mapping
from dataclasses import dataclass
from functools import partial
from itertools import product

import numpy as np
from threadpoolctl import threadpool_limits

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.placement.chains import Chain, Filter
from jolly_parlor.placement.settings.goal import Goal
from jolly_parlor.placement.settings.headroom import PEAKS_DB, REFERENCE_DB_SPL, headroom
from jolly_parlor.placement.settings.heard import Heard
from jolly_parlor.placement.settings.knobs import Knob, Panel, Switch, panel_of, settled_delays

WORTH_DB = 0.1
"""What a setting must buy to be changed."""
_LOOKS = 6_000
_MOST_COMBINATIONS, _FOLLOWED, _WALKED, _LOOKS_DOWN, _ROUNDS = 768, 6, 2, 30, 40
_SPREAD = 64

Chains = dict[str, Chain]


@dataclass(frozen=True, eq=False)
class Solution:
    """The best settings found, and J of the head volumes before and after, dB."""

    chains: Chains
    before_db: float
    after_db: float
    panel: Panel
    held: tuple[tuple[Knob, float], ...]
    """Trims that may not boost, each with the hollow it would boost into, Hz."""


def solve(
    heard: Heard,
    chains: Mapping[str, Chain],
    deep: float = 0.0,
    reference_db_spl: float = REFERENCE_DB_SPL,
    quick: bool = False,
) -> Solution:
    """Settings for one Heard, beginning at what is set. quick: only what is set is followed, as
    where a search has weighed many ways before.
    """
    present = {name: chains.get(name, Chain()) for name in heard.mix.loudspeakers}
    goal = Goal(heard, deep)
    panel, held = _without_boosts(panel_of(heard.gear, heard.mix), goal, present)
    before = goal.db(present)
    if not panel:
        return Solution(dict(present), before, before, panel, held)
    limit = _Limit(heard, goal, present, reference_db_spl)
    best, value = present, before
    with threadpool_limits(1, "blas"):  # small products: threads would wait for each other
        first = [present]
        if not quick:
            first = _first_look(heard, goal, panel, present, deep)[:_FOLLOWED]
        followed = sorted((_downhill(goal, panel, start) for start in first), key=goal.db)
    for start in followed[:_WALKED]:
        found, figure = _walked(goal, panel, limit, _stepped(panel, start, present), quick)
        if figure < value - 1e-6 and limit.keeps(found):
            best, value = found, figure
    best = _without_idle_changes(goal, panel, limit, present, best)
    best = settled_delays(best, panel)
    after = goal.db(best)
    if after > before:  # the walk rounds; what was set may have been better
        best, after = present, before
    return Solution(best, before, after, panel, held)


class _Limit:
    """Whether settings leave peaks their headroom, or at least as much as there was."""

    def __init__(self, heard: Heard, goal: Goal, present: Chains, reference: float) -> None:
        self._heard, self._goal, self._reference = heard, goal, reference
        names = heard.mix.loudspeakers
        self._known = any(heard.gear.model_of(n).maximum_level_db_spl for n in names)
        self._least = self._left(present)

    def keeps(self, chains: Chains) -> bool:
        """Of every loudspeaker whose sheet says what it can."""
        if not self._known:
            return True
        left = self._left(chains)
        return all(left[n] >= min(PEAKS_DB, self._least[n]) - 1e-6 for n in left)

    def _left(self, chains: Chains) -> dict[str, float]:
        found = headroom(self._heard, self._goal, chains, self._reference)
        return {one.name: one.left_db for one in found if one.left_db is not None}


def _without_boosts(
    panel: Panel, goal: Goal, present: Chains
) -> tuple[Panel, tuple[tuple[Knob, float], ...]]:
    """Trims do not lift a range in which a hollow lies: no boost fills a cancellation."""
    seat = next(iter(goal.heard.centres))
    level = goal.levels_db(present, seat)
    level = level - level.mean()
    knobs, held = [], []
    for knob in panel.knobs:
        reach = knob.control.lifts_hz
        if reach is not None and knob.high > 0:
            inside = (goal.at_hz >= reach[0]) & (goal.at_hz <= reach[1])
            if np.any(inside) and float(level[inside].min()) <= -_HOLLOW_DB:
                at = float(goal.at_hz[inside][np.argmin(level[inside])])
                held.append((knob, at))
                most = max(knob.value(present), 0.0)
                if most <= knob.low:
                    continue
                knob = Knob(knob.names, knob.what, knob.low, most, knob.step)
        knobs.append(knob)
    return Panel(tuple(knobs), panel.switches), tuple(held)


_HOLLOW_DB = 6.0


def _combinations(panel: Panel, present: Chains) -> Iterator[Chains]:
    """Every way the switches can be set; where these are too many, each changed by itself."""
    every: list[tuple[bool | Filter, ...]] = [switch.choices for switch in panel.switches]
    if int(np.prod([len(choices) for choices in every], dtype=float)) <= _MOST_COMBINATIONS:
        for chosen in product(*every):
            chains = present
            for switch, value in zip(panel.switches, chosen, strict=True):
                chains = _switched(switch, value, chains)
            yield chains
        return
    flips = [s for s in panel.switches if s.what == "inverted"]
    kinds = [s for s in panel.switches if s.what != "inverted"]
    for turned in product((False, True), repeat=len(flips)):
        chains = present
        for switch, one in zip(flips, turned, strict=True):
            chains = switch.turned(chains, one)
        yield chains
        for switch in kinds:
            for kind in switch.choices:
                yield switch.turned(chains, kind)


def _first_look(
    heard: Heard, goal: Goal, panel: Panel, present: Chains, deep: float
) -> list[Chains]:
    """Starts worth following, best first, no two of one combination before each had its turn.

    Looked at with the ear centres and fewer frequencies, factors taken as independent.
    """
    look = Goal(heard.only(list(heard.centres.values())), deep, per_octave=12)
    combinations = list(_combinations(panel, present))
    spread = max(min(_SPREAD, _LOOKS // len(combinations)), 4)
    values = _spread_values(panel, present, spread)
    found: list[tuple[float, int, Chains]] = []
    tables: dict[tuple[Knob, Chain], ComplexArray] = {}
    for chains in combinations:
        trials = np.repeat(look.factors(chains)[None], spread, axis=0)
        for number, knob in enumerate(panel.knobs):
            for name in knob.names:
                own = knob.only(chains[name])
                if (knob, own) not in tables:
                    tables[knob, own] = _factors_of(look, knob, own, values[:, number])
                trials[:, look.names.index(name)] *= tables[knob, own]
        squares = look.squares(trials)
        for rank, at in enumerate(np.argsort(squares, kind="stable")[:2]):
            start = chains
            for knob, value in zip(panel.knobs, values[at], strict=True):
                start = knob.turned(start, float(value))
            found.append((float(squares[at]), rank, start))
    found.sort(key=lambda one: one[0])
    firsts = [chains for _, rank, chains in found if rank == 0][: _FOLLOWED // 2]
    others = [chains for _, _, chains in found if chains not in firsts]
    return firsts + others


def _spread_values(panel: Panel, present: Chains, count: int) -> FloatArray:
    """Values of the knobs spread over their ranges, (count, knobs); the first as they are."""
    from scipy.stats import qmc  # here: commands that set nothing need not wait for it

    knobs = panel.knobs
    if not knobs:
        return np.zeros((1, 0))
    low, high = (np.array([getattr(knob, end) for knob in knobs]) for end in ("low", "high"))
    even = qmc.Sobol(len(knobs), scramble=False).random(max(2, 1 << (count - 1).bit_length()))
    values = low + even[:count] * (high - low)
    values[0] = np.clip([knob.value(present) for knob in knobs], low, high)
    return np.asarray(values)


def _factors_of(look: Goal, knob: Knob, own: Chain, values: FloatArray) -> ComplexArray:
    """What a knob at each value multiplies the factor of its loudspeaker by, own its part of the
    chain; (values, frequencies).
    """
    turned = {value: look.factor(knob.of(own, value)) for value in set(values.tolist())}
    return np.array([turned[value] for value in values.tolist()]) / look.factor(own)


def _downhill(goal: Goal, panel: Panel, start: Chains) -> Chains:
    """Followed with slopes, within the ranges; L-BFGS-B (Byrd, Lu, Nocedal & Zhu 1995) of SciPy."""
    from scipy.optimize import Bounds, minimize  # as above

    knobs = panel.knobs
    if not knobs:
        return start
    low, high = (np.array([getattr(knob, end) for knob in knobs]) for end in ("low", "high"))
    span = high - low

    def chains_at(x: FloatArray) -> Chains:
        chains = start
        for knob, value in zip(knobs, low + x * span, strict=True):
            chains = knob.turned(chains, float(value))
        return chains

    def at(x: FloatArray) -> tuple[float, FloatArray]:
        chains = chains_at(x)
        value, slope = goal.slope(chains, knobs, goal.factors(chains))
        return value, slope * span

    x0 = np.clip((np.array([knob.value(start) for knob in knobs]) - low) / span, 0.0, 1.0)
    every = Bounds(np.zeros(len(knobs)), np.ones(len(knobs)))
    found = minimize(
        at, x0, jac=True, method="L-BFGS-B", bounds=every, options={"maxfun": _LOOKS_DOWN}
    )
    return chains_at(np.clip(found.x, 0.0, 1.0))


def _stepped(panel: Panel, chains: Chains, present: Chains) -> Chains:
    """Every knob on one of its steps; a loudspeaker set off its steps from the start may stay."""
    for knob in panel.knobs:
        now, was = knob.value(chains), knob.value(present)
        chains = knob.turned(chains, was if abs(now - was) < knob.step / 2 else knob.nearest(now))
    return chains


def _walked(
    goal: Goal, panel: Panel, limit: _Limit, chains: Chains, quick: bool
) -> tuple[Chains, float]:
    """Step by step and switch by switch, the best each time, until none helps."""
    factors = {name: goal.factor(chains[name]) for name in goal.names}
    value = _square(goal, factors)
    if not limit.keeps(chains):
        chains, factors = _quieter(goal, panel, limit, chains, factors)
        value = _square(goal, factors)
    for _ in range(3 if quick else _ROUNDS):
        helped = False
        for turned in _neighbours(panel, chains):
            trial = turned(chains)
            changed = {n: goal.factor(trial[n]) for n in goal.names if trial[n] != chains[n]}
            figure = _square(goal, factors | changed)
            if figure < value - 1e-9 and limit.keeps(trial):
                chains, value, helped = trial, figure, True
                factors |= changed
        if not helped:
            break
    return chains, float(np.sqrt(value))


def _quieter(
    goal: Goal, panel: Panel, limit: _Limit, chains: Chains, factors: dict[str, ComplexArray]
) -> tuple[Chains, dict[str, ComplexArray]]:
    """Gains taken back together until peaks have their headroom, as far as that goes."""
    gains = [knob for knob in panel.knobs if knob.what == "gain_db"]
    for _ in range(100):
        if limit.keeps(chains) or not gains:
            break
        before = chains
        for knob in gains:
            now = knob.value(chains)
            chains = knob.turned(chains, max(round(now - knob.step, 6), knob.low))
        if chains == before:
            break
    return chains, {name: goal.factor(chains[name]) for name in goal.names}


def _neighbours(panel: Panel, chains: Chains) -> Iterator[Callable[[Chains], Chains]]:
    """One step and three of every knob either way, and the other choices of every switch."""
    for knob in panel.knobs:
        for steps in (-1, 1, -3, 3):
            yield partial(_step, knob, steps)
    for switch in panel.switches:
        for choice in switch.choices:
            yield partial(_switched, switch, choice)


def _step(knob: Knob, steps: int, chains: Chains) -> Chains:
    to = knob.nearest(knob.value(chains) + steps * knob.step)
    return knob.turned(chains, to)


def _square(goal: Goal, factors: Mapping[str, ComplexArray]) -> float:
    return goal.square(np.array([factors[name] for name in goal.names]))


def _without_idle_changes(
    goal: Goal, panel: Panel, limit: _Limit, present: Chains, best: Chains
) -> Chains:
    """Each control back where it was, as long as that costs less than anyone would hear."""
    value = goal.db(best)
    for back in _ways_back(panel, present):
        trial = back(best)
        if trial == best:
            continue
        figure = goal.db(trial)
        if figure < value + WORTH_DB and limit.keeps(trial):
            best, value = trial, figure
    return best


def _ways_back(panel: Panel, present: Chains) -> Iterator[Callable[[Chains], Chains]]:
    for switch in panel.switches:
        was = switch.value(present)
        if was is not None:
            yield partial(_switched, switch, was)
    for knob in panel.knobs:
        yield partial(_set, knob, knob.value(present))


def _switched(switch: Switch, value: bool | Filter, chains: Chains) -> Chains:
    return switch.turned(chains, value)


def _set(knob: Knob, value: float, chains: Chains) -> Chains:
    return knob.turned(chains, value)
