"""The plan and the front wall, drawn to scale and draggable."""
