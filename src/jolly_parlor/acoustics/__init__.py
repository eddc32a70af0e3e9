"""What the room does: air, surfaces, modes, the sound field, images, sources."""
