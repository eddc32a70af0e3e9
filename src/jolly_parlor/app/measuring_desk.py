"""What other stations ask of the one that measures, so that none of them knows another."""

from typing import Protocol

from jolly_parlor.app.workbench import Workbench
from jolly_parlor.placement.floor_places import FloorPlace
from jolly_parlor.studio.device import Device
from jolly_parlor.studio.one_take import Settings
from jolly_parlor.studio.simulated import SimulatedStudio


class Equipment(Protocol):
    @property
    def is_card(self) -> bool:
        """Whether it is a sound card, and no simulated studio."""
        ...

    @property
    def simulated(self) -> SimulatedStudio:
        """The simulated studio of the room as it is surveyed."""
        ...

    def studio(self) -> Device:
        """The device chosen. Raises DeviceFailed."""
        ...


class MeasuringDesk(Protocol):
    """Makes takes, one at a time."""

    session: Workbench

    @property
    def equipment(self) -> Equipment:
        """What is chosen to measure with."""
        ...

    @property
    def measuring(self) -> bool:
        """Whether something plays."""
        ...

    @property
    def settings(self) -> Settings:
        """As entered."""
        ...

    def measure(self, source: str, seat: str) -> None:
        """Begin a take; good or bad, it is kept."""
        ...

    def try_place(self, sub: str, seat: str, tried: FloorPlace, swapped: bool) -> None:
        """The same of a subwoofer at a floor place; swapped: it stands at the head and the
        microphone there.
        """
        ...
