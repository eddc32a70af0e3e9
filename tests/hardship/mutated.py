"""Files as accidents leave them: every reader must refuse them in words, or read them."""

import io
import json
import random
import zipfile
from collections.abc import Callable
from pathlib import Path
from typing import Any

import numpy as np

from jolly_parlor.project.files import open_project, read_survey
from jolly_parlor.refused import Refused
from jolly_parlor.signals.calibration import read_calibration
from jolly_parlor.signals.importing import read_take
from jolly_parlor.signals.own_piece import read_piece
from jolly_parlor.signals.recorded_sweeps import Played, looks_recorded, read_recording
from jolly_parlor.signals.wav import wav_bytes
from places import DATA, EXAMPLES

_ODD = (0, -1, 1e308, -1e308, 5e-324, float("nan"), float("inf"), 10**400, "", "é\u0000", "9" * 60)
_ODDER = (None, True, [], {}, [[[]]], {"a": 1}, "left", "right")


def with_bytes_changed(data: bytes, chance: random.Random) -> bytes:
    """Flipped, cut, doubled, moved or filled, a few times."""
    changed = bytearray(data)
    for _ in range(chance.randint(1, 6)):
        if not changed:
            break
        at = chance.randrange(len(changed))
        length = chance.randint(1, min(40, len(changed)))
        kind = chance.randrange(7)
        if kind == 0:
            changed[at] ^= 1 << chance.randrange(8)
        elif kind == 1:
            del changed[at : at + length]
        elif kind == 2:
            changed[at:at] = changed[at : at + length]
        elif kind == 3:
            changed[at:at] = chance.randbytes(length)
        elif kind == 4:
            changed[at : at + length] = bytes(len(changed[at : at + length]))
        elif kind == 5:
            changed[at : at + length] = b"\xff" * len(changed[at : at + length])
        else:
            del changed[at:]
    return bytes(changed)


def with_one_byte_changed(data: bytes, chance: random.Random) -> bytes:
    """One digit, sign or sample is another."""
    changed = bytearray(data)
    changed[chance.randrange(len(changed))] = chance.randrange(256)
    return bytes(changed)


def with_values_changed(value: Any, chance: random.Random) -> Any:
    """A JSON value with something in it another thing, gone, or there twice."""
    if isinstance(value, dict) and value and chance.random() < 0.9:
        made = dict(value)
        name = chance.choice(list(made))
        kind = chance.randrange(8)
        if kind == 0:
            del made[name]
        elif kind == 1:
            made[f"{name}x"] = made[name]
        else:
            made[name] = with_values_changed(made[name], chance)
        return made
    if isinstance(value, list) and value and chance.random() < 0.9:
        rows = list(value)
        at = chance.randrange(len(rows))
        kind = chance.randrange(8)
        if kind == 0:
            del rows[at]
        elif kind == 1:
            rows.insert(at, rows[at])
        else:
            rows[at] = with_values_changed(rows[at], chance)
        return rows
    number = isinstance(value, int | float) and not isinstance(value, bool)
    if number and abs(value) < 1e300 and chance.random() < 0.6:
        return value * chance.choice([-1, 0, 1e-9, 0.5, 2, 10, 1e9])
    return chance.choice(chance.choice([_ODD, _ODDER]))


def document_changed(data: bytes, chance: random.Random) -> bytes:
    """A document whose members are sound ZIP, and whose contents are not."""
    packed = io.BytesIO()
    with zipfile.ZipFile(io.BytesIO(data)) as old, zipfile.ZipFile(packed, "w") as new:
        names = old.namelist()
        hit = chance.choice(names)
        for name in names:
            member = old.read(name)
            if name == hit:
                if name.endswith(".json") and chance.random() < 0.8:
                    table = json.loads(member)
                    for _ in range(chance.randint(1, 3)):
                        table = with_values_changed(table, chance)
                    member = json.dumps(table).encode("utf-8")
                else:
                    member = with_bytes_changed(member, chance)
            new.writestr(name, member)
    return packed.getvalue()


def survey_changed(data: bytes, chance: random.Random) -> bytes:
    """A survey that is JSON and makes no sense."""
    table = json.loads(data)
    for _ in range(chance.randint(1, 3)):
        table = with_values_changed(table, chance)
    return json.dumps(table).encode("utf-8")


def _import(path: Path) -> object:
    if looks_recorded(path):
        return read_recording(path, Played(low_hz=20.0, high_hz=300.0, seconds=1.0), 1, None)
    return read_take(path)


def _sounds() -> list[bytes]:
    chance = np.random.default_rng(1)
    ringing = chance.standard_normal(24_000) * np.exp(-np.arange(24_000) / 2400)
    return [wav_bytes(ringing * 0.1, 48_000), wav_bytes(chance.random((90_000, 2)) - 0.5, 16_000)]


def subjects() -> dict[str, tuple[str, list[bytes], list[Callable], Callable[[Path], object]]]:
    """By name: a suffix, sound files, the ways to spoil one, and who reads it."""
    rooms = [(EXAMPLES / name).read_bytes() for name in ("kiln-room.parlor", "harbour-loft.parlor")]
    old = [path.read_bytes() for path in sorted(DATA.glob("*.parlor"))]
    texts = [p.read_bytes() for p in sorted((DATA / "responses").iterdir()) if p.suffix != ".json"]
    surveys = [path.read_bytes() for path in sorted(EXAMPLES.glob("*.json"))]
    takes = [path.read_bytes() for path in sorted(EXAMPLES.glob("kiln-room-takes/*.txt"))][:3]
    levels = "".join(f"{20 * 1.2**n:.1f}\t{0.1 * n - 1:.2f}\n" for n in range(38))
    microphones = [levels.encode(), f'"Sensitivity 12.5 mV/Pa"\n{levels}'.encode()]
    either = [with_bytes_changed, with_one_byte_changed]
    return {
        "documents": (".parlor", rooms + old, [document_changed, with_bytes_changed], open_project),
        "surveys": (".json", surveys, [survey_changed, with_bytes_changed], read_survey),
        "responses": (".txt", texts + takes, either, _import),
        "calibrations": (".txt", [*microphones, *texts[:5]], either, read_calibration),
        "sounds": (".wav", _sounds(), either, _import),
        "pieces": (".wav", _sounds(), either, lambda path: read_piece(path, 48000)),
    }


def spoil(name: str, count: int, seed: int, folder: Path) -> tuple[int, list[str]]:
    """So many spoiled files of a kind, read: how many were refused, and what else was raised."""
    suffix, sound, ways, read = subjects()[name]
    chance = random.Random(f"{name} {seed}")
    refused, errors = 0, []
    path = folder / f"spoiled{suffix}"
    for number in range(count):
        way = chance.choice(ways)
        path.write_bytes(way(chance.choice(sound), chance))
        before = path.read_bytes()
        try:
            read(path)
        except Refused as error:
            refused += 1
            if not 8 < len(str(error)) < 1500 or "Traceback" in str(error):
                errors.append(f"{name} {seed}/{number}: no sentence: {error!r}")
        except Exception as error:
            errors.append(f"{name} {seed}/{number}: {error!r}")
            (folder / f"failed-{name}-{seed}-{number}{suffix}").write_bytes(before)
        if path.read_bytes() != before:
            errors.append(f"{name} {seed}/{number}: the file was changed by reading it")
    return refused, errors
