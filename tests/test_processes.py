"""A command that does not end is ended, with what it started; it once held all tests up."""

import sys
import time

import pytest

from processes import ran


def test_a_command_past_its_time_goes_with_all_it_started() -> None:
    # The child goes at once; the grandchild keeps the pipe.
    child = "import subprocess, sys; subprocess.run([sys.executable, '-c', GRAND])"
    grand = repr("import time; time.sleep(60)")
    began = time.monotonic()
    with pytest.raises(AssertionError, match="not done in 2 s"):
        ran([sys.executable, "-c", child.replace("GRAND", grand)], seconds=2)
    assert time.monotonic() - began < 20
