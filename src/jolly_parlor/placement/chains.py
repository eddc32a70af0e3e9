"""The Chain: what is set between the signal and a loudspeaker, one a loudspeaker in each
Arrangement.
"""

from collections.abc import Iterator
from dataclasses import dataclass, replace
from typing import Annotated, Literal, get_type_hints

import numpy as np
from annotated_types import Ge, Le, MaxLen

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.filters import peaking, phase_knob, shelf_low
from jolly_parlor.acoustics.sources import drive, high_pass, low_pass
from jolly_parlor.placement.controls import Control, Span
from jolly_parlor.strict import STRICT
from jolly_parlor.words import tr

Frequency = Annotated[float, Ge(5.0), Le(20_000.0)]
Gain = Annotated[float, Ge(-40.0), Le(40.0)]
CrossoverSlope = Literal[6, 12, 18, 24, 36, 48]
CrossoverKind = Literal["butterworth", "linkwitz"]
USUAL_CROSSOVER_HZ = 80.0
"""Common practice, no source."""
_SHELF_HZ, _LOW_MID_HZ, _LOW_MID_Q = 120.0, 250.0, 0.7


@dataclass(frozen=True)
class Filter:
    """A kind of crossover filter that a control offers."""

    __pydantic_config__ = STRICT

    slope_db_per_octave: CrossoverSlope = 24
    kind: CrossoverKind = "linkwitz"

    def at(self, frequency_hz: float) -> "Crossover":
        """One side of a crossover of this kind."""
        return Crossover(frequency_hz, self.slope_db_per_octave, self.kind)

    @property
    def words(self) -> str:
        """Such as `Linkwitz 24 dB per octave`."""
        return tr("{short} dB per octave", short=self.short)

    @property
    def short(self) -> str:
        """Such as `Linkwitz 24`."""
        return f"{self.kind.capitalize()} {self.slope_db_per_octave}"


@dataclass(frozen=True)
class Crossover:
    """One side of a crossover: its corner, slope and kind.

    `linkwitz` is a Butterworth of half the order squared: -6 dB at its corner, and both sides in
    phase (Linkwitz 1976); it exists for 12, 24, 36 and 48 dB per octave.
    """

    __pydantic_config__ = STRICT

    frequency_hz: Annotated[float, Ge(20.0), Le(500.0)] = USUAL_CROSSOVER_HZ
    slope_db_per_octave: CrossoverSlope = 24
    kind: CrossoverKind = "linkwitz"

    @property
    def filter(self) -> Filter:
        """Its kind without its corner."""
        return Filter(self.slope_db_per_octave, self.kind)

    def problem(self) -> str:
        """What cannot be, in a sentence; empty when it can."""
        if self.kind == "linkwitz" and self.slope_db_per_octave % 12:
            return tr(
                "A Linkwitz crossover of {slope_db_per_octave} dB per octave does "
                "not exist; choose 12, 24, 36 or 48, or Butterworth.",
                slope_db_per_octave=self.slope_db_per_octave,
            )
        return ""

    def high(self, frequencies_hz: FloatArray) -> ComplexArray:
        """What the mains keep, (frequencies,)."""
        return self._twice(high_pass(frequencies_hz, self.frequency_hz, self._order))

    def low(self, frequencies_hz: FloatArray) -> ComplexArray:
        """What the subwoofer gets, (frequencies,)."""
        return self._twice(low_pass(frequencies_hz, self.frequency_hz, self._order))

    @property
    def _order(self) -> int:
        order = self.slope_db_per_octave // 6
        return order // 2 if self.kind == "linkwitz" else order

    def _twice(self, side: ComplexArray) -> ComplexArray:
        return np.asarray(side**2) if self.kind == "linkwitz" else side


KINDS = tuple(
    [Filter(slope, "butterworth") for slope in (6, 12, 18, 24, 36, 48)]
    + [Filter(slope, "linkwitz") for slope in (12, 24, 36, 48)]
)
"""Every kind of crossover filter there is here."""


