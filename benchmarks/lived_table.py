"""How far the program can be trusted in furnished rooms that differ from its model as real rooms
do: one row a room, and medians.

Run from the repository: `.venv/bin/python benchmarks/lived_table.py [--rooms 12] [--write]`. The
rooms and their truth are those of `lived_rooms.py`: walls that resonate, things misplaced or left
out of the survey, left and right measured in two or three arrangements with a centimetre of
misplacing and half a decibel of measuring error. Then, in each room:

- error where nobody measured, 20 to 200 Hz, by the survey and by the fitted room, and how much of
  it the 80 % band holds;
- loss of the first proposal to the best of all triangles and proposals, by the search's own figure
  J over three points of the head: searched as surveyed, in the fitted room, and in the room fitted
  again after the first proposal was measured; and the same for every school;
- where the product asks for something missing: the same once its owner has looked where it points
  and has surveyed what truly stands there, if anything does.

`--write` puts the table into docs/accuracy.md. Asserts nothing.
"""

import argparse
import json
import sys
import time
from collections.abc import Sequence
from concurrent.futures import ProcessPoolExecutor, as_completed
from dataclasses import asdict, dataclass, field, replace
from pathlib import Path

import numpy as np
from lived_rooms import HZ, LivedRoom, Truth, candidates, figure_db, lived_room, takes_of
from simple import misplaced, put_into_page, with_error, within

from jolly_parlor.acoustics.geometry.room import Room, Thing
from jolly_parlor.analysis.room_fit import MOST_UNDER_DOUBT, with_doubt
from jolly_parlor.fitting.evidence import Evidence, Placing, smoothed_level
from jolly_parlor.fitting.fit import Fit, fit_room
from jolly_parlor.fitting.missing import SUSPICIOUS_DB, missing_things
from jolly_parlor.fitting.posterior import believe
from jolly_parlor.fitting.predicting import Predictor
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.forecast import head_point
from jolly_parlor.placement.schools import possible
from jolly_parlor.placement.search.search import search
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.setup import Setup
from jolly_parlor.placement.standing import fit_problems

HEAD = ("centre", "left", "back")
STEP, EARS, HELD_OUT = 0.1, 5, 5
MARK = "<!-- furnished -->"
NAMES = ("as surveyed", "fitted", "and the proposal measured")
LOOKED = "after looking where something is missing"
FOUND_METRES, TAPE_METRES = 0.9, 0.02


@dataclass
class Row:
    """One room."""

    story: str
    before: tuple[float, float] = (0.0, 0.0)
    """Median and 90th percentile, dB."""
    after: tuple[float, float] = (0.0, 0.0)
    inside: float = 0.0
    """Share within the band."""
    lost: dict[str, float] = field(default_factory=dict)
    found: bool | None = None
    """Whether something missing was found; None where nothing was looked for."""
    residual_db: float = 0.0
    seconds: float = 0.0


class Heard:
    """J of arrangements in truth, each ear solved once for all places asked of it."""

    def __init__(self, room: LivedRoom, truth: Truth) -> None:
        self.room, self.truth = room, truth
        self.low = max(room.gear.monitor.low_corner_hz, 20.0)

    def figures(self, arrangements: Sequence[Arrangement]) -> dict[int, float]:
        """By the id of each."""
        found, arrangements = {}, list({id(a): a for a in arrangements}.values())
        for ear in dict.fromkeys(a.seats["seat"] for a in arrangements):
            here = [a for a in arrangements if a.seats["seat"] == ear]
            places = list(dict.fromkeys(p for a in here for p in (a.left, a.right)))
            squares = {id(a): 0.0 for a in here}
            points = [head_point(ear, name) for name in HEAD]
            for point in points:
                heard = self.truth.heard(point, places)
                for a in here:
                    squares[id(a)] += figure_db(heard[a.left], heard[a.right], self.low) ** 2
            found |= {key: float(np.sqrt(s / len(points))) for key, s in squares.items()}
        return found


