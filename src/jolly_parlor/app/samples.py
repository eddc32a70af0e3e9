"""Where the demo and the lived-in samples lie."""

from pathlib import Path

_EXAMPLES = Path(__file__).resolve().parents[3] / "examples"
DEMO = _EXAMPLES / "kiln-room.parlor"
SAMPLES = {
    "kiln": _EXAMPLES / "kiln-furnished.parlor",
    "loft": _EXAMPLES / "harbour-loft.parlor",
}
"""Lived-in rooms with takes, by the word that opens each."""
