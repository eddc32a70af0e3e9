"""Items: whatever has a place on the plan, as one value; the only place that knows how they are
written in text.
"""

from dataclasses import dataclass
from typing import Literal

from jolly_parlor.placement.gear import PAIR
from jolly_parlor.words import tr

Kind = Literal["loudspeaker", "seat", "desk"]


@dataclass(frozen=True, order=True)
class Item:
    """A loudspeaker, a seat or the desk."""

    kind: Kind
    id: str = ""

    @property
    def of_pair(self) -> bool:
        """Whether it is one of the pair in front."""
        return self.kind == "loudspeaker" and self.id in PAIR

    @property
    def twin(self) -> "Item":
        """Of one of the pair, the other."""
        return RIGHT if self == LEFT else LEFT

    @property
    def makes_sound(self) -> bool:
        """Whether it is a loudspeaker."""
        return self.kind == "loudspeaker"

    @property
    def words(self) -> str:
        """As a sentence names it."""
        if self.of_pair:
            return tr("{id} monitor", id=self.id)
        return {"loudspeaker": self.id, "seat": tr("seat {id}", id=self.id), "desk": "desk"}[
            self.kind
        ]

    def __str__(self) -> str:
        """`left`, `right`, `seat:NAME`, `desk`, and every other loudspeaker by its id."""
        return {"loudspeaker": self.id, "seat": f"seat:{self.id}", "desk": "desk"}[self.kind]


LEFT, RIGHT, DESK = Item("loudspeaker", "left"), Item("loudspeaker", "right"), Item("desk")


def loudspeaker(name: str) -> Item:
    return Item("loudspeaker", name)


def seat(name: str) -> Item:
    return Item("seat", name)


def item_of(text: str) -> Item:
    """What `str(item)` wrote; `sub:NAME`, as version 1 had it, is a loudspeaker too."""
    kind, _, name = text.partition(":")
    if text == "desk":
        return DESK
    if kind == "seat" and name:
        return seat(name)
    return loudspeaker(name if kind == "sub" and name else text)
