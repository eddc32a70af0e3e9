"""Settings of a document's arrangements: from forecasts and takes, told, set."""

from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest

from jolly_parlor.acoustics.geometry.plan import Point
from jolly_parlor.analysis.comparison import compare
from jolly_parlor.analysis.subwoofers import sub_report
from jolly_parlor.analysis.tuning import (
    applied,
    compare_at_best,
    seat_trades,
    set_chains,
    tune,
)
from jolly_parlor.placement.controls import Span
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.loudspeakers import Controls, Loudspeaker
from jolly_parlor.placement.mixes import with_subwoofers
from jolly_parlor.project.document import Document, Take
from jolly_parlor.project.files import open_document, save_document
from jolly_parlor.project.gear_edits import set_gear
from jolly_parlor.refused import Refused
from jolly_parlor.signals.response import Response


def with_takes(document: Document, change: dict[str, Response | None]) -> Document:
    """The demo with other responses of loudspeakers alone at the desk, “A third”; None: gone."""
    kept: list[Take] = []
    for take in document.takes:
        info = take.info
        if info.source in change and info.seat == "desk" and info.placed.name == "A third":
            response = change[info.source]
            if response is not None:
                kept.append(replace(take, response=response))
        else:
            kept.append(take)
    return replace(document, takes=tuple(kept))


def response_of(document: Document, source: str) -> Response:
    take = document.take_of(document.arrangement("A third"), source, "desk")
    assert take is not None
    return take.response


def test_found_settings_are_set_noted_and_kept_in_the_file(demo: Document, tmp_path: Path) -> None:
    found = tune(demo, "Tight to the wall")
    assert found.solution.after_db < found.solution.before_db - 1.0
    changed = applied(demo, found)
    path = tmp_path / "set.parlor"
    save_document(changed, path)
    again = open_document(path)
    assert again.arrangement("Tight to the wall").chains["sub"] == found.solution.chains["sub"]
    assert again.arrangement("A third") == demo.arrangement("A third")
    [note] = changed.noted[len(demo.noted) :]
    assert "Tight to the wall" in note.text and "→" in note.text
    assert tune(changed, "Tight to the wall").worths == ()


def test_every_seat_counts_where_asked(demo: Document) -> None:
    one, every = tune(demo, "A third"), tune(demo, "A third", every_seat=True)
    assert one.seats == ("desk",) and every.seats == ("desk", "sofa")
    assert every.after_db["sofa"] < every.before_db["sofa"]


def test_takes_win_over_the_forecast(demo: Document) -> None:
    found = tune(demo, "A third", measured=True)
    assert (found.source, found.seats) == ("measured", ("desk",))
    assert found.after_db["desk"] < found.before_db["desk"] - 1.0
    # What was there before is what the takes add up to.
    parts = {s: response_of(demo, s) for s in ("left", "right", "sub")}
    f = np.geomspace(30, 280, 200)
    chains = demo.arrangement("A third").chains
    total = sum(r.pressure(f) * chains[s].response(f, True) for s, r in parts.items())
    level = 20 * np.log10(np.abs(np.asarray(total)))
    assert found.before_db["desk"] == pytest.approx(np.std(level), rel=0.25)


def test_takes_that_cannot_be_added_say_so_and_what_levels_say(demo: Document) -> None:
    sub = response_of(demo, "sub")
    dumb = Response(sub.frequencies_hz, sub.level_db)
    with pytest.raises(Refused, match=r"take of sub at desk .* has no phase.*By levels alone sub"):
        tune(with_takes(demo, {"sub": dumb}), "A third", measured=True)
    with pytest.raises(Refused, match="there is no take of sub alone"):
        tune(with_takes(demo, {"sub": None}), "A third", measured=True)


def test_takes_of_unlike_time_references_are_told(demo: Document) -> None:
    sub = response_of(demo, "sub")
    assert sub.phase_deg is not None

    def late(by_ms: float) -> Document:
        phase = sub.phase_deg - 360 * sub.frequencies_hz * by_ms / 1000
        return with_takes(demo, {"sub": replace(sub, phase_deg=phase)})

    notes = " ".join(tune(late(8.0), "A third", measured=True).notes)
    assert "At desk sub comes" in notes and "later than its distance says" in notes
    with pytest.raises(Refused, match="no common time reference"):
        tune(late(35.0), "A third", measured=True)


