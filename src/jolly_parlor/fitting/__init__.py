"""The room learns from takes: a fit with uncertainty, and the take that would teach most."""
