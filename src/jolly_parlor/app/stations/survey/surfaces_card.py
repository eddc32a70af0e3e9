"""The card on Survey that says what lines each surface."""

from collections.abc import Callable
from functools import partial

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QComboBox

from jolly_parlor.acoustics.bands import OCTAVE_BANDS_HZ
from jolly_parlor.acoustics.geometry.changed_room import lined
from jolly_parlor.acoustics.geometry.room import Room, Surface, SurfaceName
from jolly_parlor.acoustics.materials.coefficients import material, materials
from jolly_parlor.app.stations.base import card, clear
from jolly_parlor.app.widgets.entries import label
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.words import tr

_WORDS = tr(
    "In brackets: absorption at 63 and 125 Hz, random incidence; point "
    "at one in the list for all bands to 4000 Hz. Handbook figures: "
    "they scatter by a third. A take beats them."
)


class SurfacesCard:
    """One list for each surface; made anew when there are others."""

    def __init__(
        self, session: Workbench, change: Callable[[str, Callable[[Room], Room]], bool]
    ) -> None:
        self._session, self._change = session, change
        self.boxes: dict[SurfaceName, QComboBox] = {}
        self.frame, layout = card()
        layout.addWidget(label(tr("Surfaces"), "head"))
        self.grid = WrappedGrid()
        self.grid.setHorizontalSpacing(12)
        self.grid.setColumnStretch(1, 1)
        self.grid.setColumnStretch(3, 1)
        layout.addLayout(self.grid)
        layout.addWidget(label(_WORDS, "soft", wrap=True))

    def refresh(self) -> None:
        room = self._session.document.room
        if tuple(self.boxes) != room.surface_names:
            self._build(room)
        for name, box in self.boxes.items():
            box.blockSignals(True)
            box.setCurrentIndex(max(box.findData(room.surfaces[name].material), 0))
            box.blockSignals(False)

    def _build(self, room: Room) -> None:
        clear(self.grid)
        self.boxes = {}
        for index, name in enumerate(room.surface_names):
            box = QComboBox()
            box.setObjectName(f"surface-{name}")
            box.setAccessibleName(tr("{name} surface", name=name))
            # Names may be long: the list shows them whole, the box what there is room for.
            box.setSizeAdjustPolicy(
                QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon
            )
            box.setMinimumContentsLength(22)
            for row in materials().values():
                at63, at125 = row.absorption[:2]
                box.addItem(
                    tr("{name}  ({at63:.2f}, {at125:.2f})", name=row.name, at63=at63, at125=at125),
                    row.id,
                )
                bands = zip(OCTAVE_BANDS_HZ, row.absorption, strict=True)
                words = "   ".join(
                    tr("{band:g} Hz {alpha:.2f}", band=band, alpha=alpha) for band, alpha in bands
                )
                box.setItemData(box.count() - 1, words, Qt.ItemDataRole.ToolTipRole)
            box.currentIndexChanged.connect(partial(self._set, name, box))
            self.grid.addWidget(label(name), index // 2, 2 * (index % 2))
            self.grid.addWidget(box, index // 2, 2 * (index % 2) + 1)
            self.boxes[name] = box

    def _set(self, name: SurfaceName, box: QComboBox, index: int) -> None:
        chosen = Surface(box.itemData(index))
        what = tr("{name} as {name2} surface", name=material(chosen.material).name, name2=name)
        self._change(what, lambda room: lined(room, {name: chosen}))
