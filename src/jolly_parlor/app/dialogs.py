"""Questions and messages, all in one place so that tests can answer them."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from pathlib import Path
from typing import TYPE_CHECKING

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QDialog,
    QDialogButtonBox,
    QFileDialog,
    QFormLayout,
    QGridLayout,
    QInputDialog,
    QLineEdit,
    QMessageBox,
    QPushButton,
    QScrollArea,
    QSpinBox,
    QVBoxLayout,
    QWidget,
)

from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.widgets.entries import label, on_click
from jolly_parlor.app.widgets.steady import ChoiceBox, CountBox
from jolly_parlor.project.document import Document
from jolly_parlor.project.guessing import Place, guess
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

if TYPE_CHECKING:
    from jolly_parlor.app.import_preview import Read
    from jolly_parlor.signals.reading import ReadResponse
    from jolly_parlor.signals.recorded_sweeps import Played
    from jolly_parlor.studio.soundcard import CardSetup


def ask_open(parent: QWidget, settings: SettingsStore) -> Path | None:
    from jolly_parlor.project.files import SUFFIX

    chosen, _ = QFileDialog.getOpenFileName(
        parent,
        tr("Open a room"),
        settings.values.last_folder,
        tr("Rooms (*{suffix});;All files (*)", suffix=SUFFIX),
    )
    return _kept(chosen, settings)


def ask_save(parent: QWidget, settings: SettingsStore, suggestion: str) -> Path | None:
    """Where to save the document."""
    from jolly_parlor.project.files import SUFFIX

    start = str(Path(settings.values.last_folder) / suggestion)
    chosen, _ = QFileDialog.getSaveFileName(
        parent, tr("Save the room"), start, tr("Rooms (*{suffix})", suffix=SUFFIX)
    )
    return _with_ending(parent, _kept(chosen, settings), SUFFIX)


def ask_card(parent: QWidget, settings: SettingsStore, suggestion: str) -> Path | None:
    """Where to save a placement card."""
    start = str(Path(settings.values.last_folder) / suggestion)
    kinds = tr("PDF (*.pdf);;Web page (*.html)")
    chosen, kind = QFileDialog.getSaveFileName(parent, tr("Save the placement card"), start, kinds)
    return _with_ending(parent, _kept(chosen, settings), ".html" if "html" in kind else ".pdf")


def ask_picture(parent: QWidget, settings: SettingsStore, suggestion: str) -> Path | None:
    """Where to save a picture."""
    kinds = tr("Picture of dots (*.png);;Drawing (*.svg)")
    start = str(Path(settings.values.last_folder) / suggestion)
    chosen, kind = QFileDialog.getSaveFileName(parent, tr("Save the picture"), start, kinds)
    ending = ".svg" if "svg" in kind else ".png"
    return _with_ending(parent, _kept(chosen, settings), ending, (".png", ".svg"))


def ask_folder(parent: QWidget, settings: SettingsStore, title: str) -> Path | None:
    """A folder to write into."""
    chosen = QFileDialog.getExistingDirectory(parent, title, settings.values.last_folder)
    if not chosen:
        return None
    settings.change(last_folder=chosen)
    return Path(chosen)


def ask_table(parent: QWidget, settings: SettingsStore, suggestion: str) -> Path | None:
    """Where to save a table."""
    return _ask_place(parent, settings, suggestion, tr("Save the table"), tr("Tables (*.csv)"))


def ask_sound(parent: QWidget, settings: SettingsStore, suggestion: str) -> Path | None:
    """Where to save a sound."""
    return _ask_place(parent, settings, suggestion, tr("Save the signal"), tr("Sounds (*.wav)"))


def ask_equaliser(parent: QWidget, settings: SettingsStore, suggestion: str) -> Path | None:
    """Where to save sections; the ending says as what."""
    kinds = tr(
        "Table (*.csv);;Words (*.txt);;Biquad coefficients "
        "(*.json);;Impulse response for a convolver (*.wav)"
    )
    return _ask_place(parent, settings, suggestion, tr("Save the equaliser's sections"), kinds)


def ask_report(parent: QWidget, settings: SettingsStore, suggestion: str) -> Path | None:
    """Where to save the full report."""
    kinds = tr("PDF (*.pdf);;Web page (*.html)")
    return _ask_place(parent, settings, suggestion, tr("Save the full report"), kinds)


def _ask_place(
    parent: QWidget, settings: SettingsStore, suggestion: str, title: str, kinds: str
) -> Path | None:
    """Where to save; without a suffix the suggestion's is taken."""
    start = str(Path(settings.values.last_folder) / suggestion)
    chosen, _ = QFileDialog.getSaveFileName(parent, title, start, kinds)
    return _with_ending(parent, _kept(chosen, settings), Path(suggestion).suffix)


