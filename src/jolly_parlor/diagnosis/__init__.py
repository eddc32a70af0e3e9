"""Peaks and dips, their causes, and what to try."""
