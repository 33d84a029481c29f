"""Reading sheets that come back: a photo or a scan is straightened by the marks in its corners, its
code is read, and each box is looked into.

The thresholds were settled by sheets that were printed, marked and photographed by the simulated
camera of the tests, which shares nothing with what is here but where the boxes are.
Source: *Paper that comes back* in `docs/table.md`.
"""

from __future__ import annotations

import warnings
from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from io import BytesIO
from typing import Any, Literal

import cv2
import numpy as np
from numpy.typing import NDArray
from PIL import Image, ImageOps, UnidentifiedImageError
from pypdfium2 import PdfDocument, PdfiumError

from yonk.core.paper import MessageError, message
from yonk.core.table import PrintedBox, SheetPaper
from yonk.files.coded_pages import FIRST_MARK, code_box, corners_of_marks, read_page_code
from yonk.files.paper import SIZES
from yonk.files.photo import FORMATS, MOST_PIXELS

BoxReading = Literal["empty", "ticked", "doubtful"]
Grey = NDArray[np.uint8]

MOST_SCAN_BYTES = 30_000_000  # a scan of many pages
MOST_SCANNED = 24  # pages of a scan; a list that is longer is sent in parts
LONGEST_PHOTO = 4000  # pixels of a photo's longer side; more tells nothing more of a page
DPI = 200  # of a straightened page: a box is 30 pixels wide
SCALE = DPI / 72  # pixels a point
FEWEST_MARKS = 3  # a thumb may lie on the fourth
PREVIEW = 1400  # pixels of the longer side of the page as it is shown
PREVIEW_QUALITY = 70

# Looking for a box around where it should be, since paper is never flat.
_ASTRAY = 7.5  # points that it is at most elsewhere; less than half way to the next box
_FROM_OTHERS = 2.0  # points that it is at most from where the boxes around it say
_NEAREST = 8  # boxes around, so that of one row alone not all agree
_LINE = 1.1  # points of the printed outline with what blur adds to it
_INSIDE = 2.2  # points off the outline, so that what blur spreads of it is not taken for ink
_LIGHT = 0.06  # darkness of grain and of shades that are left; less is paper
_FAINT_OUTLINE = 0.10  # darkness of an outline below which a box is not surely found
# How much ink there is, as a share of what would blacken the box as its outline is black.
# Of boxes that nobody touched nearly all have none; a fold through one can look like 0.18. Of those
# that were ticked the thinnest stroke of a pencil has 0.2, nearly all have more than 0.27.
_EMPTY = 0.06
_TICKED = 0.24
# Somebody who blackens a whole box may cross out what is wrong.
_BLACK = 0.6  # darkness against the outline's
_BLACKENED = 0.99  # share of the box


class SheetNotReadError(MessageError):
    """What was sent cannot be read as a sheet; the message says why and what would mend it."""


@dataclass(frozen=True)
class StraightPage:
    """A page that was straightened: on which paper, in grey as a PNG; which sheet and page its code
    tells, if it could be read.
    """

    paper: SheetPaper
    picture: bytes
    code: str = ""
    page: int = 0


