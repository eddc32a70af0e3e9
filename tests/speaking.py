"""Tests read English, whatever the desktop they run on speaks. Imported before the program."""

import os

os.environ["JOLLY_PARLOR_LANGUAGE"] = "en"
