"""The document: room, gear, arrangements and takes. Immutable; edits return copies."""

from dataclasses import dataclass, field, replace
from functools import cached_property

from jolly_parlor.acoustics.geometry.room import Room
from jolly_parlor.by_ear.ear_record import ByEar
from jolly_parlor.placement.arrangement import Arrangement
from jolly_parlor.placement.case import Case
from jolly_parlor.placement.gear import Gear, gear_problems
from jolly_parlor.placement.mixes import WITH_SUBWOOFERS, Mix, measurable
from jolly_parlor.placement.search.wishes import Wishes
from jolly_parlor.placement.setup import Setup
from jolly_parlor.project.kept_fit import KeptFit
from jolly_parlor.project.ledger import Entry
from jolly_parlor.project.signing import Signing
from jolly_parlor.project.survey_problems import room_problems
from jolly_parlor.project.takes import HeadPoint, Measured, Take, TakeInfo, settings_of, stamps_of
from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

__all__ = ["Document", "HeadPoint", "Measured", "Take", "TakeInfo", "problems", "room_problems"]


@dataclass(frozen=True, eq=False)
class Document:
    """Everything that can be undone. What an edit has to note stands in `noted` until it is in the
    Ledger.
    """

    room: Room
    gear: Gear
    arrangements: tuple[Arrangement, ...] = ()
    takes: tuple[Take, ...] = ()
    chosen: str | None = None
    wishes: Wishes = field(default=Wishes())
    """What is asked of a search."""
    by_ear: ByEar = field(default=ByEar())
    """What listening has brought."""
    signing: Signing = field(default=Signing())
    """What Sign-off keeps."""
    fit: KeptFit | None = None
    """The newest fit of the room to the takes. No undo takes it away."""
    noted: tuple[Entry, ...] = ()

    def arrangement(self, name: str) -> Arrangement:
        """The arrangement of that name; raises Refused naming those there are."""
        for candidate in self.arrangements:
            if candidate.name == name:
                return candidate
        known = ", ".join(f"“{a.name}”" for a in self.arrangements) or tr("none yet")
        raise Refused(
            tr("There is no arrangement “{name}”; there is {known}.", name=name, known=known)
        )

    @property
    def source_names(self) -> tuple[str, ...]:
        """What a take can be of."""
        return tuple(mix.id for mix in measurable(self.gear))

    @cached_property
    def stamps(self) -> dict[str, str]:
        """Fingerprints of room and gear, for asking whether takes still hold."""
        return stamps_of(self.room, self.gear)

    def doubts(self, take: Take) -> list[str]:
        """What has changed since a take was made, so that it may no longer hold; in words."""
        return take.doubts(self.stamps_in(take.info.placed.name))

    def stamps_in(self, arrangement: str) -> dict[str, str]:
        """Fingerprints of room, gear and the settings of that arrangement."""
        return self.stamps | self._settings.get(arrangement, {})

    def stamped(self, take: Take) -> Take:
        """The take, held to be valid as the document stands."""
        return take.stamped(self.stamps_in(take.info.placed.name))

    @cached_property
    def _settings(self) -> dict[str, dict[str, str]]:
        return {a.name: settings_of(a) for a in self.arrangements}

    @property
    def fit_is_stale(self) -> bool:
        """Whether takes have come or gone since the fit that is kept."""
        ids = tuple(take.info.id for take in self.takes)
        return self.fit is not None and self.fit.takes != ids

    def setup(self, arrangement: Arrangement) -> Setup:
        """An arrangement in the room as it is surveyed."""
        return Setup(self.room, self.gear, arrangement)

    def case(self, arrangement: Arrangement, seat: str, mix: Mix) -> Case:
        """What an arrangement plays to a seat."""
        return Case(self.setup(arrangement), seat, mix)

    def take_of(self, arrangement: Arrangement, source: str, seat: str) -> Take | None:
        """The newest take of that source at the head's centre that still holds."""
        return self.takes_around(arrangement, source, seat).get("centre")

    def takes_around(
        self, arrangement: Arrangement, source: str, seat: str
    ) -> dict[HeadPoint, Take]:
        """The newest usable take of each point around the head, centre included; none that has to
        be asked about.
        """
        found: dict[HeadPoint, Take] = {}
        for take in self.takes:
            if take.info.source == source and take.info.seat == seat:
                if take.applies_to(arrangement) and take.usable and not self.doubts(take):
                    found[take.info.point] = take
        return found

    def bad_take_of(
        self, arrangement: Arrangement, source: str, seat: str, point: HeadPoint = "centre"
    ) -> Take | None:
        """The newest take of that source at that point of the seat's head that is left out because
        it is bad.
        """
        for take in reversed(self.takes):
            if (take.info.source, take.info.seat, take.info.point) == (source, seat, point):
                if take.applies_to(arrangement) and not take.usable:
                    return take
        return None

    def doubtful_takes(self) -> list[Take]:
        """Takes left out until somebody says whether they still hold."""
        return [take for take in self.takes if take.usable and self.doubts(take)]

    def stale_takes(self, arrangement: Arrangement) -> list[Take]:
        """Takes of this arrangement whose source or seat has moved since."""
        return [
            take
            for take in self.takes
            if take.info.placed.name == arrangement.name
            and not take.info.floor_place
            and not take.applies_to(arrangement)
        ]


