"""The job and nothing else: no web, no database, no files."""
