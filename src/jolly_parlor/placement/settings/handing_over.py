"""Keeping the bass from the pair: whether what is set can be, and what it would bring to buy it."""

from collections.abc import Mapping
from dataclasses import replace

from jolly_parlor.placement.chains import Chain, Crossover
from jolly_parlor.placement.controls import Span
from jolly_parlor.placement.gear import PAIR, Gear
from jolly_parlor.placement.settings.heard import Heard
from jolly_parlor.placement.settings.solver import Solution, solve
from jolly_parlor.words import tr

_TELLING_DB = 0.2
_TO_BUY = Span(60.0, 120.0, 10.0)
"""Where such things hand over (common practice, no source)."""


def impossible_words(gear: Gear, chains: Mapping[str, Chain]) -> str:
    """What is set for the pair though nothing there is can do it, in sentences; empty when all can
    be.
    """
    sides = [chains[side].high_pass for side in PAIR if side in chains]
    highs = [side for side in sides if side is not None]
    if gear.hands_over or not highs or not gear.subwoofers:
        return ""
    return tr(
        "The monitors are set to hand their bass over at {hertz:.0f} Hz, and nothing in Gear can "
        "do that: say there what does, or that they play their full range.",
        hertz=highs[0].frequency_hz,
    )


def gain_words(heard: Heard, solution: Solution, deep: float) -> str:
    """What something that keeps the bass from the pair would bring beyond a solution, in a
    sentence; empty where there is one, or where it would bring nothing to speak of.
    """
    gear = heard.gear
    if gear.hands_over or not any(one.id in heard.mix.loudspeakers for one in gear.subwoofers):
        return ""
    controls = gear.monitor.controls.having("high_pass_hz", _TO_BUY)
    with_one = gear.with_model(gear.monitor.id, controls=controls)
    at = Crossover()
    chains = dict(solution.chains)
    for side in PAIR:
        chains[side] = replace(chains[side], high_pass=at)
    bought = solve(replace(heard, gear=with_one), chains, deep, quick=True)
    gain = solution.after_db - bought.after_db
    if gain < _TELLING_DB:
        return ""
    high = bought.chains[PAIR[0]].high_pass or at
    return tr(
        "Nothing keeps the bass from the monitors. Something that does (many subwoofers have "
        "outputs for it, many interfaces too) would bring {gain:.1f} dB more, at {hertz:.0f} Hz.",
        gain=gain,
        hertz=high.frequency_hz,
    )
