"""What makes tests assert whatever happens; `test_for_a_reason` knows these names."""

from collections.abc import Callable, Iterable
from typing import TypeVar

T = TypeVar("T")


def some(items: Iterable[T]) -> list[T]:
    """The items, of which there is at least one: a loop over none would assert nothing."""
    found = list(items)
    assert found, "nothing to look at"
    return found


def made_or_refused(
    do: Callable[[], T], refusal: type[Exception], in_words: Callable[[str], object]
) -> T | None:
    """What was made; None where it was refused, in words that hold. Anything else is raised."""
    try:
        made = do()
    except refusal as error:
        assert in_words(str(error)), str(error)
        return None
    assert made is not None
    return made
