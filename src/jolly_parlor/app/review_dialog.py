"""The review by eye: twenty plain questions, and the card that says what they came to."""

from functools import partial

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import (
    QDialog,
    QFrame,
    QHBoxLayout,
    QLabel,
    QPushButton,
    QScrollArea,
    QVBoxLayout,
    QWidget,
)

from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import Choice, label, named_button
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.by_ear.ear_record import Answer
from jolly_parlor.by_ear.review import ANSWERS, QUESTIONS, Question, keys, scored
from jolly_parlor.project.ear_edits import answer_review
from jolly_parlor.words import tr

_SIZE = (760, 640)


class ReviewDialog(QDialog):
    """Each answer counts at once and can be undone; what is wrong says why and what to do."""

    def __init__(self, parent: QWidget, session: Workbench) -> None:
        super().__init__(parent)
        self.session = session
        self.setObjectName("review")
        self.setWindowTitle(tr("The room by eye"))
        self.resize(*_SIZE)
        layout = QVBoxLayout(self)
        layout.setContentsMargins(18, 14, 18, 12)
        self.score = label("", "strong", wrap=True)
        self.score.setObjectName("review-score")
        layout.addWidget(self.score)
        holder = QWidget()
        self.rows = QVBoxLayout(holder)
        self.rows.setSpacing(10)
        self.choices: dict[str, Choice] = {}
        self.told: dict[str, QLabel] = {}
        for number, question in enumerate(QUESTIONS, start=1):
            self._ask(number, question)
        self.rows.addStretch(1)
        area = QScrollArea()
        area.setWidgetResizable(True)
        area.setWidget(holder)
        layout.addWidget(area, 1)
        close = named_button(tr("Close"), "review-close", self.accept)
        layout.addWidget(close, 0, Qt.AlignmentFlag.AlignRight)
        for button in self.findChildren(QPushButton):
            button.setAutoDefault(False)
        self._show()

    def _ask(self, number: int, question: Question) -> None:
        self.rows.addWidget(label(f"{number}  {question.asks}", wrap=True))
        row = QHBoxLayout()
        for key in keys(question):
            side = key.removeprefix(question.id).strip()
            if side:
                row.addWidget(label(side, "soft"))
            choice = Choice([(answer, answer) for answer in ANSWERS], tr("review {key}", key=key))
            choice.chosen.connect(partial(self._answer, key))
            self.choices[key] = choice
            row.addWidget(choice)
            row.addSpacing(10)
        row.addStretch(1)
        self.rows.addLayout(row)
        told = label("", "warning", wrap=True)
        told.hide()
        self.told[question.id] = told
        self.rows.addWidget(told)

    def _answer(self, key: str, answer: str) -> None:
        given: Answer | None = next(a for a in ANSWERS if a == answer)
        if self.session.document.by_ear.review.get(key) == given:
            given = None  # pressed again: taken back
        self.session.do(tr("Review by eye"), lambda d: answer_review(d, key, given))
        self._show()

    def _show(self) -> None:
        answers = self.session.document.by_ear.review
        found = scored(answers)
        self.score.setText(found.words)
        for key, choice in self.choices.items():
            choice.show_value(answers.get(key, ""))
        wrong = {fault.question.id for fault in found.faults}
        for question in QUESTIONS:
            told = self.told[question.id]
            told.setText(f"{question.why} {question.remedy}")
            told.setVisible(question.id in wrong)


class ReviewCard:
    """What the review came to, and the button that opens it. `frame` is the widget."""

    def __init__(self, session: Workbench, where: str) -> None:
        self.session = session
        self.frame: QFrame
        self.frame, layout = card()
        row = FlowRow()
        row.addWidget(label(tr("The room by eye"), "head"))
        self.words = label("", wrap=True)
        self.words.setObjectName(f"review-words-{where}")
        row.addWidget(self.words, 1)
        self.look = named_button(tr("Look round …"), f"review-{where}", self._open)
        row.addWidget(self.look)
        layout.addLayout(row)
        self.faults = label("", "soft", wrap=True)
        layout.addWidget(self.faults)

    def refresh(self) -> None:
        """The score, and the first faults in words."""
        found = scored(self.session.document.by_ear.review)
        self.words.setText(found.words)
        told = [fault.words for fault in found.faults[:3]]
        if len(found.faults) > 3:
            told.append(tr("and {faults} more.", faults=len(found.faults) - 3))
        self.faults.setText("\n".join(told))
        self.faults.setVisible(bool(told))

    def _open(self) -> None:
        ReviewDialog(self.frame, self.session).exec()
