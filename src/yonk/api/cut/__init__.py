"""The API of the cut."""
