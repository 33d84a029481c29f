"""Names as they were typed, made safe for where they go."""

from __future__ import annotations

from fractions import Fraction
from html import escape

from yonk.core.paper import Text, write_mixed
from yonk.words import in_words


def printable(text: Text) -> str:
    """The text without signs that cannot be seen, which files of other programs refuse."""
    return "".join(letter for letter in in_words(text) if letter.isprintable())


def for_a_cell(text: Text) -> str:
    """Text that a spreadsheet takes for text and not for a formula."""
    seen = printable(text)
    return f"'{seen}" if seen and seen[0] in "=+-@" else seen


def sized(length: Fraction) -> str:
    """A length for a cell, which no spreadsheet takes for a date: ``3 7/8``, ``0 7/8``."""
    text = write_mixed(length)
    return f"0 {text}" if "/" in text and " " not in text else text


def for_markup(text: Text) -> str:
    """Text inside XML."""
    return escape(printable(text))


def plain_fractions(text: Text) -> str:
    """Text with its fractions in signs that every program has."""
    return in_words(text).replace("⁄", "/")
