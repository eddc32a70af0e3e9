"""What the pointer rests on stays where it is while something above it grows or shrinks."""

from collections.abc import Callable

from PyQt6 import sip
from PyQt6.QtCore import QEvent, QObject, QPoint, QRect, QTimer
from PyQt6.QtGui import QCursor
from PyQt6.QtWidgets import QScrollArea, QWidget


class StaysStill(QObject):
    """Of one scrolled page. After its layout has changed, the page is scrolled by as much as what
    is under the pointer has moved, as far as it can be scrolled.
    """

    def __init__(self, area: QScrollArea) -> None:
        super().__init__(area)
        self._area = area
        self._places: dict[QWidget, QRect] = {}
        self._scrolled = 0
        self._rests: tuple[QPoint, QWidget, int] | None = None
        """Where the pointer rests, on what, and at what height that was when it came to rest."""
        self._given = 0
        self._settled = QTimer(self)
        self._settled.setSingleShot(True)
        self._settled.timeout.connect(self._keep)
        page = area.widget()
        assert page is not None
        self._page = page
        page.installEventFilter(self)
        area.installEventFilter(self)

    @property
    def at_rest(self) -> bool:
        """Whether nothing is to be looked at again."""
        return not self._settled.isActive()

    def eventFilter(self, watched: QObject | None, event: QEvent | None) -> bool:
        if event is not None and event.type() in (
            QEvent.Type.LayoutRequest,
            QEvent.Type.Resize,
            QEvent.Type.Move,
            QEvent.Type.Show,
        ):
            self._settled.start(0)
        return False

    def _keep(self) -> None:
        bar = self._area.verticalScrollBar()
        if bar is None or not self._area.isVisible():
            self._places = {}
            return
        scrolled = bar.value() - self._scrolled
        at = QCursor.pos()
        # What moves to and fro while rows within rows are laid out is still the same thing.
        rests = None if scrolled or self._rests is None else self._rests
        if rests is None or rests[0] != at or _gone(rests[1]):
            pointed = self._pointed(at, scrolled)
            rests = None if pointed is None else (at, pointed[0], pointed[1].y())
        self._rests = rests
        if rests is not None:
            moved = rests[1].mapToGlobal(QPoint(0, 0)).y() - rests[2]
            if moved:
                self._give_way(-(bar.value() + moved))
                bar.setValue(bar.value() + moved)
        else:
            self._give_way(-self._given)
        self._places, self._scrolled = self._now(), bar.value()

    def _give_way(self, pixels: int) -> None:
        """Room above the page, where it cannot be scrolled back as far as what is above it shrank;
        taken away again when it grows or the pointer rests elsewhere.
        """
        layout = self._page.layout()
        given = max(self._given + pixels, 0)
        if layout is not None and given != self._given and (pixels > 0 or self._given):
            margins = layout.contentsMargins()
            margins.setTop(margins.top() + given - self._given)
            layout.setContentsMargins(margins)
            self._given = given

    def _pointed(self, at: QPoint, scrolled: int) -> tuple[QWidget, QRect] | None:
        """What was under the pointer before, the innermost of it, and where it would be now."""
        view = self._area.viewport()
        assert view is not None
        if not view.rect().contains(view.mapFromGlobal(at)):
            return None
        found = [
            (widget, place.translated(0, -scrolled))
            for widget, place in self._places.items()
            if not _gone(widget)
        ]
        within = [one for one in found if one[1].contains(at)]
        return min(within, key=lambda one: one[1].width() * one[1].height(), default=None)

    def _now(self) -> dict[QWidget, QRect]:
        every = self._page.findChildren(QWidget)
        return {
            one: QRect(one.mapToGlobal(QPoint(0, 0)), one.size())
            for one in every
            if one.isVisible()
        }


def _gone(widget: QWidget) -> bool:
    return sip.isdeleted(widget) or not widget.isVisible()


class WhenLeft(QObject):
    """Calls when the pointer leaves a widget: what waited for that may be done then."""

    def __init__(self, widget: QWidget, do: Callable[[], object]) -> None:
        super().__init__(widget)
        self._do = do
        widget.installEventFilter(self)

    def eventFilter(self, watched: QObject | None, event: QEvent | None) -> bool:
        if event is not None and event.type() == QEvent.Type.Leave:
            QTimer.singleShot(0, self._do)
        return False


def pointed_at(widget: QWidget) -> bool:
    """Whether the pointer is over it; asked of the pointer, since a widget that came under a
    resting one has not been told.
    """
    return widget.isVisible() and widget.rect().contains(widget.mapFromGlobal(QCursor.pos()))


def held(keys: list[str], before: list[str], hold: bool) -> list[str]:
    """The keys in their order; hold: those that were there before keep theirs, new ones last."""
    if not hold:
        return keys
    kept = [key for key in before if key in keys]
    return [*kept, *(key for key in keys if key not in kept)]
