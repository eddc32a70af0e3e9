"""Measuring devices: one interface, the simulated studio, sound cards."""
