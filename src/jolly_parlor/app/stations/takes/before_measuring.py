"""What to see to before measuring, with ticks."""

from PyQt6.QtWidgets import QCheckBox, QFrame

from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import label
from jolly_parlor.app.widgets.wrapped_check import WrappedCheckBox
from jolly_parlor.words import tr

ITEMS = (
    tr("Trims flat, equaliser off."),
    tr("Desk and furniture as they will be used."),
    tr("Microphone where the middle of the head will be; tape on the floor under the seat."),
    tr("The microphone's calibration loaded, and the right one for the direction it points."),
    tr("Level checked; the same for every take."),
    tr(
        "Subwoofer alone: low-pass open, its gain where Gear says 0 dB; "
        "the crossover is calculated."
    ),
)


class Checklist:
    """A card of boxes to tick. `frame` is the widget."""

    def __init__(self) -> None:
        self.frame: QFrame
        self.frame, layout = card()
        layout.addWidget(label(tr("Before you measure"), "head"))
        self.boxes: list[QCheckBox] = []
        for index, text in enumerate(ITEMS):
            box = WrappedCheckBox(text)
            box.setObjectName(f"check-{index}")
            self.boxes.append(box)
            layout.addWidget(box)
        layout.addWidget(
            label(
                tr(
                    "Files from elsewhere need frequency, level and, for adding "
                    "sources up, phase from one timing reference."
                ),
                "soft",
                wrap=True,
            )
        )

    @property
    def words(self) -> str:
        """What is not ticked, in a few words; empty when all is."""
        left = sum(not box.isChecked() for box in self.boxes)
        if not left:
            return ""
        return tr(
            "{left} of {boxes} things below are not ticked yet.", left=left, boxes=len(self.boxes)
        )
