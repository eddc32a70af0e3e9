"""Several sounds that go round together, of which one is heard: what runs on a card's own thread.

All have the same length and stay in step, so that going from one to another is a change of weights;
weights move over SWITCH_SECONDS, which is too short to be a fade and too long to be a click. Other
sounds in their place come in as the old ones go out.
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
    def now(self) -> tuple[Sequence[Sound], Weights]:
        """Sounds, each (samples, 2), all of one length, and how much of each is heard."""
        ...


class _Round:
    """Sounds in step, where in their round they are, and how much of each is heard."""

    def __init__(self, sounds: Sequence[Sound], at: int) -> None:
        self.sounds = sounds
        self.at = at % len(sounds[0]) if sounds else 0
        self.weights = np.zeros(len(sounds), np.float32)

    def add(self, total: Sound, wanted: NDArray[np.float32], most: NDArray[np.float32]) -> None:
        """Onto a block, (frames, 2). most: by how much weights may have moved at each of its
        frames, and at the next one, (frames + 1,).
        """
        frames = len(total)
        step = np.clip(wanted - self.weights, -most[:, None], most[:, None])
        shares = self.weights + step
        for sound, share in zip(self.sounds, shares[:frames].T, strict=True):
            if np.any(share):
                at = (self.at + np.arange(frames)) % len(sound)
                total += sound[at] * share[:, None]
        self.weights = shares[frames]
        if self.sounds:
            self.at = (self.at + frames) % len(self.sounds[0])


class LoopPlayback:
    """Begun softly, at a level that may be moved, ended softly."""

    def __init__(
        self, source: LoopSource, sample_rate: int, output_db: Callable[[], float]
    ) -> None:
        self._source, self._rate = source, sample_rate
        self._volume = Volume(sample_rate, output_db)
        self._rounds = [_Round((), 0)]
        self.ended, self.wait = self._volume.ended, self._volume.wait
        self.fade_out = self._volume.fade_out

    @property
    def seconds(self) -> float:
        """Since the beginning of the round."""
        return self._rounds[-1].at / self._rate

    def step(self, outdata: Any, frames: int, _time: Any, _status: Any) -> None:
        import sounddevice

        sounds, weights = self._source.now
        if sounds is not self._rounds[-1].sounds:
            self._rounds.append(_Round(sounds, self._rounds[-1].at))
        total = np.zeros((frames, 2), np.float32)
        most = np.arange(frames + 1, dtype=np.float32) / np.float32(SWITCH_SECONDS * self._rate)
        *old, now = self._rounds
        for gone in old:
            gone.add(total, np.zeros_like(gone.weights), most)
        now.add(total, np.asarray(weights, np.float32), most)
        self._rounds = [*(one for one in old if np.any(one.weights)), now]
        outdata[:] = total * self._volume.over(frames)[:, None]
        if self._volume.silent:
            raise sounddevice.CallbackStop
