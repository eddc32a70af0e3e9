"""Things drawn in pixels over an area of a plot: shapes keep their size at any zoom."""

import pyqtgraph as pg
from PyQt6.QtCore import QRectF
from PyQt6.QtGui import QPainter, QPolygonF, QTransform
from PyQt6.QtWidgets import QStyleOptionGraphicsItem, QWidget

from jolly_parlor.acoustics.arrays import FloatArray


class PixelItem(pg.GraphicsObject):
    """Subclasses say in `draw` what is drawn, and call `update` when it changes.

    area: all that can be drawn, in the plot's own units. `still`: painted once and copied until
    it changes, which pays for what stands still while other things move.
    """

    def __init__(self, area: QRectF, still: bool = False) -> None:
        super().__init__()
        self.area = area
        if still:
            self.setCacheMode(pg.GraphicsObject.CacheMode.DeviceCoordinateCache)

    def draw(self, painter: QPainter, to_pixels: QTransform) -> None:
        """Draw in pixels; to_pixels takes the plot's units there."""
        raise NotImplementedError

    def boundingRect(self) -> QRectF:
        return self.area

    def paint(
        self,
        painter: QPainter | None,
        option: QStyleOptionGraphicsItem | None,
        widget: QWidget | None = None,
    ) -> None:
        assert painter is not None
        to_pixels = painter.worldTransform()
        painter.save()
        painter.resetTransform()
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        self.draw(painter, to_pixels)
        painter.restore()


def pixel_polygon(to_pixels: QTransform, x: FloatArray, y: FloatArray) -> QPolygonF:
    """Points of a plot as a polygon in pixels, in bulk. Axes never turn, so x and y stand apart."""
    made = pg.functions.create_qpolygonf(x.size)
    points = pg.functions.ndarray_from_qpolygonf(made)
    points[:, 0] = to_pixels.m11() * x + to_pixels.dx()
    points[:, 1] = to_pixels.m22() * y + to_pixels.dy()
    return made
