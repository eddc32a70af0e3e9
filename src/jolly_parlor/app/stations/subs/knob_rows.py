"""Knobs as sliders on their own steps, with what they stand at."""

from collections.abc import Callable, Mapping, Sequence
from functools import partial

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QLabel, QSlider

from jolly_parlor.app import theme
from jolly_parlor.app.stations.base import clear
from jolly_parlor.app.widgets.entries import label
from jolly_parlor.app.widgets.wrapped_grid import WrappedGrid
from jolly_parlor.placement.chains import Chain
from jolly_parlor.placement.settings.knobs import Knob

_WIDE = 180


class KnobRows:
    """Two to a line. `grid` is the layout."""

    def __init__(self, turned: Callable[[Knob, float], None]) -> None:
        self._turned = turned
        self.grid = WrappedGrid()
        self.grid.setHorizontalSpacing(10)
        self.grid.setVerticalSpacing(2)
        self.grid.setColumnStretch(6, 1)

    def show(self, knobs: Sequence[Knob], chains: Mapping[str, Chain]) -> None:
        """These, as they are set."""
        clear(self.grid)
        for number, knob in enumerate(knobs):
            row, column = divmod(number, 2)
            at = knob.nearest(knob.value(chains))
            value = label(knob.words(at))
            theme.keep_width(value, least=58)
            slider = QSlider(Qt.Orientation.Horizontal)
            slider.setObjectName(f"turn {'+'.join(knob.names)} {knob.what}")
            slider.setAccessibleName(knob.title)
            slider.setRange(0, int((knob.high - knob.low) / knob.step + 1e-9))
            slider.setValue(round((at - knob.low) / knob.step))
            theme.keep_width(slider, _WIDE, _WIDE)
            slider.valueChanged.connect(partial(self._move, knob, value))
            for place, widget in enumerate((label(knob.title, "soft"), slider, value)):
                self.grid.addWidget(widget, row, 3 * column + place)

    def _move(self, knob: Knob, shown: QLabel, steps: int) -> None:
        value = knob.nearest(knob.low + knob.step * steps)
        shown.setText(knob.words(value))
        self._turned(knob, value)
