"""The station Fine-tune: by ear, with a record."""
