"""Keeping blocks: create, find, save with a revision, delete and bring back."""

from __future__ import annotations

import uuid
from collections.abc import Callable, Iterable, Iterator, Sequence
from dataclasses import dataclass, replace
from datetime import datetime
from typing import Any, Literal

from sqlalchemy import ColumnElement, func, select, update
from sqlalchemy.orm import Session, undefer

from yonk.core.paper import Fault, YonkError, message
from yonk.store.database import retried
from yonk.store.models import Account, Block, BlockLabel, BlockRevision, Marker, now
from yonk.store.revisions import THIN_EVERY, thin
from yonk.store.rights import NoSuchBlockError, Right, ask, owned, person_of, visible_to

ShelfOrder = Literal["changed", "name", "oldest"]
ItemKind = Literal["block", "quilt"]
PAGE = 48  # fills a large screen, and divides by two, three, four and six columns


@dataclass(frozen=True)
class KeptBlock:
    """A block as it is kept; `document` is its block file. `right` is what the person may do with
    it, `owner` whose it is where it is somebody else's.
    """

    id: str
    name: str
    document: str
    revision: int
    created: datetime
    changed: datetime
    deleted: bool
    kind: str = "block"
    right: Right = "own"
    owner: str = ""


@dataclass(frozen=True)
class BlockContents:
    """What is kept of a block or a quilt: its name, its file, and the card that its shelf shows of
    it.
    """

    name: str
    document: str
    card: str
    kind: ItemKind = "block"


@dataclass(frozen=True)
class Card:
    """A block on the shelf; `card` is None where it was kept before there were cards.
    `owner` is whose it is where it is somebody else's.
    """

    id: str
    name: str
    revision: int
    changed: datetime
    card: str | None
    owner: str = ""


@dataclass(frozen=True)
class ShelfPage:
    """A page of the shelf, and how many blocks there are on all of them."""

    cards: tuple[Card, ...]
    total: int


class DeletedBlockError(NoSuchBlockError):
    """The block of that id was taken off the shelf; it can be brought back."""

    code = "deleted"
    text = message("block-was-deleted")


class OldRevisionError(YonkError):
    """A save came with a revision that is not the newest; `theirs` is what is kept."""

    code = "old-revision"

    def __init__(self, theirs: KeptBlock) -> None:
        text = message("block-was-saved-elsewhere")
        super().__init__(Fault("revision", text), given=(theirs,))
        self.theirs = theirs


def all_own_blocks(session: Session) -> Iterator[KeptBlock]:
    """All blocks and quilts on the shelves that are the person's own, the oldest first."""
    asked = (
        select(Block.id)
        .where(Block.deleted.is_(None), owned(session, Block))
        .order_by(Block.created, Block.id)
    )
    for block_id in session.scalars(asked).all():
        yield one_block(session, block_id)


def shelf_page(
    session: Session,
    number: int = 1,
    search: str = "",
    order: ShelfOrder = "changed",
    kind: ItemKind = "block",
    origin: str = "",
    label: str = "",
) -> ShelfPage:
    """A page of the blocks, or quilts, on their shelf, those whose name holds the words searched
    for, or of a `label`; or of quilts those that have a block of an `origin`.
    """
    here = [
        Block.deleted.is_(None),
        Block.kind == kind,
        *visible_to(session, Block),
        *([Block.document.contains(f'"origin": "{origin}"', autoescape=True)] if origin else []),
        *(
            [Block.id.in_(select(BlockLabel.block_id).where(BlockLabel.label == label))]
            if label
            else []
        ),
        *(Block.name.contains(word, autoescape=True) for word in search.split()[:8]),
    ]
    orders = {
        "changed": Block.changed.desc(),
        "oldest": Block.changed.asc(),
        "name": Block.name.asc(),
    }
    by: ColumnElement[Any] = orders[order]  # type: ignore[assignment]
    total = session.scalar(select(func.count()).select_from(Block).where(*here)) or 0
    asked = (
        select(Block.id).where(*here).order_by(by, Block.id).offset((number - 1) * PAGE).limit(PAGE)
    )
    names = list(
        session.scalars(asked)
    )  # first the names alone, which an index holds; then the cards of these
    columns = Block.id, Block.name, Block.revision, Block.changed, Block.card, Account.name
    others = (Account.id == Block.owner) & (Account.id != person_of(session).id)
    cards = select(*columns).outerjoin(Account, others).where(Block.id.in_(names))
    found = {row[0]: Card(*row[:5], row[5] or "") for row in session.execute(cards)}
    return ShelfPage(tuple(found[name] for name in names if name in found), total)


def one_block(session: Session, block_id: str, right: Right = "see") -> KeptBlock:
    """A block, deleted or not, for which this is wanted. Raises `NoSuchBlockError`,
    `NotYoursError`.
    """
    return _seen(session, block_id, ask(session, block_id, right))


def _seen(session: Session, block_id: str, may: Right) -> KeptBlock:
    """A block of which it is known what the person may do with it."""
    row = session.get(Block, block_id, populate_existing=True, options=[undefer(Block.document)])
    if row is None:
        raise NoSuchBlockError(block_id)
    owner = None if may == "own" else session.get(Account, row.owner)
    return replace(_kept(row), right=may, owner=owner.name if owner else "")


def live_block(
    session: Session, block_id: str, kind: ItemKind | None = "block", right: Right = "see"
) -> KeptBlock:
    """A block, or a quilt, or either, on its shelf, for which this is wanted. Raises
    `NoSuchBlockError`, `NotYoursError`, `DeletedBlockError` for one that was taken off.
    """
    kept = one_block(session, block_id, right)
    if kind is not None and kept.kind != kind:
        raise NoSuchBlockError(block_id)
    if kept.deleted:
        raise DeletedBlockError(block_id)
    return kept


