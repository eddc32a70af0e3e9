"""Takes of single loudspeakers as what they bring to a seat, to be added up."""

import numpy as np

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.evenness import GRID_HZ
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.mixes import Mix, judged_band, with_subwoofers
from jolly_parlor.placement.settings.heard import Heard
from jolly_parlor.placement.settings.reverberation import DECAY_HZ
from jolly_parlor.project.document import Document, Take
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

_ODD_MS, _APART_MS = 3.0, 20.0
"""Latency that a subwoofer's electronics may add; more than any."""


class NoCommonTime(Refused):
    """The takes cannot be added up; what levels say still holds."""


def measured_heard(
    document: Document,
    arrangement: Arrangement,
    mix: Mix,
    seats: dict[str, float],
    forecaster: Forecaster,
) -> tuple[Heard, list[str]]:
    """What the takes of each loudspeaker alone say at the seats, and what is doubtful of it.

    Raises Refused naming takes that are missing, and NoCommonTime for those without phase or
    without one time reference. Seats besides the main one count where they are measured.
    """
    main = next(iter(seats))
    rows: dict[str, dict[str, Take]] = {}
    notes = []
    for seat in seats:
        found = {name: document.take_of(arrangement, name, seat) for name in mix.loudspeakers}
        missing = [name for name, take in found.items() if take is None]
        if missing and seat == main:
            raise Refused(
                tr(
                    "At {seat}, “{name}”, there is no take of {missing} alone: measure "
                    "or import one, then settings can be found from takes.",
                    seat=seat,
                    name=arrangement.name,
                    missing=", ".join(missing),
                )
            )
        if missing:
            notes.append(
                tr(
                    "{seat} is left out: no take there of {missing} alone.",
                    seat=seat,
                    missing=", ".join(missing),
                )
            )
            continue
        rows[seat] = {name: take for name, take in found.items() if take is not None}
    takes = [take for row in rows.values() for take in row.values()]
    _must_add_up(takes)
    f = _common_grid(document, mix, takes)
    sources = {
        name: np.array([row[name].response.pressure(f) for row in rows.values()])
        for name in mix.loudspeakers
    }
    for number, (seat, row) in enumerate(rows.items()):
        if all(take.info.measured is None for take in row.values()):
            here = {name: pressure[number] for name, pressure in sources.items()}
            notes += _odd_times(arrangement, seat, here, f, forecaster)
    weights = np.array([seats[seat] for seat in rows])
    centres = {seat: number for number, seat in enumerate(rows)}
    heard = Heard(document.gear, mix, f, sources, weights / weights.sum(), centres)
    return heard, notes


def impulses_at(
    document: Document, arrangement: Arrangement, mix: Mix, seat: str
) -> dict[str, ComplexArray]:
    """What each loudspeaker brings to a seat's ear at DECAY_HZ, by impulse responses; nothing where
    one is missing: a curve of levels and phases is too coarse for how a room dies away.
    """
    found = {}
    for name in mix.loudspeakers:
        take = document.take_of(arrangement, name, seat)
        if take is None or take.impulse is None:
            return {}
        found[name] = take.impulse.pressure(DECAY_HZ)
    return found


def all_measured(document: Document, arrangement: Arrangement) -> bool:
    """Whether each loudspeaker that plays has a take with phase of its own at the main seat."""
    seat = document.gear.seats[0].name
    names = with_subwoofers(document.gear).loudspeakers
    takes = [document.take_of(arrangement, name, seat) for name in names]
    return all(take is not None and take.response.phase_deg is not None for take in takes)


