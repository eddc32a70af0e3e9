"""The table of surface materials: random-incidence absorption per octave band.

The figures from 125 Hz up are those of common handbook tables, written from memory and rounded;
they scatter by a third between tables (`tests/acoustics/test_outside.py` holds them against
another's). Most tables begin at 125 Hz: the 63 Hz column is our estimate (panels keep absorbing,
masonry does not). A new material is one new row of the CSV.
"""

import csv
from dataclasses import dataclass
from functools import cache
from importlib import resources

from jolly_parlor.acoustics.bands import OCTAVE_BANDS_HZ
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr


@dataclass(frozen=True)
class Material:
    """A row of the table: absorption in the octave bands 63 to 4000 Hz."""

    id: str
    name: str
    absorption: tuple[float, ...]


@cache
def materials() -> dict[str, Material]:
    """All materials by id, in the order of the table."""
    text = resources.files(__package__).joinpath("materials.csv").read_text("utf-8")
    rows = csv.DictReader(text.splitlines())
    table = {}
    for row in rows:
        bands = tuple(float(row[f"{band:g}"]) for band in OCTAVE_BANDS_HZ)
        table[row["id"]] = Material(row["id"], row["name"], bands)
    return table


def material(material_id: str) -> Material:
    """The material of that id; raises Refused naming it when the table has none."""
    try:
        return materials()[material_id]
    except KeyError:
        raise Refused(
            tr(
                "There is no material “{material_id}”; choose one of {materials}.",
                material_id=material_id,
                materials=", ".join(materials()),
            )
        ) from None
