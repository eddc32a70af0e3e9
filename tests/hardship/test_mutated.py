"""Spoiled files of every kind are refused in words, or read; see benchmarks/endurance.py for long
runs.
"""

from pathlib import Path

import pytest

from hardship.mutated import spoil, subjects


@pytest.mark.parametrize("name", list(subjects()))
@pytest.mark.parametrize("seed", [11, 12])
def test_a_spoiled_file_is_refused_or_read(name: str, seed: int, tmp_path: Path) -> None:
    refused, errors = spoil(name, 60, seed, tmp_path)
    assert errors == []
    assert 0 < refused <= 60
