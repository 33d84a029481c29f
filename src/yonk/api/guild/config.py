"""How a guild's Yonk is reached, and where the letters go that nobody sends."""

from __future__ import annotations

import re
from dataclasses import dataclass
from email.message import EmailMessage
from pathlib import Path
from uuid import uuid4


@dataclass(frozen=True)
class Guild:
    """What a program that serves several people is told: the address its people type, and the
    folder that stands in for the post.
    """

    address: str
    post: Path | None = None

    def link(self, token: str) -> str:
        """The link of an invitation; its token is after the mark that browsers send to nobody."""
        return f"{self.address}/invitation#{token}"

    def post_letter(self, whom: str, subject: str, words: str) -> None:
        """Write a letter into the folder that stands in for the post."""
        if self.post is None:
            return
        letter = EmailMessage()
        letter["Subject"] = subject
        letter["X-For"] = re.sub(r"\s+", " ", whom)
        letter.set_content(words)
        self.post.mkdir(parents=True, exist_ok=True)
        (self.post / f"{uuid4().hex}.eml").write_bytes(bytes(letter))
