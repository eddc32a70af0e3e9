"""`python -m jolly_parlor` is the installed command."""

import os
import sys
from pathlib import Path

if not sys.flags.safe_path and sys.path[:1] == [os.getcwd()]:
    # Python looks into the current folder first, where anybody may have left a `click.py`.
    if Path(__file__).parents[1] != Path.cwd():
        del sys.path[0]

from jolly_parlor.cli.main import main

if __name__ == "__main__":
    main()
