"""Edits of what is found by ear: grades, walks, hunts, sweeps, tests, the review by eye."""

from dataclasses import replace

from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.by_ear.ear_record import (
    Answer,
    ByEar,
    Heard,
    Hunt,
    ToneHeard,
    ToneMark,
    ToneSweep,
    Trial,
)
from jolly_parlor.by_ear.review import QUESTIONS, keys
from jolly_parlor.by_ear.voice_walk import StageId, WallWalked, with_distance, zone_of
from jolly_parlor.placement.corners import Corner
from jolly_parlor.placement.grading import Grading
from jolly_parlor.project.checked_edit import EditRefused, checked, done
from jolly_parlor.project.document import Document
from jolly_parlor.project.edits import replace_in
from jolly_parlor.project.ledger import now
from jolly_parlor.words import tr

_SAME_TONE = 2 ** (1 / 24)


def grade_arrangement(document: Document, name: str, grading: Grading) -> Document:
    """What an arrangement, as it stands, sounds like to the listener."""
    graded = replace(document.arrangement(name), grading=None if grading.is_empty else grading)
    changed = replace_in(document, name, graded)
    by_ear = document.by_ear
    if grading.piece and grading.piece != by_ear.piece:
        changed = replace(changed, by_ear=replace(by_ear, piece=grading.piece))
    return done(
        document,
        changed,
        "grade",
        tr("“{name}” by ear: {what}", name=name, what=grading.text),
        graded,
    )


def name_piece(document: Document, piece: str) -> Document:
    """Which piece of music everything is judged by."""
    return _with(document, piece=piece.strip())


def measure_from(document: Document, corner: Corner) -> Document:
    """Which corner of the cabinets the tape is held to."""
    return _with(document, corner=corner)


def _with(document: Document, **what: object) -> Document:
    """A change that is not worth an entry of its own."""
    return checked(document, replace(document, by_ear=replace(document.by_ear, **what)))  # type: ignore[arg-type]


def note_walk(document: Document, wall: WallWalked, stage: StageId, metres: float) -> Document:
    """A distance of the voice walk; once both walls are walked, the room has its calm zone."""
    by_ear = with_distance(document.by_ear, wall, stage, metres)
    changed = replace(document, by_ear=by_ear)
    zone = zone_of(by_ear)
    text = tr(
        "Voice walk from the wall {wall}: {stage_words} {metres:.0f} cm out.",
        wall=wall,
        stage_words=_STAGE_WORDS[stage],
        metres=100 * metres,
    )
    if zone is not None and zone != document.room.calm_zone:
        changed = replace(changed, room=replace(document.room, calm_zone=zone))
        text += tr(
            " The calm zone is {front_near:.0f} to {front_far:.0f} cm from the "
            "wall behind, {side_near:.0f} to {side_far:.0f} cm from the side.",
            front_near=100 * zone.front_near,
            front_far=100 * zone.front_far,
            side_near=100 * zone.side_near,
            side_far=100 * zone.side_far,
        )
    return done(document, changed, "note", text)


_STAGE_WORDS: dict[StageId, str] = {
    "lift_ends": tr("the lift ends"),
    "begins": tr("just a voice from"),
    "ends": tr("changes again"),
}


def walk_anew(document: Document, wall: WallWalked) -> Document:
    """Forget the walk away from one wall."""
    blank = getattr(ByEar(), wall)
    return _with(document, **{wall: blank})


def begin_hunt(document: Document, hunt: Hunt) -> Document:
    by_ear = document.by_ear
    changed = replace(document, by_ear=replace(by_ear, hunts=(*by_ear.hunts, hunt)))
    at = hunt.stood
    text = tr(
        "Bass hunt for the {wanted}: {loudspeaker} plays at {x:.2f}, {y:.2f}, {z:.2f} m.",
        wanted=hunt.wanted,
        loudspeaker=hunt.loudspeaker,
        x=at.x,
        y=at.y,
        z=at.z,
    )
    return done(document, changed, "note", text)


def mark_hunt(document: Document, x: float, y: float, heard: Heard) -> Document:
    """What the hunt now under way sounds like at a place. Raises EditRefused outside the room."""
    hunts = document.by_ear.hunts
    if not hunts:
        raise EditRefused(tr("No hunt is under way: begin one first."))
    at = Point(round(x, 3), round(y, 3), hunts[-1].ear_height)
    if not document.room.has_air_at(at):
        raise EditRefused(tr("That place is outside the room, or in something that stands there."))
    last = hunts[-1].marked(at.x, at.y, heard)
    changed = replace(document, by_ear=replace(document.by_ear, hunts=(*hunts[:-1], last)))
    return done(
        document,
        changed,
        "note",
        tr("Bass hunt: {heard} at {x:.2f}, {y:.2f} m.", heard=heard, x=at.x, y=at.y),
    )


def begin_sweep(document: Document, sweep: ToneSweep) -> Document:
    """A slow sweep by ear begins."""
    by_ear = document.by_ear
    changed = replace(document, by_ear=replace(by_ear, sweeps=(*by_ear.sweeps, sweep)))
    placed = document.arrangement(sweep.arrangement)
    return done(
        document, changed, "note", tr("Slow sweep by ear at the {seat}.", seat=sweep.seat), placed
    )


def mark_tone(document: Document, hertz: float, heard: ToneHeard) -> Document:
    """A note that booms or is missing; one within a quarter tone is heard anew."""
    sweeps = document.by_ear.sweeps
    if not sweeps:
        raise EditRefused(tr("No sweep is under way: begin one first."))
    last = sweeps[-1]
    others = tuple(m for m in last.marks if max(m.hertz / hertz, hertz / m.hertz) > _SAME_TONE)
    marks = tuple(sorted((*others, ToneMark(round(hertz, 2), heard)), key=lambda m: m.hertz))
    marked = (*sweeps[:-1], replace(last, marks=marks))
    changed = replace(document, by_ear=replace(document.by_ear, sweeps=marked))
    return done(
        document,
        changed,
        "note",
        tr("Slow sweep: {hertz:.0f} Hz {heard}.", hertz=hertz, heard=heard),
    )


def keep_test(document: Document, tested: Trial) -> Document:
    """What a test of questions and answers came to."""
    by_ear = document.by_ear
    kept = replace(tested, when=tested.when or now())
    changed = replace(document, by_ear=replace(by_ear, tests=(*by_ear.tests, kept)))
    placed = document.arrangement(tested.arrangement)
    title = {"placing": tr("Two-step placing"), "centring": tr("Centring")}[tested.test]
    return done(document, changed, "note", f"{title}: {tested.verdict}", placed)


def answer_review(document: Document, key: str, answer: Answer | None) -> Document:
    """An answer of the review by eye, or None to take it back."""
    if key not in {known for question in QUESTIONS for known in keys(question)}:
        raise EditRefused(tr("There is no question “{key}” in the review.", key=key))
    answers = {k: a for k, a in document.by_ear.review.items() if k != key}
    if answer is not None:
        answers[key] = answer
    return _with(document, review=answers)
