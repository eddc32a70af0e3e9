"""Zone strips under the plan: where it is calm for the selected thing, before any lifting."""

from __future__ import annotations

from typing import TYPE_CHECKING

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, QSize, Qt
from PyQt6.QtGui import QMouseEvent, QPainter, QPaintEvent, QPen, QPolygonF
from PyQt6.QtWidgets import QSizePolicy, QWidget

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.app import theme
from jolly_parlor.app.plan.painted_once import KeptPicture
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.items import DESK, LEFT
from jolly_parlor.units import format_length
from jolly_parlor.words import spoken, tr

if TYPE_CHECKING:
    from jolly_parlor.placement.strips import Strip

_WORDS = {"x": "left", "y": "front", "z": "height"}
_GAP = 14.0


def _top() -> float:
    return 18.0 * theme.scale()


def _bottom() -> float:
    return 17.0 * theme.scale()


_ALONG = {"x": tr("from the left wall"), "y": tr("from the front wall"), "z": "height"}


class ZoneStrips(QWidget):
    """One strip a dimension of the selected item; high and ochre is rough, low and teal is calm."""

    is_picture = True

    def __init__(self, session: Workbench) -> None:
        super().__init__()
        self.session = session
        self.setObjectName("strips")
        self.setAccessibleName(tr("Zone strips"))
        self.setSizePolicy(QSizePolicy.Policy.Preferred, QSizePolicy.Policy.Fixed)
        self.setToolTip(
            tr(
                "How even it would be with the selected thing slid along: distance "
                "from the front wall, from the left wall, height. Low and teal is "
                "calm, high and ochre rough. Click to move it."
            )
        )
        self._picture = KeptPicture()
        session.neighbourhood.changed.connect(self._tell)
        for signal in (
            session.neighbourhood.changed,
            session.view_changed,
            session.document_changed,
            session.drafted,
        ):
            signal.connect(self.update)

    def figures(self) -> list[list[object]]:
        """Each strip, place by place."""
        rows: list[list[object]] = [["along", "metres", tr("dB from even")]]
        for strip in self.session.neighbourhood.strips:
            for at, figure in zip(strip.metres.tolist(), strip.figures_db.tolist(), strict=True):
                told = "" if figure != figure else f"{figure:.2f}"
                rows.append([_ALONG[strip.axis], f"{at:.3f}", told])
        return rows if len(rows) > 1 else []

    def _tell(self) -> None:
        units = self.session.settings.values.units
        frame = self.session.document.room.frame

        def length(metres: float, axis: str) -> str:
            return format_length(metres - frame.origin[axis], units)

        told = [
            tr(
                "{along}: calmest at {length}, now {length2}.",
                along=_ALONG[s.axis],
                length=length(s.calmest, s.axis),
                length2=length(s.now, s.axis),
            )
            for s in self.session.neighbourhood.strips
            if not np.all(np.isnan(s.figures_db))
        ]
        if told:
            of = tr(
                "{mix} at the {seat}, {basis}.",
                mix=spoken(self.session.mix.name),
                seat=self.session.seat,
                basis=self.session.forecast_words,
            )
            told.insert(0, of)
        self.setAccessibleDescription(" ".join(told) or tr("No strips."))

    def sizeHint(self) -> QSize:
        return QSize(200, round(49 + _top() + _bottom()))

    def strip_rects(self) -> list[tuple[Strip, QRectF]]:
        """Where each strip is drawn."""
        strips = self.session.neighbourhood.strips
        if not strips:
            return []
        width = (self.width() - _GAP * (len(strips) - 1) - 8) / len(strips)
        return [
            (s, QRectF(4 + i * (width + _GAP), _top(), width, self.height() - _top() - _bottom()))
            for i, s in enumerate(strips)
        ]

    def paintEvent(self, event: QPaintEvent | None) -> None:
        """Profiles and ends, kept from one painting to the next; where the thing stands now."""
        rects, size, ratio = self.strip_rects(), self.size(), self.devicePixelRatioF()
        units = self.session.settings.values.units
        key = (self.session.neighbourhood.strips, size, ratio, theme.current(), units)
        if not self._picture.holds(key):
            with self._picture.begin(key, size, ratio) as p:
                self._profiles(p, rects)
        with QPainter(self) as p:
            p.drawPixmap(0, 0, self._picture.picture)
            if not rects:
                p.setFont(theme.sans(9))
                p.setPen(theme.current().colour("soft"))
                wrap = Qt.AlignmentFlag.AlignLeft | Qt.TextFlag.TextWordWrap
                why = self.session.neighbourhood.why_not
                p.drawText(QRectF(self.rect()).adjusted(4, _top(), -4, 0), int(wrap), why)
            p.setRenderHint(QPainter.RenderHint.Antialiasing)
            a = self.session.arrangement
            if a is None or not _known(rects).size:
                return
            for strip, rect in rects:
                if strip.item == DESK:
                    self._mark(p, rect, strip, self._desk_now(strip), "wine")
                elif strip.item in a.items:
                    now = getattr(a.position(strip.item), strip.axis)
                    self._mark(p, rect, strip, now, "wine")
                    self._zone(p, rect, strip)

    def _desk_now(self, strip: Strip) -> float:
        a, desk = self.session.arrangement, self.session.document.gear.desk
        if a is None or a.desk is None or desk is None:
            return strip.now
        return desk.height if strip.axis == "z" else a.desk.y

    def _zone(self, p: QPainter, rect: QRectF, strip: Strip) -> None:
        """A bracket over the calm zone the voice found, while the walk is looked at."""
        room = self.session.document.room
        zone = room.calm_zone
        if self.session.heard_on_plan != "zone" or zone is None or not strip.item.of_pair:
            return
        frame, left = room.frame, strip.item == LEFT
        if strip.axis == "y":
            low, high = frame.front + zone.front_near, frame.front + zone.front_far
        elif strip.axis == "x":
            sides = zone.side_near, zone.side_far
            low, high = (frame.left + s if left else frame.right - s for s in sides)
        else:
            return
        first, last = float(strip.metres[0]), float(strip.metres[-1])
        ends = [(min(max(at, first), last) - first) / (last - first) for at in (low, high)]
        xs = sorted(rect.left() + share * rect.width() for share in ends)
        p.setPen(QPen(theme.current().colour("ink"), 2))
        for x in xs:
            p.drawLine(QPointF(x, rect.top() - 3), QPointF(x, rect.top() + 4))
        p.drawLine(QPointF(xs[0], rect.top() - 3), QPointF(xs[1], rect.top() - 3))

    def _profiles(self, p: QPainter, rects: list[tuple[Strip, QRectF]]) -> None:
        known = _known(rects)
        if known.size:
            low, high = float(known.min()), float(known.max())
            for strip, rect in rects:
                self._draw(p, strip, rect, low, max(high, low + 1.0))

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        """Move the item to the place pointed at, as one undoable step."""
        assert event is not None
        for strip, rect in self.strip_rects():
            if rect.adjusted(0, -_top(), 0, _bottom()).contains(event.position()):
                share = min(max((event.position().x() - rect.left()) / rect.width(), 0.0), 1.0)
                to = strip.metres[0] + share * (strip.metres[-1] - strip.metres[0])
                self.session.slide(strip.item, strip.axis, float(round(to, 2)))
                return

    def _draw(self, p: QPainter, strip: Strip, rect: QRectF, low: float, high: float) -> None:
        t = theme.current()
        p.fillRect(rect, t.colour("sheet"))
        step = rect.width() / strip.metres.size
        for index, figure in enumerate(strip.figures_db):
            if np.isnan(figure):
                continue
            share = (float(figure) - low) / (high - low)
            tall = 3 + share * (rect.height() - 3)
            bar = QRectF(rect.left() + index * step, rect.bottom() - tall, step + 0.6, tall)
            p.fillRect(bar, theme.calm_to_rough(share))
        p.setPen(QPen(t.colour("rule"), 1))
        p.setBrush(Qt.BrushStyle.NoBrush)
        p.drawRect(rect)
        if np.any(np.isfinite(strip.figures_db)):
            self._mark(p, rect, strip, strip.calmest, "teal")
        units = self.session.settings.values.units
        start = self.session.document.room.frame.origin[strip.axis]
        p.setFont(theme.sans(8.5))
        p.setPen(t.colour("soft"))
        known = bool(np.any(np.isfinite(strip.figures_db)))
        near, far, calm = (
            format_length(metres - start, units)
            for metres in (strip.metres[0], strip.metres[-1], strip.calmest if known else start)
        )
        measure = p.fontMetrics().horizontalAdvance
        roomy = measure(spoken(_WORDS[strip.axis]) + tr(" calm {calm}", calm=calm)) < rect.width()
        top = QRectF(rect.left(), 0, rect.width(), _top() - 2)
        foot = QRectF(rect.left(), rect.bottom() + 2, rect.width(), _bottom() - 2)
        p.drawText(top, Qt.AlignmentFlag.AlignLeft, spoken(_WORDS[strip.axis]))
        if roomy or not known:
            p.drawText(foot, Qt.AlignmentFlag.AlignLeft, near)
        if roomy:
            p.drawText(foot, Qt.AlignmentFlag.AlignRight, far)
        if known:
            p.setPen(t.colour("teal"))
            # Narrow: the calmest place is told in place of both ends.
            p.drawText(
                top if roomy else foot,
                Qt.AlignmentFlag.AlignRight if roomy else Qt.AlignmentFlag.AlignLeft,
                tr("calm {calm}", calm=calm) if roomy else calm,
            )

    def _mark(self, p: QPainter, rect: QRectF, strip: Strip, at: float, colour: str) -> None:
        span = strip.metres[-1] - strip.metres[0]
        share = min(max((at - strip.metres[0]) / span, 0.0), 1.0)
        x = rect.left() + share * rect.width()
        pen = QPen(theme.current().colour(colour), 2)
        p.setPen(pen)
        if colour == "wine":
            p.drawLine(QPointF(x, rect.top() - 2), QPointF(x, rect.bottom() + 2))
        else:
            p.setBrush(theme.current().colour("sheet"))
            tip = QPointF(x, rect.top() + 7)
            p.drawPolygon(QPolygonF([tip, tip + QPointF(-4, -7), tip + QPointF(4, -7)]))


def _known(rects: list[tuple[Strip, QRectF]]) -> FloatArray:
    """All figures of all strips that there are."""
    every = [strip.figures_db[np.isfinite(strip.figures_db)] for strip, _ in rects]
    return np.concatenate([np.zeros(0), *every])
