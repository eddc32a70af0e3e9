"""How long settings take, and what they buy.

Run from the repository: `.venv/bin/python benchmarks/settings.py`. Settings of a pair with one
subwoofer at one seat and with four at three, and whole searches of the demo's box without
subwoofer, with one and with four, places and settings together. Asserts nothing.
"""

import time
from dataclasses import replace

from jolly_parlor.app.samples import DEMO
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.controls import Span
from jolly_parlor.placement.first_placing import starting_chains, starting_places
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.gear import Gear, Seat
from jolly_parlor.placement.loudspeakers import Loudspeaker
from jolly_parlor.placement.mixes import with_subwoofers
from jolly_parlor.placement.search.search import search
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.settings.heard import forecast_heard
from jolly_parlor.placement.settings.solver import solve
from jolly_parlor.project.document import Document
from jolly_parlor.project.files import open_document


def with_subs(document: Document, count: int, seats: int = 2) -> tuple[Gear, Arrangement]:
    """The demo's gear with so many subwoofers alike (delay instead of a phase knob) and seats, and
    its first arrangement with them.
    """
    gear, a = document.gear, document.arrangements[0]
    own = replace(gear.model("sub").controls, phase_degrees=None, delay_ms=Span(0.0, 15.0, 0.1))
    models = tuple(replace(m, controls=own) if m.id == "sub" else m for m in gear.models)
    subs = tuple(Loudspeaker(f"sub {n + 1}", "subwoofer", "sub") for n in range(count))
    every = (*gear.seats, Seat("chair", 1.1))[:seats]
    gear = replace(gear, models=models, loudspeakers=(*gear.loudspeakers[:2], *subs), seats=every)
    ear = a.seats["desk"]
    beside = starting_places(document.room, gear, a.left, a.right, ear)
    stood = {"desk": ear, "sofa": a.seats["sofa"], "chair": replace(a.seats["sofa"], x=1.0, y=3.0)}
    return gear, replace(
        a,
        places={"left": a.left, "right": a.right} | beside,
        seats={seat.name: stood[seat.name] for seat in every},
        chains=starting_chains(gear),
    )


def settings(document: Document, subs: int, seats: int, aim: float) -> None:
    """Of one arrangement."""
    gear, a = with_subs(document, subs, max(seats, 2))
    forecaster = Forecaster(document.room, gear).coarse()
    names = [seat.name for seat in gear.seats[:seats]]
    heard = forecast_heard(forecaster, a, with_subwoofers(gear), dict.fromkeys(names, 1.0))
    begun = time.perf_counter()
    found = solve(heard, a.chains)
    print(
        f"settings, {subs} sub(s), {seats} seat(s): {time.perf_counter() - begun:.1f} s (aim "
        f"{aim:.0f}), {found.before_db:.2f} → {found.after_db:.2f} dB"
    )


def searched(document: Document, subs: int, aim: float) -> None:
    """The whole search of the box."""
    gear, a = with_subs(document, subs)
    begun = time.perf_counter()
    found = search(document.room, gear, a, Wishes())
    best = found.proposals[0]
    print(
        f"search, {subs} sub(s): {time.perf_counter() - begun:.1f} s (aim {aim:.0f}), best "
        f"{best.figure_db:.2f} dB, {best.evenness_db:.2f} at the ear"
    )


def main() -> None:
    """All of it, once warm."""
    document = open_document(DEMO)
    gear, a = with_subs(document, 1)
    search(document.room, gear, a, Wishes(), step=0.1)  # compiled
    settings(document, 1, 1, 1.0)
    settings(document, 4, 3, 10.0)
    for subs, aim in ((0, 8.0), (1, 20.0), (4, 60.0)):
        searched(document, subs, aim)


if __name__ == "__main__":
    main()
