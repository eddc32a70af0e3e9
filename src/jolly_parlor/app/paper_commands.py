"""What the actions do that ends on paper or in a folder, as methods of the window."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial
from pathlib import Path

from jolly_parlor import defects
from jolly_parlor.app.errands import Told, waited_for, watched
from jolly_parlor.app.parts import WindowParts
from jolly_parlor.outputs import AlreadyThere, told_place
from jolly_parlor.words import tr


class PaperCommands(WindowParts):
    """Card, report, and takes for other programs."""

    def save_card(self) -> None:
        """Save the placement card of the current arrangement."""
        from jolly_parlor.app import dialogs

        a = self.session.arrangement
        if a is None:
            return
        suggestion = f"{a.name.lower().replace(' ', '-')}.pdf"
        path = dialogs.ask_card(self, self.settings, suggestion)
        if path is not None:
            self.write_card_to(path)

    def write_card_to(self, path: Path) -> None:
        """Write the card, or say why not."""
        # Imported here: the PDF writer is not needed to start.
        from jolly_parlor.report.card import build_card
        from jolly_parlor.report.card_file import write_card

        a = self.session.arrangement
        if a is None:
            return
        document, noted = self.session.document, self.session.history.ledger
        paper = self.signoff.chosen_paper
        try:
            card = partial(build_card, document, a.name, ledger=noted)
            waited_for(lambda: write_card(card(), path, paper, replace=True))
        except Exception as error:
            self.say(defects.sentence(error, tr("writing the placement card")))
            return
        self.say(tr("Placement card saved as {name}.", name=told_place(path)))

    def save_report(self) -> None:
        """Save the full report of the current arrangement."""
        from jolly_parlor.app import dialogs

        a = self.session.arrangement
        if a is None:
            return
        suggestion = f"{a.name.lower().replace(' ', '-')}-report.pdf"
        path = dialogs.ask_report(self, self.settings, suggestion)
        if path is not None:
            self.write_report_to(path)

    def write_report_to(self, path: Path) -> None:
        """Write the full report beside the window's thread, or say why not."""
        # Imported here: the PDF writer is not needed to start.
        from jolly_parlor.report.full import gather, report_of
        from jolly_parlor.report.report_file import write_report

        a, session = self.session.arrangement, self.session
        if a is None:
            return
        document, noted, fit = session.document, session.history.ledger, session.fit_used
        units = self.settings.values.units
        paper = self.signoff.chosen_paper

        def written(told: Told) -> None:
            found = gather(document, a.name, noted, fit, units=units, told=told)
            write_report(report_of(found), path, paper, replace=True)

        try:
            watched(written, tr("Working out the report …"), self)
        except Exception as error:
            self.say(defects.sentence(error, tr("writing the report")))
            return
        self.say(tr("Report saved as {name}.", name=told_place(path)))

    def print_card(self) -> None:
        """The placement card on paper, seen before."""
        from jolly_parlor.report.card import build_card
        from jolly_parlor.report.card_file import write_card

        a = self.session.arrangement
        if a is not None:
            document, noted = self.session.document, self.session.history.ledger
            paper = self.settings.values.usual_paper
            card = partial(build_card, document, a.name, ledger=noted)
            self._print(
                lambda path, told: write_card(card(), path, paper),
                tr("the placement card"),
                tr("Working out the placement card …"),
            )

    def print_report(self) -> None:
        """The full report on paper, seen before."""
        from jolly_parlor.report.full import gather, report_of
        from jolly_parlor.report.report_file import write_report

        a, session = self.session.arrangement, self.session
        if a is not None:
            values = self.settings.values
            found = partial(gather, session.document, a.name, session.history.ledger)
            fit, units, paper = session.fit_used, values.units, values.usual_paper
            self._print(
                lambda path, told: write_report(
                    report_of(found(fit, units=units, told=told)), path, paper
                ),
                tr("the report"),
                tr("Working out the report …"),
            )

    def _print(self, write: Callable[[Path, Told], object], what: str, doing: str) -> None:
        from tempfile import TemporaryDirectory

        from jolly_parlor.app.printing import Printed

        with TemporaryDirectory() as folder:
            path = Path(folder) / "pages.pdf"
            try:
                watched(lambda told: write(path, told), doing, self)
                printed = Printed(path, self.settings.values.usual_paper)
            except Exception as error:
                self.say(defects.sentence(error, tr("printing {what}", what=what)))
                return
        printed.preview(self)

    def export_takes(self) -> None:
        """Every take, and the means, into a folder that any program can read."""
        from jolly_parlor.app import dialogs
        from jolly_parlor.project.exporting import export_project
        from jolly_parlor.refused import Refused

        folder = dialogs.ask_folder(self, self.settings, tr("Export all takes into a folder"))
        if folder is None:
            return
        project = self.session.history.project
        try:
            try:
                made = waited_for(lambda: export_project(project, folder))
            except AlreadyThere as there:
                if not dialogs.ask_replace(self, str(there)):
                    return
                made = waited_for(lambda: export_project(project, folder, replace=True))
        except Refused as error:
            self.say(str(error))
            return
        self.say(
            tr(
                "{made} files written into {name}: CSV, text and WAV.",
                made=len(made),
                name=folder.name,
            )
        )
