"""Commands called oddly lose nothing and fail in words."""

from pathlib import Path

import pytest

from answered_once import answer_once
from hardship.odd_calls import call_oddly
from how_many import cases
from quick_field import use_few_looks


@pytest.mark.parametrize("seed", [1, 2])
def test_whatever_a_command_is_given_nothing_is_lost(
    seed: int, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    use_few_looks(monkeypatch)
    answer_once(monkeypatch)
    refused, wrong = call_oddly(tmp_path, cases(25), seed)
    assert wrong == []
    assert refused > 5
