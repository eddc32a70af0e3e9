"""The list for whoever treats the room: where a mirror on the wall would show a loudspeaker."""

from PyQt6.QtWidgets import QFrame, QGridLayout

from jolly_parlor.app.stations.base import card, clear
from jolly_parlor.app.widgets.fields import label
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.reflections import (
    EARLY_DB,
    EARLY_SECONDS,
    SMALL_ROOMS,
    behind_head,
    reflection_points,
)
from jolly_parlor.units import with_minus

_SHOWN = 16


class HandoverCard:
    """Of the arrangement shown at the seat looked at. `frame` is the widget."""

    def __init__(self, session: Workbench) -> None:
        self.session = session
        self.frame: QFrame
        self.frame, layout = card()
        layout.addWidget(label("For whoever treats the room", "head"))
        self.words = label("", wrap=True)
        self.words.setObjectName("handover-words")
        layout.addWidget(self.words)
        self.rows = QGridLayout()
        self.rows.setHorizontalSpacing(14)
        self.rows.setVerticalSpacing(1)
        self.rows.setColumnStretch(5, 1)
        layout.addLayout(self.rows)
        layout.addWidget(label(SMALL_ROOMS, "soft", wrap=True))

    def refresh(self) -> None:
        """The list, loudest first; nothing where the arrangement cannot stand."""
        clear(self.rows)
        document, a = self.session.document, self.session.arrangement
        able = a is not None and not self.session.problem
        self.frame.setVisible(able)
        if a is None or not able:
            return
        asked = document.room, document.gear, a, self.session.seat
        points, units = reflection_points(*asked), self.session.settings.values.units
        loud = sum(point.exceeds for point in points)
        met = dict.fromkeys(b.surface for b in behind_head(*asked))
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
                point.loudspeaker,
                point.surface,
                with_minus(f"{point.level_db:.0f} dB"),
                f"{1000 * point.delay_seconds:.1f} ms",
                point.tape(document.room, units),
            )
            for column, words in enumerate(cells):
                self.rows.addWidget(label(words, role), row, column)
