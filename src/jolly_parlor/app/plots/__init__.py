"""Hills and hollows, and the cause lanes."""
