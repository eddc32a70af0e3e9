"""What the schools propose in this room, and how even each is once it was weighed."""

from collections.abc import Callable
from dataclasses import dataclass
from functools import partial

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QPushButton

from jolly_parlor.app import jobs
from jolly_parlor.app.questions import SCHOOLS as JUDGED
from jolly_parlor.app.questions import Question
from jolly_parlor.app.stations.lineup.offers import Offer
from jolly_parlor.app.stations.lineup.ranked_list import brief, take_offer
from jolly_parlor.app.widgets.entries import label, on_click
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.wrapped_check import WrappedCheckBox
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.schools import SCHOOLS, School, SchoolCannotBeMet, school
from jolly_parlor.placement.search.judged_schools import JudgedSchool
from jolly_parlor.project.gear_edits import usual_chains
from jolly_parlor.words import tr


@dataclass
class _Proposed:
    """What schools propose as they come, and why others cannot, by name."""

    of: tuple[object, ...]
    met: list[Offer]
    unmet: dict[str, str]


class SchoolsOffered:
    """Offers for the list; `row` has the deeds, `words` what is said of them all."""

    def __init__(self, session: Workbench, changed: Callable[[], None]) -> None:
        """changed: told when the offers are others."""
        self.session = session
        self._changed = changed
        self._judged: list[JudgedSchool] = []
        self._asked: tuple[object, ...] | None = None
        self._known: _Proposed | None = None
        self.row = FlowRow()
        self.words = label("", "soft", wrap=True)
        self.words.setObjectName("schools-words")
        self.row.addWidget(self.words, 1)
        self.trimmed = WrappedCheckBox(tr("at their best settings"))
        self.trimmed.setObjectName("schools-trimmed")
        self.trimmed.setChecked(True)
        self.trimmed.setToolTip(tr("Unticked: as they come, nothing trimmed for the place"))
        self.trimmed.toggled.connect(self._ticked)
        self.row.addWidget(self.trimmed, 0, Qt.AlignmentFlag.AlignTop)
        self.ask = QPushButton(tr("Weigh the schools"))
        self.ask.setObjectName("judge-schools")
        on_click(self.ask, self.weigh)
        self.row.addWidget(self.ask, 0, Qt.AlignmentFlag.AlignTop)

    def refresh(self) -> None:
        """Say how they compare and which cannot be met; figures of another room, gear or wishes
        are none any more.
        """
        if self._asked not in (None, self._question()):
            self._asked, self._judged = None, []
        weighed, trimmed = bool(self._judged), self.trimmed.isChecked()
        self.trimmed.setVisible(weighed)
        self.ask.setVisible(not weighed)
        told = [self._verdict(trimmed)] if weighed else []
        if unmet := self._proposed().unmet:
            told.append(tr("Cannot be met in this room: {names}.", names=", ".join(unmet)))
        self.words.setText(" ".join(told))

    def offers(self) -> list[Offer]:
        """Those that can be met and are not lined up, by figure where they were weighed."""
        there, weighed = self.session.document.arrangements, bool(self._judged)
        return [one for one in self._all() if not any(_alike(one, a, weighed) for a in there)]

    def take(self, school_id: str) -> None:
        """Add a school's arrangement, at its best settings where these are shown; or say why it
        cannot be met.
        """
        wanted = school(school_id)
        if (why := self._proposed().unmet.get(wanted.name)) is not None:
            self.session.refused.emit(why)
            return
        every = (*self._all(), *self._proposed().met)
        one = next(offer for offer in every if offer.key == _key(wanted))
        take_offer(self.session, one.arrangement, one.turns)

    def weigh(self) -> None:
        """Ask how even each is at its own best settings and as it comes."""
        document = self.session.believed
        asked = self._question()
        if self._judged and self._asked == asked:
            return
        self.ask.setEnabled(False)
        self.ask.setText(tr("Weighing …"))
        job, take = partial(jobs.schools, document), partial(self._take, asked)
        question = Question(JUDGED, document.room, document.gear, job, take, self._cannot)
        self.session.slow.ask(question)

    def _all(self) -> list[Offer]:
        trimmed = self.trimmed.isChecked()
        if self._judged:
            return [self._weighed(one, trimmed) for one in self._judged]
        return self._proposed().met

    def _proposed(self) -> _Proposed:
        document = self.session.document
        chains = usual_chains(document)
        of = document.room, document.gear, chains
        if self._known is None or self._known.of != of:
            self._known = _Proposed(of, [], {})
            for one in SCHOOLS:
                try:
                    a = one.propose(document.room, document.gear, chains)
                except SchoolCannotBeMet as why:
                    self._known.unmet[one.name] = str(why)
                else:
                    told = brief(self.session, a)
                    self._known.met.append(Offer(_key(one), one.name, told, a, tip=_rule(one)))
        return self._known

    def _weighed(self, one: JudgedSchool, trimmed: bool) -> Offer:
        of = one.school
        a = one.arrangement if trimmed else one.bare
        curve = one.curve if trimmed else one.bare_curve
        figure, told, tip = one.at(trimmed), brief(self.session, a), _rule(of)
        return Offer(_key(of), of.name, told, a, 0, figure, curve=curve, tip=tip)

    def _question(self) -> tuple[object, ...]:
        document = self.session.believed
        return document.room, document.gear, document.wishes

    def _take(self, asked: tuple[object, ...], found: list[JudgedSchool]) -> None:
        self._again()
        if asked == self._question():
            self._asked, self._judged = asked, found
        self._changed()

    def _cannot(self, why: str) -> None:
        self._again()
        self.session.refused.emit(why)

    def _again(self) -> None:
        self.ask.setEnabled(True)
        self.ask.setText(tr("Weigh the schools"))

    def _ticked(self, _on: bool) -> None:
        self._changed()

    def _verdict(self, trimmed: bool) -> str:
        best = min(self._judged, key=lambda one: one.at(trimmed))
        how = tr("each at its own best settings") if trimmed else tr("untrimmed, as they come")
        return tr(
            "Of the schools, {how}, {name} is the most even: {at:.1f} dB.",
            how=how,
            name=best.school.name,
            at=best.at(trimmed),
        )


def _alike(one: Offer, other: Arrangement, set_too: bool) -> bool:
    """Whether everything stands at the same places; set_too: and is set in the same way."""
    a = one.arrangement
    same = a.places == other.places and a.seats == other.seats and a.desk == other.desk
    return same and (not set_too or a.chains == other.chains)


def _key(of: School) -> str:
    return f"school-{of.id}"


def _rule(of: School) -> str:
    return f"{of.rule} ({of.source[0].upper()}{of.source[1:]}.)"
