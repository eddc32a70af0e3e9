"""The equaliser without a window."""

from pathlib import Path
from typing import Any

import click

from jolly_parlor.analysis.equaliser_check import Checked, equaliser_check
from jolly_parlor.analysis.equalising import Equalised, applied, at_every_point, equalise
from jolly_parlor.analysis.room_fit import chosen_fit
from jolly_parlor.cli.printed import (
    JSON,
    OUT,
    PATH,
    rounded,
    usual_arrangement,
    write_bytes,
    write_json,
    write_text,
)
from jolly_parlor.equalising.biquads import RATES_HZ, FirKind
from jolly_parlor.equalising.filter_files import (
    coefficients,
    fir_wav,
    in_words,
    section_words,
    table_csv,
)
from jolly_parlor.equalising.sections import STRENGTH_WHY, USUAL_STRENGTH, Correction
from jolly_parlor.outputs import names_apart
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import edit_file, open_document
from jolly_parlor.project.signing import SCOPES, Scope
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr


@click.command("equalise")
@click.argument("file", type=PATH)
@click.option("--arrangement", help="Name of the arrangement; the picked or first one without.")
@click.option(
    "--scope",
    type=click.Choice(list(SCOPES)),
    default="alike",
    show_default=True,
    help="The same sections for all that plays, or each loudspeaker its own.",
)
@click.option("--measured", "basis", flag_value="measured", help="From takes, or not at all.")
@click.option("--forecast", "basis", flag_value="forecast", help="From the forecast.")
@click.option("--fitted", "basis", flag_value="fitted", help="From the room fitted to the takes.")
@click.option(
    "--strength",
    type=click.FloatRange(0, 100),
    default=100 * USUAL_STRENGTH,
    show_default=True,
    help="Per cent of the whole correction.",
)
@click.option("--apply", "apply_it", is_flag=True, help="Set trims and sections in FILE.")
@click.option("--check", "check_it", is_flag=True, help="Hold the take as set against them.")
@click.option("--table", type=OUT, help="Write the sections as CSV.")
@click.option("--text", type=OUT, help="Write them in words.")
@click.option("--biquads", type=OUT, help="Write coefficients as JSON.")
@click.option("--rate", "rates", type=int, multiple=True, help="Sampling rates; may be repeated.")
@click.option("--fir", type=OUT, help="Write an impulse response as WAV, a file a group.")
@click.option(
    "--phase", type=click.Choice(["minimum", "linear"]), default="minimum", show_default=True
)
@JSON
def equalise_command(
    file: Path,
    arrangement: str | None,
    scope: Scope,
    basis: str | None,
    strength: float,
    apply_it: bool,
    check_it: bool,
    table: Path | None,
    text: Path | None,
    biquads: Path | None,
    rates: tuple[int, ...],
    fir: Path | None,
    phase: FirKind,
    out: str | None,
) -> None:
    """Say which hills of an arrangement of FILE a cut can mend, why nothing fills the hollows, and
    which few sections are worth setting, trims first.
    """
    document = open_document(file)
    name = arrangement or usual_arrangement(document)
    if check_it:
        _tell_check(equaliser_check(document, name), out)
        return
    fit = chosen_fit(document, None if basis is None else basis == "fitted")
    asked = None if basis is None else basis == "measured"
    found = equalise(document, name, scope, fit, asked)
    share = strength / 100
    by = found.sections(share)
    if table is not None:
        write_text(table, table_csv(by), ".csv")
    if text is not None:
        write_text(text, in_words(by, [*found.notes, *found.warnings(share)]), ".txt")
    if biquads is not None:
        write_json(str(biquads), coefficients(by, rates or RATES_HZ))
    if fir is not None:
        _write_firs(found, share, fir, rates[0] if rates else 48_000, phase)
    if apply_it:
        edit_file(file, lambda d: applied(d, found, share))
    if out is not None:
        write_json(out, _json(document, found, share, apply_it))
    if out != "-":
        _tell(found, share, apply_it, file)


def _write_firs(found: Equalised, share: float, out: Path, rate: int, kind: FirKind) -> None:
    if out.suffix.lower() != ".wav":
        raise Refused(tr("{name}: an impulse response is written as .wav.", name=out.name))
    by = found.sections(share)
    for name, sections in zip(names_apart(by), by.values(), strict=True):
        where = out if len(by) == 1 else out.with_name(f"{out.stem}-{name}{out.suffix}")
        write_bytes(where, fir_wav(sections, rate, kind), ".wav")


