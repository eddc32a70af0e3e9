"""Who frees what was let go."""

import threading

from pytestqt.qtbot import QtBot


class _Noted:
    """Something in a circle, as widgets and their slots are; tells which thread frees it."""

    freed_by: list[threading.Thread] = []

    def __init__(self) -> None:
        self.itself = self

    def __del__(self) -> None:
        self.freed_by.append(threading.current_thread())


def test_a_thread_that_calculates_frees_nothing_of_the_window(qtbot: QtBot, qapp: object) -> None:
    _Noted.freed_by.clear()
    _Noted()
    circles: list[list[object]] = []

    def allocate() -> None:
        for _ in range(200_000):  # Python's thresholds are passed many times over
            circles.append([])

    thread = threading.Thread(target=allocate)
    thread.start()
    thread.join()
    assert _Noted.freed_by == []
    qtbot.waitUntil(lambda: _Noted.freed_by != [], timeout=30_000)
    assert _Noted.freed_by == [threading.main_thread()]
