"""The seat map against single places judged one by one."""

import numpy as np
import pytest

from jolly_parlor.acoustics.room import Point
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.maps import seat_map
from jolly_parlor.project.document import Document


@pytest.mark.parametrize("combination", ["left", "both", "both+sub"])
def test_the_map_is_what_each_place_would_hear(
    kiln: Document, forecaster: Forecaster, combination: str
) -> None:
    a = kiln.arrangements[0]
    found = seat_map(forecaster, a, "desk", combination)
    assert found.figures_db.shape == (found.ys.size, found.xs.size)
    low = 26.0 if combination == "both+sub" else 48.0
    gaps = []
    for row, column in ((14, 4), (20, 12), (28, 18), (31, 9), (17, 11), (25, 6)):
        ear = Point(float(found.xs[column]), float(found.ys[row]), 1.2)
        p = forecaster.coarse().at(a, ear).pressure(combination)
        f = forecaster.coarse().frequencies_hz
        level = 20 * np.log10(np.abs(p[f >= low - 1e-9]))
        d = level - level.mean()
        weight = np.where(d < 0, 1.5, 1.0)
        figure = np.sqrt(np.sum(weight * d**2) / np.sum(weight))
        gaps.append(abs(found.figures_db[row, column] - figure))
    assert np.median(gaps) < 0.1


def test_the_calmest_place_is_the_lowest_cell(kiln: Document, forecaster: Forecaster) -> None:
    found = seat_map(forecaster, kiln.arrangements[0], "desk", "both")
    calm = found.calmest
    row, column = np.argmin(np.abs(found.ys - calm.y)), np.argmin(np.abs(found.xs - calm.x))
    assert found.figures_db[row, column] == np.nanmin(found.figures_db)
    assert calm.distance(kiln.arrangements[0].left) > 0.7
    assert kiln.room.contains(calm)


def test_a_symmetric_room_gives_a_symmetric_map(kiln: Document) -> None:
    from dataclasses import replace

    alike = {**kiln.room.surfaces, "right": kiln.room.surfaces["left"]}
    room = replace(kiln.room, surfaces=alike, openings=())
    found = seat_map(Forecaster(room, kiln.gear), kiln.arrangements[0], "desk", "both")
    assert np.allclose(found.figures_db, found.figures_db[:, ::-1], atol=0.05, equal_nan=True)
