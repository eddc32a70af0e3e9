"""Every action in one table: it feeds menus, shortcuts and the shortcut help."""

from collections.abc import Callable
from dataclasses import dataclass

from jolly_parlor.app.workbench import Workbench


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
    "Room": "&Room",
    "Change": "&Change",
    "Arrange": "&Arrange",
    "Listen": "&Listen",
    "Walk": "&Walk",
    "Look": "Loo&k",
    "Help": "&Help",
}
"""Menus in order, with the letter that opens each together with Alt."""

ACTIONS: tuple[Action, ...] = (
    Action("new", "New room", "Room", "Ctrl+N", "new_document"),
    Action("open", "Open…", "Room", "Ctrl+O", "open_file"),
    Action("demo", "Open the demo", "Room", "", "open_demo"),
    Action("kiln", "Open the demo, lived in", "Room", "", "open_sample", argument="kiln"),
    Action("loft", "Open Harbour Loft", "Room", "", "open_sample", argument="loft"),
    Action("save", "Save", "Room", "Ctrl+S", "save"),
    Action("save_as", "Save as…", "Room", "Ctrl+Shift+S", "save_as"),
    Action("card_pdf", "Save placement card…", "Room", "Ctrl+P", "save_card", _has_arrangement),
    Action("report", "Save full report…", "Room", "Ctrl+Shift+P", "save_report", _has_arrangement),
    Action("quit", "Leave", "Room", "Ctrl+Q", "close"),
    Action("undo", "Undo", "Change", "Ctrl+Z", "undo", lambda s: bool(s.history.undo_label)),
    Action("redo", "Redo", "Change", "Ctrl+Shift+Z", "redo", lambda s: bool(s.history.redo_label)),
    Action(
        "alike",
        "Keep left and right alike",
        "Change",
        "Ctrl+L",
        "toggle_alike",
        checked=lambda s: s.alike,
    ),
    Action("third", "Rough in: a third", "Arrange", "Ctrl+Alt+1", "rough_in", argument="third"),
    Action(
        "thirty_eight",
        "Rough in: thirty-eight",
        "Arrange",
        "Ctrl+Alt+2",
        "rough_in",
        argument="thirty_eight",
    ),
    Action(
        "tight",
        "Rough in: tight to the wall",
        "Arrange",
        "Ctrl+Alt+3",
        "rough_in",
        argument="tight",
    ),
    Action("search", "Search the room", "Arrange", "Ctrl+F", "search_room"),
    Action("copy", "Copy this arrangement", "Arrange", "Ctrl+D", "copy", _has_arrangement),
    Action("rename", "Rename…", "Arrange", "F2", "rename", _has_arrangement),
    Action("remove", "Remove this arrangement", "Arrange", "Ctrl+Del", "remove", _has_arrangement),
    Action("pick", "Pick this one", "Arrange", "Ctrl+Return", "pick", _has_arrangement),
    Action(
        "previous",
        "Previous arrangement",
        "Arrange",
        "Ctrl+Up",
        "show_next",
        _has_arrangement,
        argument=-1,
    ),
    Action(
        "next",
        "Next arrangement",
        "Arrange",
        "Ctrl+Down",
        "show_next",
        _has_arrangement,
        argument=1,
    ),
    Action("flip", "Flip between the last two", "Arrange", "F3", "flip", _has_arrangement),
    Action("import", "Import responses…", "Arrange", "Ctrl+I", "import_files", _has_arrangement),
    Action(
        "stop_working",
        "Stop working out the room",
        "Listen",
        "",
        "stop_working_out",
        lambda s: s.fields.working_out(s.believed.room),
    ),
    Action("left", "Left alone", "Listen", "Alt+1", "listen", argument="left"),
    Action("right", "Right alone", "Listen", "Alt+2", "listen", argument="right"),
    Action("both", "Both", "Listen", "Alt+3", "listen", argument="both"),
    Action(
        "both_sub",
        "Both and sub",
        "Listen",
        "Alt+4",
        "listen",
        lambda s: bool(s.document.gear.subwoofers),
        argument="both+sub",
    ),
    Action("seat", "Next seat", "Listen", "Alt+S", "next_seat"),
    Action(
        "measured",
        "Swap forecast and measured",
        "Listen",
        "Alt+M",
        "swap_layer",
        lambda s: s.shown.measured is not None,
    ),
    Action("survey", "Survey", "Walk", "Ctrl+1", "go", argument="survey"),
    Action("gear", "Gear", "Walk", "Ctrl+2", "go", argument="gear"),
    Action("lineup", "Line-up", "Walk", "Ctrl+3", "go", argument="lineup"),
    Action("forecast", "Forecast", "Walk", "Ctrl+4", "go", argument="forecast"),
    Action("takes", "Takes", "Walk", "Ctrl+5", "go", argument="takes"),
    Action("compare", "Compare", "Walk", "Ctrl+6", "go", argument="compare"),
    Action("hear", "Hear", "Walk", "Ctrl+H", "go", argument="hear"),
    Action("finetune", "Fine-tune", "Walk", "Ctrl+7", "go", argument="finetune"),
    Action("subs", "Subs", "Walk", "Ctrl+8", "go", argument="subs"),
    Action("signoff", "Sign-off", "Walk", "Ctrl+9", "go", argument="signoff"),
    Action("ledger", "The Ledger", "Walk", "Ctrl+J", "show_ledger"),
    Action("plan", "To the plan", "Walk", "Ctrl+0", "focus_plan"),
    Action(
        "tint_seat",
        "Tint the plan: seats",
        "Look",
        "Alt+P",
        "tint",
        _has_arrangement,
        checked=lambda s: s.tints.kind == "seat",
        argument="seat",
    ),
    Action(
        "tint_source",
        "Tint the plan: places of the selected source",
        "Look",
        "Alt+O",
        "tint",
        _has_arrangement,
        checked=lambda s: s.tints.kind == "source",
        argument="source",
    ),
    Action(
        "tint_pressure",
        "Tint the plan: pressure at the frequency pointed at",
        "Look",
        "Alt+G",
        "tint",
        _has_arrangement,
        checked=lambda s: s.tints.kind == "pressure",
        argument="pressure",
    ),
    Action(
        "evening",
        "Evening theme",
        "Look",
        "Ctrl+E",
        "toggle_theme",
        checked=lambda s: s.settings.values.theme == "evening",
    ),
    Action(
        "feet",
        "Feet and inches",
        "Look",
        "Ctrl+U",
        "toggle_units",
        checked=lambda s: s.settings.values.units == "imperial",
    ),
    Action("keys", "All keys", "Help", "F1", "show_keys"),
    Action("about", "About and licences", "Help", "", "show_about"),
)
