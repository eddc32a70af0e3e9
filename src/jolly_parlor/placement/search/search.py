"""The search from end to end: weigh the grid, look closely, refine, propose a distinct few."""

import time
from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace
from functools import partial

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.fields.field_of_room import RoomField, needs_working_out, room_field
from jolly_parlor.acoustics.fields.turned_field import TurnedField
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.acoustics.geometry.turned_room import turned
from jolly_parlor.placement.around_seat import settled_around
from jolly_parlor.placement.arrangement import Arrangement, turned_arrangement
from jolly_parlor.placement.evenness import bass_reach_hz, evenness, mismatch_db
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.mixes import LEFT_ALONE, RIGHT_ALONE
from jolly_parlor.placement.names import named
from jolly_parlor.placement.search.coarse_pass import Progress, weigh
from jolly_parlor.placement.search.limits import standing_now, with_clear_ways
from jolly_parlor.placement.search.objective import UNFIT
from jolly_parlor.placement.search.proposals import (
    Proposal,
    Trade,
    distinct,
    trade_words,
    unbettered,
)
from jolly_parlor.placement.search.refinement import FieldMaker, Refinement
from jolly_parlor.placement.search.shortlist import moved_metres
from jolly_parlor.placement.search.space import fitting_step, spaces
from jolly_parlor.placement.search.tuned_subs import TunedSubs
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.setup import Setup
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

USUAL_STEP = 0.025
"""Metres; the trade's own step when fine-tuning (common practice, no source)."""

FACINGS = ("front", "left", "back", "right")
"""The wall faced after 0, 1, 2 and 3 turns of the room."""

_APART_METRES = 0.30
_RERANKED, _REFINED, _TRADES = 1000, 8, 24
_MANY_SUBS, _REFINED_WITH_MANY = 3, 5
"""Each subwoofer is placed for each of the refined: with so many, for the best few only."""
_RERANKED_SLOWLY = 500
"""In a room whose field takes longer: the coarse pass is about as good there."""
_APART_RERANKED_METRES = 0.06  # neighbours closer than this would only crowd the ranking
_OFF_METRES = 0.05
_TELLING_DB = 0.05


@dataclass(frozen=True, eq=False)
class SoFar:
    """The best while the search goes on."""

    arrangement: Arrangement
    turns: int
    figure_db: float
    """J of all that plays."""


Glimpse = Callable[[SoFar], None]


@dataclass(frozen=True)
class Found:
    evaluated: int
    seconds: float
    step: float
    cancelled: bool
    present_db: float | None
    """J of the present arrangement, for comparison."""
    proposals: tuple[Proposal, ...]
    trades: tuple[Trade, ...] = ()
    """The places that none betters in evenness, bass reach and distance at once."""


def search(
    room: Room,
    gear: Gear,
    present: Arrangement | None = None,
    wishes: Wishes | None = None,
    step: float = USUAL_STEP,
    most: int = 5,
    progress: Progress | None = None,
    cancelled: Callable[[], bool] = lambda: False,
    make_field: FieldMaker = room_field,
    glimpse: Glimpse = lambda so_far: None,
) -> Found:
    """Search monitors, seat and subwoofers. The same call gives the same answer. glimpse is called
    with the best so far each time there is a better one worth looking at.

    A cancelled search returns the best of what it weighed. Raises Refused where nothing fits.
    """
    begun = time.monotonic()
    wishes = wishes or Wishes()
    if problem := wishes.problem():
        raise Refused(problem)
    ways = [
        _Way(room, gear, present, wishes, turns, step, make_field)
        for turns in ((0, 1, 2, 3) if wishes.facing == "any" else (FACINGS.index(wishes.facing),))
    ]
    weighed, why = 0, ""
    lowest = np.inf

    def tell(count: int, best: float) -> None:
        nonlocal lowest
        lowest = min(lowest, best)
        if progress is not None:
            progress(weighed + count, lowest)

    proposals: list[Proposal] = []
    trades: list[Trade] = []
    seen = np.inf

    def look(so_far: SoFar) -> None:
        nonlocal seen
        if so_far.figure_db < seen - _TELLING_DB:
            seen = so_far.figure_db
            glimpse(so_far)

    for way in ways:
        try:
            proposals += way.proposals(most, tell, cancelled, look)
        except Refused as error:
            why = why or str(error)
        weighed += way.evaluated
        trades += way.trades
    if not proposals and not cancelled():
        raise Refused(why or tr("Nothing that fits was found; loosen a limit."))
    proposals = sorted(proposals, key=lambda p: p.figure_db)[:most]
    told = [
        replace(p, trade=trade_words(p, [other for other in proposals if other is not p]))
        for p in proposals
    ]
    own = None
    if present is not None:
        own = Refinement(room, gear, wishes, present, make_field).own_figure()
    return Found(
        weighed,
        time.monotonic() - begun,
        fitting_step(step),
        cancelled(),
        own,
        tuple(told),
        tuple(_front(trades)),
    )


