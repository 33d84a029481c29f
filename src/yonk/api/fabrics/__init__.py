"""The API of the fabrics."""
