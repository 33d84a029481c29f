"""What is kept of a secret that need not be read again."""

from __future__ import annotations

from hashlib import sha256


def digest(secret: str) -> str:
    """What is kept of a secret that need not be read again."""
    return sha256(secret.encode()).hexdigest()
