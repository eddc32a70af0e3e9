"""What is set, in the controls' own units: for the placement card, Sign-off and the Ledger."""

from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.chains import CONTROLS, Chain, Crossover
from jolly_parlor.placement.controls import Control
from jolly_parlor.placement.gear import Gear
from jolly_parlor.words import tr


def settings_lines(gear: Gear, arrangement: Arrangement) -> list[tuple[str, str]]:
    """Every loudspeaker and how it is set; those alike in one line, flat ones said to be so."""
    words = [(one.id, chain_words(arrangement.chain(one.id))) for one in gear.loudspeakers]
    found: list[tuple[str, str]] = []
    for _, told in words:
        names = [name for name, its in words if its == told]
        line = (tr(" and ").join([", ".join(names[:-1]), names[-1]] if names[1:] else names), told)
        if line not in found:
            found.append(line)
    return found


def chain_words(chain: Chain) -> str:
    """Everything that is set of one loudspeaker, in a line."""
    parts = []
    for control in CONTROLS.values():
        at = chain.set_of(control)
        if at and not control.is_corner:
            parts.append(control.told(at))
        elif at:
            parts.append(_corner(control, getattr(chain, control.setting)))
    if chain.inverted:
        parts.insert(int(chain.gain_db != 0), tr("polarity reversed"))
    parts += [
        tr(
            "{gain_db:+g} dB at {frequency_hz:g} Hz, Q {q:g}",
            gain_db=s.gain_db,
            frequency_hz=s.frequency_hz,
            q=s.q,
        )
        for s in chain.sections
    ]
    return "; ".join(parts) or "flat, nothing set"


def _corner(control: Control, side: Crossover) -> str:
    return tr(
        "{title} {frequency_hz:g} Hz ({words})",
        title=control.title,
        frequency_hz=side.frequency_hz,
        words=side.filter.words,
    )
