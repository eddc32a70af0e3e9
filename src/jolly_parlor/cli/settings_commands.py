"""Settings and subwoofers without a window."""

from dataclasses import asdict
from pathlib import Path
from typing import Any

import click
import numpy as np

from jolly_parlor.analysis.room_fit import chosen_fit
from jolly_parlor.analysis.subwoofers import SubReport, further, sub_report
from jolly_parlor.analysis.tuning import Tuned, applied, tune
from jolly_parlor.cli.printed import FITTED, JSON, PATH, rounded, usual_arrangement, write_json
from jolly_parlor.placement.search.further_subs import Further, further_words
from jolly_parlor.placement.settings.alignment import Alignment
from jolly_parlor.placement.settings.headroom import REFERENCE_DB_SPL, Headroom
from jolly_parlor.placement.settings.shares import THIRDS_HZ, Shares
from jolly_parlor.project.files import edit_file, open_document
from jolly_parlor.words import tr


@click.command("settings")
@click.argument("file", type=PATH)
@click.option("--arrangement", help="Name of the arrangement; the picked or first one.")
@click.option(
    "--seats",
    type=click.Choice(["main", "all"]),
    default="main",
    show_default=True,
    help="`all`: every seat counts as much as the main one.",
)
@FITTED
@click.option("--measured", is_flag=True, help="From takes of each loudspeaker alone, with phase.")
@click.option("--apply", "apply_it", is_flag=True, help="Set them in FILE.")
@click.option(
    "--reference",
    default=REFERENCE_DB_SPL,
    show_default=True,
    type=click.FloatRange(50.0, 120.0),
    help="Level at the seat for the headroom, dB SPL.",
)
@JSON
def settings(
    file: Path,
    arrangement: str | None,
    seats: str,
    fitted: bool | None,
    measured: bool,
    apply_it: bool,
    reference: float,
    out: str | None,
) -> None:
    """Find the settings of an arrangement of FILE that make what is heard most even."""
    if fitted and measured:
        raise click.UsageError(
            tr("Give --fitted or --measured, not both: takes win over forecasts.")
        )
    document = open_document(file)
    fit = chosen_fit(document, False if measured else fitted)
    name = arrangement or usual_arrangement(document)
    found = tune(document, name, seats == "all", fit, measured, reference)
    if apply_it:
        edit_file(file, lambda d: applied(d, found))
    if out is not None:
        write_json(out, _settings_json(found, apply_it))
    if out != "-":
        _tell(found, apply_it, file)


@click.command("subs")
@click.argument("file", type=PATH)
@click.option("--arrangement", help="Name of the arrangement; the picked or first one.")
@FITTED
@click.option("--further", "ask_further", is_flag=True, help="What none to four would give.")
@JSON
def subs(
    file: Path, arrangement: str | None, fitted: bool | None, ask_further: bool, out: str | None
) -> None:
    """Say what each subwoofer of FILE does alone, its share of the work, how it stands to the
    pair, and how unlike the seats are.
    """
    document = open_document(file)
    fit = chosen_fit(document, fitted)
    name = arrangement or usual_arrangement(document)
    found = sub_report(document, name, fit)
    more = further(document, name, fit) if ask_further else []
    if out is not None:
        write_json(out, _subs_json(found) | ({"further": _further_json(more)} if more else {}))
    if out == "-":
        return
    for seat, shares in found.at_seats.items():
        how = found.sources[seat]
        click.echo(
            tr(
                "At {seat}, {how}, dB by third of an octave, and share of the work:",
                seat=seat,
                how=how,
            )
        )
        for row, name in enumerate(shares.names):
            cells = (
                tr("{f:g} Hz {level:.0f} ({share:.0f} %)", f=f, level=level, share=100 * share)
                for f, level, share in zip(
                    THIRDS_HZ, shares.levels_db[row], shares.share[row], strict=True
                )
                if np.isfinite(level)
            )
            click.echo(f"  {name}: {', '.join(cells)}")
    if found.seat_variance_db2 is not None:
        click.echo(
            tr(
                "Seats differ by {seat_variance_db2:.1f} dB² from 10 to 125 Hz.",
                seat_variance_db2=found.seat_variance_db2,
            )
        )
    for words in (*(one.words for one in found.alignments), *found.words, *further_words(more)):
        click.echo(words)


def _further_json(found: list[Further]) -> list[dict[str, Any]]:
    return [
        {"subs": f.count, "main_seat_db": rounded(f.main_db), "all_seats_db": rounded(f.every_db)}
        for f in found
    ]


