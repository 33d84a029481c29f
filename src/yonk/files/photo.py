"""Photos as they are kept: decoded and written anew, so that nothing but the picture is left."""

from __future__ import annotations

import warnings
from dataclasses import dataclass
from io import BytesIO

from PIL import Image, ImageOps, UnidentifiedImageError

from yonk.core.paper import MessageError, message

MOST_PHOTO_BYTES = 8_000_000  # of a photo as telephones take it
MOST_PIXELS = 60_000_000  # beyond, a small file could fill the memory
LONGEST = 2400  # pixels of the longer side that are kept
QUALITY = 85  # no difference is seen on cloth
FORMATS = ("JPEG", "PNG", "WEBP")


class NoPhotoError(MessageError):
    """What was sent is not kept as a photo; the message says why and what would mend it."""


@dataclass(frozen=True)
class JpegPhoto:
    """A photo as JPEG, and its size in pixels."""

    content: bytes
    width: int
    height: int


def as_kept(content: bytes) -> JpegPhoto:
    """A photo as it is kept: upright, of a size that a screen can show, with no word of the place
    or the camera.

    Args:
        content: a JPEG, PNG or WebP picture.

    Raises: `NoPhotoError` for anything else, and for what is too large, before it is decoded.
    """
    if len(content) > MOST_PHOTO_BYTES:
        raise NoPhotoError(
            message("photo-is-too-large", most_photo_bytes=MOST_PHOTO_BYTES // 1000000)
        )
    try:
        with warnings.catch_warnings():
            warnings.simplefilter("error", Image.DecompressionBombWarning)
            with Image.open(BytesIO(content), formats=FORMATS) as opened:
                _check_size(opened)
                return _written(opened)
    except (UnidentifiedImageError, Image.DecompressionBombWarning, Image.DecompressionBombError):
        raise NoPhotoError(message("photo-is-none")) from None
    except (OSError, ValueError, SyntaxError):
        raise NoPhotoError(message("photo-is-damaged")) from None


def _check_size(opened: Image.Image) -> None:
    """Raises where decoding would take too much; only the head of the file was read so far."""
    if opened.width * opened.height > MOST_PIXELS:
        raise NoPhotoError(message("photo-has-too-many-pixels", most_pixels=MOST_PIXELS // 1000000))


def _written(opened: Image.Image) -> JpegPhoto:
    opened.draft("RGB", (LONGEST, LONGEST))
    upright = ImageOps.exif_transpose(opened)
    flat = Image.new("RGB", upright.size, "white")
    with_alpha = upright.convert("RGBA")
    flat.paste(with_alpha, mask=with_alpha.getchannel("A"))
    flat.thumbnail((LONGEST, LONGEST))
    out = BytesIO()
    flat.save(out, "JPEG", quality=QUALITY, optimize=True)
    return JpegPhoto(out.getvalue(), flat.width, flat.height)
