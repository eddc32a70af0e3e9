"""Decay before and after settings, against a mode whose damping is known."""

import numpy as np
import pytest

from jolly_parlor.placement.chains import Chain
from jolly_parlor.placement.mixes import Mix
from jolly_parlor.placement.settings.reverberation import (
    DECAY_HZ,
    BandDecay,
    decay_change,
    decay_words,
)

MIX = Mix("both+sub", "x", ("left", "right", "sub"), True, True)


def mode(hertz: float, seconds: float) -> np.ndarray:
    """A damped resonance: amplitude falls by exp(-d t), d = 3 ln 10 / T (Kuttruff)."""
    w, damping = 2 * np.pi * DECAY_HZ, 3 * np.log(10) / seconds
    return np.asarray(1j * w / ((2 * np.pi * hertz) ** 2 - w**2 + 2j * damping * w) * 300)


def test_the_decay_of_a_mode_is_its_own_whatever_is_set() -> None:
    sources = {"left": mode(63.0, 0.7), "right": mode(63.0, 0.7), "sub": mode(63.0, 0.7)}
    after = {"sub": Chain(gain_db=9.0, delay_ms=4.0)}
    bands = {b.midband_hz: b for b in decay_change(MIX, sources, {}, after)}
    assert bands[63.0].before_seconds == pytest.approx(0.7, rel=0.06)
    assert bands[63.0].after_seconds == pytest.approx(0.7, rel=0.06)
    assert "settings hardly change it" in decay_words([bands[63.0]])


def test_where_another_mode_leads_it_says_so() -> None:
    sources = {"left": mode(66.0, 0.3), "right": mode(66.0, 0.3), "sub": mode(60.0, 0.9)}
    quiet = {"sub": Chain(gain_db=-40.0)}
    [_, band, _] = decay_change(MIX, sources, quiet, {"sub": Chain(gain_db=6.0)})
    assert band.before_seconds == pytest.approx(0.3, rel=0.15)
    assert band.after_seconds is not None and band.after_seconds > 0.7
    assert "none dies away faster" in decay_words([band])
    assert BandDecay(31.5, None, 0.5).words == "31.5 Hz ? → 0.50 s"
