"""The document, its undoable changes, its files, and what it says when compared."""
