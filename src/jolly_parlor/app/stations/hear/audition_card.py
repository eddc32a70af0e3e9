"""Arrangements one against the other: a row each, what differs in words, the curve of the one that
is heard.
"""

from dataclasses import dataclass
from functools import partial
from string import ascii_uppercase

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QKeySequence, QShortcut
from PyQt6.QtWidgets import (
    QCheckBox,
    QFrame,
    QLabel,
    QPushButton,
    QVBoxLayout,
)

from jolly_parlor.analysis.hearing import Basis, Through
from jolly_parlor.app import sound_dialogs, theme
from jolly_parlor.app.plots.row import RowPlot
from jolly_parlor.app.stations.base import card, clear
from jolly_parlor.app.stations.hear.auditioned import Auditioned
from jolly_parlor.app.stations.hear.sound_files import write_sounds
from jolly_parlor.app.widgets.entries import (
    Choice,
    choice_field,
    label,
    named_button,
    number_field,
    plain,
)
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.fold import Fold
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.audition.piece_heard import MOST, PIECES
from jolly_parlor.audition.telling import telling_words
from jolly_parlor.placement.evenness import Deviation, evenness
from jolly_parlor.signals.programme import PROGRAMMES
from jolly_parlor.words import spoken, tr

_BASES: list[tuple[Basis, str]] = [("forecast", tr("Forecast")), ("measured", tr("Takes"))]
_THROUGH: list[tuple[Through, str]] = [
    ("headphones", tr("Headphones")),
    ("loudspeakers", tr("The loudspeakers here")),
]
_PLOT_PIXELS = 132
_OWN = tr("A piece of your own …")


@dataclass(frozen=True)
class _Row:
    """What one arrangement has on the card."""

    name: str
    box: QCheckBox
    button: QPushButton
    figure: QLabel
    words: QLabel


