"""How far fit, forecast and recommendation can be trusted, in rooms the code was not tuned to.

Run from the repository: `.venv/bin/python benchmarks/accuracy.py [--rooms 10] [--write]`. Each room
is random in size, absorption and gear, its sound worked out by finite volumes in the time domain
(`finite_differences.py`), surveyed with errors, and measured with a centimetre of misplacing and
half a decibel of measuring error. `--write` puts the table into docs/accuracy.md. Asserts nothing.
"""

import argparse
import sys
import time
from dataclasses import dataclass, field

import lived_table
import numpy as np
from causes_known import share_named
from finite_differences import GridRoom
from simple import misplaced, pair, put_into_page, triangle, with_error, within

from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.room import SURFACE_NAMES, Point, Room, Surface
from jolly_parlor.acoustics.geometry.room_admittance import surface_admittance
from jolly_parlor.acoustics.sources import high_pass
from jolly_parlor.analysis.room_fit import with_doubt
from jolly_parlor.fitting.evidence import FIT_HZ, Evidence, Placing, smoothed_level
from jolly_parlor.fitting.fit import Fit, fit_room
from jolly_parlor.fitting.posterior import believe, placing_of
from jolly_parlor.fitting.predicting import Predictor
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.evenness import GRID_HZ, deviation, evenness
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.mixes import BOTH
from jolly_parlor.placement.schools import SchoolCannotBeMet, school
from jolly_parlor.placement.search.search import search
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.setup import Setup
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.studio.device import Stage, StagedSource
from jolly_parlor.studio.one_take import Settings, measure
from jolly_parlor.studio.simulated import SimulatedStudio

RULES = ("third", "thirty_eight", "tight")
EAR = 1.2
SECONDS = 1.2
HZ = np.geomspace(18.0, 320.0, 200)
MARK = "<!-- figures -->"


@dataclass
class Found:
    """Figures of all rooms."""

    before: list[float] = field(default_factory=list)
    after: list[float] = field(default_factory=list)
    inside: list[bool] = field(default_factory=list)
    regret: dict[str, list[float]] = field(default_factory=dict)
    seconds: list[float] = field(default_factory=list)

    def lost(self, what: str, db: float) -> None:
        """Note a regret."""
        self.regret.setdefault(what, []).append(db)


def surveyed_room(rng: np.random.Generator) -> tuple[Room, Room, Gear]:
    """The true room, the room as surveyed, and gear."""
    size = rng.uniform([3.2, 4.2, 2.3], [5.2, 7.0, 3.0])
    true = {name: float(rng.uniform(0.04, 0.45)) for name in SURFACE_NAMES}
    wrong = {name: min(a * float(rng.lognormal(0.0, 0.5)), 0.9) for name, a in true.items()}
    rooms = []
    for sizes, alphas in ((size, true), (size + rng.uniform(-0.015, 0.015, 3), wrong)):
        surfaces = {name: Surface("own", (a,) * 7) for name, a in alphas.items()}
        rooms.append(box_room("random", *map(float, sizes), surfaces))
    corner = float(rng.uniform(38, 55))
    return rooms[0], rooms[1], pair(corner, 24 if rng.random() < 0.5 else 12, EAR)


def candidates(room: Room, gear: Gear) -> tuple[list[Arrangement], dict[str, Arrangement]]:
    """The rules that can be met, and a grid of triangles at their seats and at three others."""
    rules = {}
    for name in RULES:
        try:
            rules[name] = school(name).propose(room, gear)
        except SchoolCannotBeMet:
            continue
    seats = [a.seats["seat"].y for a in rules.values()]
    seats += [share * room.length for share in (0.28, 0.45, 0.62)]
    found = list(rules.values())
    middle = room.width / 2
    for y in seats:
        for depth in np.arange(0.35, y - 0.8, 0.16):
            for half in np.arange(0.45, middle - 0.3, 0.16):
                if not 0.8 < np.hypot(half, y - depth) < 3.2:
                    continue
                left, right = (Point(middle + s * half, depth, EAR) for s in (-1, 1))
                seat = Point(middle, y, EAR)
                found.append(triangle(left, right, seat))
    return found, rules


class Truth:
    """What is truly heard."""

    def __init__(self, room: Room, gear: Gear) -> None:
        beta = np.array([surface_admittance(room, n, np.array([100.0]))[0] for n in SURFACE_NAMES])
        self.grid = GridRoom(np.array(room.dimensions), beta, room.speed_of_sound, SECONDS)
        slope = gear.monitor.low_slope_db_per_octave // 6
        self.box = high_pass(HZ, gear.monitor.low_corner_hz * 1.03, slope)

    def heard(self, ear: np.ndarray, places: list[Point]) -> dict[Point, np.ndarray]:
        """Pressure at an ear from each place."""
        found = self.grid.transfers(ear, np.array([p.array() for p in places]), HZ) * self.box
        return dict(zip(places, found, strict=True))


