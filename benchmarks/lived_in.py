"""What advice in lived-in rooms costs: each model picks the triangle it forecasts as most even. The
truth, an independent finite-difference solution of a room that differs from the survey as rooms do
(absorption by a quarter, things by 3 cm), says how much worse that is than the best triangle.

Run from the repository: `.venv/bin/python benchmarks/lived_in.py` (some five minutes).
"""

import sys
import time
from dataclasses import replace
from pathlib import Path

import numpy as np

ROOT = Path(__file__).resolve().parent.parent
sys.path.insert(0, str(ROOT / "scripts"))

from jolly_parlor.acoustics.bands import log_grid  # noqa: E402
from jolly_parlor.acoustics.fields.field_of_room import bare_field, room_field  # noqa: E402
from jolly_parlor.acoustics.geometry.plan import Point  # noqa: E402
from jolly_parlor.acoustics.geometry.room import Room, Slope  # noqa: E402
from jolly_parlor.placement.evenness import spread_db  # noqa: E402
from jolly_parlor.project.files import read_survey  # noqa: E402
from jolly_parlor.studio.voxels import VoxelRoom  # noqa: E402
from make_samples import true_room  # noqa: E402

F = log_grid(48.0, 250.0, 24)
CELL = 0.075


def rooms() -> dict[str, Room]:
    """The samples, and the demo's room under a roof."""
    loft, kiln = (
        read_survey(ROOT / "examples" / f"{name}.json").room
        for name in ("harbour-loft", "kiln-furnished")
    )
    attic = replace(kiln, name="attic", slopes=(Slope("left", 1.3, 1.6),), things=kiln.things[1:])
    return {"Harbour Loft": loft, "Kiln Room, lived in": kiln, "Kiln Room, under a roof": attic}


def candidates(room: Room) -> list[tuple[np.ndarray, np.ndarray, np.ndarray]]:
    """Left, right and ear of triangles before the wall faced, all in the air."""
    frame, found = room.frame, []
    for seat in np.arange(1.2, min(frame.depth - 0.5, 3.2), 0.25):
        for front in np.arange(0.35, 1.3, 0.1):
            side = (seat - front) / 0.866
            for wider in (0.92, 1.0, 1.08):
                half = side * wider / 2
                if not 0.45 < half < frame.width / 2 - 0.4:
                    continue
                y = frame.front + front
                places = [
                    np.array([frame.middle - half, y, 1.15]),
                    np.array([frame.middle + half, y, 1.15]),
                    np.array([frame.middle, frame.front + seat, 1.15]),
                ]
                if all(room.has_air_at(Point(*p)) for p in places):
                    found.append(tuple(places))
    return found


def figures(transfers: np.ndarray) -> np.ndarray:
    """Evenness of left and right together, (n, 2, frequencies) to (n,)."""
    level = 20 * np.log10(np.abs(transfers.sum(axis=1)))
    return np.asarray(spread_db(level - level.mean(axis=-1, keepdims=True)))


def forecast(field, tried) -> np.ndarray:  # type: ignore[no-untyped-def]
    """By one of our fields."""
    ears = np.array([t[2] for t in tried])
    sides = [field.transfers(np.array([t[n] for t in tried]), ears) for n in (0, 1)]
    return figures(np.stack(sides, axis=1))


def truth(room: Room, tried) -> np.ndarray:  # type: ignore[no-untyped-def]
    """By finite differences, one run for each ear."""
    solver = VoxelRoom(room, CELL, 0.9)
    ears = np.unique(np.array([t[2] for t in tried]), axis=0)
    result = np.empty(len(tried))
    for ear in ears:
        which = [n for n, t in enumerate(tried) if np.array_equal(t[2], ear)]
        places = np.array([tried[n][side] for n in which for side in (0, 1)])
        heard = solver.transfers(ear, places, F).reshape(len(which), 2, -1)
        result[which] = figures(heard)
    return result


def main() -> None:
    """Print what each model's choice loses."""
    rng = np.random.default_rng(3)
    for name, room in rooms().items():
        begun = time.monotonic()
        tried = candidates(room)
        true = truth(true_room(room, rng), tried)
        losses = {}
        for model, field in (("empty box", bare_field(room, F)), ("the room", room_field(room, F))):
            found = forecast(field, tried)
            losses[model] = true[int(np.argmin(found))] - true.min()
        middling = np.median(true) - true.min()
        words = ", ".join(f"{model} {loss:.2f} dB" for model, loss in losses.items())
        print(
            f"{name}: {len(tried)} triangles, best {true.min():.2f} dB, middling one loses "
            f"{middling:.2f} dB; loses by {words} ({time.monotonic() - begun:.0f} s)"
        )


if __name__ == "__main__":
    main()
