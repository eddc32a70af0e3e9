"""What the tests ran through of each package, against its floor; exits 1 where one lies below.

Run by `./check --coverage`, after the tests have left their data.
"""

import json
import subprocess
import sys
import tempfile
from collections import defaultdict
from pathlib import Path

_OF_THE_WINDOW, _ELSEWHERE = 85.0, 95.0
"""Per cent of lines."""


def main() -> int:
    """Print a line a package."""
    with tempfile.TemporaryDirectory() as folder:
        told = Path(folder) / "coverage.json"
        command = [sys.executable, "-m", "coverage", "json", "-q", "-o", str(told)]
        subprocess.run(command, check=True)
        files = json.loads(told.read_text("utf-8"))["files"]
    lines: dict[str, list[int]] = defaultdict(lambda: [0, 0])
    for name, found in files.items():
        inside = name.partition("jolly_parlor/")[2].split("/")
        package = lines[inside[0] if len(inside) > 1 else "jolly_parlor"]
        package[0] += found["summary"]["covered_lines"]
        package[1] += found["summary"]["num_statements"]
    below = 0
    for package, (run, every) in sorted(lines.items()):
        floor = _OF_THE_WINDOW if package == "app" else _ELSEWHERE
        share = 100.0 * run / max(every, 1)
        below += share < floor
        mark = "  below its floor" if share < floor else ""
        print(f"{package:14} {share:5.1f} % of {every:5} lines, at least {floor:.0f}{mark}")
    return 1 if below else 0


if __name__ == "__main__":
    sys.exit(main())
