"""What the calculators are asked: each a function of a document and the room's models."""

from __future__ import annotations

from dataclasses import dataclass, field
from functools import cached_property
from typing import TYPE_CHECKING

import numpy as np

if TYPE_CHECKING:
    from jolly_parlor.acoustics.arrays import FloatArray
    from jolly_parlor.analysis.comparison import Comparison
    from jolly_parlor.analysis.equalising import Equalised
    from jolly_parlor.analysis.floor_walk import FloorWalk
    from jolly_parlor.analysis.ledger_steps import Step
    from jolly_parlor.analysis.signing_off import SignedOff
    from jolly_parlor.analysis.subwoofers import Aligned, SubReport
    from jolly_parlor.analysis.tuning import SeatTrade, Tuned
    from jolly_parlor.app.questions import Models
    from jolly_parlor.by_ear.clues import Clue, Expected
    from jolly_parlor.by_ear.compared import HuntSaid
    from jolly_parlor.by_ear.ear_record import Hunt, ToneMark
    from jolly_parlor.diagnosis.findings import Finding
    from jolly_parlor.diagnosis.marks import Lane, Mark
    from jolly_parlor.diagnosis.remedies import Remedy
    from jolly_parlor.fitting.fit import Fit
    from jolly_parlor.fitting.next_take import Advice
    from jolly_parlor.placement import facing, maps
    from jolly_parlor.placement.around_seat import Settled
    from jolly_parlor.placement.arrangement import Arrangement
    from jolly_parlor.placement.case import Case
    from jolly_parlor.placement.evenness import Deviation, Evenness
    from jolly_parlor.placement.items import Item
    from jolly_parlor.placement.matching import Match
    from jolly_parlor.placement.mixes import Mix
    from jolly_parlor.placement.search.further_subs import Further
    from jolly_parlor.placement.search.judged_schools import JudgedSchool
    from jolly_parlor.placement.search.wishes import Wishes
    from jolly_parlor.placement.strips import Axis, Strip
    from jolly_parlor.placement.thing_effects import ThingEffect
    from jolly_parlor.placement.upper_range import UpperCurve
    from jolly_parlor.project.document import Document
    from jolly_parlor.project.ledger import Entry
    from jolly_parlor.project.signing import Scope
    from jolly_parlor.units import UnitSystem


@dataclass(frozen=True, eq=False)
class Shown:
    """The curves for what is selected."""

    forecast: Deviation | None
    measured: Deviation | None
    marks: tuple[Mark, ...]
    beyond: dict[Lane, float] = field(default_factory=dict)
    """Lanes without a mark in range: where their first one lies."""
    upper: UpperCurve | None = None
    """The forecast's less certain range."""

    def curve(self, layer: str) -> Deviation | None:
        return self.measured if layer == "measured" else self.forecast

    def figure(self, layer: str) -> Evenness | None:
        """The figure of that layer."""
        return self._figures.get(layer)

    @cached_property
    def _figures(self) -> dict[str, Evenness]:
        from jolly_parlor.placement.evenness import evenness

        curves = {"forecast": self.forecast, "measured": self.measured}
        return {layer: evenness(curve) for layer, curve in curves.items() if curve is not None}


def shown(
    document: Document,
    case: Case,
    models: Models,
) -> Shown:
    """The curves at the ear, the marks, and what acts beyond the range."""
    from jolly_parlor.analysis.measured import measured_deviation
    from jolly_parlor.diagnosis.marks import face_paths_of, first_beyond, marks
    from jolly_parlor.placement.upper_range import TOP_HZ

    judged = models.forecaster.deviation(case)
    faces = face_paths_of(case)
    found = marks(case, TOP_HZ, faces)
    measured = measured_deviation(document, case)
    beyond = first_beyond(case, TOP_HZ, faces)
    upper = models.upper.curve(case, judged.reference_db)
    made = Shown(judged, measured, tuple(found), beyond, upper)
    made.figure("forecast")  # worked out here, not by the first widget that asks
    return made


def warm_up(models: Models) -> bool:
    """A part of what the first drag would wait for; False with all done."""
    return models.forecaster.prepare() or models.upper.prepare()


def findings(
    document: Document,
    case: Case,
    layer: str,
    models: Models,
) -> list[Finding]:
    """Peaks and dips of the layer shown, explained."""
    from jolly_parlor.analysis.experiments import findings_at
    from jolly_parlor.analysis.measured import measured_deviation

    measured = None
    if layer == "measured":
        measured = measured_deviation(document, case)
        if measured is None:
            return []
    return findings_at(document, case, measured, models.forecaster, models.anechoic, models.upper)


def comparison(
    document: Document, seat: str, mix: Mix, fit: Fit | None, at_best: bool, models: Models
) -> Comparison:
    """The ranking, as set or each at its best settings; with a fit, who can be told from whom."""
    from jolly_parlor.analysis import comparison as comparing
    from jolly_parlor.analysis.tuning import compare_at_best

    model = models.forecaster, models.anechoic
    if at_best:
        return compare_at_best(document, seat, mix, *model, fit=fit)
    return comparing.compare(document, seat, mix, *model, fit=fit)


