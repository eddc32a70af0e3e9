"""Every loudspeaker of a document against the others, from takes around the head or forecast."""

from dataclasses import replace

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.fields.field_of_room import RoomField
from jolly_parlor.analysis.tuning import set_chains
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.chains import Chain
from jolly_parlor.placement.forecast import Forecaster, head_points
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.placement.matching import Heard, Match, matches, mean_over
from jolly_parlor.placement.mixes import one
from jolly_parlor.placement.standing import must_stand
from jolly_parlor.project.document import Document
from jolly_parlor.refused import Refused
from jolly_parlor.signals.response import Response
from jolly_parlor.words import tr

_MOST_DELAY_MS = 100.0


def match_all(
    document: Document,
    name: str,
    measured: bool | None = None,
    field: RoomField | None = None,
) -> list[Match]:
    """measured: from takes or not; None takes them where every loudspeaker has one. Raises Refused
    naming takes that are missing where they are asked for.
    """
    arrangement = document.arrangement(name)
    must_stand(document.setup(arrangement))
    if measured is None:
        measured = not _missing(document, arrangement)
    if measured:
        if missing := _missing(document, arrangement):
            raise Refused(
                tr(
                    "“{name}” has no take of {missing} alone at {name2}: measure each "
                    "by itself, at up to six points of the head.",
                    name=name,
                    missing=", ".join(missing),
                    name2=document.gear.seats[0].name,
                )
            )
        heard = {speaker: _taken(document, arrangement, speaker) for speaker in _names(document)}
    else:
        heard = _forecast(document, arrangement, field)
    judging = document.gear.judging
    high = (judging.takes_to_hz if measured else None) or judging.to_hz
    return matches(document.setup(arrangement), heard, high)


def matched(document: Document, name: str, found: list[Match]) -> Document:
    """The document with gains and delays set; subwoofers keep their place in time to the pair.
    Raises Refused where one would wait longer than electronics can.
    """
    arrangement = document.arrangement(name)
    chains: dict[str, Chain] = {}
    for match in found:
        own = arrangement.chain(match.loudspeaker)
        if match.delay_ms > _MOST_DELAY_MS:
            raise Refused(
                tr(
                    "{loudspeaker} would have to wait {delay_ms:.0f} ms; move it instead.",
                    loudspeaker=match.loudspeaker,
                    delay_ms=match.delay_ms,
                )
            )
        chains[match.loudspeaker] = replace(
            own,
            gain_db=round(min(max(own.gain_db + match.gain_db, -40.0), 40.0), 2),
            delay_ms=match.delay_ms,
        )
    later = np.mean([chains[side].delay_ms - arrangement.chain(side).delay_ms for side in PAIR])
    for sub in document.gear.subwoofers:
        own = arrangement.chain(sub.id)
        chains[sub.id] = replace(own, delay_ms=round(max(own.delay_ms + float(later), 0.0), 3))
    words = "; ".join(
        tr(
            "{loudspeaker} {gain_db:+.1f} dB, {delay_ms:.2f} ms",
            loudspeaker=m.loudspeaker,
            gain_db=m.gain_db,
            delay_ms=m.delay_ms,
        )
        for m in found
        if m.gain_db or m.delay_ms
    )
    why = tr("levels and times matched at the seat. {words}.", words=words or tr("Nothing to set"))
    return set_chains(document, name, chains, why)


def _names(document: Document) -> list[str]:
    gear = document.gear
    return [*PAIR, *(speaker.id for speaker in gear.others)]


def _missing(document: Document, arrangement: Arrangement) -> list[str]:
    seat = document.gear.seats[0].name
    return [n for n in _names(document) if document.take_of(arrangement, n, seat) is None]


def _taken(document: Document, arrangement: Arrangement, name: str) -> Heard:
    """Mean on power over the points that were measured."""
    seat = document.gear.seats[0].name
    takes = document.takes_around(arrangement, one(name).id, seat)
    responses = [take.response for take in takes.values()]
    low = max(r.frequencies_hz[0] for r in responses)
    high = min(r.frequencies_hz[-1] for r in responses)
    return Heard(_mean(responses, low, high), len(responses), True)


def _mean(responses: list[Response], low: float, high: float) -> Response:
    f = responses[0].frequencies_hz
    inside: FloatArray = f[(f >= low) & (f <= high)]
    return Response(inside, mean_over(responses, inside))


def _forecast(
    document: Document, arrangement: Arrangement, field: RoomField | None
) -> dict[str, Heard]:
    forecaster = Forecaster(document.room, document.gear, field)
    ear = arrangement.seats[document.gear.seats[0].name]
    points = [forecaster.at(arrangement, p) for p in head_points(document.room, ear)]
    f = forecaster.frequencies_hz
    found = {}
    for name in _names(document):
        each = [Response.from_pressure(f, point.sources[name]) for point in points]
        found[name] = Heard(_mean(each, float(f[0]), float(f[-1])), len(each), False)
    return found