@retried
def create_block(
    session: Session,
    form: BlockContents,
    save_key: str | None = None,
    along: Callable[[str], None] | None = None,
) -> KeptBlock:
    """Keep a new block, and what comes `along` with it, all or nothing. A save that comes again
    under its own key is the block that it made.
    """
    again = save_key and session.scalar(
        select(BlockRevision.block_id)
        .join(Block, Block.id == BlockRevision.block_id)
        .where(BlockRevision.save_key == save_key, owned(session, Block))
    )
    if again:
        return one_block(session, again)
    made = _add(session, form, save_key)
    if along:
        along(made)
    session.commit()
    return _seen(session, made, "own")


def _add(session: Session, form: BlockContents, save_key: str | None) -> str:
    moment = now()
    row = Block(
        id=uuid.uuid4().hex,
        owner=person_of(session).id,
        kind=form.kind,
        name=form.name,
        document=form.document,
        card=form.card,
        revision=1,
        created=moment,
        changed=moment,
    )
    first = BlockRevision(
        block_id=row.id,
        revision=1,
        document=form.document,
        saved=moment,
        save_key=save_key,
        saved_by=row.owner,
    )
    session.add_all([row, first])
    return row.id


@retried
def save_block(
    session: Session, block_id: str, form: BlockContents, revision: int, save_key: str | None = None
) -> KeptBlock:
    """Keep a new state of a block over the `revision` that it was made from.

    The save that comes again under the key it came under before is the same save. Raises
    `OldRevisionError` when another state was kept meanwhile, `DeletedBlockError`,
    `NoSuchBlockError` and `NotYoursError`; nothing is changed then.
    """
    may = ask(session, block_id, "change")
    moment = now()
    done = session.execute(
        update(Block)
        .where(
            Block.id == block_id,
            Block.kind == form.kind,
            Block.revision == revision,
            Block.deleted.is_(None),
        )
        .values(
            name=form.name,
            document=form.document,
            card=form.card,
            revision=revision + 1,
            changed=moment,
        )
    )
    if done.rowcount != 1:  # type: ignore[attr-defined]
        session.rollback()
        kept = live_block(session, block_id, form.kind)
        if save_key and _key_of(session, block_id, revision + 1) == save_key:
            return kept
        raise OldRevisionError(kept)
    session.add(
        BlockRevision(
            block_id=block_id,
            revision=revision + 1,
            document=form.document,
            saved=moment,
            save_key=save_key,
            saved_by=person_of(session).id,
        )
    )
    if (revision + 1) % THIN_EVERY == 0:
        thin(session, block_id, moment)
    session.commit()
    return _seen(session, block_id, may)


def newest(session: Session, block_id: str) -> tuple[int, str]:
    """The newest revision of a block or a quilt and, where that is somebody else, who saved it.
    Raises `NoSuchBlockError`, `DeletedBlockError`.
    """
    ask(session, block_id)
    row = session.execute(
        select(Block.revision, Block.deleted, Account.name)
        .outerjoin(
            BlockRevision,
            (BlockRevision.block_id == Block.id) & (BlockRevision.revision == Block.revision),
        )
        .outerjoin(
            Account,
            (Account.id == BlockRevision.saved_by) & (Account.id != person_of(session).id),
        )
        .where(Block.id == block_id)
    ).first()
    if row is None:
        raise NoSuchBlockError(block_id)
    if row.deleted:
        raise DeletedBlockError(block_id)
    return row.revision, row.name or ""


def _key_of(session: Session, block_id: str, revision: int) -> str | None:
    found: str | None = session.scalar(
        select(BlockRevision.save_key).where(
            BlockRevision.block_id == block_id, BlockRevision.revision == revision
        )
    )
    return found


@retried
def keep_cards(session: Session, cards: Sequence[tuple[str, int, str]]) -> None:
    """Keep the cards of blocks that were kept without: the id, the revision it is of, and the
    card.
    """
    for block_id, revision, card in cards:
        here = Block.id == block_id, Block.revision == revision, Block.card.is_(None)
        session.execute(update(Block).where(*here).values(card=card))
    session.commit()


def delete_block(session: Session, block_id: str) -> None:
    """Take a block off the shelf; it can be brought back. Raises `NoSuchBlockError`."""
    _mark(session, block_id, now())


def restore_block(session: Session, block_id: str) -> KeptBlock:
    """Bring a deleted block back. Raises `NoSuchBlockError`."""
    _mark(session, block_id, None)
    return one_block(session, block_id)


def lay_out_once(
    session: Session, name: str, forms: Callable[[], Iterable[BlockContents]]
) -> list[str]:
    """Keep some blocks, once in the life of a database: all of them or, where that is cut short,
    none yet. Returns the ids of those that were kept.
    """
    if session.get(Marker, name):
        return []
    laid = [_add(session, form, None) for form in forms()]
    session.add(Marker(name=name, set_at=now()))
    session.commit()
    return laid


def once(session: Session, name: str) -> bool:
    """Whether this is the first time that something is asked for; False ever after."""
    if session.get(Marker, name):
        return False
    session.add(Marker(name=name, set_at=now()))
    session.commit()
    return True


@retried
def _mark(session: Session, block_id: str, moment: datetime | None) -> None:
    one_block(session, block_id, "own")
    session.execute(update(Block).where(Block.id == block_id).values(deleted=moment))
    session.commit()


def _kept(row: Block) -> KeptBlock:
    return KeptBlock(
        row.id,
        row.name,
        row.document,
        row.revision,
        row.created,
        row.changed,
        row.deleted is not None,
        row.kind,
    )
