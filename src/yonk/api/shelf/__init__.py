"""The API of the shelf."""
