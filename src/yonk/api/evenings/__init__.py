"""The API of the evenings: what can be done in one, and when all is done."""
