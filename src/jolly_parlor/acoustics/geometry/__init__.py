"""Where things are: plan, room, sight from place to place, image sources."""
