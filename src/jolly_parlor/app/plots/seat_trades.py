"""What the main seat gives up for the others, as a curve to choose a point from."""

from collections.abc import Sequence

import numpy as np

from jolly_parlor.analysis.tuning import SeatTrade
from jolly_parlor.app.plots.stone_chart import StonesPlot
from jolly_parlor.words import tr

_SIZE, _AS_SET = 15.0, 9.0


class SeatTradesPlot(StonesPlot):
    """Settings as stones: the main seat across, the mean of the others up; small: as it is set."""

    def __init__(self) -> None:
        self._found: Sequence[SeatTrade] = ()
        super().__init__(
            "seat-trades",
            tr("Evenness of the main seat against the others"),
            tr("dB from even at the main seat"),
            tr("at the others"),
        )

    def restyle(self) -> None:
        """Take the colours of the theme in force."""
        self.dress()
        self.show_trades(self._found)

    def show_trades(self, found: Sequence[SeatTrade]) -> None:
        self._found = found
        told = [_figures(trade) for trade in found]
        self.setAccessibleDescription(
            "; ".join(tr("{a:.1f} and {b:.1f} dB", a=a, b=b) for a, b in told)
        )
        x, y = np.array(told).reshape(-1, 2).T
        order = np.argsort(x, kind="stable")
        sorted_ = [found[n] for n in order]
        sizes = np.array([_AS_SET if trade.weight is None else _SIZE for trade in sorted_])
        chosen = order[sizes == _SIZE]
        self.lay(x[order], y[order], (x[chosen], y[chosen]), sizes, sorted_, from_zero=False)


def _figures(trade: SeatTrade) -> tuple[float, float]:
    """Of the main seat, and the mean of the others."""
    main, *others = trade.by_seat_db.values()
    return main, float(np.mean(others))
