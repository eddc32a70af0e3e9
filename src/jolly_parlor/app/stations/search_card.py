"""The card on Line-up that searches the room and offers what it finds."""

from functools import partial

from PyQt6.QtWidgets import QFrame, QGridLayout, QHBoxLayout, QPushButton

from jolly_parlor.app.searching import SearchRun
from jolly_parlor.app.session import Session
from jolly_parlor.app.stations.base import card, clear
from jolly_parlor.app.widgets.fields import label
from jolly_parlor.placement.search.search import Found, Proposal
from jolly_parlor.project.edits import add_arrangement
from jolly_parlor.units import format_length


class SearchCard:
    """Search, progress, stop, and one row a proposal. `frame` is the widget."""

    def __init__(self, session: Session) -> None:
        self.session = session
        self._run: SearchRun | None = None
        self._found: Found | None = None
        self._present = ""
        self._searched: tuple[object, object] | None = None
        self.frame: QFrame
        self.frame, layout = card()
        row = QHBoxLayout()
        row.addWidget(label("Search the room", "head"))
        self.words = label(_INVITATION, "soft", wrap=True)
        self.words.setObjectName("search-words")
        row.addWidget(self.words, 1)
        self.button = QPushButton("Search")
        self.button.setObjectName("search")
        self.button.clicked.connect(self.toggle)
        row.addWidget(self.button)
        layout.addLayout(row)
        self.rows = QGridLayout()
        self.rows.setHorizontalSpacing(12)
        layout.addLayout(self.rows)
        session.document_changed.connect(self._check)
        session.closing.connect(self.stop)

    @property
    def searching(self) -> bool:
        """Whether a search runs."""
        return self._run is not None

    def toggle(self) -> None:
        """Begin, or stop and keep what was found."""
        if self._run is not None:
            self._run.cancel()
            self.button.setEnabled(False)
            return
        document = self.session.document
        self._searched = (document.room, document.gear)
        present = self.session.arrangement
        self._present = present.name if present is not None else ""
        self._run = SearchRun(document, present)
        self._run.progressed.connect(self._progress)
        self._run.found.connect(self._show)
        self._run.refused.connect(self._refuse)
        self._run.finished.connect(self._finish)
        self.button.setText("Stop")
        self.words.setText("Weighing …")
        clear(self.rows)
        self._run.start()

    def stop(self) -> None:
        """End the thread before the window goes."""
        if self._run is not None:
            self._run.cancel()
            self._run.wait()

    def restyle(self) -> None:
        """Units may have changed."""
        if self._found is not None:
            self._show(self._found)

    def _progress(self, count: int, best: float) -> None:
        self.words.setText(f"{count:,} arrangements weighed, best so far {best:.1f} dB.")

    def _refuse(self, why: str) -> None:
        self.words.setText(_INVITATION)
        self.session.refused.emit(why)

    def _finish(self) -> None:
        self._run = None
        self.button.setText("Search")
        self.button.setEnabled(True)
        self._check()

    def _check(self) -> None:
        """Proposals for another room or other gear are no proposals any more."""
        document = self.session.document
        if self._searched not in (None, (document.room, document.gear)) and self._run is None:
            self._found = self._searched = None
            clear(self.rows)
            self.words.setText(_INVITATION)

    def _show(self, found: Found) -> None:
        self._found = found
        clear(self.rows)
        stopped = "Stopped: " if found.cancelled else ""
        now = (
            f" Now, {self._present}: {found.present_db:.1f} dB."
            if found.present_db is not None
            else ""
        )
        self.words.setText(
            f"{stopped}{found.evaluated:,} arrangements weighed in {found.seconds:.0f} s; left, "
            f"right and both over the head volume.{now}"
        )
        for index, proposal in enumerate(found.proposals):
            self._row(index, proposal)
        self.rows.setColumnStretch(1, 1)

    def _row(self, index: int, proposal: Proposal) -> None:
        a, units = proposal.arrangement, self.session.settings.values.units
        ear = a.seats[self.session.document.gear.seats[0].name]
        self.rows.addWidget(label(f"{proposal.figure_db:.1f} dB", "head"), index, 0)
        words = (
            f"Monitors {format_length(a.left.y, units)}, seat {format_length(ear.y, units)} from "
            f"the front wall, {format_length(a.left.distance(a.right), units)} apart, "
            f"{format_length(a.left.z, units)} high. {proposal.words}"
        )
        self.rows.addWidget(label(words, "soft", wrap=True), index, 1)
        button = QPushButton("Line up")
        button.setObjectName(f"line-up-{index}")
        button.clicked.connect(partial(self._add, proposal))
        self.rows.addWidget(button, index, 2)

    def _add(self, proposal: Proposal) -> None:
        a = proposal.arrangement
        if self.session.do(f"Line up {a.name}", lambda d: add_arrangement(d, a)):
            self.session.show_arrangement(self.session.document.arrangements[-1].name)


_INVITATION = (
    "Weighs every place of monitors and seat on the room's middle line, by 2.5 cm, and proposes "
    "the distinct few that are most even."
)
