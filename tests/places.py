"""Where things stand in the repository."""

from pathlib import Path

ROOT = Path(__file__).resolve().parent.parent
DATA = ROOT / "tests" / "data"
EXAMPLES = ROOT / "examples"
