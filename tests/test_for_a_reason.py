"""Every test asserts, and none only under a condition: read from the tests themselves."""

import ast
from collections.abc import Iterator
from functools import cache
from pathlib import Path

import pytest

TESTS = Path(__file__).parent
_WAITS = {"waitUntil", "waitSignal", "waitSignals", "waitExposed", "assertNotEmitted"}
"""pytest-qt's: they fail when what they wait for does not come."""
_RAISES = {"raises", "warns", "fail"}
_CERTAIN = {"some", "made_or_refused", "assert_allclose", "assert_array_equal"}
"""Of `certain` and NumPy. Other helpers that assert drive the program: that a button was there to
be pressed is no result.
"""
Function = ast.FunctionDef | ast.AsyncFunctionDef


def _functions(tree: ast.AST) -> Iterator[Function]:
    for node in ast.walk(tree):
        if isinstance(node, Function):
            yield node


@cache
def _trees() -> dict[Path, ast.Module]:
    return {path: ast.parse(path.read_text("utf-8")) for path in sorted(TESTS.rglob("*.py"))}


def _called(node: ast.AST) -> str:
    """The last word of what is called."""
    if not isinstance(node, ast.Call):
        return ""
    if isinstance(node.func, ast.Attribute):
        return node.func.attr
    return node.func.id if isinstance(node.func, ast.Name) else ""


def _never_empty(over: ast.expr) -> bool:
    """Whether a loop over it runs at least once, as far as can be read."""
    if isinstance(over, ast.Tuple | ast.List | ast.Set | ast.Dict):
        return True
    if _called(over) == "some":
        return True
    if isinstance(over, ast.Name):
        return over.id.isupper()
    if isinstance(over, ast.Attribute):
        return over.attr.isupper()
    if isinstance(over, ast.Call):
        if _called(over) == "range":
            return True
        inner = [*over.args]
        if isinstance(over.func, ast.Attribute):
            inner.append(over.func.value)
        if _called(over) == "zip" and any(word.arg == "strict" for word in over.keywords):
            return any(_never_empty(one) for one in inner)
        if _called(over) in {"zip", "enumerate", "sorted", "list", "items", "product", "reversed"}:
            return bool(inner) and all(_never_empty(one) for one in inner)
    return False


def _expression_asserts(node: ast.AST) -> bool:
    """Whether evaluating it calls something that asserts."""
    for part in ast.walk(node):
        if isinstance(part, ast.Lambda):
            continue
        name = _called(part)
        if name and (name in _WAITS | _RAISES | _CERTAIN):
            return True
    return False


def _asserts(body: list[ast.stmt]) -> bool:
    """Whether a body asserts something whatever happens."""
    for node in body:
        if isinstance(node, ast.Assert):
            return True
        if isinstance(node, ast.With | ast.AsyncWith):
            if any(_expression_asserts(item.context_expr) for item in node.items):
                return True
            if _asserts(node.body):
                return True
        elif isinstance(node, ast.For):
            if _never_empty(node.iter) and _asserts(node.body):
                return True
        elif isinstance(node, ast.Try):
            if _asserts(node.body) or _asserts(node.finalbody):
                return True
        elif isinstance(node, ast.If):
            if node.orelse and _asserts(node.body) and _asserts(node.orelse):
                return True
        elif not isinstance(node, Function | ast.ClassDef | ast.While):
            if _expression_asserts(node):
                return True
    return False


def _under_a_condition(made: Function) -> Iterator[int]:
    """Lines of asserts that run only under a condition, nested helpers left out."""

    def walk(body: list[ast.stmt], conditional: bool) -> Iterator[int]:
        for node in body:
            if isinstance(node, ast.Assert) and conditional:
                yield node.lineno
            if isinstance(node, Function | ast.ClassDef):
                continue
            inside = conditional or isinstance(node, ast.If | ast.While)
            for name in ("body", "orelse", "finalbody"):
                yield from walk(getattr(node, name, []), inside)
            for handler in getattr(node, "handlers", []):
                yield from walk(handler.body, True)

    yield from walk(made.body, False)


def faults(tree: ast.Module) -> list[tuple[int, str]]:
    """Lines of tests that assert nothing for certain, and of asserts under a condition."""
    found = []
    for made in _functions(tree):
        if not made.name.startswith("test_"):
            continue
        if not _asserts(made.body):
            found.append((made.lineno, f"{made.name} may assert nothing"))
        found += [
            (line, f"{made.name} asserts under a condition") for line in _under_a_condition(made)
        ]
    return found


def test_every_test_asserts_and_none_only_under_a_condition() -> None:
    found = [
        f"{path.relative_to(TESTS)}:{line}: {why}"
        for path, tree in _trees().items()
        for line, why in faults(tree)
    ]
    assert found == []


@pytest.mark.parametrize(
    "body",
    [
        "pass",
        "if x:\n        assert x",
        "for a in found():\n        assert a",
        "def inner():\n        assert x",
        "x = 3\n    print(x)",
        "while x:\n        assert x",
    ],
)
def test_what_may_assert_nothing_is_found(body: str) -> None:
    assert faults(ast.parse(f"def test_it(x):\n    {body}\n")) != []


@pytest.mark.parametrize(
    "body",
    [
        "assert x",
        "with pytest.raises(ValueError):\n        f()",
        "for a in (1, 2):\n        assert a",
        "for a in range(3):\n        np.testing.assert_allclose(a, 1)",
        "with open(x) as f:\n        assert f",
        "qtbot.waitUntil(lambda: x)",
    ],
)
def test_what_asserts_for_certain_is_let_be(body: str) -> None:
    assert faults(ast.parse(f"def test_it(x):\n    {body}\n")) == []
