"""Hear: arrangements one against the other, blind, and lessons."""
