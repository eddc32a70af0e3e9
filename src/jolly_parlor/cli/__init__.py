"""The command: the same abilities without a window; one module a group of commands."""
