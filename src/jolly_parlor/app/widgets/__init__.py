"""Small widgets shared by stations."""
