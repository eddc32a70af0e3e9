"""Loudspeakers as most people have them: a start, to correct with a tape and the maker's sheet.

All sizes and corners are usual round figures (common practice, no source).
"""

from dataclasses import dataclass, replace

from jolly_parlor.placement.loudspeakers import Model
from jolly_parlor.words import tr


@dataclass(frozen=True)
class Kind:
    """A common kind."""

    words: str
    model: Model


def _monitor(
    name: str, width: float, depth: float, height: float, corner: float, centre: float
) -> Model:
    return Model("monitor", name, width, depth, height, corner, acoustic_centre_height=centre)


MONITORS = {
    "small": Kind(tr("small, on a desk"), _monitor("two-way, small", 0.18, 0.23, 0.28, 60.0, 0.17)),
    "middle": Kind(tr("middle-sized"), _monitor("two-way", 0.22, 0.28, 0.35, 50.0, 0.22)),
    "large": Kind(tr("large, on the floor"), _monitor("three-way", 0.25, 0.38, 1.05, 38.0, 0.85)),
}
SUBWOOFERS = {
    "small": Kind(tr("small"), Model("sub", "subwoofer, small", 0.27, 0.29, 0.29, 36.0)),
    "middle": Kind(tr("middle-sized"), Model("sub", "subwoofer", 0.34, 0.38, 0.36, 28.0)),
    "large": Kind(tr("large"), Model("sub", "subwoofer, large", 0.45, 0.50, 0.48, 20.0)),
}


def like(model: Model, kind: Model) -> Model:
    """A model with the kind's name, sizes and corner; its controls and mounts stay.

    What was known of where it radiates from goes: it was of another cabinet.
    """
    return replace(
        model,
        name=kind.name,
        width=kind.width,
        depth=kind.depth,
        height=kind.height,
        low_corner_hz=kind.low_corner_hz,
        acoustic_centre_height=kind.acoustic_centre_height,
        acoustic_centre_ahead=None,
    )


def kind_of(model: Model, kinds: dict[str, Kind]) -> str | None:
    """Which of them it is still like; None for none."""
    return next((name for name, kind in kinds.items() if like(model, kind.model) == model), None)
