"""Undo and redo: a document is immutable, so its history is a list of documents. The Ledger
stands beside it and only ever grows.
"""

from dataclasses import dataclass, replace

from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.project.document import Document
from jolly_parlor.project.kept_fit import KeptFit
from jolly_parlor.project.ledger import Entry, EntryKind, entry
from jolly_parlor.project.renaming import NOTHING_RENAMED, Renames
from jolly_parlor.words import tr


@dataclass(frozen=True, eq=False)
class Project:
    """What a file holds: the document and the record of how it came about."""

    document: Document
    ledger: tuple[Entry, ...] = ()

    def after(self, document: Document) -> "Project":
        """With a document that an edit has brought, what it notes gone into the Ledger."""
        return Project(replace(document, noted=()), (*self.ledger, *document.noted))


@dataclass(frozen=True)
class _Step:
    label: str
    document: Document
    turned: int = 0
    """Quarter turns that going to the later document means."""
    renamed: Renames = NOTHING_RENAMED
    """What going to the later document gives other names."""


class History:
    """The document now, what it was, and what it was before undoing."""

    def __init__(self, project: Project) -> None:
        self._past: list[_Step] = []
        self._future: list[_Step] = []
        self._project = project.after(project.document) if project.document.noted else project
        self._saved = self._project
        self._series: tuple[str, Project, Project] | None = None
        """Its name, what was before its first change, and what its last has made."""

    @property
    def document(self) -> Document:
        """The document as it stands."""
        return self._project.document

    @property
    def project(self) -> Project:
        """The same with the Ledger."""
        return self._project

    @property
    def ledger(self) -> tuple[Entry, ...]:
        """The record, oldest first."""
        return self._project.ledger

    @property
    def changed(self) -> bool:
        """Whether anything differs from what was last saved, the record included."""
        return self._project is not self._saved

    @property
    def undo_label(self) -> str | None:
        """What an undo would take back."""
        return self._past[-1].label if self._past else None

    @property
    def redo_label(self) -> str | None:
        """What a redo would do again."""
        return self._future[-1].label if self._future else None

    @property
    def labels(self) -> tuple[tuple[str, ...], tuple[str, ...]]:
        """What undoing would take back, oldest first, and what redoing would do, next first."""
        past = tuple(step.label for step in self._past)
        return past, tuple(step.label for step in reversed(self._future))

    def before(self, series: str) -> Document:
        """What a change of that series is made on: where it goes on, what was before all of it."""
        return self._base(series).document

    def do(
        self, label: str, document: Document, shown: str | None = None, series: str = ""
    ) -> None:
        """One undoable step. A document that is the same object is no step. shown: the arrangement
        that stands in the room, for entries that name none. series: changes of one name, with
        nothing else between them, are one step and one entry.
        """
        base, fit = self._base(series), self.document.fit
        if document is base.document:
            return
        if base is not self._project:  # this takes the place of the last
            self._past.pop()
            self._project = base
        now = base.document
        stood = _standing(document, shown)
        noted = tuple(
            e if e.stood or not stood else replace(e, stood=stood) for e in document.noted
        )
        document = replace(document, noted=noted, fit=fit)
        turned = sum(noted.turned for noted in document.noted)
        renamed = NOTHING_RENAMED
        for one in document.noted:
            renamed = renamed.then(Renames.of(one.renamed))
        self._past.append(_Step(label, now, turned, renamed))
        self._future.clear()
        self._project = self._project.after(document)
        self._series = (series, base, self._project) if series else None

    def _base(self, series: str) -> Project:
        goes_on = self._series is not None and self._series[2] is self._project
        if series and goes_on and self._series is not None and self._series[0] == series:
            return self._series[1]
        return self._project

    def undo(self, shown: str | None = None) -> None:
        """Take the last step back; nothing when there is none."""
        if self._past:
            step = self._past.pop()
            self._future.append(replace(step, document=self.document))
            told = tr("Undone: {label}.", label=step.label)
            self._go("undo", told, step, -step.turned, step.renamed.undone, shown)

    def redo(self, shown: str | None = None) -> None:
        """Do the last undone step again; nothing when there is none."""
        if self._future:
            step = self._future.pop()
            self._past.append(replace(step, document=self.document))
            told = tr("Done again: {label}.", label=step.label)
            self._go("redo", told, step, step.turned, step.renamed, shown)

    def note(self, noted: Entry) -> None:
        """An entry of its own, which no undo takes away."""
        self._project = Project(self.document, (*self.ledger, noted))

    def keep_fit(self, fit: KeptFit | None) -> None:
        """What the takes have taught, beside the steps: no undo takes it away."""
        self._project = replace(self._project, document=replace(self.document, fit=fit))

    def saved(self, project: Project | None = None) -> None:
        """The project as it stands, or as it stood when saving began, is what the file holds."""
        self._saved = self._project if project is None else project

    def unsaved(self) -> None:
        """No file holds the project as it stands."""
        self._saved = Project(self.document)

    def _go(
        self,
        kind: EntryKind,
        text: str,
        step: _Step,
        turned: int,
        renamed: Renames,
        shown: str | None,
    ) -> None:
        stood = _standing(step.document, shown)
        noted = entry(kind, text, stood, turned=turned % 4, renamed=renamed.as_kept())
        document, fit = step.document, self.document.fit
        if document.fit is not fit:  # else it is the one that was there before
            document = replace(document, fit=fit)
        self._project = Project(document, (*self.ledger, noted))


def _standing(document: Document, shown: str | None) -> Arrangement | None:
    return next((a for a in document.arrangements if a.name == shown), None)