def carried(before: Document, changed: Document) -> Document:
    """Takes that held before a change which is none to the ear hold after it."""
    old, new = before.stamps, changed.stamps
    return replace(changed, takes=tuple(take.carried(old, new) for take in changed.takes))


def problems(document: Document) -> list[str]:
    """What contradicts itself in a document, each in a sentence; empty when it is sound."""
    found = [*room_problems(document.room), *gear_problems(document.gear)]
    if found:
        return found
    names = [a.name for a in document.arrangements]
    for name in sorted({name for name in names if names.count(name) > 1}):
        found.append(tr("Two arrangements are named “{name}”; give each its own name.", name=name))
    for arrangement in document.arrangements:
        found += _arrangement_problems(document.gear, arrangement)
    found += _take_problems(document)
    if wrong := document.wishes.problem():
        found.append(tr("The wishes for the search cannot be: {wrong}", wrong=wrong))
    if document.chosen is not None and document.chosen not in names:
        found.append(
            tr("The chosen arrangement “{chosen}” does not exist.", chosen=document.chosen)
        )
    return found


def _arrangement_problems(gear: Gear, arrangement: Arrangement) -> list[str]:
    where = tr("Arrangement “{name}”", name=arrangement.name)
    seats = {seat.name for seat in gear.seats}
    speakers = {speaker.id for speaker in gear.loudspeakers}
    found = [
        tr("{where} gives no place for the seat “{name}”.", where=where, name=name)
        for name in sorted(seats - set(arrangement.seats))
    ]
    for name in sorted(speakers - set(arrangement.places)):
        found.append(
            tr("{where} gives no place for the loudspeaker “{name}”.", where=where, name=name)
        )
    unknown = set(arrangement.seats) - seats | set(arrangement.places) - speakers
    for name in sorted(unknown | set(arrangement.chains) - speakers):
        found.append(
            tr("{where} places “{name}”, which the gear does not list.", where=where, name=name)
        )
    for name, chain in arrangement.chains.items():
        if wrong := chain.problem():
            found.append(f"{where}, {name}: {wrong}")
    return found


def _take_problems(document: Document) -> list[str]:
    found = []
    ids = [take.info.id for take in document.takes]
    for name in sorted({name for name in ids if ids.count(name) > 1}):
        found.append(tr("Two takes have the id {name}.", name=name))
    sources = set(document.source_names)
    seats = {seat.name for seat in document.gear.seats}
    subwoofers = {sub.id for sub in document.gear.subwoofers}
    for take in document.takes:
        info = take.info
        if info.source not in sources or info.seat not in seats:
            found.append(
                tr(
                    "{id} is of {source} at {seat}, which the gear lacks.",
                    id=info.id,
                    source=info.source,
                    seat=info.seat,
                )
            )
        together = info.source == WITH_SUBWOOFERS
        if together != bool(info.subwoofers) or not set(info.subwoofers) <= subwoofers:
            found.append(tr("{id} does not name subwoofers of the gear that sounded.", id=info.id))
        if info.floor_place and info.source not in subwoofers:
            found.append(tr("{id} was walked round the floor, but is of no subwoofer.", id=info.id))
        if (take.impulse is None) != (info.impulse_start_seconds is None):
            found.append(tr("{id} and its impulse response do not belong together.", id=info.id))
    return found
