"""Layouts: from which directions, seen from the main seat, a set of loudspeakers should come.

Angles and their ranges after ITU-R BS.775-3 (three and five) and ITU-R BS.2051-2 (0+7+0, 4+5+0,
4+7+0), from memory; the five degrees either way of those in front are common practice, no source.
As in BS.2051 azimuth counts from straight ahead to the left, elevation upwards from the ear.
"""

from dataclasses import dataclass
from math import atan2, cos, degrees, hypot, radians, sin
from typing import Annotated, Literal, NamedTuple

from annotated_types import Ge, Le, MaxLen

from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.placement.loudspeakers import Label, Role
from jolly_parlor.strict import STRICT
from jolly_parlor.words import tr

Azimuth = Annotated[float, Ge(-180.0), Le(180.0)]
Elevation = Annotated[float, Ge(-90.0), Le(90.0)]
LayoutId = Literal["stereo", "three", "five", "seven", "five_four", "seven_four", "own"]


class Span(NamedTuple):
    """What an angle should be and may be, degrees."""

    wanted: float
    low: float
    high: float

    def off(self, value: float) -> float:
        """How far a value lies outside, degrees; negative below."""
        return value - min(max(value, self.low), self.high)


@dataclass(frozen=True)
class Direction:
    """Where one loudspeaker belongs, and whether it may be moved there."""

    __pydantic_config__ = STRICT

    loudspeaker: Label
    azimuth_degrees: Azimuth
    azimuth_from: Azimuth
    azimuth_to: Azimuth
    elevation_degrees: Elevation = 0.0
    elevation_from: Elevation = -5.0
    elevation_to: Elevation = 10.0
    movable: bool = True

    @property
    def azimuth(self) -> Span:
        return Span(self.azimuth_degrees, self.azimuth_from, self.azimuth_to)

    @property
    def elevation(self) -> Span:
        return Span(self.elevation_degrees, self.elevation_from, self.elevation_to)

    def problem(self) -> str:
        """What cannot be, in a sentence; empty when it can."""
        for what, span in (("azimuth", self.azimuth), ("elevation", self.elevation)):
            if not span.low <= span.wanted <= span.high:
                return tr(
                    "“{loudspeaker}” should have an {what} of {wanted:g}°, which lies "
                    "outside its own range of {low:g} to {high:g}°.",
                    loudspeaker=self.loudspeaker,
                    what=what,
                    wanted=span.wanted,
                    low=span.low,
                    high=span.high,
                )
        return ""


@dataclass(frozen=True)
class Layout:
    """Which one, and the directions of its loudspeakers besides the pair; the pair's are those of
    `PAIR_SPAN`.
    """

    __pydantic_config__ = STRICT

    id: LayoutId = "stereo"
    directions: Annotated[tuple[Direction, ...], MaxLen(38)] = ()

    def of(self, loudspeaker: str) -> Direction | None:
        """Where that one belongs; None where the layout does not say."""
        if loudspeaker in _PAIR_DIRECTIONS:
            return _PAIR_DIRECTIONS[loudspeaker]
        return next((one for one in self.directions if one.loudspeaker == loudspeaker), None)


STEREO = Layout()
_OWN_DEGREES = 10.0


class Channel(NamedTuple):
    """One loudspeaker of a layout as it comes: id, role, azimuth and elevation with ranges."""

    id: str
    role: Role
    azimuth: Span
    elevation: Span

    def direction(self) -> Direction:
        """As a document keeps it."""
        return Direction(self.id, *self.azimuth, *self.elevation)


class Preset(NamedTuple):
    name: str
    source: str
    channels: tuple[Channel, ...]
    """Besides the pair."""


_EAR, _RAISED = Span(0.0, -5.0, 10.0), Span(0.0, -5.0, 15.0)
_ABOVE = Span(40.0, 30.0, 55.0)


def _both(name: str, role: Role, azimuth: Span, elevation: Span) -> tuple[Channel, Channel]:
    mirrored = Span(-azimuth.wanted, -azimuth.high, -azimuth.low)
    return (
        Channel(tr("{name} left", name=name), role, azimuth, elevation),
        Channel(tr("{name} right", name=name), role, mirrored, elevation),
    )


