"""Running commands so that none outlives its test."""

import os
import signal
import subprocess
from collections.abc import Mapping, Sequence

from places import ROOT


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
