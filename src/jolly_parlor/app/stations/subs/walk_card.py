"""The card that walks a subwoofer round the floor: places as forecast and measured, ranked."""

from functools import partial

from PyQt6.QtWidgets import QFrame, QPushButton

from jolly_parlor.analysis.floor_walk import FloorWalk, Walked
from jolly_parlor.app import jobs
from jolly_parlor.app.measuring_desk import MeasuringDesk
from jolly_parlor.app.plots.place_strip import PlaceStrip
from jolly_parlor.app.questions import FLOOR_WALK
from jolly_parlor.app.stations.asked import Asked
from jolly_parlor.app.stations.base import card
from jolly_parlor.app.widgets.entries import choice_field, label, on_click, tip
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.kept import Align, Kept
from jolly_parlor.app.widgets.wrapped_check import WrappedCheckBox
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.floor_places import HERE, FloorPlace
from jolly_parlor.placement.items import loudspeaker
from jolly_parlor.project.edits import replace_arrangement
from jolly_parlor.words import tr

_ASK = tr("The sub at each corner and wall, by forecast, and beside it what you measure there.")
_SWAP = tr("sub on the seat, microphone walks")
_HEADS = (
    "",
    tr("from left, front"),
    tr("20 to 120 Hz, alone"),
    "forecast",
    "measured",
    tr("with the pair"),
)


class WalkCard:
    """Of the arrangement shown. `frame` is the widget; hidden without a subwoofer."""

    def __init__(self, session: Workbench, measure: MeasuringDesk) -> None:
        self.session, self._measure = session, measure
        self._asked: Asked[FloorWalk] = Asked(session, FLOOR_WALK, self._show)
        self._wanted = False
        self.frame: QFrame
        self.frame, layout = card()
        head = FlowRow()
        head.addWidget(label(tr("Walk it round"), "head"))
        self.which = choice_field(tr("walk sub"), ())
        self.seat = choice_field(tr("walk seat"), ())
        for choice in (self.which, self.seat):
            choice.activated.connect(self._again)
            head.addWidget(choice)
        head.addStretch(1)
        self.swap = WrappedCheckBox(_SWAP)
        self.swap.setObjectName("walk-swapped")
        self.swap.setChecked(True)
        self.swap.setToolTip(
            tr(
                "Loudspeaker and microphone may change places (reciprocity): one "
                "stand to move instead of a subwoofer. It is heard from ahead of its "
                "front, so put it on the chair with its front a hand's length short "
                "of your head's place; the microphone goes as far ahead of where the "
                "front would be, as high as the middle of the sub."
            )
        )
        head.addWidget(self.swap)
        self.ask = QPushButton(tr("Show the places"))
        self.ask.setObjectName("walk-round")
        on_click(self.ask, self._ask)
        head.addWidget(self.ask)
        layout.addLayout(head)
        self.words = label(_ASK, "soft", wrap=True)
        self.words.setObjectName("walk-words")
        layout.addWidget(self.words)
        grid = WrappedGrid()
        grid.setHorizontalSpacing(9)
        grid.setVerticalSpacing(3)
        layout.addLayout(grid)
        self.rows = Kept(grid, session.home)

    def refresh(self) -> None:
        """What was found for other places or takes is worked out anew."""
        a, gear = self.session.arrangement, self.session.document.gear
        self.frame.setVisible(a is not None and bool(gear.subwoofers))
        for choice, names in (
            (self.which, [one.id for one in gear.subwoofers]),
            (self.seat, [seat.name for seat in gear.seats]),
        ):
            if [choice.itemText(n) for n in range(choice.count())] != names:
                choice.clear()
                choice.addItems(names)
            choice.setVisible(len(names) > 1)
        self._asked.refresh()
        if self._wanted and self._asked.found is None and self.frame.isVisibleTo(None):
            self._ask()
        self._show()

    def _ask(self) -> None:
        sub, seat = self.which.currentText(), self.seat.currentText()
        if not sub:
            return
        self._wanted = True
        self._asked.ask(
            self.ask, lambda d, name, models: jobs.floor_walk(d, name, sub, seat, models)
        )

    def _again(self) -> None:
        self._asked.found = None
        if self._wanted:
            self._ask()
        self._show()

    def _show(self) -> None:
        found = self._asked.found
        if found is None:
            self.words.setText(_ASK)
            self.rows.empty()
            return
        self.words.setText(" ".join(found.words))
        with self.rows as kept:
            for column, title in enumerate(_HEADS):
                kept.words(title, 0, column)
            for line, row in enumerate(found.rows, start=1):
                self._row(kept, line, row)

    def _row(self, kept: Kept, line: int, row: Walked) -> None:
        units, room = self.session.settings.values.units, self.session.document.room
        called = row.place.name
        name = kept.words(called, line, 0, role="strong", align=Align.AlignVCenter)
        name.setToolTip(tip(row.place.tape(room, units)))
        kept.words(row.place.figures(room, units), line, 1, align=Align.AlignVCenter)
        strip = kept.put(f"strip {line}", partial(PlaceStrip, called, row.curve), line, 2)
        strip.show_curve(called, row.curve)
        measured = row.measured_db
        for column, figure in enumerate((row.forecast_db, measured, row.together_db), start=3):
            told = "–" if figure is None else tr("{db:.1f} dB", db=figure)
            kept.words(told, line, column, role="", align=Align.AlignVCenter)
        again = tr("Measure") if measured is None else tr("Measure again")
        go = f"walk-measure-{called}"
        kept.button(again, go, partial(self._take, row.place), line, len(_HEADS), called=go)
        if called != HERE:
            stand = f"walk-stand-{called}"
            do = partial(self._stand, row.place)
            kept.button(tr("Stand it there"), stand, do, line, len(_HEADS) + 1)

    def _take(self, place: FloorPlace) -> None:
        sub, seat = self.which.currentText(), self.seat.currentText()
        units = self.session.settings.values.units
        where = place.tape(self.session.document.room, units)
        swapped = self.swap.isChecked()
        what = tr("microphone {where}", where=where) if swapped else f"{sub} {where}"
        self.words.setText(tr("Playing and listening: {what} …", what=what))
        self._measure.try_place(sub, seat, place, swapped)

    def _stand(self, place: FloorPlace) -> None:
        a = self.session.arrangement
        if a is not None:
            moved = a.moved(loudspeaker(self.which.currentText()), place.at)
            what = tr(
                "Stand {currenttext}: {name}", currenttext=self.which.currentText(), name=place.name
            )
            self.session.do(what, lambda d: replace_arrangement(d, moved))
