"""The API of a pattern's list of pieces."""
