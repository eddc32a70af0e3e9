"""Settings that outlive a session: declared once, with default; kept as JSON, saved atomically."""

import json
import os
from dataclasses import asdict, dataclass, field, replace
from pathlib import Path
from typing import Literal

from platformdirs import user_config_path
from pydantic import TypeAdapter, ValidationError

from jolly_parlor.atomic import replacing
from jolly_parlor.studio.soundcard import CardSetup
from jolly_parlor.units import UnitSystem


@dataclass(frozen=True)
class Settings:
    """What the user prefers."""

    theme: Literal["day", "evening"] = "day"
    units: UnitSystem = "metric"
    last_folder: str = ""
    card: CardSetup = field(default_factory=CardSetup)
    listen_to: str = ""
    """The output one listens through; empty for the system's own."""
    listener: str = ""
    """Who learned to hear last."""


class SettingsStore:
    """Reads at once, writes on change. A settings file that makes no sense is set aside."""

    def __init__(self, path: Path | None = None) -> None:
        self._path = path or user_config_path("jolly-parlor") / "settings.json"
        self.values = self._read()

    def change(self, **values: object) -> None:
        """Change and keep."""
        self.values = replace(self.values, **values)  # type: ignore[arg-type]
        try:
            self._path.parent.mkdir(parents=True, exist_ok=True)
            with replacing(self._path) as temporary:
                temporary.write_text(json.dumps(asdict(self.values), indent=2), "utf-8")
        except OSError:
            return  # a preference that cannot be kept is no reason to interrupt

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
