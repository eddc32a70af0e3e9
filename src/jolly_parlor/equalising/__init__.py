"""The equaliser: what a cut can mend, what nothing fills, the few sections that are worth it."""
