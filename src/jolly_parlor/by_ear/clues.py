"""Clues: what grades and words say about the next move. All of it common practice, no source."""

import re
from collections.abc import Callable, Sequence
from dataclasses import dataclass

import numpy as np

from jolly_parlor.by_ear.steps import MOVES, moved
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.evenness import Deviation, evenness
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.grading import QUALITIES, Grading, Quality, shown, value_of
from jolly_parlor.placement.setup import Setup
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

_LOW, _HIGH = 3.0, 3.5
"""At most this is wanting, at least that is well."""
_STRONG = 1.5
"""Grades between a quality that is wanting and one that is well: then a whole step."""
_TOGETHER, _NONE_BELOW, _GOOD = 5, 3.0, 4.0 - 1 / 3


@dataclass(frozen=True)
class Sign:
    """A row of the table: what points which way."""

    id: str
    says: str
    """As a listener says it."""
    move: str
    """A move of `steps`, or empty where a test should come first."""
    why: str
    wanting: tuple[Quality, ...]
    well: tuple[Quality, ...]
    words: tuple[str, ...]
    """Beginnings of words that mean it."""


def _beginnings(words: str) -> tuple[str, ...]:
    """Of a list with bars between them, as translators write it."""
    return tuple(words.split("|"))


SIGNS: tuple[Sign, ...] = (
    Sign(
        "heavy",
        tr("heavy and unclear"),
        "away",
        tr("the wall behind still lifts the bass"),
        ("upper_bass",),
        ("deep_bass",),
        _beginnings(tr("heavy|boom|unclear|mudd|thick|bloat|slow")),
    ),
    Sign(
        "lean",
        tr("clear and quick, not enough deep bass"),
        "back",
        tr("the wall behind helps the lowest notes"),
        ("deep_bass",),
        ("upper_bass",),
        _beginnings(tr("thin|lean|no bass|too little bass|not enough bass|not enough deep bass")),
    ),
    Sign(
        "narrow",
        tr("narrow stage, dense centre"),
        "away",
        tr("they stand too near the wall"),
        ("space",),
        ("centre",),
        _beginnings(tr("narrow|dense|crowded|cramped")),
    ),
    Sign(
        "loose",
        tr("very wide, phasey at the sides, loose centre"),
        "back",
        tr("they stand too far out"),
        ("centre",),
        ("space",),
        _beginnings(tr("phasey|phasy|loose|diffuse|very wide|too wide")),
    ),
    Sign(
        "no stage",
        tr("neither a centre nor space"),
        "",
        tr(
            "that is the triangle, not the room's curve: run the centring test "
            "and measure both sides again"
        ),
        ("centre", "space"),
        (),
        _beginnings(tr("no depth|no stage|vague|wanders")),
    ),
)
"""What is low and what is high together make a sign; so does a word."""


@dataclass(frozen=True)
class Clue:
    """A sign that was met, and what it asks for."""

    sign: Sign
    because: str
    """The grades or words it was read from."""
    metres: float
    """How far to move; 0 where a test should come first."""


def clues(grading: Grading, step: float, small_step: float) -> list[Clue]:
    """What a grading points to, strongest first; from its grades, else from its words.

    step: metres for a strong sign, small_step for a weak one.
    """
    found: list[tuple[float, Clue]] = []
    for sign in SIGNS:
        strength, because = _met(sign, grading)
        if because:
            far = step if strength >= _STRONG else small_step
            found.append((strength, Clue(sign, because, far if sign.move else 0.0)))
    return [clue for _, clue in sorted(found, key=lambda pair: -pair[0])]


def _met(sign: Sign, grading: Grading) -> tuple[float, str]:
    marks = grading.marks
    wanting = [q for q in sign.wanting if q in marks and value_of(marks[q]) <= _LOW]
    well = [q for q in sign.well if q in marks and value_of(marks[q]) >= _HIGH]
    if len(wanting) == len(sign.wanting) and len(well) == len(sign.well):
        low = min(value_of(marks[q]) for q in wanting)
        high = min((value_of(marks[q]) for q in well), default=_HIGH + _STRONG)
        told = ", ".join(f"{QUALITIES[q]} {shown(marks[q])}" for q in (*wanting, *well))
        return high - low, told
    spoken = [word for word in sign.words if _said(word, grading.words)]
    return (1.0, f"“{_whole_word(spoken[0], grading.words)}”") if spoken else (0.0, "")


def _said(beginning: str, words: str) -> bool:
    """Whether a word begins so and is not denied just before: `not thin`, `no longer heavy`."""
    denied = tr(r"(?:not|never|no longer|less|nothing)\s+(?:too\s+|so\s+|very\s+)?$")
    for met in re.finditer(rf"\b{re.escape(beginning)}", words, re.IGNORECASE):
        if not re.search(denied, words[: met.start()], re.IGNORECASE):
            return True
    return False


