"""The station Compare."""
