"""What stands in the room: picked from a short list, then measured with a tape."""

from collections.abc import Callable
from dataclasses import replace
from functools import partial

from PyQt6.QtWidgets import QPushButton, QVBoxLayout

from jolly_parlor.acoustics.geometry.room import Room, Thing
from jolly_parlor.acoustics.geometry.usual_things import USUAL, usual_thing
from jolly_parlor.app import jobs
from jolly_parlor.app.questions import THINGS, Question
from jolly_parlor.app.stations.base import card, changed_item
from jolly_parlor.app.widgets.entries import add_words, label, on_click
from jolly_parlor.app.widgets.flow_row import FlowRow
from jolly_parlor.app.widgets.kept import Kept
from jolly_parlor.app.widgets.steady import ChoiceBox
from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.thing_effects import ThingEffect
from jolly_parlor.units import format_length
from jolly_parlor.words import spoken, tr

_SIZES = (
    ("x", tr("from left")),
    ("y", tr("from front")),
    ("z", tr("above floor")),
    ("width", "wide"),
    ("depth", "deep"),
    ("height", "high"),
)
_WORDS = tr(
    "None yet. A wardrobe, a bookcase, a bed or a sofa changes what is "
    "heard below 300 Hz; solid things most. Forecast, maps and search "
    "know what you add here."
)


class ThingsCard:
    """One row for each thing."""

    def __init__(
        self, session: Workbench, change: Callable[[str, Callable[[Room], Room]], bool]
    ) -> None:
        self._session, self._change = session, change
        self._told: dict[tuple[Room, str], str] = {}
        self.frame, layout = card()
        row = FlowRow()
        row.addWidget(label(tr("What stands in the room"), "head"))
        row.addStretch(1)
        self.pick = ChoiceBox()
        self.pick.setObjectName("thing-kind")
        self.pick.setAccessibleName(tr("thing to add"))
        add_words(self.pick, list(USUAL))
        row.addWidget(self.pick)
        self.add = QPushButton(tr("Add it"))
        self.add.setObjectName("add-thing")
        on_click(self.add, self._add)
        row.addWidget(self.add)
        self.weigh = QPushButton(tr("What does each do?"))
        self.weigh.setObjectName("weigh-things")
        self.weigh.setToolTip(
            tr("The forecast at the seat, without each in turn; some ten seconds each.")
        )
        on_click(self.weigh, self._weigh)
        row.addWidget(self.weigh)
        layout.addLayout(row)
        rows = QVBoxLayout()
        rows.setSpacing(2)
        layout.addLayout(rows)
        self.rows = Kept(rows, session.home)

    def refresh(self) -> None:
        things = self._session.document.room.things
        self.weigh.setEnabled(bool(things) and self._session.arrangement is not None)
        self.weigh.setVisible(bool(things))
        kinds = [(spoken(kind), kind) for kind in ("solid", "soft")]
        with self.rows as kept:
            if not things:
                kept.words(_WORDS, wrap=True)
            for index, thing in enumerate(things):
                called, put = f"thing {index + 1}", partial(self._set, index)
                told = self._told.get((self._session.document.room, thing.name), "")
                words = "; ".join(part for part in (self._size_words(thing), told) if part)
                with (
                    kept.fold(called, thing.name, words) as fold,
                    fold.grid("fields", rest=8) as grid,
                ):
                    do = partial(put, "kind")
                    kind = grid.choice(f"{called} kind", kinds, thing.kind, do, 0, 0)
                    kind.setAccessibleName(tr("kind of {name}", name=thing.name))
                    for column, (name, title) in enumerate(_SIZES, start=1):
                        value, do = getattr(thing, name), partial(put, name)
                        grid.length(f"{called} {name}", value, do, 0, column, most=78)
                        grid.words(title, 1, column)
                    gone, at = partial(self._remove, index), len(_SIZES) + 1
                    remove = grid.button(tr("Remove"), f"remove {called}", gone, 0, at)
                    remove.setAccessibleName(tr("remove {name}", name=thing.name))

    def _size_words(self, thing: Thing) -> str:
        units = self._session.settings.values.units
        sizes = (format_length(size, units) for size in (thing.width, thing.depth, thing.height))
        return f"{spoken(thing.kind)}, {' × '.join(sizes)}"

    def _weigh(self) -> None:
        session = self._session
        document, a = session.believed, session.arrangement
        if a is None or session.problem:
            session.refused.emit(
                tr("Line up something that can stand first: it is judged at its seat.")
            )
            return
        self.weigh.setText(tr("Weighing …"))
        job = partial(jobs.things, session.listening_to(a))
        answered = partial(self._take, session.document.room)
        session.slow.ask(
            Question(THINGS, document.room, document.gear, job, answered, self._cannot)
        )

    def _take(self, room: Room, found: list[ThingEffect]) -> None:
        self._told = {(room, effect.name): effect.words for effect in found}
        self.weigh.setText(tr("What does each do?"))
        self.refresh()

    def _cannot(self, why: str) -> None:
        self.weigh.setText(tr("What does each do?"))
        self._session.refused.emit(why)

    def _add(self) -> None:
        name = self.pick.currentData()
        if self._change(
            tr("Add {name}", name=name),
            lambda room: replace(room, things=(*room.things, usual_thing(room, name))),
        ):
            self.rows.open(f"thing {len(self._session.document.room.things)}")

    def _set(self, index: int, name: str, value: object) -> None:
        if not self._change(
            tr("Set {name} of a thing", name=name), changed_item("things", index, name, value)
        ):
            self.refresh()

    def _remove(self, index: int) -> None:
        self._change(
            tr("Remove a thing"),
            lambda room: replace(
                room, things=tuple(t for n, t in enumerate(room.things) if n != index)
            ),
        )