def _tell(found: Equalised, share: float, apply_it: bool, file: Path) -> None:
    click.echo(
        tr(
            "“{name}”, {scope}, {basis}.",
            name=found.arrangement.name,
            scope=SCOPES[found.scope],
            basis=found.basis,
        )
    )
    if found.tuned is not None:
        tuned = found.tuned.solution
        click.echo(
            tr(
                "Trims first: {before_db:.1f} → {after_db:.1f} dB.",
                before_db=tuned.before_db,
                after_db=tuned.after_db,
            )
        )
        for worth in found.tuned.worths:
            click.echo(f"  {worth.title}: {worth.before} → {worth.after}")
    for correction in found.corrections:
        _tell_one(correction, share)
    for line in (*found.warnings(share), found.move_first, *found.notes):
        if line:
            click.echo(line)
    click.echo(
        tr(
            "{share:.0f} % of the whole. {strength_why}",
            share=100 * share,
            strength_why=STRENGTH_WHY,
        )
    )
    if apply_it:
        click.echo(tr("Set in {file}.", file=file))


def _tell_one(correction: Correction, share: float) -> None:
    click.echo(f"{correction.curve.name}:")
    for verdict in correction.verdicts:
        click.echo(f"  {verdict.headline}: {verdict.words}")
    for section, buys in zip(correction.sections, correction.buys_db, strict=True):
        click.echo(
            tr(
                "  set {section_words} (whole; buys {buys:.1f} dB)",
                section_words=section_words(section),
                buys=buys,
            )
        )
    if not correction.sections:
        click.echo(tr("  Nothing worth a section."))
    for point, (before, after) in at_every_point(correction, share).items():
        click.echo(
            tr(
                "  {point}: {before:.1f} → {after:.1f} dB from even",
                point=point,
                before=before,
                after=after,
            )
        )


def _json(document: Document, found: Equalised, share: float, applied_: bool) -> dict[str, Any]:
    tuned = found.tuned
    return {
        "room": document.room.name,
        "arrangement": found.arrangement.name,
        "basis": found.basis,
        "scope": found.scope,
        "strength": share,
        "applied": applied_,
        "trims": None
        if tuned is None
        else {
            "before_db": rounded(tuned.solution.before_db),
            "after_db": rounded(tuned.solution.after_db),
            "changes": [[w.title, w.before, w.after] for w in tuned.worths],
        },
        "groups": [_group(one, share) for one in found.corrections],
        "move_first": found.move_first or None,
        "warnings": found.warnings(share),
        "notes": list(found.notes),
    }


def _group(one: Correction, share: float) -> dict[str, Any]:
    points = at_every_point(one, share)
    return {
        "for": one.curve.name,
        "loudspeakers": list(one.curve.loudspeakers),
        "band_hz": [round(one.curve.judged.low_hz, 1), round(one.curve.judged.high_hz, 1)],
        "features": [
            {
                "kind": v.feature.kind,
                "frequency_hz": round(v.feature.frequency_hz, 1),
                "level_db": round(v.feature.level_db, 1),
                "mendable": v.mendable,
                "why": v.words,
                "excess_delay_ms": rounded(v.jump_ms),
                "spread_over_head_db": rounded(v.spread_db),
            }
            for v in one.verdicts
        ],
        "whole": [
            {
                "frequency_hz": s.frequency_hz,
                "gain_db": s.gain_db,
                "q": s.q,
                "buys_db": round(buys, 2),
            }
            for s, buys in zip(one.sections, one.buys_db, strict=True)
        ],
        "sections": [
            {"frequency_hz": s.frequency_hz, "gain_db": s.gain_db, "q": s.q} for s in one.at(share)
        ],
        "evenness_db": {
            name: {"before": rounded(before), "after": rounded(after)}
            for name, (before, after) in points.items()
        },
    }


def _tell_check(checked: Checked, out: str | None) -> None:
    if out is not None:
        table = {
            "gap_db": rounded(checked.gap_db),
            "worst_hz": rounded(checked.worst_hz),
            "worst_db": rounded(checked.worst_db),
            "noise_db": rounded(checked.noise_db),
            "from_takes": checked.from_takes,
            "words": checked.words,
        }
        write_json(out, table)
    if out != "-":
        click.echo(checked.words)
