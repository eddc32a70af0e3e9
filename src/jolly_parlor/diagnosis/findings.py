"""Findings: each peak or dip as one plain sentence with cause, evidence and remedy."""

from collections.abc import Sequence
from dataclasses import dataclass

from jolly_parlor.diagnosis.causes import Cause, causes, measured_causes
from jolly_parlor.diagnosis.features import Feature, features, features_above, same_feature
from jolly_parlor.diagnosis.field_moves import field_test, read_in_field
from jolly_parlor.diagnosis.interventions import Anechoic
from jolly_parlor.diagnosis.marks import Mark, Zone, marks
from jolly_parlor.diagnosis.moves import Experiment, equally_likely, parting_test, read
from jolly_parlor.diagnosis.remedies import Remedy, best_remedy
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.evenness import HIGHEST_HZ, Deviation
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.upper_range import TOP_HZ, UpperCurve
from jolly_parlor.words import tr

_MOST, _MOST_ABOVE = 4, 2
_NOTHING_LEFT_DB = 2.0
_AS_WELL = 0.75  # of what the first explains; what explains less is not named beside it


@dataclass(frozen=True)
class Finding:
    """One peak or dip, explained."""

    feature: Feature
    causes: tuple[Cause, ...]
    remedy: Remedy | None
    measured: bool
    moves: str = ""
    """What takes with something moved say of the first cause."""
    certain: bool = True
    """False above 300 Hz, where geometry alone speaks."""
    test: str = ""
    """The cheapest move by which the explanation, or which of two, can be checked."""
    judged: bool = True
    """False beyond the judged band."""

    @property
    def headline(self) -> str:
        """`78 Hz, 22 dB down: probably the front wall behind the monitors.`"""
        way = "up" if self.feature.kind == "hill" else "down"
        size = abs(self.feature.level_db)
        return tr(
            "{frequency_hz:.0f} Hz, {size:.0f} dB {way}: {cause_words}.",
            frequency_hz=self.feature.frequency_hz,
            size=size,
            way=way,
            cause_words=self.cause_words,
        )

    @property
    def cause_words(self) -> str:
        """The cause with its certainty, in words."""
        if not self.causes:
            return tr("no single cause stands out")
        first = self.causes[0]
        if first.likely:
            return tr("probably {with_partners}", with_partners=_with_partners(first))
        others = [c for c in self.causes[1:] if c.mark.lane != first.mark.lane]
        # What can be excluded is not named: by what its absence does, or where it has been moved.
        near = [
            c for c in others if c.without_db is None or c.explains >= _AS_WELL * first.explains
        ]
        if near and not first.together:
            return tr(
                "{describe}, or {describe2}",
                describe=describe(first.mark),
                describe2=describe(near[0].mark),
            )
        return tr("possibly {with_partners}", with_partners=_with_partners(first))

    @property
    def evidence(self) -> str:
        """What speaks for the cause."""
        if not self.causes:
            return tr("Several reflections and modes meet here; no one of them makes it.")
        first = self.causes[0]
        if not self.certain:
            return tr("Less certain, above 300 Hz: {why}", why=first.mark.why)
        words = f"{first.mark.why} {_absence(first, self.feature)}".strip()
        return " ".join(part for part in (words, self.moves, self.test) if part)

    @property
    def advice(self) -> str:
        """What the remedy would do, or why there is none."""
        if not self.certain:
            what = tr("No forecast reaches here") if self.judged else tr("Not judged in Evenness")
            return tr("{what}; treatment acts here more easily than below.", what=what)
        if self.remedy is None:
            if self.feature.kind == "hill":
                return tr(
                    "No move against it makes the whole half a decibel more even; whether a cut "
                    "may tame it, the Equaliser at Sign-off says."
                )
            return tr(
                "No move against it makes the whole half a decibel more even; do not boost a "
                "cancellation."
            )
        after = self.remedy
        by = tr("Forecast ") if self.measured else ""
        if after.move.gear is not None:  # no button can do it
            by = tr("With {what}: ", what=after.move.text()) + by
        what = "peak" if self.feature.kind == "hill" else "dip"
        was, left = self.feature.level_db, after.feature_after_db
        if abs(left) < _NOTHING_LEFT_DB:
            becomes = tr("this {what} would be gone", what=what)
        elif was * left > 0:
            becomes = tr(
                "this {what} would shrink from {was:.0f} to {left:.0f} dB",
                what=what,
                was=abs(was),
                left=abs(left),
            )
        else:
            becomes = tr(
                "this {what} would turn into {left:.0f} dB the other way", what=what, left=abs(left)
            )
        return tr(
            "{by}{evenness_before_db:.1f} → {evenness_after_db:.1f} dB from "
            "even; {becomes}. {equaliser}",
            by=by,
            evenness_before_db=after.evenness_before_db,
            evenness_after_db=after.evenness_after_db,
            becomes=becomes,
            equaliser=self.equaliser,
        )

    @property
    def equaliser(self) -> str:
        return (
            tr("What is left, a cut may tame: the Equaliser at Sign-off says.")
            if self.feature.kind == "hill"
            else tr("No boost fills it.")
        )


