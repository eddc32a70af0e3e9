"""A small, exact field for tests that are about something else: damped modes of a rigid box (see
`rigid_field`), worked out in a hundredth of the time of the model of record.
"""

from collections.abc import Callable
from types import ModuleType
from typing import Any

import pytest

from answered_once import answer_once
from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.elements.enclosure import Enclosure
from jolly_parlor.acoustics.fields import field_of_room as fields
from jolly_parlor.acoustics.fields import joined_field, modal_field
from jolly_parlor.acoustics.fields.rigid_modes import Mode
from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.diagnosis import remedies
from jolly_parlor.placement import strips
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.search import search as search_module
from jolly_parlor.placement.search import tuned_subs
from jolly_parlor.placement.search.coarse_pass import Progress
from jolly_parlor.placement.search.search import Found, Glimpse, search
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.settings import solver
from rigid_field import RigidField

_TO_HZ = 300.0
"""Of the modes: as far as is judged."""
_STEP = 0.15


class QuickField(RigidField):
    """Of any room; where that has things in it or bends, the box around it."""

    def __init__(self, room: Room, frequencies_hz: FloatArray, *_: object) -> None:
        super().__init__(room, frequencies_hz, to_hz=_TO_HZ)

    def of_mode(self, mode: Any, source: FloatArray, receiver: FloatArray) -> ComplexArray | None:
        """A term of the box; what is no mode of it cannot be told apart."""
        return super().of_mode(mode, source, receiver) if isinstance(mode, Mode) else None


_FEW: dict[ModuleType, dict[str, object]] = {
    solver: {"_LOOKS": 600, "_SPREAD": 16, "_FOLLOWED": 2, "_WALKED": 1, "_LOOKS_DOWN": 12},
    tuned_subs: {
        "_TRIED": 1,
        "_GAINS": (-4.0, 2.0),
        "_LATE_MS": (0.0, 4.0),
        "_PHASES": (0.0, 90.0),
    },
    search_module: {"_RERANKED": 200, "_REFINED": 4, "_TRADES": 8},
}


def use_quick_settings(patch: pytest.MonkeyPatch) -> None:
    """Settings and places are looked for from fewer starts: what is found is as good as it says it
    is, though not the best there is.
    """
    for module, constants in _FEW.items():
        for name, few in constants.items():
            patch.setattr(module, name, few)


def use_wide_elements(patch: pytest.MonkeyPatch) -> None:
    """Furnished and bent rooms are worked out in wider elements: the same calculation, with a
    quarter of the unknowns and less right towards 300 Hz.
    """
    patch.setattr(Enclosure, "spacing", 0.7)
    patch.setattr(modal_field, "_BARE_SPACING", 0.6)


def use_few_looks(patch: pytest.MonkeyPatch) -> None:
    """What is asked of a field again and again (settings, strips, remedies) is asked less often."""
    use_quick_settings(patch)
    patch.setattr(strips, "_PLACES", 10)
    patch.setattr(remedies, "_STEP_METRES", 0.2)


def use_quick_fields(patch: pytest.MonkeyPatch) -> None:
    """Every room gets one, also where it would be worked out, and few looks are taken at it."""
    use_few_looks(patch)
    answer_once(patch)
    patch.setattr(fields, "_box_for", QuickField)
    for module in (modal_field, joined_field):
        patch.setattr(module, "ModalField", QuickField)


def quick_search(
    room: Room,
    gear: Gear,
    present: Arrangement | None,
    wishes: Wishes | None,
    progress: Progress,
    cancelled: Callable[[], bool],
    glimpse: Glimpse = lambda so_far: None,
    most: int = 3,
) -> Found:
    """In place of `search_apart`: in this process, coarse, in the small field."""
    words = {"progress": progress, "cancelled": cancelled, "glimpse": glimpse}
    return search(room, gear, present, wishes, _STEP, min(most, 3), make_field=QuickField, **words)
