"""The review by eye: twenty plain questions on what a camera would show. All common practice, no
source.
"""

from collections.abc import Mapping
from dataclasses import dataclass

from jolly_parlor.by_ear.ear_record import Answer
from jolly_parlor.words import capital, tr

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
        tr("Does gear or a screen stand between the monitors, above the line of their drivers?"),
        tr("It throws sound back at once and blurs the middle."),
        tr("Bring it below that line, about 30 cm high at most, or behind it."),
    ),
    Question(
        "in_the_way",
        tr("Is anything between a monitor and the ear: a lamp, a screen's edge, a plant?"),
        tr("It shades the treble of one side."),
        tr("Clear the line from each tweeter to the ear."),
        sided=True,
    ),
    Question(
        "lamp",
        tr("Do lamps or ornaments stand close beside a monitor?"),
        tr("They mirror and rattle."),
        tr("Take them an arm's length away."),
        sided=True,
    ),
    Question(
        "glass_beside",
        tr("Is there glass beside a monitor: a pane, a picture, a glass cabinet?"),
        tr("Glass mirrors treble and lets the bass through; a cabinet of it also resonates."),
        tr("Move it, cover it while you listen, or turn the room so that it lies behind you."),
        sided=True,
    ),
    Question(
        "cabinet",
        tr("Does a cupboard, a shelf or a radiator sound when you knock at it or sweep past?"),
        tr("It stores sound and gives it back late."),
        tr("Fill it, brace it, or take it out of the room."),
        sided=True,
    ),
    Question(
        "record_player",
        tr("Is a record player beside or between the monitors?"),
        tr("It hears them and plays them again."),
        tr(
            "Put it to one side, on a wall shelf or a heavy stand. A shelf is fixed by whoever may."
        ),
    ),
    Question(
        "one_side",
        tr("Is one side open and the other a wall, or a door on one and a pane on the other?"),
        tr("Reflections then differ between the ears in time and tone."),
        tr("Turn the room so that the opening lies behind you, if it lets you."),
    ),
    Question(
        "lacks",
        tr("Has one side something large that the other lacks: a sofa, a curtain, a bookcase?"),
        tr("Left and right no longer match, and the image leans."),
        tr("If something must be wrong, let it be equally wrong on both sides."),
    ),
    Question(
        "on_desk",
        tr("Does a monitor stand straight on a desk, a shelf or the floor?"),
        tr("What it stands on plays along: feel it with a hand while a bass line runs."),
        tr("Put it on a stand, or on something soft made to carry its weight."),
        sided=True,
    ),
    Question(
        "desk_between",
        tr("Is a bare desk top between you and the monitors?"),
        tr("The desk's bounce hollows out the low mids."),
        tr("Raise the monitors, take the desk forward, or make it smaller."),
    ),
    Question(
        "corner",
        tr("Does a monitor stand in a corner?"),
        tr("Two walls lift its bass, and more on that side than on the other."),
        tr("Bring it out, and the other one alike."),
        sided=True,
    ),
    Question(
        "stand",
        tr("Does a monitor rock, or its stand, when you push it gently?"),
        tr("Then it moves instead of the air, and may fall."),
        tr("Level it and strap it; never where a child can tip it."),
        sided=True,
    ),
    Question(
        "unlike_height",
        tr("Do the monitors differ in height, aim or distance to their walls?"),
        tr("The middle is only as good as they are alike."),
        tr("Measure the same corner of both with one tape."),
    ),
    Question(
        "seat_glass",
        tr("Is a window or a pane close behind the seat?"),
        tr("It mirrors treble into the back of the head."),
        tr("Bring the seat forward, or draw a heavy curtain while you listen."),
    ),
    Question(
        "seat_wall",
        tr("Does the head nearly touch the wall behind?"),
        tr("There every mode is loud."),
        tr("Bring the seat forward by half a metre or more."),
    ),
    Question(
        "chair",
        tr("Does the chair's back rise above the ears?"),
        tr("It mirrors right beside them."),
        tr("Take a lower one, or lay a thick cloth over it."),
    ),
    Question(
        "overhead",
        tr("Is anything overhead on one side only: a lamp, a beam, a shelf, a loudspeaker?"),
        tr("Above counts as much as beside."),
        tr("Match it or take it away; what hangs is fixed by whoever may."),
    ),
    Question(
        "rattle",
        tr("Does anything buzz or rattle while a slow sweep runs?"),
        tr("It passes for distortion, and it masks what you try to judge."),
        tr("Find it with a hand while a note holds, and wedge it."),
    ),
    Question(
        "cables",
        tr("Do cables hang loose or cross a way through the room?"),
        tr("They hum, and somebody falls."),
        tr("Tape them down; keep mains away from signal. Mains wiring is for a licensed trade."),
    ),
    Question(
        "way_out",
        tr("Are the door and one window free to be used at once?"),
        tr("A way out comes before any sound."),
        tr("Move whatever stands in it."),
        good="yes",
    ),
)


@dataclass(frozen=True)
class Fault:
    question: Question
    side: str
    """`left`, `right` or empty."""

    @property
    def words(self) -> str:
        where = f"{capital(self.side)}: " if self.side else ""
        return f"{where}{self.question.why} {self.question.remedy}"


@dataclass(frozen=True)
class Scored:
    """What the answers come to."""

    answered: int
    faults: tuple[Fault, ...]

    def count(self, side: str) -> int:
        return sum(fault.side == side for fault in self.faults)

    @property
    def words(self) -> str:
        """In a sentence or two."""
        if not (self.answered or self.faults):
            return tr("Not looked at yet: twenty plain questions, five minutes.")
        left, right = self.count("left"), self.count("right")
        both = len(self.faults) - left - right
        told = tr(
            "{answered} of {questions} answered. ", answered=self.answered, questions=len(QUESTIONS)
        )
        if not self.faults:
            return told + tr("Nothing to be seen that would spoil it.")
        told += tr(
            "Faults: {left} at the left, {right} at the right, {both} in common.",
            left=left,
            right=right,
            both=both,
        )
        if left != right:
            worse = "left" if left > right else "right"
            told += tr(
                " The {worse} is worse off: mend that side first, or both alike.", worse=worse
            )
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
