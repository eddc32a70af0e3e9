"""Arrangements of a document as they would be heard, forecast or by their takes."""

from dataclasses import dataclass
from typing import Literal

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray
from jolly_parlor.analysis.measured import as_judged, kinds_of_takes, measured_response
from jolly_parlor.audition.auralisation import Heard, Renderer, impulse_of, shares
from jolly_parlor.audition.difference import LIMITS, difference_db, difference_filter
from jolly_parlor.audition.measured_sound import spectrum_of_impulse, spectrum_of_response
from jolly_parlor.audition.piece_heard import MOST
from jolly_parlor.audition.transfers import BINS_HZ, EARS
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.evenness import Deviation
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.mixes import Mix, factors, judged_band
from jolly_parlor.project.document import Document, Take
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

Basis = Literal["forecast", "measured"]
Through = Literal["headphones", "loudspeakers"]
FORECAST_LIMITS = tr(
    "Forecast below 300 Hz; direct sound and first reflections to 2 "
    "kHz, direct sound above. Not in it: the desk above 300 Hz, where a "
    "loudspeaker beams, a head that turns."
)
MEASURED_LIMITS = tr(
    "As the microphone heard it: both ears hear the same where no "
    "takes were made left and right of the head's centre"
)


@dataclass(frozen=True, eq=False)
class Audition:
    """What is heard one against the other, in the order of `names`."""

    names: tuple[str, ...]
    basis: Basis
    through: Through
    heard: tuple[Heard, ...]
    curves: tuple[Deviation, ...]
    """How far from even each is at the head's centre."""
    notes: tuple[str, ...]
    """What must be said of it."""


@dataclass(frozen=True)
class Asked:
    """Who is to be heard, and how."""

    names: tuple[str, ...]
    seat: str
    mix: Mix
    basis: Basis = "forecast"
    through: Through = "headphones"
    now: str = ""
    """What stands in the room, for `loudspeakers`: it is heard as it is."""


def hear(document: Document, asked: Asked, renderer: Renderer, forecaster: Forecaster) -> Audition:
    """Raises Refused for more than MOST, for arrangements without takes where these are asked
    for, and for places that cannot be computed.
    """
    if not 1 <= len(asked.names) <= MOST:
        raise Refused(
            tr(
                "One to {most} arrangements can be heard; {names} are asked for.",
                most=MOST,
                names=len(asked.names),
            )
        )
    cases = [
        document.case(document.arrangement(name), asked.seat, asked.mix) for name in asked.names
    ]
    curves = [_curve(document, one, asked.basis, forecaster) for one in cases]
    notes = []
    if asked.basis == "measured":
        notes.append(f"{MEASURED_LIMITS}{kinds_of_takes(document, asked.seat)}.")
    if asked.through == "loudspeakers":
        now = _curve(
            document,
            document.case(document.arrangement(asked.now), asked.seat, asked.mix),
            asked.basis,
            forecaster,
        )
        heard = [difference_filter(difference_db(now, curve)) for curve in curves]
        notes = [LIMITS.format(low=now.low_hz, high=now.high_hz), *notes]
    elif asked.basis == "measured":
        found = [_measured(document, one) for one in cases]
        heard = [one for one, _ in found]
        notes += [note for _, said in found for note in said]
    else:
        heard = renderer.heard(cases, EARS)
        notes.append(FORECAST_LIMITS)
        notes += [note for one in cases if (note := _ears_in_a_wall(document, one))]
    return Audition(
        asked.names,
        asked.basis,
        asked.through,
        tuple(heard),
        tuple(curves),
        tuple(dict.fromkeys(notes)),
    )


def _ears_in_a_wall(document: Document, case: Case) -> str:
    """What must be said where a head stands so close that a field of it cannot be asked."""
    asked = EARS.points(case.ear, document.room)
    if case.ear not in asked:
        return ""
    name, seat = case.arrangement.name, case.seat
    return tr(
        "“{name}”: at the {seat} an ear is in a wall or a thing; it hears the head's middle.",
        name=name,
        seat=seat,
    )


def _curve(document: Document, case: Case, basis: Basis, forecaster: Forecaster) -> Deviation:
    if basis == "forecast":
        return forecaster.deviation(case)
    band = judged_band(document.gear, case.mix, takes=True)
    found = as_judged(measured_response(document, case), band)
    if found is None:
        raise Refused(
            tr(
                "“{name}” has no takes of {name2} at {seat}: measure it, or listen "
                "to the forecast.",
                name=case.arrangement.name,
                name2=case.mix.name.lower(),
                seat=case.seat,
            )
        )
    return found


def _measured(document: Document, case: Case) -> tuple[Heard, list[str]]:
    """The takes as they are heard, and what must be said of them. Takes of each loudspeaker keep
    left and right apart; one of all that plays does not.
    """
    arrangement, mix = case.arrangement, case.mix
    ears = _by_ears(document, case)
    if ears is not None:
        spectra = []
        for takes in ears:
            through = factors(mix, arrangement.chains, np.maximum(BINS_HZ, 1.0))
            total = np.zeros((2, BINS_HZ.size), np.complex128)
            for name, take in takes.items():
                factor = through[name]
                fed = _spectrum(document, case, take, name)
                fed = fed if factor is None else fed * factor
                total += np.array(shares(mix, name))[:, None] * fed
            spectra.append(total)
        return Heard(impulse_of(np.array(spectra))), []
    whole = measured_response(document, case)
    assert whole is not None  # or there was no curve
    ways = [arrangement.places[name].distance(case.ear) for name in mix.loudspeakers]
    one = spectrum_of_response(whole, min(ways) / document.room.speed_of_sound)
    note = tr(
        "“{name}”: takes of all together, so that both channels sound from both.",
        name=arrangement.name,
    )
    return Heard(impulse_of(np.tile(0.5 * one, (1, 2, 1)))), [note] if not mix.alone else []


def _by_ears(document: Document, case: Case) -> list[dict[str, Take]] | None:
    """Takes of each loudspeaker at both ears, or at the centre; None where one is missing or its
    phase is not known.
    """
    for points in (("left", "right"), ("centre",)):
        found = []
        for point in points:
            takes = {
                name: take
                for name in case.mix.loudspeakers
                for at, take in document.takes_around(case.arrangement, name, case.seat).items()
                if at == point and (take.impulse or take.response.phase_deg is not None)
            }
            if len(takes) == len(case.mix.loudspeakers):
                found.append(takes)
        if len(found) == len(points):
            return found
    return None


def _spectrum(document: Document, case: Case, take: Take, name: str) -> ComplexArray:
    if take.impulse is not None:
        return spectrum_of_impulse(take.impulse)
    metres = case.arrangement.places[name].distance(case.ear)
    return spectrum_of_response(take.response, metres / document.room.speed_of_sound)
