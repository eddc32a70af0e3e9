"""Tests that are led by questions: placing in two steps without a microphone, and centring. All
common practice, no source, but where a check is computed from where things stand.
"""

from collections.abc import Mapping
from dataclasses import dataclass

from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.gear import PAIR

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
        "The seat: which side to face",
        "Stand in the middle of the room and turn. Face the way that leaves most room behind you, "
        "an opening rather than a pane behind, and the same on your left as on your right.",
        "Clap once facing each way: which sounds shorter and duller behind you?",
        choices=("this way", "the other way"),
    ),
    Asked(
        "back",
        "The seat: how far back",
        "Let a bass line play and take the chair from a third of the length back towards the "
        "middle by hand's breadths; never to half, never to the wall.",
        "Where is every note as loud as the next? Sit there.",
        "bass",
        ("seat_forward", "seat_back"),
    ),
    Asked(
        "width",
        "The triangle: width",
        "Play the piece. Begin with the monitors as far from each other as from you.",
        "Too wide, and the middle falls apart; too narrow, and everything crowds there. The tune "
        "should walk from left to right without a jump.",
        "piece",
        ("wider", "narrower"),
    ),
    Asked(
        "wall",
        "The triangle: distance to the wall",
        "Take both away from the wall and back, 2.5 cm at a time.",
        "Too near: heavy and unclear, a narrow stage. Too far: thin, a loose middle.",
        "piece",
        ("away", "back"),
    ),
    Asked(
        "aim",
        "The triangle: aim",
        "Aim them at your ears, then a little wider, then a little closer.",
        "Closer: the middle tightens, the stage shrinks. Wider: it opens, until the middle goes.",
        "piece",
        ("aim_out", "aim_in"),
    ),
    Asked(
        "stage",
        "Judge: the stage",
        "Play the piece once more with your eyes closed.",
        "Does what is panned end up where it was put, from the outer edge of one to the other?",
        "piece",
        choices=("from edge to edge", "in places", "hardly"),
    ),
    Asked(
        "middle",
        "Judge: the middle",
        "Keep your head still.",
        "Is what is in the middle one point, as high as your eyes?",
        "band",
        choices=("one point", "wide", "nowhere"),
    ),
    Asked(
        "depth",
        "Judge: depth",
        "Play the piece, or your own reference.",
        "Does something stand behind something else?",
        "piece",
        choices=("clearly", "a little", "all in one plane"),
    ),
)
CENTRING: tuple[Asked, ...] = (
    Asked(
        "mono",
        "Mono against one side",
        "The same noise plays on both. Then on one alone.",
        "Both together should sound as narrow and hardly more coloured than one alone.",
        "mono",
        choices=("as narrow", "wider or hollow"),
    ),
    Asked(
        "comb",
        "The comb",
        "Move your head slowly from side to side.",
        "A comb slides through the noise and tightens towards the middle. Stop where it is "
        "tightest: that is where both arrive at once. How far is it from the middle of the seat?",
        "mono",
    ),
    Asked(
        "polarity",
        "Polarity",
        "Now the right side is reversed on purpose. Know that sound; then compare.",
        "It should be unbearable: no middle, hardly any bass. If the reversed one sounds right, a "
        "cable is reversed already.",
        "reversed",
        choices=("reversed sounds wrong", "reversed sounds right", "no difference"),
    ),
    Asked(
        "level",
        "Level, left and right",
        "The band of noise plays on both.",
        "Does it stand in the middle, or lean to one side?",
        "band",
        choices=("in the middle", "leans left", "leans right"),
    ),
)
TESTS: dict[str, tuple[str, tuple[Asked, ...]]] = {
    "placing": ("Placing in two steps, without a microphone", PLACING),
    "centring": ("Centring", CENTRING),
}
COMB = "comb_metres"
"""The answer that is a length: how far right of the seat's middle, metres."""


def centring_verdict(arrangement: Arrangement, seat: str, answers: Mapping[str, str]) -> str:
    """What the answers of centring come to, held against where things stand."""
    told = []
    if answers.get("polarity") == "reversed sounds right":
        told.append(
            "one side is reversed: change over the two wires of one monitor, and test again"
        )
    elif answers.get("polarity") == "no difference":
        told.append(
            "the sides may not play as two: check that left and right are not summed to one"
        )
    if COMB in answers:
        told.append(_comb_words(arrangement, seat, float(answers[COMB])))
    lean = {"leans left": "left", "leans right": "right"}.get(answers.get("level", ""))
    if lean:
        told.append(
            f"the {lean} is louder or nearer: measure both ways with the tape first, then turn the "
            f"{lean} down by half a decibel at a time"
        )
    if answers.get("mono") == "wider or hollow":
        told.append(
            "mono is not as narrow as one side: unlike walls or distances, or one is aimed off"
        )
    if not told:
        return "Centred: middle, polarity and level are as they should be."
    whole = "; ".join(told)
    return f"{whole[0].upper()}{whole[1:]}."


def _comb_words(arrangement: Arrangement, seat: str, right: float) -> str:
    """Where both meet, as heard and by the tape."""
    ear = arrangement.seats[seat]
    left_way, right_way = (arrangement.places[side].distance(ear) for side in PAIR)
    longer = right_way - left_way
    where = f"{100 * abs(right):.0f} cm {'right' if right > 0 else 'left'} of the seat's middle"
    side = "right" if longer > 0 else "left"
    by_tape = f"by the tape the {side} is {100 * abs(longer):.0f} cm farther"
    if abs(longer) < ALIKE_METRES:
        by_tape = "by the tape both ways are alike"
    if abs(right) <= _CENTRED_METRES:
        return f"both meet in the middle; {by_tape}"
    nearer = "right" if right > 0 else "left"
    # Where both meet lies on the side of the one that arrives late.
    return (
        f"both meet {where}, so the {nearer} arrives late; {by_tape}. Bring the {nearer} monitor "
        f"nearer, or move the seat to where they meet"
    )


def placing_verdict(answers: Mapping[str, str], minutes: float | None) -> str:
    """What stage, middle and depth say."""
    wrong = []
    if answers.get("stage", "") not in ("from edge to edge", ""):
        wrong.append("panning that ends up where it was not put")
    if answers.get("middle", "") not in ("one point", ""):
        wrong.append("a middle that is no point")
    if answers.get("depth", "") not in ("clearly", ""):
        wrong.append("missing depth")
    took = f" It took {minutes:.0f} minutes." if minutes is not None and minutes >= 1 else ""
    if answers.get("side") == "the other way":
        took += " Turn the room at Survey, and place once more."
    if not wrong:
        return f"Stage, middle and depth are there: stay.{took}"
    return (
        f"{', '.join(wrong).capitalize()}: that is the triangle, not the room's curve. Measure "
        "both sides with one tape, check the aim, run Centring; no equaliser mends it, and no "
        "treatment."
        f"{took}"
    )
