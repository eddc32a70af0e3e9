"""How every written dataclass is checked: nothing unknown, no number that is none."""

from typing import Any, Final

STRICT: Final[Any] = {"extra": "forbid", "allow_inf_nan": False}
"""For `__pydantic_config__`."""