def _with_ending(
    parent: QWidget, path: Path | None, ending: str, known: tuple[str, ...] = ()
) -> Path | None:
    """The path with an ending where it has none, or none of those known. The desktop's dialog has
    asked about the name as it was typed only: of one made of it here the question is asked again.
    """
    if path is None or (path.suffix.lower() in known if known else path.suffix):
        return path
    made = path.with_name(path.name + ending)
    told = tr("{name} is there already.", name=made.name)
    return made if not made.exists() or ask_replace(parent, told) else None


def ask_replace(parent: QWidget, told: str) -> bool:
    """Whether to write over what is there."""
    options = (("replace", tr("Write over it")), ("stay", tr("Leave it as it is")))
    return _choose(parent, tr("Already there"), told, options) == "replace"


def choose_response(parent: QWidget, settings: SettingsStore) -> Path | None:
    chosen, _ = QFileDialog.getOpenFileName(
        parent,
        tr("Import a response"),
        settings.values.last_folder,
        tr("Responses (*.txt *.csv *.frd *.dat *.tsv *.wav *.flac *.aif *.aiff);;All files (*)"),
    )
    return _kept(chosen, settings)


def _choose(parent: QWidget, title: str, text: str, options: tuple[tuple[str, str], ...]) -> str:
    """The answer chosen of (answer, button); Escape and the cross give the last."""
    box = QMessageBox(parent)
    box.setWindowTitle(title)
    box.setTextFormat(Qt.TextFormat.PlainText)
    box.setText(text)
    made = {}
    for number, (answer, words) in enumerate(options):
        role = QMessageBox.ButtonRole.AcceptRole if number == 0 else _OTHER
        if number == len(options) - 1:
            role = QMessageBox.ButtonRole.RejectRole
        made[answer] = box.addButton(words, role)
    box.setEscapeButton(made[options[-1][0]])
    box.exec()
    clicked = box.clickedButton()
    return next((a for a, button in made.items() if button is clicked), options[-1][0])


_OTHER = QMessageBox.ButtonRole.DestructiveRole


def ask_unsaved(parent: QWidget, name: str, kept: str) -> str:
    """`save`, `discard` or `stay`."""
    return _choose(
        parent,
        tr("Unsaved changes"),
        tr(
            "“{name}” has changes that are not saved.\n\n"
            "What you discard is kept for a week in {kept}.",
            name=name,
            kept=kept,
        ),
        (("save", tr("Save")), ("discard", tr("Discard the changes")), ("stay", tr("Stay here"))),
    )


def ask_recover(parent: QWidget, name: str, when: str) -> str:
    """`take`, `discard` or `later`: what to do with work that a crash left behind."""
    return _choose(
        parent,
        tr("Unsaved work found"),
        tr(
            "Work on “{name}” from {when} was not saved before the program ended.",
            name=name,
            when=when,
        ),
        (
            ("take", tr("Take it up")),
            ("discard", tr("Discard it")),
            ("later", tr("Ask me next time")),
        ),
    )


def ask_changed(parent: QWidget, file_name: str) -> str:
    """`elsewhere`, `replace` or `stay`: the file was changed by somebody else since."""
    return _choose(
        parent,
        tr("Changed by somebody else"),
        tr(
            "{file_name} was changed by another window or program since you "
            "opened it.\n\n"
            "If yours takes its place, the other version is kept beside it.",
            file_name=file_name,
        ),
        (
            ("elsewhere", tr("Save under another name …")),
            ("replace", tr("Put mine in its place")),
            ("stay", tr("Stay here")),
        ),
    )