@dataclass(frozen=True)
class Section:
    """One equaliser section: a bell."""

    __pydantic_config__ = STRICT

    frequency_hz: Frequency
    gain_db: Annotated[float, Ge(-24.0), Le(12.0)]
    q: Annotated[float, Ge(0.1), Le(50.0)]


def _phase(frequencies_hz: FloatArray, chain: "Chain") -> ComplexArray:
    corner = chain.low_pass.frequency_hz if chain.low_pass else USUAL_CROSSOVER_HZ
    return phase_knob(frequencies_hz, corner, chain.phase_degrees)


def _low_shelf(frequencies_hz: FloatArray, chain: "Chain") -> ComplexArray:
    return shelf_low(frequencies_hz, _SHELF_HZ, chain.low_shelf_db)


def _low_mid(frequencies_hz: FloatArray, chain: "Chain") -> ComplexArray:
    return peaking(frequencies_hz, _LOW_MID_HZ, chain.low_mid_db, _LOW_MID_Q)


_GAIN = Control(
    *("gain", "dB", -40.0, 40.0),
    usual=Span(-12.0, 6.0),
    tidy=0.5,
    whose="all",
    beyond=3.0,
    louder=True,
    left_out=(),
)
_DELAY = Control(
    *("delay", "ms", 0.0, 100.0),
    usual=Span(0.0, 15.0, 0.1),
    tidy=0.1,
    whose="all",
    beyond=3.0,
    left_out=(),
)
_PHASE = Control(
    *("phase", "°", 0.0, 180.0),
    usual=Span(0.0, 180.0),
    tidy=5.0,
    whose="subwoofer",
    turn=0.01,
    response=_phase,
    beside="low_pass",
    left_out=(0.0,),
)
_LOW_PASS = Control(
    *("low-pass", tr("Hz"), 20.0, 500.0),
    usual=Span(40.0, 120.0),
    tidy=1.0,
    whose="subwoofer",
    beyond=20.0,
    louder=True,
    left_out=(),
)
_HIGH_PASS = Control(
    *("high-pass", tr("Hz"), 20.0, 500.0),
    usual=Span(60.0, 120.0, 20.0),
    tidy=1.0,
    whose="pair",
    beyond=20.0,
    louder=True,
    left_out=(),
)
_LOW_SHELF = Control(
    *(tr("low shelf"), "dB", -12.0, 12.0),
    usual=Span(-6.0, 0.0, 2.0),
    tidy=0.5,
    beyond=2.0,
    lifts_hz=(20.0, 160.0),
    louder=True,
    response=_low_shelf,
    left_out=(),
)
_LOW_MID = Control(
    *(tr("low mid"), "dB", -12.0, 12.0),
    usual=Span(-4.0, 0.0, 2.0),
    tidy=0.5,
    beyond=2.0,
    lifts_hz=(150.0, 300.0),
    louder=True,
    response=_low_mid,
    left_out=(),
)


