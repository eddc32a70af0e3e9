"""Curves as rows of a table."""

from collections.abc import Sequence

import numpy as np

from jolly_parlor.placement.evenness import Deviation
from jolly_parlor.words import tr


def curve_rows(curves: Sequence[tuple[str, Deviation | None]]) -> list[list[object]]:
    """Headings, then a row for each frequency of the first curve there is; the others read there,
    empty where they do not reach. Nothing without a curve.
    """
    there = [(name, curve) for name, curve in curves if curve is not None]
    if not there:
        return []
    hertz = there[0][1].frequencies_hz
    columns = [
        np.interp(hertz, c.frequencies_hz, c.deviation_db, left=np.nan, right=np.nan)
        for _, c in there
    ]
    rows: list[list[object]] = [[tr("Hz"), *(name for name, _ in there)]]
    for number, f in enumerate(hertz.tolist()):
        levels = [column[number] for column in columns]
        rows.append([f"{f:.2f}", *("" if np.isnan(v) else f"{v:.2f}" for v in levels)])
    return rows
