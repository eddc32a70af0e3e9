"""What the room does to sound, from below: materials, geometry, finite elements, fields."""