def _tell(found: Tuned, apply_it: bool, file: Path) -> None:
    solution = found.solution
    click.echo(
        tr(
            "“{name}”, {source}: {before_db:.2f} → {after_db:.2f} dB over the head volume.",
            name=found.arrangement.name,
            source=found.source,
            before_db=solution.before_db,
            after_db=solution.after_db,
        )
    )
    for seat in found.seats:
        click.echo(
            tr(
                "{seat}: {before_db:.2f} → {after_db:.2f} dB.",
                seat=seat,
                before_db=found.before_db[seat],
                after_db=found.after_db[seat],
            )
        )
    for worth in found.worths:
        click.echo(worth.words)
    for words in found.notes:
        click.echo(words)
    if apply_it:
        click.echo(tr("Set in {file}.", file=file))


def _settings_json(found: Tuned, apply_it: bool) -> dict[str, Any]:
    solution, main = found.solution, found.seats[0]
    return {
        "arrangement": found.arrangement.name,
        "source": found.source,
        "seats": list(found.seats),
        "chains": {
            "before": {n: asdict(found.arrangement.chain(n)) for n in solution.chains},
            "after": {name: asdict(chain) for name, chain in solution.chains.items()},
        },
        "head_volume_db": {
            "before": rounded(solution.before_db),
            "after": rounded(solution.after_db),
        },
        "evenness_db": {
            "before": rounded(found.before_db[main]),
            "after": rounded(found.after_db[main]),
        },
        "evenness_by_seat_db": {
            seat: {"before": rounded(found.before_db[seat]), "after": rounded(found.after_db[seat])}
            for seat in found.seats
        },
        "buys": [
            {
                "control": worth.title,
                "before": worth.before,
                "after": worth.after,
                "alone_db": rounded(worth.alone_db),
                "without_db": rounded(worth.without_db),
            }
            for worth in found.worths
        ],
        "headroom": [_headroom_json(one) for one in found.headroom],
        "decay_s": [
            {
                "hz": band.midband_hz,
                "before": rounded(band.before_seconds),
                "after": rounded(band.after_seconds),
            }
            for band in found.decay
        ],
        "notes": list(found.notes),
        "applied": apply_it,
    }


def _headroom_json(one: Headroom) -> dict[str, Any]:
    return {
        "loudspeaker": one.name,
        "asked_db_spl_at_1_m": round(one.asked_db_spl, 1),
        "at_hz": round(one.at_hz, 1),
        "left_db": rounded(one.left_db),
    }


def _subs_json(found: SubReport) -> dict[str, Any]:
    return {
        "arrangement": found.arrangement.name,
        "thirds_hz": list(THIRDS_HZ),
        "seats": {seat: _shares_json(shares) for seat, shares in found.at_seats.items()},
        "sources": dict(found.sources) | {"alignment": found.aligned_by},
        "seat_variance_db2": rounded(found.seat_variance_db2),
        "headroom": [_headroom_json(one) for one in found.headroom],
        "moves": {
            name: {"position_m": [round(v, 3) for v in at.array().tolist()], "gain_db": rounded(by)}
            for name, (at, by) in found.moves.items()
        },
        "alignment": {one.name: _alignment_json(one) for one in found.alignments},
        "words": list(found.words),
    }


def _alignment_json(one: Alignment) -> dict[str, Any]:
    null = one.null
    return {
        "distance_m": round(one.distance_metres, 3),
        "farther_than_pair_m": round(one.farther_metres, 3),
        "delay_instead_ms": round(one.delay_ms, 2),
        "delayed": "pair" if one.farther_metres > 0 else one.name,
        "level_over_pair_db": rounded(one.level_db),
        "crossover_hz": one.crossover_hz,
        "null_now_db": rounded(null.now_db),
        "null_deepest_db": rounded(null.deepest_db),
        "null_at": None
        if null.knob is None
        else {null.knob.what: null.value, "inverted": null.inverted},
        "words": one.words,
    }


def _number(value: float, digits: int) -> float | None:
    """None where there is none."""
    return round(float(value), digits) if np.isfinite(value) else None


def _shares_json(shares: Shares) -> dict[str, Any]:
    below, idle = shares.below_loudest_db(), shares.idle()
    return {
        name: {
            "levels_db": [_number(v, 2) for v in shares.levels_db[row]],
            "share": [_number(v, 4) for v in shares.share[row]],
            "below_loudest_db": rounded(below[name]),
            "idle": name in idle,
        }
        for row, name in enumerate(shares.names)
    }
