"""What the actions do, as methods of the window."""

from __future__ import annotations

from dataclasses import replace
from datetime import datetime
from functools import partial
from pathlib import Path
from typing import TYPE_CHECKING

from jolly_parlor import __version__
from jolly_parlor.app import theme
from jolly_parlor.app.actions import ACTIONS, MENUS
from jolly_parlor.app.errands import waited_for
from jolly_parlor.app.one_window import bring_forward
from jolly_parlor.app.paper_commands import PaperCommands
from jolly_parlor.app.samples import DEMO, SAMPLES
from jolly_parlor.app.walk import WALK
from jolly_parlor.project.blank import blank_document
from jolly_parlor.project.document import Document
from jolly_parlor.project.edits import (
    add_arrangement,
    choose,
    remove_arrangement,
    rename_arrangement,
)
from jolly_parlor.project.history import Project
from jolly_parlor.words import tr

if TYPE_CHECKING:
    from jolly_parlor.project.files import Opened


def first_station(document: Document) -> str:
    """Where a document opens: the comparison where there is one to make."""
    if len(document.arrangements) > 1:
        return "compare"
    return "forecast" if document.arrangements else "survey"


def is_demo(path: Path) -> bool:
    """Whether a path is a sample itself, which is opened as a copy without a name."""
    return path.resolve() in (DEMO, *SAMPLES.values())


