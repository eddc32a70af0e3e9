"""What is set, in the controls' own units: for the placement card, Sign-off and the Ledger."""

from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.chains import Chain, Crossover
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
    parts = [
        tr("gain {gain_db:+g} dB", gain_db=chain.gain_db) if chain.gain_db else "",
        tr("polarity reversed") if chain.inverted else "",
        tr("delay {delay_ms:g} ms", delay_ms=chain.delay_ms) if chain.delay_ms else "",
        tr("phase {phase_degrees:g}°", phase_degrees=chain.phase_degrees)
        if chain.phase_degrees
        else "",
        _side("low-pass", chain.low_pass),
        _side("high-pass", chain.high_pass),
        tr("low shelf {low_shelf_db:+g} dB", low_shelf_db=chain.low_shelf_db)
        if chain.low_shelf_db
        else "",
        tr("low mid {low_mid_db:+g} dB", low_mid_db=chain.low_mid_db) if chain.low_mid_db else "",
        *(
            tr(
                "{gain_db:+g} dB at {frequency_hz:g} Hz, Q {q:g}",
                gain_db=s.gain_db,
                frequency_hz=s.frequency_hz,
                q=s.q,
            )
            for s in chain.sections
        ),
    ]
    return "; ".join(part for part in parts if part) or "flat, nothing set"


def _side(title: str, side: Crossover | None) -> str:
    return (
        tr(
            "{title} {frequency_hz:g} Hz ({words})",
            title=title,
            frequency_hz=side.frequency_hz,
            words=side.filter.words,
        )
        if side is not None
        else ""
    )
