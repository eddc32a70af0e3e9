"""What whoever treats the room needs to know, without a window."""

from pathlib import Path
from typing import Any

import click

from jolly_parlor.analysis.handover import NOT_MEASURED, Handover, handover
from jolly_parlor.cli.printed import JSON, PATH, rounded, usual_arrangement, write_json
from jolly_parlor.placement.reflections import EARLY_DB, EARLY_SECONDS, SMALL_ROOMS
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import open_document
from jolly_parlor.words import tr


@click.command("reflections")
@click.argument("file", type=PATH)
@click.option("--arrangement", help="Name of the arrangement; the picked or first one without.")
@click.option("--seat", help="Whose reflections; the first one's without.")
@JSON
def reflections(file: Path, arrangement: str | None, seat: str | None, out: str | None) -> None:
    """List for whoever treats the room of FILE: first reflections of every loudspeaker, loudest
    first; what remains after placing, where its pressure gathers, and how long each band rings.
    """
    document = open_document(file)
    name = arrangement or usual_arrangement(document)
    found = handover(document, name, seat)
    if out is not None:
        write_json(out, handover_json(found))
    if out != "-":
        _tell(document, found)


def handover_json(found: Handover) -> dict[str, Any]:
    """The list as a table for JSON."""
    return {
        "arrangement": found.arrangement,
        "seat": found.seat,
        "reflections": [
            {
                "loudspeaker": p.loudspeaker,
                "surface": p.surface,
                "at_m": [round(p.at.x, 3), round(p.at.y, 3), round(p.at.z, 3)],
                "delay_ms": round(1000 * p.delay_seconds, 2),
                "level_db": round(p.level_db, 1),
                "exceeds": p.exceeds,
            }
            for p in found.points
        ],
        "behind_head": [
            {
                "loudspeaker": b.loudspeaker,
                "surface": b.surface,
                "at_m": [round(b.at.x, 3), round(b.at.y, 3), round(b.at.z, 3)],
            }
            for b in found.behind
        ],
        "measured": found.measured,
        "remains": [
            {
                "kind": r.finding.feature.kind,
                "frequency_hz": round(r.finding.feature.frequency_hz, 1),
                "level_db": round(r.finding.feature.level_db, 1),
                "words": r.finding.headline,
                "gathers": [
                    {
                        "where": g.where,
                        "at_m": [round(g.at.x, 3), round(g.at.y, 3), round(g.at.z, 3)],
                        "over_ear_db": round(g.over_ear_db, 1),
                    }
                    for g in r.gathers
                ],
            }
            for r in found.remains
        ],
        "decay": [
            {"midband_hz": round(d.midband_hz, 1), "seconds": rounded(d.seconds), "kind": d.kind}
            for d in found.decays
        ],
        "words": [found.decay_words, SMALL_ROOMS],
    }


def _tell(document: Document, found: Handover) -> None:
    click.echo(
        tr(
            "“{arrangement}” at the {seat}; beyond {early_db:.0f} dB within {ms} marked *.",
            arrangement=found.arrangement,
            seat=found.seat,
            early_db=EARLY_DB,
            ms=_ms(EARLY_SECONDS),
        )
    )
    for p in found.points:
        mark = "*" if p.exceeds else " "
        click.echo(
            tr(
                "{mark} {level_db:5.1f} dB {ms:>8}  {loudspeaker}, {surface}: {tape}",
                mark=mark,
                level_db=p.level_db,
                ms=_ms(p.delay_seconds),
                loudspeaker=p.loudspeaker,
                surface=p.surface,
                tape=p.tape(document.room),
            )
        )
    for b in found.behind:
        click.echo(
            tr(
                "  line of {loudspeaker} through the head: {surface}",
                loudspeaker=b.loudspeaker,
                surface=b.surface,
            )
        )
    click.echo(tr("What remains, in order of harm:"))
    if not found.measured:
        click.echo(f"  {NOT_MEASURED}")
    for r in found.remains:
        click.echo(f"  {r.finding.headline} {r.gathers_words}".rstrip())
    click.echo(found.decay_words)
    for d in found.decays:
        if d.seconds is not None:
            click.echo(f"  {d.words}")
    click.echo(SMALL_ROOMS)


def _ms(seconds: float) -> str:
    return tr("{seconds:.1f} ms", seconds=1000 * seconds)
