"""The API of the recipes."""
