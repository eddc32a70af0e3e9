"""What stands where and how it is set while a take is measured, as the devices want to be told."""

from collections.abc import Mapping
from dataclasses import replace

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.chains import FLAT, Chain
from jolly_parlor.placement.forecast import head_point
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.placement.items import loudspeaker
from jolly_parlor.placement.loudspeakers import Driver
from jolly_parlor.placement.mixes import BOTH_AS_SET, WITH_SUBWOOFERS
from jolly_parlor.placement.radiating import heard_from, plates_of, way_on_plan
from jolly_parlor.placement.setup import Setup
from jolly_parlor.project.document import Document, HeadPoint
from jolly_parlor.refused import Refused
from jolly_parlor.signals.response import Response
from jolly_parlor.studio.device import Body, Fed, Stage, StagedSource, Together
from jolly_parlor.words import tr

_LOW_EDGE = 0.9
PAIR_AS_SET, REVERSED, ALL_AS_SET = tr("pair as set"), "reversed", tr("all as set")
"""What plays while a subwoofer is aligned: the pair alone, with the subwoofer reversed, and as it
is; a subwoofer alone goes under `as_set` of its id.
"""


def stage_of(
    document: Document, arrangement: Arrangement, seat: str, point: HeadPoint = "centre"
) -> Stage:
    """All sources of an arrangement and a microphone at a point of the head at a seat.

    Raises Refused for a seat there is not.
    """
    gear = document.gear
    gear.seat(seat)
    room = document.room
    sources = {s.id: _staged(Setup(room, gear, arrangement), s.id) for s in gear.loudspeakers}
    board = arrangement.board(gear.desk)
    microphone = head_point(arrangement.seats[seat], point)
    if not document.room.has_air_at(microphone):
        raise Refused(
            tr(
                "The point “{point}” of the head at the {seat} lies beyond a wall or in a thing.",
                point=point,
                seat=seat,
            )
        )
    subs = tuple(sub.id for sub in gear.subwoofers)
    chains = arrangement.chains
    if subs:
        mixes = {WITH_SUBWOOFERS: _set(PAIR + subs, chains)}
    else:
        mixes = {BOTH_AS_SET.id: _set(PAIR, chains, handed_over=False)}
    return Stage(room, sources, microphone, board, plates_of(gear, arrangement), mixes)


def _staged(setup: Setup, name: str) -> StagedSource:
    model, at = setup.gear.model_of(name), setup.arrangement.places[name]
    sub = setup.gear.loudspeaker(name).is_subwoofer
    way = way_on_plan(setup, name)
    ahead, up = np.array(way), model.height / 2 - model.centre_height
    middle = at.array() + np.array([0.0, 0.0, up]) - (0.0 if sub else model.depth / 2) * ahead
    body = Body(_point(middle), (model.width, model.depth, model.height), way)
    drivers = _drivers(body, model.driver) if sub else (at,)
    slope = model.low_slope_db_per_octave
    return StagedSource(at, model.low_corner_hz, slope, body, drivers)


def _drivers(body: Body, driver: Driver) -> tuple[Point, ...]:
    """Where a subwoofer has them on its faces; from under one, sound leaves all around."""
    across, ahead, up = body.axes() * np.array(body.sizes)[:, None] / 2
    middle = body.middle.array()
    if driver == "front":
        return (_point(middle + ahead),)
    if driver == "up":
        return (_point(middle + up),)
    if driver == "opposed":
        return _point(middle + across), _point(middle - across)
    low = middle - up * _LOW_EDGE
    return tuple(_point(low + side) for side in (across, -across, ahead, -ahead))


def _point(at: FloatArray) -> Point:
    return Point(*(float(v) for v in at))


def alignment_stage(stage: Stage, sub: str, chains: Mapping[str, Chain]) -> Stage:
    """The same with what plays while one subwoofer is aligned to the pair, set so."""
    turned = chains.get(sub, FLAT)
    reversed_ = {**chains, sub: replace(turned, inverted=not turned.inverted)}
    both = (*PAIR, sub)
    mixes = {
        PAIR_AS_SET: _set(PAIR, chains),
        as_set(sub): _set((sub,), chains),
        REVERSED: _set(both, reversed_),
        ALL_AS_SET: _set(both, chains),
    }
    return replace(stage, mixes={**stage.mixes, **mixes})


def as_set(name: str) -> str:
    """What one loudspeaker through its chain is called on a stage for aligning."""
    return tr("{name} as set", name=name)


def tried_stage(
    document: Document, arrangement: Arrangement, seat: str, sub: str, place: Point, swapped: bool
) -> Stage:
    """A stage with one subwoofer at another place, looking as it would there. Or, swapped, with it
    heard from where the head will be, and the microphone where it would be heard from at that
    place: by reciprocity, the same response.

    Raises Refused as `stage_of`.
    """
    there = arrangement.moved(loudspeaker(sub), place)
    stage = stage_of(document, there, seat)
    if not swapped:
        return stage
    source = stage.sources[sub]
    at_head = StagedSource(stage.microphone, source.low_corner_hz, source.low_slope_db_per_octave)
    hears = heard_from(document.setup(there), sub)
    return replace(stage, sources={**stage.sources, sub: at_head}, microphone=hears)


def siblings_of(
    document: Document, arrangement: Arrangement, source: str, seat: str
) -> dict[str, Response]:
    """Takes at the same seat of single monitors, to compare a new one with. Only a monitor has
    siblings: a subwoofer, and both together, are rightly of another level.
    """
    if source not in PAIR:
        return {}
    other = loudspeaker(source).twin.id
    take = document.take_of(arrangement, other, seat)
    if take is None or take.info.measured is None:
        return {}
    return {other: take.response}


def _set(names: tuple[str, ...], chains: Mapping[str, Chain], handed_over: bool = True) -> Together:
    """Loudspeakers that play together, each through its chain, with its crossover where a
    subwoofer takes over.
    """

    def through(chain: Chain) -> Fed:
        def response(frequencies_hz: FloatArray) -> ComplexArray:
            return chain.response(frequencies_hz, handed_over)

        return Fed(response, chain.delay_ms / 1000.0)

    return Together(names, {name: through(chains.get(name, FLAT)) for name in names})
