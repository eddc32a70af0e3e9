"""The Chain: what is set between the signal and a loudspeaker, one a loudspeaker in each
Arrangement.
"""

from dataclasses import dataclass, replace
from typing import Annotated, Literal

import numpy as np
from annotated_types import Ge, Le, MaxLen

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.acoustics.filters import peaking, phase_knob, shelf_low
from jolly_parlor.acoustics.sources import drive, high_pass, low_pass
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


@dataclass(frozen=True)
class Chain:
    """Everything that is set for one loudspeaker."""

    __pydantic_config__ = STRICT

    gain_db: Gain = 0.0
    delay_ms: Annotated[float, Ge(0.0), Le(100.0)] = 0.0
    inverted: bool = False
    high_pass: Crossover | None = None
    """In force where a subwoofer plays along: what is handed over to it."""
    low_pass: Crossover | None = None
    low_shelf_db: Annotated[float, Ge(-12.0), Le(12.0)] = 0.0
    """The trim on the back against a wall's bass, below 120 Hz or so (common practice)."""
    low_mid_db: Annotated[float, Ge(-12.0), Le(12.0)] = 0.0
    """The trim against a desk's or wall's low mids, a wide bell at 250 Hz (common practice)."""
    sections: Annotated[tuple[Section, ...], MaxLen(30)] = ()
    phase_degrees: Annotated[float, Ge(0.0), Le(180.0)] = 0.0
    """A subwoofer's phase knob: how far it turns back the corner of its own low-pass (80 Hz without
    one).
    """

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
        if self.high_pass is not None:
            every.append(Chain(high_pass=self.high_pass))
        if self.low_pass is not None or self.phase_degrees:
            every.append(Chain(low_pass=self.low_pass, phase_degrees=self.phase_degrees))
        if self.low_shelf_db:
            every.append(Chain(low_shelf_db=self.low_shelf_db))
        if self.low_mid_db:
            every.append(Chain(low_mid_db=self.low_mid_db))
        if self.sections:
            every.append(Chain(sections=self.sections))
        return tuple(every)

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
        if self.phase_degrees:
            corner = self.low_pass.frequency_hz if self.low_pass else USUAL_CROSSOVER_HZ
            total = total * phase_knob(f, corner, self.phase_degrees)
        if self.low_shelf_db:
            total = total * shelf_low(f, _SHELF_HZ, self.low_shelf_db)
        if self.low_mid_db:
            total = total * peaking(f, _LOW_MID_HZ, self.low_mid_db, _LOW_MID_Q)
        for section in self.sections:
            total = total * peaking(f, section.frequency_hz, section.gain_db, section.q)
        return np.asarray(total)
