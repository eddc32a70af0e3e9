"""The placement card: what to build from, on paper."""
