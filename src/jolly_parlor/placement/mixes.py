"""Mixes: named sets of loudspeakers that play together; and what a response is of, a Listening.

A loudspeaker alone is heard as it is measured, flat. Together each is heard through its Chain, and
the crossover filters are in force where a subwoofer plays along with others.
"""

from collections.abc import Mapping
from dataclasses import dataclass, replace

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.placement.chains import FLAT, Chain
from jolly_parlor.placement.evenness import GRID_HZ
from jolly_parlor.placement.gear import PAIR, Gear
from jolly_parlor.placement.judging import Judged
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

SUBWOOFERS_TO_HZ = 120.0
"""Subwoofers by themselves are judged up to here (common practice, no source)."""
WITH_SUBWOOFERS = "both+sub"
"""The id of the pair with all subwoofers, each through its chain."""


@dataclass(frozen=True)
class Mix:
    id: str
    name: str
    """On screen."""
    loudspeakers: tuple[str, ...]
    chained: bool
    """Whether each is heard through its Chain; one alone is heard flat."""
    handed_over: bool
    """Whether the crossover filters are in force."""

    @property
    def alone(self) -> bool:
        return len(self.loudspeakers) == 1

    @property
    def has_pair(self) -> bool:
        """Whether both of the pair play."""
        return set(PAIR) <= set(self.loudspeakers)


LEFT_ALONE = Mix("left", tr("Left"), ("left",), False, False)
RIGHT_ALONE = Mix("right", tr("Right"), ("right",), False, False)
BOTH = Mix("both", tr("Both"), PAIR, True, False)


BOTH_AS_SET = Mix("both-set", tr("Both as set"), PAIR, True, False)
"""The pair through its chains, measured as it is set: what a subwoofer's gear measures as
`both+sub`.
"""


PAIR_MIXES = (LEFT_ALONE.id, RIGHT_ALONE.id, BOTH.id)
"""Mixes of the pair without anything else."""


def one(name: str) -> Mix:
    return {"left": LEFT_ALONE, "right": RIGHT_ALONE}.get(name) or Mix(
        name, name, (name,), False, False
    )


def mixes(gear: Gear) -> tuple[Mix, ...]:
    """Those this gear can play, the usual ones first."""
    subs = tuple(sub.id for sub in gear.subwoofers)
    found = [LEFT_ALONE, RIGHT_ALONE, BOTH]
    if subs:
        many = tr("Both and subs") if len(subs) > 1 else tr("Both and sub")
        found.append(Mix(WITH_SUBWOOFERS, many, PAIR + subs, True, True))
    found += [one(speaker.id) for speaker in gear.beside_the_pair]
    if len(subs) > 1:
        found.append(Mix("subs", tr("All subs"), subs, True, True))
    if gear.others:
        every = tuple(speaker.id for speaker in gear.loudspeakers)
        found.append(Mix("all", tr("All"), every, True, bool(subs)))
    return tuple(found)


def mix_of(gear: Gear, mix_id: str) -> Mix:
    """The mix of that id, also by `sub:NAME`; raises Refused naming those there are."""
    wanted = mix_id.removeprefix("sub:")
    for mix in mixes(gear):
        if mix.id == wanted:
            return mix
    if wanted == WITH_SUBWOOFERS:
        raise Refused(tr("This gear has no subwoofer."))
    known = ", ".join(mix.id for mix in mixes(gear))
    raise Refused(tr("There is no mix “{mix_id}”; there is {known}.", mix_id=mix_id, known=known))


def measurable(gear: Gear) -> tuple[Mix, ...]:
    """What a take can be of: the pair together, each loudspeaker by itself, and all that plays as
    it is set: the pair, with the subwoofers there are.
    """
    found = [mix for mix in mixes(gear) if mix.alone or mix.id in (BOTH.id, WITH_SUBWOOFERS)]
    return (*found, *(() if gear.subwoofers else (BOTH_AS_SET,)))


def as_set(gear: Gear) -> Mix:
    """What a take of all that plays, as it is set, is of."""
    return mix_of(gear, WITH_SUBWOOFERS) if gear.subwoofers else BOTH_AS_SET


def with_subwoofers(gear: Gear) -> Mix:
    """The pair with all subwoofers, or the pair where there are none."""
    return mix_of(gear, WITH_SUBWOOFERS) if gear.subwoofers else BOTH


def judged_band(gear: Gear, mix: Mix, takes: bool = False) -> Judged:
    """How a mix is judged: from the lowest -3 dB corner of what plays to 300 Hz, subwoofers alone
    to 120, unless the gear's Judging says otherwise; takes as far as it says for takes.
    """
    judging = gear.judging
    corners = [gear.model_of(name).low_corner_hz for name in mix.loudspeakers]
    subs = all(gear.loudspeaker(name).is_subwoofer for name in mix.loudspeakers)
    top = (judging.takes_to_hz if takes else None) or judging.to_hz
    top = min(SUBWOOFERS_TO_HZ, top) if subs else top
    low = max(judging.from_hz or min(corners), float(GRID_HZ[0]))
    return Judged(min(low, top / 2), top, judging.target)


def mixed(
    mix: Mix,
    chains: Mapping[str, Chain],
    frequencies_hz: FloatArray,
    sources: Mapping[str, ComplexArray],
) -> ComplexArray:
    """Complex sum of what each loudspeaker brings, given flat as measured or forecast:
    (..., frequencies). A loudspeaker without a chain is flat.
    """
    if not mix.chained:
        return sources[mix.loudspeakers[0]]
    parts = [
        sources[name] * factor if factor is not None else sources[name]
        for name, factor in factors(mix, chains, frequencies_hz).items()
    ]
    return np.asarray(sum(parts[1:], parts[0]))


def factors(
    mix: Mix, chains: Mapping[str, Chain], frequencies_hz: FloatArray
) -> dict[str, ComplexArray | None]:
    """What each loudspeaker of a mix is fed through, (frequencies,); None where it is nothing."""
    found: dict[str, ComplexArray | None] = {}
    for name in mix.loudspeakers:
        chain = chains.get(name, FLAT)
        if not mix.handed_over and (chain.low_pass or chain.high_pass):
            chain = replace(chain, low_pass=None, high_pass=None)
        flat = not mix.chained or chain == FLAT
        found[name] = None if flat else chain.response(frequencies_hz, mix.handed_over)
    return found
