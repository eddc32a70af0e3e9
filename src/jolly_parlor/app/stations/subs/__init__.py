"""The station Subs."""
