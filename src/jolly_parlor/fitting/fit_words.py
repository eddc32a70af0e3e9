"""A fit in words: what it changed, what takes cannot see, what it should not have wanted."""

from math import exp

import numpy as np

from jolly_parlor.fitting.evidence import FIT_HZ
from jolly_parlor.fitting.fit import Fit
from jolly_parlor.fitting.parameters import Parameter
from jolly_parlor.words import capital, plural, tr

UNSEEN = 0.8
"""Share of its tolerance that a parameter must still be unsure by to count as not seen."""
_FAR_SIZE_METRES, _FAR_PLACE_METRES, _FAR_FACTOR = 0.06, 0.04, 5.0
_ODD_WEIGHT = 0.5
_RESIDUAL_DB, _BAND = 0.65, 12
"""What a surveyed room leaves at most (invented lived-in ones with cabinets and desk left 0.2 to
0.5, without their furniture 0.7 to 0.9); how many samples are
looked at together, a quarter of an octave.
"""


def seen(fit: Fit, index: int) -> bool:
    """Whether the takes say anything of a parameter."""
    return fit.deviation_of(index) < UNSEEN


def value_of(fit: Fit, index: int) -> float:
    """What a parameter was changed by, in its own unit; of `log`, the factor."""
    parameter = fit.parameters[index]
    changed = parameter.tolerance * float(fit.z[index])
    return exp(changed) if parameter.unit == "log" else changed


def words_of(fit: Fit, index: int) -> str:
    """One parameter as `length: 2.3 cm shorter, give or take 0.3 cm`."""
    parameter = fit.parameters[index]
    unsure = parameter.tolerance * fit.deviation_of(index)
    if parameter.unit == "m":
        changed = 100 * value_of(fit, index)
        way = _way(parameter, changed > 0)
        return tr(
            "{name}: {changed:.1f} cm {way}, give or take {unsure:.1f} cm",
            name=parameter.name,
            changed=abs(changed),
            way=way,
            unsure=100 * unsure,
        )
    if not parameter.unit:
        told = tr(
            "{value_of:+.1f} of what it absorbs, give or take {unsure:.1f}",
            value_of=value_of(fit, index),
            unsure=unsure,
        )
        return f"{parameter.name}: {told}"
    if parameter.unit == "dB":
        return tr(
            "{name}: {value_of:+.1f} dB, give or take {unsure:.1f} dB",
            name=parameter.name,
            value_of=value_of(fit, index),
            unsure=unsure,
        )
    factor = value_of(fit, index)
    if parameter.kind == "absorption" and parameter.index[1] == 0:
        surface = parameter.name.partition(":")[0]
        return tr(
            "{surface} absorbs about {factor:.1f} times what its material "
            "should, within a factor of {exp:.1f}",
            surface=surface,
            factor=factor,
            exp=exp(unsure),
        )
    return tr(
        "{name}: times {factor:.2f}, within a factor of {exp:.2f}",
        name=parameter.name,
        factor=factor,
        exp=exp(unsure),
    )


def summary(fit: Fit) -> list[str]:
    """The outcome in a few sentences: agreement, sizes, what absorbs otherwise."""
    counted = [take for take in fit.takes if take.weight > _ODD_WEIGHT]
    before = (sum(t.before_db**2 for t in counted) / max(len(counted), 1)) ** 0.5
    after = (sum(t.after_db**2 for t in counted) / max(len(counted), 1)) ** 0.5
    takes = plural(len(fit.takes), "{count} take", "{count} takes")
    found = [
        tr(
            "Fitted to {takes}: {after:.1f} dB off in the mean, {before:.1f} dB before.",
            takes=takes,
            after=after,
            before=before,
        )
    ]
    sizes = [n for n, p in enumerate(fit.parameters) if p.kind == "size"]
    found.append(capital(f"{'; '.join(words_of(fit, n) for n in sizes)}."))
    other = [
        n
        for n, p in enumerate(fit.parameters)
        if p.kind == "absorption" and p.index[1] == 0 and seen(fit, n)
    ]
    other.sort(key=lambda n: -abs(fit.z[n]))
    told = [words_of(fit, n) for n in other if abs(value_of(fit, n) - 1) > 0.15][:3]
    if told:
        found.append(capital(f"{'; '.join(told)}."))
    return found


