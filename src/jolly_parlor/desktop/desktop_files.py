"""What a desktop wants to know, as the files it reads.

Desktop Entry Specification 1.5, Shared MIME-info Database 0.21, AppStream 1.0, Icon Theme
Specification 0.13, man(7): all freedesktop.org's or Linux man-pages', from memory; validated by
their own tools in tests/desktop.
"""

from xml.sax.saxutils import escape

import click
from click.shell_completion import BashComplete, FishComplete, ZshComplete

from jolly_parlor import __version__

APP_ID = "jolly-parlor"
COMPONENT_ID = "invalid.jollyparlor.JollyParlor"
"""Reverse domain name; .invalid belongs to nobody (RFC 2606)."""
MIME_TYPE = "application/vnd.jolly-parlor"
SUMMARY = "Find where monitors, subwoofer and seat belong in a room"
_SUMMARY_DE = "Finden, wohin Monitore, Subwoofer und Hörplatz in einem Raum gehören"
SIZES = (16, 22, 24, 32, 48, 64, 128, 256)
"""Pixels of the icons beside the drawing."""
_ABOUT = (
    "The owner of a home studio or listening room gives it the room's dimensions and a few "
    "measured frequency responses; it finds the places that make the bass even and the image "
    "stand, before any treatment is bought.",
    "It forecasts the sound field of the room, measures through a sound card, ranks "
    "arrangements, finds settings and lets one hear an arrangement before anything is lifted.",
)
_RESERVED = " \t\n\"'\\><~|&;$*?#()`"


def desktop_entry(command: str) -> str:
    """The menu entry. command: where the program is, a path of any letters."""
    return "\n".join(
        [
            "[Desktop Entry]",
            "Type=Application",
            "Name=Jolly Parlor",
            "GenericName=Loudspeaker and seat placement",
            "GenericName[de]=Aufstellung von Lautsprechern und Hörplatz",
            f"Comment={SUMMARY}",
            f"Comment[de]={_SUMMARY_DE}",
            f"Exec={quoted(command)} %f",
            f"Icon={APP_ID}",
            "Terminal=false",
            "Categories=AudioVideo;Audio;",
            "Keywords=acoustics;loudspeaker;subwoofer;room;measurement;",
            "Keywords[de]=Akustik;Lautsprecher;Subwoofer;Raum;Messung;",
            f"MimeType={MIME_TYPE};",
            f"StartupWMClass={APP_ID}",
            "",
        ]
    )


def quoted(word: str) -> str:
    """One argument of an Exec line: quoted where it holds what is reserved, its percent signs
    doubled; backslashes are escaped once for the quoting and once for the file.
    """
    plain = word.replace("%", "%%")
    if not any(letter in _RESERVED for letter in plain):
        return plain
    inside = "".join(f"\\{c}" if c in '"`$\\' else c for c in plain)
    return '"' + inside.replace("\\", "\\\\") + '"'


def mime_type() -> str:
    """The file type: by its ending, and by the first member of the archive."""
    return f"""<?xml version="1.0" encoding="UTF-8"?>
<mime-info xmlns="http://www.freedesktop.org/standards/shared-mime-info">
  <mime-type type="{MIME_TYPE}">
    <comment>Jolly Parlor room</comment>
    <comment xml:lang="de">Raum von Jolly Parlor</comment>
    <sub-class-of type="application/zip"/>
    <icon name="{APP_ID}"/>
    <glob pattern="*.parlor"/>
    <magic priority="70">
      <match type="string" value="PK\\003\\004" offset="0">
        <match type="string" value="mimetype" offset="30">
          <match type="string" value="{MIME_TYPE}" offset="38"/>
        </match>
      </match>
    </magic>
  </mime-type>
</mime-info>
"""


def metainfo(released: str) -> str:
    """The description for software centres. released: the day of this version, ISO 8601."""
    paragraphs = "\n".join(f"    <p>{escape(text)}</p>" for text in _ABOUT)
    return f"""<?xml version="1.0" encoding="UTF-8"?>
<component type="desktop-application">
  <id>{COMPONENT_ID}</id>
  <name>Jolly Parlor</name>
  <summary>{SUMMARY}</summary>
  <summary xml:lang="de">{_SUMMARY_DE}</summary>
  <metadata_license>CC0-1.0</metadata_license>
  <project_license>GPL-3.0-or-later</project_license>
  <developer id="invalid.jollyparlor"><name>The Jolly Parlor team</name></developer>
  <description>
{paragraphs}
  </description>
  <launchable type="desktop-id">{APP_ID}.desktop</launchable>
  <icon type="stock">{APP_ID}</icon>
  <provides>
    <binary>jolly-parlor</binary>
    <mediatype>{MIME_TYPE}</mediatype>
  </provides>
  <categories>
    <category>AudioVideo</category>
    <category>Science</category>
  </categories>
  <content_rating type="oars-1.1"/>
  <releases>
    <release version="{__version__}" date="{released}"/>
  </releases>
</component>
"""


def completions() -> dict[str, str]:
    """What makes shells complete commands, options and files, by its place under the data folder:
    where bash-completion, fish and Debian's zsh look.
    """
    command = click.Command(APP_ID)
    variable = f"_{APP_ID.replace('-', '_').upper()}_COMPLETE"
    places = {
        BashComplete: f"bash-completion/completions/{APP_ID}",
        FishComplete: f"fish/vendor_completions.d/{APP_ID}.fish",
        ZshComplete: f"zsh/vendor-completions/_{APP_ID}",
    }
    made = {}
    for kind, place in places.items():
        shell = kind(command, {}, APP_ID, variable)
        # `source()` would ask the shell for its version; the words are the same for all of them.
        made[place] = shell.source_template % shell.source_vars()
    return made


def manual(commands: dict[str, str], released: str) -> str:
    """The manual page, jolly-parlor(1). commands: each with its first sentence."""
    rows = [f".TP\n.B {_roff(name)}\n{_roff(text)}" for name, text in sorted(commands.items())]
    return "\n".join(
        [
            f'.TH JOLLY\\-PARLOR 1 "{released}" "Jolly Parlor {__version__}" "User Commands"',
            ".SH NAME",
            f"jolly\\-parlor \\- {_roff(SUMMARY[0].lower() + SUMMARY[1:])}",
            ".SH SYNOPSIS",
            ".B jolly\\-parlor",
            "[\\fIFILE\\fR]",
            ".br",
            ".B jolly\\-parlor",
            "\\fICOMMAND\\fR [\\fIARGUMENT\\fR ...]",
            ".SH DESCRIPTION",
            *(f"{_roff(text)}\n.PP" for text in _ABOUT),
            "Without a command the window opens, with FILE if one is given.",
            ".SH COMMANDS",
            *rows,
            ".PP",
            "Each tells its options with",
            ".BR \\-\\-help .",
            ".SH EXIT STATUS",
            "0 done; 1 refused, with one sentence; 2 wrong usage; 3 the program itself failed.",
            "",
        ]
    )


def _roff(text: str) -> str:
    made = text.replace("\\", "\\\\").replace("-", "\\-")
    return f"\\&{made}" if made[:1] in (".", "'") else made
