"""The command: the same abilities without a window. See docs/command-line.md.

Exit codes: 0 done; 1 refused, with one sentence on standard error; 2 wrong usage.
"""

import csv
import json
import sys
from pathlib import Path
from typing import Any

import click
import numpy as np

from jolly_parlor import __version__
from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.eigenvalues import EigenvalueError
from jolly_parlor.cli_learning import explain, fit_command, next_command
from jolly_parlor.cli_measuring import analyse, export, measure_take
from jolly_parlor.cli_searching import rounded, search_room
from jolly_parlor.placement.evenness import Evenness
from jolly_parlor.placement.forecast import COMBINATIONS, Combination, Forecaster, combinations
from jolly_parlor.placement.schools import school
from jolly_parlor.project.cases import compute_case
from jolly_parlor.project.comparison import Comparison, Row, compare
from jolly_parlor.project.edits import add_take, propose
from jolly_parlor.project.files import open_document, read_survey, save_document
from jolly_parlor.project.learning import as_fitted, fit_document
from jolly_parlor.signals.calibration import read_calibration
from jolly_parlor.signals.importing import read_take
from jolly_parlor.signals.recorded import Played, read_recording

PATH = click.Path(path_type=Path)


class _OpenOrCommand(click.Group):
    """A first word that is no command is a file to open."""

    def parse_args(self, ctx: click.Context, args: list[str]) -> list[str]:
        if not args or (args[0] not in self.commands and not args[0].startswith("-")):
            args = ["open", *args]
        return super().parse_args(ctx, args)


@click.group(cls=_OpenOrCommand, options_metavar="", subcommand_metavar="[FILE] | COMMAND ...")
@click.version_option(__version__, prog_name="jolly-parlor")
def cli() -> None:
    """Find where the monitors, the subwoofer and the seat belong in a room.

    Without a command the window opens, with FILE if one is given.
    """


@cli.command("open")
@click.argument("file", type=PATH, required=False)
def open_window(file: Path | None) -> None:
    """Open the window, with FILE if given."""
    from jolly_parlor.app.start import run

    sys.exit(run(file))


@cli.command()
@click.argument("survey", type=PATH)
@click.argument("out", type=PATH)
def new(survey: Path, out: Path) -> None:
    """Make the document OUT from the file SURVEY."""
    document = read_survey(survey)
    save_document(document, out)
    click.echo(f"{out}: {document.room.name}, {len(document.arrangements)} arrangements.")


@cli.command("propose")
@click.argument("file", type=PATH)
@click.option("--school", "school_id", required=True, help="third, thirty_eight, tight, …")
def propose_arrangement(file: Path, school_id: str) -> None:
    """Add a school's arrangement to FILE; a school that cannot be met says why."""
    document = propose(open_document(file), school(school_id))
    save_document(document, file)
    added = document.arrangements[-1]
    click.echo(f"“{added.name}” added. {added.rule}")


@cli.command("import")
@click.argument("file", type=PATH)
@click.argument("response", type=PATH)
@click.option("--arrangement", required=True, help="Name of the arrangement measured.")
@click.option("--source", required=True, help="left, right, both, or a subwoofer's name.")
@click.option("--seat", required=True, help="Name of the seat.")
@click.option("--channel", default=1, show_default=True, help="Of a WAV with several, from 1.")
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
    sweep_file: Path | None,
    swept: tuple[float, float, float] | None,
    file_of_mic: Path | None,
) -> None:
    """Add a measured RESPONSE to FILE as a take: text, an impulse response as WAV, or the
    recording of a sweep, as WAV too.
    """
    document = open_document(file)
    if sweep_file is not None or swept is not None:
        calibration = read_calibration(file_of_mic) if file_of_mic is not None else None
        played = Played(sweep_file, *(swept or ()))
        read = read_recording(response, played, channel, calibration)
    else:
        read = read_take(response, channel)
    save_document(add_take(document, read, arrangement, source, seat, response.name), file)
    f = read.response.frequencies_hz
    click.echo(f"{response.name}: {f.size} points, {f[0]:.0f} to {f[-1]:.0f} Hz.")
    for note in read.notes:
        click.echo(note)


@cli.command()
@click.argument("file", type=PATH, required=False)
@click.option("--arrangement", help="Name of the arrangement.")
@click.option("--case", "case_path", type=PATH, help="A reference case instead of a document.")
@click.option("--csv", "out", type=PATH, required=True, help="Where to write the table.")
def forecast(file: Path | None, arrangement: str | None, case_path: Path | None, out: Path) -> None:
    """Calculate the response of an arrangement of FILE at its seats, or of a reference case."""
    if (file is None) == (case_path is None):
        raise click.UsageError("Give either FILE with --arrangement, or --case.")
    if case_path is not None:
        result = compute_case(case_path)
        _write_responses(out, result.frequencies_hz, result.pressures)
        return
    if arrangement is None:
        raise click.UsageError("Give --arrangement NAME.")
    assert file is not None
    document = open_document(file)
    placed = document.arrangement(arrangement)
    forecaster = Forecaster(document.room, document.gear)
    pressures: dict[tuple[str, str], ComplexArray] = {}
    for seat in placed.seats:
        at_seat = forecaster.at_seat(placed, seat)
        for sub in document.gear.subwoofers:
            pressures[sub.name, seat] = at_seat.sources[sub.name]
        for combination in combinations(document.gear):
            pressures[combination, seat] = at_seat.pressure(combination)
    _write_responses(out, forecaster.frequencies_hz, pressures)


