"""The station Compare."""

from __future__ import annotations
