"""Make the demo: invented measurements of The Kiln Room, and examples/kiln-room.parlor from them.

The measurements come from two solvers that are not the forecast: up to 200 Hz finite volumes, with
the cabinets as bodies, their drivers in their faces and the desk (`studio.voxels`); above 300 Hz
image sources to high order, with angle-independent reflection per surface and octave band (Allen &
Berkley 1979). So measured and forecast differ as they do in life. Everything is placed with +-1 cm
of error, the microphone has a little ripple, and there is noise. Seeded: the same files every time.

Run from the repository: `.venv/bin/python scripts/make_demo.py`.
"""

from dataclasses import dataclass
from pathlib import Path

import numpy as np
from scipy import signal

from jolly_parlor.acoustics.geometry.changed_room import resized
from jolly_parlor.acoustics.geometry.room import SURFACE_NAMES, Point, Room
from jolly_parlor.acoustics.materials.coefficients import material
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import read_survey, write_project
from jolly_parlor.project.history import Project
from jolly_parlor.project.staging import stage_of
from jolly_parlor.project.take_edits import add_take
from jolly_parlor.signals.reading import read_response
from jolly_parlor.studio.hidden_room import heard_among
from jolly_parlor.studio.voxels import VoxelRoom

EXAMPLES = Path(__file__).resolve().parent.parent / "examples"
TAKES = EXAMPLES / "kiln-room-takes"
RATE = 48_000
LENGTH = 65_536
LONGEST_PATH = 300.0  # metres, 0.87 s: the room has died away by then
BANDS_HZ = np.array([63.0, 125.0, 250.0, 500.0, 1000.0, 2000.0, 4000.0])
SENSITIVITY_DB = 72.0  # SPL of one monitor at 1 m
CENTIMETRE = 0.01
CELL, SECONDS = 0.06, 1.2
WAVES_HZ = np.arange(2.0, 320.0, 0.4)
JOIN_HZ = (200.0, 300.0)


@dataclass(frozen=True)
class Images:
    """All images of the room within LONGEST_PATH: lattice offsets and bounces per surface."""

    offset: np.ndarray  # (images, 3)
    sign: np.ndarray  # (images, 3)
    first_reflections: np.ndarray  # (images, 6)


def images(dimensions: tuple[float, float, float]) -> Images:
    """The lattice of a box: per axis, offset 2 n L with sign +-1 and |n - q|, |n| bounces."""
    axes = []
    for size in dimensions:
        n = np.arange(-int(LONGEST_PATH / (2 * size)) - 1, int(LONGEST_PATH / (2 * size)) + 2)
        plain = np.stack([2 * n * size, np.ones_like(n), np.abs(n), np.abs(n)], axis=1)
        mirrored = np.stack([2 * n * size, -np.ones_like(n), np.abs(n - 1), np.abs(n)], axis=1)
        axes.append(np.concatenate([plain, mirrored]).astype(np.float32))
    grid = np.stack(np.meshgrid(*[np.arange(len(a)) for a in axes], indexing="ij"), -1)
    index = grid.reshape(-1, 3)
    offset = np.stack([axes[i][index[:, i], 0] for i in range(3)], 1)
    near = np.linalg.norm(offset, axis=1) < LONGEST_PATH
    index, offset = index[near], offset[near]
    sign = np.stack([axes[i][index[:, i], 1] for i in range(3)], 1)
    first_reflections = np.concatenate([axes[i][index[:, i], 2:4] for i in range(3)], 1)
    return Images(offset, sign, first_reflections)


def reflection(room: Room) -> np.ndarray:
    """Pressure reflection per surface and band, sqrt(1 - alpha), openings by area: (6, bands)."""
    rows = []
    for name in SURFACE_NAMES:
        whole = room.surface_area(name)
        alpha, rest = np.zeros(len(BANDS_HZ)), whole
        for opening in (o for o in room.openings if o.wall == name):
            alpha += np.array(material(opening.material).absorption) * opening.area
            rest -= opening.area
        alpha += room.surfaces[name].octave_absorption() * rest
        rows.append(np.sqrt(1 - alpha / whole))
    return np.array(rows)


