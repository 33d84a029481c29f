"""How exact numbers, names and keys stand in an open file."""

from __future__ import annotations

from fractions import Fraction
from typing import Annotated

from pydantic import AfterValidator, BaseModel, ConfigDict, Field, PlainSerializer, PlainValidator
from pydantic import WithJsonSchema as Schema

from yonk.core.paper import LONGEST_NAME, LengthError, message, read_length, write_exact


def _length(value: object) -> Fraction:
    if isinstance(value, Fraction):
        return value
    if not isinstance(value, str):
        raise ValueError(message("length-in-quotes"))
    try:
        return read_length(value)
    except LengthError as fault:
        raise ValueError(fault.message) from None


def _positive(value: object) -> Fraction:
    length = _length(value)
    if length <= 0:
        raise ValueError(message("must-be-more-than-nothing"))
    return length


def _signed(value: object) -> Fraction:
    if isinstance(value, str) and value.strip()[:1] in ("-", "−"):
        return -_length(value.strip()[1:])
    return _length(value)


_AS_TEXT = PlainSerializer(write_exact, return_type=str)
_SCHEMA = Schema(
    {
        "type": "string",
        "description": "an exact length: 9, 39/8, 4.875 or 4 7/8",
        "examples": ["39/8"],
    }
)
Exact = Annotated[Fraction, PlainValidator(_length), _AS_TEXT, _SCHEMA]
Positive = Annotated[Fraction, PlainValidator(_positive), _AS_TEXT, _SCHEMA]
Signed = Annotated[Fraction, PlainValidator(_signed), _AS_TEXT, _SCHEMA]
PointIn = tuple[Exact, Exact]
SeamIn = tuple[PointIn, PointIn]


def _whole_signs(text: str) -> str:
    if any("\ud800" <= sign <= "\udfff" for sign in text):
        raise ValueError(message("holds-half-a-sign"))
    return text


def _on_one_line(text: str) -> str:
    """A name is read in a line and becomes part of file names, so it has no line ends and nothing
    that cannot be seen.
    """
    name = " ".join(text.split())
    if not name.isprintable():
        raise ValueError(message("has-sign-that-cannot-be-seen"))
    return name


WholeText = Annotated[str, AfterValidator(_whole_signs)]
Key = Annotated[WholeText, Field(min_length=1, max_length=80)]
Name = Annotated[
    WholeText, AfterValidator(_on_one_line), Field(min_length=1, max_length=LONGEST_NAME)
]


class FilePart(BaseModel):
    """A part of a file; what it does not know it passes over."""

    model_config = ConfigDict(extra="ignore", frozen=True)
