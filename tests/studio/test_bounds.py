"""What must end, and what must not be believed: levels, sweeps, microphones, hard rooms."""

from collections.abc import Callable
from pathlib import Path

import numpy as np
import pytest

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.acoustics.geometry.room import Surface
from jolly_parlor.acoustics.geometry.room_admittance import schroeder_hz
from jolly_parlor.placement.evenness import bass_reach_hz
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.schools import school
from jolly_parlor.placement.search.search import search
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.project import edits
from jolly_parlor.project.document import Document
from jolly_parlor.project.staging import stage_of
from jolly_parlor.report.card import build_card
from jolly_parlor.signals.calibration import read_calibration
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.studio.device import Progress, Recording, Stage
from jolly_parlor.studio.levelling import find_level
from jolly_parlor.studio.one_take import Settings, measure
from jolly_parlor.studio.simulated import SimulatedStudio
from rooms import lined_alike


class Noisy:
    """A device whose room is loud whatever is played."""

    name, simulated, sample_rate, full_scale_db_spl = "made up", False, 48000, 94.0

    def __init__(self) -> None:
        self.played: list[float] = []

    def record(
        self,
        sound: FloatArray,
        source: str,
        stage: Stage,
        after_seconds: float,
        progress: Progress,
        cancelled: Callable[[], bool],
    ) -> Recording:
        """88 dB SPL of traffic."""
        self.played.append(float(np.sqrt(np.mean(sound**2))))
        assert len(self.played) < 60, "the check lowers the output without end"
        rng = np.random.default_rng(len(self.played))
        return Recording(rng.normal(0, 0.1, sound.size + 24000).clip(-0.45, 0.45), 48000)


def test_the_level_check_ends_in_a_room_that_is_too_loud(kiln: Document) -> None:
    device = Noisy()
    found = find_level(device, "left", stage_of(kiln, kiln.arrangements[0], "desk"))
    assert not found.good
    assert "too loud at the seat even at the lowest output" in found.words
    assert min(device.played) == pytest.approx(1e-4 / np.sqrt(2), rel=0.1)


def test_bass_reach_is_where_a_response_holds_not_its_first_bin() -> None:
    f = np.geomspace(10, 400, 400)
    falls = np.where(f < 50, -24 * np.log2(50 / f), 0.0)
    assert bass_reach_hz(Response(f, falls), 0.0) == pytest.approx(44, abs=3)
    rumble = np.where(f < 24, 0.0, falls)
    assert bass_reach_hz(Response(f, rumble), 0.0) == pytest.approx(44, abs=3)


@pytest.mark.parametrize(
    "settings",
    [Settings(Sweep(), output_db=3.0), Settings(Sweep(seconds=0.3)), Settings(sweeps=0)],
    ids=["beyond full scale", "too short", "none"],
)
def test_a_sweep_that_cannot_be_is_refused_before_it_sounds(
    kiln: Document, settings: Settings
) -> None:
    assert settings.problem()


def test_what_a_take_tells_is_without_the_microphone(kiln: Document, tmp_path: Path) -> None:
    path = tmp_path / "mic.txt"
    path.write_text("10 -12\n80 -12\n160 0\n20000 0\n")
    stage = stage_of(kiln, kiln.arrangements[0], "desk")
    settings = Settings(Sweep(seconds=1.0), 1)
    plain = measure(SimulatedStudio(kiln.room, 1), settings, "left", stage)
    found = measure(SimulatedStudio(kiln.room, 1), settings, "left", stage, read_calibration(path))
    assert plain.impulse is not None
    assert found.impulse is not None
    at = np.array([50.0, 60.0, 70.0, 300.0])
    gain = 20 * np.log10(np.abs(found.impulse.pressure(at)) / np.abs(plain.impulse.pressure(at)))
    assert np.allclose(gain, [12, 12, 12, 0], atol=1.0)


def test_a_room_that_absorbs_nothing_fails_nowhere(kiln: Document) -> None:
    hard = edits.set_room(kiln, lined_alike(kiln.room, Surface("own", (0.0,) * 7)))
    assert np.isfinite(schroeder_hz(hard.room))
    a = hard.arrangements[0]
    heard = Forecaster(hard.room, hard.gear).at_seat(a, "desk")
    assert all(np.all(np.isfinite(p)) for p in heard.sources.values())
    assert school("third").propose(hard.room, hard.gear).places
    found = search(hard.room, hard.gear, a, Wishes(subwoofers="stay"), step=0.1, most=1)
    assert np.isfinite(found.proposals[0].figure_db)
    assert build_card(hard, a.name).figures
