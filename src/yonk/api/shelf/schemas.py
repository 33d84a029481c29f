"""What goes over the wire of the shelf of blocks."""

from __future__ import annotations

from datetime import datetime
from typing import Annotated

from pydantic import ConfigDict, Field

from yonk.api.wire import Document, Model, PictureFaceOut, PrintOut, Revision, Said, SaveKey
from yonk.core.acts import BlockBeginning


class ShelfBlockOut(Model):
    """A block on the shelf with a small picture of it."""

    id: str
    name: str
    revision: int
    changed: datetime
    finished: str
    width: float
    height: float
    patches: int
    blocks: int
    picture: list[PictureFaceOut]
    cloths: list[PrintOut]
    labels: list[str]
    note: str
    owner: str = ""


class ShelfOut(Model):
    """A page of the shelf: its blocks, how many there are on all pages, which page it is and of how
    many.
    """

    blocks: list[ShelfBlockOut]
    total: int
    page: int
    pages: int


class ShelfLabelOut(Model):
    """A label, and how many blocks on the shelf have it."""

    label: str
    blocks: int


class AboutIn(Model):
    """What is said of a block: its labels, a note."""

    labels: Annotated[list[Annotated[str, Field(max_length=200)]], Field(max_length=100)]
    note: Annotated[str, Field(max_length=1000)] = ""


class BinnedOut(Model):
    """A block or a quilt in the bin."""

    id: str
    name: str
    kind: str
    deleted: datetime


class StateOut(Model):
    """A saved state of a block."""

    revision: int
    saved: datetime
    title: str
    opened: bool


class StatesOut(Model):
    """The saved states of a block, the newest first, and the rule by which old ones are thinned."""

    states: list[StateOut]
    rule: Said


class StateDocumentOut(Model):
    """The document of a saved state."""

    document: Document


class TitleIn(Model):
    """A name for a saved state; nothing takes it away."""

    title: Annotated[str, Field(max_length=120)]


class NewBlockIn(Model):
    """A new block: its document, or what it begins with."""

    model_config = ConfigDict(frozen=True, extra="forbid")

    document: Document | None = None
    beginning: BlockBeginning = BlockBeginning()
    save_key: SaveKey | None = None


class SaveIn(Model):
    """A state of a block and the revision it was made from."""

    document: Document
    revision: Revision
    save_key: SaveKey | None = None
