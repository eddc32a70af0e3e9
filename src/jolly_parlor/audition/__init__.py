"""Hearing arrangements that need not be built: rendered, level-matched, compared blind."""
