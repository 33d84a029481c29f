"""The API of the table: what happened there, as entries."""
