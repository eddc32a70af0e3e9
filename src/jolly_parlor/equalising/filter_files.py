"""Sections as files: a table, words, coefficients, an impulse response for a convolver."""

import csv
import io
from collections.abc import Mapping, Sequence
from typing import Any

from jolly_parlor.equalising.biquads import FirKind, biquad, fir
from jolly_parlor.outputs import as_text
from jolly_parlor.placement.chains import Section
from jolly_parlor.signals.wav import wav_bytes
from jolly_parlor.units import with_minus
from jolly_parlor.words import tr

By = Mapping[str, Sequence[Section]]
"""Sections by what they are for: a loudspeaker's id, or `all alike`."""
ORDER = tr(
    "A bell at its frequency: Q is the frequency over the width "
    "between the points of half its decibels. H(z) = (b0 + b1/z + "
    "b2/z²) / (1 + a1/z + a2/z²); where your equaliser asks for the "
    "signs of a1 and a2 the other way round, turn them."
)


def table_csv(by: By) -> str:
    """Which, Hz, dB, Q; a row a section."""
    out = io.StringIO()
    rows = csv.writer(out, lineterminator="\n")
    rows.writerow(["for", "frequency_hz", "gain_db", "q"])
    for name, sections in by.items():
        rows.writerows([as_text(name), s.frequency_hz, s.gain_db, s.q] for s in sections)
    return out.getvalue()


def coefficients(by: By, rates_hz: Sequence[int]) -> dict[str, Any]:
    """Biquads of every section at every sampling rate, as a table for JSON."""
    return {
        name: {
            str(rate): [dict(zip(_NAMES, _values(s, rate), strict=True)) for s in sections]
            for rate in rates_hz
        }
        for name, sections in by.items()
    }


_NAMES = ("b0", "b1", "b2", "a1", "a2")


def _values(section: Section, rate: int) -> list[float]:
    one = biquad(section, rate)
    return [one.b0, one.b1, one.b2, one.a1, one.a2]


def section_words(section: Section) -> str:
    """`62 Hz, −5.2 dB, Q 4.1`."""
    gain = with_minus(f"{section.gain_db:+.1f}")
    return tr(
        "{frequency_hz:g} Hz, {gain} dB, Q {q:g}",
        frequency_hz=section.frequency_hz,
        gain=gain,
        q=section.q,
    )


def in_words(by: By, said: Sequence[str] = ()) -> str:
    """A page of text: what to set for which, and what was said of it."""
    lines: list[str] = []
    for name, sections in by.items():
        lines.append(f"{name}:")
        lines += [f"  {section_words(s)}" for s in sections] or [tr("  nothing to set")]
    return "\n".join([*lines, "", *said, ORDER]) + "\n"


def fir_wav(sections: Sequence[Section], sample_rate: int, kind: FirKind) -> bytes:
    """A WAV of one channel for a convolver."""
    return wav_bytes(fir(sections, sample_rate, kind), sample_rate)
