"""Words that are keys in documents and code, and are spoken where they are shown or put into a
sentence: gathered for translators, and looked up by `words.spoken` and by `words.tr`'s places.
"""

_SPOKEN: set[str] = set()


def spoken_words(*words: str) -> tuple[str, ...]:
    """Words that are keys elsewhere; the same words come back."""
    _SPOKEN.update(words)
    return words


def is_spoken(word: str) -> bool:
    """Whether it is one of them: a name that somebody gave is none."""
    return word in _SPOKEN


SIDES = spoken_words(
    *("left", "right", "front", "back", "floor", "ceiling", "wall", "side", "up", "down", "high"),
    *("low", "forward", "backward", "inner", "outer", "front inner", "front outer", "back inner"),
    *(
        "back outer",
        "centre",
        "corner",
        "both",
        "here",
        "in the middle",
        "height",
        "width",
        "depth",
    ),
    *(
        "width",
        "depth",
        "length",
        "start",
        "sill",
        "wide",
        "long",
        "deep",
        "spacing",
        "end",
        "begins",
        "ends",
    ),
    *("front wall", "back wall", "side wall", "side walls", "left wall", "right wall", "desk"),
)
DIRECTIONS = spoken_words(
    *("above", "below", "before", "after", "nearer", "farther", "higher", "lower", "wider"),
    *("narrower", "louder", "softer", "stronger", "weaker", "better", "worse", "more", "less"),
    *("more even", "less even", "deeper", "longer", "shorter", "left of", "right of", "beyond"),
)
JUDGED = spoken_words(
    *("hill", "hollow", "peak", "dip", "Hill", "Hollow", "even", "booms", "thin", "holds", "open"),
    *("partly", "yes", "no", "not here", "not driven", "reversed", "normal", "flat", "mixed"),
    *(
        "forecast",
        "measured",
        "fitted",
        "simulated",
        "takes",
        "take",
        "grade",
        "grades",
        "everything",
    ),
    *("done", "needs attention", "in progress", "untouched", "good", "doubtful", "bad", "poor"),
    *("leans left", "leans right", "wider or hollow", "reversed sounds right", "no difference"),
    *("the other way", "from edge to edge", "one point", "sub in time", "worth it", "optional"),
    *("swells", "sinks away", "booms at", "heard", "missing", "picked", ", picked", "certain"),
)
NUMBERS = spoken_words(
    *("one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "first"),
    *("second", "third", "fourth", "fifth", "4th", "5th", "6th", "7th", "8th", "the", "a", "an"),
)
THINGS = spoken_words(
    *("door", "window", "passage", "keep-out", "alcove", "angled bay", "bay", "niche", "split"),
    *("chimney breast", "column", "block", "bed", "bookcase", "sofa", "shelf", "table top"),
    *("wardrobe", "solid", "soft", "microphone", "monitor", "monitors", "subwoofer", "subwoofers"),
    *("loudspeaker", "loudspeakers", "surround", "height speaker", "other", "seat", "seats"),
    *("crossover", "length modes", "width modes", "height modes", "mixed modes", "keep-out area"),
)
CONTROLS = spoken_words(
    *("gain", "delay", "phase", "polarity", "low-pass", "high-pass", "step", "kind", "slope"),
    *("name", "called", "against", "for", "with", "through", "from", "each", "sweeps", "mishaps"),
    *("smoothed", "smoothing", "programme", "lesson", "listener", "layout", "role", "diagonal"),
    *("temperature", "celsius", "acoustic", "near", "far", "lift", "listening room", "anywhere"),
    *("desk studio", "living room", "dynamics", "flow", "air", "full", "what", "when", "set"),
    *(
        "ahead",
        "opening",
        "driver",
        "ear",
        "thickness",
        "lining",
        "use",
        "wall",
        "sill",
        "things",
        "has",
    ),
    *("sweep", "metric", "left and right", "mid", "lowpass", "crossover Hz", "set to", "walk"),
)
VERBS = spoken_words(
    *("warmer", "colder", "quieter", "outside", "inside", "sound", "of"),
    *(
        "at",
        "on",
        "by",
        "or",
        "and",
        "of",
        "in",
        "as",
        "it",
        "is",
        "are",
        "flush",
    ),
    *("fills", "falls", "to", "none", "both+sub", "degrees", "pass", "shelf", "Hz", "dB", "ms"),
    *(
        "flat, nothing set",
        "subs",
        "sub",
        "direct",
        "upper",
        "bass",
        "deep bass",
        "centre speaker",
        "nothing",
    ),
)
MENUS = spoken_words("Room", "Change", "Arrange", "Listen", "Walk", "Look", "Help", "Station")
HEADINGS = spoken_words(
    "What was chosen", "Why", "How sure", "What it would take to do better", "This way"
)
MATERIALS = spoken_words(
    "Bookshelves, full",
    "Brick",
    "Brick, painted",
    "Concrete block, bare",
    "Concrete, smooth",
    "Curtain, heavy, draped",
    "Door, hollow",
    "Door, solid timber",
    "Heavy carpet on underlay",
    "Linoleum or vinyl on concrete",
    "Mineral tile ceiling over void",
    "Opening to another room",
    "Parquet on concrete",
    "Plaster on lath or joists",
    "Plaster on masonry",
    "Plasterboard on studs",
    "Plasterboard on studs, two layers",
    "Thin carpet on concrete",
    "Thin wood panelling over air",
    "Timber floor on joists",
    "Window, large heavy pane",
    "Window, ordinary glass",
)
"""As `acoustics/materials/materials.csv` names them."""
