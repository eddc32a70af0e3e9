"""Puts the program into the user's desktop, or takes it out again."""

import shutil
import subprocess
from collections.abc import Mapping
from contextlib import suppress
from pathlib import Path

from jolly_parlor.assets import ICONS
from jolly_parlor.atomic import replacing
from jolly_parlor.desktop.desktop_files import (
    APP_ID,
    COMPONENT_ID,
    MIME_TYPE,
    SIZES,
    completions,
    desktop_entry,
    manual,
    metainfo,
    mime_type,
)
from jolly_parlor.refused import Refused

_REFRESH_SECONDS = 30


def desktop_files(command: str, commands: Mapping[str, str], released: str) -> dict[str, bytes]:
    """Everything, by its place under the XDG data folder."""
    icons = "icons/hicolor"
    texts = {
        f"applications/{APP_ID}.desktop": desktop_entry(command),
        f"mime/packages/{APP_ID}.xml": mime_type(),
        f"metainfo/{COMPONENT_ID}.metainfo.xml": metainfo(released),
        f"man/man1/{APP_ID}.1": manual(dict(commands), released),
    }
    texts |= completions()
    made = {place: text.encode("utf-8") for place, text in texts.items()}
    drawing = (ICONS / f"{APP_ID}.svg").read_bytes()
    made[f"{icons}/scalable/apps/{APP_ID}.svg"] = drawing
    made[f"{icons}/scalable/mimetypes/{_file_icon()}.svg"] = drawing
    for size in SIZES:
        picture = (ICONS / "sizes" / f"{size}.png").read_bytes()
        made[f"{icons}/{size}x{size}/apps/{APP_ID}.png"] = picture
    return made


def install(data_home: Path, files: Mapping[str, bytes]) -> list[Path]:
    """Write them; the places written. Raises Refused where one cannot be written."""
    written = []
    for place, data in files.items():
        path = data_home / place
        try:
            path.parent.mkdir(parents=True, exist_ok=True)
            with replacing(path) as temporary:
                temporary.write_bytes(data)
        except OSError as error:
            raise Refused(f"{path} could not be written: {error.strerror}.") from None
        written.append(path)
    _refresh(data_home)
    return written


def remove(data_home: Path, files: Mapping[str, bytes]) -> list[Path]:
    """Take them away again; those that were there. Raises Refused for one that stays."""
    gone = []
    for place in files:
        path = data_home / place
        if not path.is_file():
            continue
        try:
            path.unlink()
        except OSError as error:
            raise Refused(f"{path} could not be removed: {error.strerror}.") from None
        gone.append(path)
    _refresh(data_home)
    return gone


def _file_icon() -> str:
    return MIME_TYPE.replace("/", "-")


def _refresh(data_home: Path) -> None:
    """Tell the desktop, where it has the tools; without them it looks at its next start."""
    for words in (
        ("update-mime-database", str(data_home / "mime")),
        ("update-desktop-database", str(data_home / "applications")),
        ("gtk-update-icon-cache", "-f", "-t", str(data_home / "icons" / "hicolor")),
    ):
        if shutil.which(words[0]) and Path(words[-1]).is_dir():
            with suppress(OSError, subprocess.TimeoutExpired):
                subprocess.run(words, capture_output=True, timeout=_REFRESH_SECONDS, check=False)
