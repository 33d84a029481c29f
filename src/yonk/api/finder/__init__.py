"""The API of the finder."""
