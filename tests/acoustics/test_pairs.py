"""The bulk form of the model of record against the same model one pair at a time."""

import numpy as np
import pytest

from jolly_parlor.acoustics.fields.impedance_box import BoxField
from jolly_parlor.acoustics.fields.many_pairs import PairField


@pytest.fixture(scope="module")
def field() -> BoxField:
    f = np.geomspace(20.0, 300.0, 60)
    beta = np.array([0.02, 0.03, 0.01, 0.6, 0.04, 0.015])[:, None] * np.ones_like(f)
    return BoxField((3.4, 5.2, 2.5), beta, f, 343.2)


def test_pairs_are_the_model_of_record(field: BoxField) -> None:
    rng = np.random.default_rng(11)
    sources = rng.uniform(0.3, 1.0, (40, 3)) * [3.0, 2.0, 2.2]
    ears = rng.uniform(0.3, 1.0, (40, 3)) * [3.0, 2.0, 2.2] + [0.1, 1.8, 0.1]
    far = np.abs(sources[:, 1] - ears[:, 1]) >= 0.3
    found = PairField(field).pressures(sources[far], ears[far])
    gaps = []
    for p, s, r in zip(found, sources[far], ears[far], strict=True):
        one = field.closed_along(1, s, r)
        gaps.append(np.abs(20 * np.log10(np.abs(p) / np.abs(one))))
    assert np.median(gaps) < 0.005
    assert np.percentile(gaps, 90) < 0.05


def test_source_and_ear_may_change_places(field: BoxField) -> None:
    s, r = np.array([[0.7, 0.5, 1.1]]), np.array([[1.9, 2.6, 1.3]])
    pairs = PairField(field)
    assert np.allclose(pairs.pressures(s, r), pairs.pressures(r, s), rtol=1e-9)


def test_a_pair_side_by_side_is_refused(field: BoxField) -> None:
    with pytest.raises(ValueError, match="30 cm"):
        PairField(field).pressures(np.array([[1, 1, 1.0]]), np.array([[2, 1.1, 1.0]]))
    assert PairField(field).pressures(np.zeros((0, 3)), np.zeros((0, 3))).shape == (0, 60)


def test_what_is_made_ahead_changes_nothing(field: BoxField) -> None:
    ahead, plain = PairField(field), PairField(field)
    more = [ahead.prepare() for _ in range(200)]
    assert more[0] and not more[-1]
    source, ear = np.array([[1.1, 0.633, 1.2]]), np.array([[1.7, 1.9, 1.15]])
    np.testing.assert_allclose(ahead.pressures(source, ear), plain.pressures(source, ear))
