"""The same room fitted to the same takes is the same fit: in a process it is worked out once."""

from collections.abc import Callable, Sequence

import pytest

from answered_once import once
from jolly_parlor.acoustics.fields import field_of_room as fields
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.analysis import room_fit
from jolly_parlor.fitting import fit
from jolly_parlor.fitting.evidence import Evidence
from jolly_parlor.fitting.fit import Fit, fit_room
from jolly_parlor.placement.gear import Gear


def fit_once(patch: pytest.MonkeyPatch) -> None:
    """For tests of what is done with a fit; those of the fit itself ask `fit_room`."""
    patch.setattr(room_fit, "fit_room", _fitted)
    fit_quickly(patch)


def fit_quickly(patch: pytest.MonkeyPatch) -> None:
    """The descent ends after a few rounds: near, though it has not come to rest."""
    patch.setattr(fit, "_ROUNDS", 5)
    patch.setattr(fit, "_REWEIGHTED", 2)


def _fitted(
    room: Room,
    gear: Gear,
    takes: Sequence[Evidence],
    progress: Callable[[float], None] = lambda share: None,
) -> Fit:
    heard = tuple((take.name, repr(take.placing), take.level_db.tobytes()) for take in takes)
    # Windows' tests have the small field or the model of record: each has its own fit.
    key = (fields._box_for, repr(room), repr(gear), heard)
    found: Fit = once(key, lambda: fit_room(room, gear, takes, progress))
    return found
