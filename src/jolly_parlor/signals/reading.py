"""Frequency responses from text files of any program.

Headings are read for what they say: units of frequency and phase, decibels or a factor, the order
of the columns, several curves. Without headings the columns are frequency (Hz), level (dB) and,
where given, phase (degrees). Where a file could mean two things it is refused with the line and
what to write there: a wrong silent reading would be worse.
"""

from collections.abc import Sequence
from dataclasses import dataclass
from pathlib import Path

import numpy as np

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.signals.cells import Heading, Line, ResponseFileError, lines_of
from jolly_parlor.signals.cells import read_text as read_text
from jolly_parlor.signals.headings import Column
from jolly_parlor.signals.impulse import ImpulseResponse
from jolly_parlor.signals.response import Response
from jolly_parlor.signals.tables import Curve, curves_of, table_of
from jolly_parlor.signals.taken_as import TAKEN_AS, taken_as, usual_columns
from jolly_parlor.words import plural, tr

__all__ = ["ReadResponse", "ResponseFileError", "SeveralCurves", "parse_response", "read_response"]

_FEWEST_POINTS = 8
_BAND_HZ = (20.0, 300.0)
_FIRST_LINES = 6


@dataclass(frozen=True)
class Understood:
    """What was made of a text file, to be looked at before it is taken."""

    first_lines: tuple[str, ...]
    columns: tuple[str, ...]
    """Each column in words."""
    curves: tuple[str, ...] = ()
    """Names of all curves, where there are several."""
    curve: str = ""
    """The one that was read."""
    taken_as: tuple[str, ...] = ()
    """Each column as an id of `taken_as.TAKEN_AS`."""


@dataclass(frozen=True)
class ReadResponse:
    """What a file held, and what had to be set right while reading it."""

    response: Response
    notes: tuple[str, ...]
    impulse: ImpulseResponse | None = None
    understood: Understood | None = None


class SeveralCurves(ResponseFileError):
    """A file with several curves of which none was named; `names` lists them."""

    def __init__(self, words: str, names: tuple[str, ...]) -> None:
        super().__init__(words)
        self.names = names


class Unclear(ResponseFileError):
    """A table of numbers that could not be taken for a response; `understood` is a first guess."""

    def __init__(self, words: str, understood: Understood) -> None:
        super().__init__(words)
        self.understood = understood


def read_response(
    path: Path, curve: str | None = None, columns: Sequence[str] | None = None
) -> ReadResponse:
    """Read a response file; of several curves, the one of that name. columns: what each is to be
    taken for, ids of `taken_as.TAKEN_AS`; what the file says without.

    Raises ResponseFileError with one plain sentence: SeveralCurves where a name is needed, Unclear
    where saying what the columns are may help.
    """
    return parse_response(read_text(path), path.name, curve, columns)


def parse_response(
    text: str,
    name: str = tr("The text"),
    curve: str | None = None,
    columns: Sequence[str] | None = None,
) -> ReadResponse:
    """The same from text; `name` stands in the messages."""
    lines, headings = lines_of(text, name)
    if not lines:
        raise ResponseFileError(
            tr(
                "{name} holds no line of numbers; a response has lines of frequency and level.",
                name=name,
            )
        )
    shown = tuple(raw.rstrip()[:120] for raw in text.splitlines()[:_FIRST_LINES])
    try:
        table = table_of(lines, headings, name, _asked(columns))
        found = curves_of(table, name)
    except ResponseFileError as error:
        raise Unclear(str(error), _first_guess(lines, shown, columns)) from None
    names = tuple(c.name for c in found)
    chosen = _chosen(found, curve, name)
    notes = list(chosen.notes)
    try:
        response = _to_response(chosen, notes, name)
    except ResponseFileError as error:
        told = Understood(shown, table.words, (), chosen.name, tuple(map(taken_as, table.columns)))
        raise Unclear(str(error), told) from None
    if len(found) == 1:
        notes += _passed_over(lines, headings)
    understood = Understood(
        shown,
        table.words,
        names if len(names) > 1 else (),
        chosen.name,
        tuple(map(taken_as, table.columns)),
    )
    return ReadResponse(response, tuple(notes), None, understood)


def _asked(columns: Sequence[str] | None) -> tuple[Column, ...] | None:
    return None if columns is None else tuple(TAKEN_AS[name][1] for name in columns)


def _first_guess(
    lines: Sequence[Line], shown: tuple[str, ...], columns: Sequence[str] | None
) -> Understood:
    """What a table could be that was not understood."""
    width = max(len(line.cells) for line in lines)
    guessed = tuple(columns or usual_columns(width))
    return Understood(shown, (), (), "", guessed)


def _passed_over(lines: Sequence[Line], headings: Sequence[Heading]) -> list[str]:
    """Lines between the numbers that are none, such as a date that a spreadsheet has made of one;
    what begins as a comment does is meant to be passed over.
    """
    first, last = lines[0].number, lines[-1].number
    odd = [h for h in headings if first < h.number < last and h.text[0] not in "#*/!%;"]
    if not odd:
        return []
    told = ", ".join(
        tr("line {number} (“{text}”)", number=h.number, text=h.text[:20]) for h in odd[:3]
    )
    return [
        plural(
            len(odd),
            "{count} line without numbers left out: {told}.",
            "{count} lines without numbers left out: {told}.",
            told=told + (" …" if len(odd) > 3 else ""),
        )
    ]


