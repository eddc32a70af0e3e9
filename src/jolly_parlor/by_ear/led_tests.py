"""Tests that are led by questions: placing in two steps without a microphone, and centring. All
common practice, no source, but where a check is computed from where things stand.
"""

from collections.abc import Mapping
from dataclasses import dataclass

from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import PAIR
from jolly_parlor.words import capital, tr

ALIKE_METRES = 0.01
"""Ways from both monitors to the ear that differ by less are alike."""
_CENTRED_METRES, _ALIKE_DB = 0.03, 1.0


@dataclass(frozen=True)
class Asked:
    """One step of a test."""

    id: str
    title: str
    do: str
    listen: str
    programme: str = ""
    """What plays, by the id of the programme."""
    moves: tuple[str, ...] = ()
    """Moves of `steps` that belong here."""
    choices: tuple[str, ...] = ()
    """Answers to choose from; none where moving is the answer."""


PLACING: tuple[Asked, ...] = (
    Asked(
        "side",
        tr("The seat: which side to face"),
        tr(
            "Stand in the middle of the room and turn. Face the way that "
            "leaves most room behind you, an opening rather than a pane "
            "behind, and the same on your left as on your right."
        ),
        tr("Clap once facing each way: which sounds shorter and duller behind you?"),
        choices=(tr("this way"), "the other way"),
    ),
    Asked(
        "back",
        tr("The seat: how far back"),
        tr(
            "Let a bass line play and take the chair from a third of the "
            "length back towards the middle by hand's breadths; never to half, "
            "never to the wall."
        ),
        tr("Where is every note as loud as the next? Sit there."),
        "bass",
        ("seat_forward", "seat_back"),
    ),
    Asked(
        "width",
        tr("The triangle: width"),
        tr("Play the piece. Begin with the monitors as far from each other as from you."),
        tr(
            "Too wide, and the middle falls apart; too narrow, and everything "
            "crowds there. The tune should walk from left to right without a "
            "jump."
        ),
        "piece",
        ("wider", "narrower"),
    ),
    Asked(
        "wall",
        tr("The triangle: distance to the wall"),
        tr("Take both away from the wall and back, 2.5 cm at a time."),
        tr("Too near: heavy and unclear, a narrow stage. Too far: thin, a loose middle."),
        "piece",
        ("away", "back"),
    ),
    Asked(
        "aim",
        tr("The triangle: aim"),
        tr("Aim them at your ears, then a little wider, then a little closer."),
        tr(
            "Closer: the middle tightens, the stage shrinks. Wider: it opens, "
            "until the middle goes."
        ),
        "piece",
        ("aim_out", "aim_in"),
    ),
    Asked(
        "stage",
        tr("Judge: the stage"),
        tr("Play the piece once more with your eyes closed."),
        tr("Does what is panned end up where it was put, from the outer edge of one to the other?"),
        "piece",
        choices=("from edge to edge", tr("in places"), "hardly"),
    ),
    Asked(
        "middle",
        tr("Judge: the middle"),
        tr("Keep your head still."),
        tr("Is what is in the middle one point, as high as your eyes?"),
        "band",
        choices=("one point", "wide", "nowhere"),
    ),
    Asked(
        "depth",
        tr("Judge: depth"),
        tr("Play the piece, or your own reference."),
        tr("Does something stand behind something else?"),
        "piece",
        choices=("clearly", tr("a little"), tr("all in one plane")),
    ),
)
CENTRING: tuple[Asked, ...] = (
    Asked(
        "mono",
        tr("Mono against one side"),
        tr("The same noise plays on both. Then on one alone."),
        tr("Both together should sound as narrow and hardly more coloured than one alone."),
        "mono",
        choices=(tr("as narrow"), "wider or hollow"),
    ),
    Asked(
        "comb",
        tr("The comb"),
        tr("Move your head slowly from side to side."),
        tr(
            "A comb slides through the noise and tightens towards the middle. "
            "Stop where it is tightest: that is where both arrive at once. How "
            "far is it from the middle of the seat?"
        ),
        "mono",
    ),
    Asked(
        "polarity",
        tr("Polarity"),
        tr("Now the right side is reversed on purpose. Know that sound; then compare."),
        tr(
            "It should be unbearable: no middle, hardly any bass. If the "
            "reversed one sounds right, a cable is reversed already."
        ),
        "reversed",
        choices=(tr("reversed sounds wrong"), "reversed sounds right", "no difference"),
    ),
    Asked(
        "level",
        tr("Level, left and right"),
        tr("The band of noise plays on both."),
        tr("Does it stand in the middle, or lean to one side?"),
        "band",
        choices=("in the middle", "leans left", "leans right"),
    ),
)
TESTS: dict[str, tuple[str, tuple[Asked, ...]]] = {
    "placing": (tr("Placing in two steps, without a microphone"), PLACING),
    "centring": (tr("Centring"), CENTRING),
}
COMB = "comb_metres"
"""The answer that is a length: how far right of the seat's middle, metres."""