_CENTRE = Channel("centre", "centre", Span(0.0, -5.0, 5.0), _EAR)
_FIVE = (_CENTRE, *_both("surround", "surround", Span(110.0, 100.0, 120.0), _RAISED))
_SEVEN = (
    _CENTRE,
    *_both("side", "surround", Span(90.0, 60.0, 110.0), _RAISED),
    *_both("rear", "surround", Span(135.0, 120.0, 150.0), _RAISED),
)
_FIVE_ABOVE = (
    *_both(tr("front height"), "height", Span(30.0, 30.0, 45.0), _ABOVE),
    *_both(tr("rear height"), "height", Span(110.0, 100.0, 135.0), _ABOVE),
)
_SEVEN_ABOVE = (
    *_both(tr("front height"), "height", Span(45.0, 30.0, 45.0), _ABOVE),
    *_both(tr("rear height"), "height", Span(135.0, 100.0, 150.0), _ABOVE),
)
PRESETS: dict[LayoutId, Preset] = {
    "stereo": Preset("two", "", ()),
    "three": Preset(tr("three in front"), tr("ITU-R BS.775"), (_CENTRE,)),
    "five": Preset("five", tr("ITU-R BS.775, BS.2051 0+5+0"), _FIVE),
    "seven": Preset("seven", tr("ITU-R BS.2051 0+7+0"), _SEVEN),
    "five_four": Preset(tr("five with four above"), tr("ITU-R BS.2051 4+5+0"), _FIVE + _FIVE_ABOVE),
    "seven_four": Preset(
        tr("seven with four above"), tr("ITU-R BS.2051 4+7+0"), _SEVEN + _SEVEN_ABOVE
    ),
}
PAIR_SPAN = Span(30.0, 25.0, 35.0)
_PAIR_DIRECTIONS = {
    "left": Direction("left", *PAIR_SPAN, *_EAR),
    "right": Direction("right", -30.0, -35.0, -25.0, *_EAR),
}


def preset_layout(layout_id: LayoutId) -> Layout:
    """A layout as it comes; `own` begins empty."""
    channels = PRESETS[layout_id].channels if layout_id in PRESETS else ()
    return Layout(layout_id, tuple(channel.direction() for channel in channels))


def azimuth_of(ear: Point, at: Point) -> float:
    """Degrees from straight ahead (towards the wall faced) to the left, -180 to 180."""
    return degrees(atan2(ear.x - at.x, ear.y - at.y))


def elevation_of(ear: Point, at: Point) -> float:
    """Degrees above the ear."""
    return degrees(atan2(at.z - ear.z, hypot(at.x - ear.x, at.y - ear.y)))


def direction_at(loudspeaker: str, ear: Point, at: Point) -> Direction:
    """Where one stands, as where it belongs: ten degrees either way are taken to be as good."""
    azimuth = float(round(azimuth_of(ear, at)))
    rise = float(round(elevation_of(ear, at)))
    low, high = max(azimuth - _OWN_DEGREES, -180.0), min(azimuth + _OWN_DEGREES, 180.0)
    flat, steep = max(rise - _OWN_DEGREES, -90.0), min(rise + _OWN_DEGREES, 90.0)
    return Direction(loudspeaker, azimuth, low, high, rise, flat, steep)


def point_at(ear: Point, azimuth: float, elevation: float, metres: float) -> Point:
    """The point in a direction from the ear at a distance."""
    flat = metres * cos(radians(elevation))
    return Point(
        ear.x - flat * sin(radians(azimuth)),
        ear.y - flat * cos(radians(azimuth)),
        ear.z + metres * sin(radians(elevation)),
    )


def side_words(azimuth: float) -> str:
    """`30° left`, `straight ahead`, `straight behind`."""
    if abs(azimuth) < 0.5:
        return tr("straight ahead")
    if abs(azimuth) > 179.5:
        return tr("straight behind")
    return tr(
        "{azimuth:.0f}° {azimuth2}",
        azimuth=abs(azimuth),
        azimuth2="left" if azimuth > 0 else "right",
    )