def ask_name(parent: QWidget, title: str, old: str) -> str | None:
    name, ok = QInputDialog.getText(parent, title, tr("Name"), text=old)
    return name.strip() if ok and name.strip() else None


def ask_where(parent: QWidget, file_name: str, document: Document) -> tuple[str, str] | None:
    """Which source and seat a dropped file belongs to; guessed from its name."""
    dialog = QDialog(parent)
    dialog.setWindowTitle(tr("Where does {file_name} belong?", file_name=file_name))
    form = QFormLayout()
    source, seat = ChoiceBox(), ChoiceBox()
    source.addItems(document.source_names)
    seat.addItems([s.name for s in document.gear.seats])
    lowered = file_name.lower()
    for box in (source, seat):
        names = [box.itemText(i) for i in range(box.count())]
        guess = next((n for n in names if n.lower() in lowered), names[0])
        box.setCurrentText(guess)
    form.addRow(tr("Source"), source)
    form.addRow(tr("Seat"), seat)
    layout = QVBoxLayout(dialog)
    layout.addLayout(form)
    layout.addWidget(_buttons(dialog, tr("Import"), tr("Leave out"), dialog.accept))
    if dialog.exec() != QDialog.DialogCode.Accepted:
        return None
    return source.currentText(), seat.currentText()


def ask_import(
    parent: QWidget, file_name: str, where: str, read_curve: Read
) -> ReadResponse | None:
    """What to take of a file, after a look at what was made of it; None to leave it.

    Raises ResponseFileError where it cannot be read.
    """
    from jolly_parlor.app.import_preview import ImportPreview

    preview = ImportPreview(parent, file_name, where, read_curve)
    return preview.read if preview.exec() == QDialog.DialogCode.Accepted else None


def ask_places(
    parent: QWidget, paths: list[Path], document: Document, arrangement: str
) -> list[Place] | None:
    """Which file is which: a row each, guessed from its name, to be corrected or left out."""
    dialog = QDialog(parent)
    dialog.setWindowTitle(tr("Which file is which?"))
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
        boxes: list[QComboBox] = []
        named = (guessed.arrangement, guessed.source, guessed.seat)
        for column, (names, value) in enumerate(zip(options, named, strict=True), start=2):
            box = ChoiceBox()
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
    layout.addWidget(_buttons(dialog, tr("Import these"), tr("Import none"), dialog.accept))
    dialog.resize(760, 420)
    if dialog.exec() != QDialog.DialogCode.Accepted:
        return None
    return [
        Place(path, *(box.currentText() for box in boxes))
        for path, (wanted, boxes) in zip(paths, rows, strict=True)
        if wanted.isChecked()
    ]


def ask_card_setup(parent: QWidget, setup: CardSetup, sources: list[str]) -> CardSetup | None:
    """Which channel of a sound card is what; 0 stands for none."""
    from jolly_parlor.studio.soundcard import Channels

    dialog = QDialog(parent)
    dialog.setWindowTitle(tr("What is plugged in where?"))
    form = QFormLayout()
    known = setup.channels
    outputs = {name: _channel(known.outputs.get(name, 0), 1) for name in sources}
    for name, box in outputs.items():
        form.addRow(tr("{name}: output", name=name), box)
    microphone = _channel(known.microphone, 1)
    back_out, back_in = _channel(known.loopback_output or 0), _channel(known.loopback_input or 0)
    rate = ChoiceBox()
    for hertz in (44100, 48000, 88200, 96000):
        rate.addItem(tr("{hertz} Hz", hertz=hertz), hertz)
    rate.setCurrentIndex(max(rate.findData(setup.sample_rate), 0))
    form.addRow(tr("microphone: input"), microphone)
    form.addRow(tr("loopback: output (0: none)"), back_out)
    form.addRow(tr("loopback: input (0: none)"), back_in)
    form.addRow(tr("sample rate"), rate)
    words = tr("A cable from one spare output to one spare input is the timing reference.")
    wrong = label(words, "soft", wrap=True)
    form.addRow(wrong)
    layout = QVBoxLayout(dialog)
    layout.addLayout(form)
    made = setup

    def accept() -> None:
        nonlocal made
        channels = Channels(
            {name: box.value() for name, box in outputs.items()},
            microphone.value(),
            back_out.value() or None,
            back_in.value() or None,
        )
        made = replace(setup, channels=channels, sample_rate=rate.currentData())
        if made.problem:
            wrong.setText(made.problem)
        else:
            dialog.accept()

    layout.addWidget(_buttons(dialog, tr("Use these"), tr("Leave as it was"), accept))
    return made if dialog.exec() == QDialog.DialogCode.Accepted else None


