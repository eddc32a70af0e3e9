"""What is placed: loudspeakers with their models, seats and the desk."""

from dataclasses import dataclass, replace
from functools import cached_property
from typing import Annotated

from annotated_types import Ge, Gt, Le, MaxLen, MinLen

from jolly_parlor.placement.judging import USUAL_JUDGING, Judging, judging_problem
from jolly_parlor.placement.layouts import STEREO, Layout
from jolly_parlor.placement.loudspeakers import Label, Loudspeaker, Model, Size
from jolly_parlor.refused import Refused
from jolly_parlor.strict import STRICT
from jolly_parlor.words import tr

PAIR = ("left", "right")
"""The ids of the pair in front."""


@dataclass(frozen=True)
class Seat:
    """A listening position; the ear's height above the floor."""

    __pydantic_config__ = STRICT

    name: Label
    ear_height: Annotated[float, Gt(0.2), Le(3.0)] = 1.2
    high_back: bool = False
    """Whether the back of its chair reaches up behind the head."""


@dataclass(frozen=True)
class Desk:
    """A desk; the height of its top."""

    __pydantic_config__ = STRICT

    width: Size
    depth: Size
    height: Size
    thickness: Annotated[float, Ge(0.0), Le(0.2)] = 0.03
    """Of the top."""


@dataclass(frozen=True)
class Gear:
    """Everything that is placed. The first seat is the main one.

    There is always a pair, `left` and `right` of one Model: schools and search place it.
    """

    __pydantic_config__ = STRICT

    models: Annotated[tuple[Model, ...], MinLen(1), MaxLen(40)]
    loudspeakers: Annotated[tuple[Loudspeaker, ...], MinLen(2), MaxLen(40)]
    seats: Annotated[tuple[Seat, ...], MinLen(1), MaxLen(40)]
    desk: Desk | None = None
    judging: Judging = USUAL_JUDGING
    """How what it plays is judged: every figure is made where the gear is at hand."""
    layout: Layout = STEREO
    """From which directions the loudspeakers besides the pair should come."""

    @cached_property
    def monitor(self) -> Model:
        """The model of the pair."""
        return self.model_of("left")

    @cached_property
    def subwoofers(self) -> tuple[Loudspeaker, ...]:
        """Those that others hand their low end over to."""
        return tuple(one for one in self.loudspeakers if one.is_subwoofer)

    @cached_property
    def hands_over(self) -> bool:
        """Whether anything there is can keep the bass from the pair."""
        own = self.monitor.controls
        return own.span("high_pass_hz") is not None or bool(own.high_pass_kinds)

    @cached_property
    def others(self) -> tuple[Loudspeaker, ...]:
        """Neither of the pair nor a subwoofer."""
        return tuple(
            one for one in self.loudspeakers if not one.is_subwoofer and one.id not in PAIR
        )

    @cached_property
    def beside_the_pair(self) -> tuple[Loudspeaker, ...]:
        """All but the pair, in their order."""
        return tuple(one for one in self.loudspeakers if one.id not in PAIR)

    def loudspeaker(self, name: str) -> Loudspeaker:
        """The one of that id; raises Refused naming those there are."""
        if name not in self._by_id:
            raise Refused(
                tr(
                    "There is no loudspeaker “{name}”; there is {by_id}.",
                    name=name,
                    by_id=", ".join(self._by_id),
                )
            )
        return self._by_id[name]

    def model_of(self, name: str) -> Model:
        """The model of the loudspeaker of that id."""
        return self._models[self.loudspeaker(name).model]

    def model(self, model_id: str) -> Model:
        """The model of that id."""
        return self._models[model_id]

    def with_model(self, model_id: str, **changes: object) -> "Gear":
        """The same with a model that differs in some of its fields."""
        models = tuple(
            replace(model, **changes) if model.id == model_id else model  # type: ignore[arg-type]
            for model in self.models
        )
        return replace(self, models=models)

    def counting_seats(self, others: float) -> dict[str, float]:
        """Seats that count, with their weights: the main one, and the others where they do."""
        main, *rest = [seat.name for seat in self.seats]
        return {main: 1.0} | {name: others for name in rest if others > 0}

    @cached_property
    def _by_id(self) -> dict[str, Loudspeaker]:
        return {one.id: one for one in self.loudspeakers}

    @cached_property
    def _models(self) -> dict[str, Model]:
        return {model.id: model for model in self.models}

    def seat(self, name: str) -> Seat:
        """The seat of that name; raises Refused naming those there are."""
        for seat in self.seats:
            if seat.name == name:
                return seat
        known = ", ".join(seat.name for seat in self.seats)
        raise Refused(tr("There is no seat “{name}”; there is {known}.", name=name, known=known))


RESERVED_IDS = ("both", "both+sub", "both-set", "subs", "all", "desk")
"""Ids of mixes, and of what is no loudspeaker."""


def _layout_problems(gear: Gear) -> list[str]:
    found, seen = [], set(PAIR)
    for one in gear.layout.directions:
        if one.loudspeaker in seen:
            found.append(
                tr(
                    "The layout gives “{loudspeaker}” two directions; give it one.",
                    loudspeaker=one.loudspeaker,
                )
            )
        elif one.loudspeaker not in {speaker.id for speaker in gear.loudspeakers}:
            found.append(
                tr(
                    "The layout places “{loudspeaker}”, which the gear lacks.",
                    loudspeaker=one.loudspeaker,
                )
            )
        elif problem := one.problem():
            found.append(problem)
        seen.add(one.loudspeaker)
    return found


def gear_problems(gear: Gear) -> list[str]:
    """What contradicts itself, each in a sentence."""
    found = []
    for what, names in (
        ("loudspeaker", [one.id for one in gear.loudspeakers]),
        ("model", [model.id for model in gear.models]),
        ("seat", [seat.name for seat in gear.seats]),
    ):
        for name in sorted({name for name in names if names.count(name) > 1}):
            found.append(
                tr("Two {what}s are named “{name}”; give each its own name.", what=what, name=name)
            )
    for one in gear.loudspeakers:
        if one.model not in {model.id for model in gear.models}:
            found.append(
                tr(
                    "“{id}” names the model “{model}”, which the gear lacks.",
                    id=one.id,
                    model=one.model,
                )
            )
        if one.id in RESERVED_IDS or one.id.startswith(("seat:", "sub:")):
            found.append(
                tr("A loudspeaker cannot be named “{id}”; that has a meaning already.", id=one.id)
            )
        if (one.id in PAIR or one.role in PAIR) and one.id != one.role:
            found.append(
                tr(
                    "“{id}” has the role {role}: the pair in front is named left and "
                    "right, and nothing else is.",
                    id=one.id,
                    role=one.role,
                )
            )
    for model in gear.models:
        if problem := model.controls.problem():
            found.append(tr("Model “{id}”: {problem}", id=model.id, problem=problem))
    if problem := judging_problem(gear.judging):
        found.append(problem)
    found += _layout_problems(gear)
    if not found:
        pair = [one.model for one in gear.loudspeakers if one.id in PAIR]
        if len(pair) < 2:
            found.append(tr("The pair in front is missing: a loudspeaker left and one right."))
        elif pair[0] != pair[1]:
            found.append(tr("Left and right are of unlike models; give the pair one model."))
    return found
