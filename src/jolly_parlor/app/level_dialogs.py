"""Questions about how loud full scale is."""

from typing import Literal

from PyQt6.QtWidgets import QInputDialog, QWidget

from jolly_parlor.signals.calibration import Calibration
from jolly_parlor.words import tr

Way = Literal["reading", "tone", "volts", "file"]
_WAYS: dict[Way, str] = {
    "reading": tr("A phone or sound level meter beside the microphone, while noise plays"),
    "tone": tr("A calibrator's tone on the microphone"),
    "volts": tr("The microphone's sensitivity, and the input's full scale in volts"),
    "file": tr("The microphone's file, which knows its input (with its gain as it came)"),
}


def ask_way(parent: QWidget, microphone: Calibration | None) -> Way | None:
    """By what the level is known; sensitivity only where the microphone's file has it, and says of
    what.
    """
    ways: list[Way] = ["reading", "tone"]
    if microphone is not None and microphone.millivolts_per_pascal is not None:
        ways.append("volts")
    if microphone is not None and microphone.own_full_scale_db_spl is not None:
        ways.append("file")
    titles = [_WAYS[way] for way in ways]
    chosen, agreed = QInputDialog.getItem(
        parent, tr("How loud is it?"), tr("Tell the level by:"), titles, 0, False
    )
    return ways[titles.index(chosen)] if agreed else None


def ask_tone(parent: QWidget) -> float | None:
    """The level of the calibrator's tone, dB SPL."""
    words = tr("Calibrator on the microphone and sounding, dB SPL:")
    return _number(parent, tr("Calibrate"), words, 94.0, 60.0, 130.0)


def ask_reading(parent: QWidget) -> float | None:
    """What the phone has read, dB(A)."""
    words = tr("What it read, in dB(A), slow, beside the microphone:")
    return _number(parent, tr("What did it read?"), words, 65.0, 30.0, 110.0)


def ask_volts(parent: QWidget) -> float | None:
    """The effective value of a sine that drives the input to full scale."""
    words = tr("Volts (effective) at full scale, with the gain as it is:")
    return _number(parent, tr("The input's full scale"), words, 1.0, 0.001, 50.0, 3)


def _number(
    parent: QWidget, title: str, words: str, usual: float, low: float, high: float, digits: int = 1
) -> float | None:
    value, agreed = QInputDialog.getDouble(parent, title, words, usual, low, high, digits)
    return value if agreed else None
