"""Every slot takes exactly what its signal gives, read from the window's own code.

PyQt calls a slot with all that a signal gives and, where that raises TypeError, with ever less. So
a slot of fewer arguments works until something else in it raises one; and a lambda that keeps a
value as a default (`lambda _, v=value:`) is called without it once Python has collected it.
"""

import ast
from collections.abc import Iterator
from functools import cache
from pathlib import Path

import pytest
from PyQt6 import QtCore, QtGui, QtNetwork, QtWidgets
from PyQt6.QtCore import QMetaMethod

from jolly_parlor import app

ROOT = Path(app.__file__).parent
Function = ast.FunctionDef | ast.AsyncFunctionDef
_OF_LIBRARIES = {"sigMouseMoved": {1}, "sigHovered": {2, 3}, "sigClicked": {2, 3}}
"""pyqtgraph's: its classes are Python and say nothing to Qt's own tables."""


@cache
def _qt() -> tuple[dict[str, set[int]], dict[str, set[int]]]:
    """How many arguments Qt's own signals give and its slots take, by name, over all classes."""
    signals: dict[str, set[int]] = {}
    slots: dict[str, set[int]] = {"update": {0}, "close": {0}}
    for module in (QtCore, QtGui, QtWidgets, QtNetwork):
        for kind in vars(module).values():
            meta = getattr(kind, "staticMetaObject", None)
            if meta is None:
                continue
            for at in range(meta.methodCount()):
                method = meta.method(at)
                name, count = bytes(method.name()).decode(), method.parameterCount()
                signal = method.methodType() == QMetaMethod.MethodType.Signal
                (signals if signal else slots).setdefault(name, set()).add(count)
    signals["clicked"] = {1}  # `checked` is always given, to whoever takes it
    signals["toggled"] = {1}
    return signals, slots


@cache
def _modules() -> dict[Path, ast.Module]:
    return {path: ast.parse(path.read_text("utf-8")) for path in sorted(ROOT.rglob("*.py"))}


def _is_signal(value: ast.expr | None) -> bool:
    return (
        isinstance(value, ast.Call)
        and isinstance(value.func, ast.Name)
        and value.func.id == "pyqtSignal"
    )


@cache
def _own_signals() -> dict[str, set[int]]:
    """How many arguments our own signals give, by name, over all classes."""
    found: dict[str, set[int]] = {}
    for tree in _modules().values():
        for node in ast.walk(tree):
            if not isinstance(node, ast.Assign):
                continue
            for target in node.targets:
                names = target.elts if isinstance(target, ast.Tuple) else [target]
                values = node.value.elts if isinstance(node.value, ast.Tuple) else [node.value]
                for name, value in zip(names, values, strict=False):
                    if isinstance(name, ast.Name) and _is_signal(value):
                        assert isinstance(value, ast.Call)
                        found.setdefault(name.id, set()).add(len(value.args))
    return found


def _taken(arguments: ast.arguments, method: bool) -> set[int]:
    """How many arguments are taken, `self` left out; those with defaults are not the signal's."""
    if arguments.vararg is not None:
        return set(range(6))
    return {len(arguments.posonlyargs) + len(arguments.args) - method}


def _functions_in(scope: ast.AST) -> dict[str, set[int]]:
    method = isinstance(scope, ast.ClassDef)
    return {
        node.name: _taken(node.args, method)
        for node in ast.iter_child_nodes(scope)
        if isinstance(node, Function)
    }


@cache
def _own_functions() -> dict[str, set[int]]:
    """Of all our functions and methods, by name."""
    found: dict[str, set[int]] = {}
    for tree in _modules().values():
        for scope in ast.walk(tree):
            for name, taken in _functions_in(scope).items():
                found.setdefault(name, set()).update(taken)
    return found


def _callables_of(made: Function) -> dict[str, set[int]]:
    """Of the parameters that are functions, by their annotation."""
    found = {}
    for one in made.args.args:
        kind = one.annotation
        if isinstance(kind, ast.Subscript) and ast.unparse(kind.value) == "Callable":
            assert isinstance(kind.slice, ast.Tuple)
            takes = kind.slice.elts[0]
            counted = {len(takes.elts)} if isinstance(takes, ast.List) else set(range(6))
            found[one.arg] = counted
    return found


