"""The station Survey."""
