"""Edits: every change to a document, each a function from document to document.

An edit that cannot be done raises EditRefused with a sentence and changes nothing.
"""

from dataclasses import replace
from datetime import datetime

from jolly_parlor.acoustics.room import Point, Room
from jolly_parlor.acoustics.turning import turned
from jolly_parlor.placement.arrangement import Arrangement, desk_before, turned_arrangement
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.schools import School
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.project.document import (
    Document,
    HeadPoint,
    LedgerEntry,
    Measured,
    Take,
    TakeInfo,
    brought_inside,
    problems,
    room_problems,
)
from jolly_parlor.signals.reading import ReadResponse
from jolly_parlor.studio.device import Device
from jolly_parlor.studio.measuring import Measurement, Settings


class EditRefused(ValueError):
    """The change would make the document contradict itself; the message says how."""


def set_room(document: Document, room: Room) -> Document:
    """Replace the survey."""
    _refuse(room_problems(room))
    return _noted(replace(document, room=room), "survey", f"Survey of {room.name} changed.")


def turn_room(document: Document) -> Document:
    """Face the wall that was at the left: everything keeps its place in the real room."""
    room, gear = document.room, document.gear

    def seen(a: Arrangement) -> Arrangement:
        return turned_arrangement(room, gear, a)

    takes = tuple(
        Take(replace(t.info, placed=seen(t.info.placed)), t.response) for t in document.takes
    )
    changed = replace(
        document,
        room=turned(room),
        arrangements=tuple(seen(a) for a in document.arrangements),
        takes=takes,
    )
    return _noted(changed, "survey", "Turned to face the wall that was at the left.")


def set_wishes(document: Document, wishes: Wishes) -> Document:
    """What is asked of a search. Raises ValueError for wishes that contradict themselves."""
    if wrong := wishes.problem():
        raise ValueError(wrong)
    return replace(document, wishes=wishes)


def line_up(document: Document, arrangement: Arrangement, turns: int) -> Document:
    """Add an arrangement whose positions hold after turning the room so many times."""
    for _ in range(turns):
        document = turn_room(document)
    return add_arrangement(document, arrangement)


def set_gear(document: Document, gear: Gear) -> Document:
    """Replace the gear; places of new seats and subs are roughed in, those gone are dropped.

    Renaming one seat or one sub keeps its places and its takes.
    """
    old = document.gear
    seat_names = _renames([s.name for s in old.seats], [s.name for s in gear.seats])
    sub_names = _renames([s.name for s in old.subwoofers], [s.name for s in gear.subwoofers])
    arrangements = tuple(
        _fit_to_gear(document.room, old, gear, a, seat_names, sub_names)
        for a in document.arrangements
    )
    takes = tuple(
        _renamed_take(take, seat_names, sub_names)
        for take in document.takes
        if _still_there(take, gear, seat_names, sub_names)
    )
    changed = replace(document, gear=gear, arrangements=arrangements, takes=takes)
    _refuse(problems(changed))
    return _noted(changed, "gear", "Gear changed.")


def add_arrangement(document: Document, arrangement: Arrangement) -> Document:
    """Append an arrangement, its name made unique."""
    taken = {a.name for a in document.arrangements}
    name, number = arrangement.name, 2
    while name in taken:
        name, number = f"{arrangement.name[:55]} {number}", number + 1
    added = replace(arrangement, name=name)
    changed = replace(document, arrangements=(*document.arrangements, added))
    _refuse(problems(changed))
    return _noted(changed, "arrangement", f"“{name}” added. {arrangement.rule}")


def propose(document: Document, school: School) -> Document:
    """Append a school's arrangement. Raises SchoolCannotBeMet."""
    return add_arrangement(document, school.propose(document.room, document.gear))


def rename_arrangement(document: Document, name: str, to: str) -> Document:
    """Give an arrangement another name; its takes follow."""
    to = to.strip()
    if not to:
        raise EditRefused("An arrangement needs a name.")
    if to == name:
        return document
    if to in {a.name for a in document.arrangements}:
        raise EditRefused(f"There is already an arrangement “{to}”; choose another name.")
    renamed = replace(document.arrangement(name), name=to)
    changed = _with_arrangement(document, name, renamed)
    takes = tuple(
        replace(t, info=replace(t.info, placed=replace(t.info.placed, name=to)))
        if t.info.placed.name == name
        else t
        for t in document.takes
    )
    chosen = to if document.chosen == name else document.chosen
    return replace(changed, takes=takes, chosen=chosen)


