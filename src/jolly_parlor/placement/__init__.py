"""Gear, arrangements, schools, forecasts and their Evenness."""
