"""Zone strips against moves made one by one."""

import numpy as np
import pytest

from jolly_parlor.acoustics.room import Point
from jolly_parlor.placement.evenness import evenness
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.strips import slid, strip
from jolly_parlor.project.document import Document


def test_a_strip_is_what_each_move_would_give(kiln: Document, forecaster: Forecaster) -> None:
    a = kiln.arrangements[1]
    found = strip(forecaster, a, "seat:desk", "y", "desk", "both")
    assert found.now == a.seats["desk"].y
    for index in (0, 9, 20):
        to = round(float(found.metres[index]), 3)
        moved = a.moved("seat:desk", Point(1.935, to, 1.2))
        figure = evenness(forecaster.at_seat(moved, "desk").deviation("both")).value_db
        # The strip takes every second frequency.
        assert found.figures_db[index] == pytest.approx(figure, abs=0.25)
    assert found.calmest == found.metres[int(np.nanargmin(found.figures_db))]


def test_monitors_slide_alike_and_never_pass_the_ear(
    kiln: Document, forecaster: Forecaster
) -> None:
    a = kiln.arrangements[1]
    moved = slid(kiln.room, a, "left", "x", 1.0, alike=True)
    assert moved.right.x == pytest.approx(3.87 - 1.0)
    assert slid(kiln.room, a, "left", "x", 1.0, alike=False).right == a.right
    along = strip(forecaster, a, "left", "y", "desk", "both")
    assert along.metres[-1] <= a.seats["desk"].y - 0.5 + 1e-9
    across = strip(forecaster, a, "right", "x", "desk", "both")
    assert across.metres[0] >= 3.87 / 2


def test_places_in_a_keep_out_are_gaps(kiln: Document, forecaster: Forecaster) -> None:
    # The demo's door swing lies at 0.38 to 1.20 m from the left, 4.82 m and more from the front.
    a = kiln.arrangements[0].moved("sub:sub", Point(0.8, 0.3, 0.2))
    found = strip(forecaster, a, "sub:sub", "y", "desk", "both+sub")
    inside = found.metres > 4.82
    assert np.all(np.isnan(found.figures_db[inside]))
    assert np.all(np.isfinite(found.figures_db[~inside]))


def test_what_is_not_there_cannot_slide(kiln: Document, forecaster: Forecaster) -> None:
    with pytest.raises(ValueError, match="no “seat:roof”"):
        strip(forecaster, kiln.arrangements[0], "seat:roof", "y", "desk", "both")
