"""How many mutants of the calculating packages the tests kill.

Run from the repository, after `./check --coverage` (which leaves what each test ran through, and
how long it took): `.venv/bin/python benchmarks/mutations.py [PACKAGE ...] [--each N] [--seed S]`.

Of each package N mutants are drawn by the seed: a comparison turned, a number moved by one, a sum
made a difference, a loop left out. Each runs against the quickest of the tests that ran through its
statement, its own package's first, up to two minutes of them; what nothing ran through has
survived. Prints the share that
died and every survivor with what was changed; exits 1 where a package lies below its floor.

Left out are annotations and decorators: a mutant there either fails to import, which proves
nothing, or takes a memory away, which changes no answer. So are operators that no sum of floats
survives (a shift in place of a product), which would make the share look better than it is, and
numbers changed by a tenth or less (1000 to 1001), which are the same figure to whoever reads it;
and limits that only a measured number meets (`<` for `<=` between floats), which none ever lies on.
"""

import argparse
import ast
import hashlib
import os
import shlex
import shutil
import sys
import tempfile
import xml.etree.ElementTree as ET
from collections import defaultdict
from concurrent.futures import ThreadPoolExecutor
from functools import cache
from pathlib import Path
from queue import SimpleQueue

from cosmic_ray.commands.init import init
from cosmic_ray.mutating import mutate_and_test
from cosmic_ray.work_db import WorkDB, use_db
from cosmic_ray.work_item import MutationSpec, TestOutcome, WorkResult
from coverage import CoverageData

ROOT = Path(__file__).resolve().parents[1]
TIMES = ROOT / ".test-times.xml"
PACKAGES = ("acoustics", "placement", "fitting", "equalising", "signals")
FLOOR = 0.80
_BINARY = ("Add_Sub", "Sub_Add", "Mul_Div", "Div_Mul", "Pow_Mul", "FloorDiv_Div", "Mod_FloorDiv")
_SETS = ("BitAnd_BitOr", "BitOr_BitAnd")
_COMPARED = ("Lt_LtE", "Lt_GtE", "LtE_Lt", "LtE_Gt", "Gt_GtE", "Gt_LtE", "GtE_Gt", "GtE_Lt")
_SAME = ("Eq_NotEq", "NotEq_Eq", "Is_IsNot", "IsNot_Is")
MEANT = {
    *(f"ReplaceBinaryOperator_{name}" for name in (*_BINARY, *_SETS)),
    *(f"ReplaceComparisonOperator_{name}" for name in (*_COMPARED, *_SAME)),
    *("ReplaceUnaryOperator_Delete_USub", "ReplaceUnaryOperator_Delete_Not"),
    *("AddNot", "ReplaceTrueWithFalse", "ReplaceFalseWithTrue", "NumberReplacer"),
    *("ReplaceAndWithOr", "ReplaceOrWithAnd", "ZeroIterationForLoop"),
    *("ReplaceBreakWithContinue", "ReplaceContinueWithBreak"),
}
_SECONDS, _MOST = 120.0, 120
"""Of the tests that one mutant meets."""


class Known:
    """What each test ran through, and how long each takes."""

    def __init__(self) -> None:
        self._data = CoverageData(str(ROOT / ".coverage"))
        self._data.read()
        self._seconds: dict[str, float] = defaultdict(float)
        for case in ET.parse(TIMES).iter("testcase"):
            name = f"{case.get('file')}::{case.get('name')}"
            self._seconds[name] += float(case.get("time", 0))

    def tests(self, module: Path, mutation: MutationSpec) -> list[str]:
        """Which ran through the mutation's statement, those of its own package first, the quickest
        of them first. What stands outside functions runs at import: there, every test of the
        module.
        """
        own = f"tests/{module.parts[2]}/"
        through = self._data.contexts_by_lineno(str(ROOT / module))
        lines = _statement(ROOT / module, mutation.start_pos[0])
        contexts = {c for line in lines or through for c in through.get(line, ())}
        names = {c.partition("|")[0] for c in contexts if c} & self._seconds.keys()
        chosen: list[str] = []
        left = _SECONDS
        known = sorted(names, key=lambda n: (not n.startswith(own), self._seconds[n], n))
        for name in known[:_MOST]:
            left -= self._seconds[name]
            if left < 0 and chosen:
                break
            chosen.append(name)
        return chosen