@cli.command("compare")
@click.argument("file", type=PATH)
@click.option("--seat", help="Name of the seat; the main seat by default.")
@click.option("--source", type=click.Choice(COMBINATIONS), default="both", show_default=True)
@click.option("--fitted", is_flag=True, help="Fit the room to the takes first.")
@click.option("--json", "as_json", is_flag=True, help="Write JSON instead of a table.")
def compare_arrangements(
    file: Path, seat: str | None, source: Combination, fitted: bool, as_json: bool
) -> None:
    """Rank the arrangements of FILE by Evenness."""
    document = open_document(file)
    if source == "both+sub" and not document.gear.subwoofers:
        raise click.UsageError("This document has no subwoofer.")
    fit = fit_document(document) if fitted else None
    believed = document if fit is None else as_fitted(document, fit)
    found = compare(believed, seat or document.gear.seats[0].name, source, fit=fit)
    if as_json:
        click.echo(json.dumps(_comparison_json(found), indent=2, ensure_ascii=False))
        return
    click.echo(f"{found.verdict} ({found.basis_words})")
    if found.rivals:
        click.echo(found.rivals)
    for rank, row in enumerate(found.rows, start=1):
        figure = row.figure(found.basis)
        value = f"{figure.value_db:.1f} dB" if figure else "no figure"
        by = f", {row.basis_of(found.basis)}" if found.basis == "each" else ""
        click.echo(f"{rank}. {row.arrangement.name}: {value} from even{by}")
        for reason in row.reasons:
            click.echo(f"   {'+' if reason.good else '-'} {reason.text}")


@cli.command()
@click.argument("file", type=PATH)
@click.argument("out", type=PATH)
@click.option("--arrangement", required=True, help="Name of the arrangement.")
def report(file: Path, out: Path, arrangement: str) -> None:
    """Write the placement card of an arrangement of FILE to OUT, .pdf or .html."""
    from jolly_parlor.report.card import build_card
    from jolly_parlor.report.writing import write_card

    write_card(build_card(open_document(file), arrangement), out)
    click.echo(f"{out} written.")


for command in (measure_take, analyse, export, fit_command, next_command, explain, search_room):
    cli.add_command(command)


@cli.command()
@click.argument("folder", type=PATH)
def screenshots(folder: Path) -> None:
    """Draw each main view of the demo into FOLDER, 1280 by 800."""
    from jolly_parlor.app.screenshots import take_all

    for path in take_all(folder):
        click.echo(str(path))


def main() -> None:
    """Run the command; a refusal is one sentence and exit code 1."""
    try:
        cli.main(standalone_mode=False)
    except click.exceptions.Exit as stop:
        sys.exit(stop.exit_code)
    except click.ClickException as error:
        error.show()
        sys.exit(error.exit_code)
    except click.Abort:
        sys.exit(130)
    except (ValueError, EigenvalueError) as error:
        click.echo(f"jolly-parlor: {error}", err=True)
        sys.exit(1)


def _write_responses(
    out: Path, frequencies_hz: FloatArray, pressures: dict[tuple[str, str], ComplexArray]
) -> None:
    try:
        with out.open("w", newline="", encoding="utf-8") as file:
            writer = csv.writer(file, lineterminator="\n")
            writer.writerow(["source", "receiver", "frequency_hz", "level_db", "phase_deg"])
            for (source, receiver), pressure in pressures.items():
                level = 20 * np.log10(np.maximum(np.abs(pressure), 1e-12))
                phase = np.angle(pressure, deg=True)
                for f, db, degrees in zip(frequencies_hz, level, phase, strict=True):
                    writer.writerow([source, receiver, f"{f:.6g}", f"{db:.4f}", f"{degrees:.3f}"])
    except OSError as error:
        reason = (error.strerror or "the place cannot be written").lower()
        raise ValueError(f"{out} could not be written: {reason}.") from None


def _comparison_json(found: Comparison) -> dict[str, Any]:
    return {
        "seat": found.seat,
        "source": found.combination,
        "basis": found.basis,
        "basis_words": found.basis_words,
        "verdict": found.verdict,
        "ranking": [_row_json(rank, row, found) for rank, row in enumerate(found.rows, start=1)],
    }


def _row_json(rank: int, row: Row, found: Comparison) -> dict[str, Any]:
    figure = row.figure(found.basis)
    return {
        "rank": rank,
        "arrangement": row.arrangement.name,
        "evenness_db": rounded(figure.value_db if figure else None),
        "forecast_evenness_db": rounded(_value(row.forecast_evenness)),
        "measured_evenness_db": rounded(_value(row.measured_evenness)),
        "band_hz": [figure.low_hz, figure.high_hz] if figure else None,
        "deepest_dip": {
            "frequency_hz": round(figure.deepest_hz, 1),
            "level_db": rounded(figure.deepest_db),
            "likely_cause": row.deepest_cause,
        }
        if figure
        else None,
        "highest_peak": {
            "frequency_hz": round(figure.highest_hz, 1),
            "level_db": rounded(figure.highest_db),
        }
        if figure
        else None,
        "head_volume_worst_db": rounded(row.head_worst_db),
        "left_right_db": rounded(row.left_right_db),
        "reasons": [{"for": reason.good, "text": reason.text} for reason in row.reasons],
        "problem": row.problem or None,
    }


def _value(figure: Evenness | None) -> float | None:
    return figure.value_db if figure else None