def straight_pages(content: bytes) -> list[StraightPage | None]:
    """The pages of a photo or a scan, straightened; nothing for one on which the marks are not all
    seen.

    Args:
        content: a JPEG, PNG or WebP picture, or a PDF.

    Raises: `SheetNotReadError` for anything else, and for what is too large.
    """
    if len(content) > MOST_SCAN_BYTES:
        raise SheetNotReadError(message("sheet-is-too-large", most=MOST_SCAN_BYTES // 1_000_000))
    pages = _of_scan(content) if content[:1024].lstrip().startswith(b"%PDF") else _of_photo(content)
    return [_straightened(page) for page in pages]


def _of_scan(content: bytes) -> Iterator[Grey]:
    try:
        scan = PdfDocument(content)
    except PdfiumError:
        raise SheetNotReadError(message("sheet-is-damaged")) from None
    if len(scan) > MOST_SCANNED:
        raise SheetNotReadError(message("sheet-has-too-many-pages", most=MOST_SCANNED))
    for page in scan:
        longest = max(page.get_size())
        scale = min(SCALE * 1.2, LONGEST_PHOTO / max(longest, 1))
        yield np.asarray(page.render(scale=scale).to_pil().convert("L"))


def _of_photo(content: bytes) -> Iterator[Grey]:
    try:
        with warnings.catch_warnings():
            warnings.simplefilter("error", Image.DecompressionBombWarning)
            with Image.open(BytesIO(content), formats=FORMATS) as opened:
                if opened.width * opened.height > MOST_PIXELS:
                    most = MOST_PIXELS // 1_000_000
                    raise SheetNotReadError(message("photo-has-too-many-pixels", most_pixels=most))
                upright = ImageOps.exif_transpose(opened).convert("L")
                upright.thumbnail((LONGEST_PHOTO, LONGEST_PHOTO))
                yield np.asarray(upright)
    except (UnidentifiedImageError, Image.DecompressionBombWarning, Image.DecompressionBombError):
        raise SheetNotReadError(message("photo-is-none")) from None
    except (OSError, ValueError, SyntaxError):
        raise SheetNotReadError(message("photo-is-damaged")) from None


def _straightened(photo: Grey) -> StraightPage | None:
    """A page as it lies in a photo, straightened; nothing where too few marks are seen."""
    found = _marks(photo)
    for paper in FIRST_MARK:
        known = corners_of_marks(paper)
        seen = [number for number in known if number in found]
        if len(seen) < FEWEST_MARKS:
            continue
        here = np.concatenate([found[number] for number in seen])
        there = np.array([corner for number in seen for corner in known[number]]) * SCALE
        turned, _ = cv2.findHomography(here, there.astype(np.float32))
        if turned is None:
            continue
        size = round(SIZES[paper][0] * SCALE), round(SIZES[paper][1] * SCALE)
        flat = cv2.warpPerspective(
            photo, turned, size, flags=cv2.INTER_AREA, borderValue=255
        ).astype(np.uint8)
        code, page = _code(flat, paper)
        _, packed = cv2.imencode(".png", flat, [cv2.IMWRITE_PNG_COMPRESSION, 1])
        return StraightPage(paper, packed.tobytes(), code, page)
    return None


def _marks(photo: Grey) -> dict[int, NDArray[np.float32]]:
    """The corners of the marks that are seen, by their numbers."""
    asked = cv2.aruco.DetectorParameters()
    asked.cornerRefinementMethod = cv2.aruco.CORNER_REFINE_SUBPIX
    # from a mark in a photo of a whole table to one in a scan
    asked.minMarkerPerimeterRate = 0.01
    asked.adaptiveThreshWinSizeMax = 45
    words = cv2.aruco.getPredefinedDictionary(cv2.aruco.DICT_4X4_50)
    detector = cv2.aruco.ArucoDetector(words, asked)
    found: dict[int, NDArray[np.float32]] = {}
    for grey in (photo, _sharper(photo)):
        corners, numbers, _ = detector.detectMarkers(grey)
        for one, number in zip(corners, [] if numbers is None else numbers.flat, strict=True):
            found.setdefault(int(number), np.asarray(one, np.float32).reshape(4, 2))
        if any(all(number in found for number in corners_of_marks(paper)) for paper in FIRST_MARK):
            break
    return found


def _sharper(photo: Grey) -> Grey:
    """A photo that was taken in bad light or with an unsteady hand, with its edges brought out."""
    soft = cv2.GaussianBlur(photo, (0, 0), 3)
    return np.asarray(cv2.addWeighted(photo, 2.5, soft, -1.5, 0), np.uint8)


def _code(flat: Grey, paper: SheetPaper) -> tuple[str, int]:
    """What the code of a straightened page tells; nothing where it cannot be read."""
    left, top, side = (one * SCALE for one in code_box(paper))
    room = 9 * SCALE
    part = flat[
        max(round(top - room), 0) : round(top + side + room),
        round(left - room) : round(left + side + room),
    ]
    reader = cv2.QRCodeDetector()
    for times in (2, 3, 4):
        bigger = cv2.resize(part, None, fx=times, fy=times, interpolation=cv2.INTER_CUBIC)
        large = np.asarray(bigger, np.uint8)
        for grey in (large, _sharper(large), _black_and_white(large)):
            try:
                text, *_ = reader.detectAndDecode(grey)
            except cv2.error:
                continue
            told = read_page_code(text)
            if told:
                return told
    return "", 0


def _black_and_white(grey: Grey) -> Grey:
    _, sharp = cv2.threshold(grey, 0, 255, cv2.THRESH_BINARY + cv2.THRESH_OTSU)
    return np.asarray(sharp, np.uint8)


def preview_of(page: StraightPage) -> bytes:
    """A page as it is shown beside what was read, as JPEG."""
    picture = Image.open(BytesIO(page.picture))
    picture.thumbnail((PREVIEW, PREVIEW))
    out = BytesIO()
    picture.save(out, "JPEG", quality=PREVIEW_QUALITY)
    return out.getvalue()


def read_boxes(page: StraightPage, boxes: Sequence[PrintedBox]) -> list[BoxReading]:
    """What is in each box of a page. Where it is not sure it is doubtful, and is to be asked."""
    flat = np.asarray(Image.open(BytesIO(page.picture)))
    dark = _darkness(flat)
    return [_reading(ink) for ink in inks_in(dark, boxes)]


def _reading(ink: BoxInk | None) -> BoxReading:
    if ink is None or _EMPTY < ink.share < _TICKED or ink.black > _BLACKENED:
        return "doubtful"
    return "ticked" if ink.share >= _TICKED else "empty"


def _darkness(flat: Grey) -> NDArray[np.float32]:
    """How much darker than the paper around each spot is, from nought to one: what light and
    shadow do to a whole page is taken out.
    """
    # paper is the lightest around, wherever no thing as large as a box is all dark
    around = round(14 * SCALE) | 1
    paper = cv2.morphologyEx(
        flat, cv2.MORPH_CLOSE, cv2.getStructuringElement(cv2.MORPH_ELLIPSE, (around, around))
    )
    paper = cv2.GaussianBlur(paper, (0, 0), 3 * SCALE)
    share = flat.astype(np.float32) / np.maximum(paper, 1)
    return np.asarray(np.clip(1 - share, 0, 1), np.float32)


@dataclass(frozen=True)
class BoxInk:
    """How much ink is in a box, against the darkness of its outline; how much of it is black."""

    share: float
    black: float


def inks_in(dark: NDArray[np.float32], boxes: Sequence[PrintedBox]) -> list[BoxInk | None]:
    """What ink is in each box; nothing where its outline is not found."""
    nowhere = (0.0, 0.0)
    first = [_found(dark, box, nowhere, _ASTRAY) for box in boxes]
    places = np.array([(box.x, box.y) for box in boxes]).reshape(-1, 2)
    shifts = np.array([(one.x, one.y) for one in first]).reshape(-1, 2)
    inks = []
    for number, box in enumerate(boxes):
        away = np.hypot(*(places - places[number]).T)
        # what is askew is so for all that is around
        near = np.argsort(away, kind="stable")[:_NEAREST]
        around = np.median(shifts[near], axis=0)
        inks.append(_ink(dark, box, _found(dark, box, tuple(around), _FROM_OTHERS)))
    return inks


@dataclass(frozen=True)
class _Found:
    """By how many points a box is elsewhere than it should be, and how dark its outline is."""

    x: float
    y: float
    outline: float


def _ink(dark: NDArray[np.float32], box: PrintedBox, found: _Found) -> BoxInk | None:
    if found.outline < _FAINT_OUTLINE:
        return None
    left, top = box.x + found.x, box.y + found.y
    inside = dark[
        round((top + _INSIDE) * SCALE) : round((top + box.side - _INSIDE) * SCALE),
        round((left + _INSIDE) * SCALE) : round((left + box.side - _INSIDE) * SCALE),
    ]
    if not inside.size:
        return None
    share = float(np.clip(inside - _LIGHT, 0, None).mean() / found.outline)
    return BoxInk(share, float((inside > _BLACK * found.outline).mean()))


def _found(
    dark: NDArray[np.float32], box: PrintedBox, around: tuple[float, float], astray: float
) -> _Found:
    """Where a box really is: the place at which the darkest outline stands against what is just
    outside of it, so many points `astray` at most from where it is looked for.
    """
    ring = _ring(box.side * SCALE, _LINE * SCALE)
    steps = round(astray * SCALE)
    reach = ring.shape[0] // 2 + steps
    x = round((box.x + around[0] + box.side / 2) * SCALE)
    y = round((box.y + around[1] + box.side / 2) * SCALE)
    high, wide = dark.shape
    part = np.zeros((2 * reach + 1, 2 * reach + 1), np.float32)
    top, left = max(y - reach, 0), max(x - reach, 0)
    seen = dark[top : min(y + reach + 1, high), left : min(x + reach + 1, wide)]
    at = top - (y - reach), left - (x - reach)
    part[at[0] : at[0] + seen.shape[0], at[1] : at[1] + seen.shape[1]] = seen
    _, best, _, (dx, dy) = cv2.minMaxLoc(cv2.matchTemplate(part, ring, cv2.TM_CCORR))
    return _Found(
        (x + dx - steps) / SCALE - box.x - box.side / 2,
        (y + dy - steps) / SCALE - box.y - box.side / 2,
        float(best),
    )


def _ring(side: float, line: float) -> NDArray[np.float32]:
    """A filter that tells by how much the outline of a box is darker than what is around it."""
    half = round(side / 2 + 2 * line) + 1
    across = np.abs(np.arange(-half, half + 1))
    away: Any = np.maximum(across[:, None], across[None, :])
    on = np.abs(away - side / 2) <= line / 2
    outside = (away > side / 2 + line) & (away <= side / 2 + 2 * line)
    return np.asarray(on / on.sum() - outside / outside.sum(), np.float32)