def centring_verdict(arrangement: Arrangement, seat: str, answers: Mapping[str, str]) -> str:
    """What the answers of centring come to, held against where things stand."""
    told = []
    if answers.get("polarity") == "reversed sounds right":
        told.append(
            tr("one side is reversed: change over the two wires of one monitor, and test again")
        )
    elif answers.get("polarity") == "no difference":
        told.append(
            tr("the sides may not play as two: check that left and right are not summed to one")
        )
    if COMB in answers:
        told.append(_comb_words(arrangement, seat, float(answers[COMB])))
    lean = {"leans left": "left", "leans right": "right"}.get(answers.get("level", ""))
    if lean:
        told.append(
            tr(
                "the {lean} is louder or nearer: measure both ways with the tape "
                "first, then turn the {lean} down by half a decibel at a time",
                lean=lean,
            )
        )
    if answers.get("mono") == "wider or hollow":
        told.append(
            tr("mono is not as narrow as one side: unlike walls or distances, or one is aimed off")
        )
    if not told:
        return tr("Centred: middle, polarity and level are as they should be.")
    whole = "; ".join(told)
    return f"{whole[0].upper()}{whole[1:]}."


def _comb_words(arrangement: Arrangement, seat: str, right: float) -> str:
    """Where both meet, as heard and by the tape."""
    ear = arrangement.seats[seat]
    left_way, right_way = (arrangement.places[side].distance(ear) for side in PAIR)
    longer = right_way - left_way
    where = tr(
        "{right:.0f} cm {right2} of the seat's middle",
        right=100 * abs(right),
        right2="right" if right > 0 else "left",
    )
    side = "right" if longer > 0 else "left"
    by_tape = tr(
        "by the tape the {side} is {longer:.0f} cm farther", side=side, longer=100 * abs(longer)
    )
    if abs(longer) < ALIKE_METRES:
        by_tape = tr("by the tape both ways are alike")
    if abs(right) <= _CENTRED_METRES:
        return tr("both meet in the middle; {by_tape}", by_tape=by_tape)
    nearer = "right" if right > 0 else "left"
    # Where both meet lies on the side of the one that arrives late.
    return tr(
        "both meet {where}, so the {nearer} arrives late; {by_tape}. Bring "
        "the {nearer} monitor nearer, or move the seat to where they meet",
        where=where,
        nearer=nearer,
        by_tape=by_tape,
    )


def placing_verdict(answers: Mapping[str, str], minutes: float | None) -> str:
    """What stage, middle and depth say."""
    wrong = []
    if answers.get("stage", "") not in ("from edge to edge", ""):
        wrong.append(tr("panning that ends up where it was not put"))
    if answers.get("middle", "") not in ("one point", ""):
        wrong.append(tr("a middle that is no point"))
    if answers.get("depth", "") not in ("clearly", ""):
        wrong.append(tr("missing depth"))
    took = (
        tr(" It took {minutes:.0f} minutes.", minutes=minutes)
        if minutes is not None and minutes >= 1
        else ""
    )
    if answers.get("side") == "the other way":
        took += tr(" Turn the room at Survey, and place once more.")
    if not wrong:
        return tr("Stage, middle and depth are there: stay.{took}", took=took)
    return tr(
        "{wrong}: that is the triangle, not the room's curve. Measure both "
        "sides with one tape, check the aim, run Centring; no equaliser "
        "mends it, and no treatment.{took}",
        wrong=capital(", ".join(wrong)),
        took=took,
    )
