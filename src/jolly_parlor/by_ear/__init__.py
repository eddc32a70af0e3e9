"""The ear's school: walks, tests, clues and what they come to, held against the forecast."""
