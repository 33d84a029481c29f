"""What every answer of the API is made of: shared shapes, the one shape of errors, JSON as it is
sent.
"""

from __future__ import annotations

from datetime import datetime
from typing import Annotated, Any

from fastapi import Response
from pydantic import (
    BaseModel,
    ConfigDict,
    Field,
    PlainSerializer,
    SkipValidation,
    WithJsonSchema,
    computed_field,
)

from yonk.core.paper import COUNTS, XY, FaultCode, Print, Text, seen
from yonk.store.rights import Right
from yonk.words import fault_place_words, in_words


def as_json(text: bytes) -> Response:
    """JSON that is written already."""
    return Response(text, media_type="application/json")


Document = Annotated[
    dict[str, Any], Field(description="a block file; the front end hands it on as it came")
]


# what is said goes out as words of the language that is spoken; here it stays what it is
Said = Annotated[
    Text,
    SkipValidation,
    PlainSerializer(lambda said: seen(in_words(said)), return_type=str),
    WithJsonSchema({"type": "string"}),
]


SaveKey = Annotated[
    str,
    Field(
        pattern="^[0-9a-zA-Z-]{8,64}$",
        description="the save's own name, alike when it is sent again",
    ),
]


Revision = Annotated[int, Field(ge=COUNTS["revision"][0], le=COUNTS["revision"][1])]


class Model(BaseModel):
    model_config = ConfigDict(frozen=True)


class RangeOut(Model):
    """A range as typed."""

    start: str
    end: str
    step: str


class FaultOut(Model):
    """One thing that is wrong: where, by its name and in words, and what would mend it."""

    place: str
    message: Said

    @computed_field  # type: ignore[prop-decorator]
    @property
    def where(self) -> str:
        """The place in words."""
        return fault_place_words(self.place)


class FaultsOut(Model):
    """The one shape of every error."""

    code: FaultCode
    faults: list[FaultOut]
    theirs: BlockOut | None = None


class BlockOut(Model):
    """A block as it is kept."""

    id: str
    name: str
    revision: int
    created: datetime
    changed: datetime
    document: Document
    right: Right = "own"
    owner: str = Field(default="", description="whose it is, where it is somebody else's")


class PictureFaceOut(Model):
    """One patch of a small picture; `cloth` is its fabric's place in the block's, if it has one."""

    outline: list[XY]
    colour: str
    cloth: int | None = None


class ClothPictureOut(Model):
    """A picture of a cloth: its name in files, where it is fetched, if it is kept here, and how
    wide and high a piece of the cloth it shows, in the unit of what it is drawn on; as numbers and
    exactly.
    """

    file: str
    address: str | None
    width: float
    height: float
    exact: tuple[str, str]


class PrintOut(Model):
    """How a fabric is drawn; `ink` can be read on its colour, `direction` is in degrees."""

    colour: str
    ink: str
    print: Print
    direction: int
    picture: ClothPictureOut | None = None


PDF, SVG, CSV = "application/pdf", "image/svg+xml", "text/csv; charset=utf-8"


XLSX = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet"


def as_bytes(answer: BaseModel) -> bytes:
    return answer.model_dump_json().encode()


class PagesOut(Model):
    """Pages as they will be printed: how many, and the first of them as PNG, in base64."""

    count: int
    pictures: list[str]


class PartOut(Model):
    """A patch of a unit's picture."""

    outline: list[XY]
    fabric: str


FaultsOut.model_rebuild()

ERRORS: dict[int | str, dict[str, Any]] = {
    400: {"model": FaultsOut},
    404: {"model": FaultsOut},
    409: {"model": FaultsOut},
    413: {"model": FaultsOut},
    422: {"model": FaultsOut},
    503: {"model": FaultsOut},
}
