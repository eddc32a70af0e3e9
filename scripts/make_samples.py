"""Make the lived-in samples: examples/harbour-loft and examples/kiln-furnished, surveys and
documents with invented takes.

The takes come from `studio.voxels`, a solver that is not the forecast, with the cabinets as bodies
and the desk, of a room that is not quite the survey: everything is placed with half a centimetre of
error, things stand up to 3 cm elsewhere, absorption differs by a quarter, the microphone has a
little ripple, and there is noise. Seeded.

Run from the repository: `.venv/bin/python scripts/make_samples.py` (some five minutes).
"""

import json
from dataclasses import replace
from pathlib import Path

import numpy as np

from jolly_parlor.acoustics.geometry.changed_room import lined
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import read_survey, write_project
from jolly_parlor.project.history import Project
from jolly_parlor.project.staging import stage_of
from jolly_parlor.project.take_edits import add_take
from jolly_parlor.signals.reading import ReadResponse
from jolly_parlor.signals.response import Response
from jolly_parlor.studio.hidden_room import heard_among
from jolly_parlor.studio.voxels import VoxelRoom
from make_demo import corner, misplaced

EXAMPLES = Path(__file__).resolve().parent.parent / "examples"
F = np.geomspace(16.0, 400.0, 1200)
CELL, SECONDS, SENSITIVITY_DB = 0.06, 1.1, 72.0

MONITOR = {
    "id": "monitor", "name": "two-way, 16 cm woofer", "width": 0.24, "depth": 0.3, "height": 0.38,
    "acoustic_centre_height": 0.24, "low_corner_hz": 48.0, "low_slope_db_per_octave": 24,
    "maximum_level_db_spl": 108.0,
    "controls": {"low_shelf_db": {"low": -6.0, "high": 0.0, "step": 2.0},
                 "low_mid_db": {"low": -4.0, "high": 0.0, "step": 2.0}},
}  # fmt: skip
LOFT = {
    "survey_version": 5,
    "room": {
        "name": "Harbour Loft",
        "height": 2.64,
        "plan": [[0, 0], [3.72, 0], [3.72, 2.35], [5.6, 2.35], [5.6, 5.48], [0, 5.48]],
        "walls": [
            {"name": "front", "material": "brick"},
            {"name": "right", "material": "plasterboard_studs"},
            {"name": "step", "material": "plasterboard_studs"},
            {"name": "stairs", "material": "plasterboard_studs"},
            {"name": "back", "material": "brick"},
            {"name": "left", "material": "brick"},
        ],
        "floor": {"material": "timber_floor"},
        "ceiling": {"material": "plaster_lath"},
        "openings": [
            {"kind": "window", "wall": "left", "start": 1.7, "width": 1.5, "sill": 0.85,
             "height": 1.3, "material": "window"},
            {"kind": "passage", "wall": "stairs", "start": 0.3, "width": 1.9, "sill": 0.0,
             "height": 2.3, "material": "opening"},
        ],
        "things": [
            {"name": "bookcase", "kind": "solid", "x": 0.0, "y": 3.6, "z": 0, "width": 0.32,
             "depth": 1.6, "height": 2.1, "material": "bookshelves"},
            {"name": "sofa", "kind": "soft", "x": 1.2, "y": 4.5, "z": 0, "width": 2.0,
             "depth": 0.9, "height": 0.75},
            {"name": "wardrobe", "kind": "solid", "x": 4.1, "y": 4.88, "z": 0, "width": 1.5,
             "depth": 0.6, "height": 2.1, "material": "door_solid"},
        ],
        "notes": "One side is open to the stairs. Records are played in the evening.",
    },
    "gear": {
        "models": [MONITOR],
        "loudspeakers": [
            {"id": "left", "role": "left", "model": "monitor"},
            {"id": "right", "role": "right", "model": "monitor"},
        ],
        "seats": [{"name": "chair", "ear_height": 1.1}],
    },
    "schools": ["third", "thirty_eight", "small_gap"],
}  # fmt: skip
KILN_THINGS = [
    {"name": "bookcase", "kind": "solid", "x": 0.0, "y": 3.1, "z": 0, "width": 0.3,
     "depth": 1.5, "height": 2.1, "material": "bookshelves"},
    {"name": "sofa", "kind": "soft", "x": 1.3, "y": 4.7, "z": 0, "width": 1.9, "depth": 0.88,
     "height": 0.75},
]  # fmt: skip


def true_room(room: Room, rng: np.random.Generator) -> Room:
    """What the survey has not quite right."""
    things = tuple(
        replace(
            t,
            x=float(np.clip(t.x + rng.uniform(-0.03, 0.03), 0, room.width - t.width)),
            y=float(np.clip(t.y + rng.uniform(-0.03, 0.03), 0, room.length - t.depth)),
        )
        for t in room.things
    )
    linings = {
        name: replace(
            surface,
            absorption=tuple(
                float(v)
                for v in np.clip(surface.octave_absorption() * rng.lognormal(0, 0.25), 0.01, 0.9)
            ),
        )
        for name, surface in room.surfaces.items()
    }
    return replace(lined(room, linings), things=things)


def measured(document: Document, rng: np.random.Generator) -> Document:
    """The document with a take of left, right, both and each subwoofer at its first seat."""
    truth = VoxelRoom(true_room(document.room, rng), CELL, SECONDS)
    seat, gain = document.gear.seats[0].name, 10 ** (SENSITIVITY_DB / 20)
    for a in document.arrangements:
        stage = stage_of(document, a, seat)
        stands = {n: s.moved(misplaced(s.place, rng)) for n, s in stage.sources.items()}
        ear = misplaced(a.seats[seat], rng)
        heard = heard_among(truth, ear, list(stands.values()), stage.plates, F)
        by_name = {}
        for name, h in zip(stands, heard, strict=True):
            model = document.gear.model_of(name)
            low = corner(F, model.low_corner_hz - 1.0, model.low_slope_db_per_octave // 6, "high")
            by_name[name] = h * low * gain
        by_name["both"] = by_name["left"] + by_name["right"]
        for name, spectrum in by_name.items():
            ripple = 0.25 * np.sin(2.1 * np.log2(F) + 0.4)
            noise = rng.normal(size=(2, F.size)) * 10 ** (22.0 / 20)
            p = spectrum * 10 ** (ripple / 20) + noise[0] + 1j * noise[1]
            document = add_take(
                document, ReadResponse(Response.from_pressure(F, p), ()), a.name, name, seat,
                f"{a.name.lower().replace(' ', '-')}_{name}_{seat}.txt",
            )  # fmt: skip
    return document


def main() -> None:
    """Write surveys and documents."""
    kiln = json.loads((EXAMPLES / "kiln-room.json").read_text("utf-8"))
    kiln["room"] |= {"name": "The Kiln Room, lived in", "things": KILN_THINGS}
    for name, survey, seed in (("harbour-loft", LOFT, 7), ("kiln-furnished", kiln, 8)):
        path = EXAMPLES / f"{name}.json"
        path.write_text(json.dumps(survey, indent=1) + "\n", "utf-8")
        document = measured(read_survey(path), np.random.default_rng(seed))
        write_project(Project(document).after(document), EXAMPLES / f"{name}.parlor")
        print(f"{name}: {len(document.arrangements)} arrangements, {len(document.takes)} takes")


if __name__ == "__main__":
    main()