def level_words(document: Document, arrangement: Arrangement, mix: Mix, seat: str) -> list[str]:
    """What levels alone say: by how much each subwoofer lies above or below the pair."""
    takes = {name: document.take_of(arrangement, name, seat) for name in mix.loudspeakers}
    if any(take is None for take in takes.values()):
        return []
    corner = max(
        (c.low_pass.frequency_hz for c in arrangement.chains.values() if c.low_pass), default=80.0
    )

    def level(name: str, low: float, high: float) -> float:
        take = takes[name]
        assert take is not None
        f = take.response.frequencies_hz
        band = (f >= low) & (f <= high)
        power = 10 ** (take.response.level_db[band] / 10)
        return float(10 * np.log10(np.mean(power))) if np.any(band) else float("nan")

    pair = np.mean([level(name, corner, 4 * corner) for name in ("left", "right")])
    pair += 10 * np.log10(2)  # two that play together, taken as unlike in phase
    found = []
    for sub in document.gear.subwoofers:
        low = document.gear.model_of(sub.id).low_corner_hz
        off = float(pair - level(sub.id, low, corner)) - arrangement.chain(sub.id).gain_db
        if np.isfinite(off):
            found.append(
                tr(
                    "By levels alone {id} would match the pair with {off:+.1f} dB more.",
                    id=sub.id,
                    off=off,
                )
            )
    return found


def _must_add_up(takes: list[Take]) -> None:
    without = [t for t in takes if t.response.phase_deg is None]
    if without:
        raise NoCommonTime(
            tr(
                "{named} has no phase, so it cannot be added to others; import the "
                "impulse response, or a file with phase.",
                named=_named(without[0]),
            )
        )
    loose = [t for t in takes if t.info.measured and not t.info.measured.timed]
    if loose:
        raise NoCommonTime(
            tr(
                "{named} was measured without a timing reference, so it cannot be "
                "added to others; connect the loopback, or let markers play, and measure again.",
                named=_named(loose[0]),
            )
        )


def _odd_times(
    arrangement: Arrangement,
    seat: str,
    heard: dict[str, ComplexArray],
    f: FloatArray,
    forecaster: Forecaster,
) -> list[str]:
    """Imported takes against the distances: raises NoCommonTime where their times cannot be of
    one reference; tells of smaller differences, which may be a subwoofer's electronics.
    """
    forecast = forecaster.at_seat(arrangement, seat)
    late = {}
    for name, pressure in heard.items():
        expected = np.exp(
            1j * np.interp(f, forecast.frequencies_hz, np.unwrap(np.angle(forecast.sources[name])))
        )
        late[name] = _delay_ms(pressure, expected, f)
    first = min(late, key=lambda name: late[name])
    found = []
    for name, at in late.items():
        apart = at - late[first]
        if apart > _APART_MS:
            raise NoCommonTime(
                tr(
                    "At {seat} the takes of {first} and {name} are {apart:.0f} ms "
                    "further apart than their distances: they have no common time "
                    "reference, so they cannot be added up.",
                    seat=seat,
                    first=first,
                    name=name,
                    apart=apart,
                )
            )
        if apart > _ODD_MS:
            found.append(
                tr(
                    "At {seat} {name} comes {apart:.0f} ms later than its distance "
                    "says: its electronics, or takes without one time reference.",
                    seat=seat,
                    name=name,
                    apart=apart,
                )
            )
    return found


def _delay_ms(pressure: ComplexArray, expected: ComplexArray, f: FloatArray) -> float:
    """By how much a response lags behind the one expected: the delay that lines up their phases
    best, weighed by power.
    """
    delays = np.arange(-60.0, 60.0, 0.25)
    turned = np.exp(2j * np.pi * f[None, :] * delays[:, None] / 1000.0)
    weight = np.abs(pressure)
    alike = np.abs((turned * (pressure * expected.conj() * weight)).sum(axis=1))
    return float(delays[int(np.argmax(alike))])


def _common_grid(document: Document, mix: Mix, takes: list[Take]) -> FloatArray:
    low = max(float(t.response.frequencies_hz[0]) for t in takes)
    high = min(float(t.response.frequencies_hz[-1]) for t in takes)
    wanted = judged_band(document.gear, mix)
    if low > wanted[0] or high < wanted[1]:
        raise Refused(
            tr(
                "The takes cover {low:.0f} to {high:.0f} Hz together; settings "
                "need {wanted:.0f} to {wanted2:.0f} Hz.",
                low=low,
                high=high,
                wanted=wanted[0],
                wanted2=wanted[1],
            )
        )
    return GRID_HZ[(low <= GRID_HZ) & (high >= GRID_HZ)]


def _named(take: Take) -> str:
    return tr(
        "The take of {source} at {seat} ({id})",
        source=take.info.source,
        seat=take.info.seat,
        id=take.info.id,
    )
