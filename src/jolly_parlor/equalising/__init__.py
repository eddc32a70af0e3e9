"""The equaliser: what a cut can mend, what nothing fills, and the few sections that are worth it."""