class AuditionCard:
    """`frames` are the widgets, in order."""

    def __init__(self, heard: Auditioned) -> None:
        self.heard, self.session = heard, heard.session
        self.frame: QFrame
        self.frame, layout = card()
        self._build_asked(layout)
        self.rows = WrappedGrid()
        self.rows.setHorizontalSpacing(12)
        self.rows.setVerticalSpacing(4)
        self.rows.setColumnStretch(3, 1)
        layout.addLayout(self.rows)
        self.hint = label("", "soft", wrap=True)
        layout.addWidget(self.hint)
        self._rows: list[_Row] = []
        self._drawn: tuple[Deviation | None, Deviation | None] = (None, None)
        self.pictured: QFrame
        self.pictured, told = card()
        self._build_told(told)
        self.frames = (self.frame, self.pictured)
        for number in range(MOST):
            key = QShortcut(QKeySequence(str(number + 1)), self.frame)
            key.activated.connect(partial(self._hear_number, number))
        for signal in (heard.changed, heard.player.changed):
            signal.connect(self._due)

    def _build_asked(self, layout: QVBoxLayout) -> None:
        row = FlowRow()
        row.setSpacing(8)
        self.title = label("", "head")
        self.title.setObjectName("hear-title")
        row.addWidget(self.title)
        row.addStretch(1)
        self.piece = choice_field(tr("hear piece"), ())
        for name in PIECES:
            self.piece.addItem(PROGRAMMES[name].name, name)
        self.piece.addItem(_OWN, "own")
        self.piece.activated.connect(self._choose_piece)
        self.start = number_field(tr("hear from second"), "s", 0)
        theme.keep_width(self.start, most=56)
        self.start.setToolTip(tr("Where your own piece begins; 30 s of it go round."))
        self.start.committed.connect(self.heard.begin_at)
        self.start.failed.connect(self.session.refused.emit)
        self.start.set_value(0.0)
        self.basis = Choice([(value, title) for value, title in _BASES], "hear-basis")
        self.basis.chosen.connect(self._choose_basis)
        self.through = Choice([(value, title) for value, title in _THROUGH], "hear-through")
        self.through.chosen.connect(self._choose_through)
        row.addWidget(self.piece)
        row.addWidget(self.start)
        layout.addLayout(row)
        row = FlowRow()
        row.setSpacing(8)
        for title, widget in (("by", self.basis), ("through", self.through)):
            row.addWidget(label(title, "soft"))
            row.addWidget(widget)
        row.addStretch(1)
        self.how = Fold(tr("How it is played"), "hear-how")
        self.how.body.addLayout(row)
        layout.addWidget(self.how)

    def _build_told(self, layout: QVBoxLayout) -> None:
        self.told = label("", "strong", wrap=True)
        self.told.setObjectName("hear-told")
        layout.addWidget(self.told)
        self.plots = QVBoxLayout()
        layout.addLayout(self.plots)
        self.under = label("", "soft", wrap=True)
        layout.addWidget(self.under)
        row = FlowRow()
        self.notes = label("", "soft", wrap=True)
        self.notes.setObjectName("hear-notes")
        row.addWidget(self.notes, 1)
        self.files = named_button(tr("As WAV …"), "hear-wav", self.save)
        row.addWidget(self.files, 0, Qt.AlignmentFlag.AlignBottom)
        layout.addLayout(row)

    def refresh(self) -> None:
        """Ask for what is to be heard, and show what is."""
        self.heard.refresh()
        self._show()

    def save(self) -> None:
        """Every sound as a file."""
        found = self.heard.found
        folder = sound_dialogs.ask_folder(self.frame, self.session.settings)
        if found is None or folder is None:
            return
        sounds = zip(found.audition.names, found.played.matched.sounds, strict=True)
        piece = self.heard.piece_name
        write_sounds(self.session, folder, {f"{piece} - {n}": sound for n, sound in sounds})

    def forget_picture(self) -> None:
        """Draw it anew when next shown."""
        self._drawn = (None, None)

    def _due(self) -> None:
        if self.frame.isVisible():
            self._show()

    def _show(self) -> None:
        heard = self.heard
        self.piece.setCurrentIndex(self.piece.findData(heard.piece))
        self.start.setVisible(heard.piece == "own")
        if heard.own is not None:
            self.piece.setItemText(
                self.piece.count() - 1, tr("{name} (your own) …", name=heard.own.name)
            )
        self.title.setText(
            tr("{name} at the {seat}", name=self.session.mix.name, seat=self.session.seat)
        )
        self.basis.show_value(heard.basis)
        self.through.show_value(heard.through)
        self._show_rows()
        self._show_curve()

    def _show_rows(self) -> None:
        """Widgets stay while the arrangements do, so that the keys stay where they are."""
        heard, found = self.heard, self.heard.found
        every = [a.name for a in self.session.document.arrangements]
        if every != [row.name for row in self._rows]:
            clear(self.rows)
            self._rows = [self._new_row(line, name) for line, name in enumerate(every)]
        letters = iter(ascii_uppercase)
        for row in self._rows:
            takes_part = row.name in heard.names
            row.box.setChecked(takes_part)
            row.box.setEnabled(takes_part or len(heard.names) < MOST)
            letter = next(letters) if takes_part else ""
            row.button.setText(plain(f"{letter}  {row.name}".strip()))
            row.button.setChecked(heard.player.plays_for(heard) and heard.heard == row.name)
            row.button.setEnabled(takes_part)
            if found is None or row.name not in found.audition.names:
                row.figure.setText("" if takes_part else tr("left out"))
                row.words.setText("")
                continue
            measured = found.audition.basis == "measured"
            by = spoken("measured") if measured else self.session.forecast_words
            at = found.audition.names.index(row.name)
            figure = evenness(found.audition.curves[at]).value_db
            row.figure.setText(
                tr(
                    "{figure:.1f} dB from even, {basis}",
                    figure=figure,
                    basis=by,
                )
            )
            row.words.setText(self._row_words(at))
        count = len(heard.names)
        keys = tr("keys 1 to {count} switch", count=count) if count > 1 else tr("the key 1 begins")
        self.hint.setText(tr("Press a name to hear it, {keys}, Esc silences.", keys=keys))

    def _new_row(self, line: int, name: str) -> "_Row":
        box, button = QCheckBox(), QPushButton()
        box.setObjectName(f"hear-with-{line}")
        box.setAccessibleName(tr("{name} takes part", name=name))
        box.clicked.connect(partial(self.heard.take_part, name))
        button.setObjectName(f"hear-{line}")
        button.setCheckable(True)
        button.clicked.connect(partial(self._hear, name))
        row = _Row(name, box, button, label(""), label("", "soft", wrap=True))
        for column, widget in enumerate((box, button, row.figure, row.words)):
            self.rows.addWidget(widget, line, column)
        return row

    def _reference(self) -> int:
        """What the others are told against: what stands in the room, else the first."""
        found = self.heard.found
        assert found is not None
        names = found.audition.names
        return names.index(self.heard.now) if self.heard.now in names else 0

    def _row_words(self, at: int) -> str:
        found = self.heard.found
        assert found is not None
        reference = self._reference()
        if at == reference:
            return tr("what the others are held against")
        differing = found.played.differing(at, reference)
        if not differing:
            return tr("hardly differs with this piece")
        return "; ".join(one.short for one in differing)

    def _show_curve(self) -> None:
        heard, found = self.heard, self.heard.found
        self.files.setEnabled(found is not None)
        if found is None:
            self._draw(None, None, "")
            self.told.setText(heard.why or tr("Nothing takes part: choose an arrangement above."))
            self.under.setText("")
            self.notes.setText("")
            return
        at, reference = heard.index, self._reference()
        name, other = (found.audition.names[n] for n in (at, reference))
        if at == reference:
            self.told.setText(tr("“{name}” is what the others are held against.", name=name))
        else:
            self.told.setText(telling_words(name, found.played.differing(at, reference)))
        against = None if at == reference else found.audition.curves[reference]
        self._draw(
            found.audition.curves[at],
            against,
            tr("{name} at the head's centre; dotted: {other}", name=name, other=other),
        )
        dotted = tr("; dotted: {other}", other=other) if against is not None else ""
        self.under.setText(
            tr(
                "filled: {name}, Hz and dB from even{dotted}. All are equally loud.",
                name=name,
                dotted=dotted,
            )
        )
        self.notes.setText("\n".join(found.audition.notes))

    def _draw(self, curve: Deviation | None, against: Deviation | None, name: str) -> None:
        """Anew for other curves only: a press of Louder comes here too."""
        if self._drawn == (curve, against):
            return
        self._drawn = curve, against
        clear(self.plots)
        if curve is not None:
            plot = RowPlot(curve, against, name)
            plot.setFixedHeight(_PLOT_PIXELS)
            self.plots.addWidget(plot)

    def _hear(self, name: str, _checked: bool = False) -> None:
        self.heard.hear(name)

    def _hear_number(self, number: int) -> None:
        found = self.heard.found
        if found is not None and number < len(found.audition.names):
            self.heard.hear(found.audition.names[number])

    def _choose_piece(self, index: int) -> None:
        value = str(self.piece.itemData(index))
        if value == "own":
            path = sound_dialogs.ask_piece(self.frame, self.session.settings)
            if path is not None:
                self.heard.use_piece(path)
            elif self.heard.own is not None:
                self.heard.piece = "own"
        else:
            self.heard.piece = value
        self.refresh()

    def _choose_basis(self, value: str) -> None:
        self.heard.basis = next(basis for basis, _ in _BASES if basis == value)
        self.refresh()

    def _choose_through(self, value: str) -> None:
        self.heard.through = next(through for through, _ in _THROUGH if through == value)
        self.refresh()
