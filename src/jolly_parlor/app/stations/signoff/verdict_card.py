"""The verdict in plain words: what was chosen, why, how sure, what it would take to do better."""

from PyQt6.QtWidgets import QFrame, QVBoxLayout

from jolly_parlor.app.stations.base import card, clear
from jolly_parlor.app.stations.signoff.signoff_answers import Signed
from jolly_parlor.app.widgets.entries import label
from jolly_parlor.words import tr

WORKING = tr("Working out what is left …")


class VerdictCard:
    """Of the arrangement shown. `frame` is the widget."""

    def __init__(self, signed: Signed) -> None:
        self._signed = signed
        self.frame: QFrame
        self.frame, layout = card()
        self.headline = label("", "head", wrap=True)
        self.headline.setObjectName("signing-headline")
        layout.addWidget(self.headline)
        self.parts = QVBoxLayout()
        self.parts.setSpacing(3)
        layout.addLayout(self.parts)

    def refresh(self) -> None:
        clear(self.parts)
        found = self._signed.found
        if found is None:
            self.headline.setText(self._signed.why or WORKING)
            return
        self.headline.setText(found.verdict.headline)
        for part in found.verdict.parts:
            self.parts.addWidget(label(part.title, "strong"))
            for sentence in part.sentences:
                self.parts.addWidget(label(f"· {sentence}", wrap=True))
