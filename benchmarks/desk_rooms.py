"""What placing by the forecast loses in hidden rooms with cabinets and a desk, and how far off
a fit is where nobody measured.

Run from the repository: `.venv/bin/python benchmarks/desk_rooms.py [--rooms 3] [--triangles 60]
[--step 0.05]`; a room takes some minutes. Each is a box that a survey has nearly right, with two
cabinets of 22 x 30 x 38 cm and a desk of 1.5 x 0.75 m before the listener. Truth is the wave
equation on cubes with the cabinets as bodies, their drivers in their faces and the desk
(`studio.voxels`): of the rules that can be met, of triangles drawn from a grid, and of what the
searches propose. Regret is J of the first proposal less the least J of all of these. `as before`:
the same program with its sources on the faces and no desk in its forecasts.
"""

import argparse
from dataclasses import dataclass, field, replace

import numpy as np
from accuracy import EAR, candidates
from lived_rooms import figure_db
from simple import misplaced, with_error

from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.room import SURFACE_NAMES, Room, Surface
from jolly_parlor.acoustics.sources import high_pass
from jolly_parlor.fitting.evidence import FIT_HZ, Evidence, smoothed_level
from jolly_parlor.fitting.fit import Fit, fit_room
from jolly_parlor.fitting.posterior import placing_of
from jolly_parlor.fitting.predicting import Predictor
from jolly_parlor.placement.arrangement import Arrangement, desk_before
from jolly_parlor.placement.gear import Desk, Gear, Seat
from jolly_parlor.placement.loudspeakers import Loudspeaker, Model
from jolly_parlor.placement.search.search import search
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.setup import Setup
from jolly_parlor.placement.standing import fit_problems
from jolly_parlor.project.blank import blank_document
from jolly_parlor.project.staging import stage_of
from jolly_parlor.signals.response import Response
from jolly_parlor.studio.hidden_room import heard_among
from jolly_parlor.studio.voxels import VoxelRoom

HZ = np.geomspace(20.0, 330.0, 360)
SECONDS, CORNER_HZ = 0.9, 45.0
BOTH_SIDES = ("left", "right")
WISHES = Wishes(facing="front")


def gear_at_desk() -> Gear:
    """Two-ways and a desk."""
    model = Model("pair", "m", 0.22, 0.30, 0.38, CORNER_HZ, 24, 0.24)
    both = tuple(Loudspeaker(side, side, "pair") for side in BOTH_SIDES)
    return Gear((model,), both, (Seat("seat", EAR),), Desk(1.5, 0.75, 0.72))


def as_before(gear: Gear) -> Gear:
    """What the program knew of it: points on the faces, no desk."""
    models = tuple(replace(model, acoustic_centre_ahead=0.0) for model in gear.models)
    return replace(gear, models=models, desk=None)


class Truth:
    """A room on cubes that fit it, with what stands in it."""

    def __init__(self, rng: np.random.Generator) -> None:
        cell = 0.1
        size = cell * np.round(rng.uniform([3.4, 4.6, 2.4], [4.6, 6.2, 2.8]) / cell)
        alphas = {name: float(rng.uniform(0.06, 0.35)) for name in SURFACE_NAMES}
        self.gear = gear_at_desk()
        self.room = _lined(size, alphas)
        off = {name: min(a * float(rng.lognormal(0.0, 0.4)), 0.9) for name, a in alphas.items()}
        self.survey = _lined(size + rng.uniform(-0.015, 0.015, 3), off)
        self.solver = VoxelRoom(self.room, cell, SECONDS)
        self.low_end = high_pass(HZ, CORNER_HZ * 1.03, 4)
        self._rng = rng

    def heard(self, a: Arrangement, exact: bool = False) -> dict[str, np.ndarray]:
        """Pressure at the ear of each side; exact: all stands where it is said to."""
        document = replace(blank_document(), room=self.survey, gear=self.gear, arrangements=(a,))
        stage = stage_of(document, a, "seat")
        put = (lambda p: p) if exact else (lambda p: misplaced(p, self._rng))
        stands = [s.moved(put(s.place)) for s in stage.sources.values()]
        rows = heard_among(self.solver, put(stage.microphone), stands, stage.plates, HZ)
        return dict(zip(stage.sources, rows * self.low_end, strict=True))

    def judged(self, a: Arrangement) -> float:
        """J at the ear, dB."""
        heard = self.heard(a, exact=True)
        return figure_db(heard["left"], heard["right"], CORNER_HZ, HZ)


def _lined(size: np.ndarray, alphas: dict[str, float]) -> Room:
    surfaces = {name: Surface("own", (a,) * 7) for name, a in alphas.items()}
    return box_room("random", *map(float, size), surfaces)


