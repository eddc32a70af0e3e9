"""Findings: each peak or dip as one plain sentence with cause, evidence and remedy."""

from collections.abc import Sequence
from dataclasses import dataclass
from math import log2

from jolly_parlor.diagnosis.causes import Anechoic, Cause, causes, measured_causes
from jolly_parlor.diagnosis.features import Feature, features, features_above
from jolly_parlor.diagnosis.marks import Mark, marks
from jolly_parlor.diagnosis.moves import Experiment, equally_likely, parting_test, read
from jolly_parlor.diagnosis.remedies import Remedy, best_remedy
from jolly_parlor.placement.evenness import SMOOTHING_PER_OCTAVE, Deviation
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.mixes import Listening
from jolly_parlor.placement.upper_range import TOP_HZ, UpperCurve

_MOST, _MOST_ABOVE = 4, 2
_NOTHING_LEFT_DB = 2.0


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
    """The cheapest move that would part two causes that are equally likely."""

    @property
    def headline(self) -> str:
        """`78 Hz, 22 dB down: probably the front wall behind the monitors.`"""
        way = "up" if self.feature.kind == "hill" else "down"
        size = abs(self.feature.level_db)
        return f"{self.feature.frequency_hz:.0f} Hz, {size:.0f} dB {way}: {self.cause_words}."

    @property
    def cause_words(self) -> str:
        """The cause with its certainty, in words."""
        if not self.causes:
            return "no single cause stands out"
        first = self.causes[0]
        name = describe(first.mark)
        if first.likely:
            return f"probably {name}"
        if len(self.causes) > 1 and self.causes[1].mark.lane != first.mark.lane:
            return f"{name}, or {describe(self.causes[1].mark)}"
        return f"possibly {name}"

    @property
    def evidence(self) -> str:
        """What speaks for the cause."""
        if not self.causes:
            return "Several reflections and modes meet here; the model cannot part them."
        if not self.certain:
            return f"Less certain, above 300 Hz: {self.causes[0].mark.why}"
        first = self.causes[0]
        words = first.mark.why
        if first.without_db is not None and first.without_db >= 1.0:
            verb = "fills" if self.feature.kind == "hollow" else "falls"
            words += f" If it absorbed all sound, this {verb} by {first.without_db:.0f} dB."
        return " ".join(part for part in (words, self.moves, self.test) if part)

    @property
    def advice(self) -> str:
        """What the remedy would do, or why there is none."""
        if not self.certain:
            return "Not judged in Evenness; treatment acts here more easily than below."
        if self.remedy is None:
            if self.feature.kind == "hill":
                return "No move along that line makes the whole more even; a cut can tame a peak."
            return "No move along that line makes the whole more even; do not boost a cancellation."
        after = self.remedy
        by = "Forecast " if self.measured else ""
        what = "peak" if self.feature.kind == "hill" else "dip"
        was, left = self.feature.level_db, after.feature_after_db
        if abs(left) < _NOTHING_LEFT_DB:
            becomes = f"this {what} would be gone"
        elif was * left > 0:
            becomes = f"this {what} would shrink from {abs(was):.0f} to {abs(left):.0f} dB"
        else:
            becomes = f"this {what} would turn into {abs(left):.0f} dB the other way"
        return (
            f"{by}{after.evenness_before_db:.1f} → {after.evenness_after_db:.1f} dB from even; "
            f"{becomes}. {self.equaliser}"
        )

    @property
    def equaliser(self) -> str:
        """Whether equalisation can help."""
        return "A cut can tame it too." if self.feature.kind == "hill" else "No boost fills it."


def _same(feature: Feature, calculated: Sequence[Feature]) -> Feature | None:
    """The forecast's feature that a measured one must be: of its kind, within a smoothing band."""
    near = [
        f
        for f in calculated
        if f.kind == feature.kind
        and abs(log2(f.frequency_hz / feature.frequency_hz)) < 1 / SMOOTHING_PER_OCTAVE
    ]
    return min(near, key=lambda f: abs(f.frequency_hz - feature.frequency_hz), default=None)


def describe(mark: Mark) -> str:
    """The cause of a mark as words to follow `probably`."""
    if mark.mode is not None:
        if mark.mode.kind == "mixed":
            return f"a {mark.mode.name} at {mark.frequency_hz:.0f} Hz"
        null = " at its quiet zone" if mark.kind == "hollow" else ""
        return f"the {mark.mode.name} ({mark.frequency_hz:.0f} Hz){null}"
    if mark.bounce is not None:
        if mark.lane == "front wall":
            who = "monitors" if mark.source in ("", "left", "right") else mark.source
            return f"the wall behind the {who}, {mark.bounce.wall_metres:.2f} m away"
        side = f"the {mark.bounce.words}"
        return f"the bounce off {side}" if mark.cancels else side
    return "the handover between monitors and subwoofer"


def findings_of_forecast(
    forecaster: Forecaster,
    anechoic: Anechoic,
    listening: Listening,
    upper: UpperCurve | None = None,
) -> list[Finding]:
    """The worst few peaks and dips of a forecast, explained, each with a calculated remedy."""
    before = forecaster.deviation(listening)
    candidates = marks(forecaster.room, forecaster.gear, listening)
    found = []
    for feature in features(before)[:_MOST]:
        ranked = causes(feature, before, candidates, anechoic, listening)
        lane = ranked[0].mark.lane if ranked else None
        remedy = best_remedy(feature, lane, forecaster, listening)
        found.append(Finding(feature, tuple(ranked), remedy, measured=False))
    return found + _above(upper, 0.0, forecaster, listening, False)


def findings_of_take(
    of: Deviation,
    forecaster: Forecaster,
    listening: Listening,
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
    before = forecaster.deviation(listening)
    calculated = features(before) if anechoic is not None else []
    candidates = marks(forecaster.room, forecaster.gear, listening)
    found = []
    for feature in features(of, floor_db)[:_MOST]:
        ranked = measured_causes(feature, candidates)
        same = _same(feature, calculated)
        if same is not None and anechoic is not None:
            ranked = causes(same, before, candidates, anechoic, listening)
        told = ""
        room, gear = forecaster.room, forecaster.gear
        for experiment in tried:
            verdict = read(feature, ranked, experiment, room, gear, listening)
            ranked, told = list(verdict.causes), verdict.words or told
        lane = ranked[0].mark.lane if ranked else None
        remedy = best_remedy(feature, lane, forecaster, listening)
        test = ""
        if equally_likely(ranked):
            test = parting_test(ranked[0], ranked[1], feature, room, gear, listening)
        found.append(Finding(feature, tuple(ranked), remedy, True, told, test=test))
    return found + _above(upper, floor_db, forecaster, listening, True)


def _above(
    upper: UpperCurve | None,
    floor_db: float,
    forecaster: Forecaster,
    listening: Listening,
    measured: bool,
) -> list[Finding]:
    """The worst two of 300 to 700 Hz, by geometry alone."""
    if upper is None:
        return []
    candidates = marks(forecaster.room, forecaster.gear, listening, TOP_HZ)
    found = []
    for feature in features_above(upper, floor_db):
        ranked = measured_causes(feature, candidates)
        if ranked:  # what nothing explains up there is left alone
            found.append(Finding(feature, tuple(ranked), None, measured, certain=False))
    return found[:_MOST_ABOVE]
