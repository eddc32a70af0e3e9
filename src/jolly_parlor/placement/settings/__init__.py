"""Settings that make what is heard most even: what each control does, and where to set it."""
