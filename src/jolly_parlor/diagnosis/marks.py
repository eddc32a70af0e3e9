"""Where each cause acts along the frequency axis: the marks of the cause lanes.

A hollow mark: a boundary cancels there, or a mode the seat or the monitors cannot use. A hill
mark: a mode that both meet. Marks come from first-order images and rigid-wall modes; they
explain what the field model predicts.
"""

from collections.abc import Iterable, Mapping
from dataclasses import dataclass, field
from typing import Literal

import numpy as np

from jolly_parlor.acoustics.fields.rigid_modes import Mode
from jolly_parlor.acoustics.fields.standing_waves import room_modes
from jolly_parlor.acoustics.geometry.image_sources import (
    Reflection,
    board_reflection,
    first_reflections,
)
from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.acoustics.geometry.room_admittance import schroeder_hz
from jolly_parlor.diagnosis.features import FeatureKind
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.evenness import HIGHEST_HZ, LOWEST_HZ
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.placement.radiating import all_heard_from
from jolly_parlor.words import tr

Lane = Literal[
    "front wall",
    "side walls",
    "back wall",
    "floor",
    "ceiling",
    "desk",
    "length modes",
    "width modes",
    "height modes",
    "mixed modes",
    "crossover",
]
LANES: tuple[Lane, ...] = (
    "front wall",
    "side walls",
    "back wall",
    "floor",
    "ceiling",
    "desk",
    "length modes",
    "width modes",
    "height modes",
    "mixed modes",
    "crossover",
)
Zone = Literal["", "ear", "sources", "both", "opposed", "against"]
_BOUNDARY_LANES: dict[str, Lane] = {
    "front": "front wall",
    "back": "back wall",
    "left": "side walls",
    "right": "side walls",
    "floor": "floor",
    "ceiling": "ceiling",
    "desk": "desk",
}
_MODE_LANES: dict[str, Lane] = {
    "length": "length modes",
    "width": "width modes",
    "height": "height modes",
    "mixed": "mixed modes",
}
_MET = 0.35  # the seat and a source meet a mode when its shape exceeds this at both
_NULL = 0.25  # a place is in a mode's null below this
_ZONE_STRENGTH: dict[Zone, float] = {"sources": 0.5, "both": 0.8, "opposed": 0.6}
ZONE_WHY: dict[Zone, str] = {
    "ear": tr("The seat is in the quiet zone of this standing wave."),
    "sources": tr("The sources stand in the quiet zone of this standing wave and cannot drive it."),
    "both": tr("The seat and the sources are both in the quiet zone of this standing wave."),
    "opposed": tr("Left and right drive this standing wave in opposition, so it stays silent."),
    "against": tr("Where the seat is, this standing wave works against the rest of the sound."),
}


DESK_WHY = tr("The desk top between loudspeakers and ear throws sound about.")


@dataclass(frozen=True)
class Mark:
    """One place on the frequency axis where one cause acts."""

    lane: Lane
    kind: FeatureKind
    frequency_hz: float
    strength: float
    """0 to 1: how much of it there is, by level of the reflection or coupling of the mode."""
    why: str
    source: str = ""
    """The id of a loudspeaker; empty where it is no single one's."""
    reflection: Reflection | None = field(default=None, compare=False)
    mode: Mode | None = None
    cancels: bool = True
    """False where a boundary takes part without its own path cancelling at this frequency."""
    zone: Zone = ""
    """Who is in the quiet zone of the mode; `opposed`: left and right drive it against each other;
    `against`: at the seat it works against the rest of the sound.
    """
    face_metres: float | None = None
    """From the boundary to the face of the cabinet, as a tape has it."""


Paths = dict[str, list[Reflection]]
"""The single reflections of each source."""


def marks(
    case: Case,
    top_hz: float = HIGHEST_HZ,
    faces: Paths | None = None,
) -> list[Mark]:
    """All marks from 20 Hz up, ascending. Modes up to the Schroeder frequency only: above it they
    overlap and none rules alone. Paths start where a cabinet is heard from, above 300 Hz at its
    face; takes these where the caller has them.
    """
    if faces is None:
        faces = face_paths_of(case)
    heard = all_heard_from(case.setup, case.playing)
    paths = _paths_from(heard, case)
    found = _boundary_marks(case, paths, faces, (LOWEST_HZ, min(top_hz, HIGHEST_HZ)))
    if top_hz > HIGHEST_HZ:
        found += _boundary_marks(case, faces, faces, (HIGHEST_HZ, top_hz))
    found += _mode_marks(case.room, heard, case.ear)
    for crossover in handovers_hz(case):
        why = tr(
            "Monitors and subwoofer share the range around {crossover:.0f} Hz.", crossover=crossover
        )
        found.append(Mark("crossover", "hollow", crossover, 0.5, why))
    return sorted(found, key=lambda mark: mark.frequency_hz)


def handovers_hz(case: Case) -> list[float]:
    """Where those that hand over their low end do so, each frequency once."""
    mix, chains = case.mix, case.arrangement.chains
    if not mix.handed_over:
        return []
    highs = (chains[name].high_pass for name in mix.loudspeakers if name in chains)
    return sorted({side.frequency_hz for side in highs if side is not None})