class _Way:
    """The search of the room faced one way; positions are as after turning the room."""

    def __init__(
        self,
        room: Room,
        gear: Gear,
        present: Arrangement | None,
        wishes: Wishes,
        turns: int,
        step: float,
        make_field: FieldMaker,
    ) -> None:
        for _ in range(turns):
            if needs_working_out(room):
                make_field = partial(_turned_field, make_field, room)
            present = turned_arrangement(room, gear, present) if present is not None else None
            room = turned(room)
        if turns and wishes.region is not None:
            wishes = replace(wishes, subwoofers="walls", region=None)
        if present is not None and not _whole(present, gear):
            present = None
        room = with_clear_ways(room, wishes)
        self.room, self.gear, self.present, self.wishes = room, gear, present, wishes
        self.turns, self.step = turns, step
        self.look = Refinement(room, gear, wishes, present, make_field)
        self.subs = TunedSubs(self.look.judge)
        self.evaluated = 0
        self.trades: list[Trade] = []

    def proposals(
        self, most: int, progress: Progress, cancelled: Callable[[], bool], glimpse: Glimpse
    ) -> list[Proposal]:
        """The distinct few of this way. Raises Refused where nothing fits."""
        others: tuple[Point, ...] = ()
        if self.present is not None:
            others = tuple(self.present.seats[seat.name] for seat in self.gear.seats[1:])
        grids = spaces(self.room, self.gear, self.wishes, self.step, self._here())
        slow = needs_working_out(self.room)
        weighed = weigh(
            grids,
            _RERANKED_SLOWLY if slow else _RERANKED,
            _APART_RERANKED_METRES,
            others=others,
            present=self._here(),
            progress=progress,
            cancelled=cancelled,
            make_field=self.look.make_field,
        )
        self.evaluated = weighed.evaluated
        if weighed.figures.size == 0:
            return []
        look = self.look
        top = weighed.places
        values = look.figures(top)
        ranked = top[np.argsort(values, kind="stable")]
        ranked = ranked[distinct(ranked, _APART_METRES, _REFINED)]
        self._glimpse(glimpse, [look.arrangement(place) for place in ranked[:1]])
        if not cancelled():
            ranked, values = look.refined(ranked)
            ranked = ranked[np.argsort(values, kind="stable")]
            self._glimpse(glimpse, [look.arrangement(place) for place in ranked[:1]])
        if len(self.gear.subwoofers) >= _MANY_SUBS:
            ranked = ranked[:_REFINED_WITH_MANY]
        arrangements = []
        for place in ranked:
            arrangements.append(self._around(self.subs.placed(look.arrangement(place))))
            self._glimpse(glimpse, arrangements[-1:])
        figures = look.judge.figures(arrangements, played=True)
        order = np.argsort(figures, kind="stable")
        order = order[figures[order] < UNFIT]
        kept = order[distinct(ranked[order], _APART_METRES, most)]
        if not cancelled() and self.present is not None:
            self._find_trades(np.concatenate([top[:300], weighed.nearby, ranked]))
        settled = [self.subs.settled(arrangements[i], cancelled()) for i in kept]
        return self._proposals(settled, ranked[kept])

    def _around(self, arrangement: Arrangement) -> Arrangement:
        """With the loudspeakers around the seat, where they may be moved, at their angles and
        where each is most even.
        """
        if not self.gear.layout.directions:
            return arrangement
        coarse = self.look.forecaster.coarse()
        return settled_around(coarse, arrangement, self.look.seat)[0]

    def _glimpse(self, glimpse: Glimpse, best: list[Arrangement]) -> None:
        """Show the best so far as it would be played."""
        for arrangement in best:
            [figure] = self.look.judge.figures([arrangement], played=True).tolist()
            shown = named(Setup(self.room, self.gear, arrangement))
            if figure < UNFIT:
                glimpse(SoFar(shown, self.turns, figure))

    def _here(self) -> FloatArray | None:
        return standing_now(self.present, self.look.seat, self.room.frame)

    def _proposals(self, arrangements: list[Arrangement], places: FloatArray) -> list[Proposal]:
        if not arrangements:
            return []
        look = self.look
        playing = look.judge.mix
        judged = look.judge.figures(arrangements, played=True)
        as_set = [replace(a, chains=look.chains) for a in arrangements]
        before = look.judge.figures(as_set, played=True)
        alone = look.judge.figures(arrangements)
        off = look.off_by(arrangements, _OFF_METRES)
        guesses = look.absorption_off(arrangements)
        ears = [arrangement.seats[look.seat].array() for arrangement in arrangements]
        look.forecaster.field.expect(np.array(ears))
        found = []
        for index, arrangement in enumerate(arrangements):
            forecast = look.forecaster.at_seat(arrangement, look.seat)
            whole = forecast.deviation(playing)
            even = evenness(whole).value_db
            found.append(
                Proposal(
                    named(Setup(self.room, self.gear, arrangement)),
                    self.turns,
                    float(judged[index]),
                    float(alone[index]),
                    even,
                    bass_reach_hz(
                        forecast.response(playing), whole.reference_db, forecast.gear.judging.target
                    ),
                    mismatch_db(forecast.deviation(LEFT_ALONE), forecast.deviation(RIGHT_ALONE)),
                    float(off[index]),
                    float(guesses[index]),
                    look.leaving_the_middle(places[index]),
                    self._moved(places[index]),
                    settings_gain_db=float(before[index] - judged[index]),
                    curve=whole,
                )
            )
        return found

    def _moved(self, place: FloatArray) -> float | None:
        here = self._here()
        if here is None:
            return None
        return float(moved_metres(place[None, :], here, self.room.frame.middle)[0])

    def _find_trades(self, places: FloatArray) -> None:
        """Those of the places that none betters, judged with the model of record."""
        here = self._here()
        assert here is not None
        look = self.look
        values = look.figures(places)
        places, values = places[values < UNFIT], values[values < UNFIT]
        arrangements = [look.arrangement(place) for place in places]
        moved = moved_metres(places, here, self.room.frame.middle)
        reach = look.reaches(arrangements)
        front = unbettered(np.stack([values, reach, moved], axis=1))
        self.trades = [
            Trade(
                named(Setup(self.room, self.gear, arrangements[i])),
                self.turns,
                float(values[i]),
                float(reach[i]),
                float(moved[i]),
            )
            for i in np.flatnonzero(front)
        ]


