"""Blind comparisons: which of two is X, and how likely a guesser would have done as well."""

from dataclasses import dataclass
from fractions import Fraction
from math import comb

TELLING = 0.05
"""As unlikely as this by guessing, and a difference is said to be heard (common practice)."""
_LEAST_TRIALS = 5


@dataclass(frozen=True)
class Score:
    """Trials of X being one of `choices`, and how many were named rightly."""

    trials: int
    right: int
    choices: int = 2

    @property
    def guessed(self) -> float:
        """The probability that a guesser does as well or better: the exact binomial tail,
        sum over k >= right of C(n, k) p^k (1 - p)^(n - k), p = 1 / choices.
        """
        p = Fraction(1, self.choices)
        ways = (
            comb(self.trials, k) * p**k * (1 - p) ** (self.trials - k)
            for k in range(self.right, self.trials + 1)
        )
        return float(sum(ways, Fraction(0)))

    @property
    def heard(self) -> bool | None:
        """Whether the difference is heard; None while too little was tried to tell either way."""
        if self.guessed <= TELLING:
            return True
        return None if self.trials < _LEAST_TRIALS else False

    @property
    def words(self) -> str:
        """In a sentence, with what follows from it."""
        told = f"{self.right} of {self.trials} right"
        if not self.trials:
            return "Nothing tried yet."
        chance = f"a guesser does as well {100 * self.guessed:.0f} times in 100"
        if self.heard:
            return f"{told}; {chance}: you hear this difference."
        if self.heard is None:
            return f"{told}; {chance}: go on, {_LEAST_TRIALS} at least are needed."
        return f"{told}; {chance}: you could not tell them apart. Choose the easier to build."
