"""The last net: what is no refusal is a defect. It is written down whole and told in a sentence.

The log lies under the user's state folder; one that has grown is put aside, and the last of these
is kept.
"""

import faulthandler
import logging
import sys
from contextlib import closing
from logging.handlers import RotatingFileHandler
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


class _Log(RotatingFileHandler):
    """A log that says where it cannot be written."""

    def handleError(self, record: logging.LogRecord) -> None:
        raise


def _write(error: BaseException, doing: str, where: Path) -> None:
    where.parent.mkdir(parents=True, exist_ok=True)
    with closing(_Log(where, "a", _MOST_BYTES, 1, "utf-8", errors="backslashreplace")) as log:
        log.setFormatter(logging.Formatter("%(asctime)s %(message)s"))
        version = f"Jolly Parlor {__version__}, Python {sys.version.split()[0]}, {doing}"
        cause = (type(error), error, error.__traceback__)
        log.handle(logging.LogRecord("defect", logging.ERROR, "", 0, version, None, cause))
