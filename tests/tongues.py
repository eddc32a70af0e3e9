"""Code run in another language. What is read is settled where the program is loaded, so each
language has a process of its own, which loads it once and runs each code in a fork of itself.
"""

import json
import os
import subprocess
import sys
from functools import cache

_SERVER = """
import io, json, os, sys, traceback
from contextlib import redirect_stdout
import jolly_parlor.cli.main, jolly_parlor.analysis.cases, jolly_parlor.studio.voxels
for line in sys.stdin:
    inside, outside = os.pipe()
    if os.fork() == 0:
        os.close(inside)
        said, failed = io.StringIO(), ""
        try:
            with redirect_stdout(said):
                exec(json.loads(line), {"__name__": "__main__"})
        except SystemExit as stop:
            failed = str(stop.code) if stop.code else ""
        except BaseException:
            failed = traceback.format_exc()
        with os.fdopen(outside, "w") as told:
            json.dump([said.getvalue(), failed], told)
        os._exit(0)
    os.close(outside)
    with os.fdopen(inside) as told:
        print(json.dumps(json.load(told)), flush=True)
    os.wait()
"""


def said(code: str, language: str) -> str:
    """What it prints, with that language set for it; fails where the code does."""
    server = _server(language)
    assert server.stdin is not None and server.stdout is not None
    server.stdin.write(json.dumps(code) + "\n")
    server.stdin.flush()
    printed, failed = json.loads(server.stdout.readline())
    assert not failed, failed
    return str(printed).strip()


@cache
def _server(language: str) -> "subprocess.Popen[str]":
    """Ends with the tests, as its input does."""
    environment = os.environ | {"JOLLY_PARLOR_LANGUAGE": language, "QT_QPA_PLATFORM": "offscreen"}
    words = [sys.executable, "-c", _SERVER]
    pipe = subprocess.PIPE
    return subprocess.Popen(words, stdin=pipe, stdout=pipe, text=True, env=environment)
