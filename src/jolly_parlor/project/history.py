"""Undo and redo: a document is immutable, so its history is a list of documents."""

from dataclasses import dataclass

from jolly_parlor.project.document import Document


@dataclass(frozen=True)
class _Step:
    label: str
    document: Document


class History:
    """The document now, what it was, and what it was before undoing."""

    def __init__(self, document: Document) -> None:
        self._past: list[_Step] = []
        self._future: list[_Step] = []
        self._now = document
        self._saved = document

    @property
    def document(self) -> Document:
        """The document as it stands."""
        return self._now

    @property
    def changed(self) -> bool:
        """Whether it differs from what was last saved."""
        return self._now is not self._saved

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
        if document is self._now:
            return
        self._past.append(_Step(label, self._now))
        self._future.clear()
        self._now = document

    def undo(self) -> None:
        """Take the last step back; nothing when there is none."""
        if self._past:
            step = self._past.pop()
            self._future.append(_Step(step.label, self._now))
            self._now = step.document

    def redo(self) -> None:
        """Do the last undone step again; nothing when there is none."""
        if self._future:
            step = self._future.pop()
            self._past.append(_Step(step.label, self._now))
            self._now = step.document

    def saved(self) -> None:
        """The document as it stands is what the file holds."""
        self._saved = self._now
