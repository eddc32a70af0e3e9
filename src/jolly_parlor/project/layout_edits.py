"""Edits of the layout: which loudspeakers there are around the seat, and where they belong."""

from dataclasses import replace

from jolly_parlor.acoustics.fields.field_of_room import RoomField
from jolly_parlor.placement.around_seat import Settled, settled_around
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.layouts import PRESETS, Direction, Layout, LayoutId, preset_layout
from jolly_parlor.placement.loudspeakers import Loudspeaker, Model
from jolly_parlor.placement.setup import Setup
from jolly_parlor.placement.standing import must_stand
from jolly_parlor.project.checked_edit import EditRefused, done
from jolly_parlor.project.document import Document
from jolly_parlor.project.edits import replace_in
from jolly_parlor.project.gear_edits import set_gear
from jolly_parlor.words import tr

AROUND = Model(
    "around",
    tr("small two-way, for around the seat"),
    0.17,
    0.20,
    0.28,
    low_corner_hz=70.0,
    acoustic_centre_height=0.17,
)
"""What loudspeakers around the seat begin with (invented); it is changed in Gear."""


def choose_layout(document: Document, layout_id: LayoutId) -> Document:
    """Another layout: the loudspeakers it has and the gear lacks come, placed at their angles;
    those that only the layout before had go. `own` keeps all and their directions.
    """
    gear = document.gear
    if layout_id == "own":
        return _with_layout(document, replace(gear.layout, id="own"))
    wanted = PRESETS[layout_id].channels
    kept_ids = {channel.id for channel in wanted}
    before = {d.loudspeaker for d in gear.layout.directions}
    known = {one.id: one for one in gear.loudspeakers}
    stay = [one for one in gear.loudspeakers if one.id not in before - kept_ids]
    model = next((m for m in gear.models if m.id == AROUND.id), AROUND)
    new = [Loudspeaker(c.id, c.role, model.id) for c in wanted if c.id not in known]
    for channel in wanted:
        other = known.get(channel.id)
        if other is not None and other.role != channel.role:
            raise EditRefused(
                tr(
                    "“{id}” is a {role} already; rename it in Gear, then choose the layout.",
                    id=channel.id,
                    role=other.role,
                )
            )
    models = gear.models if not new or model in gear.models else (*gear.models, model)
    used = {one.model for one in (*stay, *new)}
    models = tuple(m for m in models if m.id in used or m.id != AROUND.id)
    changed = replace(
        gear,
        models=models,
        loudspeakers=(*stay, *new),
        layout=preset_layout(layout_id),
    )
    return set_gear(document, changed)


def set_direction(document: Document, direction: Direction) -> Document:
    """Where one loudspeaker belongs, and whether it may be moved; the layout becomes one's own
    where its angles change.
    """
    layout = document.gear.layout
    before = layout.of(direction.loudspeaker)
    rest = tuple(d for d in layout.directions if d.loudspeaker != direction.loudspeaker)
    place = [d.loudspeaker for d in layout.directions]
    every = [*rest]
    at = place.index(direction.loudspeaker) if direction.loudspeaker in place else len(every)
    every.insert(at, direction)
    same = before is not None and replace(before, movable=direction.movable) == direction
    named: LayoutId = layout.id if same else "own"
    return _with_layout(document, Layout(named, tuple(every)))


def without_direction(document: Document, loudspeaker: str) -> Document:
    """One loudspeaker taken out of the layout: it may come from anywhere."""
    rest = tuple(d for d in document.gear.layout.directions if d.loudspeaker != loudspeaker)
    return _with_layout(document, Layout("own" if rest else "stereo", rest))


def move_around(
    document: Document, name: str, field: RoomField | None = None
) -> tuple[Document, tuple[Settled, ...]]:
    """Those that may be moved put where each is most even within its angles; and what it brings.
    Raises EditRefused where the layout has none.
    """
    arrangement, gear = document.arrangement(name), document.gear
    if not any(d.movable for d in gear.layout.directions):
        raise EditRefused(
            tr(
                "There is nothing to move around the seat: choose a layout in "
                "Gear, and say which of its loudspeakers may be moved."
            )
        )
    must_stand(Setup(document.room, gear, arrangement))
    forecaster = Forecaster(document.room, gear, field).coarse()
    placed, told = settled_around(forecaster, arrangement, gear.seats[0].name)
    if not told:
        raise EditRefused(
            tr(
                "None of the loudspeakers around the seat fits within its angles: "
                "the walls are too near, or something stands there. Widen their "
                "angles in Gear, or move the seat."
            )
        )
    return move_to(document, name, placed, told), told


def move_to(
    document: Document, name: str, placed: Arrangement, told: tuple[Settled, ...]
) -> Document:
    """The same with what was found."""
    changed = replace_in(document, name, placed)
    words = "; ".join(
        tr(
            "{loudspeaker} {after_db:.1f} dB from even",
            loudspeaker=one.loudspeaker,
            after_db=one.after_db,
        )
        for one in told
    )
    return done(
        document,
        changed,
        "move",
        tr("“{name}”, around the seat: {words}.", name=name, words=words),
        placed,
    )


def _with_layout(document: Document, layout: Layout) -> Document:
    return set_gear(document, replace(document.gear, layout=layout))
