"""What is placed: monitors, subwoofers, seats and the desk."""

from dataclasses import dataclass
from typing import Annotated, Literal

from annotated_types import Ge, Gt, Le, MaxLen, MinLen

Size = Annotated[float, Gt(0.0), Le(10.0)]
Corner = Annotated[float, Ge(5.0), Le(500.0)]
Slope = Literal[12, 18, 24]
Label = Annotated[str, MinLen(1), MaxLen(60)]


@dataclass(frozen=True)
class Monitor:
    """A monitor; left and right are alike. Sizes in metres."""

    __pydantic_config__ = {"extra": "forbid"}

    name: Label
    width: Size
    depth: Size
    height: Size
    acoustic_centre_height: Annotated[float, Ge(0.0)]
    """Above the cabinet's base, on its front face: between woofer and tweeter."""
    low_corner_hz: Corner
    low_slope_db_per_octave: Slope = 24


@dataclass(frozen=True)
class Subwoofer:
    """A subwoofer and its controls. Its position is the middle of its cabinet."""

    __pydantic_config__ = {"extra": "forbid"}

    name: Label
    width: Size
    depth: Size
    height: Size
    low_corner_hz: Corner
    low_slope_db_per_octave: Slope = 24
    crossover_hz: Annotated[float, Ge(30.0), Le(200.0)] = 80.0
    gain_db: Annotated[float, Ge(-40.0), Le(40.0)] = 0.0
    delay_ms: Annotated[float, Ge(0.0), Le(100.0)] = 0.0
    inverted: bool = False


@dataclass(frozen=True)
class Seat:
    """A listening position; the ear's height above the floor."""

    __pydantic_config__ = {"extra": "forbid"}

    name: Label
    ear_height: Annotated[float, Gt(0.2), Le(3.0)] = 1.2


@dataclass(frozen=True)
class Desk:
    """A desk; the height of its top."""

    __pydantic_config__ = {"extra": "forbid"}

    width: Size
    depth: Size
    height: Size


@dataclass(frozen=True)
class Gear:
    """Everything that is placed. The first seat is the main one."""

    __pydantic_config__ = {"extra": "forbid"}

    monitor: Monitor
    seats: Annotated[tuple[Seat, ...], MinLen(1)]
    subwoofers: tuple[Subwoofer, ...] = ()
    desk: Desk | None = None

    def seat(self, name: str) -> Seat:
        """The seat of that name; raises ValueError naming those there are."""
        for seat in self.seats:
            if seat.name == name:
                return seat
        known = ", ".join(seat.name for seat in self.seats)
        raise ValueError(f"There is no seat “{name}”; there is {known}.")
