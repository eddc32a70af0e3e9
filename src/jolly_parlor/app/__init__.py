"""The window: Qt, and nothing that computes."""
