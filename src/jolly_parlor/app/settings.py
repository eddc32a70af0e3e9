"""Settings that outlive a session: declared once, with default; kept as JSON, saved atomically."""

import json
import os
from dataclasses import asdict, dataclass, field, replace
from pathlib import Path
from typing import Annotated, Literal

from annotated_types import Ge, Le
from pydantic import TypeAdapter, ValidationError

from jolly_parlor.atomic import replacing
from jolly_parlor.studio.soundcard import CardSetup
from jolly_parlor.units import UnitSystem
from jolly_parlor.words import settings_file


@dataclass(frozen=True)
class Recent:
    """A document opened or saved lately, and the station somebody was at."""

    path: str
    station: str = ""


MOST_RECENT = 8


@dataclass(frozen=True)
class Settings:
    theme: Literal["desktop", "day", "evening"] = "desktop"
    text_percent: Annotated[int, Ge(100), Le(200)] = 100
    """Of the usual size of text."""
    language: str = "desktop"
    """`en`, `de`, or that of the desktop: counts from the next start."""
    units: UnitSystem = "metric"
    paper: Literal["", "a4", "letter"] = ""
    """Empty: Letter for feet and inches, else A4."""
    level_limit_db: Annotated[float, Ge(-60.0), Le(0.0)] = 0.0
    """Below full scale; where a page allows less, that counts."""
    takes_folder: str = ""
    """Where takes measured here are kept beside the document; empty for nowhere."""
    last_folder: str = ""
    card: CardSetup = field(default_factory=CardSetup)
    listen_to: str = ""
    """The output one listens through; empty for the system's own."""
    listener: str = ""
    """Who learned to hear last."""
    geometry: str = ""
    """Of the window, as Qt writes it, base64."""
    split: str = ""
    """Of the plan and the page, likewise."""
    recent: tuple[Recent, ...] = ()
    """Newest first."""
    waits: dict[str, Annotated[float, Ge(0.0)]] = field(default_factory=dict)
    """Seconds that answers took the last time, by what they are called."""

    @property
    def usual_paper(self) -> Literal["a4", "letter"]:
        return self.paper or ("letter" if self.units == "imperial" else "a4")


class SettingsStore:
    """Reads at once, writes on change. A settings file that makes no sense is set aside."""

    def __init__(self, path: Path | None = None) -> None:
        self._path = path or settings_file()
        self.values = self._read()

    def change(self, **values: object) -> None:
        self.values = replace(self.values, **values)  # type: ignore[arg-type]
        try:
            self._path.parent.mkdir(parents=True, exist_ok=True)
            with replacing(self._path) as temporary:
                temporary.write_text(json.dumps(asdict(self.values), indent=2), "utf-8")
        except OSError:
            return  # a preference that cannot be kept is no reason to interrupt

    def visited(self, path: Path, station: str = "") -> None:
        """A document is the newest of the recent ones."""
        name = str(path.resolve())
        others = tuple(one for one in self.values.recent if one.path != name)
        self.change(recent=(Recent(name, station), *others)[:MOST_RECENT])

    def station_of(self, path: Path | None) -> str:
        """Where somebody was in a document; empty where nobody knows."""
        name = str(path.resolve()) if path is not None else ""
        return next((one.station for one in self.values.recent if one.path == name), "")

    def _read(self) -> Settings:
        try:
            text = self._path.read_text("utf-8")
        except (OSError, UnicodeDecodeError):
            return Settings()
        try:
            return TypeAdapter(Settings).validate_json(text)
        except ValidationError:
            os.replace(self._path, self._path.with_suffix(".unreadable"))
            return Settings()
