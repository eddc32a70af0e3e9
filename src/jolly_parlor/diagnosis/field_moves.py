"""What the room's own field says a peak or dip does when something moves: foretold for a move not
made yet, and held against takes with something moved.
"""

from collections.abc import Sequence
from math import log2

from jolly_parlor.diagnosis.features import Feature, features
from jolly_parlor.diagnosis.moves import Experiment, trial_moves, where_it_went
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.standing import fit_problems
from jolly_parlor.words import tr

_SHIFTED_OCTAVES, _AGREES_OCTAVES, _STAYED_OCTAVES = 0.06, 0.09, 0.02
_METRES = (0.10, 0.20)


def foretold_hz(
    feature: Feature, forecaster: Forecaster, case: Case, there: Arrangement
) -> float | None:
    """Where a feature of the forecast is found with the other arrangement, Hz; None: it is gone."""
    moved = forecaster.deviation(case.having(there))
    return where_it_went(feature, features(moved))


def field_test(feature: Feature, forecaster: Forecaster, case: Case) -> str:
    """The smallest move that shifts a feature of the forecast or makes it go, as a sentence: who
    makes it finds out whether the explanation holds. Empty where no small move does.
    """
    for metres in _METRES:
        for words, moved in trial_moves(case.arrangement, case.seat, metres):
            if fit_problems(forecaster.setup(moved)):
                continue
            there = foretold_hz(feature, forecaster, case, moved)
            does = ""
            if there is None:
                does = tr("it would be gone")
            elif abs(log2(there / feature.frequency_hz)) >= _SHIFTED_OCTAVES:
                does = tr("it would go to {there:.0f} Hz", there=there)
            if does:
                return tr(
                    "To check, move {words} by {metres:.0f} cm: {does}.",
                    words=words,
                    metres=100 * metres,
                    does=does,
                )
    return ""


def read_in_field(
    feature: Feature,
    same: Feature,
    tried: Sequence[Experiment],
    forecaster: Forecaster,
    case: Case,
) -> tuple[str, bool]:
    """What the first of the takes with something moved says of the forecast's explanation, and
    whether they agree.

    feature: as measured; same: as forecast.
    """
    if not tried:
        return "", True
    experiment = tried[0]
    went = where_it_went(feature, features(experiment.measured))
    there = foretold_hz(same, forecaster, case, experiment.there)
    moved = tr(
        "{moved} moved {metres:.0f} cm", moved=experiment.moved, metres=100 * experiment.metres
    )
    if went is None and there is None:
        return tr("It went away when {moved}, as the room's field says.", moved=moved), True
    if went is None or there is None or abs(log2(went / there)) > _AGREES_OCTAVES:
        now = tr("went away") if went is None else tr("was at {went:.0f} Hz", went=went)
        then = "gone" if there is None else tr("at {there:.0f} Hz", there=there)
        return tr(
            "It {now} when {moved}; the forecast has it {then}: less sure.",
            now=now,
            moved=moved,
            then=then,
        ), False
    if abs(log2(went / feature.frequency_hz)) < _STAYED_OCTAVES:
        return tr(
            "It stayed at {went:.0f} Hz when {moved}, as the room's field says.",
            went=went,
            moved=moved,
        ), True
    return (
        tr(
            "It followed when {moved}: {frequency_hz:.0f} → {went:.0f} Hz, "
            "where the room's field puts it ({there:.0f} Hz).",
            moved=moved,
            frequency_hz=feature.frequency_hz,
            went=went,
            there=there,
        ),
        True,
    )
