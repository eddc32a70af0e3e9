"""The long campaigns tell a failure, and what passed counts only for the code it passed on."""

import importlib.util
import subprocess
import sys
from pathlib import Path
from types import ModuleType

import pytest

SCRIPTS = Path(__file__).resolve().parents[1] / "scripts"


def _loaded(name: str, monkeypatch: pytest.MonkeyPatch) -> ModuleType:
    monkeypatch.syspath_prepend(str(SCRIPTS))
    spec = importlib.util.spec_from_file_location(name, SCRIPTS / f"{name}.py")
    assert spec is not None and spec.loader is not None
    module = importlib.util.module_from_spec(spec)
    monkeypatch.setitem(sys.modules, name, module)
    spec.loader.exec_module(module)
    return module


@pytest.fixture
def campaigns(monkeypatch: pytest.MonkeyPatch) -> ModuleType:
    _loaded("source_kept", monkeypatch)
    return _loaded("campaigns", monkeypatch)


@pytest.mark.parametrize(
    ("told", "ended", "bad"),
    [
        ("spoiled documents: 2000 read, 1902 refused, 0 errors\n", 0, False),
        ("spoiled documents: 2000 read, 1902 refused, 10 errors\n", 0, True),
        ("kills: 1000, 0 documents lost\n", 0, False),
        ("kills: 1000, 3 documents lost\n", 0, True),
        ("mutants signals: 9 of 20 died (45%)\n", 1, True),
    ],
)
def test_what_found_something_has_failed(
    campaigns: ModuleType, told: str, ended: int, bad: bool
) -> None:
    assert campaigns.failed(told, ended) is bad


def test_what_passed_is_not_repeated_until_the_code_changes(
    campaigns: ModuleType, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    (tmp_path / "benchmarks").mkdir()
    (tmp_path / "src").mkdir()
    (tmp_path / "src" / "sums.py").write_text("FOUR = 4\n")
    (tmp_path / "benchmarks" / "count.py").write_text(
        "from pathlib import Path\n"
        "runs = Path('runs.txt')\n"
        "runs.write_text((runs.read_text() if runs.exists() else '') + 'once ')\n"
        "print('cut: 0 documents lost')\n"
    )
    subprocess.run(["git", "init", "-q"], cwd=tmp_path, check=True)
    source_kept = sys.modules["source_kept"]
    for module in (campaigns, source_kept):
        monkeypatch.setattr(module, "ROOT", tmp_path)
    monkeypatch.setattr(campaigns, "CAMPAIGNS", {"count": "count.py"})
    monkeypatch.setattr(sys, "argv", ["campaigns.py"])

    def runs() -> int:
        assert campaigns.main() == 0
        return len((tmp_path / "runs.txt").read_text().split())

    assert [runs(), runs()] == [1, 1]
    (tmp_path / "src" / "sums.py").write_text("FOUR = 5\n")
    assert [runs(), runs()] == [2, 2]
