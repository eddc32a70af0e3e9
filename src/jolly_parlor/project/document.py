"""The document: room, gear, arrangements, takes and the ledger. Immutable; edits return copies."""

from dataclasses import dataclass, field
from typing import Annotated, Literal

from pydantic import Field

from jolly_parlor.acoustics.materials import materials
from jolly_parlor.acoustics.room import Point, Room
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.signals.impulse import ImpulseResponse
from jolly_parlor.signals.quality import Mark
from jolly_parlor.signals.response import Response
from jolly_parlor.studio.measuring import Settings

HeadPoint = Literal["centre", "left", "right", "front", "back", "low"]
_SAME_PLACE_METRES = 0.005
RESERVED_NAMES = ("left", "right", "both")


@dataclass(frozen=True)
class Measured:
    """How a take was measured, where this program did it."""

    __pydantic_config__ = {"extra": "forbid"}

    device: str
    simulated: bool
    settings: Settings
    calibration: str
    """Name of the microphone's file; empty without one."""
    mark: Mark
    words: tuple[str, ...]
    """What is to be said against it."""
    level_db_spl: float | None
    peak_db: float
    impulse_start_seconds: float
    """Time of the impulse response's first sample."""
    distortion_db: dict[int, float] = field(default_factory=dict)
    """By order, against the linear response, for tones near 125 Hz."""
    repeat_db: float = 0.0
    """What its sweeps differ by; 0 where there was one."""
    insisted: bool = False
    """Whether the user wants it used although it is bad."""


@dataclass(frozen=True)
class TakeInfo:
    """What is known of a take besides its curve."""

    __pydantic_config__ = {"extra": "forbid"}

    id: Annotated[str, Field(pattern=r"^take-[0-9]{4,}$")]
    source: str
    """`left`, `right`, `both`, or the name of a subwoofer."""
    seat: str
    placed: Arrangement
    """The arrangement as it stood when the take was imported."""
    file_name: str
    imported: str
    """Date and time, ISO 8601."""
    notes: tuple[str, ...] = ()
    measured: Measured | None = None
    point: HeadPoint = "centre"
    """Where around the head the microphone stood."""


@dataclass(frozen=True, eq=False)
class Take:
    """One measured response, and the impulse response it came from where there is one."""

    info: TakeInfo
    response: Response
    impulse: ImpulseResponse | None = None

    @property
    def usable(self) -> bool:
        """Whether it may rank: not bad, or the user insists."""
        how = self.info.measured
        return how is None or how.mark != "bad" or how.insisted

    def applies_to(self, arrangement: Arrangement) -> bool:
        """Whether its source and seat still stand where they stood when it was taken."""
        placed = self.info.placed
        if placed.name != arrangement.name:
            return False
        items = [f"seat:{self.info.seat}"]
        if self.info.source in ("left", "right"):
            items.append(self.info.source)
        elif self.info.source == "both":
            items += ["left", "right"]
        else:
            items.append(f"sub:{self.info.source}")
        try:
            pairs = [(placed.position(item), arrangement.position(item)) for item in items]
        except KeyError:
            return False
        return all(a.distance(b) <= _SAME_PLACE_METRES for a, b in pairs)


@dataclass(frozen=True)
class LedgerEntry:
    """One dated line of the record."""

    __pydantic_config__ = {"extra": "forbid"}

    when: str
    kind: Literal["survey", "gear", "arrangement", "move", "take", "choice"]
    text: str


@dataclass(frozen=True, eq=False)
class Document:
    """Everything that is saved."""

    room: Room
    gear: Gear
    arrangements: tuple[Arrangement, ...] = ()
    takes: tuple[Take, ...] = ()
    chosen: str | None = None
    ledger: tuple[LedgerEntry, ...] = field(default=())
    wishes: Wishes = field(default=Wishes())
    """What is asked of a search."""

    def arrangement(self, name: str) -> Arrangement:
        """The arrangement of that name; raises ValueError naming those there are."""
        for candidate in self.arrangements:
            if candidate.name == name:
                return candidate
        known = ", ".join(f"“{a.name}”" for a in self.arrangements) or "none yet"
        raise ValueError(f"There is no arrangement “{name}”; there is {known}.")

    @property
    def source_names(self) -> tuple[str, ...]:
        """What a take can be of."""
        return (*RESERVED_NAMES, *(sub.name for sub in self.gear.subwoofers))

    def take_of(self, arrangement: Arrangement, source: str, seat: str) -> Take | None:
        """The newest take of that source at the head's centre that still holds."""
        return self.takes_around(arrangement, source, seat).get("centre")

    def takes_around(
        self, arrangement: Arrangement, source: str, seat: str
    ) -> dict[HeadPoint, Take]:
        """The newest usable take of each point around the head, centre included."""
        found: dict[HeadPoint, Take] = {}
        for take in self.takes:
            if take.info.source == source and take.info.seat == seat:
                if take.applies_to(arrangement) and take.usable:
                    found[take.info.point] = take
        return found

    def bad_take_of(self, arrangement: Arrangement, source: str, seat: str) -> Take | None:
        """The newest take of that source at that seat that is left out because it is bad."""
        for take in reversed(self.takes):
            if (take.info.source, take.info.seat) == (source, seat):
                if take.applies_to(arrangement) and not take.usable:
                    return take
        return None

    def stale_takes(self, arrangement: Arrangement) -> list[Take]:
        """Takes of this arrangement whose source or seat has moved since."""
        return [
            take
            for take in self.takes
            if take.info.placed.name == arrangement.name and not take.applies_to(arrangement)
        ]


