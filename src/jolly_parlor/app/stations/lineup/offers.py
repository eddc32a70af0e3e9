"""A row of Line-up's list: an arrangement with its figure, whoever proposes it."""

from dataclasses import dataclass

from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.evenness import Deviation


@dataclass(frozen=True, eq=False)
class Offer:
    """What is lined up, found or proposed by a school."""

    key: str
    """By which its row and its button are found."""
    name: str
    told: str
    """Where everything stands or by which rule, in short."""
    arrangement: Arrangement
    turns: int = 0
    """How often the room is turned before these positions hold."""
    figure_db: float | None = None
    """Evenness of all that plays at the main ear; None while not weighed."""
    figure: str = ""
    """What is said in place of it."""
    curve: Deviation | None = None
    tip: str = ""
    lined_up: bool = False
    found: bool = False
    """By a search."""
    passing: bool = False
    """Found by a search that still goes on."""

    @property
    def rank(self) -> tuple[bool, float]:
        """What comes first in a list."""
        return not self.passing, float("inf") if self.figure_db is None else self.figure_db
