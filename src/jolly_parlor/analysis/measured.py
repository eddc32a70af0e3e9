"""What takes say of a mix at a seat: which of them answer for it, and how they are judged."""

from collections.abc import Callable, Iterator, Sequence
from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray
from jolly_parlor.placement.around_head import around
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.evenness import GRID_HZ, Deviation, deviation
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.placement.judging import Judged
from jolly_parlor.placement.mixes import (
    BOTH,
    BOTH_AS_SET,
    WITH_SUBWOOFERS,
    Mix,
    judged_band,
    measurable,
    mixed,
    with_subwoofers,
)
from jolly_parlor.project.document import Document, Take
from jolly_parlor.signals.response import Response
from jolly_parlor.words import tr

UNCALIBRATED = tr(
    "some without a calibration file: what differs between "
    "arrangements holds, as long as the microphone is the same; a hill "
    "or hollow that all of them show may be the microphone's"
)


@dataclass(frozen=True, eq=False)
class TakesAlike:
    """What was measured of several arrangements, in their order, alike for all."""

    responses: tuple[Response | None, ...]
    words: str
    """What must be said of them: `, averaged over the head`."""

    @classmethod
    def of(cls, document: Document, heard: Sequence[Case]) -> "TakesAlike":
        """Means over the head where every arrangement has takes around it, else its centre."""
        means = tuple(head_average(document, one) for one in heard)
        count = sum(mean is not None for mean in means)
        if heard and count == len(heard):
            return cls(means, tr(", averaged over the head"))
        words = tr(
            " at the head's centre ({count} of {heard} also have takes around it)",
            count=count,
            heard=len(heard),
        )
        centres = tuple(measured_response(document, one) for one in heard)
        return cls(centres, words if count else "")

    def curves(self, band: Judged) -> list[Deviation | None]:
        """Each as distance from even; None for what does not cover the band."""
        return [as_judged(response, band) for response in self.responses]


def usual_mix(document: Document) -> Mix:
    """What is judged until somebody asks for another mix: all that will be heard. Where every
    arrangement has takes of the pair and none of all, the pair: takes outrank forecasts.
    """
    whole, seat = with_subwoofers(document.gear), document.gear.seats[0].name
    if whole == BOTH or not document.takes:
        return whole

    def measured(mix: Mix) -> Iterator[bool]:
        for a in document.arrangements:
            yield measured_response(document, document.case(a, seat, mix)) is not None

    return whole if any(measured(whole)) or not all(measured(BOTH)) else BOTH


def head_average(document: Document, case: Case) -> Response | None:
    """The mean on power of the takes around the head, of a mix that was measured as it is; None
    with fewer than two points.
    """
    arrangement, mix, seat = case.arrangement, case.mix, case.seat
    takes = document.takes_around(arrangement, mix.id, seat)
    if mix == BOTH:
        whole = document.takes_around(arrangement, BOTH_AS_SET.id, seat)
        takes = whole if "centre" in whole else takes if _pair_is_plain(case) else {}
    if len(takes) < 2 or "centre" not in takes:
        return None
    return around([take.response for take in takes.values()]).mean


def _pair_is_plain(case: Case) -> bool:
    """Whether nothing is set for the pair, so that a take of it answers for it."""
    arrangement = case.arrangement
    left = arrangement.chain("left")
    return left == arrangement.chain("right") and left.flat_alone


def measured_response(document: Document, case: Case) -> Response | None:
    """The takes that answer for a mix, summed as complex pressure where need be.

    One loudspeaker, the pair where nothing is set for it, and all that plays as it is set, is a
    take as it is. Else the takes of each, with phase, are summed through the chains; one take of
    the pair stands for both where both are set alike.
    """
    arrangement, mix = case.arrangement, case.mix

    def take_of(source: str) -> Take | None:
        return document.take_of(arrangement, source, case.seat)

    if mix.alone:
        take = take_of(mix.id)
        return take.response if take else None
    if mix.id in (WITH_SUBWOOFERS, BOTH_AS_SET.id, BOTH.id):
        whole = take_of(BOTH_AS_SET.id if mix == BOTH else mix.id)
        if whole is not None:
            return whole.response
    return summed(case, take_of)


def summed(case: Case, take_of: Callable[[str], Take | None]) -> Response | None:
    """The takes of each loudspeaker alone, with phase, through the chains; one take of the pair
    stands for both where both are set alike. None where one is missing or has no phase.
    """
    arrangement, mix = case.arrangement, case.mix
    both = take_of(BOTH.id)
    alike = arrangement.chain("left") == arrangement.chain("right")
    if mix == BOTH and both is not None and _pair_is_plain(case):
        return both.response
    parts = {}
    if both is not None and alike and mix.has_pair and both.response.phase_deg is not None:
        parts[BOTH.id] = both.response
    for name in mix.loudspeakers:
        if name in PAIR and BOTH.id in parts:
            continue
        take = take_of(name)
        if take is None:
            return None
        parts[name] = take.response
    return _summed(case, parts)


def _summed(case: Case, parts: dict[str, Response]) -> Response | None:
    if any(part.phase_deg is None for part in parts.values()):
        return None
    low = max(part.frequencies_hz[0] for part in parts.values())
    high = min(part.frequencies_hz[-1] for part in parts.values())
    finest = max(parts.values(), key=lambda part: part.frequencies_hz.size).frequencies_hz
    f = finest[(finest >= low) & (finest <= high)]
    if f.size < 2:
        return None
    pressure: dict[str, ComplexArray] = {name: part.pressure(f) for name, part in parts.items()}
    if BOTH.id in pressure:  # through the left one's chain, which is the right one's too
        pressure["left"] = pressure.pop(BOTH.id)
        pressure["right"] = np.zeros(f.size, dtype=np.complex128)
    total = mixed(case.mix, case.arrangement.chains, f, pressure)
    return Response.from_pressure(f, total)


def measured_deviation(document: Document, case: Case) -> Deviation | None:
    """The measured curve as distance from even, judged as takes are; None without takes that cover
    the band.
    """
    band = judged_band(document.gear, case.mix, takes=True)
    return as_judged(measured_response(document, case), band)


def as_judged(response: Response | None, band: Judged) -> Deviation | None:
    """A take as distance from even; None without one, or where it does not cover the band."""
    if response is None or not response.covers(band.low_hz, max(band.high_hz, float(GRID_HZ[-1]))):
        return None
    return deviation(response, *band)


def kinds_of_takes(document: Document, seat: str) -> str:
    """What must be said of the takes before they are compared: simulated ones, unlike settings."""
    takes = [
        take
        for a in document.arrangements
        for mix in measurable(document.gear)
        if (take := document.take_of(a, mix.id, seat)) is not None
    ]
    hows = [take.info.measured for take in takes]
    words = ""
    if any(how is not None and how.simulated for how in hows):
        words += tr("; some are simulated")
    if any(how is not None and not how.simulated and not how.calibration for how in hows):
        words += f"; {UNCALIBRATED}"
    ways = {(how.settings, how.calibration, how.device) if how else None for how in hows}
    if len(ways) > 1:
        words += tr("; they were not all taken with the same level, sweep and calibration")
    return words
