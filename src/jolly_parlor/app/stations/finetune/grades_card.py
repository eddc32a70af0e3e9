"""Seven qualities graded by ear, on one reference piece, with a brief note at once."""

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QFrame

from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import label, named_button, text_field
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.grade_ladder import GradeLadder
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.grading import (
    LISTEN_FOR,
    QUALITIES,
    Grading,
    Quality,
    better_and_worse,
    distrust,
)
from jolly_parlor.project.ear_edits import grade_arrangement
from jolly_parlor.project.ledger import now
from jolly_parlor.words import tr


class GradesCard:
    """Of the arrangement shown, as it stands. `frame` is the widget."""

    def __init__(self, session: Workbench) -> None:
        self.session = session
        self._of: Arrangement | None = None
        self.frame: QFrame
        self.frame, layout = card()
        head = FlowRow()
        head.addWidget(label(tr("What you hear"), "head"))
        head.addStretch(1)
        head.addWidget(label("on", "soft"))
        self.piece = text_field()
        self.piece.setObjectName("piece")
        self.piece.setAccessibleName(tr("Reference piece"))
        self.piece.setPlaceholderText(tr("one piece, always the same"))
        self.piece.setMaxLength(120)
        head.addWidget(self.piece, 1)
        layout.addLayout(head)
        grid = WrappedGrid()
        grid.setHorizontalSpacing(8)
        grid.setVerticalSpacing(0)
        self.ladders: dict[Quality, GradeLadder] = {}
        for line, (quality, words) in enumerate(QUALITIES.items()):
            ladder = GradeLadder(f"grade-{quality}", words, LISTEN_FOR[quality])
            ladder.graded.connect(self._changed)
            self.ladders[quality] = ladder
            name = label(words)
            name.setToolTip(LISTEN_FOR[quality])
            grid.addWidget(name, line, 0, alignment=Qt.AlignmentFlag.AlignTop)
            grid.addWidget(ladder, line, 1)
        grid.setColumnStretch(1, 1)
        layout.addLayout(grid)
        row = FlowRow()
        self.words = text_field()
        self.words.setObjectName("heard-words")
        self.words.setAccessibleName(tr("What you hear, in words"))
        self.words.setPlaceholderText(tr("in a few words, at once: heavy, unclear …"))
        self.words.setMaxLength(400)
        self.words.returnPressed.connect(self.note)
        self.words.textEdited.connect(lambda _: self._changed())
        row.addWidget(self.words, 1)
        self.keep = named_button(tr("Note it"), "note-grades", self.note)
        self.keep.setProperty("strong", True)
        row.addWidget(self.keep)
        layout.addLayout(row)
        self.said = label("", "soft", wrap=True)
        self.said.setObjectName("grades-said")
        layout.addWidget(self.said)

    def refresh(self) -> None:
        """The grades of the arrangement shown; what was begun is kept while it stands."""
        a = self.session.arrangement
        self.frame.setEnabled(a is not None)
        if a is None:
            return
        fresh = self._of is None or (a.name, a.grading) != (self._of.name, self._of.grading)
        moved = self._of is not None and a is not self._of
        self._of = a
        given = a.grading or Grading()
        earlier = self._earlier(a)
        if fresh or moved:
            for quality, ladder in self.ladders.items():
                before = earlier.marks.get(quality) if earlier else None
                ladder.show_mark(given.marks.get(quality), before)
            self.words.setText(given.words)
            self.piece.setText(given.piece or self.session.document.by_ear.piece)
            self.piece.setCursorPosition(0)
        self._changed()
        self.said.setText(self._against(given, earlier))

    def note(self) -> None:
        a, given = self.session.arrangement, self._given()
        if a is None or not self._is_new():
            return
        self.session.do(
            tr("Grade {name}", name=a.name), lambda d: grade_arrangement(d, a.name, given)
        )

    def _given(self) -> Grading:
        marks = {q: ladder.mark for q, ladder in self.ladders.items() if ladder.mark is not None}
        overall = None if marks or self._of is None else getattr(self._of.grading, "overall", None)
        words, piece = self.words.text().strip(), self.piece.text().strip()
        return Grading(now(), piece, marks, overall, words)

    def _is_new(self) -> bool:
        """Whether noting the grades would keep anything that is not kept yet."""
        given, kept = self._given(), self._of.grading if self._of is not None else None
        if kept is None:
            return bool(given.marks or given.words)
        return (kept.marks, kept.words, kept.piece) != (given.marks, given.words, given.piece)

    def _changed(self) -> None:
        self.keep.setEnabled(self._is_new())

    def _earlier(self, a: Arrangement) -> Grading | None:
        """The grades noted last for this arrangement before those it has."""
        for noted in reversed(self.session.history.ledger):
            stood = noted.stood
            if noted.kind == "grade" and stood is not None and stood.name == a.name:
                if stood.grading is not None and stood.grading != a.grading:
                    return stood.grading
        return None

    def _against(self, given: Grading, earlier: Grading | None) -> str:
        if earlier is None or given.is_empty:
            return tr("Rings are the marks of before.") if earlier is not None else ""
        up, down = better_and_worse(earlier.marks, given.marks)
        told = []
        for way, which in (("better", up), ("worse", down)):
            if which:
                told.append(f"{way}: {', '.join(QUALITIES[q] for q in which)}")
        change = (
            tr("Against before, {told}.", told="; ".join(told)) if told else tr("As it was before.")
        )
        return f"{change} {distrust(earlier, given)}".strip()
