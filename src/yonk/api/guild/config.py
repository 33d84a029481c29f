"""How a guild's Yonk is reached, and where the letters go that nobody sends."""

from __future__ import annotations

import re
from dataclasses import dataclass
from email.message import EmailMessage
from pathlib import Path

from yonk.store.secrets_kept import digest


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

    def post_letter(self, token: str, whom: str, subject: str, words: str) -> None:
        """Write a letter into the folder that stands in for the post, by the link that is in it."""
        if self.post is None:
            return
        letter = EmailMessage()
        letter["Subject"] = subject
        letter["X-For"] = re.sub(r"\s+", " ", whom)
        letter.set_content(words)
        self.post.mkdir(parents=True, exist_ok=True)
        self._letter(digest(token)).write_bytes(bytes(letter))

    def drop_letter(self, invitation: str) -> None:
        """Take a letter away whose link leads nowhere any more, by what is kept of the link."""
        if self.post is not None:
            self._letter(invitation).unlink(missing_ok=True)

    def _letter(self, invitation: str) -> Path:
        assert self.post is not None
        return self.post / f"{invitation[:64]}.eml"
