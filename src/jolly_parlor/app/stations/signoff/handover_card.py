"""The list for whoever treats the room: reflection points on list, plan and elevations, what
remains and where it gathers, how long it rings.
"""

from PyQt6.QtWidgets import QFrame, QGridLayout, QHBoxLayout, QVBoxLayout

from jolly_parlor.app.stations.base import card, clear
from jolly_parlor.app.stations.signoff.elevation_view import ElevationView
from jolly_parlor.app.stations.signoff.signed import Signed
from jolly_parlor.app.widgets.fields import Choice, label
from jolly_parlor.placement.reflections import (
    EARLY_DB,
    EARLY_SECONDS,
    SMALL_ROOMS,
    ReflectionPoint,
    behind_head,
    reflection_points,
)
from jolly_parlor.project.handover import NOT_MEASURED
from jolly_parlor.units import with_minus

_SHOWN = 40
_WIDE_MM = 125  # so that its lettering reads on the page
_SIDES = [("front", "Front"), ("right", "Right"), ("back", "Back"), ("left", "Left")]


class HandoverCard:
    """Of the arrangement shown at the seat looked at. `frames` are the widgets, in order."""

    def __init__(self, signed: Signed) -> None:
        self._signed, self.session = signed, signed.session
        self.side = "front"
        self.frame: QFrame
        self.frame, layout = card()
        layout.addWidget(label("For whoever treats the room", "head"))
        self.words = label("", wrap=True)
        self.words.setObjectName("handover-words")
        layout.addWidget(self.words)
        self.rows = QGridLayout()
        self.rows.setHorizontalSpacing(14)
        self.rows.setVerticalSpacing(1)
        self.rows.setColumnStretch(6, 1)
        layout.addLayout(self.rows)
        layout.addWidget(label(SMALL_ROOMS, "soft", wrap=True))
        self.drawn: QFrame
        self.drawn, layout = card()
        row = QHBoxLayout()
        row.addWidget(label("Elevations", "head"))
        self.sides = Choice(_SIDES, "elevation-side")
        self.sides.chosen.connect(self._turn)
        row.addWidget(self.sides)
        row.addStretch(1)
        layout.addLayout(row)
        self.elevation = ElevationView()
        layout.addWidget(self.elevation)
        self.left: QFrame
        self.left, layout = card()
        layout.addWidget(label("What remains, in order of harm", "head"))
        self.remains = QVBoxLayout()
        layout.addLayout(self.remains)
        self.ringing = label("", "soft", wrap=True)
        self.ringing.setObjectName("handover-decay")
        layout.addWidget(self.ringing)
        self.frames = (self.frame, self.drawn, self.left)

    def points(self) -> list[ReflectionPoint]:
        """Those of the arrangement shown, loudest first; none where it cannot stand."""
        document, a = self.session.document, self.session.arrangement
        if a is None or self.session.problem:
            return []
        return reflection_points(document.room, document.gear, a, self.session.seat)

    def refresh(self) -> None:
        """The list, loudest first; nothing where the arrangement cannot stand."""
        clear(self.rows)
        points = self.points()
        for frame in self.frames:
            frame.setVisible(bool(points))
        if points:
            self._list(points)
            self._draw(points)
            self._tell()

    def _list(self, points: list[ReflectionPoint]) -> None:
        document, a = self.session.document, self.session.arrangement
        assert a is not None
        units = self.session.settings.values.units
        loud = sum(point.exceeds for point in points)
        behind = behind_head(document.room, document.gear, a, self.session.seat)
        met = dict.fromkeys(b.surface for b in behind)
        through = f" The lines through the head meet the {' and the '.join(met)}." if met else ""
        self.words.setText(
            f"First reflections at the {self.session.seat}: {loud} of {len(points)} come within "
            f"{1000 * EARLY_SECONDS:.0f} ms above {with_minus(f'{EARLY_DB:.0f}')} dB of the direct "
            f"sound, which listening rooms should avoid (ITU-R BS.1116-3). Hold a mirror there: "
            f"from the seat you see the loudspeaker.{through}"
        )
        for row, point in enumerate(points[:_SHOWN]):
            role = "strong" if point.exceeds else "soft"
            cells = (
                str(row + 1),
                point.loudspeaker,
                point.surface,
                with_minus(f"{point.level_db:.0f} dB"),
                f"{1000 * point.delay_seconds:.1f} ms",
                point.tape(document.room, units),
            )
            for column, words in enumerate(cells):
                self.rows.addWidget(label(words, role), row, column)

    def _turn(self, side: str) -> None:
        self.side = side
        self._draw(self.points())

    def _draw(self, points: list[ReflectionPoint]) -> None:
        # Imported here: what writes drawings is not needed to start.
        from reportlab.graphics import renderSVG
        from reportlab.lib.units import mm

        from jolly_parlor.report.elevation_drawing import SIDES, ScaledElevation
        from jolly_parlor.report.fonts import register

        document, a = self.session.document, self.session.arrangement
        if a is None or not points:
            return
        self.sides.show_value(self.side)
        register()
        units = self.session.settings.values.units
        side = next(s for s in SIDES if s == self.side)
        made = ScaledElevation(document.room, document.gear, a, side, _WIDE_MM * mm, points, units)
        svg = renderSVG.drawToString(made.drawing)
        here = [str(n) for n, p in enumerate(points, start=1) if p.side == side]
        told = f"reflections {', '.join(here)}" if here else "no reflection"
        self.elevation.show_svg(svg[svg.index("<svg") :], f"{side} side, {told}")

    def _tell(self) -> None:
        clear(self.remains)
        found = self._signed.found
        if found is None:
            self.remains.addWidget(label(self._signed.why or "Working it out …", "soft"))
            self.ringing.setText("")
            return
        handed = found.handed
        if not handed.measured:
            self.remains.addWidget(label(NOT_MEASURED, "warning", wrap=True))
        for one in handed.remains:
            self.remains.addWidget(label(one.finding.headline, "strong", wrap=True))
            if one.gathers_words:
                self.remains.addWidget(label(one.gathers_words, "soft", wrap=True))
        if not handed.remains:
            self.remains.addWidget(label("Nothing of 3 dB or more."))
        bands = [d.words for d in handed.decays if d.seconds is not None]
        listed = f" By third of an octave: {'; '.join(bands)}." if bands else ""
        self.ringing.setText(handed.decay_words + listed)
