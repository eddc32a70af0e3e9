"""The voice walk: where, stepping away from a wall, one's own voice becomes just a voice.

Stages, distances and what to make of them are common practice; there is no published source. The
sound power of a source near a wall, by which the simulated listener answers, is Waterhouse's
(1955).
"""

from dataclasses import dataclass, replace
from itertools import pairwise
from typing import Literal

import numpy as np

from jolly_parlor.acoustics.geometry.room import CalmZone, Room
from jolly_parlor.by_ear.ear_record import ByEar, VoiceWalk
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

WallWalked = Literal["behind", "beside"]
StageId = Literal["lift_ends", "begins", "ends"]

USUAL_LIFT_METRES = (0.18, 0.25)
USUAL_WIDTH_METRES = (0.15, 0.30)
GOOD_ROOM_METRES = 0.45
"""A zone wider than this is a good room."""
FORWARD = 2 / 3
"""Where in the zone to begin, from its near edge."""


@dataclass(frozen=True)
class Stage:
    """One thing to listen for on the way."""

    id: StageId
    title: str
    do: str
    listen: str


STAGES: tuple[Stage, ...] = (
    Stage(
        "lift_ends",
        tr("The lift ends"),
        tr(
            "Stand with your back to the wall and speak in your everyday "
            "voice, low and steady. Step away by hand's breadths."
        ),
        tr(
            "Near the wall your voice has added bass, as if you spoke into a "
            "barrel. Stop where that falls away, often 18 to 25 cm out."
        ),
    ),
    Stage(
        "begins",
        tr("Just a voice"),
        tr("Go on, slowly, still speaking."),
        tr(
            "Now it sounds too large, larger than you are. Stop where it "
            "becomes just a voice, as it is outdoors: here the calm zone "
            "begins."
        ),
    ),
    Stage(
        "ends",
        tr("It changes again"),
        tr("Go on by centimetres."),
        tr(
            "Stop where the voice changes again, thinner or boxy: here the "
            "calm zone ends, often 15 to 30 cm after it began."
        ),
    ),
)


def with_distance(by_ear: ByEar, wall: WallWalked, stage: StageId, metres: float) -> ByEar:
    """With one distance noted. Raises Refused where it does not grow on the way."""
    walk: VoiceWalk = getattr(by_ear, wall)
    changed = replace(walk, **{stage: metres})
    known = [
        (title, value)
        for title, value in (
            (tr("the lift ends"), changed.lift_ends),
            (tr("it becomes just a voice"), changed.begins),
            (tr("it changes again"), changed.ends),
        )
        if value is not None
    ]
    for (first, near), (second, far) in pairwise(known):
        if far <= near:
            raise Refused(
                tr(
                    "Walking away, {first} before {second}: {far:.0f} cm is not beyond "
                    "{near:.0f} cm. Walk it once more.",
                    first=first,
                    second=second,
                    far=100 * far,
                    near=100 * near,
                )
            )
    if wall == "behind":
        return replace(by_ear, behind=changed)
    return replace(by_ear, beside=changed)


def zone_of(by_ear: ByEar) -> CalmZone | None:
    """The rectangle that both walks cross in; None until both are walked."""
    behind, beside = by_ear.behind, by_ear.beside
    if behind.begins is None or behind.ends is None:
        return None
    if beside.begins is None or beside.ends is None:
        return None
    return CalmZone(behind.begins, behind.ends, beside.begins, beside.ends)


def width_words(near: float, far: float) -> str:
    """What the width of a zone says of the room."""
    width = far - near
    usual = USUAL_WIDTH_METRES
    if width > GOOD_ROOM_METRES:
        return tr("{width:.0f} cm wide: a good room, few have more than 45 cm", width=100 * width)
    if width > usual[1] + 0.005:
        return tr("{width:.0f} cm wide: wider than most", width=100 * width)
    if width >= usual[0]:
        return tr("{width:.0f} cm wide, as is usual", width=100 * width)
    return tr(
        "only {width:.0f} cm wide: steps of a centimetre matter here. Walk "
        "it once more, slowly; if it stays so narrow, try the other wall",
        width=100 * width,
    )


def lift_words(metres: float) -> str:
    """What the end of the lift says; empty where it is as usual."""
    low, high = USUAL_LIFT_METRES
    if low - 0.03 <= metres <= high + 0.05:
        return ""
    way = "sooner" if metres < low else "later"
    return tr(
        "The lift usually ends {low:.0f} to {high:.0f} cm out; here {way}.",
        low=100 * low,
        high=100 * high,
        way=way,
    )


@dataclass(frozen=True)
class ZoneOnPlan:
    """The zone of either side on the plan, and where to begin, metres."""

    left: tuple[float, float, float, float]
    """x, y, width, depth."""
    right: tuple[float, float, float, float]
    start: tuple[tuple[float, float], tuple[float, float]]
    """Left and right."""
    step: float
    xs: tuple[float, ...]
    """Lines of the left one's grid; the right one mirrors them."""
    ys: tuple[float, ...]


def on_plan(room: Room, zone: CalmZone, step: float) -> ZoneOnPlan:
    """The crossing rectangle, gridded in steps, for a left and a right cabinet alike."""
    frame = room.frame
    width, depth = zone.side_far - zone.side_near, zone.front_far - zone.front_near
    y = frame.front + zone.front_near
    left = (frame.left + zone.side_near, y, width, depth)
    right = (frame.right - zone.side_far, y, width, depth)
    start_y = y + FORWARD * depth
    middle = zone.side_near + width / 2
    return ZoneOnPlan(
        left,
        right,
        ((frame.left + middle, start_y), (frame.right - middle, start_y)),
        step,
        tuple(float(v) for v in np.arange(left[0], left[0] + width + 1e-9, step)),
        tuple(float(v) for v in np.arange(y, y + depth + 1e-9, step)),
    )


_VOICE_HZ = (220.0, 420.0)
"""Where walls change a voice most at these distances: an assumption of the simulated listener."""
_HEARD_DB = 0.35
_LIFT_DB = 0.6


def power_near_wall_db(metres: np.ndarray, hertz: np.ndarray, speed: float) -> np.ndarray:
    """Sound power of a small source so far from one hard wall, against none: 10 log(1 + sin x / x)
    with x = 2 k d (Waterhouse 1955), (distances, frequencies).
    """
    x = 4 * np.pi * np.asarray(hertz)[None, :] / speed * np.asarray(metres)[:, None]
    return np.asarray(10 * np.log10(1 + np.sinc(x / np.pi)))


def answer_of_studio(room: Room) -> VoiceWalk:
    """What the simulated listener would mark, walking away from a hard wall: the lift ends where a
    voice's power has fallen back to a fraction of a decibel, and it becomes just a voice where its
    power, low in between, comes back to within a third of a decibel. One wall alone changes nothing
    further out: the zone is taken to be as wide as is usual.
    """
    at = np.arange(0.05, 1.6, 0.005)
    hertz = np.geomspace(*_VOICE_HZ, 40)
    power = 10 ** (power_near_wall_db(at, hertz, room.speed_of_sound) / 10)
    level = 10 * np.log10(power.mean(axis=1))
    lift = int(np.argmax(level < _LIFT_DB))
    low = lift + int(np.argmin(level[lift:]))
    begins = low + int(np.argmax(np.abs(level[low:]) <= _HEARD_DB))
    last = at[begins] + USUAL_WIDTH_METRES[1]
    return VoiceWalk(*(round(float(v), 3) for v in (at[lift], at[begins], last)))