def _with_partners(cause: Cause) -> str:
    """The cause with what takes part in it."""
    return tr(" together with ").join(describe(mark) for mark in (cause.mark, *cause.together))


def _absence(cause: Cause, feature: Feature) -> str:
    """What the calculation without it says, in a sentence; empty where it says little."""
    if cause.without_db is None or cause.without_db < 1.0:
        return ""
    does = tr(
        "this {kind} by {without_db:.0f} dB",
        kind="fills" if feature.kind == "hollow" else "falls",
        without_db=cause.without_db,
    )
    if cause.instead:
        return tr("With {instead}, {does}.", instead=cause.instead, does=does)
    if cause.mark.mode is not None:
        return tr("Without this standing wave {does}.", does=does)
    if cause.mark.lane == "desk":
        return tr("Without the desk {does}.", does=does)
    if cause.needs_all:
        return tr("If both absorbed all sound, {does}; either alone does not do it.", does=does)
    if cause.together:
        return tr("If it absorbed all sound, {does}; the other does as much.", does=does)
    return tr("If it absorbed all sound, {does}.", does=does)


_IN_ZONE: dict[Zone, str] = {
    "": "",
    "ear": tr(", the seat in its quiet zone"),
    "sources": tr(", the loudspeakers in its quiet zone"),
    "both": tr(", seat and loudspeakers both in its quiet zone"),
    "opposed": tr(", which left and right drive against each other"),
    "against": tr(", which works against the rest here"),
}


def shortly(mark: Mark) -> str:
    """The same where room is scarce: the quiet zone without who sits in it."""
    if mark.mode is None or mark.zone not in ("ear", "sources", "both"):
        return describe(mark)
    return tr("quiet zone of the {name}", name=mark.mode.name)


def describe(mark: Mark) -> str:
    """The cause of a mark as words to follow `probably`."""
    if mark.mode is not None:
        article = "a" if mark.mode.kind == "mixed" else "the"
        zone = _IN_ZONE[mark.zone]
        return tr(
            "{article} {name} ({frequency_hz:.0f} Hz){zone}",
            article=article,
            name=mark.mode.name,
            frequency_hz=mark.frequency_hz,
            zone=zone,
        )
    if mark.reflection is not None:
        if mark.lane == "front wall":
            who = "monitors" if mark.source in ("", "left", "right") else mark.source
            return tr(
                "the wall behind the {who}, {face:.2f} m to the face, heard from {heard:.2f} m",
                who=who,
                face=mark.face_metres
                if mark.face_metres is not None
                else mark.reflection.wall_metres,
                heard=mark.reflection.wall_metres,
            )
        side = tr("the {words}", words=mark.reflection.words)
        return tr("the bounce off {side}", side=side) if mark.cancels else side
    if mark.lane == "desk":
        return tr("the desk")
    return tr("the handover between monitors and subwoofer")