def one_room(seed: int, number: int) -> Row:
    """Survey, measure, fit, predict, propose, measure the proposal, propose again."""
    rng = np.random.default_rng([seed, number])
    room = lived_room(rng, number)
    truth, row = Truth(room), Row(room.story)
    heard = Heard(room, truth)
    schools = _schools(room)
    every = _triangles(room, rng)
    chosen = (list(schools.values()) + every)[: int(rng.integers(2, 4))]
    takes = takes_of(truth, chosen, rng)
    begun = time.perf_counter()
    fit = fit_room(room.survey, room.gear, takes)
    row.seconds, row.residual_db = time.perf_counter() - begun, fit.residual_db
    _unmeasured(room, truth, fit, every, rng, row)
    surveyed = search(room.survey, room.gear, None, Wishes(), step=STEP)
    first = _stands(room, [p.arrangement for p in surveyed.proposals])
    fitted = _stands(room, _proposed(fit, room))
    takes = takes + takes_of(truth, [fitted], rng)
    again = fit_room(room.survey, room.gear, takes)
    last = _stands(room, _proposed(again, room))
    named = dict(zip(NAMES, (first, fitted, last), strict=True))
    if again.residual_db >= SUSPICIOUS_DB:
        survey = _looked(room, again, takes, rng)
        row.found = survey is not None
        then = last if survey is None else _with_survey(room, survey, takes)
        named[LOOKED] = then
    figures = heard.figures([*every, *named.values(), *schools.values()])
    best = min(figures.values())
    for name, a in (named | schools).items():
        row.lost[name] = figures[id(a)] - best
    return row


def _looked(
    room: LivedRoom, fit: Fit, takes: list[Evidence], rng: np.random.Generator
) -> Room | None:
    """The survey with what truly stands where the product points, by tape; None where nothing
    does.
    """
    known = {thing.name for thing in room.survey.things}
    left_out = [t for t in room.true.things if t.name not in known and t.kind == "solid"]
    for told in missing_things(fit, takes):
        for thing in left_out:
            if np.hypot(*(_middle(told.thing) - _middle(thing))) < FOUND_METRES:
                x, y = (v + rng.uniform(-1, 1) * TAPE_METRES for v in (thing.x, thing.y))
                x = float(np.clip(x, 0.0, room.survey.width - thing.width))
                y = float(np.clip(y, 0.0, room.survey.length - thing.depth))
                put = replace(thing, x=x, y=y, loss_per_second=None)
                return replace(room.survey, things=(*room.survey.things, put))
    return None


def _middle(thing: Thing) -> np.ndarray:
    return np.array([thing.x + thing.width / 2, thing.y + thing.depth / 2])


def _with_survey(room: LivedRoom, survey: Room, takes: list[Evidence]) -> Arrangement:
    """The first proposal in the room fitted once more, with another survey."""
    better = replace(room, survey=survey)
    return _stands(better, _proposed(fit_room(survey, room.gear, takes), better))


def _proposed(fit: Fit, room: LivedRoom) -> list[Arrangement]:
    found = search(fit.room, room.gear, None, Wishes(), step=STEP, most=MOST_UNDER_DOUBT)
    return [p.arrangement for p in with_doubt(fit, found, room.gear).proposals]


def _stands(room: LivedRoom, proposed: list[Arrangement]) -> Arrangement:
    """The first that truly has room to stand; somebody who meets a forgotten wardrobe takes the
    next.
    """
    return next(a for a in proposed if not fit_problems(Setup(room.true, room.gear, a)))


def _schools(room: LivedRoom) -> dict[str, Arrangement]:
    """Those that can be met and truly stand, by name."""
    found = {}
    for a in possible(room.survey, room.gear):
        points = [a.left, a.right, *(head_point(a.seats["seat"], name) for name in HEAD)]
        if not fit_problems(Setup(room.true, room.gear, a)) and all(
            map(room.true.has_air_at, points)
        ):
            found[a.name] = a
    return found


def _triangles(room: LivedRoom, rng: np.random.Generator) -> list[Arrangement]:
    """The grid of triangles at a few of its seats."""
    every = candidates(room.true)
    ears = list(dict.fromkeys(a.seats["seat"] for a in every))
    kept = {ears[int(n)] for n in np.linspace(0, len(ears) - 1, EARS).round()}
    found = [a for a in every if a.seats["seat"] in kept]
    return [found[int(n)] for n in rng.permutation(len(found))]


def _unmeasured(
    room: LivedRoom,
    truth: Truth,
    fit: Fit,
    every: list[Arrangement],
    rng: np.random.Generator,
    row: Row,
) -> None:
    """Errors of the left monitor at places nobody measured, and whether the band holds them."""
    held, before, after, inside = every[:HELD_OUT], [], [], []
    for a in held:
        said, ear = a.left, a.seats["seat"]
        at, stands = misplaced(ear, rng), misplaced(said, rng)
        pressure = truth.heard(at, [stands])[stands]
        level = smoothed_level(with_error(HZ, pressure, rng))
        placing = Placing({"left": said}, ear)
        for of, errors in ((room.survey, before), (fit.room, after)):
            found = Predictor(of, room.gear, []).levels(
                [Evidence("", placing, level)], np.zeros(0)
            )[0]
            gap = found - level
            errors.append(np.abs(gap - np.median(gap)))
        low, high = believe(fit, [placing]).band_db()
        inside.append(within(level, low, high))
    row.before, row.after = _two(before), _two(after)
    row.inside = float(np.mean(inside))