def remove_arrangement(document: Document, name: str) -> Document:
    """Drop an arrangement with its takes."""
    document.arrangement(name)
    changed = replace(
        document,
        arrangements=tuple(a for a in document.arrangements if a.name != name),
        takes=tuple(t for t in document.takes if t.info.placed.name != name),
        chosen=None if document.chosen == name else document.chosen,
    )
    return _noted(changed, "arrangement", f"“{name}” removed.")


def replace_arrangement(document: Document, arrangement: Arrangement) -> Document:
    """Put an arrangement of the same name in place of the old one: a move."""
    old = document.arrangement(arrangement.name)
    words = _move_words(old, arrangement)
    changed = _with_arrangement(document, arrangement.name, arrangement)
    return _noted(changed, "move", f"“{arrangement.name}”: {words}") if words else document


def add_take(
    document: Document,
    read: ReadResponse,
    arrangement: str,
    source: str,
    seat: str,
    file_name: str,
) -> Document:
    """Append an imported response as a take of a source at a seat of an arrangement."""
    placed = _take_place(document, arrangement, source, seat)
    info = TakeInfo(_next_id(document), source, seat, placed, file_name, _now(), read.notes)
    changed = replace(document, takes=(*document.takes, Take(info, read.response, read.impulse)))
    return _noted(changed, "take", f"{file_name}: {source} at {seat}, “{arrangement}”.")


def _take_place(document: Document, arrangement: str, source: str, seat: str) -> Arrangement:
    placed = document.arrangement(arrangement)
    document.gear.seat(seat)
    if source not in document.source_names:
        raise EditRefused(
            f"There is no source “{source}”; there is {', '.join(document.source_names)}."
        )
    return placed


def add_measured(
    document: Document,
    found: Measurement,
    device: Device,
    settings: Settings,
    calibration: str,
    arrangement: str,
    source: str,
    seat: str,
    point: HeadPoint = "centre",
) -> Document:
    """Append a take measured by this program, good or bad."""
    placed = _take_place(document, arrangement, source, seat)
    measured = Measured(
        device.name,
        device.simulated,
        settings,
        calibration,
        found.verdict.mark,
        found.verdict.words,
        found.level_db_spl,
        found.peak_db,
        found.impulse.start_seconds,
        found.distortion_db,
        found.repeat_db,
    )
    number = _next_id(document)
    name = f"{'simulated ' if device.simulated else ''}{number}"
    info = TakeInfo(number, source, seat, placed, name, _now(), (), measured, point)
    take = Take(info, found.response, found.impulse)
    changed = replace(document, takes=(*document.takes, take))
    word = {"good": "good", "doubtful": "doubtful", "bad": "bad, left out"}[measured.mark]
    return _noted(changed, "take", f"{name}: {source} at {seat}, “{arrangement}”, {word}.")


def insist_on_take(document: Document, take_id: str) -> Document:
    """Use a bad take all the same."""

    def insisted(take: Take) -> Take:
        how = take.info.measured
        if take.info.id != take_id or how is None:
            return take
        return replace(take, info=replace(take.info, measured=replace(how, insisted=True)))

    changed = replace(document, takes=tuple(insisted(take) for take in document.takes))
    return _noted(changed, "take", f"{take_id} is used although it is bad.")


def remove_take(document: Document, take_id: str) -> Document:
    """Drop one take."""
    gone = next((t for t in document.takes if t.info.id == take_id), None)
    if gone is None:
        raise EditRefused("That take is no longer in the document.")
    changed = replace(document, takes=tuple(t for t in document.takes if t is not gone))
    return _noted(changed, "take", f"{gone.info.file_name} removed.")


def note_heard(document: Document, name: str, grade: int | None, heard: str) -> Document:
    """What an arrangement sounds like to the listener: a grade of 1 to 5, and words."""
    if grade is not None and not 1 <= grade <= 5:
        raise EditRefused("A grade goes from 1 to 5.")
    if len(heard) > 400:
        raise EditRefused("Keep it to 400 letters.")
    graded = replace(document.arrangement(name), grade=grade, heard=heard.strip())
    changed = _with_arrangement(document, name, graded)
    words = f"“{name}” by ear: {f'{grade} of 5' if grade else 'no grade'}. {heard.strip()}"
    return _noted(changed, "arrangement", words.strip())


def choose(document: Document, name: str, reason: str) -> Document:
    """Pick an arrangement and record why."""
    document.arrangement(name)
    return _noted(replace(document, chosen=name), "choice", f"“{name}” picked. {reason}")


