"""The review by eye: twenty plain questions on what a camera would show. All common practice, no
source.
"""

from collections.abc import Mapping
from dataclasses import dataclass

from jolly_parlor.by_ear.record import Answer

SIDES = ("left", "right")
ANSWERS: tuple[Answer, ...] = ("yes", "no", "not here")


@dataclass(frozen=True)
class Question:
    """One thing to look for. `yes` is a fault unless `good` says otherwise."""

    id: str
    asks: str
    why: str
    remedy: str
    sided: bool = False
    """Whether it is answered for left and right apart."""
    good: Answer = "no"


QUESTIONS: tuple[Question, ...] = (
    Question(
        "between",
        "Does gear or a screen stand between the monitors, above the line of their drivers?",
        "It throws sound back at once and blurs the middle.",
        "Bring it below that line, about 30 cm high at most, or behind it.",
    ),
    Question(
        "in_the_way",
        "Is anything between a monitor and the ear: a lamp, a screen's edge, a plant?",
        "It shades the treble of one side.",
        "Clear the line from each tweeter to the ear.",
        sided=True,
    ),
    Question(
        "lamp",
        "Do lamps or ornaments stand close beside a monitor?",
        "They mirror and rattle.",
        "Take them an arm's length away.",
        sided=True,
    ),
    Question(
        "glass_beside",
        "Is there glass beside a monitor: a pane, a picture, a glass cabinet?",
        "Glass mirrors treble and lets the bass through; a cabinet of it also resonates.",
        "Move it, cover it while you listen, or turn the room so that it lies behind you.",
        sided=True,
    ),
    Question(
        "cabinet",
        "Does a cupboard, a shelf or a radiator sound when you knock at it or sweep past?",
        "It stores sound and gives it back late.",
        "Fill it, brace it, or take it out of the room.",
        sided=True,
    ),
    Question(
        "record_player",
        "Is a record player beside or between the monitors?",
        "It hears them and plays them again.",
        "Put it to one side, on a wall shelf or a heavy stand. A shelf is fixed by whoever may.",
    ),
    Question(
        "one_side",
        "Is one side open and the other a wall, or a door on one and a pane on the other?",
        "Reflections then differ between the ears in time and tone.",
        "Turn the room so that the opening lies behind you, if it lets you.",
    ),
    Question(
        "lacks",
        "Has one side something large that the other lacks: a sofa, a curtain, a bookcase?",
        "Left and right no longer match, and the image leans.",
        "If something must be wrong, let it be equally wrong on both sides.",
    ),
    Question(
        "on_desk",
        "Does a monitor stand straight on a desk, a shelf or the floor?",
        "What it stands on plays along: feel it with a hand while a bass line runs.",
        "Put it on a stand, or on something soft made to carry its weight.",
        sided=True,
    ),
    Question(
        "desk_between",
        "Is a bare desk top between you and the monitors?",
        "The desk's bounce hollows out the low mids.",
        "Raise the monitors, take the desk forward, or make it smaller.",
    ),
    Question(
        "corner",
        "Does a monitor stand in a corner?",
        "Two walls lift its bass, and more on that side than on the other.",
        "Bring it out, and the other one alike.",
        sided=True,
    ),
    Question(
        "stand",
        "Does a monitor rock, or its stand, when you push it gently?",
        "Then it moves instead of the air, and may fall.",
        "Level it and strap it; never where a child can tip it.",
        sided=True,
    ),
    Question(
        "unlike_height",
        "Do the monitors differ in height, aim or distance to their walls?",
        "The middle is only as good as they are alike.",
        "Measure the same corner of both with one tape.",
    ),
    Question(
        "seat_glass",
        "Is a window or a pane close behind the seat?",
        "It mirrors treble into the back of the head.",
        "Bring the seat forward, or draw a heavy curtain while you listen.",
    ),
    Question(
        "seat_wall",
        "Does the head nearly touch the wall behind?",
        "There every mode is loud.",
        "Bring the seat forward by half a metre or more.",
    ),
    Question(
        "chair",
        "Does the chair's back rise above the ears?",
        "It mirrors right beside them.",
        "Take a lower one, or lay a thick cloth over it.",
    ),
    Question(
        "overhead",
        "Is anything overhead on one side only: a lamp, a beam, a shelf, a loudspeaker?",
        "Above counts as much as beside.",
        "Match it or take it away; what hangs is fixed by whoever may.",
    ),
    Question(
        "rattle",
        "Does anything buzz or rattle while a slow sweep runs?",
        "It passes for distortion, and it masks what you try to judge.",
        "Find it with a hand while a note holds, and wedge it.",
    ),
    Question(
        "cables",
        "Do cables hang loose or cross a way through the room?",
        "They hum, and somebody falls.",
        "Tape them down; keep mains away from signal. Mains wiring is for a licensed trade.",
    ),
    Question(
        "way_out",
        "Are the door and one window free to be used at once?",
        "A way out comes before any sound.",
        "Move whatever stands in it.",
        good="yes",
    ),
)


@dataclass(frozen=True)
class Fault:
    """One thing found wrong."""

    question: Question
    side: str
    """`left`, `right` or empty."""

    @property
    def words(self) -> str:
        """In a sentence."""
        where = f"{self.side.capitalize()}: " if self.side else ""
        return f"{where}{self.question.why} {self.question.remedy}"


@dataclass(frozen=True)
class Scored:
    """What the answers come to."""

    answered: int
    faults: tuple[Fault, ...]

    def count(self, side: str) -> int:
        """Faults of one side."""
        return sum(fault.side == side for fault in self.faults)

    @property
    def words(self) -> str:
        """In a sentence or two."""
        if not (self.answered or self.faults):
            return "Not looked at yet: twenty plain questions, five minutes."
        left, right = self.count("left"), self.count("right")
        both = len(self.faults) - left - right
        told = f"{self.answered} of {len(QUESTIONS)} answered. "
        if not self.faults:
            return told + "Nothing to be seen that would spoil it."
        told += f"Faults: {left} at the left, {right} at the right, {both} in common."
        if left != right:
            worse = "left" if left > right else "right"
            told += f" The {worse} is worse off: mend that side first, or both alike."
        return told


def keys(question: Question) -> tuple[str, ...]:
    """Under what its answers are kept."""
    return tuple(f"{question.id} {side}" for side in SIDES) if question.sided else (question.id,)


def scored(answers: Mapping[str, Answer]) -> Scored:
    """What has been answered, and what is wrong."""
    answered, faults = 0, []
    for question in QUESTIONS:
        given = [(key, answers[key]) for key in keys(question) if key in answers]
        answered += len(given) == len(keys(question))
        for key, answer in given:
            wrong = "no" if question.good == "yes" else "yes"
            if answer == wrong:
                faults.append(Fault(question, key.removeprefix(question.id).strip()))
    return Scored(answered, tuple(faults))
