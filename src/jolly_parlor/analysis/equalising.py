"""The equaliser of an arrangement of a document, last in the order of work: trims first."""

from collections.abc import Mapping
from dataclasses import dataclass, replace

import numpy as np

from jolly_parlor.acoustics.fields.field_of_room import RoomField
from jolly_parlor.analysis.equaliser_curves import forecast_curves, measured_curves
from jolly_parlor.analysis.measured_parts import all_measured
from jolly_parlor.analysis.room_fit import as_fitted
from jolly_parlor.analysis.tuning import Tuned, set_chains, tune
from jolly_parlor.diagnosis.features import Feature, features, same_feature
from jolly_parlor.diagnosis.remedies import best_remedy
from jolly_parlor.equalising.filter_files import By, section_words
from jolly_parlor.equalising.mendable import verdicts
from jolly_parlor.equalising.sections import WARN_DB, Correction, correction_for
from jolly_parlor.fitting.fit import Fit
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.chains import Chain
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.mixes import mix_of, with_subwoofers
from jolly_parlor.placement.settings.knobs import panel_of
from jolly_parlor.placement.standing import must_stand
from jolly_parlor.project.document import Document
from jolly_parlor.project.edits import replace_in
from jolly_parlor.project.signing import Scope
from jolly_parlor.refused import Refused
from jolly_parlor.units import UnitSystem
from jolly_parlor.words import tr

_SPARED_DB = 1.0


@dataclass(frozen=True, eq=False)
class Equalised:
    """What electronics may still do for one arrangement."""

    arrangement: Arrangement
    """As it was."""
    trimmed: Arrangement
    """With the solver's trims, and without sections."""
    tuned: Tuned | None
    scope: Scope
    basis: str
    """`measured`, `forecast` or `fitted`."""
    corrections: tuple[Correction, ...]
    move_first: str
    """What a move would spare; empty where the correction is small."""
    notes: tuple[str, ...]

    def sections(self, strength: float) -> By:
        """By what they are for."""
        return {one.curve.name: one.at(strength) for one in self.corrections}

    def chains(self, strength: float) -> dict[str, Chain]:
        """Of every loudspeaker, trims and sections set."""
        chains = dict(self.trimmed.chains)
        for correction in self.corrections:
            for name in correction.curve.loudspeakers:
                chains[name] = replace(chains.get(name, Chain()), sections=correction.at(strength))
        return chains

    def warnings(self, strength: float) -> list[str]:
        """Cuts larger than is wise at that strength."""
        found = []
        for one in self.corrections:
            large = [s for s in one.at(strength) if s.gain_db < -WARN_DB]
            if large:
                cuts = "; ".join(section_words(s) for s in large)
                found.append(
                    tr(
                        "{name}: {cuts}. Cuts beyond {warn_db:.0f} dB smear: what differs "
                        "hugely with and without should be moved first.",
                        name=one.curve.name,
                        cuts=cuts,
                        warn_db=WARN_DB,
                    )
                )
        return found


def equalise(
    document: Document,
    name: str,
    scope: Scope = "alike",
    fit: Fit | None = None,
    measured: bool | None = None,
    field: RoomField | None = None,
    units: UnitSystem = "metric",
) -> Equalised:
    """Find trims and sections. measured: from takes, or not; None takes them where they suffice.
    Raises Refused in a sentence where the arrangement cannot stand or takes asked for are missing.
    """
    believed = document if fit is None else as_fitted(document, fit)
    must_stand(document.setup(document.arrangement(name)))
    forecaster = Forecaster(believed.room, believed.gear, field)
    bare = replace_in(document, name, document.arrangement(name).without_sections())
    if measured is None:
        measured = _can_be_measured(bare, name, scope)
    trimmed, tuned, notes = _trims(bare, name, fit, measured, field)
    if measured:
        curves, said = measured_curves(document, trimmed, scope)
        notes += said
    else:
        curves = forecast_curves(forecaster, trimmed, scope)
        notes.append(
            tr(
                "From the forecast: hills within a decibel or two are a guess. "
                "Measure around the head before you set a section."
            )
        )
    corrections = tuple(correction_for(curve, verdicts(curve)) for curve in curves)
    return Equalised(
        document.arrangement(name),
        trimmed,
        tuned,
        scope,
        "measured" if measured else "fitted" if fit is not None else "forecast",
        corrections,
        _move_first(believed, trimmed, corrections, forecaster, units),
        tuple(notes),
    )


