"""A pattern's list of pieces, read from what was typed or pasted."""

from __future__ import annotations

import re
from dataclasses import dataclass
from fractions import Fraction

from yonk.core.paper import (
    COUNTS,
    LONGEST_NAME,
    DraftError,
    LengthUnit,
    message,
    typed_length,
)
from yonk.core.units import YIELDS, Subcut

MOST_LINES = 60  # of a block; a list that is longer is one of a whole quilt

_VULGAR = "¼½¾⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞"
_NUMBER = (
    r"(?:\d+(?:\s+|\s*-\s*)\d+\s*/\s*\d+|\d+\s*/\s*\d+|"
    rf"\d+(?:[.,]\d+)?\s*[{_VULGAR}]?|[{_VULGAR}])"
)
_MARK = r"(?:\s*(?:\"|″|”|''|inch(?:es)?\b|in\b|cm\b))?"
_SIZE = re.compile(
    rf"(?P<width>{_NUMBER}{_MARK})(?:\s*(?:x|×|by|mal)\s*(?P<height>{_NUMBER}{_MARK}))?",
    re.IGNORECASE,
)
# "4 squares 3½", "(4) 3½ squares", "4 @ 3½", "4 - 3½ x 6½"; a count before a bare fraction could be
# the whole part of a size ("3 1/2 squares"), so it is none
_COUNT = re.compile(
    r"^\(?(\d+)\)?(?!\s*/)(?!\s*-?\s*\d+\s*/)"
    rf"(?!\s*[{_VULGAR}.,])(?=\D|$)(?!\s*[x×]\s*\d)"
)
_LETTER = re.compile(r"^(?:[-*•·]\s*|[A-Z]{1,2}\s*[:.)]\s*)+")
_NO_STOP = re.compile(r"\s+")

# how a square is cut further, in the words of patterns; German ones beside them
_TWICE = re.compile(
    r"twice|both\s+diagonals|quarter[- ]square|\bqsts?\b|in\s+quarters|into\s+(?:four|4)|"
    r"zweimal|beide[nr]?\s+diagonalen|vierteln?|geviertelt",
    re.IGNORECASE,
)
_ONCE = re.compile(
    r"once|diagonal|corner\s+to\s+corner|in\s+half|into\s+(?:two|2)|einmal|halbier\w*",
    re.IGNORECASE,
)
# words of a line that are no fabric
_WORDS = re.compile(
    r"\b(?:cut|schneide|squares?|quadrate?n?|rectangles?|rechtecke?n?|pieces?|stück|strips?|"
    r"streifen|patch(?:es)?|flicken|triangles?|dreiecke?|of|from|for|out|each|at|into|in|the|and|"
    r"aus|von|je|zu|für|und|then|again|further|on|to|corner|half|both|diagonals?|diagonally|"
    r"diagonale?n?|once|twice|einmal|zweimal|halbier\w*|viertel\w*|geviertelt|two|four|"
    r"quarter[- ]square|half[- ]square|inch(?:es)?|cm|qsts?|hsts?|fabric|stoff)\b",
    re.IGNORECASE,
)


@dataclass(frozen=True)
class ListedPiece:
    """A line of a pattern's list: so many cuts of one size and fabric, each cut further so.

    `line` counts from one; the sizes are in the list's unit, the longer side first.
    """

    line: int
    count: int
    width: Fraction
    height: Fraction
    subcut: Subcut
    fabric: str

    @property
    def pieces(self) -> int:
        """How many pieces come of it."""
        return self.count * YIELDS[self.subcut]


def read_list(text: str, unit: LengthUnit) -> tuple[ListedPiece, ...]:
    """The pieces of a pattern's list.

    Args:
        text: a piece a line: how many, the size it is cut to, its fabric, how it is cut further. A
            line without a number that ends with a colon names the fabric of the lines below it.
        unit: in which the sizes are.

    Raises: `DraftError` at its line for a line that could mean anything else, and for none.

    >>> [piece] = read_list('4 squares 3 7/8" Fog, cut once on the diagonal', "in")
    >>> piece.count, str(piece.width), piece.subcut, piece.fabric
    (4, '31/8', 'one-diagonal', 'Fog')
    """
    lines = text.splitlines()
    if len(lines) > MOST_LINES:
        raise DraftError("list", message("list-has-many-lines", most=MOST_LINES))
    found: list[ListedPiece] = []
    heading = ""
    for number, line in enumerate(lines, start=1):
        said = _LETTER.sub("", line.strip())
        if not said:
            continue
        if not re.search(r"[\d¼-¾⅐-⅞]", said) and said.endswith(":"):
            heading = _fabric_in(said[:-1])
            continue
        found.append(_piece(said, number, unit, heading))
    if not found:
        raise DraftError("list", message("list-is-empty"))
    return tuple(found)


def _piece(said: str, number: int, unit: LengthUnit, heading: str) -> ListedPiece:
    place = f"line[{number - 1}]"  # places count from nought
    rest = re.sub(r"^(?:cut|schneide)\s+", "", said, flags=re.IGNORECASE)
    counted = _COUNT.match(rest)
    if counted is None:
        raise DraftError(place, message("list-line-has-no-count"))
    least, most = COUNTS["pieces_on_hand"]
    count = int(counted[1]) if len(counted[1]) < 9 else most + 1
    if not least <= count <= most:
        raise DraftError(place, message("must-be-from-to", least=least, most=most))
    rest = rest[counted.end() :].lstrip(" @x×-–—:")
    sizes = [*_SIZE.finditer(rest)]
    if not sizes:
        raise DraftError(place, message("list-line-has-no-size"))
    if len(sizes) > 1:
        raise DraftError(place, message("list-line-has-sizes"))
    [size] = sizes
    wide = typed_length(size["width"].strip(), place, "cloth", unit)
    high = typed_length(size["height"].strip(), place, "cloth", unit) if size["height"] else wide
    words = rest[: size.start()] + " " + rest[size.end() :]
    subcut: Subcut = "none"
    if _TWICE.search(words):
        subcut = "both-diagonals"
    elif _ONCE.search(words):
        subcut = "one-diagonal"
    if subcut == "both-diagonals" and wide != high:
        raise DraftError(place, message("list-line-is-no-square"))
    return ListedPiece(
        number, count, max(wide, high), min(wide, high), subcut, _fabric_in(words) or heading
    )


def _fabric_in(words: str) -> str:
    """What is left of a line when all that is known is taken out: the fabric's name."""
    left = re.sub(r"[^\w'’ -]+", " ", _WORDS.sub(" ", words))
    return _NO_STOP.sub(" ", left).strip(" -'")[:LONGEST_NAME]