def _turned_field(make_field: FieldMaker, before: Room, _: Room, f: FloatArray) -> RoomField:
    """Of a room turned once, by that of the room before the turn, which is worked out once."""
    return TurnedField(make_field(before, f), before)


def _whole(arrangement: Arrangement, gear: Gear) -> bool:
    """Whether it has a place for everything there is now."""
    seats, speakers = {s.name for s in gear.seats}, {s.id for s in gear.loudspeakers}
    return set(arrangement.seats) == seats and speakers <= set(arrangement.places)


def _front(trades: Sequence[Trade]) -> list[Trade]:
    """Of all ways together, the unbettered, without near twins, nearest first."""
    if not trades:
        return []
    measures = np.array([[t.figure_db, t.reach_hz, t.moved_metres] for t in trades])
    kept = [trade for trade, good in zip(trades, unbettered(measures), strict=True) if good]
    kept.sort(key=lambda t: (t.moved_metres, t.figure_db))
    apart: list[Trade] = []
    for trade in kept:
        if not any(_twins(trade, other) for other in apart):
            apart.append(trade)
    return apart[:_TRADES]


def _twins(one: Trade, other: Trade) -> bool:
    """Whether two trades differ by less than anyone would care about."""
    return (
        abs(one.figure_db - other.figure_db) < 0.1
        and abs(one.reach_hz - other.reach_hz) < 1.5
        and abs(one.moved_metres - other.moved_metres) < 0.15
    )
