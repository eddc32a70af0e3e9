"""Questions about sounds that need a window of their own."""

from pathlib import Path

from PyQt6.QtWidgets import QFileDialog, QInputDialog, QWidget

from jolly_parlor.app import dialogs
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.words import tr


def ask_piece(parent: QWidget, settings: SettingsStore) -> Path | None:
    """Which music to listen to."""
    start = settings.values.last_folder
    kinds = tr("Music (*.wav *.flac *.WAV *.FLAC)")
    chosen, _ = QFileDialog.getOpenFileName(parent, tr("Choose a piece of your own"), start, kinds)
    return _kept(chosen, settings)


def ask_folder(parent: QWidget, settings: SettingsStore) -> Path | None:
    """Where to write several sounds."""
    return dialogs.ask_folder(parent, settings, tr("Write the sounds into a folder"))


def ask_name(parent: QWidget) -> str | None:
    name, agreed = QInputDialog.getText(parent, tr("Who listens?"), tr("Name:"))
    return name.strip() if agreed and name.strip() else None


def _kept(chosen: str, settings: SettingsStore) -> Path | None:
    if not chosen:
        return None
    path = Path(chosen)
    settings.change(last_folder=str(path.parent))
    return path
