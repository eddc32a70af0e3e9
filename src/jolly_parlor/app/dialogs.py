"""Questions and messages, all in one place so that tests can answer them."""

from pathlib import Path

from PyQt6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QDialog,
    QDialogButtonBox,
    QFileDialog,
    QFormLayout,
    QGridLayout,
    QInputDialog,
    QMessageBox,
    QPushButton,
    QScrollArea,
    QVBoxLayout,
    QWidget,
)

from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.widgets.fields import label
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import SUFFIX
from jolly_parlor.project.guessing import Place, guess


def ask_open(parent: QWidget, settings: SettingsStore) -> Path | None:
    """Which document to open."""
    chosen, _ = QFileDialog.getOpenFileName(
        parent, "Open a room", settings.values.last_folder, f"Rooms (*{SUFFIX});;All files (*)"
    )
    return _kept(chosen, settings)


def ask_save(parent: QWidget, settings: SettingsStore, suggestion: str) -> Path | None:
    """Where to save the document."""
    start = str(Path(settings.values.last_folder) / suggestion)
    chosen, _ = QFileDialog.getSaveFileName(parent, "Save the room", start, f"Rooms (*{SUFFIX})")
    path = _kept(chosen, settings)
    return path.with_suffix(SUFFIX) if path is not None and not path.suffix else path


def ask_card(parent: QWidget, settings: SettingsStore, suggestion: str) -> Path | None:
    """Where to save a placement card."""
    start = str(Path(settings.values.last_folder) / suggestion)
    kinds = "PDF (*.pdf);;Web page (*.html)"
    chosen, kind = QFileDialog.getSaveFileName(parent, "Save the placement card", start, kinds)
    path = _kept(chosen, settings)
    if path is not None and not path.suffix:
        path = path.with_suffix(".html" if "html" in kind else ".pdf")
    return path


def choose_response(parent: QWidget, settings: SettingsStore) -> Path | None:
    """Which response to import."""
    chosen, _ = QFileDialog.getOpenFileName(
        parent,
        "Import a response",
        settings.values.last_folder,
        "Responses (*.txt *.csv *.frd *.dat *.tsv *.wav);;All files (*)",
    )
    return _kept(chosen, settings)


def ask_unsaved(parent: QWidget, name: str) -> str:
    """`save`, `discard` or `stay`."""
    box = QMessageBox(parent)
    box.setWindowTitle("Unsaved changes")
    box.setText(f"“{name}” has changes that are not saved.")
    save = box.addButton("Save", QMessageBox.ButtonRole.AcceptRole)
    discard = box.addButton("Leave them", QMessageBox.ButtonRole.DestructiveRole)
    stay = box.addButton("Stay here", QMessageBox.ButtonRole.RejectRole)
    box.setEscapeButton(stay)
    box.exec()
    clicked = box.clickedButton()
    return "save" if clicked is save else "discard" if clicked is discard else "stay"


def ask_recover(parent: QWidget, when: str) -> bool:
    """Whether to take up work that a crash left behind."""
    box = QMessageBox(parent)
    box.setWindowTitle("Unsaved work found")
    box.setText(f"Work from {when} was not saved before the program ended.")
    take = box.addButton("Take it up", QMessageBox.ButtonRole.AcceptRole)
    box.addButton("Leave it", QMessageBox.ButtonRole.RejectRole)
    box.exec()
    return box.clickedButton() is take


def ask_name(parent: QWidget, title: str, old: str) -> str | None:
    """Another name."""
    name, ok = QInputDialog.getText(parent, title, "Name", text=old)
    return name.strip() if ok and name.strip() else None


