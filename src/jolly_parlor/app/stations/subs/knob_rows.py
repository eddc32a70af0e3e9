"""Knobs as sliders on their own steps, with what they stand at."""

from collections.abc import Callable, Mapping, Sequence
from functools import partial

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QLabel, QSlider

from jolly_parlor.app import theme
from jolly_parlor.app.widgets.kept import Home, Kept
from jolly_parlor.app.widgets.steady import SteadySlider
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.placement.chains import Chain
from jolly_parlor.placement.settings.knobs import Knob

_WIDE = 180


class KnobRows:
    """Two to a line. `grid` is the layout."""

    def __init__(self, home: Home, turned: Callable[[Knob, float], None]) -> None:
        self._turned = turned
        self._knobs: dict[str, tuple[Knob, QLabel]] = {}
        self.grid = WrappedGrid()
        self.grid.setHorizontalSpacing(10)
        self.grid.setVerticalSpacing(2)
        self.grid.setColumnStretch(6, 1)
        self._kept = Kept(self.grid, home)

    def show(self, knobs: Sequence[Knob], chains: Mapping[str, Chain]) -> None:
        """These, as they are set."""
        with self._kept as kept:
            for number, knob in enumerate(knobs):
                row, column = divmod(number, 2)
                name = f"turn {'+'.join(knob.names)} {knob.what}"
                at = knob.nearest(knob.value(chains))
                kept.words(knob.title, row, 3 * column)
                slider = kept.put(name, partial(self._slider, name), row, 3 * column + 1)
                value = kept.words(knob.words(at), row, 3 * column + 2, role="")
                theme.keep_width(value, least=58)
                self._knobs[name] = knob, value
                slider.blockSignals(True)
                slider.setAccessibleName(knob.title)
                slider.setRange(0, int((knob.high - knob.low) / knob.step + 1e-9))
                if not slider.isSliderDown():
                    slider.setValue(round((at - knob.low) / knob.step))
                slider.blockSignals(False)

    def _slider(self, name: str) -> QSlider:
        made = SteadySlider(Qt.Orientation.Horizontal)
        made.setObjectName(name)
        theme.keep_width(made, _WIDE, _WIDE)
        made.valueChanged.connect(partial(self._move, name))
        return made

    def _move(self, name: str, steps: int) -> None:
        knob, shown = self._knobs[name]
        value = knob.nearest(knob.low + knob.step * steps)
        shown.setText(knob.words(value))
        self._turned(knob, value)
