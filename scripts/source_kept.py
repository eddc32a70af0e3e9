"""Where what was found out about this very source is kept, and no longer than it stays as it is."""

import hashlib
import subprocess
from pathlib import Path

ROOT = Path(__file__).resolve().parents[1]
_DECIDES = ("src", "tests", "benchmarks", "scripts", "pyproject.toml", "requirements.lock", "check")


def kept_for_this_source() -> Path:
    """A folder of its own for the program, its tests and what runs them, as they are now."""
    listed = subprocess.run(
        ["git", "ls-files", "-z", "--cached", "--others", "--exclude-standard", *_DECIDES],
        cwd=ROOT,
        capture_output=True,
        check=True,
    ).stdout
    digest = hashlib.sha256()
    for name in sorted(filter(None, listed.decode().split("\0"))):
        path = ROOT / name
        digest.update(name.encode() + b"\0")
        digest.update(path.read_bytes() if path.is_file() else b"")
    folder = ROOT / ".long" / digest.hexdigest()[:16]
    folder.mkdir(parents=True, exist_ok=True)
    return folder


if __name__ == "__main__":
    print(kept_for_this_source())
