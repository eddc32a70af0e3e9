"""What the user prefers, in one window; each choice counts at once and outlives the session."""

from __future__ import annotations

from functools import partial

from PyQt6.QtCore import Qt, QTimer
from PyQt6.QtWidgets import QComboBox, QDialog, QFormLayout, QHBoxLayout, QVBoxLayout

from jolly_parlor.app import dialogs
from jolly_parlor.app.parts import WindowParts
from jolly_parlor.app.widgets.entries import label, named_button
from jolly_parlor.app.widgets.steady import ChoiceBox
from jolly_parlor.words import tr

_CHOICES: dict[str, tuple[str, tuple[tuple[object, str], ...]]] = {
    "theme": (
        tr("Colours"),
        (("desktop", tr("As the desktop")), ("day", tr("Day")), ("evening", tr("Evening"))),
    ),
    "text_percent": (
        tr("Text"),
        (
            (100, tr("Usual")),
            (125, tr("A quarter larger")),
            (150, tr("Half as large again")),
            (200, tr("Twice as large")),
        ),
    ),
    "language": (
        tr("Language, from the next start"),
        (("desktop", tr("As the desktop")), ("en", "English"), ("de", "Deutsch")),
    ),
    "units": (tr("Lengths"), (("metric", tr("Metres")), ("imperial", tr("Feet and inches")))),
    "paper": (tr("Paper"), (("", tr("By the lengths")), ("a4", "A4"), ("letter", tr("Letter")))),
    "level_limit_db": (
        tr("Sounds never louder than"),
        (
            (0.0, tr("what each page allows")),
            (-18.0, tr("−18 dB full scale")),
            (-24.0, tr("−24 dB full scale")),
        ),
    ),
}
_LEVELS = tr(
    "The limit is for what the program plays; how loud that is in the "
    "room depends on the amplifier. Begin quietly: long listening "
    "above 85 dB(A) harms hearing."
)


class PreferencesDialog(QDialog):
    """Changes the settings and puts them in force."""

    def __init__(self, window: WindowParts) -> None:
        super().__init__(window)
        self._window = window
        self.setWindowTitle(tr("Preferences"))
        self.setObjectName("preferences")
        layout = QVBoxLayout(self)
        layout.setContentsMargins(22, 16, 22, 14)
        form = QFormLayout()
        form.setHorizontalSpacing(16)
        self.boxes: dict[str, QComboBox] = {}
        for name, (title, options) in _CHOICES.items():
            box = ChoiceBox()
            box.setObjectName(f"prefer-{name}")
            box.setAccessibleName(title)
            for value, words in options:
                box.addItem(words, value)
            box.setCurrentIndex(max(box.findData(getattr(window.settings.values, name)), 0))
            box.activated.connect(partial(self._choose, name))
            form.addRow(title, box)
            self.boxes[name] = box
        layout.addLayout(form)
        layout.addWidget(label(_LEVELS, "soft", wrap=True))
        row = QHBoxLayout()
        row.addWidget(label(tr("Takes measured here")))
        self.folder = label("", "soft", wrap=True)
        self.folder.setObjectName("prefer-takes-folder")
        row.addWidget(self.folder, 1)
        row.addWidget(named_button(tr("Also keep in …"), "prefer-takes", self._choose_folder))
        self.forget = named_button(
            tr("In the document only"), "prefer-no-takes", self._forget_folder
        )
        row.addWidget(self.forget)
        layout.addLayout(row)
        close = named_button(tr("Close"), "prefer-close", self.accept)
        layout.addWidget(close, 0, Qt.AlignmentFlag.AlignRight)
        self.setMinimumWidth(680)
        self._show()

    def _choose(self, name: str, at: int) -> None:
        self._window.settings.change(**{name: self.boxes[name].currentData()})
        # Not while the box that was chosen from is still closing: all is polished anew.
        QTimer.singleShot(0, self._window.restyle)

    def _choose_folder(self) -> None:
        found = dialogs.ask_folder(
            self, self._window.settings, tr("Keep measured takes in a folder")
        )
        if found is not None:
            self._window.settings.change(takes_folder=str(found))
            self._show()

    def _forget_folder(self) -> None:
        self._window.settings.change(takes_folder="")
        self._show()

    def _show(self) -> None:
        kept = self._window.settings.values.takes_folder
        also = tr("are kept in the document, and as files in {kept}", kept=kept)
        self.folder.setText(also if kept else tr("are kept in the document"))
        self.forget.setEnabled(bool(kept))
