"""What whoever treats the room needs to know, without a window."""

from pathlib import Path

import click

from jolly_parlor.cli.output import JSON, PATH, write_json
from jolly_parlor.placement.arrangement import must_stand
from jolly_parlor.placement.reflections import (
    EARLY_DB,
    EARLY_SECONDS,
    SMALL_ROOMS,
    behind_head,
    reflection_points,
)
from jolly_parlor.project.files import open_document


@click.command("handover")
@click.argument("file", type=PATH)
@click.option("--arrangement", help="Name of the arrangement; the picked or first one without.")
@click.option("--seat", help="Whose reflections; the first one's without.")
@JSON
def handover(file: Path, arrangement: str | None, seat: str | None, out: str | None) -> None:
    """List the first reflections of every loudspeaker of FILE, loudest first."""
    document = open_document(file)
    name = arrangement or document.chosen or next((a.name for a in document.arrangements), "")
    placed, head = document.arrangement(name), seat or document.gear.seats[0].name
    document.gear.seat(head)
    must_stand(document.room, document.gear, placed)
    asked = document.room, document.gear, placed, head
    points, behind = reflection_points(*asked), behind_head(*asked)
    if out is not None:
        rows = [
            {
                "loudspeaker": p.loudspeaker,
                "surface": p.surface,
                "at_m": [round(p.at.x, 3), round(p.at.y, 3), round(p.at.z, 3)],
                "delay_ms": round(1000 * p.delay_seconds, 2),
                "level_db": round(p.level_db, 1),
                "exceeds": p.exceeds,
            }
            for p in points
        ]
        through = [
            {
                "loudspeaker": b.loudspeaker,
                "surface": b.surface,
                "at_m": [round(b.at.x, 3), round(b.at.y, 3), round(b.at.z, 3)],
            }
            for b in behind
        ]
        table = {"arrangement": name, "seat": head, "reflections": rows, "behind_head": through}
        write_json(out, table)
        return
    click.echo(
        f"“{name}” at the {head}; beyond {EARLY_DB:.0f} dB within {_ms(EARLY_SECONDS)} marked *."
    )
    for p in points:
        mark = "*" if p.exceeds else " "
        click.echo(
            f"{mark} {p.level_db:5.1f} dB {_ms(p.delay_seconds):>8}  {p.loudspeaker}, {p.surface}: "
            f"{p.tape(document.room)}"
        )
    for b in behind:
        click.echo(f"  line of {b.loudspeaker} through the head: {b.surface}")
    click.echo(SMALL_ROOMS)


def _ms(seconds: float) -> str:
    return f"{1000 * seconds:.1f} ms"
