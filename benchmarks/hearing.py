"""How long it takes to hear an arrangement, how exact that is, and whether all are equally loud.

    .venv/bin/python benchmarks/hearing.py [SAMPLE ...]

SAMPLE: kiln-room (the default), kiln-furnished, harbour-loft. A click is heard once the card has
its first block, some 15 ms after the sounds are made; the window is not in it.
"""

import sys
import time
from pathlib import Path

import numpy as np

from jolly_parlor.audition.auralisation import Renderer
from jolly_parlor.audition.piece_heard import PIECES, piece_loop, played
from jolly_parlor.audition.transfers import EARS, POINT, RATE_HZ, Transfers
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.evenness import GRID_HZ
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.mixes import judged_band, with_subwoofers
from jolly_parlor.project.files import open_document
from jolly_parlor.signals.looping import as_loop
from jolly_parlor.signals.loudness import loudness_lufs
from jolly_parlor.signals.noise import pink_noise

EXAMPLES = Path(__file__).resolve().parents[1] / "examples"


def main() -> None:
    """Each sample asked for."""
    for name in sys.argv[1:] or ["kiln-room"]:
        measure(name)


def measure(name: str) -> None:
    """One document."""
    document = open_document(EXAMPLES / f"{name}.parlor")
    room, gear = document.room, document.gear
    forecaster = Forecaster(room, gear)
    seat, mix = gear.seats[0].name, with_subwoofers(gear)
    every = [forecaster.case(a, seat, mix) for a in document.arrangements]
    forecaster.deviation(every[0])  # its modes are known, as they are in the window
    loop = piece_loop("groove")
    loop.sound(loop.spectrum), loudness_lufs(loop.samples, RATE_HZ)  # libraries are loaded
    renderer = Renderer(Transfers(room), gear)
    took, heard = timed(lambda: renderer.heard(every, EARS))
    print(f"{name}: {len(every)} arrangements, {mix.name.lower()}")
    print(f"  impulse responses, nothing known of the room:   {1000 * took:7.0f} ms")
    moved = [forecaster.case(document.arrangements[0], gear.seats[-1].name, mix), *every[1:]]
    played(heard, loop)
    took, _ = timed(lambda: played(renderer.heard(moved, EARS), loop))
    print(f"  click to sound, one arrangement at a new place: {1000 * took:7.0f} ms")
    other = piece_loop("strings")
    other.sound(other.spectrum)
    took, _ = timed(lambda: played(renderer.heard(every, EARS), other))
    print(f"  click to sound, another piece:                  {1000 * took:7.0f} ms")
    made = pink_noise(30.0, RATE_HZ)
    long = as_loop(np.stack([made, made], axis=1), RATE_HZ)
    took, _ = timed(lambda: played(heard[:1], long))
    print(f"  30 s of a piece, one arrangement:               {1000 * took:7.0f} ms")
    took, _ = timed(lambda: played(heard, long))
    print(f"  30 s of a piece, all of them:                   {1000 * took:7.0f} ms")
    print(
        f"  rendered less forecast, judged band:            {_off_db(forecaster, renderer, every)}"
    )
    for piece in PIECES:
        sounds = played(heard, piece_loop(piece)).matched.sounds
        loud = [loudness_lufs(one, RATE_HZ) for one in sounds]
        print(f"  {piece:8s} {loud[0]:6.2f} LUFS, within {max(loud) - min(loud):.3f} dB")


def _off_db(forecaster: Forecaster, renderer: Renderer, every: list[Case]) -> str:
    worst = []
    for one, heard in zip(every, renderer.heard(every, POINT), strict=True):
        low, high, _ = judged_band(forecaster.gear, one.mix)
        band = (low <= GRID_HZ) & (high >= GRID_HZ)
        wanted = forecaster.of(one).pressure(one.mix)[band]
        got = heard.pressure(GRID_HZ[band]).sum(axis=1)[0]
        worst.append(float(np.max(np.abs(20 * np.log10(np.abs(got / wanted))))))
    return f"{max(worst):.3f} dB at most"


def timed(work):  # type: ignore[no-untyped-def]
    """Seconds, and what came of it."""
    begun = time.perf_counter()
    result = work()
    return time.perf_counter() - begun, result


if __name__ == "__main__":
    main()