def _known_here(around: list[ast.AST], slot: ast.expr) -> set[int]:
    """By the class or the functions around, the nearest first."""
    of_self = isinstance(slot, ast.Attribute) and ast.unparse(slot.value) == "self"
    for scope in reversed(around):
        known = {}
        if of_self and isinstance(scope, ast.ClassDef):
            known = _functions_in(scope)
        elif isinstance(slot, ast.Name) and not isinstance(scope, ast.ClassDef):
            known = _functions_in(scope)
            if isinstance(scope, Function):
                known = _callables_of(scope) | known
        name = slot.attr if isinstance(slot, ast.Attribute) else getattr(slot, "id", "")
        if name in known:
            return known[name]
    return set()


def _takes(slot: ast.expr, around: list[ast.AST]) -> set[int] | str:
    """How many arguments a slot may take, or what is wrong with it."""
    if isinstance(slot, ast.Lambda):
        if slot.args.defaults or slot.args.kw_defaults:
            return "keeps a value as a default: use partial, or a name of the function around it"
        return _taken(slot.args, False)
    if isinstance(slot, ast.Call) and isinstance(slot.func, ast.Name) and slot.func.id == "partial":
        inner = _takes(slot.args[0], around)
        if isinstance(inner, str):
            return inner
        return {count - (len(slot.args) - 1) for count in inner}
    if known := _known_here(around, slot):
        return known
    name = slot.attr if isinstance(slot, ast.Attribute) else getattr(slot, "id", "")
    if name == "emit" and isinstance(slot, ast.Attribute):
        return _gives(slot.value)
    known = _own_functions().get(name, set()) | _own_signals().get(name, set())
    return known or _qt()[1].get(name, set()) or f"nothing is known of {ast.unparse(slot)}"


def _gives(signal: ast.expr) -> set[int]:
    name = signal.attr if isinstance(signal, ast.Attribute) else getattr(signal, "id", "")
    own = _own_signals().get(name, set())
    return own or _qt()[0].get(name, set()) | _OF_LIBRARIES.get(name, set())


def faults(node: ast.AST, around: tuple[ast.AST, ...] = ()) -> Iterator[tuple[int, str]]:
    """Lines where a slot takes other than what its signal gives."""
    if isinstance(node, ast.Module | ast.ClassDef | Function):
        around = (*around, node)
    for child in ast.iter_child_nodes(node):
        yield from faults(child, around)
    if not (isinstance(node, ast.Call) and isinstance(node.func, ast.Attribute)):
        return
    if node.func.attr != "connect" or len(node.args) != 1:
        return
    gives, takes = _gives(node.func.value), _takes(node.args[0], list(around))
    told = ast.unparse(node)[:100]
    if isinstance(takes, str):
        yield node.lineno, f"{told}: {takes}"
    elif gives and not gives & takes:  # a signal under another name is looked at where it is made
        yield node.lineno, f"{told}: the signal gives {gives}, the slot takes {takes}"


def test_every_slot_takes_exactly_what_its_signal_gives() -> None:
    assert _qt()[0]["textEdited"] == {1} and _own_signals()["chosen"] == {1}
    found = [
        f"{path.relative_to(ROOT)}:{line}: {why}"
        for path, tree in _modules().items()
        for line, why in faults(tree)
    ]
    assert found == []


@pytest.mark.parametrize(
    "connect",
    [
        "button.clicked.connect(lambda: f())",
        "button.clicked.connect(lambda _, v=value: f(v))",
        "field.textEdited.connect(lambda a, b: f(a))",
        "timer.timeout.connect(lambda _: f())",
        "timer.timeout.connect(unheard_of)",
        "button.clicked.connect(partial(lambda a, b, c: f(), 1))",
    ],
)
def test_a_slot_of_other_arguments_is_found(connect: str) -> None:
    assert list(faults(ast.parse(connect))) != []


@pytest.mark.parametrize(
    "connect",
    [
        "button.clicked.connect(lambda _: f())",
        "button.clicked.connect(partial(lambda a, b: f(), 1))",
        "timer.timeout.connect(lambda: f())",
        "field.textEdited.connect(field.setText)",
        "socket.disconnected.connect(socket.deleteLater)",
    ],
)
def test_a_slot_of_the_same_arguments_is_let_be(connect: str) -> None:
    assert list(faults(ast.parse(connect))) == []
