"""Search: weigh every arrangement of monitors and seat on a grid, then look closely at the best."""
