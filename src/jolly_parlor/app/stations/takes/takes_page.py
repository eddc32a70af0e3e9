"""Takes: import what the microphone heard, per arrangement, source and seat."""

from functools import partial
from pathlib import Path

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QPushButton

from jolly_parlor.app import dialogs
from jolly_parlor.app.errands import waited_for
from jolly_parlor.app.import_preview import Read
from jolly_parlor.app.stations.base import Station, card
from jolly_parlor.app.stations.takes.doubtful_card import DoubtfulCard
from jolly_parlor.app.stations.takes.fit_card import FitCard
from jolly_parlor.app.stations.takes.measure_card import MeasureCard
from jolly_parlor.app.stations.takes.missing_card import MissingCard
from jolly_parlor.app.stations.takes.take_card import TakeCard
from jolly_parlor.app.stations.takes.take_grid import TakeGrid
from jolly_parlor.app.widgets.entries import label, on_click
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.project.document import Document
from jolly_parlor.project.guessing import Place, files_in
from jolly_parlor.project.take_edits import (
    add_take,
    remove_takes,
)
from jolly_parlor.signals.importing import read_take
from jolly_parlor.signals.reading import ResponseFileError, SeveralCurves
from jolly_parlor.signals.recorded_sweeps import looks_recorded, read_recording
from jolly_parlor.words import plural, tr