class Commands(PaperCommands):
    """What menus and buttons of the main window do."""

    def new_document(self) -> None:
        """Start with an empty room."""
        from jolly_parlor.project.files import Opened

        if self.may_leave():
            self._start_with(Opened(Project(blank_document()), ""), None)
            self.go("survey")
            self.stack.setCurrentWidget(self.first_room)
            self.first_room.begin()

    def propose_first(self) -> None:
        """Search the room just told of, and show what is found as it comes."""
        self.go("lineup")
        if not self.lineup.search.searching:
            self.lineup.search.toggle()

    def open_file(self) -> None:
        """Ask for a document and open it."""
        from jolly_parlor.app import dialogs

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
        from jolly_parlor.project.files import FileRefused, open_project

        if path != self.session.path and bring_forward(path):
            self.say(
                tr("{name} is open in another window, which has come to the front.", name=path.name)
            )
            return
        try:
            opened = waited_for(lambda: open_project(path))
        except FileRefused as error:
            self.say(str(error))
            return
        self._start_with(opened, None if is_demo(path) else path)
        kept = self.settings.station_of(self.session.path)
        self.go(kept if kept in WALK else first_station(opened.project.document))
        self.place.remember()

    def open_dropped(self, path: Path) -> None:
        """Open a document in place of the one shown, if that may be left."""
        if self.may_leave():
            self.open_path(path)

    def save(self) -> bool:
        """Save where it came from, or ask."""
        if self.session.path is None:
            return self.save_as()
        return self.save_to(self.session.path, self.session.fingerprint)

    def save_as(self) -> bool:
        from jolly_parlor.app import dialogs
        from jolly_parlor.project.files import SUFFIX

        suggestion = self.session.document.room.name.lower().replace(" ", "-") + SUFFIX
        path = dialogs.ask_save(self, self.settings, suggestion)
        return path is not None and self.save_to(path)

    def save_to(self, path: Path, known: str | None = None) -> bool:
        """Save, or say why not. known: the fingerprint the file is expected to have."""
        from jolly_parlor.project.files import ChangedBehind, FileRefused, save_project

        if is_demo(path):
            self.say(tr("That is the demo itself, which stays as it is; save under another name."))
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
        self.place.remember()
        self.refresh()
        self.say(tr("Saved as {name}.", name=path.name))
        return True

    def _resolve_change(self, path: Path) -> bool:
        """The file was changed behind our back: ask which of the two is to have the name."""
        from jolly_parlor.app import dialogs
        from jolly_parlor.project.files import SUFFIX, FileRefused, keep_copy

        answer = dialogs.ask_changed(self, path.name)
        if answer == "elsewhere":
            return self.save_as()
        if answer != "replace":
            return False
        kept = path.with_name(
            tr(
                "{stem} other {now:%Y-%m-%d %H-%M-%S}{suffix}",
                stem=path.stem,
                now=datetime.now(),
                suffix=SUFFIX,
            )
        )
        try:
            keep_copy(path, kept)
        except FileRefused as error:
            self.say(
                tr(
                    "The other version could not be kept, so nothing was saved: {error}",
                    error=error,
                )
            )
            return False
        done = self.save_to(path)
        if done:
            self.say(
                tr(
                    "Saved as {name}; the other version is kept as {name2}.",
                    name=path.name,
                    name2=kept.name,
                )
            )
        return done

    def may_leave(self) -> bool:
        """Whether the document may be left: saved, or the user gives it up."""
        from jolly_parlor.app import dialogs

        if not self.session.history.changed:
            return True
        kept = str(self.safety.discarded)
        answer = dialogs.ask_unsaved(self, self.session.document.room.name, kept)
        if answer == "discard":
            self.safety.discard()
            return True
        return answer == "save" and self.save()

    def show_steps(self) -> None:
        """What can be taken back and done again."""
        from jolly_parlor.app.steps_dialog import StepsDialog

        StepsDialog(self, self.session).exec()

    def show_preferences(self) -> None:
        from jolly_parlor.app.preferences_dialog import PreferencesDialog

        PreferencesDialog(self).exec()

    def undo(self) -> None:
        """Take the last change back."""
        self.session.undo()

    def redo(self) -> None:
        self.session.redo()

    def toggle_alike(self) -> None:
        """Whether moving one monitor moves its twin."""
        self.session.keep_alike(not self.session.alike)
        self.refresh()

    def rough_in(self, school_id: str) -> None:
        self.go("lineup")
        self.lineup.schools.take(school_id)

    def search_room(self) -> None:
        """Begin the search at Line-up, or stop it."""
        self.go("lineup")
        self.lineup.search.toggle()

    def copy(self) -> None:
        """A copy to move about."""
        a = self.session.arrangement
        if a is None:
            return
        rule = tr("Begun as a copy of “{name}”.", name=a.name)
        name = tr("{name} copy", name=a.name)[:60]
        twin = replace(a, name=name, school="own", rule=rule, name_follows=False)
        if self.session.do(tr("Copy {name}", name=a.name), lambda d: add_arrangement(d, twin)):
            self.session.show_arrangement(self.session.document.arrangements[-1].name)

    def rename(self) -> None:
        """Give the current arrangement another name."""
        from jolly_parlor.app import dialogs

        a = self.session.arrangement
        if a is None:
            return
        name = dialogs.ask_name(self, tr("Rename the arrangement"), a.name)
        if name is not None:
            edit = partial(rename_arrangement, name=a.name, to=name[:60])
            self.session.do(tr("Rename {name}", name=a.name), edit)

    def remove(self) -> None:
        """Drop the current arrangement; undo brings it back."""
        a = self.session.arrangement
        if a is not None:
            self.session.do(
                tr("Remove {name}", name=a.name), lambda d: remove_arrangement(d, a.name)
            )

    def pick(self) -> None:
        a = self.session.arrangement
        if a is not None:
            figure = self.session.shown.figure(self.session.layer)
            why = (
                tr(
                    "{value_db:.1f} dB from even, {layer}.",
                    value_db=figure.value_db,
                    layer=self.session.layer_words,
                )
                if figure
                else ""
            )
            self.session.do(tr("Pick {name}", name=a.name), lambda d: choose(d, a.name, why))

    def show_ledger(self) -> None:
        self.go("finetune")
        self.finetune.show_page("ledger")

    def flip(self) -> None:
        """Back and forth between the last two arrangements."""
        self.session.flip()

    def show_next(self, step: int) -> None:
        self.session.show_next(step)

    def import_files(self) -> None:
        """Import one response into the current arrangement."""
        from jolly_parlor.app import dialogs

        self.go("takes")
        path = dialogs.choose_response(self, self.settings)
        if path is not None:
            where = dialogs.ask_where(self, path.name, self.session.document)
            if where is not None:
                self.takes.import_file(path, *where)

    def listen(self, mix_id: str) -> None:
        self.session.show_mix(mix_id)

    def next_seat(self) -> None:
        """Listen from the next seat."""
        names = [seat.name for seat in self.session.document.gear.seats]
        self.session.show_seat(names[(names.index(self.session.seat) + 1) % len(names)])

    def swap_layer(self) -> None:
        """Measured for forecast, and back."""
        self.session.show_layer("forecast" if self.session.layer == "measured" else "measured")

    def focus_plan(self) -> None:
        self.plan.setFocus()

    def tint(self, kind: str) -> None:
        """Tint the plan by seats, by a source's places or by pressure, or stop."""
        self.session.tints.choose(kind)
        self.refresh()

    def toggle_theme(self) -> None:
        now = theme.wanted(self.settings.values.theme)
        self.settings.change(theme="day" if now is theme.EVENING else "evening")
        self.restyle()

    def toggle_units(self) -> None:
        """Metres, or feet and inches."""
        now = self.settings.values.units
        self.settings.change(units="metric" if now == "imperial" else "imperial")
        self.restyle()

    def show_guide(self, page: str = "") -> None:
        """The guide, at a page or at the station's own."""
        from jolly_parlor.app.help_window import HelpWindow

        if self.guide is None:
            self.guide = HelpWindow(self)
        self.guide.show_page(page or self.station)

    def show_keys(self) -> None:
        from jolly_parlor.app import dialogs

        parts = []
        for menu in MENUS:
            rows = [a for a in ACTIONS if a.menu == menu and a.shortcut]
            cells = "".join(
                f"<tr><td>{a.title}&nbsp;&nbsp;</td><td><b>{a.shortcut}</b></td></tr>" for a in rows
            )
            parts.append(f"<td style='padding-right:22px'><b>{menu}</b><table>{cells}</table></td>")
        half = (len(parts) + 1) // 2
        table = "".join(f"<tr>{''.join(parts[i : i + half])}</tr>" for i in (0, half))
        plan = tr(
            "<p>On the plan: N next item, arrows 1 cm, Shift with arrows 10 "
            "cm, Page Up and Page Down for height. On the response: left and "
            "right. Escape silences what plays, from anywhere.</p>"
        )
        dialogs.show_text(self, tr("All keys"), f"<table>{table}</table>{plan}")

    def show_about(self) -> None:
        from jolly_parlor.app import dialogs

        dialogs.show_text(
            self,
            tr("About Jolly Parlor"),
            tr(
                "<h3>Jolly Parlor {version}</h3><p>Where the monitors, the "
                "subwoofer and the seat belong in this room.</p><p>Free software "
                "under the GNU General Public License, version 3 or later, without "
                "any warranty.</p><p>Typefaces Fraunces and Source Sans 3, both "
                "under the SIL Open Font License 1.1; the licences lie beside the "
                "fonts.</p>",
                version=__version__,
            ),
        )

    def _start_with(self, opened: Opened, path: Path | None) -> None:
        self.place.remember()
        self.safety.forget()
        self.session.load(opened.project, path, opened.fingerprint)