def findings_of_forecast(
    forecaster: Forecaster,
    anechoic: Anechoic,
    case: Case,
    wishes: Wishes,
    upper: UpperCurve | None = None,
) -> list[Finding]:
    """The worst few peaks and dips of a forecast, explained, each with a calculated remedy."""
    before = forecaster.deviation(case)
    candidates = marks(case)
    found = []
    for feature in features(before)[:_MOST]:
        ranked = causes(feature, candidates, anechoic, case)
        lane = ranked[0].mark.lane if ranked else None
        remedy = best_remedy(feature, lane, forecaster, case, wishes)
        test = field_test(feature, forecaster, case)
        found.append(Finding(feature, tuple(ranked), remedy, measured=False, test=test))
    return found + _above(upper, 0.0, forecaster, case, False)


def findings_of_take(
    of: Deviation,
    forecaster: Forecaster,
    case: Case,
    wishes: Wishes,
    tried: Sequence[Experiment] = (),
    anechoic: Anechoic | None = None,
    upper: UpperCurve | None = None,
    floor_db: float = 0.0,
) -> list[Finding]:
    """The same for a measured response: causes from geometry and from what takes with something
    moved say (`tried`), remedies from the model. Where the forecast shows the same peak or dip,
    what boundaries do to it there is evidence too (with `anechoic`). floor_db: what two sweeps
    of the take differ by.
    """
    before = forecaster.deviation(case)
    calculated = features(before) if anechoic is not None else []
    candidates = marks(case, max(of.high_hz, HIGHEST_HZ))
    found = []
    for feature in features(of, floor_db)[:_MOST]:
        if feature.frequency_hz > HIGHEST_HZ:  # judged, but no forecast reaches there
            ranked = measured_causes(feature, candidates)
            found.append(Finding(feature, tuple(ranked), None, True, certain=False))
            continue
        same = same_feature(feature, calculated)
        if same is not None and anechoic is not None:
            ranked = causes(same, candidates, anechoic, case)
            told, fits = read_in_field(feature, same, tried, forecaster, case)
            test = field_test(same, forecaster, case) if not told else ""
        else:
            ranked, told, fits, test = [], "", False, ""
        if not fits or not ranked:
            by_paths, said, apart = _by_paths(feature, candidates, tried, forecaster, case)
            # A forecast that went elsewhere than the take explains it only for want of better.
            if said or not ranked:
                ranked, told, test = by_paths, said, apart
        lane = ranked[0].mark.lane if ranked else None
        remedy = best_remedy(feature, lane, forecaster, case, wishes)
        found.append(Finding(feature, tuple(ranked), remedy, True, told, test=test))
    if of.high_hz > HIGHEST_HZ:
        return found
    return found + _above(upper, floor_db, forecaster, case, True)


def _by_paths(
    feature: Feature,
    candidates: list[Mark],
    tried: Sequence[Experiment],
    forecaster: Forecaster,
    case: Case,
) -> tuple[list[Cause], str, str]:
    """Causes of what the forecast does not show, by path lengths and modes alone; what was moved
    says of them; and what would part the first two.
    """
    ranked, told, test = measured_causes(feature, candidates), "", ""
    for experiment in tried:
        verdict = read(feature, ranked, experiment, case)
        ranked, told = list(verdict.causes), verdict.words or told
    if equally_likely(ranked):
        test = parting_test(ranked[0], ranked[1], feature, case)
    return ranked, told, test


def _above(
    upper: UpperCurve | None,
    floor_db: float,
    forecaster: Forecaster,
    case: Case,
    measured: bool,
) -> list[Finding]:
    """The worst two of 300 to 700 Hz, by geometry alone."""
    if upper is None:
        return []
    candidates = marks(case, TOP_HZ)
    found = []
    for feature in features_above(upper, floor_db):
        ranked = measured_causes(feature, candidates)
        if ranked:  # what nothing explains up there is left alone
            found.append(
                Finding(feature, tuple(ranked), None, measured, certain=False, judged=False)
            )
    return found[:_MOST_ABOVE]
