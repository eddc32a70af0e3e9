"""Takes: measure, analyse."""

from functools import partial
from pathlib import Path

import click

from jolly_parlor.cli.printed import FORCE, OUT, PATH, write_text
from jolly_parlor.placement.forecast import HEAD_SHIFTS
from jolly_parlor.project.document import HeadPoint
from jolly_parlor.project.files import open_project, response_csv, save_project
from jolly_parlor.project.staging import siblings_of, stage_of
from jolly_parlor.project.take_edits import add_measured
from jolly_parlor.signals.calibration import Calibration, read_calibration
from jolly_parlor.signals.recorded_sweeps import Played, read_recording
from jolly_parlor.signals.sweep import Sweep
from jolly_parlor.studio.device import Device
from jolly_parlor.studio.one_take import Settings, measure
from jolly_parlor.studio.simulated import SimulatedStudio
from jolly_parlor.studio.soundcard import Channels, SoundCard
from jolly_parlor.studio.two_devices import TwoDevices
from jolly_parlor.words import tr


@click.command("measure")
@click.argument("file", type=PATH)
@click.option("--arrangement", required=True, help="Name of the arrangement as it stands.")
@click.option("--source", required=True, help="both, or the id of a loudspeaker.")
@click.option("--seat", required=True, help="Name of the seat where the microphone is.")
@click.option(
    "--device", default="simulated", show_default=True, help="simulated, or a sound card's name."
)
@click.option("--input", "hears", help="The microphone's device, where it has one of its own.")
@click.option("--marks", default="left", show_default=True, help="With --input: plays the markers.")
@click.option("--microphone", default=1, show_default=True, help="Input channel, from 1.")
@click.option("--loopback", nargs=2, type=int, help="Output and input cabled as timing reference.")
@click.option("--point", default="centre", type=click.Choice(list(HEAD_SHIFTS)), show_default=True)
@click.option("--sweeps", default=2, show_default=True, type=click.IntRange(1, 8))
@click.option("--seconds", default=5.0, show_default=True, help="Length of a sweep.")
@click.option("--output", default=-26.0, show_default=True, help="Level, dB below full scale.")
@click.option("--calibration", "file_of_mic", type=PATH, help="The microphone's file.")
@click.option("--seed", default=1, show_default=True, help="Which simulated studio.")
@click.option("--mishaps", default=0.0, show_default=True, type=click.FloatRange(0, 1))
def measure_take(
    file: Path,
    arrangement: str,
    source: str,
    seat: str,
    device: str,
    hears: str | None,
    marks: str,
    microphone: int,
    loopback: tuple[int, int] | None,
    point: HeadPoint,
    sweeps: int,
    seconds: float,
    output: float,
    file_of_mic: Path | None,
    seed: int,
    mishaps: float,
) -> None:
    """Measure one take and add it to FILE; a bad one is kept but left out of rankings."""
    opened = open_project(file)
    document, source = opened.project.document, source.removeprefix("sub:")
    placed = document.arrangement(arrangement)
    if source not in document.source_names:
        raise click.UsageError(f"--source is one of {', '.join(document.source_names)}.")
    stage = stage_of(document, placed, seat, point)
    if device == "simulated":
        simulated = SimulatedStudio(document.room, seed, mishaps)
        studio: Device = simulated
        own: Calibration | None = simulated.calibration()
    else:
        outputs = {name: number for number, name in enumerate(stage.sources, start=1)}
        out, back = loopback or (None, None)
        channels, own = Channels(outputs, microphone, out, back), None
        if hears is not None and hears != device:
            if loopback:
                raise click.UsageError(
                    tr("--loopback needs one device; with --input markers tell the time.")
                )
            if marks not in outputs:
                raise click.UsageError(f"--marks is one of {', '.join(outputs)}.")
            studio = TwoDevices(device, hears, channels, marks=marks)
        else:
            studio = SoundCard(device, channels)
    calibration = read_calibration(file_of_mic) if file_of_mic is not None else own
    sweep = Sweep(seconds=seconds, sample_rate=studio.sample_rate)
    settings = Settings(sweep, sweeps, output)
    found = measure(
        studio,
        settings,
        source,
        stage,
        calibration,
        siblings_of(document, placed, source, seat),
        told=partial(click.echo, err=True),
    )
    name = calibration.name if calibration else ""
    changed = add_measured(
        document, found, studio, settings, name, arrangement, source, seat, point
    )
    save_project(opened.project.after(changed), file, opened.fingerprint)
    click.echo(f"{changed.takes[-1].info.file_name}: {found.verdict.mark}.")
    if found.level_db_spl is not None:
        click.echo(
            tr("{level_db_spl:.0f} dB SPL at the microphone.", level_db_spl=found.level_db_spl)
        )
    for words in found.verdict.words:
        click.echo(words)


@click.command("analyse")
@click.argument("recording", type=PATH)
@click.option("--sweep", "sweep_file", type=PATH, help="The sweep that was played, as WAV.")
@click.option("--low", default=10.0, show_default=True, help="Else: where it began, Hz.")
@click.option("--high", default=20000.0, show_default=True, help="Where it ended, Hz.")
@click.option("--seconds", default=5.0, show_default=True, help="How long it took.")
@click.option("--channel", default=1, show_default=True, help="Of the recording, from 1.")
@click.option("--calibration", "file_of_mic", type=PATH, help="The microphone's file.")
@click.option("--csv", "out", type=OUT, required=True, help="Where to write the response.")
@FORCE
def analyse(
    recording: Path,
    sweep_file: Path | None,
    low: float,
    high: float,
    seconds: float,
    channel: int,
    file_of_mic: Path | None,
    out: Path,
) -> None:
    """Turn the RECORDING of a sweep into a frequency response."""
    played = Played(sweep_file, low, high, seconds)
    calibration = read_calibration(file_of_mic) if file_of_mic is not None else None
    read = read_recording(recording, played, channel, calibration)
    write_text(out, response_csv(read.response), ".csv")
    click.echo(tr("{out}: {size} points.", out=out, size=read.response.frequencies_hz.size))
    for note in read.notes:
        click.echo(note)