def read_curve(path: Path) -> tuple[FloatArray, FloatArray]:
    """Frequencies and levels of a drawn curve, ascending: a target may have two points. Raises
    ResponseFileError.
    """
    lines, headings = lines_of(read_text(path), path.name)
    if not lines:
        raise ResponseFileError(
            tr("{name} holds no line of numbers of frequency and level.", name=path.name)
        )
    one = _chosen(curves_of(table_of(lines, headings, path.name), path.name), None, path.name)
    good = np.isfinite(one.frequencies_hz) & np.isfinite(one.level_db) & (one.frequencies_hz > 0)
    f, first = np.unique(one.frequencies_hz[good], return_index=True)
    if f.size < np.sum(good):
        raise ResponseFileError(
            tr("{name}: a frequency stands twice; a target has each once.", name=path.name)
        )
    return f, one.level_db[good][first]


def _chosen(found: Sequence[Curve], curve: str | None, name: str) -> Curve:
    if len(found) == 1 and curve is None:
        return found[0]
    for candidate in found:
        if candidate.name == curve:
            return candidate
    names = tuple(c.name for c in found)
    listed = ", ".join(f"“{n}”" for n in names)
    if curve is None:
        raise SeveralCurves(
            tr(
                "{name}, line {lines}: the file holds {found} curves, {listed}; "
                "say which one to read.",
                name=name,
                lines=found[0].lines[0],
                found=len(found),
                listed=listed,
            ),
            names,
        )
    raise SeveralCurves(
        tr(
            "{name} holds no curve “{curve}”; it holds {listed}.",
            name=name,
            curve=curve,
            listed=listed,
        ),
        names,
    )


def _to_response(curve: Curve, notes: list[str], name: str) -> Response:
    f, level, phase = curve.frequencies_hz, curve.level_db, curve.phase_deg
    usable = np.isfinite(f) & np.isfinite(level) & (f != 0)
    if count := int(np.sum(~usable)):
        notes.insert(
            0,
            plural(
                count,
                "{count} line at 0 Hz or without a level left out: line {line}.",
                "{count} lines at 0 Hz or without a level left out, the first line {line}.",
                line=curve.lines[int(np.flatnonzero(~usable)[0])],
            ),
        )
    f, level, lines = f[usable], level[usable], np.asarray(curve.lines)[usable]
    _check(f, level, lines, name)
    if phase is not None:
        phase = phase[usable]
        if not np.all(np.isfinite(phase)):
            if np.any(np.isfinite(phase)):
                notes.append(tr("Some lines have no phase, so the phase of all was left out."))
            phase = None
    steps = np.diff(f)
    if f.size > 1 and np.all(steps <= 0) and np.any(steps < 0):
        notes.append(tr("The frequencies ran downward and were turned round."))
    elif np.any(steps < 0):
        back = int(lines[np.flatnonzero(steps < 0)[0] + 1])
        notes.append(
            tr("The frequencies were out of order from line {line} on and were sorted.", line=back)
        )
    order = np.argsort(f, kind="stable")
    unique, start, counts = np.unique(f[order], return_index=True, return_counts=True)
    if unique.size < f.size:
        twice = int(np.min(lines[order][start[counts > 1]]))
        notes.append(
            tr(
                "Frequencies that stood twice were averaged on power, the first of line {line}.",
                line=twice,
            )
        )
    power = np.add.reduceat(10 ** (level[order] / 10), start) / counts
    if phase is not None:
        turn = np.exp(1j * np.radians(phase[order]))
        phase = np.angle(np.add.reduceat(turn, start), deg=True)
    return Response(unique, 10 * np.log10(power), phase)


def _check(f: FloatArray, level: FloatArray, lines: np.ndarray, name: str) -> None:
    where = (
        tr("{name}, lines {lines} to {lines2}", name=name, lines=lines[0], lines2=lines[-1])
        if lines.size
        else name
    )
    inside = int(np.sum((f >= _BAND_HZ[0]) & (f <= _BAND_HZ[1])))
    if inside < _FEWEST_POINTS:
        hint = ""
        if f.size >= _FEWEST_POINTS and np.max(f) <= 50 and np.min(f) < 1:
            hint = tr("; if they are in kHz, write “kHz” over the column")
        raise ResponseFileError(
            tr(
                "{where}: only {inside} frequencies lie between 20 and 300 Hz; at "
                "least {fewest_points} are needed to judge a room{hint}.",
                where=where,
                inside=inside,
                fewest_points=_FEWEST_POINTS,
                hint=hint,
            )
        )
    if np.ptp(level) == 0:
        raise ResponseFileError(
            tr(
                "{where}: every level is {level:g} dB; no microphone in a room hears that.",
                where=where,
                level=level[0],
            )
        )
