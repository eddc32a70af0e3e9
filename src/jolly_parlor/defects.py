"""The last net: what is no refusal is a defect. It is written down whole and told in a sentence.

The log lies under the user's state folder and is cut back when it grows.
"""

import faulthandler
import sys
import traceback
from datetime import datetime
from pathlib import Path

from platformdirs import user_state_path

from jolly_parlor import __version__
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

_MOST_BYTES = 512 * 1024


def log_path() -> Path:
    """Where defects are written down."""
    return user_state_path("jolly-parlor") / "defects.log"


def sentence(error: BaseException, doing: str, path: Path | None = None) -> str:
    """Words for the user. A refusal speaks for itself; a defect is logged with its traceback and
    named as one.

    doing: what was under way, as in “while searching”. path: the log, the usual one by default.
    """
    if isinstance(error, Refused):
        return str(error)
    where = log_path() if path is None else path
    kind = type(error).__name__
    try:
        _write(error, doing, where)
    except OSError:
        return tr(
            "The program failed {doing} ({kind}); nothing you entered is lost.",
            doing=doing,
            kind=kind,
        )
    return tr(
        "The program failed {doing} ({kind}); nothing you entered is lost. "
        "{where} says more: please send it to the makers.",
        doing=doing,
        kind=kind,
        where=where,
    )


def crash_path() -> Path:
    """Where a crash that Python cannot catch is written down."""
    return user_state_path("jolly-parlor") / "crash.log"


def watch_for_crashes(path: Path | None = None) -> Path | None:
    """From now on a crash writes where every thread was; the log of the last crash, if the program
    had one since this was asked last.
    """
    where = crash_path() if path is None else path
    kept = where.with_name("crash-before.log")
    try:
        where.parent.mkdir(parents=True, exist_ok=True)
        crashed = where.exists() and where.stat().st_size > 0
        if crashed:
            where.replace(kept)
        faulthandler.enable(where.open("w", encoding="utf-8"))
    except OSError:
        return None
    return kept if crashed else None


def _write(error: BaseException, doing: str, where: Path) -> None:
    where.parent.mkdir(parents=True, exist_ok=True)
    old = where.read_bytes()[-_MOST_BYTES // 2 :] if where.exists() else b""
    if not old or where.stat().st_size < _MOST_BYTES:
        old = b""
    now = datetime.now().astimezone().isoformat(timespec="seconds")
    text = "".join(traceback.format_exception(error))
    entry = f"{now} Jolly Parlor {__version__}, Python {sys.version.split()[0]}, {doing}\n{text}\n"
    with where.open("wb" if old else "ab") as log:
        log.write(old + entry.encode("utf-8", "backslashreplace"))
