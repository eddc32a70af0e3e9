"""Jolly Parlor: where the monitors, the subwoofer and the seat belong in this room."""

__version__ = "0.1.0"
RELEASED = "2026-11-26"
"""The day of that version, ISO 8601."""
