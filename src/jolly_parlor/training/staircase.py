"""A staircase that finds how small a thing a listener still hears.

Transformed up-down, two right down, one wrong up (Levitt 1971, J. Acoust. Soc. Am. 49, from
memory): it settles where a listener is right in 70.7 % of the trials. Steps halve at the first
reversals; the threshold is the mean of the last ones.
"""

from dataclasses import dataclass, replace

TARGET = 0.5**0.5
"""The share of right answers where it settles."""
_RIGHT_BEFORE_HARDER = 2
_HALVED_AT = 3
"""So many reversals halve the step, each."""
_ENOUGH, _COUNTED = 9, 6


@dataclass(frozen=True)
class Staircase:
    """Where it stands; `size` is how plain the thing is, larger is easier."""

    size: float
    step: float
    least: float
    most: float
    right_in_row: int = 0
    going: int = 0
    """-1 to harder, +1 to easier, 0 before the first step."""
    reversals: tuple[float, ...] = ()

    def answered(self, right: bool) -> "Staircase":
        if right and self.right_in_row + 1 < _RIGHT_BEFORE_HARDER:
            return replace(self, right_in_row=self.right_in_row + 1)
        way = -1 if right else 1
        turned = self.going not in (0, way)
        reversals = (*self.reversals, self.size) if turned else self.reversals
        step = self.step / 2 if turned and len(reversals) <= _HALVED_AT else self.step
        size = min(max(self.size + way * step, self.least), self.most)
        return replace(self, size=size, step=step, right_in_row=0, going=way, reversals=reversals)

    @property
    def finished(self) -> bool:
        """Whether it has turned often enough."""
        return len(self.reversals) >= _ENOUGH

    @property
    def threshold(self) -> float | None:
        """The mean of the last reversals; None before there are enough."""
        last = self.reversals[-_COUNTED:]
        return sum(last) / len(last) if self.finished else None
