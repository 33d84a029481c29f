"""Notices: what the quilter should know before she cuts, each with a code and a sentence."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass
from fractions import Fraction
from typing import Literal

from yonk.core.drawing import set_in_pieces, wholes
from yonk.core.paper import (
    Draft,
    Length,
    LengthUnit,
    Message,
    Point,
    Text,
    listed,
    message,
    sentences,
    show,
)
from yonk.core.planning.contrast import hard_to_tell_apart
from yonk.core.planning.cuts import Cut
from yonk.core.planning.in_words import cut_size_words
from yonk.core.planning.off_the_ruler import off_the_ruler, off_the_ruler_message
from yonk.core.planning.reading import Reading
from yonk.core.planning.recipes import Recipe
from yonk.core.planning.sizes import finer_steps, on_the_ruler, sizes_on_the_ruler
from yonk.core.planning.together import spans_together
from yonk.core.planning.turned_prints import TurnedPrint
from yonk.core.planning.uneven_grid import uneven_grid
from yonk.core.units import BY_NAME, FOUNDATION, CutKey, Terms, terms_of

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
    "loose-flap",
    "part-not-closed",
]


@dataclass(frozen=True)
class Mend:
    """One way out that can be taken at once: another finished size, a finer ruler, lines that lie
    on the ruler, or for a unit by its label another way or so many lots more; lengths in the
    draft's unit.
    """

    words: Message
    unit: str = ""
    method: str = ""
    more: int = 0
    finished: tuple[Fraction, Fraction] | None = None
    ruler_step: Fraction | None = None
    lines: tuple[tuple[Fraction, ...], tuple[Fraction, ...]] | None = None


@dataclass(frozen=True)
class Notice:
    """One thing to know, with the letters, units and faces it is about, and ways out of it."""

    code: NoticeCode
    text: Text
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
        *_not_closed(reading),
        *_off(reading, recipes),
        *_templates(cuts, recipes),
        *_conflicting(reading),
        *_unsuited(recipes),
        *_mirrored(recipes),
        *_spares(recipes),
        *_bias(recipes),
        *_flaps(recipes),
        *_prints(turned, reading.draft),
        *dict.fromkeys(
            notice
            for one in (reading, *(other for other, _ in colourings))
            for notice in _contrast(one)
        ),
    )


def _spot(reading: Reading, spot: tuple[int, int]) -> Message:
    return _cell(reading, reading.drawing.to_grid(spot))


def _cell(reading: Reading, at: Point) -> Message:
    """The cell below and to the right of a point, in columns and rows."""
    counts = zip(
        at,
        (len(reading.draft.columns), len(reading.draft.rows)),
        strict=True,
    )
    column, row = (min(int(count), lines - 1) + 1 for count, lines in counts)
    return message("column-and-row", column=column, row=row)


def _loose(reading: Reading) -> Iterator[Notice]:
    loose = reading.drawing.loose
    for start, end in loose[:MOST_LOOSE]:
        places = list(dict.fromkeys((_spot(reading, start), _spot(reading, end))))
        where = (
            places[0] if len(places) == 1 else message("from-to", start=places[0], end=places[1])
        )
        yield Notice("loose-seam", message("loose-seam", where=where))
    more = len(loose) - MOST_LOOSE
    if more > 0:
        yield Notice("loose-seam", message("more-loose-seams", count=more))


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
            message(
                "set-in-seam",
                where=_spot(reading, first),
                letters=listed(letters),
            ),
            letters,
            (label,) if label else (),
            faces,
        )


def _not_closed(reading: Reading) -> Iterator[Notice]:
    """Parts that were to be made as one unit, out of which patches reach since they were drawn."""
    for box in spans_together(reading.draft, reading.drawing).left_out:
        where = _cell(reading, box.corner)
        yield Notice("part-not-closed", message("part-not-closed", where=where))


def _off(reading: Reading, recipes: Sequence[Recipe]) -> Iterator[Notice]:
    terms = terms_of(reading.draft)
    found = off_the_ruler(recipes, terms)
    if not found:
        return
    mends = tuple(_onto_the_ruler(reading, recipes, terms))
    sizes = [show(one.finished[0], terms.unit) for one in mends if one.finished]
    ways = [message("mend-size", sizes=listed(sizes, "each-or"))] if sizes else []
    ways += [one.words for one in mends if one.ruler_step or one.lines]
    mend = message("to-mend-it", ways=listed(ways, "semicolon-or")) if ways else None
    for off in found:
        faces = tuple(patch.face for patch in reading.patches if patch.letter == off.letter)
        rows = Counter(reading.drawing.faces[face].box[1::2] for face in faces)
        said = off_the_ruler_message(off, reading.draft, max(rows.values(), default=1))
        yield Notice(
            "off-the-ruler",
            sentences(said, mend),
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
            yield Mend(
                message("mend-width", width=show(width, terms.unit)), finished=(width, height)
            )
    for step in finer_steps(terms):
        if on_the_ruler(recipes, terms.on_ruler(step), Fraction(1)):
            yield Mend(message("mend-ruler", step=show(step, terms.unit)), ruler_step=step)
            break
    lines = uneven_grid(reading)
    if lines:
        columns, rows = (
            listed((show(one, terms.unit) for one in sizes), "comma") for sizes in lines
        )
        words = (
            message("mend-both-lines", lines=columns)
            if columns == rows
            else message("mend-lines", columns=columns, rows=rows)
        )
        yield Mend(words, lines=lines)


def _templates(cuts: Iterable[Cut], recipes: Iterable[Recipe]) -> Iterator[Notice]:
    """Patches that no ruler cuts, and the units of them that could be sewn on a foundation."""
    letters = tuple(
        dict.fromkeys(
            purpose.letter
            for cut in cuts
            if cut.shape == "template" and not cut.rotary
            for purpose in cut.purposes
        )
    )
    if letters:
        units = tuple(
            dict.fromkeys(
                recipe.group.label
                for recipe in recipes
                if set(letters).intersection(recipe.group.unit.letters)
                and FOUNDATION.suits(recipe.group.unit)
            )
        )
        yield Notice(
            "template-needed",
            message(
                "template-needed",
                count=len(letters),
                letters=listed(letters),
                foundations=len(units),
                units=listed(units) if units else "",
            ),
            letters,
        )


def _conflicting(reading: Reading) -> Iterator[Notice]:
    for number in reading.conflicting_paints:
        paint = reading.draft.paints[number]
        face = reading.drawing.faces_at([paint.at])[0]
        if face is None:
            continue
        kept = reading.draft.fabric(reading.fabrics[face]).called
        other = reading.draft.fabric(paint.fabric).called
        letter = reading.patches[face].letter
        yield Notice(
            "two-fabrics",
            message("patch-of-two-fabrics", letter=letter, kept=kept, other=other),
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
                message(
                    "method-not-suited",
                    unit=recipe.group.label,
                    kind=words,
                    chosen=recipe.unsuited.replace("-", " "),
                    planned=recipe.method.words,
                ),
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
            said = message("mirror-images-come-with-them", count=recipe.mirrored)
        elif recipe.needs:
            other = next(name for name in recipe.serves if name != label)
            spare = recipe.spare + by_label[other].spare
            said = message("both-hands-from-the-same-lots", one=label, other=other, spare=spare)
        else:
            continue
        hand = recipe.group.unit.hand
        text = message("made-in-mirrored-pairs", unit=label, hand=hand, pairs=said)
        yield Notice("mirrored-pairs", text, (), recipe.serves)


# More loose cloth than this in the middle of geese made four at a time shows through and is bulky.
MOST_FLAP: dict[LengthUnit, Fraction] = {"in": Fraction(3, 4), "cm": Fraction(2)}


def _flaps(recipes: Iterable[Recipe]) -> Iterator[Notice]:
    """Units in whose middle cloth lies loose by more than a seam holds, by the listed cuts."""
    for recipe in recipes:
        if recipe.method.flap is None or not recipe.needs:
            continue
        sizes = [need.rounded(recipe.terms.step) for need in recipe.needs]
        flap = Length.of(recipe.method.flap(sizes))
        unit = recipe.terms.unit
        if flap > MOST_FLAP[unit]:
            text = message(
                "loose-flap",
                unit=recipe.group.label,
                by=show(flap, unit),
                most=show(MOST_FLAP[unit], unit),
            )
            yield Notice("loose-flap", text, (), (recipe.group.label,))


def _spares(recipes: Iterable[Recipe]) -> Iterator[Notice]:
    for recipe in recipes:
        left = recipe.spare - recipe.mirrored
        if recipe.spare:
            words = BY_NAME[recipe.group.kind].words
            yield Notice(
                "spares",
                message(
                    "spares",
                    unit=recipe.group.label,
                    kind=words,
                    method=recipe.method.words,
                    makes=recipe.makes,
                    needed=recipe.total,
                    spare=recipe.spare,
                    mirrored=recipe.mirrored if left else 0,
                ),
                (),
                (recipe.group.label,),
            )


def _bias(recipes: Iterable[Recipe]) -> Iterator[Notice]:
    for recipe in recipes:
        if recipe.method.bias(recipe.group.unit):
            yield Notice(
                "bias-edge",
                message(
                    "bias-on-outer-edges",
                    unit=recipe.group.label,
                    method=recipe.method.words,
                ),
                (),
                (recipe.group.label,),
            )


def _prints(turned: Iterable[TurnedPrint], draft: Draft) -> Iterator[Notice]:
    """Prints with a direction that are turned where something can be done about it."""
    for one in turned:
        if one.better is None and not one.more:
            continue
        label, names = one.group.label, listed([draft.fabric(key).called for key in one.fabrics])
        how = "upside-down" if one.prints == "stripes" else "strips" if one.in_strips else "turned"
        mends = [*_upright(one, draft)]
        yield Notice(
            "print-turns",
            message(
                "print-turns",
                unit=label,
                method=one.way.words,
                fabrics=names,
                how=how,
                mend=listed([mend.words for mend in mends], "comma-or"),
            ),
            (),
            (label,),
            (),
            tuple(mends),
        )


def _upright(turned: TurnedPrint, draft: Draft) -> Iterator[Mend]:
    """What would keep the print of a group upright: the way that does, or more to choose from."""
    label = turned.group.label
    if turned.better:
        words = message("made-so-it-stays-upright", method=turned.better.words)
        yield Mend(words, unit=label, method=turned.better.name)
    if turned.more:
        cloth = [
            message(
                "pieces-more",
                count=count,
                size=cut_size_words(what.width, what.height, draft.unit),
                fabric=draft.fabric(what.fabric).called,
            )
            for what, count in sorted(turned.more_cuts, key=lambda one: _place(one[0], draft))
        ]
        words = message(
            "more-lots-to-choose-from",
            lots=turned.more,
            too="yes" if turned.better else "no",
            cloth=listed(cloth) if cloth else "",
            asks="cloth" if cloth else "none",
        )
        yield Mend(words, unit=label, more=turned.more)


def _place(what: CutKey, draft: Draft) -> tuple[int, Fraction, Fraction]:
    """By fabric as the block has them, the largest first: alike for a block seen in a mirror."""
    keys = [fabric.key for fabric in draft.fabrics]
    return keys.index(what.fabric), -what.height, -what.width


def _contrast(reading: Reading) -> Iterator[Notice]:
    for one, other in hard_to_tell_apart(reading):
        yield Notice(
            "low-contrast",
            message("hard-to-tell-apart", one=one.called, other=other.called),
        )
