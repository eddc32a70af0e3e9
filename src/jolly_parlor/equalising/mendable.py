"""For each hill whether a cut can mend it, for each hollow why nothing fills it; with the figures.

A cut mends what is minimum phase, alike over the head and the seats, and above the noise. The
limits here are common practice, no source, except that a group delay without a jump is what minimum
phase means.
"""

from dataclasses import dataclass

from jolly_parlor.diagnosis.features import Feature, features
from jolly_parlor.equalising.curves import Curve
from jolly_parlor.placement.evenness import SMOOTHING_PER_OCTAVE
from jolly_parlor.units import with_minus
from jolly_parlor.words import tr

TURNS = 0.25
"""Turns of excess phase within a feature from which it is taken for a cancellation: a pair of zeros
that no filter undoes has one whole turn, what is minimum phase has none, and the tails of a
neighbour reach in a little.
"""
SPREAD_DB = 3.0
"""Over the head; what differs more is another thing at each ear."""
ABOVE_NOISE_DB = 10.0
_SHARE = 0.5
"""A hill must stand at every point with at least this share of its mean height."""
_SEAT_ROOM_DB = 0.0
"""At another seat a cut must not begin below even."""
_LEAST_HALF_WIDTH = 1 / SMOOTHING_PER_OCTAVE


@dataclass(frozen=True)
class Verdict:
    """What is to be said of one hill or hollow."""

    feature: Feature
    mendable: bool
    words: str
    jump_ms: float | None
    """Excess group delay above what it is around; None where no phase is known."""
    spread_db: float | None
    """Over the head; None where it was heard at one point."""
    low_hz: float
    high_hz: float
    """How far it reaches, down to half its height."""

    @property
    def headline(self) -> str:
        """`62 Hz, +7 dB`."""
        level = with_minus(f"{self.feature.level_db:+.0f}")
        return tr(
            "{frequency_hz:.0f} Hz, {level} dB", frequency_hz=self.feature.frequency_hz, level=level
        )


def verdicts(curve: Curve) -> list[Verdict]:
    """Of every hill and hollow of the mean over the head, worst first."""
    found = features(curve.deviation)
    return [_hill(curve, f) if f.kind == "hill" else _hollow(curve, f) for f in found]


def _reach(feature: Feature) -> tuple[float, float]:
    half = max(feature.width_octaves / 2, _LEAST_HALF_WIDTH)
    return feature.frequency_hz / 2**half, feature.frequency_hz * 2**half


def _jump(curve: Curve, feature: Feature) -> float | None:
    """Excess group delay within the feature above what it is around, seconds."""
    return None if curve.excess is None else curve.excess.jump_seconds(*_within(feature))


def _within(feature: Feature) -> tuple[float, float]:
    """Where its phase is looked at: a hill's top, since what interferes beside it is another
    feature; a hollow as far as it reaches.
    """
    least = _LEAST_HALF_WIDTH / 2 if feature.kind == "hill" else _LEAST_HALF_WIDTH
    half = min(max(feature.width_octaves / 2, least), 2 * least)
    return feature.frequency_hz / 2**half, feature.frequency_hz * 2**half


def _cancels(curve: Curve, feature: Feature) -> bool:
    return curve.excess is not None and curve.excess.turns(*_within(feature)) > TURNS


def _hill(curve: Curve, feature: Feature) -> Verdict:
    f, height = feature.frequency_hz, feature.level_db
    jump = _jump(curve, feature)
    spread = curve.spread_db(f) if len(curve.points_db) > 1 else None
    points = {name: curve.smoothed(level, f) for name, level in curve.points_db.items()}
    least = min(points, key=lambda name: points[name])
    seats = {name: curve.smoothed(level, f) for name, level in curve.seats_db.items()}
    poorest = min(seats, key=lambda name: seats[name], default="")
    above = curve.above_noise_db(f)
    if _cancels(curve, feature):
        assert jump is not None
        why = tr(
            "not by a cut: its group delay jumps by {jump:.0f} ms, so paths "
            "interfere here, and each ear has it otherwise.",
            jump=1000 * jump,
        )
    elif points[least] < _SHARE * height or (spread is not None and spread > SPREAD_DB):
        why = tr(
            "not by a cut: over the head it is {db} at the point “{least}” and "
            "{db2} at its highest; what is cut at one ear is missing at "
            "another.",
            db=_db(points[least]),
            least=least,
            db2=_db(max(points.values())),
        )
    elif seats and seats[poorest] < _SEAT_ROOM_DB:
        why = tr(
            "not for every seat: at {poorest} it is {db} there already, and a "
            "cut takes as much from all.",
            poorest=poorest,
            db=_db(seats[poorest]),
        )
    elif above is not None and above < ABOVE_NOISE_DB:
        why = tr(
            "not known: it stands only {above:.0f} dB above the noise; measure louder or longer.",
            above=above,
        )
    else:
        return _verdict(
            feature,
            True,
            tr("A cut mends it: {alike}.", alike=_alike(curve, spread, jump)),
            jump,
            spread,
        )
    return _verdict(feature, False, f"{why[0].upper()}{why[1:]}", jump, spread)


def _alike(curve: Curve, spread: float | None, jump: float | None) -> str:
    """What speaks for a cut, and what is not known."""
    told = []
    if spread is not None:
        told.append(tr("alike over the head within {spread:.1f} dB", spread=max(spread, 0.1)))
    else:
        told.append(tr("heard at one point only, so how it is over the head is not known"))
    if curve.seats_db:
        told.append(tr("above even at the other seats too"))
    told.append(tr("minimum phase") if jump is not None else tr("its phase is not known"))
    return ", ".join(told)


def _hollow(curve: Curve, feature: Feature) -> Verdict:
    f, depth = feature.frequency_hz, -feature.level_db
    jump = _jump(curve, feature)
    spread = curve.spread_db(f) if len(curve.points_db) > 1 else None
    if _cancels(curve, feature):
        assert jump is not None
        words = tr(
            "A cancellation: what you add cancels too. Its group delay jumps by {jump:.0f} ms.",
            jump=1000 * jump,
        )
    elif spread is not None and spread > SPREAD_DB:
        words = tr(
            "Not filled: over the head it varies by {spread:.1f} dB, so what "
            "fills it at one point is too much at another.",
            spread=spread,
        )
    else:
        times = 10 ** (depth / 10)
        known = "" if jump is not None else tr(" Without phase a cancellation cannot be excluded.")
        words = tr(
            "Not filled: {depth:.0f} dB more would ask {times:.0f} times the "
            "power of amplifier and driver. Move instead.{known}",
            depth=depth,
            times=times,
            known=known,
        )
    return _verdict(feature, False, words, jump, spread)


def _verdict(
    feature: Feature, mendable: bool, words: str, jump: float | None, spread: float | None
) -> Verdict:
    low, high = _reach(feature)
    return Verdict(
        feature, mendable, words, None if jump is None else 1000 * jump, spread, low, high
    )


def _db(level: float) -> str:
    return tr("{with_minus} dB", with_minus=with_minus(f"{level:+.0f}"))
