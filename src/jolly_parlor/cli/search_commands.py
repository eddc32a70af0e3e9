"""The search without a window."""

import json
from dataclasses import asdict, replace
from pathlib import Path
from typing import Any

import click

from jolly_parlor.acoustics.geometry.turned_room import turned_often
from jolly_parlor.analysis.room_fit import (
    MOST_UNDER_DOUBT,
    agreement,
    as_fitted,
    chosen_fit,
    with_doubt,
)
from jolly_parlor.cli.printed import FITTED, FORCE, OUT, PATH, rounded, write_text
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import PAIR, Gear
from jolly_parlor.placement.search.prices import prices
from jolly_parlor.placement.search.proposals import Proposal, Trade
from jolly_parlor.placement.search.search import FACINGS, USUAL_STEP, Found, search
from jolly_parlor.placement.search.wishes import READY_MADE, Facing
from jolly_parlor.project.files import open_document
from jolly_parlor.words import tr


@click.command("search")
@click.argument("file", type=PATH)
@click.option("--json", "out", type=OUT, help="Where to write the proposals as JSON.")
@FORCE
@click.option("--arrangement", help="The present layout, to compare with; the picked or first one.")
@click.option(
    "--facing",
    type=click.Choice([*FACINGS, "any"]),
    help="Which wall to face; as the document wishes by default. Positions are as after turning "
    "the room to face it.",
)
@click.option("--step", default=USUAL_STEP, show_default=True, help="Grid step in metres.")
@FITTED
@click.option(
    "--use",
    type=click.Choice(list(READY_MADE)),
    help="Ready-made limits on places instead of the document's.",
)
@click.option("--prices", "ask_prices", is_flag=True, help="What each limit on places costs.")
def search_room(
    file: Path,
    out: Path | None,
    arrangement: str | None,
    use: str | None,
    ask_prices: bool,
    facing: Facing | None,
    step: float,
    fitted: bool | None,
) -> None:
    """Search the room of FILE for the most even places of monitors, seat and subwoofers."""
    document = open_document(file)
    wishes = replace(document.wishes, facing=facing or document.wishes.facing)
    if use is not None:
        wishes = wishes.used_as(use)
    present = None
    if document.arrangements:
        name = arrangement or document.chosen or document.arrangements[0].name
        present = document.arrangement(name)
    fit = chosen_fit(document, fitted)
    believed = document if fit is None else as_fitted(document, fit)
    most = 5 if fit is None else MOST_UNDER_DOUBT
    found = search(believed.room, believed.gear, present, wishes, step=step, most=most)
    found = with_doubt(fit, found, document.gear)
    told = agreement(found)
    priced = prices(believed.room, believed.gear, present, wishes) if ask_prices else []
    if out is not None:
        table = _search_json(found, document.gear) | {"rivals": told}
        if ask_prices:
            table |= {"prices_db": {price.wish: rounded(price.costs_db) for price in priced}}
        write_text(out, json.dumps(table, indent=2, ensure_ascii=False) + "\n", ".json")
    click.echo(
        tr(
            "{evaluated} arrangements weighed in {seconds:.1f} s.",
            evaluated=found.evaluated,
            seconds=found.seconds,
        )
    )
    if present is not None and found.present_db is not None:
        click.echo(
            tr(
                "Now, {name}: {present_db:.1f} dB over the head volume.",
                name=present.name,
                present_db=found.present_db,
            )
        )
    if told:
        click.echo(told)
    for p in found.proposals:
        a = p.arrangement
        ear = a.seats[document.gear.seats[0].name]
        frame = turned_often(document.room, p.turns).frame
        subs = "".join(
            tr(
                "; {name} {x:.2f} m from the left, {y:.2f} m from the front",
                name=name,
                x=place.x - frame.left,
                y=place.y - frame.front,
            )
            for name, place in a.places.items()
            if name not in PAIR
        )
        click.echo(
            tr(
                "{figure_db:.1f} dB, facing the {facings} wall: monitors {y:.2f} m "
                "from the wall, {distance:.2f} m apart, {z:.2f} m high; seat "
                "{y2:.2f} m{subs}. {trade} {words}",
                figure_db=p.figure_db,
                facings=FACINGS[p.turns],
                y=a.left.y - frame.front,
                distance=a.left.distance(a.right),
                z=a.left.z,
                y2=ear.y - frame.front,
                subs=subs,
                trade=p.trade,
                words=p.words,
            )
        )
    for price in priced:
        click.echo(f"{price.words}.")


def _search_json(found: Found, gear: Gear) -> dict[str, Any]:
    return {
        "evaluated": found.evaluated,
        "seconds": round(found.seconds, 3),
        "step_m": found.step,
        "present_head_volume_db": rounded(found.present_db),
        "proposals": [_proposal_json(p, gear) for p in found.proposals],
        "trades": [_trade_json(t, gear) for t in found.trades],
    }


def _positions_json(arrangement: Arrangement, gear: Gear) -> dict[str, list[float]]:
    """By `str(item)`; subwoofers also as `sub:NAME`, as version 1 named them."""
    found = {str(item): arrangement.position(item) for item in arrangement.items}
    found |= {f"sub:{sub.id}": arrangement.places[sub.id] for sub in gear.subwoofers}
    return {name: [round(v, 3) for v in at.array().tolist()] for name, at in found.items()}


def _proposal_json(p: Proposal, gear: Gear) -> dict[str, Any]:
    shift, gain = p.off_middle
    return {
        "facing": FACINGS[p.turns],
        "positions_m": _positions_json(p.arrangement, gear),
        "chains": {name: asdict(chain) for name, chain in p.arrangement.chains.items()},
        "settings_gain_db": rounded(p.settings_gain_db),
        "evenness_db": rounded(p.evenness_db),
        "head_volume_db": rounded(p.figure_db),
        "monitors_head_volume_db": rounded(p.monitors_db),
        "bass_reach_hz": round(p.reach_hz, 1),
        "left_right_db": rounded(p.left_right_db),
        "expected_db": rounded(p.expected_db),
        "rooms_that_agree": rounded(p.agreeing),
        "sensitivity": {
            "placed_5_cm_off_db": rounded(p.off_by_5cm_db),
            "absorption_wrong_by_half_db": rounded(p.absorption_off_db),
        },
        "off_the_middle": {"metres": round(shift, 3), "gain_db": rounded(gain)},
        "moved_m": rounded(p.moved_metres),
        "gains_and_costs": p.trade,
    }


def _trade_json(t: Trade, gear: Gear) -> dict[str, Any]:
    return {
        "facing": FACINGS[t.turns],
        "positions_m": _positions_json(t.arrangement, gear),
        "monitors_head_volume_db": rounded(t.figure_db),
        "bass_reach_hz": round(t.reach_hz, 1),
        "moved_m": rounded(t.moved_metres),
    }
