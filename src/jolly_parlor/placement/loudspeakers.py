"""Loudspeakers: anything that radiates, its role, and the Model on its maker's sheet."""

from dataclasses import dataclass, field, replace
from typing import Annotated, Literal

from annotated_types import Ge, Gt, Le, MaxLen, MinLen

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.fields.acoustic_centre import ahead_of_face
from jolly_parlor.acoustics.sources import high_pass
from jolly_parlor.placement.chains import CONTROLS, Filter
from jolly_parlor.placement.controls import Span
from jolly_parlor.strict import STRICT
from jolly_parlor.words import tr

Size = Annotated[float, Gt(0.0), Le(10.0)]
Corner = Annotated[float, Ge(5.0), Le(500.0)]
Slope = Literal[12, 18, 24]
Label = Annotated[str, MinLen(1), MaxLen(60)]
Role = Literal["left", "right", "centre", "surround", "height", "subwoofer", "other"]
ROLES: dict[Role, str] = {
    "left": tr("left of the pair"),
    "right": tr("right of the pair"),
    "centre": "centre",
    "surround": "surround",
    "height": "height",
    "subwoofer": "subwoofer",
    "other": "other",
}
"""Each role in words; a new one is one row here and one in `starting`."""

Driver = Literal["front", "opposed", "down", "up"]
DRIVERS: dict[Driver, str] = {
    "front": tr("in front"),
    "opposed": tr("two opposed"),
    "down": tr("firing down"),
    "up": tr("firing up"),
}
"""Where a subwoofer has its driver."""
Mount = Literal["floor", "wall", "ceiling"]
MOUNTS: dict[Mount, str] = {
    "floor": tr("on the floor"),
    "wall": tr("on a wall"),
    "ceiling": tr("under the ceiling"),
}


def _with_spans(cls: type) -> type:
    """With a field for each control: its range, None where the model has none."""
    cls.__annotations__ = {**dict.fromkeys(CONTROLS, Span | None), **cls.__annotations__}
    for name in CONTROLS:
        setattr(cls, name, None)
    return cls


@dataclass(frozen=True)
@_with_spans
class Controls:
    """What the knobs and switches on the back can do; besides these a `Span` for each of
    `chains.CONTROLS` by its name, None where there is none.
    """

    __pydantic_config__ = STRICT

    polarity: bool = False
    low_pass_kinds: Annotated[tuple[Filter, ...], MaxLen(12)] = ()
    """What the low-pass can be switched to; empty leaves the kind that is set."""
    high_pass_kinds: Annotated[tuple[Filter, ...], MaxLen(12)] = ()

    def span(self, control: str) -> Span | None:
        """Over which range it has a control, by name; None for one that it has not."""
        found: Span | None = getattr(self, control)
        return found

    def having(self, control: str, span: Span | None) -> "Controls":
        """The same with or without a control."""
        return replace(self, **{control: span})  # type: ignore[arg-type]

    def problem(self) -> str:
        """What cannot be, in a sentence; empty when it can."""
        for kind in CONTROLS.values():
            span = self.span(kind.name)
            if span is None:
                continue
            goes = tr(
                "The {title} control goes from {low:g} to {high:g}",
                title=kind.title,
                low=span.low,
                high=span.high,
            )
            if span.low > span.high:
                return tr("{goes}; its low end must not lie above its high end.", goes=goes)
            if span.low < kind.least or span.high > kind.most:
                return tr(
                    "{goes}; it must lie within {least:g} to {most:g}.",
                    goes=goes,
                    least=kind.least,
                    most=kind.most,
                )
        every = (*self.low_pass_kinds, *self.high_pass_kinds)
        return next(filter(None, (kind.at(80.0).problem() for kind in every)), "")


@dataclass(frozen=True)
class Model:
    """What the maker's sheet says of a loudspeaker. Sizes in metres."""

    __pydantic_config__ = STRICT

    id: Label
    name: Label
    width: Size
    depth: Size
    height: Size
    low_corner_hz: Corner
    low_slope_db_per_octave: Slope = 24
    acoustic_centre_height: Annotated[float, Ge(0.0), Le(10.0)] | None = None
    """Above the cabinet's base, on its front face: between woofer and tweeter. None: in the middle
    of the cabinet, as of a subwoofer.
    """
    maximum_level_db_spl: Annotated[float, Ge(60.0), Le(160.0)] | None = None
    """At 1 m."""
    controls: Controls = field(default=Controls())
    mounts: Annotated[tuple[Mount, ...], MinLen(1), MaxLen(3)] = ("floor",)
    """Where a subwoofer of it may be put."""
    acoustic_centre_ahead: Annotated[float, Ge(0.0), Le(1.0)] | None = None
    """How far ahead of its face it radiates from at low frequencies, metres; None: by its width and
    height.
    """
    driver: Driver = "front"
    """Of a subwoofer."""

    def ahead(self, on_a_surface: bool = False) -> float:
        """From its face to its acoustic centre, metres."""
        if self.acoustic_centre_ahead is not None:
            return self.acoustic_centre_ahead
        return ahead_of_face(self.width, self.height, on_a_surface)

    def ahead_upwards(self) -> float:
        """The same of a driver in its top."""
        if self.acoustic_centre_ahead is not None:
            return self.acoustic_centre_ahead
        return ahead_of_face(self.width, self.depth)

    @property
    def centre_height(self) -> float:
        """Of what its place means, above its base: the acoustic centre, else the middle."""
        known = self.acoustic_centre_height
        return self.height / 2 if known is None else known

    def low_end(self, frequencies_hz: FloatArray) -> ComplexArray:
        """The low end of its box, (frequencies,)."""
        return high_pass(frequencies_hz, self.low_corner_hz, self.low_slope_db_per_octave // 6)


@dataclass(frozen=True)
class Loudspeaker:
    """One cabinet. The pair in front is called `left` and `right`, as its roles are."""

    __pydantic_config__ = STRICT

    id: Label
    role: Role
    model: Label
    """The id of its Model."""

    @property
    def is_subwoofer(self) -> bool:
        """Whether others hand their low end over to it."""
        return self.role == "subwoofer"
