"""Running commands so that none outlives its test."""

import io
import os
import signal
import subprocess
import sys
from collections.abc import Mapping, Sequence
from contextlib import redirect_stderr, redirect_stdout

from places import ROOT


def ran_here(words: Sequence[object]) -> subprocess.CompletedProcess[str]:
    """The same of the program's own command, in this process: what it prints, and its exit code
    (loading the libraries anew for each would take seconds).
    """
    from jolly_parlor.cli.main import main

    out, err, code = io.StringIO(), io.StringIO(), 0
    before = sys.argv
    sys.argv = ["jolly-parlor", *map(str, words)]
    try:
        with redirect_stdout(out), redirect_stderr(err):
            main()
    except SystemExit as stop:
        code = stop.code if isinstance(stop.code, int) else int(stop.code is not None)
    finally:
        sys.argv = before
    return subprocess.CompletedProcess(words, code, out.getvalue(), err.getvalue())


def ran(
    words: Sequence[object], seconds: float = 120, environment: Mapping[str, str] | None = None
) -> subprocess.CompletedProcess[str]:
    """A command's words and exit code; past its time it ends with all it has started.

    `subprocess.run` ends only the first process, then waits for ever for the pipes that the
    others (an X server, say) still hold.
    """
    process = subprocess.Popen(
        list(map(str, words)),
        stdin=subprocess.DEVNULL,
        stdout=subprocess.PIPE,
        stderr=subprocess.PIPE,
        text=True,
        env=environment,
        cwd=ROOT,
        start_new_session=True,
    )
    try:
        out, err = process.communicate(timeout=seconds)
    except subprocess.TimeoutExpired:
        os.killpg(process.pid, signal.SIGKILL)
        out, err = process.communicate()
        raise AssertionError(f"not done in {seconds:.0f} s: {words}\n{out}{err}") from None
    return subprocess.CompletedProcess(process.args, process.returncode, out, err)
