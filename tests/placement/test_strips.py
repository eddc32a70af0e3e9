"""Zone strips against moves made one by one."""

import numpy as np
import pytest

from jolly_parlor.acoustics.geometry.room import Point
from jolly_parlor.placement.evenness import evenness
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.items import LEFT, item_of, loudspeaker, seat
from jolly_parlor.placement.mixes import BOTH
from jolly_parlor.placement.strips import slid, strip
from jolly_parlor.project.document import Document
from jolly_parlor.refused import Refused
from rooms import case_of


def test_a_strip_is_what_each_move_would_give(kiln: Document, forecaster: Forecaster) -> None:
    a = kiln.arrangements[1]
    found = strip(
        forecaster, case_of(forecaster.setup(a), "desk", "both"), item_of("seat:desk"), "y"
    )
    assert found.now == a.seats["desk"].y
    for index in (0, 9, 20):
        to = round(float(found.metres[index]), 3)
        moved = a.moved(seat("desk"), Point(1.935, to, 1.2))
        figure = evenness(forecaster.at_seat(moved, "desk").deviation(BOTH)).value_db
        # The strip takes every second frequency.
        assert found.figures_db[index] == pytest.approx(figure, abs=0.25)
    assert found.calmest == found.metres[int(np.nanargmin(found.figures_db))]


def test_monitors_slide_alike_and_never_pass_the_ear(
    kiln: Document, forecaster: Forecaster
) -> None:
    a = kiln.arrangements[1]
    moved = slid(kiln.room, a, LEFT, "x", 1.0, alike=True)
    assert moved.right.x == pytest.approx(3.87 - 1.0)
    assert slid(kiln.room, a, LEFT, "x", 1.0, alike=False).right == a.right
    along = strip(forecaster, case_of(forecaster.setup(a), "desk", "both"), item_of("left"), "y")
    assert along.metres[-1] <= a.seats["desk"].y - 0.5 + 1e-9
    across = strip(forecaster, case_of(forecaster.setup(a), "desk", "both"), item_of("right"), "x")
    assert across.metres[0] >= 3.87 / 2


def test_places_in_a_keep_out_are_gaps(kiln: Document, forecaster: Forecaster) -> None:
    # The demo's door swing lies at 0.38 to 1.20 m from the left, 4.82 m and more from the front.
    a = kiln.arrangements[0].moved(loudspeaker("sub"), Point(0.8, 0.3, 0.2))
    found = strip(
        forecaster, case_of(forecaster.setup(a), "desk", "both+sub"), item_of("sub:sub"), "y"
    )
    inside = found.metres > 4.82
    assert np.all(np.isnan(found.figures_db[inside]))
    assert np.all(np.isfinite(found.figures_db[~inside]))


def test_what_is_not_there_cannot_slide(kiln: Document, forecaster: Forecaster) -> None:
    with pytest.raises(Refused, match="no “seat:roof”"):
        strip(
            forecaster,
            case_of(forecaster.setup(kiln.arrangements[0]), "desk", "both"),
            item_of("seat:roof"),
            "y",
        )