def remove_takes(document: Document, take_ids: frozenset[str]) -> Document:
    """Drop several takes at once."""
    left = tuple(t for t in document.takes if t.info.id not in take_ids)
    return _noted(replace(document, takes=left), "take", f"{len(take_ids)} takes removed.")


def _refuse(sentences: list[str]) -> None:
    if sentences:
        raise EditRefused(" ".join(sentences[:3]))


def _now() -> str:
    return datetime.now().astimezone().isoformat(timespec="seconds")


def _noted(document: Document, kind: str, text: str) -> Document:
    entry = LedgerEntry(_now(), kind, text)  # type: ignore[arg-type]
    return replace(document, ledger=(*document.ledger, entry))


def _with_arrangement(document: Document, name: str, new: Arrangement) -> Document:
    changed = tuple(new if a.name == name else a for a in document.arrangements)
    return replace(document, arrangements=changed)


def _move_words(old: Arrangement, new: Arrangement) -> str:
    moves = []
    for item in new.items:
        before, after = old.position(item), new.position(item)
        if before != after:
            label = item.partition(":")[2] or item
            moves.append(f"{label} to {after.x:.2f}, {after.y:.2f}, {after.z:.2f} m")
    if old.desk != new.desk and new.desk is not None:
        moves.append(f"desk to {new.desk.x:.2f}, {new.desk.y:.2f} m")
    elif old.desk != new.desk:
        moves.append("desk taken out")
    return "; ".join(moves) + "." if moves else ""


def _renames(old: list[str], new: list[str]) -> dict[str, str]:
    """Old name to new where exactly one name of an equally long list changed."""
    if len(old) == len(new):
        changed = [(a, b) for a, b in zip(old, new, strict=True) if a != b]
        if len(changed) == 1 and changed[0][1] not in old:
            return dict(changed)
    return {}


def _fit_to_gear(
    room: Room,
    old: Gear,
    gear: Gear,
    a: Arrangement,
    seat_names: dict[str, str],
    sub_names: dict[str, str],
) -> Arrangement:
    old_seats = {seat_names.get(name, name): point for name, point in a.seats.items()}
    old_ears = {seat_names.get(seat.name, seat.name): seat.ear_height for seat in old.seats}
    old_subs = {sub_names.get(name, name): point for name, point in a.subwoofers.items()}
    middle = room.width / 2
    seats, subs = {}, {}
    for index, seat in enumerate(gear.seats):
        start = Point(middle, min(a.left.y + 1.3 + index, room.length - 0.4), seat.ear_height)
        place = old_seats.get(seat.name, start)
        if old_ears.get(seat.name) != seat.ear_height:
            place = replace(place, z=seat.ear_height)
        seats[seat.name] = place
    for index, sub in enumerate(gear.subwoofers):
        start = Point(room.width / 4 + 0.5 * index, sub.depth / 2 + 0.05, sub.height / 2)
        subs[sub.name] = old_subs.get(sub.name) or brought_inside(room, start)
    desk = a.desk if gear.desk else None
    if gear.desk is not None and old.desk is None:
        desk = desk_before(seats[gear.seats[0].name], gear.desk)
    return replace(a, seats=seats, subwoofers=subs, desk=desk)


def _still_there(
    take: Take, gear: Gear, seat_names: dict[str, str], sub_names: dict[str, str]
) -> bool:
    seat = seat_names.get(take.info.seat, take.info.seat)
    source = sub_names.get(take.info.source, take.info.source)
    sources = ("left", "right", "both", *(sub.name for sub in gear.subwoofers))
    return seat in {s.name for s in gear.seats} and source in sources


def _renamed_take(take: Take, seat_names: dict[str, str], sub_names: dict[str, str]) -> Take:
    if not seat_names and not sub_names:
        return take
    placed = take.info.placed
    placed = replace(
        placed,
        seats={seat_names.get(n, n): p for n, p in placed.seats.items()},
        subwoofers={sub_names.get(n, n): p for n, p in placed.subwoofers.items()},
    )
    info = replace(
        take.info,
        placed=placed,
        seat=seat_names.get(take.info.seat, take.info.seat),
        source=sub_names.get(take.info.source, take.info.source),
    )
    return Take(info, take.response)


def _next_id(document: Document) -> str:
    used = [int(t.info.id.removeprefix("take-")) for t in document.takes]
    return f"take-{max(used, default=0) + 1:04d}"
