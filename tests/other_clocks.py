"""Recordings by a recorder of another clock, made by splines: the program goes through spectra."""

import numpy as np
from scipy import signal
from scipy.interpolate import CubicSpline

RATE = 48_000


def room(seconds: float = 0.4, seed: int = 0) -> np.ndarray:
    """A made-up one: the direct sound, and what dies away by 60 dB in the time."""
    chance = np.random.default_rng(seed)
    count = round(seconds * RATE)
    tail = chance.standard_normal(count) * 10 ** (-3 * np.arange(count) / count)
    response = np.zeros(count + 260)
    response[260:] = 0.05 * tail
    response[190] = 1.0
    return response


def recorded(out: np.ndarray, drift: float, late: float, rate: int = RATE) -> np.ndarray:
    """By a recorder of its own clock, by splines through eight times as many samples (an
    independent way: the program goes through the spectrum).
    """
    fine = signal.resample_poly(out, 8, 1)
    at = np.arange(round((out.size / RATE + late + 0.3) * rate)) / (rate * (1 + drift)) - late
    spline = CubicSpline(np.arange(fine.size) / (8 * RATE), fine)
    inside = (at > 0) & (at < (out.size - 2) / RATE)
    return np.where(inside, spline(np.where(inside, at, 0.0)), 0.0)
