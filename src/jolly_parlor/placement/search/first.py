"""Something worth trying at once, while the search is still weighing: the best of the schools."""

from collections.abc import Mapping

import numpy as np

from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.chains import Chain
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.schools import possible
from jolly_parlor.placement.search.objective import UNFIT, Judge
from jolly_parlor.placement.search.tuned_subs import TunedSubs
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr


def best_school(
    forecaster: Forecaster, wishes: Wishes, chains: Mapping[str, Chain]
) -> tuple[Arrangement, float]:
    """The school that is most even facing the front wall, settings quickly found, and its J, dB.

    Raises Refused where none can be met.
    """
    proposed = possible(forecaster.room, forecaster.gear, chains)
    judge = Judge(forecaster.coarse(), wishes)
    tuned = TunedSubs(judge)
    figures = judge.figures(proposed, played=True)
    order = np.argsort(figures, kind="stable")[:3]
    best = [tuned.settled(proposed[n], quick=True) for n in order if figures[n] < UNFIT]
    if not best:
        raise Refused(tr("No school can be met in this room."))
    values = judge.figures(best, played=True)
    at = int(np.argmin(values))
    return best[at], float(values[at])
