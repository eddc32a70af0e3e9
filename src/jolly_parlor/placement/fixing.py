"""Advice on what fixes or carries a loudspeaker: in-wall mounting, platforms, stands, decoupling.

Common practice, no source, except that a baffle flush with a wall has no wall behind it to cancel
with and no edge (textbook). What is fixed to a building is for local codes and whoever may.
"""

from dataclasses import dataclass

from jolly_parlor.acoustics.geometry.image_sources import first_cancellation_at_source_hz
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.cautions import MOUNTING
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.setup import Setup
from jolly_parlor.words import tr

_CLOSE_METRES, _LIFTED_METRES = 0.05, 0.30
"""So far over a desk a cabinet stands on it, lifted; beyond, on stands that reach past it."""
_PLATFORM_METRES = 0.10


@dataclass(frozen=True)
class Advice:
    """One way to fix or carry, whether it is worth it here, and why."""

    what: str
    words: str
    caution: str = ""


def fixing_advice(setup: Setup) -> list[Advice]:
    """For this arrangement, what matters most first."""
    gear, a = setup.gear, setup.arrangement
    return [*_standing(gear, a), _in_wall(setup), *_platform(gear, a), _isolating(gear, a)]


def _base(gear: Gear, a: Arrangement) -> float:
    return min(a.left.z, a.right.z) - gear.monitor.centre_height


def _standing(gear: Gear, a: Arrangement) -> list[Advice]:
    board = a.board(gear.desk)
    base = _base(gear, a)
    if board is not None and board.covers(a.left.x, a.left.y):
        gap = base - board.z
        if gap > _LIFTED_METRES:
            return [_on_stands(base)]
        if gap < _CLOSE_METRES:
            words = tr(
                "They stand straight on the desk: the desk sings along, and its "
                "bounce lies low. Lift them by 15 cm or more on something heavy "
                "with a soft layer under the cabinet."
            )
        else:
            words = tr(
                "They stand {gap:.0f} cm over the desk: put a soft layer under the "
                "cabinet, so that desk and lift do not sing along.",
                gap=100 * gap,
            )
        return [Advice(tr("On the desk"), words)]
    if base > _CLOSE_METRES:
        return [_on_stands(base)]
    return [
        Advice(tr("On the floor"), tr("A soft layer under each cabinet keeps the floor quiet."))
    ]


def _on_stands(base: float) -> Advice:
    words = tr(
        "Stands {base:.0f} cm high, heavy and filled; a soft layer between "
        "stand and cabinet, spikes only where the floor is stone. Feel the "
        "stand with a hand while a bass line plays: what shakes, sounds.",
        base=100 * base,
    )
    caution = tr("Strap what stands high, so that no child can tip it.")
    return Advice(tr("On stands"), words, caution)


def _in_wall(setup: Setup) -> Advice:
    wall = (setup.arrangement.left.y + setup.arrangement.right.y) / 2 - setup.room.frame.front
    first = first_cancellation_at_source_hz(max(wall, 0.01), setup.room.speed_of_sound)
    words = (
        tr("Flush in the wall there is no wall behind to cancel with")
        + (tr(" (here first near {first:.0f} Hz)", first=first) if first < 700 else "")
        + tr(
            ", no edge and no step where the baffle ends. But nothing can be "
            "moved again, and ports, heat and electronics need room. At home "
            "freedom to move outweighs it: the image cannot be mended later, "
            "the curve partly can."
        )
    )
    return Advice(tr("In the wall"), words, MOUNTING)


def _platform(gear: Gear, a: Arrangement) -> list[Advice]:
    if not gear.subwoofers and _base(gear, a) > _PLATFORM_METRES:
        return []
    words = tr(
        "A platform under a subwoofer or a floor-standing cabinet quietens "
        "a wooden floor, not the room: the modes stay. Concrete, slabs or "
        "a filled frame on a soft layer; measure with and without before "
        "you build it well."
    )
    return [
        Advice(
            tr("A platform"), words, tr("Heavy slabs: two people, and ask what the floor bears.")
        )
    ]


def _isolating(gear: Gear, a: Arrangement) -> Advice:
    words = tr(
        "Decouple what plays from what carries it, so that desk, stand and "
        "floor keep still. It stops rattling and helps neighbours a "
        "little; it does not change where the room's modes lie or what a "
        "wall cancels."
    )
    return Advice(tr("Isolation"), words)
