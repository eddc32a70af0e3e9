"""The demo and the lived-in samples, which ship with the program."""

from jolly_parlor.assets import FOLDER

_FOLDER = FOLDER / "samples"
DEMO = _FOLDER / "kiln-room.parlor"
SAMPLES = {
    "kiln": _FOLDER / "kiln-furnished.parlor",
    "loft": _FOLDER / "harbour-loft.parlor",
}
"""Lived-in rooms with takes, by the word that opens each."""