def every_figure(fit: Fit) -> list[tuple[str, str]]:
    """Each parameter in words, and `shown by the takes` or what else there is to say of it."""
    return [
        (
            words_of(fit, n),
            tr("shown by the takes") if seen(fit, n) else tr("not shown by these takes"),
        )
        for n, p in enumerate(fit.parameters)
        if p.label != "*"
    ]


def unseen(fit: Fit) -> list[str]:
    """Names of the room's parameters that these takes say nothing about."""
    return [
        p.name.replace(": absorption", "'s absorption")
        for n, p in enumerate(fit.parameters)
        if p.kind in ("size", "absorption", "loss")
        and not (p.kind == "absorption" and p.index[1])
        and not seen(fit, n)
    ]


def warnings(fit: Fit) -> list[str]:
    """What is hard to believe, each with what to do about it."""
    found = [
        tr(
            "{name} does not fit the others ({after_db:.1f} dB off) and counts "
            "for little: measure it again.",
            name=take.name,
            after_db=take.after_db,
        )
        for take in fit.takes
        if take.weight <= _ODD_WEIGHT
    ]
    if not fit.converged:
        found.insert(
            0,
            tr(
                "The fit did not come to rest: believe its forecasts less, and "
                "look for a take or a size that is wrong."
            ),
        )
    found += missing_words(fit)
    for n, p in enumerate(fit.parameters):
        value = value_of(fit, n)
        if p.kind == "size" and abs(value) > _FAR_SIZE_METRES:
            way = _way(p, value > 0)
            found.append(
                tr(
                    "The takes want the {name} {value:.2f} m {way}: check the tape.",
                    name=p.name,
                    value=abs(value),
                    way=way,
                )
            )
        elif p.kind == "place" and abs(value) > _FAR_PLACE_METRES:
            found.append(
                tr(
                    "The takes want {name} {value:.0f} cm off: check its place.",
                    name=p.name,
                    value=100 * abs(value),
                )
            )
        elif (
            p.kind == "absorption" and p.index[1] == 0 and not 1 / _FAR_FACTOR < value < _FAR_FACTOR
        ):
            more = "more" if value > 1 else "less"
            found.append(
                tr(
                    "{partition} seems to absorb far {more} than its material should: "
                    "is an opening or a hollow wall missing from the survey?",
                    partition=capital(p.name.partition(":")[0]),
                    more=more,
                )
            )
    return found


def missing_words(fit: Fit) -> list[str]:
    """Where takes and room stay far apart whatever is fitted: something large is not surveyed."""
    off = fit.off_db
    if off is None or fit.residual_db < _RESIDUAL_DB:
        return []
    power = np.convolve(np.nan_to_num(off) ** 2, np.ones(_BAND) / _BAND, mode="same")
    level = np.sqrt(power)
    far = (level >= max(_RESIDUAL_DB, 0.8 * float(level.max()))) & np.isfinite(off)
    if not np.any(far):
        return []
    peak = int(np.argmax(np.where(far, level, 0.0)))
    low = high = peak
    while low > 0 and far[low - 1]:
        low -= 1
    while high < far.size - 1 and far[high + 1]:
        high += 1
    room = fit.surveyed
    asked = (
        tr("a wardrobe")
        if not any(t.kind == "solid" for t in room.things)
        else tr("another solid thing")
    )
    by = float(np.sqrt(np.nanmean(off[low : high + 1] ** 2)))
    shape = tr("a bay or an alcove") if room.is_box else tr("another corner of the plan")
    where = tr("around {fit_hz:.0f} to {fit_hz2:.0f} Hz", fit_hz=FIT_HZ[low], fit_hz2=FIT_HZ[high])
    return [
        tr(
            "The takes and this room differ by {by:.1f} dB {where}: is there a "
            "large opening, {asked}, {shape} that you left out?",
            by=by,
            where=where,
            asked=asked,
            shape=shape,
        )
    ]


def _way(parameter: Parameter, more: bool) -> str:
    ways = {
        "width": ("narrower", "wider"),
        "length": ("shorter", "longer"),
        "height": ("lower", "higher"),
    }.get(parameter.name, ("less", "more"))
    return ways[more]
