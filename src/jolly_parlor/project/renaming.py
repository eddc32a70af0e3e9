"""Names are labels: what an arrangement, a seat or a loudspeaker is called anew, everything that
refers to it calls it so too, and the Ledger's earlier places are read by it.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field, replace

from jolly_parlor.by_ear.ear_record import ByEar
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.project.takes import Take, renamed_part

_PREFIXES = ("arrangements", "seats", "loudspeakers")


@dataclass(frozen=True)
class Renames:
    """Old names to new ones; what is not in it keeps its name."""

    arrangements: Mapping[str, str] = field(default_factory=dict)
    seats: Mapping[str, str] = field(default_factory=dict)
    loudspeakers: Mapping[str, str] = field(default_factory=dict)

    def __bool__(self) -> bool:
        return bool(self.arrangements or self.seats or self.loudspeakers)

    def arrangement(self, a: Arrangement) -> Arrangement:
        """An arrangement with all its names."""
        if not self:
            return a
        ids = self.loudspeakers
        return replace(
            a,
            name=self.arrangements.get(a.name, a.name),
            seats={self.seats.get(n, n): p for n, p in a.seats.items()},
            places={ids.get(n, n): p for n, p in a.places.items()},
            chains={ids.get(n, n): c for n, c in a.chains.items()},
            turns={ids.get(n, n): t for n, t in a.turns.items()},
        )

    def take(self, take: Take) -> Take:
        """A take with all its names."""
        if not self:
            return take
        info, ids = take.info, self.loudspeakers
        info = replace(
            info,
            placed=self.arrangement(info.placed),
            seat=self.seats.get(info.seat, info.seat),
            source=ids.get(info.source, info.source),
            subwoofers=tuple(ids.get(name, name) for name in info.subwoofers),
            stood={renamed_part(part, ids): then for part, then in info.stood.items()},
        )
        return replace(take, info=info)

    def by_ear(self, kept: ByEar) -> ByEar:
        """What was heard, with all its names."""
        if not self:
            return kept
        ids, seats, names = self.loudspeakers, self.seats, self.arrangements
        return replace(
            kept,
            hunts=tuple(
                replace(h, loudspeaker=ids.get(h.loudspeaker, h.loudspeaker)) for h in kept.hunts
            ),
            sweeps=tuple(
                replace(
                    s,
                    arrangement=names.get(s.arrangement, s.arrangement),
                    seat=seats.get(s.seat, s.seat),
                    mix=ids.get(s.mix, s.mix),
                )
                for s in kept.sweeps
            ),
            tests=tuple(
                replace(t, arrangement=names.get(t.arrangement, t.arrangement)) for t in kept.tests
            ),
        )

    def then(self, later: Renames) -> Renames:
        """This, and after it another."""
        return Renames(*(_then(getattr(self, kind), getattr(later, kind)) for kind in _PREFIXES))

    @property
    def undone(self) -> Renames:
        return Renames(*({b: a for a, b in getattr(self, kind).items()} for kind in _PREFIXES))

    def as_kept(self) -> dict[str, str]:
        """As the Ledger keeps it: `seats:desk` to the new name."""
        return {
            f"{kind}:{old}": new for kind in _PREFIXES for old, new in getattr(self, kind).items()
        }

    @classmethod
    def of(cls, kept: Mapping[str, str]) -> Renames:
        """What `as_kept` has made."""
        found: dict[str, dict[str, str]] = {kind: {} for kind in _PREFIXES}
        for key, new in kept.items():
            kind, _, old = key.partition(":")
            found.get(kind, {})[old] = new
        return cls(**found)


NOTHING_RENAMED = Renames()


def renames_between(old: list[str], new: list[str]) -> dict[str, str]:
    """Old name to new, place by place of two equally long lists, where a name that is gone has its
    place taken by one that was not there.
    """
    if len(old) != len(new):
        return {}
    pairs = zip(old, new, strict=True)
    return {a: b for a, b in pairs if a != b and a not in new and b not in old}


def _then(first: Mapping[str, str], later: Mapping[str, str]) -> dict[str, str]:
    joined = {old: later.get(new, new) for old, new in first.items()}
    # What the first has made of something was nobody's name before.
    others = later.keys() - first.keys() - set(first.values())
    joined |= {old: later[old] for old in others}
    return {old: new for old, new in joined.items() if old != new}
