"""What whoever treats the room is handed: reflection points, what remains in order of harm, where
pressure gathers for it, and how long each band rings.
"""

from dataclasses import dataclass

from jolly_parlor.analysis.experiments import findings_at
from jolly_parlor.analysis.measured import measured_deviation
from jolly_parlor.diagnosis.findings import Finding
from jolly_parlor.diagnosis.interventions import Anechoic
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gathering import Gathering, gathers
from jolly_parlor.placement.mixes import BOTH, BOTH_AS_SET, with_subwoofers
from jolly_parlor.placement.reflections import (
    BehindHead,
    ReflectionPoint,
    behind_head,
    reflection_points,
)
from jolly_parlor.placement.standing import must_stand
from jolly_parlor.placement.upper_range import UpperForecaster
from jolly_parlor.project.document import Document, Take
from jolly_parlor.signals.decay import Decay, decays
from jolly_parlor.words import tr

NOT_MEASURED = tr(
    "Forecast, not measured: take a sweep as set before anybody buys treatment for it."
)
NO_DECAY = tr(
    "How long the room rings is not known: no take here has an impulse "
    "response. Measure one, or import a WAV."
)


@dataclass(frozen=True, eq=False)
class Remaining:
    """One hill or hollow that placing left, and where its pressure gathers."""

    finding: Finding
    gathers: tuple[Gathering, ...]

    @property
    def gathers_words(self) -> str:
        """In a sentence; empty above what the forecast knows."""
        if not self.gathers:
            return ""
        places = "; ".join(
            tr("{where} ({over_ear_db:+.0f} dB)", where=g.where, over_ear_db=g.over_ear_db)
            for g in self.gathers
        )
        return tr("Most pressure, against the ear: {places}.", places=places)


@dataclass(frozen=True, eq=False)
class Handover:
    """All of it, for one arrangement and seat."""

    arrangement: str
    seat: str
    points: tuple[ReflectionPoint, ...]
    behind: tuple[BehindHead, ...]
    remains: tuple[Remaining, ...]
    """In order of harm."""
    measured: bool
    decays: tuple[Decay, ...]
    """By third of an octave; empty where no take tells."""
    decay_of: str
    """Which take tells, in words."""

    @property
    def exceeding(self) -> int:
        """How many reflections come too early and too loud."""
        return sum(point.exceeds for point in self.points)

    @property
    def decay_words(self) -> str:
        """The bands that ring longest, in a sentence."""
        known = [d for d in self.decays if d.seconds is not None]
        if not known:
            return NO_DECAY
        middle = sorted(d.seconds for d in known if d.seconds is not None)[len(known) // 2]
        longest = sorted(known, key=lambda d: -(d.seconds or 0.0))[:3]
        named = ", ".join(
            tr("{midband_hz:.0f} Hz {seconds:.2f} s", midband_hz=d.midband_hz, seconds=d.seconds)
            for d in longest
        )
        return tr(
            "{decay_of}: rings {middle:.2f} s in the middle, longest at {named}.",
            decay_of=self.decay_of,
            middle=middle,
            named=named,
        )


def handover(
    document: Document,
    name: str,
    seat: str | None = None,
    forecaster: Forecaster | None = None,
    anechoic: Anechoic | None = None,
    upper: UpperForecaster | None = None,
) -> Handover:
    """Raises Refused for an arrangement that cannot stand, or a seat there is not."""
    placed = document.arrangement(name)
    head = seat or document.gear.seats[0].name
    document.gear.seat(head)
    must_stand(document.setup(placed))
    model = forecaster or Forecaster(document.room, document.gear)
    asked = document.setup(placed), head
    case = document.case(placed, head, with_subwoofers(document.gear))
    measured = measured_deviation(document, case)
    found = findings_at(
        document,
        case,
        measured,
        model,
        anechoic or Anechoic(model),
        upper or UpperForecaster(document.room, document.gear),
    )
    top = float(model.frequencies_hz[-1])
    remains = []
    for finding in found:
        hertz = finding.feature.frequency_hz
        known = gathers(model, case, hertz) if hertz <= top else []
        remains.append(Remaining(finding, tuple(known)))
    rung, of = _ringing(document, case)
    return Handover(
        name,
        head,
        tuple(reflection_points(*asked)),
        tuple(behind_head(*asked)),
        tuple(remains),
        measured is not None,
        rung,
        of,
    )


def _ringing(document: Document, case: Case) -> tuple[tuple[Decay, ...], str]:
    """Decay by third of an octave of the take that has most playing."""
    sources = [case.mix.id, BOTH_AS_SET.id, BOTH.id, *case.mix.loudspeakers]
    for source in sources:
        take: Take | None = document.take_of(case.arrangement, source, case.seat)
        if take is not None and take.impulse is not None:
            return tuple(decays(take.impulse, 30.0, 4000.0)), tr(
                "{source}, measured", source=take.info.source
            )
    return (), ""