def test_without_controls_nothing_can_be_set(demo: Document) -> None:
    models = tuple(replace(model, controls=Controls()) for model in demo.gear.models)
    bare = replace(demo, gear=replace(demo.gear, models=models))
    with pytest.raises(Refused, match="Say in Gear what their knobs"):
        tune(bare, "A third")


def test_what_cannot_be_set_is_refused_with_its_reason(demo: Document) -> None:
    loud = replace(demo.arrangement("A third").chain("sub"), gain_db=99.0)
    with pytest.raises(Refused, match="gain_db"):
        set_chains(demo, "A third", {"sub": loud}, "by hand")
    span = Span(6.0, -6.0)
    models = tuple(replace(m, controls=Controls(gain_db=span)) for m in demo.gear.models)
    with pytest.raises(Refused, match="The gain control goes from 6 to -6"):
        set_gear(demo, replace(demo.gear, models=models))


def test_an_idle_subwoofer_is_told_and_where_it_would_serve(demo: Document) -> None:
    gear = replace(
        demo.gear, loudspeakers=(*demo.gear.loudspeakers, Loudspeaker("far", "subwoofer", "sub"))
    )
    a = demo.arrangement("A third")
    chains = {**a.chains, "far": replace(a.chain("sub"), gain_db=-12.0)}
    a = replace(a, places={**a.places, "far": Point(1.9, 2.7, 0.18)}, chains=chains)
    found = sub_report(replace(demo, gear=gear, arrangements=(a,)), "A third")
    assert found.at_seats["desk"].idle() == ["far"]
    assert any(words.startswith("far idles while sub does the work") for words in found.words)
    assert "far" in found.moves and found.moves["far"][1] > 0
    assert found.seat_variance_db2 is not None and found.seat_variance_db2 > 0
    bare = replace(gear, loudspeakers=gear.loudspeakers[:2])
    with pytest.raises(Refused, match="no subwoofer"):
        sub_report(replace(demo, gear=bare, arrangements=(a,)), "A third")


def test_arrangements_are_compared_at_their_best_settings_where_asked(demo: Document) -> None:
    mix = with_subwoofers(demo.gear)
    forecaster = Forecaster(demo.room, demo.gear)
    as_set = compare(demo, "desk", mix, forecaster, basis="forecast")
    best = compare_at_best(demo, "desk", mix, forecaster)
    assert best.basis_words.endswith("each at its best settings")
    by_name = {row.arrangement.name: row for row in best.rows}
    for row in as_set.rows:
        tuned = by_name[row.arrangement.name]
        assert row.forecast_evenness is not None and tuned.forecast_evenness is not None
        assert tuned.forecast_evenness.value_db < row.forecast_evenness.value_db
        told = f"best settings; as set {row.forecast_evenness.value_db:.1f} dB, forecast"
        assert told in tuned.facts
    # Only calculated: nothing is set.
    assert by_name["A third"].arrangement.chains != demo.arrangement("A third").chains


def test_seats_trade_and_no_point_is_bettered(demo: Document) -> None:
    as_set, *found = seat_trades(demo, "A third")
    assert as_set.weight is None and found
    assert as_set.chains["sub"] == demo.arrangement("A third").chain("sub")
    assert min(one.by_seat_db["desk"] for one in found) <= as_set.by_seat_db["desk"]
    assert all(one.spread_db > 0 for one in found)
    for one in found:
        for other in found:
            better = [other.by_seat_db[s] - value < -0.05 for s, value in one.by_seat_db.items()]
            assert one is other or not all(better)
    alone = replace(demo.gear, seats=demo.gear.seats[:1])
    with pytest.raises(Refused, match="one seat: nothing to trade"):
        seat_trades(set_gear(demo, alone), "A third")