def one_room(rng: np.random.Generator, told: Found, searching: bool) -> None:
    """Survey, measure, fit, predict, recommend."""
    true, survey, gear = surveyed_room(rng)
    truth = Truth(true, gear)
    every, rules = candidates(survey, gear)
    ears = list(dict.fromkeys(a.seats["seat"] for a in every))
    takes = []
    for name in list(rules)[: int(rng.integers(2, 4))]:
        a = rules[name]
        stands = {side: misplaced(a.places[side], rng) for side in ("left", "right")}
        heard = truth.heard(misplaced(a.seats["seat"], rng).array(), list(stands.values()))
        for side, at in stands.items():
            level = smoothed_level(with_error(HZ, heard[at], rng))
            takes.append(
                Evidence(
                    f"{side} {name}",
                    placing_of(Setup(survey, gear, a), "seat", (side,)),
                    level,
                    True,
                )
            )
    begun = time.perf_counter()
    fit = fit_room(survey, gear, takes)
    told.seconds.append(time.perf_counter() - begun)
    scores = {}
    for ear in ears:
        here = [a for a in every if a.seats["seat"] == ear]
        at = misplaced(ear, rng)
        places = list(dict.fromkeys(p for a in here for p in (a.left, a.right)))
        chosen = [places[int(i)] for i in rng.choice(len(places), min(5, len(places)), False)]
        stands = {said: misplaced(said, rng) for said in chosen}
        heard = truth.heard(at.array(), [*places, *stands.values()])
        _unmeasured(fit, survey, gear, (ear, at), stands, heard, rng, told)
        for a in here:
            response = Response.from_pressure(HZ, heard[a.left] + heard[a.right])
            judged = deviation(response, max(gear.monitor.low_corner_hz, GRID_HZ[0]))
            scores[id(a)] = evenness(judged).value_db
    _regrets(fit, survey, gear, every, rules, scores, told)
    if searching:
        _search_regret(fit, truth, gear, rng, min(scores.values()), told)


def _search_regret(
    fit: Fit, truth: Truth, gear: Gear, rng: np.random.Generator, best: float, told: Found
) -> None:
    """What the program's own search loses, by the same figure; it weighs the head volume and left
    and right as well, so it may lose to a grid that is chosen by this figure alone, or beat it.
    """
    found = search(fit.room, gear, None, Wishes(), step=0.05)
    a = with_doubt(fit, found, gear).proposals[0].arrangement
    ear = misplaced(a.seats["seat"], rng).array()
    heard = truth.heard(ear, [a.left, a.right])
    response = Response.from_pressure(HZ, heard[a.left] + heard[a.right])
    judged = deviation(response, max(gear.monitor.low_corner_hz, GRID_HZ[0]))
    told.lost("first proposal of the search, fitted", evenness(judged).value_db - best)


def _unmeasured(
    fit: Fit,
    survey: Room,
    gear: Gear,
    ears: tuple[Point, Point],
    stands: dict[Point, Point],
    heard: dict[Point, np.ndarray],
    rng: np.random.Generator,
    told: Found,
) -> None:
    """Errors at places nobody measured, and whether the band holds what would be measured there.

    ears: where the ear is said to be, and where it is; stands: likewise for a monitor.
    """
    said, at = ears
    true = list(stands.values())
    level = np.array([smoothed_level(Response.from_pressure(HZ, heard[p])) for p in true])
    exact = [
        Evidence("", Placing({"left": p}, at), row) for p, row in zip(true, level, strict=True)
    ]
    for room, errors in ((survey, told.before), (fit.room, told.after)):
        found = Predictor(room, gear, []).levels(exact, np.zeros(0))
        gap = found - level
        errors.extend(np.abs(gap - np.median(gap, axis=1, keepdims=True)).ravel())
    low, high = believe(fit, [Placing({"left": p}, said) for p in stands]).band_db()
    again = np.array([smoothed_level(with_error(HZ, heard[p], rng)) for p in true])
    told.inside.extend(within(again, low, high).ravel())


def _regrets(
    fit: Fit,
    survey: Room,
    gear: Gear,
    every: list[Arrangement],
    rules: dict[str, Arrangement],
    scores: dict[int, float],
    told: Found,
) -> None:
    """How much evenness each way of choosing loses to the best of all candidates."""
    best = min(scores.values())
    for name, room in (("recommended, fitted", fit.room), ("recommended, as surveyed", survey)):
        forecaster = Forecaster(room, gear)
        figures = [evenness(forecaster.at_seat(a, "seat").deviation(BOTH)).value_db for a in every]
        told.lost(name, scores[id(every[int(np.argmin(figures))])] - best)
    for name, a in rules.items():
        told.lost(school(name).name, scores[id(a)] - best)
    told.lost("luckiest of the three rules", min(scores[id(a)] for a in rules.values()) - best)


