"""Names as they were typed, made safe for where they go."""

from __future__ import annotations

from html import escape


def printable(text: str) -> str:
    """The text without signs that cannot be seen, which files of other programs refuse."""
    return "".join(letter for letter in text if letter.isprintable())


def for_a_cell(text: str) -> str:
    """Text that a spreadsheet takes for text and not for a formula."""
    seen = printable(text)
    return f"'{seen}" if seen and seen[0] in "=+-@" else seen


def for_markup(text: str) -> str:
    """Text inside XML."""
    return escape(printable(text))


def plain_fractions(text: str) -> str:
    """Text with its fractions in signs that every program has."""
    return text.replace("⁄", "/")
