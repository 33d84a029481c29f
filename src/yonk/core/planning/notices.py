"""Notices: what the quilter should know before she cuts, each with a code and a sentence."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass
from fractions import Fraction
from typing import Literal

from yonk.core.drawing import set_in_pieces, wholes
from yonk.core.paper import Draft, listed, show
from yonk.core.planning.contrast import hard_to_tell_apart
from yonk.core.planning.cuts import Cut
from yonk.core.planning.off_the_ruler import in_words, off_the_ruler
from yonk.core.planning.reading import Reading
from yonk.core.planning.recipes import Recipe
from yonk.core.planning.sizes import finer_steps, on_the_ruler, sizes_on_the_ruler
from yonk.core.planning.turned_prints import TurnedPrint
from yonk.core.planning.uneven_grid import uneven_grid
from yonk.core.units import BY_NAME, Terms, terms_of

MOST_LOOSE = 12  # seams that are named one by one
NoticeCode = Literal[
    "off-the-ruler",
    "loose-seam",
    "bias-edge",
    "spares",
    "mirrored-pairs",
    "low-contrast",
    "set-in-seam",
    "template-needed",
    "method-not-suited",
    "two-fabrics",
    "print-turns",
]


@dataclass(frozen=True)
class Mend:
    """One way out that can be taken at once: another finished size, a finer ruler, or lines that
    lie on the ruler; lengths in the draft's unit.
    """

    words: str
    finished: tuple[Fraction, Fraction] | None = None
    ruler_step: Fraction | None = None
    lines: tuple[tuple[Fraction, ...], tuple[Fraction, ...]] | None = None


@dataclass(frozen=True)
class Notice:
    """One thing to know, with the letters, units and faces it is about, and ways out of it."""

    code: NoticeCode
    text: str
    patches: tuple[str, ...] = ()
    units: tuple[str, ...] = ()
    faces: tuple[int, ...] = ()
    mends: tuple[Mend, ...] = ()


def all_notices(
    reading: Reading,
    recipes: Sequence[Recipe],
    cuts: Sequence[Cut],
    colourings: Sequence[tuple[Reading, int]] = (),
    turned: Sequence[TurnedPrint] = (),
) -> tuple[Notice, ...]:
    """Every notice of a plan, the gravest first; `turned` are the groups whose prints turn."""
    return (
        *_loose(reading),
        *_set_in(reading),
        *_off(reading, recipes),
        *_templates(cuts),
        *_conflicting(reading),
        *_unsuited(recipes),
        *_mirrored(recipes),
        *_spares(recipes),
        *_bias(recipes),
        *_prints(turned, reading.draft),
        *dict.fromkeys(
            notice
            for one in (reading, *(other for other, _ in colourings))
            for notice in _contrast(one)
        ),
    )


def _spot(reading: Reading, spot: tuple[int, int]) -> str:
    counts = zip(
        reading.drawing.to_grid(spot),
        (len(reading.draft.columns), len(reading.draft.rows)),
        strict=True,
    )
    column, row = (min(int(count), lines - 1) + 1 for count, lines in counts)
    return f"column {column}, row {row}"


def _loose(reading: Reading) -> Iterator[Notice]:
    loose = reading.drawing.loose
    for start, end in loose[:MOST_LOOSE]:
        where = " to ".join(dict.fromkeys((_spot(reading, start), _spot(reading, end))))
        yield Notice(
            "loose-seam",
            f"A seam at {where} ends at nothing and divides no patch; draw it on or rub it out.",
        )
    more = len(loose) - MOST_LOOSE
    if more > 0:
        said = "One more seam ends" if more == 1 else f"{more} more seams end"
        yield Notice("loose-seam", f"{said} at nothing.")


def _set_in(reading: Reading) -> Iterator[Notice]:
    labels = {group.members: group.label for group in reading.groups}
    seen: dict[tuple[object, ...], bool] = {}
    for whole in wholes(reading.assembly):
        if whole.known.kind != "pieced":
            continue
        key = whole.region.shape_key
        stuck = set_in_pieces(whole.region) if seen.get(key, True) else ()
        seen[key] = bool(stuck)
        if not stuck:
            continue
        faces = tuple(piece.face for piece in stuck)
        label = next(
            (name for members, name in labels.items() if any(faces[0] in unit for unit in members)),
            "",
        )
        letters = tuple(dict.fromkeys(reading.patches[face].letter for face in faces))
        first = min(reading.drawing.faces[faces[0]].ring, key=lambda spot: (spot[1], spot[0]))
        yield Notice(
            "set-in-seam",
            f"Near {_spot(reading, first)} no straight seam joins patches {listed(letters)}: "
            f"one of them is set in, "
            "or a seam is sewn part way first and finished last.",
            letters,
            (label,) if label else (),
            faces,
        )


def _off(reading: Reading, recipes: Sequence[Recipe]) -> Iterator[Notice]:
    terms = terms_of(reading.draft)
    found = off_the_ruler(recipes, terms)
    if not found:
        return
    mends = tuple(_onto_the_ruler(reading, recipes, terms))
    sizes = [show(one.finished[0], terms.unit) for one in mends if one.finished]
    ways = [f"take {' or '.join(sizes)} wide, where every cut is on the ruler"] if sizes else []
    ways += [one.words for one in mends if one.ruler_step or one.lines]
    mend = f" To mend it: {'; or '.join(ways)}." if ways else ""
    for off in found:
        faces = tuple(patch.face for patch in reading.patches if patch.letter == off.letter)
        rows = Counter(reading.drawing.faces[face].box[1::2] for face in faces)
        said = in_words(off, reading.draft, max(rows.values(), default=1))
        yield Notice(
            "off-the-ruler",
            f"{said}{mend}",
            (off.letter,),
            (),
            faces,
            mends,
        )


def _onto_the_ruler(reading: Reading, recipes: Sequence[Recipe], terms: Terms) -> Iterator[Mend]:
    """The nearest sizes at which every cut is on the ruler, the coarsest finer ruler that has all
    cuts of this size, and an uneven grid that has them.
    """
    draft = reading.draft
    for width in sizes_on_the_ruler(draft, recipes, terms):
        if width:
            height = width * draft.height / draft.width
            yield Mend(f"take {show(width, terms.unit)} wide", finished=(width, height))
    for step in finer_steps(terms):
        if on_the_ruler(recipes, terms.on_ruler(step), Fraction(1)):
            yield Mend(f"use a ruler of {show(step, terms.unit)} steps", ruler_step=step)
            break
    lines = uneven_grid(reading)
    if lines:
        columns, rows = (", ".join(show(one, terms.unit) for one in sizes) for sizes in lines)
        both = " and rows" if columns == rows else ""
        words = f"make the columns{both} {columns}"
        yield Mend(words if both else f"{words} and the rows {rows}", lines=lines)


def _templates(cuts: Iterable[Cut]) -> Iterator[Notice]:
    letters = tuple(
        dict.fromkeys(
            purpose.letter
            for cut in cuts
            if cut.shape == "template" and not cut.rotary
            for purpose in cut.purposes
        )
    )
    if letters:
        word = "Patch" if len(letters) == 1 else "Patches"
        yield Notice(
            "template-needed",
            f"{word} {listed(letters)} cannot be cut with a ruler alone; print a template.",
            letters,
        )


def _conflicting(reading: Reading) -> Iterator[Notice]:
    for number in reading.conflicting_paints:
        paint = reading.draft.paints[number]
        face = reading.drawing.faces_at([paint.at])[0]
        if face is None:
            continue
        kept = reading.draft.fabric(reading.fabrics[face]).name
        other = reading.draft.fabric(paint.fabric).name
        letter = reading.patches[face].letter
        yield Notice(
            "two-fabrics",
            f"A patch {letter} is given {kept} and then {other}; {kept} is kept.",
            (letter,),
            (),
            (face,),
        )


def _unsuited(recipes: Iterable[Recipe]) -> Iterator[Notice]:
    for recipe in recipes:
        if recipe.unsuited:
            words = BY_NAME[recipe.group.kind].words
            yield Notice(
                "method-not-suited",
                f"Unit {recipe.group.label}, a {words}, cannot be made "
                f"{recipe.unsuited.replace('-', ' ')}; "
                f"it is planned {recipe.method.words}.",
                (),
                (recipe.group.label,),
            )


def _mirrored(recipes: Sequence[Recipe]) -> Iterator[Notice]:
    by_label = {recipe.group.label: recipe for recipe in recipes}
    for recipe in recipes:
        if not (recipe.method.mirrors and recipe.group.unit.hand):
            continue
        label = recipe.group.label
        if recipe.mirrored:
            said = (
                f"{recipe.mirrored} mirror images come with them; they make a second, mirrored "
                f"block, or are left over."
            )
        elif recipe.needs:
            other = next(name for name in recipe.serves if name != label)
            spare = recipe.spare + by_label[other].spare
            said = f"units {label} and {other} come out of the same lots" + (
                f", {spare} over." if spare else ", none over."
            )
        else:
            continue
        hands = f"Unit {label} is {recipe.group.unit.hand}-handed and made in mirrored pairs: "
        yield Notice("mirrored-pairs", hands + said, (), recipe.serves)


def _spares(recipes: Iterable[Recipe]) -> Iterator[Notice]:
    for recipe in recipes:
        left = recipe.spare - recipe.mirrored
        if recipe.spare:
            words = BY_NAME[recipe.group.kind].words
            mirror = (
                f", {recipe.mirrored} of them mirror images" if recipe.mirrored and left else ""
            )
            yield Notice(
                "spares",
                f"Unit {recipe.group.label} ({words}): {recipe.method.words} makes {recipe.makes}, "
                f"{recipe.total} {'is' if recipe.total == 1 else 'are'} needed, {recipe.spare} "
                f"left over{mirror}.",
                (),
                (recipe.group.label,),
            )


def _bias(recipes: Iterable[Recipe]) -> Iterator[Notice]:
    for recipe in recipes:
        if recipe.method.bias(recipe.group.unit):
            yield Notice(
                "bias-edge",
                f"Unit {recipe.group.label}, made {recipe.method.words}, has bias on its outer "
                f"edges: starch the cloth "
                "before cutting, with the room aired and as its maker says; press up and down, "
                "never push the iron.",
                (),
                (recipe.group.label,),
            )


def _prints(turned: Iterable[TurnedPrint], draft: Draft) -> Iterator[Notice]:
    """Prints with a direction that are turned where something can be done about it."""
    for one in turned:
        if one.better is None and not one.more:
            continue
        label, names = one.group.label, listed([draft.fabric(key).name for key in one.fabrics])
        how = (
            "lies upside down in some"
            if one.prints == "stripes"
            else "runs along its strips, which stand in the block"
            if one.in_strips
            else "does not lie the same way in all"
        )
        ways = [f"{one.better.words} it stays upright"] if one.better else []
        if one.more:
            lots = "one lot" if one.more == 1 else f"{one.more} lots"
            too = " too" if ways else ""
            ways.append(f"{lots} more to choose from would keep it upright{too}")
        mend = ", or ".join(ways)
        yield Notice(
            "print-turns",
            f"Unit {label}, made {one.way.words}: the print of {names} {how}; {mend}.",
            (),
            (label,),
        )


def _contrast(reading: Reading) -> Iterator[Notice]:
    for one, other in hard_to_tell_apart(reading):
        yield Notice(
            "low-contrast",
            f"{one.name} and {other.name} lie side by side and are hard to tell apart; the seam "
            f"between them will not show.",
        )
