"""What arrangements sound like, and the lessons, as WAV files."""

from pathlib import Path
from typing import Any

import click
import numpy as np

from jolly_parlor.analysis.hearing import Asked, Audition, Basis, Through, hear
from jolly_parlor.analysis.room_fit import as_fitted, chosen_fit
from jolly_parlor.audition.auralisation import Heard, Renderer
from jolly_parlor.audition.piece_heard import MOST, PIECES, Played, piece_loop, played
from jolly_parlor.audition.telling import NO_DIFFERENCE
from jolly_parlor.audition.transfers import LEAD_SECONDS, RATE_HZ, Transfers
from jolly_parlor.cli.printed import (
    JSON,
    OUT_FOLDER,
    PATH,
    asked_mix,
    rounded,
    usual_arrangement,
    write_bytes,
    write_json,
)
from jolly_parlor.diagnosis.interventions import Anechoic
from jolly_parlor.outputs import names_apart
from jolly_parlor.placement.cautions import LISTENING
from jolly_parlor.placement.evenness import evenness
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.mixes import with_subwoofers
from jolly_parlor.project.files import open_document
from jolly_parlor.refused import Refused
from jolly_parlor.signals.looping import Loop
from jolly_parlor.signals.own_piece import SUFFIXES, read_piece
from jolly_parlor.signals.wav import wav_bytes, wav_to_hear
from jolly_parlor.training.here import Here, LessonId, Room, here
from jolly_parlor.training.lessons import LESSONS, sounds
from jolly_parlor.words import tr


@click.command("hear")
@click.argument("file", type=PATH)
@click.option("--arrangement", "names", multiple=True, help="To be heard; repeat it. All without.")
@click.option("--seat", help="Where it is heard; the main seat without.")
@click.option("--source", help="What plays, such as both or both+sub; all that plays without.")
@click.option("--piece", default=PIECES[0], show_default=True, help="A piece, or a WAV or FLAC.")
@click.option("--from", "from_seconds", default=0.0, help="Of a file: the second it begins at.")
@click.option("--measured", "basis", flag_value="measured", help="By takes, not by the forecast.")
@click.option("--fitted", "basis", flag_value="fitted", help="In the room fitted to the takes.")
@click.option(
    "--difference",
    "now",
    metavar="ARRANGEMENT",
    help="For the loudspeakers of the room, where this one stands: only what differs.",
)
@click.option("--out", "folder", type=OUT_FOLDER, help="Write the sounds into this folder.")
@click.option("--impulses", is_flag=True, help="Write the impulse responses too.")
@JSON
def hear_command(
    file: Path,
    names: tuple[str, ...],
    seat: str | None,
    source: str | None,
    piece: str,
    from_seconds: float,
    basis: str | None,
    now: str | None,
    folder: Path | None,
    impulses: bool,
    out: str | None,
) -> None:
    """Say what differs between arrangements of FILE to the ear, and write a piece as it is heard in
    each of them: for headphones, equally loud (ITU-R BS.1770).
    """
    document = open_document(file)
    usual_arrangement(document)
    fit = chosen_fit(document, None if basis is None else basis == "fitted")
    if fit is not None:
        document = as_fitted(document, fit)
    gear = document.gear
    asked = Asked(
        names or tuple(a.name for a in document.arrangements)[:MOST],
        seat or gear.seats[0].name,
        asked_mix(document, source),
        _basis(basis),
        _through(now),
        now or "",
    )
    gear.seat(asked.seat)
    loop, said = _piece(piece, from_seconds)
    renderer = Renderer(Transfers(document.room), gear)
    audition = hear(document, asked, renderer, Forecaster(document.room, gear))
    heard = played(audition.heard, loop)
    written = _written(folder, audition, heard, piece, impulses) if folder is not None else []
    if out is not None:
        write_json(out, _json(asked, audition, heard, written) | {"fitted": fit is not None})
    if out != "-":
        for line in (*said, *_words(audition, heard), *audition.notes):
            click.echo(line)
        for path in written:
            click.echo(str(path))
        if written:
            click.echo(LISTENING)


def _basis(given: str | None) -> Basis:
    return "measured" if given == "measured" else "forecast"


def _through(now: str | None) -> Through:
    return "headphones" if now is None else "loudspeakers"


def _piece(piece: str, from_seconds: float) -> tuple[Loop, tuple[str, ...]]:
    """Made here, or a file; and what must be said of it."""
    if piece in PIECES:
        return piece_loop(piece), ()
    path = Path(piece)
    if path.suffix.lower() not in SUFFIXES:
        known = ", ".join(PIECES)
        raise click.UsageError(
            tr(
                "There is no piece “{piece}”; there is {known}, or a WAV or FLAC.",
                piece=piece,
                known=known,
            )
        )
    own = read_piece(path, RATE_HZ, from_seconds)
    return own.loop, own.notes