def next_try(case: Case, wishes: Wishes, models: Models) -> Remedy | None:
    """The best calculated move against any of an arrangement's findings."""
    from jolly_parlor.diagnosis.findings import findings_of_forecast

    explained = findings_of_forecast(models.forecaster, models.anechoic, case, wishes)
    every = (finding.remedy for finding in explained)
    remedies = [one for one in every if one is not None and one.move.gear is None]
    return max(remedies, key=lambda remedy: remedy.gain_db, default=None)


def learn(document: Document, seat: str, models: Models) -> tuple[Fit, Advice | None]:
    """The room fitted to the takes, and what to measure next for that seat."""
    from jolly_parlor.analysis.room_fit import fit_document

    fit = fit_document(document)
    return fit, advise(document, fit, seat, models)


def advise(document: Document, fit: Fit, seat: str, models: Models) -> Advice | None:
    """What to measure next; None with no arrangement to choose among."""
    from jolly_parlor.analysis.room_fit import advice_for
    from jolly_parlor.refused import Refused

    try:
        return advice_for(document, fit, seat)
    except Refused:
        return None


def band(case: Case, fit: Fit, models: Models) -> FloatArray:
    """How far the forecast may be off, either side, dB at FIT_HZ."""
    from jolly_parlor.fitting.posterior import BAND_SIGMAS, believe, placing_of_mix

    found = believe(fit, [placing_of_mix(fit.case(case.arrangement, case.seat, case.mix))])
    return np.asarray(BAND_SIGMAS * found.sigma_db[0])


def facings(document: Document, models: Models) -> list[facing.Facing]:
    """Both ways of facing the room, scored."""
    from jolly_parlor.placement import facing

    return facing.facings(document.room, document.gear, models.forecaster.field)


def things(case: Case, models: Models) -> list[ThingEffect]:
    """What each thing in the room does to what is heard."""
    from jolly_parlor.placement.thing_effects import thing_effects

    return thing_effects(models.forecaster, case)


def settings(
    document: Document, name: str, every_seat: bool, measured: bool, models: Models
) -> Tuned:
    """The best settings of an arrangement; `document` as it is believed."""
    from jolly_parlor.analysis.tuning import tune

    field = models.forecaster.field
    return tune(document, name, every_seat, measured=measured, field=field)


def sub_shares(document: Document, name: str, models: Models) -> SubReport:
    """What each subwoofer does alone."""
    from jolly_parlor.analysis.subwoofers import sub_report

    return sub_report(document, name, field=models.forecaster.field)


def alignment(document: Document, name: str, models: Models) -> Aligned:
    """How each subwoofer stands to the pair."""
    from jolly_parlor.analysis.subwoofers import aligned

    return aligned(document, name, field=models.forecaster.field)


def floor_walk(document: Document, name: str, sub: str, seat: str, models: Models) -> FloorWalk:
    """A subwoofer at each named place of the floor."""
    from jolly_parlor.analysis.floor_walk import walk_round

    return walk_round(document, name, sub, seat, models.forecaster.field)


def further_subs(document: Document, name: str, models: Models) -> list[Further]:
    """What none to four subwoofers would give."""
    from jolly_parlor.analysis.subwoofers import further

    return further(document, name, field=models.forecaster.field)


def trades(document: Document, name: str, models: Models) -> list[SeatTrade]:
    """What the main seat gives up for the others."""
    from jolly_parlor.analysis.tuning import seat_trades

    return seat_trades(document, name, models.forecaster.field)


def lined_up(document: Document, models: Models) -> dict[str, Deviation]:
    """All that plays at the main ear, as forecast, by arrangement; those that do not fit the room
    are left out.
    """
    from jolly_parlor.placement.mixes import with_subwoofers
    from jolly_parlor.placement.standing import fit_problems

    seat, mix = document.gear.seats[0].name, with_subwoofers(document.gear)
    return {
        a.name: models.forecaster.deviation(document.case(a, seat, mix))
        for a in document.arrangements
        if not fit_problems(document.setup(a))
    }


def schools(document: Document, models: Models) -> list[JudgedSchool]:
    """Every school that can be met, at its own best settings and as it comes."""
    from jolly_parlor.placement.search.judged_schools import judged_schools
    from jolly_parlor.project.gear_edits import usual_chains

    return judged_schools(models.forecaster, document.wishes, usual_chains(document))


def first_proposal(document: Document, models: Models) -> tuple[Arrangement, float]:
    """The best of the schools, to look at while the search goes on."""
    from jolly_parlor.placement.search.first import best_school
    from jolly_parlor.project.gear_edits import usual_chains

    return best_school(models.forecaster, document.wishes, usual_chains(document))


