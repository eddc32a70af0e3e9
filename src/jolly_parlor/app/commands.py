"""What the actions do, as methods of the window."""

from dataclasses import replace
from datetime import datetime
from functools import partial
from pathlib import Path

from jolly_parlor import __version__, defects
from jolly_parlor.app import dialogs
from jolly_parlor.app.actions import ACTIONS, MENUS
from jolly_parlor.app.errands import waited_for
from jolly_parlor.app.parts import WindowParts
from jolly_parlor.app.samples import DEMO, SAMPLES
from jolly_parlor.project.blank import blank_document
from jolly_parlor.project.document import Document
from jolly_parlor.project.edits import (
    add_arrangement,
    choose,
    remove_arrangement,
    rename_arrangement,
)
from jolly_parlor.project.files import (
    SUFFIX,
    ChangedBehind,
    FileRefused,
    Opened,
    open_project,
    save_project,
)
from jolly_parlor.project.history import Project


def first_station(document: Document) -> str:
    """Where a document opens: the comparison where there is one to make."""
    if len(document.arrangements) > 1:
        return "compare"
    return "forecast" if document.arrangements else "survey"


def is_demo(path: Path) -> bool:
    """Whether a path is a sample itself, which is opened as a copy without a name."""
    return path.resolve() in (DEMO, *SAMPLES.values())


