"""The shipped fonts, registered for paper."""

from functools import cache

from reportlab.pdfbase import pdfmetrics
from reportlab.pdfbase.ttfonts import TTFont

from jolly_parlor.assets import FONTS

SERIF, SERIF_ITALIC, SANS, SANS_BOLD = (
    "Fraunces-SemiBold",
    "Fraunces-Italic",
    "SourceSans3",
    "SourceSans3-SemiBold",
)
FILES = {
    SERIF: "Fraunces_600SemiBold.ttf",
    SERIF_ITALIC: "Fraunces_400Regular_Italic.ttf",
    SANS: "SourceSans3_400Regular.ttf",
    SANS_BOLD: "SourceSans3_600SemiBold.ttf",
}


@cache
def register() -> None:
    """Make the fonts known to the PDF writer; once a process."""
    for name, file in FILES.items():
        pdfmetrics.registerFont(TTFont(name, str(FONTS / file)))
