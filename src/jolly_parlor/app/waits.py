"""How long answers took the last time, so that who waits for one is told what it will still take.

Kept from one session to the next: the machine and mostly the room are the same.
"""

from jolly_parlor.app.questions import Kind
from jolly_parlor.app.settings import SettingsStore

_WORTH_KEEPING_SECONDS = 1.0


class Waits:
    """By kind of question; several threads may note and ask."""

    def __init__(self, settings: SettingsStore | None = None) -> None:
        self._settings = settings
        self._took = dict(settings.values.waits) if settings is not None else {}

    def last(self, kind: Kind) -> float | None:
        """Seconds that an answer of this kind took the last time, None if there was none."""
        return self._took.get(kind.name)

    def note(self, kind: Kind, seconds: float) -> None:
        """An answer took so long."""
        self._took[kind.name] = seconds

    def keep(self) -> None:
        """For the next session: those that somebody noticed waiting for."""
        if self._settings is None:
            return
        waits = {n: round(s, 1) for n, s in self._took.items() if s >= _WORTH_KEEPING_SECONDS}
        if waits != self._settings.values.waits:
            self._settings.change(waits=waits)
