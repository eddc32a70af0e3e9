"""What surfaces absorb: the table of materials, and the admittances that follow from it."""