class Commands(WindowParts):
    """What menus and buttons of the main window do."""

    def new_document(self) -> None:
        """Start with an empty room."""
        if self.may_leave():
            self._start_with(Opened(Project(blank_document()), ""), None)
            self.go("survey")

    def open_file(self) -> None:
        """Ask for a document and open it."""
        if self.may_leave():
            path = dialogs.ask_open(self, self.settings)
            if path is not None:
                self.open_path(path)

    def open_demo(self) -> None:
        """Open a copy of the demo."""
        if self.may_leave():
            self.open_path(DEMO)

    def stop_working_out(self) -> None:
        """Leave it at the empty box."""
        self.session.fields.stop()

    def open_sample(self, name: str) -> None:
        """Open a copy of a lived-in sample."""
        if self.may_leave():
            self.open_path(SAMPLES[name])

    def open_path(self, path: Path) -> None:
        """Open a document, or say why not."""
        try:
            opened = waited_for(lambda: open_project(path))
        except FileRefused as error:
            self.say(str(error))
            return
        self._start_with(opened, None if is_demo(path) else path)
        self.go(first_station(opened.project.document))

    def save(self) -> bool:
        """Save where it came from, or ask."""
        if self.session.path is None:
            return self.save_as()
        return self.save_to(self.session.path, self.session.fingerprint)

    def save_as(self) -> bool:
        """Ask where, and save."""
        suggestion = self.session.document.room.name.lower().replace(" ", "-") + SUFFIX
        path = dialogs.ask_save(self, self.settings, suggestion)
        return path is not None and self.save_to(path)

    def save_to(self, path: Path, known: str | None = None) -> bool:
        """Save, or say why not. known: the fingerprint the file is expected to have."""
        if is_demo(path):
            self.say("That is the demo itself, which stays as it is; save under another name.")
            return False
        project = self.session.history.project
        try:
            fingerprint = waited_for(lambda: save_project(project, path, known))
        except ChangedBehind:
            return self._resolve_change(path)
        except FileRefused as error:
            self.say(str(error))
            return False
        self.session.path, self.session.fingerprint = path, fingerprint
        self.session.history.saved(project)
        self.safety.forget()
        self.refresh()
        self.say(f"Saved as {path.name}.")
        return True

    def _resolve_change(self, path: Path) -> bool:
        """The file was changed behind our back: ask which of the two is to have the name."""
        answer = dialogs.ask_changed(self, path.name)
        if answer == "elsewhere":
            return self.save_as()
        if answer != "replace":
            return False
        kept = path.with_name(f"{path.stem} other {datetime.now():%Y-%m-%d %H-%M-%S}{SUFFIX}")
        try:
            kept.write_bytes(path.read_bytes())
        except OSError as error:
            self.say(f"The other version could not be kept, so nothing was saved: {error}")
            return False
        done = self.save_to(path)
        if done:
            self.say(f"Saved as {path.name}; the other version is kept as {kept.name}.")
        return done

    def may_leave(self) -> bool:
        """Whether the document may be left: saved, or the user gives it up."""
        if not self.session.history.changed:
            return True
        kept = str(self.safety.discarded)
        answer = dialogs.ask_unsaved(self, self.session.document.room.name, kept)
        if answer == "discard":
            self.safety.discard()
            return True
        return answer == "save" and self.save()

    def save_card(self) -> None:
        """Save the placement card of the current arrangement."""
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
        from jolly_parlor.report.writing import write_card

        a = self.session.arrangement
        if a is None:
            return
        document, noted = self.session.document, self.session.history.ledger
        paper = self.signoff.chosen_paper
        try:
            waited_for(lambda: write_card(build_card(document, a.name, ledger=noted), path, paper))
        except Exception as error:
            self.say(defects.sentence(error, "writing the placement card"))
            return
        self.say(f"Placement card saved as {path.name}.")

    def save_report(self) -> None:
        """Save the full report of the current arrangement."""
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
        from jolly_parlor.report.report_writing import write_report

        a, session = self.session.arrangement, self.session
        if a is None:
            return
        document, noted, fit = session.document, session.history.ledger, session.fit_used
        units = self.settings.values.units
        paper = self.signoff.chosen_paper

        def written() -> None:
            found = gather(document, a.name, noted, fit, units=units)
            write_report(report_of(found), path, paper)

        self.say("Working out the report …")
        try:
            waited_for(written)
        except Exception as error:
            self.say(defects.sentence(error, "writing the report"))
            return
        self.say(f"Report saved as {path.name}.")

    def undo(self) -> None:
        """Take the last change back."""
        self.session.undo()

    def redo(self) -> None:
        """Do it again."""
        self.session.redo()

    def toggle_alike(self) -> None:
        """Whether moving one monitor moves its twin."""
        self.session.keep_alike(not self.session.alike)
        self.refresh()

    def rough_in(self, school_id: str) -> None:
        """Add a school's arrangement."""
        self.go("lineup")
        self.lineup.schools.rough_in(school_id)

    def search_room(self) -> None:
        """Begin the search at Line-up, or stop it."""
        self.go("lineup")
        self.lineup.search.toggle()

    def copy(self) -> None:
        """A copy to move about."""
        a = self.session.arrangement
        if a is None:
            return
        rule = f"Begun as a copy of “{a.name}”."
        twin = replace(a, name=f"{a.name} copy"[:60], school="own", rule=rule)
        if self.session.do(f"Copy {a.name}", lambda d: add_arrangement(d, twin)):
            self.session.show_arrangement(self.session.document.arrangements[-1].name)

    def rename(self) -> None:
        """Give the current arrangement another name."""
        a = self.session.arrangement
        if a is None:
            return
        name = dialogs.ask_name(self, "Rename the arrangement", a.name)
        if name is not None:
            edit = partial(rename_arrangement, name=a.name, to=name[:60])
            if self.session.do(f"Rename {a.name}", edit):
                self.session.show_arrangement(name[:60])

    def remove(self) -> None:
        """Drop the current arrangement; undo brings it back."""
        a = self.session.arrangement
        if a is not None:
            self.session.do(f"Remove {a.name}", lambda d: remove_arrangement(d, a.name))

    def pick(self) -> None:
        """Choose the current arrangement."""
        a = self.session.arrangement
        if a is not None:
            figure = self.session.shown.figure(self.session.layer)
            why = f"{figure.value_db:.1f} dB from even, {self.session.layer}." if figure else ""
            self.session.do(f"Pick {a.name}", lambda d: choose(d, a.name, why))

    def show_ledger(self) -> None:
        """Every step there was."""
        self.go("finetune")
        self.finetune.show_page("ledger")

    def flip(self) -> None:
        """Back and forth between the last two arrangements."""
        self.session.flip()

    def show_next(self, step: int) -> None:
        """The next arrangement."""
        self.session.show_next(step)

    def import_files(self) -> None:
        """Import one response into the current arrangement."""
        self.go("takes")
        path = dialogs.choose_response(self, self.settings)
        if path is not None:
            where = dialogs.ask_where(self, path.name, self.session.document)
            if where is not None:
                self.takes.import_file(path, *where)

    def listen(self, mix_id: str) -> None:
        """Let those sources play."""
        self.session.show_mix(mix_id)

    def next_seat(self) -> None:
        """Listen from the next seat."""
        names = [seat.name for seat in self.session.document.gear.seats]
        self.session.show_seat(names[(names.index(self.session.seat) + 1) % len(names)])

    def swap_layer(self) -> None:
        """Measured for forecast, and back."""
        self.session.show_layer("forecast" if self.session.layer == "measured" else "measured")

    def focus_plan(self) -> None:
        """Keys to the plan."""
        self.plan.setFocus()

    def tint(self, kind: str) -> None:
        """Tint the plan by seats, by a source's places or by pressure, or stop."""
        self.session.tints.choose(kind)
        self.refresh()

    def toggle_theme(self) -> None:
        """Day and evening."""
        now = self.settings.values.theme
        self.settings.change(theme="day" if now == "evening" else "evening")
        self.restyle()

    def toggle_units(self) -> None:
        """Metres, or feet and inches."""
        now = self.settings.values.units
        self.settings.change(units="metric" if now == "imperial" else "imperial")
        self.restyle()

    def show_keys(self) -> None:
        """All shortcuts."""
        parts = []
        for menu in MENUS:
            rows = [a for a in ACTIONS if a.menu == menu and a.shortcut]
            cells = "".join(
                f"<tr><td>{a.title}&nbsp;&nbsp;</td><td><b>{a.shortcut}</b></td></tr>" for a in rows
            )
            parts.append(f"<td style='padding-right:22px'><b>{menu}</b><table>{cells}</table></td>")
        half = (len(parts) + 1) // 2
        table = "".join(f"<tr>{''.join(parts[i : i + half])}</tr>" for i in (0, half))
        plan = (
            "<p>On the plan: N next item, arrows 1 cm, Shift with arrows 10 cm, "
            "Page Up and Page Down for height. On the response: left and right. Escape silences "
            "what plays, from anywhere.</p>"
        )
        dialogs.show_text(self, "All keys", f"<table>{table}</table>{plan}")

    def show_about(self) -> None:
        """Version and licences."""
        dialogs.show_text(
            self,
            "About Jolly Parlor",
            f"<h3>Jolly Parlor {__version__}</h3><p>Where the monitors, the subwoofer and the seat "
            "belong in this room.</p><p>Free software under the GNU General Public License, "
            "version 3 or later, without any warranty.</p><p>Typefaces Fraunces and Source Sans 3, "
            "both under the SIL Open Font License 1.1; the licences lie beside the fonts.</p>",
        )

    def _start_with(self, opened: Opened, path: Path | None) -> None:
        self.safety.forget()
        self.session.load(opened.project, path, opened.fingerprint)
