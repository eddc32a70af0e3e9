"""Jolly Parlor: where the monitors, the subwoofer and the seat belong in this room."""

__version__ = "0.1.0"
