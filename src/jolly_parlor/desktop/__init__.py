"""At home on a Linux desktop: menu entry, icons, file type, description, manual page."""
