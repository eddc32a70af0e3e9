"""Pictures of each main view of the demo, 1280 by 800, made without a screen."""

import os
import tempfile
from collections.abc import Callable
from pathlib import Path

from PyQt6.QtCore import QEventLoop, QTimer

from jolly_parlor.app.commands import DEMO
from jolly_parlor.project.blank import blank_document
from jolly_parlor.project.files import open_document

_PATIENCE_MS = 60_000


def take_all(folder: Path) -> list[Path]:
    """Render every main view into a folder; the files made."""
    if not os.environ.get("DISPLAY") and not os.environ.get("WAYLAND_DISPLAY"):
        os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    from jolly_parlor.app import theme
    from jolly_parlor.app.session import Highlight
    from jolly_parlor.app.settings import SettingsStore
    from jolly_parlor.app.start import application
    from jolly_parlor.app.window import MainWindow

    app = application()
    theme.apply(app, theme.DAY)
    try:
        folder.mkdir(parents=True, exist_ok=True)
    except OSError as error:
        raise ValueError(f"{folder} cannot be written: {error.strerror}.") from None
    made: list[Path] = []
    with tempfile.TemporaryDirectory() as scratch:
        settings = SettingsStore(Path(scratch) / "settings.json")
        window = MainWindow(open_document(DEMO), DEMO, settings, Path(scratch) / "u.parlor")
        window.resize(1280, 800)
        window.show()

        def picture(name: str, prepare: Callable[[], None]) -> None:
            prepare()
            _settle(window)
            path = folder / f"{name}.png"
            if not window.grab().save(str(path)):
                raise ValueError(f"{path} could not be written.")
            made.append(path)

        def forecast() -> None:
            window.go(3)
            _settle(window)
            finding = (window.session.findings or [None])[0]
            if finding is not None and finding.causes:
                mark = finding.causes[0].mark
                window.session.point_at(Highlight(mark.lane, mark))

        def measured() -> None:
            window.session.point_at(Highlight())
            window.session.show_arrangement("Thirty-eight")
            window.session.show_combination("both+sub")
            window.session.show_layer("measured")

        def evening() -> None:
            window.session.show_layer("forecast")
            window.session.show_combination("both")
            window.toggle_theme()
            forecast()

        def empty() -> None:
            window.toggle_theme()
            window.session.load(blank_document(), None)
            window.go(2)

        picture("forecast", forecast)
        picture("forecast-measured", measured)
        for index, name in (
            (0, "survey"),
            (1, "gear"),
            (2, "line-up"),
            (4, "takes"),
            (5, "compare"),
            (6, "sign-off"),
        ):
            picture(name, lambda at=index: window.go(at))
        picture("evening", evening)
        picture("empty", empty)
        window.session.history.saved()
        window.close()
    return made


def _settle(window: object) -> None:
    """Run the event loop until nothing is being worked out and all is painted."""
    loop = QEventLoop()
    waited = 0

    def look() -> None:
        nonlocal waited
        waited += 40
        if not window.session.calculating or waited > _PATIENCE_MS:  # type: ignore[attr-defined]
            timer.stop()
            QTimer.singleShot(80, loop.quit)

    timer = QTimer()
    timer.setInterval(40)
    timer.timeout.connect(look)
    timer.start()
    loop.exec()
