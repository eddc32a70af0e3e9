"""Takes: measured responses, how they were made, and what stood there when they were."""

import hashlib
import json
from collections.abc import Callable, Mapping
from dataclasses import dataclass, field, replace
from math import hypot
from typing import Annotated, Any, Literal

from annotated_types import Ge, Le, MaxLen
from pydantic import Field, TypeAdapter

from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.placement.arrangement import Arrangement, same_turn
from jolly_parlor.placement.chains import CONTROLS
from jolly_parlor.placement.gear import PAIR, Gear
from jolly_parlor.placement.loudspeakers import Controls
from jolly_parlor.placement.mixes import BOTH_AS_SET, WITH_SUBWOOFERS, measurable
from jolly_parlor.signals.impulse import ImpulseResponse
from jolly_parlor.signals.quality import NO_TIMING_REFERENCE, Mark
from jolly_parlor.signals.response import Response
from jolly_parlor.strict import STRICT
from jolly_parlor.studio.device import Timing
from jolly_parlor.studio.one_take import Settings
from jolly_parlor.words import tr

HeadPoint = Literal["centre", "left", "right", "front", "back", "low"]
Seconds = Annotated[float, Ge(-600.0), Le(600.0)]
_SAME_PLACE_METRES, _SAME_DESK_METRES, _SAME_DEGREES = 0.005, 0.05, 10.0
"""A desk is pushed about, and changes little by it within a hand's breadth."""
_MODEL, _SETTING, _CROSSOVER = "model of ", "setting of ", "crossover of "
_SUBS = "number of subwoofers"
"""Kept in documents: never translated."""
_PARTS = {
    _SUBS: tr("the number of subwoofers"),
    "size": tr("the room's size or plan"),
    "surfaces": tr("what lines a wall, floor or ceiling"),
    "openings": tr("a window, door or passage"),
    "things": tr("what stands in the room"),
}


@dataclass(frozen=True)
class Measured:
    """How a take was measured, where this program did it."""

    __pydantic_config__ = STRICT

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
    distortion_db: dict[int, float] = field(default_factory=dict)
    """By order, against the linear response, for tones near 125 Hz."""
    repeat_db: float = 0.0
    """What its sweeps differ by; 0 where there was one."""
    insisted: bool = False
    """Whether the user wants it used although it is bad."""
    timing: Timing | None = None
    """What its reference in time is; None in takes of before this was kept."""

    moving: bool = False
    """Whether noise was averaged while the microphone moved: of no one place."""

    @property
    def timed(self) -> bool:
        """Whether its phase is counted from when the sound left."""
        if self.timing is None:
            return NO_TIMING_REFERENCE not in " ".join(self.words)
        return self.timing != "none"


@dataclass(frozen=True)
class TakeInfo:
    """What is known of a take besides its curve."""

    __pydantic_config__ = STRICT

    id: Annotated[str, Field(pattern=r"^take-[0-9]{4,9}$")]
    source: str
    """The id of the mix that played: `both`, `both+sub`, or a loudspeaker's."""
    seat: str
    placed: Arrangement
    """The arrangement as it stood when the take was made."""
    file_name: Annotated[str, MaxLen(300)]
    imported: str
    """Date and time, ISO 8601."""
    notes: tuple[str, ...] = ()
    measured: Measured | None = None
    point: HeadPoint = "centre"
    """Where around the head the microphone stood."""
    impulse_start_seconds: Seconds | None = None
    """Time of the impulse response's first sample; None for a take without one."""
    stood: dict[str, str] = field(default_factory=dict)
    """Fingerprints of the room and the loudspeakers it measured, by part."""
    subwoofers: tuple[str, ...] = ()
    """Those that sounded with the pair, by id: of `both+sub` only."""
    floor_place: Annotated[str, MaxLen(60)] = ""
    """The floor place a subwoofer was tried at, by name; `placed` has it there. Else empty."""
    swapped: bool = False
    """Whether the subwoofer stood at the head and the microphone at its place: by reciprocity the
    same response.
    """

    @property
    def played(self) -> tuple[str, ...]:
        """The loudspeakers that sounded, by id."""
        if self.source in ("both", WITH_SUBWOOFERS, BOTH_AS_SET.id):
            return PAIR + self.subwoofers
        return (self.source,)


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
        """Whether its loudspeakers, its seat and the desk still stand where they stood when it was
        taken, and look the same way.
        """
        placed, info = self.info.placed, self.info
        if placed.name != arrangement.name:
            return False
        try:
            pairs = [(placed.places[name], arrangement.places[name]) for name in info.played]
            pairs.append((placed.seats[info.seat], arrangement.seats[info.seat]))
        except KeyError:
            return False
        if not all(a.distance(b) <= _SAME_PLACE_METRES for a, b in pairs):
            return False
        if not all(same_turn(placed, arrangement, name, _SAME_DEGREES) for name in info.played):
            return False
        return _same_desk(placed, arrangement)

    def doubts(self, stamps: Mapping[str, str]) -> list[str]:
        """What has changed since it was made, in words: reasons to ask whether it still holds.

        stamps: the fingerprints of room and gear as they are now.
        """
        return [_words(part) for part, then in self.info.stood.items() if stamps.get(part) != then]

    def stamped(self, stamps: Mapping[str, str]) -> "Take":
        """The same, held to be valid in the room and with the gear of these fingerprints."""
        names = self.info.played
        parts = [*_PARTS, *(f"{_MODEL}{name}" for name in names)]
        if len(names) > 1:  # one alone is kept as heard flat, whatever is set
            parts += [f"{_SETTING}{name}" for name in names]
        if self.info.subwoofers:
            parts += [_SUBS, *(f"{_CROSSOVER}{name}" for name in names)]
        stood = {part: stamps[part] for part in parts if part in stamps}
        return replace(self, info=replace(self.info, stood=stood))

    def carried(self, before: Mapping[str, str], after: Mapping[str, str]) -> "Take":
        """The same after a change that is none to the ear, such as turning the room: what held
        before holds after.
        """
        stood = {
            part: after.get(part, then) if before.get(part) == then else then
            for part, then in self.info.stood.items()
        }
        return replace(self, info=replace(self.info, stood=stood))