@dataclass(frozen=True)
class Chain:
    """Everything that is set for one loudspeaker. A new control is one more field here."""

    __pydantic_config__ = STRICT

    gain_db: Annotated[Gain, _GAIN] = 0.0
    delay_ms: Annotated[float, Ge(0.0), Le(100.0), _DELAY] = 0.0
    inverted: bool = False
    phase_degrees: Annotated[float, Ge(0.0), Le(180.0), _PHASE] = 0.0
    """A subwoofer's phase knob: how far it turns back the corner of its own low-pass (80 Hz without
    one).
    """
    low_pass: Annotated[Crossover | None, _LOW_PASS] = None
    high_pass: Annotated[Crossover | None, _HIGH_PASS] = None
    """In force where a subwoofer plays along: what is handed over to it."""
    low_shelf_db: Annotated[float, Ge(-12.0), Le(12.0), _LOW_SHELF] = 0.0
    """The trim on the back against a wall's bass, below 120 Hz or so (common practice)."""
    low_mid_db: Annotated[float, Ge(-12.0), Le(12.0), _LOW_MID] = 0.0
    """The trim against a desk's or wall's low mids, a wide bell at 250 Hz (common practice)."""
    sections: Annotated[tuple[Section, ...], MaxLen(30)] = ()

    @property
    def flat_alone(self) -> bool:
        """Whether nothing is set that acts without a subwoofer playing along."""
        return replace(self, high_pass=None, low_pass=None) == Chain()

    def problem(self) -> str:
        """What cannot be, in a sentence; empty when it can."""
        sides = (side.problem() for side in (self.high_pass, self.low_pass) if side is not None)
        return next(filter(None, sides), "")

    def parts(self) -> tuple["Chain", ...]:
        """Chains of few settings each, whose responses multiply up to this one's."""
        every: list[Chain] = []
        if self.gain_db or self.delay_ms or self.inverted:
            every.append(
                Chain(gain_db=self.gain_db, delay_ms=self.delay_ms, inverted=self.inverted)
            )
        for names in _HANG_TOGETHER:
            if any(getattr(self, name) for name in names):
                every.append(Chain(**{name: getattr(self, name) for name in names}))
        if self.sections:
            every.append(Chain(sections=self.sections))
        return tuple(every)

    def of(self, control: Control) -> "Chain":
        """What of this one control sets, with what hangs on it: its response times the rest's is
        the chain's.
        """
        names = next((n for n in _HANG_TOGETHER if control.setting in n), (control.setting,))
        return Chain(**{name: getattr(self, name) for name in names})

    def set_of(self, control: Control) -> float | None:
        """Where a control stands; None for a crossover that is not there."""
        value = getattr(self, control.setting)
        if control.is_corner:
            return None if value is None else float(value.frequency_hz)
        return float(value)

    def with_set(self, control: Control, value: float) -> "Chain":
        """The same with a control set so; a corner within what a crossover can be."""
        if not control.is_corner:
            return self.changed(control.setting, value)
        side = getattr(self, control.setting) or Crossover()
        corner = min(max(value, control.least), control.most)
        return self.changed(control.setting, replace(side, frequency_hz=corner))

    def changed(self, what: str, value: object) -> "Chain":
        """The same but for one setting. `dataclasses.replace` takes ten times as long, and those
        who look for settings change some every time.
        """
        return Chain(**(vars(self) | {what: value}))

    def response(self, frequencies_hz: FloatArray, handed_over: bool) -> ComplexArray:
        """All of it as one complex factor, (frequencies,); `handed_over`: the crossover filters
        are in force.
        """
        f = np.asarray(frequencies_hz, dtype=float)
        total = drive(f, self.gain_db, self.delay_ms, self.inverted)
        if handed_over and self.high_pass is not None:
            total = total * self.high_pass.high(f)
        if handed_over and self.low_pass is not None:
            total = total * self.low_pass.low(f)
        for control in CONTROLS.values():
            if control.response is not None and getattr(self, control.setting):
                total = total * control.response(f, self)
        for section in self.sections:
            total = total * peaking(f, section.frequency_hz, section.gain_db, section.q)
        return np.asarray(total)


FLAT = Chain()


def _controls() -> Iterator[Control]:
    for setting, hint in get_type_hints(Chain, include_extras=True).items():
        for one in getattr(hint, "__metadata__", ()):
            if isinstance(one, Control):
                corner = not isinstance(getattr(FLAT, setting), float)
                yield replace(one, setting=setting, name=f"{setting}_hz" if corner else setting)


CONTROLS: dict[str, Control] = {one.name: one for one in _controls()}
"""Every control by the field of `loudspeakers.Controls`, in the order of a Chain's fields."""
_HANG_TOGETHER = tuple(
    (first.setting, *(one.setting for one in CONTROLS.values() if one.beside == first.setting))
    for first in CONTROLS.values()
    if not first.beside and (first.response is not None or first.is_corner)
)
"""Settings whose responses multiply up; of those in one, one hangs on the other."""
