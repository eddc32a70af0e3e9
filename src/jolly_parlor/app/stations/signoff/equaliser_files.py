"""The equaliser's way out: table, words, coefficients, an impulse response for a convolver."""

import json
from collections.abc import Callable
from pathlib import Path

from PyQt6.QtWidgets import QWidget

from jolly_parlor.analysis.equalising import Equalised
from jolly_parlor.app import dialogs
from jolly_parlor.app.widgets.entries import named_button
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.equalising.biquads import RATES_HZ, FirKind
from jolly_parlor.equalising.filter_files import coefficients, fir_wav, in_words, table_csv
from jolly_parlor.outputs import names_apart, told_place, write_output
from jolly_parlor.refused import Refused
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
                alone = len(by) == 1
                names = [out.stem] if alone else [f"{out.stem}-{n}" for n in names_apart(by)]
                for name, sections in zip(names, by.values(), strict=True):
                    where = out.with_name(f"{name}.wav")
                    # The dialog asked about the name it was given, and about no other.
                    write_output(where, fir_wav(sections, _FIR_RATE_HZ, kind), replace=alone)
            elif out.suffix == ".json":
                table = coefficients(by, RATES_HZ)
                write_output(out, (json.dumps(table, indent=2) + "\n").encode(), replace=True)
            elif out.suffix == ".txt":
                said = [*found.notes, *found.warnings(share)]
                write_output(out, in_words(by, said).encode(), replace=True)
            else:
                write_output(out, table_csv(by).encode(), ".csv", replace=True)
        except Refused as error:
            self.session.refused.emit(str(error))
            return
        self.session.told.emit(tr("Sections saved as {name}.", name=told_place(out)))
