"""Learning to hear: lessons on what a room does, and how small a thing is still heard."""
