"""The sound field of a room, whatever its shape; `field_of_room` has what each kind offers."""
