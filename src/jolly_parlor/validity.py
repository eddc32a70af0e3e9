"""One check for everything that is written: what a file is read by is what an edit must pass.

The dataclasses are the schema; pydantic checks their values against their own annotations.
"""

from functools import cache
from typing import Any

from pydantic import TypeAdapter, ValidationError

_SAYS = {
    "greater_than": "must be above {gt}",
    "greater_than_equal": "must be {ge} or more",
    "less_than": "must be below {lt}",
    "less_than_equal": "must be {le} or less",
    "string_too_long": "takes {max_length} letters at most",
    "string_too_short": "must not be empty",
    "too_long": "takes {max_length} at most",
    "too_short": "needs {min_length} at least",
    "finite_number": "must be a finite number",
}


def faults(value: object) -> list[str]:
    """What in a dataclass is beyond its own annotations, each as `where: what`; empty when all is
    well.
    """
    kind: Any = type(value)
    adapter = _adapter(kind)
    try:
        adapter.validate_python(adapter.dump_python(value, warnings=False))
    except ValidationError as error:
        return [_fault(details) for details in error.errors(include_url=False)[:3]]
    return []


def in_words(error: ValidationError) -> str:
    """The first faults of a validation in one sentence: where, and what is wrong there."""
    told = [_fault(details) for details in error.errors(include_url=False)[:3]]
    rest = error.error_count() - len(told)
    more = f"; and {rest} more" if rest > 0 else ""
    return "; ".join(told) + more + "."


def _fault(details: Any) -> str:
    where = " → ".join(str(part) for part in details["loc"]) or "the file"
    message = details["msg"][0].lower() + details["msg"][1:]
    if says := _SAYS.get(details["type"]):
        message = says.format(**details.get("ctx", {}))
    got = details.get("input")
    given = f" (it is {got!r:.40})" if isinstance(got, str | int | float | bool) else ""
    return f"{where}: {message}{given}"


@cache
def _adapter(kind: type[Any]) -> TypeAdapter[Any]:
    return TypeAdapter(kind)
