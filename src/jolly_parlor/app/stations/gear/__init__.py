"""The station Gear."""
