"""A microphone on a clock of its own, as a process: reads what is played, lets it come through the
air, and offers it as another device would, at its own rate and pace.

    two_clocks.py PLAYED HEARD DRIFT LATE DROPPED

PLAYED and HEARD are pipes of float32, two channels in and one out, at 48 000 a second. DRIFT is in
parts in a million; LATE the seconds by which it begins late; DROPPED how many blocks get lost.
"""

import os
import sys
import time

import numpy as np

RATE, BLOCK, TAPS = 48_000, 1024, 32
LEFT, RIGHT = (0.30, 0.0040), (0.24, 0.0055)
"""How loud each loudspeaker comes, and after how many seconds."""


def interpolated(samples: np.ndarray, at: np.ndarray) -> np.ndarray:
    """By a windowed sine over its argument, (len(at),); zeros beyond what there is."""
    whole = np.floor(at).astype(int)
    steps = np.arange(-TAPS + 1, TAPS + 1)
    away = at[:, None] - (whole[:, None] + steps)
    weights = np.sinc(away) * np.cos(np.pi * np.clip(away / (2 * TAPS), -0.5, 0.5)) ** 2
    rows = whole[:, None] + steps
    there = (rows >= 0) & (rows < len(samples))
    return np.sum(np.where(there, samples[np.clip(rows, 0, len(samples) - 1)], 0) * weights, axis=1)


def main() -> None:
    played, heard = (os.open(name, os.O_RDWR) for name in sys.argv[1:3])
    drift, late, dropped = float(sys.argv[3]) * 1e-6, float(sys.argv[4]), int(sys.argv[5])
    os.set_blocking(played, False)
    sound, at, begun, number = np.zeros((0, 2)), 0.0, time.monotonic(), 0
    while True:
        try:
            while told := os.read(played, 1 << 20):
                part = np.frombuffer(told, np.float32).reshape(-1, 2)
                if at >= len(sound) + RATE:  # a new sound
                    sound, at = np.zeros((0, 2)), -late * RATE
                sound = np.concatenate([sound, part])
        except BlockingIOError:
            pass
        places = at + np.arange(BLOCK) / (1 + drift)
        at = float(places[-1]) + 1 / (1 + drift)
        out = np.zeros(BLOCK)
        if len(sound):
            for channel, (gain, seconds) in enumerate((LEFT, RIGHT)):
                out += gain * interpolated(sound[:, channel], places - seconds * RATE)
        number += 1
        if not (dropped and 2.2 * RATE < at < 2.2 * RATE + dropped * BLOCK):
            os.write(heard, out.astype(np.float32).tobytes())
        time.sleep(max(begun + number * BLOCK / RATE - time.monotonic(), 0.0))


if __name__ == "__main__":
    main()