def _statement(path: Path, line: int) -> range | None:
    """The lines of the innermost statement there; None outside functions, or where a definition
    begins (its defaults are made at import).
    """
    found: range | None = None
    tree = ast.parse(path.read_text("utf-8"))
    for function in ast.walk(tree):
        if not isinstance(function, ast.FunctionDef):
            continue
        for node in ast.walk(function):
            if isinstance(node, ast.stmt) and node is not function:
                end = node.end_lineno or node.lineno
                if isinstance(body := getattr(node, "body", None), list):
                    end = body[0].lineno - 1 if body[0].lineno > node.lineno else node.lineno
                lines = range(node.lineno, end + 1)
                if line in lines and (found is None or len(lines) <= len(found)):
                    found = lines
    return found


def _idle(path: Path) -> set[tuple[int, int]]:
    """Where annotations, decorators and what is for the type checker alone begin and end, as
    (line, column) of what is in them.
    """
    inside: set[tuple[int, int]] = set()
    for node in ast.walk(ast.parse(path.read_text("utf-8"))):
        parts = [getattr(node, "annotation", None), getattr(node, "returns", None)]
        parts += getattr(node, "decorator_list", [])
        if isinstance(node, ast.If) and ast.unparse(node.test) == "TYPE_CHECKING":
            parts.append(node.test)
        for part in parts:
            if isinstance(part, ast.expr):
                for line in range(part.lineno, (part.end_lineno or part.lineno) + 1):
                    first = part.col_offset if line == part.lineno else 0
                    last = part.end_col_offset if line == part.end_lineno else 200
                    inside |= {(line, column) for column in range(first, last or 0)}
    return inside


@cache
def _lines(path: Path) -> list[str]:
    return path.read_text("utf-8").splitlines()


def _slight(mutation: MutationSpec) -> bool:
    """Whether it moves a number of ten or more by one."""
    if not mutation.operator_name.endswith("NumberReplacer"):
        return False
    (line, begin), (_, end) = mutation.start_pos, mutation.end_pos
    text = _lines(mutation.module_path)[line - 1][begin:end]
    try:
        return abs(float(text.replace("_", ""))) >= 10
    except ValueError:
        return False


_EDGES = ("Lt_LtE", "LtE_Lt", "Gt_GtE", "GtE_Gt")
_COUNTS = {"len", "size", "count", "count_nonzero", "ndim", "shape"}


@cache
def _compared(path: Path) -> dict[tuple[int, int], ast.Compare]:
    """Every comparison, by where it ends."""
    tree = ast.parse(path.read_text("utf-8"))
    return {
        (node.lineno, node.col_offset): node
        for node in ast.walk(tree)
        if isinstance(node, ast.Compare)
    }


def _on_an_edge(mutation: MutationSpec) -> bool:
    """Whether it moves a limit by nothing: between numbers that are no counts."""
    if not mutation.operator_name.endswith(_EDGES):
        return False
    line, column = mutation.start_pos
    found = [
        node
        for node in _compared(mutation.module_path).values()
        if (node.lineno, node.col_offset) <= (line, column)
        and (node.end_lineno or 0, node.end_col_offset or 0) >= (line, column)
    ]
    if not found:
        return False
    node = max(found, key=lambda n: (n.lineno, n.col_offset))  # the innermost
    return not any(_counts(side) for side in (node.left, *node.comparators))


def _counts(side: ast.expr) -> bool:
    """Whether a side of a comparison is a whole number, as far as it can be seen."""
    if isinstance(side, ast.Constant):
        return isinstance(side.value, int) and abs(side.value) > 0
    names = {n.attr for n in ast.walk(side) if isinstance(n, ast.Attribute)}
    names |= {n.id for n in ast.walk(side) if isinstance(n, ast.Name)}
    return bool(names & _COUNTS)


