"""Blind comparisons: which of two is X, which of several is liked better, and how likely a guesser
would have done as well.
"""

from collections.abc import Sequence
from dataclasses import dataclass, replace
from fractions import Fraction
from itertools import combinations
from math import comb

import numpy as np

from jolly_parlor.words import tr

TELLING = 0.05
"""As unlikely as this by guessing, and a difference is said to be heard (common practice)."""
_LEAST_TRIALS = 5
_SELDOM = 0.2
TRIALS = 10
"""Of one comparison: nine right of them are told from guessing, eight are not."""
_PRESENTED = {2: 10, 3: 4, 4: 2, 5: 2}
"""How often each pair is heard in a ranking, by how many are ranked: always an even number, so that
one hearing can be held against another, and five repeats at least.
"""


def guessers_chance(trials: int, right: int, choices: int = 2) -> float:
    """The probability that a guesser does as well or better: the exact binomial tail,
    sum over k >= right of C(n, k) p^k (1 - p)^(n - k), p = 1 / choices.
    """
    p = Fraction(1, choices)
    ways = (comb(trials, k) * p**k * (1 - p) ** (trials - k) for k in range(right, trials + 1))
    return float(sum(ways, Fraction(0)))


@dataclass(frozen=True)
class Score:
    """Trials of X being one of `choices`, and how many were named rightly."""

    trials: int
    right: int
    choices: int = 2

    @property
    def guessed(self) -> float:
        """How likely a guesser does as well."""
        return guessers_chance(self.trials, self.right, self.choices)

    @property
    def heard(self) -> bool | None:
        """Whether the difference is heard; None while too little was tried to tell either way."""
        if self.guessed <= TELLING:
            return True
        return None if self.trials < _LEAST_TRIALS else False

    @property
    def words(self) -> str:
        """In a sentence, with what follows from it."""
        told = tr("{right} of {trials} right", right=self.right, trials=self.trials)
        if not self.trials:
            return tr("Nothing tried yet.")
        chance = _chance_words(self.guessed)
        if self.heard:
            return tr("{told}; {chance}: you hear this difference.", told=told, chance=chance)
        if self.heard is None:
            return tr(
                "{told}; {chance}: go on, {least_trials} at least are needed.",
                told=told,
                chance=chance,
                least_trials=_LEAST_TRIALS,
            )
        return tr(
            "{told}; {chance}: you could not tell them apart. Choose the easier to build.",
            told=told,
            chance=chance,
        )


def _chance_words(chance: float) -> str:
    if chance <= _SELDOM:
        return tr("a guesser does as well once in {chance:.0f}", chance=1 / chance)
    return tr("a guesser does as well {chance:.0f} times in 100", chance=100 * chance)


@dataclass(frozen=True)
class WhichIsX:
    """Which of two X is, trial after trial; the answers are told at the end only."""

    names: tuple[str, str]
    hidden: tuple[int, ...]
    """Which of the two X is in each trial."""
    answers: tuple[int, ...] = ()

    @classmethod
    def begun(cls, one: str, other: str, seed: int | None, trials: int = TRIALS) -> "WhichIsX":
        """A new one. seed: None draws a new one each time."""
        drawn = np.random.default_rng(seed).integers(0, 2, trials)
        return cls((one, other), tuple(int(n) for n in drawn))

    @property
    def trials(self) -> int:
        return len(self.hidden)

    @property
    def x(self) -> int:
        """Which of the two X is now."""
        return self.hidden[min(len(self.answers), len(self.hidden) - 1)]

    def answered(self, which: int) -> "WhichIsX":
        """X is the first (0) or the second (1)."""
        return self if self.finished else replace(self, answers=(*self.answers, which))

    @property
    def finished(self) -> bool:
        """Whether all trials are answered."""
        return len(self.answers) >= self.trials

    @property
    def score(self) -> Score:
        """Of what was answered so far."""
        right = sum(a == h for a, h in zip(self.answers, self.hidden, strict=False))
        return Score(len(self.answers), right)

    @property
    def words(self) -> str:
        one, other = self.names
        return tr(
            "Blind, “{one}” against “{other}”: {words}",
            one=one,
            other=other,
            words=self.score.words,
        )


@dataclass(frozen=True)
class Ranking:
    """Several by liking: pair after pair under letters drawn anew, every pair more than once."""

    names: tuple[str, ...]
    pairs: tuple[tuple[int, int], ...]
    """What is heard as 1 and as 2, in the order they come."""
    answers: tuple[int, ...] = ()
    """0: the first of the pair was liked better; 1: the second."""

    @classmethod
    def begun(cls, names: Sequence[str], seed: int | None) -> "Ranking":
        """A new one of two to five. Every pair is heard once before any is heard again."""
        rng = np.random.default_rng(seed)
        every = list(combinations(range(len(names)), 2))
        pairs: list[tuple[int, int]] = []
        for _ in range(_PRESENTED[len(names)]):
            for at in rng.permutation(len(every)):
                a, b = every[int(at)]
                pairs.append((a, b) if rng.random() < 0.5 else (b, a))
        return cls(tuple(names), tuple(pairs))

    @property
    def trials(self) -> int:
        return len(self.pairs)

    @property
    def pair(self) -> tuple[int, int]:
        """What is 1 and what is 2 now."""
        return self.pairs[min(len(self.answers), len(self.pairs) - 1)]

    def answered(self, which: int) -> "Ranking":
        """The first (0) or the second (1) is liked better."""
        return self if self.finished else replace(self, answers=(*self.answers, which))

    @property
    def finished(self) -> bool:
        """Whether every pair has been judged."""
        return len(self.answers) >= self.trials

    @property
    def wins(self) -> tuple[int, ...]:
        """How often each was liked better."""
        won = [pair[a] for pair, a in zip(self.pairs, self.answers, strict=False)]
        return tuple(won.count(n) for n in range(len(self.names)))

    @property
    def order(self) -> tuple[int, ...]:
        """Most liked first; of equals the one given first."""
        return tuple(sorted(range(len(self.names)), key=lambda n: -self.wins[n]))

    @property
    def repeated(self) -> Score:
        """How often a pair, heard again, was judged as before: a guesser does so half the time."""
        by_pair: dict[frozenset[int], list[int]] = {}
        for pair, answer in zip(self.pairs, self.answers, strict=False):
            by_pair.setdefault(frozenset(pair), []).append(pair[answer])
        tries = [
            won[n] == won[n + 1] for won in by_pair.values() for n in range(0, len(won) - 1, 2)
        ]
        return Score(len(tries), sum(tries))

    @property
    def words(self) -> str:
        score = self.repeated
        order = ", ".join(f"“{self.names[n]}” ({self.wins[n]})" for n in self.order)
        told = tr(
            "Blind ranking, most liked first, with how often each was chosen: "
            "{order}. Pairs heard again were judged as before {right} of "
            "{trials} times; {chance_words}: ",
            order=order,
            right=score.right,
            trials=score.trials,
            chance_words=_chance_words(score.guessed),
        )
        if score.heard:
            return told + tr("you hear these differences.")
        return told + tr("the order may be chance. Choose the easier to build.")