def clue_moves(case: Case, found: tuple[Clue, ...], models: Models) -> list[Expected | None]:
    """What the forecast expects of each clue's move; None where it asks for none or cannot be."""
    from jolly_parlor.by_ear.clues import asked_for, expected

    model, told = models.forecaster, []
    for clue in found:
        after = asked_for(model.setup(case.arrangement), clue, case.seat)
        told.append(None if after is None else expected(model, case, after))
    return told


def zone(case: Case, models: Models) -> str:
    """Whether ear and forecast agree on the calm zone of the voice."""
    from jolly_parlor.by_ear.compared import zone_said
    from jolly_parlor.placement.items import LEFT
    from jolly_parlor.placement.strips import strip

    room = models.forecaster.room
    assert room.calm_zone is not None
    found = strip(models.forecaster, case, LEFT, "y")
    return zone_said(room.calm_zone, found, room.frame.front)


def hunt(
    arrangement: Arrangement, hunted: Hunt, seat: str, units: UnitSystem, models: Models
) -> HuntSaid:
    """The marks of a hunt against the map of the forecast."""
    from jolly_parlor.by_ear.compared import hunt_map, hunt_said

    return hunt_said(hunt_map(models.forecaster, arrangement, hunted, seat), hunted, units)


def hunt_tint(
    arrangement: Arrangement, hunted: Hunt, seat: str, models: Models
) -> maps.EvennessMap:
    """How even it is where what is hunted for can be."""
    from jolly_parlor.by_ear.compared import hunt_map, usable

    return usable(hunt_map(models.forecaster, arrangement, hunted, seat), hunted)


def tones(document: Document, case: Case, marks: tuple[ToneMark, ...], models: Models) -> list[str]:
    """Notes marked by ear against findings: of the takes where there are some, else forecast."""
    from jolly_parlor.analysis.experiments import findings_at
    from jolly_parlor.analysis.measured import measured_deviation
    from jolly_parlor.by_ear.compared import tones_said

    measured = measured_deviation(document, case)
    found = findings_at(document, case, measured, models.forecaster, models.anechoic, models.upper)
    what = "forecast" if measured is None else "measured"
    curve = models.forecaster.deviation(case) if measured is None else measured
    return tones_said(marks, found, curve, what)


def ledger(
    document: Document, noted: tuple[Entry, ...], seat: str, mix: Mix, models: Models
) -> list[Step]:
    """Every step of the Ledger with its figures."""
    from jolly_parlor.analysis.ledger_steps import judged_steps

    return judged_steps(document, noted, seat, mix, models.forecaster)


def signed_off(
    document: Document,
    believed: Document,
    name: str,
    fit: Fit | None,
    units: UnitSystem,
    models: Models,
) -> SignedOff:
    """All that is to be said of an arrangement before signing off."""
    from jolly_parlor.analysis.signing_off import sign_off

    model, silence = models.forecaster, models.anechoic
    return sign_off(document, name, model, silence, models.upper, believed, fit, units)


def equaliser(
    document: Document,
    name: str,
    scope: Scope,
    measured: bool,
    fit: Fit | None,
    units: UnitSystem,
    models: Models,
) -> Equalised:
    from jolly_parlor.analysis.equalising import equalise

    return equalise(document, name, scope, fit, measured, models.forecaster.field, units)


def around_seat(document: Document, name: str, models: Models) -> list[Match]:
    """What is off of every loudspeaker around the seat."""
    from jolly_parlor.analysis.loudspeakers_alike import match_all

    return match_all(document, name, field=models.forecaster.field)


def moved_around(
    document: Document, name: str, models: Models
) -> tuple[Document, tuple[Settled, ...]]:
    """The loudspeakers around the seat where each is most even."""
    from jolly_parlor.project.layout_edits import move_around

    return move_around(document, name, models.forecaster.field)


class Strips:
    """Where it is calm for one item: along the room and across it; monitors also by height.

    A job that gives way to a tint goes on where it was.
    """

    def __init__(self, case: Case, item: Item, alike: bool) -> None:
        self._listening, self._item, self._alike = case, item, alike
        self._found: list[Strip] = []

    def __call__(self, models: Models) -> list[Strip]:
        from jolly_parlor.placement.strips import strip

        axes: tuple[Axis, ...] = ("y", "x", "z") if self._item.of_pair else ("y", "x")
        if self._item.kind == "desk":
            axes = ("y", "z")
        for axis in axes[len(self._found) :]:
            found = strip(models.forecaster, self._listening, self._item, axis, self._alike)
            self._found.append(found)
        return self._found


def tint(
    kind: str,
    case: Case,
    item: Item,
    alike: bool,
    frequency_hz: float,
    models: Models,
) -> maps.EvennessMap | maps.PressureMap:
    """What the plan is tinted by: `seat`, `source` or `pressure`."""
    from jolly_parlor.placement import maps

    if kind == "source":
        return maps.source_map(models.forecaster, case, item, alike)
    if kind == "pressure":
        return maps.pressure_map(models.forecaster, case, frequency_hz)
    return maps.seat_map(models.forecaster, case)
