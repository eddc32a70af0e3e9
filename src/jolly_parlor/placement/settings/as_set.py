"""What is set, in the controls' own units: for the placement card, Sign-off and the Ledger."""

from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.chains import Chain, Crossover
from jolly_parlor.placement.gear import Gear


def settings_lines(gear: Gear, arrangement: Arrangement) -> list[tuple[str, str]]:
    """Every loudspeaker and how it is set; those alike in one line, flat ones said to be so."""
    words = [(one.id, chain_words(arrangement.chain(one.id))) for one in gear.loudspeakers]
    found: list[tuple[str, str]] = []
    for _, told in words:
        names = [name for name, its in words if its == told]
        line = (" and ".join([", ".join(names[:-1]), names[-1]] if names[1:] else names), told)
        if line not in found:
            found.append(line)
    return found


def chain_words(chain: Chain) -> str:
    """Everything that is set of one loudspeaker, in a line."""
    parts = [
        f"gain {chain.gain_db:+g} dB" if chain.gain_db else "",
        "polarity reversed" if chain.inverted else "",
        f"delay {chain.delay_ms:g} ms" if chain.delay_ms else "",
        f"phase {chain.phase_degrees:g}°" if chain.phase_degrees else "",
        _side("low-pass", chain.low_pass),
        _side("high-pass", chain.high_pass),
        f"low shelf {chain.low_shelf_db:+g} dB" if chain.low_shelf_db else "",
        f"low mid {chain.low_mid_db:+g} dB" if chain.low_mid_db else "",
        *(f"{s.gain_db:+g} dB at {s.frequency_hz:g} Hz, Q {s.q:g}" for s in chain.sections),
    ]
    return "; ".join(part for part in parts if part) or "flat, nothing set"


def _side(title: str, side: Crossover | None) -> str:
    return f"{title} {side.frequency_hz:g} Hz ({side.filter.words})" if side is not None else ""
