"""The card on Survey that says what lines each surface."""

from collections.abc import Callable
from functools import partial

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QComboBox

from jolly_parlor.acoustics.bands import OCTAVE_BANDS_HZ
from jolly_parlor.acoustics.geometry.changed_room import lined
from jolly_parlor.acoustics.geometry.room import Room, Surface, SurfaceName
from jolly_parlor.acoustics.materials.coefficients import material, materials
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import label
from jolly_parlor.app.widgets.kept import Kept
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.words import tr

_WORDS = tr(
    "In brackets: absorption at 63 and 125 Hz, random incidence; point "
    "at one in the list for all bands to 4000 Hz. Handbook figures: "
    "they scatter by a third. A take beats them."
)


class SurfacesCard:
    """One list for each surface."""

    def __init__(
        self, session: Workbench, change: Callable[[str, Callable[[Room], Room]], bool]
    ) -> None:
        self._session, self._change = session, change
        self.boxes: dict[SurfaceName, QComboBox] = {}
        self.frame, layout = card()
        layout.addWidget(label(tr("Surfaces"), "head"))
        grid = WrappedGrid()
        grid.setHorizontalSpacing(12)
        grid.setColumnStretch(1, 1)
        grid.setColumnStretch(3, 1)
        layout.addLayout(grid)
        self.rows = Kept(grid, session.home)
        self._linings = [
            (
                tr(
                    "{name}  ({at63:.2f}, {at125:.2f})",
                    name=row.name,
                    at63=row.absorption[0],
                    at125=row.absorption[1],
                ),
                row.id,
            )
            for row in materials().values()
        ]
        layout.addWidget(label(_WORDS, "soft", wrap=True))

    def refresh(self) -> None:
        room = self._session.document.room
        with self.rows as kept:
            for index, name in enumerate(room.surface_names):
                row, column = index // 2, 2 * (index % 2)
                kept.words(name, row, column, role="")
                box = kept.choice(
                    f"surface-{name}",
                    self._linings,
                    room.surfaces[name].material,
                    partial(self._set, name),
                    row,
                    column + 1,
                )
                if box.accessibleName() != (called := tr("{name} surface", name=name)):
                    box.setAccessibleName(called)
                    _may_be_narrow(box)
                self.boxes[name] = box
        self.boxes = {name: self.boxes[name] for name in room.surface_names}

    def _set(self, name: SurfaceName, lining: str) -> None:
        chosen = Surface(lining)
        what = tr("{name} as {name2} surface", name=material(chosen.material).name, name2=name)
        self._change(what, lambda room: lined(room, {name: chosen}))


def _may_be_narrow(box: QComboBox) -> None:
    """Names may be long: the list shows them whole, the box what it has room for."""
    box.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
    box.setMinimumContentsLength(22)
    for at, row in enumerate(materials().values()):
        bands = zip(OCTAVE_BANDS_HZ, row.absorption, strict=True)
        words = "   ".join(
            tr("{band:g} Hz {alpha:.2f}", band=band, alpha=alpha) for band, alpha in bands
        )
        box.setItemData(at, words, Qt.ItemDataRole.ToolTipRole)
