"""Several sounds that go round together, of which one is heard: what runs on a card's own thread.

All have the same length and stay in step, so that going from one to another is a change of weights;
weights move over SWITCH_SECONDS, which is too short to be a fade and too long to be a click.
"""

from collections.abc import Callable, Sequence
from typing import Any, Protocol

import numpy as np
from numpy.typing import NDArray

from jolly_parlor.studio.streams import Volume

SWITCH_SECONDS = 0.03
Weights = tuple[float, ...]
Sound = NDArray[np.float32]


class LoopSource(Protocol):
    """What is heard now; asked before every block, on the card's thread."""

    @property
    def sounds(self) -> Sequence[Sound]:
        """Each (samples, 2), all of one length while playing."""
        ...

    @property
    def weights(self) -> Weights:
        """How much of each is heard, one for each sound."""
        ...


class LoopPlayback:
    """Begun softly, at a level that may be moved, ended softly."""

    def __init__(
        self, source: LoopSource, sample_rate: int, output_db: Callable[[], float]
    ) -> None:
        self._source, self._rate = source, sample_rate
        self._volume = Volume(sample_rate, output_db)
        self._at = 0
        self._weights: NDArray[np.float32] = np.zeros(0, np.float32)
        self.ended, self.wait = self._volume.ended, self._volume.wait
        self.fade_out = self._volume.fade_out

    @property
    def seconds(self) -> float:
        """Since the beginning of the round."""
        return self._at / self._rate

    def step(self, outdata: Any, frames: int, _time: Any, _status: Any) -> None:
        """One block."""
        import sounddevice

        sounds, wanted = self._source.sounds, np.asarray(self._source.weights, np.float32)
        shares = self._ramped(wanted, frames)
        total = np.zeros((frames, 2), np.float32)
        for sound, share in zip(sounds, shares.T, strict=False):
            if np.any(share):
                at = (self._at + np.arange(frames)) % len(sound)
                total += sound[at] * share[:, None]
        if len(sounds):
            self._at = (self._at + frames) % len(sounds[0])
        outdata[:] = total * self._volume.over(frames)[:, None]
        if self._volume.silent:
            raise sounddevice.CallbackStop

    def _ramped(self, wanted: NDArray[np.float32], frames: int) -> NDArray[np.float32]:
        """The weights over a block, (frames, sounds), moved towards the wanted ones."""
        now = np.zeros(wanted.size, np.float32)
        now[: self._weights.size] = self._weights[: wanted.size]
        most = np.arange(frames, dtype=np.float32)[:, None] / (SWITCH_SECONDS * self._rate)
        moved = now + np.clip(wanted - now, -most, most)
        last = frames / (SWITCH_SECONDS * self._rate)
        self._weights = now + np.clip(wanted - now, -last, last)
        return np.asarray(moved, dtype=np.float32)