def applied(document: Document, found: Equalised, strength: float) -> Document:
    """The document with trims and sections set at a strength of 0 to 1."""
    by = found.sections(strength)
    count = sum(map(len, by.values()))
    told = "; ".join(
        f"{name}: {', '.join(map(section_words, sections))}"
        for name, sections in by.items()
        if sections
    )
    why = tr(
        "Equaliser at {strength:.0f} %, {count} sections. {told}.",
        strength=100 * strength,
        count=count,
        told=told or tr("Nothing to cut"),
    )
    signing = replace(document.signing, strength=strength, scope=found.scope)
    changed = set_chains(document, found.arrangement.name, found.chains(strength), why)
    return replace(changed, signing=signing)


def cleared(document: Document, name: str) -> Document:
    """The document without sections in one arrangement; trims stay."""
    bare = document.arrangement(name).without_sections()
    return set_chains(document, name, bare.chains, tr("Equaliser off."))


def sections_set(arrangement: Arrangement) -> int:
    """How many sections are set in it."""
    return sum(len(chain.sections) for chain in arrangement.chains.values())


def _can_be_measured(document: Document, name: str, scope: Scope) -> bool:
    try:
        measured_curves(document, document.arrangement(name), scope)
    except Refused:
        return False
    return True


def _trims(
    document: Document, name: str, fit: Fit | None, measured: bool, field: RoomField | None
) -> tuple[Arrangement, Tuned | None, list[str]]:
    """The arrangement with the solver's answer, on the same ground as the sections."""
    arrangement = document.arrangement(name)
    if not panel_of(document.gear, with_subwoofers(document.gear)):
        return arrangement, None, [tr("No trims: the models of what plays have no controls.")]
    if measured and not all_measured(document, arrangement):
        return (
            arrangement,
            None,
            [
                tr(
                    "Trims stay as they are set: to find them from takes each "
                    "loudspeaker needs one of its own at the main seat, with phase."
                )
            ],
        )
    tuned = tune(document, name, fit=fit, measured=measured, field=field)
    return tuned.tuned, tuned, []


def _move_first(
    believed: Document,
    trimmed: Arrangement,
    corrections: tuple[Correction, ...],
    forecaster: Forecaster,
    units: UnitSystem,
) -> str:
    """What a move would spare of the largest cut, where that is large."""
    large = [one for one in corrections if one.largest_db <= -WARN_DB]
    if not large:
        return ""
    worst = min(large, key=lambda one: one.largest_db)
    cut = min(worst.sections, key=lambda s: s.gain_db)
    mix = with_subwoofers(believed.gear)
    if len(worst.curve.loudspeakers) == 1:
        mix = mix_of(believed.gear, worst.curve.loudspeakers[0])
    case = believed.case(trimmed, believed.gear.seats[0].name, mix)
    hill = _nearest_hill(worst, cut.frequency_hz)
    known = features(forecaster.deviation(case))
    feature = same_feature(hill, known) if hill is not None else None
    begins = tr(
        "{largest_db:.0f} dB at {frequency_hz:.0f} Hz is much to cut.",
        largest_db=-worst.largest_db,
        frequency_hz=cut.frequency_hz,
    )
    if feature is None:
        return tr(
            "{begins} The forecast does not show this hill, so no move against it is known.",
            begins=begins,
        )
    remedy = best_remedy(feature, None, forecaster, case, believed.wishes)
    spared = feature.level_db - max(remedy.feature_after_db, 0.0) if remedy is not None else 0.0
    if remedy is None or spared < _SPARED_DB:
        return tr(
            "{begins} No small move of monitors or seat spares it without costing elsewhere.",
            begins=begins,
        )
    return tr(
        "{begins} Move first: {what} would spare {spared:.0f} dB of it "
        "(forecast, {evenness_before_db:.1f} → {evenness_after_db:.1f} dB "
        "from even).",
        begins=begins,
        what=remedy.move.text(units),
        spared=spared,
        evenness_before_db=remedy.evenness_before_db,
        evenness_after_db=remedy.evenness_after_db,
    )


def _nearest_hill(correction: Correction, hertz: float) -> Feature | None:
    hills = [v.feature for v in correction.verdicts if v.feature.kind == "hill"]
    return min(hills, key=lambda f: abs(np.log(f.frequency_hz / hertz)), default=None)


Figures = Mapping[str, tuple[float, float]]


def at_every_point(correction: Correction, strength: float) -> Figures:
    """Evenness before and after at each point of the head and each other seat, dB."""
    curve = correction.curve
    levels = {
        **curve.points_db,
        **{tr("at {name}", name=name): level for name, level in curve.seats_db.items()},
    }
    return {
        name: (
            curve.figure(level).value_db,
            curve.figure(correction.level_db(level, strength)).value_db,
        )
        for name, level in levels.items()
    }