def _two(errors: list[np.ndarray]) -> tuple[float, float]:
    every = np.concatenate(errors)
    return float(np.median(every)), float(np.percentile(every, 90))


def table(rows: list[Row]) -> str:
    """As Markdown: a row a room, then medians over the rooms."""
    lines = [
        "| Room | Residual, dB | Error before, dB | Error after, dB | In the 80 % band | "
        "Lost by the first proposal, dB: as surveyed, fitted, and the proposal measured, after "
        "looking where something is missing | "
        "Best, worst school, dB |",
        "|---|---|---|---|---|---|---|",
        *(_line(number, row) for number, row in enumerate(rows, start=1)),
    ]
    before, after = (np.array([getattr(r, w) for r in rows]) for w in ("before", "after"))
    inside = [100 * row.inside for row in rows]
    lines += [
        "",
        "| Figure, medians over the rooms | Aim | Found |",
        "|---|---|---|",
        "| Error where nobody measured, by the survey, dB: median, 90th percentile | | "
        f"{np.median(before[:, 0]):.2f}, {np.median(before[:, 1]):.2f} |",
        "| The same by the fitted room; worst room | 1, 3 | "
        f"{np.median(after[:, 0]):.2f}, {np.median(after[:, 1]):.2f}; "
        f"{after[:, 0].max():.2f}, {after[:, 1].max():.2f} |",
        "| Within the 80 % band; least, most | 75 to 85 % | "
        f"{np.median(inside):.0f} %; {min(inside):.0f}, {max(inside):.0f} % |",
    ]
    for name in dict.fromkeys([*NAMES, LOOKED, *(n for row in rows for n in row.lost)]):
        lost = [row.lost[name] for row in rows if name in row.lost]
        if not lost:
            continue
        own = name in (*NAMES, LOOKED)
        what = f"by the first proposal, {name}" if own else f"by {name}"
        aim = "0.15, 0.5" if own and name != NAMES[0] else ""
        lines.append(
            f"| Lost {what}, dB: median, worst, mean ({len(lost)} rooms) | {aim} | "
            f"{np.median(lost):.2f}, {max(lost):.2f}, {np.mean(lost):.2f} |"
        )
    looked = [row.found for row in rows if row.found is not None]
    if looked:
        lines.append(
            f"| Rooms where something missing was looked for; found | | {len(looked)}; "
            f"{sum(looked)} |"
        )
    seconds = [row.seconds for row in rows]
    lines.append(
        f"| Time of a fit, s: median, longest | | {np.median(seconds):.0f}, {max(seconds):.0f} |"
    )
    return "\n".join([*lines, ""])


def _line(number: int, row: Row) -> str:
    own = [lost for name, lost in row.lost.items() if name not in (*NAMES, LOOKED)]
    lost = ", ".join(f"{row.lost[n]:.2f}" for n in (*NAMES, LOOKED) if n in row.lost)
    before, after = (f"{a:.2f}, {b:.2f}" for a, b in (row.before, row.after))
    return (
        f"| {number}, {row.story} | {row.residual_db:.2f} | {before} | {after} | "
        f"{100 * row.inside:.0f} % | {lost} | "
        f"{min(own, default=np.nan):.2f}, {max(own, default=np.nan):.2f} |"
    )


def measured(rooms: int, seed: int, kept: Path | None = None) -> list[Row]:
    """Rooms two at a time; each is told as it is done. kept: a file of rows, gone on with."""
    done: dict[int, Row] = {}
    if kept is not None and kept.exists():
        known = (json.loads(line) for line in kept.read_text("utf-8").splitlines())
        done = {one.pop("number"): Row(**one) for one in known}
    with ProcessPoolExecutor(2) as pool:
        asked = {pool.submit(one_room, seed, n): n for n in range(rooms) if n not in done}
        for future in as_completed(asked):
            number, row = asked[future], future.result()
            done[number] = row
            print(f"room {_line(number + 1, row)}", flush=True)
            if kept is not None:
                with kept.open("a", encoding="utf-8") as file:
                    file.write(json.dumps({"number": number, **asdict(row)}) + "\n")
    return [done[number] for number in sorted(done)]


def main() -> int:
    """Run and print."""
    parser = argparse.ArgumentParser(description=__doc__)
    parser.add_argument("--rooms", type=int, default=12)
    parser.add_argument("--seed", type=int, default=2026)
    parser.add_argument("--write", action="store_true")
    parser.add_argument("--kept", type=Path, help="a file that rows are kept in and gone on from")
    asked = parser.parse_args()
    text = table(measured(asked.rooms, asked.seed, asked.kept))
    print(text)
    if asked.write:
        put_into_page(MARK, text)
    return 0


if __name__ == "__main__":
    sys.exit(main())