def stamps_of(room: Room, gear: Gear) -> dict[str, str]:
    """Fingerprints of all that a take measures besides the places, by part; none of what anything
    is called.
    """
    walls = {wall.name: number for number, wall in enumerate(room.walls)}
    holes = [replace(o, wall=str(walls.get(o.wall, o.wall)), swings_in=True) for o in room.openings]
    found = {
        "size": fingerprint([room.plan, room.height]),
        "surfaces": fingerprint([[w.surface for w in room.walls], room.floor, room.ceiling]),
        "openings": fingerprint(holes),
        "things": fingerprint([replace(thing, name="-") for thing in room.things]),
        _SUBS: fingerprint(len(gear.subwoofers)),
    }
    for mix in measurable(gear):
        if mix.alone:
            # What its knobs can do is not heard; where they stood is the setting's part.
            unheard = {"id": "-", "name": "-", "controls": Controls(), "mounts": ("floor",)}
            model = replace(gear.model_of(mix.id), **unheard)  # type: ignore[arg-type]
            found[f"{_MODEL}{mix.id}"] = fingerprint(model)
    return found


def stamps_with_names(room: Room, gear: Gear) -> dict[str, str]:
    """As documents up to version 4 had them: a wall or a thing called otherwise was another."""
    return stamps_of(room, gear) | {
        "surfaces": fingerprint([room.walls, room.floor, room.ceiling]),
        "openings": fingerprint(room.openings),
        "things": fingerprint(room.things),
    }


def settings_of(arrangement: Arrangement) -> dict[str, str]:
    """Fingerprints of how each loudspeaker is set; of its crossover apart, for most takes are made
    without.
    """
    found = {}
    for name in arrangement.places:
        chain = arrangement.chain(name)
        found[f"{_SETTING}{name}"] = fingerprint(replace(chain, low_pass=None, high_pass=None))
        found[f"{_CROSSOVER}{name}"] = fingerprint((chain.low_pass, chain.high_pass))
    return found


def renamed_part(part: str, ids: Mapping[str, str]) -> str:
    """A part's name after loudspeakers got other ids."""
    for kind in (_MODEL, _SETTING, _CROSSOVER):
        if part.startswith(kind):
            name = part.removeprefix(kind)
            return f"{kind}{ids.get(name, name)}"
    return part


def _words(part: str) -> str:
    for kind, words in _OF.items():
        if part.startswith(kind):
            return words(part.removeprefix(kind))
    return _PARTS.get(part, part)


_OF: dict[str, Callable[[str], str]] = {
    _MODEL: lambda name: tr("the model of {name}", name=name),
    _SETTING: lambda name: tr("the setting of {name}", name=name),
    _CROSSOVER: lambda name: tr("the crossover of {name}", name=name),
}


_ANY: TypeAdapter[object] = TypeAdapter(object)


_SINCE: dict[str, tuple[object, ...]] = {
    "low_pass_kinds": ([],),
    "high_pass_kinds": ([],),
    "mounts": (["floor"],),
    "acoustic_centre_ahead": (None,),
    "driver": ("front",),
    **{name: c.left_out for c in CONTROLS.values() for name in (c.name, c.setting)},
}
"""Fields added after the first fingerprints were written: left out where they say nothing, or
takes of before would no longer hold.
"""


def fingerprint(of: object) -> str:
    """Of anything that a file can hold; the same for what is written the same."""
    text = json.dumps(_as_first_written(_ANY.dump_python(of, mode="json")), sort_keys=True)
    return hashlib.sha256(text.encode()).hexdigest()[:16]


def _as_first_written(data: Any) -> Any:
    if isinstance(data, list):
        return [_as_first_written(value) for value in data]
    if not isinstance(data, dict):
        return data
    kept = {k: v for k, v in data.items() if v not in _SINCE.get(k, ())}
    return {key: _as_first_written(value) for key, value in kept.items()}


def _same_desk(one: Arrangement, other: Arrangement) -> bool:
    if one.desk is None or other.desk is None:
        return one.desk is other.desk
    dx, dy = one.desk.x - other.desk.x, one.desk.y - other.desk.y
    return hypot(dx, dy) <= _SAME_DESK_METRES
