"""What is calculated of arrangements: forecast, compare."""

import csv
import io
import json
from pathlib import Path
from typing import Any

import click
import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.analysis.cases import compute_case
from jolly_parlor.analysis.comparison import Comparison, Row, compare
from jolly_parlor.analysis.room_fit import as_fitted, chosen_fit
from jolly_parlor.analysis.tuning import compare_at_best
from jolly_parlor.cli.printed import FITTED, FORCE, OUT, PATH, asked_mix, rounded, write_text
from jolly_parlor.outputs import as_text
from jolly_parlor.placement.evenness import Evenness
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.mixes import mixes
from jolly_parlor.project.files import open_document
from jolly_parlor.words import tr


@click.command("forecast")
@click.argument("file", type=PATH, required=False)
@click.option("--arrangement", help="Name of the arrangement.")
@click.option("--case", "case_path", type=PATH, help="A reference case instead of a document.")
@click.option("--csv", "out", type=OUT, required=True, help="Where to write the table.")
@FORCE
def forecast(file: Path | None, arrangement: str | None, case_path: Path | None, out: Path) -> None:
    """Calculate the response of an arrangement of FILE at its seats, or of a reference case."""
    if (file is None) == (case_path is None):
        raise click.UsageError(tr("Give either FILE with --arrangement, or --case."))
    if case_path is not None:
        result = compute_case(case_path)
        _write_responses(out, result.frequencies_hz, result.pressures)
        return
    if arrangement is None:
        raise click.UsageError(tr("Give --arrangement NAME."))
    assert file is not None
    document = open_document(file)
    placed = document.arrangement(arrangement)
    forecaster = Forecaster(document.room, document.gear)
    pressures: dict[tuple[str, str], ComplexArray] = {}
    for seat in placed.seats:
        at_seat = forecaster.at_seat(placed, seat)
        for mix in mixes(document.gear):
            pressures[mix.id, seat] = at_seat.pressure(mix)
    _write_responses(out, forecaster.frequencies_hz, pressures)


@click.command("compare")
@click.argument("file", type=PATH)
@click.option("--seat", help="Name of the seat; the main seat by default.")
@click.option("--source", help="Which mix plays; all that plays without.")
@FITTED
@click.option("--tuned", is_flag=True, help="Each at its own best settings, not as set.")
@click.option("--json", "as_json", is_flag=True, help="Write JSON instead of a table.")
def compare_arrangements(
    file: Path,
    seat: str | None,
    source: str | None,
    fitted: bool | None,
    tuned: bool,
    as_json: bool,
) -> None:
    """Rank the arrangements of FILE by Evenness."""
    document = open_document(file)
    mix = asked_mix(document, source)
    fit = chosen_fit(document, fitted)
    believed = document if fit is None else as_fitted(document, fit)
    ranked = compare_at_best if tuned else compare
    found = ranked(believed, seat or document.gear.seats[0].name, mix, fit=fit)
    if as_json:
        click.echo(json.dumps(_comparison_json(found), indent=2, ensure_ascii=False))
        return
    click.echo(f"{found.verdict} ({found.basis_words})")
    if found.rivals:
        click.echo(found.rivals)
    for rank, row in enumerate(found.rows, start=1):
        figure = row.figure(found.basis)
        value = tr("{value_db:.1f} dB", value_db=figure.value_db) if figure else tr("no figure")
        by = f", {row.basis_of(found.basis)}" if found.basis == "each" else ""
        click.echo(
            tr(
                "{rank}. {name}: {value} from even{by}",
                rank=rank,
                name=row.arrangement.name,
                value=value,
                by=by,
            )
        )
        for reason in row.reasons:
            click.echo(f"   {'+' if reason.good else '-'} {reason.text}")


def _write_responses(
    out: Path, frequencies_hz: FloatArray, pressures: dict[tuple[str, str], ComplexArray]
) -> None:
    text = io.StringIO()
    writer = csv.writer(text, lineterminator="\n")
    writer.writerow(["source", "receiver", "frequency_hz", "level_db", "phase_deg"])
    for (source, receiver), pressure in pressures.items():
        level = 20 * np.log10(np.maximum(np.abs(pressure), 1e-12))
        phase = np.angle(pressure, deg=True)
        names = as_text(source), as_text(receiver)
        for f, db, degrees in zip(frequencies_hz, level, phase, strict=True):
            writer.writerow([*names, f"{f:.6g}", f"{db:.4f}", f"{degrees:.3f}"])
    write_text(out, text.getvalue(), ".csv")


def _comparison_json(found: Comparison) -> dict[str, Any]:
    return {
        "seat": found.seat,
        "source": found.mix.id,
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
