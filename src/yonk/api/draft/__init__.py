"""The API of the draft."""
