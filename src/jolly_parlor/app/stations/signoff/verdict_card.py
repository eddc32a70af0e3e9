"""The verdict in plain words: what was chosen, why, how sure, what it would take to do better."""

from PyQt6.QtWidgets import QFrame, QVBoxLayout

from jolly_parlor.app.stations.base import card
from jolly_parlor.app.stations.signoff.signoff_answers import Signed
from jolly_parlor.app.widgets.entries import label
from jolly_parlor.app.widgets.kept import Kept
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
        parts = QVBoxLayout()
        parts.setSpacing(3)
        layout.addLayout(parts)
        self.parts = Kept(parts, signed.session.home)

    def refresh(self) -> None:
        found, why = self._signed.found, self._signed.why
        if found is None and not why:  # what is there stays in its place, dimmed, meanwhile
            self.headline.setText(WORKING)
            for one in self.parts.widgets:
                one.setEnabled(False)
            return
        with self.parts as kept:
            if found is None:
                self.headline.setText(why)
                return
            self.headline.setText(found.verdict.headline)
            for number, part in enumerate(found.verdict.parts):
                first, more = part.sentences[:1], part.sentences[1:]
                with kept.fold(f"part {number}", part.title, " ".join(first)) as fold:
                    for sentence in more:
                        fold.words(f"· {sentence}", role="", wrap=True)
        for one in self.parts.widgets:
            one.setEnabled(True)
