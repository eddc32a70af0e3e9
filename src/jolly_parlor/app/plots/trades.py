"""What a metre of moving buys: evenness against distance, bass reach by size; lower left is best.

Each stone is a place that no other betters in all three at once.
"""

import numpy as np

from jolly_parlor.app.plots.stone_chart import StonesPlot
from jolly_parlor.placement.search.proposals import Trade
from jolly_parlor.words import tr

_SMALL, _LARGE = 9.0, 24.0


class TradesPlot(StonesPlot):
    """The trades as stones; pointing tells one, clicking lines it up."""

    def __init__(self) -> None:
        self._trades: tuple[Trade, ...] = ()
        super().__init__(
            "trades",
            tr("Evenness against distance moved"),
            tr("metres that the farthest thing moves"),
            tr("dB from even, monitors"),
        )

    def restyle(self) -> None:
        """Take the colours of the theme in force."""
        self.dress()
        self.show_trades(self._trades)

    def show_trades(self, trades: tuple[Trade, ...]) -> None:
        self._trades = trades
        if not trades:
            none = np.zeros(0)
            self.lay(none, none, (none, none), none, (), from_zero=True)
            return
        x = np.array([trade.moved_metres for trade in trades])
        y = np.array([trade.figure_db for trade in trades])
        depth = np.log2([1 / trade.reach_hz for trade in trades])
        share = (depth - depth.min()) / max(float(np.ptp(depth)), 0.3)
        sizes = _SMALL + (_LARGE - _SMALL) * share
        self.lay(x, y, (x, np.minimum.accumulate(y)), sizes, trades, from_zero=True)
