"""Loudspeakers: anything that radiates, its role, and the Model on its maker's sheet."""

from dataclasses import dataclass, field
from typing import Annotated, Literal, NamedTuple

from annotated_types import Ge, Gt, Le, MaxLen, MinLen

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.fields.acoustic_centre import ahead_of_face
from jolly_parlor.acoustics.sources import high_pass
from jolly_parlor.placement.chains import Filter
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


@dataclass(frozen=True)
class Span:
    """What a control can be set to, in its own unit; step 0 is continuous."""

    __pydantic_config__ = STRICT

    low: float
    high: float
    step: Annotated[float, Ge(0.0)] = 0.0


@dataclass(frozen=True)
class Controls:
    """What the knobs and switches on the back can do; None where there is none."""

    __pydantic_config__ = STRICT

    gain_db: Span | None = None
    low_shelf_db: Span | None = None
    low_mid_db: Span | None = None
    polarity: bool = False
    delay_ms: Span | None = None
    phase_degrees: Span | None = None
    low_pass_hz: Span | None = None
    high_pass_hz: Span | None = None
    low_pass_kinds: Annotated[tuple[Filter, ...], MaxLen(12)] = ()
    """What the low-pass can be switched to; empty leaves the kind that is set."""
    high_pass_kinds: Annotated[tuple[Filter, ...], MaxLen(12)] = ()

    def problem(self) -> str:
        """What cannot be, in a sentence; empty when it can."""
        for what, kind in RANGED.items():
            span: Span | None = getattr(self, what)
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


class Ranged(NamedTuple):
    """A control with a range: what it is called, its unit, and what a Chain can take."""

    title: str
    unit: str
    least: float
    most: float


RANGED = {
    "gain_db": Ranged("gain", "dB", -40.0, 40.0),
    "low_shelf_db": Ranged(tr("low shelf"), "dB", -12.0, 12.0),
    "low_mid_db": Ranged(tr("low mid"), "dB", -12.0, 12.0),
    "delay_ms": Ranged("delay", "ms", 0.0, 100.0),
    "phase_degrees": Ranged("phase", "°", 0.0, 180.0),
    "low_pass_hz": Ranged("low-pass", tr("Hz"), 20.0, 500.0),
    "high_pass_hz": Ranged("high-pass", tr("Hz"), 20.0, 500.0),
}
"""By the field of Controls."""


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