def studio_errors(seed: int, told: Found) -> None:
    """The same prediction error in the simulated studio, with its clutter and uneven walls."""
    rng = np.random.default_rng([seed, 5])
    _, survey, gear = surveyed_room(rng)
    studio = SimulatedStudio(survey, seed + 100)
    every, rules = candidates(survey, gear)
    settings = Settings(Sweep(seconds=1.0), 1)

    def taken(a: Arrangement, side: str) -> np.ndarray:
        slope = gear.monitor.low_slope_db_per_octave
        sources = {
            s: StagedSource(a.places[s], gear.monitor.low_corner_hz, slope)
            for s in ("left", "right")
        }
        stage = Stage(survey, sources, a.seats["seat"])
        return smoothed_level(measure(studio, settings, side, stage, studio.calibration()).response)

    takes = [
        Evidence(
            f"{side} {name}",
            placing_of(Setup(survey, gear, a), "seat", (side,)),
            taken(a, side),
            True,
        )
        for name, a in list(rules.items())[:2]
        for side in ("left", "right")
    ]
    fit = fit_room(survey, gear, takes)
    held = [every[int(i)] for i in rng.choice(len(every), 4, False)]
    level = np.array([taken(a, "left") for a in held])
    exact = [
        Evidence("", placing_of(Setup(survey, gear, a), "seat", ("left",)), row)
        for a, row in zip(held, level, strict=True)
    ]
    for room, errors in ((survey, told.before), (fit.room, told.after)):
        gap = Predictor(room, gear, []).levels(exact, np.zeros(0)) - level
        gap = gap[:, 0.8 * gear.monitor.low_corner_hz <= FIT_HZ]
        errors.extend(np.abs(gap - np.median(gap, axis=1, keepdims=True)).ravel())
    low, high = believe(fit, [e.placing for e in exact]).band_db()
    told.inside.extend(within(level, low, high).ravel())


def table(boxes: Found, studios: Found, rooms: int, studio_rooms: int, named: list[str]) -> str:
    """The figures as Markdown."""

    def middle(values: list[float]) -> str:
        return f"{np.median(values):.2f}"

    def late(values: list[float]) -> str:
        return f"{np.percentile(values, 90):.2f}"

    rows = [
        "| Figure | Aim | Found |",
        "|---|---|---|",
        f"| Prediction error where nobody measured, 20-200 Hz, before the fit, dB: median, 90th "
        f"percentile | | {middle(boxes.before)}, {late(boxes.before)} |",
        f"| The same after the fit to 4 to 6 takes | 0.25, 1.0 | {middle(boxes.after)}, "
        f"{late(boxes.after)} |",
        f"| Time of a fit, seconds: median, longest | 10 | {middle(boxes.seconds)}, "
        f"{max(boxes.seconds):.1f} |",
        f"| Held-out points within the 80 % band | 80 % | {100 * np.mean(boxes.inside):.0f} % |",
        f"| Simulated studio, before the fit, dB: median, 90th percentile | | "
        f"{middle(studios.before)}, {late(studios.before)} |",
        f"| Simulated studio, after the fit to 4 takes | 1.0 | {middle(studios.after)}, "
        f"{late(studios.after)} |",
        f"| Simulated studio, held-out points within the 80 % band | 80 % | "
        f"{100 * np.mean(studios.inside):.0f} % |",
        *named,
    ]
    for name, values in boxes.regret.items():
        aim = "0.3" if name == "recommended, fitted" else ""
        rows.append(
            f"| Evenness lost to the best of all candidates, dB, {name}: median, worst | {aim} | "
            f"{middle(values)}, {max(values):.2f} |"
        )
    searched = len(boxes.regret.get("first proposal of the search, fitted", ()))
    counts = f"{rooms} random boxes, {searched} of them searched, {studio_rooms} simulated studios."
    return "\n".join([counts, "", *rows, ""])


def main() -> int:
    """Run and print."""
    parser = argparse.ArgumentParser(description=__doc__)
    parser.add_argument("--rooms", type=int, default=10)
    parser.add_argument("--studios", type=int, default=6)
    parser.add_argument("--searches", type=int, default=6, help="rooms that are searched too")
    parser.add_argument("--seed", type=int, default=2026)
    parser.add_argument("--lived", type=int, default=12, help="furnished rooms (lived_table.py)")
    parser.add_argument("--write", action="store_true")
    asked = parser.parse_args()
    boxes, studios = Found(), Found()
    for number in range(asked.rooms):
        rng = np.random.default_rng([asked.seed, number])
        one_room(rng, boxes, number < asked.searches)
        print(f"room {number}: regret {boxes.regret['recommended, fitted'][-1]:.2f} dB", flush=True)
    for number in range(asked.studios):
        studio_errors(number, studios)
        print(f"studio {number}: median {np.median(studios.after):.2f} dB so far", flush=True)
    text = table(boxes, studios, asked.rooms, asked.studios, share_named(asked.seed))
    print(text)
    if asked.write:
        put_into_page(MARK, text)
    if asked.lived:
        lived = lived_table.table(lived_table.measured(asked.lived, asked.seed))
        print(lived)
        if asked.write:
            put_into_page(lived_table.MARK, lived)
    return 0


if __name__ == "__main__":
    sys.exit(main())
