"""The API of paper that comes back: photos of printed sheets are read, and become entries."""
