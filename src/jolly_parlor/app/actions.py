"""Every action in one table: it feeds menus, shortcuts and the shortcut help."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass

from jolly_parlor.app import theme
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.words import tr


def _always(session: Workbench) -> bool:
    return True


def _has_arrangement(session: Workbench) -> bool:
    return session.arrangement is not None


@dataclass(frozen=True)
class Action:
    """One thing the user can do. `method` is the window's."""

    id: str
    title: str
    menu: str
    shortcut: str
    method: str
    enabled: Callable[[Workbench], bool] = _always
    checked: Callable[[Workbench], bool] | None = None
    argument: str | int | None = None


MENUS = {
    "Room": tr("&Room"),
    "Change": tr("&Change"),
    "Arrange": tr("&Arrange"),
    "Listen": tr("&Listen"),
    "Walk": tr("&Walk"),
    "Look": tr("Loo&k"),
    "Help": tr("&Help"),
}
"""Menus in order, with the letter that opens each together with Alt."""

ACTIONS: tuple[Action, ...] = (
    Action("new", tr("New room"), "Room", "Ctrl+N", "new_document"),
    Action("open", tr("Open…"), "Room", "Ctrl+O", "open_file"),
    Action("demo", tr("Open the demo"), "Room", "", "open_demo"),
    Action("kiln", tr("Open the demo, lived in"), "Room", "", "open_sample", argument="kiln"),
    Action("loft", tr("Open Harbour Loft"), "Room", "", "open_sample", argument="loft"),
    Action("save", tr("Save"), "Room", "Ctrl+S", "save"),
    Action("save_as", tr("Save as…"), "Room", "Ctrl+Shift+S", "save_as"),
    Action("card_pdf", tr("Save placement card…"), "Room", "Ctrl+P", "save_card", _has_arrangement),
    Action(
        "report",
        tr("Save full report…"),
        "Room",
        "Ctrl+Shift+P",
        "save_report",
        _has_arrangement,
    ),
    Action("print_card", tr("Print placement card…"), "Room", "", "print_card", _has_arrangement),
    Action("print_report", tr("Print full report…"), "Room", "", "print_report", _has_arrangement),
    Action("quit", tr("Leave"), "Room", "Ctrl+Q", "close"),
    Action("undo", tr("Undo"), "Change", "Ctrl+Z", "undo", lambda s: bool(s.history.undo_label)),
    Action(
        "redo",
        tr("Redo"),
        "Change",
        "Ctrl+Shift+Z",
        "redo",
        lambda s: bool(s.history.redo_label),
    ),
    Action("steps", tr("Steps back and forth…"), "Change", "Ctrl+Shift+H", "show_steps"),
    Action(
        "alike",
        tr("Keep left and right alike"),
        "Change",
        "Ctrl+L",
        "toggle_alike",
        checked=lambda s: s.alike,
    ),
    Action("third", tr("Rough in: a third"), "Arrange", "Ctrl+Alt+1", "rough_in", argument="third"),
    Action(
        "thirty_eight",
        tr("Rough in: thirty-eight"),
        "Arrange",
        "Ctrl+Alt+2",
        "rough_in",
        argument="thirty_eight",
    ),
    Action(
        "tight",
        tr("Rough in: tight to the wall"),
        "Arrange",
        "Ctrl+Alt+3",
        "rough_in",
        argument="tight",
    ),
    Action("search", tr("Search the room"), "Arrange", "Ctrl+F", "search_room"),
    Action("copy", tr("Copy this arrangement"), "Arrange", "Ctrl+D", "copy", _has_arrangement),
    Action("rename", tr("Rename…"), "Arrange", "F2", "rename", _has_arrangement),
    Action(
        "remove",
        tr("Remove this arrangement"),
        "Arrange",
        "Ctrl+Del",
        "remove",
        _has_arrangement,
    ),
    Action("pick", tr("Pick this one"), "Arrange", "Ctrl+Return", "pick", _has_arrangement),
    Action(
        "previous",
        tr("Previous arrangement"),
        "Arrange",
        "Ctrl+Up",
        "show_next",
        _has_arrangement,
        argument=-1,
    ),
    Action(
        "next",
        tr("Next arrangement"),
        "Arrange",
        "Ctrl+Down",
        "show_next",
        _has_arrangement,
        argument=1,
    ),
    Action("flip", tr("Flip between the last two"), "Arrange", "F3", "flip", _has_arrangement),
    Action(
        "import", tr("Import responses…"), "Arrange", "Ctrl+I", "import_files", _has_arrangement
    ),
    Action(
        "export",
        tr("Export all takes…"),
        "Arrange",
        "Ctrl+Shift+E",
        "export_takes",
        lambda s: bool(s.document.takes),
    ),
    Action(
        "stop_working",
        tr("Stop working out the room"),
        "Listen",
        "",
        "stop_working_out",
        lambda s: s.fields.working_out(s.believed.room),
    ),
    Action("left", tr("Left alone"), "Listen", "Alt+1", "listen", argument="left"),
    Action("right", tr("Right alone"), "Listen", "Alt+2", "listen", argument="right"),
    Action("both", tr("Both"), "Listen", "Alt+3", "listen", argument="both"),
    Action(
        "both_sub",
        tr("Both and sub"),
        "Listen",
        "Alt+4",
        "listen",
        lambda s: bool(s.document.gear.subwoofers),
        argument="both+sub",
    ),
    Action("seat", tr("Next seat"), "Listen", "Alt+S", "next_seat"),
    Action(
        "measured",
        tr("Swap forecast and measured"),
        "Listen",
        "Alt+M",
        "swap_layer",
        lambda s: s.shown.measured is not None,
    ),
    Action("survey", tr("Survey"), "Walk", "Ctrl+1", "go", argument="survey"),
    Action("gear", tr("Gear"), "Walk", "Ctrl+2", "go", argument="gear"),
    Action("lineup", tr("Line-up"), "Walk", "Ctrl+3", "go", argument="lineup"),
    Action("forecast", tr("Forecast"), "Walk", "Ctrl+4", "go", argument="forecast"),
    Action("takes", tr("Takes"), "Walk", "Ctrl+5", "go", argument="takes"),
    Action("compare", tr("Compare"), "Walk", "Ctrl+6", "go", argument="compare"),
    Action("hear", tr("Hear"), "Walk", "Ctrl+H", "go", argument="hear"),
    Action("finetune", tr("Fine-tune"), "Walk", "Ctrl+7", "go", argument="finetune"),
    Action("subs", tr("Subs"), "Walk", "Ctrl+8", "go", argument="subs"),
    Action("signoff", tr("Sign-off"), "Walk", "Ctrl+9", "go", argument="signoff"),
    Action("ledger", tr("The Ledger"), "Walk", "Ctrl+J", "show_ledger"),
    Action("plan", tr("To the plan"), "Walk", "Ctrl+0", "focus_plan"),
    Action(
        "tint_seat",
        tr("Tint the plan: seats"),
        "Look",
        "Alt+P",
        "tint",
        _has_arrangement,
        checked=lambda s: s.tints.kind == "seat",
        argument="seat",
    ),
    Action(
        "tint_source",
        tr("Tint the plan: places of the selected source"),
        "Look",
        "Alt+O",
        "tint",
        _has_arrangement,
        checked=lambda s: s.tints.kind == "source",
        argument="source",
    ),
    Action(
        "tint_pressure",
        tr("Tint the plan: pressure at the frequency pointed at"),
        "Look",
        "Alt+G",
        "tint",
        _has_arrangement,
        checked=lambda s: s.tints.kind == "pressure",
        argument="pressure",
    ),
    Action(
        "evening",
        tr("Evening theme"),
        "Look",
        "Ctrl+E",
        "toggle_theme",
        checked=lambda s: theme.wanted(s.settings.values.theme) is theme.EVENING,
    ),
    Action(
        "feet",
        tr("Feet and inches"),
        "Look",
        "Ctrl+U",
        "toggle_units",
        checked=lambda s: s.settings.values.units == "imperial",
    ),
    Action("preferences", tr("Preferences…"), "Look", "Ctrl+,", "show_preferences"),
    Action("guide", tr("The guide to this page"), "Help", "F1", "show_guide"),
    Action(
        "tutorial", tr("The demo in twenty minutes"), "Help", "", "show_guide", argument="tutorial"
    ),
    Action("figure", tr("What “dB from even” is"), "Help", "", "show_guide", argument="evenness"),
    Action("measuring", tr("How to measure"), "Help", "", "show_guide", argument="measuring"),
    Action("keys", tr("All keys"), "Help", "Ctrl+F1", "show_keys"),
    Action("about", tr("About and licences"), "Help", "", "show_about"),
)
