"""A PDF on the printer, seen before."""

from __future__ import annotations

from pathlib import Path

from PyQt6.QtCore import QBuffer, QByteArray, QIODevice, QSize, Qt
from PyQt6.QtGui import QPageSize, QPainter
from PyQt6.QtPdf import QPdfDocument
from PyQt6.QtPrintSupport import QPrinter, QPrintPreviewDialog
from PyQt6.QtWidgets import QWidget

from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

_DOTS_PER_INCH = 200
_SIZES = {"a4": QPageSize.PageSizeId.A4, "letter": QPageSize.PageSizeId.Letter}


class Printed:
    """Pages of a PDF, painted on a printer's."""

    def __init__(self, pdf: Path, paper: str) -> None:
        """Raises Refused where the pages cannot be read."""
        self._data = QByteArray(pdf.read_bytes())
        self._buffer = QBuffer(self._data)
        self._buffer.open(QIODevice.OpenModeFlag.ReadOnly)
        self.document = QPdfDocument(None)
        self.document.load(self._buffer)
        if self.document.status() != QPdfDocument.Status.Ready:
            raise Refused(
                tr("The pages could not be read to be printed; save them as PDF instead.")
            )
        self._paper = paper

    def printer(self) -> QPrinter:
        """One with that paper in it."""
        made = QPrinter(QPrinter.PrinterMode.HighResolution)
        made.setPageSize(QPageSize(_SIZES[self._paper]))
        made.setFullPage(True)
        return made

    def paint(self, printer: QPrinter) -> None:
        """Each page on one of the printer's, as large as fits."""
        painter = QPainter(printer)
        for number in range(self.document.pageCount()):
            if number:
                printer.newPage()
            inches = self.document.pagePointSize(number) / 72
            size = (inches * _DOTS_PER_INCH).toSize()
            image = self.document.render(number, QSize(size.width(), size.height()))
            target = painter.viewport()
            target.setSize(size.scaled(target.size(), Qt.AspectRatioMode.KeepAspectRatio))
            painter.drawImage(target, image)
        painter.end()

    def preview(self, parent: QWidget) -> None:
        """Show the pages; the dialog prints them."""
        printer = self.printer()
        dialog = QPrintPreviewDialog(printer, parent)
        dialog.setWindowTitle(tr("Before printing"))
        dialog.paintRequested.connect(self.paint)
        dialog.exec()
