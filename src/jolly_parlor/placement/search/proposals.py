"""Proposals: what each gains and costs against the others, and which trades cannot be bettered."""

from collections.abc import Sequence
from dataclasses import dataclass, field

import numpy as np
from numpy.typing import NDArray

from jolly_parlor.acoustics.arrays import FloatArray
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.evenness import Deviation
from jolly_parlor.words import tr

_TELLING_DB = 0.15  # smaller differences are within what the model can tell apart
_TELLING_HZ = 2.0
_TELLING_METRES = 0.25


@dataclass(frozen=True)
class Proposal:
    """One place worth trying, with what it gains and what it risks."""

    arrangement: Arrangement
    turns: int
    """How often the room is turned (see `acoustics.turning`) before these positions hold."""
    figure_db: float
    """J over the head volume (see `objective`) of all that plays, at the settings found."""
    monitors_db: float
    """J of the monitors alone."""
    evenness_db: float
    """Evenness of all that plays at the ear, as shown everywhere else."""
    reach_hz: float
    """Bass reach of all that plays (see `evenness.bass_reach_hz`)."""
    left_right_db: float
    off_by_5cm_db: float
    absorption_off_db: float
    off_middle: tuple[float, float]
    """Where off the middle line it would be best, metres to the right, and the gain in dB."""
    moved_metres: float | None
    """The farthest that a monitor or the seat moves from the present arrangement."""
    trade: str = ""
    """What it gains and costs against the others, in words."""
    settings_gain_db: float = 0.0
    """How much of it the settings bring: J at what was set before, less J."""
    agreeing: float | None = None
    """In what share of the rooms that fit the takes it is the best proposal or as good; None
    without a fit.
    """
    expected_db: float | None = None
    """J expected over these rooms."""
    curve: Deviation | None = field(default=None, compare=False)
    """Of all that plays, at the ear."""

    @property
    def words(self) -> str:
        """What it risks, in sentences."""
        off, guess = self.off_by_5cm_db, self.absorption_off_db
        shift, gain = self.off_middle
        side = "right" if shift > 0 else "left"
        symmetry = (
            tr(
                " Standing {shift:.2f} m further {side} would gain {gain:.1f} dB, "
                "at the price of unlike side walls.",
                shift=abs(shift),
                side=side,
                gain=gain,
            )
            if gain >= _TELLING_DB
            else ""
        )
        settings = (
            tr(
                " Its settings gain {settings_gain_db:.1f} dB.",
                settings_gain_db=self.settings_gain_db,
            )
            if self.settings_gain_db >= _TELLING_DB
            else ""
        )
        return tr(
            "5 cm off costs at most {off:.1f} dB; with the absorption guess "
            "wrong by half it changes by {guess:+.1f} dB.{symmetry}{settings}",
            off=off,
            guess=guess,
            symmetry=symmetry,
            settings=settings,
        ) + (f" {agreeing_words(self.agreeing)}." if self.agreeing is not None else "")


@dataclass(frozen=True)
class Trade:
    """One place that no other betters in evenness, bass reach and distance at once."""

    arrangement: Arrangement
    turns: int
    figure_db: float
    """J of the monitors alone."""
    reach_hz: float
    """Bass reach of the monitors alone."""
    moved_metres: float


def agreeing_words(share: float) -> str:
    """Such as `7 of 10 rooms that fit your takes would agree`."""
    tenths = round(10 * share)
    if tenths == 10:
        return tr("Every room that fits your takes would agree")
    if tenths == 0:
        return tr("Hardly a room that fits your takes would agree")
    return tr("{tenths} of 10 rooms that fit your takes would agree", tenths=tenths)


def trade_words(proposal: Proposal, others: Sequence[Proposal]) -> str:
    """What a proposal gains and costs against the most even of the others."""
    best = min(others, key=lambda p: p.figure_db, default=None)
    if best is None:
        return tr("The one place that these wishes leave; a looser wish leaves more.")
    gap = proposal.figure_db - best.figure_db
    gains: list[str] = []
    costs: list[str] = []
    if abs(gap) < _TELLING_DB:
        opening = tr("As even as the other best")
    elif gap < 0:
        opening = tr("The most even over the head, by {gap:.1f} dB", gap=-gap)
    else:
        opening = tr("{gap:.1f} dB less even over the head than the best", gap=gap)
    lower = best.reach_hz - proposal.reach_hz
    if abs(lower) >= _TELLING_HZ:
        (gains if lower > 0 else costs).append(
            tr(
                "reaches {reach_hz:.0f} Hz instead of {reach_hz2:.0f}",
                reach_hz=proposal.reach_hz,
                reach_hz2=best.reach_hz,
            )
        )
    if proposal.moved_metres is not None and best.moved_metres is not None:
        nearer = best.moved_metres - proposal.moved_metres
        if abs(nearer) >= _TELLING_METRES:
            (gains if nearer > 0 else costs).append(
                tr(
                    "things move {moved_metres:.1f} m instead of {moved_metres2:.1f}",
                    moved_metres=proposal.moved_metres,
                    moved_metres2=best.moved_metres,
                )
            )
    steadier = best.off_by_5cm_db - proposal.off_by_5cm_db
    if abs(steadier) >= _TELLING_DB:
        word = "forgives" if steadier > 0 else "punishes"
        (gains if steadier > 0 else costs).append(
            tr("{word} a misplaced centimetre more", word=word)
        )
    alike = best.left_right_db - proposal.left_right_db
    if abs(alike) >= 2 * _TELLING_DB:
        word = "better" if alike > 0 else "less"
        (gains if alike > 0 else costs).append(tr("left and right match {word} well", word=word))
    text = opening
    if gains:
        text += tr("; gains: {gains}", gains=", ".join(gains))
    if costs:
        text += tr("; costs: {costs}", costs=", ".join(costs))
    return text.replace("match better well", "match better") + "."


def distinct(places: FloatArray, apart: float, most: int) -> list[int]:
    """Which of the places, in order, differ from all chosen before by `apart` metres or more in
    monitor distance, seat distance, spacing or distance off the middle line.
    """
    chosen: list[int] = []
    shown = np.stack(
        [places[:, 0], places[:, 0] + places[:, 1], places[:, 2], places[:, 4]], axis=1
    )
    for index, place in enumerate(shown):
        near = (np.max(np.abs(place - shown[other])) < apart for other in chosen)
        if not any(near):
            chosen.append(index)
            if len(chosen) == most:
                break
    return chosen


def unbettered(measures: FloatArray) -> NDArray[np.bool_]:
    """Which rows (points, measures) no other row betters: none is as good in all and better in
    one, lower being better (the Pareto front).
    """
    front = np.ones(len(measures), dtype=bool)
    for index, row in enumerate(measures):
        as_good = np.all(measures <= row + 1e-9, axis=1)
        better = np.any(measures < row - 1e-9, axis=1)
        front[index] = not np.any(as_good & better)
    return front