def transfer(room: Room, lattice: Images, source: np.ndarray, ear: np.ndarray) -> np.ndarray:
    """Spectrum of the impulse response, one value per rfft bin of LENGTH at RATE."""
    distance = np.linalg.norm(lattice.offset + lattice.sign * source - ear, axis=1)
    samples = distance / room.speed_of_sound * RATE
    whole = np.floor(samples).astype(int)
    part = samples - whole
    keep = whole < LENGTH - 1
    whole, part, distance = whole[keep], part[keep], distance[keep]
    log_r = np.log(reflection(room))
    f = np.fft.rfftfreq(LENGTH, 1 / RATE)
    total = np.zeros(f.size, complex)
    position = np.interp(np.log2(np.maximum(f, 1.0)), np.log2(BANDS_HZ), np.arange(len(BANDS_HZ)))
    for band in range(len(BANDS_HZ)):
        amplitude = np.exp(lattice.first_reflections[keep] @ log_r[:, band]) / distance
        pulse = np.bincount(whole, amplitude * (1 - part), LENGTH)
        pulse += np.bincount(whole + 1, amplitude * part, LENGTH)
        weight = np.clip(1 - np.abs(position - band), 0, 1)
        total += weight * np.fft.rfft(pulse[:LENGTH])
    return total


def corner(f: np.ndarray, hz: float, order: int, kind: str) -> np.ndarray:
    """A Butterworth corner on the whole spectrum."""
    b, a = signal.butter(order, 2 * np.pi * hz, btype=kind, analog=True)
    return signal.freqs(b, a, 2 * np.pi * np.maximum(f, 0.1))[1]


def misplaced(point: Point, rng: np.random.Generator) -> Point:
    """Where a person with a tape puts it: within about a centimetre."""
    return Point(*(float(v) for v in point.array() + rng.normal(0.0, CENTIMETRE / 2, 3)))


def joined(f: np.ndarray, waves: np.ndarray, imaged: np.ndarray) -> np.ndarray:
    """Waves at WAVES_HZ below, what images say at f above."""
    low = np.interp(f, WAVES_HZ, waves.real) + 1j * np.interp(f, WAVES_HZ, waves.imag)
    share = np.clip((f - JOIN_HZ[0]) / (JOIN_HZ[1] - JOIN_HZ[0]), 0, 1)
    above = 0.5 - 0.5 * np.cos(np.pi * share)
    return (1 - above) * low + above * imaged