def ask_played(parent: QWidget, file_name: str, settings: SettingsStore) -> Played | None:
    """What sweep a recording holds: by its parameters, or as a WAV."""
    from jolly_parlor.signals.recorded_sweeps import Played

    dialog = QDialog(parent)
    dialog.setWindowTitle(tr("{file_name} sounds like a recorded sweep", file_name=file_name))
    form = QFormLayout()
    low, high, seconds = (
        QLineEdit(f"{v:g}") for v in (Played.low_hz, Played.high_hz, Played.seconds)
    )
    form.addRow(tr("It rose from, Hz"), low)
    form.addRow(tr("to, Hz"), high)
    form.addRow(tr("in, seconds"), seconds)
    wrong = label(tr("Or choose the sound that was played, as WAV."), "soft", wrap=True)
    form.addRow(wrong)
    file = QPushButton(tr("The sweep as WAV …"))
    form.addRow(file)
    layout = QVBoxLayout(dialog)
    layout.addLayout(form)
    made: Played | None = None

    def accept() -> None:
        nonlocal made
        try:
            numbers = [float(box.text().replace(",", ".")) for box in (low, high, seconds)]
        except ValueError:
            wrong.setText(_NOT_NUMBERS)
            return
        made = Played(None, *numbers)
        try:
            made.sweep(2 * round(max(made.high_hz, 4000.0)))
        except Refused as error:
            wrong.setText(str(error))
            return
        dialog.accept()

    def choose() -> None:
        nonlocal made
        path = choose_response(dialog, settings)
        if path is not None:
            made = Played(path)
            dialog.accept()

    on_click(file, choose)
    layout.addWidget(_buttons(dialog, tr("Import"), tr("Leave out"), accept))
    return made if dialog.exec() == QDialog.DialogCode.Accepted else None


_NOT_NUMBERS = tr("Give three numbers, such as 20, 20000 and 5.")


def _channel(value: int, least: int = 0) -> QSpinBox:
    box = CountBox()
    box.setRange(least, 128)
    box.setValue(value)
    return box


def _buttons(dialog: QDialog, yes: str, no: str, accept: Callable[[], None]) -> QDialogButtonBox:
    buttons = QDialogButtonBox()
    buttons.addButton(QPushButton(yes), QDialogButtonBox.ButtonRole.AcceptRole)
    buttons.addButton(QPushButton(no), QDialogButtonBox.ButtonRole.RejectRole)
    buttons.accepted.connect(accept)
    buttons.rejected.connect(dialog.reject)
    return buttons


def show_text(parent: QWidget, title: str, html: str) -> None:
    """A page of text to read and close."""
    dialog = QDialog(parent)
    dialog.setWindowTitle(title)
    layout = QVBoxLayout(dialog)
    text = label(html, wrap=True, rich=True)
    text.setOpenExternalLinks(False)
    text.setMinimumWidth(520)
    scroll = QScrollArea()
    scroll.setWidgetResizable(True)
    scroll.setWidget(text)
    layout.addWidget(scroll)
    dialog.resize(620, min(text.heightForWidth(560) + 90, 620))
    close = QPushButton(tr("Close"))
    on_click(close, dialog.accept)
    layout.addWidget(close)
    dialog.exec()


def _kept(chosen: str, settings: SettingsStore) -> Path | None:
    if not chosen:
        return None
    path = Path(chosen)
    settings.change(last_folder=str(path.parent))
    return path
