"""The plan and the front wall, drawn to scale and draggable."""

from __future__ import annotations
