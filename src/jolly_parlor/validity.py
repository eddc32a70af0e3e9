"""One check for everything that is written: what a file is read by is what an edit must pass.

The dataclasses are the schema; pydantic checks their values against their own annotations.
"""

from functools import cache
from typing import Any

from pydantic import TypeAdapter, ValidationError

from jolly_parlor.words import tr

_SAYS = {
    "greater_than": tr("must be above {gt}"),
    "greater_than_equal": tr("must be {ge} or more"),
    "less_than": tr("must be below {lt}"),
    "less_than_equal": tr("must be {le} or less"),
    "string_too_long": tr("takes {max_length} letters at most"),
    "string_too_short": tr("must not be empty"),
    "too_long": tr("takes {max_length} at most"),
    "too_short": tr("needs {min_length} at least"),
    "finite_number": tr("must be a finite number"),
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
    more = tr("; and {rest} more", rest=rest) if rest > 0 else ""
    return "; ".join(told) + more + "."


def _fault(details: Any) -> str:
    where = " → ".join(str(part) for part in details["loc"]) or tr("the file")
    message = details["msg"][0].lower() + details["msg"][1:]
    if says := _SAYS.get(details["type"]):
        message = says.format(**details.get("ctx", {}))
    got = details.get("input")
    given = tr(" (it is {got!r:.40})", got=got) if isinstance(got, str | int | float | bool) else ""
    return f"{where}: {message}{given}"


@cache
def _adapter(kind: type[Any]) -> TypeAdapter[Any]:
    return TypeAdapter(kind)