def _whole_word(beginning: str, words: str) -> str:
    met = re.search(rf"\b{re.escape(beginning)}\w*", words, re.IGNORECASE)
    return met.group(0) if met else beginning


def contradiction(found: Sequence[Clue]) -> str:
    """That clues ask for opposite moves, in a sentence; empty if none do."""
    ways = {clue.sign.move: clue for clue in reversed(found) if clue.sign.move}
    for move, clue in ways.items():
        other = ways.get(MOVES[move].opposite)
        if other is not None:
            first, second = sorted((clue, other), key=found.index)
            return tr(
                "These contradict each other: “{says}” asks to go {way}, “{says2}” "
                "to go {way2}. Take the smallest step against the one you mind "
                "more, and grade again.",
                says=first.sign.says,
                way=_way(first.sign.move),
                says2=second.sign.says,
                way2=_way(second.sign.move),
            )
    return ""


def _way(move: str) -> str:
    return {"away": tr("away from the wall"), "back": tr("back to the wall")}.get(
        move, MOVES[move].words
    )


def together(grading: Grading) -> str:
    """That it is time to stop, in a sentence; empty while it is not."""
    values = [value_of(mark) for mark in grading.marks.values()]
    good = sum(value >= _GOOD - 1e-9 for value in values)
    if good < _TOGETHER or min(values) < _NONE_BELOW:
        return ""
    return tr(
        "{good} of {qualities} qualities have come together and none is "
        "poor: stop here. Mark the floor, write it down, and live with it "
        "for some days before another move.",
        good=good,
        qualities=len(QUALITIES),
    )


@dataclass(frozen=True)
class Expected:
    """What the forecast expects of a move."""

    arrangement: Arrangement
    before_db: float
    after_db: float
    deep_db: float
    """How much louder the deep bass, 30 to 60 Hz, becomes against the rest."""
    upper_db: float
    """The same of the upper bass, 80 to 160 Hz."""

    @property
    def words(self) -> str:
        gain = self.before_db - self.after_db
        if abs(gain) < 0.05:
            verdict = tr("as even as before, {after_db:.1f} dB", after_db=self.after_db)
        else:
            way = tr("more even") if gain > 0 else tr("less even")
            verdict = tr(
                "{way}, {before_db:.1f} → {after_db:.1f} dB",
                way=way,
                before_db=self.before_db,
                after_db=self.after_db,
            )
        parts = [
            tr(
                "{what} {db:.1f} dB {db2}",
                what=what,
                db=abs(db),
                db2="louder" if db > 0 else "quieter",
            )
            for what, db in ((tr("deep bass"), self.deep_db), (tr("upper bass"), self.upper_db))
            if abs(db) >= 0.1
        ]
        return f"{verdict}; {' and '.join(parts)}" if parts else verdict


_TELLS_DB = 0.1
_DEEP_HZ, _UPPER_HZ = (30.0, 60.0), (80.0, 160.0)


def expected(model: Forecaster, case: Case, after: Arrangement) -> Expected:
    """A move as the forecast sees it, at the seat listened from."""
    curves = []
    for a in (case.arrangement, after):
        curves.append(model.deviation(case.having(a)))
    before, moved_to = curves
    return Expected(
        after,
        evenness(before).value_db,
        evenness(moved_to).value_db,
        _band(moved_to, _DEEP_HZ) - _band(before, _DEEP_HZ),
        _band(moved_to, _UPPER_HZ) - _band(before, _UPPER_HZ),
    )


def _band(curve: Deviation, band: tuple[float, float]) -> float:
    f = curve.frequencies_hz
    inside = (f >= band[0]) & (f <= band[1])
    return float(np.mean(curve.deviation_db[inside]))


def agrees(sign: Sign, told: Expected) -> str:
    """Whether the forecast sees what a clue hopes for, in words; empty where it cannot."""
    test: Callable[[], bool] | None = {
        "heavy": lambda: told.upper_db < 0 or told.after_db < told.before_db,
        "lean": lambda: told.deep_db > 0,
    }.get(sign.id)
    if test is None:
        return ""
    if max(abs(told.deep_db), abs(told.upper_db)) < _TELLS_DB:
        return tr("So small a step it cannot tell apart.")
    return (
        tr("Ear and forecast agree.")
        if test()
        else tr("It does not expect what you hope for: believe your ear, but grade again after it.")
    )


def asked_for(setup: Setup, clue: Clue, seat: str) -> Arrangement | None:
    """The arrangement a clue asks for; None where it asks for none or it cannot stand."""
    if not clue.sign.move:
        return None
    try:
        return moved(setup, clue.sign.move, clue.metres, seat)
    except Refused:
        return None
