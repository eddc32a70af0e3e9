"""The level check: noise, quiet first and louder step by step, until the seat hears 70 to 75 dB SPL
or a limit is reached.
"""

from collections.abc import Callable
from dataclasses import dataclass

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray, root_mean_square
from jolly_parlor.signals.noise import band_noise, pink_noise
from jolly_parlor.signals.weighting import level_dba
from jolly_parlor.studio.device import Device, DeviceFailed, Progress, Stage
from jolly_parlor.words import tr

LOWEST_DB_SPL, HIGHEST_DB_SPL = 70.0, 75.0
"""At the seat while a sweep plays; common practice, no source."""
_AIM_DB_SPL = 72.5
HIGHEST_OUTPUT_DB, LOWEST_OUTPUT_DB = -3.0, -80.0
_FIRST_DB, _STEP_DB = -50.0, 6.0
_CLIPPING_DB = -6.0
_SECONDS, _LOW_HZ, _HIGH_HZ, _CREST = 1.0, 20.0, 2000.0, 2.0
"""Of the noise; 6 dB between its peaks and its mean as IEC 60268-1 has it for noise that stands for
programme (from memory).
"""
_NOISE_SECONDS, _ABOVE_QUIET_DB, _FULL = 8.0, 10.0, 0.999
_LEAST_TONE_POWER, _STEADY_DB = 1e-6, 0.3


@dataclass(frozen=True)
class Level:
    output_db: float
    """To measure with, below full scale."""
    level_db_spl: float | None
    peak_db: float
    """Of the input, below full scale."""
    words: str
    good: bool


def find_level(
    device: Device,
    source: str,
    stage: Stage,
    highest_output_db: float = HIGHEST_OUTPUT_DB,
    progress: Progress = lambda share, peak: None,
    cancelled: Callable[[], bool] = lambda: False,
) -> Level:
    """Play noise from one source, rising by 6 dB at most, and stop in time; never above the highest
    output, below full scale.

    Raises DeviceFailed.
    """
    sound = as_loud_as_a_sweep(device.sample_rate)
    highest = min(highest_output_db, HIGHEST_OUTPUT_DB)
    output = min(_FIRST_DB, highest)
    while True:
        recording = device.record(
            sound * 10 ** (output / 20), source, stage, 0.5, progress, cancelled
        )
        heard = recording.samples[: sound.size]
        peak = 20 * np.log10(max(float(np.max(np.abs(heard))), 1e-6)) if heard.size else -120.0
        full = device.full_scale_db_spl
        level = None
        if full is not None and heard.size:
            level = float(full + 10 * np.log10(max(float(np.mean(heard**2)), 1e-20)))
        if cancelled():
            return Level(output, level, peak, tr("Stopped."), False)
        if peak > _CLIPPING_DB:
            words = tr("The input is close to clipping: turn its gain down and check again.")
            return Level(output, level, peak, words, False)
        missing = _AIM_DB_SPL - level if level is not None else _CLIPPING_DB - 12.0 - peak
        if abs(missing) < 1.0 or (level is None and missing <= 0):
            return Level(output, level, peak, _words(level, peak), True)
        if output >= highest and missing > 0:
            return Level(output, level, peak, _too_quiet(highest), False)
        if output <= LOWEST_OUTPUT_DB and missing < 0:
            words = tr(
                "It is too loud at the seat even at the lowest output: turn the "
                "monitors down, or quieten the room, and check again."
            )
            return Level(output, level, peak, words, False)
        wanted = output + min(missing, _STEP_DB)
        output = min(max(wanted, LOWEST_OUTPUT_DB), highest)


def as_loud_as_a_sweep(sample_rate: int) -> FloatArray:
    """Noise with the power and the spectrum of a sweep at full scale from 20 Hz to 2 kHz: equal
    power in every octave, its rare peaks cut; (samples,). What it brings to the seat, a sweep does
    too.
    """
    noise = band_noise(_SECONDS, sample_rate, _LOW_HZ, _HIGH_HZ)
    noise = noise / root_mean_square(noise)
    return np.asarray(np.clip(noise, -_CREST, _CREST) * np.sqrt(0.5))


def full_scale_of_tone(
    device: Device,
    stage: Stage,
    tone_db_spl: float,
    progress: Progress = lambda share, peak: None,
    cancelled: Callable[[], bool] = lambda: False,
) -> float:
    """The level of full scale, from two seconds of a tone of known level at the microphone, as an
    acoustic calibrator gives (IEC 60942: 94 or 114 dB).

    Raises DeviceFailed where no steady tone is heard.
    """
    count = 2 * device.sample_rate
    heard = device.record(np.zeros(count), "", stage, 0.0, progress, cancelled).samples
    if cancelled() or heard.size < count // 2:
        raise DeviceFailed(tr("Stopped; the level stays as it was."))
    halves = [float(np.mean(part**2)) for part in np.array_split(heard, 2)]
    if min(halves) < _LEAST_TONE_POWER:
        raise DeviceFailed(
            tr("No tone is heard: put the calibrator on the microphone, turn gain up.")
        )
    if float(np.max(np.abs(heard))) >= 0.999:
        raise DeviceFailed(tr("The tone clips the input: turn its gain down and calibrate again."))
    if abs(10 * np.log10(halves[0] / halves[1])) > _STEADY_DB:
        raise DeviceFailed(tr("The tone is not steady: wait until it is and calibrate again."))
    return float(tone_db_spl - 10 * np.log10(float(np.mean(halves))))


def heard_dba(
    device: Device,
    source: str,
    stage: Stage,
    output_db: float,
    progress: Progress = lambda share, peak: None,
    cancelled: Callable[[], bool] = lambda: False,
) -> float:
    """The A-weighted level of pink noise at the microphone against full scale, dB: what a meter
    beside it reads, less this, is the level of full scale. Raises DeviceFailed.
    """
    noise = pink_noise(_NOISE_SECONDS, device.sample_rate) * 10 ** (output_db / 20)
    heard = device.record(noise, source, stage, 0.0, progress, cancelled).samples
    if cancelled() or heard.size < noise.size // 2:
        raise DeviceFailed(tr("Stopped; the level stays as it was."))
    if float(np.max(np.abs(heard))) >= _FULL:
        raise DeviceFailed(tr("The noise clips the input: turn its gain down and begin again."))
    # It begins some milliseconds late, and a room takes a moment to fill.
    steady = heard[heard.size // 4 : heard.size - heard.size // 8]
    found = level_dba(steady, device.sample_rate, 0.0)
    quiet = device.record(
        np.zeros(device.sample_rate), "", stage, 0.0, lambda share, peak: None, cancelled
    ).samples
    if found - level_dba(quiet, device.sample_rate, 0.0) < _ABOVE_QUIET_DB:
        raise DeviceFailed(
            tr("The noise hardly stands above the room's own: play louder and begin again.")
        )
    return found


def _too_quiet(highest: float) -> str:
    if highest < HIGHEST_OUTPUT_DB:
        return tr(
            "At your limit of {highest:.0f} dB it is still too quiet: turn the monitors up or "
            "raise the limit, and check again.",
            highest=highest,
        )
    return tr("Full output is still too quiet: turn the monitors up and check again.")


def _words(level: float | None, peak: float) -> str:
    loud = (
        tr("{level:.0f} dB SPL at the seat", level=level)
        if level is not None
        else tr("level not calibrated")
    )
    return tr(
        "{loud}, input peaks {peak:.0f} dB below clipping. Leave every setting as it is now.",
        loud=loud,
        peak=-peak,
    )