def _words(audition: Audition, heard: Played) -> list[str]:
    """Of each against the first."""
    first = audition.names[0]
    found = []
    for at, name in enumerate(audition.names):
        figure = evenness(audition.curves[at]).value_db
        told = tr("“{name}”, {figure:.1f} dB from even", name=name, figure=figure)
        if at:
            differing = heard.differing(at, 0)
            words = ", ".join(one.words() for one in differing) or NO_DIFFERENCE
            told += tr(". Against “{first}”: {words}", first=first, words=words)
        found.append(f"{told}.")
    return found


def _written(
    folder: Path, audition: Audition, heard: Played, piece: str, impulses: bool
) -> list[Path]:
    _made(folder)
    paths = []
    for at, plain in enumerate(names_apart(audition.names)):
        path = folder / tr("{stem} - {plain}.wav", stem=Path(piece).stem, plain=plain)
        sound = np.asarray(heard.matched.sounds[at], dtype=np.float64)
        write_bytes(path, wav_to_hear(sound, RATE_HZ), ".wav")
        paths.append(path)
        if impulses:
            path = folder / tr("impulse - {plain}.wav", plain=plain)
            write_bytes(path, wav_bytes(_channels(audition.heard[at]), RATE_HZ), ".wav")
            paths.append(path)
    return paths


def _made(folder: Path) -> None:
    try:
        folder.mkdir(parents=True, exist_ok=True)
    except OSError as error:
        raise Refused(
            tr(
                "{folder} cannot be written into: {strerror}.",
                folder=folder,
                strerror=error.strerror,
            )
        ) from None


def _channels(heard: Heard) -> np.ndarray:
    """(samples, 4): left channel to left and right ear, right channel to left and right ear."""
    ears = np.broadcast_to(heard.samples, (2, *heard.samples.shape[1:]))
    return np.asarray(np.stack([ears[e, c] for c in (0, 1) for e in (0, 1)], axis=1))


def _json(asked: Asked, audition: Audition, heard: Played, written: list[Path]) -> dict[str, Any]:
    return {
        "seat": asked.seat,
        "source": asked.mix.id,
        "basis": audition.basis,
        "through": audition.through,
        "loudness_lufs": rounded(heard.matched.loudness_lufs),
        "arrangements": [
            {
                "name": name,
                "evenness_db": rounded(evenness(audition.curves[at]).value_db),
                "gain_db": rounded(heard.matched.gains_db[at]),
                "differs_from_the_first": [
                    {"frequency_hz": round(one.hertz, 1), "db": rounded(one.db)}
                    for one in heard.differing(at, 0)
                ],
            }
            for at, name in enumerate(audition.names)
        ],
        "impulse_lead_seconds": LEAD_SECONDS if audition.through == "headphones" else 0.0,
        "notes": list(audition.notes),
        "files": [str(path) for path in written],
    }


@click.command("lesson")
@click.argument("file", type=PATH)
@click.argument("lesson", type=click.Choice(list(LESSONS)))
@click.option("--arrangement", help="Where; the picked or first one without.")
@click.option("--size", type=float, help="How plain, on the lesson's scale; as it is without.")
@click.option(
    "--out", "folder", type=OUT_FOLDER, help="Write it with and without into this folder."
)
@JSON
def lesson_command(
    file: Path,
    lesson: LessonId,
    arrangement: str | None,
    size: float | None,
    folder: Path | None,
    out: str | None,
) -> None:
    """Say where in the room of FILE a lesson's thing happens and what placing does about it, and
    write a piece with it and without.
    """
    document = open_document(file)
    placed = document.arrangement(arrangement or usual_arrangement(document))
    gear, room = document.gear, document.room
    forecaster = Forecaster(room, gear)
    case = document.case(placed, gear.seats[0].name, with_subwoofers(gear))
    model = forecaster, Anechoic(forecaster), Transfers(room)
    where = here(lesson, Room(*model, case, document.wishes))
    one = LESSONS[lesson]
    wanted = size if size is not None else (where.size or one.scale.size)
    asked = one.in_range(wanted)
    written = _lesson_files(folder, lesson, where, asked) if folder is not None else []
    if out is not None:
        write_json(
            out,
            {
                "lesson": lesson,
                "arrangement": placed.name,
                "size": rounded(asked),
                "size_here": rounded(where.size),
                "frequency_hz": rounded(where.hertz),
                "where": where.where,
                "placing": where.placing,
                "files": [str(path) for path in written],
            },
        )
    if out != "-":
        click.echo(f"{one.name}: {one.told}")
        click.echo(where.where)
        click.echo(where.placing)
        far = "" if asked == wanted else tr(", as far as the lesson goes")
        click.echo(tr("The sounds: {size_words}{far}.", size_words=one.size_words(asked), far=far))
        for path in written:
            click.echo(str(path))
        if written:
            click.echo(LISTENING)


def _lesson_files(folder: Path, lesson: LessonId, where: Here, size: float) -> list[Path]:
    _made(folder)
    one, paths = LESSONS[lesson], []
    for which, sound in sounds(one, where, size, piece_loop(one.pieces[0])).items():
        path = folder / tr("{lesson} {which} it.wav", lesson=lesson, which=which)
        write_bytes(path, wav_to_hear(np.asarray(sound, dtype=np.float64), RATE_HZ), ".wav")
        paths.append(path)
    return paths
