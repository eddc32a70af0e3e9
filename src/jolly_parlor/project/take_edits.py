"""Edits of takes: measured and imported ones come, are insisted on, asked about, and go."""

from dataclasses import replace

import numpy as np

from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.floor_places import FloorPlace
from jolly_parlor.placement.items import loudspeaker
from jolly_parlor.placement.mixes import WITH_SUBWOOFERS
from jolly_parlor.project.checked_edit import EditRefused, done
from jolly_parlor.project.document import Document, HeadPoint, Measured, Take, TakeInfo
from jolly_parlor.project.ledger import now
from jolly_parlor.signals.impulse import ImpulseResponse
from jolly_parlor.signals.reading import ReadResponse
from jolly_parlor.studio.device import Device
from jolly_parlor.studio.one_take import Measurement, Settings
from jolly_parlor.words import tr


def add_take(
    document: Document,
    read: ReadResponse,
    arrangement: str,
    source: str,
    seat: str,
    file_name: str,
) -> Document:
    """Append an imported response as a take of a source at a seat of an arrangement."""
    source = source.removeprefix("sub:")
    placed = _take_place(document, arrangement, source, seat)
    start = read.impulse.start_seconds if read.impulse is not None else None
    info = TakeInfo(
        _next_id(document),
        source,
        seat,
        placed,
        file_name[-300:],
        now(),
        read.notes,
        impulse_start_seconds=start,
        subwoofers=_subwoofers(document, source),
    )
    take = document.stamped(Take(info, read.response, _as_written(read.impulse)))
    changed = replace(document, takes=(*document.takes, take))
    text = tr(
        "{file_name}: {source} at {seat}, “{arrangement}”.",
        file_name=file_name,
        source=source,
        seat=seat,
        arrangement=arrangement,
    )
    return done(document, changed, "take", text, placed, info.id)


def _take_place(document: Document, arrangement: str, source: str, seat: str) -> Arrangement:
    placed = document.arrangement(arrangement)
    document.gear.seat(seat)
    if source not in document.source_names:
        raise EditRefused(
            tr(
                "There is no source “{source}”; there is {source_names}.",
                source=source,
                source_names=", ".join(document.source_names),
            )
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
    tried: FloorPlace | None = None,
    swapped: bool = False,
) -> Document:
    """Append a take measured by this program, good or bad.

    tried: the floor place it was tried at, where it is a subwoofer walked round; swapped: the
    microphone stood there and the subwoofer at the head.
    """
    source = source.removeprefix("sub:")
    placed = _take_place(document, arrangement, source, seat)
    if tried is not None:
        placed = placed.moved(loudspeaker(source), tried.at)
    measured = Measured(
        device.name,
        device.simulated,
        settings,
        calibration,
        found.verdict.mark,
        found.verdict.words,
        found.level_db_spl,
        found.peak_db,
        found.distortion_db,
        found.repeat_db,
        timing=found.timing,
        moving=found.impulse is None,
    )
    number = _next_id(document)
    name = f"{'simulated ' if device.simulated else ''}{number}"
    start = found.impulse.start_seconds if found.impulse is not None else None
    info = TakeInfo(
        number,
        source,
        seat,
        placed,
        name,
        now(),
        (),
        measured,
        point,
        start,
        subwoofers=_subwoofers(document, source),
        floor_place=tried.name if tried is not None else "",
        swapped=swapped,
    )
    take = document.stamped(Take(info, found.response, _as_written(found.impulse)))
    changed = replace(document, takes=(*document.takes, take))
    word = {"good": "good", "doubtful": "doubtful", "bad": tr("bad, left out")}[measured.mark]
    where = tr(", tried: {name}", name=tried.name) if tried is not None else ""
    text = tr(
        "{name}: {source} at {seat}, “{arrangement}”{where}, {word}.",
        name=name,
        source=source,
        seat=seat,
        arrangement=arrangement,
        where=where,
        word=word,
    )
    return done(document, changed, "take", text, placed, number)


def _subwoofers(document: Document, source: str) -> tuple[str, ...]:
    """Those that sound with the pair in a mix."""
    return tuple(s.id for s in document.gear.subwoofers) if source == WITH_SUBWOOFERS else ()


def insist_on_take(document: Document, take_id: str) -> Document:
    """Use a bad take all the same."""

    def insisted(take: Take) -> Take:
        how = take.info.measured
        if take.info.id != take_id or how is None:
            return take
        return replace(take, info=replace(take.info, measured=replace(how, insisted=True)))

    changed = replace(document, takes=tuple(insisted(take) for take in document.takes))
    return done(
        document, changed, "take", tr("{take_id} is used although it is bad.", take_id=take_id)
    )


def hold_takes_valid(document: Document, take_ids: frozenset[str]) -> Document:
    """The user says that takes still hold although room or gear have been changed since."""
    takes = tuple(document.stamped(t) if t.info.id in take_ids else t for t in document.takes)
    changed = replace(document, takes=takes)
    names = ", ".join(sorted(take_ids)[:6])
    return done(document, changed, "take", tr("Held to be valid still: {names}.", names=names))


def remove_take(document: Document, take_id: str) -> Document:
    gone = next((t for t in document.takes if t.info.id == take_id), None)
    if gone is None:
        raise EditRefused(tr("That take is no longer in the document."))
    changed = replace(document, takes=tuple(t for t in document.takes if t is not gone))
    return done(
        document, changed, "take", tr("{file_name} removed.", file_name=gone.info.file_name)
    )


def remove_takes(document: Document, take_ids: frozenset[str]) -> Document:
    """Drop several takes at once."""
    left = tuple(t for t in document.takes if t.info.id not in take_ids)
    changed = replace(document, takes=left)
    return done(document, changed, "take", tr("{take_ids} takes removed.", take_ids=len(take_ids)))


def _as_written(impulse: ImpulseResponse | None) -> ImpulseResponse | None:
    """An impulse response to the precision a file keeps: 32-bit floats."""
    if impulse is None:
        return None
    return replace(impulse, samples=impulse.samples.astype(np.float32).astype(float))


def _next_id(document: Document) -> str:
    used = [int(t.info.id.removeprefix("take-")) for t in document.takes]
    return f"take-{max(used, default=0) + 1:04d}"
