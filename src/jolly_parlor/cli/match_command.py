"""Loudspeakers around the seat without a window: layout, places, levels, times."""

from pathlib import Path
from typing import Any

import click

from jolly_parlor.analysis.loudspeakers_alike import match_all, matched
from jolly_parlor.cli.printed import JSON, PATH, rounded, usual_arrangement, write_json
from jolly_parlor.placement.around_seat import Settled
from jolly_parlor.placement.gear import Gear
from jolly_parlor.placement.layouts import PRESETS, LayoutId, side_words
from jolly_parlor.placement.matching import Match, match_words
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import edit_file, open_document
from jolly_parlor.project.layout_edits import choose_layout, move_around
from jolly_parlor.words import plural, tr


@click.command("match")
@click.argument("file", type=PATH)
@click.option("--arrangement", help="Name of the arrangement; the picked or first one without.")
@click.option("--layout", type=click.Choice(list(PRESETS)), help="Choose another one first.")
@click.option("--move", is_flag=True, help="Put those that may move where each is most even.")
@click.option("--set", "set_it", is_flag=True, help="Set gains and delays in FILE.")
@click.option("--measured", "basis", flag_value="measured", help="From takes, or not at all.")
@click.option("--forecast", "basis", flag_value="forecast", help="From the forecast.")
@JSON
def match(
    file: Path,
    arrangement: str | None,
    layout: LayoutId | None,
    move: bool,
    set_it: bool,
    basis: str | None,
    out: str | None,
) -> None:
    """Say of every loudspeaker of FILE what is off, what to move and what to set, so that all are
    heard alike at the main seat. Moves come before settings.
    """
    if layout is not None:
        edit_file(file, lambda d: choose_layout(d, layout))
    document = open_document(file)
    name = arrangement or usual_arrangement(document)
    document.arrangement(name)
    told: tuple[Settled, ...] = ()
    if move:
        placed, told = move_around(document, name)
        document = edit_file(file, lambda d: placed)
    found = match_all(document, name, None if basis is None else basis == "measured")
    if set_it:
        edit_file(file, lambda d: matched(d, name, found))
    if out is not None:
        write_json(out, _json(document, name, found, told, set_it))
    if out != "-":
        _tell(document.gear, name, found, told)


def _tell(gear: Gear, name: str, found: list[Match], told: tuple[Settled, ...]) -> None:
    for one in told:
        was = "" if one.before_db is None else f"{one.before_db:.1f} → "
        at = one.at
        click.echo(
            tr(
                "{loudspeaker} to {x:.2f}, {y:.2f}, {z:.2f} m: {was}{after_db:.1f} "
                "dB from even by itself.",
                loudspeaker=one.loudspeaker,
                x=at.x,
                y=at.y,
                z=at.z,
                was=was,
                after_db=one.after_db,
            )
        )
    how = "measured" if found and found[0].measured else "forecast"
    points = min((one.points for one in found), default=0)
    click.echo(
        plural(
            points,
            "“{name}”, {how} at {count} point of the head:",
            "“{name}”, {how} at {count} points of the head:",
            name=name,
            how=how,
        )
    )
    for row in found:
        click.echo(
            tr(
                "{loudspeaker}: {side_words}, {elevation:+.0f}° up, {metres:.2f} "
                "m, {level_db:+.1f} dB",
                loudspeaker=row.loudspeaker,
                side_words=side_words(row.azimuth),
                elevation=row.elevation,
                metres=row.metres,
                level_db=row.level_db,
            )
        )
        for words in match_words(row, gear):
            click.echo(f"  {words}")


def _json(
    document: Document, name: str, found: list[Match], told: tuple[Settled, ...], set_it: bool
) -> dict[str, Any]:
    return {
        "arrangement": name,
        "layout": document.gear.layout.id,
        "set": set_it,
        "moved": [
            {
                "loudspeaker": one.loudspeaker,
                "at_m": [round(v, 3) for v in (one.at.x, one.at.y, one.at.z)],
                "before_db": rounded(one.before_db),
                "after_db": rounded(one.after_db),
            }
            for one in told
        ],
        "loudspeakers": [
            {
                "loudspeaker": one.loudspeaker,
                "azimuth_degrees": round(one.azimuth, 1),
                "elevation_degrees": round(one.elevation, 1),
                "off_azimuth_degrees": round(one.off_azimuth, 1),
                "off_elevation_degrees": round(one.off_elevation, 1),
                "movable": one.movable,
                "distance_m": rounded(one.metres),
                "level_db": rounded(one.level_db),
                "gain_db": rounded(one.gain_db),
                "delay_ms": rounded(one.delay_ms),
                "within_tolerance": rounded(one.within),
                "worst_hz": rounded(one.worst_hz),
                "worst_db": rounded(one.worst_db),
                "points": one.points,
                "measured": one.measured,
                "words": match_words(one, document.gear),
            }
            for one in found
        ],
    }