@dataclass
class Lost:
    """Of all rooms, by who placed."""

    regrets: dict[str, list[float]] = field(default_factory=dict)
    left: list[float] = field(default_factory=list)
    """What each take is off after the fit, dB."""
    elsewhere: list[np.ndarray] = field(default_factory=list)
    """Errors where nobody measured, to 200 Hz."""

    def add(self, who: str, regret: float) -> None:
        self.regrets.setdefault(who, []).append(regret)


def with_desk(a: Arrangement, room: Room, gear: Gear) -> Arrangement:
    """The desk before the listener, as a search puts it."""
    assert gear.desk is not None
    return replace(a, desk=desk_before(a.seats["seat"], gear.desk, room.frame.front))


def one_room(seed: int, triangles: int, step: float, told: Lost) -> None:
    """Survey, propose, measure, fit, propose again; judged by the truth."""
    rng = np.random.default_rng([seed, 30])
    truth = Truth(rng)
    survey, gear = truth.survey, truth.gear
    every, rules = candidates(survey, gear)
    every = [with_desk(a, survey, gear) for a in every]
    every = [a for a in every if not fit_problems(Setup(survey, gear, a))]
    ruled = [with_desk(a, survey, gear) for a in rules.values()]
    drawn = [every[int(i)] for i in rng.permutation(len(every))[:triangles]]
    first = {"surveyed": search(survey, gear, None, WISHES, step).proposals[0].arrangement}
    before = as_before(gear)
    found = search(survey, before, None, WISHES, step).proposals[0].arrangement
    first["surveyed, as before"] = with_desk(found, survey, gear)
    for number, pairs in (("four takes", 2), ("six takes", 3)):
        takes = takes_of(truth, ruled[:pairs], gear, rng)
        fit = fit_room(survey, gear, takes)
        found = search(fit.room, gear, None, WISHES, step).proposals[0].arrangement
        first[f"fitted to {number}"] = found
        if pairs == 2:
            told.left += [take.after_db for take in fit.takes]
            told.elsewhere.append(unmeasured(truth, fit, drawn[:8]))
    takes = takes_of(truth, ruled[:3], before, rng)
    fit = fit_room(survey, before, takes)
    found = search(fit.room, before, None, WISHES, step).proposals[0].arrangement
    first["fitted to six takes, as before"] = with_desk(found, survey, gear)
    scores = {who: truth.judged(a) for who, a in first.items()}
    others = [truth.judged(a) for a in (*ruled, *drawn)]
    best = min(*scores.values(), *others)
    for who, score in scores.items():
        told.add(who, score - best)
        print(f"  room {seed}: {who} {score:.2f} dB, loses {score - best:.2f}", flush=True)
    told.add("the best rule", min(others[: len(ruled)]) - best)
    told.add("a triangle at random", float(np.median(others)) - best)


def takes_of(
    truth: Truth, chosen: list[Arrangement], gear: Gear, rng: np.random.Generator
) -> list[Evidence]:
    """Left and right of each, as somebody measures them."""
    found = []
    for a in chosen:
        for side, pressure in truth.heard(a).items():
            level = smoothed_level(with_error(HZ, pressure, rng))
            placing = placing_of(Setup(truth.survey, gear, a), "seat", (side,))
            found.append(Evidence(f"{side} {a.name}", placing, level, True))
    return found


def unmeasured(truth: Truth, fit: Fit, held: list[Arrangement]) -> np.ndarray:
    """Errors of the left monitor's level at triangles nobody measured, to 200 Hz."""
    errors = []
    low, high = 0.8 * CORNER_HZ, 200.0
    for a in held:
        heard = Response.from_pressure(HZ, truth.heard(a, exact=True)["left"])
        level = smoothed_level(heard)
        take = Evidence(
            "", placing_of(Setup(truth.survey, truth.gear, a), "seat", ("left",)), level
        )
        gap = (Predictor(fit.room, truth.gear, []).levels([take], np.zeros(0))[0] - level)[
            (low <= FIT_HZ) & (high >= FIT_HZ)
        ]
        errors.append(np.abs(gap - np.median(gap)))
    return np.concatenate(errors)


def main() -> None:
    """Print it."""
    words = argparse.ArgumentParser(description=__doc__)
    words.add_argument("--rooms", type=int, default=3)
    words.add_argument("--triangles", type=int, default=60)
    words.add_argument("--step", type=float, default=0.05)
    words.add_argument("--seed", type=int, default=1)
    asked = words.parse_args()
    told = Lost()
    for seed in range(asked.seed, asked.seed + asked.rooms):
        one_room(seed, asked.triangles, asked.step, told)
    for who, lost in told.regrets.items():
        print(f"{who:>34}: loses {np.median(lost):.2f} dB (median), {max(lost):.2f} (worst)")
    off = np.concatenate(told.elsewhere)
    print(
        f"four takes leave {np.median(told.left):.2f} dB (median), {max(told.left):.2f} (worst); "
        f"where nobody measured, to 200 Hz: {np.median(off):.2f} dB (median), "
        f"{np.percentile(off, 90):.2f} (nine in ten)"
    )


if __name__ == "__main__":
    main()
