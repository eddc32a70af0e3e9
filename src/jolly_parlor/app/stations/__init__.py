"""One module a station of the walk."""
