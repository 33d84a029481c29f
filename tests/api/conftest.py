"""What the tests of the API share besides."""

from tests.api.guild import guild

__all__ = ["guild"]
