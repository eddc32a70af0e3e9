"""Undo and redo: a document is immutable, so its history is a list of documents. The Ledger
stands beside it and only ever grows.
"""

from dataclasses import dataclass, replace

from jolly_parlor.project.document import Document
from jolly_parlor.project.ledger import Entry, entry


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


class History:
    """The document now, what it was, and what it was before undoing."""

    def __init__(self, project: Project) -> None:
        self._past: list[_Step] = []
        self._future: list[_Step] = []
        self._project = project.after(project.document) if project.document.noted else project
        self._saved = self._project

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

    def do(self, label: str, document: Document) -> None:
        """One undoable step. A document that is the same object is no step."""
        now = self.document
        if document is now:
            return
        self._past.append(_Step(label, now))
        self._future.clear()
        self._project = self._project.after(document)

    def undo(self) -> None:
        """Take the last step back; nothing when there is none."""
        if self._past:
            step = self._past.pop()
            self._future.append(_Step(step.label, self.document))
            self._go("undo", f"Undone: {step.label}.", step.document)

    def redo(self) -> None:
        """Do the last undone step again; nothing when there is none."""
        if self._future:
            step = self._future.pop()
            self._past.append(_Step(step.label, self.document))
            self._go("redo", f"Done again: {step.label}.", step.document)

    def saved(self, project: Project | None = None) -> None:
        """The project as it stands, or as it stood when saving began, is what the file holds."""
        self._saved = self._project if project is None else project

    def unsaved(self) -> None:
        """No file holds the project as it stands."""
        self._saved = Project(self.document)

    def _go(self, kind: str, text: str, document: Document) -> None:
        noted = entry("undo" if kind == "undo" else "redo", text)
        self._project = Project(document, (*self.ledger, noted))
