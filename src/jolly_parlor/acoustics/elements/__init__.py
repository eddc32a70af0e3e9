"""Finite elements: the air of a room cut into cells, and its modes."""
