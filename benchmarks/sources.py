"""How right forecasts are with loudspeakers as they radiate and a desk: the reference rooms with
cabinets, drivers and desk, by the program's own `forecast --case`.

Run from the repository: `.venv/bin/python benchmarks/sources.py [CASE.json ...]`. Of each case, and
of all together, the errors of levels smoothed to a twelfth of an octave: median, 90th percentile
and root mean square to 200 and to 300 Hz. Beside them what forecasts of documents make of it, in
which cabinets do not scatter what others play, and what a source on the cabinet's face without a
desk does, as the program had it once.
"""

import copy
import json
import sys
import tempfile
from pathlib import Path
from unittest.mock import patch

import numpy as np

from jolly_parlor.analysis import cases
from jolly_parlor.signals.smoothing import smoothing_weights

REFERENCE = Path(__file__).resolve().parents[2] / "shared" / "reference"


def errors(path: Path, solved: dict, bodies: bool) -> tuple[np.ndarray, np.ndarray]:
    """Frequencies and errors in dB, (pairs, frequencies)."""
    scattered = cases.scattered if bodies else lambda *_: 0.0
    with patch.object(cases, "scattered", scattered):
        result = cases.compute_case(path)
    f = result.frequencies_hz
    weights = smoothing_weights(f, f, 12)
    found = []
    for row in solved["responses"]:
        own = weights @ np.abs(result.pressures[row["source"], row["receiver"]]) ** 2
        true = weights @ 10 ** (np.asarray(row["level_db"]) / 10)
        found.append(10 * np.log10(own / true))
    return f, np.array(found)


def as_before(case: dict) -> dict:
    """The case with its sources on the faces, and no desk."""
    told = copy.deepcopy(case)
    told["things"] = [t for t in told["things"] if t.get("role") not in ("desk", "cabinet")]
    for source in told["sources"]:
        if "driver" in source:
            source["position"] = source.pop("driver")["centre"]
    return told


def line(name: str, f: np.ndarray, found: np.ndarray) -> str:
    parts = []
    for top in (200.0, 300.0):
        some = np.abs(found[:, f <= top]).ravel()
        parts.append(
            f"to {top:.0f} Hz: median {np.median(some):.3f}, "
            f"nine in ten {np.percentile(some, 90):.3f}, rms {np.sqrt(np.mean(some**2)):.2f} dB"
        )
    return f"{name:>24}  " + "   ".join(parts)


def main() -> None:
    paths = [Path(word) for word in sys.argv[1:]] or sorted(REFERENCE.glob("desk_*.json"))
    every = {"now": [], "of documents": [], "as before": []}
    for path in paths:
        case = json.loads(path.read_text("utf-8"))
        with tempfile.TemporaryDirectory() as folder:
            before = Path(folder) / path.name
            before.write_text(json.dumps(as_before(case)), "utf-8")
            for label, at in zip(every, (path, path, before), strict=True):
                f, found = errors(at, case, bodies=label == "now")
                every[label].append(found)
                print(line(f"{path.stem}, {label}", f, found), flush=True)
    for label, found in every.items():
        print(line(f"all, {label}", f, np.concatenate(found)), flush=True)


if __name__ == "__main__":
    main()