def drawn(package: str, each: int, seed: int) -> list[MutationSpec]:
    """As many mutations of a package, by the seed; paths from the root of the repository."""
    modules = sorted((ROOT / "src" / "jolly_parlor" / package).rglob("*.py"))
    with (
        tempfile.TemporaryDirectory() as folder,
        use_db(str(Path(folder) / "mutants"), WorkDB.Mode.create) as work,
    ):
        init(modules, work, {})
        every = [item.mutations[0] for item in work.work_items]
    idle = {path: _idle(path) for path in modules}
    meant = [
        m
        for m in every
        if m.operator_name.partition("/")[2] in MEANT
        and m.start_pos not in idle[m.module_path]
        and not _slight(m)
        and not _on_an_edge(m)
    ]
    return sorted(meant, key=lambda m: _lot(m, seed))[:each]


def _lot(mutation: MutationSpec, seed: int) -> bytes:
    """Its lot: of what it is, so that a change elsewhere in the package draws no others."""
    (line, column), path = mutation.start_pos, mutation.module_path
    text = _lines(path)[line - 1].strip()
    what = f"{seed} {path.relative_to(ROOT)} {mutation.operator_name} {column} {text}"
    return hashlib.sha256(what.encode()).digest()


def tried(mutation: MutationSpec, known: Known, trees: "SimpleQueue[Path]") -> WorkResult | None:
    """What came of it in a copy of the repository; None where no test ran through it."""
    module = Path(mutation.module_path).relative_to(ROOT)
    tests = known.tests(module, mutation)
    if not tests:
        return None
    tree = trees.get()
    try:
        there = MutationSpec(
            tree / module,
            mutation.operator_name,
            mutation.occurrence,
            mutation.start_pos,
            mutation.end_pos,
        )
        python = ROOT / ".venv" / "bin" / "python"
        # The copy's own package comes before the one that is installed.
        run = f"{python} -m pytest -q -x -p no:cacheprovider -o pythonpath='tests src'"
        where = f"env -C {tree} PYTHONPATH={tree / 'src'}"
        command = f"{where} {run} {' '.join(shlex.quote(name) for name in tests)}"
        return mutate_and_test([there], command, timeout=4 * _SECONDS)
    finally:
        trees.put(tree)


def main() -> int:
    """Print a package after another."""
    parser = argparse.ArgumentParser(description=__doc__)
    parser.add_argument("packages", nargs="*", default=PACKAGES)
    parser.add_argument("--each", type=int, default=40)
    parser.add_argument("--seed", type=int, default=1)
    parser.add_argument("--trees", type=int, default=2, help="Copies at work beside one another.")
    args = parser.parse_args()
    os.environ |= {"QT_QPA_PLATFORM": "offscreen", "OMP_NUM_THREADS": "1"}
    os.environ |= {"OPENBLAS_NUM_THREADS": "1"}
    known, below = Known(), 0
    with tempfile.TemporaryDirectory() as folder:
        trees: SimpleQueue[Path] = SimpleQueue()
        for n in range(args.trees):
            tree = Path(folder) / str(n)
            shutil.copytree(
                ROOT, tree, ignore=shutil.ignore_patterns(".venv", ".git", ".coverage", ".long")
            )
            trees.put(tree)
        for package in args.packages:
            mutations = drawn(package, args.each, args.seed)
            with ThreadPoolExecutor(args.trees) as pool:
                results = list(pool.map(lambda m: tried(m, known, trees), mutations))
            died = [r is not None and r.test_outcome != TestOutcome.SURVIVED for r in results]
            share = sum(died) / max(len(died), 1)
            below += share < FLOOR
            print(f"mutants {package}: {sum(died)} of {len(died)} died ({share:.0%})", flush=True)
            for mutation, result in zip(mutations, results, strict=True):
                if result is None:
                    at = f"{mutation.module_path.relative_to(ROOT)}:{mutation.start_pos[0]}"
                    print(f"  no test ran through {at} ({mutation.operator_name})")
                elif result.test_outcome == TestOutcome.SURVIVED:
                    print("  " + "\n  ".join((result.diff or "").splitlines()))
    return 1 if below else 0


if __name__ == "__main__":
    sys.exit(main())