def first_beyond(
    case: Case,
    top_hz: float = HIGHEST_HZ,
    faces: Paths | None = None,
) -> dict[Lane, float]:
    """Boundary lanes that first cancel above a frequency, and where; up to 2 kHz."""
    firsts: dict[Lane, float] = {}
    if faces is None:
        faces = face_paths_of(case)
    for name, path in faces.items():
        if name not in PAIR:
            continue
        for reflection in path:
            lane = _BOUNDARY_LANES[reflection.side]
            all_of_them = reflection.cancellations_hz(LOWEST_HZ, 2000.0)
            if all_of_them:
                firsts[lane] = min(firsts.get(lane, 2000.0), all_of_them[0])
    return {lane: f for lane, f in firsts.items() if f > top_hz}


def paths_of(case: Case) -> Paths:
    """The single reflections of each source that plays to the seat, the desk's included, from
    where it is heard from at low frequencies.
    """
    heard = all_heard_from(case.setup, case.playing)
    return _paths_from(heard, case)


def face_paths_of(case: Case) -> Paths:
    """The same from the faces, where the treble starts."""
    return _paths_from(case.playing, case)


def _paths_from(places: Mapping[str, Point], case: Case) -> Paths:
    room, ear = case.room, case.ear
    board = case.arrangement.board(case.gear.desk)
    found = {}
    for name, place in places.items():
        desk = board_reflection(board, place, ear, room.speed_of_sound) if board else None
        found[name] = [*first_reflections(room, place, ear), *([desk] if desk else [])]
    return found


def _boundary_marks(
    case: Case, paths: Paths, faces: Paths, band_hz: tuple[float, float]
) -> list[Mark]:
    found = []
    for name, path in paths.items():
        taped = taped_metres(faces[name])
        # A subwoofer's own range ends above its crossover; marks beyond it would mislead.
        low, top = band_hz
        low_pass = case.arrangement.chain(name).low_pass
        if case.gear.loudspeaker(name).is_subwoofer and low_pass is not None:
            top = 1.5 * low_pass.frequency_hz
        for reflection in path:
            words = _reflection_words(reflection, name)
            # Reinforcements are left out: peaks in a small room are the modes' doing.
            for f in reflection.cancellations_hz(low, top):
                order = round(f * reflection.excess_metres / reflection.speed_of_sound - 0.5)
                strength = min(abs(reflection.relative_pressure), 1.0) / (1 + 0.5 * order)
                lane = _BOUNDARY_LANES[reflection.side]
                face = taped.get(reflection.boundary, reflection.wall_metres)
                mark = Mark(lane, "hollow", f, strength, words, name, reflection, face_metres=face)
                found.append(mark)
    return found


def taped_metres(reflections_: Iterable[Reflection]) -> dict[str, float]:
    """From each boundary to where its paths start, by its name: of paths from a face, as a tape
    has it.
    """
    return {reflection.boundary: reflection.wall_metres for reflection in reflections_}


def taking_part(
    reflection: Reflection, source: str, kind: FeatureKind, frequency_hz: float, face_metres: float
) -> Mark:
    """The mark of a boundary that may take part in a feature without its own path cancelling or a
    mode of its peaking just there.
    """
    why = tr("No single path cancels just here, but this surface is what the hollow depends on.")
    if kind == "hill":
        why = tr("No single standing wave peaks just here, but this surface is what it depends on.")
    strength = min(abs(reflection.relative_pressure), 1.0)
    lane = _BOUNDARY_LANES[reflection.side]
    own = lane, kind, frequency_hz, strength, why, source, reflection
    return Mark(*own, cancels=False, face_metres=face_metres)


def _reflection_words(reflection: Reflection, source: str) -> str:
    who = {"left": tr("The left monitor"), "right": tr("The right monitor")}.get(
        source, tr("The {source}", source=source)
    )
    return tr(
        "{who} off the {words}: {excess_metres:.2f} m longer than the "
        "direct path, {level_db:.0f} dB against it.",
        who=who,
        words=reflection.words,
        excess_metres=reflection.excess_metres,
        level_db=reflection.level_db,
    )


def _mode_marks(room: Room, sources: dict[str, Point], ear: Point) -> list[Mark]:
    found = []
    top = min(HIGHEST_HZ, max(schroeder_hz(room), 100.0))
    every = room_modes(room, top)
    at_ear, *at_sources = every.at([ear, *sources.values()])
    drives, most = np.mean(at_sources, axis=0), np.max(np.abs(at_sources), axis=0)
    numbers = (row.tolist() for row in (at_ear, drives, most))
    for mode, heard, driven, loudest in zip(every, *numbers, strict=True):
        if mode.frequency_hz < LOWEST_HZ:
            continue
        lane = _MODE_LANES[mode.kind]
        f = mode.frequency_hz
        if abs(heard) > _MET and abs(driven) > _MET:
            why = tr("The seat and the sources both meet this standing wave.")
            found.append(Mark(lane, "hill", f, abs(heard * driven), why, mode=mode))
            continue
        zone = _zone(abs(heard), abs(driven), loudest) if mode.kind != "mixed" else ""
        if zone:
            strength = 1 - abs(heard) / _NULL / 2 if zone == "ear" else _ZONE_STRENGTH[zone]
            found.append(Mark(lane, "hollow", f, strength, ZONE_WHY[zone], mode=mode, zone=zone))
    return found


def _zone(heard: float, driven: float, loudest: float) -> Zone:
    """Who keeps a mode from being heard, by its size at the seat, over the sources and at the
    source that meets it best.
    """
    if heard < _NULL:
        return "both" if loudest < _NULL else "ear" if driven > _MET else ""
    if heard > _MET and loudest < _NULL:
        return "sources"
    return "opposed" if heard > _MET and driven < _NULL and loudest > _MET else ""