class TakesStation(Station):
    """A grid of sources by seats for the current arrangement; each cell takes a file."""

    id = "takes"
    question = tr("What is measured?")

    def __init__(self, session: Workbench) -> None:
        super().__init__(session)
        self.measure = MeasureCard(session)
        self.takes = TakeGrid(
            session,
            self.measure.measure,
            self.measure.measure_moving,
            self.choose_file,
            self.measure.equipment.point.currentData,
        )
        self.measure.equipment.point.currentIndexChanged.connect(self._point_chosen)
        self.body.addWidget(self.takes.frame)
        self.body.addWidget(self.measure.frame)
        self.fit = FitCard(session, self.measure)
        self.body.addWidget(self.fit.frame)
        self.missing = MissingCard(session)
        self.body.addWidget(self.missing.frame)
        self.told = TakeCard(session)
        self.body.addWidget(self.told.frame)
        self.body.addWidget(self.measure.checks.frame)
        self.doubtful = DoubtfulCard(session)
        self.body.addWidget(self.doubtful.frame)
        self.stale_card, layout = card()
        layout.addWidget(label(tr("No longer valid"), "head"))
        self.stale = label("", "soft", wrap=True)
        layout.addWidget(self.stale)
        drop = QPushButton(tr("Remove them"))
        drop.setObjectName("remove-stale")
        on_click(drop, self._remove_stale)
        layout.addWidget(drop, 0, Qt.AlignmentFlag.AlignLeft)
        self.body.addWidget(self.stale_card)
        self.body.addStretch(1)
        self.listen(session.document_changed, session.view_changed)

    def restyle(self) -> None:
        """Colours and units may have changed."""
        self.told.restyle()
        self.refresh()

    def _point_chosen(self, _: int) -> None:
        self.takes.refresh()

    def refresh(self) -> None:
        """Show which takes there are."""
        document, a = self.session.document, self.session.arrangement
        self.takes.refresh()
        self.measure.refresh()
        self.told.refresh()
        self.fit.refresh()
        self.missing.refresh()
        held = [t for t in document.takes if any(t.applies_to(b) for b in document.arrangements)]
        here = sum(a is not None and t.applies_to(a) for t in held)
        count = plural(
            len(held),
            "{count} take in hand, {here} of them here",
            "{count} takes in hand, {here} of them here",
            here=here,
        )
        self.verdict.setText(count if held else tr("No takes yet"))
        self.under.setText(
            tr("Measure here, or import responses as text: you see how each was read first.")
        )
        self.doubtful.refresh()
        stale = document.stale_takes(a) if a is not None else []
        self.stale_card.setVisible(bool(stale))
        if a is None:
            return
        self.stale.setText(
            "; ".join(t.info.file_name for t in stale)
            + tr(": something has moved since. Undo the move, or measure again.")
        )

    def choose_file(self, source: str, seat: str) -> None:
        """Ask for the file of one cell."""
        path = dialogs.choose_response(self, self.session.settings)
        if path is not None:
            self.import_file(path, source, seat)

    def import_file(self, path: Path, source: str, seat: str) -> bool:
        """Read a file into a cell; a refusal is told and changes nothing."""
        a = self.session.arrangement
        if a is None:
            return False
        try:
            reading = self._reading(path)
            where = tr("{source} at the {seat} in “{name}”", source=source, seat=seat, name=a.name)
            read = (
                dialogs.ask_import(self, path.name, where, reading) if reading is not None else None
            )
        except ResponseFileError as error:
            self.session.refused.emit(str(error))
            return False
        if read is None:
            return False
        done = self.session.do(
            tr("Import {name}", name=path.name),
            lambda d: add_take(d, read, a.name, source, seat, path.name),
        )
        if done:
            notes = " ".join(read.notes)
            self.session.told.emit(
                tr(
                    "{name} imported as {source} at the {seat}. {notes}",
                    name=path.name,
                    source=source,
                    seat=seat,
                    notes=notes,
                )
            )
        return done

    def _reading(self, path: Path) -> Read | None:
        """What reads the file; None if nobody says what was played in a recording."""
        if not looks_recorded(path):
            return lambda curve, columns=None: waited_for(
                lambda: read_take(path, curve=curve, columns=columns)
            )
        played = dialogs.ask_played(self, path.name, self.session.settings)
        if played is None:
            return None
        microphone = self.measure.equipment.calibration
        return lambda _, columns=None: waited_for(
            lambda: read_recording(path, played, 1, microphone)
        )

    def import_places(self, places: list[Place]) -> None:
        """Import many as one undoable step; those that are refused are named with the reason."""
        reads, refusals = [], []
        for place in places:
            try:
                if looks_recorded(place.path):
                    raise ResponseFileError(
                        tr(
                            "{name} sounds like a recorded sweep: import it by itself.",
                            name=place.path.name,
                        )
                    )
                reads.append((place, waited_for(partial(read_take, place.path))))
            except SeveralCurves:
                where = tr(
                    "{source} at the {seat} in “{arrangement}”",
                    source=place.source,
                    seat=place.seat,
                    arrangement=place.arrangement,
                )
                reading = self._reading(place.path)
                if reading is None:
                    continue
                read = dialogs.ask_import(self, place.path.name, where, reading)
                reads += [(place, read)] if read is not None else []
            except ResponseFileError as error:
                refusals.append(str(error))
        if reads:

            def edit(document: Document) -> Document:
                for place, read in reads:
                    where = (place.arrangement, place.source, place.seat)
                    document = add_take(document, read, *where, place.path.name)
                return document

            self.session.do(tr("Import {reads} files", reads=len(reads)), edit)
        told = tr("{reads} imported.", reads=len(reads)) if places else tr("Nothing imported.")
        self.session.told.emit(" ".join([told, *refusals[:3]]))

    def _remove_stale(self) -> None:
        a = self.session.arrangement
        if a is not None:
            ids = frozenset(t.info.id for t in self.session.document.stale_takes(a))
            self.session.do(tr("Remove stale takes"), lambda d: remove_takes(d, ids))

    def take_files(self, dropped: list[Path]) -> None:
        """One file asks where it belongs; several, or folders, are mapped in one table."""
        a = self.session.arrangement
        paths = files_in(dropped)
        if a is None or not paths:
            what = (
                tr("Rough in an arrangement first.")
                if a is None
                else tr("No response files there.")
            )
            self.session.refused.emit(what)
            return
        if len(paths) > 1:
            places = dialogs.ask_places(self, paths, self.session.document, a.name)
            self.import_places(places or [])
            return
        where = dialogs.ask_where(self, paths[0].name, self.session.document)
        if where is not None:
            self.import_file(paths[0], *where)
