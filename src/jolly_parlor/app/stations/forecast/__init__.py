"""The station Forecast."""
