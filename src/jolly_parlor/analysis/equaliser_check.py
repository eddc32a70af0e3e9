"""Whether the equaliser does what was foretold: the take of all that plays, as set, held against
what the takes of each alone say it should be.
"""

from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import root_mean_square
from jolly_parlor.analysis.measured import as_judged, summed
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.evenness import Deviation, evenness, grid_to
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.mixes import as_set, judged_band, with_subwoofers
from jolly_parlor.project.document import Document, Take
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

_NOISE_DB = 0.5
"""What two takes of the same thing may differ by where their sweeps do not tell (an assumption)."""


@dataclass(frozen=True, eq=False)
class Checked:
    """Foretold and measured at the head's centre of the main seat."""

    foretold: Deviation
    measured: Deviation
    before: Deviation | None
    """Measured without sections, where takes of each alone tell."""
    gap_db: float
    """Root mean square of what they differ by over the band, levels aligned."""
    worst_hz: float
    worst_db: float
    noise_db: float
    """What two sweeps of the same thing differ by."""
    from_takes: bool
    words: str


def equaliser_check(document: Document, name: str, forecaster: Forecaster | None = None) -> Checked:
    """Hold the newest take of all that plays, as set, against what was foretold. Raises Refused in
    a sentence where that take is missing.
    """
    arrangement, gear = document.arrangement(name), document.gear
    seat, whole = gear.seats[0].name, as_set(gear)
    take = document.take_of(arrangement, whole.id, seat)
    if take is None:
        raise Refused(
            tr(
                "There is no take of “{name}” at {seat} since it was set so: "
                "measure one, and what was foretold is held against it.",
                name=whole.name,
                seat=seat,
            )
        )
    band = judged_band(gear, whole, takes=True)
    measured = as_judged(take.response, band)
    if measured is None:
        raise Refused(
            tr(
                "{id} does not cover {low_hz:.0f} to {high_hz:.0f} Hz.",
                id=take.info.id,
                low_hz=band.low_hz,
                high_hz=band.high_hz,
            )
        )
    foretold, from_takes = _foretold(document, arrangement, seat, forecaster)
    before = _summed(document, arrangement.without_sections(), seat)
    at = grid_to(band.high_hz)
    at = at[(at >= band.low_hz) & (at <= band.high_hz)]
    apart = np.interp(at, measured.frequencies_hz, measured.deviation_db) - np.interp(
        at, foretold.frequencies_hz, foretold.deviation_db
    )
    worst = int(np.argmax(np.abs(apart)))
    gap = root_mean_square(apart)
    how = take.info.measured
    noise = max(how.repeat_db if how is not None else 0.0, _NOISE_DB)
    return Checked(
        foretold,
        measured,
        before,
        gap,
        float(at[worst]),
        float(apart[worst]),
        noise,
        from_takes,
        _words(measured, foretold, gap, float(at[worst]), float(apart[worst]), noise, from_takes),
    )


def _foretold(
    document: Document, arrangement: Arrangement, seat: str, forecaster: Forecaster | None
) -> tuple[Deviation, bool]:
    found = _summed(document, arrangement, seat)
    if found is not None:
        return found, True
    model = forecaster or Forecaster(document.room, document.gear)
    case = document.case(arrangement, seat, with_subwoofers(document.gear))
    return model.deviation(case), False


def _summed(document: Document, arrangement: Arrangement, seat: str) -> Deviation | None:
    """From the takes of each alone, through the chains of the arrangement given."""
    mix = with_subwoofers(document.gear)

    def take_of(source: str) -> Take | None:
        alone = source in mix.loudspeakers
        return document.take_of(arrangement, source, seat) if alone else None

    found = summed(document.case(arrangement, seat, mix), take_of)
    return as_judged(found, judged_band(document.gear, mix, takes=True))


def _words(
    measured: Deviation,
    foretold: Deviation,
    gap: float,
    hertz: float,
    worst: float,
    noise: float,
    from_takes: bool,
) -> str:
    one, other = evenness(measured).value_db, evenness(foretold).value_db
    begins = tr(
        "Foretold {other:.1f}, measured {one:.1f} dB from even; they differ by {gap:.1f} dB",
        other=other,
        one=one,
        gap=gap,
    )
    if not from_takes:
        return tr(
            "{begins}, but what was foretold is the forecast's: with takes of "
            "each loudspeaker alone it could be held to a few tenths.",
            begins=begins,
        )
    if gap <= noise:
        return tr(
            "{begins}: it does what was foretold, within what two sweeps differ by.", begins=begins
        )
    return tr(
        "{begins}, most at {hertz:.0f} Hz ({worst:+.1f} dB): see whether "
        "every section, trim and delay is set as listed, on every "
        "loudspeaker.",
        begins=begins,
        hertz=hertz,
        worst=worst,
    )
