"""What a control is: its range, unit and words, how it is tidied and what it does to a sound.

A control is one field of `chains.Chain` annotated with its `Control`. From these come what a model
can have (`loudspeakers.Controls`), the panel at Gear, what is set at Subs, what settings turn and
what going beyond would buy, what reports say, and what the fingerprints of takes leave out.
"""

from collections.abc import Callable
from dataclasses import dataclass
from typing import Annotated, Any, Literal

from annotated_types import Ge

from jolly_parlor.acoustics.arrays import ComplexArray, FloatArray
from jolly_parlor.strict import STRICT
from jolly_parlor.words import spoken

Whose = Literal["all", "subwoofer", "pair", "each"]
"""Of which loudspeakers it is turned: of all; of subwoofers only; of the pair, both alike, where it
hands over to a subwoofer; of each by itself, whose wall or desk is its own.
"""
Response = Callable[[FloatArray, Any], ComplexArray]
"""Of frequencies in Hz and a `chains.Chain`, which is made of controls and so comes after them."""


@dataclass(frozen=True)
class Span:
    """What a control can be set to, in its own unit; step 0 is continuous."""

    __pydantic_config__ = STRICT

    low: float
    high: float
    step: Annotated[float, Ge(0.0)] = 0.0


@dataclass(frozen=True)
class Control:
    """One that is turned over a range. All figures in its own unit."""

    title: str
    unit: str
    least: float
    most: float
    """What a Chain can take."""
    usual: Span
    """The range one starts from when a model is said to have it."""
    tidy: float
    """The step of what turns without steps: finer is set by no hand."""
    whose: Whose = "each"
    beyond: float = 0.0
    """How far past the end of its range it is worth looking; 0: nowhere."""
    turn: float = 0.001
    """Over what slopes are differences."""
    lifts_hz: tuple[float, float] | None = None
    """Where turning it up lifts: no boost fills a cancellation there."""
    louder: bool = False
    """Whether it changes how loud its loudspeaker is by itself."""
    response: Response | None = None
    """What it does at frequencies in Hz, (frequencies,); None for what `Chain.response` does."""
    beside: str = ""
    """The field of a Chain that its response hangs on."""
    left_out: tuple[object, ...] = (0.0, None)
    """What takes' fingerprints leave out of Chains and Controls: those of before the control was
    there, which must still hold, say nothing of it.
    """
    name: str = ""
    """The field of Controls."""
    setting: str = ""
    """The field of a Chain; a crossover's is the side whose corner it is."""

    @property
    def is_corner(self) -> bool:
        """Whether it is the corner of a side of the crossover."""
        return self.name != self.setting

    def words(self, value: float) -> str:
        """A value with its sign and unit."""
        sign = "+" if self.unit == "dB" and value else ""
        return f"{value:{sign}g}{'' if self.unit == '°' else ' '}{self.unit}"

    def told(self, value: float) -> str:
        """With its title: `low shelf -2 dB`."""
        return f"{spoken(self.title)} {self.words(value)}"
