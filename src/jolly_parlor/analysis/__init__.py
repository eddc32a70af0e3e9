"""What is concluded from a document: forecasts, takes, comparison, settings, verdict."""
