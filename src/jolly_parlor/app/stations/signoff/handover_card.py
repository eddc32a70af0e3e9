"""The list for whoever treats the room: reflection points on list, plan and elevations, what
remains and where it gathers, how long it rings.
"""

from PyQt6.QtWidgets import QFrame, QVBoxLayout

from jolly_parlor.analysis.handover import NOT_MEASURED
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.stations.signoff.elevation_view import ElevationView
from jolly_parlor.app.stations.signoff.signoff_answers import Signed
from jolly_parlor.app.widgets.entries import Choice, label
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.kept import Kept
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.placement.reflections import (
    EARLY_DB,
    EARLY_SECONDS,
    SMALL_ROOMS,
    ReflectionPoint,
    behind_head,
    reflection_points,
)
from jolly_parlor.units import with_minus
from jolly_parlor.words import tr

_SHOWN = 40
_WIDE_MM = 125  # so that its lettering reads on the page
_SIDES = [
    ("front", tr("Front")),
    ("right", tr("Right")),
    ("back", tr("Back")),
    ("left", tr("Left")),
]


class HandoverCard:
    """Of the arrangement shown at the seat looked at. `frames` are the widgets, in order."""

    def __init__(self, signed: Signed) -> None:
        self._signed, self.session = signed, signed.session
        self.side = "front"
        self.frame: QFrame
        self.frame, layout = card()
        layout.addWidget(label(tr("For whoever treats the room"), "head"))
        self.words = label("", wrap=True)
        self.words.setObjectName("handover-words")
        layout.addWidget(self.words)
        grid = WrappedGrid()
        grid.setHorizontalSpacing(14)
        grid.setVerticalSpacing(1)
        grid.setColumnStretch(6, 1)
        layout.addLayout(grid)
        self.rows = Kept(grid, self.session.home)
        layout.addWidget(label(SMALL_ROOMS, "soft", wrap=True))
        self.drawn: QFrame
        self.drawn, layout = card()
        row = FlowRow()
        row.addWidget(label(tr("Elevations"), "head"))
        self.sides = Choice(_SIDES, "elevation-side")
        self.sides.chosen.connect(self._turn)
        row.addWidget(self.sides)
        row.addStretch(1)
        layout.addLayout(row)
        self.elevation = ElevationView()
        layout.addWidget(self.elevation)
        self.left: QFrame
        self.left, layout = card()
        layout.addWidget(label(tr("What remains, in order of harm"), "head"))
        lines = QVBoxLayout()
        layout.addLayout(lines)
        self.remains = Kept(lines, self.session.home)
        self.ringing = label("", "soft", wrap=True)
        self.ringing.setObjectName("handover-decay")
        layout.addWidget(self.ringing)
        self.frames = (self.frame, self.drawn, self.left)

    def points(self) -> list[ReflectionPoint]:
        """Those of the arrangement shown, loudest first; none where it cannot stand."""
        document, a = self.session.document, self.session.arrangement
        if a is None or self.session.problem:
            return []
        return reflection_points(document.setup(a), self.session.seat)

    def refresh(self) -> None:
        """The list, loudest first; nothing where the arrangement cannot stand."""
        points = self.points()
        for frame in self.frames:
            frame.setVisible(bool(points))
        if points:
            self._list(points)
            self._draw(points)
            self._tell()
        else:
            self.rows.empty()

    def _list(self, points: list[ReflectionPoint]) -> None:
        document, a = self.session.document, self.session.arrangement
        assert a is not None
        loud = sum(point.exceeds for point in points)
        behind = behind_head(document.setup(a), self.session.seat)
        met = dict.fromkeys(b.surface for b in behind)
        through = (
            tr(" The lines through the head meet the {met}.", met=tr(" and the ").join(met))
            if met
            else ""
        )
        self.words.setText(
            tr(
                "First reflections at the {seat}: {loud} of {points} come within "
                "{early_seconds:.0f} ms above {with_minus} dB of the direct sound, "
                "which listening rooms should avoid (ITU-R BS.1116-3). Hold a "
                "mirror there: from the seat you see the loudspeaker.{through}",
                seat=self.session.seat,
                loud=loud,
                points=len(points),
                early_seconds=1000 * EARLY_SECONDS,
                with_minus=with_minus(f"{EARLY_DB:.0f}"),
                through=through,
            )
        )
        with self.rows as kept:
            for row, point in enumerate(points[:_SHOWN]):
                self._point(kept, row, point)

    def _point(self, kept: Kept, row: int, point: ReflectionPoint) -> None:
        room, units = self.session.document.room, self.session.settings.values.units
        role = "strong" if point.exceeds else "soft"
        cells = (
            str(row + 1),
            point.loudspeaker,
            point.surface,
            with_minus(tr("{level_db:.0f} dB", level_db=point.level_db)),
            tr("{delay_seconds:.1f} ms", delay_seconds=1000 * point.delay_seconds),
            point.tape(room, units),
        )
        for column, words in enumerate(cells):
            kept.words(words, row, column, role=role)

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
        told = tr("reflections {here}", here=", ".join(here)) if here else tr("no reflection")
        self.elevation.show_svg(
            svg[svg.index("<svg") :], tr("{side} side, {told}", side=side, told=told)
        )

    def _tell(self) -> None:
        found = self._signed.found
        with self.remains as kept:
            if found is None:
                kept.words(self._signed.why or tr("Working it out …"))
                self.ringing.setText("")
                return
            handed = found.handed
            if not handed.measured:
                kept.words(NOT_MEASURED, role="warning", wrap=True)
            for one in handed.remains:
                kept.words(one.finding.headline, role="strong", wrap=True)
                if one.gathers_words:
                    kept.words(one.gathers_words, wrap=True)
            if not handed.remains:
                kept.words(tr("Nothing of 3 dB or more."), role="")
        bands = [d.words for d in handed.decays if d.seconds is not None]
        listed = tr(" By third of an octave: {bands}.", bands="; ".join(bands)) if bands else ""
        self.ringing.setText(handed.decay_words + listed)