def problems(document: Document) -> list[str]:
    """What contradicts itself in a document, each in a sentence; empty when it is sound."""
    found = room_problems(document.room)
    for what, names in (
        ("arrangement", [a.name for a in document.arrangements]),
        ("seat", [seat.name for seat in document.gear.seats]),
        ("subwoofer", [sub.name for sub in document.gear.subwoofers]),
    ):
        for name in sorted({name for name in names if names.count(name) > 1}):
            found.append(f"Two {what}s are named “{name}”; give each its own name.")
    for sub in document.gear.subwoofers:
        if sub.name in RESERVED_NAMES:
            found.append(f"A subwoofer cannot be named “{sub.name}”; that names the monitors.")
    seats = {seat.name for seat in document.gear.seats}
    subs = {sub.name for sub in document.gear.subwoofers}
    for arrangement in document.arrangements:
        where = f"Arrangement “{arrangement.name}”"
        for name in sorted(seats - set(arrangement.seats)):
            found.append(f"{where} gives no place for the seat “{name}”.")
        for name in sorted(subs - set(arrangement.subwoofers)):
            found.append(f"{where} gives no place for the subwoofer “{name}”.")
        for name in sorted(set(arrangement.seats) - seats | set(arrangement.subwoofers) - subs):
            found.append(f"{where} places “{name}”, which the gear does not list.")
    if wrong := document.wishes.problem():
        found.append(f"The wishes for the search cannot be: {wrong}")
    if document.chosen is not None and document.chosen not in {
        a.name for a in document.arrangements
    }:
        found.append(f"The chosen arrangement “{document.chosen}” does not exist.")
    return found


def room_problems(room: Room) -> list[str]:
    """What in a survey cannot be, each in a sentence."""
    found = []
    known = materials()
    for name, surface in room.surfaces.items():
        if surface.absorption is None and surface.material not in known:
            found.append(
                f"The {name} surface names the material “{surface.material}”, "
                "which the table lacks; choose one of the table or give its absorption."
            )
    missing = [
        n for n in ("left", "right", "front", "back", "floor", "ceiling") if n not in room.surfaces
    ]
    if missing:
        found.append(f"The survey gives no surface for: {', '.join(missing)}.")
    for opening in room.openings:
        along = room.width if opening.wall in ("front", "back") else room.length
        what = f"The {opening.kind} in the {opening.wall} wall"
        if opening.material not in known:
            found.append(f"{what} names the material “{opening.material}”, which the table lacks.")
        if opening.start + opening.width > along + 1e-9:
            found.append(f"{what} ends beyond the wall, which is {along:.2f} m long.")
        if opening.sill + opening.height > room.height + 1e-9:
            found.append(f"{what} ends above the ceiling, which is {room.height:.2f} m high.")
    zone = room.calm_zone
    if zone is not None and not (zone.front_near < zone.front_far < room.length):
        found.append("The calm zone's far edge from the front wall must lie beyond its near edge.")
    if zone is not None and not (zone.side_near < zone.side_far < room.width / 2):
        found.append("The calm zone's side distances must grow and stay within half the width.")
    for area in room.keep_outs:
        if area.x + area.width > room.width + 1e-9 or area.y + area.depth > room.length + 1e-9:
            found.append(f"The keep-out area “{area.name}” reaches beyond the room.")
    return found


def brought_inside(room: Room, point: Point, margin: float = 0.02) -> Point:
    """The point, brought inside the room by at least the margin."""

    def within(value: float, size: float) -> float:
        return min(max(value, margin), size - margin)

    return Point(
        within(point.x, room.width), within(point.y, room.length), within(point.z, room.height)
    )
