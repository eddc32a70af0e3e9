"""What is left of a loudspeaker's loudness at a reference level.

Sources of pressure 1 at 1 m, fed through their chains, give the level L at the seat; to hear R dB
SPL there each must give R - L + 20 lg |chain| at 1 m. Its sheet says what it can. The reference,
and what peaks ask above it, are common practice, no source.
"""

from collections.abc import Mapping
from dataclasses import dataclass

import numpy as np

from jolly_parlor.placement.chains import FLAT, Chain
from jolly_parlor.placement.mixes import judged_band
from jolly_parlor.placement.settings.goal import Goal
from jolly_parlor.placement.settings.heard import Heard
from jolly_parlor.words import tr

REFERENCE_DB_SPL = 85.0
PEAKS_DB = 10.0
"""What peaks need above the reference."""


@dataclass(frozen=True)
class Headroom:
    """Of one loudspeaker at the reference level."""

    name: str
    asked_db_spl: float
    """At 1 m, at the frequency where it is asked for most."""
    at_hz: float
    left_db: float | None
    """None where its sheet does not say what it can."""


def headroom(
    heard: Heard, goal: Goal, chains: Mapping[str, Chain], reference_db_spl: float
) -> list[Headroom]:
    """Of every loudspeaker that plays, least first; those unknown last."""
    seat = next(iter(heard.centres))
    loud = reference_db_spl - float(np.mean(goal.levels_db(chains, seat)))
    low, high, _ = judged_band(heard.gear, heard.mix)
    f = heard.frequencies_hz
    band = (f >= low - 1e-9) & (f <= high + 1e-9)
    found = []
    for name in heard.mix.loudspeakers:
        model = heard.gear.model_of(name)
        fed = chains.get(name, FLAT).response(f[band], heard.mix.handed_over)
        given = 20 * np.log10(np.maximum(np.abs(fed * model.low_end(f[band])), 1e-9))
        most = int(np.argmax(given))
        asked = loud + float(given[most])
        can = model.maximum_level_db_spl
        found.append(Headroom(name, asked, float(f[band][most]), can - asked if can else None))
    return sorted(found, key=lambda h: np.inf if h.left_db is None else h.left_db)


def headroom_words(found: list[Headroom], reference_db_spl: float) -> str:
    """Which gives out first, in a sentence; or that no sheet says."""
    known = [one for one in found if one.left_db is not None]
    if not known:
        return tr("No sheet says how loud these loudspeakers can play: their headroom is unknown.")
    first = known[0]
    assert first.left_db is not None
    at = tr("at {reference_db_spl:.0f} dB SPL at the seat", reference_db_spl=reference_db_spl)
    if first.left_db < 0:
        return tr(
            "{name} gives out first: {at} it lacks {left_db:.0f} dB near "
            "{at_hz:.0f} Hz. Play lower, or turn it down.",
            name=first.name,
            at=at,
            left_db=-first.left_db,
            at_hz=first.at_hz,
        )
    return tr(
        "{name} gives out first: {at} it has {left_db:.0f} dB left near {at_hz:.0f} Hz.",
        name=first.name,
        at=at,
        left_db=first.left_db,
        at_hz=first.at_hz,
    )
