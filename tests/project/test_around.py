"""Takes around the head: mean on power, spread, and that only the centre ranks."""

from dataclasses import replace

import numpy as np
import pytest

from jolly_parlor.placement.around_head import around
from jolly_parlor.placement.items import seat
from jolly_parlor.project.document import Document
from jolly_parlor.project.exporting import averages
from jolly_parlor.project.staging import stage_of
from jolly_parlor.project.take_edits import add_measured
from jolly_parlor.refused import Refused
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.studio.one_take import Settings, measure
from jolly_parlor.studio.simulated import SimulatedStudio


def test_the_mean_is_on_power_and_the_spread_in_decibels() -> None:
    f = np.geomspace(20, 500, 200)
    both = around([Response(f, np.full(200, 60.0)), Response(f, np.full(200, 66.0))])
    assert both.mean.level_db == pytest.approx(10 * np.log10((1e6 + 10**6.6) / 2))
    assert both.spread_db == pytest.approx(3.0)
    assert both.spread_between(40, 300) == pytest.approx(3.0)
    assert both.mean.phase_deg is None
    with pytest.raises(Refused, match="two points"):
        around([Response(f, np.full(200, 60.0))])


def test_only_the_centre_ranks_and_every_point_is_averaged(kiln: Document) -> None:
    studio, how = SimulatedStudio(kiln.room, 2), Settings(Sweep(seconds=1.5), sweeps=1)
    document, a = kiln, kiln.arrangements[0]
    for point in ("left", "centre", "back"):
        stage = stage_of(document, a, "desk", point)
        assert stage.microphone != a.seats["desk"] or point == "centre"
        found = measure(studio, how, "left", stage, studio.calibration())
        document = add_measured(document, found, studio, how, "mic", a.name, "left", "desk", point)
    assert document.take_of(a, "left", "desk").info.point == "centre"
    takes = document.takes_around(a, "left", "desk")
    assert set(takes) == {"left", "centre", "back"}
    mean = averages(document)["A third left around desk"]
    direct = around([take.response for take in takes.values()])
    assert np.allclose(mean.level_db, direct.mean.level_db)
    assert 0.2 < direct.spread_between(48.0) < 8.0


def test_a_point_beyond_a_wall_is_refused(kiln: Document) -> None:
    a = kiln.arrangements[0]
    a = a.moved(seat("desk"), replace(a.seats["desk"], y=kiln.room.length - 0.1))
    with pytest.raises(Refused, match="beyond a wall"):
        stage_of(kiln, a, "desk", "back")
