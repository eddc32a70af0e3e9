"""The station Sign-off."""
