"""The schools in this room, each judged at its own best settings and as it comes."""

from collections.abc import Mapping
from dataclasses import dataclass
from functools import cached_property

import numpy as np

from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.chains import Chain
from jolly_parlor.placement.evenness import Deviation, evenness
from jolly_parlor.placement.forecast import Forecaster
from jolly_parlor.placement.mixes import with_subwoofers
from jolly_parlor.placement.schools import SCHOOLS, School, possible
from jolly_parlor.placement.search.objective import Judge
from jolly_parlor.placement.search.tuned_subs import TunedSubs
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.standing import fit_problems


@dataclass(frozen=True, eq=False)
class JudgedSchool:
    """One school that can be met here."""

    school: School
    arrangement: Arrangement
    """At its best settings."""
    bare: Arrangement
    """As it comes, with the settings given."""
    curve: Deviation
    """Of all that plays at the best settings, at the main ear."""
    bare_curve: Deviation

    @cached_property
    def figure_db(self) -> float:
        """Evenness of all that plays at these, at the main ear, as shown everywhere else."""
        return evenness(self.curve).value_db

    @cached_property
    def untrimmed_db(self) -> float:
        """The same as it comes."""
        return evenness(self.bare_curve).value_db

    def at(self, trimmed: bool) -> float:
        return self.figure_db if trimmed else self.untrimmed_db


def judged_schools(
    forecaster: Forecaster, wishes: Wishes, chains: Mapping[str, Chain]
) -> list[JudgedSchool]:
    """Those that can be met facing the front wall, most even at their best settings first:
    one that lives by its trim, as `Tight to the wall` does, is judged with it.
    """
    judge = Judge(forecaster.coarse(), wishes)
    tuned = TunedSubs(judge)
    proposed = possible(forecaster.room, forecaster.gear, chains)
    if not proposed:
        return []
    named = {school.name: school for school in SCHOOLS}
    seat, mix = forecaster.gear.seats[0].name, with_subwoofers(forecaster.gear)

    def heard(a: Arrangement) -> Deviation:
        return forecaster.deviation(forecaster.case(a, seat, mix))

    found = []
    for bare in proposed:
        if not fit_problems(forecaster.setup(bare)):
            settled = tuned.settled(bare, quick=True)
            school = named[bare.name]
            found.append(JudgedSchool(school, settled, bare, heard(settled), heard(bare)))
    order = np.argsort([one.figure_db for one in found], kind="stable")
    return [found[n] for n in order]
