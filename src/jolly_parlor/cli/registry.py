"""Every command with its first sentence and where it is; a command is loaded when it is run."""

from typing import NamedTuple

from jolly_parlor.words import tr


class Place(NamedTuple):
    """Where a command is, and its first sentence, which listing all must not load it for."""

    module: str
    """Under `jolly_parlor.cli`."""
    name: str
    told: str


COMMANDS = {
    "analyse": Place(
        "take_commands",
        "analyse",
        tr("Turn the RECORDING of a sweep into a frequency response."),
    ),
    "compare": Place(
        "forecast_commands",
        "compare_arrangements",
        tr("Rank the arrangements of FILE by Evenness."),
    ),
    "demo": Place(
        "window_commands",
        "open_sample",
        tr(
            "Open the window with a copy of a lived-in sample: The Kiln Room "
            "with a bookcase and a sofa, or Harbour Loft, L-shaped with an "
            "open side."
        ),
    ),
    "equalise": Place(
        "equalise_command",
        "equalise_command",
        tr(
            "Say which hills of an arrangement of FILE a cut can mend, why "
            "nothing fills the hollows, and which few sections are worth "
            "setting, trims first."
        ),
    ),
    "explain": Place(
        "fit_commands",
        "explain",
        tr(
            "Name the cause of each peak and dip of FILE: of a take, or of what an arrangement has."
        ),
    ),
    "export": Place(
        "document_commands",
        "export",
        tr("Write every take and average of FILE into FOLDER as CSV, text and WAV."),
    ),
    "fit": Place(
        "fit_commands",
        "fit_command",
        tr("Fit the room of FILE to its takes: sizes, absorption, sources, and how sure each is."),
    ),
    "forecast": Place(
        "forecast_commands",
        "forecast",
        tr(
            "Calculate the response of an arrangement of FILE at its seats, or of a reference case."
        ),
    ),
    "hear": Place(
        "hear_commands",
        "hear_command",
        tr(
            "Say what differs between arrangements of FILE to the ear, and "
            "write a piece as it is heard in each of them: for headphones, "
            "equally loud (ITU-R BS.1770)."
        ),
    ),
    "import": Place(
        "document_commands",
        "import_take",
        tr(
            "Add a measured RESPONSE to FILE as a take: text, an impulse "
            "response as WAV, or the recording of a sweep, as WAV too."
        ),
    ),
    "install-desktop": Place(
        "desktop_command",
        "install_desktop",
        tr(
            "Put Jolly Parlor into the desktop's menu, with its icon, its file "
            "type and its manual page; for this user, under the XDG data "
            "folder."
        ),
    ),
    "judge": Place(
        "document_commands",
        "judge",
        tr("Say over which band and against what all in FILE is judged; without options, tell."),
    ),
    "ledger": Place(
        "ledger_commands",
        "ledger",
        tr("Show the Ledger of FILE: every step with its date, what was done, how even it was."),
    ),
    "lesson": Place(
        "hear_commands",
        "lesson_command",
        tr(
            "Say where in the room of FILE a lesson's thing happens and what "
            "placing does about it, and write a piece with it and without."
        ),
    ),
    "match": Place(
        "match_command",
        "match",
        tr(
            "Say of every loudspeaker of FILE what is off, what to move and "
            "what to set, so that all are heard alike at the main seat."
        ),
    ),
    "measure": Place(
        "take_commands",
        "measure_take",
        tr("Measure one take and add it to FILE; a bad one is kept but left out of rankings."),
    ),
    "new": Place(
        "document_commands",
        "new",
        tr("Make the document OUT from the file SURVEY."),
    ),
    "next": Place(
        "fit_commands",
        "next_command",
        tr("Say which take would help most to choose among the arrangements of FILE."),
    ),
    "note": Place(
        "ledger_commands",
        "note",
        tr("Write TEXT into the Ledger of FILE."),
    ),
    "open": Place(
        "window_commands",
        "open_window",
        tr("Open the window, with FILE if given."),
    ),
    "propose": Place(
        "document_commands",
        "propose_arrangement",
        tr("Add a school's arrangement to FILE; a school that cannot be met says why."),
    ),
    "reflections": Place(
        "reflections_command",
        "reflections",
        tr(
            "List for whoever treats the room of FILE: first reflections of "
            "every loudspeaker, loudest first; what remains after placing, "
            "where its pressure gathers, and how long each band rings."
        ),
    ),
    "report": Place(
        "report_command",
        "report",
        tr(
            "Write the placement card of an arrangement of FILE to OUT, .pdf "
            "or .html; with --full the whole report; with --json what it says."
        ),
    ),
    "screenshots": Place(
        "window_commands",
        "screenshots",
        tr("Draw each main view of the demo into FOLDER, 1280 by 800."),
    ),
    "search": Place(
        "search_commands",
        "search_room",
        tr("Search the room of FILE for the most even places of monitors, seat and subwoofers."),
    ),
    "settings": Place(
        "settings_commands",
        "settings",
        tr("Find the settings of an arrangement of FILE that make what is heard most even."),
    ),
    "signal": Place(
        "signal_commands",
        "signal",
        tr("Write a signal of the listening tests as a WAV of two channels."),
    ),
    "subs": Place(
        "settings_commands",
        "subs",
        tr(
            "Say what each subwoofer of FILE does alone, its share of the "
            "work, how it stands to the pair, and how unlike the seats are."
        ),
    ),
}
