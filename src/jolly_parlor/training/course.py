"""A lesson taken as a test: two sounds a trial, one of them with the thing, harder while right."""

from dataclasses import dataclass, replace

from jolly_parlor.training.staircase import Staircase

_AT_BOTTOM = 8
"""So many right in a row at the smallest size: nothing smaller is there to be heard."""
_MOST_TRIALS = 80


@dataclass(frozen=True)
class Course:
    """Where it stands. Sizes and answers are kept for the picture."""

    stairs: Staircase
    drawn: tuple[int, ...]
    """Which of the two has it, trial by trial."""
    steps: tuple[tuple[float, bool], ...] = ()
    """Size, and whether the answer was right."""

    @classmethod
    def begun(cls, scale: Staircase, seed: int | None) -> "Course":
        """seed: None draws anew each time."""
        import numpy as np

        drawn = np.random.default_rng(seed).integers(0, 2, _MOST_TRIALS)
        return cls(scale, tuple(int(n) for n in drawn))

    @property
    def hidden(self) -> int:
        """Which of the two has it now."""
        return self.drawn[min(len(self.steps), _MOST_TRIALS - 1)]

    @property
    def size(self) -> float:
        """How plain it is now."""
        return self.stairs.size

    def answered(self, which: int) -> "Course":
        """It is in the first (0) or the second (1)."""
        if self.finished:
            return self
        right = which == self.hidden
        steps = (*self.steps, (self.stairs.size, right))
        return replace(self, stairs=self.stairs.answered(right), steps=steps)

    @property
    def finished(self) -> bool:
        """Whether it has settled, met the smallest size, or gone on for too long."""
        return self.stairs.finished or self._bottomed or len(self.steps) >= _MOST_TRIALS

    @property
    def threshold(self) -> float | None:
        """How plain it had to be; None where that cannot be said."""
        if self._bottomed:
            return self.stairs.least
        return self.stairs.threshold

    @property
    def _bottomed(self) -> bool:
        last = self.steps[-_AT_BOTTOM:]
        least = self.stairs.least
        return len(last) == _AT_BOTTOM and all(good and size <= least for size, good in last)
