"""What plays: the usual mixes as buttons, all others in a list beside them."""

from PyQt6.QtCore import pyqtSignal
from PyQt6.QtWidgets import QPushButton, QWidget

from jolly_parlor.app.widgets.entries import Choice
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.steady import ChoiceBox
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.mixes import Mix, mixes
from jolly_parlor.words import tr

_USUAL = (
    ("left", tr("Left")),
    ("right", tr("Right")),
    ("both", tr("Both")),
    ("both+sub", tr("Both and sub")),
)


class MixChoice(QWidget):
    """Emits the id of the mix chosen."""

    chosen = pyqtSignal(str)

    def __init__(self, name: str) -> None:
        super().__init__()
        row = FlowRow(self)
        self.usual = Choice(list(_USUAL), name)
        self.usual.chosen.connect(self.chosen)
        row.addWidget(self.usual)
        self.more = ChoiceBox()
        self.more.setObjectName(f"{name}-more")
        self.more.setAccessibleName(tr("Other loudspeakers and mixes"))
        self.more.setToolTip(tr("One loudspeaker alone, all subwoofers, or all there is."))
        self.more.activated.connect(self._chosen)
        row.addWidget(self.more)

    @property
    def buttons(self) -> dict[str, QPushButton]:
        """Those of the usual mixes, by id."""
        return self.usual.buttons

    def show_mix(self, gear: Gear, mix: Mix) -> None:
        """Offer what this gear can play, and mark what does."""
        able = {known.id: known for known in mixes(gear)}
        for mix_id, button in self.buttons.items():
            button.setEnabled(mix_id in able)
        if "both+sub" in able:
            self.buttons["both+sub"].setText(able["both+sub"].name)
        self.usual.show_value(mix.id)
        rest = [known for known in able.values() if known.id not in self.buttons]
        wanted = [(tr("more …"), ""), *((known.name, known.id) for known in rest)]
        have = [(self.more.itemText(i), self.more.itemData(i)) for i in range(self.more.count())]
        if wanted != have:
            self.more.clear()
            for name, mix_id in wanted:
                self.more.addItem(name, mix_id)
        self.more.setVisible(bool(rest))
        self.more.setCurrentIndex(max(self.more.findData(mix.id), 0))

    def _chosen(self, index: int) -> None:
        mix_id = self.more.itemData(index)
        if mix_id:
            self.chosen.emit(mix_id)
