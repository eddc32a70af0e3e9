"""The equaliser's way out: table, words, coefficients, an impulse response for a convolver."""

import json
from collections.abc import Callable
from pathlib import Path

from PyQt6.QtWidgets import QWidget

from jolly_parlor.app import dialogs
from jolly_parlor.app.widgets.fields import named_button
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.atomic import replacing
from jolly_parlor.equalising.biquads import RATES_HZ, FirKind
from jolly_parlor.equalising.writing import coefficients, fir_wav, in_words, table_csv
from jolly_parlor.project.equalising import Equalised
from jolly_parlor.words import tr

_FIR_RATE_HZ = 48_000
Found = Callable[[], tuple[Equalised, float] | None]


class EqualiserFiles:
    """A button that asks where, and writes what its ending says."""

    def __init__(self, parent: QWidget, session: Workbench, found: Found) -> None:
        self._parent, self.session, self._found = parent, session, found
        self.button = named_button(tr("Save sections …"), "save-sections", self._ask)

    def _ask(self) -> None:
        path = dialogs.ask_equaliser(self._parent, self.session.settings, "sections.csv")
        if path is not None:
            self.write(path)

    def write(self, path: str | Path) -> None:
        """`.csv`, `.txt`, `.json` or `.wav` (minimum phase; `-linear.wav` for linear), whole or not
        at all; several groups go into files of their own where one holds one.
        """
        now, out = self._found(), Path(path)
        if now is None:
            return
        found, share = now
        by = found.sections(share)
        try:
            if out.suffix == ".wav":
                kind: FirKind = "linear" if out.stem.endswith("linear") else "minimum"
                for name, sections in by.items():
                    where = out if len(by) == 1 else out.with_name(f"{out.stem}-{name}.wav")
                    _write(where, fir_wav(sections, _FIR_RATE_HZ, kind))
            elif out.suffix == ".json":
                table = coefficients(by, RATES_HZ)
                _write(out, (json.dumps(table, indent=2) + "\n").encode())
            elif out.suffix == ".txt":
                said = [*found.notes, *found.warnings(share)]
                _write(out, in_words(by, said).encode())
            else:
                _write(out, table_csv(by).encode())
        except OSError as error:
            why = (error.strerror or tr("the place cannot be written")).lower()
            self.session.refused.emit(
                tr("{name} could not be written: {why}.", name=out.name, why=why)
            )
            return
        self.session.told.emit(tr("Sections saved as {name}.", name=out.name))


def _write(path: Path, data: bytes) -> None:
    with replacing(path) as temporary:
        temporary.write_bytes(data)