def ask_where(parent: QWidget, file_name: str, document: Document) -> tuple[str, str] | None:
    """Which source and seat a dropped file belongs to; guessed from its name."""
    dialog = QDialog(parent)
    dialog.setWindowTitle(f"Where does {file_name} belong?")
    form = QFormLayout()
    source, seat = QComboBox(), QComboBox()
    source.addItems(document.source_names)
    seat.addItems([s.name for s in document.gear.seats])
    lowered = file_name.lower()
    for box in (source, seat):
        names = [box.itemText(i) for i in range(box.count())]
        guess = next((n for n in names if n.lower() in lowered), names[0])
        box.setCurrentText(guess)
    form.addRow("Source", source)
    form.addRow("Seat", seat)
    layout = QVBoxLayout(dialog)
    layout.addLayout(form)
    buttons = QDialogButtonBox()
    buttons.addButton(QPushButton("Import"), QDialogButtonBox.ButtonRole.AcceptRole)
    buttons.addButton(QPushButton("Leave out"), QDialogButtonBox.ButtonRole.RejectRole)
    buttons.accepted.connect(dialog.accept)
    buttons.rejected.connect(dialog.reject)
    layout.addWidget(buttons)
    if dialog.exec() != QDialog.DialogCode.Accepted:
        return None
    return source.currentText(), seat.currentText()


def ask_places(
    parent: QWidget, paths: list[Path], document: Document, arrangement: str
) -> list[Place] | None:
    """Which file is which: a row each, guessed from its name, to be corrected or left out."""
    dialog = QDialog(parent)
    dialog.setWindowTitle("Which file is which?")
    grid = QGridLayout()
    for column, title in enumerate(("import", "file", "arrangement", "source", "seat")):
        grid.addWidget(label(title, "soft"), 0, column)
    options = (
        [a.name for a in document.arrangements],
        list(document.source_names),
        [s.name for s in document.gear.seats],
    )
    rows: list[tuple[QCheckBox, list[QComboBox]]] = []
    for row, path in enumerate(paths, start=1):
        guessed = guess(document, path, arrangement)
        wanted = QCheckBox()
        wanted.setChecked(True)
        grid.addWidget(wanted, row, 0)
        grid.addWidget(label(path.name), row, 1)
        boxes = []
        named = (guessed.arrangement, guessed.source, guessed.seat)
        for column, (names, value) in enumerate(zip(options, named, strict=True), start=2):
            box = QComboBox()
            box.addItems(names)
            box.setCurrentText(value)
            grid.addWidget(box, row, column)
            boxes.append(box)
        rows.append((wanted, boxes))
    holder, scroll = QWidget(), QScrollArea()
    holder.setLayout(grid)
    scroll.setWidgetResizable(True)
    scroll.setWidget(holder)
    layout = QVBoxLayout(dialog)
    layout.addWidget(scroll)
    buttons = QDialogButtonBox()
    buttons.addButton(QPushButton("Import these"), QDialogButtonBox.ButtonRole.AcceptRole)
    buttons.addButton(QPushButton("Import none"), QDialogButtonBox.ButtonRole.RejectRole)
    buttons.accepted.connect(dialog.accept)
    buttons.rejected.connect(dialog.reject)
    layout.addWidget(buttons)
    dialog.resize(760, 420)
    if dialog.exec() != QDialog.DialogCode.Accepted:
        return None
    return [
        Place(path, *(box.currentText() for box in boxes))
        for path, (wanted, boxes) in zip(paths, rows, strict=True)
        if wanted.isChecked()
    ]


def show_text(parent: QWidget, title: str, html: str) -> None:
    """A page of text to read and close."""
    dialog = QDialog(parent)
    dialog.setWindowTitle(title)
    layout = QVBoxLayout(dialog)
    text = label(html, wrap=True)
    text.setOpenExternalLinks(False)
    text.setMinimumWidth(520)
    layout.addWidget(text)
    close = QPushButton("Close")
    close.clicked.connect(dialog.accept)
    layout.addWidget(close)
    dialog.exec()


def _kept(chosen: str, settings: SettingsStore) -> Path | None:
    if not chosen:
        return None
    path = Path(chosen)
    settings.change(last_folder=str(path.parent))
    return path