def measurements(document: Document, rng: np.random.Generator) -> dict[str, np.ndarray]:
    """File stem to complex spectrum, in SPL, for every arrangement."""
    room, gear = document.room, document.gear
    # The tape was a little off too.
    true_room = resized(room, room.width + 0.008, room.length - 0.011, room.height)
    lattice = images(true_room.dimensions)
    f = np.fft.rfftfreq(LENGTH, 1 / RATE)
    monitor = corner(f, 47.0, gear.monitor.low_slope_db_per_octave // 6, "highpass")
    monitor = monitor * corner(f, 19_000.0, 2, "lowpass")
    name = gear.subwoofers[0].id
    box = gear.model_of(name)
    sub = corner(f, 25.5, box.low_slope_db_per_octave // 6, "highpass")
    sub = sub * corner(f, 400.0, 2, "lowpass")
    gain = 10 ** (SENSITIVITY_DB / 20)
    found = {}
    cubes = VoxelRoom(true_room, CELL, SECONDS)
    box_of = {"left": monitor * gain, "right": monitor * gain * 1.02, name: sub * gain}
    for a in document.arrangements:
        for seat, point in a.seats.items():
            stage = stage_of(document, a, seat)
            stands = {n: s.moved(misplaced(s.place, rng)) for n, s in stage.sources.items()}
            ear = misplaced(point, rng)
            rows = heard_among(cubes, ear, list(stands.values()), stage.plates, WAVES_HZ)
            h = {}
            for (n, source), waves in zip(stands.items(), rows, strict=True):
                imaged = transfer(true_room, lattice, source.place.array(), ear.array())
                h[n] = joined(f, waves, imaged) * box_of[n]
            h["both"] = h["left"] + h["right"]
            for source, spectrum in h.items():
                found[f"{stem(a)}_{source}_{seat}"] = heard(f, spectrum, rng)
    return found


def heard(f: np.ndarray, spectrum: np.ndarray, rng: np.random.Generator) -> np.ndarray:
    """Through the microphone: slow ripple of a few tenths of a decibel, and noise."""
    octaves = np.log2(np.maximum(f, 1.0))
    ripple_db = 0.25 * np.sin(2.1 * octaves + 0.4) + 0.15 * np.sin(5.3 * octaves)
    noise = rng.normal(size=(2, f.size)) * 10 ** (22.0 / 20)
    noise = (noise[0] + 1j * noise[1]) * np.sqrt(50.0 / np.maximum(f, 5.0))
    return spectrum * 10 ** (ripple_db / 20) + noise


def stem(arrangement: Arrangement) -> str:
    """The arrangement's part of a file name."""
    return arrangement.name.lower().replace(" ", "-")


def write(path: Path, spectrum: np.ndarray, style: int) -> None:
    """Three thousand lines, 2 Hz to 20 kHz, in one of four forms that people meet."""
    f = np.fft.rfftfreq(LENGTH, 1 / RATE)
    at = np.geomspace(2.0, 20_000.0, 3000)
    re, im = np.interp(at, f, spectrum.real), np.interp(at, f, spectrum.imag)
    level = 20 * np.log10(np.hypot(re, im))
    phase = np.degrees(np.arctan2(im, re))
    head = "The Kiln Room, invented data"
    if style == 0:
        lines = [f"* {head}", "* Freq(Hz) SPL(dB) Phase(degrees)"]
        lines += [f"{a:.4f} {b:.3f} {c:.3f}" for a, b, c in zip(at, level, phase, strict=True)]
    elif style == 1:
        lines = [f"# {head}", "frequency,level,phase"]
        lines += [f"{a:.4f},{b:.3f},{c:.3f}" for a, b, c in zip(at, level, phase, strict=True)]
    elif style == 2:
        rows = zip(at, level, phase, strict=True)
        lines = ["Frequenz [Hz];Pegel [dB];Phase [Grad]"]
        lines += [f"{a:.4f};{b:.3f};{c:.3f}".replace(".", ",") for a, b, c in rows]
    else:
        rows = zip(at[::-1], level[::-1], phase[::-1], strict=True)
        lines = [f"; {head}, from high to low", "Hz\tdB\tdeg"]
        lines += [f"{a:.4f}\t{b:.3f}\t{c:.3f}" for a, b, c in rows]
    path.write_text("\n".join(lines) + "\n", "utf-8")


def main() -> None:
    """Write the text files and the document."""
    rng = np.random.default_rng(20_261_123)
    document = read_survey(EXAMPLES / "kiln-room.json")
    TAKES.mkdir(exist_ok=True)
    wanted = [
        (a, s, "desk") for a in document.arrangements for s in ("left", "right", "both", "sub")
    ]
    wanted += [(a, "both", "sofa") for a in document.arrangements]
    spectra = measurements(document, rng)
    for number, (a, source, seat) in enumerate(wanted):
        name = f"{stem(a)}_{source}_{seat}"
        path = TAKES / f"{name}.txt"
        write(path, spectra[name], number % 4)
        read = read_response(path)
        document = add_take(document, read, a.name, source, seat, path.name)
    write_project(Project(document).after(document), EXAMPLES / "kiln-room.parlor")
    print(f"{len(wanted)} takes in {TAKES}, document {EXAMPLES / 'kiln-room.parlor'}")


if __name__ == "__main__":
    main()
