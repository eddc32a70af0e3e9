"""Documents: new, propose, import, report, export."""

from dataclasses import replace
from pathlib import Path

import click

from jolly_parlor.cli.printed import FORCE, OUT_FOLDER, PATH, forced
from jolly_parlor.outputs import check_place, is_document
from jolly_parlor.placement.judging import FLAT_TARGET, Judging
from jolly_parlor.placement.schools import school
from jolly_parlor.project.edits import propose
from jolly_parlor.project.exporting import export_project
from jolly_parlor.project.files import (
    edit_file,
    open_document,
    open_project,
    read_survey,
    save_document,
)
from jolly_parlor.project.judging_edits import read_target, set_judging, words_of
from jolly_parlor.project.take_edits import add_take
from jolly_parlor.refused import Refused
from jolly_parlor.signals.calibration import read_calibration
from jolly_parlor.signals.importing import read_take
from jolly_parlor.signals.recorded_sweeps import Played, read_recording
from jolly_parlor.signals.taken_as import TAKEN_AS
from jolly_parlor.words import tr


@click.command("new")
@click.argument("survey", type=PATH)
@click.argument("out", type=PATH)
@FORCE
def new(survey: Path, out: Path) -> None:
    """Make the document OUT from the file SURVEY."""
    if out.exists() and is_document(out):
        raise Refused(
            tr("{out} is a document already, so it was not replaced: name another.", out=out)
        )
    check_place(out, replace=forced(), document=True)
    document = read_survey(survey)
    save_document(document, out)
    click.echo(
        tr(
            "{out}: {name}, {arrangements} arrangements.",
            out=out,
            name=document.room.name,
            arrangements=len(document.arrangements),
        )
    )


@click.command("propose")
@click.argument("file", type=PATH)
@click.option("--school", "school_id", required=True, help="third, thirty_eight, tight, …")
def propose_arrangement(file: Path, school_id: str) -> None:
    """Add a school's arrangement to FILE; a school that cannot be met says why."""
    wanted = school(school_id)
    document = edit_file(file, lambda d: propose(d, wanted))
    added = document.arrangements[-1]
    click.echo(tr("“{name}” added. {rule}", name=added.name, rule=added.rule))


@click.command("import")
@click.argument("file", type=PATH)
@click.argument("response", type=PATH)
@click.option("--arrangement", required=True, help="Name of the arrangement measured.")
@click.option("--source", required=True, help="both, or the id of a loudspeaker.")
@click.option("--seat", required=True, help="Name of the seat.")
@click.option("--channel", default=1, show_default=True, help="Of a WAV with several, from 1.")
@click.option("--curve", help="Of a text with several, its name.")
@click.option(
    "--columns", help=f"What each column of a text is, whatever it says: {', '.join(TAKEN_AS)}."
)
@click.option("--sweep", "sweep_file", type=PATH, help="RESPONSE is a recording of this sweep.")
@click.option(
    "--swept", nargs=3, type=float, help="Or of one from LOW to HIGH hertz in so many SECONDS."
)
@click.option("--calibration", "file_of_mic", type=PATH, help="The microphone's, for a recording.")
def import_take(
    file: Path,
    response: Path,
    arrangement: str,
    source: str,
    seat: str,
    channel: int,
    curve: str | None,
    columns: str | None,
    sweep_file: Path | None,
    swept: tuple[float, float, float] | None,
    file_of_mic: Path | None,
) -> None:
    """Add a measured RESPONSE to FILE as a take: text, an impulse response as WAV, or the
    recording of a sweep, as WAV too.
    """
    if sweep_file is not None or swept is not None:
        calibration = read_calibration(file_of_mic) if file_of_mic is not None else None
        played = Played(sweep_file, *(swept or ()))
        read = read_recording(response, played, channel, calibration)
    else:
        read = read_take(response, channel, curve, _columns(columns))
    edit_file(file, lambda d: add_take(d, read, arrangement, source, seat, response.name))
    f = read.response.frequencies_hz
    click.echo(
        tr(
            "{name}: {size} points, {f:.0f} to {f2:.0f} Hz.",
            name=response.name,
            size=f.size,
            f=f[0],
            f2=f[-1],
        )
    )
    for note in read.notes:
        click.echo(note)


def _columns(words: str | None) -> list[str] | None:
    """Ids of what columns are, as typed; another one is wrong usage."""
    if words is None:
        return None
    names = [word.strip() for word in words.split(",")]
    if unknown := [name for name in names if name not in TAKEN_AS]:
        raise click.UsageError(
            tr(
                "“{name}” is nothing that a column can be; there is {known}.",
                name=unknown[0],
                known=", ".join(TAKEN_AS),
            )
        )
    return names


@click.command("judge")
@click.argument("file", type=PATH)
@click.option("--from", "from_hz", help="Hz, or `corner`: the lowest of what plays.")
@click.option("--to", "to_hz", type=float, help="Hz; forecasts end at 300.")
@click.option("--takes-to", help="Hz, up to 700, or `same`: as far as forecasts.")
@click.option("--slope", type=float, help="Of the target, dB per octave.")
@click.option("--target", help="A text of frequencies and levels, or `flat`.")
def judge(
    file: Path,
    from_hz: str | None,
    to_hz: float | None,
    takes_to: str | None,
    slope: float | None,
    target: str | None,
) -> None:
    """Say over which band and against what all in FILE is judged; without options, tell."""

    def changed(judging: Judging) -> Judging:
        if from_hz is not None:
            low = None if from_hz == "corner" else _hertz(from_hz)
            judging = replace(judging, from_hz=low)
        if to_hz is not None:
            judging = replace(judging, to_hz=to_hz)
        if takes_to is not None:
            far = None if takes_to == "same" else _hertz(takes_to)
            judging = replace(judging, takes_to_hz=far)
        against = judging.target
        if target is not None:
            against = FLAT_TARGET if target == "flat" else read_target(Path(target))
        tilt = judging.target.slope_db_per_octave if slope is None else slope
        return replace(judging, target=replace(against, slope_db_per_octave=tilt))

    if all(given is None for given in (from_hz, to_hz, takes_to, slope, target)):
        document = open_document(file)
    else:
        document = edit_file(file, lambda d: set_judging(d, changed(d.gear.judging)))
    click.echo(tr("Judged {words_of}.", words_of=words_of(document.gear.judging)))


def _hertz(text: str) -> float:
    """A frequency as it is typed. Raises Refused."""
    try:
        return float(text.lower().removesuffix("hz").strip())
    except ValueError:
        raise Refused(tr("“{what}” is no frequency; write one such as 700.", what=text)) from None


@click.command("export")
@click.argument("file", type=PATH)
@click.argument("folder", type=OUT_FOLDER)
@FORCE
def export(file: Path, folder: Path) -> None:
    """Write every take and average of FILE into FOLDER as CSV, text and WAV."""
    made = export_project(open_project(file).project, folder, forced())
    click.echo(tr("{made} files written to {folder}.", made=len(made), folder=folder))
