"""Fields that the cards of Gear share."""

from collections.abc import Callable, Collection
from functools import partial

from jolly_parlor.app.widgets.kept import Kept
from jolly_parlor.placement.common_models import Kind, kind_of, like
from jolly_parlor.placement.loudspeakers import DRIVERS, Model
from jolly_parlor.words import spoken, tr

_SLOPES = (12, 18, 24)


def corner_fields(grid: Kept, model: Model, who: str, change: Callable[..., None]) -> None:
    """Low corner and slope, in the grid's third row."""
    grid.number(
        "low corner",
        tr("Hz"),
        model.low_corner_hz,
        partial(change, "low_corner_hz"),
        2,
        1,
        called=f"{who} low_corner_hz",
    )
    grid.words(tr("low corner"), 3, 1)
    slopes = [(tr("{value} dB/octave", value=value), value) for value in _SLOPES]
    slope = partial(change, "low_slope_db_per_octave")
    known = model.low_slope_db_per_octave
    grid.choice("slope", slopes, known, slope, 2, 2, called=f"{who} slope")
    grid.words(tr("falls below it by"), 3, 2)


def radiating_fields(grid: Kept, model: Model, who: str, change: Callable[..., None]) -> None:
    """How far ahead of its face it is heard from, in the grid's third row."""
    field = grid.length(
        "ahead",
        model.ahead_upwards() if model.driver == "up" else model.ahead(),
        partial(change, "acoustic_centre_ahead"),
        2,
        3,
        called=f"{who} acoustic_centre_ahead",
    )
    field.setToolTip(
        tr(
            "At low frequencies a cabinet is heard from a point ahead of its face. By its size "
            "that is 0.39 times the root of width times height; give it if you know better."
        )
    )
    grid.words(tr("bass ahead of its face"), 3, 3)
    if model.acoustic_centre_ahead is not None:
        back = partial(change, "acoustic_centre_ahead", None)
        grid.button(tr("By its size"), "by size", back, 2, 4, called=f"{who} ahead by size")


def driver_field(grid: Kept, model: Model, who: str, change: Callable[..., None]) -> None:
    """Where a subwoofer has its driver, in the grid's third row."""
    drivers = [(spoken(words), value) for value, words in DRIVERS.items()]
    do = partial(change, "driver")
    grid.choice("driver", drivers, model.driver, do, 2, 5, called=f"{who} driver")
    grid.words(tr("driver"), 3, 5)


def kind_row(
    row: Kept, model: Model, who: str, kinds: dict[str, Kind], take: Callable[[Model], object]
) -> None:
    """Common kinds to start from; the one it is still like is down."""
    row.words(tr("Start from"))
    now = kind_of(model, kinds)
    for name, kind in kinds.items():
        do, called = partial(take, like(model, kind.model)), f"{who} like {name}"
        row.button(kind.words, called, do, on=name == now)
    row.gap()


def fresh_name(name: str, taken: Collection[str]) -> str:
    """The name, with a number if it is taken."""
    return next(n for n in (name, *(f"{name} {n}" for n in range(2, 99))) if n not in taken)
